package com.keenreel.measure;

import com.google.gson.JsonObject;
import com.keenreel.app.Editor;
import com.keenreel.app.Editor.Made;
import com.keenreel.core.Sampled;
import com.keenreel.player.Chromium;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import tools.jackson.databind.JsonNode;

/**
 * What each arrangement costs while it moves, on a processor that is slowed to a quarter, from the browser's trace: how many
 * frames waited for the page's own thread longer than a screen shows one, and what of the reel was laid out or painted anew.
 */
final class MeasureMotion {
    /** How long a screen shows a frame, at 60 a second, ms. */
    private static final double FRAME = 1000 / 60.0;

    private static final String PRESSED = """
            async (ms) => {
              document.querySelector('keen-reel').shadowRoot.querySelector('.arrow-next').click();
              await new Promise((done) => setTimeout(done, 300));
              performance.mark('moves');
              await new Promise((done) => setTimeout(done, ms));
              performance.mark('stands');
            }""";

    private static final String WAITED = """
            async (ms) => {
              performance.mark('moves');
              await new Promise((done) => setTimeout(done, ms));
              performance.mark('stands');
            }""";

    /** Through the reel, a few px a frame. */
    private static final String SCROLLED = """
            async (ms) => {
              performance.mark('moves');
              const began = performance.now();
              for (let gone = 0; gone < ms; gone = performance.now() - began) {
                scrollTo(0, 200 + gone / 2);
                await new Promise(requestAnimationFrame);
              }
              performance.mark('stands');
            }""";

    private final Figures figures;
    private final Browser browser = Chromium.browser();
    private final Editor editor = new Editor();

    private MeasureMotion(Figures figures) {
        this.figures = figures;
    }

    public static void main(String[] args) {
        Figures.of(MeasureMotion::measure);
    }

    /** Measures it. */
    static void measure(Figures figures) {
        new MeasureMotion(figures).run();
    }

    /**
     * What is looked at while it moves.
     *
     * @param reel makes it
     * @param how what makes it move
     */
    private record Moving(String name, Supplier<Made> reel, String how) {}

    private void run() {
        List<Moving> all = all();
        Sampled.of(all, Figures.times(all.size(), 1))
                .forEach(one -> measure(one.name(), one.reel().get(), one.how()));
    }

    private List<Moving> all() {
        List<Moving> all = new ArrayList<>();
        for (String kind :
                List.of("crossfade", "colour", "along", "over-left", "wipe-left", "zoom", "slats", "tiles", "swing")) {
            all.add(new Moving(
                    "single." + kind,
                    () -> made("banner")
                            .choose("motion.autoplay", null, "false")
                            .choose("motion.transition", null, kind),
                    PRESSED));
        }
        all.add(new Moving(
                "single.drift",
                () -> made("banner").choose("motion.hold", null, "20").choose("motion.drift", null, "toward"),
                WAITED));
        all.add(new Moving("row", () -> made("row"), PRESSED));
        all.add(new Moving("depth", () -> made("depth"), PRESSED));
        all.add(new Moving("marquee", () -> made("marquee"), WAITED));
        for (String scrolled : List.of("grid", "wordrows", "standing")) {
            all.add(new Moving(scrolled, () -> made(scrolled), SCROLLED));
        }
        return all;
    }

    private Made made(String starter) {
        Made reel = editor.make(
                "Moving " + starter,
                starter,
                "full",
                "plate-01-quatrefoil.jpg",
                "plate-02-eight-star.jpg",
                "plate-03-target-square.jpg",
                "plate-04-fan.jpg",
                "plate-08-pinwheel.jpg",
                "plate-10-chevron.jpg",
                "plate-12-dahlia.jpg");
        int n = 0;
        for (String slide : reel.slides()) {
            n++;
            reel.say(slide, "title", "Plate " + n).say(slide, "text", "Tiles, glazed by hand and laid by eye.");
        }
        return List.of("banner", "row", "depth").contains(starter) ? reel.choose("motion.time", null, "3") : reel;
    }

    private static JsonObject throttled() {
        JsonObject rate = new JsonObject();
        rate.addProperty("rate", 4);
        return rate;
    }

    private void measure(String name, Made reel, String how) {
        String address = reel.publish().path("address").asString();
        try (BrowserContext context = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))) {
            Page page = context.newPage();
            page.navigate(address);
            page.evaluate("() => document.querySelector('keen-reel').ready");
            page.evaluate("() => { document.body.style.padding = '700px 0 1500px'; }");
            page.waitForTimeout(Figures.times(1000, 100));
            page.evaluate(how, Figures.times(2000, 100)); // every picture was seen once
            page.evaluate("() => scrollTo(0, 650)");
            page.waitForTimeout(Figures.times(2500, 300));
            CDPSession session = context.newCDPSession(page);
            session.send("Emulation.setCPUThrottlingRate", throttled());
            browser.startTracing(
                    page,
                    new Browser.StartTracingOptions()
                            .setCategories(List.of(
                                    "devtools.timeline",
                                    "disabled-by-default-devtools.timeline",
                                    "disabled-by-default-devtools.timeline.frame",
                                    "blink.user_timing")));
            page.evaluate(how, Figures.times(2000, 1100));
            read(
                    name,
                    Editor.JSON
                            .readTree(new String(browser.stopTracing(), StandardCharsets.UTF_8))
                            .path("traceEvents"));
        }
    }

    private void read(String name, JsonNode trace) {
        double start = 0;
        double end = 0;
        int thread = 0;
        for (JsonNode event : trace) {
            switch (event.path("name").asString()) {
                case "moves" -> {
                    start = event.path("ts").asDouble();
                    thread = event.path("tid").asInt();
                }
                case "stands" -> end = event.path("ts").asDouble();
                default -> {
                    // something else
                }
            }
        }
        double drawn = 0;
        double layouts = 0;
        double paints = 0;
        List<Double> tasks = new ArrayList<>();
        for (JsonNode event : trace) {
            double at = event.path("ts").asDouble();
            if (at <= start || at >= end) {
                continue;
            }
            switch (event.path("name").asString()) {
                case "DrawFrame" -> drawn++;
                case "Layout" -> layouts++;
                case "Paint" -> paints++;
                case "RunTask" -> {
                    if (event.path("tid").asInt() == thread) {
                        tasks.add(event.path("dur").asDouble() / 1000);
                    }
                }
                default -> {
                    // something else
                }
            }
        }
        if (end - start < 1_000_000 || tasks.isEmpty()) {
            throw new IllegalStateException("The trace of " + name + " does not show that it moves.");
        }
        double late = tasks.stream().filter(ms -> ms > FRAME).count();
        figures.atLeast(
                name + ".frames", drawn / ((end - start) / 1e6), "drawn a second, a quarter of the processor", 20);
        figures.atMost(name + ".late", 100 * late / Math.max(1, drawn), "% of frames wait longer than 16.7 ms", 1);
        figures.atMost(name + ".layouts", layouts / Math.max(1, drawn), "a frame", 0);
        figures.atMost(name + ".paints", paints / Math.max(1, drawn), "a frame", 0);
    }
}
