package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.Sampled;
import com.keenreel.core.text.Advances;
import com.keenreel.core.text.Breaking;
import com.keenreel.imaging.PublishedType;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What {@code layout} predicts is what a browser lays out, and what a pasted wrapper reserves is what the reel takes. */
class LayoutInBrowserTest {
    private static final double[] WIDTHS = {
        280, 390, 599, 599.5, 599.96875, 599.984375, 600, 820, 1023, 1023.984375, 1024, 1280, 1920, 2560
    };

    @Test
    void boxesAgreeWithTheLivePageAtEveryWidth() {
        try (Editor editor = new Editor()) {
            Boxes boxes = new Boxes();
            for (Map.Entry<String, Made> kind : Kinds.all(editor).entrySet()) {
                compare(kind.getKey(), kind.getValue(), boxes);
            }
            System.out.println("layout: " + boxes.said());
            assertThat(boxes.wrong()).isEmpty();
            assertThat(boxes.figures()).isGreaterThan(1000);
            assertThat(editor.problems()).isEmpty();
        }
    }

    @Test
    void boxesAgreeWhenTheReelIsReadFromRightToLeft() {
        try (Editor editor = new Editor()) {
            Boxes boxes = new Boxes();
            for (Map.Entry<String, Made> kind : Kinds.some(editor, 5).entrySet()) {
                Made reel = kind.getValue().choose("speech.language", null, "ar");
                compare("rtl " + kind.getKey(), reel, boxes);
            }
            System.out.println("layout, right to left: " + boxes.said());
            assertThat(boxes.wrong()).isEmpty();
            assertThat(editor.problems()).isEmpty();
        }
    }

    @Test
    void controlsThatHaveNoRoomOnThePictureStandBelowAtExactlyThoseWidths() {
        try (Editor editor = new Editor()) {
            Made reel = Kinds.flat(editor);
            Boxes boxes = new Boxes();
            try (Page page = reel.live()) {
                // 528 = 12 x 44 for the arrows; 740 = 5 x 148 and 1776 = 12 x 148 for arrows and the line below them
                for (double width :
                        new double[] {300, 527.5, 528, 599, 600, 739.5, 740, 1023, 1024, 1775.5, 1776, 2000}) {
                    page.setViewportSize((int) Math.ceil(width), 1000);
                    page.evaluate("width => document.body.style.width = width + 'px'", width);
                    boxes.compare("flat at " + width, Boxes.seen(page, 0), reel.layout(width, "live"));
                }
            }
            System.out.println("flat: " + boxes.said());
            assertThat(boxes.wrong()).isEmpty();
            assertThat(editor.problems()).isEmpty();
        }
    }

    @Test
    void boxesAndTypeAgreeInThirtyHostsOfOnePage() {
        try (Editor editor = new Editor()) {
            Random random = new Random(14);
            double[] widths = random.doubles(30, 280, 2560)
                    .map(width -> Math.round(width * 64) / 64.0) // what browsers lay out in
                    .toArray();
            widths[0] = 599.984375;
            widths[1] = 600;
            Boxes boxes = new Boxes();
            int lines = 0;
            Page page = editor.open(Running.application().site() + "/nothing-here");
            editor.problems().clear(); // that there is nothing
            page.addScriptTag(
                    new Page.AddScriptTagOptions().setUrl(Running.application().origin() + "/reel.js"));
            for (Map.Entry<String, Made> kind : Kinds.some(editor, 6).entrySet()) {
                Made reel = kind.getValue();
                String element = reel.publish().path("plainElement").asString().replaceAll("<script.*?</script>", "");
                page.evaluate(
                        "([element, widths]) => { document.body.innerHTML = widths.map((width) => `<div style=\"width:${width}px\">${element}</div>`).join('') }",
                        List.of(element, Arrays.stream(widths).boxed().toList()));
                for (int i = 0; i < widths.length; i++) {
                    JsonNode seen = Boxes.seen(page, i);
                    JsonNode predicted = reel.layout(widths[i], "live");
                    boxes.compare(kind.getKey() + " in " + widths[i], seen, predicted);
                    lines += boxes.compareType(kind.getKey() + " in " + widths[i], seen, predicted);
                }
            }
            System.out.println("thirty hosts: " + boxes.said() + ", " + lines + " lines and panels among them");
            assertThat(boxes.wrong()).isEmpty();
            assertThat(lines).isGreaterThan(150);
            assertThat(editor.problems()).isEmpty();
        }
    }

    /** Some of what {@code ./prove layout} looks at, others in every run. */
    @Test
    void boxesAgreeWhateverIsChosen() {
        List<LayoutCases.Case> all = LayoutCases.all();
        try (LayoutCases cases = new LayoutCases()) {
            List<LayoutCases.Case> some = Sampled.of(all, 400);
            some.forEach(cases::look);
            System.out.println("whatever is chosen: " + some.size() + " of " + all.size() + " choices in "
                    + LayoutCases.WIDTHS + " widths, " + cases.said());
            assertThat(cases.wrong()).isEmpty();
            assertThat(cases.figures()).isGreaterThan(300_000);
        }
    }

    private static void compare(String kind, Made reel, Boxes boxes) {
        try (Page page = reel.live()) {
            for (double width : WIDTHS) {
                page.setViewportSize((int) Math.ceil(width), 1000);
                page.evaluate("width => document.body.style.width = width + 'px'", width);
                boxes.compare(kind + " at " + width, Boxes.seen(page, 0), reel.layout(width, "live"));
            }
        }
    }

    @Test
    void aPastedWrapperReservesTheHeightBeforeAnyScriptRuns() {
        try (Editor editor = new Editor()) {
            double worst = 0;
            for (Map.Entry<String, Made> kind : Kinds.some(editor, 5).entrySet()) {
                String snippet =
                        kind.getValue().publish().path("element").asString().replaceAll("<script.*?</script>", "");
                Page page = editor.open(Running.application().site() + "/nothing-here");
                page.evaluate("html => { document.body.innerHTML = html; document.body.style.margin = 0 }", snippet);
                for (double width : WIDTHS) {
                    page.setViewportSize(2600, 1000);
                    page.evaluate("width => document.body.style.width = width + 'px'", width);
                    double reserved = ((Number) page.evaluate(
                                    "() => document.querySelector('keen-reel').getBoundingClientRect().height"))
                            .doubleValue();
                    double height = height(kind.getValue().layout(width, "live"));
                    worst = Math.max(worst, Math.abs(reserved - height));
                    assertThat(reserved)
                            .as(kind.getKey() + " at " + width)
                            .isCloseTo(height, org.assertj.core.api.Assertions.within(0.05));
                }
                page.close();
            }
            System.out.printf("wrapper: worst difference %.4f px%n", worst);
        }
    }

    @Test
    void whereItIsHiddenItTakesNoRoomAndElsewhereItGoesByTheWindow() {
        try (Editor editor = new Editor()) {
            Made reel = editor.make("Hidden", "row", "full", Kinds.SIX)
                    .choose("shape.hidden", "phone", "true")
                    .choose("shape.around", null, "40")
                    .choose("look.shadow", null, "around")
                    .choose("shape.height", "desk", "window");
            Boxes boxes = new Boxes();
            try (Page page = reel.live()) {
                for (int width : new int[] {390, 900, 1280}) {
                    page.setViewportSize(width, 800);
                    boxes.compare("hidden on phone, at " + width, Boxes.seen(page, 0), reel.layout(width, "live"));
                    Object host =
                            page.evaluate("() => document.querySelector('keen-reel').getBoundingClientRect().height");
                    assertThat(((Number) host).doubleValue() == 0)
                            .as("at " + width)
                            .isEqualTo(width == 390);
                }
            }
            assertThat(boxes.wrong()).isEmpty();
            assertThat(boxes.figures()).isGreaterThan(20);
            reel.choose("shape.hidden", null, "true");
            for (String address : List.of(
                    "/reels",
                    "/reels/" + reel.id,
                    "/reels/" + reel.id + "/publish",
                    "/reels/" + reel.id + "/arrangements")) {
                assertThat(editor.text(Running.application().origin() + address))
                        .as(address)
                        .isNotEmpty();
            }
            Made band = Kinds.marquee(editor).choose("shape.hidden", null, "true");
            band.publish();
            assertThat(editor.text(Running.application().origin() + "/reels")).contains("Band of the kinds");
            Page publish = editor.open("/reels/" + reel.id + "/publish");
            assertThat(publish.locator("[data-unframed]").count())
                    .as("a window's height is for no frame")
                    .isEqualTo(1);
            assertThat(publish.locator("[data-copy=frame], [data-copy=folder]").count())
                    .isZero();
            assertThat(editor.problems()).isEmpty();
        }
    }

    private static final List<String> TEXTS = List.of(
            "Tiles that were nearly lost",
            "We find it, take it up, clean it, and bring it back: every piece has a number, and a place it came from.",
            "A well-kept, hand-laid half-hexagon floor in the stair-well of No. 14/16, second floor",
            "Restaurierung der Treppenhausfliesen im Wohnungsgenossenschaftshaus, Donaudampfschifffahrtsgasse 7",
            "Les carreaux du vestibule, rue de l\u2019Église : déposés, nettoyés, reposés (1904\u20131911)",
            "kiln@fennock.example & www.fennock.example/open-workshop-days?on=saturday",
            "Über 1 200 m² Jugendstil, in Grün & Ocker \u2013 seit dem 3. Mai wieder da!",
            "Gå på besök i verkstaden, första helgen i varje månad, 10\u201316");

    private static final String LINES = """
            ([family, texts, widths, size, weight]) => {
              const probe = document.body.appendChild(document.createElement('p'));
              probe.className = 'title';
              Object.assign(probe.style, { margin: 0, font: `${weight} ${size}px/${2 * size}px "${family}"`, overflowWrap: 'break-word', textRendering: 'geometricPrecision', textWrap: weight === 700 ? 'pretty' : 'wrap' });
              const lines = texts.map((text) => {
                probe.textContent = text;
                return widths.map((width) => {
                  probe.style.width = `${width}px`;
                  return Math.round(probe.getBoundingClientRect().height / (2 * size));
                });
              });
              probe.remove();
              return lines;
            }""";

    /** So what is said to be cut off is cut off, at all widths. */
    @Test
    @SuppressWarnings("unchecked")
    void textTakesAsManyLinesAsIsPredicted() {
        try (Editor editor = new Editor()) {
            Made reel = Kinds.row(editor);
            Page page = reel.live();
            page.waitForFunction("() => [...document.fonts].every((face) => face.status === 'loaded')");
            String family = (String) page.evaluate("() => [...document.fonts][0].family.replaceAll('\"', '')");
            List<Double> widths = new Random(5)
                    .doubles(120, 60, 700)
                    .map(width -> Math.round(width * 64) / 64.0)
                    .boxed()
                    .toList();
            Advances type = new PublishedType();
            List<String> wrong = new ArrayList<>();
            for (boolean bold : new boolean[] {false, true}) {
                for (double size : new double[] {15, 18.4, 26}) {
                    List<List<Number>> seen = (List<List<Number>>)
                            page.evaluate(LINES, List.of(family, TEXTS, widths, size, bold ? 700 : 400));
                    for (int t = 0; t < TEXTS.size(); t++) {
                        for (int w = 0; w < widths.size(); w++) {
                            int predicted = Breaking.lines(TEXTS.get(t), bold, size, widths.get(w), type);
                            int shown = seen.get(t).get(w).intValue();
                            if (predicted != shown) {
                                wrong.add(predicted + " for " + shown + " lines at " + widths.get(w) + " px, " + size
                                        + (bold ? " bold: " : ": ") + TEXTS.get(t));
                            }
                        }
                    }
                }
            }
            int compared = 2 * 3 * TEXTS.size() * widths.size();
            System.out.println("lines: " + compared + " compared, " + wrong.size() + " differ");
            assertThat(wrong).hasSizeLessThan(compared / 500); // a word that fits by a hair, or is broken within
        }
    }

    private static double height(JsonNode layout) {
        for (JsonNode box : layout.path("boxes")) {
            if (box.path("name").asString().equals("frame")) {
                return 2 * box.path("y").asDouble() + box.path("height").asDouble(); // and the space around
            }
        }
        throw new AssertionError("no frame in " + layout);
    }
}
