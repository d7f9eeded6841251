package com.keenreel.app;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Someone at a browser who edits. Everything that a page logs as an error, every answer of 400 or above and every layout
 * shift is noted; {@link #problems} must be empty at the end.
 */
public final class Editor implements AutoCloseable {
    /** The videos of the tests. */
    static final Path VIDEOS = Path.of("src", "test", "resources", "videos");

    public static final JsonMapper JSON = JsonMapper.builder().build();

    private static final String WATCH_SHIFTS = """
            window.shifts = [];
            new PerformanceObserver((list) => list.getEntries().forEach((entry) =>
              window.shifts.push(entry.value.toFixed(5) + ' ' + entry.startTime.toFixed(0) + ' ' + entry.sources.map(({ node, previousRect: from, currentRect: to }) =>
                `${node?.className ?? node?.nodeName} ${[from.x, from.y, from.width, from.height]} -> ${[to.x, to.y, to.width, to.height]}`).join())))
              .observe({ type: 'layout-shift', buffered: true });
            """;

    private final Running application;
    private final BrowserContext context;
    private final List<String> problems = new ArrayList<>();

    public Editor() {
        this(true);
    }

    /** With scripts off in the browser, when {@code scripts} is false. */
    public Editor(boolean scripts) {
        this(Running.application(), scripts);
    }

    /** At that application. */
    public Editor(Running application, boolean scripts) {
        this(application, scripts, new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(1280, 800));
    }

    /** With a phone in the hand. */
    static Editor onPhone() {
        return new Editor(
                Running.application(),
                true,
                new com.microsoft.playwright.Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setHasTouch(true)
                        .setIsMobile(true));
    }

    private Editor(Running application, boolean scripts, com.microsoft.playwright.Browser.NewContextOptions options) {
        this.application = application;
        context = Running.browser()
                .newContext(options.setJavaScriptEnabled(scripts)
                        .setPermissions(scripts ? List.of("clipboard-read", "clipboard-write") : List.of()));
        context.setDefaultTimeout(60_000); // a busy machine is slow, not wrong
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
        context.request().get(application.origin() + "/reels?key=" + application.key());
    }

    /** The address at which another browser may open a page for who edits. */
    String addressOf(String path) {
        return application.origin() + path + "?key=" + application.key();
    }

    public Page open(String address) {
        Page page = context.newPage();
        page.navigate(address.contains("://") ? address : application.origin() + address);
        page.mouse().move(1279, 799); // a browser without windows has it at 0, 0, where much of what is tested stands
        return page;
    }

    public List<String> problems() {
        return problems;
    }

    /** The shifts that a page's visitor has met so far. */
    @SuppressWarnings("unchecked")
    public List<String> shifts(Page page) {
        return (List<String>) page.evaluate("window.shifts");
    }

    /** What a page sends along with every change. */
    String token() {
        return context.cookies().stream()
                .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
                .map(cookie -> cookie.value)
                .findFirst()
                .orElse("");
    }

    /** Sends a change past the pages, with everything that a page would send. */
    public JsonNode send(String method, String address, Object body) {
        RequestOptions options = RequestOptions.create()
                .setMethod(method)
                .setHeader("X-XSRF-TOKEN", token())
                .setHeader("Accept", "application/json");
        if (body instanceof byte[] bytes) {
            options.setHeader("Content-Type", "application/octet-stream").setData(bytes);
        } else if (body != null) {
            options.setHeader("Content-Type", "application/json").setData(body.toString());
        }
        APIResponse answer = context.request().fetch(application.origin() + address, options);
        if (answer.status() >= 400) {
            throw new IllegalStateException(address + " answered " + answer.status() + ": " + answer.text());
        }
        String text = answer.text();
        return text.startsWith("{") || text.startsWith("[") ? JSON.readTree(text) : JSON.nullNode();
    }

    /** Says by which address visitors reach published reels; empty for this computer's own. */
    public void publicAddress(String origin) {
        send("PUT", "/settings/public-address", JSON.createObjectNode().put("origin", origin));
    }

    /** What is at that address, as text. */
    public String text(String address) {
        return context.request().get(address).text();
    }

    /** What the application has at that path. */
    public byte[] bytes(String path) {
        return context.request().get(application.origin() + path).body();
    }

    /** The id of a picture of that demonstration file, brought when it is not there yet; or of the video of the tests. */
    public String picture(String file) {
        if (file.equals("kiln.webm")) {
            return video(file, "kiln.jpg");
        }
        try {
            byte[] bytes = Files.readAllBytes(Running.PICTURES.resolve(file));
            String name = URLEncoder.encode(file.replaceAll(".*/", ""), StandardCharsets.UTF_8);
            return send("POST", "/pictures?name=" + name, bytes).path("id").asString();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private String video(String file, String still) {
        try {
            byte[] bytes = Files.readAllBytes(VIDEOS.resolve(file));
            String kept = send("POST", "/pictures/videos", bytes).path("sha256").asString();
            byte[] picture = Files.readAllBytes(VIDEOS.resolve(still));
            return send("POST", "/pictures?name=" + file + "&video=" + kept, picture)
                    .path("id")
                    .asString();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** A new reel of those demonstration files. */
    public Made make(String name, String starter, String slot, String... files) {
        ObjectNode request = JSON.createObjectNode()
                .put("name", name)
                .put("starter", starter)
                .put("slot", slot);
        var pictures = request.putArray("pictures");
        Arrays.stream(files).map(this::picture).forEach(pictures::add);
        return new Made(name, send("POST", "/reels", request).path("id").asString());
    }

    /** A banner of three pictures across the full width. */
    Made banner(String name) {
        return make(name, "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg", "banner-kiln-glow.jpg");
    }

    /** Every reel that is live, under the name that it has in its address. */
    public List<Made> reels() {
        List<Made> reels = new ArrayList<>();
        for (Element row : Jsoup.parse(text(application.origin() + "/reels")).select(".reel-row:has(.address)")) {
            String address = row.select(".address").attr("href");
            reels.add(new Made(address.replaceAll(".*/r/", ""), row.attr("data-reel")));
        }
        return reels;
    }

    /** A screen of a bench's wall: 0 for the phone, 1 for the tablet, 2 for the desk. */
    public static FrameLocator screen(Page bench, int which) {
        return bench.frameLocator(".screen >> nth=" + which + " >> iframe");
    }

    /** A reel that was made. */
    public final class Made {
        public final String name;
        public final String id;

        public Made(String name, String id) {
            this.name = name;
            this.id = id;
        }

        public List<String> slides() {
            List<String> slides = new ArrayList<>();
            send("GET", "/reels/" + id + "/slides", null).forEach(slide -> slides.add(slide.asString()));
            return slides;
        }

        /** Makes an edit, its JSON written with single quotes. */
        public Made edit(String json) {
            ObjectNode request = JSON.createObjectNode()
                    .put("window", "test")
                    .put("editId", UUID.randomUUID().toString())
                    .put("on", Long.MAX_VALUE);
            request.set("edit", JSON.readTree(json.replace('\'', '"')));
            send("POST", "/reels/" + id + "/edits", request);
            return this;
        }

        public Made choose(String option, String setUp, String value) {
            String where = setUp == null ? "null" : "'" + setUp + "'";
            return edit("{'kind':'choose','option':'" + option + "','setUp':" + where + ",'value':'" + value + "'}");
        }

        public Made look(String slide, String setUp, double x, double y) {
            String where = setUp == null ? "null" : "'" + setUp + "'";
            return edit("{'kind':'look','slide':'" + slide + "','setUp':" + where + ",'focal':{'x':" + x + ",'y':" + y
                    + "}}");
        }

        public Made say(String slide, String field, String text) {
            return edit("{'kind':'say','slide':'" + slide + "','field':'" + field + "','text':'" + text + "'}");
        }

        /** Its bench, once all three screens run it and everything is stored. */
        public Page bench() {
            Page page = open("/reels/" + id);
            for (int i = 0; i < 3; i++) {
                PlaywrightAssertions.assertThat(screen(page, i).locator(".run")).hasCount(1);
            }
            PlaywrightAssertions.assertThat(page.locator("[data-stored]")).hasText("stored");
            return page;
        }

        /** Publishes it and opens its address, once it runs there. */
        public Page live() {
            Page page = open(publish().path("address").asString());
            PlaywrightAssertions.assertThat(page.locator(".run")).hasCount(1);
            return page;
        }

        /** Publishes it and pastes it below the first window of a page, whose address this is. */
        public String below() {
            ObjectNode page = JSON.createObjectNode().put("title", "Below");
            ArrayNode blocks = page.putArray("blocks");
            for (String content : List.of(
                    "<div style=\"height:1500px\"></div>",
                    publish().path("element").asString())) {
                blocks.addObject().put("kind", "embed").put("column", "wide").put("content", content);
            }
            send("PUT", "/practice/below", page.toString());
            return Running.application().site() + "/below";
        }

        /** Publishes it: {publication, slug, address, element, frame}. */
        public JsonNode publish() {
            return send("POST", "/reels/" + id + "/publication", "{}");
        }

        public JsonNode layouts(List<Double> widths, String state) {
            String all = widths.stream().map(width -> "&width=" + width).collect(Collectors.joining());
            return send("GET", "/reels/" + id + "/layouts?state=" + state + all, null);
        }

        public JsonNode layout(double width, String state) {
            return send("GET", "/reels/" + id + "/layout?state=" + state + "&width=" + width, null);
        }
    }

    @Override
    public void close() {
        context.close();
    }
}
