package com.keenreel.app.bench;

import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Measured;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jsoup.nodes.Element;

/** A reel drawn small: its own slides, by the layout that visitors meet. */
final class ReelDrawing {
    private final Draft draft;
    private final double height;
    private final double scale;
    private final Element svg;

    private ReelDrawing(Draft draft, double width, double height, double scale) {
        this.draft = draft;
        this.height = height;
        this.scale = scale;
        String[] size = {Numbers.rounded(width, 2), Numbers.rounded(height, 2)};
        svg = new Element("svg")
                .attr("viewBox", "0 0 " + size[0] + " " + size[1])
                .attr("width", size[0])
                .attr("height", size[1])
                .attr("aria-hidden", "true");
    }

    /**
     * Draws what is seen of a reel at the first moment.
     *
     * @param boxes where everything stands, px
     * @param width of the drawing, px
     * @param height of the drawing, px; what stands below is cut off
     * @param scale of the reel's px
     */
    static Element of(Draft draft, Reel reel, List<Measured> boxes, double width, double height, double scale) {
        ReelDrawing drawing = new ReelDrawing(draft, width, height, scale);
        drawing.reel(reel, boxes);
        return drawing.svg;
    }

    private void reel(Reel reel, List<Measured> boxes) {
        Map<String, Measured> known = boxes.stream().collect(Collectors.toMap(Measured::name, Function.identity()));
        Comparator<Measured> farthest = Comparator.comparingDouble(box -> box.corners() == null ? 0 : box.width());
        boxes.stream()
                .filter(box -> box.name().startsWith("picture-"))
                .sorted(farthest)
                .forEach(box -> {
                    String[] name = box.name().split("-");
                    int n = Integer.parseInt(name[1]);
                    List<PictureId> pictures =
                            reel.slides().get(n - 1).pictures().stream().toList();
                    boolean before = box.name().endsWith("-before");
                    Measured slide = known.getOrDefault("slide-" + n, box);
                    Measured divider = known.get(n == 1 ? "divider" : "divider-" + n);
                    double until = before && divider != null ? divider.x() : slide.x() + slide.width();
                    double foot = slide.y() + slide.height();
                    Measured words = known.get("words-" + n);
                    if (words != null && Math.abs(words.x() - slide.x()) < 1) { // they stand below it, not over it
                        foot = words.y();
                    }
                    picture(box, slide, until, foot, before ? pictures.get(0) : last(pictures));
                });
        boxes.stream().filter(box -> box.name().startsWith("word-")).forEach(box -> {
            int n = Integer.parseInt(box.name().split("-")[1]);
            Element word = svg.appendElement("text")
                    .text(draft.facts().said(reel.slides().get(n - 1)).word(n));
            place(word, box.x(), box.y() + box.height() * 0.75, box.width(), box.height());
            word.attr("font-size", Numbers.rounded(box.height() * scale * 0.83, 1));
        });
        boxes.stream()
                .filter(box -> box.name().startsWith("dot-"))
                .forEach(dot -> place(svg.appendElement("rect").addClass("dot"), dot.x() + 8, dot.y() + 8, 8, 8));
    }

    private static PictureId last(List<PictureId> pictures) {
        return pictures.get(pictures.size() - 1);
    }

    private void picture(Measured box, Measured slide, double until, double foot, PictureId picture) {
        double left = Math.max(box.x(), slide.x());
        double top = Math.max(box.y(), slide.y());
        double right = Math.min(box.x() + box.width(), until);
        double bottom = Math.min(box.y() + box.height(), foot);
        if (right <= left || bottom <= top || top * scale > height) {
            return;
        }
        Element cell = svg.appendElement("svg").attr("overflow", "hidden");
        place(cell, left, top, right - left, bottom - top);
        Element image = cell.appendElement("image")
                .attr("preserveAspectRatio", "none")
                .attr("href", Shelf.thumbnail(draft.shelf().version(picture)));
        place(image, box.x() - left, box.y() - top, box.width(), box.height());
    }

    private void place(Element element, double x, double y, double width, double height) {
        element.attr("x", Numbers.rounded(x * scale, 2))
                .attr("y", Numbers.rounded(y * scale, 2))
                .attr("width", Numbers.rounded(width * scale, 2))
                .attr("height", Numbers.rounded(height * scale, 2));
    }
}
