package com.keenreel.core.arrangement.depth;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.space.Stance;
import java.util.ArrayList;
import java.util.List;

/** How slides stand by their distance from the one in front. */
final class Stances {
    /** So much further back than it has to, in slide widths, stands each one behind the one before it. */
    private static final double CLEAR = 0.02;

    private Stances() {}

    /**
     * Of the slide in front, of each neighbour, and of the first one that is no longer seen, with those half-way between
     * them. Each stands behind all of the one before it, so that none cuts through another: half of both their turned depths,
     * and a little more. So it is on the way, too: what leaves the front is not turned before it is half-way, where what
     * comes no longer is; for that the first neighbour is turn / 2 behind, in radians, which is more than sin(turn) / 2.
     */
    static List<Stance> of(Choices choices, SetUp setUp, int slides) {
        int neighbours = Math.min(choices.get(DepthOptions.NEIGHBOURS, setUp), Math.max(0, slides - 1));
        double hidden = choices.get(DepthOptions.OVERLAP, setUp) / 100;
        double turn = choices.get(DepthOptions.TURN, setUp);
        double angle = Math.toRadians(turn);
        double sine = Math.sin(angle);
        double smaller = 1 - choices.get(DepthOptions.SHRINK, setUp) / 100;
        double paler = 1 - choices.get(DepthOptions.FADE, setUp) / 100;
        List<Stance> stances = new ArrayList<>(List.of(Stance.FRONT));
        double scale = 1;
        double depth = 0; // half of what the one before takes
        double back = 0;
        double edge = 0.5; // where the one before is seen to end
        for (int away = 1; away <= neighbours + 1; away++) {
            scale *= smaller;
            back -= depth + (away == 1 ? angle : scale * sine) / 2 + CLEAR;
            depth = scale * sine / 2;
            double opacity = away > neighbours ? 0 : Math.pow(paler, away);
            Stance stance = new Stance(shift(hidden, edge, scale, angle, back), back, turn, scale, opacity);
            edge = stance.seen(0.5, 0).x();
            Stance former = stances.get(stances.size() - 1);
            stances.add(Stance.between(former, stance, away == 1 ? 0 : turn));
            stances.add(stance);
        }
        return stances;
    }

    /**
     * How far to the side a slide stands of which that share is hidden behind an edge: with its seen ends (x - c) i and
     * (x + c) o, that share from the inner one is at the edge.
     */
    private static double shift(double hidden, double edge, double scale, double angle, double back) {
        double half = scale * Math.cos(angle) / 2;
        double inner = Stance.EYE / (Stance.EYE - back - scale * Math.sin(angle) / 2);
        double outer = Stance.EYE / (Stance.EYE - back + scale * Math.sin(angle) / 2);
        double both = (1 - hidden) * inner + hidden * outer;
        return (edge + half * ((1 - hidden) * inner - hidden * outer)) / both;
    }

    /** How wide everything that is seen is, in slide widths. */
    static double extent(List<Stance> stances) {
        double outermost = 0.5;
        for (Stance stance : stances.subList(0, Math.max(1, stances.size() - 2))) {
            outermost = Math.max(outermost, Math.abs(stance.seen(0.5, 0).x()));
            outermost = Math.max(outermost, Math.abs(stance.seen(-0.5, 0).x()));
        }
        return 2 * outermost;
    }
}
