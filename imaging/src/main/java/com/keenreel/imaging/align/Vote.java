package com.keenreel.imaging.align;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/** A move, turn and size on which most matches agree, found by trying what two of them say, many times. */
final class Vote {
    /** Always the same tries, so that the same pictures give the same answer. */
    private static final long SEED = 20_260_130;

    /** Sizes and turns that two people who take one picture after the other do not differ by. */
    private static final double MOST_LARGER = 1.4;

    private static final double MOST_TURNED = Math.toRadians(20);

    private Vote() {}

    /**
     * What most agree on; null where no two do.
     *
     * @param found the places of each square; one of them at most is right
     * @param within how far off a match may be to agree, px
     * @param apart how far two squares must be apart to be tried, px
     */
    static @Nullable Plane of(List<List<Match>> found, double within, double apart, int tries, double unit) {
        Random random = new Random(SEED);
        double[] rest = rest(found);
        Plane best = null;
        double most = 0;
        for (int i = 0; i < tries && found.size() > 1; i++) {
            Match one = any(found, random);
            Match two = any(found, random);
            if (Math.hypot(one.x() - two.x(), one.y() - two.y()) < apart) {
                continue;
            }
            Plane said = through(one, two, unit);
            double agree = said == null ? 0 : agreement(found, said, within, rest, most);
            if (agree > most) {
                most = agree;
                best = said;
            }
        }
        return best;
    }

    private static Match any(List<List<Match>> found, Random random) {
        List<Match> places = found.get(random.nextInt(found.size()));
        return places.get(random.nextInt(places.size()));
    }

    private static @Nullable Plane through(Match one, Match two, double unit) {
        double x = two.x() - one.x();
        double y = two.y() - one.y();
        double toX = two.toX() - one.toX();
        double toY = two.toY() - one.toY();
        double square = x * x + y * y;
        double cos = (x * toX + y * toY) / square;
        double sin = (x * toY - y * toX) / square;
        double larger = Math.hypot(cos, sin);
        if (larger > MOST_LARGER || larger < 1 / MOST_LARGER || Math.abs(Math.atan2(sin, cos)) > MOST_TURNED) {
            return null;
        }
        return Plane.similar(
                cos, sin, one.toX() - cos * one.x() + sin * one.y(), one.toY() - sin * one.x() - cos * one.y(), unit);
    }

    /** From each square on, how much all that follow can agree at the most: as much as their best places are alike. */
    private static double[] rest(List<List<Match>> found) {
        double[] rest = new double[found.size() + 1];
        for (int i = found.size() - 1; i >= 0; i--) {
            rest[i] = rest[i + 1] + found.get(i).get(0).likeness();
        }
        return rest;
    }

    /**
     * How many agree, each the more the nearer and the liker it is.
     *
     * @param rest how much squares can still agree, from each on
     * @param most what is to be passed; where that cannot happen any more, 0 is returned
     */
    private static double agreement(List<List<Match>> found, Plane said, double within, double[] rest, double most) {
        double sum = 0;
        for (int i = 0; i < found.size(); i++) {
            if (sum + rest[i] <= most) {
                return 0;
            }
            double best = 0;
            for (Match match : found.get(i)) {
                double off = said.squaredOff(match) / (within * within);
                best = Math.max(best, off < 1 ? (1 - off) * match.likeness() : 0);
            }
            sum += best;
        }
        return sum;
    }

    /** The best place of each square that agrees. */
    static List<Match> agreeing(List<List<Match>> found, Plane said, double within) {
        List<Match> agreeing = new ArrayList<>();
        for (List<Match> places : found) {
            Match nearest = places.get(0);
            for (Match match : places) {
                nearest = said.off(match) < said.off(nearest) ? match : nearest;
            }
            if (said.off(nearest) < within) {
                agreeing.add(nearest);
            }
        }
        return agreeing;
    }
}
