package com.keenreel.core.arrangement.single;

import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.SlideBoxes;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stop;
import com.keenreel.core.steering.Around;
import com.keenreel.core.steering.Controls;
import java.util.ArrayList;
import java.util.List;

/** One slide at a time: every slide has the whole frame; controls stand on the picture. */
final class SinglePlaces implements Places {
    private final Reel reel;
    private final Facts facts;

    SinglePlaces(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
    }

    @Override
    public Range lay(Span span) {
        SetUp setUp = span.setUp();
        List<Stop> stops = Stop.every(1, reel.slides().size());
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp, reel.choices().get(Options.WORDS_SIZE, setUp));
        Around around = Around.of(reel, span, stops.size(), Playing.moves(reel, facts));
        Length width = around.width();
        Length picture = boxes.pictureHeight(width);
        Length height = picture.plus(boxes.reserved());
        Controls controls = around.controls(picture, true);

        Box all = Box.all(width, height);
        List<Placed> slides = new ArrayList<>();
        for (int i = 0; i < reel.slides().size(); i++) {
            Placed slide = Placed.of(
                    Part.slide(i + 1), all, boxes.in(i + 1, reel.slides().get(i), width, picture, controls.clear()));
            slides.add(i == 0 ? slide : slide.unseen());
        }
        Placed strip = Placed.of(Part.STRIP, all, slides);
        Placed ground = Placed.of(Part.GROUND, Box.all(width, picture));
        List<Placed> seen = Single.passesColour(reel) ? List.of(ground, strip) : List.of(strip);
        Placed frame = controls.frame(Placed.clipping(Part.VIEW, all, seen));
        return new Range(span, frame, stops, width, Length.ZERO);
    }
}
