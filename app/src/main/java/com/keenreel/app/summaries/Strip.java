package com.keenreel.app.summaries;

import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.HeightKind;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Fit;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import org.jsoup.nodes.Element;

/** A reel's first slides, standing as the reel itself stands on desk; those outside the frame at first are pale. */
final class Strip {
    private static final double WIDTH = 280;
    private static final double HEIGHT = 56;
    private static final double BAND = 22;

    private final Reel reel;
    private final Shelf shelf;
    private final String id;
    private final Element svg;
    private int clips;

    private Strip(Reel reel, Shelf shelf, String id) {
        this.reel = reel;
        this.shelf = shelf;
        this.id = id;
        this.svg = new Element("svg")
                .attr("viewBox", "0 0 " + (int) WIDTH + " " + (int) HEIGHT)
                .attr("width", String.valueOf((int) WIDTH))
                .attr("height", String.valueOf((int) HEIGHT))
                .attr("aria-hidden", "true");
    }

    static String of(Reel reel, Layout layout, Shelf shelf, String id) {
        Strip strip = new Strip(reel, shelf, id);
        if (reel.slides().isEmpty()) {
            return strip.svg.outerHtml();
        }
        if (Arrangements.of(reel).has(ShapeOptions.RATIO)) {
            strip.cells(
                    HEIGHT * ratio(reel, layout), 4, layout.usual(SetUp.DESK).shown());
        } else {
            strip.band(layout);
        }
        return strip.svg.outerHtml();
    }

    /** Of pictures as they stand on desk. */
    private static double ratio(Reel reel, Layout layout) {
        double chosen = reel.choices().get(ShapeOptions.RATIO, SetUp.DESK).value();
        boolean byRatio = reel.choices().get(ShapeOptions.HEIGHT, SetUp.DESK) == HeightKind.RATIO;
        double width = SetUp.DESK.usualPage();
        return byRatio
                ? chosen
                : layout.usual(SetUp.DESK)
                        .frame()
                        .boxOf(Part.crop(1))
                        .map(crop -> crop.width().at(width) / crop.height().at(width, Layout.WINDOW))
                        .orElse(chosen);
    }

    private void cells(double width, double gap, int shown) {
        double x = 0;
        int n = 0;
        for (Slide slide : reel.slides()) {
            if (x >= WIDTH) {
                break;
            }
            Element cell = svg.appendElement("g");
            if (n++ >= shown) {
                cell.attr("opacity", "0.4");
            }
            slide(cell, slide, x, width);
            x += width + gap;
        }
    }

    private void slide(Element cell, Slide slide, double x, double width) {
        if (slide.carries() instanceof Carries.Picture picture) {
            picture(cell, slide, picture.picture(), x, width, x, width);
        } else if (slide.carries() instanceof Carries.Pair pair) {
            double split = width * pair.startsAt();
            picture(cell, slide, pair.after(), x, width, x, width);
            picture(cell, slide, pair.before(), x, width, x, split);
            cell.appendElement("rect")
                    .attr("x", text(x + split - 0.75))
                    .attr("width", "1.5")
                    .attr("height", text(HEIGHT))
                    .attr("fill", "#fff");
        } else if (slide.carries() instanceof Carries.Plain plain) {
            cell.appendElement("rect")
                    .attr("x", text(x))
                    .attr("width", text(width))
                    .attr("height", text(HEIGHT))
                    .attr("fill", plain.colour().hex());
        }
    }

    private void picture(
            Element cell, Slide slide, PictureId id, double x, double width, double clipX, double clipWidth) {
        Version version = shelf.version(id);
        FocalPoint focal = slide.focal().in(SetUp.DESK, version.facts().focal());
        FitKind fit = slide.chosen(ShapeOptions.FIT, SetUp.DESK, reel.choices());
        Box box = Fit.of(
                fit == FitKind.ORIGINAL ? FitKind.FILL : fit,
                version.facts(),
                Length.px(width),
                Length.px(HEIGHT),
                focal);
        String clip = "clip-" + this.id + "-" + clips++;
        svg.appendElement("clipPath")
                .attr("id", clip)
                .appendElement("rect")
                .attr("x", text(clipX))
                .attr("width", text(clipWidth))
                .attr("height", text(HEIGHT));
        cell.appendElement("image")
                .attr("href", Shelf.thumbnail(version))
                .attr("clip-path", "url(#" + clip + ")")
                .attr("x", text(x + box.left().at(0)))
                .attr("y", text(box.top().at(0)))
                .attr("width", text(box.width().at(0)))
                .attr("height", text(box.height().at(0)))
                .attr("preserveAspectRatio", "none");
    }

    /** Pictures of one height, as they stand beside one another. */
    private void band(Layout layout) {
        svg.appendElement("rect")
                .attr("width", text(WIDTH))
                .attr("height", text(HEIGHT))
                .attr("fill", "#fff");
        double high = layout.usual(SetUp.DESK)
                .frame()
                .boxOf(Part.slide(1))
                .map(one -> one.height().at(0))
                .orElse(BAND); // where it is hidden
        double scale = BAND / high;
        double gap = layout.usual(SetUp.DESK).gap().at(SetUp.DESK.usualPage()) * scale;
        double x = 0;
        for (Slide slide : reel.slides()) {
            if (x >= WIDTH) {
                break;
            }
            for (PictureId picture : slide.carries().pictures()) {
                Version version = shelf.version(picture);
                double width = BAND * version.facts().ratio();
                svg.appendElement("image")
                        .attr("href", Shelf.thumbnail(version))
                        .attr("x", text(x))
                        .attr("y", text((HEIGHT - BAND) / 2))
                        .attr("width", text(width))
                        .attr("height", text(BAND));
                x += width + gap;
            }
        }
    }

    private static String text(double value) {
        return com.keenreel.core.option.Numbers.rounded(value, 2);
    }
}
