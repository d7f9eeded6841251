package com.keenreel.app;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;

/** Holds the boxes that a browser laid out against those that {@code layout} predicted. */
public final class Boxes {
    /** CSS px. */
    static final double TOLERANCE = 0.1;

    /** The same of corners that are seen in depth, where a browser counts with few digits. */
    static final double PROJECTED = 0.5;

    /** To so much browsers round the reel's own width, px: what is many times as high is off by as many times that. */
    private static final double ROUNDED = 1.0 / 64;

    /**
     * Every box that can be seen, from the host's corner, with all animations held at 0; and the host's width. Both are
     * as laid out: a transform of the page around it is taken out again.
     */
    public static final String SEEN = """
            async (index) => {
              const host = document.querySelectorAll('keen-reel')[index];
              await host.ready;
              await document.fonts.ready;
              await new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)));
              const root = host.shadowRoot;
              root.getAnimations().forEach((animation) => { animation.pause(); animation.currentTime = 0; });
              const origin = host.getBoundingClientRect();
              const hostWidth = parseFloat(getComputedStyle(host).width);
              const scale = origin.width / hostWidth;
              const boxes = {};
              for (const element of root.querySelectorAll('[data-box]')) {
                if (!element.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue;
                const box = element.getBoundingClientRect();
                let [left, top, right, bottom] = [box.left, box.top, box.right, box.bottom];
                for (let around = element.parentElement; around; around = around.parentElement) {
                  if (!around.matches('.view, .crop, .band .slide')) continue;
                  const clip = around.getBoundingClientRect();
                  [left, top, right, bottom] = [Math.max(left, clip.left), Math.max(top, clip.top), Math.min(right, clip.right), Math.min(bottom, clip.bottom)];
                }
                if (right - left < 0.02 || bottom - top < 0.02) continue;
                boxes[element.dataset.box] = [box.left - origin.left, box.top - origin.top, box.width, box.height].map((px) => px / scale);
              }
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
              return JSON.stringify({ boxes, type, width: hostWidth, height: origin.height / scale });
            }""";

    private int figures;
    private double worst;
    private String worstAt = "";
    private final List<String> wrong = new ArrayList<>();
    private double allowed = TOLERANCE;
    private final double projected;

    /** Every corner is held to the same. */
    public Boxes() {
        this(TOLERANCE);
    }

    /** Corners that are seen in depth are held to so many CSS px. */
    Boxes(double projected) {
        this.projected = projected;
    }

    /** The boxes of the n-th reel of a page, counted from 0: {boxes, width, height}. */
    static JsonNode seen(Page page, int index) {
        return Editor.JSON.readTree((String) page.evaluate(SEEN, index));
    }

    /** Compares how words are set with a prediction; gives back how many of them are seen. */
    int compareType(String where, JsonNode seen, JsonNode predicted) {
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
                            property.getValue().asDouble()));
        }
        return lines;
    }

    /** Compares what is seen with a prediction. */
    public void compare(String where, JsonNode seen, JsonNode predicted) {
        Map<String, String> names = new TreeMap<>();
        seen.path("boxes").properties().forEach(entry -> names.put(entry.getKey(), "not predicted"));
        double frame = 0;
        double flat = TOLERANCE;
        for (JsonNode box : predicted.path("boxes")) {
            String name = box.path("name").asString();
            double height = box.path("height").asDouble();
            if (name.equals("frame")) {
                frame = height;
                flat = Math.max(TOLERANCE, height / box.path("width").asDouble() * ROUNDED);
            }
            double nearer = Math.max(
                    1, height / frame); // than the reel itself: what is rounded grows twice, with distance and size
            allowed = box.path("corners").isArray() ? Math.max(flat, projected) * nearer * nearer : flat;
            names.remove(name);
            JsonNode there = seen.path("boxes").path(name);
            if (there.isMissingNode()) {
                wrong.add(where + ", " + name + ": not in the page");
                continue;
            }
            String[] sides = {"x", "y", "width", "height"};
            for (int i = 0; i < 4; i++) {
                compare(
                        where + ", " + name + " " + sides[i],
                        there.path(i).asDouble(),
                        box.path(sides[i]).asDouble());
            }
        }
        allowed = flat;
        names.forEach((name, problem) -> wrong.add(where + ", " + name + ": " + problem));
    }

    private void compare(String what, double seen, double predicted) {
        double difference = Math.abs(seen - predicted);
        figures++;
        if (difference > worst) {
            worst = difference;
            worstAt = what;
        }
        if (difference > allowed) {
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
