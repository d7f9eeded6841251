package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What visitors steer with: thumbnails that follow, a count, arrows that wait to be pointed at. */
class SteeringTest extends ReelPages {
    /** How far the middle of a thumbnail is from the middle of its band, as far as the band can be moved, px. */
    private static final String OFF = """
            (thumb) => {
              const band = thumb.parentElement;
              const [own, around] = [thumb, band].map((one) => one.getBoundingClientRect());
              const upright = band.scrollHeight > band.clientHeight + 1;
              const [start, size, at, room] = upright
                ? ['top', 'height', band.scrollTop, band.scrollHeight - band.clientHeight]
                : ['left', 'width', band.scrollLeft, band.scrollWidth - band.clientWidth];
              const off = own[start] + own[size] / 2 - around[start] - around[size] / 2;
              const left = off < 0 ? Math.abs(at) : room - Math.abs(at);
              return left < 1 ? 0 : Math.abs(off);
            }""";

    private StaticReel many() {
        return many(30);
    }

    private StaticReel many(int count) {
        String[] files = Stream.generate(() -> Arrays.asList(Kinds.SIX))
                .flatMap(java.util.List::stream)
                .limit(count)
                .toArray(String[]::new);
        return reels.make("Many plates", "banner", "box 900", files)
                .choose("thumbs.shown", null, "true")
                .choose("motion.time", null, "0.2");
    }

    private static Locator now(Page page) {
        return page.locator("keen-reel .thumb.now");
    }

    @Test
    void thumbnailsLeadToTheirSlidesAndTheBandFollows() {
        for (String edge : new String[] {"below", "start"}) {
            int count = edge.equals("below") ? 200 : 30;
            Page page = many(count).choose("thumbs.edge", null, edge).live();
            Locator thumbs = page.locator("keen-reel .thumb");
            assertThat(thumbs).hasCount(count);
            String fades =
                    "band => getComputedStyle(band).maskImage.match(/rgba?\\([^)]*\\)/g).map(colour => colour.startsWith('rgba'))";
            page.waitForCondition(
                    () -> page.locator("keen-reel .thumbs").evaluate(fades).equals(List.of(false, false, false, true)));
            assertThat(page.locator("keen-reel .thumb[tabindex='0']")).hasCount(1);
            thumbs.nth(4).click();
            assertThat(page.locator("keen-reel .slide-5")).hasClass(java.util.regex.Pattern.compile("\\bnow\\b"));
            assertThat(thumbs.nth(4)).hasAttribute("aria-current", "true");
            followed(page, 4);
            thumbs.nth(4).focus();
            page.keyboard().press(edge.equals("start") ? "ArrowDown" : "ArrowRight");
            page.keyboard().press("ArrowRight");
            page.keyboard().press("ArrowRight");
            followed(page, 7);
            assertThat(thumbs.nth(7)).isFocused();
            page.keyboard().press("End");
            followed(page, count - 1);
            assertThat(thumbs.nth(count - 1)).isFocused();
            page.waitForCondition(
                    () -> page.locator("keen-reel .thumbs").evaluate(fades).equals(List.of(true, false, false, false)));
            page.keyboard().press("ArrowRight"); // after the last one comes the first
            followed(page, 0);
            assertThat(thumbs.nth(0)).isFocused();
            assertThat(page.locator("keen-reel .slide-1")).hasClass(java.util.regex.Pattern.compile("\\bnow\\b"));
            page.setViewportSize(420, 800);
            followed(page, 0);
        }
    }

    @Test
    void whatGoesOnlyByItselfHasNothingToPressButItsPause() {
        Page page = reels.banner("Only by itself")
                .choose("steering.only-paused", null, "true")
                .choose("steering.wheel", null, "true")
                .choose("thumbs.shown", null, "true")
                .live();
        assertThat(page.locator("keen-reel button")).hasCount(1);
        page.locator("keen-reel .pause").click();
        page.locator("keen-reel .pause").press("ArrowRight");
        page.mouse().move(640, 200);
        page.mouse().wheel(300, 0);
        page.mouse().down();
        page.mouse().move(300, 200, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
        page.mouse().up();
        Clock.stands(page);
        assertThat(page.locator("keen-reel .slide-1")).hasClass(java.util.regex.Pattern.compile("\\bnow\\b"));
        page.locator("keen-reel .pause").click();
        assertThat(page.locator("keen-reel .pause")).hasAttribute("aria-label", "Pause");
    }

    @Test
    void aPointerAtAnEndOfTheBandMovesItAndAnOrderOfAVisitIsItsOrderToo() {
        Page page = many().choose("motion.anew", null, "true").live();
        assertThat(now(page)).hasCount(1);
        String slides = "all => all.map(({ dataset }) => dataset.slide ?? dataset.of).join()";
        String order = (String) page.locator("keen-reel .slide").evaluateAll(slides);
        page.waitForCondition(
                () -> order.equals(page.locator("keen-reel .thumb").evaluateAll(slides)));
        Locator band = page.locator("keen-reel .thumbs");
        var box = band.boundingBox();
        page.mouse().move(box.x + box.width - 6, box.y + box.height / 2);
        page.mouse().move(box.x + box.width - 5, box.y + box.height / 2);
        page.waitForCondition(() -> (boolean) band.evaluate("band => band.scrollLeft > 300"));
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        double stands = ((Number) band.evaluate("band => band.scrollLeft")).doubleValue();
        Clock.passed(page, 200); // it is moved in frames
        assertThat(((Number) band.evaluate("band => band.scrollLeft")).doubleValue())
                .isEqualTo(stands);
    }

    @Test
    void arrowsAndThumbnailsWaitToBePointedAtOrFocused() {
        Page page = many().choose("steering.arrows-shown", null, "pointed")
                .choose("thumbs.pointed", null, "true")
                .live();
        Locator arrow = page.locator("keen-reel .arrow-next");
        Locator band = page.locator("keen-reel .thumbs");
        page.mouse().move(1, 790);
        assertThat(arrow).hasCSS("opacity", "0");
        assertThat(band).hasCSS("opacity", "0");
        page.locator("keen-reel .slide.now").hover();
        assertThat(arrow).hasCSS("opacity", "1");
        assertThat(band).hasCSS("opacity", "1");
        page.mouse().move(1, 790);
        assertThat(arrow).hasCSS("opacity", "0");
        for (int i = 0; i < 9 && !(boolean) arrow.evaluate("one => one.matches(':focus')"); i++) {
            page.keyboard().press("Tab");
        }
        assertThat(arrow).isFocused();
        assertThat(arrow).hasCSS("opacity", "1");
    }

    @Test
    void aWheelAcrossMovesOnAndLeavesThePageItsOwnScrolling() {
        Page page = many().choose("steering.wheel", null, "true").live();
        page.evaluate("() => { document.body.style.height = '3000px'; }");
        assertThat(now(page)).hasCount(1);
        page.locator("keen-reel .slide.now").hover();
        page.waitForCondition(() -> {
            page.mouse().wheel(60, 0);
            Clock.still(page); // another turn
            return page.locator("keen-reel .slide-3.now").count() == 1;
        });
        page.mouse().wheel(0, 240);
        page.waitForCondition(() -> (boolean) page.evaluate("() => scrollY > 100"));
        assertThat(page.locator("keen-reel .slide-3.now")).hasCount(1);
        page.evaluate("() => { document.body.style.width = '4000px'; scrollTo(0, 0); }");
        page.mouse().wheel(200, 0);
        page.waitForCondition(() -> (boolean) page.evaluate("() => scrollX > 100"));
        assertThat(page.locator("keen-reel .slide-3.now")).hasCount(1);
    }

    @Test
    void visitorsUseTheWholeScreenAndSayHowPicturesFit() {
        Page page = many().choose("steering.full-screen", null, "true")
                .choose("steering.fits", null, "true")
                .choose("shape.ratio", null, "1:1")
                .choose("shape.ratio", "tablet", "1:1")
                .choose("shape.fit", "phone", "whole")
                .live();
        Locator fits = page.locator("keen-reel .fits");
        Locator picture = page.locator("keen-reel .slide.now img");
        page.setViewportSize(500, 800);
        assertThat(fits).hasAttribute("aria-label", "Original size");
        page.setViewportSize(1280, 800);
        assertThat(fits).hasAttribute("aria-label", "Whole picture");
        fits.click();
        assertThat(picture).hasCSS("object-fit", "contain");
        assertThat(fits).hasAttribute("aria-label", "Original size");
        fits.click();
        assertThat(picture).hasCSS("width", picture.getAttribute("width") + "px");
        fits.click();
        assertThat(picture).hasCSS("object-fit", "cover");
        page.locator("keen-reel .screen").click();
        page.waitForCondition(
                () -> (boolean) page.evaluate("() => document.fullscreenElement?.localName === 'keen-reel'"));
        page.waitForCondition(() -> {
            var box = page.locator("keen-reel .frame").boundingBox();
            var window = page.viewportSize();
            return box.y >= -1 && box.y + box.height <= window.height + 1 && box.height > 0.9 * window.height;
        });
        page.locator("keen-reel .screen").click();
        page.waitForCondition(() -> (boolean) page.evaluate("() => !document.fullscreenElement"));
        assertThat(page.locator("keen-reel .slide.now")).hasCount(1);
    }

    /** That thumbnail is the current one, alone, and stands as near to the middle as it can. */
    private static void followed(Page page, int i) {
        assertThat(now(page)).hasCount(1);
        assertThat(page.locator("keen-reel .thumb").nth(i)).hasClass(java.util.regex.Pattern.compile("\\bnow\\b"));
        Locator thumb = page.locator("keen-reel .thumb").nth(i);
        page.waitForCondition(() -> ((Number) thumb.evaluate(OFF)).doubleValue() < 2);
    }
}
