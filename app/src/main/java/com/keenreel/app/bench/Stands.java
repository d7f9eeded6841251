package com.keenreel.app.bench;

import com.keenreel.app.publishing.Draft;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Video;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.time.Reading;
import java.util.Locale;

/**
 * How long a slide stands, and how long it would have to.
 *
 * @param hold ms
 * @param own whether that is its own
 * @param goesOn whether its reel goes on by itself
 * @param said what visitors meet on it
 * @param video how long the video lasts that it plays, ms; 0 where that is not known, or none plays
 */
public record Stands(long hold, boolean own, boolean goesOn, Said said, long video) {
    static Stands of(Draft draft, Slide slide, Said said) {
        boolean plays = Playing.plays(draft.reel(), slide, draft.facts());
        Video video = Playing.carried(draft.reel(), slide, draft.facts());
        return new Stands(
                draft.reel().hold(slide),
                slide.hold() != null,
                Arrangements.of(draft.reel()).movesByItself(draft.reel()),
                said,
                plays && video != null ? video.length() : 0);
    }

    /** The hold as it is written in its field. */
    public String holdSaid() {
        return Numbers.rounded(hold / 1000.0, 1);
    }

    /** How long its words take to read, as a sentence; empty where there are none. */
    public String readsSaid() {
        long reads = Reading.time(said);
        String end = isShort() ? " s, too short." : " s.";
        return reads == 0 ? "" : String.format(Locale.ROOT, "Reads in %.1f", reads / 1000.0) + end;
    }

    /** Whether its words cannot be read while it stands. */
    public boolean isShort() {
        return holdToRead() > 0;
    }

    /** The class of how long it reads. */
    public String readsLook() {
        return isShort() ? "reads short" : "reads";
    }

    /** "Stand 4.5 s". */
    public String standSaid() {
        return String.format(Locale.ROOT, "Stand %.1f s", holdToRead() / 1000.0);
    }

    /**
     * The least hold, to half a second, in which its words can be read, ms; 0 where the hold is long enough, or nothing goes
     * on before somebody has read them.
     */
    public long holdToRead() {
        return !goesOn || hold >= Reading.time(said) ? 0 : Reading.hold(said);
    }

    /** The hold in which its video is seen once, to a tenth of a second, ms; 0 where that is not known, or none plays. */
    public long holdToPlay() {
        return video == 0 ? 0 : Slide.hold(video);
    }

    /** "Its video lasts 8.2 s."; empty where that is not known, or none plays. */
    public String playsSaid() {
        return holdToPlay() == 0 ? "" : String.format(Locale.ROOT, "Its video lasts %.1f s.", holdToPlay() / 1000.0);
    }

    /** Whether it could stand as long as its video lasts, and does not. */
    public boolean mayPlayOut() {
        return holdToPlay() > 0 && hold != holdToPlay();
    }
}
