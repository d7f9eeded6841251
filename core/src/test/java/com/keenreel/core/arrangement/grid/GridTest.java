package com.keenreel.core.arrangement.grid;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.Spanning;
import com.keenreel.core.option.SweepKind;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Stop;
import com.keenreel.core.time.Motion;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class GridTest {
    private static final double EXACT = 1e-9;

    private static Reel grid(int slides) {
        Reel reel = choose(Sample.reel("grid", slides), Options.WORDS_PLACE, WordsPlace.NOWHERE);
        return choose(choose(reel, ShapeOptions.GAP, 20.0), ShapeOptions.RATIO, new Ratio(2, 1));
    }

    private static Reel spanning(Reel reel, int n, Spanning span) {
        return new SetOption<>(GridOptions.SPAN, reel.slides().get(n - 1).id(), null, span).applyTo(reel);
    }

    private static Layout layout(Reel reel) {
        int[] sizes = new int[2 * reel.slides().size()];
        for (int i = 0; i < sizes.length; i += 2) {
            sizes[i] = 300;
            sizes[i + 1] = 200;
        }
        return Layout.of(reel, Sample.facts(sizes));
    }

    private static Map<String, Measured> at(Layout layout, double width) {
        return layout.at(width, 800).stream().collect(Collectors.toMap(Measured::name, Function.identity()));
    }

    private static void box(Map<String, Measured> all, String name, double x, double y, double width, double height) {
        Measured box = all.get(name);
        assertThat(new double[] {box.x(), box.y(), box.width(), box.height()})
                .as(name)
                .containsExactly(new double[] {x, y, width, height}, within(EXACT));
    }

    @Test
    void whereDividersMoveByThemselvesAPauseButtonStandsBelow() {
        Reel reel = Sample.comparing(choose(grid(5), PairOptions.SWEEP, SweepKind.ONCE));
        Map<String, Measured> all = at(layout(reel), 1200);
        double cells = 1160 / 3.0 + 20; // two rows and a gap
        box(all, "pause", 1148, cells + 4, 44, 44);
        assertThat(all.get("frame").height()).isCloseTo(cells + 48, within(EXACT));
    }

    @Test
    void equalCellsHaveEqualColumnsAndGaps() {
        Map<String, Measured> all = at(layout(grid(5)), 1200); // cells of (1200 - 40) / 3
        double cell = 1160 / 3.0;
        box(all, "slide-1", 0, 0, cell, cell / 2);
        box(all, "slide-3", 2 * (cell + 20), 0, cell, cell / 2);
        box(all, "slide-5", cell + 20, cell / 2 + 20, cell, cell / 2);
        assertThat(all.get("frame").height()).isCloseTo(cell + 20, within(EXACT));
    }

    @Test
    void aSlideOfSeveralCellsHasTheirGapsToo() {
        Reel reel = spanning(spanning(grid(6), 1, Spanning.LARGE), 3, Spanning.WIDE);
        Map<String, Measured> all = at(layout(reel), 1200);
        double cell = 1160 / 3.0;
        double row = cell / 2;
        box(all, "slide-1", 0, 0, 2 * cell + 20, 2 * row + 20);
        box(all, "slide-2", 2 * (cell + 20), 0, cell, row);
        box(all, "slide-3", 0, 2 * (row + 20), 2 * cell + 20, row); // the hole beside the first stays free
        box(all, "slide-4", 2 * (cell + 20), 2 * (row + 20), cell, row);
        box(all, "slide-5", 0, 3 * (row + 20), cell, row);
        all = at(layout(choose(reel, GridOptions.HOLES, true)), 1200);
        box(all, "slide-4", 2 * (cell + 20), row + 20, cell, row); // or a later slide fills it
        all = at(layout(choose(reel, GridOptions.COLUMNS, 1)), 1200);
        box(all, "slide-1", 0, 0, 1200, 1220); // never wider than there are columns
    }

    /** Ratios, width, target and gap of the worked example: breaks after 3 and 6. */
    @Test
    void rowsOfWholePicturesAreAsWideAsTheReel() {
        Reel reel = choose(choose(grid(9), GridOptions.CELLS, Cells.ROWS), ShapeOptions.GAP, 12.0);
        Layout layout = Layout.of(
                choose(reel, GridOptions.HEIGHT, 260.0),
                Sample.facts(150, 100, 75, 100, 150, 100, 240, 100, 100, 100, 133, 100, 66, 100, 150, 100, 178, 100));
        Map<String, Measured> all = at(layout, 1200);
        assertThat(all.get("slide-1").height()).isCloseTo(1176 / 3.75, within(EXACT)); // 313.6
        assertThat(all.get("slide-4").height()).isCloseTo(1176 / 4.73, within(EXACT)); // 248.626
        assertThat(all.get("slide-7").height()).isCloseTo(260, within(EXACT));
        box(all, "slide-2", 313.6 * 1.5 + 12, 0, 313.6 * 0.75, 313.6);
        assertThat(all.get("slide-7").y()).isCloseTo(1176 / 3.75 + 1176 / 4.73 + 24, within(EXACT));
        assertThat(all.get("picture-2").width()).isCloseTo(313.6 * 0.75, within(EXACT)); // nothing is cropped
    }

    @Test
    void everyRowButTheLastFillsTheWidthExactlyAtEveryWidth() {
        Random random = new Random(16);
        for (int round = 0; round < 60; round++) {
            int count = 1 + random.nextInt(round < 50 ? 30 : 200);
            int[] sizes = new int[2 * count];
            for (int i = 0; i < sizes.length; i++) {
                sizes[i] = 200 + random.nextInt(1800);
            }
            double gap = 4.0 * random.nextInt(12);
            Reel reel = choose(choose(grid(count), GridOptions.CELLS, Cells.ROWS), ShapeOptions.GAP, gap);
            reel = choose(reel, GridOptions.HEIGHT, 100.0 + 10 * random.nextInt(40));
            Layout layout = Layout.of(reel, Sample.facts(sizes));
            assertThat(layout.ranges()).hasSizeLessThanOrEqualTo(Layout.MOST_RANGES);
            for (Range range : layout.ranges()) {
                double from = range.span().narrowest();
                double to = Math.min(range.span().below(), 3000) - 0.5;
                for (double width : new double[] {from, (from + to) / 2, to}) {
                    rowsFill(slides(range), width, gap);
                }
            }
        }
    }

    private static List<Placed> slides(Range range) {
        return range.frame()
                .all()
                .filter(one -> one.part().css().startsWith("slide-"))
                .toList();
    }

    private static void rowsFill(List<Placed> slides, double width, double gap) {
        double y = 0;
        double x = 0;
        for (Placed slide : slides) {
            if (slide.box().top().at(width) > y + EXACT) {
                assertThat(x - gap).isCloseTo(width, within(1e-6)); // the row before is full
                y = slide.box().top().at(width);
                x = 0;
            }
            assertThat(slide.box().left().at(width)).isCloseTo(x, within(1e-6)); // in order, a gap apart
            x += slide.box().width().at(width) + gap;
        }
        assertThat(x - gap).isLessThan(width + 1e-6);
    }

    @Test
    void noPageIsLeftWithOneSlideWhereThatCanBeAvoided() {
        assertThat(sizes(13, 12)).containsExactly(11, 2);
        assertThat(sizes(25, 12)).containsExactly(12, 11, 2);
        assertThat(sizes(24, 12)).containsExactly(12, 12);
        assertThat(sizes(14, 12)).containsExactly(12, 2);
        assertThat(sizes(3, 2)).containsExactly(2, 1);
        assertThat(sizes(5, 0)).containsExactly(5);
        assertThat(sizes(1, 12)).containsExactly(1);
        for (int slides = 1; slides < 200; slides++) {
            List<Integer> all = new ArrayList<>();
            Pages.of(slides, 7).stream().map(Stop::slides).forEach(all::addAll);
            assertThat(all).hasSize(slides).isSorted().doesNotHaveDuplicates();
        }
    }

    private static List<Integer> sizes(int slides, int most) {
        return Pages.of(slides, most).stream().map(stop -> stop.slides().size()).toList();
    }

    @Test
    void pagesStandSideBySideAndTheirArrowsBelow() {
        Reel reel = choose(grid(13), GridOptions.PAGE, SetUp.DESK, 6);
        Layout layout = layout(reel);
        Range desk = layout.usual(SetUp.DESK);
        assertThat(desk.stops()).hasSize(3);
        assertThat(layout.usual(SetUp.PHONE).stops()).hasSize(1);
        assertThat(desk.step().at(1200)).isEqualTo(1220);
        Map<String, Measured> all = at(layout, 1200);
        assertThat(all).doesNotContainKey("slide-7"); // on the second page
        double rows = 2 * 1160 / 6.0 + 20;
        assertThat(all.get("arrow-next").y()).isGreaterThanOrEqualTo(rows);
        assertThat(all.get("dot-3").y()).isGreaterThanOrEqualTo(rows);
        assertThat(slides(desk).get(6).box().left().at(1200)).isEqualTo(1220);
        assertThat(new Grid().motion(reel)).isInstanceOf(Motion.ByPosition.class);
        assertThat(new Grid().motion(grid(13))).isInstanceOf(Motion.Still.class);
    }
}
