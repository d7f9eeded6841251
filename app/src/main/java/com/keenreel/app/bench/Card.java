package com.keenreel.app.bench;

import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureTraits;
import com.keenreel.core.reel.PictureTraits.Inked;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Showing;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.space.Stop;
import com.keenreel.core.time.Motion;
import com.keenreel.core.time.Reading;
import com.keenreel.core.time.Schedule;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One card of the running order.
 *
 * @param id the slide
 * @param position counted from 1
 * @param thumbnails one, or two for a pair, or none for plain colour
 * @param colour of a slide that carries plain colour, such as "#16241e"; empty for others
 * @param title its first words, or what it is
 * @param hold ms
 * @param starts when it starts to stand, ms into the lap; twice, where it goes to and fro
 * @param comes when it begins to come, ms into the lap
 * @param ownHold whether the hold is its own
 * @param playing whether holds matter in this reel
 * @param showing when visitors meet it
 * @param today whether they meet it today
 * @param joint how it gives way to the next one; null where nothing moves from slide to slide
 * @param reads how long its words take to read, ms; 0 for none
 */
public record Card(
        String id,
        int position,
        List<Thumbnail> thumbnails,
        String colour,
        String title,
        long hold,
        List<Long> starts,
        long comes,
        boolean ownHold,
        boolean playing,
        Showing showing,
        boolean today,
        @Nullable Joint joint,
        long reads) {

    /**
     * A picture on a card.
     *
     * @param view the part of it that is drawn on, as a view box, where it stands whole; empty where it fills its place
     * @param width px across
     * @param height px down
     */
    public record Thumbnail(String address, String view, int width, int height) {
        static Thumbnail of(Version version, boolean whole) {
            PictureTraits traits = version.traits();
            String view = "";
            if (whole) {
                Inked inked = traits == null ? Inked.ALL : traits.inked();
                view = Stream.of(
                                inked.left() * version.width(),
                                inked.top() * version.height(),
                                (inked.right() - inked.left()) * version.width(),
                                (inked.bottom() - inked.top()) * version.height())
                        .map(Numbers::plain)
                        .collect(Collectors.joining(" "));
            }
            return new Thumbnail(Shelf.thumbnail(version), view, version.width(), version.height());
        }
    }

    /** "12 Dec 2026 to 13 Dec 2026" or "hidden"; empty for always. */
    public String days() {
        return showing.equals(Showing.ALWAYS) ? "" : showing.toString();
    }

    /** Its classes as a place in the list. */
    public String look() {
        return "card-place" + (today ? "" : " away") + (days().isEmpty() ? "" : " dated");
    }

    /** The classes of its pictures. */
    public String thumbnailsLook() {
        return thumbnails.size() == 2 ? "thumbnails two" : "thumbnails";
    }

    /** "Slide 2 of 9: Open days, hidden". */
    public String called(int count) {
        return "Slide " + position + " of " + count + ": " + title + (days().isEmpty() ? "" : ", " + days());
    }

    /** When it starts to stand for the first time, ms. */
    public long first() {
        return starts.get(0);
    }

    /** When it stands once more, ms; null where it stands once. */
    public @Nullable Long again() {
        return starts.size() > 1 ? starts.get(1) : null;
    }

    /** The classes of its hold. */
    public String holdLook() {
        return ownHold ? "figure own" : "figure";
    }

    /** "5.0 s". */
    public String holdSaid() {
        return String.format(Locale.ROOT, "%.1f s", hold / 1000.0);
    }

    static List<Card> of(Draft draft) {
        Reel reel = draft.reel();
        Arrangement arrangement = Arrangements.of(reel);
        Set<SlideId> seen = draft.seen().slides().stream().map(Slide::id).collect(Collectors.toSet());
        List<Stop> stops = draft.layout().usual(SetUp.DESK).stops();
        List<Card> cards = new ArrayList<>();
        Schedule schedule = seen.isEmpty()
                ? new Schedule(List.of(0L), 0)
                : Schedule.of(draft.seen(), arrangement.motion(draft.seen()), stops);
        List<List<Long>> starts = schedule.starts();
        List<Long> comes = schedule.comes();
        Motion motion = arrangement.motion(reel);
        boolean playing = arrangement.movesByItself(draft.seen()) && stops.size() > 1;
        LocalDate today = LocalDate.now();
        int standing = 0; // slides that are seen before this one
        for (Slide slide : reel.slides()) {
            List<Thumbnail> thumbnails = slide.carries().pictures().stream()
                    .map(picture -> Thumbnail.of(draft.shelf().version(picture), !arrangement.has(ShapeOptions.FIT)))
                    .toList();
            cards.add(new Card(
                    slide.id().value(),
                    cards.size() + 1,
                    thumbnails,
                    slide.carries() instanceof Carries.Plain plain
                            ? plain.colour().hex()
                            : "",
                    title(slide, draft.facts().said(slide)),
                    reel.hold(slide),
                    starts.get(Math.min(standing, starts.size() - 1)),
                    comes.get(Math.min(standing, comes.size() - 1)),
                    slide.hold() != null,
                    playing,
                    slide.showing(),
                    slide.showing().on(today),
                    Joint.into(reel, motion, cards.size() + 1),
                    Reading.time(draft.facts().said(slide))));
            standing += seen.contains(slide.id()) ? 1 : 0;
        }
        return cards;
    }

    private static String title(Slide slide, Said said) {
        for (String words : List.of(said.title(), said.text(), said.button(), said.alt())) {
            if (!words.isEmpty()) {
                return words;
            }
        }
        if (slide.carries() instanceof Carries.Plain) {
            return "Plain colour, no words yet";
        }
        return slide.carries() instanceof Carries.Pair ? "A pair without words" : "No words yet";
    }
}
