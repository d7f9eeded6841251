package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShadowKind;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;

/** The sentences of the brief about where a reel stands and its shape, whatever its arrangement. */
final class SaidOfShape {
    private final Reel reel;
    private final Layout layout;
    private final Arrangement arrangement;
    private final Supplier<Sentence> sentence;

    /**
     * Those of a reel.
     *
     * @param sentence begins another one
     */
    SaidOfShape(Reel reel, Layout layout, Supplier<Sentence> sentence) {
        this.reel = reel;
        this.layout = layout;
        this.arrangement = Arrangements.of(reel);
        this.sentence = sentence;
    }

    /** What it is, and where it stands in its slot. */
    void place() {
        Sentence sits = sentence.get()
                .always()
                .text("Shows ")
                .all(Arrangements.OPTION)
                .text(", ")
                .all(ShapeOptions.WIDTH);
        if (narrower()) {
            sits.text(" ").all(ShapeOptions.ALIGNED);
        }
        sits.text("; its place on the page is ").control(Control.slot(reel)).text(".");
    }

    /** What is said of its shape beside what its arrangement says of it. */
    void rest() {
        if (!narrower()) {
            sentence.get()
                    .idle()
                    .text("In a place that it does not fill it would stand ")
                    .all(ShapeOptions.ALIGNED)
                    .text(".");
        }
        narrow();
        if (arrangement.has(ShapeOptions.FIT)) {
            boolean bars = Arrays.stream(SetUp.values())
                    .anyMatch(setUp -> reel.choices().get(ShapeOptions.FIT, setUp) != FitKind.FILL);
            sentence.get().text("Pictures ").by(ShapeOptions.FIT).text(" around their focal point.");
            sentence.get()
                    .idle(!bars)
                    .text("Behind those that do not fill their frame " + (bars ? "is " : "would be "))
                    .all(LookOptions.BEHIND)
                    .text(".");
        }
        around();
        sentence.get()
                .text("Its widths are set up as for tablet from ")
                .all(ShapeOptions.TABLET_FROM)
                .text(", as for desk from ")
                .all(ShapeOptions.DESK_FROM)
                .text(".");
        sentence.get().text("The reel is ").by(ShapeOptions.HIDDEN).text(".");
    }

    private void around() {
        boolean shadow = layout.shadow() != ShadowKind.NONE;
        boolean room = shadow || reel.choices().get(ShapeOptions.AROUND) > 0;
        sentence.get()
                .text("Around it ")
                .all(ShapeOptions.AROUND)
                .text(shadow ? " are kept free, and as much as its shadow needs." : " are kept free.");
        sentence.get()
                .idle(!room)
                .text(room ? "There " : "In space around it ")
                .all(LookOptions.SURROUND)
                .text(room ? " is seen." : " would be seen.");
    }

    /** Whether there are slots that it does not fill. */
    private boolean narrower() {
        ReelWidth width = reel.choices().get(ShapeOptions.WIDTH);
        return width.share() < 1 || !Double.isInfinite(width.most());
    }

    /** Says which slides are too narrow to be recognised, and where. */
    private void narrow() {
        for (SetUp setUp : List.of(SetUp.DESK, SetUp.TABLET, SetUp.PHONE)) {
            List<String> narrow = layout.ranges(setUp).stream()
                    .flatMap(range -> range.narrow().stream())
                    .distinct()
                    .sorted()
                    .map(String::valueOf)
                    .toList();
            if (!narrow.isEmpty()) {
                sentence.get()
                        .text((narrow.size() == 1 ? "Slide " : "Slides ") + String.join(", ", narrow)
                                + (narrow.size() == 1 ? " is" : " are") + " so narrow at this height on "
                                + setUp.word() + " that nobody sees what "
                                + (narrow.size() == 1 ? "it shows." : "they show."));
                return;
            }
        }
    }
}
