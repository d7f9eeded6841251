package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Option;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Facts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** All that can be chosen about a reel and its slides, by the words that people use for it. */
final class Index {
    /**
     * One thing that can be chosen.
     *
     * @param name what it is called
     * @param says what it does
     * @param now what is chosen at present; empty for what each slide has its own of
     * @param stands where it is chosen, such as "Motion"
     * @param names all words by which it is found, in small letters
     * @param word names the word or the field that it is chosen by, on the page
     * @param option its option, where the word opens several
     * @param slide the first slide on whose sheet it stands; null where it stands in the brief
     */
    record Entry(
            String name,
            String says,
            String now,
            String stands,
            List<String> names,
            String word,
            @Nullable String option,
            @Nullable String slide) {}

    private Index() {}

    static List<Entry> of(Reel reel, Layout layout, Facts facts) {
        List<Entry> entries = new ArrayList<>();
        for (Brief.Column column : Brief.of(reel, layout, facts)) {
            column.controls().forEach(control -> entries.add(entry(control, column.title())));
        }
        for (OnSheet field : OnSheet.values()) {
            reel.slides().stream()
                    .filter(slide -> field.standsFor(reel, slide))
                    .findFirst()
                    .ifPresent(slide -> entries.add(entry(field, slide)));
        }
        return entries;
    }

    private static Entry entry(Control control, String column) {
        boolean together = control.kind().equals("wording");
        return new Entry(
                slot(control) ? "place on the page" : option(control).means().name(),
                control.meaning(),
                control.label(),
                column,
                small(Stream.concat(names(control), control.choices().stream().map(Control.Choice::label))),
                "word-" + (together ? "together" : control.id()),
                together ? control.option() : null,
                null);
    }

    private static Stream<String> names(Control control) {
        return slot(control)
                ? Stream.of("box", "column", "page", "width", "slot")
                : option(control).means().alsoCalled().stream();
    }

    private static boolean slot(Control control) {
        return control.option().equals(Control.SLOT);
    }

    private static Option<?> option(Control control) {
        return Arrangements.option(control.option());
    }

    private static Entry entry(OnSheet field, Slide slide) {
        return new Entry(
                field.called(),
                field.says(),
                "",
                "Each slide",
                small(field.names().stream()),
                field.key(),
                null,
                slide.id().value());
    }

    private static List<String> small(Stream<String> names) {
        return names.map(name -> name.toLowerCase(Locale.ROOT)).distinct().toList();
    }
}
