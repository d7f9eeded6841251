package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * What assistive technology reads while reels are steered by mouse, finger, pen and keys, against the carousel pattern of the ARIA
 * Authoring Practices; and where focus is after every key.
 */
class CarouselPatternTest extends ReelPages {
    /** What of the pattern does not hold now; slides that are in view, and no others, are read. */
    private static final String UNLIKE_THE_PATTERN = """
            (name) => {
              const reel = document.querySelector('keen-reel').shadowRoot.querySelector('.reel');
              const wrong = [];
              const expect = (holds, what) => holds || wrong.push(what);
              expect((reel.getAttribute('role') ?? { SECTION: 'region' }[reel.nodeName]) === 'region' && reel.getAttribute('aria-roledescription') === 'carousel', 'a carousel is a region');
              expect(reel.getAttribute('aria-label') === name, 'it has its name');
              const slides = [...reel.querySelectorAll('.strip > .slide')];
              slides.forEach((slide, i) => {
                expect(slide.getAttribute('role') === 'group' && slide.getAttribute('aria-roledescription') === 'slide', 'a slide is a group');
                expect(slide.getAttribute('aria-label') === `${i + 1} of ${slides.length}`, `slide ${i + 1} says which it is`);
                expect(slide.inert !== slide.classList.contains('now'), `slide ${i + 1} is read where it is seen`);
              });
              const view = reel.querySelector('.view').getBoundingClientRect();
              slides.filter(({ classList }) => classList.contains('now')).forEach((slide) => {
                const { left, right, top, bottom } = slide.getBoundingClientRect();
                const seen = left > view.left - 2 && right < view.right + 2 && top > view.top - 2 && bottom < view.bottom + 2;
                expect(seen && slide.checkVisibility({ visibilityProperty: true }), `${slide.className} is read and not seen`);
              });
              const pause = reel.querySelector('.pause');
              const goes = pause?.getAttribute('aria-label') === 'Pause';
              expect(reel.querySelector('.strip').getAttribute('aria-live') === (goes ? 'off' : 'polite'), 'it is silent while it goes on by itself, else it tells');
              if (pause) expect(reel.querySelector('button') === pause, 'what stops it comes first');
              const dots = [...reel.querySelectorAll('.dot')].filter((dot) => dot.checkVisibility());
              if (dots.length) expect(dots.filter((dot) => dot.getAttribute('aria-current') === 'true').length === 1, 'one dot is current');
              reel.querySelectorAll('button').forEach((button) => expect(button.getAttribute('aria-label') || button.textContent.trim(), `${button.className} has a name`));
              return wrong;
            }""";

    /** Which element has focus: none where it is lost, or on the page. */
    private static final String FOCUSED = """
            () => {
              const focused = document.activeElement?.shadowRoot?.activeElement;
              if (!focused) return '';
              const { width, height } = focused.getBoundingClientRect();
              const there = focused.checkVisibility({ visibilityProperty: true }) && !focused.closest('[inert]') && width > 0 && height > 0;
              return `${there ? '' : 'not to be seen: '}${focused.className || focused.nodeName}`;
            }""";

    private static Map<String, StaticReel> kinds(ReelSite site) {
        Map<String, StaticReel> kinds = new TreeMap<>();
        kinds.put("Pattern of a banner", site.make("Pattern of a banner", "banner", "full", Kinds.SIX));
        kinds.put(
                "Pattern of a row",
                site.make("Pattern of a row", "row", "full", Kinds.SIX).choose("row.endless", null, "true"));
        kinds.put(
                "Pattern of a depth",
                site.make("Pattern of a depth", "depth", "full", Kinds.SIX).choose("motion.autoplay", null, "true"));
        kinds.values()
                .forEach(reel -> reel.choose("motion.time", null, "0.2")
                        .choose("steering.arrows", null, "true")
                        .choose("steering.arrows", "phone", "true")
                        .say(reel.slides().get(1), "link", "https://fennock.example/")
                        .say(reel.slides().get(1), "button", "More"));
        return kinds;
    }

    private static void follows(Page page, String name, String step) {
        Clock.still(page);
        assertThat((List<?>) page.evaluate(UNLIKE_THE_PATTERN, name))
                .as("%s, %s", name, step)
                .isEmpty();
    }

    private static String first(Page page) {
        return String.valueOf(page.locator("keen-reel .slide.now").first().getAttribute("aria-label"));
    }

    @Test
    void whatIsReadIsThePatternsWhoeverSteers() {
        kinds(reels).forEach((name, reel) -> {
            Page page = reel.live();
            page.mouse().move(640, 790);
            follows(page, name, "as it comes");
            Locator next = page.locator("keen-reel .arrow-next");
            String before = first(page);
            next.click();
            follows(page, name, "mouse on an arrow");
            assertThat(first(page)).as(name).isNotEqualTo(before);
            page.locator("keen-reel .dot").nth(2).click();
            follows(page, name, "mouse on a dot");
            pen(page, 700, 200, 420);
            follows(page, name, "pen across");
            next.focus();
            page.keyboard().press("ArrowLeft");
            follows(page, name, "key");
            page.keyboard().press("Home");
            follows(page, name, "first by key");
            assertThat(first(page)).as(name).startsWith("1 of 6");
            if (page.locator("keen-reel .pause").count() > 0) {
                page.locator("keen-reel .pause").press("Enter");
                page.mouse().move(640, 790);
                page.evaluate("() => document.activeElement.shadowRoot.activeElement.blur()");
                follows(page, name, "it goes on");
            }
            page.close();
        });
    }

    @Test
    void andByAFinger() {
        try (Visitor phone = Visitor.onPhone();
                ReelSite site = new ReelSite(phone)) {
            kinds(site).forEach((name, reel) -> {
                Page page = reel.live();
                follows(page, name, "as it comes");
                page.locator("keen-reel .arrow-next").tap();
                follows(page, name, "finger on an arrow");
                assertThat(first(page)).as(name).startsWith("2 of 6");
                BoundingBox view = page.locator("keen-reel .view").boundingBox();
                double y = view.y + view.height / 2;
                new Finger(page).down(320, y).to(110, y).up();
                follows(page, name, "finger across");
                page.close();
            });
            assertThat(phone.problems()).isEmpty();
        }
    }

    private static void pen(Page page, double from, double y, double to) {
        CDPSession inside = page.context().newCDPSession(page);
        for (int step = 0; step <= 8; step++) {
            JsonObject event = new JsonObject();
            event.addProperty("type", step == 0 ? "mousePressed" : step == 8 ? "mouseReleased" : "mouseMoved");
            event.addProperty("pointerType", "pen");
            event.addProperty("button", "left");
            event.addProperty("buttons", step == 8 ? 0 : 1);
            event.addProperty("clickCount", 1);
            event.addProperty("x", from + (to - from) * step / 8);
            event.addProperty("y", y);
            inside.send("Input.dispatchMouseEvent", event);
            page.evaluate("() => new Promise(requestAnimationFrame)"); // a browser tells of one move in a frame
        }
    }

    /** Any key, wherever focus stands in it: it stays in the reel, on something that is seen, but for Tab past its ends. */
    @Test
    void focusIsNeverLost() {
        Random random = new Random();
        long seed = random.nextLong(1_000_000);
        random.setSeed(seed);
        System.out.println("keys: seed " + seed);
        List<String> keys = List.of(
                "Tab",
                "Shift+Tab",
                "ArrowLeft",
                "ArrowRight",
                "ArrowUp",
                "ArrowDown",
                "Home",
                "End",
                "Space",
                "Escape",
                "PageDown",
                "x");
        kinds(reels).forEach((name, reel) -> {
            reel.say(reel.slides().get(1), "link", "")
                    .choose("thumbs.shown", null, "true")
                    .choose("steering.larger", null, "true");
            Page page = reel.live();
            page.locator("keen-reel .arrow-next").focus();
            StringBuilder pressed = new StringBuilder();
            for (int i = 0; i < 120; i++) {
                String before = (String) page.evaluate(FOCUSED);
                String key = before.isEmpty() ? "Tab" : keys.get(random.nextInt(keys.size()));
                if (key.equals("Space") && before.contains("larger")) {
                    continue; // which opens a view of its own
                }
                page.keyboard().press(key);
                pressed.append(' ').append(key);
                String after = (String) page.evaluate(FOCUSED);
                assertThat(after)
                        .as("%s, seed %d, %s on %s", name, seed, pressed, before)
                        .doesNotContain("not to be seen");
                if (!key.endsWith("Tab")) {
                    assertThat(after)
                            .as("%s, seed %d, %s on %s", name, seed, pressed, before)
                            .isNotEmpty();
                }
            }
            page.close();
        });
    }
}
