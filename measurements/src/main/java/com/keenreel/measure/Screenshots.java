package com.keenreel.measure;

import com.keenreel.player.Chromium;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.ScreenshotScale;
import java.nio.file.Path;
import java.util.function.Consumer;

/**
 * Takes pictures of a running Keen Reel. With an address and a file it takes that one; with the demonstration's two
 * addresses and a folder it takes one of every main view.
 */
public final class Screenshots {
    private final BrowserContext context = Chromium.browser()
            .newContext(new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(1280, 800));
    private final String origin;
    private final String site;
    private final Path folder;

    private Screenshots(String origin, String site, Path folder) {
        this.origin = origin;
        this.site = site;
        this.folder = folder;
    }

    /** {@code ADDRESS FILE.png} or {@code APPLICATION PRACTICE-SITE FOLDER}. */
    public static void main(String[] args) {
        if (args.length == 2) {
            new Screenshots("", "", Path.of("")).take(args[0], args[1], page -> {});
        } else {
            new Screenshots(args[0], args[1], Path.of(args[2])).all();
        }
        System.exit(0);
    }

    private void all() {
        take(origin + "/reels", "reels.png", page -> {});
        take(origin + "/reels", "new-reel.png", page -> {
            page.getByText("Comparison", new Page.GetByTextOptions().setExact(true))
                    .click();
            page.locator(".drop .word").last().click();
            page.locator("#pick button", new Page.LocatorOptions().setHasText("floor-3-before.jpg"))
                    .click();
            page.locator("#pick button", new Page.LocatorOptions().setHasText("floor-3-after.jpg"))
                    .click();
            page.locator("[data-take]").click();
            page.getByLabel("Name of the reel").fill("Floor of the reading room");
        });
        bench("Open workshop days", "bench-single.png", page -> {});
        bench(
                "Open workshop days",
                "slide.png",
                page -> page.locator(".card").nth(1).click());
        bench("Open workshop days", "brief-control.png", page -> {
            page.locator("[data-key='word-set-shape-ratio-all']").click();
            page.locator(".control-panel:popover-open [data-set-scope=phone]").click();
        });
        bench("Commissions, spring to autumn", "bench-row.png", page -> {});
        bench("Who we work with", "bench-marquee.png", page -> {});
        bench("Floors, before and after", "bench-pair.png", page -> {});
        bench("Two floors, taken by hand", "line-up.png", page -> {
            page.locator(".card").first().click();
            page.locator("[data-do=compare]").click();
            page.locator("[data-do=measure]").click();
            page.locator(".compare-stage meter, [data-figure=confidence]")
                    .first()
                    .waitFor();
        });
        take(origin + "/pictures", "pictures.png", page -> {});
        take(origin + "/pictures", "pictures-words.png", page -> {
            page.locator(".set-list a", new Page.LocatorOptions().setHasText("Restored floors"))
                    .click();
            for (int i = 1; i < 5; i++) {
                page.locator(".row [type=checkbox]").nth(i).check(new Locator.CheckOptions().setForce(true));
            }
            page.locator(".chosen-do button").first().click();
            page.waitForTimeout(600);
        });
        take(
                origin + "/pictures?q=glaze+bench",
                "picture.png",
                page -> page.locator(".row .name").first().click());
        bench(
                "Glaze colours",
                "bench-words.png",
                page -> page.locator(".card").nth(1).click());
        bench(
                "Walls of this year",
                "arrangements.png",
                page -> page.locator("[data-key=word-set-arrangement-all]").click());
        bench("Open workshop days", "bench-history.png", page -> {
            page.locator("[data-do=history]").click();
            page.locator("#history [data-look]").nth(3).click();
        });
        take(origin + "/practice/welcome", "practice.png", page -> {});
        take(site + "/walls", "practice-site-walls.png", page -> {});
        bench(
                "Commissions, spring to autumn",
                "publish.png",
                page -> page.locator("a.primary").click());
        bench(
                "Open workshop days",
                "bench-dark.png",
                page -> page.locator(".theme").click()); // stays dark from here on
    }

    private void bench(String name, String file, Consumer<Page> before) {
        take(origin + "/reels", file, page -> {
            page.locator("h2 a", new Page.LocatorOptions().setHasText(name)).click();
            page.waitForLoadState(LoadState.NETWORKIDLE);
            before.accept(page);
        });
    }

    private void take(String address, String file, Consumer<Page> before) {
        try (Page page = context.newPage()) {
            page.navigate(address);
            page.waitForLoadState(LoadState.NETWORKIDLE);
            before.accept(page);
            page.waitForTimeout(900);
            page.screenshot(
                    new Page.ScreenshotOptions().setPath(folder.resolve(file)).setScale(ScreenshotScale.CSS));
            System.out.println(file);
        }
    }
}
