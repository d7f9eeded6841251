package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.Sampled;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitUntilState;
import java.awt.Rectangle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Pages that do everything to a guest that pages do. On each of them the reel stands as it was calculated for the width
 * that it really got, the rest of the page is as it would be with an empty box in the reel's place, the console is silent
 * and nothing shifts.
 */
class HostilePagesTest extends ReelPages {
    /**
     * A page.
     *
     * @param style of the page
     * @param body with {@code REEL} where the code is pasted
     * @param act what a visitor or the page's own script does before the reel is looked at; empty for nothing
     */
    private record Hostile(String name, String style, String body, String act) {
        Hostile(String name, String style, String body) {
            this(name, style, body, "");
        }
    }

    private static final List<Hostile> PAGES = List.of(
            new Hostile(
                    "everything is inline with margins",
                    "* { box-sizing: content-box; margin: 9px !important; display: inline } script, style, head, title, link { display: none }",
                    "REEL"),
            new Hostile(
                    "pictures of half a width",
                    "img { max-width: none !important; width: 50%; height: auto; border: 4px solid red; margin: 20px; float: right }",
                    "REEL"),
            new Hostile(
                    "wide lines and letters",
                    "body { line-height: 4; letter-spacing: .5em; word-spacing: 2em; text-transform: uppercase; text-indent: 5em; font: italic 40px/3 serif; text-align: right }",
                    "REEL"),
            new Hostile(
                    "custom properties of likely names",
                    "* { --step: 7px; --at: .9; --start: .1; --along: 3px; --edge: 5px; --x: 7; --y: 4; --crossed: 30px; --ground: red; --ink: red; --corners: 40px; --type: fantasy; --control: red; --control-ground: red; --control-solid: red; --words-ground: red; --gap: 90px }",
                    "REEL"),
            new Hostile("read from right to left", "html { direction: rtl }", "<div dir=\"rtl\">REEL</div>"),
            new Hostile(
                    "beside floats",
                    ".f { float: left; width: 300px; height: 120px; background: teal }",
                    "<div class=\"f\"></div><div style=\"float:left;max-width:700px\">REEL</div><p style=\"clear:both\">After.</p>"),
            new Hostile(
                    "in a table's cell",
                    "td { padding: 11px; border: 1px solid; vertical-align: bottom }",
                    "<table><tr><td>A cell</td><td>REEL</td><td>Another cell of some words</td></tr></table>"),
            new Hostile(
                    "in a flex row without width",
                    ".row { display: flex; align-items: center; gap: 17px }",
                    "<div class=\"row\"><p>Words at the side</p><div>REEL</div><p>More words at the other side</p></div>"),
            new Hostile(
                    "in a grid's column of 300 px",
                    ".grid { display: grid; grid-template-columns: 300px 1fr; align-items: start }",
                    "<div class=\"grid\">REEL<p>Words in the wide column</p></div>"),
            new Hostile(
                    "under a transform",
                    ".t { transform: translate(13px, 7px) scale(.75); transform-origin: 0 0; width: 900px }",
                    "<div class=\"t\">REEL</div>"),
            new Hostile(
                    "in a tab that opens later",
                    ".tab { display: none } .tab.open { display: block }",
                    "<div class=\"tab\">REEL</div>",
                    "async () => { await new Promise((done) => setTimeout(done, 400)); document.querySelector('.tab').classList.add('open'); }"),
            new Hostile(
                    "in a box that was hidden and without width",
                    ".box { visibility: hidden; width: 0; overflow: hidden } .box.open { visibility: visible; width: 640px; overflow: visible }",
                    "<div class=\"box\">REEL</div>",
                    "async () => { await new Promise((done) => setTimeout(done, 400)); document.querySelector('.box').classList.add('open'); }"),
            new Hostile(
                    "with transitions on everything",
                    "* { transition: all .7s linear !important; animation-duration: 3s !important }",
                    "REEL"),
            new Hostile(
                    "with globals of likely names",
                    "",
                    "<script>player = 1; show = () => { throw 1 }; reel = {}; keenReel = null; KeenReel = 7; plan = []; Piece = Stops = Band = undefined;"
                            + "Array.prototype.more = () => {}; Object.prototype.mine = 1; Element.prototype.pause = 3; HTMLElement.prototype.fragment = 4;</script>REEL"),
            new Hostile(
                    "with the script three times",
                    "",
                    "REEL<script>for (let i = 0, first = document.querySelector('script[src]'); first && i < 3; i += 1) { const one = document.createElement('script'); one.src = first.src; document.head.append(one); }</script>"),
            new Hostile(
                    "with greedy selectors",
                    "div, section, a, button, i, img, keen-reel, keen-reel * { position: absolute; top: 40px; right: 0; padding: 30px; border: 9px dashed; opacity: .2; filter: blur(2px) } .page, .page > div, .page keen-reel { position: static; opacity: 1; filter: none; padding: 0; border: 0 }",
                    "<div class=\"page\">REEL</div>"));

    private static final String START = """
            <!doctype html><html lang="en"><head><meta charset="utf-8"><title>Hostile</title><link rel="icon" href="data:,">
            <style>body { font: 18px/1.5 "Liberation Serif", serif; margin: 0 24px } STYLE</style></head><body>
            <p>Before the reel: a line of words that must not move.</p>
            """;

    /** Waits until a page without a reel stands: its pictures, its type and what it moves by itself. */
    private static final String SETTLE = """
            async () => {
              const frames = () => new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)));
              await document.fonts.ready;
              await frames();
              await Promise.all(document.getAnimations().map((animation) => animation.finished));
              await frames();
            }""";

    /** Whether a picture of the reel is there, and came late. */
    private static final String LATE = """
            () => {
              const there = [...document.querySelector('keen-reel').shadowRoot.querySelectorAll('img')].filter((one) => one.complete && one.naturalWidth);
              const late = performance.getEntriesByType('resource').filter(({ duration }) => duration >= 1000).map(({ name }) => name);
              return there.some(({ currentSrc }) => late.includes(currentSrc));
            }""";

    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** How late pictures come where they come late, ms. */
    private static final long LATENESS = 1000;

    private List<StaticReel> kinds;

    @BeforeEach
    void makeThem() {
        kinds = List.copyOf(Kinds.all(reels).values());
        kinds.get(0).choose("motion.autoplay", null, "true");
    }

    private String page(String path, Hostile hostile, String code, Map<String, String> headers) {
        String html = START.replace("STYLE", hostile.style()) + hostile.body().replace("REEL", code)
                + "<p>After the reel: another line of words.</p></body></html>";
        return pages.page(path, html, headers);
    }

    @Test
    void onHostilePagesAReelStandsAsCalculatedAndDisturbsNothing() {
        Boxes boxes = new Boxes();
        List<String> wrong = new ArrayList<>();
        List<String> codes = new ArrayList<>();
        for (StaticReel kind : kinds) {
            codes.add(kind.element());
        }
        Page page = visitor.blank();
        for (int first : Sampled.of(List.of(0, 1, 2, 3, 4), 1)) { // one kind of reel on each page, another on the next
            for (int i = 0; i < PAGES.size(); i++) {
                int k = (first + i) % kinds.size();
                look(page, PAGES.get(i), kinds.get(k), codes.get(k), boxes, wrong);
            }
        }
        System.out.println("hostile pages: " + PAGES.size() + ", " + boxes.said());
        assertThat(wrong).isEmpty();
        assertThat(boxes.wrong()).isEmpty();
        assertThat(PAGES).hasSizeGreaterThanOrEqualTo(12);
    }

    /** Reels of some kinds, others in every run, on pages that lay them out in ways of their own. */
    @Test
    void picturesThatComeLateShiftNothing() {
        List<String> where = List.of(
                "beside floats",
                "in a flex row without width",
                "in a grid's column of 300 px",
                "with greedy selectors");
        List<Hostile> hostile =
                PAGES.stream().filter(page -> where.contains(page.name())).toList();
        assertThat(hostile).hasSize(where.size());
        reels.late("/r/.*/first-.*|/f/.*\\.(webp|jpeg)", LATENESS);
        for (StaticReel kind : Sampled.of(kinds, 3)) {
            String code = kind.element();
            Map<String, Page> opened = new LinkedHashMap<>();
            for (Hostile one : hostile) {
                Page page = visitor.blank();
                String address = page("/late-" + opened.size(), one, code, Map.of());
                page.navigate(address, new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT)); // all at once
                opened.put(one.name() + ", " + kind.name, page);
            }
            opened.forEach((what, page) -> {
                assertThat(page.locator("keen-reel .run")).hasCount(1);
                page.waitForFunction(LATE);
                page.evaluate(SETTLE);
                assertThat(visitor.shifts(page)).as(what).isEmpty();
                page.close();
            });
        }
    }

    private void look(Page page, Hostile hostile, StaticReel reel, String code, Boxes boxes, List<String> wrong) {
        String what = hostile.name() + ", " + reel.name;
        page.navigate(page("/with", hostile, code, Map.of()));
        if (!hostile.act().isEmpty()) {
            page.evaluate(hostile.act());
        }
        assertThat(page.locator("keen-reel .run")).hasCount(1);
        page.evaluate(SETTLE);
        JsonNode seen = Boxes.seen(page, 0);
        boxes.compare(what, seen, reel.layout(seen.path("width").asDouble()));
        if (hostile.act().isEmpty() && !visitor.shifts(page).isEmpty()) {
            wrong.add(what + ": shifts " + visitor.shifts(page));
        }
        String disturbed = disturbed(page, hostile);
        if (!disturbed.isEmpty()) {
            wrong.add(what + ": " + disturbed);
        }
    }

    /** How the page differs from the same page with an empty box in the reel's place, which is shown then. */
    private String disturbed(Page page, Hostile hostile) {
        JsonNode place = JSON.readTree((String) page.evaluate("""
                () => {
                  const outer = document.querySelector('keen-reel').parentElement;
                  const [box, style] = [outer.getBoundingClientRect(), getComputedStyle(outer)];
                  return JSON.stringify({ x: box.x, y: box.y, right: box.right, bottom: box.bottom, width: style.width, height: style.height });
                }"""));
        page.evaluate("() => new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)))");
        byte[] with = page.screenshot();

        String empty = "<div style=\"display:block!important;box-sizing:border-box!important;flex:none;width:"
                + place.path("width").asString() + "!important;height:"
                + place.path("height").asString()
                + "!important;margin:0!important;padding:0!important;border:0!important;position:static!important\"></div>";
        page.navigate(page("/without", hostile, empty, Map.of()));
        if (!hostile.act().isEmpty()) {
            page.evaluate(hostile.act());
        }
        page.evaluate(SETTLE);
        // what is scaled ends between pixels, and its last one is the reel's in part
        int edge = hostile.style().contains("scale(") ? 1 : 0;
        return Pixels.difference(with, page.screenshot(), inside(place, edge));
    }

    @Test
    void theCodeAloneKeepsToItsPlaceToo() {
        List<String> wrong = new ArrayList<>();
        List<String> codes = new ArrayList<>();
        for (StaticReel kind : kinds) {
            codes.add(kind.element().replaceAll("<script.*</script>", ""));
        }
        Page page = visitor.blank();
        for (int i : Sampled.of(IntStream.range(0, PAGES.size()).boxed().toList(), 10)) {
            StaticReel reel = kinds.get(i % kinds.size());
            String code = codes.get(i % kinds.size());
            page.navigate(page("/alone", PAGES.get(i), code, Map.of()));
            if (!PAGES.get(i).act().isEmpty()) {
                page.evaluate(PAGES.get(i).act());
            }
            page.evaluate("() => document.querySelector('keen-reel img').decode()");
            String disturbed = disturbed(page, PAGES.get(i));
            if (!disturbed.isEmpty()) {
                wrong.add(PAGES.get(i).name() + ", " + reel.name + ": " + disturbed);
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** The pixels of that place. */
    private static Rectangle inside(JsonNode place, int edge) {
        int left = (int) Math.floor(place.path("x").asDouble());
        int top = (int) Math.floor(place.path("y").asDouble());
        Rectangle inside = new Rectangle(
                left,
                top,
                (int) Math.ceil(place.path("right").asDouble()) - left,
                (int) Math.ceil(place.path("bottom").asDouble()) - top);
        inside.grow(edge, edge);
        return inside;
    }

    @Test
    void underAStrictPolicyThePlainElementIsSilentAndRight() {
        Map<String, String> policy = Map.of(
                "Content-Security-Policy",
                "default-src 'none'; style-src 'self'; script-src " + reels.origin() + "; connect-src " + reels.origin()
                        + "; img-src " + reels.origin() + " data:; font-src " + reels.origin());
        Boxes boxes = new Boxes();
        for (StaticReel kind : kinds) {
            String code = kind.plainElement();
            String html = Pages.html("", "<body>" + code + "<p>After</p></body>");
            Page page = visitor.open(pages.page("/strict", html, policy));
            assertThat(page.locator("keen-reel .run")).hasCount(1);
            JsonNode seen = Boxes.seen(page, 0);
            boxes.compare(
                    "strict " + kind.name, seen, kind.layout(seen.path("width").asDouble()));
            page.close();
        }
        assertThat(boxes.wrong()).isEmpty();
    }

    @Test
    void insertedAsTextItStartsAsSoonAsTheScriptIsThere() {
        StaticReel reel = Kinds.row(reels);
        String code = reel.element();
        String declared = "<keen-reel src=\"" + reels.origin() + "/r/" + reel.slug()
                + "\"><template shadowrootmode=\"open\">" + "<p>As an editor stored it</p></template></keen-reel>";
        String html = Pages.html("", "<body><div id=\"here\"></div><div id=\"there\"></div></body>");
        Page page = visitor.open(pages.page("/inserted", html, Map.of()));
        page.evaluate("html => { document.getElementById('here').innerHTML = html; }", code);
        page.evaluate("html => { document.getElementById('there').innerHTML = html; }", declared);
        assertThat(page.locator("#here a img")).isVisible();
        page.evaluate(
                "src => { const script = document.createElement('script'); script.src = src; document.head.append(script); }",
                reels.origin() + "/reel.js");
        assertThat(page.locator("#here keen-reel .run")).hasCount(1);
        assertThat(page.locator("#there keen-reel .run")).hasCount(1);
        Boxes boxes = new Boxes();
        JsonNode seen = Boxes.seen(page, 0);
        boxes.compare("inserted", seen, reel.layout(seen.path("width").asDouble()));
        assertThat(boxes.wrong()).isEmpty();
        // the browser's word on the page's own insertion of a template
        visitor.problems().removeIf(said -> said.contains("Found declarative shadowrootmode attribute"));
    }

    @Test
    void twoPlayersOnOnePageDoNotMeet() {
        String one = kinds.get(0).element();
        String other = Kinds.row(reels).element();
        String[] shipped = new String[1];
        reels.rewrite("/r/row-of-the-kinds[^/]*/fragment", body -> {
            String player = JSON.readTree(body).path("player").asString();
            shipped[0] = player;
            return body.replace(player, reels.origin() + "/other-player.js");
        });
        Page page = visitor.blank();
        page.route(
                "**/other-player.js",
                route -> route.fulfill(new com.microsoft.playwright.Route.FulfillOptions()
                        .setContentType("text/javascript")
                        .setBody("window.otherPlayer = (window.otherPlayer ?? 0) + 1;"
                                + visitor.context()
                                        .request()
                                        .get(shipped[0])
                                        .text()
                                        .replace("\"run\"", "\"run\",\"other\""))));
        String html = Pages.html("", "<body>" + one + other + other + "</body>");
        page.navigate(pages.page("/two", html, Map.of()));
        assertThat(page.locator("keen-reel .run")).hasCount(3);
        assertThat(page.evaluate("() => window.otherPlayer")).as("loaded once").isEqualTo(1);
        assertThat(page.locator("keen-reel .other")).hasCount(2);
        page.locator("keen-reel").nth(1).locator(".arrow-next").click();
        assertThat(page.locator("keen-reel").nth(1).locator(".slide-4.now")).hasCount(1);
        assertThat(page.locator("keen-reel").nth(2).locator(".slide-4.now")).hasCount(0);
        assertThat(page.locator("keen-reel").nth(0).locator(".slide-1.now")).hasCount(1);
    }

    @Test
    void manyReelsShareOneShellAndThePlayersThatTheyNeed() {
        StringBuilder html = new StringBuilder(START.replace("STYLE", ""));
        List<StaticReel> all = new ArrayList<>();
        String codes = String.join("", kinds.stream().map(StaticReel::element).toList());
        for (int i = 0; i < 5; i++) {
            all.addAll(kinds);
            html.append(codes);
        }
        Page page = visitor.open(pages.page("/twenty", html + "</body></html>", Map.of()));
        assertThat(page.locator("keen-reel .run")).hasCount(all.size());
        int another = kinds.size(); // the first kind once more
        page.locator("keen-reel").nth(another).locator(".dot-3").click();
        assertThat(page.locator("keen-reel").nth(another).locator(".slide-3.now"))
                .hasCount(1);
        assertThat(page.locator("keen-reel").nth(0).locator(".slide-3.now")).hasCount(0);
        Boxes boxes = new Boxes();
        for (int i : new int[] {1, 2, 3, 16, 17, 18, 19}) {
            JsonNode seen = Boxes.seen(page, i);
            boxes.compare(
                    "twenty, " + i, seen, all.get(i).layout(seen.path("width").asDouble()));
        }
        assertThat(boxes.wrong()).isEmpty();
        assertThat(reels.asked().stream().filter("/reel.js"::equals)).hasSize(1);
        assertThat(reels.asked().stream().filter(path -> path.matches("/f/.*\\.js")))
                .hasSize(12) // led by change, position, distance, time, scrolling; with what some of them have beside
                // that, and what one asks for when it runs
                .doesNotHaveDuplicates();
        assertThat(visitor.shifts(page)).isEmpty();
    }
}
