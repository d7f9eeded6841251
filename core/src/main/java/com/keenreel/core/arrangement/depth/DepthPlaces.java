package com.keenreel.core.arrangement.depth;

import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Clear;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.InDepth;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Part.What;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.SlideBoxes;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stance;
import com.keenreel.core.space.Stop;
import com.keenreel.core.steering.Around;
import com.keenreel.core.time.Motion;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * Everything is a share of the width of a slide, and that is such that all that is seen just fills the reel: with an extent
 * of k slide widths it is W / k. All slides lie in the same place; how each stands is its {@link Stance}.
 */
final class DepthPlaces implements Places {
    private final Reel reel;
    private final Facts facts;
    private final Choices choices;

    DepthPlaces(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
        this.choices = reel.choices();
    }

    @Override
    public Range lay(Span span) {
        SetUp setUp = span.setUp();
        int count = reel.slides().size();
        Motion.ByDistance motion = Depth.movesLike(reel);
        List<Stance> stances = Objects.requireNonNull(motion.stances().get(setUp));
        List<Stop> stops = Stop.every(1, count);
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp);
        Around around = Around.of(reel, span, stops.size(), Playing.sweeps(reel));
        Length width = around.width();
        Length item = width.dividedBy(Stances.extent(stances));
        Length picture = item.dividedBy(choices.get(ShapeOptions.RATIO, setUp).value());
        boolean reflects = choices.get(LookOptions.REFLECTION) > 0;
        Length mirrored = picture.times(choices.get(LookOptions.REFLECTION_LENGTH) / 100);
        double gap = choices.get(LookOptions.REFLECTION_GAP);
        Length floor = reflects ? picture.plus(gap).plus(mirrored) : picture; // words stand below it
        Length height = floor.plus(boxes.reserved());
        Length axis = reflects ? picture : height.dividedBy(2); // pictures that are reflected stand on one floor
        boolean round = motion.isRound(setUp, count);

        Box place = new Box(width.minus(item).dividedBy(2), Length.ZERO, item, height);
        List<Placed> slides = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int away = Motion.ByDistance.distance(i, count, round);
            Slide slide = reel.slides().get(i);
            List<Placed> parts = new ArrayList<>(boxes.in(i + 1, slide, item, picture, Clear.OF_NOTHING, floor));
            parts.replaceAll(part -> part.part().what() == What.WORDS && away != 0 ? part.unseen() : part);
            if (reflects && !slide.carries().pictures().isEmpty()) {
                Box below = new Box(Length.ZERO, picture.plus(gap), item, mirrored);
                Placed mirror = Placed.of(Part.mirror(i + 1), Box.all(item, picture));
                parts.add(Placed.clipping(Part.reflection(i + 1), below, List.of(mirror)));
            }
            Stance own = stances.get(Math.min(2 * Math.abs(away), stances.size() - 1));
            Placed standing = Placed.of(Part.slide(i + 1), place, parts)
                    .standing(new InDepth(away < 0 ? own.mirrored() : own, item, axis));
            slides.add(own.opacity() > 0 ? standing : standing.unseen());
        }
        Box all = Box.all(width, height);
        Placed view = Placed.clipping(Part.VIEW, all, List.of(Placed.of(Part.STRIP, all, slides)));
        Placed frame = around.controls(picture, false).frame(view);
        return new Range(span, frame, stops, item, Length.ZERO);
    }
}
