package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Steering, chosen on the bench: arrows of one's own, and what is said to those who listen. */
@Tag("browser")
class SteeringOnBenchTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    @Test
    void picturesOfOnesOwnStandOnArrowsUntilTheyGoIntoTheBin() {
        Made reel = editor.banner("Arrows of its own").choose("steering.arrows-form", null, "own");
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><path d='M1 4h7M5 1l3 3-3 3'/></svg>";
        byte[] drawn = svg.getBytes(java.nio.charset.StandardCharsets.UTF_8);
        String own = editor.send("POST", "/pictures?name=own-arrow.svg", drawn)
                .path("id")
                .asString();
        Page bench = editor.open("/reels/" + reel.id);
        bench.locator("[data-key=word-set-steering-arrows-onward-all]").click();
        bench.locator(".control-panel:popover-open [data-pick]").click();
        bench.locator("#pick [data-picture='" + own + "']").click();
        bench.locator("#pick .primary").click();
        String word = "[data-key=word-set-steering-arrows-onward-all]";
        assertThat(bench.locator(word)).hasText("a picture of the library");
        assertThat(bench.locator(word)).isFocused();
        assertThat(Editor.screen(bench, 2).locator(".arrow-next img")).isVisible();
        reel.choose("steering.arrows-form", "tablet", "solid");

        Page page = reel.live();
        assertThat(page.locator("keen-reel .arrow-next img")).hasCSS("width", "32px");
        assertThat(page.locator("keen-reel .arrow-next img")).hasCSS("transform", "none");
        assertThat(page.locator("keen-reel .arrow-previous img")).hasCSS("transform", "matrix(-1, 0, 0, 1, 0, 0)");
        assertThat(page.locator("keen-reel .arrow-next svg")).isHidden();
        page.setViewportSize(820, 800);
        assertThat(page.locator("keen-reel .arrow-next img")).isHidden();
        assertThat(page.locator("keen-reel .arrow-next .solid")).isVisible();
        page.setViewportSize(1280, 800);
        page.locator("keen-reel .arrow-next").click();
        assertThat(page.locator("keen-reel .slide-2")).hasClass(java.util.regex.Pattern.compile("\\bnow\\b"));

        Page turned = reel.choose("speech.language", null, "ar").live();
        assertThat(turned.locator("keen-reel .arrow-next img")).hasCSS("transform", "matrix(-1, 0, 0, 1, 0, 0)");
        assertThat(turned.locator("keen-reel .arrow-previous img")).hasCSS("transform", "none");

        var ids = Editor.JSON.createObjectNode();
        ids.putArray("pictures").add(own);
        editor.send("POST", "/pictures/bin", ids.put("everywhere", true));
        Page without = editor.open(turned.url());
        assertThat(without.locator("keen-reel .arrow-next svg")).hasCount(2); // its angle, and the triangle
        assertThat(without.locator("keen-reel .arrow-next img")).hasCount(0);
        assertThat(bench.locator(word)).hasText("an angle, until you pick one");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void itsLanguageIsChosenAndItsWordsAreGiven() {
        Made reel = editor.banner("Gesagt");
        Page bench = editor.open("/reels/" + reel.id);
        bench.locator("[data-unfold=Steering]").click();
        bench.locator("[data-key='word-set-speech-language-all']").click();
        bench.locator(".control-panel:popover-open .choice", new Page.LocatorOptions().setHasText("German"))
                .click();
        Locator wording = bench.locator("#set-together [data-option='speech.next'] input");
        assertThat(wording).hasAttribute("placeholder", "Nächstes Bild");
        bench.keyboard().press("Escape");
        bench.locator("[data-key=word-together]").click(); // one word for all of them
        wording.fill("Weiter");
        wording.press("Enter");
        assertThat(bench.locator("[data-key='word-set-speech-next-all']")).hasText("“Weiter”");
        Locator position = bench.locator("#set-together [data-option='speech.position'] input"); // it is still open
        position.fill("Nur ein Bild");
        position.press("Enter");
        assertThat(bench.locator("#set-together [data-option='speech.position'] .problem"))
                .containsText("Keep {n} and {count}");
        assertThat(position).hasValue("Nur ein Bild");
        assertThat(reel.live().locator(".arrow-next")).hasAttribute("aria-label", "Weiter");
        editor.problems().removeIf(problem -> problem.contains("422")); // the refusal, whenever it was noted
        assertThat(editor.problems()).isEmpty();
    }
}
