package com.keenreel.core.space;

import com.keenreel.core.reel.Arrangement;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetUp;
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

    /** The width of one slide. */
    static Length item(Arrangement.Row row) {
        int n = row.shown();
        return row.part() == 0
                ? Length.WIDTH.minus((n - 1) * row.gap()).dividedBy(n)
                : Length.WIDTH.minus(n * row.gap()).dividedBy(n + row.part());
    }

    @Override
    public int stops(SetUp setUp) {
        return Math.max(1, reel.slides().size() - row(setUp).shown() + 1);
    }

    @Override
    public Length step(SetUp setUp) {
        return item(row(setUp)).plus(row(setUp).gap());
    }

    @Override
    public Placed frame(SetUp setUp) {
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp);
        Controls controls = new Controls(reel, setUp, stops(setUp));
        Length item = item(row(setUp));
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
