package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.option.DriftKind;
import com.keenreel.core.time.Drift;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Pictures that move slowly while their slide stands. */
class DriftTest extends ReelPages {
    private static final List<DriftKind> KINDS = List.of(DriftKind.CLOSER, DriftKind.AWAY, DriftKind.TOWARD);
    private static final double HOLD = 2000;
    private static final double CHANGE = 500;

    /** Of each slide that is seen, or null: how many times as large its picture is; how far free its frame is on any side, px. */
    private static final String LOOK = """
            () => {
              const root = document.querySelector('keen-reel').shadowRoot;
              return [...root.querySelectorAll('.slide')].map((slide) => {
                if (!slide.checkVisibility({ visibilityProperty: true })) return null;
                const picture = slide.querySelector('.crop > [class^=picture]');
                const [box, frame] = [picture, slide.querySelector('.crop')].map((one) => one.getBoundingClientRect());
                const free = Math.max(box.left - frame.left, box.top - frame.top, frame.right - box.right, frame.bottom - box.bottom);
                return [box.width / picture.offsetWidth, free];
              });
            }""";

    private StaticReel reel;

    @BeforeEach
    void make() {
        reel = reels.make(
                        "Drifts",
                        "banner",
                        "full",
                        "plate-01-quatrefoil.jpg",
                        "plate-04-fan.jpg",
                        "plate-02-eight-star.jpg")
                .choose("motion.time", null, String.valueOf(CHANGE / 1000))
                .choose("motion.hold", null, String.valueOf(HOLD / 1000))
                .choose("motion.autoplay", null, "true");
        for (int i = 0; i < KINDS.size(); i++) {
            String kind = KINDS.get(i).name().toLowerCase(java.util.Locale.ROOT);
            reel.chooseFor(reel.slides().get(i), "motion.drift", null, kind);
        }
    }

    /** All along a lap each is as large as that says, covers its frame, and goes on through both of its changes. */
    @Test
    void picturesMoveFromWhenTheyComeUntilTheyAreGone() {
        Page page = reel.draft();
        double whole = CHANGE + HOLD + CHANGE;
        double lap = 3 * (CHANGE + HOLD);
        int seen = 0;
        for (double moment = 0; moment < lap; moment += 130) {
            Clock.at(page, moment);
            List<?> slides = (List<?>) page.evaluate(LOOK);
            for (int i = 0; i < slides.size(); i++) {
                if (slides.get(i) instanceof List<?> looked) {
                    double since = (moment - i * (CHANGE + HOLD) + CHANGE + lap) % lap;
                    Drift drift = Drift.of(KINDS.get(i));
                    String what = KINDS.get(i) + " at " + moment;
                    assertThat(since).as(what).isLessThanOrEqualTo(whole);
                    assertThat(((Number) looked.get(0)).doubleValue())
                            .as(what)
                            .isCloseTo(drift.from() + (drift.to() - drift.from()) * since / whole, within(0.002));
                    assertThat(((Number) looked.get(1)).doubleValue()).as(what).isLessThan(0.1);
                    seen++;
                }
            }
        }
        assertThat(seen).isGreaterThan(60);
    }

    /** Live, the first picture has drifted as if it had come, and the next one drifts from when it begins to come. */
    @Test
    void picturesDriftWithTheHoldsAndChangesOfALiveReel() {
        reel.choose("motion.hold", null, "0.5");
        Page page = reel.live();
        String ahead = """
                ([picture, other]) => {
                  const root = document.querySelector('keen-reel').shadowRoot;
                  const [drift, its] = [root.querySelector(`${picture} .crop > [class^=picture]`), root.querySelector(other)].map((one) => one?.getAnimations()[0]);
                  return drift && its ? drift.currentTime - its.currentTime : null;
                }""";
        Object first =
                page.waitForFunction(ahead, List.of(".slide-1.now", ".frame")).jsonValue();
        assertThat(((Number) first).doubleValue()).isCloseTo(CHANGE, within(20.0));
        Object next = page.evaluate("""
                async (ahead) => {
                  const look = eval(ahead);
                  for (let frames = 0; frames < 3000; frames++) {
                    await new Promise(requestAnimationFrame);
                    const by = look(['.slide-2.coming', '.slide-2.coming']);
                    if (by !== null) return by;
                  }
                }""", ahead);
        assertThat(((Number) next).doubleValue()).isCloseTo(0, within(20.0));
    }

    /** It waits with the reel, and where less motion is asked for, or a visitor took over, pictures stand. */
    @Test
    void picturesStandWhereNothingMovesByItself() {
        String moving = """
                () => document.querySelector('keen-reel').shadowRoot.getAnimations()
                    .filter(({ effect, playState }) => effect.target.matches('[class^=picture]') && playState === 'running').length""";
        Page live = reel.live();
        live.waitForFunction(moving);
        live.locator(".pause").click();
        assertThat(live.evaluate(moving)).isEqualTo(0);
        live.locator(".arrow-next").click();
        assertThat(live.locator(".slide-2.now")).hasCount(1);
        assertThat(live.evaluate(moving)).isEqualTo(0);

        Page calm = reel.live();
        calm.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        calm.reload();
        assertThat(calm.locator(".run")).hasCount(1);
        List<?> first = (List<?>) ((List<?>) calm.evaluate(LOOK)).get(0);
        assertThat(((Number) first.get(0)).doubleValue()).isEqualTo(1);
        assertThat(calm.evaluate(moving)).isEqualTo(0);
    }
}
