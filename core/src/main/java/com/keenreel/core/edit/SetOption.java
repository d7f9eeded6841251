package com.keenreel.core.edit;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SlideId;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Makes a choice about the whole reel, or about one slide.
 *
 * @param option what is chosen
 * @param slide for which slide it holds; null for all
 * @param setUp where it holds; null for all
 * @param value null takes the choice back
 */
public record SetOption<T>(
        Option<T> option,
        @Nullable SlideId slide,
        @Nullable SetUp setUp,
        @Nullable T value) implements Edit {
    /** A choice about the whole reel. */
    public SetOption(Option<T> option, @Nullable SetUp setUp, @Nullable T value) {
        this(option, null, setUp, value);
    }

    /**
     * Reads the value as edits write it.
     *
     * @throws Refusal when it is not within the option's limits
     */
    public static <T> SetOption<T> read(
            Option<T> option, @Nullable SlideId slide, @Nullable SetUp setUp, @Nullable String value) {
        try {
            return new SetOption<>(
                    option, slide, setUp, value == null ? null : option.domain().read(value));
        } catch (IllegalArgumentException notAllowed) {
            throw Refusal.because(notAllowed);
        }
    }

    @Override
    public Reel applyTo(Reel reel) {
        try {
            if (slide == null) {
                return reel.withChoices(reel.choices().with(option, setUp, value));
            }
            return SlideAt.change(
                    reel, slide, one -> one.withChoices(one.choices().with(option, setUp, value)));
        } catch (IllegalArgumentException notAllowed) {
            throw Refusal.because(notAllowed);
        }
    }

    private Choices standing(Reel reel) {
        return slide == null ? reel.choices() : SlideAt.find(reel, slide).choices();
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new SetOption<>(
                option, slide, setUp, standing(reel).chosen(option).said(setUp));
    }

    @Override
    public Set<String> touches() {
        String of = slide == null ? "" : " of " + slide;
        return Set.of(option.key() + (setUp == null ? "" : "@" + setUp.word()) + of);
    }

    @Override
    public String say(Reel reel) {
        String whose = slide == null ? "" : " of " + SlideAt.say(reel, slide);
        String where = setUp == null ? "" : " on " + setUp.word();
        String name = option.means().name();
        String now = reel.direction().say(said(value));
        if (option.domain() instanceof Domain.YesNo) {
            return now.endsWith(name) ? now + whose + where : name + whose + where + ": " + now;
        }
        String before = reel.direction().say(said(standing(reel).chosen(option).said(setUp)));
        return name + whose + where + ": " + now + " instead of " + before;
    }

    private String said(@Nullable T chosen) {
        if (chosen != null) {
            return option.domain().say(chosen);
        }
        return slide != null ? "as the reel" : setUp == null ? option.domain().say(option.usual()) : "as everywhere";
    }
}
