package com.keenreel.app.bench;

import com.keenreel.app.bench.Sentence.Token;
import com.keenreel.app.pages.Offer;
import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.StoredPicture.Found;
import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Pressed;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
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
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Everything about one slide.
 *
 * @param position counted from 1
 * @param count how many slides there are
 * @param slide what it is
 * @param said what visitors meet
 * @param altBefore what the side before of its comparison shows, for those who do not see it
 * @param stands how long it stands
 * @param pressed what a press beside its button does
 * @param larger whether its reel opens pictures in the larger view
 * @param offers what its reel lets be done with it
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
        String altBefore,
        Stands stands,
        Pressed pressed,
        boolean larger,
        Offers offers,
        List<Canvas> canvases,
        String found,
        List<List<Token>> own,
        @Nullable Spans spans,
        List<Focus> focal) {

    /**
     * What a reel lets be done with its slides.
     *
     * @param picked whether its slides are picked by hand, not from a set
     * @param cropped whether pictures are cropped, so that a set-up can show another one
     * @param titled whether it shows titles
     * @param worded whether it shows texts and buttons
     * @param pressed whether pictures can be pressed
     */
    public record Offers(
            boolean picked, boolean cropped, boolean titled, boolean worded, boolean pressed, boolean compared) {}

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

    /** Whether it is the first one. */
    public boolean first() {
        return position == 1;
    }

    /** Whether it is the last one. */
    public boolean last() {
        return position == count;
    }

    /** "carries a picture, 1920 × 1280". */
    public String carriesSaid() {
        Canvas.Picture picture = picture();
        if (pair() != null) {
            int states = pair().pictures().size();
            return states == 2 ? "carries a pair" : "carries " + states + " states";
        }
        return picture == null ? "carries plain colour" : "carries " + picture.says();
    }

    /** Whether another picture can be put in the place of what it carries. */
    public boolean mayExchange() {
        return offers.picked() && pair() == null;
    }

    /** What exchanging is called. */
    public String exchangeSaid() {
        return colour().isEmpty() ? "Exchange picture" : "Carry a picture";
    }

    /** Whether it can be moved among others. */
    public boolean mayMove() {
        return offers.picked() && count > 1;
    }

    /** What hiding is called. */
    public String hideSaid() {
        return showing().hidden() ? "Show again" : "Hide";
    }

    /** When visitors meet it, as a sentence. */
    public String showingSaid() {
        if (showing().hidden()) {
            return "Hidden: visitors do not meet it.";
        }
        boolean always = showing().from() == null && showing().until() == null;
        return always ? "Every day." : "Visitors meet it " + showing() + ".";
    }

    /** Where it says what it shows to those who do not see it. */
    public List<AltField> alts() {
        return AltField.of(this);
    }

    /** The ids of its pictures, with spaces between them. */
    public String pictureIds() {
        return slide.carries().pictures().stream().map(PictureId::value).collect(Collectors.joining(" "));
    }

    /** For each of its fields that pictures have too, what can be said instead. */
    public List<Whose> whose() {
        return Whose.of(this);
    }

    /** Whether set-ups can show other pictures. */
    public boolean mayShowOthers() {
        return offers.cropped() && single();
    }

    /** Whether it is said what a press on its picture does. */
    public boolean pressable() {
        return offers.pressed() && single();
    }

    /** What stands between "Pressed" and what that does: where a link is followed by its button alone, that is said. */
    public String pressedWhere() {
        return pressed == Pressed.LINK || said.link().isEmpty() ? ", it" : " beside its button, it";
    }

    /** Whether a press on its picture follows its link. */
    public boolean followsLink() {
        return pressed == Pressed.LINK;
    }

    /** Whether a press on its picture opens the larger view. */
    public boolean opensLarger() {
        return pressed == Pressed.LARGER;
    }

    /** What a press on its picture may do. */
    public List<Offer> largerOffers() {
        String as = larger ? "opens the larger view" : "does nothing";
        return Offer.of(
                slide.larger() == null ? "" : String.valueOf(slide.larger()),
                "",
                as + ", as the reel",
                "true",
                "opens the larger view",
                "false",
                "does nothing");
    }

    /** Whether its picture can be compared with the same one, shown otherwise. */
    public boolean mayCompare() {
        return offers.picked() && offers.compared() && single();
    }

    /** The states that its pair shows between before and after. */
    public List<StateShown> between() {
        Carries.Pair pair = pair();
        return pair == null ? List.of() : StateShown.of(pair);
    }

    /** Whether another state can be put between those of its pair. */
    public boolean mayAddState() {
        Carries.Pair pair = pair();
        return pair != null && offers.picked() && pair.between().size() < Carries.Pair.MOST_BETWEEN;
    }

    /** How the sides of its pair show their pictures. */
    public List<SideShown> sides() {
        Carries.Pair pair = pair();
        return pair == null ? List.of() : SideShown.of(pair);
    }

    /** Where the divider of its pair starts, per cent. */
    public String startPercent() {
        Carries.Pair pair = pair();
        return pair == null ? "" : Numbers.rounded(100 * pair.startsAt(), 0);
    }

    /** By what a comparison's link is followed, as a sentence: its picture is dragged. Empty where there is no link. */
    public String linkSaid() {
        if (pair() == null || said.link().isEmpty()) {
            return "";
        }
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
        Arrangement arrangement = Arrangements.of(reel);
        return new Sheet(
                reel.slides().indexOf(slide) + 1,
                reel.slides().size(),
                slide,
                said,
                draft.facts().altBefore(slide),
                Stands.of(draft, slide, said),
                Pressed.of(reel, slide, said),
                reel.choices().get(SteeringOptions.LARGER),
                new Offers(
                        reel.follows() == null,
                        arrangement.has(ShapeOptions.FIT),
                        arrangement.tells(Words.Field.TITLE),
                        arrangement.tells(Words.Field.TEXT),
                        arrangement.has(SteeringOptions.ANYWHERE) || arrangement.has(SteeringOptions.LARGER),
                        arrangement.has(PairOptions.HANDLE)),
                Canvas.of(draft, slide),
                found(draft, slide),
                Brief.of(reel, draft.layout(), draft.facts(), slide),
                Spans.of(reel, arrangement, slide),
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
