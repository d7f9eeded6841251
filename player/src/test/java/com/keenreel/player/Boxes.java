package com.keenreel.player;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Holds the boxes that a browser laid out against those that {@code layout} predicted. */
public final class Boxes {
    /** CSS px. */
    public static final double TOLERANCE = 0.1;

    /** The same of corners in depth, where a browser counts with few digits. */
    private static final double PROJECTED = 0.5;

    /** Of the height of what is cut off in depth: the same where nobody sees it. */
    private static final double CUT_OFF = 0.002;

    /**
     * Every box that can be seen, from the host's corner, with all animations held at 0; what is left in depth of those that
     * something cuts off; and the host's width. All are as laid out: a transform of the page around it is taken out again.
     */
    public static final String SEEN = """
            async (index) => {
              const host = document.querySelectorAll('keen-reel')[index];
              await host.ready;
              await document.fonts.ready;
              const root = host.shadowRoot;
              const late = () => root.querySelector('.fits:not(.ready), .screen:not(.ready)'); // they wait for their scripts
              for (let frames = 0; frames < 600 && late(); frames++) await new Promise(requestAnimationFrame);
              await (%2$s)(root, () => 0);
              root.getAnimations().forEach((animation) => {
                if (animation.effect.target.matches('[class^=picture]')) animation.cancel(); // what moves within its frame stands at its place
              });
              const origin = host.getBoundingClientRect();
              const said = origin.width / parseFloat(getComputedStyle(host).width); // of which few digits are said
              const scale = Math.abs(said - 1) < 1e-4 ? 1 : said;
              const hostWidth = origin.width / scale;
              const boxes = {};
              const hairs = []; // seen as a hairline, or just not: nobody can tell
              const cut = [];
              const measure = (element) => {
                const box = element.getBoundingClientRect();
                return [box.left - origin.left, box.top - origin.top, box.width, box.height].map((px) => px / scale);
              };
              for (const element of root.querySelectorAll('[data-box]')) {
                const waits = element.matches('.arrow, .thumbs, .label-before, .label-after'); // they may be seen once the reel is pointed at
                if (!element.checkVisibility({ visibilityProperty: true, opacityProperty: !waits })) continue;
                const box = element.getBoundingClientRect();
                let [left, top, right, bottom] = [box.left, box.top, box.right, box.bottom];
                for (let around = element.parentElement; around; around = around.parentElement) {
                  if (!around.matches('.view, .crop, .band .slide')) continue;
                  const clip = around.getBoundingClientRect();
                  [left, top, right, bottom] = [Math.max(left, clip.left), Math.max(top, clip.top), Math.min(right, clip.right), Math.min(bottom, clip.bottom)];
                }
                const least = Math.min(right - left, bottom - top);
                if (least < -%1$s) continue;
                if (least < %1$s) hairs.push(element.dataset.box);
                boxes[element.dataset.box] = measure(element);
                const slide = element.parentElement.closest('.slide');
                if (slide && getComputedStyle(slide).transform !== 'none') cut.push(element);
              }
              const shown = {};
              const left = cut.map((element) => { // of its box, where it lies
                const px = (of) => ['left', 'top', 'width', 'height'].map((name) => parseFloat(getComputedStyle(of)[name]) || 0);
                const [x, y, width, height] = px(element);
                let [fromX, fromY, toX, toY] = [x, y, x + width, y + height];
                let [movedX, movedY] = [0, 0];
                for (let around = element.parentElement; !around.matches('.slide'); around = around.parentElement) {
                  const [x, y, width, height] = px(around);
                  if (getComputedStyle(around).overflowX === 'clip') {
                    [fromX, fromY] = [Math.max(fromX, -movedX), Math.max(fromY, -movedY)];
                    [toX, toY] = [Math.min(toX, width - movedX), Math.min(toY, height - movedY)];
                  }
                  [movedX, movedY] = [movedX + x, movedY + y];
                }
                const probe = document.createElement('i');
                probe.style.cssText = `position:absolute;left:${fromX}px;top:${fromY}px;width:${toX - fromX}px;height:${toY - fromY}px`;
                return [element, probe];
              });
              left.forEach(([element, probe]) => element.parentElement.append(probe));
              left.forEach(([element, probe]) => { shown[element.dataset.box] = measure(probe); });
              left.forEach(([, probe]) => probe.remove());
              const type = {};
              for (const words of root.querySelectorAll('.words')) {
                for (const line of words.querySelectorAll('.panel, .title, .text, .button')) {
                  if (!line.checkVisibility()) continue;
                  const style = getComputedStyle(line);
                  const px = ['font-size', 'line-height', 'max-width', 'padding-top', 'padding-right', 'padding-bottom', 'padding-left', 'margin-top', 'height'];
                  const all = Object.fromEntries(px.map((name) => [name, parseFloat(style.getPropertyValue(name))]));
                  type[`${words.dataset.box} ${line.className}`] = all;
                }
              }
              return JSON.stringify({ boxes, hairs, shown, type, width: hostWidth, height: origin.height / scale });
            }""".formatted(TOLERANCE, Clock.HOLD.strip());

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final List<String> SIDES = List.of("x", "y", "width", "height");

    private int figures;
    private double worst;
    private String worstAt = "";
    private final List<String> wrong = new ArrayList<>();

    /** The boxes of the n-th reel of a page, counted from 0: {boxes, width, height}. */
    public static JsonNode seen(Page page, int index) {
        return JSON.readTree((String) page.evaluate(SEEN, index));
    }

    /** The boxes of the first so many reels of a page, all of them held in the same moment. */
    public static JsonNode allSeen(Page page, int count) {
        return JSON.readTree((String) page.evaluate(
                "async (count) => `[${(await Promise.all(Array.from({ length: count }, (_, i) => (" + SEEN
                        + ")(i)))).join()}]`",
                count));
    }

    /** Compares how words are set with a prediction; gives back how many of them are seen. */
    public int compareType(String where, JsonNode seen, JsonNode predicted) {
        int lines = 0;
        for (JsonNode set : predicted.path("type")) {
            String name = set.path("name").asString();
            JsonNode there = seen.path("type").path(name);
            if (there.isMissingNode()) {
                continue; // it says nothing, or is not seen at the first moment
            }
            lines++;
            set.path("properties")
                    .properties()
                    .forEach(property -> compare(
                            where + ", " + name + " " + property.getKey(),
                            there.path(property.getKey()).asDouble(-1),
                            property.getValue().asDouble(),
                            TOLERANCE));
        }
        return lines;
    }

    /** Compares what is seen with a prediction. */
    public void compare(String where, JsonNode seen, JsonNode predicted) {
        Map<String, String> names = new TreeMap<>();
        seen.path("boxes").properties().forEach(entry -> names.put(entry.getKey(), "not predicted"));
        for (JsonNode box : predicted.path("boxes")) {
            String name = box.path("name").asString();
            String what = where + ", " + name;
            names.remove(name);
            JsonNode there = seen.path("boxes").path(name);
            if (there.isMissingNode()) {
                wrong.add(what + ": not in the page");
                continue;
            }
            if (box.path("shown").isArray()) {
                box(what + " as cut off", seen.path("shown").path(name), around(box.path("shown")), PROJECTED);
                cutOff(what, there, box);
            } else {
                box(what, there, box, box.path("corners").isArray() ? PROJECTED : TOLERANCE);
            }
        }
        seen.path("hairs").forEach(hair -> names.remove(hair.asString()));
        names.forEach((name, problem) -> wrong.add(where + ", " + name + ": " + problem));
    }

    /** The least box around corners. */
    private static JsonNode around(JsonNode corners) {
        DoubleSummaryStatistics across = new DoubleSummaryStatistics();
        DoubleSummaryStatistics down = new DoubleSummaryStatistics();
        corners.forEach(corner -> {
            across.accept(corner.path("x").asDouble());
            down.accept(corner.path("y").asDouble());
        });
        return JSON.createObjectNode()
                .put("x", across.getMin())
                .put("y", down.getMin())
                .put("width", across.getMax() - across.getMin())
                .put("height", down.getMax() - down.getMin());
    }

    /**
     * A whole picture, of which its frame shows a part. The rest, which nobody sees, may come many times as near as the reel,
     * where browsers round much; but the picture is not moved within its frame.
     */
    private void cutOff(String what, JsonNode seen, JsonNode predicted) {
        double allowed = Math.max(PROJECTED, predicted.path("height").asDouble() * CUT_OFF);
        for (int i = 0; i < SIDES.size(); i++) {
            String side = SIDES.get(i);
            differ(what + " " + side, there(seen, i), predicted.path(side).asDouble(), allowed);
        }
    }

    private void box(String what, JsonNode seen, JsonNode predicted, double allowed) {
        for (int i = 0; i < SIDES.size(); i++) {
            compare(
                    what + " " + SIDES.get(i),
                    there(seen, i),
                    predicted.path(SIDES.get(i)).asDouble(),
                    allowed);
        }
    }

    private static double there(JsonNode seen, int side) {
        return seen.path(side).asDouble(Double.NaN);
    }

    private void compare(String what, double seen, double predicted, double allowed) {
        figures++;
        double difference = Math.abs(seen - predicted);
        if (difference > worst) {
            worst = difference;
            worstAt = what;
        }
        differ(what, seen, predicted, allowed);
    }

    private void differ(String what, double seen, double predicted, double allowed) {
        if (!(Math.abs(seen - predicted) <= allowed)) {
            wrong.add(what + ": predicted " + predicted + ", is " + seen);
        }
    }

    public List<String> wrong() {
        return wrong;
    }

    public int figures() {
        return figures;
    }

    /** "2088 figures compared, worst difference 0.0240 px (...)". */
    public String said() {
        return String.format("%d figures compared, worst difference %.4f px (%s)", figures, worst, worstAt);
    }
}
