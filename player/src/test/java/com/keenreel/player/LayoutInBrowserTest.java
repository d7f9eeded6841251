package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sampled;
import com.keenreel.core.text.Advances;
import com.keenreel.core.text.Breaking;
import com.keenreel.imaging.PublishedType;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What {@code layout} predicts is what a browser lays out, and what a pasted wrapper reserves is what the reel takes. */
class LayoutInBrowserTest extends ReelPages {
    private static final double[] WIDTHS = {
        280, 390, 599, 599.5, 599.96875, 599.984375, 600, 820, 1023, 1023.984375, 1024, 1280, 1920, 2560
    };

    /** One reel of each kind on one page, in windows of those widths. */
    @Test
    void boxesAgreeInWindowsOfEveryWidthReadEitherWay() {
        Boxes boxes = new Boxes();
        for (String language : List.of("en", "ar")) {
            List<StaticReel> kinds = List.copyOf(Kinds.all(reels).values());
            StringBuilder body = new StringBuilder("<body style=\"margin:0\">");
            kinds.forEach(reel ->
                    body.append(reel.choose("speech.language", null, language).plainElement()));
            Page page = visitor.open(pages.page("/kinds", Pages.html("", body + "</body>"), Map.of()));
            assertThat(page.locator("keen-reel .run")).hasCount(kinds.size());
            for (double width : WIDTHS) {
                widen(page, width);
                JsonNode seen = Boxes.allSeen(page, kinds.size());
                for (int i = 0; i < kinds.size(); i++) {
                    StaticReel reel = kinds.get(i);
                    boxes.compare(reel.name + ", " + language + " at " + width, seen.path(i), reel.layout(width));
                }
            }
            page.close();
        }
        System.out.println("layout: " + boxes.said());
        assertThat(boxes.wrong()).isEmpty();
        assertThat(boxes.figures()).isGreaterThan(10_000);
    }

    @Test
    void boxesAgreeAtTheAddressOfEveryKind() {
        Boxes boxes = new Boxes();
        Kinds.all(reels).forEach((kind, reel) -> {
            try (Page page = reel.live()) {
                for (double width : new double[] {390, 599.984375, 1280}) {
                    widen(page, width);
                    boxes.compare(kind + " at " + width, Boxes.seen(page, 0), reel.layout(width));
                }
            }
        });
        System.out.println("addresses: " + boxes.said());
        assertThat(boxes.wrong()).isEmpty();
        assertThat(boxes.figures()).isGreaterThan(1000);
    }

    @Test
    void controlsThatHaveNoRoomOnThePictureStandBelowAtExactlyThoseWidths() {
        StaticReel reel = Kinds.flat(reels);
        // 528 = 12 x 44 for the arrows; 740 = 5 x 148 and 1776 = 12 x 148 for arrows and the line below them
        double[] widths = {300, 527.5, 528, 599, 600, 739.5, 740, 1023, 1024, 1775.5, 1776, 2000};
        Boxes boxes = new Boxes();
        agree(reel, widths, boxes);
        System.out.println("flat: " + boxes.said());
        assertThat(boxes.wrong()).isEmpty();
    }

    /** Compares a reel in boxes of those widths on one page; returns how many lines and panels were among that. */
    private int agree(StaticReel reel, double[] widths, Boxes boxes) {
        int lines = 0;
        try (Page page = hosts(reel, widths)) {
            JsonNode seen = Boxes.allSeen(page, widths.length);
            List<JsonNode> predicted = reel.layouts(listed(widths));
            for (int i = 0; i < widths.length; i++) {
                String where = reel.name + " in " + widths[i];
                boxes.compare(where, seen.path(i), predicted.get(i));
                lines += boxes.compareType(where, seen.path(i), predicted.get(i));
            }
        }
        return lines;
    }

    @Test
    void boxesAndTypeAgreeInThirtyHostsOfOnePage() {
        double[] widths = new Random(14)
                .doubles(30, 280, 2560)
                .map(width -> Math.round(width * 64) / 64.0) // what browsers lay out in
                .toArray();
        widths[0] = 599.984375;
        widths[1] = 600;
        Boxes boxes = new Boxes();
        int lines = 0;
        for (StaticReel reel : Kinds.some(reels, 6).values()) {
            lines += agree(reel, widths, boxes);
        }
        System.out.println("thirty hosts: " + boxes.said() + ", " + lines + " lines and panels among them");
        assertThat(boxes.wrong()).isEmpty();
        assertThat(lines).isGreaterThan(150);
    }

    /** Some of what {@code ./prove layout} looks at, others in every run. */
    @Test
    void boxesAgreeWhateverIsChosen() {
        List<LayoutCases.Case> all = LayoutCases.all();
        try (LayoutCases cases = new LayoutCases()) {
            List<LayoutCases.Case> some = Sampled.of(all, 60);
            some.forEach(cases::look);
            System.out.println("whatever is chosen: " + some.size() + " of " + all.size() + " choices in "
                    + LayoutCases.WIDTHS + " widths, " + cases.said());
            assertThat(cases.wrong()).isEmpty();
            assertThat(cases.figures()).isGreaterThan(60_000);
        }
    }

    @Test
    void aPastedWrapperReservesTheHeightBeforeAnyScriptRuns() {
        double worst = 0;
        List<StaticReel> kinds = List.copyOf(Kinds.all(reels).values());
        StringBuilder body = new StringBuilder("<body style=\"margin:0\">");
        kinds.forEach(reel -> body.append(reel.element().replaceAll("<script.*?</script>", "")));
        Page page = visitor.open(pages.page("/reserved", Pages.html("", body + "</body>"), Map.of()));
        page.setViewportSize(2600, 1000);
        for (double width : WIDTHS) {
            page.evaluate("width => document.body.style.width = width + 'px'", width);
            List<?> reserved = (List<?>)
                    page.evaluate(
                            "() => [...document.querySelectorAll('keen-reel')].map((reel) => reel.getBoundingClientRect().height)");
            for (int i = 0; i < kinds.size(); i++) {
                double height = height(kinds.get(i).layout(width));
                double there = ((Number) reserved.get(i)).doubleValue();
                worst = Math.max(worst, Math.abs(there - height));
                assertThat(there).as(kinds.get(i).name + " at " + width).isCloseTo(height, within(0.05));
            }
        }
        System.out.printf("wrapper: worst difference %.4f px%n", worst);
    }

    @Test
    void whereItIsHiddenItTakesNoRoomAndElsewhereItGoesByTheWindow() {
        StaticReel reel = reels.make("Hidden", "row", "full", Kinds.SIX)
                .choose("shape.hidden", "phone", "true")
                .choose("shape.around", null, "40")
                .choose("look.shadow", null, "around")
                .choose("shape.height", "desk", "window");
        Boxes boxes = new Boxes();
        Page page = reel.live();
        for (int width : new int[] {390, 900, 1280}) {
            page.setViewportSize(width, 800);
            boxes.compare("hidden on phone, at " + width, Boxes.seen(page, 0), reel.layout(width));
            Object host = page.evaluate("() => document.querySelector('keen-reel').getBoundingClientRect().height");
            assertThat(((Number) host).doubleValue() == 0).as("at " + width).isEqualTo(width == 390);
        }
        assertThat(boxes.wrong()).isEmpty();
        assertThat(boxes.figures()).isGreaterThan(20);
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
        Page page = Kinds.row(reels).live();
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

    private static double height(JsonNode layout) {
        for (JsonNode box : layout.path("boxes")) {
            if (box.path("name").asString().equals("frame")) {
                return 2 * box.path("y").asDouble() + box.path("height").asDouble(); // and the space around
            }
        }
        throw new AssertionError("no frame in " + layout);
    }
}
