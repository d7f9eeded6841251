package com.keenreel.core.space;

import com.keenreel.core.align.Overlap;
import com.keenreel.core.align.Overlap.Common;
import com.keenreel.core.align.Warp;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.NamesPlace;
import com.keenreel.core.option.PairDirection;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.PairView;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.text.Advances;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Two pictures compared: both cropped alike, the before picture cut off at the divider, a name on each side. */
public final class PairBoxes {
    /** From a name to the edges of the picture, px. */
    private static final double INSET = 16;

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
        Warp lined = lined(facts.of(pair.before()), facts.of(pair.after()));
        List<Placed> parts = new ArrayList<>();
        parts.add(
                Placed.of(Part.picture(n, Side.AFTER), box(facts.of(pair.after()), lined, fit, width, height, focal)));
        PairView view = view(choices, pair);
        for (int i = pair.between().size(); i >= 0; i--) {
            PictureId picture = pair.pictures().get(i);
            Part part = i == 0 ? Part.picture(n, Side.BEFORE) : Part.between(n, i);
            Placed inside = Placed.of(part, box(facts.of(picture), lined, fit, width, height, focal));
            Placed cut = Placed.of(Part.side(n, i), Box.all(width, height), List.of(inside));
            parts.add(view.switches() && view.start(pair.startsAt()) == 0 ? cut.unseen() : cut);
        }
        Length above = height.minus(Length.max(Length.px(INSET), foot)); // what stands at the lower edge
        boolean down = isDown(choices, setUp);
        double hit = hit(choices);
        List<Length> dividers = pair.starts().stream()
                .map(at -> (down ? height : width).times(view.start(at)))
                .toList();
        Length lowest = view == PairView.FADE ? above.minus(hit) : above;
        for (Side side : Side.values()) {
            if (!pair.name(side).isEmpty()) {
                Box box = name(side, pair.name(side), facts.type(), choices, setUp, width, lowest);
                Length edge = edge(side, box, down);
                Length divider = dividers.get(side == Side.BEFORE ? 0 : dividers.size() - 1);
                Length clear = side == Side.BEFORE ? divider.minus(edge) : edge.minus(divider);
                parts.add(Placed.of(Part.label(n, side), box).seenWhile(view == PairView.FADE ? Length.ZERO : clear));
            }
        }
        for (int i = 1; i < dividers.size(); i++) {
            String name = pair.between().get(i - 1).name();
            if (!name.isEmpty()) {
                Box usual = name(Side.BEFORE, name, facts.type(), choices, setUp, width, lowest);
                Length from = dividers.get(i - 1);
                Box box = down ? usual.movedBy(Length.ZERO, from) : usual.movedBy(from, Length.ZERO);
                Placed label = Placed.of(Part.label(n, i), box);
                parts.add(label.seenWhile(dividers.get(i).minus(from).minus(edge(label, down))));
            }
        }
        for (int i = 0; i < dividers.size(); i++) {
            parts.addAll(divider(n, i, view, down, hit, dividers.get(i), width, height, above));
        }
        return parts;
    }

    /** How both sides of a pair are seen: more than two have dividers between them. */
    public static PairView view(Choices choices, Carries.Pair pair) {
        return pair.between().isEmpty() ? choices.get(PairOptions.VIEW) : PairView.DIVIDER;
    }

    /** A divider and what it is held by, or what is in their place. */
    private static List<Placed> divider(
            int n,
            int i,
            PairView view,
            boolean down,
            double hit,
            Length at,
            Length width,
            Length height,
            Length above) {
        Length line = at.minus(DIVIDER / 2);
        Length grip = at.minus(hit / 2);
        Length top = above.minus(hit);
        return switch (view) {
            case SWITCH, BLINK ->
                List.of(Placed.of(Part.handle(n), Box.of(width.dividedBy(2).minus(hit / 2), top, hit, hit)));
            case FADE -> // the line that its control goes along
                List.of(
                        Placed.of(
                                Part.divider(n),
                                new Box(Length.ZERO, top.plus((hit - DIVIDER) / 2), width, Length.px(DIVIDER))),
                        Placed.of(Part.handle(n), Box.of(grip, top, hit, hit)));
            case DIVIDER ->
                down
                        ? List.of(
                                Placed.of(Part.divider(n, i), new Box(Length.ZERO, line, width, Length.px(DIVIDER))),
                                Placed.of(
                                        Part.handle(n, i),
                                        Box.of(width.minus(hit).dividedBy(2), grip, hit, hit)))
                        : List.of(
                                Placed.of(Part.divider(n, i), new Box(line, Length.ZERO, Length.px(DIVIDER), height)),
                                Placed.of(
                                        Part.handle(n, i),
                                        Box.of(grip, height.minus(hit).dividedBy(2), hit, hit)));
        };
    }

    /** Whether the sides of pairs lie one above the other. */
    public static boolean isDown(Choices choices, SetUp setUp) {
        return choices.get(PairOptions.VIEW) == PairView.DIVIDER
                && choices.get(PairOptions.DIRECTION, setUp) == PairDirection.DOWN;
    }

    /**
     * Where a name stands: at the outer edge of its own side. Of sides that lie side by side, both stand at the edge that is
     * chosen; of two that lie one above the other, each at its own.
     *
     * @param lowest where what stands at the lower edge ends
     */
    private static Box name(
            Side side, String name, Advances type, Choices choices, SetUp setUp, Length width, Length lowest) {
        double wide = nameWidth(choices, type, name);
        double high = choices.get(PairOptions.NAMES_SIZE) + HIGHER;
        boolean down = isDown(choices, setUp);
        boolean head = down ? side == Side.BEFORE : choices.get(PairOptions.NAMES_PLACE, setUp) == NamesPlace.HEAD;
        Length top = head ? Length.px(INSET) : lowest.minus(high);
        Length left = down || side == Side.BEFORE ? Length.px(INSET) : width.minus(INSET + wide);
        return Box.of(left, top, wide, high);
    }

    /**
     * Where a divider crosses a name. That of a state between goes with the divider before it: the room that it needs from there to
     * the next.
     */
    public static Length edge(Placed name, boolean down) {
        String which = name.part().which();
        for (Side side : Side.values()) {
            if (side.word().equals(which)) {
                return edge(side, name.box(), down);
            }
        }
        return Length.px(INSET).plus(down ? name.box().height() : name.box().width());
    }

    /**
     * The edge of a name's box at which the divider crosses it: it is hidden while the divider is on its side of that, from the
     * picture's left or upper edge.
     */
    private static Length edge(Side side, Box name, boolean down) {
        Length near = down ? name.top() : name.left();
        return side == Side.BEFORE ? near.plus(down ? name.height() : name.width()) : near;
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
