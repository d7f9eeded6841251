package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What {@code layout} predicts is what a browser lays out, and what a pasted wrapper reserves is what the reel takes. */
class LayoutInBrowserTest {
    private static final double[] WIDTHS = {280, 390, 599, 599.5, 600, 820, 1023, 1024, 1280, 1920, 2560};
    private static final double TOLERANCE = 0.1;

    /** Every box that can be seen, from the host's corner, with all animations held at 0. */
    private static final String BOXES = """
            async () => {
              const host = document.querySelector('keen-reel');
              await host.ready;
              await document.fonts.ready;
              await new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)));
              const root = host.shadowRoot;
              root.getAnimations().forEach((animation) => { animation.pause(); animation.currentTime = 0; });
              const origin = host.getBoundingClientRect();
              const boxes = {};
              for (const element of root.querySelectorAll('[data-box]')) {
                if (!element.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue;
                const box = element.getBoundingClientRect();
                let [left, top, right, bottom] = [box.left, box.top, box.right, box.bottom];
                for (let around = element.parentElement; around; around = around.parentElement) {
                  if (!around.matches('.view, .crop')) continue;
                  const clip = around.getBoundingClientRect();
                  [left, top, right, bottom] = [Math.max(left, clip.left), Math.max(top, clip.top), Math.min(right, clip.right), Math.min(bottom, clip.bottom)];
                }
                if (right - left < 0.02 || bottom - top < 0.02) continue;
                boxes[element.dataset.box] = [box.left - origin.left, box.top - origin.top, box.width, box.height];
              }
              return JSON.stringify(boxes);
            }""";

    @Test
    void boxesAgreeWithTheLivePageAtEveryWidth() {
        try (Editor editor = new Editor()) {
            int figures = 0;
            double worst = 0;
            String worstAt = "";
            List<String> wrong = new ArrayList<>();
            for (Map.Entry<String, Made> kind : Kinds.all(editor).entrySet()) {
                String address = kind.getValue().publish().path("address").asString();
                Page page = editor.open(address);
                for (double width : WIDTHS) {
                    page.setViewportSize((int) Math.ceil(width), 1000);
                    page.evaluate("width => document.body.style.width = width + 'px'", width);
                    JsonNode found = Editor.JSON.readTree((String) page.evaluate(BOXES));
                    JsonNode predicted = kind.getValue().layout(width, "live").path("boxes");
                    TreeMap<String, String> names = new TreeMap<>();
                    found.properties().forEach(entry -> names.put(entry.getKey(), "not predicted"));
                    for (JsonNode box : predicted) {
                        String name = box.path("name").asString();
                        names.remove(name);
                        JsonNode there = found.path(name);
                        String where = kind.getKey() + " at " + width + ", " + name;
                        if (there.isMissingNode()) {
                            wrong.add(where + ": not in the page");
                            continue;
                        }
                        String[] sides = {"x", "y", "width", "height"};
                        for (int i = 0; i < 4; i++) {
                            double difference = Math.abs(box.path(sides[i]).asDouble()
                                    - there.path(i).asDouble());
                            figures++;
                            if (difference > worst) {
                                worst = difference;
                                worstAt = where + " " + sides[i];
                            }
                            if (difference > TOLERANCE) {
                                wrong.add(where + " " + sides[i] + ": predicted "
                                        + box.path(sides[i]).asDouble() + ", is "
                                        + there.path(i).asDouble());
                            }
                        }
                    }
                    names.forEach((name, problem) ->
                            wrong.add(kind.getKey() + " at " + width + ", " + name + ": " + problem));
                }
                page.close();
            }
            System.out.printf("layout: %d figures compared, worst difference %.4f px (%s)%n", figures, worst, worstAt);
            assertThat(wrong).isEmpty();
            assertThat(figures).isGreaterThan(1000);
            assertThat(editor.problems()).isEmpty();
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
