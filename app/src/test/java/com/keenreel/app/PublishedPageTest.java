package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.Sampled;
import com.keenreel.player.Kinds;
import com.keenreel.player.Pixels;
import com.microsoft.playwright.Page;
import java.awt.Rectangle;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The wall shows what visitors meet: the application serves the files of both. */
@Tag("browser")
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
            for (Map.Entry<String, Made> kind : Kinds.some(editor, 4).entrySet()) {
                Made reel = kind.getValue();
                List<Integer> widths = Sampled.of(WIDTHS, 1);
                List<byte[]> live = held(editor, reel.publish().path("address").asString(), widths);
                List<byte[]> draft = held(editor, "/reels/" + reel.id + "/draft", widths);
                for (int i = 0; i < widths.size(); i++) {
                    assertThat(Pixels.difference(
                                    draft.get(i), live.get(i), new Rectangle(), Pixels.levels(kind.getKey())))
                            .as(kind.getKey() + " at " + widths.get(i))
                            .isEmpty();
                }
            }
            assertThat(editor.problems()).isEmpty();
        }
    }
}
