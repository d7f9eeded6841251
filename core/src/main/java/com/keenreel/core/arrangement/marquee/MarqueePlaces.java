package com.keenreel.core.arrangement.marquee;

import com.keenreel.core.arrangement.Places;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Controls;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stop;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * An endless band. Items of the common height H are H times their ratio wide; a lap is the sum of widths and gaps, so
 * that the seam has exactly one gap. The band leaves room for its pause button at its end.
 */
public final class MarqueePlaces implements Places {
    /** A band is never wider than this, px; where there is more room it stands in the middle. */
    public static final double WIDEST = 2560;

    /** As many copies of a lap are published at the most. */
    public static final int MOST_COPIES = 41;

    /** So long is a lap at least, px, that {@link #MOST_COPIES} of it fill the widest band at every moment. */
    static final double LEAST_LAP = WIDEST / (MOST_COPIES - 1);

    /** What is narrower than this is a line and no logo, px. */
    static final double NARROW = 8;

    /** Kept at the band's end for the pause button, px. */
    static final double PAUSE = Controls.HIT + Controls.EDGE;

    private final Reel reel;
    private final Facts facts;

    MarqueePlaces(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
    }

    /** The common height of the items, px. */
    private double height(SetUp setUp) {
        return reel.choices().get(MarqueeOptions.HEIGHT, setUp);
    }

    private double ratio(Slide slide) {
        List<PictureId> pictures = slide.carries().pictures();
        return pictures.isEmpty()
                ? 1
                : facts.of(pictures.get(pictures.size() - 1)).ratio();
    }

    /** The length of one lap, px: the sum of all widths and gaps. */
    double lap(SetUp setUp) {
        return widths(setUp) + reel.slides().size() * between(setUp);
    }

    private double widths(SetUp setUp) {
        double height = height(setUp);
        return reel.slides().stream()
                .mapToDouble(slide -> height * ratio(slide))
                .sum();
    }

    /** Between two items: as chosen, or as much more as a lap of its least length needs, px. */
    private double between(SetUp setUp) {
        int items = Math.max(1, reel.slides().size());
        return Math.max(reel.choices().get(Options.GAP, setUp), (LEAST_LAP - widths(setUp)) / items);
    }

    private List<Integer> narrow(SetUp setUp) {
        double height = height(setUp);
        return IntStream.rangeClosed(1, reel.slides().size())
                .filter(n -> height * ratio(reel.slides().get(n - 1)) < NARROW)
                .boxed()
                .toList();
    }

    /** How many copies of a lap fill a width at every moment: ceil(width / lap) + 1. */
    public static int copies(double width, double lap) {
        return (int) Math.ceil(width / lap) + 1;
    }

    @Override
    public int copies() {
        double shortest = Double.POSITIVE_INFINITY;
        for (SetUp setUp : SetUp.values()) {
            shortest = Math.min(shortest, lap(setUp));
        }
        return copies(WIDEST, shortest);
    }

    @Override
    public double widest() {
        return WIDEST;
    }

    @Override
    public Range lay(Span span) {
        SetUp setUp = span.setUp();
        double height = height(setUp);
        double whole = Math.max(height, Controls.HIT);
        List<Placed> slides = new ArrayList<>();
        double left = 0;
        for (int i = 0; i < reel.slides().size(); i++) {
            double width = height * ratio(reel.slides().get(i));
            Box all = Box.of(Length.ZERO, Length.ZERO, width, height);
            slides.add(Placed.of(
                    Part.slide(i + 1),
                    Box.of(Length.px(left), Length.ZERO, width, height),
                    reel.slides().get(i).carries().pictures().isEmpty()
                            ? List.of()
                            : List.of(Placed.of(Part.picture(i + 1), all))));
            left += width + between(setUp);
        }
        Length bandWidth = Length.WIDTH.minus(PAUSE);
        Box view = new Box(Length.ZERO, Length.px((whole - height) / 2), bandWidth, Length.px(height));
        Box strip = Box.all(bandWidth, Length.px(height));
        Placed frame = Placed.of(
                Part.FRAME,
                Box.all(Length.WIDTH, Length.px(whole)),
                List.of(
                        Placed.clipping(Part.VIEW, view, List.of(Placed.of(Part.STRIP, strip, slides))),
                        Controls.pause(Length.WIDTH.minus(Controls.HIT), Length.px(whole / 2))));
        List<Stop> stops = List.of(Stop.of(1, reel.slides().size()));
        return new Range(span, frame, stops, Length.px(lap(setUp)), Length.px(between(setUp)), narrow(setUp));
    }
}
