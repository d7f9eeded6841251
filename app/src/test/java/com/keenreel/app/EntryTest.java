package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.player.Kinds;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** How a reel appears when it is scrolled into sight, and what is seen of its pictures until they have come. */
class EntryTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    @Test
    void aReelAppearsWhenItIsScrolledIntoSightAndOneThatIsSeenStays() {
        for (Map.Entry<String, Editor.Made> kind : Kinds.some(editor, 3).entrySet()) {
            String below = kind.getValue().choose("motion.entry", null, "rises").below();
            try (Page page = editor.open(below)) {
                Locator frame = page.locator("keen-reel .frame");
                assertThat(page.locator("keen-reel .run")).hasCount(1);
                assertThat(frame).hasCSS("opacity", "0");
                page.locator("keen-reel").scrollIntoViewIfNeeded();
                page.evaluate("() => scrollBy(0, 400)");
                assertThat(frame).hasCSS("opacity", "1");
                assertThat(frame).hasCSS("transform", "none");
                assertThat(editor.shifts(page)).isEmpty();
                page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
                page.evaluate("() => scrollTo(0, 0)");
                page.reload();
                assertThat(page.locator("keen-reel .run")).hasCount(1);
                page.waitForTimeout(500);
                assertThat(frame).hasCSS("opacity", "1");
            }
            Page seen = kind.getValue().live();
            seen.waitForTimeout(500);
            assertThat(seen.locator("keen-reel .frame")).hasCSS("opacity", "1");
        }
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void untilAPictureHasComeItsOwnColoursAreThere() {
        Page page = Kinds.single(editor).live();
        String behind = (String)
                page.locator("keen-reel .picture-2").evaluate("image => getComputedStyle(image).backgroundImage");
        assertThat(behind.split("radial-gradient", -1)).hasSize(5);
        Page logos = Kinds.marquee(editor).live();
        assertThat(logos.locator("keen-reel .picture-1").first()).hasCSS("background-image", "none");
        assertThat(editor.problems()).isEmpty();
    }
}
