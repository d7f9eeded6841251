package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Slides in depth on a live page: brought to the front by presses, keys and a hand, round and round. */
class DepthInBrowserTest extends ReelPages {
    private static final Pattern NOW = Pattern.compile("\\bnow\\b");

    private static Locator slide(Page page, int n) {
        return page.locator("keen-reel .slide-" + n);
    }

    private static double middle(Page page, int n) {
        var box = slide(page, n).boundingBox();
        return box.x + box.width / 2;
    }

    @Test
    void aPressOnANeighbourBringsItToTheFrontAndTheFirstFollowsTheLast() {
        StaticReel reel = Kinds.depth(reels);
        try (Page page = reel.live()) {
            double front = middle(page, 1);
            var neighbour = slide(page, 3).boundingBox(); // the outer one of the right side
            page.mouse().click(neighbour.x + neighbour.width - 6, neighbour.y + neighbour.height / 2);
            assertThat(slide(page, 3)).hasClass(NOW);
            Clock.still(page);
            assertThat(middle(page, 3)).isCloseTo(front, within(0.1));
            page.locator("keen-reel .arrow-next").focus();
            for (int i = 0; i < 4; i++) {
                page.keyboard().press("ArrowRight"); // quick presses are all counted
            }
            assertThat(slide(page, 1)).hasClass(NOW); // 3, 4, 5, 6, and round
            page.keyboard().press("ArrowLeft");
            assertThat(slide(page, 6)).hasClass(NOW);
            assertThat(page.locator("keen-reel .slide[inert]")).hasCount(5);
        }
    }

    /** Half-way in time it stands where the easing says; and a hand scrubs the same way continuously. */
    @Test
    void aChangeAndAHandPassThroughTheSameStances() {
        StaticReel reel = Kinds.depth(reels);
        try (Page page = reel.live()) {
            double front = middle(page, 1);
            double aside = middle(page, 2);
            Clock.press(page, ".arrow-next", 0);
            assertThat(middle(page, 2)).isCloseTo(aside, within(0.1));
            double former = aside;
            for (double share : List.of(0.0, 0.2, 0.4, 0.6, 0.8, 0.999)) {
                Clock.hold(page, share);
                double there = middle(page, 2);
                assertThat(there).isLessThanOrEqualTo(former + 0.01);
                former = there;
            }
            assertThat(former).isCloseTo(front, within(0.5));
            Clock.end(page);
            assertThat(slide(page, 2)).hasClass(NOW);

            var box = slide(page, 2).boundingBox();
            double x = box.x + box.width / 2;
            double y = box.y + box.height / 4;
            page.mouse().move(x, y);
            page.mouse().down();
            double at = middle(page, 3);
            for (int by = 10; by <= 300; by += 10) {
                page.mouse().move(x - by, y);
                double now = middle(page, 3);
                assertThat(at - now).as("moved by %s", by).isBetween(0.0, 40.0);
                at = now;
            }
            page.mouse().up();
            assertThat(slide(page, 3)).hasClass(NOW);
        }
    }
}
