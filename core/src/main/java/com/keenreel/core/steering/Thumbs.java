package com.keenreel.core.steering;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Edge;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ThumbOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Target;
import java.util.ArrayList;
import java.util.List;

/**
 * The band of thumbnails in a stretch of widths. One below or above the slides is as high as its thumbnails, one at a side as wide; it
 * is as long as what it stands beside. Few stand in its middle; of many it shows as many as have room.
 *
 * @param count how many there are
 * @param edge where the band stands
 * @param width of a thumbnail, px
 * @param height of a thumbnail, px
 * @param gap between two of them, px
 */
public record Thumbs(int count, Edge edge, double width, double height, double gap) {
    /** Between the band and the slides, px. */
    static final double APART = 8;

    /** At a side they take no more of the narrowest reel than one part in so many. */
    private static final double LEAVES = 4;

    /** Those of that reel, as far as some are wanted. */
    public static Thumbs of(Reel reel, Span span) {
        Choices choices = reel.choices();
        SetUp setUp = span.setUp();
        double wanted = choices.get(ThumbOptions.SIZE, setUp);
        double ratio = choices.get(ThumbOptions.RATIO, setUp).value();
        Edge edge = choices.get(ThumbOptions.EDGE, setUp);
        double size = edge.upright() ? Math.min(wanted, Math.floor(span.narrowest() / LEAVES)) : wanted;
        return new Thumbs(
                reel.slides().size(),
                edge,
                edge.upright() ? size : Math.max(Target.LEAST, size * ratio),
                edge.upright() ? Math.max(Target.LEAST, size / ratio) : size,
                choices.get(ThumbOptions.GAP, setUp));
    }

    /** How much room the band takes on its edge, px. */
    double room() {
        return (edge.upright() ? width : height) + APART;
    }

    /** The length of all thumbnails, px. */
    private double whole() {
        return count * ((edge.upright() ? height : width) + gap) - gap;
    }

    /**
     * The band.
     *
     * @param left of its own edge
     * @param top of its own edge
     * @param along how long it is
     */
    Placed band(Length left, Length top, Length along) {
        Length first = Length.max(Length.ZERO, along.minus(whole()).dividedBy(2));
        List<Placed> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Length far = first.plus(i * ((edge.upright() ? height : width) + gap));
            all.add(Placed.of(
                    Part.thumb(i + 1),
                    edge.upright()
                            ? Box.of(Length.ZERO, far, width, height)
                            : Box.of(far, Length.ZERO, width, height)));
        }
        Box box = edge.upright()
                ? new Box(left, top, Length.px(width), along)
                : new Box(left, top, along, Length.px(height));
        return Placed.clipping(Part.THUMBS, box, all);
    }
}
