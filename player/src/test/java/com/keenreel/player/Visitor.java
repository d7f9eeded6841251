package com.keenreel.player;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;

/**
 * A person at a browser. Every error in a console, every answer of 400 or above and every layout shift is noted;
 * {@link #problems} must be empty at the end.
 */
public class Visitor implements AutoCloseable {
    private static final String WATCH_SHIFTS = """
            (() => {
              const shifts = [];
              const note = (entries) => entries.forEach((entry) =>
                shifts.push(entry.value.toFixed(5) + ' ' + entry.startTime.toFixed(0) + ' ' + entry.sources.map(({ node, previousRect: from, currentRect: to }) =>
                  `${node?.className ?? node?.nodeName} ${[from.x, from.y, from.width, from.height]} -> ${[to.x, to.y, to.width, to.height]}`).join()));
              const observer = new PerformanceObserver((list) => note(list.getEntries()));
              observer.observe({ type: 'layout-shift', buffered: true });
              window.shifts = async () => { // a shift is told of after the frame that shows it
                for (let i = 0; i < 3; i++) await new Promise(requestAnimationFrame);
                note(observer.takeRecords());
                return shifts;
              };
            })();
            """;

    /** How long a page may take to answer, ms: a busy machine is slow, not wrong. */
    private static final int PATIENCE = 60_000;

    private final BrowserContext context;
    private final List<String> problems = new ArrayList<>();

    /** A visitor with a window of 1280 by 800 px. */
    public Visitor() {
        this(true, window());
    }

    /** A visitor whose browser runs scripts, or does not. */
    public Visitor(boolean scripts) {
        this(scripts, window());
    }

    /** A visitor with a browser of those options. */
    protected Visitor(boolean scripts, Browser.NewContextOptions options) {
        context = Chromium.browser()
                .newContext(options.setJavaScriptEnabled(scripts)
                        .setPermissions(scripts ? List.of("clipboard-read", "clipboard-write") : List.of()));
        context.setDefaultTimeout(PATIENCE);
        if (scripts) {
            context.addInitScript(WATCH_SHIFTS);
        }
        context.onConsoleMessage(message -> {
            if (message.type().equals("error") || message.type().equals("warning")) {
                problems.add("console " + message.type() + ": " + message.text() + " " + message.location());
            }
        });
        context.onWebError(error -> problems.add("script error: " + error.error()));
        context.onResponse(answer -> {
            if (answer.status() >= 400) {
                problems.add(answer.status() + " " + answer.url());
            }
        });
    }

    /** A window of 1280 by 800 px. */
    protected static Browser.NewContextOptions window() {
        return new Browser.NewContextOptions().setViewportSize(1280, 800);
    }

    /** A phone of 390 by 844 px, with a finger. */
    protected static Browser.NewContextOptions phone() {
        return new Browser.NewContextOptions()
                .setViewportSize(390, 844)
                .setHasTouch(true)
                .setIsMobile(true);
    }

    /** A visitor with a phone. */
    public static Visitor onPhone() {
        return new Visitor(true, phone());
    }

    /** The browser's cookies, permissions and pages. */
    protected BrowserContext context() {
        return context;
    }

    /** A new page, empty. */
    public Page blank() {
        Page page = context.newPage();
        page.mouse().move(1279, 799); // a browser without windows has it at 0, 0, where much of what is tested stands
        return page;
    }

    /** A new page with what is at that address. */
    public Page open(String address) {
        Page page = context.newPage();
        page.navigate(address);
        page.mouse().move(1279, 799); // as above, once there is something to be pointed at
        return page;
    }

    /** What went wrong in any of its pages. */
    public List<String> problems() {
        return problems;
    }

    /** The layout shifts of a page so far. */
    @SuppressWarnings("unchecked")
    public List<String> shifts(Page page) {
        return (List<String>) page.evaluate("window.shifts()");
    }

    @Override
    public void close() {
        context.close();
    }
}
