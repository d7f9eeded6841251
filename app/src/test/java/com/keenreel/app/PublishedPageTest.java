package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.keenreel.app.Editor.Made;
import com.keenreel.core.Sampled;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.awt.Rectangle;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What visitors meet, and that the wall shows the same. */
class PublishedPageTest {
    private static final String HOLD = """
            async () => {
              const host = document.querySelector('keen-reel');
              const frames = () => new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)));
              await host.ready;
              await document.fonts.ready;
              await frames();
              const seen = [...host.shadowRoot.querySelectorAll('img')];
              seen.forEach((image) => { // a screenshot shows what is below the window too
                image.sizes = image.sizes.replace(/^auto, /, ''); // of what is not lazy it would mean the whole window
                image.loading = 'eager';
                // of what stands behind the others a browser may keep the file that it had at another width
                if (image.closest('.by-distance')) image.srcset = image.srcset.split(', ').at(-1);
              });
              await frames(); // another file may be chosen then, while the former one is still shown
              await Promise.all(seen.map(async (image) => {
                while (!image.complete) await frames();
                await image.decode();
              }));
              host.shadowRoot.getAnimations().forEach((animation) => { animation.pause(); animation.currentTime = 0; });
              const dots = host.shadowRoot.querySelectorAll('.dot');
              const shown = (display) => dots.forEach((dot) => dot.style.setProperty('display', display));
              shown('none'); // one that has grown keeps the edges that it had on its way
              await frames();
              shown('');
              await frames();
            }""";

    private static final List<Integer> WIDTHS = List.of(390, 820, 1280); // growing: larger pictures are kept

    /** The reel's pixels in windows of those widths, ascending, with its type in the cache. */
    private static List<byte[]> held(Editor editor, String address, List<Integer> widths) {
        List<byte[]> held = new ArrayList<>();
        try (Page page = editor.open("/help")) {
            page.setViewportSize(widths.get(0), 900);
            page.navigate(
                    address.startsWith("http") ? address : Running.application().origin() + address);
            page.evaluate(HOLD);
            for (int width : widths) {
                page.setViewportSize(width, 900);
                page.reload();
                page.evaluate(HOLD);
                held.add(page.locator("keen-reel").screenshot());
            }
        }
        return held;
    }

    @Test
    void theDraftAloneAndThePublishedPageAreEqualInEveryPixel() {
        try (Editor editor = new Editor()) {
            for (Map.Entry<String, Made> kind : Kinds.all(editor).entrySet()) {
                Made reel = kind.getValue();
                List<Integer> widths = Sampled.of(WIDTHS, 1);
                List<byte[]> live = held(editor, reel.publish().path("address").asString(), widths);
                List<byte[]> draft = held(editor, "/reels/" + reel.id + "/draft", widths);
                int levels = switch (kind.getKey()) {
                    case "depth" -> Pixels.SMOOTHED;
                    case "row" -> Pixels.BLURRED; // what is behind its pictures is
                    default -> Pixels.ROUNDED;
                };
                for (int i = 0; i < widths.size(); i++) {
                    assertThat(Pixels.difference(draft.get(i), live.get(i), new Rectangle(), levels))
                            .as(kind.getKey() + " at " + widths.get(i))
                            .isEmpty();
                }
            }
            assertThat(editor.problems()).isEmpty();
        }
    }

    @Test
    void withScriptsOffEverySlideIsThereWithItsWords() {
        try (Editor editor = new Editor();
                Editor visitor = new Editor(false)) {
            for (Map.Entry<String, Made> kind : Kinds.all(editor).entrySet()) {
                Page page =
                        visitor.open(kind.getValue().publish().path("address").asString());
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
            assertThat(visitor.problems()).isEmpty();
        }
    }

    @Test
    void twoReelsOneOfThemTwiceDoNotDisturbEachOtherOrThePage() {
        try (Editor editor = new Editor()) {
            Map<String, Made> kinds = Kinds.all(editor);
            String single = kinds.get("single").publish().path("element").asString();
            String pair = kinds.get("pair").publish().path("element").asString();
            var blocks = Editor.JSON.createObjectNode().put("title", "Together").putArray("blocks");
            for (String code : List.of(single, pair, single)) {
                blocks.addObject().put("kind", "embed").put("column", "main").put("content", code);
            }
            blocks.addObject().put("kind", "text").put("column", "main").put("content", "Words below");
            editor.send(
                    "PUT",
                    "/practice/together",
                    Editor.JSON.createObjectNode().put("title", "Together").set("blocks", blocks));
            Page page = editor.open(Running.application().site() + "/together");
            Locator reels = page.locator("keen-reel");
            assertThat(page.locator("keen-reel .run")).hasCount(3);
            reels.nth(0).locator(".dot-3").click();
            reels.nth(1).locator(".slide-1 .handle").press("Home");
            assertThat(reels.nth(0).locator(".slide-3.now")).hasCount(1);
            assertThat(reels.nth(2).locator(".slide-1.now")).hasCount(1);
            assertThat(reels.nth(1).locator(".slide-1 .handle")).hasAttribute("aria-valuenow", "0");
            assertThat(
                            page.evaluate(
                                    "() => getComputedStyle(document.querySelector('keen-reel').shadowRoot.querySelector('img')).borderTopWidth"))
                    .as("the page's own rule for pictures")
                    .isEqualTo("0px");
            assertThat(page.evaluate("() => getComputedStyle(document.querySelector('p')).fontFamily"))
                    .asString()
                    .contains("Georgia");
            assertThat(page.evaluate(
                            "() => Object.keys(window).filter((key) => /reel|slide|player/i.test(key)).length"))
                    .isEqualTo(0);
            page.waitForTimeout(900);
            assertThat(editor.shifts(page)).isEmpty();
            assertThat(editor.problems()).isEmpty();
        }
    }

    @Test
    void liveAndHeldAgreeWithinAFrame() {
        try (Editor editor = new Editor()) {
            Made reel =
                    editor.make("Live and held", "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
            reel.choose("motion.hold", null, "0.5")
                    .choose("motion.transition", null, "along")
                    .choose("motion.time", null, "1");
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
            Editor.JSON
                    .readTree((String) seen)
                    .forEach(pair -> samples.add(
                            new double[] {pair.path(0).asDouble(), pair.path(1).asDouble()}));
            assertThat(samples).hasSizeGreaterThan(5);
            Page held = editor.open("/reels/" + reel.id + "/draft");
            for (double[] sample : samples) {
                Object x = held.evaluate("""
                        async (ms) => {
                          const host = document.querySelector('keen-reel');
                          await host.ready;
                          window.ask({ command: 'at', ms: 500 + ms });
                          return new DOMMatrix(getComputedStyle(host.shadowRoot.querySelector('.coming')).transform).e;
                        }""", sample[0]);
                assertThat(((Number) x).doubleValue())
                        .as("at " + sample[0] + " ms")
                        .isCloseTo(sample[1], org.assertj.core.api.Assertions.within(0.5));
            }
            assertThat(editor.problems()).isEmpty();
        }
    }

    /** What the page checker finds serious or critical. */
    static List<String> serious(Page page, String where) {
        List<String> found = new ArrayList<>();
        new AxeBuilder(page)
                        .exclude(".screen iframe") // what the wall shows is looked at by itself
                        .analyze()
                        .getViolations()
                        .stream()
                        .filter(violation -> List.of("serious", "critical").contains(violation.getImpact()))
                        .forEach(violation -> violation
                                .getNodes()
                                .forEach(node -> found.add(where + ": " + violation.getId() + ": " + node.getHtml()
                                        + " " + node.getFailureSummary())));
        return found;
    }
}
