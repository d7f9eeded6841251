package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** From a heap of files to a reel that follows them, as somebody does it in the browser. */
@Tag("browser")
class GatheringTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private static byte[] tile(String format, int seed, int width, int height) throws IOException {
        Random random = new Random(seed);
        boolean alpha = format.equals("png") && seed % 2 == 0;
        BufferedImage image =
                new BufferedImage(width, height, alpha ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        for (int i = 0; i < 60; i++) {
            graphics.setColor(new Color(random.nextInt(0x1000000)));
            graphics.fillRect(random.nextInt(width), random.nextInt(height), width / 6, height / 6);
        }
        graphics.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, format, bytes);
        return bytes.toByteArray();
    }

    private static FilePayload file(String name, byte[] bytes) {
        return new FilePayload(name, "application/octet-stream", bytes);
    }

    /** 40 files: photographs, drawings, and four that are no pictures. */
    private static FilePayload[] heap() throws IOException {
        List<FilePayload> files = new ArrayList<>();
        for (int i = 1; i <= 30; i++) {
            String format = i % 3 == 0 ? "png" : i % 7 == 0 ? "gif" : "jpeg";
            files.add(
                    file("heap-%02d.%s".formatted(i, format), tile(format, 100 + i, 300 + 20 * i, 260 + 90 * (i % 4))));
        }
        for (int i = 1; i <= 6; i++) {
            String svg =
                    "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 " + 100 * i + " 90'><circle r='40'/></svg>";
            files.add(file("heap-mark-" + i + ".svg", svg.getBytes(StandardCharsets.UTF_8)));
        }
        files.add(file("heap-empty.jpg", new byte[0]));
        files.add(file("heap-notes.jpg", "Dear workshop".getBytes(StandardCharsets.UTF_8)));
        byte[] whole = tile("jpeg", 999, 900, 700);
        files.add(file("heap-cut.jpg", Arrays.copyOf(whole, whole.length / 2)));
        files.add(file("heap-again.jpeg", tile("jpeg", 101, 320, 350))); // the first once more, by content
        return files.toArray(new FilePayload[0]);
    }

    private void choose(Page page, String name) {
        page.locator("figure:has-text('" + name + "') input").check(new Locator.CheckOptions().setForce(true));
    }

    @Test
    void fromAHeapOfFilesToALiveReelThatFollowsThem() throws Exception {
        Page page = editor.open("/pictures");
        page.locator(".sets-head button").click();
        page.locator("dialog.ask input").fill("The heap");
        page.locator("dialog.ask .primary").click();
        assertThat(page.locator(".open-set h2")).hasText("The heap");
        page.locator(".library-head input[type=file]").setInputFiles(heap());
        assertThat(page.locator(".uploads strong")).containsText("Adding 40: 37 here, 3 refused.");
        assertThat(page.locator(".uploads li.refused:has-text('heap-cut') .says"))
                .containsText("The file is cut off");
        assertThat(page.locator(".uploads li:has-text('heap-again') .says")).containsText("was here already");
        assertThat(page.locator(".rows figure")).hasCount(36);

        // away and back: all is there and ready; the same heap again sends nothing
        page.navigate(Running.application().origin() + "/reels");
        page.navigate(Running.application().origin() + "/pictures?q=heap");
        assertThat(page.locator(".rows figure")).hasCount(36);
        List<String> sent = new ArrayList<>();
        page.onRequest(request -> {
            if (request.url().contains("/pictures?name=")) {
                sent.add(request.url());
            }
        });
        page.locator(".library-head input[type=file]").setInputFiles(heap());
        assertThat(page.locator(".uploads strong")).containsText("Adding 40: 37 here, 3 refused.");
        assertThat(sent)
                .as("files that were sent once more")
                .hasSize(3 + 6); // the refused ones, and drawings, which are kept cleaned

        // ten described in the table, one of them by a column that was copied elsewhere
        page.navigate(Running.application().origin() + "/pictures?q=heap&order=name");
        assertThat(page.locator("figure .flag:not(.small)")).hasCount(36);
        for (int i = 1; i <= 10; i++) {
            choose(page, "heap-%02d".formatted(i));
        }
        page.locator(".chosen-do button:has-text('Words')").click();
        assertThat(page.locator(".words-table tbody tr")).hasCount(10);
        Locator alts = page.locator(".words-table textarea[data-field=alt]");
        alts.nth(0).focus();
        for (int i = 1; i <= 7; i++) {
            page.keyboard().type("Bright squares, heap " + i);
            page.keyboard().press("Enter");
        }
        page.evaluate("navigator.clipboard.writeText('Pasted one\\nPasted two\\nPasted three\\n')");
        alts.nth(7).focus();
        page.keyboard().press("Control+V");
        assertThat(alts.nth(9)).hasValue("Pasted three");
        assertThat(page.locator("#notices")).containsText("3 lines went down the column.");
        page.waitForCondition(() -> Stream.of("heap 7", "Pasted one", "Pasted two", "Pasted three")
                .allMatch(editor.text(Running.application().origin() + "/pictures/words.csv?q=heap")::contains));

        // five by CSV
        String csv = editor.text(Running.application().origin() + "/pictures/words.csv?q=heap&order=name");
        for (int i = 11; i <= 15; i++) {
            csv = csv.replaceAll("(heap-" + i + "\\.\\w+,,),", "$1,Described elsewhere " + i);
        }
        page.locator(".chosen-do input[type=file]")
                .setInputFiles(file("words.csv", csv.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator("dialog.csv h2")).hasText("This file changes 5 pictures");
        page.locator("dialog.csv [data-take]").click();
        assertThat(page.locator("#notices")).containsText("5 pictures say something else now.");
        assertThat(page.locator("figure .flag:not(.small)")).hasCount(21);

        // a reel follows the set
        Made reel = editor.make("Follows the heap", "banner", "full", "plate-01-quatrefoil.jpg");
        page.navigate(Running.application().origin() + "/reels/" + reel.id);
        page.locator("[data-follow=set]").selectOption("follow The heap");
        assertThat(page.locator(".card")).hasCount(36);
        page.locator("[data-follow=order]").selectOption("by name");
        page.locator("[data-follow=most]").fill("12");
        page.locator("[data-follow=most]").blur();
        assertThat(page.locator(".card")).hasCount(12);
        String slug = reel.publish().path("slug").asString();
        page.navigate(Running.application().origin() + "/pictures?q=heap&used=no");
        assertThat(page.locator(".rows figure")).hasCount(24);

        // two more files come into the set; what the page saw while they came in reaches it late
        page.locator(".set-list a:has-text('The heap')").click();
        page.evaluate("""
                () => {
                  const { fetch } = window;
                  window.fetch = async (address, ...more) => {
                    const answer = await fetch(address, ...more);
                    if (`${address}`.includes('coming=')) {
                      await new Promise((done) => setTimeout(done, 900));
                      setTimeout(() => (document.body.dataset.late = ''), 200);
                    }
                    return answer;
                  };
                  const { send } = XMLHttpRequest.prototype;
                  XMLHttpRequest.prototype.send = function (body) {
                    setTimeout(() => send.call(this, body), 400);
                  };
                }""");
        page.locator(".library-head input[type=file]").setInputFiles(new FilePayload[] {
            file("heap-00a.jpeg", tile("jpeg", 501, 500, 400)), file("heap-00b.jpeg", tile("jpeg", 502, 500, 400))
        });
        assertThat(page.locator("[data-late]")).hasCount(1);
        assertThat(page.locator(".rows figure[data-picture]")).hasCount(38);
        assertThat(page.locator(".rows .coming")).hasCount(0);
        assertThat(reel.slides()).hasSize(12);
        String live = fragment(slug);
        reel.publish();
        assertThat(fragment(slug))
                .as("what is live follows when it is published")
                .isNotEqualTo(live);

        // one that is live gets another file; a bench that shows it follows by itself
        Page bench = reel.bench();
        Locator first = Editor.screen(bench, 2).locator(".picture-1");
        assertThat(first).hasAttribute("width", "500");
        String now = fragment(slug);
        page.locator(".rows figure a:has-text('heap-00a')").click();
        page.locator("[data-replace]").setInputFiles(file("better.jpeg", tile("jpeg", 777, 600, 900)));
        assertThat(page.locator(".former li")).hasCount(2);
        assertThat(page.locator(".list-head .quiet")).containsText("600 × 900");
        assertThat(fragment(slug)).as("what is live stays").isEqualTo(now);
        assertThat(first).hasAttribute("width", "600");

        // what the set decides cannot be moved by hand: it is said, and the card goes back to its place
        Locator cards = bench.locator(".card");
        String before = cards.nth(0).getAttribute("data-card");
        cards.nth(0).press("Enter");
        bench.keyboard().press("ArrowRight");
        assertThat(cards.nth(1)).hasAttribute("data-card", before);
        bench.keyboard().press("Enter");
        assertThat(bench.locator("#notices")).containsText("come from a set");
        assertThat(cards.nth(0)).hasAttribute("data-card", before);
        bench.close();
        page.keyboard().press("Control+z");
        assertThat(page.locator(".list-head .quiet")).not().containsText("600 × 900");
        page.locator("[data-redo]").click();
        assertThat(page.locator(".list-head .quiet")).containsText("600 × 900");
        reel.publish();
        assertThat(fragment(slug)).isNotEqualTo(now);
        assertThat(editor.problems())
                .filteredOn(problem -> !problem.contains("/pictures?name=heap-") && !problem.contains("422"))
                .isEmpty();
    }

    @Test
    void filesDroppedOnTheBenchBecomeSlidesAndANewReelCanFollowASet() throws Exception {
        String first = editor.picture("plate-04-fan.jpg");
        String set = editor.send(
                        "POST", "/pictures/sets", "{\"name\":\"To be followed\",\"pictures\":[\"" + first + "\"]}")
                .path("id")
                .asString();
        Page page = editor.open("/reels/new");
        page.locator("[aria-label='Follow a set']").selectOption(set);
        page.locator("[name=name]").fill("Follows from the start");
        page.locator("text=Make the reel").click();
        assertThat(page.locator(".card")).hasCount(1);
        assertThat(page.locator("[data-follow=set]")).hasValue(set);

        drop(page, "Dropped while it follows", 601);
        assertThat(page.locator(".card")).hasCount(2);
        page.locator("[data-follow=set]").selectOption("");
        assertThat(page.locator("[data-do=add]")).isVisible();
        drop(page, "Dropped by hand", 602);
        assertThat(page.locator(".card")).hasCount(3);
        page.locator("[data-do=undo]").click();
        assertThat(page.locator(".card")).hasCount(2);
        page.navigate(Running.application().origin() + "/pictures?set=" + set);
        assertThat(page.locator(".rows figure")).hasCount(2);
        assertThat(editor.problems()).isEmpty();
    }

    private static void drop(Page page, String name, int seed) throws IOException {
        String bytes = java.util.Base64.getEncoder().encodeToString(tile("jpeg", seed, 400, 300));
        var held = page.evaluateHandle("""
                ([name, bytes]) => {
                  const held = new DataTransfer();
                  held.items.add(new File([Uint8Array.from(atob(bytes), (one) => one.charCodeAt(0))], name));
                  return held;
                }""", List.of(name + ".jpeg", bytes));
        page.waitForFunction( // the page takes it, once its scripts run
                "dataTransfer => !document.querySelector('#main').dispatchEvent(new DragEvent('drop', { bubbles: true, cancelable: true, dataTransfer }))",
                held);
    }

    private String fragment(String slug) {
        return editor.text(Running.application().origin() + "/r/" + slug + "/fragment");
    }
}
