package com.keenreel.player;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.SetFocalPoint;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.edit.SetWords;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import com.microsoft.playwright.Page;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * A reel that tests change and look at, wherever it is kept.
 *
 * @param <R> the kind of reel, for calls in a chain
 */
public abstract class TestReel<R extends TestReel<R>> {
    /** How it was called when it was made. */
    public final String name;

    protected TestReel(String name) {
        this.name = name;
    }

    /** The ids of its slides, in their order. */
    public abstract List<String> slides();

    /** Makes an edit. */
    public abstract R edit(Edit edit);

    /** Publishes it and opens its address, once the player runs there. */
    public abstract Page live();

    /** The boxes and the type that are calculated for a host of that width, px, in a window of 800 px, at the first moment. */
    public abstract JsonNode layout(double width);

    /** The same for many widths. */
    public abstract List<JsonNode> layouts(List<Double> widths);

    /**
     * Makes a choice for all slides.
     *
     * @param option its key, such as "row.shown"
     * @param setUp "phone", "tablet" or "desk"; null for all
     * @param value as documents write it; null for the usual one
     */
    public final R choose(String option, @Nullable String setUp, @Nullable String value) {
        return choose(option, (SlideId) null, setUp, value);
    }

    /** Makes the same choice for one slide. */
    public final R chooseFor(String slide, String option, @Nullable String setUp, @Nullable String value) {
        return choose(option, new SlideId(slide), setUp, value);
    }

    private R choose(String option, @Nullable SlideId slide, @Nullable String setUp, @Nullable String value) {
        return edit(SetOption.read(Arrangements.option(option), slide, of(setUp), value));
    }

    /** Sets the focal point of a slide, as fractions of its picture's width and height. */
    public final R look(String slide, @Nullable String setUp, double x, double y) {
        return edit(new SetFocalPoint(new SlideId(slide), of(setUp), new FocalPoint(x, y)));
    }

    /** Writes one of a slide's words: "title", "text", "button", "link" or "alt". */
    public final R say(String slide, String field, String text) {
        return edit(new SetWords(new SlideId(slide), Words.Field.of(field), text));
    }

    private static @Nullable SetUp of(@Nullable String setUp) {
        return setUp == null ? null : SetUp.of(setUp);
    }

    @Override
    public final String toString() {
        return name;
    }
}
