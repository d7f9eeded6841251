package com.keenreel.app;

import com.keenreel.app.document.EditJson;
import com.keenreel.core.edit.Edit;
import com.keenreel.player.ReelMaker;
import com.keenreel.player.TestReel;
import com.keenreel.player.Visitor;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Frame;
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
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Somebody who edits: a visitor who has the key of an application. */
public final class Editor extends Visitor implements ReelMaker<Editor.Made> {
    /** The videos of the tests. */
    static final Path VIDEOS = Path.of("src", "test", "resources", "videos");

    public static final JsonMapper JSON = JsonMapper.builder().build();

    private final Running application;

    /** Somebody at the application of the run. */
    public Editor() {
        this(Running.application(), true, window());
    }

    /** Somebody at that application. */
    public Editor(Running application) {
        this(application, true, window());
    }

    /** Somebody at that application whose browser runs scripts, or does not. */
    public Editor(Running application, boolean scripts) {
        this(application, scripts, window());
    }

    /** Somebody with a phone in the hand. */
    static Editor editingOnPhone() {
        return new Editor(Running.application(), true, phone());
    }

    private Editor(Running application, boolean scripts, Browser.NewContextOptions options) {
        super(scripts, options);
        this.application = application;
        context().request().get(application.origin() + "/reels?key=" + application.key());
    }

    /** The address at which another browser may open a page for who edits. */
    String addressOf(String path) {
        return application.origin() + path + "?key=" + application.key();
    }

    /** Opens a page at an address, or at a path of the application. */
    @Override
    public Page open(String address) {
        return super.open(address.contains("://") ? address : application.origin() + address);
    }

    /** What a page sends along with every change. */
    String token() {
        return context().cookies().stream()
                .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
                .map(cookie -> cookie.value)
                .findFirst()
                .orElse("");
    }

    /** Sends a change past the pages, with everything that a page would send. */
    public JsonNode send(String method, String address, Object body) {
        return send(method, address, body, RequestOptions.create());
    }

    private JsonNode send(String method, String address, Object body, RequestOptions options) {
        options.setMethod(method).setHeader("X-XSRF-TOKEN", token()).setHeader("Accept", "application/json");
        if (body instanceof byte[] bytes) {
            options.setHeader("Content-Type", "application/octet-stream").setData(bytes);
        } else if (body != null) {
            options.setHeader("Content-Type", "application/json").setData(body.toString());
        }
        APIResponse answer = context().request().fetch(application.origin() + address, options);
        if (answer.status() >= 400) {
            throw new IllegalStateException(address + " answered " + answer.status() + ": " + answer.text());
        }
        String text = answer.text();
        return text.startsWith("{") || text.startsWith("[") ? JSON.readTree(text) : JSON.nullNode();
    }

    /** What the application answers there. */
    APIResponse asked(String path, RequestOptions options) {
        return context().request().fetch(application.origin() + path, options);
    }

    /** Says by which address visitors reach published reels; empty for this computer's own. */
    public void publicAddress(String origin) {
        send("PUT", "/settings/public-address", JSON.createObjectNode().put("origin", origin));
    }

    /** What is at that address, as text. */
    public String text(String address) {
        return context().request().get(address).text();
    }

    /** What the application has at that path. */
    public byte[] bytes(String path) {
        return context().request().get(application.origin() + path).body();
    }

    /** The id of a picture of that demonstration file, brought when it is not there yet; or of the video of the tests. */
    @Override
    public String picture(String file) {
        if (file.equals("kiln.webm")) {
            return video(file, "kiln.jpg");
        }
        try {
            byte[] bytes = Files.readAllBytes(PICTURES.resolve(file));
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
    @Override
    public Made make(String name, String starter, String slot, String... files) {
        ObjectNode request = JSON.createObjectNode()
                .put("name", name)
                .put("starter", starter)
                .put("slot", slot);
        var pictures = request.putArray("pictures");
        Arrays.stream(files).map(this::picture).forEach(pictures::add);
        return new Made(name, send("POST", "/reels", request).path("id").asString());
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

    /** The same as a frame, which can be asked for what it shows. */
    public static Frame frame(Page bench, int which) {
        return Objects.requireNonNull(bench.locator(".screen >> nth=" + which + " >> iframe")
                .elementHandle()
                .contentFrame());
    }

    /** A reel that was made. */
    public final class Made extends TestReel<Made> {
        public final String id;

        public Made(String name, String id) {
            super(name);
            this.id = id;
        }

        @Override
        public List<String> slides() {
            List<String> slides = new ArrayList<>();
            send("GET", "/reels/" + id + "/slides", null).forEach(slide -> slides.add(slide.asString()));
            return slides;
        }

        /** Makes an edit, its JSON written with single quotes. */
        public Made edit(String json) {
            answered(json);
            return this;
        }

        /** The answer to an edit of which nobody looks at a bench. */
        JsonNode answered(String json) {
            ObjectNode request = JSON.createObjectNode()
                    .put("window", "test")
                    .put("editId", UUID.randomUUID().toString())
                    .put("on", Long.MAX_VALUE);
            request.set("edit", JSON.readTree(json.startsWith("{\"") ? json : json.replace('\'', '"')));
            RequestOptions unseen = RequestOptions.create().setHeader("Prefer", "return=minimal");
            return send("POST", "/reels/" + id + "/edits", request, unseen);
        }

        /** How many times it was changed. */
        public long revision() {
            return send("GET", "/reels/" + id + "/parts?window=test", null)
                    .path("revision")
                    .asLong();
        }

        @Override
        public Made edit(Edit edit) {
            return edit(EditJson.write(edit).toString());
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

        @Override
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

        /** As it was published. */
        @Override
        public List<JsonNode> layouts(List<Double> widths) {
            String all = widths.stream().map(width -> "&width=" + width).collect(Collectors.joining());
            List<JsonNode> layouts = new ArrayList<>();
            send("GET", "/reels/" + id + "/layouts?state=live" + all, null).forEach(layouts::add);
            return layouts;
        }

        /** As it was published. */
        @Override
        public JsonNode layout(double width) {
            return layout(width, "live");
        }

        /** As it is "live", or as its "head" is. */
        public JsonNode layout(double width, String state) {
            return send("GET", "/reels/" + id + "/layout?state=" + state + "&width=" + width, null);
        }
    }
}
