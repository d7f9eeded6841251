package com.keenreel.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.option.CourseKind;
import com.keenreel.core.option.Direction;
import com.keenreel.core.option.LeavingKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.space.Stop;
import com.keenreel.core.time.Piece.On;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TimeTest {
    private final Schedule schedule = new Schedule(List.of(5000L, 4000L, 7000L), 800);

    private static Schedule schedule(Reel reel) {
        return Schedule.of(reel, Arrangements.of(reel).motion(reel), Stop.every(1, 3));
    }

    @Test
    void aLapIsAllHoldsAndChanges() {
        assertThat(schedule.lap()).isEqualTo(18_400);
        assertThat(schedule.starts().get(2)).containsExactly(10_600L);
    }

    @Test
    void everyMomentOfALapHasItsPlace() {
        assertThat(schedule.at(0)).isEqualTo(new Schedule.Moment(0, 0, 0, false));
        assertThat(schedule.at(4999)).isEqualTo(new Schedule.Moment(0, 0, 4999, false));
        assertThat(schedule.at(5000)).isEqualTo(new Schedule.Moment(0, 1, 0, true));
        assertThat(schedule.at(5800)).isEqualTo(new Schedule.Moment(1, 1, 0, false));
        assertThat(schedule.at(18_000)).isEqualTo(new Schedule.Moment(2, 0, 400, true));
        assertThat(schedule.at(18_400 + 5100)).isEqualTo(new Schedule.Moment(0, 1, 100, true));
    }

    /** Holds of 5, 4 and 7 s; slides 2 and 3 come in 1 and 2 s, slide 1 in 0.5: back, each leaves as it came. */
    @Test
    void itGoesBackwardOrToAndFro() {
        List<Long> holds = List.of(5000L, 4000L, 7000L);
        List<Long> changes = List.of(500L, 1000L, 2000L);
        Schedule back = new Schedule(holds, changes, CourseKind.BACKWARD);
        assertThat(back.starts()).containsExactly(List.of(0L), List.of(14_500L), List.of(5500L));
        assertThat(back.lap()).isEqualTo(16_000 + 3500);
        assertThat(back.at(5100)).isEqualTo(new Schedule.Moment(0, 2, 100, true));
        assertThat(back.legs()).noneMatch(Schedule.Leg::forward);
        Schedule fro = new Schedule(holds, changes, CourseKind.TO_AND_FRO);
        assertThat(fro.starts()).containsExactly(List.of(0L), List.of(6000L, 21_000L), List.of(12_000L));
        assertThat(fro.comes()).containsExactly(25_000L, 5000L, 10_000L);
        assertThat(back.comes()).containsExactly(18_500L, 12_500L, 5000L);
        assertThat(fro.lap()).isEqualTo(5000 + 4000 + 7000 + 4000 + 1000 + 2000 + 2000 + 1000);
        assertThat(fro.at(25_500)).isEqualTo(new Schedule.Moment(1, 0, 500, true));
    }

    /** Whatever the course: every slide gets its hold exactly, what stands is left, and ends are passed once in a lap. */
    @Test
    void everyCourseGivesEverySlideItsHold() {
        Random random = new Random(17);
        for (int round = 0; round < 300; round++) {
            int slides = 1 + random.nextInt(12);
            List<Long> holds = random.longs(slides, 500, 9000).boxed().toList();
            List<Long> changes = random.longs(slides, 0, 3000).boxed().toList();
            for (CourseKind course : CourseKind.values()) {
                Schedule of = new Schedule(holds, changes, course);
                List<Schedule.Leg> legs = of.legs();
                boolean twice = course == CourseKind.TO_AND_FRO;
                for (int stop = 0; stop < slides; stop++) {
                    boolean end = stop == 0 || stop == slides - 1;
                    assertThat(of.starts().get(stop)).hasSize(twice && !end ? 2 : 1);
                }
                for (int i = 0; i < legs.size(); i++) {
                    Schedule.Leg leg = legs.get(i);
                    assertThat(leg.next())
                            .isEqualTo(legs.get((i + 1) % legs.size()).stop());
                    assertThat(of.at((double) leg.start()).from()).isEqualTo(leg.stop());
                    assertThat(of.at(leg.start() + leg.hold() - 1.0).changing()).isFalse();
                    if (leg.change() > 0) {
                        assertThat(of.at((double) of.lap() + leg.start() + leg.hold()))
                                .isEqualTo(new Schedule.Moment(leg.stop(), leg.next(), 0, true));
                    }
                }
            }
        }
    }

    @Test
    void aSingleStopStandsForEver() {
        Schedule alone = new Schedule(List.of(5000L), 800);
        assertThat(alone.lap()).isEqualTo(5000);
        assertThat(alone.at(60_000)).isEqualTo(new Schedule.Moment(0, 0, 60_000, false));
    }

    @Test
    void aReelWithoutTransitionLosesNoTimeToIt() {
        Reel reel = Sample.reel("single", 3);
        assertThat(schedule(reel).lap()).isEqualTo(3 * 5800);
        reel = Sample.choose(reel, MotionOptions.TRANSITION, TransitionKind.NONE);
        assertThat(schedule(reel).lap()).isEqualTo(15_000);
    }

    /** Slide 1 stands 5 s, then slide 2 comes at once, slide 3 by moving along in 1.2 s, and slide 1 again as usual. */
    @Test
    void aSlideMayComeInAWayOfItsOwn() {
        Reel reel = Sample.reel("single", 3);
        SlideId second = reel.slides().get(1).id();
        SlideId third = reel.slides().get(2).id();
        reel = new SetOption<>(MotionOptions.TRANSITION, second, null, TransitionKind.NONE).applyTo(reel);
        reel = new SetOption<>(MotionOptions.TRANSITION, third, null, TransitionKind.ALONG).applyTo(reel);
        reel = new SetOption<>(MotionOptions.TRANSITION_TIME, third, null, 1200L).applyTo(reel);
        Schedule schedule = schedule(reel);
        assertThat(schedule.changes()).containsExactly(800L, 0L, 1200L);
        assertThat(schedule.starts()).containsExactly(List.of(0L), List.of(5000L), List.of(11_200L));
        assertThat(schedule.lap()).isEqualTo(15_000 + 2000);
        assertThat(schedule.at(4999).changing()).isFalse();
        assertThat(schedule.at(5000)).isEqualTo(new Schedule.Moment(1, 1, 0, false));
        assertThat(schedule.at(10_600)).isEqualTo(new Schedule.Moment(1, 2, 600, true));
        assertThat(schedule.at(16_200)).isEqualTo(new Schedule.Moment(2, 0, 0, true));
        Motion motion = Arrangements.of(reel).motion(reel);
        assertThat(motion.changes()).hasSize(3);
        assertThat(motion.changes().get(motion.into(2)).on())
                .isEqualTo(new Along(-1, 0).plan(1200, true, Easing.GENTLE));
    }

    @Test
    void alongPushesTheFormerSlideOutWithoutAGap() {
        Plan plan = new Along(-1, 0).plan(800, true, Easing.GENTLE);
        for (int time = 0; time <= 800; time += 25) {
            Map<On, Pose> scene = plan.at(time);
            assertThat(scene.get(On.INCOMING).moved().x()
                            - scene.get(On.OUTGOING).moved().x())
                    .isCloseTo(1, within(1e-9));
        }
        assertThat(plan.at(0).get(On.INCOMING).moved().x()).isEqualTo(1);
        assertThat(plan.at(800).get(On.OUTGOING).moved().x()).isEqualTo(-1);
        assertThat(new Along(-1, 0)
                        .plan(800, false, Easing.GENTLE)
                        .at(0)
                        .get(On.INCOMING)
                        .moved()
                        .x())
                .isEqualTo(-1);
    }

    /** Upward: what comes is a whole height below at first, pushes the other one out at the top, or covers it. */
    @Test
    void slidesMoveAlongAndOverInFourDirections() {
        Plan along = Transition.of(TransitionKind.ALONG_UP, Direction.LTR).plan(800, true, Easing.GENTLE);
        assertThat(along.at(0).get(On.INCOMING)).isEqualTo(new Pose(0, 1, 1));
        assertThat(along.at(800).get(On.OUTGOING)).isEqualTo(new Pose(0, -1, 1));
        for (TransitionKind kind : TransitionKind.values()) {
            Plan on = Transition.of(kind, Direction.LTR).plan(800, true, Easing.GENTLE);
            Plan back = Transition.of(kind, Direction.LTR).plan(800, false, Easing.GENTLE);
            if (kind.name().startsWith("OVER")) {
                assertThat(on.at(400)).as("%s moves nothing else", kind).containsOnlyKeys(On.INCOMING);
                Pose start = on.at(0).get(On.INCOMING);
                assertThat(Math.abs(start.moved().x()) + Math.abs(start.moved().y()))
                        .isEqualTo(1);
                assertThat(back.at(0).get(On.INCOMING).moved().x())
                        .isEqualTo(0 - start.moved().x());
                assertThat(back.at(0).get(On.INCOMING).moved().y())
                        .isEqualTo(0 - start.moved().y());
            }
            if (kind.name().endsWith("RIGHT")) {
                TransitionKind other = TransitionKind.valueOf(
                        kind.name().replace("_RIGHT", "_LEFT").replace("ALONG_LEFT", "ALONG"));
                assertThat(on.at(300))
                        .as("%s in a reel read from the right", kind)
                        .isEqualTo(Transition.of(other, Direction.RTL)
                                .plan(800, true, Easing.GENTLE)
                                .at(300));
            }
        }
    }

    @Test
    void crossfadeEndsAsTheComingSlideStands() {
        Plan plan = new Crossfade().plan(800, true, Easing.GENTLE);
        assertThat(plan.at(0).get(On.INCOMING).opacity()).isZero();
        assertThat(plan.at(800).get(On.INCOMING)).isEqualTo(Pose.STANDING);
        assertThat(plan.at(400).get(On.INCOMING).opacity()).isBetween(0.5, 0.9);
    }

    @Test
    void aWipeMovesAnEdgeOverBothAndNothingElse() {
        Plan left = Transition.of(TransitionKind.WIPE_LEFT, Direction.LTR).plan(800, true, Easing.GENTLE);
        assertThat(left.at(0).get(On.INCOMING)).isEqualTo(Pose.through(1, 0)); // its window is still at the right
        assertThat(left.at(800).get(On.INCOMING)).isEqualTo(Pose.STANDING);
        assertThat(left.at(400)).containsOnlyKeys(On.INCOMING);
        Pose half = left.at(400).get(On.INCOMING);
        assertThat(half.window().x()).isCloseTo(1 - Easing.GENTLE.at(0.5), within(1e-9));
        assertThat(half.moved().x()).isZero();
        assertThat(Transition.of(TransitionKind.WIPE_LEFT, Direction.RTL)
                        .plan(800, true, Easing.GENTLE)
                        .at(0))
                .isEqualTo(Transition.of(TransitionKind.WIPE_LEFT, Direction.LTR)
                        .plan(800, false, Easing.GENTLE)
                        .at(0));
        assertThat(Transition.of(TransitionKind.WIPE_DOWN, Direction.LTR)
                        .plan(800, true, Easing.GENTLE)
                        .at(0)
                        .get(On.INCOMING)
                        .window()
                        .y())
                .isEqualTo(-1);
    }

    /** Of 1000 ms the first half is the former slide's, the second the coming one's; the colour is there all along. */
    @Test
    void throughAColourOneFadesBeforeTheOtherAppears() {
        Plan plan = Transition.of(TransitionKind.COLOUR, Direction.LTR).plan(1001, true, Easing.LINEAR);
        assertThat(plan.at(250).get(On.OUTGOING).opacity()).isEqualTo(0.5);
        assertThat(plan.at(250).get(On.INCOMING).opacity()).isZero();
        assertThat(plan.at(500).get(On.OUTGOING).opacity()).isZero();
        assertThat(plan.at(500).get(On.INCOMING).opacity()).isZero();
        assertThat(plan.at(1001).get(On.INCOMING)).isEqualTo(Pose.STANDING);
        for (double time : new double[] {0, 500, 1001}) {
            assertThat(plan.at(time).get(On.GROUND)).isEqualTo(Pose.STANDING);
        }
    }

    /** Every way of coming with every way of leaving: it starts as it stands, and ends out of sight. */
    @Test
    void aSlideMayLeaveInAWayOfItsOwn() {
        for (TransitionKind kind : TransitionKind.values()) {
            Plan asked = Transition.of(kind, Direction.LTR).plan(1000, true, Easing.GENTLE);
            for (LeavingKind leaving : LeavingKind.values()) {
                Plan plan = Transition.of(kind, Direction.LTR)
                        .leaving(leaving, Direction.LTR)
                        .plan(1000, true, Easing.GENTLE);
                String what = kind + ", " + leaving;
                assertThat(plan.duration()).as(what).isEqualTo(asked.duration());
                assertThat(plan.at(300).get(On.INCOMING))
                        .as(what)
                        .isEqualTo(asked.at(300).get(On.INCOMING));
                if (leaving == LeavingKind.AS_ASKED || kind == TransitionKind.NONE) {
                    assertThat(plan).as(what).isEqualTo(asked);
                } else if (leaving == LeavingKind.STANDS) {
                    assertThat(plan.at(300)).as(what).doesNotContainKey(On.OUTGOING);
                } else {
                    Pose gone = plan.at(1000).get(On.OUTGOING);
                    assertThat(plan.at(0).get(On.OUTGOING)).as(what).isEqualTo(Pose.STANDING);
                    assertThat(Math.abs(gone.moved().x())
                                    + Math.abs(gone.moved().y())
                                    + 1
                                    - gone.opacity())
                            .as(what)
                            .isEqualTo(1);
                }
            }
        }
        Transition left =
                Transition.of(TransitionKind.CROSSFADE, Direction.LTR).leaving(LeavingKind.LEFT, Direction.LTR);
        Transition turned =
                Transition.of(TransitionKind.CROSSFADE, Direction.RTL).leaving(LeavingKind.LEFT, Direction.RTL);
        assertThat(left.plan(800, true, Easing.GENTLE).at(800).get(On.OUTGOING).moved())
                .isEqualTo(new Shift(-1, 0));
        assertThat(left.plan(800, false, Easing.GENTLE)).isEqualTo(turned.plan(800, true, Easing.GENTLE));
    }

    /** Eight slats in 1600 ms: each starts 100 ms after the one before, and takes 900. */
    @Test
    void slatsFallOneAfterAnotherAndTilesGrowFromTheMiddle() {
        Plan slats = Transition.of(TransitionKind.SLATS, Direction.LTR).plan(1600, true, Easing.LINEAR);
        List<Pose> poses = slats.inPieces(On.INCOMING, 700);
        assertThat(poses).hasSize(8);
        assertThat(poses.get(0).moved().y()).isCloseTo(-2 / 9.0, within(1e-9));
        assertThat(poses.get(7).moved().y()).isEqualTo(-1);
        assertThat(slats.at(800).get(On.WORDS).opacity()).isEqualTo(0.5);
        Plan back = Transition.of(TransitionKind.SLATS, Direction.LTR).plan(1600, false, Easing.LINEAR);
        assertThat(back.inPieces(On.INCOMING, 700).get(7).moved().y()).isCloseTo(2 / 9.0, within(1e-9));
        Plan tiles = Transition.of(TransitionKind.TILES, Direction.LTR).plan(1000, true, Easing.LINEAR);
        assertThat(tiles.inPieces(On.INCOMING, 600).get(8).scale()).isGreaterThan(0.9); // in the middle
        assertThat(tiles.inPieces(On.INCOMING, 400).get(0).opacity()).isZero(); // at a corner
        for (int length = 100; length <= 5000; length += 100) {
            for (TransitionKind kind : List.of(TransitionKind.SLATS, TransitionKind.TILES)) {
                Plan plan = Transition.of(kind, Direction.RTL).plan(length, true, Easing.GENTLE);
                assertThat(plan.inPieces(On.INCOMING, length)).containsOnly(Pose.STANDING);
            }
        }
    }

    /** Around the lower right corner, half-way: that corner has not moved. */
    @Test
    void aSlideSwingsAroundACornerThatStays() {
        Plan plan = Transition.of(TransitionKind.SWING, Direction.LTR).plan(1000, true, Easing.LINEAR);
        Pose half = plan.at(500).get(On.INCOMING);
        assertThat(half.turn()).isEqualTo(45);
        assertThat(half.pivot()).isEqualTo(new Shift(0.5, 0.5));
        assertThat(half.moved()).isEqualTo(Shift.NONE);
        assertThat(half.transform()).isEqualTo("translate(50%,50%) rotate(45deg) translate(-50%,-50%) scale(1)");
        assertThat(Transition.of(TransitionKind.SWING, Direction.LTR).plan(1000, false, Easing.LINEAR))
                .isEqualTo(Transition.of(TransitionKind.SWING, Direction.RTL).plan(1000, true, Easing.LINEAR));
    }

    @Test
    void easingNeverRunsBackwards() {
        for (Easing easing : Easing.values()) {
            double former = 0;
            for (int i = 0; i <= 1000; i++) {
                double now = easing.at(i / 1000.0);
                assertThat(now).isGreaterThanOrEqualTo(former - 1e-9);
                former = now;
            }
            assertThat(former).isEqualTo(1);
        }
    }

    @Test
    void aPictureThatIsCutMovesPieceByPiece() {
        Cut onward = new Cut(8, 1, Cut.Order.ONWARD, 50);
        Cut back = new Cut(1, 4, Cut.Order.BACK, 50);
        Cut outward = new Cut(6, 4, Cut.Order.OUTWARD, 100);
        assertThat(IntStream.range(0, 8).mapToObj(onward::delay))
                .containsExactly(0L, 50L, 100L, 150L, 200L, 250L, 300L, 350L);
        assertThat(IntStream.range(0, 4).mapToObj(back::delay)).containsExactly(150L, 100L, 50L, 0L);
        assertThat(IntStream.range(0, 24).mapToObj(outward::delay).toList().subList(0, 12))
                .containsExactly(400L, 300L, 200L, 200L, 300L, 400L, 300L, 200L, 100L, 100L, 200L, 300L);
        assertThat(outward.last()).isEqualTo(400);

        Pose away = new Pose(0, -1, 0);
        Piece piece = new Piece(On.INCOMING, onward, 100, 400, Easing.LINEAR, away, Pose.STANDING);
        Plan plan = new Plan(850, List.of(piece));
        assertThat(plan.at(300)).isEmpty(); // nothing moves as a whole
        List<Pose> poses = plan.inPieces(On.INCOMING, 300);
        assertThat(poses).hasSize(8);
        assertThat(poses.get(0).opacity()).isEqualTo(0.5);
        assertThat(poses.get(2).moved().y()).isEqualTo(-0.75);
        assertThat(poses.get(4)).isEqualTo(away);
        assertThat(plan.inPieces(On.INCOMING, 850)).containsOnly(Pose.STANDING);
        assertThat(plan.inPieces(On.OUTGOING, 300)).isEmpty();
        assertThat(plan.cuts()).isTrue();
        assertThatThrownBy(() -> new Plan(849, List.of(piece))).hasMessageContaining("ends after");
    }

    @Test
    void aMarqueesLapTimeFollowsItsSpeed() {
        assertThat(Running.lapTime(676.666667, 60)).isCloseTo(11_277.778, within(1e-2));
    }
}
