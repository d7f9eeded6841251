package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.option.DriftKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.time.Drift;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** How slides change and pictures drift, chosen on the bench: each way is drawn, and plays while it is tried. */
@Tag("browser")
class MotionOnBenchTest {
    private static final long TIME = 2000; // ms of a change
    private static final long HOLD = 500;

    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private Made reel(TransitionKind kind) {
        return editor.make("Changes by " + kind, "banner", "full", "plate-01-quatrefoil.jpg", "plate-04-fan.jpg")
                .choose(
                        "motion.transition",
                        null,
                        MotionOptions.TRANSITION.domain().write(kind))
                .choose("motion.time", null, String.valueOf(TIME / 1000.0))
                .choose("motion.hold", null, String.valueOf(HOLD / 1000.0))
                .choose("motion.autoplay", null, "false");
    }

    /** Chosen on the sheets of two slides; the others come as the reel says. Going back, a slide leaves as it came. */
    @Test
    void aSlideComesAndLeavesAsItsOwnSheetSays() {
        Made reel = editor.make(
                        "Each its own way",
                        "banner",
                        "full",
                        "plate-01-quatrefoil.jpg",
                        "plate-04-fan.jpg",
                        "plate-02-eight-star.jpg")
                .choose("motion.time", null, "2")
                .choose("motion.autoplay", null, "false");
        Page page = reel.bench();
        page.locator(".card").nth(1).click();
        Locator comes = page.locator("[data-key='word-set-motion-transition-all-of-slide']");
        assertThat(comes).hasText("crossfade");
        comes.click();
        page.locator(".control-panel:popover-open [data-value=along]").click();
        assertThat(comes).hasText("moving along");
        assertThat(page.locator(".control-panel:popover-open [data-clear]")).hasText("As the reel");
        page.keyboard().press("Escape");
        page.locator(".card").nth(2).click();
        assertThat(comes).hasText("crossfade");
        comes.click();
        page.locator(".control-panel:popover-open [data-value=none]").click();
        assertThat(comes).hasText("no transition");
        page.keyboard().press("Escape");
        assertThat(page.locator(".joint").nth(0)).hasAttribute("title", "Changes by moving along");
        assertThat(page.locator(".joint").nth(1)).hasAttribute("title", "Changes by no transition");

        page.locator("[data-do=undo]").click();
        assertThat(comes).hasText("crossfade");
        page.locator(".card").nth(1).click();
        assertThat(comes).hasText("moving along");
        comes.click();
        page.locator(".control-panel:popover-open [data-clear]").click();
        assertThat(comes).hasText("crossfade");
        assertThat(editor.problems()).isEmpty();
    }

    /** Each way is drawn with the reel's own two slides, moved by its plan, and plays on the wall while it is tried. */
    @Test
    void everyWayIsDrawnAndPlaysOnTheWall() {
        Made reel = reel(TransitionKind.CROSSFADE);
        Page page = reel.bench();
        page.locator("[data-key='word-set-motion-transition-all']").click();
        Locator panel = page.locator(".control-panel:popover-open");
        assertThat(panel.locator(".choice .change")).hasCount(TransitionKind.values().length);
        assertThat(panel.locator("[data-value=along] .now image")).hasCount(1);
        Object moving = page.evaluate("""
                () => [...document.querySelectorAll('.control-panel:popover-open .change')].flatMap((one) => one.getAnimations({ subtree: true }))
                    .filter(({ currentTime, playState }) => currentTime !== 1000 || playState !== 'paused').length""");
        assertThat(moving).as("what does not stand half-way").isEqualTo(0);
        page.evaluate("""
                () => {
                  window.sighted = { drawing: false, wall: false };
                  const look = () => {
                    const drawn = document.querySelector('.control-panel:popover-open [data-value=along] .coming');
                    if (drawn?.getAnimations()[0]?.playState === 'running') window.sighted.drawing = true;
                    for (const { contentDocument } of document.querySelectorAll('.page-window iframe')) {
                      const coming = contentDocument.querySelector('keen-reel')?.shadowRoot?.querySelector('.slide-2.coming');
                      if (coming?.getBoundingClientRect().x > 1) window.sighted.wall = true;
                    }
                    requestAnimationFrame(look);
                  };
                  look();
                }""");
        panel.locator("[data-value=along]").hover();
        page.waitForFunction("""
                () => window.sighted.drawing && window.sighted.wall
                  && [...document.querySelectorAll('.page-window iframe')].every(({ contentDocument }) => contentDocument.querySelector('keen-reel').shadowRoot.querySelector('.slide-2.now'))""");
        page.keyboard().press("Escape");
        assertThat(editor.problems()).isEmpty();
    }

    /** Each kind is drawn with the reel's own picture, and moves as it is said to while it is pointed at. */
    @Test
    void everyDriftIsDrawn() {
        Page bench = reel(TransitionKind.CROSSFADE)
                .choose("motion.autoplay", null, "true")
                .bench();
        bench.locator("[data-unfold=Motion]").click();
        bench.locator("[data-key='word-set-motion-drift-all']").click();
        Locator panel = bench.locator(".control-panel:popover-open");
        assertThat(panel.locator(".choice .crop > svg")).hasCount(DriftKind.values().length);
        Locator closer = panel.locator("[data-value=closer]");
        String scale = "svg => new DOMMatrix(getComputedStyle(svg).transform).a";
        double half = (1 + Drift.of(DriftKind.CLOSER).to()) / 2;
        assertThat(((Number) closer.locator(".crop > svg").evaluate(scale)).doubleValue())
                .isCloseTo(half, within(0.001));
        closer.hover();
        bench.waitForCondition(
                () -> ((Number) closer.locator(".crop > svg").evaluate(scale)).doubleValue() > half + 0.02);
        panel.locator("[data-value=stands]").hover();
        bench.waitForCondition(() ->
                Math.abs(((Number) closer.locator(".crop > svg").evaluate(scale)).doubleValue() - half) < 0.001);
        bench.keyboard().press("Escape");
        assertThat(editor.problems()).isEmpty();
    }
}
