package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Pages of a grid, words that wait, and a row that moves by all that it shows, on a live page. */
class GridInBrowserTest extends ReelPages {
    private static final Pattern NOW = Pattern.compile("\\bnow\\b");

    @Test
    void pagesAreTurnedByTheirNumbersAndKeptOverAWindowThatShowsAll() {
        try (Page page = Kinds.grid(reels).live()) {
            page.locator("keen-reel .dot-2").click();
            assertThat(page.locator("keen-reel .slide-5")).hasClass(NOW);
            assertThat(page.locator("keen-reel .slide-1")).not().hasClass(NOW);
            page.setViewportSize(800, 800); // all six on one page
            assertThat(page.locator("keen-reel .slide.now")).hasCount(6);
            page.setViewportSize(1280, 800);
            assertThat(page.locator("keen-reel .slide-1")).not().hasClass(NOW);
            assertThat(page.locator("keen-reel .dot-2")).hasClass(NOW);
        }
    }

    @Test
    void wordsThatWaitAreSeenByPointerAndByKeyboard() {
        StaticReel reel =
                Kinds.grid(reels).choose("words.pointed", null, "true").choose("steering.larger", null, "false");
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
    }

    @Test
    void cellsComeOneAfterAnotherOnceTheyAreInSightAndNothingShifts() {
        StaticReel reel = Kinds.grid(reels).choose("motion.enters", null, "true");
        String below = reel.below();
        try (Page page = visitor.open(below)) {
            assertThat(page.locator("keen-reel .run")).hasCount(1);
            assertThat(page.locator("keen-reel .slide-1")).hasCSS("opacity", "0");
            page.locator("keen-reel").scrollIntoViewIfNeeded();
            page.evaluate("() => scrollBy(0, 600)");
            assertThat(page.locator("keen-reel .slide-1")).hasCSS("opacity", "1");
            assertThat(page.locator("keen-reel .slide-4")).hasCSS("opacity", "1");
            assertThat(visitor.shifts(page)).isEmpty();
        }
        try (Page page = visitor.blank()) {
            page.emulateMedia(new Page.EmulateMediaOptions()
                    .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
            page.navigate(below);
            assertThat(page.locator("keen-reel .run")).hasCount(1);
            assertThat(page.locator("keen-reel .slide-4")).hasCSS("opacity", "1");
        }
    }

    @Test
    void aRowMovesByAllThatAreInSightAndItsLastStepIsShorter() {
        StaticReel reel = reels.make(
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
            Clock.still(page);
            assertThat(page.locator("keen-reel .slide-3").boundingBox().x)
                    .isCloseTo(left, org.assertj.core.api.Assertions.within(0.1));
        }
    }
}
