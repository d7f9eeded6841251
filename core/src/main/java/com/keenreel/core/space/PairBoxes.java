package com.keenreel.core.space;

import com.keenreel.core.option.FitKind;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.text.Advances;
import java.util.ArrayList;
import java.util.List;

/** Two pictures compared: both cropped alike, the before picture cut off at the divider, a name on each side. */
public final class PairBoxes {
    /** From a name to the edges of the picture, px. */
    public static final double INSET = 16;

    /** Between a name and the edges of its ground, px. */
    public static final double PADDING = 12;

    /** Size of a name's type, px. */
    public static final double SIZE = 15;

    /** Height of a name's ground, px. */
    public static final double HEIGHT = 32;

    /** Type of a name: one line that fills its ground. */
    public static final Type TYPE = Type.fixed(SIZE, HEIGHT);

    /** Width of the divider, px. */
    public static final double DIVIDER = 2;

    private PairBoxes() {}

    /** The width of a name with its ground, in whole px: browsers cut off what a fraction too small is left for. */
    public static double nameWidth(Advances type, String name) {
        return name.isEmpty() ? 0 : Math.ceil(type.of(name, false, SIZE)) + 2 * PADDING;
    }

    /**
     * What a name needs from its edge to be clear of the divider: it is hidden while the divider is nearer, px.
     */
    public static double clearance(Advances type, String name) {
        return INSET + nameWidth(type, name);
    }

    /**
     * The parts of slide {@code n}'s pair in a picture area of that size.
     *
     * @param foot what must stay clear at the lower edge
     */
    static List<Placed> in(
            int n,
            Carries.Pair pair,
            Facts facts,
            FitKind fit,
            FocalPoint focal,
            Length width,
            Length height,
            Length foot) {
        Box before = Fit.of(fit, facts.of(pair.before()), width, height, focal);
        Box after = Fit.of(fit, facts.of(pair.after()), width, height, focal);
        Length divider = width.times(pair.startsAt());
        Length middle = height.minus(Target.HIT).dividedBy(2);
        Length nameTop = height.minus(HEIGHT).minus(Length.max(Length.px(INSET), foot));
        Advances type = facts.type();

        List<Placed> parts = new ArrayList<>();
        parts.add(Placed.of(Part.picture(n, Side.AFTER), after));
        parts.add(Placed.of(
                Part.side(n), Box.all(width, height), List.of(Placed.of(Part.picture(n, Side.BEFORE), before))));
        if (!pair.nameBefore().isEmpty()) {
            double own = nameWidth(type, pair.nameBefore());
            parts.add(Placed.of(Part.label(n, Side.BEFORE), Box.of(Length.px(INSET), nameTop, own, HEIGHT))
                    .seenWhile(divider.minus(clearance(type, pair.nameBefore()))));
        }
        if (!pair.nameAfter().isEmpty()) {
            double own = nameWidth(type, pair.nameAfter());
            parts.add(Placed.of(Part.label(n, Side.AFTER), Box.of(width.minus(INSET + own), nameTop, own, HEIGHT))
                    .seenWhile(width.minus(clearance(type, pair.nameAfter())).minus(divider)));
        }
        parts.add(Placed.of(
                Part.divider(n), new Box(divider.minus(DIVIDER / 2), Length.ZERO, Length.px(DIVIDER), height)));
        parts.add(Placed.of(Part.handle(n), Box.of(divider.minus(Target.HIT / 2), middle, Target.HIT, Target.HIT)));
        return parts;
    }
}
