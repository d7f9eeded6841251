package com.keenreel.app.bench;

import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetUp;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.time.Schedule;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * One card of the running order.
 *
 * @param id the slide
 * @param position counted from 1
 * @param thumbnails one, or two for a pair, or none for plain colour
 * @param title its first words, or what it is
 * @param hold ms
 * @param start when it starts to stand, ms into the lap
 * @param ownHold whether the hold is its own
 * @param playing whether holds matter in this reel
 */
public record Card(
        String id,
        int position,
        List<String> thumbnails,
        String title,
        long hold,
        long start,
        boolean ownHold,
        boolean playing) {

    /** "5.0 s". */
    public String holdSaid() {
        return String.format(Locale.ROOT, "%.1f s", hold / 1000.0);
    }

    static List<Card> of(Draft draft) {
        Reel reel = draft.reel();
        int stops = draft.layout().stops(SetUp.DESK);
        List<Card> cards = new ArrayList<>();
        Schedule schedule = reel.slides().isEmpty() ? null : Schedule.of(reel, Math.max(stops, 1));
        for (int i = 0; i < reel.slides().size(); i++) {
            Slide slide = reel.slides().get(i);
            List<String> thumbnails = slide.carries().pictures().stream()
                    .map(picture -> Shelf.thumbnail(draft.shelf().version(picture)))
                    .toList();
            cards.add(new Card(
                    slide.id().value(),
                    i + 1,
                    thumbnails,
                    title(slide, draft.facts().said(slide)),
                    reel.hold(slide),
                    schedule == null
                            ? 0
                            : schedule.start(Math.min(i, schedule.holds().size() - 1)),
                    slide.hold() != null,
                    reel.movesByItself() && stops > 1));
        }
        return cards;
    }

    private static String title(Slide slide, Said said) {
        for (String words : List.of(said.title(), said.text(), said.button(), said.alt())) {
            if (!words.isEmpty()) {
                return words;
            }
        }
        return slide.carries() instanceof Carries.Pair ? "A pair without words" : "No words yet";
    }
}
