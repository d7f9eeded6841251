package com.keenreel.app.bench;

import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.StoredPicture.KeptVideo;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Fit;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * One picture of a slide, with what the screens that show it show of it.
 *
 * @param scope "all" for the picture that the slide carries, else the set-up that shows this one in its place
 * @param picture the picture
 * @param crops what each of those screens shows
 */
public record Canvas(String scope, Picture picture, List<Crop> crops) {
    /** A picture as it is drawn on the sheet; sizes in px. */
    public record Picture(
            String id,
            String address,
            int width,
            int height,
            @Nullable KeptVideo video) {
        static Picture of(Version version) {
            return new Picture(
                    version.picture().value(),
                    Shelf.large(version),
                    version.width(),
                    version.height(),
                    version.video());
        }

        /** "a picture, 1920 × 1280" or "a video, 0:08, 960 × 540". */
        String says() {
            return "a " + (video == null ? "picture" : video.says()) + ", " + width + " × " + height;
        }
    }

    /** What one screen shows: a rectangle of the picture, in its pixels, and the share that is cut off. */
    public record Crop(String name, String ratio, double x, double y, double width, double height, long lossPercent) {}

    /** Where a focal point stands on the picture, px. */
    public record Point(String scope, double x, double y) {}

    public Canvas {
        crops = List.copyOf(crops);
    }

    /** The path of what at least one screen cuts off: the whole picture without what all screens show. */
    public String veil() {
        double left = crops.stream().mapToDouble(Crop::x).max().orElse(0);
        double top = crops.stream().mapToDouble(Crop::y).max().orElse(0);
        double right = crops.stream()
                .mapToDouble(crop -> crop.x() + crop.width())
                .min()
                .orElse(picture.width());
        double bottom = crops.stream()
                .mapToDouble(crop -> crop.y() + crop.height())
                .min()
                .orElse(picture.height());
        String all = "M0 0H" + picture.width() + "V" + picture.height() + "H0Z";
        return right <= left || bottom <= top
                ? all
                : all + "M" + Numbers.plain(left) + " " + Numbers.plain(top) + "H" + Numbers.plain(right) + "V"
                        + Numbers.plain(bottom) + "H" + Numbers.plain(left) + "Z";
    }

    /** "The picture on phone with what each screen shows of it". */
    public String called() {
        return "The picture" + (scope.equals("all") ? "" : " on " + scope) + " with what each screen shows of it";
    }

    /** The radius of a focal point, px of the picture. */
    public double radius() {
        return picture.width() * 0.018;
    }

    /** The size of type on it, px of the picture. */
    public double type() {
        return picture.width() * 0.03;
    }

    /**
     * A crop with where its words stand: each in another corner, so that they do not lie on one another.
     *
     * @param look the class of its screen
     * @param x of the words, px of the picture
     * @param y of the words, px of the picture
     */
    public record Labelled(Crop crop, String look, double x, double y) {
        /** "Phone 4:5". */
        public String words() {
            return crop.name() + " " + crop.ratio();
        }
    }

    /** The crops and their words. */
    public List<Labelled> labelled() {
        double unit = picture.width();
        List<Labelled> labelled = new ArrayList<>();
        for (Crop crop : crops) {
            double across = labelled.size() == 1 ? crop.width() - 0.2 * unit : 0;
            double down = labelled.size() == 2 ? crop.height() - 0.014 * unit : 0.034 * unit;
            labelled.add(new Labelled(
                    crop, crop.name().toLowerCase(Locale.ROOT), crop.x() + 0.012 * unit + across, crop.y() + down));
        }
        return labelled;
    }

    /** The focal points that hold on this picture: those that are said, and the one for all where there is one. */
    public List<Point> points(List<Focus> focal) {
        return focal.stream()
                .filter(focus ->
                        scope.equals("all") ? focus.ofCarried() : focus.scope().equals(scope))
                .map(focus -> new Point(focus.scope(), focus.x() * picture.width(), focus.y() * picture.height()))
                .toList();
    }

    /** The pictures of that slide: the (last) one it carries, then what set-ups show instead. */
    static List<Canvas> of(Draft draft, Slide slide) {
        List<PictureId> carried = slide.carries().pictures();
        if (carried.isEmpty()) {
            return List.of();
        }
        List<Canvas> canvases = new ArrayList<>();
        canvases.add(of(draft, slide, carried.get(carried.size() - 1), null));
        slide.instead().own().forEach((setUp, picture) -> canvases.add(of(draft, slide, picture, setUp)));
        return canvases;
    }

    /** The picture that is carried has no set-up of its own: it stands where no other stands in its place. */
    private static Canvas of(Draft draft, Slide slide, PictureId picture, @Nullable SetUp own) {
        Picture drawn = Picture.of(draft.shelf().version(picture));
        int position = draft.seen().slides().indexOf(slide) + 1;
        List<Crop> crops = new ArrayList<>();
        for (Screen screen : Screen.of(draft, null)) {
            SetUp setUp = SetUp.of(screen.setUp());
            if (own == setUp || own == null && slide.insteadOn(setUp) == null) {
                draft.layout()
                        .range(screen.slot())
                        .frame()
                        .all()
                        .filter(part -> part.part().equals(Part.crop(position)))
                        .map(crop -> crop(draft, screen, setUp, drawn, crop))
                        .forEach(crops::add);
            }
        }
        return new Canvas(own == null ? "all" : own.word(), drawn, crops);
    }

    private static Crop crop(Draft draft, Screen screen, SetUp setUp, Picture picture, Placed crop) {
        double width = screen.reelWidth();
        Box whole = crop.inside().get(0).box();
        double scale = whole.width().at(width) / picture.width();
        double frameWidth = crop.box().width().at(width);
        double frameHeight = crop.box().height().at(width);
        return new Crop(
                screen.name(),
                draft.reel().choices().get(ShapeOptions.RATIO, setUp).toString(),
                -whole.left().at(width) / scale,
                -whole.top().at(width) / scale,
                frameWidth / scale,
                frameHeight / scale,
                Math.round(100 * Fit.loss(whole, frameWidth, frameHeight, width)));
    }
}
