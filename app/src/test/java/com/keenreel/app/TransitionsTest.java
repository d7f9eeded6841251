package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.option.Direction;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.time.Piece.On;
import com.keenreel.core.time.Plan;
import com.keenreel.core.time.Pose;
import com.keenreel.core.time.Schedule;
import com.keenreel.core.time.Transition;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What moves in the browser stands where the plan says, at the times that its animations have in the same frame. */
class TransitionsTest {
    private static final long TIME = 2000; // ms of a change
    private static final long HOLD = 500;
    private static final int LOOKS = 40;

    private static final String LOOK = """
            () => {
              const root = document.querySelector('keen-reel').shadowRoot;
              const frame = root.querySelector('.view').getBoundingClientRect();
              const [coming, leaving] = ['coming', 'leaving'].map((one) => root.querySelector(`.slide.${one}`));
              if (!coming) return null;
              const box = (element) => {
                const { x, y } = element.getBoundingClientRect();
                return [(x - frame.x) / frame.width, (y - frame.y) / frame.height];
              };
              const number = (slide) => Number(slide.className.match(/slide-(\\d+)/)[1]) - 1;
              return {
                time: coming.getAnimations()[0].currentTime, from: number(leaving), to: number(coming),
                coming: box(coming), leaving: box(leaving), picture: box(coming.querySelector('.crop')),
                opacity: Number(getComputedStyle(coming).opacity),
              };
            }""";

    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private Made reel(TransitionKind kind) {
        return editor.make("Changes by " + kind, "banner", "full", "plate-01-quatrefoil.jpg", "plate-04-fan.jpg")
                .choose("motion.transition", null, Options.TRANSITION.domain().write(kind))
                .choose("motion.time", null, String.valueOf(TIME / 1000.0))
                .choose("motion.hold", null, String.valueOf(HOLD / 1000.0))
                .choose("motion.autoplay", null, "false");
    }

    @SuppressWarnings("unchecked")
    private static void compare(Object looked, Plan plan, String what) {
        Map<String, Object> seen = (Map<String, Object>) looked;
        double time = ((Number) seen.get("time")).doubleValue();
        Map<On, Pose> scene = plan.at(time);
        Pose coming = scene.getOrDefault(On.INCOMING, Pose.STANDING);
        Pose leaving = scene.getOrDefault(On.OUTGOING, Pose.STANDING);
        String at = what + " at " + time;
        near(seen.get("coming"), coming.x() + coming.windowX(), coming.y() + coming.windowY(), at + ", coming");
        near(seen.get("leaving"), leaving.x(), leaving.y(), at + ", leaving");
        near(seen.get("picture"), coming.x(), coming.y(), at + ", its picture");
        assertThat(((Number) seen.get("opacity")).doubleValue()).as(at).isCloseTo(coming.opacity(), within(0.01));
    }

    @SuppressWarnings("unchecked")
    private static void near(Object box, double x, double y, String what) {
        List<Number> shares = (List<Number>) box;
        assertThat(shares.get(0).doubleValue()).as(what + ", x").isCloseTo(x, within(0.01));
        assertThat(shares.get(1).doubleValue()).as(what + ", y").isCloseTo(y, within(0.01));
    }

    @ParameterizedTest
    @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "NONE")
    void everyTransitionStandsAsItsPlanSaysLiveAndHeld(TransitionKind kind) {
        Transition transition = Transition.of(kind, Direction.LTR);
        Made reel = reel(kind);
        Page live = reel.live();
        for (boolean forward : new boolean[] {true, false}) {
            live.locator(forward ? ".arrow-next" : ".arrow-previous").click();
            Object looks = live.evaluate("""
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
                    }""".formatted(LOOK), LOOKS);
            assertThat((List<?>) looks).as("%s, frames seen", kind).hasSize(LOOKS);
            for (Object look : (List<?>) looks) {
                compare(look, transition.plan(TIME, forward), kind + (forward ? "" : ", back"));
            }
            assertThat(live.locator(forward ? ".slide-2.now" : ".slide-1.now")).hasCount(1);
            assertThat(live.locator(".slide.coming")).hasCount(0);
        }

        Page held = editor.open("/reels/" + reel.id + "/draft");
        assertThat(held.locator(".run")).hasCount(1);
        Schedule schedule = new Schedule(List.of(HOLD, HOLD), TIME);
        for (int i = 0; i < LOOKS; i++) {
            double moment = HOLD + TIME * i / (double) LOOKS + (i % 2) * (HOLD + TIME);
            held.evaluate("ms => window.ask({ command: 'at', ms })", moment);
            Map<?, ?> seen = (Map<?, ?>) held.evaluate(LOOK);
            Schedule.Moment now = schedule.at(moment);
            assertThat(List.of(seen.get("from"), seen.get("to"))).isEqualTo(List.of(now.from(), now.to()));
            assertThat(((Number) seen.get("time")).doubleValue()).isCloseTo(now.into(), within(0.01));
            compare(seen, transition.plan(TIME, true), kind + ", held");
        }
        assertThat(editor.problems()).isEmpty();
    }
}
