package com.keenreel.player;

import com.microsoft.playwright.Frame;
import com.microsoft.playwright.Page;
import org.assertj.core.api.Assertions;

/**
 * Holds reels at a moment, asks for one and waits for one. A moment is looked at only after the clock has answered that it
 * holds.
 */
public final class Clock {
    /**
     * Holds everything that moves in one shadow root at a time of its animations, and settles once a frame shows it: what a
     * player begins meanwhile, because the page grew or a script came, is held too.
     */
    static final String HOLD = """
            async (root, ms) => {
              const frame = () => new Promise(requestAnimationFrame);
              const stands = (one) => one.playState === 'paused' && !one.pending && one.currentTime === ms;
              await frame();
              await frame(); // what a new width or a new picture begins has begun
              for (let tries = 0; !root.getAnimations().every(stands); tries++) {
                if (tries > 50) throw new Error(`It does not hold: ${root.getAnimations().filter((one) => !stands(one)).map(({ effect }) => effect.target.className)}`);
                const moving = root.getAnimations().filter((one) => !stands(one));
                moving.forEach((one) => {
                  one.pause();
                  one.currentTime = ms;
                });
                await Promise.all(moving.map(({ ready }) => ready.catch(() => {}))); // one that is cancelled is gone
                await frame();
                await frame();
              }
            }""";

    private static final String STILL =
            "() => !document.querySelector('keen-reel').shadowRoot.getAnimations().some(({ playState, effect }) => playState === 'running' && effect.target.matches('.strip, .slide, .slide *, .ground'))";

    private static final String RUNNING =
            "() => document.querySelector('keen-reel').shadowRoot.getAnimations().filter(({ playState }) => playState === 'running').map(({ effect }) => effect.target.className)";

    private static final String GONE =
            "ms => document.querySelector('keen-reel').shadowRoot.getAnimations().filter(({ effect }) => effect.target.matches('.strip, .slide')).every(({ currentTime }) => currentTime >= ms)";

    private static final String FRAMES = """
            async () => {
              for (let i = 0; i < 4; i++) await new Promise(requestAnimationFrame);
            }""";

    private static final String PASSED = """
            async (ms) => {
              const since = performance.now();
              while (performance.now() - since < ms) await new Promise(requestAnimationFrame);
            }""";

    private Clock() {}

    /**
     * Holds a draft page at a moment, and returns once its clock has answered that it does.
     *
     * @param ms from the start
     */
    public static void at(Page draft, double ms) {
        at(draft.mainFrame(), ms);
    }

    /** Holds the draft page of a frame, such as one of a wall. */
    public static void at(Frame draft, double ms) {
        Object held = draft.evaluate("ms => window.ask({ command: 'at', ms })", ms);
        Assertions.assertThat(held).as("the moment that is held").isInstanceOf(Number.class);
        Assertions.assertThat(((Number) held).doubleValue())
                .as("the moment that is held")
                .isEqualTo(ms);
    }

    /** Holds everything that moves in the first reel of a page at a time of its animations, ms. */
    public static void hold(Page page, double ms) {
        page.evaluate("ms => (" + HOLD + ")(document.querySelector('keen-reel').shadowRoot, ms)", ms);
    }

    /** Waits until nothing in the first reel of a page is on its way from one stop to another. */
    public static void still(Page page) {
        page.waitForFunction(STILL);
    }

    /** Asserts that nothing in the first reel of a page moves by itself now, or is about to: no animation and no hold runs. */
    public static void stands(Page page) {
        Assertions.assertThat((java.util.List<?>) page.evaluate(RUNNING))
                .as("what runs")
                .isEmpty();
    }

    /** Waits until a change that was just begun has gone so far, ms; nothing where it is over already. */
    public static void gone(Page page, double ms) {
        page.waitForFunction(GONE, ms);
    }

    /** Waits until what a page has changed was laid out, drawn and told to those who observe it. */
    public static void frames(Page page) {
        page.evaluate(FRAMES);
    }

    /** Waits until so much time has passed on a page's own clock, ms: for what is due then, or would have been seen by then. */
    public static void passed(Page page, double ms) {
        page.evaluate(PASSED, ms);
    }
}
