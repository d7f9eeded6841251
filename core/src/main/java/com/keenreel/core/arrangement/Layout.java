package com.keenreel.core.arrangement;

import com.keenreel.core.option.Direction;
import com.keenreel.core.option.HeightKind;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShadowKind;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.MeasuredType;
import com.keenreel.core.space.Moment;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Scrolled;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stance.Point;
import com.keenreel.core.space.Target;
import com.keenreel.core.space.Widths;
import com.keenreel.core.time.Motion;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Where everything of a reel stands, at every width. The same boxes are printed as CSS for visitors and evaluated here
 * for figures, findings and tests.
 *
 * <pre>{@code
 * Layout layout = Layout.of(reel, facts);
 * layout.at(820, 800);            // boxes on a host that is 820 px wide
 * layout.ranges();                // the trees of lengths that are printed
 * }</pre>
 */
public final class Layout {
    /** What a press target needs each way at the least, px: WCAG 2.2, success criterion 2.5.8. */
    public static final double TARGET = Target.LEAST;

    /** How high a window is where nobody knows, px. */
    public static final double WINDOW = 800;

    /** So far reaches a shadow, px: as much is kept free around a reel that casts one. */
    public static final double SHADOW = 24;

    /** Ranges of a reel at the most, so that what is printed for each of them stays short. */
    public static final int MOST_RANGES = 24;

    private final Reel reel;
    private final Places places;
    private final boolean videos;
    private final List<Span> spans;
    private final Map<Span, Range> laid = new ConcurrentHashMap<>();
    private volatile @Nullable Set<Part> standing; // all parts there are at some width, once they are asked for

    private Layout(Reel reel, Places places, boolean videos) {
        this.reel = reel;
        this.places = places;
        this.videos = videos;
        this.spans = spans(reel, places);
    }

    /**
     * The layout of that reel.
     *
     * @throws IllegalArgumentException when a picture's facts are missing
     */
    public static Layout of(Reel reel, Facts facts) {
        Reel steered = Steered.of(reel);
        boolean videos = reel.slides().stream().anyMatch(slide -> Playing.carried(reel, slide, facts) != null);
        return new Layout(steered, Arrangements.of(reel).places(steered, facts), videos);
    }

    /** Whether slides carry videos that could be played. */
    public boolean hasVideos() {
        return videos;
    }

    private static List<Span> spans(Reel reel, Places places) {
        List<Span> spans = new ArrayList<>();
        for (SetUp setUp : SetUp.values()) {
            double from = reel.limits().from(setUp);
            double below = reel.limits().below(setUp);
            for (int next : places.breaks(setUp)) {
                if (next > from && next < below) {
                    spans.add(new Span(from, next, setUp));
                    from = next;
                }
            }
            spans.add(new Span(from, below, setUp));
        }
        if (spans.size() > MOST_RANGES) {
            throw new IllegalStateException("A layout has " + MOST_RANGES + " ranges at the most, not " + spans.size());
        }
        return List.copyOf(spans);
    }

    /** Where the reel stands in its host, without the space around it, in lengths of the host's width. */
    public Box inHost(Range range) {
        Length around = around();
        Box box = new Box(
                Widths.start(reelWidth(), reel.choices().get(ShapeOptions.ALIGNED))
                        .plus(around),
                isHidden(range.setUp()) ? Length.ZERO : around,
                widthInHost(),
                range.frame().box().height().over(widthInHost()));
        return mirrored() ? box.mirroredIn(Length.WIDTH) : box;
    }

    /** The height of the reel and the space around it, as a length of its host's width. */
    public Length heightInHost(Range range) {
        Box box = inHost(range);
        return box.height().plus(box.top().times(2));
    }

    /** The reel's width as a length of its host's. */
    public Length widthInHost() {
        return Widths.reel(reelWidth()).minus(around().times(2));
    }

    /** The space that is kept free on every side of the reel, as a length of its host's width. */
    public Length around() {
        return Widths.around(reelWidth(), keptFree());
    }

    /** The space that is kept free above and below the reel, as a length of its own width: nothing where it is hidden. */
    public Length above(Range range) {
        return isHidden(range.setUp()) ? Length.ZERO : Widths.beside(keptFree());
    }

    /** As chosen, and enough for a shadow, px. */
    private double keptFree() {
        return Math.max(reel.choices().get(ShapeOptions.AROUND), shadow() == ShadowKind.NONE ? 0 : SHADOW);
    }

    /** The shadow that its pictures cast. */
    public ShadowKind shadow() {
        return Arrangements.of(reel).has(LookOptions.SHADOW) ? reel.choices().get(LookOptions.SHADOW) : ShadowKind.NONE;
    }

    /** Whether its height depends on the window's on some set-up: in a frame, which is its own window, it has none. */
    public boolean goesByWindow() {
        return Arrangements.of(reel).has(ShapeOptions.HEIGHT)
                && Arrays.stream(SetUp.values())
                        .anyMatch(setUp -> reel.choices().get(ShapeOptions.HEIGHT, setUp) == HeightKind.WINDOW);
    }

    /** Whether visitors see nothing of it on that set-up. */
    public boolean isHidden(SetUp setUp) {
        return reel.choices().get(ShapeOptions.HIDDEN, setUp);
    }

    /** Whether something in it stays in the window while the page is scrolled: in a frame, which is as high as the reel, nothing does. */
    public boolean staysWhileScrolled() {
        return ranges().stream()
                .flatMap(range -> range.frame().all())
                .anyMatch(placed -> placed.scrolled() instanceof Scrolled.Stays);
    }

    private ReelWidth reelWidth() {
        ReelWidth chosen = reel.choices().get(ShapeOptions.WIDTH);
        return new ReelWidth(chosen.share(), Math.min(chosen.most(), places.widest()));
    }

    /** All widths there are: stretches one after the other, by rising width. */
    public List<Span> spans() {
        return spans;
    }

    /** What stands in that stretch, one of {@link #spans}. */
    public Range range(Span span) {
        return laid.computeIfAbsent(span, this::lay);
    }

    private Range lay(Span span) {
        Range range = mirrored() ? places.lay(span).mirrored() : places.lay(span);
        return isHidden(span.setUp()) ? range.hidden() : range;
    }

    /** Everything there is, by rising width. */
    public List<Range> ranges() {
        return spans.stream().map(this::range).toList();
    }

    /** What there is in that set-up, by rising width: at least one. */
    public List<Range> ranges(SetUp setUp) {
        return ranges().stream().filter(range -> range.setUp() == setUp).toList();
    }

    /**
     * What stands on a host of that width.
     *
     * @param hostWidth px, 0 or more
     * @throws IllegalArgumentException when it is no such number
     */
    public Range range(double hostWidth) {
        if (!(hostWidth >= 0) || Double.isInfinite(hostWidth)) {
            throw new IllegalArgumentException("A width is a number of px, 0 or more.");
        }
        double width = widthInHost().at(hostWidth);
        return range(
                spans.stream().filter(span -> span.contains(width)).findFirst().orElseThrow());
    }

    /** What stands for a set-up where one picture of it is enough: at its usual width, or as near as it comes to that. */
    public Range usual(SetUp setUp) {
        List<Span> own = spans.stream().filter(span -> span.setUp() == setUp).toList();
        return range(own.stream()
                .filter(span -> span.from() <= setUp.usualPage())
                .reduce(own.get(0), (former, span) -> span));
    }

    /** The least host width of that stretch, px; positive infinity when it is never reached. */
    public double hostFrom(Span span) {
        return Widths.slotFor(reelWidth(), keptFree(), span.from());
    }

    /** The first host width that is no longer in that stretch, px; positive infinity when it has no end. */
    public double hostBelow(Span span) {
        return Widths.slotFor(reelWidth(), keptFree(), span.below());
    }

    /** Whether that part has a place at some width; what has none anywhere is left out of the markup. */
    public boolean stands(Part part) {
        return parts().contains(part);
    }

    /** Everything that has a place at some width. */
    public Set<Part> parts() {
        Set<Part> all = standing;
        if (all == null) {
            all = ranges().stream()
                    .flatMap(range -> range.frame().all())
                    .map(Placed::part)
                    .collect(Collectors.toUnmodifiableSet());
            standing = all;
        }
        return all;
    }

    private boolean mirrored() {
        return reel.direction() == Direction.RTL;
    }

    /** A range's step with its side: to the right where it is positive, as in a reel that is read from left to right. */
    public Length stride(Range range) {
        return Arrangements.of(reel).motion(reel).upright()
                ? range.step()
                : range.step().times(reel.direction().sign());
    }

    /** How many times its slides stand one after another; 1 where nothing is endless. */
    public int copies() {
        return places.copies();
    }

    /** The ranges in which dots were asked for but too many stops leave no room for them. */
    public List<Range> withoutDots() {
        if (!Arrangements.of(reel).has(SteeringOptions.DOTS)) {
            return List.of();
        }
        return ranges().stream()
                .filter(range -> reel.choices().get(SteeringOptions.DOTS, range.setUp()) && !isHidden(range.setUp()))
                .filter(range -> range.stops().size() > 1
                        && range.frame().boxOf(Part.dot(1)).isEmpty()
                        && range.frame().boxOf(Part.COUNT).isEmpty())
                .toList();
    }

    /**
     * Every box that can be seen at the first moment, in CSS px from the host's top left corner.
     *
     * @param hostWidth px
     * @param view the height of the window, px
     * @throws IllegalArgumentException when one of them is no number, or below 0
     */
    public List<Measured> at(double hostWidth, double view) {
        return at(hostWidth, Moment.first(view));
    }

    /**
     * Every box that can be seen at a moment, in CSS px from the host's top left corner. Reels with stops stand at the first
     * one.
     *
     * @param hostWidth px
     * @throws IllegalArgumentException when it is no number, or below 0
     */
    public List<Measured> at(double hostWidth, Moment moment) {
        return at(hostWidth, moment, width -> width);
    }

    /** The same as browsers lay it out, in whose units the reel's width is a whole number. */
    public List<Measured> laidOut(double hostWidth, Moment moment) {
        return at(hostWidth, moment, Widths::laidOut);
    }

    private List<Measured> at(double hostWidth, Moment moment, DoubleUnaryOperator counted) {
        Range range = range(hostWidth);
        Box inHost = inHost(range);
        double width = counted.applyAsDouble(inHost.width().at(hostWidth, moment.view()));
        double top = inHost.top().at(hostWidth, moment.view());
        double left = inHost.left().at(hostWidth, moment.view());
        return Measured.all(range.frame(), left, top, width, moment, moved(range, width, moment));
    }

    /** Where the strip of a band is, px to the right and down from where it begins. */
    private Point moved(Range range, double width, Moment moment) {
        double lap = range.step().at(width, moment.view());
        if (!(Arrangements.of(reel).motion(reel) instanceof Motion.ByTime band) || lap <= 0) {
            return new Point(0, 0);
        }
        double gone = moment.time() / band.lapTime(lap) % 1;
        double far = (band.onward() ? -gone : gone) * stride(range).at(width, moment.view());
        return band.upright() ? new Point(0, far) : new Point(far, 0);
    }

    /**
     * How words are set on a host of that width, wherever some stand; in CSS px.
     *
     * @param hostWidth px
     */
    public List<MeasuredType> typeAt(double hostWidth) {
        return MeasuredType.all(range(hostWidth).frame(), widthInHost().at(hostWidth));
    }
}
