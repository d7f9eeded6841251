package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.SweepKind;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.time.Sweep;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Dividers that move by themselves: where they are at each moment, what they wait for, and that a visitor takes them over. */
class SweepTest extends ReelPages {
    private static final double[] MOMENTS = {0, 400, 1000, 1500, 2345, 3000, 4000, 4900, 8000};

    private static final String RUNS =
            "name => document.querySelector('keen-reel').shadowRoot.querySelector(name + ' .handle').getAnimations().some(({ playState }) => playState === 'running')";

    private static double at(Page page, String slide) {
        return Double.parseDouble(
                (String) page.locator(slide).evaluate("(slide) => getComputedStyle(slide).getPropertyValue('--at')"));
    }

    private static double opacity(Page page) {
        return Double.parseDouble(
                (String) page.locator(".slide-1 .side").evaluate("(side) => getComputedStyle(side).opacity"));
    }

    /** The pointer leaves the reel, and so does focus: neither keeps it waiting. */
    private static void leaveAlone(Page page) {
        page.mouse().move(1279, page.viewportSize().height - 1);
        page.locator(".frame").evaluate("(frame) => frame.getRootNode().activeElement?.blur()");
    }

    private static void waitUntilItMoves(Page page, String slide) {
        page.waitForFunction(RUNS, slide);
        double from = at(page, slide);
        page.waitForFunction(
                "([slide, from]) => Math.abs(getComputedStyle(document.querySelector('keen-reel').shadowRoot.querySelector(slide)).getPropertyValue('--at') - from) > 0.03",
                List.of(slide, from));
    }

    /** It stands, and nothing is left that could move it. */
    private static double stands(Page page, String slide) {
        assertThat(page.evaluate(RUNS, slide)).as("something moves " + slide).isEqualTo(false);
        return at(page, slide);
    }

    private static Sweep sweep(StaticReel reel, double startsAt) {
        return Objects.requireNonNull(Sweep.of(
                reel.reel().choices().with(PairOptions.SWEEP, null, SweepKind.AGAIN),
                Carries.Pair.of(new PictureId("a"), new PictureId("b")).withStart(startsAt)));
    }

    /** The slide that is looked at, and where its divider starts. In these 500 px nothing but a pair has a second stop. */
    static List<Arguments> arrangements() {
        return List.of(
                Arguments.of("pair", ".slide-1", 0.31),
                Arguments.of("grid", ".slide-2", 0.4),
                Arguments.of("stack", ".slide-2", 0.4));
    }

    @ParameterizedTest
    @MethodSource("arrangements")
    void itIsWhereItIsCalculatedAtEveryMoment(String kind, String slide, double startsAt) {
        StaticReel reel = Kinds.of(kind, reels)
                .choose("pairs.sweep", null, "again")
                .choose("shape.width", null, "most 500")
                .choose("motion.hold", null, "12");
        Sweep sweep = sweep(reel, startsAt);
        Page page = reel.draft();
        page.waitForFunction(
                "name => document.querySelector('keen-reel').shadowRoot.querySelector(name + ' .handle').getAnimations().length",
                slide);
        for (double ms : MOMENTS) {
            Clock.at(page, ms);
            assertThat(at(page, slide)).as("at " + ms + " ms").isCloseTo(sweep.at(ms), within(1e-4));
        }
    }

    @ParameterizedTest
    @MethodSource("arrangements")
    void itWaitsForThePauseButtonAndForWhoeverTouchesIt(String kind, String slide, double startsAt) {
        Page page = Kinds.of(kind, reels)
                .choose("pairs.sweep", null, "again")
                .choose("shape.width", null, "most 500")
                .live();
        page.setViewportSize(1280, 1700);
        waitUntilItMoves(page, slide);
        page.locator(".pause").click();
        double paused = stands(page, slide);
        assertThat(page.locator(".pause")).hasAttribute("aria-label", "Play");
        assertThat(page.locator(slide + " .handle"))
                .hasAttribute("aria-valuenow", String.valueOf(Math.round(100 * paused)));
        leaveAlone(page);
        assertThat(stands(page, slide)).as("paused for good").isEqualTo(paused);
        page.locator(".pause").click();
        leaveAlone(page);
        waitUntilItMoves(page, slide);
        BoundingBox crop = page.locator(slide + " .crop").boundingBox();
        new Hand(page)
                .press(crop.x + 0.5 * crop.width, crop.y + 50)
                .to(crop.x + 0.7 * crop.width, crop.y + 50)
                .to(crop.x + 0.9 * crop.width, crop.y + 50)
                .lift();
        leaveAlone(page);
        assertThat(stands(page, slide)).as("it is the visitor's").isCloseTo(0.9, within(0.004));
    }

    @Test
    void onlyWhatIsSeenMoves() {
        Page page = Kinds.pair(reels).choose("pairs.sweep", null, "again").live();
        waitUntilItMoves(page, ".slide-1");
        assertThat(page.locator(".slide-2")).not().hasClass(java.util.regex.Pattern.compile("now"));
        assertThat(stands(page, ".slide-2")).as("the one that is not seen").isEqualTo(0.5);
    }

    @Test
    void sidesThatAreSeenByTurnsStayOnceOneIsPressed() {
        Page page = Kinds.pair(reels)
                .choose("pairs.view", null, "blink")
                .choose("pairs.sweep-period", null, "2")
                .live();
        Locator side = page.locator(".slide-1 .side");
        assertThat(side).hasCSS("opacity", "1");
        assertThat(side).hasCSS("opacity", "0");
        assertThat(side).hasCSS("opacity", "1");
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        page.mouse().click(crop.x + 300, crop.y + 100);
        double pressed = opacity(page);
        leaveAlone(page);
        assertThat(Math.round(stands(page, ".slide-1"))).isEqualTo(Math.round(pressed));
        assertThat(opacity(page)).isEqualTo(pressed);
    }

    @Test
    void nothingMovesByItselfWhereLessMotionIsAskedFor() {
        String address = Kinds.pair(reels).choose("pairs.sweep", null, "again").publish();
        Page page = visitor.blank();
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        page.navigate(address);
        page.waitForFunction(
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.slide-1 .handle')?.getAnimations().length"); // its script has come
        assertThat(stands(page, ".slide-1")).isEqualTo(0.31);
    }
}
