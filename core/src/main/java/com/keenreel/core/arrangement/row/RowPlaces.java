package com.keenreel.core.arrangement.row;

import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Clear;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.InDepth;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.SlideBoxes;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stance;
import com.keenreel.core.space.Stop;
import com.keenreel.core.space.Widths;
import com.keenreel.core.steering.Around;
import com.keenreel.core.time.Motion.ByPosition.Seam;
import java.util.ArrayList;
import java.util.List;

/**
 * Whole slides side by side, or one below another. With n shown, gap g and the part p of the next one, an item is (W - (n - 1) g) / n wide
 * when p is 0, else (W - n g) / (n + p); N slides make N - n + 1 stops, or one for each n of them, the last step shortened,
 * so that the last one never shows a blank. One below another each is as wide as the reel and h high, and the view is n h + (n - 1) g
 * high, with a part of the next one g + p h more.
 */
final class RowPlaces implements Places {
    private final Reel reel;
    private final Facts facts;

    RowPlaces(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
    }

    /** How many whole slides are in view, 1 to 8. */
    static int shown(Reel reel, SetUp setUp) {
        return reel.choices().get(RowOptions.SHOWN, setUp);
    }

    /** How much of the next one is in view, 0 to 0.9. */
    private static double part(Reel reel, SetUp setUp) {
        return reel.choices().get(RowOptions.PART, setUp) / 100;
    }

    /** Whether there is always a slide out of sight that can change over to the other end while others move. */
    static boolean couldBeRound(Reel reel, SetUp setUp) {
        return !reel.choices().get(RowOptions.VIEWS) && reel.slides().size() >= shown(reel, setUp) + 2;
    }

    /** Whether the first slide follows the last there. */
    static boolean isRound(Reel reel, SetUp setUp) {
        return reel.choices().get(RowOptions.ENDLESS) && couldBeRound(reel, setUp);
    }

    /** Whether slides stand in the middle there. */
    private static boolean isMiddle(Reel reel, SetUp setUp) {
        return isRound(reel, setUp) && reel.choices().get(RowOptions.MIDDLE);
    }

    /**
     * How a row goes round: with n of N in view and the part p of the next, a slide is out of sight on one side 1 step after its
     * own stop, and would come in sight on the other after N - n - p; it changes over in the middle between the two. Where slides
     * stand in the middle both are later by those that stand before it: (n - 1 + p) / 2 of them, or n / 2 where parts are in
     * sight on both sides.
     */
    static Seam seam(Reel reel, SetUp setUp) {
        int n = shown(reel, setUp);
        double part = part(reel, setUp);
        boolean middle = isMiddle(reel, setUp);
        double before = middle ? ((part > 0 ? n : n - 1) + (n - 1 + part)) / 2 : 0;
        double after = (1 + before + reel.slides().size() - n - part) / 2;
        return new Seam(
                after,
                middle,
                middle ? reel.choices().get(RowOptions.PALER) / 100 : 0,
                middle ? reel.choices().get(RowOptions.SMALLER) / 100 : 0);
    }

    /**
     * The space between two slides: as chosen, but never so much that all gaps together take more than half of the width.
     */
    private Length gap(Around around, SetUp setUp) {
        double gap = reel.choices().get(ShapeOptions.GAP, setUp);
        int shown = shown(reel, setUp);
        Length chosen = Length.px(gap);
        boolean fits = gap <= around.narrowest() / (2 * shown) && !Widths.mayBeNarrower(reel);
        return fits ? chosen : Length.min(chosen, around.width().dividedBy(2 * shown));
    }

    /** The width of one slide. */
    private Length item(SetUp setUp, Length width, Length gap) {
        if (isUpright()) {
            return width;
        }
        int n = shown(reel, setUp);
        double part = part(reel, setUp);
        return part == 0
                ? width.minus(gap.times(n - 1)).dividedBy(n)
                : width.minus(gap.times(n)).dividedBy(n + part);
    }

    private boolean isUpright() {
        return reel.choices().get(RowOptions.UPRIGHT);
    }

    /** How high the view of slides is that stand one below another. */
    private Length upright(SetUp setUp, Length height, Length gap) {
        int n = shown(reel, setUp);
        double part = part(reel, setUp);
        Length whole = height.plus(gap).times(n).minus(gap);
        return part == 0 ? whole : whole.plus(gap).plus(height.times(part));
    }

    @Override
    public Range lay(Span span) {
        SetUp setUp = span.setUp();
        int shown = shown(reel, setUp);
        int count = reel.slides().size();
        boolean middle = isMiddle(reel, setUp);
        Seam seam = seam(reel, setUp);
        List<Stop> stops = isRound(reel, setUp)
                ? Stop.round(middle ? 1 : shown, count)
                : reel.choices().get(RowOptions.VIEWS) ? Stop.views(shown, count) : Stop.every(shown, count);
        boolean upright = isUpright();
        // one below another there are no sides at which arrows could stand
        boolean plays = Playing.moves(reel, facts);
        Around around = upright
                ? Around.withoutSides(reel, span, stops.size(), plays)
                : Around.of(reel, span, stops.size(), plays);
        Length width = around.width();
        Length gap = gap(around, setUp);
        Length item = item(setUp, width, gap);
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp);
        Length picture = boxes.pictureHeight(item);
        Length height = picture.plus(boxes.reserved());
        Length step = (upright ? height : item).plus(gap);
        Length high = upright ? upright(setUp, height, gap) : height;

        List<Placed> slides = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int at = i >= count - seam.before() ? i - count : i; // the last ones stand before the first
            Placed slide = Placed.of(
                    Part.slide(i + 1),
                    upright
                            ? new Box(Length.ZERO, step.times(at), item, height)
                            : new Box(step.times(at), Length.ZERO, item, height),
                    boxes.in(i + 1, reel.slides().get(i), item, picture, Clear.OF_NOTHING));
            boolean neighbour = middle && at != 0 && (seam.paler() > 0 || seam.smaller() > 0);
            Stance stance = new Stance(0, 0, 0, 1 - seam.smaller(), 1 - seam.paler());
            slides.add(neighbour ? slide.standing(new InDepth(stance, item, height.dividedBy(2))) : slide);
        }
        Box all = Box.all(width, high);
        Length before = !middle ? Length.ZERO : (upright ? high.minus(height) : width.minus(item)).dividedBy(2);
        Box strip = upright ? new Box(Length.ZERO, before, width, high) : new Box(before, Length.ZERO, width, high);
        Placed view = Placed.clipping(Part.VIEW, all, List.of(Placed.of(Part.STRIP, strip, slides)));
        Placed frame = around.controls(picture, false).frame(view);
        return new Range(span, frame, stops, step, gap);
    }
}
