package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.option.CourseKind;
import com.keenreel.core.time.Schedule;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** When a reel goes on by itself, in which order, how often, and what it does when a visitor has taken over. */
class TimedTest extends ReelPages {
    private static final long HOLD = 4000;
    private static final long CHANGE = 400;

    /** Ends the holds and changes that follow, so many; which slide stands after each, and at last whether it is paused. */
    private static final String FOLLOW = """
            async (holds) => {
              const root = document.querySelector('keen-reel').shadowRoot;
              const frame = root.querySelector('.frame');
              const stands = [];
              const finish = async (all) => {
                all.forEach((one) => one.finish());
                for (let i = 0; i < 3; i++) await new Promise(requestAnimationFrame);
              };
              for (let i = 0; i < holds; i++) {
                await finish(frame.getAnimations().filter(({ playState }) => playState === 'running'));
                await finish(root.getAnimations().filter(({ effect }) => effect.target !== frame));
                stands.push(Number(root.querySelector('.slide.now').className.match(/slide-(\\d+)/)[1]));
              }
              return stands.join(' ') + (root.querySelector('.pause.paused') ? ', paused' : '');
            }""";

    private StaticReel reel(String starter) {
        return reels.make(
                        "Timed",
                        starter,
                        "full",
                        "plate-01-quatrefoil.jpg",
                        "plate-04-fan.jpg",
                        "plate-02-eight-star.jpg",
                        "plate-03-target-square.jpg")
                .choose("motion.time", null, String.valueOf(CHANGE / 1000.0))
                .choose("motion.hold", null, String.valueOf(HOLD / 1000.0))
                .choose("motion.autoplay", null, "true");
    }

    private static Object follow(Page page, int holds) {
        return page.evaluate(FOLLOW, holds);
    }

    @Test
    void itGoesBackwardAndToAndFroAsOftenAsItShould() {
        StaticReel banner = reel("banner").choose("motion.course", null, "backward");
        assertThat(follow(banner.live(), 5)).isEqualTo("4 3 2 1 4");
        banner.choose("motion.course", null, "to-and-fro");
        assertThat(follow(banner.live(), 8)).isEqualTo("2 3 4 3 2 1 2 3");
        banner.choose("motion.laps", null, "1");
        assertThat(follow(banner.live(), 6)).isEqualTo("2 3 4 3 2 1, paused");
        banner.choose("motion.course", null, "onward").choose("motion.laps", null, "2");
        Page twice = banner.live();
        assertThat(follow(twice, 8)).isEqualTo("2 3 4 1 2 3 4 4, paused");
        twice.locator(".pause").click(); // once more
        twice.mouse().move(1, 790);
        assertThat(follow(twice, 8)).isEqualTo("1 2 3 4 1 2 3 4");
        assertThat(follow(twice, 1)).isEqualTo("4, paused");
        Page once = banner.choose("motion.laps", null, "1").live();
        assertThat(follow(once, 4)).isEqualTo("2 3 4 4, paused");
        once.locator(".pause").click();
        once.mouse().move(1, 790);
        assertThat(follow(once, 5)).isEqualTo("1 2 3 4 4, paused");
        banner.choose("motion.end", null, "first").choose("motion.laps", null, "1");
        assertThat(follow(banner.live(), 4)).isEqualTo("2 3 4 1, paused");

        StaticReel row = reel("row").choose("row.shown", null, "1").choose("motion.course", null, "to-and-fro");
        assertThat(follow(row.live(), 7)).isEqualTo("2 3 4 3 2 1 2");
    }

    /** What the wall shows at any moment is what the schedule says, to and fro too. */
    @Test
    void theHeldClockFollowsTheCourse() {
        for (CourseKind course : List.of(CourseKind.BACKWARD, CourseKind.TO_AND_FRO)) {
            StaticReel banner = reel("banner")
                    .choose("motion.course", null, course == CourseKind.BACKWARD ? "backward" : "to-and-fro");
            Schedule schedule =
                    new Schedule(List.of(HOLD, HOLD, HOLD, HOLD), List.of(CHANGE, CHANGE, CHANGE, CHANGE), course);
            Page held = banner.draft();
            assertThat(held.locator(".run")).hasCount(1);
            for (double moment = 150; moment < 1.5 * schedule.lap(); moment += 610) {
                Clock.at(held, moment);
                Map<?, ?> seen = (Map<?, ?>) held.evaluate("""
                        () => {
                          const root = document.querySelector('keen-reel').shadowRoot;
                          const number = (slide) => slide && Number(slide.className.match(/slide-(\\d+)/)[1]) - 1;
                          return { from: number(root.querySelector('.slide.now')), to: number(root.querySelector('.slide.coming')) };
                        }""");
                Schedule.Moment now = schedule.at(moment);
                assertThat(seen.get("from")).as("%s at %s", course, moment).isEqualTo(now.from());
                assertThat(seen.get("to")).as("%s at %s", course, moment).isEqualTo(now.changing() ? now.to() : null);
            }
        }
    }

    @Test
    void itBeginsLateRestsForVisitorsAndGoesOnUnderAPointer() {
        StaticReel banner = reel("banner")
                .choose("motion.delay", null, "2.5")
                .choose("motion.rest", null, "1")
                .choose("motion.pointed", null, "false");
        Page page = banner.live();
        String ends =
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.frame').getAnimations().map(({ effect }) => effect.getComputedTiming().endTime)";
        assertThat((List<?>) page.evaluate(ends)).as("the first hold").isEqualTo(List.of((int) HOLD + 2500));
        assertThat(follow(page, 1)).isEqualTo("2");
        assertThat((List<?>) page.evaluate(ends)).as("the second").isEqualTo(List.of((int) HOLD));
        page.locator(".frame").hover(); // it goes on all the same
        assertThat(follow(page, 1)).isEqualTo("3");

        String waits =
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.frame').getAnimations().every(({ playState }) => playState === 'paused')";
        page.locator(".arrow-next").click();
        page.waitForFunction("() => document.querySelector('keen-reel').shadowRoot.querySelector('.slide-4.now') && ("
                + waits + ")()");
        assertThat(page.locator(".pause.paused")).hasCount(0);
        page.waitForFunction("() => !(" + waits + ")()"); // after its rest it goes on
        assertThat(follow(page, 1)).isEqualTo("1");

        page.locator(".arrow-next").click();
        assertThat(page.locator(".slide-2.now")).hasCount(1);
        page.locator(".pause").click(); // for good
        Clock.passed(page, 1100); // longer than its rest
        assertThat(page.evaluate(waits)).isEqualTo(true);
        assertThat(follow(page, 1)).isEqualTo("2, paused");
    }
}
