package com.keenreel.core.space;

import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import java.util.List;
import java.util.Objects;

/**
 * What is cut off of pictures that fill frames of one ratio. Of a picture of ratio r in a frame of ratio q it is
 * 1 - min(r / q, q / r); the focal point is in view whatever the ratio.
 */
public final class CropLoss {
    /** Ratios are proposed as two whole numbers up to this one: as people write them. */
    private static final int SIMPLE = 20;

    private final List<Double> ratios;

    private CropLoss(List<Double> ratios) {
        this.ratios = ratios;
    }

    /** That of the pictures which a set-up shows of a reel. */
    public static CropLoss of(Reel reel, Facts facts, SetUp setUp) {
        return new CropLoss(reel.slides().stream()
                .flatMap(slide -> {
                    PictureId instead = slide.insteadOn(setUp);
                    return instead == null ? slide.carries().pictures().stream() : List.of(instead).stream();
                })
                .map(picture -> facts.of(picture).ratio())
                .toList());
    }

    /** Whether there are pictures. */
    public boolean isKnown() {
        return !ratios.isEmpty();
    }

    /** The share that is cut off in frames of that ratio, on average over the pictures, 0 to 1. */
    public double mean(double ratio) {
        return ratios.stream()
                .mapToDouble(own -> 1 - Math.min(own / ratio, ratio / own))
                .average()
                .orElse(0);
    }

    /**
     * The ratio of two small whole numbers in which the least is cut off; among several the one of the smallest numbers.
     *
     * @throws IllegalStateException when there are no pictures
     */
    public Ratio best() {
        if (ratios.isEmpty()) {
            throw new IllegalStateException("Without pictures no ratio is the best.");
        }
        Ratio best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int sum = 2; sum <= 2 * SIMPLE; sum++) {
            for (int width = Math.max(1, sum - SIMPLE); width <= Math.min(SIMPLE, sum - 1); width++) {
                double ratio = width / (double) (sum - width);
                double loss = ratio < 0.2 || ratio > 12 ? 1 : mean(ratio);
                if (loss < least - 1e-9) {
                    least = loss;
                    best = new Ratio(width, sum - width);
                }
            }
        }
        return Objects.requireNonNull(best); // 1:1 is among them
    }
}
