package com.keenreel.core;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/**
 * Some of many cases, others in every run. What chose them is printed, so that a run can be had again with {@code
 * -Dkeen-reel.seed=}; {@code ./prove cases} runs all of them.
 */
public final class Sampled {
    private static final long SEED = Long.getLong("keen-reel.seed", new Random().nextInt(1_000_000));

    /** So many are printed one by one. */
    private static final int FEW = 12;

    private Sampled() {}

    /** At most so many of those, in their order. */
    public static <T> List<T> of(List<T> all, int most) {
        if (all.size() <= most || Boolean.getBoolean("keen-reel.all")) {
            return all;
        }
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            places.add(i);
        }
        Collections.shuffle(places, new Random(SEED));
        List<T> some = places.subList(0, most).stream().sorted().map(all::get).toList();
        System.out.println("seed " + SEED + ": " + most + " of " + all.size() + (most > FEW ? "" : ", " + some));
        return some;
    }
}
