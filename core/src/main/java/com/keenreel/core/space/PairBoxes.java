package com.keenreel.core.space;

import com.keenreel.core.align.Overlap;
import com.keenreel.core.align.Overlap.Common;
import com.keenreel.core.align.Warp;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.NamesPlace;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.text.Advances;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Two pictures compared: both cropped alike, the before picture cut off at the divider, a name on each side. */
public final class PairBoxes {
    /** From a name to the edges of the picture, px. */
    public static final double INSET = 16;

    /** Between a name and the edges of its ground, px. */
    public static final double PADDING = 12;

    /** How much higher than its type the ground of a name is, px. */
    private static final double HIGHER = 17;

    /** Width of the divider, px. */
    public static final double DIVIDER = 2;

    /** At which width of a reel the ratio of a frame is taken that has another one at another width, px. */
    private static final double USUAL = 800;

    /** A smaller share of a picture is nothing to look at. */
    private static final double LEAST = 0.05;

    private PairBoxes() {}

    /** Type of a name: one line that fills its ground. */
    public static Type type(Choices choices) {
        double size = choices.get(PairOptions.NAMES_SIZE);
        return Type.fixed(size, size + HIGHER);
    }

    /** The width of a name with its ground, in whole px: browsers cut off what a fraction too small is left for. */
    private static double nameWidth(Choices choices, Advances type, String name) {
        double size = choices.get(PairOptions.NAMES_SIZE);
        return name.isEmpty() ? 0 : Math.ceil(type.of(name, false, size)) + 2 * PADDING;
    }

    /** How wide and high the hit area of a divider's handle is, px. */
    private static double hit(Choices choices) {
        return Math.max(Target.HIT, choices.get(PairOptions.HANDLE_SIZE));
    }

    /**
     * What a name needs from its edge to be clear of the divider: it is hidden while the divider is nearer, px.
     */
    public static double clearance(Choices choices, Advances type, String name) {
        return INSET + nameWidth(choices, type, name);
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
            Choices choices,
            SetUp setUp,
            FocalPoint focal,
            Length width,
            Length height,
            Length foot) {
        FitKind fit = choices.get(ShapeOptions.FIT, setUp);
        double high = choices.get(PairOptions.NAMES_SIZE) + HIGHER;
        double hit = hit(choices);
        Warp lined = lined(facts.of(pair.before()), facts.of(pair.after()));
        Box before = box(facts.of(pair.before()), lined, fit, width, height, focal);
        Box after = box(facts.of(pair.after()), lined, fit, width, height, focal);
        Length divider = width.times(pair.startsAt());
        Length middle = height.minus(hit).dividedBy(2);
        Length nameTop = choices.get(PairOptions.NAMES_PLACE, setUp) == NamesPlace.HEAD
                ? Length.px(INSET)
                : height.minus(high).minus(Length.max(Length.px(INSET), foot));
        Advances type = facts.type();

        List<Placed> parts = new ArrayList<>();
        parts.add(Placed.of(Part.picture(n, Side.AFTER), after));
        parts.add(Placed.of(
                Part.side(n), Box.all(width, height), List.of(Placed.of(Part.picture(n, Side.BEFORE), before))));
        if (!pair.nameBefore().isEmpty()) {
            double own = nameWidth(choices, type, pair.nameBefore());
            parts.add(Placed.of(Part.label(n, Side.BEFORE), Box.of(Length.px(INSET), nameTop, own, high))
                    .seenWhile(divider.minus(clearance(choices, type, pair.nameBefore()))));
        }
        if (!pair.nameAfter().isEmpty()) {
            double own = nameWidth(choices, type, pair.nameAfter());
            parts.add(Placed.of(Part.label(n, Side.AFTER), Box.of(width.minus(INSET + own), nameTop, own, high))
                    .seenWhile(width.minus(clearance(choices, type, pair.nameAfter()))
                            .minus(divider)));
        }
        parts.add(Placed.of(
                Part.divider(n), new Box(divider.minus(DIVIDER / 2), Length.ZERO, Length.px(DIVIDER), height)));
        parts.add(Placed.of(Part.handle(n), Box.of(divider.minus(hit / 2), middle, hit, hit)));
        return parts;
    }

    /** How the one of two pictures was made that was lined up with the other; null where neither was. */
    private static @Nullable Warp lined(PictureFacts before, PictureFacts after) {
        return after.lined() != null ? after.lined() : before.lined();
    }

    /**
     * The box of a whole picture. Of two that were lined up, what both show is what fills the frame: the largest part of its
     * ratio, or of their own where it is not filled.
     */
    private static Box box(
            PictureFacts picture, @Nullable Warp lined, FitKind fit, Length width, Length height, FocalPoint focal) {
        if (lined == null) {
            return Fit.of(fit, picture, width, height, focal);
        }
        double frame = width.at(USUAL, USUAL) / Math.max(1, height.at(USUAL, USUAL));
        double shape = fit == FitKind.FILL ? frame / picture.ratio() : 1;
        Common common = Overlap.of(lined).around(shape, focal.x(), focal.y());
        if (common.width() < LEAST) {
            return Fit.of(fit, picture, width, height, focal);
        }
        FocalPoint within = new FocalPoint(
                inside((focal.x() - common.left()) / common.width()),
                inside((focal.y() - common.top()) / common.height()));
        Box part = Fit.of(
                fit, picture.width() * common.width(), picture.height() * common.height(), width, height, within);
        Length wide = part.width().dividedBy(common.width());
        Length high = part.height().dividedBy(common.height());
        return new Box(
                part.left().minus(wide.times(common.left())), part.top().minus(high.times(common.top())), wide, high);
    }

    private static double inside(double share) {
        return Math.min(1, Math.max(0, share));
    }
}
