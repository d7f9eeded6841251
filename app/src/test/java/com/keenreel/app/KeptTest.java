package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.Sampled;
import com.keenreel.player.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Practice pages, sets and the words of pictures: kept while Keen Reel is slow or away, and undone. */
@Tag("browser")
class KeptTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private String page(String title) {
        return editor.send("POST", "/practice", Editor.JSON.createObjectNode().put("title", title))
                .path("slug")
                .asString();
    }

    private Page open(String address) {
        Page page = editor.open("/help");
        page.addInitScript(TypingTest.CONNECTION);
        page.navigate(Running.application().origin() + address);
        return page;
    }

    @Test
    void aNewPageNeverTakesThePlaceOfAnother() {
        String first = page("Welcome back");
        editor.send(
                "PUT",
                "/practice/" + first,
                "{\"title\":\"Welcome back\",\"blocks\":[{\"kind\":\"text\",\"column\":\"main\",\"content\":\"Stays\"}]}");
        assertThat(page("Welcome back!")).isEqualTo("welcome-back-2");
        assertThat(page("Мастерская")).isEqualTo("masterskaa");
        assertThat(page("窯")).matches("[a-z]+");
        assertThat(page("Εργαστήριο")).startsWith("ergast");
        assertThat(page("!!!")).isEqualTo("page");
        assertThat(page("???")).isEqualTo("page-2");
        assertThatThrownBy(() -> page(" ")).hasMessageContaining("1 to 200 characters");
        assertThat(open("/practice/" + first).locator(".block textarea")).hasValue("Stays");
    }

    static List<String> answers() {
        return Sampled.of(List.of("'nothing'", "500", "429"), 2);
    }

    @ParameterizedTest
    @MethodSource("answers")
    void aPracticePageIsKeptAndUndone(String answering) {
        String slug = page("Kept " + answering.replaceAll("\\W", ""));
        Page page = open("/practice/" + slug);
        page.evaluate("answering => { window.answering = eval(answering) }", answering);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("text").setExact(true))
                .click();
        page.locator(".block textarea").fill("Typed while it was away");
        page.locator(".page-title").click();
        assertThat(page.locator("[data-problem]")).containsText("kept here and tried again");
        assertThat(page.locator("[data-stored]")).not().hasText("stored");
        page.evaluate("() => { window.answering = undefined }");
        assertThat(page.locator("[data-stored]")).hasText("stored");
        page.onDialog(dialog -> dialog.accept());
        page.evaluate("() => { window.answering = 503 }");
        page.locator(".block textarea").fill("Typed and left");
        assertThat(page.locator("[data-problem]")).containsText("kept here and tried again");
        page.reload();
        Locator offer = page.locator("dialog.unstored");
        assertThat(offer.locator("li")).containsText("the page Kept");
        offer.getByText("Store now").click();
        assertThat(page.locator(".block textarea")).hasValue("Typed and left");
        page.locator("[data-undo]").click();
        assertThat(page.locator(".block textarea")).hasValue("Typed while it was away");
        page.locator("[data-redo]").click();
        assertThat(page.locator(".block textarea")).hasValue("Typed and left");
        for (int i = 0; page.locator(".block").count() > 0 && i < 4; i++) {
            loadedAnew(page, () -> page.locator("[data-undo]").click());
        }
        assertThat(page.locator(".block")).hasCount(0);
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void savesOfOneFieldDoNotOvertakeOneAnotherAndWordsAreUndone() {
        String picture = editor.picture("plate-05-flower-sprig.jpg");
        Page page = open("/pictures/" + picture);
        Locator title = page.locator("[data-words] [data-field=title]");
        String before = title.inputValue();
        page.evaluate("() => { window.late = 3000 }");
        title.fill("First");
        Clock.passed(page, 1000); // it is being stored, and its answer is late
        page.evaluate("() => { window.late = 0 }");
        title.fill("Second");
        title.press("Tab");
        assertThat(page.locator("[data-words] [data-stored]")).hasText("Stored.");
        assertThat(title(picture)).isEqualTo("Second");
        while (!title(picture).equals(before)) {
            loadedAnew(page, () -> page.locator("[data-undo]").click());
        }
        assertThat(title).hasValue(before);
        loadedAnew(page, () -> page.locator("[data-redo]").click());
        assertThat(title(picture)).isNotEqualTo(before);
        page.locator("[data-undo]").click();
        assertThat(title).hasValue(before);
        assertThat(editor.problems()).isEmpty();
    }

    /** Does what loads the page anew, and waits until it is there. */
    private static void loadedAnew(Page page, Runnable doing) {
        page.evaluate("() => { window.before = true }");
        doing.run();
        page.waitForFunction("() => !window.before && document.readyState === 'complete'");
    }

    private String title(String picture) {
        String csv = editor.text(Running.application().origin() + "/pictures/words.csv?ids=" + picture);
        return csv.lines().toList().get(1).split(",")[2].replace("\"", "");
    }

    @Test
    void setsAreUndoneToTheirOrderAndName() {
        String one = editor.picture("plate-05-flower-sprig.jpg");
        String two = editor.picture("plate-03-target-square.jpg");
        JsonNode made = editor.send(
                "POST", "/pictures/sets", "{\"name\":\"Undone\",\"pictures\":[\"" + one + "\",\"" + two + "\"]}");
        String set = made.path("id").asString();
        Page page = open("/pictures?set=" + set);
        List<String> order = List.of(one, two);
        page.locator("[aria-label='Lay the whole set out']").selectOption("laid_out_reversed");
        page.waitForCondition(() -> shown(page).equals(List.of(two, one)));
        page.evaluate("() => { window.answering = 503 }");
        page.locator("[data-undo]").click();
        assertThat(page.locator("#notices")).containsText("cannot store at present (503)");
        page.onDialog(com.microsoft.playwright.Dialog::accept); // the browser asks before it is left
        page.reload(); // the connection is as it was before
        assertThat(page.locator("dialog.unstored")).containsText("order of the set: undone");
        page.locator("dialog.unstored .primary").click();
        page.waitForCondition(() -> shown(page).equals(order));
        page.locator("[aria-label='Lay the whole set out']").selectOption("laid_out_reversed");
        page.waitForCondition(() -> shown(page).equals(List.of(two, one)));
        page.locator("[data-undo]").click();
        page.waitForCondition(() -> shown(page).equals(order));
        page.locator("[data-redo]").click();
        page.waitForCondition(() -> shown(page).equals(List.of(two, one)));
        page.getByText("Remove the set").click();
        page.locator("dialog.ask").getByRole(AriaRole.BUTTON).first().click();
        page.waitForURL(address -> !address.contains("set="));
        page.locator("[data-undo]").click();
        assertThat(page.locator("#notices")).containsText("set removed: undone");
        page.navigate(Running.application().origin() + "/pictures?set=" + set);
        assertThat(page.locator(".open-set h2")).hasText("Undone");
        assertThat(shown(page)).isEqualTo(List.of(two, one));
        assertThat(editor.problems()).isEmpty();
    }

    @SuppressWarnings("unchecked")
    private static List<String> shown(Page page) {
        return (List<String>)
                page.locator(".rows [data-picture]").evaluateAll("all => all.map(one => one.dataset.picture)");
    }

    @Test
    void aTableOfWordsCarriesNoFormulas() {
        String picture = editor.picture("plate-03-target-square.jpg");
        String before = editor.text(Running.application().origin() + "/pictures/words.csv?ids=" + picture);
        editor.send("PUT", "/pictures/" + picture + "/words", "{\"title\":\"=1+1\",\"caption\":\"'quoted\"}");
        String csv = editor.text(Running.application().origin() + "/pictures/words.csv?ids=" + picture);
        assertThat(csv).contains(",'=1+1,''quoted,");
        assertThat(editor.send("POST", "/pictures/words.csv", csv.getBytes(java.nio.charset.StandardCharsets.UTF_8)))
                .isNotNull();
        assertThat(editor.text(Running.application().origin() + "/pictures/words.csv?ids=" + picture))
                .isEqualTo(csv);
        editor.send("POST", "/pictures/words.csv", before.getBytes(java.nio.charset.StandardCharsets.UTF_8));
    }
}
