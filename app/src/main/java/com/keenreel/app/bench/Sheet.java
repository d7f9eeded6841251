package com.keenreel.app.bench;

import com.keenreel.app.bench.Sentence.Token;
import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.StoredPicture.Found;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Pressed;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Link;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Showing;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Reading;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Everything about one slide.
 *
 * @param position counted from 1
 * @param count how many slides there are
 * @param slide what it is
 * @param said what visitors meet
 * @param hold how long it stands, ms
 * @param goesOn whether the reel goes on by itself
 * @param pressed what a press beside its button does
 * @param larger whether its reel opens pictures in the larger view
 * @param canvases its pictures with what screens show of them; none where it carries plain colour
 * @param found which of the words that it leaves to its pictures were found in their files, as a sentence
 * @param own what may be chosen for it alone, as sentences
 * @param focal focal point and picture by scope: all, phone, tablet, desk; none where it carries plain colour
 */
public record Sheet(
        int position,
        int count,
        Slide slide,
        Said said,
        long hold,
        boolean goesOn,
        Pressed pressed,
        boolean larger,
        List<Canvas> canvases,
        String found,
        List<List<Token>> own,
        List<Focus> focal) {

    /**
     * What holds for all screens or for one set-up.
     *
     * @param scope all, phone, tablet or desk
     * @param x of the focal point, as a share
     * @param y of the focal point, as a share
     * @param said whether the point is said for exactly that scope
     * @param other the address of the picture that the set-up shows instead; empty where it shows the one carried
     */
    public record Focus(String scope, double x, double y, boolean said, String other) {
        /** "58, 47 %". */
        public String text() {
            return new FocalPoint(x, y).toString();
        }

        /** Whether the point is one of its own on the picture that the slide carries. */
        public boolean ofCarried() {
            return scope.equals("all") || said && other.isEmpty();
        }
    }

    /** The slide's id. */
    public String id() {
        return slide.id().value();
    }

    /** What it says itself. */
    public Words words() {
        return slide.words();
    }

    /** When visitors meet it. */
    public Showing showing() {
        return slide.showing();
    }

    /** Its picture, of a pair the after picture; null for plain colour. */
    public Canvas.@Nullable Picture picture() {
        return canvases.isEmpty() ? null : canvases.get(0).picture();
    }

    /** Its pair, if it is one. */
    public Carries.@Nullable Pair pair() {
        return slide.carries() instanceof Carries.Pair pair ? pair : null;
    }

    /** By what a comparison's link is followed, as a sentence: its picture is dragged. */
    public String linkSaid() {
        return !said.button().isEmpty()
                ? "Its button leads there; the picture is dragged."
                : said.shows()
                        ? "Its " + (said.title().isEmpty() ? "text" : "title") + " leads there; the picture is dragged."
                        : "Nothing leads there yet: the picture is dragged, so give the link a button or a title.";
    }

    /** Where what it says itself leads, as a sentence; empty where it says no link. */
    public String leadsSaid() {
        return Link.said(slide.words().link());
    }

    /** Whether its link leads to wherever the reel is pasted into, which not everybody means. */
    public boolean leadsToOwn() {
        return Link.isOwn(slide.words().link());
    }

    /** The colour of a slide that carries plain colour, such as "#16241e"; empty for others. */
    public String colour() {
        return slide.carries() instanceof Carries.Plain plain ? plain.colour().hex() : "";
    }

    /** Whether it carries one picture, in whose place a set-up can show another. */
    public boolean single() {
        return slide.carries() instanceof Carries.Picture;
    }

    /** The hold as it is written in its field. */
    public String holdSaid() {
        return Numbers.rounded(hold / 1000.0, 1);
    }

    /** How long its words take to read, s; empty where there are none. */
    public String readsSaid() {
        long reads = Reading.time(said);
        return reads == 0 ? "" : String.format(Locale.ROOT, "%.1f", reads / 1000.0);
    }

    /**
     * The least hold, to half a second, in which its words can be read, ms; 0 where the hold is long enough, or nothing goes
     * on before somebody has read them.
     */
    public long holdToRead() {
        return !goesOn || hold >= Reading.time(said) ? 0 : Reading.hold(said);
    }

    /** "phone 47 %, tablet 16 %, desk 38 %"; empty where no screen crops it. */
    public String losses() {
        return canvases.stream()
                .flatMap(canvas -> canvas.crops().stream())
                .map(crop -> crop.name().toLowerCase(Locale.ROOT) + " " + crop.lossPercent() + " %")
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
    }

    static Sheet of(Draft draft, Slide slide) {
        Reel reel = draft.reel();
        Said said = draft.facts().said(slide);
        return new Sheet(
                reel.slides().indexOf(slide) + 1,
                reel.slides().size(),
                slide,
                said,
                reel.hold(slide),
                Arrangements.of(reel).movesByItself(reel),
                Pressed.of(reel, slide, said),
                reel.choices().get(Options.LARGER),
                Canvas.of(draft, slide),
                found(draft, slide),
                Brief.of(reel, draft.layout(), draft.facts(), slide),
                focal(draft, slide));
    }

    private static String found(Draft draft, Slide slide) {
        Words own = slide.words();
        Set<Found> found = EnumSet.noneOf(Found.class);
        slide.carries().pictures().forEach(id -> found.addAll(draft.shelf().found(id)));
        List<String> fields = new ArrayList<>();
        if (found.contains(Found.TITLE) && own.title() == null) {
            fields.add("title");
        }
        if (found.contains(Found.CAPTION) && own.text() == null) {
            fields.add("text");
        }
        if (found.contains(Found.ALT) && own.alt() == null) {
            fields.add("alt text");
        }
        return Found.said(fields);
    }

    private static List<Focus> focal(Draft draft, Slide slide) {
        List<PictureId> pictures = slide.carries().pictures();
        if (pictures.isEmpty()) {
            return List.of();
        }
        Facts facts = draft.facts();
        PictureFacts carried = facts.of(pictures.get(pictures.size() - 1));
        FocalPoint all = slide.focal().all();
        List<Focus> focal = new ArrayList<>();
        focal.add(focus("all", all == null ? carried.focal() : all, all != null, ""));
        for (SetUp setUp : SetUp.values()) {
            PictureId instead = slide.insteadOn(setUp);
            String other = instead == null ? "" : Shelf.thumbnail(draft.shelf().version(instead));
            boolean own = slide.focal().own().containsKey(setUp);
            focal.add(focus(setUp.word(), facts.focal(slide, setUp), own, other));
        }
        return focal;
    }

    private static Focus focus(String scope, FocalPoint point, boolean said, String other) {
        return new Focus(scope, point.x(), point.y(), said, other);
    }
}
