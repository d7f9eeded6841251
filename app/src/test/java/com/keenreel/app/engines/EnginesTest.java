package com.keenreel.app.engines;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.app.Editor;
import com.keenreel.app.Editor.Made;
import com.keenreel.app.Front;
import com.keenreel.app.Running;
import com.keenreel.core.Sampled;
import com.keenreel.player.Boxes;
import com.keenreel.player.LayoutCases;
import com.keenreel.player.Wait;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import tools.jackson.databind.JsonNode;

/** The demonstration in the other browsers that visitors have: laid out as calculated, loaded, moved and steered alike. */
@Tag("demonstration")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class EnginesTest {
    private static final double[] WIDTHS = {
        280, 390, 599, 599.5, 599.984375, 600, 820, 1023, 1024, 1280, 1600, 1920, 2560
    };

    /** One page of every reel: what its root is called in what follows. */
    private static final String ROOT = "const root = document.querySelector('keen-reel').shadowRoot; ";

    private final Running demonstration = Running.demonstration();
    private final Editor editor = new Editor(demonstration, true);
    private final Front front = new Front(demonstration);
    Engine engine;

    /** Starts the browser. */
    abstract Engine start();

    /** The same, of a visitor who asked for less motion and has a screen of 2 px a CSS px. */
    abstract Engine startStill();

    /** Makes the page larger, to about that many times; gives back how large it became. */
    abstract double zoom(double times);

    @BeforeEach
    void begin() {
        if (engine == null) {
            engine = start();
        }
        engine.size(1280, 800);
        front.file("/ear.js", EAR.getBytes(StandardCharsets.UTF_8), Map.of("Content-Type", "text/javascript"));
        front.rewrite("/r/[^/]+", body -> body.replace("<head>", "<head>" + HEARD));
        engine.open(page("", ""));
        engine.problems();
    }

    @AfterAll
    void leave() {
        engine.close();
        front.close();
        editor.close();
    }

    private void live(Engine engine, String slug) {
        engine.open(front.origin() + "/r/" + slug);
        engine.until("() => Boolean(document.querySelector('keen-reel')?.shadowRoot?.querySelector('.run'))");
    }

    private static JsonNode seen(Engine engine) {
        return Editor.JSON.readTree(engine.ask(Boxes.SEEN, 0).asString());
    }

    @Test
    void everyReelStandsAsCalculatedAtEveryWidth() {
        Boxes boxes = new Boxes();
        for (Made reel : editor.reels()) {
            live(engine, reel.name);
            for (double width : WIDTHS) {
                engine.ask("(width) => { document.body.style.width = width + 'px' }", width);
                boxes.compare(reel.name + " at " + width, seen(engine), reel.layout(width, "live"));
            }
        }
        System.out.println(engine.name() + ": " + boxes.said());
        assertThat(engine.problems()).isEmpty();
        assertThat(boxes.wrong()).isEmpty();
        assertThat(boxes.figures()).isGreaterThan(3000);
    }

    /** A few of what {@code ./prove layout} looks at there, others in every run. */
    @Test
    void whateverIsChosenStandsAsCalculated() {
        try (LayoutCases cases = new LayoutCases(engine)) {
            Sampled.of(LayoutCases.all(), 25).forEach(cases::look);
            System.out.println(engine.name() + ", whatever is chosen: " + cases.said());
            assertThat(cases.wrong()).isEmpty();
            assertThat(cases.figures()).isGreaterThan(10_000);
            engine.problems(); // that nothing is published there
        }
    }

    @Test
    void zoomedPagesKeepToTheSetUpThatTheyAreIn() {
        Boxes boxes = new Boxes();
        List<String> wrong = new ArrayList<>();
        engine.size(1000, 800);
        for (double times : new double[] {1, 1.44, 2}) {
            double zoomed = zoom(times);
            for (String slug : List.of("commissions-spring-to-autumn", "open-workshop-days")) {
                live(engine, slug);
                Made reel = made(slug);
                JsonNode seen = seen(engine);
                double width = seen.path("width").asDouble();
                boxes.compare(slug + " zoomed " + zoomed, seen, reel.layout(width, "live"));
                JsonNode now = engine.ask("() => { " + ROOT + "return [root.querySelectorAll('.slide.now').length, "
                        + "[...root.querySelectorAll('.dot')].filter((dot) => dot.checkVisibility()).length]; }");
                int shown = now.path(0).asInt();
                if (slug.startsWith("comm")
                        && (shown != inView(reel, width) || now.path(1).asInt() != 9)) {
                    wrong.add("zoomed " + zoomed + ", " + width + " px: " + now + " of nine");
                }
            }
            engine.open(page("body { margin: 0 }", element("commissions-spring-to-autumn")));
            String below = "() => document.getElementById('after').getBoundingClientRect().top";
            double reserved = engine.ask(below).asDouble();
            engine.until("() => Boolean(document.querySelector('keen-reel')?.shadowRoot?.querySelector('.run'))");
            assertThat(engine.ask(below).asDouble())
                    .as("the height that is kept free, zoomed " + zoomed)
                    .isCloseTo(reserved, within(0.5));
        }
        assertThat(wrong).isEmpty();
        assertThat(boxes.wrong()).isEmpty();
    }

    /** How many slides the calculated row shows whole in that host. */
    private static int inView(Made row, double width) {
        int whole = 0;
        for (JsonNode box : row.layout(width, "live").path("boxes")) {
            double left = box.path("x").asDouble();
            boolean within = left > -0.1 && left + box.path("width").asDouble() < width + 0.1;
            whole += within && box.path("name").asString().matches("slide-\\d+") ? 1 : 0;
        }
        return whole;
    }

    @Test
    void everyPictureComesInTheWidthThatItNeeds() {
        assertThat(otherThanNeeded(engine, 1)).isEmpty();
    }

    /** Pictures that come in another width than the one that core wants on a screen of that many px a CSS px. */
    private List<String> otherThanNeeded(Engine engine, int dpr) {
        List<String> wrong = new ArrayList<>();
        for (int width : new int[] {480, 820, 1280}) {
            engine.size(width, 900);
            for (String slug : List.of(
                    "open-workshop-days",
                    "commissions-spring-to-autumn",
                    "floors-before-and-after",
                    "pattern-plates")) {
                live(engine, slug);
                engine.until(
                        "() => { " + ROOT
                                + "return [...root.querySelectorAll('.slide.now .crop > img')].every((one) => one.complete && one.currentSrc); }");
                for (JsonNode picture : engine.ask("() => { " + ROOT + """
                        return [...root.querySelectorAll('.slide.now .crop > img')].map((one) => ({
                          src: new URL(one.currentSrc).pathname, shown: one.getBoundingClientRect().width * devicePixelRatio,
                          files: one.srcset.split(', ').map((file) => file.split(' ')).map(([address, wide]) => [new URL(address, document.baseURI).pathname, parseInt(wide)]) }));
                        }""")) {
                    double need = picture.path("shown").asDouble();
                    int wanted = 0;
                    int above = 0; // where the wanted one is exactly enough, the next one may be taken
                    int fetched = 0;
                    for (JsonNode file : picture.path("files")) {
                        int wide = file.path(1).asInt();
                        wanted = wanted < need - 1 ? wide : wanted;
                        above = above < need + 1 ? wide : above;
                        boolean own = file.path(0).equals(picture.path("src"));
                        fetched = own ? wide : fetched;
                    }
                    if (fetched != wanted && fetched != above) {
                        wrong.add("%s at %d x %d: %d px for %.0f px, not %d"
                                .formatted(slug, width, dpr, fetched, need, wanted));
                    }
                }
            }
        }
        return wrong;
    }

    /** Notes what a page says that is wrong, from its first moment, where its own policy lets a script of its origin be. */
    private static final String EAR = """
            const note = (text) => sessionStorage.setItem('heard', JSON.stringify([...JSON.parse(sessionStorage.getItem('heard') ?? '[]'), text]));
            for (const kind of ['error', 'warn']) { const own = console[kind]; console[kind] = (...words) => { note(words.join(' ')); own(...words); }; }
            addEventListener('error', (event) => note(event.message ?? `${event.target.src} did not load`), true);
            addEventListener('unhandledrejection', (event) => note(String(event.reason)));
            addEventListener('securitypolicyviolation', (event) => note(`${event.violatedDirective} ${event.blockedURI}`));
            """;

    private static final String HEARD = "<script src=\"/ear.js\"></script>";

    private static final String PAGE = """
            <!doctype html><html lang="en"><head><meta charset="utf-8"><title>A page</title><link rel="icon" href="data:,"><script src="/ear.js"></script><style>STYLE</style></head><body>BODY<p id="after">After the reel.</p></body></html>
            """;

    @Test
    void whatAPageSaysInItsConsoleIsHeard() {
        engine.open(page("", "<script>console.error('said aloud')</script>"));
        List<String> heard = new ArrayList<>();
        Wait.until("it is heard", () -> heard.addAll(engine.problems()));
        assertThat(heard).singleElement().asString().contains("said aloud");
    }

    private String page(String style, String body) {
        return front.page("/page", PAGE.replace("STYLE", style).replace("BODY", body), Map.of());
    }

    private String element(String slug) {
        editor.publicAddress(front.origin());
        String code = made(slug).publish().path("element").asString();
        editor.publicAddress("");
        return code;
    }

    private Made made(String slug) {
        return editor.reels().stream()
                .filter(one -> one.name.equals(slug))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void onAPageOfHostileRulesItStandsAsCalculatedAndNothingShifts() {
        Boxes boxes = new Boxes();
        engine.size(1280, 800);
        front.late("/r/.*first.*|/f/.*webp", 400);
        for (String slug : List.of("floors-before-and-after", "who-we-work-with", "glaze-colours")) {
            String address = page(
                    "* { box-sizing: border-box !important; letter-spacing: 2px; text-indent: 9px } body { margin: 0 }"
                            + " div, section, button, svg, img { border: 7px dashed red; margin: 5px; float: left; opacity: .3 }"
                            + " .grid, .grid > div { all: unset } .grid { display: grid; grid-template-columns: 1fr 2fr }",
                    "<div class=\"grid\"><div><b></b>" + element(slug) + "</div><p>words</p></div>");
            engine.open(address);
            double before = engine.ask("() => document.getElementById('after').getBoundingClientRect().top")
                    .asDouble();
            engine.until("() => Boolean(document.querySelector('keen-reel')?.shadowRoot?.querySelector('.run'))");
            engine.until("() => { " + ROOT
                    + "return [...root.querySelectorAll('.slide.now .crop img')].every((one) => one.complete); }");
            JsonNode seen = seen(engine);
            boxes.compare(slug, seen, made(slug).layout(seen.path("width").asDouble(), "live"));
            assertThat(engine.ask("() => document.getElementById('after').getBoundingClientRect().top")
                            .asDouble())
                    .as(slug)
                    .isCloseTo(before, within(0.1));
            assertThat(engine.ask("() => document.scrollingElement.scrollWidth - innerWidth")
                            .asDouble())
                    .isLessThanOrEqualTo(0);
        }
        assertThat(engine.problems()).isEmpty();
        assertThat(boxes.wrong()).isEmpty();
    }

    @Test
    void withScriptsOffRowsBandsAndPairsAreWhatTheyAre() {
        engine.size(1280, 900);
        for (String slug : List.of("glaze-colours", "who-we-work-with", "floors-before-and-after")) {
            engine.open(front.page(
                    "/off",
                    "<!doctype html><html lang=\"en\"><title>Off</title><body style=\"margin:0\"><iframe sandbox=\"allow-same-origin\""
                            + " style=\"width:1200px;height:800px;border:0\" src=\"/r/" + slug + "\"></iframe>",
                    Map.of()));
            String inside =
                    "const root = document.querySelector('iframe').contentDocument.querySelector('keen-reel').shadowRoot; ";
            JsonNode said = engine.ask("() => { " + inside + """
                    const crop = root.querySelector('.side');
                    return { run: root.querySelector('.run') !== null, before: crop ? getComputedStyle(crop).clipPath : 'none',
                      slides: [...root.querySelectorAll('.strip > .slide, .copy-0 .slide')].map((one) => { const { x, y, width, height } = one.getBoundingClientRect(); return [x, y, width, height]; }) };
                    }""");
            assertThat(said.path("run").asBoolean()).as("without scripts").isFalse();
            assertThat(said.path("before").asString())
                    .as("nothing of a side is cut away")
                    .isEqualTo("none");
            if (slug.startsWith("floors")) {
                continue;
            }
            int n = 0;
            for (JsonNode box : made(slug).layout(1200, "live").path("boxes")) {
                if (box.path("name").asString().matches("slide-\\d+")) {
                    JsonNode there = said.path("slides").path(n++);
                    assertThat(there.path(0).asDouble()).isCloseTo(box.path("x").asDouble(), within(0.1));
                    assertThat(there.path(2).asDouble())
                            .isCloseTo(box.path("width").asDouble(), within(0.1));
                    assertThat(there.path(3).asDouble())
                            .isCloseTo(box.path("height").asDouble(), within(0.1));
                }
            }
            assertThat(n).as(slug).isGreaterThanOrEqualTo(4);
        }
    }

    @Test
    void itIsSteeredAndKeepsItsTimes() {
        engine.size(1280, 800);
        live(engine, "open-workshop-days");
        JsonNode clock = engine.ask("async () => { " + ROOT + """
                const standing = () => root.querySelector('.frame').getAnimations()[0];
                while (!standing()) await new Promise(requestAnimationFrame);
                const one = standing();
                const [from, at] = [one.currentTime, document.timeline.currentTime];
                await new Promise((done) => setTimeout(done, 300));
                return [one.effect.getTiming().duration, one.currentTime - from, document.timeline.currentTime - at];
                }""");
        assertThat(clock.path(0).asDouble()).as("the hold that was chosen, ms").isEqualTo(6000);
        assertThat(clock.path(1).asDouble())
                .as("passes as time does")
                .isCloseTo(clock.path(2).asDouble(), within(1.0));
        JsonNode arrow = engine.ask(
                "() => { " + ROOT
                        + "const { x, y } = root.querySelector('.arrow-next').getBoundingClientRect(); return [x + 20, y + 20]; }");
        engine.click(arrow.path(0).asDouble(), arrow.path(1).asDouble());
        engine.until("() => { " + ROOT + "return root.querySelector('.slide-2.now') !== null; }");
        engine.press(Engine.RIGHT);
        engine.until("() => { " + ROOT + "return root.querySelector('.slide-3.now') !== null; }");
        engine.ask("() => { " + ROOT + "root.querySelector('.dot-3').focus(); }");
        engine.press(Engine.END);
        engine.until("() => { " + ROOT + "return root.querySelector('.slide-5.now') !== null; }");

        live(engine, "who-we-work-with");
        JsonNode band = engine.ask("() => { " + ROOT + """
                const running = root.querySelector('.strip').getAnimations()[0];
                running.pause();
                const at = [];
                for (const ms of [0, 1000, 2500]) {
                  running.currentTime = ms;
                  at.push(root.querySelector('.copy-0').getBoundingClientRect().left);
                }
                return [at[0] - at[1], at[0] - at[2]];
                }""");
        assertThat(band.path(0).asDouble()).as("px in a second").isCloseTo(60, within(0.1));
        assertThat(band.path(1).asDouble()).isCloseTo(150, within(0.1));

        live(engine, "floors-before-and-after");
        JsonNode crop = engine.ask(
                "() => { " + ROOT
                        + "const { x, y, width, height } = root.querySelector('.crop-1').getBoundingClientRect(); return [x, y, width, height]; }");
        double[] box = {
            crop.path(0).asDouble(), crop.path(1).asDouble(), crop.path(2).asDouble()
        };
        engine.drag(box[0] + 0.5 * box[2], box[1] + 60, box[0] + 0.25 * box[2], box[1] + 60);
        engine.until("() => { " + ROOT
                + "return root.querySelector('.slide-1 .handle').getAttribute('aria-valuenow') === '25'; }");
        engine.press(Engine.RIGHT);
        engine.until(
                "() => { " + ROOT
                        + "return root.querySelector('.slide-1 .handle').getAttribute('aria-valuetext') === 'Before 26 %, After 74 %'; }");

        live(engine, "pattern-plates");
        JsonNode plate = engine.ask(
                "() => { " + ROOT
                        + "const { x, y, width, height } = root.querySelector('.slide-1 .larger').getBoundingClientRect(); return [x + width / 2, y + height / 3]; }");
        engine.click(plate.path(0).asDouble(), plate.path(1).asDouble());
        engine.until("() => { " + ROOT + "return root.querySelector('dialog').open; }");
        JsonNode filled = engine.ask("async () => { " + ROOT + """
                root.querySelector('[data-do=fill]').click();
                await new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)));
                const pane = root.querySelector('.pane');
                const image = pane.querySelector('img').getBoundingClientRect();
                return [pane.offsetWidth - pane.clientWidth, pane.offsetHeight - pane.clientHeight, image.width - pane.clientWidth, image.height - pane.clientHeight];
                }""");
        for (int i = 0; i < 2; i++) {
            assertThat(filled.path(i).asDouble()).as("px that scrollbars take").isZero();
            assertThat(filled.path(i + 2).asDouble()).as("it fills").isGreaterThan(-0.5);
        }
        assertThat(engine.problems()).isEmpty();
    }

    /** Where a browser has no decoder, the picture that stands for the video is left, and nothing is said to be wrong. */
    @Test
    void aVideoPlaysOnItsSlideOrItsPictureIsLeft() {
        engine.size(1280, 800);
        live(engine, "open-workshop-days");
        engine.ask("() => { " + ROOT + "root.querySelector('.dot-4').click(); }");
        engine.until("() => { " + ROOT + "return root.querySelector('.slide-4.now') !== null; }");
        engine.until("() => { " + ROOT + """
                const still = root.querySelector('.slide-4 img');
                const video = root.querySelector('.slide-4 video');
                return video ? video.currentTime > 0.2 && !video.paused && video.videoWidth > 0 : !still.dataset.video; }""");
        boolean plays = engine.ask("() => { " + ROOT + "return root.querySelector('.slide-4 video') !== null; }")
                .asBoolean();
        System.out.println(engine.name() + (plays ? " plays the video." : " has no decoder for the video."));
        engine.ask("() => { " + ROOT + "root.querySelector('.dot-1').click(); }");
        engine.until("() => { " + ROOT
                + "return root.querySelector('.slide-1.now') !== null && root.querySelector('video') === null; }");
        assertThat(engine.problems()).isEmpty();
    }

    @Test
    void whoeverAskedForLessMotionIsNotMovedAndAFineScreenGetsFinePictures() {
        try (Engine still = startStill()) {
            still.size(1280, 800);
            for (String slug : List.of("open-workshop-days", "who-we-work-with")) {
                live(still, slug);
                assertThat(still.ask("() => { " + ROOT + "return root.querySelector('.pause').ariaLabel; }")
                                .asString())
                        .isEqualTo("Play");
                JsonNode moved = still.ask("async () => { " + ROOT + """
                        const left = () => root.querySelector('.slide').getBoundingClientRect().left;
                        const before = left();
                        await new Promise((done) => setTimeout(done, 300));
                        return left() - before;
                        }""");
                assertThat(moved.asDouble()).isZero();
            }
            assertThat(still.ask("() => devicePixelRatio").asDouble()).isEqualTo(2);
            assertThat(otherThanNeeded(still, 2)).isEmpty();
        }
    }

    @Test
    void aFolderOpensFromDisk() {
        engine.size(1280, 800);
        engine.open(demonstration
                .folders()
                .resolve("pattern-plates/index.html")
                .toUri()
                .toString());
        engine.until("() => Boolean(document.querySelector('keen-reel')?.shadowRoot?.querySelector('.run'))");
        engine.until("() => { " + ROOT
                + "const one = root.querySelector('.picture-1'); return one.complete && one.naturalWidth > 0; }");
        Boxes boxes = new Boxes();
        JsonNode seen = seen(engine);
        boxes.compare(
                "folder", seen, made("pattern-plates").layout(seen.path("width").asDouble(), "live"));
        assertThat(boxes.wrong()).isEmpty();
        assertThat(engine.ask(
                                "async () => { await document.fonts.ready; return [...document.fonts].every(({ status }) => status === 'loaded'); }")
                        .asBoolean())
                .isTrue();
        assertThat(engine.problems()).isEmpty();
    }
}
