package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What a newcomer has to be told stands where it is about, and nothing says otherwise elsewhere. */
@Tag("browser")
class SaidInPlaceTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    /** A slide that visitors do not meet is on the wall while its sheet is open, and marked; counter and sheet agree. */
    @Test
    void aHiddenSlideIsShownMarkedWhileItsSheetIsOpen() {
        Made reel = editor.banner("Hidden here");
        reel.edit("{'kind':'hide','slide':'" + reel.slides().get(1) + "','hidden':true}");
        Page page = reel.bench();
        Locator marked = page.locator(".page-window[data-only]");
        assertThat(marked).hasCount(0);
        page.locator(".card").nth(1).click();
        assertThat(marked).hasCount(3);
        assertThat(marked.first()).hasAttribute("data-only", "Only here: slide 2 (hidden)");
        assertThat(page.locator("[data-at]")).hasText("2");
        page.locator("[data-do=next-slide]").click();
        assertThat(page.locator(".sheet-head h2")).hasText("Slide 3");
        assertThat(page.locator("[data-at]")).hasText("3");
        assertThat(marked).hasCount(0);
        page.locator("[data-do=play]").click();
        assertThat(page.locator(".brief")).isVisible();
        page.locator("[data-do=play]").click();
        assertThat(editor.problems()).isEmpty();
    }

    /** Several refusals at once stand each at its field, and the header does not claim that all is stored. */
    @Test
    void aRefusalStandsAtItsFieldAndNothingSaysStored() {
        Page page = editor.banner("Refused here").bench();
        page.locator(".card").first().click();
        Locator link = page.locator(".sheet [data-say=link]");
        Locator hold = page.locator(".sheet [data-hold-field]");
        link.fill("javascript:alert(1)");
        link.press("Tab");
        Locator problem = page.locator(".sheet p[data-problem]");
        assertThat(problem).containsText("not javascript:");
        assertThat(problem).isInViewport();
        BoundingBox at = link.boundingBox();
        assertThat(problem.boundingBox().y).isBetween(at.y, at.y + 120);
        assertThat(page.locator("[data-stored]")).hasText("not all of it is stored");
        hold.fill("9000");
        hold.press("Tab");
        assertThat(problem).hasCount(2);
        page.locator(".sheet [data-say=title]").fill("Stored all the same");
        page.locator(".sheet [data-say=title]").press("Tab");
        assertThat(page.locator("#stored-line")).containsText("revision 2 ");
        assertThat(problem).hasCount(2);
        assertThat(page.locator("[data-stored]")).hasText("not all of it is stored");
        link.fill("/days");
        link.press("Tab");
        hold.fill("9");
        hold.press("Tab");
        assertThat(page.locator("#stored-line")).containsText("revision 4 ");
        assertThat(page.locator("[data-stored]")).hasText("stored");
        editor.problems().removeIf(one -> one.contains("422"));
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void whatDidNotFitIntoAFieldIsSaidAtOnce() {
        Page page = editor.banner("Cut here").bench();
        page.locator(".card").first().click();
        Locator button = page.locator(".sheet [data-say=button]");
        button.focus();
        page.evaluate("text => navigator.clipboard.writeText(text)", "b".repeat(75));
        page.keyboard().press("Control+V");
        assertThat(button).hasValue("b".repeat(60));
        assertThat(page.locator(".sheet .cut-off")).hasText("60 characters fit: 15 did not.");
        page.keyboard().press("Backspace");
        page.keyboard().type("cd");
        assertThat(page.locator(".sheet .cut-off")).hasText("60 characters fit: one did not.");
        button.press("Tab");
        assertThat(page.locator(".sheet .cut-off")).hasCount(0);
        assertThat(editor.problems()).isEmpty();
    }

    /** A name that is refused stays in its field, with the reason beside it, until another one is taken. */
    @Test
    void aNameThatIsRefusedSaysSoAtTheName() {
        Made reel = editor.make("A good name", "banner", "full", "glaze-moss.jpg");
        Page page = reel.bench();
        Locator name = page.locator(".reel-name");
        Locator problem = page.locator("[data-name-problem]");
        name.fill("   ");
        name.press("Tab");
        assertThat(problem).not().isEmpty();
        assertThat(page.locator("[data-stored]")).hasText("not all of it is stored");
        page.locator(".card").first().click();
        page.locator(".sheet [data-do=hide]").click();
        assertThat(page.locator("#stored-line")).containsText("revision 2 ");
        assertThat(name).hasValue("   ");
        assertThat(problem).not().isEmpty();
        name.fill("A better name");
        name.press("Tab");
        assertThat(problem).isEmpty();
        assertThat(page.locator("[data-stored]")).hasText("stored");
        assertThat(editor.problems()).allMatch(said -> said.contains("422"));
    }

    /** Nothing is too short to be read where nothing goes on by itself; a cut caption offers the lines that it needs. */
    @Test
    void captionsThatAreCutOffOfferTheLinesTheyNeed() {
        Made reel = editor.make("Cut captions", "row", "full", "glaze-moss.jpg", "glaze-milk.jpg", "glaze-slate.jpg");
        String first = reel.slides().get(0);
        reel.say(first, "text", "A glaze mixed by hand and fired four times, in a kiln that had to be mended twice.");
        Page page = reel.bench();
        Locator cut = page.locator(".brief p:has([data-remedy])");
        assertThat(cut.first()).containsText("the text of slide 1");
        int before = cut.count();
        cut.first().locator("[data-remedy]").click();
        assertThat(cut).hasCount(before - 1);
        page.locator(".card").first().click();
        assertThat(page.locator(".reads")).not().containsText("too short");
        assertThat(editor.problems()).isEmpty();
    }

    /** A band's sheet has what a band shows; its logos stand whole on their cards; silent links are said on Publish. */
    @Test
    void aBandOffersWhatItShows() {
        Made reel = editor.make("Band offers", "marquee", "full", "logos/ovenwick.svg", "logos/tundleby.svg");
        String first = reel.slides().get(0);
        reel.say(first, "link", "https://ovenwick.example").say(first, "alt", "");
        Page page = reel.bench();
        assertThat(page.locator(".card .whole")).hasCount(2);
        page.locator(".card").first().click();
        assertThat(page.locator(".sheet [data-say=alt]")).isVisible();
        assertThat(page.locator(".sheet [data-say=link]")).isVisible();
        for (String field : new String[] {"title", "text", "button"}) {
            assertThat(page.locator(".sheet [data-say=" + field + "]")).hasCount(0);
        }
        page.navigate(page.url() + "/publish");
        assertThat(page.locator(".notice").first()).containsText("Slide 1 leads somewhere and has no alt text");
        assertThat(editor.problems()).isEmpty();
    }

    /** While crops are shown, one press on a card's picture says what matters in it. */
    @Test
    void onePressOnACardsPictureCorrectsItsFocalPoint() {
        Made reel = editor.banner("Pressed focal");
        Page page = reel.bench();
        page.locator("[data-over=crop]").click();
        Locator picture = page.locator(".card img").nth(1);
        BoundingBox box = picture.boundingBox();
        page.mouse().click(box.x + box.width * 0.25, box.y + box.height / 2);
        assertThat(page.locator("#stored-line")).containsText("revision 2 ");
        assertThat(page.locator(".brief")).isVisible();
        page.locator("[data-over=crop]").click();
        page.locator(".card").nth(1).click();
        assertThat(page.locator("[data-key=focal-all]")).containsText("25, ");
        assertThat(editor.problems()).isEmpty();
    }
}
