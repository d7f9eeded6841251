package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.Page;
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
            for (Map.Entry<String, Made> kind : Kinds.all(editor).entrySet()) {
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
            for (Map.Entry<String, Made> kind : Kinds.all(editor).entrySet()) {
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
            assertThat(lines).isGreaterThan(300);
            assertThat(editor.problems()).isEmpty();
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
            for (Map.Entry<String, Made> kind : Kinds.all(editor).entrySet()) {
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

    private static double height(JsonNode layout) {
        for (JsonNode box : layout.path("boxes")) {
            if (box.path("name").asString().equals("frame")) {
                return box.path("height").asDouble();
            }
        }
        throw new AssertionError("no frame in " + layout);
    }
}
