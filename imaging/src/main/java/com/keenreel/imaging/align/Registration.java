package com.keenreel.imaging.align;

import com.keenreel.core.align.Freedom;
import com.keenreel.core.align.Warp;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Estimates how two pictures of one thing lie upon each other, from the coarse to the fine. Small, both are searched for
 * squares of the one in the other; of what is found a move, turn and size is voted for by samples (M. A. Fischler and
 * R. C. Bolles, "Random Sample Consensus", Communications of the ACM 24, 1981). Larger, squares are searched for near where
 * that leads, to parts of a px, and a projective transform is fitted to them in which what does not agree counts less and less
 * (Tukey's biweight, P. J. Huber and E. M. Ronchetti, "Robust Statistics", 2nd edition, 2009). What was changed between the
 * two pictures is outvoted, and exposure is all the same.
 *
 * @param warp where each point of the first picture is in the second
 * @param confidence 0 to 1; below {@link #SURE} it is not to be trusted
 * @param off how far its corners are likely to be off, as a fraction of the first picture's width
 */
public record Registration(Warp warp, double confidence, double off) {
    /** Confidence from which it is sure. */
    public static final double SURE = 0.7;

    /** How wide both pictures are best when they are compared, px. */
    public static final int WIDTH = 1000;

    /** Narrower pictures are not made narrower, and those that were brought so narrow say too little, px. */
    private static final int LEAST = 240;

    /**
     * From which share of squares that are where they ought to be it is sure. Of pictures of different things some 5 in a hundred
     * are, for a square is found somewhere in 13 by 13 px; of one thing of which a quarter was changed, 60 and more.
     */
    private static final double SHARE = 0.14;

    /** Up to how many thousandths of the width corners may be likely to be off for it to be quite sure. */
    private static final double CLOSE = 0.3;

    /** From how many it is not sure: in one of thirty cases they are off by 2.5 times as much. */
    private static final double FAR = 0.58;

    private static final Registration UNKNOWN = new Registration(Warp.NONE, 0, 1);

    /** How wide both are when it is only to be told whether they show the same thing, px: that is quick. */
    public static final int GLANCE = 240;

    /** From which confidence they do, at a glance: of 984 pairs of different photographs none reached it, all 6 of one thing did. */
    private static final double LIKELY = 0.3;

    /** Whether both show the same thing, as far as that is told at a glance. */
    public boolean isLikely() {
        return confidence >= LIKELY;
    }

    /** Whether it is to be trusted. */
    public boolean isSure() {
        return confidence >= SURE;
    }

    /**
     * How two pictures lie.
     *
     * @param before {@link #WIDTH} wide or less
     * @param after likewise
     */
    public static Registration of(Grey before, Grey after) {
        if (Math.min(before.width(), after.width()) < LEAST || Math.min(before.height(), after.height()) < LEAST / 2) {
            return UNKNOWN;
        }
        List<Grey> one = smaller(alike(before, after));
        List<Grey> other = smaller(alike(after, before));
        int top = Math.min(one.size(), other.size()) - 1;
        Plane plane = coarse(one.get(top), other.get(top));
        if (plane == null) {
            return UNKNOWN;
        }
        Robust fine = null;
        for (int level = top; level >= 0; level--) {
            int rounds = level == 0 ? 2 : 1;
            for (int round = 0; round < rounds; round++) {
                fine = fine(one.get(level), other.get(level), plane, level == top, round == 0 ? 4 : 2);
                if (fine == null) {
                    return UNKNOWN;
                }
                plane = fine.fitted().plane();
            }
            plane = level > 0 ? plane.times(2) : plane;
        }
        return fine == null ? UNKNOWN : judged(fine, one, other);
    }

    /** That picture, as often halved as it needs to be of about the size of the other. */
    private static Grey alike(Grey picture, Grey other) {
        Grey alike = picture;
        while (alike.width() > 1.5 * other.width()) {
            alike = alike.halved();
        }
        return alike;
    }

    /** The same picture, each next one half as wide, as long as it is more than that. */
    private static List<Grey> smaller(Grey picture) {
        List<Grey> all = new ArrayList<>();
        all.add(picture);
        while (all.get(all.size() - 1).width() >= LEAST) {
            all.add(all.get(all.size() - 1).halved());
        }
        return all;
    }

    /** A sixth of the width is searched in all directions. */
    private static @Nullable Plane coarse(Grey one, Grey other) {
        double unit = one.width() / 2.0;
        double larger = (double) other.width() / one.width();
        Searched searched =
                Searched.of(one, other, Plane.similar(larger, 0, 0, 0, unit), 8, one.width() / 6, 0.4, 4, true);
        Plane voted = Vote.of(searched.found(), 2.5, one.width() / 4.0, 20_000, unit);
        if (voted == null) {
            return null;
        }
        List<Match> agreeing = Vote.agreeing(searched.found(), voted, 2.5);
        Robust robust = Robust.of(Freedom.ALIKE, agreeing, voted);
        return robust == null ? null : robust.fitted().plane();
    }

    private static @Nullable Robust fine(Grey one, Grey other, Plane plane, boolean coarse, int search) {
        int cell = Math.max(10, one.width() / 28);
        Searched searched = Searched.of(one, other, plane, cell, search, 0.4, 2, false);
        Plane voted = Vote.of(searched.found(), 1.5, one.width() / 5.0, 2000, one.width() / 2.0);
        if (voted == null) {
            return null;
        }
        List<Match> agreeing = Vote.agreeing(searched.found(), voted, 3);
        return Robust.of(coarse ? Freedom.ALIKE : Freedom.TILTED, agreeing, voted);
    }

    /** By how many squares agree that would not by chance, and by how far off corners are likely to be. */
    private static Registration judged(Robust fine, List<Grey> one, List<Grey> other) {
        Grey before = one.get(0);
        Grey after = other.get(0);
        Plane plane = fine.fitted().plane();
        double off = 0;
        for (int corner = 0; corner < 4; corner++) {
            double x = (corner % 2 - 0.5) * before.width();
            double y = ((corner >> 1) - 0.5) * before.height();
            off = Math.max(off, fine.fitted().likelyOff(x, y, fine.scatter()));
        }
        Plane half = plane.times(0.5);
        Searched searched = Searched.of(one.get(1), other.get(1), half, 12, 6, 0, 1, false);
        double agree = Vote.agreeing(searched.found(), half, 1.25).size();
        double share = agree / Math.max(1, searched.tested());
        double away = 1000 * off / before.width();
        double known = 1 - (1 - SURE) * (away - CLOSE) / (FAR - CLOSE);
        double confidence = Math.min(SURE * share / SHARE, known);
        try {
            Warp warp = warp(plane, before, after);
            return new Registration(warp, Math.max(0, Math.min(1, confidence)), off / before.width());
        } catch (IllegalArgumentException impossible) {
            return UNKNOWN;
        }
    }

    /** The same in fractions of each picture from its corner, instead of px from its middle. */
    static Warp warp(Plane plane, Grey one, Grey other) {
        double[] n = plane.numbers();
        double u = plane.unit();
        double w = one.width() / u;
        double h = one.height() / u;
        double ow = other.width() / u;
        double oh = other.height() / u;
        double g = n[6] * w;
        double k = n[7] * h;
        double divisor = 1 - g / 2 - k / 2;
        double a = n[0] * w;
        double b = n[1] * h;
        double c = n[2] - a / 2 - b / 2;
        double d = n[3] * w;
        double e = n[4] * h;
        double f = n[5] - d / 2 - e / 2;
        return new Warp(
                (a / ow + g / 2) / divisor,
                (b / ow + k / 2) / divisor,
                (c / ow + divisor / 2) / divisor,
                (d / oh + g / 2) / divisor,
                (e / oh + k / 2) / divisor,
                (f / oh + divisor / 2) / divisor,
                g / divisor,
                k / divisor);
    }
}
