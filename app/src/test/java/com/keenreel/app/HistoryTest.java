package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What was done to a reel is read, looked at, named and brought back. */
@Tag("browser")
class HistoryTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private Made made() {
        return editor.make("Has a history", "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg")
                .choose("motion.hold", null, "9")
                .choose("shape.ratio", "desk", "4:1");
    }

    @Test
    void aRevisionIsLookedAtNamedAndBroughtBack() {
        Made reel = made();
        String second = reel.slides().get(1);
        reel.edit("{'kind':'remove','slide':'" + second + "'}");
        Page page = editor.open("/reels/" + reel.id);
        FrameLocator desk = page.frameLocator(".screen >> nth=2 >> iframe");
        assertThat(desk.locator(".run")).hasCount(1);
        page.locator("[data-do=history]").click();
        Locator lines = page.locator("#history [data-revision]");
        assertThat(lines).hasCount(4);
        assertThat(lines.nth(0)).containsText("slide 2 removed");
        assertThat(lines.nth(0)).containsText("another window, now");
        assertThat(page.locator(".band")).isHidden();

        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(lines.nth(2).locator("[data-look]")).hasAttribute("aria-pressed", "true");
        assertThat(desk.locator(".slide")).hasCount(2);
        assertThat(page.locator("[data-says]")).containsText("The screens show revision 2.");
        assertThat(reel.slides()).as("looking changes nothing").hasSize(1);

        lines.nth(2).locator("[data-name]").fill("Nine seconds");
        page.keyboard().press("Enter");
        assertThat(lines.nth(2).locator("strong")).hasText("Nine seconds");
        lines.nth(2).locator("[data-back]").click();
        assertThat(lines).hasCount(5);
        assertThat(lines.nth(0)).containsText("revision 2 brought back");
        assertThat(lines.nth(0)).containsText("you, now");
        assertThat(reel.slides()).contains(second).hasSize(2);

        page.locator("[data-close]").click();
        assertThat(page.locator(".card")).hasCount(2);
        page.locator("[data-do=undo]").click();
        assertThat(page.locator(".card")).hasCount(1);
        assertThat(desk.locator(".slide")).hasCount(1);
        assertThat(editor.problems()).isEmpty();
    }

    /** However often keys are pressed, one thing that is turned by them is one line; what is done next does not wait. */
    @Test
    void oneGestureIsOneLine() {
        Made reel = made();
        Page page = reel.bench();
        Locator card = page.locator(".card").first();
        for (int i = 0; i < 4; i++) {
            card.press("+");
        }
        assertThat(card.locator(".figure")).hasText("11.0 s");
        card.press("h");
        assertThat(page.locator("#stored-line")).containsText("revision 5 ");
        card.press("h");
        card.click();
        Locator focal = page.locator("[data-key=focal-all]");
        for (int i = 0; i < 3; i++) {
            focal.press("ArrowRight");
        }
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("#stored-line")).containsText("revision 7 ");
        page.locator("[data-do=history]").click();
        Locator lines = page.locator("#history [data-revision]");
        assertThat(lines).hasCount(7);
        assertThat(lines.nth(0)).containsText("focal point of slide 1: ");
        assertThat(lines.nth(2)).containsText("slide 1 hidden");
        assertThat(lines.nth(3)).containsText("slide 1 stands 11 s instead of 9 s");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void whatCannotBeDoneIsSaid() {
        Made reel = made();
        String asked = "{\"window\":\"w\",\"editId\":\"e1\"}";
        String address = "/reels/" + reel.id + "/history/";
        assertThatThrownBy(() -> editor.send("POST", address + "3", asked))
                .hasMessageContaining("It is like that already; nothing was changed.");
        assertThatThrownBy(() -> editor.send("POST", address + "9", asked))
                .hasMessageContaining("There is no such revision.");
        assertThatThrownBy(() -> editor.send("PUT", address + "2/name", "{\"name\":\"" + "x".repeat(81) + "\"}"))
                .hasMessageContaining("81 characters; 80 fit");
        editor.send("PUT", address + "2/name", "{\"name\":\"For a moment\"}");
        editor.send("PUT", address + "2/name", "{\"name\":\"\"}");
        String list =
                editor.text(Running.application().origin() + address.substring(0, address.length() - 1) + "?window=w");
        assertThat(list).doesNotContain("For a moment");
        assertThat(org.jsoup.Jsoup.parse(list).select("[data-revision]").eachAttr("data-revision"))
                .isEqualTo(List.of("3", "2", "1"));
    }
}
