package com.keenreel.app.bench;

import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Widths;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jsoup.nodes.Element;

/** A reel as it would stand in an arrangement, drawn small: its own slides, by the layout that visitors meet. */
final class ArrangementDrawing {
    private static final double WIDTH = 128;
    private static final double HEIGHT = 76;

    private final Draft draft;
    private final double scale;
    private final Element svg = new Element("svg")
            .attr("viewBox", "0 0 " + Numbers.plain(WIDTH) + " " + Numbers.plain(HEIGHT))
            .attr("width", Numbers.plain(WIDTH))
            .attr("height", Numbers.plain(HEIGHT))
            .attr("aria-hidden", "true");

    private ArrangementDrawing(Draft draft, double host) {
        this.draft = draft;
        this.scale = WIDTH / host;
    }

    /** A drawing for each arrangement, by its word, with what the reel's slides would lose in it. */
    static Map<String, String> all(Draft draft) {
        Map<String, String> drawings = new LinkedHashMap<>();
        for (Arrangement arrangement : Arrangements.all()) {
            drawings.put(arrangement.word(), of(draft, arrangement));
        }
        return drawings;
    }

    private static String of(Draft draft, Arrangement arrangement) {
        Reel seen = new SetOption<>(Arrangements.OPTION, null, null, arrangement).applyTo(draft.seen());
        double host = Widths.slot(seen.slot()).at(SetUp.DESK.usualPage());
        ArrangementDrawing drawing = new ArrangementDrawing(draft, host);
        drawing.reel(seen, Layout.of(seen, draft.facts()).at(host, Screen.VIEW));
        return drawing.svg.outerHtml() + kept(seen, arrangement);
    }

    /** What it cannot show is kept, and comes back with an arrangement that can. */
    private static String kept(Reel reel, Arrangement arrangement) {
        String kept = arrangement.keeps(reel);
        return kept.isEmpty()
                ? ""
                : new Element("span").addClass("quiet").text(kept).outerHtml();
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
        if (right <= left || bottom <= top || top * scale > HEIGHT) {
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
