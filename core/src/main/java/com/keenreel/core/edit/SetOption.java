package com.keenreel.core.edit;

import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Makes a choice about the whole reel.
 *
 * @param option what is chosen
 * @param setUp where it holds; null for all
 * @param value null takes the choice back
 */
public record SetOption<T>(
        Option<T> option, @Nullable SetUp setUp, @Nullable T value) implements Edit {
    /**
     * Reads the value as edits write it.
     *
     * @throws Refusal when it is not within the option's limits
     */
    public static <T> SetOption<T> read(Option<T> option, @Nullable SetUp setUp, @Nullable String value) {
        try {
            return new SetOption<>(
                    option, setUp, value == null ? null : option.domain().read(value));
        } catch (IllegalArgumentException notAllowed) {
            throw Refusal.because(notAllowed);
        }
    }

    @Override
    public Reel applyTo(Reel reel) {
        try {
            return reel.withChoices(reel.choices().with(option, setUp, value));
        } catch (IllegalArgumentException notAllowed) {
            throw Refusal.because(notAllowed);
        }
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new SetOption<>(option, setUp, reel.choices().chosen(option).said(setUp));
    }

    @Override
    public Set<String> touches() {
        return Set.of(option.key() + (setUp == null ? "" : "@" + setUp.word()));
    }

    @Override
    public String say(Reel reel) {
        String where = setUp == null ? "" : " on " + setUp.word();
        String change = said(reel.choices().chosen(option).said(setUp)) + " -> " + said(value);
        return option.key().replaceAll("[.-]", " ") + where + " "
                + reel.direction().say(change);
    }

    private String said(@Nullable T chosen) {
        return chosen != null
                ? option.domain().say(chosen)
                : setUp == null ? option.domain().say(option.usual()) : "as all";
    }
}
