package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Reels are found again, and several are duplicated, taken down, binned and taken out at once. */
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

    @Test
    void reelsAreFoundAndSeveralGoIntoTheBinAndComeBack() {
        Made one = editor.make("Zaffre first", "banner", "full", "plate-01-quatrefoil.jpg");
        editor.make("Zaffre é second", "banner", "full", "plate-01-quatrefoil.jpg");
        String slug = one.publish().path("slug").asString();
        Page page = editor.open("/reels?q=zaffre+E&order=name");
        assertThat(page.locator(".reel-row h2")).hasText("Zaffre é second");
        page.navigate(Running.application().origin() + "/reels?q=zaffre&order=name");
        assertThat(page.locator(".reel-row h2")).hasText(new String[] {"Zaffre é second", "Zaffre first"});
        page.locator("[name=state]").selectOption("draft");
        assertThat(page.locator(".reel-row h2")).hasText("Zaffre é second");
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
        row(page, "Zaffre é second").hover();
        row(page, "Zaffre é second").locator("text=Take out of the bin").click();
        assertThat(page.locator(".reel-row")).hasCount(2);
        page.navigate(Running.application().origin() + "/reels?q=zaffre");
        assertThat(page.locator(".reel-row h2")).hasText("Zaffre é second");
        assertThat(editor.problems()).isEmpty();
    }
}
