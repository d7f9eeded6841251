package com.keenreel.core.arrangement.stack;

import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Clear;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.SlideBoxes;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stop;
import com.keenreel.core.space.Target;
import com.keenreel.core.steering.Controls;
import java.util.ArrayList;
import java.util.List;

/** N slides of height h with gap g between two are n h + (n - 1) g high; a pause button stands in a line of its own below them. */
final class StackPlaces implements Places {
    private final Reel reel;
    private final Facts facts;

    StackPlaces(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
    }

    @Override
    public Range lay(Span span) {
        SetUp setUp = span.setUp();
        Length gap = Length.px(reel.choices().get(ShapeOptions.GAP, setUp));
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp);
        Length picture = boxes.pictureHeight(Length.WIDTH);
        Length height = picture.plus(boxes.reserved());
        Length below = height.plus(gap); // from one slide to the next
        List<Placed> slides = new ArrayList<>();
        for (int i = 0; i < reel.slides().size(); i++) {
            slides.add(Placed.of(
                    Part.slide(i + 1),
                    new Box(Length.ZERO, below.times(i), Length.WIDTH, height),
                    boxes.in(i + 1, reel.slides().get(i), Length.WIDTH, picture, Clear.OF_NOTHING)));
        }
        Length whole = below.times(Math.max(1, reel.slides().size())).minus(gap);
        Box all = Box.all(Length.WIDTH, whole);
        Placed view = Placed.clipping(Part.VIEW, all, List.of(Placed.of(Part.STRIP, all, slides)));
        List<Stop> stops = Stop.all(reel.slides().size());
        return new Range(span, frame(view), stops, Length.ZERO, gap);
    }

    private Placed frame(Placed view) {
        Box all = view.box();
        if (!Playing.sweeps(reel)) {
            return Placed.of(Part.FRAME, all, List.of(view));
        }
        Placed pause = Controls.pause(
                Length.WIDTH.minus(Target.HIT + Target.EDGE), all.height().plus(Controls.BELOW + Target.HIT / 2));
        Box longer = Box.all(Length.WIDTH, all.height().plus(Controls.BELOW + Target.HIT));
        return Placed.of(Part.FRAME, longer, List.of(view, pause));
    }
}
