package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What files bring with them: words that somebody has to look at, names that tell before from after. */
@Tag("browser")
class FoundInFilesTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private static FilePayload drawing(String name, String says) {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 240 80'>" + says + "<rect width='"
                + (9 + name.length()) + "' height='9' fill='#" + Integer.toHexString(0x100000 + name.hashCode() % 99999)
                + "'/></svg>";
        return new FilePayload(name, "image/svg+xml", svg.getBytes(StandardCharsets.UTF_8));
    }

    private String bring(FilePayload file) {
        return editor.send("POST", "/pictures?name=" + file.name, file.buffer)
                .path("id")
                .asString();
    }

    /** They are marked on the picture's page, in the table and on the slide's sheet, until they are looked at or said anew. */
    @Test
    void wordsOfAFileAreMarkedUntilSomebodyHasLookedAtThem() {
        String looked = bring(drawing("found-looked.svg", "<title>Ovenwick</title><desc>Mark of Ovenwick.</desc>"));
        String told = bring(drawing("found-told.svg", "<title>Untitled-2</title><desc>A kiln door.</desc>"));
        Page page = editor.open("/pictures/" + told);
        Locator found = page.locator(".picture-words .found");
        assertThat(page.locator("[data-field=title]")).hasValue("");
        assertThat(found).containsText("Alt text found in the file.");
        page.locator("[data-field=alt]").fill("The door of a kiln.");
        page.locator("[data-field=alt]").press("Tab");
        assertThat(found).isHidden();
        page.reload();
        assertThat(found).isHidden();

        Made reel = editor.make("Found", "banner", "full", "banner-glaze-bench.jpg");
        reel.edit("{'kind':'carry','slide':'" + reel.slides().get(0) + "','carries':{'picture':'" + looked + "'}}");
        Page bench = reel.bench();
        bench.locator(".card").first().click();
        Locator onSheet = bench.locator(".sheet .found");
        assertThat(onSheet).containsText("Title and alt text found in the file.");
        bench.locator(".sheet [data-say=title]").fill("Ovenwick and sons");
        bench.locator(".sheet [data-say=title]").press("Tab");
        assertThat(onSheet).containsText("Alt text found in the file.");
        onSheet.getByText("It is right").click();
        assertThat(onSheet).hasCount(0);
        page.navigate(page.url().replace(told, looked));
        assertThat(found).isHidden();
        assertThat(page.locator("[data-field=alt]")).hasValue("Mark of Ovenwick.");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void whatOfALongTextIsKeptIsSaid() {
        FilePayload file = drawing("found-long.svg", "<title>" + "Kiln ".repeat(60) + "</title>");
        JsonNode picture = editor.send("POST", "/pictures?name=" + file.name, file.buffer);
        assertThat(picture.path("title").asString()).hasSize(200);
        assertThat(picture.path("note").asString())
                .isEqualTo("In the file it is longer: kept is the title to 200 characters.");
    }

    @Test
    void theLibraryFindsThemAndTheTableMarksThem() {
        String id = bring(drawing("found-in-table.svg", "<title>Ebbtide</title>"));
        Page page = editor.open("/pictures?alt=found&q=found-in-table");
        assertThat(page.locator("[data-picture]")).hasCount(1);
        page.locator("[data-picture='" + id + "'] [type=checkbox]").check();
        page.getByText("Words", new Page.GetByTextOptions().setExact(true)).click();
        Locator mark = page.locator("tr .found");
        assertThat(mark).containsText("Title found in the file.");
        mark.getByText("It is right").click();
        assertThat(mark).isHidden();
        page.reload();
        assertThat(page.locator("[data-picture]")).hasCount(0);
        assertThat(editor.problems()).isEmpty();
    }

    /** A picture's link is completed like a slide's, and a table of words says beforehand where its links lead. */
    @Test
    void aLinkOfAPictureIsCompletedAndSaysWhereItLeads() {
        String id = bring(drawing("found-link.svg", ""));
        Page page = editor.open("/pictures/" + id);
        Locator link = page.locator("[data-field=link]");
        link.fill("www.fennock.example/logos");
        link.press("Tab");
        assertThat(page.locator("[data-leads]")).hasText("Leads to www.fennock.example/logos, on the web.");
        link.fill("post@fennock.example");
        page.locator("[data-field=credit]").focus();
        assertThat(page.locator("[data-leads]")).hasText("Writes a mail to post@fennock.example.");
        assertThat(link).hasValue("mailto:post@fennock.example");

        page.navigate(page.url().replaceFirst("/pictures.*", "/pictures?q=found-link"));
        page.locator("[data-picture='" + id + "'] [type=checkbox]").check();
        page.locator(".chosen-do [type=file]")
                .setInputFiles(new FilePayload(
                        "words.csv",
                        "text/csv",
                        ("id,link\n" + id + ",fennock.example/kiln\n").getBytes(StandardCharsets.UTF_8)));
        Locator look = page.locator("dialog.csv");
        assertThat(look).containsText("https://fennock.example/kiln");
        assertThat(look).containsText("Leads to fennock.example/kiln, on the web.");
        look.locator("[data-take]").click();
        assertThat(look).isHidden();
        page.navigate(page.url().replaceFirst("/pictures.*", "/pictures/" + id));
        assertThat(link).hasValue("https://fennock.example/kiln");
        assertThat(editor.problems()).isEmpty();
    }

    private static FilePayload photograph(String name, String sample) {
        Path file = Path.of("../samples/pictures", sample);
        try {
            return new FilePayload(name, "image/jpeg", Files.readAllBytes(file));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    @Test
    void photographsThatLookAlikeGoTogetherAndSomebodyMayPutThemTogetherOtherwise() {
        Page page = editor.open("/reels/new");
        page.locator("[name=starter][value=comparison]").check();
        page.locator("[data-drop] [type=file]").setInputFiles(new FilePayload[] {
            photograph("IMG_1.jpg", "floor-1-after.jpg"),
            photograph("IMG_2.jpg", "floor-5-before.jpg"),
            photograph("IMG_3.jpg", "floor-1-before.jpg"),
            photograph("IMG_4.jpg", "floor-5-after.jpg")
        });
        Locator told = page.locator(".pair-says");
        assertThat(told).hasCount(2);
        assertThat(told.first()).containsText("alike"); // by their looks, or by the names under which they came first
        assertThat(page.locator(".chosen .side:visible")).hasText(new String[] {"before", "after", "before", "after"});
        List<String> names = page.locator(".chosen .name").allTextContents();
        told.first().getByText("Take apart").click();
        told.first().getByText("Take apart").click();
        assertThat(told).hasCount(0);
        Locator alone = page.locator(".chosen .pair-it:visible");
        assertThat(alone).hasCount(4);
        String first = page.locator(".chosen .name").nth(0).textContent();
        String last = page.locator(".chosen .name").nth(3).textContent();
        alone.nth(0).click();
        alone.nth(3).click();
        assertThat(told).hasCount(1);
        assertThat(told).containsText("Put together by you.");
        assertThat(page.locator(".chosen .name").nth(0)).hasText(first);
        assertThat(page.locator(".chosen .name").nth(1)).hasText(last);
        assertThat(page.locator(".new-reel .quiet[aria-live]"))
                .hasText("1 pair, and 2 pictures that miss their partners.");
        page.locator("[name=name]").fill("By hand");
        page.locator("[name=name]").press("Enter");
        page.waitForURL("**/reels/*");
        assertThat(page.locator(".card-title")).hasCount(1);
        assertThat(names).hasSize(4);
        assertThat(editor.problems()).isEmpty();
    }

    /** Names tell the sides apart; it is asked about, and swapped by one press. */
    @Test
    void picturesInTwosAreOrderedByTheirNamesAndAskedAbout() {
        Page page = editor.open("/reels/new");
        page.locator("[name=starter][value=comparison]").check();
        page.locator("[data-drop] [type=file]").setInputFiles(new FilePayload[] {
            drawing("floor-after.svg", ""),
            drawing("hall-one.svg", ""),
            drawing("floor-before.svg", ""),
            drawing("hall-two.svg", "")
        });
        Locator rows = page.locator(".chosen [data-picture]");
        assertThat(page.locator(".pair-says")).hasText(new String[] {
            "Named alike; before and after by their names. Swap Take apart",
            "Before and after as they came. Swap Take apart"
        });
        assertThat(rows.locator(".name"))
                .hasText(new String[] {"floor-before.svg", "floor-after.svg", "hall-one.svg", "hall-two.svg"});
        page.locator(".pair-says button:text-is(\"Swap\")").last().click();
        assertThat(rows.locator(".name"))
                .hasText(new String[] {"floor-before.svg", "floor-after.svg", "hall-two.svg", "hall-one.svg"});
        assertThat(rows.locator(".side")).hasText(new String[] {"before", "after", "before", "after"});
        assertThat(page.locator(".pair-says button:text-is(\"Swap\")").last()).isFocused();
        page.locator("[name=name]").fill("Sides");
        page.locator("[name=name]").press("Enter");
        page.waitForURL("**/reels/*");
        assertThat(page.locator(".card-title")).hasCount(2);
        page.locator(".card").first().click();
        page.locator("[data-do=swap]").click();
        assertThat(page.locator("#stored-line")).containsText("revision 2 ");
        assertThat(page.locator("[data-key=pair-before]")).hasValue("Before");
        assertThat(page.locator("[data-key=pair-after]")).hasValue("After");
        assertThat(editor.problems()).isEmpty();
    }

    /** A folder becomes a set, and each folder inside it one of its own. */
    @Test
    void foldersInsideAFolderBecomeSetsOfTheirOwn() {
        Page page = editor.open("/pictures");
        page.evaluate("""
                () => {
                  const drawing = (name) => ({ name, isDirectory: false, file: (done) => done(new File([`<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 ${name.length}'><title>${name}</title></svg>`], name)) });
                  const folder = (name, ...entries) => ({ name, isDirectory: true, createReader: () => {
                    const portions = [entries.slice(0, 1), entries.slice(1), []];
                    return { readEntries: (done) => done(portions.shift()) };
                  } });
                  const season = folder('Season', drawing('season-one.svg'), drawing('.hidden.svg'), drawing('Thumbs.db'), drawing('desktop.ini'), folder('Winter', drawing('winter-one.svg'), drawing('winter-second.svg')), folder('Empty'));
                  const drop = Object.assign(new Event('drop', { bubbles: true, cancelable: true }), { dataTransfer: { types: ['Files'], files: [new File(['nothing to see'], 'Thumbs.db')], items: [{ webkitGetAsEntry: () => season }] } });
                  document.querySelector('.rows').dispatchEvent(drop);
                }""");
        Locator sets = page.locator(".sets");
        assertThat(sets.locator("a:has-text('Season, Winter')")).containsText("2,");
        assertThat(sets.locator("a:has-text('Season')").first()).containsText("1,");
        assertThat(sets.locator("a:has-text('Season')")).hasCount(2);
        assertThat(page.locator(".uploads .refused")).hasCount(0);
        assertThat(editor.problems()).isEmpty();
    }
}
