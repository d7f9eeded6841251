package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** How a reel appears when it is scrolled into sight, and what is seen of its pictures until they have come. */
class EntryTest extends ReelPages {
    @Test
    void aReelAppearsWhenItIsScrolledIntoSightAndOneThatIsSeenStays() {
        for (Map.Entry<String, StaticReel> kind : Kinds.some(reels, 3).entrySet()) {
            String below = kind.getValue().choose("motion.entry", null, "rises").below();
            try (Page page = visitor.open(below)) {
                Locator frame = page.locator("keen-reel .frame");
                assertThat(page.locator("keen-reel .run")).hasCount(1);
                assertThat(frame).hasCSS("opacity", "0");
                page.locator("keen-reel").scrollIntoViewIfNeeded();
                page.evaluate("() => scrollBy(0, 400)");
                assertThat(frame).hasCSS("opacity", "1");
                assertThat(frame).hasCSS("transform", "none");
                assertThat(visitor.shifts(page)).isEmpty();
                page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
                page.evaluate("() => scrollTo(0, 0)");
                page.reload();
                assertThat(page.locator("keen-reel .run")).hasCount(1);
                Clock.stands(page);
                assertThat(frame).hasCSS("opacity", "1");
            }
            Page seen = kind.getValue().live();
            assertThat(seen.locator("keen-reel .frame")).hasCSS("opacity", "1");
        }
    }

    @Test
    void untilAPictureHasComeItsOwnColoursAreThere() {
        Page page = Kinds.single(reels).live();
        String behind = (String)
                page.locator("keen-reel .picture-2").evaluate("image => getComputedStyle(image).backgroundImage");
        assertThat(behind.split("radial-gradient", -1)).hasSize(5);
        Page logos = Kinds.marquee(reels).live();
        assertThat(logos.locator("keen-reel .picture-1").first()).hasCSS("background-image", "none");
    }
}
