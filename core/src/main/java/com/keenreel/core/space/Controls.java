package com.keenreel.core.space;

import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import java.util.ArrayList;
import java.util.List;

/** The hit areas of what visitors steer with. The same on every device, so that the wall equals the phone. */
public final class Controls {
    /** Side of the hit area of an arrow, the pause button and a handle, px. */
    public static final double HIT = 44;

    /** Side of the hit area of a dot, px: the least that a press target needs, by WCAG 2.2, success criterion 2.5.8. */
    public static final double DOT = 24;

    /** Between a control and the edge of the frame, px. */
    public static final double EDGE = 8;

    /** Between a strip of slides and the controls below it, px. */
    public static final double BELOW = 4;

    private final Reel reel;
    private final SetUp setUp;
    private final int stops;

    public Controls(Reel reel, SetUp setUp, int stops) {
        this.reel = reel;
        this.setUp = setUp;
        this.stops = stops;
    }

    public boolean arrows() {
        return stops > 1 && reel.choices().get(Options.ARROWS, setUp);
    }

    boolean pause() {
        return reel.choices().get(Options.AUTOPLAY) && stops > 1;
    }

    /** True when dots are wanted and there is room for them, beside the pause button, at the narrowest width. */
    public boolean dots() {
        return stops > 1 && reel.choices().get(Options.DOTS, setUp) && stops * DOT <= roomForDots();
    }

    double roomForDots() {
        double narrowest = Math.max(Widths.NARROWEST, reel.limits().from(setUp));
        return narrowest - (pause() ? 2 * (HIT + 2 * EDGE) : 2 * EDGE);
    }

    /** True when anything stands in the line of dots and pause. */
    public boolean line() {
        return dots() || pause();
    }

    /** Arrows halfway down a picture area of that height; dots and pause in a line that has {@code middle} as centre. */
    public List<Placed> around(Length pictureHeight, Length middle) {
        List<Placed> controls = new ArrayList<>();
        if (pause()) {
            controls.add(pause(Length.WIDTH.minus(HIT + EDGE), middle));
        }
        if (arrows()) {
            Length top = pictureHeight.minus(HIT).dividedBy(2);
            controls.add(Placed.of(Part.PREVIOUS, Box.of(Length.px(EDGE), top, HIT, HIT)));
            controls.add(Placed.of(Part.NEXT, Box.of(Length.WIDTH.minus(HIT + EDGE), top, HIT, HIT)));
        }
        if (dots()) {
            for (int i = 0; i < stops; i++) {
                Length left = Length.share(0.5).plus(DOT * (i - stops / 2.0));
                controls.add(Placed.of(Part.dot(i + 1), Box.of(left, middle.minus(DOT / 2), DOT, DOT)));
            }
        }
        return controls;
    }

    public static Placed pause(Length left, Length middle) {
        return Placed.of(Part.PAUSE, Box.of(left, middle.minus(HIT / 2), HIT, HIT));
    }
}
