package com.keenreel.player;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;

/** Tests of published reels in pages: each has a visitor and a site of its own, and ends without a problem noted. */
@Tag("browser")
abstract class ReelPages {
    /** Opens the pages. */
    final Visitor visitor = new Visitor();

    /** Makes the reels, and serves what is published of them. */
    final ReelSite reels = new ReelSite(visitor);

    /** Has pages of somebody else's. */
    final Site pages = new Site();

    @AfterEach
    final void close() {
        try {
            assertThat(visitor.problems()).isEmpty();
        } finally {
            visitor.close();
            reels.close();
            pages.close();
        }
    }

    /** Opens a page of somebody else's with that code between two lines of words. */
    final Page open(String code) {
        return visitor.open(pages.page("/page", Pages.around(code), Map.of()));
    }

    /** Opens a page on which a reel stands once in a box of each of those widths, CSS px, in their order. */
    final Page hosts(StaticReel reel, double... widths) {
        String element = reel.plainElement().replaceAll("<script.*?</script>", "");
        StringBuilder boxes = new StringBuilder("<body>");
        for (double width : widths) {
            boxes.append("<div style=\"width:")
                    .append(width)
                    .append("px\">")
                    .append(element)
                    .append("</div>");
        }
        boxes.append("<script src=\"").append(reels.origin()).append("/reel.js\"></script></body>");
        Page page = visitor.open(pages.page("/hosts", Pages.html("", boxes.toString()), Map.of()));
        page.waitForFunction(
                "count => [...document.querySelectorAll('keen-reel')].filter(({ shadowRoot }) => shadowRoot?.querySelector('.run')).length === count",
                widths.length);
        return page;
    }

    /** Makes a page's body that wide, in a window that has room for it, CSS px. */
    static void widen(Page page, double width) {
        page.setViewportSize((int) Math.ceil(width), 1000);
        page.evaluate("width => document.body.style.width = width + 'px'", width);
    }

    static List<Double> listed(double... widths) {
        return Arrays.stream(widths).boxed().toList();
    }
}
