package com.keenreel.player;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Debian's Chromium, started once for a whole run of tests. */
public final class Chromium {
    /** Where the package puts the browser that people have. */
    public static final String PATH = "/usr/bin/chromium";

    /**
     * The program that tests drive. A run of all tests takes the same browser without its windows, which needs a quarter less
     * of the processor; measurements, and tests of the demonstration, take the one that people have.
     */
    private static final String DRIVEN = System.getProperty("keen-reel.browser", PATH);

    /** The arguments with which it asks for nothing on its own. */
    public static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** How long an assertion waits for what it expects, ms: a busy machine is slow, not wrong. */
    private static final int PATIENCE = 40_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
    }

    private static @Nullable Browser browser;

    private Chromium() {}

    /** The browser. */
    public static synchronized Browser browser() {
        Browser running = browser;
        if (running == null) {
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            running = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of(DRIVEN))
                            // what is drawn anew in part has other edges than what is drawn at once
                            .setArgs(Stream.concat(FLAGS.stream(), Stream.of("--disable-partial-raster"))
                                    .toList()));
            browser = running;
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        }
        return running;
    }
}
