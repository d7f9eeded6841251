package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.reel.Reel;
import java.util.function.Supplier;

/** The sentences of the brief about when slides come and go. */
final class SaidOfMotion {
    private final Reel reel;
    private final Arrangement arrangement;
    private final boolean goesOn;
    private final Supplier<Sentence> sentence;

    /**
     * Those of a reel.
     *
     * @param sentence begins another one
     */
    SaidOfMotion(Reel reel, Layout layout, Supplier<Sentence> sentence) {
        this.reel = reel;
        this.arrangement = Arrangements.of(reel);
        this.goesOn = goesOn(reel, layout);
        this.sentence = sentence;
    }

    /** Whether a reel goes on by itself, and there is something to go on to on any screen. */
    static boolean goesOn(Reel reel, Layout layout) {
        return Arrangements.of(reel).movesByItself(reel)
                && layout.ranges().stream().anyMatch(range -> range.stops().size() > 1);
    }

    void say() {
        if (arrangement.has(MotionOptions.AUTOPLAY)) {
            course();
            timing();
        }
        sentence.get()
                .text("When it is scrolled into sight it ")
                .all(MotionOptions.ENTRY)
                .text(".");
        if (arrangement.has(MotionOptions.ENTERS)) {
            sentence.get().text("Its slides ").all(MotionOptions.ENTERS).text(".");
        }
        if (arrangement.has(MotionOptions.ANEW)) {
            sentence.get()
                    .idle(reel.slides().size() < 3 || !arrangement.motion(reel).stops())
                    .text("Slides come ")
                    .all(MotionOptions.ANEW)
                    .text(".");
        }
    }

    /** In which order, and how often. */
    private void course() {
        Sentence stands = sentence.get()
                .idle(!arrangement.motion(reel).stops())
                .text("Each slide stands ")
                .all(MotionOptions.HOLD)
                .text(". Goes on ")
                .all(MotionOptions.AUTOPLAY);
        int laps = reel.choices().get(MotionOptions.LAPS);
        Sentence course = goesOn ? stands.text(", ") : sentence.get().idle().text("By itself it would go ");
        course.all(MotionOptions.COURSE)
                .text(", ")
                .all(MotionOptions.LAPS)
                .text(laps == 0 ? "; it " : laps == 1 ? " time; it " : " times; it ")
                .all(MotionOptions.POINTED)
                .text(" while pointed at.");
        if (!goesOn) {
            boolean asked = reel.choices().get(MotionOptions.AUTOPLAY);
            stands.text(asked ? "; but all its slides are in sight, so there is nothing to go on to." : ".");
        }
    }

    private void timing() {
        sentence.get()
                .idle(!goesOn)
                .text("It begins ")
                .all(MotionOptions.DELAY)
                .text(" late, and once a visitor takes over it rests ")
                .all(MotionOptions.REST)
                .text(".");
        sentence.get()
                .idle(!goesOn || reel.choices().get(MotionOptions.LAPS) == 0)
                .text("At its end it ")
                .all(MotionOptions.END)
                .text(".");
    }
}
