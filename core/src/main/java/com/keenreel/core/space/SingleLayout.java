package com.keenreel.core.space;

import com.keenreel.core.option.Arrangement;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import java.util.ArrayList;
import java.util.List;

/** One slide at a time: every slide has the whole frame; controls stand on the picture. */
final class SingleLayout implements Arranging {
    private final Reel reel;
    private final Facts facts;

    SingleLayout(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
    }

    @Override
    public int stops(SetUp setUp) {
        return reel.slides().size();
    }

    @Override
    public Length step(SetUp setUp) {
        return Length.WIDTH;
    }

    @Override
    public Placed frame(SetUp setUp) {
        Arrangement.Single single = (Arrangement.Single) Arrangement.of(reel.choices(), setUp);
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp);
        Controls controls = new Controls(reel, setUp, stops(setUp));
        Length picture = Length.WIDTH.dividedBy(single.ratio().value());
        Length height = picture.plus(boxes.reserved());

        List<Placed> slides = new ArrayList<>();
        for (int i = 0; i < reel.slides().size(); i++) {
            Placed slide = Placed.listed(
                    "slide-" + (i + 1),
                    Box.all(Length.WIDTH, height),
                    boxes.in(i + 1, reel.slides().get(i), Length.WIDTH, picture, controls.arrows(), controls.line()));
            slides.add(i == 0 ? slide : slide.unseen());
        }
        List<Placed> inside = new ArrayList<>();
        Box all = Box.all(Length.WIDTH, height);
        inside.add(Placed.clipping("view", all, List.of(Placed.holding("strip", all, slides))));
        inside.addAll(controls.around(picture, picture.minus(Controls.EDGE + Controls.HIT / 2)));
        return Placed.listed("frame", all, inside);
    }
}
