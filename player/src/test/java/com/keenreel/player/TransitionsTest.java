package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.arrangement.trial.InPieces;
import com.keenreel.core.option.Direction;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.time.Easing;
import com.keenreel.core.time.Piece.On;
import com.keenreel.core.time.Plan;
import com.keenreel.core.time.Pose;
import com.keenreel.core.time.Schedule;
import com.keenreel.core.time.Shift;
import com.keenreel.core.time.Transition;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What moves in the browser stands where the plan says, at the times that its animations have in the same frame. */
class TransitionsTest extends ReelPages {
    private static final long TIME = 2000; // ms of a change
    private static final long HOLD = 500;
    private static final int LOOKS = 40;

    private static final String LOOK = """
            () => {
              const root = document.querySelector('keen-reel').shadowRoot;
              const frame = root.querySelector('.view').getBoundingClientRect();
              const [coming, leaving] = ['coming', 'now'].map((one) => root.querySelector(`.slide.${one}`));
              if (!coming) return null;
              const stands = (element) => { // where its middle is, in the frame's size; turn, size and opacity
                const { x, y, width, height } = element.getBoundingClientRect();
                const { transform, opacity } = getComputedStyle(element);
                const { a, b } = new DOMMatrix(transform);
                const middle = [(x + width / 2 - frame.x) / frame.width, (y + height / 2 - frame.y) / frame.height];
                return [...middle, Math.atan2(b, a) * 180 / Math.PI, Math.hypot(a, b), Number(opacity)];
              };
              const number = (slide) => Number(slide.className.match(/slide-(\\d+)/)[1]) - 1;
              const ground = root.querySelector('.ground');
              const crop = coming.querySelector('.crop').getBoundingClientRect();
              const words = coming.querySelector(':scope > .words');
              const tiles = [...coming.querySelectorAll(':scope > .cut > div')];
              const moving = root.getAnimations().find(({ effect }) => effect.target.matches('.coming, .coming *'));
              return {
                time: moving.currentTime, from: number(leaving), to: number(coming), tall: frame.height / frame.width,
                coming: stands(coming), leaving: stands(leaving), picture: stands(coming.querySelector('.crop')),
                ground: ground && Number(getComputedStyle(ground).opacity),
                words: words && Number(getComputedStyle(words).opacity),
                covered: tiles.reduce((all, one) => all + one.offsetWidth * one.offsetHeight, 0) / (crop.width * crop.height),
                tiles: tiles.map((tile) => { // in its own size from its place
                  const { opacity, transform } = getComputedStyle(tile);
                  const { a, b, e, f } = new DOMMatrix(transform);
                  return [e / tile.offsetWidth, f / tile.offsetHeight, Number(opacity), Math.atan2(b, a) * 180 / Math.PI, Math.hypot(a, b)];
                }),
              };
            }""";

    private StaticReel reel(TransitionKind kind) {
        return reels.make("Changes by " + kind, "banner", "full", "plate-01-quatrefoil.jpg", "plate-04-fan.jpg")
                .choose(
                        "motion.transition",
                        null,
                        MotionOptions.TRANSITION.domain().write(kind))
                .choose("motion.time", null, String.valueOf(TIME / 1000.0))
                .choose("motion.hold", null, String.valueOf(HOLD / 1000.0))
                .choose("motion.autoplay", null, "false");
    }

    @SuppressWarnings("unchecked")
    private static void compare(Object looked, Plan plan, String what) {
        Map<String, Object> seen = (Map<String, Object>) looked;
        double time = ((Number) seen.get("time")).doubleValue();
        double tall = ((Number) seen.get("tall")).doubleValue();
        Map<On, Pose> scene = plan.at(time);
        Pose coming = scene.getOrDefault(On.INCOMING, Pose.STANDING);
        String at = what + " at " + time;
        near(seen.get("coming"), coming, coming.window(), tall, at + ", coming");
        near(seen.get("leaving"), scene.getOrDefault(On.OUTGOING, Pose.STANDING), Shift.NONE, tall, at + ", leaving");
        if (coming.isSeenThroughWindow()) {
            near(seen.get("picture"), Pose.STANDING, Shift.NONE, tall, at + ", its picture");
        }
        if (scene.containsKey(On.WORDS)) {
            comparePieces(seen, time, plan, what);
        }
        if (scene.containsKey(On.GROUND)) {
            assertThat(((Number) seen.get("ground")).doubleValue()).isEqualTo(1);
        }
    }

    /** @param tall height of the frame in its width */
    @SuppressWarnings("unchecked")
    private static void near(Object stands, Pose pose, Shift window, double tall, String what) {
        List<Number> seen = (List<Number>) stands;
        double turned = Math.toRadians(pose.turn());
        double x = -pose.pivot().x();
        double y = -pose.pivot().y() * tall;
        double middleX =
                0.5 + pose.moved().x() + window.x() + pose.pivot().x() + x * Math.cos(turned) - y * Math.sin(turned);
        double middleY = 0.5
                + pose.moved().y()
                + window.y()
                + pose.pivot().y()
                + (x * Math.sin(turned) + y * Math.cos(turned)) / tall;
        double[] expected = {middleX, middleY, pose.turn(), pose.scale(), pose.opacity()};
        for (int i = 0; i < expected.length; i++) {
            assertThat(seen.get(i).doubleValue())
                    .as(what + ", "
                            + List.of("x", "y", "turn", "scale", "opacity").get(i))
                    .isCloseTo(expected[i], within(i == 2 ? 0.2 : 0.01));
        }
    }

    /** Two slides have a way of their own; the others come as the reel says. Going back, a slide leaves as it came. */
    @Test
    void aSlideComesAndLeavesInItsOwnWay() {
        StaticReel reel = reels.make(
                        "Each its own way",
                        "banner",
                        "full",
                        "plate-01-quatrefoil.jpg",
                        "plate-04-fan.jpg",
                        "plate-02-eight-star.jpg")
                .choose("motion.time", null, "2")
                .choose("motion.autoplay", null, "false");
        reel.chooseFor(reel.slides().get(1), "motion.transition", null, "along")
                .chooseFor(reel.slides().get(2), "motion.transition", null, "none");
        Page live = reel.live();
        Transition along = Transition.of(TransitionKind.ALONG, Direction.LTR);
        live.locator(".arrow-next").click();
        compare(live.waitForFunction(LOOK).jsonValue(), along.plan(2000, true, Easing.GENTLE), "its own way");
        live.locator(".arrow-next").click(); // ends it
        assertThat(live.locator(".slide-3.now")).hasCount(1);
        assertThat(live.locator(".slide.coming")).hasCount(0);
        live.locator(".arrow-previous").click();
        assertThat(live.locator(".slide-2.now")).hasCount(1);
        live.locator(".arrow-previous").click();
        compare(live.waitForFunction(LOOK).jsonValue(), along.plan(2000, false, Easing.GENTLE), "back as it came");
        live.locator(".arrow-previous").click();
        assertThat(live.locator(".slide-3.now")).hasCount(1);
    }

    /** Presses at those times, ms; in every frame where slides stand, px from the frame's left edge, by their numbers. */
    private static final String PRESSED = """
            async (presses) => {
              const root = document.querySelector('keen-reel').shadowRoot;
              const frame = root.querySelector('.view').getBoundingClientRect().x;
              const seen = [];
              const began = performance.now();
              for (let at = 0; at < 3500; at = performance.now() - began) {
                while (presses.length && at >= presses[0][0]) root.querySelector(presses.shift()[1]).click();
                await new Promise(requestAnimationFrame);
                const places = {};
                root.querySelectorAll('.slide').forEach((slide) => {
                  if (slide.checkVisibility({ visibilityProperty: true })) places[slide.className.match(/slide-(\\d+)/)[1]] = slide.getBoundingClientRect().x - frame;
                });
                seen.push({ at: document.timeline.currentTime, places });
              }
              return seen;
            }""";

    /** The greatest share of its way that a gentle movement goes in a share of its time. */
    private static double steepest() {
        double steepest = 0;
        for (int i = 0; i < 1000; i++) {
            steepest = Math.max(steepest, 1000 * (Easing.GENTLE.at((i + 1) / 1000.0) - Easing.GENTLE.at(i / 1000.0)));
        }
        return steepest;
    }

    @SuppressWarnings("unchecked")
    private static void goesSmoothly(Object frames, double pxPerMs, String what) {
        Map<String, Object> former = null;
        for (Map<String, Object> seen : (List<Map<String, Object>>) frames) {
            if (former != null) {
                double time = ((Number) seen.get("at")).doubleValue() - ((Number) former.get("at")).doubleValue();
                Map<String, Number> before = (Map<String, Number>) former.get("places");
                ((Map<String, Number>) seen.get("places")).forEach((slide, x) -> {
                    if (before.containsKey(slide)) {
                        assertThat(Math.abs(x.doubleValue() - before.get(slide).doubleValue()))
                                .as("%s: slide %s after %s ms", what, slide, time)
                                .isLessThanOrEqualTo(pxPerMs * time + 1);
                    }
                });
            }
            former = seen;
        }
    }

    @Test
    void nothingJumpsWhenAChangeIsInterrupted() {
        String[] files = {
            "plate-01-quatrefoil.jpg", "plate-04-fan.jpg", "plate-02-eight-star.jpg", "plate-03-target-square.jpg"
        };
        StaticReel banner = reels.make("Interrupted", "banner", "full", files)
                .choose("motion.transition", null, "along")
                .choose("motion.time", null, "1")
                .choose("motion.autoplay", null, "false");
        double gentle = steepest() * 1280 / 1000;
        Page live = banner.live();
        Object back = live.evaluate(PRESSED, List.of(List.of(100, ".arrow-next"), List.of(650, ".arrow-previous")));
        goesSmoothly(back, gentle, "asked back");
        assertThat(live.locator(".slide-1.now")).hasCount(1);
        Object on = live.evaluate(
                PRESSED,
                List.of(List.of(100, ".arrow-next"), List.of(500, ".arrow-next"), List.of(600, ".arrow-next")));
        goesSmoothly(on, 4 * gentle, "three asked for");
        assertThat(live.locator(".slide-4.now")).hasCount(1);

        StaticReel row = reels.make("Interrupted row", "row", "full", files)
                .choose("row.shown", null, "1")
                .choose("row.shown", "tablet", "1")
                .choose("motion.time", null, "1");
        Page strip = row.live();
        Object retargeted = strip.evaluate(
                PRESSED,
                List.of(List.of(100, ".arrow-next"), List.of(400, ".arrow-next"), List.of(800, ".arrow-previous")));
        goesSmoothly(retargeted, 2 * gentle, "a strip that is sent elsewhere");
        assertThat(strip.locator(".slide-2.now")).hasCount(1);
    }

    @ParameterizedTest
    @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "NONE")
    void everyTransitionStandsAsItsPlanSaysLiveAndHeld(TransitionKind kind) {
        Transition transition = Transition.of(kind, Direction.LTR);
        StaticReel reel = reel(kind);
        reel.slides().forEach(slide -> reel.say(slide, "title", "Moving"));
        Page live = reel.live();
        for (boolean forward : new boolean[] {true, false}) {
            live.locator(forward ? ".arrow-next" : ".arrow-previous").click();
            List<?> looks = Clock.along(live, LOOK, Clock.shares(LOOKS));
            Clock.runOn(live);
            assertThat(looks).as("%s, frames seen", kind).hasSize(LOOKS);
            for (Object look : looks) {
                compare(look, transition.plan(TIME, forward, Easing.GENTLE), kind + (forward ? "" : ", back"));
            }
            assertThat(live.locator(forward ? ".slide-2.now" : ".slide-1.now")).hasCount(1);
            assertThat(live.locator(".slide.coming")).hasCount(0);
        }

        Page held = reel.draft();
        Schedule schedule = new Schedule(List.of(HOLD, HOLD), TIME);
        for (int i = 0; i < LOOKS; i++) {
            double moment = HOLD + TIME * i / (double) LOOKS + (i % 2) * (HOLD + TIME);
            Clock.at(held, moment);
            Map<?, ?> seen = (Map<?, ?>) held.evaluate(LOOK);
            Schedule.Moment now = schedule.at(moment);
            assertThat(List.of(seen.get("from"), seen.get("to"))).isEqualTo(List.of(now.from(), now.to()));
            assertThat(((Number) seen.get("time")).doubleValue()).isCloseTo(now.into(), within(0.01));
            compare(seen, transition.plan(TIME, true, Easing.GENTLE), kind + ", held");
        }
    }

    @SuppressWarnings("unchecked")
    private static void comparePieces(Map<String, Object> seen, double time, Plan plan, String what) {
        List<Pose> poses = plan.inPieces(On.INCOMING, time);
        List<List<Number>> tiles = (List<List<Number>>) seen.get("tiles");
        assertThat(tiles).as(what).hasSameSizeAs(poses);
        for (int i = 0; i < poses.size(); i++) {
            Pose pose = poses.get(i);
            double[] expected = {pose.moved().x(), pose.moved().y(), pose.opacity(), pose.turn(), pose.scale()};
            for (int k = 0; k < expected.length; k++) {
                assertThat(tiles.get(i).get(k).doubleValue())
                        .as(
                                "%s at %s: %s of piece %s",
                                what,
                                time,
                                List.of("x", "y", "opacity", "turn", "scale").get(k),
                                i)
                        .isCloseTo(expected[k], within(k == 3 ? 0.1 : 0.01));
            }
        }
        assertThat(((Number) seen.get("words")).doubleValue())
                .as(what)
                .isCloseTo(plan.at(time).get(On.WORDS).opacity(), within(0.01));
        assertThat(((Number) seen.get("covered")).doubleValue()).as(what).isCloseTo(1, within(0.01));
    }

    /** Pieces that start one after another, live and held, played back as they came, and whole again at the end. */
    @Test
    void aPictureComesInPiecesAsItsPlanSays() {
        StaticReel reel = reel(TransitionKind.CROSSFADE);
        reel.slides().forEach(slide -> reel.say(slide, "title", "In pieces"));
        reel.choose("arrangement", null, "in-pieces");
        Page live = reel.live();
        for (boolean forward : new boolean[] {true, false}) {
            live.locator(forward ? ".arrow-next" : ".arrow-previous").click();
            List<?> looks = Clock.along(live, LOOK, Clock.shares(LOOKS));
            Clock.runOn(live);
            assertThat(looks).hasSize(LOOKS);
            for (Object look : looks) {
                compare(look, InPieces.plan(forward), forward ? "on" : "back");
            }
            assertThat(live.locator(forward ? ".slide-2.now" : ".slide-1.now")).hasCount(1);
            assertThat(live.locator(".cut, .is-cut")).hasCount(0);
        }
        live.locator(".arrow-next").click();
        Clock.gone(live, 1200); // the first pieces stand
        live.locator(".arrow-previous").click(); // and go back when it is their time
        Object back = live.evaluate(looks(LOOK), 10);
        for (Object look : (List<?>) back) {
            compare(look, InPieces.plan(true), "played back");
        }
        assertThat(live.locator(".slide-1.now")).hasCount(1);
        assertThat(live.locator(".cut")).hasCount(0);

        Page held = reel.draft();
        for (int i = 0; i < LOOKS; i++) {
            Clock.at(held, HOLD + TIME * i / (double) LOOKS);
            Map<?, ?> seen = (Map<?, ?>) held.evaluate(LOOK);
            assertThat(((Number) seen.get("time")).doubleValue()).isCloseTo(TIME * i / (double) LOOKS, within(0.01));
            compare(seen, InPieces.plan(true), "held");
        }
    }

    /** Looks that often, a frame at a time, as long as there is something to see. */
    private static String looks(String look) {
        return """
                async (most) => {
                  const look = %s;
                  const seen = [];
                  while (seen.length < most) {
                    await new Promise(requestAnimationFrame);
                    const one = look();
                    if (one) seen.push(one);
                    else if (seen.length) break;
                  }
                  return seen;
                }""".formatted(look);
    }
}
