package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.edit.Rename;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** An endless band in visitors' hands. */
class BandTest extends ReelPages {
    private StaticReel band(String name) {
        return Kinds.marquee(reels).edit(new Rename(name));
    }

    @Test
    void everyCopyOfALogoIsPressedAlike() {
        StaticReel reel = band("Pressed");
        List<String> slides = reel.slides();
        for (int i = 0; i < slides.size(); i++) {
            reel.say(slides.get(i), "link", pages.origin() + "/nothing?" + (i + 1));
        }
        Page page = reel.live();
        List<?> pressed = Clock.along(page, """
                () => {
                  const root = document.querySelector('keen-reel').shadowRoot;
                  const view = root.querySelector('.view').getBoundingClientRect();
                  const said = { logos: 0, copies: 0, wrong: [] };
                  for (const slide of root.querySelectorAll('.band .slide')) {
                      const box = slide.getBoundingClientRect();
                      const [x, y] = [(Math.max(box.left, view.left) + Math.min(box.right, view.right)) / 2, box.top + box.height / 2];
                      if (Math.min(box.right, view.right) - Math.max(box.left, view.left) < 2) continue;
                      said.logos += 1;
                      if (slide.closest('[aria-hidden]')) said.copies += 1;
                      const link = root.elementFromPoint(x, y)?.closest('a');
                      if (!link || link.href !== root.querySelector(`.copy-0 .${slide.classList[1]} a`).href) said.wrong.push(slide.className);
                    }
                  return said;
                }""", Clock.shares(15));
        int logos = 0;
        int copies = 0;
        for (Object seen : pressed) {
            Map<?, ?> one = (Map<?, ?>) seen;
            assertThat((List<?>) one.get("wrong"))
                    .as("logos whose link is another")
                    .isEmpty();
            logos += (int) one.get("logos");
            copies += (int) one.get("copies");
        }
        assertThat(copies).isGreaterThan(logos * 3 / 10);
        Clock.hold(page, 0.9);
        BoundingBox copy = page.locator(".copy-1 .slide-3").boundingBox();
        page.mouse().click(copy.x + copy.width / 2, copy.y + copy.height / 2);
        page.waitForURL("**/nothing?3");
        visitor.problems().clear(); // that page is not there
    }

    @Test
    void thoseWhoListenAndTheTabKeyMeetEveryLogoOnce() {
        Page page = band("Once").live();
        assertThat(page.locator(".copy:not([aria-hidden]) a")).hasCount(4);
        assertThat(page.locator(".copy[aria-hidden] a:not([tabindex='-1'])")).hasCount(0);
        BoundingBox pause = page.locator(".pause").boundingBox();
        BoundingBox view = page.locator(".view").boundingBox();
        assertThat(pause.x).as("beside the logos").isGreaterThanOrEqualTo(view.x + view.width);
    }

    @Test
    void itStandsAsSoonAsLessMotionIsAskedForAndIsThenScrolled() {
        Page page = band("Less").live();
        String left =
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.copy-0 .slide-1').getBoundingClientRect().left";
        Object start = page.evaluate(left);
        page.waitForFunction("start => (" + left + ")() < start - 5", start);
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        assertThat(page.locator(".pause")).hasAttribute("aria-label", "Play");
        Clock.stands(page);
        assertThat(page.locator(".view")).hasAttribute("tabindex", "0");
        page.locator(".view").focus();
        page.keyboard().press("ArrowRight");
        page.waitForFunction(
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.view').scrollLeft > 0");
    }

    @Test
    void aBandRunsTheOtherWayWithoutAGapAtItsStart() {
        StaticReel reel = reels.make(
                        "Right", "marquee", "full", "logos/tundleby.svg", "logos/ovenwick.svg", "logos/mosscapel.svg")
                .choose("marquee.way", null, "right")
                .choose("marquee.speed", null, "400");
        Page page = reel.live();
        List<?> gaps = Clock.along(page, """
                () => {
                  const root = document.querySelector('keen-reel').shadowRoot;
                  const view = root.querySelector('.view').getBoundingClientRect();
                  let worst = 0;
                  const boxes = [...root.querySelectorAll('.band .slide')].map((slide) => slide.getBoundingClientRect()).sort((a, b) => a.left - b.left);
                  for (let i = 1; i < boxes.length; i += 1) worst = Math.max(worst, Math.abs(boxes[i].left - boxes[i - 1].right - 56));
                  if (boxes[0].left > view.left + 57 || boxes.at(-1).right < view.right - 57) worst = 999;
                  return worst;
                }""", Clock.shares(20));
        assertThat(gaps)
                .as("how far any gap is from 56 px")
                .allSatisfy(worst -> assertThat(((Number) worst).doubleValue()).isLessThan(0.1));
    }

    @Test
    void aBandMovesUpSlowsDownUnderAPointerAndBringsAFocusedLogoIntoView() {
        StaticReel reel = band("Up")
                .choose("marquee.way", null, "up")
                .choose("marquee.pointed", null, "slows")
                .choose("marquee.tall", null, "200");
        Page page = reel.live();
        String top =
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.copy-0 .slide-1').getBoundingClientRect().top";
        String rate =
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.strip').getAnimations()[0].playbackRate";
        Object start = page.evaluate(top);
        page.waitForFunction("start => (" + top + ")() < start - 5", start);
        page.locator(".view").hover();
        page.waitForFunction("() => (" + rate + ")() === 0.25");
        Object slower = page.evaluate(top);
        page.waitForFunction("start => (" + top + ")() !== start", slower);
        page.mouse().move(5, 590);
        page.waitForFunction("() => (" + rate + ")() === 1");
        for (int i = 0; i < 5; i++) {
            page.keyboard().press("Tab");
            if (i > 0) {
                BoundingBox logo = page.locator(".copy-0 .slide-" + i).boundingBox();
                BoundingBox view = page.locator(".view").boundingBox();
                assertThat(logo.y).as("logo " + i).isBetween(view.y - 1, view.y + view.height - logo.height + 1);
            }
        }
        Clock.stands(page);
    }

    @Test
    void aFocusedLogoIsBroughtIntoViewAndTheBandWaits() {
        StaticReel reel = reels.make(
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
                assertThat(logo.x + Math.min(logo.width, view.width))
                        .as("logo " + i)
                        .isLessThan(view.x + view.width + 1);
            }
        }
        Clock.stands(page);
    }
}
