package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words;
import java.util.List;
import java.util.function.BiPredicate;

/** What is set on the sheet of each slide. */
enum OnSheet {
    TITLE(
            "say-title",
            "title",
            "The title of a slide.",
            tells(Words.Field.TITLE),
            "heading",
            "headline",
            "caption",
            "words"),
    TEXT("say-text", "text", "The text of a slide.", tells(Words.Field.TEXT), "description", "caption", "words"),
    BUTTON("say-button", "button", "The button of a slide.", tells(Words.Field.BUTTON), "call to action", "label"),
    LINK("say-link", "link", "Where a slide leads.", (reel, slide) -> true, "link", "address", "url", "mail", "phone"),
    ALT(
            "say-alt",
            "alt text",
            "What its picture shows, for those who do not see it.",
            (reel, slide) -> !(slide.carries() instanceof Carries.Plain),
            "alt text",
            "accessibility",
            "screen reader"),
    HOLD(
            "hold",
            "hold",
            "How long a slide stands.",
            (reel, slide) -> arrangement(reel).motion(reel).stops(),
            "duration",
            "seconds",
            "speed",
            "delay"),
    FOCAL(
            "focal-all",
            "focal point",
            "What of a picture is kept in sight: its focal point.",
            (reel, slide) -> !slide.carries().pictures().isEmpty(),
            "crop",
            "centre",
            "position",
            "faces"),
    ANOTHER_PICTURE(
            "instead-phone",
            "another picture on one screen",
            "Another picture on phone, tablet or desk.",
            (reel, slide) -> slide.carries() instanceof Carries.Picture
                    && arrangement(reel).has(ShapeOptions.FIT),
            "mobile",
            "instead",
            "exchange"),
    LEFT_NAME(
            "pair-before",
            "name of the left side",
            "What the left side of a comparison is called.",
            OnSheet::isPair,
            "before",
            "label"),
    RIGHT_NAME(
            "pair-after",
            "name of the right side",
            "What the right side of a comparison is called.",
            OnSheet::isPair,
            "after",
            "label"),
    DIVIDER(
            "pair-start",
            "divider",
            "Where the divider of a comparison starts.",
            OnSheet::isPair,
            "slider",
            "line",
            "handle"),
    FROM(
            "day-from",
            "first day",
            "From which day a slide is shown.",
            (reel, slide) -> true,
            "date",
            "schedule",
            "start"),
    UNTIL(
            "day-until",
            "last day",
            "Until which day a slide is shown.",
            (reel, slide) -> true,
            "date",
            "schedule",
            "end",
            "expire");

    private final String key;
    private final String called;
    private final String says;
    private final BiPredicate<Reel, Slide> stands;
    private final List<String> names;

    OnSheet(String key, String called, String says, BiPredicate<Reel, Slide> stands, String... names) {
        this.key = key;
        this.called = called;
        this.says = says;
        this.stands = stands;
        this.names = List.of(names);
    }

    private static boolean isPair(Reel reel, Slide slide) {
        return slide.carries() instanceof Carries.Pair;
    }

    private static BiPredicate<Reel, Slide> tells(Words.Field field) {
        return (reel, slide) -> arrangement(reel).tells(field);
    }

    private static Arrangement arrangement(Reel reel) {
        return Arrangements.of(reel);
    }

    /** Names its field on the page. */
    String key() {
        return key;
    }

    /** What it is called. */
    String called() {
        return called;
    }

    /** What it does, as a sentence. */
    String says() {
        return says;
    }

    /** Words by which people look for it. */
    List<String> names() {
        return names;
    }

    /** Whether the sheet of that slide has it. */
    boolean standsFor(Reel reel, Slide slide) {
        return stands.test(reel, slide);
    }
}
