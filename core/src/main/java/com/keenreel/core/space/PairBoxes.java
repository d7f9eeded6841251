package com.keenreel.core.space;

import com.keenreel.core.option.FitKind;
import com.keenreel.core.reel.Carries;
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

    /** Width of the divider, px. */
    public static final double DIVIDER = 2;

    private PairBoxes() {}

    /** The width of a name with its ground, px. */
    public static double nameWidth(Advances type, String name) {
        return name.isEmpty() ? 0 : type.of(name, false, SIZE) + 2 * PADDING;
    }

    /**
     * What a name needs from its edge to be clear of the divider: it is hidden while the divider is nearer, px.
     */
    public static double clearance(Advances type, String name) {
        return INSET + nameWidth(type, name);
    }

    /** What a part is called in {@code layout}: plainly on the first slide, with the slide's number on later ones. */
    public static String name(String part, int n) {
        return n == 1 ? part : part + "-" + n;
    }

    /**
     * The parts of slide {@code n}'s pair in a picture area of that size.
     *
     * @param foot what must stay clear at the lower edge, px
     */
    static List<Placed> in(
            int n,
            Carries.Pair pair,
            Facts facts,
            FitKind fit,
            FocalPoint focal,
            Length width,
            Length height,
            double foot) {
        Box before = Fit.of(fit, facts.of(pair.before()), width, height, focal);
        Box after = Fit.of(fit, facts.of(pair.after()), width, height, focal);
        Length divider = width.times(pair.startsAt());
        Length middle = height.minus(Controls.HIT).dividedBy(2);
        Length nameTop = height.minus(HEIGHT + Math.max(INSET, foot));
        Advances type = facts.type();

        List<Placed> parts = new ArrayList<>();
        parts.add(Placed.listed("picture-" + n + "-after", after));
        parts.add(Placed.holding(
                "side-" + n, Box.all(width, height), List.of(Placed.listed("picture-" + n + "-before", before))));
        if (!pair.nameBefore().isEmpty()) {
            double own = nameWidth(type, pair.nameBefore());
            parts.add(Placed.listed("label-before-" + n, Box.of(Length.px(INSET), nameTop, own, HEIGHT))
                    .named(name("label-before", n))
                    .seenWhile(divider.minus(clearance(type, pair.nameBefore()))));
        }
        if (!pair.nameAfter().isEmpty()) {
            double own = nameWidth(type, pair.nameAfter());
            parts.add(Placed.listed("label-after-" + n, Box.of(width.minus(INSET + own), nameTop, own, HEIGHT))
                    .named(name("label-after", n))
                    .seenWhile(width.minus(clearance(type, pair.nameAfter())).minus(divider)));
        }
        parts.add(Placed.listed(
                        "divider-" + n, new Box(divider.minus(DIVIDER / 2), Length.ZERO, Length.px(DIVIDER), height))
                .named(name("divider", n)));
        parts.add(Placed.listed(
                        "handle-" + n, Box.of(divider.minus(Controls.HIT / 2), middle, Controls.HIT, Controls.HIT))
                .named(name("handle", n)));
        return parts;
    }
}
