package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.player.Clock;
import com.keenreel.player.ReelMaker;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * The yardstick: a banner of nine dropped pictures, brought into order, with titles, one button, holds of 6 s, another
 * ratio on phone, published. A press, a drag and a field that is filled count one each; going from one thing to the next
 * with Tab does not.
 */
@Tag("browser")
class YardstickTest {
    private static final List<String> FILES = List.of(
            "banner-workshop-day.jpg",
            "banner-glaze-bench.jpg",
            "banner-long-room.jpg",
            "banner-kiln-glow.jpg",
            "banner-dusk-works.jpg",
            "commission-01.jpg",
            "commission-02.jpg",
            "commission-03.jpg",
            "commission-04.jpg");
    private static final int MOST = 40;

    private final Editor editor = new Editor();
    private final Page page = editor.open("/reels");
    private int actions;

    @AfterEach
    void leave() {
        editor.close();
    }

    private static String title(int n) {
        return "Title " + n;
    }

    @Test
    void byPointer() throws Exception {
        // a new reel stands beside the list, and the first of its starters, a banner, is chosen
        drop(page.locator(".drop"), FILES);
        fill(page.getByLabel("Name of the reel"), "Yardstick by pointer");
        assertThat(page.locator(".chosen .done")).hasCount(9);
        press(page.getByText("Make the reel"));
        bench();

        press(page.locator(".card").first());
        for (int n = 1; n <= 9; n++) {
            fill(page.locator("[data-say=title]"), title(n));
            if (n == 1) {
                fill(page.locator("[data-say=button]"), "See the dates");
                fill(page.locator("[data-say=link]"), "https://fennock.example/dates");
            }
            if (n < 9) {
                press(page.locator("[data-do=next-slide]"));
                assertThat(page.locator(".sheet-head h2")).hasText("Slide " + (n + 1));
            }
        }
        press(page.locator("[data-do=brief]"));
        dragLastToFront();
        press(page.locator("[data-key='word-set-motion-hold-all']"));
        fill(page.locator(".control-panel:popover-open input[type=number]"), "6");
        press(page.locator("[data-key='word-set-shape-ratio-phone']"));
        press(page.locator(".control-panel:popover-open [data-value='1:1']"));
        assertThat(page.locator(".screen .said").first()).hasText("reel 390 × 390");
        press(page.locator("#stored .primary"));
        press(page.locator("main").getByText("Publish", new Locator.GetByTextOptions().setExact(true)));
        holdsWhatWasAsked("pointer");
    }

    @Test
    void byKeyboardAlone() {
        page.onFileChooser(chooser -> {}); // the browser is told early to hand it over, or the key may come first
        reach(".skip", "New reel");
        key("Enter");
        reach(".drop input[type=file]", "");
        page.waitForFileChooser(() -> key("Space")).setFiles(files());
        assertThat(page.locator(".chosen .done")).hasCount(9);
        reach("[aria-label='Name of the reel']", "");
        type("Yardstick by keyboard");
        key("Enter");
        bench();

        reach(".card", "");
        key("ArrowRight");
        key("ArrowLeft");
        assertThat(page.locator(".sheet-head h2")).hasText("Slide 1");
        reach("[data-say=button]", "");
        type("See the dates");
        reach("[data-say=link]", "");
        type("https://fennock.example/dates");
        page.keyboard().press("Shift+Tab"); // back to the button's label, then to the text and the title
        for (int back = 0; back < 12 && !at("[data-say=title]", ""); back++) {
            page.keyboard().press("Shift+Tab");
        }
        for (int n = 1; n <= 9; n++) {
            type(title(n));
            if (n < 9) {
                key("Enter");
                assertThat(page.locator(".sheet-head h2")).hasText("Slide " + (n + 1));
                assertThat(page.locator("[data-say=title]")).isFocused();
            }
        }
        reach("[data-do=brief]", "");
        key("Enter");
        assertThat(page.locator(".brief")).isVisible();
        reach(".card", "");
        for (int back = 0; back < 20 && !at(".card-place:last-child .card", ""); back++) {
            page.keyboard().press("Tab");
        }
        key("Enter");
        key("Home");
        key("Enter");
        assertThat(page.locator(".card-title").first()).hasText(title(9));
        reach("[data-key='word-set-motion-hold-all']", "");
        key("Enter");
        reach(".control-panel:popover-open input[type=number]", "");
        type("6");
        key("Escape");
        reach("[data-key='word-set-shape-ratio-phone']", "");
        key("Enter");
        reach(".control-panel:popover-open [data-value='1:1']", "");
        key("Enter");
        key("Escape");
        assertThat(page.locator(".screen .said").first()).hasText("reel 390 × 390");
        reach("#stored a", "Publish");
        key("Enter");
        page.waitForURL("**/publish");
        reach("main button", "Publish");
        key("Enter");
        holdsWhatWasAsked("keyboard");
    }

    /** As a newcomer makes them, one after another, until each is live on a page. */
    @Test
    void fourPiecesLiveOnAPage() throws Exception {
        editor.send("POST", "/practice", "{\"title\":\"A page of one's own\"}");
        drop(page.locator(".drop"), FILES);
        made("Four: banner");
        press(page.locator(".card").first());
        for (int n = 1; n <= 9; n++) {
            fill(page.locator("[data-say=title]"), title(n));
            if (n == 1) {
                fill(page.locator("[data-say=button]"), "See the dates");
                fill(page.locator("[data-say=link]"), "www.fennock.example/dates");
            }
            nextSlide(n, 9);
        }
        press(page.locator("[data-do=brief]"));
        press(page.locator("[data-key='word-set-shape-ratio-phone']"));
        press(page.locator(".control-panel:popover-open [data-value='1:1']"));
        assertThat(page.locator(".screen .said").first()).hasText("reel 390 × 390");
        livesOnAPage();
        int banner = actions;
        assertThat(banner).as("actions for the banner").isLessThanOrEqualTo(30);

        begin(
                "comparison",
                List.of("floor-1-after.jpg", "floor-1-before.jpg", "floor-2-before.jpg", "floor-2-after.jpg"));
        made("Four: comparison");
        words(2, "Floor ");
        livesOnAPage();

        begin("row", FILES.subList(5, 9));
        made("Four: row");
        words(4, "Commission ");
        livesOnAPage();

        begin(
                "marquee",
                List.of("logos/ovenwick.svg", "logos/tundleby.svg", "logos/mosscapel.svg", "logos/sandreeve.svg"));
        made("Four: marquee");
        press(page.locator(".card").first());
        for (int n = 1; n <= 4; n++) {
            fill(page.locator("[data-say=link]"), "partner-" + n + ".example");
            nextSlide(n, 4);
        }
        livesOnAPage();
        System.out.println("Four pieces: " + actions + " actions, the banner " + banner);
        assertThat(actions).as("actions for four pieces").isLessThanOrEqualTo(110);
        assertThat(editor.problems()).isEmpty();
    }

    private void begin(String starter, List<String> files) throws Exception {
        page.navigate(Running.application().origin() + "/reels");
        press(page.locator(".starter:has([value=" + starter + "])"));
        drop(page.locator(".drop"), files);
    }

    private void made(String name) {
        fill(page.getByLabel("Name of the reel"), name);
        page.waitForFunction("() => !document.querySelector('.chosen li:not(.done, .pair-says)')");
        press(page.getByText("Make the reel"));
        bench();
    }

    private void words(int slides, String title) {
        press(page.locator(".card").first());
        for (int n = 1; n <= slides; n++) {
            fill(page.locator("[data-say=title]"), title + n);
            nextSlide(n, slides);
        }
    }

    private void nextSlide(int n, int of) {
        if (n < of) {
            press(page.locator("[data-do=next-slide]"));
            assertThat(page.locator(".sheet-head h2")).hasText("Slide " + (n + 1));
        }
    }

    /** Published, and put on a page that then shows it. */
    private void livesOnAPage() {
        press(page.locator("#stored .primary"));
        press(page.locator("main").getByText("Publish", new Locator.GetByTextOptions().setExact(true)));
        Locator there = page.locator("[aria-label=\"Put it there: A page of one's own\"]");
        press(there);
        assertThat(there).hasCount(0);
        String address = page.locator("[data-code=address]").textContent();
        Page own = editor.open(Running.application().site() + "/a-page-of-one-s-own");
        assertThat(own.locator("keen-reel[src='" + address + "'] .run")).hasCount(1);
        own.close();
    }

    private void bench() {
        page.waitForURL(Pattern.compile(".*/reels/[a-z0-9]{12}$"));
        assertThat(page.locator(".screen iframe")).hasCount(3);
        assertThat(page.locator("[data-stored]")).hasText("stored");
    }

    private void press(Locator what) {
        actions++;
        what.click();
    }

    private void fill(Locator field, String text) {
        actions++;
        field.fill(text);
    }

    private void key(String key) {
        actions++;
        page.keyboard().press(key);
    }

    private void type(String text) {
        actions++;
        page.keyboard().press("Control+a");
        page.keyboard().type(text);
    }

    private boolean at(String selector, String text) {
        return (boolean) page.evaluate(
                "([selector, text]) => document.activeElement.matches(selector)"
                        + " && document.activeElement.textContent.includes(text)",
                List.of(selector, text));
    }

    /** Goes on with Tab until something of that kind has the focus, and fails when nothing of it can be reached. */
    private void reach(String selector, String text) {
        for (int i = 0; i < 300; i++) {
            if (at(selector, text)) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError(selector + " was not reached with Tab");
    }

    private static Path[] files() {
        return FILES.stream().map(ReelMaker.PICTURES::resolve).toArray(Path[]::new);
    }

    private void drop(Locator place, List<String> names) throws Exception {
        actions++;
        List<List<String>> files = new ArrayList<>();
        for (String name : names) {
            files.add(List.of(
                    name.replaceFirst(".*/", ""),
                    Base64.getEncoder().encodeToString(Files.readAllBytes(ReelMaker.PICTURES.resolve(name)))));
        }
        var held = page.evaluateHandle("""
                (files) => {
                  const held = new DataTransfer();
                  files.forEach(([name, bytes]) =>
                    held.items.add(new File([Uint8Array.from(atob(bytes), (one) => one.charCodeAt(0))], name)));
                  return held;
                }""", files);
        place.dispatchEvent("drop", Map.of("dataTransfer", held));
    }

    /** The last picture is the best: it comes first. */
    private void dragLastToFront() {
        actions++;
        assertThat(page.locator(".brief")).isVisible();
        Locator last = page.locator(".card").last();
        last.scrollIntoViewIfNeeded();
        BoundingBox from = last.boundingBox();
        page.mouse().move(from.x + 20, from.y + 20);
        page.mouse().down();
        page.mouse().move(from.x - 40, from.y + 20);
        for (int i = 0;
                i < 60 && !page.locator(".card-title").first().textContent().equals(title(9));
                i++) {
            page.mouse().move(24 + i % 2, from.y + 20);
            Clock.frames(page);
        }
        page.mouse().up();
        assertThat(page.locator(".card-title").first()).hasText(title(9));
    }

    private void holdsWhatWasAsked(String way) {
        assertThat(page.getByText("What you have here is the same.")).isVisible();
        String slug = "yardstick-by-" + way;
        JsonNode fragment =
                Editor.JSON.readTree(editor.text(Running.application().origin() + "/r/" + slug + "/fragment"));
        String html = fragment.path("html").asString();
        int at = -1;
        for (int n : new int[] {9, 1, 2, 3, 4, 5, 6, 7, 8}) {
            int next = html.indexOf(">" + title(n) + "<");
            assertThat(next).as("place of title " + n).isGreaterThan(at);
            at = next;
        }
        assertThat(html).contains("See the dates").contains("https://fennock.example/dates");
        assertThat(fragment.path("plan").path("holds").toString())
                .isEqualTo("[6000,6000,6000,6000,6000,6000,6000,6000,6000]");
        Page live = editor.open("/r/" + slug);
        live.setViewportSize(390, 800);
        assertThat(live.locator(".frame")).hasJSProperty("clientHeight", 390);
        System.out.println("Nine slides, by " + way + ": " + actions + " actions");
        assertThat(actions).as("actions").isLessThanOrEqualTo(MOST);
        assertThat(editor.problems()).isEmpty();
    }
}
