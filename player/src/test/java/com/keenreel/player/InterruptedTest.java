package com.keenreel.player;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sampled;
import com.keenreel.core.option.LeavingKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.TransitionKind;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What is asked for while a change is under way: nothing jumps, and it ends where a visitor asked to go. */
class InterruptedTest extends ReelPages {
    private static final String TIME = "2"; // s of a change
    private static final int MOMENTS = 10;

    /** Everything that is seen, in a comparable form: box in px from the view's corner, and opacity. */
    private static final String SEEN = """
            (root) => {
              const view = root.querySelector('.view').getBoundingClientRect();
              const seen = {};
              const all = root.querySelectorAll('.slide, .slide > *, .cut > div');
              all.forEach((one, i) => {
                if (!one.checkVisibility({ visibilityProperty: true })) return;
                const box = one.getBoundingClientRect();
                seen[i] = [box.left - view.left, box.top - view.top, box.right - view.left, box.bottom - view.top, 100 * getComputedStyle(one).opacity];
              });
              return { seen, width: view.width, height: view.height };
            }""";

    /** Presses, and says how far anything is from where it was before, px or hundredths of opacity. */
    private static final String PRESS = """
            (press) => {
              const root = document.querySelector('keen-reel').shadowRoot;
              const look = %s;
              const before = look(root).seen;
              root.querySelector(press).click();
              const after = look(root).seen;
              const differs = (a, b) => (a && b ? Math.max(...a.map((value, i) => Math.abs(value - b[i]))) : 1000);
              return Math.max(0, ...Object.keys({ ...before, ...after }).map((name) => differs(before[name], after[name])));
            }""".formatted(SEEN);

    private record Way(TransitionKind coming, LeavingKind leaving) {}

    private static List<Way> ways() {
        List<Way> ways = new ArrayList<>();
        Arrays.stream(TransitionKind.values())
                .filter(kind -> kind != TransitionKind.NONE)
                .forEach(kind -> ways.add(new Way(kind, LeavingKind.AS_ASKED)));
        Arrays.stream(LeavingKind.values())
                .filter(kind -> kind != LeavingKind.AS_ASKED)
                .forEach(kind -> ways.add(new Way(TransitionKind.CROSSFADE, kind)));
        return ways;
    }

    private static double jump(Page page, String press) {
        return ((Number) page.evaluate(PRESS, press)).doubleValue();
    }

    private static void standsAt(Page page, int slide, String what) {
        Clock.end(page);
        Object now = page.evaluate(
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.slide.now').className");
        assertThat((String) now).as(what).contains("slide-" + slide).doesNotContain("coming");
    }

    @Test
    void nothingJumpsAndItEndsWhereItWasAskedTo() {
        StaticReel reel = reels.make(
                        "Interrupted",
                        "banner",
                        "full",
                        "plate-01-quatrefoil.jpg",
                        "plate-04-fan.jpg",
                        "plate-02-eight-star.jpg")
                .choose("motion.time", null, TIME)
                .choose("motion.autoplay", null, "false");
        reel.slides().forEach(slide -> reel.say(slide, "title", "Interrupted"));
        for (Way way : Sampled.of(ways(), 3)) {
            reel.choose(
                            "motion.transition",
                            null,
                            MotionOptions.TRANSITION.domain().write(way.coming))
                    .choose(
                            "motion.leaving",
                            null,
                            MotionOptions.LEAVING.domain().write(way.leaving));
            Page page = reel.live();
            for (int i = 0; i < MOMENTS; i++) {
                double share = (2 * i + 1) / (2.0 * MOMENTS);
                String what = way + " at " + share;
                Clock.press(page, ".arrow-next", share);
                assertThat(jump(page, ".arrow-previous"))
                        .as(what + ", asked back")
                        .isLessThanOrEqualTo(1);
                standsAt(page, 1, what + ", asked back");

                Clock.press(page, ".arrow-next", share);
                assertThat(jump(page, ".arrow-next"))
                        .as(what + ", a third asked for")
                        .isLessThanOrEqualTo(1);
                standsAt(page, 3, what + ", a third asked for");

                Clock.press(page, ".arrow-next", share); // after the last comes the first
                Map<String, List<Number>> before = shares(page);
                page.setViewportSize(i % 2 == 0 ? 800 : 1280, 800); // where the frame has another ratio
                Clock.frames(page);
                same(before, shares(page), what + ", across a limit");
                standsAt(page, 1, what + ", across a limit");
            }
            page.close();
        }
    }

    /** Each stands where it stood, to a fiftieth of the view. */
    private static void same(Map<String, List<Number>> before, Map<String, List<Number>> after, String what) {
        assertThat(after.keySet()).as(what).isEqualTo(before.keySet());
        before.forEach((one, shares) -> {
            for (int i = 0; i < shares.size(); i++) {
                assertThat(after.get(one).get(i).doubleValue())
                        .as("%s: %s, %d", what, one, i)
                        .isCloseTo(shares.get(i).doubleValue(), within(0.02));
            }
        });
    }

    /** Where slides, pictures and their pieces stand, as shares of the view, for views of different sizes; and how far what moves is. */
    @SuppressWarnings("unchecked") // as the script below gives it
    private static Map<String, List<Number>> shares(Page page) {
        return (Map<String, List<Number>>) page.evaluate("""
                () => {
                  const root = document.querySelector('keen-reel').shadowRoot;
                  const { seen, width, height } = (%s)(root);
                  const all = [...root.querySelectorAll('.slide, .slide > *, .cut > div')];
                  const share = ([left, top, right, bottom, opacity]) => [left / width, top / height, right / width, bottom / height, opacity / 100];
                  const flat = (one) => Math.abs(new DOMMatrix(getComputedStyle(one.closest('.slide')).transform).b) < 1e-6; // a turn is not in shares
                  const times = root.getAnimations().map(({ currentTime, playState }, i) => [`${playState}, ${i}`, [Math.round(currentTime)]]);
                  const boxes = Object.entries(seen).filter(([i]) => !all[i].matches('.words') && flat(all[i])).map(([i, box]) => [i, share(box)]);
                  return Object.fromEntries([...boxes, ...times]);
                }""".formatted(SEEN));
    }
}
