package com.keenreel.app.reels;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Starter;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Widths;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jsoup.nodes.Element;

/** A starter drawn on a desk page and on a phone page at one scale, by the same layout that visitors meet. */
final class StarterDrawing {
    private static final double SCALE = 0.083;
    private static final double PAGE_HEIGHT = 700;
    private static final int[][] LOGOS = {{100, 100}, {240, 80}, {120, 100}, {200, 60}, {100, 100}, {300, 60}};

    private final Element svg = new Element("svg")
            .attr("viewBox", "0 0 152 60")
            .attr("width", "152")
            .attr("height", "60")
            .attr("aria-hidden", "true")
            .addClass("starter-drawing");

    private StarterDrawing() {}

    static String of(Starter starter) {
        StarterDrawing drawing = new StarterDrawing();
        drawing.page(starter, 1280, 0.5);
        drawing.page(starter, 390, 118.5);
        return drawing.svg.outerHtml();
    }

    private void page(Starter starter, double page, double x) {
        Element group = svg.appendElement("g").attr("transform", "translate(" + Numbers.plain(x) + " 0.5)");
        rect(group, "page", 0, 0, page, PAGE_HEIGHT);
        rect(group, "hint", 40, 40, Math.min(260, page / 3), 22);
        Reel reel = reel(starter);
        double slot = Widths.slot(reel.slot()).at(page);
        double left = (page - slot) / 2;
        double top = 100;
        List<Measured> boxes = Layout.of(reel, facts(reel)).at(slot, Layout.WINDOW);
        Map<String, Measured> slides = new LinkedHashMap<>();
        boxes.forEach(box -> slides.put(box.name(), box));
        boolean over = reel.choices().get(Options.WORDS_PLACE, SetUp.DESK).over();
        double drop = isCropped(reel) ? top : 180;
        Measured frame = Objects.requireNonNull(slides.get("frame"));
        Measured divider = slides.get("divider");
        for (Measured box : boxes) {
            String kind = kind(box.name());
            Measured cell = slides.getOrDefault("slide-" + box.name().replaceAll("\\D", ""), frame);
            double from = Math.max(box.x(), cell.x());
            double right = Math.min(Math.min(box.x() + box.width(), cell.x() + cell.width()), slot);
            double upper = Math.max(box.y(), cell.y());
            double lower = Math.min(box.y() + box.height(), PAGE_HEIGHT - drop);
            if (box.name().endsWith("-before") && divider != null) {
                right = Math.min(right, divider.x());
            }
            Measured words = slides.get("words-" + box.name().replaceAll("\\D", ""));
            if (words != null && !over && box.name().startsWith("picture-")) {
                lower = Math.min(lower, words.y());
            }
            if (!kind.isEmpty() && right > from && lower > upper) {
                rect(group, kind, left + from, drop + upper, right - from, lower - upper);
            }
            if (box.name().startsWith("word-")) {
                rect(group, "text", left + from, drop + box.y() + box.height() / 4, right - from, box.height() / 2);
            }
            if (box.name().startsWith("words-") && starter.picturesPerSlide() == 1 && drop + box.y() < PAGE_HEIGHT) {
                double seen = Math.min(box.height(), PAGE_HEIGHT - drop - box.y()); // what passes over is below else
                words(group, over, left + box.x(), drop + box.y(), box.width(), seen);
            }
        }
    }

    private static String kind(String name) {
        if (name.endsWith("-before")) {
            return "even";
        }
        return name.startsWith("picture-")
                ? "odd"
                : name.equals("divider") || name.equals("handle") ? name : name.startsWith("dot-") ? "dot" : "";
    }

    private static void words(Element group, boolean over, double x, double y, double width, double height) {
        if (over) {
            double panel = Math.min(width, 520);
            double tall = Math.min(height, 190);
            rect(group, "panel", x, y + height - tall, panel, tall);
            rect(group, "line", x + 50, y + height - tall + 50, panel * 0.6, 26);
            rect(group, "line", x + 50, y + height - tall + 110, panel * 0.4, 22);
        } else {
            rect(group, "text", x, y + 24, width * 0.75, 26);
        }
    }

    private static void rect(Element group, String kind, double x, double y, double width, double height) {
        group.appendElement("rect")
                .addClass(kind)
                .attr("x", Numbers.rounded(x * SCALE, 1))
                .attr("y", Numbers.rounded(y * SCALE, 1))
                .attr("width", Numbers.rounded(width * SCALE, 1))
                .attr("height", Numbers.rounded(height * SCALE, 1));
    }

    private static Reel reel(Starter starter) {
        List<PictureId> pictures = new ArrayList<>();
        for (int i = 0; i < LOGOS.length; i++) {
            pictures.add(new PictureId("p" + i));
        }
        int[] next = {0};
        Reel made = starter.make("Drawing", starter.sits(), pictures, () -> new SlideId("s" + next[0]++));
        return made.withSlides(made.slides().stream()
                .map(slide -> slide.withWords(Words.NONE.with(Words.Field.TITLE, "Words")))
                .toList());
    }

    private static boolean isCropped(Reel reel) {
        return Arrangements.of(reel).has(ShapeOptions.FIT);
    }

    private static Facts facts(Reel reel) {
        Map<PictureId, PictureFacts> facts = new LinkedHashMap<>();
        int i = 0;
        for (PictureId picture : reel.pictures()) {
            int[] size = isCropped(reel) ? new int[] {1500, 1000} : LOGOS[i++ % LOGOS.length];
            facts.put(picture, new PictureFacts(picture, size[0], size[1], FocalPoint.CENTRE));
        }
        return new Facts(facts, Map.of(), (text, bold, size) -> text.length() * size * 0.55);
    }
}
