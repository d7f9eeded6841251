package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** How a published reel behaves in visitors' hands, and on pages that move it about. */
class PlayerTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        assertThat(editor.problems()).isEmpty();
        editor.close();
    }

    private Made banner(String name) {
        return editor.make(
                        name,
                        "banner",
                        "full",
                        "banner-glaze-bench.jpg",
                        "banner-dusk-works.jpg",
                        "banner-kiln-glow.jpg")
                .choose("motion.hold", null, "0.5")
                .choose("motion.time", null, "0.1");
    }

    private static Locator now(Page page, int slide) {
        return page.locator(".slide-" + slide + ".now");
    }

    @Test
    void aBannerGoesRoundByItselfUntilItIsPaused() {
        Page page = banner("Goes round").live();
        for (int slide : new int[] {2, 3, 1}) {
            assertThat(now(page, slide)).hasCount(1);
        }
        page.locator(".pause").click();
        page.mouse().move(5, 5);
        assertThat(page.locator(".slide.coming")).hasCount(0); // a change under way still ends
        String before = page.locator(".slide.now").getAttribute("aria-label");
        page.waitForTimeout(1500);
        assertThat(page.locator(".slide.now").getAttribute("aria-label")).isEqualTo(before);
        assertThat(page.locator(".pause")).hasAttribute("aria-label", "Play");
        assertThat(page.locator(".strip")).hasAttribute("aria-live", "polite");
        page.locator(".pause").click();
        page.mouse().move(5, 790);
        assertThat(page.locator(".strip")).hasAttribute("aria-live", "off");
        page.waitForFunction(
                "label => document.querySelector('keen-reel').shadowRoot.querySelector('.slide.now').getAttribute('aria-label') !== label",
                before);
    }

    @Test
    void itWaitsWhilePointedAtAndStopsWhenAVisitorTakesOver() {
        Page page = banner("Waits").live();
        page.mouse().move(600, 200);
        page.waitForTimeout(300);
        String before = page.locator(".slide.now").first().getAttribute("aria-label");
        page.waitForTimeout(1200);
        assertThat(page.locator(".slide.now").first().getAttribute("aria-label"))
                .isEqualTo(before);
        page.mouse().move(600, 790);
        page.waitForFunction(
                "label => document.querySelector('keen-reel').shadowRoot.querySelector('.slide.now').getAttribute('aria-label') !== label",
                before);
        page.locator(".dot-1").click();
        assertThat(now(page, 1)).hasCount(1);
        assertThat(page.locator(".dot-1")).hasAttribute("aria-current", "true");
        page.mouse().move(600, 790);
        page.waitForTimeout(1200);
        assertThat(now(page, 1)).hasCount(1);
    }

    @Test
    void keysAndSwipesGoBothWaysAndRound() {
        Page page = banner("Keys")
                .choose("motion.autoplay", null, "false")
                .choose("motion.transition", null, "along")
                .live();
        page.locator(".arrow-next").focus();
        page.keyboard().press("ArrowLeft");
        assertThat(now(page, 3)).hasCount(1);
        page.keyboard().press("ArrowRight");
        assertThat(now(page, 1)).hasCount(1);
        BoundingBox view = page.locator(".view").boundingBox();
        page.mouse().move(view.x + 700, view.y + 100);
        page.mouse().down();
        page.mouse().move(view.x + 600, view.y + 100);
        page.mouse().move(view.x + 500, view.y + 100);
        page.mouse().up();
        assertThat(now(page, 2)).hasCount(1);
        page.mouse().move(view.x + 500, view.y + 100);
        page.mouse().down();
        page.mouse().move(view.x + 520, view.y + 100);
        page.mouse().up();
        page.waitForTimeout(300);
        assertThat(now(page, 2)).hasCount(1);
    }

    @Test
    void quickPressesAreAllCounted() {
        Page page = banner("Quick")
                .choose("motion.autoplay", null, "false")
                .choose("motion.time", null, "2")
                .live();
        page.evaluate(
                "() => { const next = document.querySelector('keen-reel').shadowRoot.querySelector('.arrow-next'); next.click(); next.click(); }");
        assertThat(page.locator(".slide-3.coming")).hasCount(1);
        assertThat(now(page, 2)).hasCount(1);
        assertThat(now(page, 3)).hasCount(1);
    }

    @Test
    void aDraggedRowSettlesWithoutJumpingBack() {
        Page page = editor.make(
                        "Settles",
                        "row",
                        "full",
                        "commission-01.jpg",
                        "commission-03.jpg",
                        "commission-04.jpg",
                        "commission-07.jpg",
                        "commission-08.jpg")
                .live();
        BoundingBox view = page.locator(".view").boundingBox();
        page.mouse().move(view.x + 700, view.y + 100);
        page.mouse().down();
        page.mouse().move(view.x + 600, view.y + 100);
        page.mouse().move(view.x + 420, view.y + 100);
        page.evaluate("""
                () => {
                  const strip = document.querySelector('keen-reel').shadowRoot.querySelector('.strip');
                  window.seen = [];
                  const watch = () => { window.seen.push(strip.getBoundingClientRect().left); if (window.seen.length < 60) requestAnimationFrame(watch); };
                  requestAnimationFrame(watch);
                }""");
        page.mouse().up();
        assertThat(now(page, 2)).hasCount(1);
        page.waitForFunction("() => window.seen.length === 60");
        Object back = page.evaluate("() => Math.max(...window.seen.slice(1).map((left, i) => left - window.seen[i]))");
        assertThat(((Number) back).doubleValue()).as("px it ever moved back").isLessThan(1);
    }

    @Test
    void onlySlidesInSightCanBeReachedByKeyboard() {
        Made reel = banner("Reach").choose("motion.autoplay", null, "false");
        reel.slides()
                .forEach(slide -> reel.say(slide, "button", "More").say(slide, "link", "https://fennock.example/"));
        Page page = reel.live();
        List<String> order = new java.util.ArrayList<>();
        for (int i = 0; i < 7; i++) {
            page.keyboard().press("Tab");
            order.add(String.valueOf(
                    page.evaluate("() => document.activeElement?.shadowRoot?.activeElement?.className ?? 'page'")));
        }
        assertThat(order.stream().filter("button"::equals)).hasSize(1);
        assertThat(order.indexOf("button")).isLessThan(order.indexOf("arrow arrow-previous"));
        assertThat(order).as("no trap").contains("page");
    }

    @Test
    void whoeverAskedForLessMotionIsNotMoved() {
        Made reel = banner("Still");
        String address = reel.publish().path("address").asString();
        Made band = editor.make("Still band", "marquee", "full", "logos/tundleby.svg", "logos/ovenwick.svg");
        String bandAddress = band.publish().path("address").asString();
        Page page = editor.open("/help");
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        page.navigate(address);
        assertThat(page.locator(".pause")).hasAttribute("aria-label", "Play");
        page.waitForTimeout(1200);
        assertThat(now(page, 1)).hasCount(1);
        page.locator(".arrow-next").click();
        assertThat(now(page, 2)).hasCount(1);
        assertThat(
                        page.evaluate(
                                "() => document.querySelector('keen-reel').shadowRoot.getAnimations().filter((one) => one.effect.getKeyframes().length).length"))
                .isEqualTo(0);
        page.navigate(bandAddress);
        String left =
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.copy-0 .slide-1').getBoundingClientRect().left";
        assertThat(page.locator(".run")).hasCount(1);
        Object before = page.evaluate(left);
        page.waitForTimeout(500);
        assertThat(page.evaluate(left)).isEqualTo(before);
    }

    @Test
    void aNewWidthKeepsTheStopAsFarAsThereIsOne() {
        Made reel = editor.make(
                "Widths",
                "row",
                "full",
                "commission-01.jpg",
                "commission-03.jpg",
                "commission-04.jpg",
                "commission-07.jpg",
                "commission-08.jpg");
        Page page = reel.live();
        page.setViewportSize(390, 800);
        assertThat(page.locator(".slide.now")).hasCount(1);
        page.locator(".dot-5").click();
        assertThat(now(page, 5)).hasCount(1);
        page.setViewportSize(1280, 800);
        assertThat(page.locator(".slide.now")).hasCount(3);
        assertThat(now(page, 3)).hasCount(1);
        assertThat(now(page, 5)).hasCount(1);
        assertThat(page.locator(".dot-3")).hasAttribute("aria-current", "true");
        double right = page.locator(".slide-5").boundingBox().x
                + page.locator(".slide-5").boundingBox().width;
        assertThat(right).as("the last stop never shows a blank").isBetween(1239.0, 1241.0);
    }

    @Test
    void aBandRunsTheOtherWayWithoutAGapAtItsStart() {
        Made reel = editor.make(
                        "Right", "marquee", "full", "logos/tundleby.svg", "logos/ovenwick.svg", "logos/mosscapel.svg")
                .choose("marquee.way", null, "right")
                .choose("marquee.speed", null, "400");
        Page page = reel.live();
        Object gaps = page.evaluate("""
                async () => {
                  const root = document.querySelector('keen-reel').shadowRoot;
                  const view = root.querySelector('.view').getBoundingClientRect();
                  const running = root.querySelector('.strip').getAnimations()[0];
                  running.pause();
                  let worst = 0;
                  for (let share = 0; share < 1; share += 0.05) {
                    running.currentTime = share * running.effect.getTiming().duration;
                    const boxes = [...root.querySelectorAll('.band .slide')].map((slide) => slide.getBoundingClientRect()).sort((a, b) => a.left - b.left);
                    for (let i = 1; i < boxes.length; i += 1) worst = Math.max(worst, Math.abs(boxes[i].left - boxes[i - 1].right - 56));
                    if (boxes[0].left > view.left + 57 || boxes.at(-1).right < view.right - 57) worst = 999;
                  }
                  return worst;
                }""");
        assertThat(((Number) gaps).doubleValue())
                .as("how far any gap is from 56 px")
                .isLessThan(0.1);
    }

    @Test
    void aFocusedLogoIsBroughtIntoViewAndTheBandWaits() {
        Made reel = editor.make(
                "Focus",
                "marquee",
                "full",
                "logos/harskel-lime.svg",
                "logos/pellard-voe.svg",
                "logos/ovenwick.svg",
                "logos/sandreeve.svg",
                "logos/kestow-museum.svg");
        reel.slides().forEach(slide -> reel.say(slide, "link", "https://partner.example/"));
        Page page = reel.live();
        page.setViewportSize(390, 500);
        assertThat(page.locator(".run")).hasCount(1);
        for (int i = 0; i < 5; i++) {
            page.keyboard().press("Tab");
            if (i > 0) {
                BoundingBox logo = page.locator(".copy-0 .slide-" + i).boundingBox();
                BoundingBox view = page.locator(".view").boundingBox();
                assertThat(logo.x).as("logo " + i).isGreaterThan(view.x - 1);
                assertThat(logo.x + logo.width).as("logo " + i).isLessThan(view.x + view.width + 1);
            }
        }
        double before = page.locator(".copy-0 .slide-4").boundingBox().x;
        page.waitForTimeout(400);
        assertThat(page.locator(".copy-0 .slide-4").boundingBox().x).isEqualTo(before);
    }

    @Test
    void itStartsOnceHoweverAPageMovesItAbout() {
        Made reel = banner("Moved").choose("motion.autoplay", null, "false");
        String element = reel.publish().path("element").asString();
        Page page = editor.open(Running.application().site() + "/nothing");
        page.evaluate("""
                (html) => {
                  const made = document.createElement('div');
                  made.innerHTML = html;                       // as site editors do: the script in it does not run
                  document.body.append(made);
                  const source = made.querySelector('script').src;
                  for (let i = 0; i < 3; i += 1) {             // and the script is included three times
                    const script = document.createElement('script');
                    script.src = source;
                    document.head.append(script);
                  }
                }""", element);
        assertThat(page.locator("keen-reel .run")).hasCount(1);
        page.locator("keen-reel .arrow-next").click();
        assertThat(now(page, 2)).hasCount(1);
        page.evaluate("() => document.querySelector('main').prepend(document.querySelector('keen-reel'))");
        page.evaluate(
                "() => { const reel = document.querySelector('keen-reel'); reel.remove(); document.body.append(reel); }");
        assertThat(page.locator("keen-reel .run")).hasCount(1);
        assertThat(now(page, 2)).hasCount(1);
        page.locator("keen-reel .arrow-next").click();
        assertThat(now(page, 3)).hasCount(1);
        assertThat(
                        page.evaluate(
                                "() => performance.getEntriesByType('resource').filter(({ name }) => name.includes('/fragment')).length"))
                .isEqualTo(1);
    }

    @Test
    void dotsGiveWayOnAPhoneAndLabelsToTheDivider() {
        Made reel = Kinds.pair(editor);
        Page page = reel.live();
        page.setViewportSize(390, 900);
        assertThat(page.locator(".slide-1 .label-before")).not().isVisible();
        page.locator(".slide-1 .handle").press("End");
        assertThat(page.locator(".slide-1 .label-before")).isVisible();
        assertThat(page.locator(".slide-1 .label-after")).not().isVisible();
        BoundingBox divider = page.locator(".divider-1").boundingBox();
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        assertThat(divider.x + 1 - crop.x).isCloseTo(crop.width, org.assertj.core.api.Assertions.within(0.6));
    }

    @Test
    void aPairInARowIsMovedWithinItsOwnPicture() {
        Made reel = Kinds.row(editor).choose("words.place", null, "nowhere");
        Page page = reel.live();
        assertThat(page.locator(".slide-3 .text")).isHidden(); // the picture says something, but nowhere
        Locator handle = page.locator(".slide-3 .handle");
        handle.press("End");
        BoundingBox crop = page.locator(".crop-3").boundingBox();
        BoundingBox divider = page.locator(".divider-3").boundingBox();
        assertThat(divider.x + 1).isCloseTo(crop.x + crop.width, org.assertj.core.api.Assertions.within(0.6));
        page.mouse().move(crop.x + crop.width * 0.3, crop.y + 40);
        page.mouse().down();
        page.mouse().move(crop.x + crop.width * 0.6, crop.y + 40);
        page.mouse().up();
        assertThat(handle).hasAttribute("aria-valuenow", "60");
        assertThat(now(page, 1)).hasCount(1);
    }
}
