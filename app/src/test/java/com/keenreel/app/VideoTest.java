package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Videos, from the file that is brought to the page on which they play. */
@Tag("browser")
class VideoTest {
    private static final String FILE = "kiln.webm";
    private static final String PLAYING = "video => !video.paused && video.currentTime > 0.1";

    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private Made banner(String name) {
        return editor.make(name, "banner", "full", "banner-glaze-bench.jpg", FILE, "banner-dusk-works.jpg")
                .choose("motion.time", null, "1");
    }

    private static Locator dot(Page page, int n) {
        return page.locator("keen-reel .dot").nth(n - 1);
    }

    private static Locator video(Page page) {
        return page.locator("keen-reel video");
    }

    /** Waits until that is so of its video. */
    private static void until(Page page, String so) {
        page.waitForFunction(
                "() => { const video = document.querySelector('keen-reel').shadowRoot.querySelector('video'); return video && ("
                        + so + ")(video) }");
    }

    @Test
    void whatIsBroughtIsRecognisedAndItsFirstFrameStandsForIt() {
        Page page = editor.open("/pictures");
        Locator add = page.locator(".file [type=file]").first();
        add.setInputFiles(Editor.VIDEOS.resolve(FILE));
        assertThat(page.locator(".uploads li")).containsText("320 × 180");
        String id = editor.picture(FILE); // it is here already
        Locator cell = page.locator("figure[data-picture='" + id + "']");
        assertThat(cell.locator(".use")).containsText("video, 0:02");

        add.setInputFiles(new FilePayload[] {
            new FilePayload(
                    "long.mov", "video/quicktime", "\0\0\0\u0014ftypqt  \0\0\0\0".getBytes(StandardCharsets.UTF_8)),
            new FilePayload(
                    "short.webm", "video/webm", java.util.Arrays.copyOf(bytes(Editor.VIDEOS.resolve(FILE)), 4000))
        });
        assertThat(page.locator(".uploads li", new Page.LocatorOptions().setHasText("long.mov")))
                .containsText("This is a QuickTime video, which not every browser plays. Save it as MP4");
        assertThat(page.locator(".uploads li", new Page.LocatorOptions().setHasText("short.webm")))
                .containsText("The file is cut off");
        editor.problems().removeIf(problem -> problem.contains("422"));

        page.navigate(Running.application().origin() + "/pictures/" + id);
        assertThat(page.locator(".turning [data-turn]")).hasCount(0);
        Locator shown = page.locator("[data-focus] image");
        String first = shown.getAttribute("href");
        page.locator(".video video").evaluate("video => { video.currentTime = 1.2 }");
        page.waitForFunction("() => !document.querySelector('.video video').seeking");
        page.locator("[data-take-frame]").click();
        page.waitForFunction(
                "first => document.querySelector('[data-focus] image')?.getAttribute('href') !== first", first);
        String second = shown.getAttribute("href");
        page.locator("[data-take-picture]").click();
        page.locator("#pick [data-picture]").first().click();
        page.locator("#pick [data-take]").click();
        page.waitForFunction(
                "second => document.querySelector('[data-focus] image')?.getAttribute('href') !== second", second);
        assertThat(page.locator(".video video")).hasCount(1);
        assertThat(page.locator(".list-head")).containsText("320 × 180 px, WebM video, 0:02");
        assertThat(editor.problems()).isEmpty();
    }

    private static byte[] bytes(Path file) {
        try {
            return Files.readAllBytes(file);
        } catch (IOException unreadable) {
            throw new java.io.UncheckedIOException(unreadable);
        }
    }

    @Test
    void itPlaysWhileItsSlideStandsAndIsInView() {
        Made reel = banner("A video among pictures").choose("motion.transition", null, "tiles");
        Page bench = reel.bench();
        bench.locator(".card-place:nth-child(2) button").first().click();
        assertThat(bench.locator(".sheet")).containsText("carries a video, 0:02");
        bench.locator("[data-do=hold-to-play]").click();
        assertThat(bench.locator("[data-hold-field]")).hasValue("2");
        assertThat(bench.locator("[data-do=hold-to-play]")).hasCount(0);
        assertThat(bench.locator("[data-stored]")).hasText("stored");
        bench.close();

        Page page = reel.live();
        page.evaluate("() => { document.body.style.paddingBottom = '3000px' }");
        List<Integer> answers = new ArrayList<>();
        page.onResponse(answer -> {
            if (answer.url().endsWith(".webm")) {
                answers.add(answer.status());
            }
        });
        assertThat(video(page)).hasCount(0);
        dot(page, 2).click();
        until(page, PLAYING);
        assertThat(answers).isNotEmpty().containsOnly(206);
        assertThat(video(page).evaluate("video => video.muted && video.getAttribute('aria-hidden') === 'true'"))
                .isEqualTo(true);
        assertThat(
                        video(page)
                                .evaluate(
                                        "video => { const [a, b] = [video, video.previousElementSibling].map(one => one.getBoundingClientRect());"
                                                + " return Math.max(Math.abs(a.x - b.x), Math.abs(a.y - b.y), Math.abs(a.width - b.width), Math.abs(a.height - b.height)) }"))
                .as("where its picture is")
                .isEqualTo(0);
        assertThat(page.locator("keen-reel .strip")).hasAttribute("aria-live", "polite");

        Locator pause = page.locator("keen-reel .pause");
        assertThat(pause).hasAttribute("aria-label", "Pause");
        pause.click();
        until(page, "video => video.paused");
        pause.click();
        until(page, PLAYING);
        page.mouse().move(5, 700);
        page.evaluate("() => scrollTo(0, 2500)");
        until(page, "video => video.paused");
        page.evaluate("() => scrollTo(0, 0)");
        until(page, PLAYING);

        dot(page, 3).click();
        until(page, "video => video.paused && video.closest('.slide').matches('.now')"); // it holds its frame
        assertThat(video(page)).hasCount(0);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void whoAskedForLessMotionSeesItsPictureUntilTheyPlayIt() {
        Page page = banner("A quiet video").live();
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        page.reload();
        assertThat(page.locator("keen-reel .run")).hasCount(1);
        dot(page, 2).click();
        assertThat(page.locator("keen-reel .slide-2.now")).hasCount(1);
        Clock.passed(page, 400); // its script would have come
        assertThat(video(page)).hasCount(0);
        page.locator("keen-reel .pause").click();
        until(page, PLAYING);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void whereSlidesHaveStoppedOnePressStillStopsTheVideo() {
        Page page = editor.make("Ends on its video", "banner", "full", "banner-glaze-bench.jpg", FILE)
                .choose("motion.time", null, "0.2")
                .choose("motion.hold", null, "0.5")
                .choose("motion.laps", null, "1")
                .live();
        Locator pause = page.locator("keen-reel .pause");
        until(page, PLAYING);
        page.waitForFunction(
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.frame').getAnimations().every(({ playState }) => playState !== 'running')"); // no hold goes on
        assertThat(page.locator("keen-reel .slide-2.now")).hasCount(1);
        until(page, PLAYING);
        assertThat(pause).hasAttribute("aria-label", "Pause");
        pause.click();
        until(page, "video => video.paused");
        assertThat(pause).hasAttribute("aria-label", "Play");
        pause.click();
        assertThat(pause).hasAttribute("aria-label", "Pause");
        assertThat(page.locator("keen-reel .slide-1.now")).hasCount(1); // it goes on, as it was asked to
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void playedOnceItStaysAtItsEndAndBeginsAnewWhenItComesAgain() {
        Page page = banner("Once")
                .choose("motion.video", null, "once")
                .choose("motion.autoplay", null, "false")
                .live();
        dot(page, 2).click();
        until(page, "video => video.ended");
        page.locator("keen-reel .pause").click();
        page.locator("keen-reel .pause").click();
        Clock.frames(page);
        until(page, "video => video.ended");
        dot(page, 1).click();
        assertThat(video(page)).hasCount(0);
        dot(page, 2).click();
        until(page, "video => !video.paused && video.currentTime < 1");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void itPlaysAloneAndInRowsAndIsAPictureElsewhere() {
        Page alone = editor.make("Nothing but a video", "banner", "full", FILE).live();
        until(alone, PLAYING);
        alone.locator("keen-reel .pause").click();
        until(alone, "video => video.paused");
        alone.close();

        Made row = editor.make(
                "A row with videos", "row", "full", FILE, "commission-01.jpg", FILE, "commission-02.jpg", FILE);
        Page side = row.live();
        side.waitForFunction(
                "() => [...document.querySelector('keen-reel').shadowRoot.querySelectorAll('video')].filter(video => video.currentTime > 0.1).length === 2");
        side.locator("keen-reel .arrow-next").click();
        side.waitForFunction(
                "() => document.querySelector('keen-reel').shadowRoot.querySelectorAll('video').length === 1");
        side.close();

        row.choose("motion.video", null, "still");
        assertThat(row.publish().path("plainElement").asString()).doesNotContain("webm");
        Made grid = editor.make("A grid with a video", "grid", "full", "commission-01.jpg", FILE, "commission-02.jpg");
        Page all = grid.live();
        all.locator("keen-reel").scrollIntoViewIfNeeded();
        Clock.passed(all, 400);
        assertThat(video(all)).hasCount(0);
        assertThat(editor.text(Running.application().origin() + "/r/a-grid-with-a-video/fragment"))
                .doesNotContain("webm");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void theFolderHasItAndPlaysItFromDisk() throws IOException {
        Made reel = editor.make("A folder with a video", "banner", "full", FILE, "banner-dusk-works.jpg");
        reel.publish();
        Path into = Running.temporaryFolder();
        byte[] folder = editor.bytes("/reels/" + reel.id + "/folder");
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(folder))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                Path file = into.resolve(entry.getName());
                Files.createDirectories(file.getParent());
                Files.copy(zip, file);
            }
        }
        Path home = into.resolve("a-folder-with-a-video");
        assertThat(Files.readAllBytes(home.resolve("pictures/1.webm"))).isEqualTo(bytes(Editor.VIDEOS.resolve(FILE)));
        Page page = editor.open(home.resolve("index.html").toUri().toString());
        until(page, PLAYING);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void visitorsGetTheStretchThatTheyAskFor() throws IOException, InterruptedException {
        Made reel = editor.make("Stretches", "banner", "full", FILE, "banner-dusk-works.jpg");
        String fragment = editor.text(reel.publish().path("address").asString() + "/fragment");
        String address = fragment.replaceAll("(?s).*data-video=\\\\?\"([^\"\\\\]+).*", "$1");
        byte[] whole = bytes(Editor.VIDEOS.resolve(FILE));
        HttpResponse<byte[]> all = ask(address, null, null);
        assertThat(all.statusCode()).isEqualTo(200);
        assertThat(all.body()).isEqualTo(whole);
        assertThat(all.headers().firstValue("accept-ranges")).contains("bytes");
        String tag = all.headers().firstValue("etag").orElseThrow();

        HttpResponse<byte[]> some = ask(address, "bytes=100-299", tag);
        assertThat(some.statusCode()).isEqualTo(206);
        assertThat(some.body()).isEqualTo(java.util.Arrays.copyOfRange(whole, 100, 300));
        assertThat(some.headers().firstValue("content-range")).contains("bytes 100-299/" + whole.length);
        assertThat(ask(address, "bytes=-50", null).body())
                .isEqualTo(java.util.Arrays.copyOfRange(whole, whole.length - 50, whole.length));
        assertThat(ask(address, "bytes=5000-", null).body())
                .isEqualTo(java.util.Arrays.copyOfRange(whole, 5000, whole.length));
        HttpResponse<byte[]> beyond = ask(address, "bytes=" + whole.length + "-", null);
        assertThat(beyond.statusCode()).isEqualTo(416);
        assertThat(beyond.headers().firstValue("content-range")).contains("bytes */" + whole.length);
        assertThat(ask(address, "bytes=100-299", "\"another\"").statusCode()).isEqualTo(200);
        assertThat(ask(address, "bytes=nine", null).statusCode()).isEqualTo(200);
        assertThat(ask(address, "bytes=0-1,5-6", null).statusCode()).isEqualTo(200);
    }

    private static HttpResponse<byte[]> ask(String address, String range, String of)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address));
        if (range != null) {
            request.header("Range", range);
        }
        if (of != null) {
            request.header("If-Range", of);
        }
        return HttpClient.newHttpClient().send(request.build(), BodyHandlers.ofByteArray());
    }
}
