package com.keenreel.core.rendition;

import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Pressed;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Span;
import com.keenreel.core.steering.OwnArrow;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * How many pixels across a picture needs, at every width of its reel from 280 to 2560 px.
 *
 * @param uses how wide it is drawn where, by rising width of the host; a picture that stands on several slides has the
 *     uses of all of them
 * @param larger whether it is shown as large as the window too; it is never enlarged there
 */
public record Need(List<Use> uses, boolean larger) {
    private static final int FROM = 280;
    private static final int TO = 2560;
    private static final int STEP = 20;
    private static final double SOFT = 1.25;

    /** Device pixels that no page is wider than on screens in use, so that none is needed wider. */
    private static final int MOST = 3840;

    /** Widths that differ by less than this factor are as good as one. */
    private static final double NEAR = 1.2;

    private static final int[] PASTED = {320, 640, 960, 1440, 1920, 2560};

    /**
     * One width at which a picture is drawn.
     *
     * @param setUp the set-up at that width
     * @param drawn how wide the whole picture is drawn, parts that are cut off included, CSS px
     */
    public record Use(SetUp setUp, double drawn) {
        /** Device pixels per CSS px that most screens of that set-up have. */
        double density() {
            return setUp == SetUp.DESK ? 1 : 2;
        }
    }

    public Need {
        uses = List.copyOf(uses);
    }

    /** The needs of every picture that the reel shows. */
    public static Map<PictureId, Need> of(Reel reel, Facts facts) {
        if (reel.slides().isEmpty()) {
            return Map.of();
        }
        Layout layout = Layout.of(reel, facts);
        Map<Span, Map<Part, Placed>> all = new HashMap<>();
        Map<PictureId, List<Use>> uses = new LinkedHashMap<>();
        for (int host = FROM; host <= TO; host += STEP) {
            Range range = layout.range(host);
            SetUp setUp = range.setUp();
            double width = layout.inHost(range).width().at(host, Layout.WINDOW);
            Map<Part, Placed> parts = all.computeIfAbsent(range.span(), any -> byPart(range));
            for (boolean onward : List.of(true, false)) {
                OwnArrow own = OwnArrow.of(reel, setUp, onward, false);
                if (own != null) {
                    use(uses, own.picture(), setUp, parts.get(onward ? Part.NEXT : Part.PREVIOUS), width);
                }
            }
            for (int n = 1; n <= reel.slides().size(); n++) {
                Slide slide = reel.slides().get(n - 1);
                if (slide.carries() instanceof Carries.Pair pair) {
                    for (Side side : Side.values()) {
                        use(uses, pair.picture(side), setUp, parts.get(Part.picture(n, side)), width);
                    }
                    for (int i = 1; i <= pair.between().size(); i++) {
                        use(uses, pair.pictures().get(i), setUp, parts.get(Part.between(n, i)), width);
                    }
                }
                for (PictureId picture : slide.carries().pictures()) {
                    use(uses, picture, setUp, parts.get(Part.picture(n)), width);
                }
                PictureId instead = slide.insteadOn(setUp);
                if (instead != null) {
                    use(uses, instead, setUp, parts.get(Part.instead(n, setUp)), width);
                }
            }
        }
        Set<PictureId> larger = larger(reel, facts);
        Map<PictureId, Need> needs = new LinkedHashMap<>();
        uses.forEach((picture, own) -> needs.put(picture, new Need(own, larger.contains(picture))));
        return needs;
    }

    private static Map<Part, Placed> byPart(Range range) {
        Map<Part, Placed> parts = new HashMap<>();
        range.frame().all().forEach(placed -> parts.put(placed.part(), placed));
        return parts;
    }

    private static Set<PictureId> larger(Reel reel, Facts facts) {
        return reel.slides().stream()
                .filter(slide -> Pressed.of(reel, slide, facts.said(slide)) == Pressed.LARGER)
                .flatMap(slide -> slide.pictures().stream())
                .collect(Collectors.toSet());
    }

    private static void use(
            Map<PictureId, List<Use>> uses, PictureId picture, SetUp setUp, @Nullable Placed placed, double width) {
        if (placed != null) {
            uses.computeIfAbsent(picture, any -> new ArrayList<>())
                    .add(new Use(setUp, placed.box().width().at(width, 800)));
        }
    }

    /** The most pixels across that it needs on usual screens: 2 a CSS px on phone and tablet, 1 on desk. */
    public double most() {
        return uses.stream()
                .mapToDouble(use -> use.drawn() * use.density())
                .max()
                .orElse(0);
    }

    /** Whether a picture of that many pixels is enlarged by more than a quarter somewhere. */
    public boolean soft(int width) {
        return most() > SOFT * width;
    }

    /**
     * The widths in which the first picture of a reel is published, px: those of 320, 640, 960, 1440, 1920 and 2560 that
     * are well below its own, and its own where it is smaller than the greatest. Code that was pasted into pages names them and outlives publications, so they do not follow what
     * one publication needs.
     *
     * @param own pixels across that the picture has
     */
    public static List<Integer> pasted(int own) {
        List<Integer> widths = new ArrayList<>();
        for (int width : PASTED) {
            if (width * NEAR < own || width == PASTED[PASTED.length - 1] && width < own) {
                widths.add(width);
            }
        }
        if (own <= PASTED[PASTED.length - 1]) {
            widths.add(own);
        }
        return List.copyOf(widths);
    }

    /**
     * The widths in which to publish the picture, so that visitors load as little more than they need as can be: at most 6,
     * of which the expected number of pixels loaded over pixels needed is least, over all widths of the host and 1, 2 and
     * 3 device pixels per CSS px, all equally likely, and 3840 px at most. Found by dynamic programming over the needs in steps of 16 px.
     *
     * @param own pixels across that the picture has; none is greater
     * @param most how many widths at most, 1 or more
     */
    public List<Integer> widths(int own, int most) {
        Map<Integer, Integer> counts = new java.util.TreeMap<>();
        for (Use use : uses) {
            count(counts, use.drawn(), own);
        }
        for (int window = FROM; larger && window <= TO; window += STEP) {
            count(counts, window, own);
        }
        if (counts.isEmpty()) {
            return List.of(Math.min(own, MOST));
        }
        int[] need = counts.keySet().stream().mapToInt(Integer::intValue).toArray();
        int[] count = counts.values().stream().mapToInt(Integer::intValue).toArray();
        int kinds = need.length;
        int groups = Math.min(most, kinds);
        double[][] cost = new double[groups + 1][kinds + 1];
        int[][] from = new int[groups + 1][kinds + 1];
        for (double[] row : cost) {
            java.util.Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        cost[0][0] = 0;
        for (int group = 1; group <= groups; group++) {
            for (int to = 1; to <= kinds; to++) {
                double over = 0; // the needs from..to are all served by the widest of them
                for (int start = to - 1; start >= 0; start--) {
                    double wide = need[to - 1];
                    over += count[start] * (wide * wide / ((double) need[start] * need[start]) - 1);
                    if (cost[group - 1][start] + over < cost[group][to]) {
                        cost[group][to] = cost[group - 1][start] + over;
                        from[group][to] = start;
                    }
                }
            }
        }
        int group = groups;
        for (int fewer = groups - 1; fewer > 0; fewer--) {
            group = cost[fewer][kinds] <= cost[group][kinds] ? fewer : group;
        }
        List<Integer> widths = new ArrayList<>();
        for (int to = kinds; to > 0; to = from[group][to], group--) {
            widths.add(0, need[to - 1]);
        }
        return List.copyOf(widths);
    }

    /** Counts what screens of 1, 2 and 3 device pixels per CSS px need for a picture drawn in that width. */
    private static void count(Map<Integer, Integer> counts, double drawn, int own) {
        int step = 16;
        for (int density = 1; density <= 3; density++) {
            int needed = (int) Math.ceil(drawn * density / step) * step;
            counts.merge(Math.max(1, Math.min(Math.min(own, MOST), needed)), 1, Integer::sum);
        }
    }
}
