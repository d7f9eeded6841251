package com.keenreel.core.space;

import com.keenreel.core.option.Arrangement;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import java.util.ArrayList;
import java.util.List;

/**
 * Whole slides side by side. With n shown, gap g and the part p of the next one, an item is (W - (n - 1) g) / n wide
 * when p is 0, else (W - n g) / (n + p); N slides make N - n + 1 stops, so that the last one never shows a blank.
 */
final class RowLayout implements Arranging {
    private final Reel reel;
    private final Facts facts;

    RowLayout(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
    }

    private Arrangement.Row row(SetUp setUp) {
        return (Arrangement.Row) Arrangement.of(reel.choices(), setUp);
    }

    /**
     * The space between two slides: as chosen, but never so much that all gaps together take more than half of the width.
     */
    @Override
    public Length gap(SetUp setUp) {
        Arrangement.Row row = row(setUp);
        double narrowest = Math.max(Layout.NARROWEST, reel.limits().from(setUp));
        Length chosen = Length.px(row.gap());
        return row.gap() <= narrowest / (2 * row.shown())
                ? chosen
                : Length.min(chosen, Length.WIDTH.dividedBy(2 * row.shown()));
    }

    /** The width of one slide. */
    private Length item(SetUp setUp) {
        Arrangement.Row row = row(setUp);
        int n = row.shown();
        return row.part() == 0
                ? Length.WIDTH.minus(gap(setUp).times(n - 1)).dividedBy(n)
                : Length.WIDTH.minus(gap(setUp).times(n)).dividedBy(n + row.part());
    }

    @Override
    public int stops(SetUp setUp) {
        return Math.max(1, reel.slides().size() - row(setUp).shown() + 1);
    }

    @Override
    public Length step(SetUp setUp) {
        return item(setUp).plus(gap(setUp));
    }

    @Override
    public Placed frame(SetUp setUp) {
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp);
        Controls controls = new Controls(reel, setUp, stops(setUp));
        Length item = item(setUp);
        Length picture = item.dividedBy(row(setUp).ratio().value());
        Length height = picture.plus(boxes.reserved());

        List<Placed> slides = new ArrayList<>();
        for (int i = 0; i < reel.slides().size(); i++) {
            slides.add(Placed.listed(
                    "slide-" + (i + 1),
                    new Box(step(setUp).times(i), Length.ZERO, item, height),
                    boxes.in(i + 1, reel.slides().get(i), item, picture, false, false)));
        }
        List<Placed> inside = new ArrayList<>();
        Box view = Box.all(Length.WIDTH, height);
        inside.add(Placed.clipping("view", view, List.of(Placed.holding("strip", view, slides))));
        inside.addAll(controls.around(picture, height.plus(Controls.BELOW + Controls.HIT / 2)));
        Length whole = controls.line() ? height.plus(Controls.BELOW + Controls.HIT) : height;
        return Placed.listed("frame", Box.all(Length.WIDTH, whole), inside);
    }
}
