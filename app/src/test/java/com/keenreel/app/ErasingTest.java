package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.ReelMaker;
import com.keenreel.publish.PlayerFiles;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What was taken away is away: for visitors after a take-down, and for good once it is deleted. */
@Tag("browser")
class ErasingTest {
    private static final Pattern FILE = Pattern.compile("/f/([0-9a-f]{64})\\.(webp|jpeg|png)");

    private final Editor editor = new Editor();
    private final HttpClient http = HttpClient.newHttpClient();

    @AfterEach
    void leave() {
        assertThat(editor.problems()).isEmpty();
        editor.close();
    }

    private Set<String> files(String slug) {
        String fragment = editor.text(Running.application().origin() + "/r/" + slug + "/fragment");
        return FILE.matcher(fragment).results().map(found -> found.group()).collect(Collectors.toSet());
    }

    private int status(String address) throws Exception {
        return http.send(
                        HttpRequest.newBuilder(URI.create(Running.application().origin() + address))
                                .header("Cookie", Running.application().keyCookie())
                                .build(),
                        BodyHandlers.discarding())
                .statusCode();
    }

    private boolean isKept(String address) {
        String name = address.substring(3, 67);
        Path file = Running.application().settings().data().resolve("files").resolve(name.substring(0, 2));
        return Files.exists(file.resolve(name));
    }

    private Made reel(String name, String... pictures) {
        return editor.make(name, "banner", "full", pictures);
    }

    @Test
    void afterATakeDownItsFilesAreNotAnsweredUntilItIsPutBack() throws Exception {
        Made reel = reel("Down again", "commission-07.jpg", "commission-08.jpg");
        String slug = reel.publish().path("slug").asString();
        Set<String> files = files(slug);
        assertThat(files).hasSizeGreaterThan(2);
        for (String file : files) {
            assertThat(status(file)).as(file).isEqualTo(200);
        }
        editor.send("DELETE", "/reels/" + reel.id + "/publication", null);
        for (String file : files) {
            assertThat(status(file)).as(file).isEqualTo(404);
        }
        reel.publish();
        for (String file : files) {
            assertThat(status(file)).as(file).isEqualTo(200);
        }
    }

    @Test
    void aPictureThatIsDeletedForGoodIsGoneEverywhereAndNothingElseIs() throws Exception {
        Made shows = reel("Shows it", "glaze-ochre.jpg", "half-shadow.jpg");
        Made other = reel("Shows the other", "glaze-ochre.jpg", "glaze-slate.jpg");
        String slug = shows.publish().path("slug").asString();
        String otherSlug = other.publish().path("slug").asString();
        Set<String> before = files(slug);
        Set<String> others = files(otherSlug);
        String picture = editor.picture("half-shadow.jpg");
        String ids = "{\"pictures\":[\"" + picture + "\"]}";
        assertThatThrownBy(() -> editor.send("POST", "/pictures/erasure", ids))
                .hasMessageContaining("Only what lies in the bin");
        editor.send("POST", "/pictures/bin", "{\"pictures\":[\"" + picture + "\"],\"into\":true}");
        shows.publish();

        Page bin = editor.open("/pictures?bin=yes");
        bin.locator("[data-picture='" + picture + "'] [type=checkbox]").check();
        bin.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Delete for good").setExact(true))
                .click();
        assertThat(bin.locator("dialog.ask")).containsText("This cannot be undone.");
        assertThat(bin.locator("dialog.ask")).containsText("may keep copies");
        bin.locator("dialog.ask button[value=yes]").click();
        assertThat(bin.locator("[data-picture='" + picture + "']")).hasCount(0);

        Set<String> now = files(slug);
        String original = PlayerFiles.sha256(Files.readAllBytes(ReelMaker.PICTURES.resolve("half-shadow.jpg")));
        assertThat(isKept("/f/" + original)).isFalse();
        Set<String> gone = before.stream().filter(file -> !isKept(file)).collect(Collectors.toSet());
        assertThat(gone).hasSizeGreaterThan(1);
        for (String file : gone) {
            assertThat(status(file)).as(file).isEqualTo(404);
        }
        assertThat(now).doesNotContainAnyElementsOf(gone);
        for (String file : others) {
            assertThat(status(file)).as(file).isEqualTo(200);
        }
        assertThat(editor.picture("half-shadow.jpg"))
                .as("brought again it is another one")
                .isNotEqualTo(picture);
    }

    @Test
    void aReelAndAPublicationAreDeletedForGood() throws Exception {
        Made reel = reel("Deleted for good", "commission-09.jpg", "glaze-moss.jpg");
        String slug = reel.publish().path("slug").asString();
        Set<String> first = files(slug);
        reel.edit("{'kind':'remove','slide':'" + reel.slides().get(0) + "'}");
        reel.publish();
        Set<String> second = files(slug);
        Page publish = editor.open("/reels/" + reel.id + "/publish");
        publish.getByText("Delete", new Page.GetByTextOptions().setExact(true)).click();
        publish.locator("dialog.ask button[value=yes]").click();
        assertThat(publish.locator(".earlier > li")).hasCount(0);
        int gone = 0;
        for (String file : first) {
            gone += status(file) == 404 ? 1 : 0;
        }
        assertThat(gone).isGreaterThan(1);
        for (String file : second) {
            assertThat(status(file)).as(file).isEqualTo(200);
        }

        editor.send("POST", "/reels/bin", "{\"reels\":[\"" + reel.id + "\"],\"into\":true}");
        Page bin = editor.open("/reels?bin=yes");
        Locator row = bin.locator(".reel-row[data-reel='" + reel.id + "']");
        row.hover();
        row.getByText("Delete for good").click();
        bin.locator("dialog.ask button[value=yes]").click();
        assertThat(row).hasCount(0);
        assertThat(status("/reels/" + reel.id)).isEqualTo(404);
        for (String file : second) {
            assertThat(status(file)).as(file).isEqualTo(404);
        }
        assertThat(editor.text(Running.application().origin() + "/pictures?q=glaze-moss"))
                .contains("glaze-moss");
        Made again = reel("Deleted for good", "glaze-moss.jpg");
        assertThat(again.publish().path("slug").asString())
                .as("its address is free again")
                .isEqualTo(slug);

        editor.send("DELETE", "/reels/" + again.id + "/publication", null);
        Page list = editor.open("/reels?q=deleted+for+good");
        Locator state = list.locator(".reel-row[data-reel='" + again.id + "'] .state strong");
        assertThat(state).hasText("Taken down");
        Page last = editor.open("/reels/" + again.id + "/publish");
        last.getByText("Delete", new Page.GetByTextOptions().setExact(true)).click();
        last.locator("dialog.ask button[value=yes]").click();
        assertThat(last.locator(".earlier > li")).hasCount(0);
        list.reload();
        assertThat(state).hasText("Draft");
    }

    @Test
    void earlierPublicationsAreKeptForAsLongAsIsSaid() {
        Made reel = reel("Ages", "glaze-celadon.jpg", "glaze-milk.jpg");
        reel.publish();
        reel.choose("motion.hold", null, "7").publish();
        Page publish = editor.open("/reels/" + reel.id + "/publish");
        assertThat(publish.locator(".earlier > li")).hasCount(1);
        assertThatThrownBy(() -> editor.send("PUT", "/settings/earlier-publications", "{\"days\":7}"))
                .hasMessageContaining("30, 90 or 365 days");
        publish.locator("[aria-label='For how long earlier publications are kept']")
                .selectOption("30");
        publish.waitForLoadState();
        assertThat(publish.locator("[aria-label='For how long earlier publications are kept']"))
                .hasValue("30");
        assertThat(publish.locator(".earlier > li")).hasCount(1);
        editor.send("PUT", "/settings/earlier-publications", "{\"days\":365}");
    }
}
