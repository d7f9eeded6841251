package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Reels are found again, and several are duplicated, taken down, binned and taken out at once. */
@Tag("browser")
class ReelListTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private static Locator row(Page page, String name) {
        return page.locator(".reel-row", new Page.LocatorOptions().setHasText(name));
    }

    private String live(String slug) {
        return editor.text(Running.application().origin() + "/r/" + slug + "/fragment");
    }

    /** What is typed filters the list at once, and the address is that of what is shown. */
    @Test
    void theListIsFilteredWhileTyping() {
        editor.make("Sought by typing", "banner", "full", "banner-glaze-bench.jpg");
        editor.make("Something else", "banner", "full", "banner-glaze-bench.jpg");
        Page page = editor.open("/reels");
        page.locator(".wish [type=search]").pressSequentially("sought by");
        assertThat(page.locator(".reel-row")).hasCount(1);
        assertThat(page.locator("#reels-title")).hasText("One reel");
        assertThat(page).hasURL(java.util.regex.Pattern.compile(".*/reels\\?.*q=sought\\+by.*"));
        page.locator(".reel-row [type=checkbox]").check();
        assertThat(page.locator(".several h2")).hasText("One reel chosen");
        page.locator(".wish [type=search]").fill("no such reel");
        assertThat(page.locator(".found-reels .empty").first()).containsText("No reel is like that.");
        page.goBack();
        page = editor.open("/pictures");
        page.locator(".wish [type=search]").pressSequentially("glaze-ben");
        assertThat(page.locator(".rows figure")).hasCount(1);
        assertThat(page).hasURL(java.util.regex.Pattern.compile(".*/pictures\\?.*q=glaze-ben.*"));
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void reelsAreFoundAndSeveralGoIntoTheBinAndComeBack() {
        Made one = editor.make("Zaffre first", "banner", "full", "plate-01-quatrefoil.jpg");
        editor.make("Zaffre brûlé second", "banner", "full", "plate-01-quatrefoil.jpg");
        String slug = one.publish().path("slug").asString();
        Page page = editor.open("/reels?q=BRULE+zaffre&order=name");
        assertThat(page.locator(".reel-row h2")).hasText("Zaffre brûlé second");
        page.navigate(Running.application().origin() + "/reels?q=zaffre&order=name");
        assertThat(page.locator(".reel-row h2")).hasText(new String[] {"Zaffre brûlé second", "Zaffre first"});
        page.locator("[name=state]").selectOption("draft");
        assertThat(page.locator(".reel-row h2")).hasText("Zaffre brûlé second");
        page.locator("[name=state]").selectOption("");
        assertThat(page.locator(".reel-row")).hasCount(2);

        row(page, "Zaffre first").hover();
        row(page, "Zaffre first").locator("text=Duplicate").click();
        assertThat(row(page, "Zaffre first, again").locator(".state")).containsText("Draft");

        page.locator(".reel-row [type=checkbox]").nth(0).check(new Locator.CheckOptions().setForce(true));
        page.locator(".reel-row [type=checkbox]")
                .nth(2)
                .click(new Locator.ClickOptions()
                        .setForce(true)
                        .setModifiers(java.util.List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
        assertThat(page.locator(".several h2")).hasText("3 reels chosen");
        page.locator(".several >> text=Bin").click();
        assertThat(page.locator("dialog.ask")).containsText("Zaffre first is live. In the bin it is taken down");
        assertThat(live(slug)).contains("slide-1");
        page.locator("dialog.ask .primary").click();
        assertThat(page.locator(".reel-row")).hasCount(0);
        assertThat(live(slug)).doesNotContain("slide-1");
        assertThatThrownBy(one::publish).hasMessageContaining("This reel is in the bin.");

        page.navigate(Running.application().origin() + "/reels?bin=yes&q=zaffre");
        assertThat(page.locator(".reel-row")).hasCount(3);
        row(page, "Zaffre brûlé second").hover();
        row(page, "Zaffre brûlé second").locator("text=Take out of the bin").click();
        assertThat(page.locator(".reel-row")).hasCount(2);
        page.navigate(Running.application().origin() + "/reels?q=zaffre");
        assertThat(page.locator(".reel-row h2")).hasText("Zaffre brûlé second");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void oneThatCannotBeReadSaysSoInItsRowAndListsHavePages() throws Exception {
        Made readable = editor.make("Smalt readable", "banner", "full", "plate-01-quatrefoil.jpg");
        Made damaged = editor.make("Smalt damaged", "banner", "full", "plate-01-quatrefoil.jpg");
        Page page = editor.open("/reels?q=smalt&order=name");
        assertThat(page.locator(".reel-row h2")).hasText(new String[] {"Smalt damaged", "Smalt readable"});
        change("UPDATE revision SET document = '{\"format\":99}' WHERE reel_id = '" + damaged.id + "'");
        change("UPDATE reel SET changed_at = changed_at + 1 WHERE id = '" + damaged.id + "'");
        page.reload();
        assertThat(row(page, "Smalt damaged")).containsText("Cannot be read");
        assertThat(row(page, "Smalt damaged")).containsText("a newer Keen Reel (format 99");
        assertThat(row(page, "Smalt readable").locator(".state")).containsText("Draft");
        page.locator("[name=state]").selectOption("draft");
        assertThat(page.locator(".reel-row h2")).hasText("Smalt readable");
        readable.publish();
        page.reload();
        assertThat(page.locator(".empty")).containsText("No reel is like that.");

        StringBuilder all = new StringBuilder();
        for (int i = 0; i < 61; i++) {
            all.append(i == 0 ? "" : ",").append('"').append(readable.id).append('"');
        }
        editor.send("POST", "/reels/duplicate", "{\"reels\":[" + all + "]}");
        page.navigate(Running.application().origin() + "/reels?q=smalt+again");
        assertThat(page.locator("#reels-title")).hasText("61 reels");
        assertThat(page.locator(".reel-row")).hasCount(60);
        page.locator(".pages >> text=Next page").click();
        assertThat(page.locator(".reel-row")).hasCount(1);
        assertThat(page.locator(".pages")).containsText("Page 2 of 2");
        page.locator(".pages >> text=Former page").click();
        assertThat(page.locator(".reel-row")).hasCount(60);
        assertThat(editor.problems()).isEmpty();
        change("UPDATE reel SET binned_at = 1 WHERE name LIKE 'Smalt%'"); // other tests list reels too
    }

    private static void change(String statement) throws Exception {
        String database =
                "jdbc:sqlite:" + Running.application().settings().data().resolve("keen-reel.db") + "?busy_timeout=9000";
        try (java.sql.Connection connection = java.sql.DriverManager.getConnection(database);
                java.sql.Statement sql = connection.createStatement()) {
            sql.executeUpdate(statement);
        }
    }
}
