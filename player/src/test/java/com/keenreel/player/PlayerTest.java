package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** How a published reel behaves in visitors' hands, and on pages that move it about. */
class PlayerTest extends ReelPages {
    private StaticReel banner(String name) {
        return reels.make(
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

    /** Only the second slide has something to focus; on a wide screen it stands between its neighbours. */
    @Test
    void focusStaysOnItsSlideWhenAPhoneIsTurnedAndBack() {
        StaticReel row = reels.make("Focus in a row", "row", "full", Kinds.SIX)
                .choose("row.shown", "phone", "1")
                .choose("row.shown", "desk", "3")
                .choose("row.views", null, "true");
        row.say(row.slides().get(1), "link", "https://fennock.example/days");
        Page page = row.live();
        page.setViewportSize(390, 800);
        page.locator(".dot").nth(1).click();
        assertThat(page.locator(".slide-2.now")).hasCount(1);
        page.locator(".slide-2 .whole").focus();
        for (int width : new int[] {1280, 390}) {
            page.setViewportSize(width, 800);
            assertThat(page.locator(".slide-1.now")).hasCount(width == 390 ? 0 : 1);
            assertThat(page.locator(".slide-2.now")).hasCount(1);
            assertThat(page.locator(".slide-2 .whole")).isFocused();
        }
    }

    @Test
    void aBannerGoesRoundByItselfUntilItIsPaused() {
        Page page = banner("Goes round").live();
        for (int slide : new int[] {2, 3, 1}) {
            assertThat(now(page, slide)).hasCount(1);
        }
        page.locator(".pause").click();
        page.mouse().move(5, 5);
        Clock.still(page); // a change under way still ends
        Clock.stands(page);
        String before = page.locator(".slide.now").getAttribute("aria-label");
        assertThat(page.locator(".pause")).hasAttribute("aria-label", "Play");
        assertThat(page.locator(".strip")).hasAttribute("aria-live", "polite");
        page.locator(".pause").click();
        page.mouse().move(5, 790);
        assertThat(page.locator(".strip")).hasAttribute("aria-live", "off");
        assertThat(page.locator(".slide.now")).not().hasAttribute("aria-label", before);
    }

    @Test
    void itWaitsWhilePointedAtAndStopsWhenAVisitorTakesOver() {
        Page page = banner("Waits").live();
        page.mouse().move(600, 200);
        Clock.still(page);
        Clock.stands(page);
        String before = page.locator(".slide.now").first().getAttribute("aria-label");
        page.mouse().move(600, 790);
        assertThat(page.locator(".slide.now")).not().hasAttribute("aria-label", before);
        page.locator(".dot-1").click();
        assertThat(now(page, 1)).hasCount(1);
        assertThat(page.locator(".dot-1")).hasAttribute("aria-current", "true");
        page.mouse().move(600, 790);
        Clock.still(page);
        Clock.stands(page);
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
        new Hand(page)
                .press(view.x + 700, view.y + 100)
                .to(view.x + 600, view.y + 100)
                .to(view.x + 500, view.y + 100)
                .rest()
                .lift();
        assertThat(now(page, 2)).hasCount(1);
        new Hand(page)
                .press(view.x + 500, view.y + 100)
                .to(view.x + 520, view.y + 100)
                .rest()
                .lift();
        Clock.still(page);
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
        Page page = reels.make(
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
        Hand hand = new Hand(page)
                .press(view.x + 700, view.y + 100)
                .to(view.x + 600, view.y + 100)
                .to(view.x + 420, view.y + 100)
                .rest();
        page.evaluate("""
                () => {
                  const strip = document.querySelector('keen-reel').shadowRoot.querySelector('.strip');
                  window.seen = [];
                  const watch = () => { window.seen.push(strip.getBoundingClientRect().left); if (window.seen.length < 60) requestAnimationFrame(watch); };
                  requestAnimationFrame(watch);
                }""");
        hand.lift();
        assertThat(now(page, 2)).hasCount(1);
        page.waitForFunction("() => window.seen.length === 60");
        Object back = page.evaluate("() => Math.max(...window.seen.slice(1).map((left, i) => left - window.seen[i]))");
        assertThat(((Number) back).doubleValue()).as("px it ever moved back").isLessThan(1);
    }

    /** What is thrown goes on, what comes to rest does not; beyond an end a hand moves it a third as far. */
    @Test
    void aThrownRowGoesOnAndResistsAtItsEnds() {
        for (String arrangement : new String[] {"row", "depth"}) {
            Page page = reels.make("Thrown", "row", "full", Kinds.SIX)
                    .choose("arrangement", null, arrangement)
                    .choose("row.shown", null, "2")
                    .choose("depth.endless", null, "false")
                    .live();
            BoundingBox view = page.locator(".view").boundingBox();
            String where =
                    "() => document.querySelector('keen-reel').shadowRoot.querySelector('.slide-1').getBoundingClientRect().left";
            double stands = ((Number) page.evaluate(where)).doubleValue();
            Hand hand = new Hand(page)
                    .press(view.x + 300, view.y + 100)
                    .to(view.x + 400, view.y + 100)
                    .to(view.x + 600, view.y + 100);
            double pulled = ((Number) page.evaluate(where)).doubleValue() - stands;
            assertThat(pulled).as(arrangement).isPositive();
            if (arrangement.equals("row")) {
                assertThat(pulled).isCloseTo(100, within(1.0));
            }
            hand.rest().lift();
            page.waitForCondition(() -> Math.abs(((Number) page.evaluate(where)).doubleValue() - stands) < 0.5);
            Hand.thrown(page, view.y + 100, view.x + 700, view.x + 660, view.x + 560); // not half a step
            assertThat(now(page, 1)).hasCount(0);
        }
    }

    @Test
    void onlySlidesInSightCanBeReachedByKeyboard() {
        StaticReel reel = banner("Reach").choose("motion.autoplay", null, "false");
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
        StaticReel reel = banner("Still");
        String address = reel.publish();
        StaticReel band = reels.make("Still band", "marquee", "full", "logos/tundleby.svg", "logos/ovenwick.svg");
        String bandAddress = band.publish();
        Page page = visitor.blank();
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        page.navigate(address);
        assertThat(page.locator(".pause")).hasAttribute("aria-label", "Play");
        Clock.stands(page);
        assertThat(now(page, 1)).hasCount(1);
        page.locator(".arrow-next").click();
        assertThat(now(page, 2)).hasCount(1);
        assertThat(
                        page.evaluate(
                                "() => document.querySelector('keen-reel').shadowRoot.getAnimations().filter((one) => one.effect.getKeyframes().length).length"))
                .isEqualTo(0);
        page.navigate(bandAddress);
        assertThat(page.locator(".run")).hasCount(1);
        Clock.stands(page);
    }

    @Test
    void aNewWidthKeepsTheStopAsFarAsThereIsOne() {
        StaticReel reel = reels.make(
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
    void itStartsOnceHoweverAPageMovesItAbout() {
        StaticReel reel = banner("Moved").choose("motion.autoplay", null, "false");
        String element = reel.element();
        Page page = visitor.open(pages.page("/empty", Pages.html("", "<body><main></main></body>"), Map.of()));
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
    void aChangeEndsWhereTheVisitorAskedToGoHoweverThePageIsTurned() {
        StaticReel reel = reels.make(
                        "Turned",
                        "row",
                        "full",
                        "commission-01.jpg",
                        "commission-03.jpg",
                        "commission-04.jpg",
                        "commission-07.jpg",
                        "commission-08.jpg")
                .choose("motion.time", null, "2")
                .choose("steering.arrows", "phone", "true");
        Page page = reel.live();
        page.setViewportSize(390, 800);
        assertThat(page.locator(".slide.now")).hasCount(1);
        page.locator(".arrow-next").click();
        page.waitForFunction(
                "() => document.querySelector('keen-reel').shadowRoot.getAnimations().some(({ currentTime }) => currentTime > 100)");
        page.setViewportSize(800, 390); // turned in the middle of the change
        assertThat(page.locator(".slide-2.now")).hasCount(1);
        assertThat(page.locator(".slide-1.now")).hasCount(0);

        Page sent = banner("Sent on")
                .choose("motion.autoplay", null, "false")
                .choose("motion.time", null, "2")
                .live();
        sent.locator(".arrow-next").click();
        sent.locator(".arrow-next").click(); // the rest of the first change goes quickly, then comes the third
        sent.setViewportSize(390, 800);
        assertThat(now(sent, 3)).hasCount(1);
        assertThat(sent.locator(".slide.coming")).hasCount(0);

        Page single = banner("Hidden")
                .choose("motion.autoplay", null, "false")
                .choose("motion.time", null, "2")
                .live();
        single.locator(".arrow-next").click();
        single.evaluate("() => { document.body.style.display = 'none' }"); // a tab of the page is left
        Clock.frames(single);
        single.evaluate("() => { document.body.style.display = '' }");
        Clock.frames(single);
        assertThat(single.locator(".slide-2:is(.coming, .now)")).hasCount(1);
        assertThat(now(single, 2)).hasCount(1);
        single.locator(".arrow-next").click();
        single.evaluate(
                "() => { Object.defineProperty(document, 'hidden', { value: true, configurable: true }); document.dispatchEvent(new Event('visibilitychange')); }");
        assertThat(single.evaluate(
                        "() => document.querySelector('keen-reel').shadowRoot.querySelector('.slide.now').className"))
                .asString()
                .as("nobody sees what is under way: it is over at once")
                .contains("slide-3");
    }

    @Test
    void aPressThatIsLetGoOutsideDragsNothingLater() {
        Page page = reels.make(
                        "Edge",
                        "row",
                        "box 960",
                        "commission-01.jpg",
                        "commission-03.jpg",
                        "commission-04.jpg",
                        "commission-07.jpg",
                        "commission-08.jpg")
                .live();
        page.evaluate("() => { document.body.style.width = '960px' }");
        BoundingBox view = page.locator(".view").boundingBox();
        String offset =
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.slide-1').getBoundingClientRect().left";
        Object before = page.evaluate(offset);
        page.mouse().move(view.x + view.width - 3, view.y + 60);
        page.mouse().down();
        page.mouse().move(view.x + view.width + 40, view.y + 60);
        page.mouse().up();
        page.mouse().move(view.x + view.width - 100, view.y + 60);
        page.mouse().move(view.x + 200, view.y + 60);
        assertThat(page.evaluate(offset)).isEqualTo(before);
        page.mouse().move(view.x + view.width + 40, view.y + 60);
        page.mouse().down(); // pressed outside, and drawn in
        page.mouse().move(view.x + 200, view.y + 60);
        assertThat(page.evaluate(offset)).isEqualTo(before);
        page.mouse().up();
    }

    @Test
    void aPictureThatFailsLeavesItsAltTextOnItsColour() {
        StaticReel reel =
                banner("Fails").choose("motion.autoplay", null, "false").choose("look.ground", null, "#f3e9d0");
        reel.say(reel.slides().get(0), "alt", "A bench with bowls of glaze");
        String address = reel.publish();
        Page page = visitor.blank();
        page.route("**/first-*", route -> route.abort());
        page.navigate(address);
        assertThat(page.locator(".slide-1 .instead")).hasText("A bench with bowls of glaze");
        assertThat(page.locator(".slide-1 .instead")).hasCSS("background-color", "rgb(243, 233, 208)");
        assertThat(page.locator(".slide-1 .instead")).hasCSS("color", "rgb(22, 36, 30)");
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        BoundingBox words = page.locator(".slide-1 .instead").boundingBox();
        assertThat(words.width).isEqualTo(crop.width);
        assertThat(page.locator(".picture-1").first()).isHidden();
        visitor.problems().removeIf(said -> said.contains("net::ERR_FAILED"));
    }

    @Test
    void whatHasNothingToGoOnToHasNoPauseButtonAnywhere() {
        StaticReel reel = banner("No pause")
                .choose("arrangement", null, "row")
                .choose("row.shown", null, "3")
                .choose("row.shown", "phone", "3")
                .choose("row.shown", "tablet", "3");
        Page page = reel.live();
        assertThat(page.locator(".pause, .arrow, .dot")).hasCount(0);
        assertThat(reel.layout(1280).toString()).doesNotContain("pause");
        reel.choose("row.shown", "phone", "1");
        Page phone = reel.live();
        assertThat(phone.locator(".pause")).isHidden();
        assertThat(reel.layout(1280).toString()).doesNotContain("pause");
        phone.setViewportSize(390, 800);
        assertThat(phone.locator(".pause")).isVisible();
        assertThat(reel.layout(390).toString()).contains("pause");
    }

    @Test
    void homeAndEndGoToBothEndsFromDotsAndArrows() {
        Page page = banner("Ends").choose("motion.autoplay", null, "false").live();
        page.locator(".dot-1").focus();
        page.keyboard().press("End");
        assertThat(now(page, 3)).hasCount(1);
        assertThat(page.locator(".dot-3")).isFocused();
        page.locator(".arrow-next").focus();
        page.keyboard().press("Home");
        assertThat(now(page, 1)).hasCount(1);
        assertThat(page.locator(".arrow-next")).isFocused();
    }
}
