package com.keenreel.core.arrangement.marquee;

import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.marquee.Balance.Mark;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureTraits.Inked;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stop;
import com.keenreel.core.space.Target;
import com.keenreel.core.space.Widths;
import com.keenreel.core.steering.Controls;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

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

    /** Logos that stand one below another are at most so wide, px: they have room in the narrowest band. */
    static final double WIDEST_UPRIGHT = Widths.NARROWEST - Target.HIT - Target.EDGE;

    /** Kept at the band's end for the pause button, px. */
    static final double PAUSE = Target.HIT + Target.EDGE;

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

    /**
     * How a logo stands.
     *
     * @param width of what is shown of it, px
     * @param height of what is shown of it, px
     * @param left of the whole picture from there, px; 0 or below
     * @param top of the whole picture from there, px; 0 or below
     * @param wholeWidth of the whole picture, px
     * @param wholeHeight of the whole picture, px
     */
    private record Logo(double width, double height, double left, double top, double wholeWidth, double wholeHeight) {
        static Logo of(Inked shown, double ratio, double height) {
            double whole = height / (shown.bottom() - shown.top());
            double wide = whole * ratio;
            return new Logo(
                    wide * (shown.right() - shown.left()),
                    height,
                    -wide * shown.left(),
                    -whole * shown.top(),
                    wide,
                    whole);
        }
    }

    private List<Logo> logos(SetUp setUp) {
        double common = height(setUp);
        List<Mark> marks = reel.slides().stream().map(this::mark).toList();
        double[] shares = Balance.shares(marks);
        List<Logo> logos = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            PictureFacts picture = picture(reel.slides().get(i));
            double height = reel.choices().get(MarqueeOptions.BALANCED) ? common * shares[i] : common;
            double most = upright() ? WIDEST_UPRIGHT / marks.get(i).ratio() : Double.POSITIVE_INFINITY;
            logos.add(Logo.of(shown(picture), picture == null ? 1 : picture.ratio(), Math.min(height, most)));
        }
        return logos;
    }

    private Mark mark(Slide slide) {
        PictureFacts picture = picture(slide);
        if (picture == null) {
            return new Mark(1, 1);
        }
        Inked shown = shown(picture);
        Inked inked = picture.inked();
        double ratio = picture.ratio() * (shown.right() - shown.left()) / (shown.bottom() - shown.top());
        double share = shown.equals(inked) ? 1 : (inked.right() - inked.left()) * (inked.bottom() - inked.top());
        return new Mark(ratio, inked.coverage() * share);
    }

    /** What of a picture is shown: all of it, or without its margins. */
    private Inked shown(@Nullable PictureFacts picture) {
        return picture != null && reel.choices().get(MarqueeOptions.TRIMMED) ? picture.inked() : Inked.ALL;
    }

    private @Nullable PictureFacts picture(Slide slide) {
        List<PictureId> pictures = slide.carries().pictures();
        return pictures.isEmpty() ? null : facts.of(pictures.get(pictures.size() - 1));
    }

    private boolean upright() {
        return reel.choices().get(MarqueeOptions.WAY).upright();
    }

    /** The length of one lap, px: the sum of all logos and gaps. */
    double lap(SetUp setUp) {
        return lap(setUp, logos(setUp));
    }

    private double lap(SetUp setUp, List<Logo> logos) {
        return along(logos) + logos.size() * between(setUp, logos);
    }

    /** What logos take together along the band, px. */
    private double along(List<Logo> logos) {
        return logos.stream()
                .mapToDouble(logo -> upright() ? logo.height() : logo.width())
                .sum();
    }

    /** Between two items: as chosen, or as much more as a lap of its least length needs, px. */
    private double between(SetUp setUp, List<Logo> logos) {
        int items = Math.max(1, logos.size());
        return Math.max(reel.choices().get(ShapeOptions.GAP, setUp), (LEAST_LAP - along(logos)) / items);
    }

    /** How many copies of a lap fill a width at every moment: ceil(width / lap) + 1. */
    public static int copies(double width, double lap) {
        return (int) Math.ceil(width / lap) + 1;
    }

    @Override
    public int copies() {
        int most = 1;
        for (SetUp setUp : SetUp.values()) {
            double seen = upright() ? reel.choices().get(MarqueeOptions.TALL, setUp) : WIDEST;
            most = Math.max(most, copies(seen, lap(setUp)));
        }
        return most;
    }

    @Override
    public double widest() {
        return WIDEST;
    }

    @Override
    public Range lay(Span span) {
        SetUp setUp = span.setUp();
        List<Logo> logos = logos(setUp);
        double between = between(setUp, logos);
        boolean upright = upright();
        Length bandWidth = Length.WIDTH.minus(PAUSE);
        double height = upright ? reel.choices().get(MarqueeOptions.TALL, setUp) : height(setUp);
        double whole = Math.max(height, Target.HIT);
        List<Placed> slides = new ArrayList<>();
        List<Integer> narrow = new ArrayList<>();
        double along = 0;
        for (int i = 0; i < logos.size(); i++) {
            Logo logo = logos.get(i);
            Box own = Box.of(Length.px(logo.left()), Length.px(logo.top()), logo.wholeWidth(), logo.wholeHeight());
            Length left = upright ? bandWidth.minus(logo.width()).dividedBy(2) : Length.px(along);
            double top = upright ? along : (height - logo.height()) / 2;
            slides.add(Placed.of(
                    Part.slide(i + 1),
                    Box.of(left, Length.px(top), logo.width(), logo.height()),
                    reel.slides().get(i).carries().pictures().isEmpty()
                            ? List.of()
                            : List.of(Placed.of(Part.picture(i + 1), own))));
            along += (upright ? logo.height() : logo.width()) + between;
            if (logo.width() < NARROW) {
                narrow.add(i + 1);
            }
        }
        Box view = new Box(Length.ZERO, Length.px((whole - height) / 2), bandWidth, Length.px(height));
        Box strip = Box.all(bandWidth, Length.px(height));
        Placed frame = Placed.of(
                Part.FRAME,
                Box.all(Length.WIDTH, Length.px(whole)),
                List.of(
                        Placed.clipping(Part.VIEW, view, List.of(Placed.of(Part.STRIP, strip, slides))),
                        Controls.pause(Length.WIDTH.minus(Target.HIT), Length.px(whole / 2))));
        List<Stop> stops = Stop.all(reel.slides().size());
        return new Range(span, frame, stops, Length.px(along), Length.px(between), narrow);
    }
}
