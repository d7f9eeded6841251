package com.keenreel.player;

import com.microsoft.playwright.Frame;
import com.microsoft.playwright.Page;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.assertj.core.api.Assertions;

/**
 * Holds reels at a moment, asks for one and waits for one. A moment is looked at only after the clock has answered that it
 * holds.
 */
public final class Clock {
    /**
     * Holds everything that moves in one shadow root at a time of each animation, and settles once a frame shows it: what a
     * player begins meanwhile, because the page grew or a script came, is held too.
     */
    static final String HOLD = """
            async (root, timeOf) => {
              const frame = () => new Promise(requestAnimationFrame);
              const held = (one) => one.playState === 'paused' && !one.pending && Math.abs(one.currentTime - timeOf(one)) < 0.001;
              const holdAll = () => root.getAnimations().filter((one) => !held(one)).map((one) => {
                one.pause();
                one.currentTime = timeOf(one);
                return one.ready.catch(() => {}); // one that is cancelled is gone
              });
              holdAll();
              await frame();
              await frame(); // what a new width or a new picture begins has begun
              for (let tries = 0; !root.getAnimations().every(held); tries++) {
                if (tries > 50) throw new Error(`It does not hold: ${root.getAnimations().filter((one) => !held(one)).map(({ effect }) => effect.target.className)}`);
                await Promise.all(holdAll());
                await frame();
                await frame();
              }
            }""";

    /** The first reel of a page: its shadow root, what moves in it, and how long the longest of that takes once, ms. */
    private static final String REEL = """
            const root = document.querySelector('keen-reel').shadowRoot;
            const whole = () => Math.max(0, ...root.getAnimations().map(({ effect }) => effect.getTiming()).map(({ delay, duration }) => delay + duration));
            const hold = %s;
            """.formatted(HOLD.strip());

    private static final String HOLD_SHARE = """
            async ([press, share]) => {
              %s
              if (press) root.querySelector(press).click();
              const ms = share * whole();
              await hold(root, () => ms);
            }""".formatted(REEL);

    private static final String ALONG = """
            async (shares) => {
              %s
              const look = %s;
              while (!look()) await new Promise(requestAnimationFrame);
              const ms = whole();
              await hold(root, () => shares[0] * ms);
              return shares.map((share) => {
                root.getAnimations().forEach((one) => (one.currentTime = share * ms));
                return look();
              });
            }""";

    private static final String RUN_ON = """
            () => document.querySelector('keen-reel').shadowRoot.getAnimations().forEach((one) => {
              if (one.currentTime < one.effect.getComputedTiming().endTime) one.play();
              else one.finish();
            })""";

    private static final String END = """
            async () => {
              const root = document.querySelector('keen-reel').shadowRoot;
              const ends = ({ effect }) => !effect.target.matches('.frame') && effect.getComputedTiming().endTime < Infinity;
              for (let changes = 0; changes < 4; changes++) {
                root.getAnimations().filter(ends).forEach((one) => one.finish());
                await new Promise(requestAnimationFrame);
                await new Promise(requestAnimationFrame);
                if (!root.querySelector('.coming')) return;
              }
            }""";

    private static final String STILL = """
            () => {
              const root = document.querySelector('keen-reel').shadowRoot;
              const moves = ({ playState, effect }) => playState === 'running' && effect.target.matches('.strip, .slide, .slide *, .ground');
              return !root.querySelector('.coming') && !root.getAnimations().some(moves);
            }""";

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

    /**
     * Holds everything that moves in the first reel of a page.
     *
     * @param share of what takes longest: 0 where it begins, 1 where it is over
     */
    public static void hold(Page page, double share) {
        page.evaluate(HOLD_SHARE, Arrays.asList(null, share));
    }

    /**
     * Presses in the first reel of a page, and holds the change that this begins before any time has passed.
     *
     * @param what selects what is pressed
     * @param share of the change
     */
    public static void press(Page page, String what, double share) {
        page.evaluate(HOLD_SHARE, List.of(what, share));
    }

    /**
     * Looks at what moves in the first reel of a page at each of those shares of the time that it takes, once there is something to
     * see: a busy machine shows few frames of it. It is held afterwards.
     *
     * @param look a function without parameters that returns what it sees, or null
     */
    public static List<?> along(Page page, String look, List<Double> shares) {
        return (List<?>) page.evaluate(ALONG.formatted(REEL, look.strip()), shares);
    }

    /** So many shares, evenly spread from 0 to shortly before 1. */
    public static List<Double> shares(int count) {
        return IntStream.range(0, count).mapToObj(i -> (double) i / count).toList();
    }

    /** Lets what is held in the first reel of a page go on to its end. */
    public static void runOn(Page page) {
        page.evaluate(RUN_ON);
    }

    /** Ends the change that is under way in the first reel of a page, and those that were asked for after it. */
    public static void end(Page page) {
        page.evaluate(END);
    }

    /** Waits until nothing in the first reel of a page is on its way from one stop to another. */
    public static void still(Page page) {
        page.waitForFunction(STILL);
    }

    /** Asserts that nothing in the first reel of a page moves by itself now, or is about to: no animation and no hold runs. */
    public static void stands(Page page) {
        Assertions.assertThat((List<?>) page.evaluate(RUNNING)).as("what runs").isEmpty();
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
