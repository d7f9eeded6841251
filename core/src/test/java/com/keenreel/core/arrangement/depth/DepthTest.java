package com.keenreel.core.arrangement.depth;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Words;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Stance;
import com.keenreel.core.time.Motion;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class DepthTest {
    private static final double EXACT = 1e-9;

    private static Reel depth(int slides, double overlap, double turn, double shrink) {
        Reel reel = choose(Sample.reel("depth", slides), Options.WORDS_PLACE, WordsPlace.NOWHERE);
        reel = choose(choose(reel, ShapeOptions.RATIO, new Ratio(2, 1)), DepthOptions.OVERLAP, overlap);
        reel = choose(choose(reel, DepthOptions.TURN, turn), DepthOptions.SHRINK, shrink);
        return choose(reel, DepthOptions.FADE, 20.0);
    }

    private static Layout layout(Reel reel) {
        int[] sizes = new int[2 * reel.slides().size()];
        for (int i = 0; i < sizes.length; i += 2) {
            sizes[i] = 400;
            sizes[i + 1] = 200;
        }
        return Layout.of(reel, Sample.facts(sizes));
    }

    private static Map<String, Measured> at(Layout layout, double width) {
        return layout.at(width, 800).stream().collect(Collectors.toMap(Measured::name, Function.identity()));
    }

    /** Not turned and not smaller, a neighbour is only 0.02 slide widths behind: nearer = 2.5 / 2.52. */
    @Test
    void aNeighbourIsSeenAsFarAwayAsItStands() {
        Reel reel = choose(depth(6, 40, 0, 0), DepthOptions.NEIGHBOURS, 1);
        double nearer = 2.5 / 2.52;
        double extent = 2 * (0.5 + 0.6 * nearer); // 0.6 of it are seen beside the one in front
        Map<String, Measured> all = at(layout(reel), 1200);
        double item = 1200 / extent;
        Measured front = Objects.requireNonNull(all.get("slide-1"));
        assertThat(front.width()).isCloseTo(item, within(EXACT));
        assertThat(front.height()).isCloseTo(item / 2, within(EXACT));
        Measured next = Objects.requireNonNull(all.get("slide-2"));
        assertThat(next.x() + next.width()).isCloseTo(1200, within(1e-6)); // the reel is just filled
        assertThat(next.width()).isCloseTo(item * nearer, within(1e-6));
        assertThat(all.get("slide-6").x()).isCloseTo(0, within(1e-6)); // round: the last one stands on the other side
        assertThat(all).doesNotContainKey("slide-3");
    }

    @Test
    void whatIsTurnedHasItsInnerEdgeNearer() {
        Measured next =
                Objects.requireNonNull(at(layout(depth(6, 40, 60, 0)), 1200).get("slide-2"));
        List<Stance.Point> corners = Objects.requireNonNull(next.corners());
        double inner = corners.get(3).y() - corners.get(0).y();
        double outer = corners.get(2).y() - corners.get(1).y();
        assertThat(inner).isGreaterThan(outer * 1.2);
        assertThat(corners.get(0).x()).isLessThan(corners.get(1).x());
    }

    /** A picture of 2:1 that fills a square: its left and right quarters are cut off, and what is left is all of the slide. */
    @Test
    void ofAPictureThatItsFrameCutsOffTheRestIsSeen() {
        Reel square = choose(depth(6, 40, 60, 0), ShapeOptions.RATIO, new Ratio(1, 1));
        Map<String, Measured> all = at(layout(square), 1200);
        Measured slide = Objects.requireNonNull(all.get("slide-2"));
        Measured picture = Objects.requireNonNull(all.get("picture-2"));
        assertThat(picture.shown()).isEqualTo(slide.corners());
        assertThat(slide.shown()).isNull();
        assertThat(picture.height()).isGreaterThan(slide.height() * 1.05); // what is cut off would be nearer
    }

    /** Each stands behind the one before it at every point, whatever is chosen, so that none cuts through another. */
    @Test
    void noSlideCutsThroughAnother() {
        Random random = new Random(18);
        for (int round = 0; round < 300; round++) {
            Choices choices = depth(12, 5.0 * random.nextInt(17), 5.0 * random.nextInt(16), 5.0 * random.nextInt(11))
                    .choices()
                    .with(DepthOptions.NEIGHBOURS, null, 4);
            List<Stance> stances = Stances.of(choices, SetUp.DESK, 12);
            assertThat(stances).hasSize(11);
            assertThat(stances.get(10).opacity()).isZero();
            for (double away = 0; away <= 4; away += 0.05) {
                Stance one = at(stances, away);
                Stance next = at(stances, away + 1);
                assertThat(nearest(next)).as("at %s", away).isLessThanOrEqualTo(farthest(one) + EXACT);
                assertThat(next.shift()).isGreaterThan(one.shift());
                if (away <= 0.5) { // what leaves to one side, and what comes from the other
                    assertThat(nearest(at(stances, 1 - away)))
                            .as("at %s", away)
                            .isLessThanOrEqualTo(farthest(one) + EXACT);
                }
            }
        }
    }

    private static Stance at(List<Stance> stances, double away) {
        int half = (int) Math.floor(2 * away + 1e-9);
        Stance one = stances.get(half);
        Stance other = stances.get(Math.min(half + 1, stances.size() - 1));
        double share = 2 * away - half;
        return new Stance(
                one.shift() + (other.shift() - one.shift()) * share,
                one.back() + (other.back() - one.back()) * share,
                one.turn() + (other.turn() - one.turn()) * share,
                one.scale() + (other.scale() - one.scale()) * share,
                1);
    }

    private static double half(Stance stance) {
        return stance.scale() * Math.sin(Math.toRadians(stance.turn())) / 2;
    }

    private static double nearest(Stance stance) {
        return stance.back() + half(stance);
    }

    private static double farthest(Stance stance) {
        return stance.back() - half(stance);
    }

    /** Nothing that is seen leaves the frame, and the reel is filled, at every width and for few slides too. */
    @Test
    void everythingIsInsideTheFrame() {
        Random random = new Random(5);
        for (int round = 0; round < 300; round++) {
            int slides = 1 + random.nextInt(9);
            Reel reel = depth(slides, 5.0 * random.nextInt(17), 5.0 * random.nextInt(16), 5.0 * random.nextInt(11));
            reel = choose(reel, DepthOptions.NEIGHBOURS, random.nextInt(5));
            reel = choose(reel, LookOptions.REFLECTION, 10.0 * random.nextInt(5));
            double width = 280 + random.nextDouble() * 2280;
            Map<String, Measured> all = at(layout(reel), width);
            double height = Objects.requireNonNull(all.get("frame")).height();
            double rightmost = 0;
            for (Measured box : all.values()) {
                assertThat(box.name().matches("slide-.*") ? box.x() : 0).isGreaterThanOrEqualTo(-1e-6);
                assertThat(box.y()).isGreaterThanOrEqualTo(-1e-6);
                if (box.name().startsWith("slide-")) {
                    rightmost = Math.max(rightmost, box.x() + box.width());
                    assertThat(box.y() + box.height()).isLessThanOrEqualTo(height + 1e-6);
                }
            }
            assertThat(rightmost).isLessThanOrEqualTo(width + 1e-6);
            assertThat(slides == 1 ? rightmost : width).isCloseTo(width, within(1e-6));
        }
    }

    /** A picture 2:1 that is reflected by half, 10 px below it: words begin 10 + w / 4 below a picture that is w / 2 high. */
    @Test
    void wordsStandBelowTheReflection() {
        Reel reel = choose(depth(5, 40, 30, 10), Options.WORDS_PLACE, WordsPlace.BELOW);
        reel = choose(choose(reel, LookOptions.REFLECTION, 30.0), LookOptions.REFLECTION_LENGTH, 50.0);
        reel = reel.withSlides(List.of(
                reel.slides().get(0).withWords(Words.NONE.with(Words.Field.TITLE, "Quatrefoil wall")),
                reel.slides().get(1)));
        Map<String, Measured> all = at(layout(choose(reel, LookOptions.REFLECTION_GAP, 10.0)), 900);
        double width = Objects.requireNonNull(all.get("slide-1")).width();
        Measured reflection = Objects.requireNonNull(all.get("reflection-1"));
        Measured words = Objects.requireNonNull(all.get("words-1"));
        assertThat(reflection.y()).isCloseTo(width / 2 + 10, within(EXACT));
        assertThat(reflection.height()).isCloseTo(width / 4, within(EXACT));
        assertThat(words.y()).isCloseTo(width * 3 / 4 + 10, within(EXACT));
        assertThat(Objects.requireNonNull(all.get("frame")).height())
                .isGreaterThanOrEqualTo(words.y() + words.height());
    }

    @Test
    void theFirstFollowsTheLastWhereverNoSlideIsWantedTwice() {
        Motion.ByDistance round = Depth.movesLike(depth(6, 40, 30, 0)); // two neighbours on each side, one beyond
        assertThat(round.isRound(SetUp.DESK, 6)).isTrue();
        assertThat(round.isRound(SetUp.DESK, 5)).isFalse();
        assertThat(Motion.ByDistance.distance(5, 6, true)).isEqualTo(-1);
        assertThat(Motion.ByDistance.distance(3, 6, true)).isEqualTo(3);
        assertThat(Motion.ByDistance.distance(5, 6, false)).isEqualTo(5);
    }
}
