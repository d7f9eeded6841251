package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Clock;
import com.keenreel.player.Finger;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** On a phone, on a tablet, and with everything at twice its size: all is there, nothing is cut or lies on something else. */
@Tag("browser")
class NarrowWindowTest {
    /**
     * What is wrong on a page: wider than its window, cut words, or things to press that lie on one another. What scrolls by
     * itself is meant to.
     */
    private static final String WRONG = """
            () => {
              const wrong = [];
              const scrolls = '.screens, .cards, .shelves, .set-list, .words-table, .chosen, dialog, [popover]';
              if (document.documentElement.scrollWidth > innerWidth) wrong.push('wider than the window');
              const seen = [...document.querySelectorAll('main *, header *')].filter((one) => one.checkVisibility({ visibilityProperty: true, opacityProperty: true }) && !one.closest(scrolls) && !one.closest('.hidden-name, .skip, svg, .page, .next, .rows .name'));
              const names = (one) => `${one.tagName} ${one.className} "${one.textContent.trim().slice(0, 30)}"`;
              seen.filter((one) => one.matches('h1, h2, button, a, label, strong, .quiet') && getComputedStyle(one).overflow !== 'visible' && one.scrollWidth > one.clientWidth + 1 && one.clientWidth)
                .forEach((one) => wrong.push(`cut: ${names(one)}`));
              const pressed = seen.filter((one) => one.matches('button, a, input, select, textarea') && one.type !== 'range' && one.type !== 'file' && one.getBoundingClientRect().width > 0);
              pressed.forEach((one, i) => pressed.slice(i + 1).forEach((other) => {
                if (one.contains(other) || other.contains(one) || one.closest('label') && one.closest('label') === other.closest('label')) return;
                if (one.matches('.strip, .reel-row [type=checkbox]') || other.matches('.strip, .reel-row [type=checkbox]')) return;
                const a = one.getClientRects()[0];
                const b = other.getClientRects()[0];
                const across = Math.min(a.right, b.right) - Math.max(a.left, b.left);
                const down = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
                if (across > 2 && down > 4) wrong.push(`on one another: ${names(one)} and ${names(other)}`);
              }));
              return wrong;
            }""";

    private static void assertFits(Page page, String what) {
        Clock.frames(page);
        assertThat(page.evaluate(WRONG))
                .as(what + " at " + page.viewportSize().width)
                .isEqualTo(List.of());
    }

    @Test
    void nothingIsCutOrLiesOnSomethingElse() {
        try (Editor editor = new Editor()) {
            Made reel = editor.banner("A name that is rather long for a phone");
            reel.publish();
            reel.say(reel.slides().get(0), "title", "Changed since");
            String picture = editor.picture("banner-glaze-bench.jpg");
            Page page = editor.open("/reels");
            for (int[] window : new int[][] {{390, 844}, {768, 1024}, {640, 400}}) {
                page.setViewportSize(window[0], window[1]);
                for (String address : List.of(
                        "/reels?q=rather",
                        "/reels/" + reel.id,
                        "/reels/" + reel.id + "/publish",
                        "/pictures?q=banner",
                        "/pictures/" + picture,
                        "/practice",
                        "/help")) {
                    page.navigate(Running.application().origin() + address);
                    assertFits(page, address);
                }
                page.navigate(Running.application().origin() + "/reels/" + reel.id);
                page.locator(".card").first().click();
                assertThat(page.locator(".sheet [data-say=title]")).hasValue("Changed since");
                assertFits(page, "a sheet");
                page.locator("[data-do=history]").click();
                assertThat(page.locator("#history [data-revision]")).hasCount(2);
                assertFits(page, "the history");
            }
            assertThat(editor.problems()).isEmpty();
        }
    }

    /** Pictures from the camera to a live page and back, with one finger. */
    @Test
    void aReelIsWorkedOnWithAPhone() throws Exception {
        try (Editor editor = Editor.editingOnPhone()) {
            Made reel = editor.banner("In the hand");
            Page page = reel.bench();
            Locator screens = page.locator(".screen");
            assertThat(screens.nth(0)).isInViewport();
            assertThat(screens.nth(1)).not().isInViewport();
            swipe(page, page.locator(".screens"), -260);
            assertThat(screens.nth(1)).isInViewport();
            assertThat(screens.nth(0)).not().isInViewport();

            page.locator(".card").first().tap();
            page.locator("[data-do=later]").tap();
            assertThat(page.locator("#stored-line")).containsText("revision 2 ");
            assertThat(page.locator(".sheet-head h2")).hasText("Slide 2");
            page.locator(".sheet [data-say=title]").fill("Said on the way");
            page.locator("[data-do=exchange]").tap();
            byte[] photo = Files.readAllBytes(Path.of("src/test/resources/pictures/moss.heic"));
            page.locator("[data-bring]").setInputFiles(new FilePayload("from-the-camera.heic", "image/heic", photo));
            assertThat(page.locator("[data-picked]")).hasText("1 picked");
            page.locator("[data-take]").tap();
            assertThat(page.locator(".sheet-head"))
                    .containsText(java.util.regex.Pattern.compile("(240 × 300|300 × 240)")); // another test turns it
            assertThat(page.locator("#stored-line")).containsText("revision 4 ");
            assertThat(page.locator(".card-title").nth(1)).hasText("Said on the way");

            page.locator(".stored .primary").tap();
            page.locator(".buttons .primary").first().tap();
            assertThat(page.getByText("What you have here is the same.")).isVisible();
            page.getByText("Take down", new Page.GetByTextOptions().setExact(true))
                    .tap();
            assertThat(page.getByText("Taken down.")).isVisible();
            assertThat(editor.problems()).isEmpty();
        }
    }

    /** A finger that goes over something. */
    private static void swipe(Page page, Locator over, int px) {
        var box = over.boundingBox();
        double x = box.x + box.width / 2 - px / 2.0;
        double y = box.y + box.height / 2;
        try (Finger finger = new Finger(page)) {
            finger.down(x, y).to(x + px, y).up();
        }
    }

    /** The phone is turned while something is being changed: nothing is lost, and everything can be reached. */
    @Test
    void thePhoneIsTurnedInTheMiddleOfAChange() {
        try (Editor editor = Editor.editingOnPhone()) {
            Made reel = editor.banner("Turned round");
            Page page = reel.bench();
            page.locator(".card").first().tap();
            Locator title = page.locator(".sheet [data-say=title]");
            title.tap();
            page.keyboard().type("Half a wo");
            page.setViewportSize(844, 390);
            page.keyboard().type("rd");
            assertThat(title).hasValue("Half a word");
            assertThat(title).isFocused();
            assertFits(page, "a sheet, turned");
            assertThat(page.locator("#stored-line")).containsText("revision 2 ");
            page.setViewportSize(390, 844);
            page.locator("[data-do=brief]").tap();
            page.locator(".brief-column .word").first().tap();
            Locator panel = page.locator(".control-panel:popover-open");
            assertThat(panel).isVisible();
            page.setViewportSize(844, 390);
            Clock.frames(page);
            var box = panel.boundingBox();
            assertThat(box.y).isGreaterThanOrEqualTo(0);
            assertThat(box.y + box.height).isLessThanOrEqualTo(390);
            assertThat(box.x + box.width).isLessThanOrEqualTo(844);
            panel.locator(".choice[aria-pressed=false]").first().tap();
            assertThat(page.locator("#stored-line")).containsText("revision 3 ");
            assertThat(editor.problems()).isEmpty();
        }
    }
}
