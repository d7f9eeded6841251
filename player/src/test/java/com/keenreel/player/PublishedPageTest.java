package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sampled;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.awt.Rectangle;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** What visitors meet, and that the wall shows the same. */
class PublishedPageTest extends ReelPages {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static final List<Integer> WIDTHS = List.of(390, 820, 1280); // growing: larger pictures are kept

    @Test
    void theDraftAloneAndThePublishedPageAreEqualInEveryPixel() {
        Kinds.some(reels, 6).forEach((kind, reel) -> {
            List<Integer> widths = Sampled.of(WIDTHS, 1);
            List<byte[]> live = Pixels.held(visitor, reel.publish(), widths);
            List<byte[]> draft = Pixels.held(visitor, reels.draft(reel), widths);
            for (int i = 0; i < widths.size(); i++) {
                assertThat(Pixels.difference(draft.get(i), live.get(i), new Rectangle(), Pixels.levels(kind)))
                        .as(kind + " at " + widths.get(i))
                        .isEmpty();
            }
        });
    }

    @Test
    void withScriptsOffEverySlideIsThereWithItsWords() {
        try (Visitor reader = new Visitor(false)) {
            for (Map.Entry<String, StaticReel> kind : Kinds.all(reels).entrySet()) {
                Page page = reader.open(kind.getValue().publish());
                int slides = kind.getValue().slides().size();
                Locator shown = page.locator(kind.getKey().equals("marquee") ? ".copy-0 .slide" : ".slide");
                assertThat(shown).hasCount(slides);
                for (int i = 0; i < slides; i++) {
                    assertThat(shown.nth(i)).isVisible();
                    shown.nth(i).scrollIntoViewIfNeeded();
                    double[] box = {shown.nth(i).boundingBox().x, shown.nth(i).boundingBox().width};
                    assertThat(box[0])
                            .as(kind.getKey() + " slide " + (i + 1))
                            .isLessThan(1280)
                            .isGreaterThan(-box[1]);
                }
                if (kind.getKey().equals("pair")) {
                    assertThat(page.locator(".picture-1-before")).isVisible();
                    assertThat(page.getByText("Before, autumn")).isVisible();
                    assertThat(page.getByText("After, spring")).isVisible();
                    double before = page.locator(".picture-1-before").boundingBox().x;
                    double after = page.locator(".picture-1-after").boundingBox().x;
                    assertThat(after - before).as("side by side").isGreaterThan(300);
                }
                if (kind.getKey().equals("single")) {
                    assertThat(page.getByText("Mix two glazes, paint a tile.")).isVisible();
                }
                page.close();
            }
            assertThat(reader.problems()).isEmpty();
        }
    }

    @Test
    void twoReelsOneOfThemTwiceDoNotDisturbEachOtherOrThePage() {
        String single = Kinds.single(reels).element();
        String pair = Kinds.pair(reels).element();
        String style = "<style>p { font-family: Georgia } img { border: 7px solid }</style>";
        Page page = visitor.open(pages.page(
                "/together",
                Pages.html(style, "<body>" + single + pair + single + "<p>Words below</p></body>"),
                Map.of()));
        Locator all = page.locator("keen-reel");
        assertThat(page.locator("keen-reel .run")).hasCount(3);
        all.nth(0).locator(".dot-3").click();
        all.nth(1).locator(".slide-1 .handle").press("Home");
        assertThat(all.nth(0).locator(".slide-3.now")).hasCount(1);
        assertThat(all.nth(2).locator(".slide-1.now")).hasCount(1);
        assertThat(all.nth(1).locator(".slide-1 .handle")).hasAttribute("aria-valuenow", "0");
        assertThat(
                        page.evaluate(
                                "() => getComputedStyle(document.querySelector('keen-reel').shadowRoot.querySelector('img')).borderTopWidth"))
                .as("the page's own rule for pictures")
                .isEqualTo("0px");
        assertThat(page.evaluate("() => getComputedStyle(document.querySelector('p')).fontFamily"))
                .asString()
                .contains("Georgia");
        assertThat(page.evaluate("() => Object.keys(window).filter((key) => /reel|slide|player/i.test(key)).length"))
                .isEqualTo(0);
        assertThat(visitor.shifts(page)).isEmpty();
    }

    @Test
    void liveAndHeldAgreeWithinAFrame() {
        StaticReel reel =
                reels.make("Live and held", "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
        reel.choose("motion.hold", null, "0.5")
                .choose("motion.transition", null, "along")
                .choose("motion.time", null, "3");
        Page live = reel.live();
        Object seen = live.evaluate("""
                async () => {
                  const host = document.querySelector('keen-reel');
                  await host.ready;
                  const coming = () => host.shadowRoot.querySelector('.coming');
                  const frame = () => new Promise(requestAnimationFrame);
                  while (!coming()) await frame();
                  const left = () => [...new DOMMatrix(getComputedStyle(coming()).transform).toFloat64Array()][12];
                  const pairs = [];
                  for (let i = 0; i < 20 && coming(); i += 1) {
                    await frame();
                    const animation = coming()?.getAnimations()[0];
                    if (!animation) break;
                    const [time, x] = [animation.currentTime, left()];
                    pairs.push([time, x]);
                  }
                  return JSON.stringify(pairs);
                }""");
        List<double[]> samples = new ArrayList<>();
        JSON.readTree((String) seen)
                .forEach(pair -> samples.add(
                        new double[] {pair.path(0).asDouble(), pair.path(1).asDouble()}));
        assertThat(samples).hasSizeGreaterThan(5);
        Page held = reel.draft();
        for (double[] sample : samples) {
            Clock.at(held, 500 + sample[0]);
            Object x = held.evaluate(
                    "() => new DOMMatrix(getComputedStyle(document.querySelector('keen-reel').shadowRoot.querySelector('.coming')).transform).e");
            assertThat(((Number) x).doubleValue()).as("at " + sample[0] + " ms").isCloseTo(sample[1], within(0.5));
        }
    }
}
