package com.keenreel.app.bench;

import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.EditJson;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Numbers;
import com.keenreel.core.reel.Options;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetUp;
import com.keenreel.core.reel.Showing;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Fit;
import com.keenreel.core.space.Placed;
import com.keenreel.core.time.Reading;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Everything about one slide.
 *
 * @param id the slide
 * @param position counted from 1
 * @param count how many slides there are
 * @param picture its picture; of a pair the after picture; null for plain colour
 * @param before of a pair the before picture
 * @param pair the pair, if it is one
 * @param words what it says itself
 * @param said what visitors meet
 * @param hold ms
 * @param ownHold whether the hold is its own
 * @param showing when visitors meet it
 * @param colour of a slide that carries plain colour, such as "#16241e"; empty for others
 * @param focal by scope: all, phone, tablet, desk
 * @param crops what each screen shows of the picture
 * @param others what set-ups show instead, for each of them; empty where a slide can show nothing else
 */
public record Sheet(
        String id,
        int position,
        int count,
        @Nullable Shown picture,
        @Nullable Shown before,
        Carries.@Nullable Pair pair,
        Words words,
        Said said,
        long hold,
        boolean ownHold,
        Showing showing,
        String colour,
        List<Focus> focal,
        List<Crop> crops,
        List<Other> others) {

    /** What a set-up shows instead; the address is empty where it shows the picture. */
    public record Other(String setUp, String address) {}

    /** A picture on the sheet. */
    public record Shown(String id, String address, int width, int height) {}

    /** A focal point, and whether it is said for exactly that scope. */
    public record Focus(String scope, double x, double y, boolean said) {
        /** "58, 47 %". */
        public String text() {
            return new FocalPoint(x, y).toString();
        }
    }

    /** What one screen shows: a rectangle of the picture, in its pixels, and the share that is cut off. */
    public record Crop(String name, String ratio, double x, double y, double width, double height, long lossPercent) {}

    /** The hold as it is written in its field. */
    public String holdSaid() {
        return Numbers.rounded(hold / 1000.0, 1);
    }

    /** When visitors meet it, as an edit writes it. */
    public String showingJson() {
        return EditJson.showing(showing);
    }

    /** How long its words take to read, s; empty where there are none. */
    public String readsSaid() {
        long reads = Reading.time(said);
        return reads == 0 ? "" : String.format(Locale.ROOT, "%.1f", reads / 1000.0);
    }

    /** The least hold, to half a second, in which its words can be read, ms; 0 where the hold is long enough. */
    public long holdToRead() {
        return hold >= Reading.time(said) ? 0 : Reading.hold(said);
    }

    /** The pair as an edit writes it; empty where there is none. */
    public String pairJson() {
        Carries.Pair own = pair;
        return own == null ? "" : EditJson.carries(own);
    }

    /** "phone 47 %, tablet 16 %, desk 38 %". */
    public String losses() {
        return crops.stream()
                .map(crop -> crop.name().toLowerCase(Locale.ROOT) + " " + crop.lossPercent() + " %")
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
    }

    /** The path of what at least one screen cuts off: the whole picture without what all screens show. */
    public String veil() {
        Shown own = picture;
        if (own == null || crops.isEmpty()) {
            return "";
        }
        double left = crops.stream().mapToDouble(Crop::x).max().orElse(0);
        double top = crops.stream().mapToDouble(Crop::y).max().orElse(0);
        double right = crops.stream()
                .mapToDouble(crop -> crop.x() + crop.width())
                .min()
                .orElse(own.width());
        double bottom = crops.stream()
                .mapToDouble(crop -> crop.y() + crop.height())
                .min()
                .orElse(own.height());
        String all = "M0 0H" + own.width() + "V" + own.height() + "H0Z";
        return right <= left || bottom <= top
                ? all
                : all + "M" + Numbers.plain(left) + " " + Numbers.plain(top) + "H" + Numbers.plain(right) + "V"
                        + Numbers.plain(bottom) + "H" + Numbers.plain(left) + "Z";
    }

    static Sheet of(Draft draft, Slide slide) {
        Reel reel = draft.reel();
        Facts facts = draft.facts();
        int position = reel.slides().indexOf(slide) + 1;
        List<PictureId> pictures = slide.carries().pictures();
        PictureId shown = pictures.isEmpty() ? null : pictures.get(pictures.size() - 1);
        PictureFacts own = shown == null ? null : facts.of(shown);
        return new Sheet(
                slide.id().value(),
                position,
                reel.slides().size(),
                shown == null ? null : shown(draft.shelf().version(shown)),
                pictures.size() > 1 ? shown(draft.shelf().version(pictures.get(0))) : null,
                slide.carries() instanceof Carries.Pair pair ? pair : null,
                slide.words(),
                facts.said(slide),
                reel.hold(slide),
                slide.hold() != null,
                slide.showing(),
                slide.carries() instanceof Carries.Plain plain ? plain.colour().hex() : "",
                own == null ? List.of() : focal(slide, own, facts),
                own == null ? List.of() : crops(draft, slide, own),
                slide.carries() instanceof Carries.Picture ? others(draft, slide) : List.of());
    }

    private static Shown shown(Version version) {
        return new Shown(version.picture().value(), Shelf.large(version), version.width(), version.height());
    }

    private static List<Other> others(Draft draft, Slide slide) {
        List<Other> others = new ArrayList<>();
        for (SetUp setUp : SetUp.values()) {
            PictureId own = slide.instead().said(setUp);
            others.add(new Other(
                    setUp.word(),
                    own == null ? "" : Shelf.thumbnail(draft.shelf().version(own))));
        }
        return others;
    }

    private static List<Focus> focal(Slide slide, PictureFacts picture, Facts facts) {
        List<Focus> focal = new ArrayList<>();
        FocalPoint all = slide.focal().all();
        FocalPoint usual = all == null ? picture.focal() : all;
        focal.add(new Focus("all", usual.x(), usual.y(), all != null));
        for (SetUp setUp : SetUp.values()) {
            FocalPoint point = facts.focal(slide, setUp);
            focal.add(new Focus(
                    setUp.word(), point.x(), point.y(), slide.focal().own().containsKey(setUp)));
        }
        return focal;
    }

    private static List<Crop> crops(Draft draft, Slide slide, PictureFacts picture) {
        int position = draft.seen().slides().indexOf(slide) + 1;
        List<Crop> crops = new ArrayList<>();
        for (Screen screen : Screen.of(draft, null)) {
            SetUp setUp = SetUp.of(screen.setUp());
            if (slide.instead().said(setUp) != null) {
                continue; // shows another picture
            }
            Placed crop = all(draft.layout().frame(setUp))
                    .filter(part -> part.part().equals("crop-" + position))
                    .findFirst()
                    .orElse(null);
            if (crop == null) {
                continue;
            }
            double width = screen.reelWidth();
            Box drawn = crop.inside().get(0).box();
            double scale = drawn.width().at(width) / picture.width();
            double frameWidth = crop.box().width().at(width);
            double frameHeight = crop.box().height().at(width);
            double x = -drawn.left().at(width) / scale;
            double y = -drawn.top().at(width) / scale;
            crops.add(new Crop(
                    screen.name(),
                    draft.reel().choices().get(Options.RATIO, setUp).toString(),
                    x,
                    y,
                    frameWidth / scale,
                    frameHeight / scale,
                    Math.round(100 * Fit.loss(drawn, frameWidth, frameHeight, width))));
        }
        return crops;
    }

    private static Stream<Placed> all(Placed placed) {
        return Stream.concat(Stream.of(placed), placed.inside().stream().flatMap(Sheet::all));
    }
}
