package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.space.Scrolled;
import com.keenreel.core.time.Easing;
import com.keenreel.core.time.Motion;
import com.keenreel.core.time.Piece;
import com.keenreel.core.time.Piece.On;
import com.keenreel.core.time.Plan;
import com.keenreel.core.time.Pose;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * An arrangement that lives in the tests alone goes through layout, style sheet, plan, player, brief and wall, and nobody
 * else has a line for it.
 */
class TrialArrangementTest extends ReelPages {
    private static final double TURN = 20;

    private StaticReel columns() {
        StaticReel reel = reels.make("Columns", "row", "full", Kinds.SIX);
        return reel.choose("arrangement", null, "trial")
                .choose("trial.turn", null, String.valueOf(TURN))
                .choose("words.place", null, "lower-left");
    }

    @Test
    void itsCellsStandAsItsRangesSay() {
        StaticReel reel = columns();
        reel.chooseFor(reel.slides().get(1), "trial.span", "desk", "2");
        Boxes boxes = new Boxes();
        try (Page page = reel.live()) {
            for (double width : new double[] {390, 820, 1024, 1200, 1200.984375, 1201, 1599.984375, 1600, 2000}) {
                widen(page, width);
                boxes.compare("columns at " + width, Boxes.seen(page, 0), reel.layout(width));
            }
        }
        System.out.println("columns: " + boxes.said());
        assertThat(boxes.wrong()).isEmpty();
        assertThat(boxes.figures()).isGreaterThan(400);
    }

    /** Read in one frame: where the reel is in the window, and how its cells stand. */
    @Test
    void itsCellsFollowThePage() {
        StaticReel reel = columns();
        Plan plan = new Plan(
                Motion.ByScroll.WHOLE,
                List.of(new Piece(
                        On.EACH,
                        0,
                        Motion.ByScroll.WHOLE,
                        Easing.LINEAR,
                        Pose.STANDING,
                        new Pose(0, -0.25, 1).turned(TURN))));
        try (Page page = reel.live()) {
            page.evaluate("() => { document.body.style.padding = '900px 0 1500px'; }");
            int turned = 0;
            for (int scrolled = 0; scrolled <= 2400; scrolled += 60) {
                page.evaluate("top => scrollTo(0, top)", scrolled);
                @SuppressWarnings("unchecked")
                Map<String, Number> seen = (Map<String, Number>) page.evaluate("""
                        async () => {
                          await new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)));
                          const root = document.querySelector('keen-reel').shadowRoot;
                          const { top, height } = root.querySelector('.frame').getBoundingClientRect();
                          const slide = root.querySelector('.slide-2');
                          const { a, b, e, f } = new DOMMatrix(getComputedStyle(slide).transform);
                          return { top, height, view: innerHeight, turn: Math.atan2(b, a) * 180 / Math.PI, x: e / slide.offsetWidth, y: f / slide.offsetHeight };
                        }""");
                double gone = Scrolled.gone(
                        seen.get("top").doubleValue(),
                        seen.get("height").doubleValue(),
                        seen.get("view").doubleValue());
                Pose pose = plan.at(gone * Motion.ByScroll.WHOLE).get(On.EACH);
                assertThat(seen.get("turn").doubleValue()).as("at " + scrolled).isCloseTo(pose.turn(), within(0.05));
                assertThat(seen.get("y").doubleValue())
                        .as("at " + scrolled)
                        .isCloseTo(pose.moved().y(), within(0.005));
                assertThat(seen.get("x").doubleValue())
                        .as("at " + scrolled)
                        .isCloseTo(pose.moved().x(), within(0.005));
                turned += gone > 0 && gone < 1 ? 1 : 0;
            }
            assertThat(turned).isGreaterThan(15);
            page.emulateMedia(new Page.EmulateMediaOptions()
                    .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
            page.evaluate("() => scrollTo(0, 1200)");
            page.waitForFunction(
                    "() => new DOMMatrix(getComputedStyle(document.querySelector('keen-reel').shadowRoot.querySelector('.slide-2')).transform).isIdentity");
        }
    }
}
