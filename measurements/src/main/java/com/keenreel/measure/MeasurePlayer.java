package com.keenreel.measure;

import com.keenreel.app.Editor;
import com.keenreel.app.Editor.Made;
import com.keenreel.app.Front;
import com.keenreel.player.Chromium;
import com.keenreel.publish.Needs;
import com.keenreel.publish.PlayerFiles;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.GZIPOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import tools.jackson.databind.JsonNode;

/**
 * What a reel costs the page it stands on: against a bare page with the same first picture, in alternating loads with an
 * empty cache, everything through the same web server on this machine.
 */
final class MeasurePlayer {
    private static final int LOADS = Figures.times(30, 1);
    private static final int TWENTY = Figures.times(20, 4);

    private static final String WATCH = """
            window.lcp = 0;
            window.cls = 0;
            new PerformanceObserver((list) => list.getEntries().forEach((entry) => { window.lcp = entry.startTime; }))
              .observe({ type: 'largest-contentful-paint', buffered: true });
            new PerformanceObserver((list) => list.getEntries().forEach((entry) => { window.cls += entry.value; }))
              .observe({ type: 'layout-shift', buffered: true });
            """;

    /** A frame's own figures start when its document does. */
    private static final String SEEN = """
            (() => {
              const inner = frames[0];
              const later = inner ? inner.performance.timeOrigin - performance.timeOrigin : 0;
              return [inner ? inner.lcp + later : lcp, cls + (inner ? inner.cls : 0)];
            })()""";

    private final Figures figures;
    private final Browser browser = Chromium.browser();
    private final Editor editor = new Editor();
    private final Front front = new Front();

    private MeasurePlayer(Figures figures) {
        this.figures = figures;
    }

    public static void main(String[] args) {
        Figures.of(MeasurePlayer::measure);
    }

    /** Measures it. */
    static void measure(Figures figures) throws Exception {
        new MeasurePlayer(figures).run();
    }

    private void run() throws Exception {
        editor.publicAddress(front.origin());
        front.caching();
        Made reel = editor.make(
                "Measured",
                "banner",
                "full",
                "banner-workshop-day.jpg",
                "banner-glaze-bench.jpg",
                "banner-long-room.jpg",
                "banner-kiln-glow.jpg",
                "banner-dusk-works.jpg");
        reel.say(reel.slides().get(0), "title", "Open workshop days");
        size();
        loads(reel);
        frames(reel);
        band();
        twenty();
        editor.publicAddress("");
    }

    private void size() throws IOException {
        Needs banner = new Needs("", "change", Set.of(), Set.of());
        Needs comparison = new Needs("", "nothing", Set.of(Needs.Beside.PAIRS), Set.of());
        Needs band = new Needs("", "time", Set.of(), Set.of());
        figures.atMost("player.size.banner", size(banner), "kB gzip with the shell", 5);
        figures.atMost("player.size.comparison", size(comparison), "kB gzip with the shell", 5);
        atMostSeven("row", "position", Needs.Beside.TIMED, Needs.Beside.TURNING);
        atMostSeven("pages", "position", Needs.Beside.TIMED, Needs.Beside.ENTERING);
        atMostSeven("depth", "distance", Needs.Beside.TIMED);
        atMostSeven("single", "change", Needs.Beside.TIMED, Needs.Beside.DRIFTING, Needs.Beside.CUTTING);
        figures.reported(
                "player.size.larger",
                packed(PlayerFiles.shipped().larger().bytes()) / 1000.0,
                "kB gzip, the larger view at its first press");
        figures.atMost("player.size.band", size(band), "kB gzip with the shell", 5);
        figures.atMost(
                "player.size.page", size(banner, comparison, band), "kB gzip, three different reels on a page", 12);
    }

    /** Reels of that kind with comparisons, the larger view and another order on every visit. */
    private void atMostSeven(String kind, String lead, Needs.Beside... more) throws IOException {
        Set<Needs.Beside> all = EnumSet.of(Needs.Beside.PAIRS, Needs.Beside.LARGER, Needs.Beside.ANEW);
        all.addAll(List.of(more));
        figures.atMost(
                "player.size." + kind,
                size(new Needs("", lead, all, Set.of())),
                "kB gzip with the shell, with all it may need",
                7);
    }

    /** The players that those need with the shell, kB. */
    private static double size(Needs... all) throws IOException {
        PlayerFiles shipped = PlayerFiles.shipped();
        int size = packed(shipped.shell().bytes());
        for (Needs needs : all) {
            size += packed(shipped.player(needs).bytes());
        }
        return size / 1000.0;
    }

    private static int packed(byte[] bytes) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(packed)) {
            out.write(bytes);
        }
        return packed.size();
    }

    private static String html(String body) {
        return "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>Measured</title>"
                + "<link rel=\"icon\" href=\"data:,\"></head><body style=\"margin:0\"><p>A line of words above.</p>"
                + body
                + "<p>A line of words below.</p></body></html>";
    }

    /** The pages that are compared, by name; the bare one first. */
    private Map<String, String> pages(Made reel) throws Exception {
        JsonNode code = reel.publish();
        String element = code.path("element").asString();
        String picture = org.jsoup.Jsoup.parse(element).select("img").first().attr("srcset");
        String bare = "<img srcset=\"" + picture + "\" sizes=\"100vw\" width=\"1920\" height=\"800\" alt=\"\""
                + " style=\"display:block;width:100%;height:auto;aspect-ratio:12/5;object-fit:cover\">";
        Map<String, String> pages = new LinkedHashMap<>();
        pages.put("bare", front.page("/bare", html(bare), Map.of()));
        pages.put("element", front.page("/element", html(element), Map.of()));
        pages.put("address", code.path("address").asString());
        pages.put("folder", folder(reel));
        pages.put("frame", front.page("/frame", html(code.path("frame").asString()), Map.of()));
        return pages;
    }

    private String folder(Made reel) throws IOException {
        byte[] zip = editor.bytes("/reels/" + reel.id + "/folder");
        String start = "";
        try (ZipInputStream entries = new ZipInputStream(new java.io.ByteArrayInputStream(zip))) {
            for (ZipEntry entry = entries.getNextEntry(); entry != null; entry = entries.getNextEntry()) {
                String name = entry.getName();
                String type = name.endsWith(".html")
                        ? "text/html;charset=utf-8"
                        : name.endsWith(".css") ? "text/css" : name.endsWith(".js") ? "text/javascript" : "image/webp";
                String address =
                        front.file("/" + name.replace(" ", "-"), entries.readAllBytes(), Map.of("Content-Type", type));
                start = name.endsWith("index.html") ? address : start;
            }
        }
        return start;
    }

    private void loads(Made reel) throws Exception {
        Map<String, String> pages = pages(reel);
        try (UnwatchedBrowser chromium = new UnwatchedBrowser()) {
            for (int i = 0; i < Figures.times(10, 0); i++) {
                for (String address : pages.values()) {
                    load(chromium, address, 0); // everything is warm but the visitors' caches
                }
            }
            front.still(true);
            loads(chromium, pages);
        }
        front.still(false);
        front.latency(0);
    }

    private void loads(UnwatchedBrowser chromium, Map<String, String> pages) throws Exception {
        for (int latency : new int[] {0, 40}) {
            front.latency(latency);
            Map<String, double[]> paints = new LinkedHashMap<>();
            Map<String, Double> shifts = new LinkedHashMap<>();
            for (int i = 0; i < LOADS; i++) {
                for (Map.Entry<String, String> page : pages.entrySet()) {
                    double[] seen = load(chromium, page.getValue(), latency);
                    paints.computeIfAbsent(page.getKey(), any -> new double[LOADS])[i] = seen[0];
                    shifts.merge(page.getKey(), seen[1], Math::max);
                }
            }
            double bare = Figures.median(paints.get("bare"));
            figures.reported("lcp." + latency + "ms.bare", bare, "ms");
            paint("address", latency, paints, Math.max(bare * 1.05, bare + 10));
            paint("folder", latency, paints, Math.max(bare * 1.05, bare + 10));
            paint("element", latency, paints, Math.max(bare * 1.1, bare + 10));
            figures.reported("lcp." + latency + "ms.frame", Figures.median(paints.get("frame")), "ms");
            shifts.forEach((page, worst) -> figures.atMost("cls." + latency + "ms." + page, worst, "worst", 0.0005));
        }
    }

    private void paint(String page, int latency, Map<String, double[]> paints, double most) {
        figures.atMost("lcp." + latency + "ms." + page, Figures.median(paints.get(page)), "ms", most);
    }

    /** {largest contentful paint in ms, cumulative layout shift} of one load with an empty cache. */
    private static double[] load(UnwatchedBrowser chromium, String address, int latency) throws Exception {
        JsonNode seen = chromium.load(address, WATCH, Figures.times(500, 250) + 6 * latency, SEEN);
        return new double[] {seen.path(0).asDouble(), seen.path(1).asDouble()};
    }

    /** What the main thread lays out and paints while one slide crossfades into the next, from the browser's trace. */
    private void frames(Made reel) {
        reel.choose("motion.hold", null, "0.5").choose("motion.time", null, "3").publish();
        try (BrowserContext context = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))) {
            Page page = context.newPage();
            page.navigate(front.origin() + "/r/measured");
            page.evaluate("() => document.querySelector('keen-reel').ready");
            page.waitForTimeout(Figures.times(5000, 500)); // pictures of the first slides are there
            browser.startTracing(
                    page,
                    new Browser.StartTracingOptions()
                            .setCategories(List.of(
                                    "devtools.timeline",
                                    "disabled-by-default-devtools.timeline.frame",
                                    "blink.user_timing")));
            page.evaluate("""
                    async () => {
                      const root = document.querySelector('keen-reel').shadowRoot;
                      const wait = (ms) => new Promise((done) => setTimeout(done, ms));
                      while (root.querySelector('.coming')) await wait(20);
                      while (!root.querySelector('.coming')) await wait(20);
                      await wait(300);
                      performance.mark('changing starts');
                      await wait(2000);
                      performance.mark('changing ends');
                      await wait(100);
                    }""");
            JsonNode trace = Editor.JSON
                    .readTree(new String(browser.stopTracing(), StandardCharsets.UTF_8))
                    .path("traceEvents");
            double start = 0;
            double end = 0;
            for (JsonNode event : trace) {
                start = event.path("name").asString().equals("changing starts")
                        ? event.path("ts").asDouble()
                        : start;
                end = event.path("name").asString().equals("changing ends")
                        ? event.path("ts").asDouble()
                        : end;
            }
            Map<String, Integer> counts = new LinkedHashMap<>(Map.of("Layout", 0, "Paint", 0, "DrawFrame", 0));
            for (JsonNode event : trace) {
                double at = event.path("ts").asDouble();
                if (at > start && at < end) {
                    counts.computeIfPresent(event.path("name").asString(), (name, count) -> count + 1);
                }
            }
            if (end - start < 1_000_000) {
                throw new IllegalStateException("The trace does not show a change.");
            }
            double drawn = counts.get("DrawFrame");
            figures.atLeast("autoplay.frames", drawn / ((end - start) / 1e6), "drawn a second of a crossfade", 20);
            figures.atMost("autoplay.layouts", counts.get("Layout") / Math.max(1, drawn), "a frame", 0);
            figures.atMost("autoplay.paints", counts.get("Paint") / Math.max(1, drawn), "a frame", 0);
        }
    }

    private void band() {
        Made band = editor.make(
                "Measured band",
                "marquee",
                "full",
                "logos/harskel-lime.svg",
                "logos/tundleby.svg",
                "logos/ovenwick.svg",
                "logos/mosscapel.svg",
                "logos/pellard-voe.svg");
        String address = band.publish().path("address").asString();
        try (BrowserContext context = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))) {
            Page page = context.newPage();
            CDPSession session = context.newCDPSession(page);
            session.send("Performance.enable");
            page.navigate(address);
            page.evaluate("() => document.querySelector('keen-reel').ready");
            page.waitForTimeout(Figures.times(2000, 300));
            double before = metric(session, "TaskDuration");
            page.waitForTimeout(Figures.times(8000, 300));
            double busy = (metric(session, "TaskDuration") - before) / (Figures.times(8000, 300) / 1000.0);
            figures.atMost("marquee.main-thread", busy * 100, "% of the time", 1);
        }
    }

    private void twenty() {
        String[] starters = {"banner", "row", "comparison", "marquee"};
        StringBuilder body = new StringBuilder();
        for (int i = 0; i < TWENTY; i++) {
            body.append(editor.make(
                            "Twenty " + i,
                            starters[i % 4],
                            "full",
                            "plate-01-quatrefoil.jpg",
                            "plate-02-eight-star.jpg",
                            "plate-03-target-square.jpg",
                            "plate-04-fan.jpg",
                            "commission-01.jpg",
                            "commission-02.jpg")
                    .publish()
                    .path("element")
                    .asString());
        }
        String address = front.page("/twenty", html(body.toString()), Map.of());
        String bare = front.page("/none", html(""), Map.of());
        double[] took = new double[Figures.times(5, 1)];
        for (int i = 0; i < took.length; i++) {
            took[i] = script(address, TWENTY) - script(bare, 0);
        }
        figures.atMost("twenty.script", Figures.median(took), "ms of script to start twenty reels", 100);
    }

    private double script(String address, int reels) {
        try (BrowserContext context = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))) {
            Page page = context.newPage();
            CDPSession session = context.newCDPSession(page);
            session.send("Performance.enable");
            page.navigate(address);
            page.waitForFunction(
                    "n => [...document.querySelectorAll('keen-reel')].filter((one) => one.shadowRoot?.querySelector('.run')).length === n",
                    reels,
                    new Page.WaitForFunctionOptions().setPollingInterval(200));
            page.waitForTimeout(Figures.times(500, 50));
            return metric(session, "ScriptDuration") * 1000;
        }
    }

    private static double metric(CDPSession session, String name) {
        for (var metric : session.send("Performance.getMetrics").getAsJsonArray("metrics")) {
            if (metric.getAsJsonObject().get("name").getAsString().equals(name)) {
                return metric.getAsJsonObject().get("value").getAsDouble();
            }
        }
        throw new IllegalStateException("The browser does not say " + name + ".");
    }
}
