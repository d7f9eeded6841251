package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.space.Scrolled;
import com.keenreel.core.time.Easing;
import com.keenreel.core.time.Motion;
import com.keenreel.core.time.Piece;
import com.keenreel.core.time.Piece.On;
import com.keenreel.core.time.Plan;
import com.keenreel.core.time.Pose;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/**
 * An arrangement that lives in the tests alone goes through layout, style sheet, plan, player, brief and wall, and nobody
 * else has a line for it.
 */
class TrialArrangementTest {
    private static final double TURN = 20;

    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private Made columns() {
        Made reel = editor.make("Columns", "row", "full", Kinds.SIX);
        return reel.choose("arrangement", null, "trial")
                .choose("trial.turn", null, String.valueOf(TURN))
                .choose("words.place", null, "lower-left");
    }

    @Test
    void itsCellsStandAsItsRangesSay() {
        Made reel = columns();
        reel.edit("{'kind':'choose','option':'trial.span','slide':'"
                + reel.slides().get(1) + "','setUp':'desk','value':'2'}");
        Boxes boxes = new Boxes();
        try (Page page = reel.live()) {
            for (double width : new double[] {390, 820, 1024, 1200, 1200.984375, 1201, 1599.984375, 1600, 2000}) {
                page.setViewportSize((int) Math.ceil(width), 1000);
                page.evaluate("width => document.body.style.width = width + 'px'", width);
                boxes.compare("columns at " + width, Boxes.seen(page, 0), reel.layout(width, "live"));
            }
        }
        System.out.println("columns: " + boxes.said());
        assertThat(boxes.wrong()).isEmpty();
        assertThat(boxes.figures()).isGreaterThan(400);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void itsBriefSaysItAndItsSheetsChoose() {
        Made reel = columns();
        Page page = reel.bench();
        assertThat(page.locator("[data-key='word-set-arrangement-all']")).hasText("cells in columns");
        assertThat(page.locator("[data-key='word-set-trial-turn-all']")).hasText("20 degrees");
        assertThat(page.locator(".screen")).hasCount(3);
        page.locator(".card").nth(2).click();
        Locator span = page.locator("[data-key='word-set-trial-span-all-of-slide']");
        assertThat(span).hasText("1");
        span.click();
        Locator number = page.locator(".control-panel:popover-open input[type=number]");
        number.fill("2");
        number.press("Enter");
        assertThat(span).hasText("2");
        double wide = Editor.screen(page, 2).locator(".slide-3").boundingBox().width;
        double usual = Editor.screen(page, 2).locator(".slide-1").boundingBox().width;
        assertThat(wide).isGreaterThan(1.9 * usual);
        assertThat(editor.problems()).isEmpty();
    }

    /** Read in one frame: where the reel is in the window, and how its cells stand. */
    @Test
    void itsCellsFollowThePage() {
        Made reel = columns();
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
        assertThat(editor.problems()).isEmpty();
    }
}
