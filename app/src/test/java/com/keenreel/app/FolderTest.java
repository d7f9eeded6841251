package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Boxes;
import com.keenreel.player.Kinds;
import com.keenreel.player.Visitor;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A reel taken as a folder, opened from disk. */
@Tag("browser")
class FolderTest {
    private static void unzip(Path zip, Path into) throws IOException {
        try (InputStream in = Files.newInputStream(zip);
                ZipInputStream entries = new ZipInputStream(in)) {
            for (ZipEntry entry = entries.getNextEntry(); entry != null; entry = entries.getNextEntry()) {
                Path file = into.resolve(entry.getName());
                Files.createDirectories(file.getParent());
                Files.copy(entries, file);
            }
        }
    }

    private static Path take(Editor editor, Made reel, Path into) throws IOException {
        Page publish = editor.open("/reels/" + reel.id + "/publish");
        Download download =
                publish.waitForDownload(() -> publish.getByText("Download", new Page.GetByTextOptions().setExact(true))
                        .click());
        unzip(download.path(), into);
        String name = download.suggestedFilename().replace(".zip", "");
        publish.close();
        return into.resolve(name);
    }

    /** What Publish gives for a page that lies beside the folder. */
    private static String line(Editor editor, Made reel) {
        Page publish = editor.open("/reels/" + reel.id + "/publish");
        publish.locator("[data-copy=folder]").click();
        assertThat(publish.locator("#notices")).hasText("The folder's line is copied.");
        String line = publish.locator("[data-code=folder]").inputValue();
        publish.close();
        return line;
    }

    @Test
    void itOpensFromDiskAndAsksForNothingElsewhere() throws IOException {
        Path into = Running.temporaryFolder();
        try (Editor editor = new Editor();
                Editor visitor = new Editor();
                Visitor without = new Visitor(false)) {
            for (Map.Entry<String, Made> kind : Kinds.some(editor, 4).entrySet()) {
                kind.getValue().publish();
                Path folder = take(editor, kind.getValue(), into);
                assertThat(folder.resolve("read me.txt")).content().contains("index.html", "<iframe");
                Path beside = Files.writeString(
                        into.resolve(kind.getKey() + ".html"),
                        "<!doctype html><title>Beside</title>" + line(editor, kind.getValue()));
                Page framed = visitor.open("file://" + beside);
                assertThat(framed.frameLocator("iframe").locator("keen-reel .run"))
                        .hasCount(1);
                framed.close(); // what it loads first is chosen by the width that a frame has before its page has one
                visitor.problems().removeIf(said -> said.contains("was preloaded using link preload"));
                List<String> asked = new ArrayList<>();
                Page page = visitor.open("file://" + folder.resolve("index.html"));
                page.onRequest(request -> asked.add(request.url()));
                page.reload();
                assertThat(page.locator("keen-reel .run")).hasCount(1);
                page.waitForLoadState(LoadState.NETWORKIDLE);
                assertThat(asked)
                        .hasSizeGreaterThan(3)
                        .allMatch(address -> address.startsWith("file://" + folder) || address.startsWith("data:"));
                Boxes boxes = new Boxes();
                boxes.compare(
                        "folder, " + kind.getKey(),
                        Boxes.seen(page, 0),
                        kind.getValue().layout(1280, "live"));
                assertThat(boxes.wrong()).isEmpty();
                assertThat(page.evaluate("() => [...document.fonts].every(({ status }) => status === 'loaded')"))
                        .isEqualTo(true);
                page.waitForFunction(
                        "() => [...document.querySelector('keen-reel').shadowRoot.querySelectorAll('.now .crop img')].filter((one) => one.checkVisibility() && one.getBoundingClientRect().top < innerHeight).every((one) => one.naturalWidth > 0)");
                page.close();
                Page plain = without.open("file://" + folder.resolve("index.html"));
                assertThat(plain.locator(".slide-1").first()).isVisible();
                assertThat(plain.locator(".slide")).not().hasCount(1);
                plain.close();
            }
            assertThat(visitor.problems()).isEmpty();
            assertThat(without.problems()).isEmpty();
            assertThat(editor.problems()).isEmpty();
        } finally {
            Running.delete(into);
        }
    }
}
