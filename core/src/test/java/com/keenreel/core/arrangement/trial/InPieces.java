package com.keenreel.core.arrangement.trial;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Line;
import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.Starter;
import com.keenreel.core.option.Option;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Change;
import com.keenreel.core.time.Cut;
import com.keenreel.core.time.Cut.Order;
import com.keenreel.core.time.Easing;
import com.keenreel.core.time.Motion;
import com.keenreel.core.time.Piece;
import com.keenreel.core.time.Piece.On;
import com.keenreel.core.time.Plan;
import com.keenreel.core.time.Pose;
import java.util.List;
import java.util.Set;

/** One slide at a time, whose picture comes in pieces that fall and turn into their places, while its words fade in. */
public final class InPieces implements Arrangement {
    private static final long TIME = 2000;
    private static final Cut TILES = new Cut(6, 4, Order.OUTWARD, 150);
    private static final Cut SLATS = new Cut(1, 8, Order.BACK, 120);
    private static final Pose AWAY = new Pose(0, -0.5, 0).turned(-25);

    private static Arrangement single() {
        return Arrangements.of("single");
    }

    /** What moves from one slide to another. */
    public static Plan plan(boolean forward) {
        Cut cut = forward ? TILES : SLATS;
        Piece tiles = new Piece(On.INCOMING, cut, 100, TIME - cut.last() - 100, Easing.GENTLE, AWAY, Pose.STANDING);
        Piece words = new Piece(On.WORDS, 0, TIME, Easing.LINEAR, new Pose(0, 0, 0), Pose.STANDING);
        return new Plan(TIME, List.of(tiles, words));
    }

    @Override
    public String word() {
        return "in-pieces";
    }

    @Override
    public String says() {
        return "one slide at a time, in pieces";
    }

    @Override
    public int place() {
        return 98;
    }

    @Override
    public String summary(Reel reel) {
        return "In pieces";
    }

    @Override
    public Set<Option<?>> options() {
        return single().options();
    }

    @Override
    public Places places(Reel reel, Facts facts) {
        return single().places(reel, facts);
    }

    @Override
    public Motion motion(Reel reel) {
        Change change = new Change(plan(true), plan(false));
        return new Motion.ByChange(
                List.of(change), reel.slides().stream().map(slide -> 0).toList());
    }

    @Override
    public List<Line> brief(Reel reel, Layout layout) {
        return single().brief(reel, layout);
    }

    @Override
    public List<Starter> starters() {
        return List.of();
    }
}
