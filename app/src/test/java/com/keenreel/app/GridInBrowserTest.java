package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Pages of a grid, words that wait, and a row that moves by all that it shows, on a live page. */
class GridInBrowserTest {
    private static final Pattern NOW = Pattern.compile("\\bnow\\b");

    private final Editor editor = new Editor();

    @AfterEach
    void close() {
        editor.close();
    }

    @Test
    void pagesAreTurnedByTheirNumbersAndKeptOverAWindowThatShowsAll() {
        try (Page page = Kinds.grid(editor).live()) {
            page.locator("keen-reel .dot-2").click();
            assertThat(page.locator("keen-reel .slide-5")).hasClass(NOW);
            assertThat(page.locator("keen-reel .slide-1")).not().hasClass(NOW);
            page.setViewportSize(800, 800); // all six on one page
            assertThat(page.locator("keen-reel .slide.now")).hasCount(6);
            page.setViewportSize(1280, 800);
            assertThat(page.locator("keen-reel .slide-1")).not().hasClass(NOW);
            assertThat(page.locator("keen-reel .dot-2")).hasClass(NOW);
        }
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void wordsThatWaitAreSeenByPointerAndByKeyboard() {
        Made reel = Kinds.grid(editor).choose("words.pointed", null, "true").choose("steering.larger", null, "false");
        try (Page page = reel.live()) {
            Locator slide = page.locator("keen-reel .slide-1");
            Locator panel = slide.locator(".panel");
            assertThat(panel).hasCSS("opacity", "0");
            slide.hover();
            assertThat(panel).hasCSS("opacity", "1");
            page.mouse().move(5, 790);
            assertThat(panel).hasCSS("opacity", "0");
            for (int i = 0;
                    i < 4 && !slide.evaluate("one => one.matches(':focus')").equals(true);
                    i++) {
                page.keyboard().press("Tab");
            }
            assertThat(slide).isFocused();
            assertThat(panel).hasCSS("opacity", "1");
            page.setViewportSize(390, 800); // below the picture they do not wait
            page.locator("keen-reel .frame").evaluate("() => document.activeElement.blur()");
            assertThat(panel).hasCSS("opacity", "1");
        }
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void cellsComeOneAfterAnotherOnceTheyAreInSightAndNothingShifts() {
        Made reel = Kinds.grid(editor).choose("motion.enters", null, "true");
        String below = reel.below();
        try (Page page = editor.open(below)) {
            assertThat(page.locator("keen-reel .run")).hasCount(1);
            assertThat(page.locator("keen-reel .slide-1")).hasCSS("opacity", "0");
            page.locator("keen-reel").scrollIntoViewIfNeeded();
            page.evaluate("() => scrollBy(0, 600)");
            assertThat(page.locator("keen-reel .slide-1")).hasCSS("opacity", "1");
            assertThat(page.locator("keen-reel .slide-4")).hasCSS("opacity", "1");
            assertThat(editor.shifts(page)).isEmpty();
        }
        try (Page page = editor.open("/help")) {
            page.emulateMedia(new Page.EmulateMediaOptions()
                    .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
            page.navigate(below);
            assertThat(page.locator("keen-reel .run")).hasCount(1);
            assertThat(page.locator("keen-reel .slide-4")).hasCSS("opacity", "1");
        }
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void aCellIsDraggedOverOthersOnTheWallOrTurnedByKeys() {
        Page page = Kinds.grid(editor).bench();
        page.locator(".card").nth(1).click();
        Locator spans = page.locator("[data-spans]");
        assertThat(spans).hasAttribute("data-desk", "1 1");
        Locator dragged = page.frameLocator(".screen:nth-child(3) iframe").locator("keen-reel .slide-2");
        double wide = ((Number) dragged.evaluate("one => one.clientWidth")).doubleValue();
        assertThat(page.frameLocator(".screen:nth-child(3) iframe").locator("[title^=Drag]"))
                .isVisible();
        @SuppressWarnings("unchecked")
        List<Number> at = (List<Number>) page.evaluate("""
                () => {
                  const frame = document.querySelectorAll('iframe')[2];
                  const seen = frame.getBoundingClientRect();
                  const scale = seen.width / frame.clientWidth; // pages of the wall are drawn smaller
                  const { right, bottom } = frame.contentDocument.querySelector('[title^=Drag]').getBoundingClientRect();
                  const { width, height } = frame.contentDocument.querySelector('keen-reel').shadowRoot.querySelector('.slide-2').getBoundingClientRect();
                  return [seen.left + right * scale - 4, seen.top + bottom * scale - 4, width * scale, height * scale];
                }""");
        double x = at.get(0).doubleValue();
        double y = at.get(1).doubleValue();
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + at.get(2).doubleValue() / 2, y + at.get(3).doubleValue());
        page.mouse().move(x + at.get(2).doubleValue(), y + at.get(3).doubleValue());
        page.waitForCondition(() -> ((Number) dragged.evaluate("one => one.clientWidth")).doubleValue()
                > 1.9 * wide); // before it is stored
        page.mouse().up();
        assertThat(page.locator(".own .word").first()).containsText("two by two cells");
        page.locator(".screen-name").first().focus();
        page.keyboard().press("Shift+ArrowUp");
        assertThat(page.locator(".own .word").first()).containsText("two cells across");
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(spans).hasAttribute("data-desk", "1 1");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void aRowMovesByAllThatAreInSightAndItsLastStepIsShorter() {
        Made reel = editor.make(
                "By views",
                "row",
                "full",
                "commission-01.jpg",
                "commission-02.jpg",
                "commission-03.jpg",
                "commission-05.jpg",
                "commission-06.jpg");
        try (Page page = reel.choose("row.views", null, "true").live()) {
            double left = page.locator("keen-reel .slide-1").boundingBox().x;
            page.locator("keen-reel .arrow-next").click();
            assertThat(page.locator("keen-reel .slide-3")).hasClass(NOW);
            assertThat(page.locator("keen-reel .slide-5")).hasClass(NOW);
            assertThat(page.locator("keen-reel .dot:visible")).hasCount(2);
            page.waitForFunction(
                    "() => !document.querySelector('keen-reel').shadowRoot.getAnimations().some(({ playState }) => playState === 'running')");
            assertThat(page.locator("keen-reel .slide-3").boundingBox().x)
                    .isCloseTo(left, org.assertj.core.api.Assertions.within(0.1));
        }
        assertThat(editor.problems()).isEmpty();
    }
}
