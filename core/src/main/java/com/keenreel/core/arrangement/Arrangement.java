package com.keenreel.core.arrangement;

import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.Spanning;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Words.Field;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Motion;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A way for slides to stand, to move and to be steered. Each is a package of its own below this one, named in the registry
 * ({@link Arrangements}); it has no state, so that one instance serves all reels.
 */
public interface Arrangement {
    /** Names it in documents, and as a class of the reel in style sheets: small letters. */
    String word();

    /** As the brief says it, after "Shows". */
    String says();

    /** What a list says of such a reel first. */
    String summary(Reel reel);

    /** What its slides are called, several of them: "slides", or what they are in it. */
    default String slides() {
        return "slides";
    }

    /** Where it stands among the others where they are offered, from 1. */
    int place();

    /** Everything that can be chosen in it: options of its own, and those that it shares with others. */
    Set<Option<?>> options();

    /** Options that no other arrangement has; they are declared in its package. */
    default List<Option<?>> own() {
        return List.of();
    }

    /** Whether an option has an effect in it. */
    default boolean has(Option<?> option) {
        return options().contains(option);
    }

    /** Whether a slide can carry that in it. */
    default boolean shows(Carries carried) {
        return true;
    }

    /** Whether visitors meet that of what slides say. */
    default boolean tells(Field field) {
        return switch (field) {
            case LINK, ALT -> true;
            case ALT_BEFORE -> has(PairOptions.VIEW);
            case TITLE, TEXT, BUTTON -> has(Options.WORDS_PLACE);
        };
    }

    /** What says how many cells a slide takes, where slides stand in equal cells; null elsewhere. */
    default @Nullable Option<Spanning> spanning(Reel reel) {
        return null;
    }

    /** What of a reel's slides it keeps without showing it, in a few words; empty where it shows all. */
    default String keeps(Reel reel) {
        long lost =
                reel.slides().stream().filter(slide -> !shows(slide.carries())).count();
        return lost == 0 ? "" : lost == 1 ? "keeps 1 slide, unseen" : "keeps " + lost + " slides, unseen";
    }

    /** Where everything of a reel stands. */
    Places places(Reel reel, Facts facts);

    /** What moves in a reel, and what leads it. */
    Motion motion(Reel reel);

    /** True when something moves in that reel without being asked. */
    default boolean movesByItself(Reel reel) {
        return has(MotionOptions.AUTOPLAY)
                && reel.choices().get(MotionOptions.AUTOPLAY)
                && reel.slides().size() > 1;
    }

    /** The sentences that only it has. */
    List<Line> brief(Reel reel, Layout layout);

    /** Ready set-ups to begin with. */
    List<Starter> starters();
}
