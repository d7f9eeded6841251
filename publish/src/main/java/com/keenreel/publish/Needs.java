package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.time.Motion;

/**
 * What a reel needs of the player and of the style sheets that ship.
 *
 * @param arrangement its word; some have a style sheet
 * @param lead what leads it, see {@link Motion#lead}
 * @param pairs whether slides carry comparisons
 * @param larger whether pictures are opened in the larger view
 */
public record Needs(String arrangement, String lead, boolean pairs, boolean larger) {
    /** What that material needs. */
    static Needs of(Material material) {
        Reel reel = material.reel();
        Motion motion = Arrangements.of(reel).motion(reel);
        return new Needs(
                Arrangements.of(reel).word(),
                motion.lead(),
                !(motion instanceof Motion.ByTime)
                        && reel.slides().stream().anyMatch(slide -> slide.carries() instanceof Carries.Pair),
                material.hasLargerView());
    }

    /** Everything that either of the two needs, for reels that take turns on one page. */
    Needs and(Needs other) {
        return new Needs(arrangement, lead, pairs || other.pairs, larger || other.larger);
    }

    /** Which of the players that is. */
    String script() {
        String own = switch (lead) {
            case "time" -> "band";
            case "scroll" -> "scroll";
            case "nothing" -> "still";
            default -> "stops";
        };
        return own + (pairs ? "-pairs" : "");
    }

    /** The style sheets, one after another. */
    String css() {
        PlayerFiles shipped = PlayerFiles.shipped();
        return shipped.css()
                + shipped.css("arrangements/" + arrangement)
                + (lead.equals("time") ? shipped.css("styles/by-time") : "")
                + (pairs ? shipped.css("styles/pairs") : "")
                + (larger ? shipped.css("larger") : "");
    }
}
