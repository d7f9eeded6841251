package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Kinds;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What single arrangements have on the bench: cells that are dragged, words of rows that move, options of their own. */
@Tag("browser")
class ArrangementOnBenchTest {
    private final Editor editor = new Editor();

    @AfterEach
    void close() {
        editor.close();
    }

    @Test
    void aCellIsDraggedOverOthersOnTheWallOrTurnedByKeys() {
        Page page = Kinds.grid(editor).bench();
        page.locator(".card").nth(1).click();
        Locator spans = page.locator("[data-spans]");
        assertThat(spans).hasAttribute("data-desk", "1 1");
        Locator dragged = page.frameLocator(".screen:nth-child(3) iframe").locator("keen-reel .slide-2");
        double wide = ((Number) dragged.evaluate("one => one.clientWidth")).doubleValue();
        assertThat(page.frameLocator(".screen:nth-child(3) iframe").locator("[title^=Drag]"))
                .isVisible();
        @SuppressWarnings("unchecked")
        List<Number> at = (List<Number>) page.evaluate("""
                () => {
                  const frame = document.querySelectorAll('iframe')[2];
                  const seen = frame.getBoundingClientRect();
                  const scale = seen.width / frame.clientWidth; // pages of the wall are drawn smaller
                  const { right, bottom } = frame.contentDocument.querySelector('[title^=Drag]').getBoundingClientRect();
                  const { width, height } = frame.contentDocument.querySelector('keen-reel').shadowRoot.querySelector('.slide-2').getBoundingClientRect();
                  return [seen.left + right * scale - 4, seen.top + bottom * scale - 4, width * scale, height * scale];
                }""");
        double x = at.get(0).doubleValue();
        double y = at.get(1).doubleValue();
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + at.get(2).doubleValue() / 2, y + at.get(3).doubleValue());
        page.mouse().move(x + at.get(2).doubleValue(), y + at.get(3).doubleValue());
        page.waitForCondition(() -> ((Number) dragged.evaluate("one => one.clientWidth")).doubleValue()
                > 1.9 * wide); // before it is stored
        page.mouse().up();
        assertThat(page.locator(".own .word").first()).containsText("two by two cells");
        page.locator(".screen-name").first().focus();
        page.keyboard().press("Shift+ArrowUp");
        assertThat(page.locator(".own .word").first()).containsText("two cells across");
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(spans).hasAttribute("data-desk", "1 1");
        assertThat(editor.problems()).isEmpty();
    }

    /** An edit puts a word in the place of its former state, while its row stands somewhere on its way. */
    @Test
    void aWordThatIsWrittenAnewOnTheWallStillGoesWithItsRow() {
        Page bench = Kinds.words(editor).bench();
        String lefts =
                "strip => [...strip.querySelectorAll('.word')].map((one) => one.getBoundingClientRect().x).join()";
        List<String> before = new ArrayList<>();
        for (int screen = 0; screen < 3; screen++) {
            Locator strip = Editor.screen(bench, screen).locator(".strip");
            assertThat(strip.locator(".word").first()).isVisible();
            before.add((String) strip.evaluate(lefts));
        }
        bench.locator(".card").first().click();
        Locator title = bench.locator("[data-say=title]");
        String former = title.inputValue();
        for (String said : List.of("Verdigris", former)) {
            title.fill(said);
            for (int screen = 0; screen < 3; screen++) {
                Locator word = Editor.screen(bench, screen).locator(".word-1");
                assertThat(word).hasText(said);
                assertThat((Integer) word.evaluate("one => one.getAnimations().length"))
                        .as("what moves it")
                        .isEqualTo(1);
            }
        }
        for (int screen = 0; screen < 3; screen++) {
            assertThat(Editor.screen(bench, screen).locator(".strip").evaluate(lefts))
                    .as("screen " + screen)
                    .isEqualTo(before.get(screen));
        }
        assertThat(editor.problems()).isEmpty();
    }

    /** An arrangement that lives in the tests alone: nobody else has a line for it. */
    private Made columns() {
        Made reel = editor.make("Columns", "row", "full", Kinds.SIX);
        return reel.choose("arrangement", null, "trial")
                .choose("trial.turn", null, "20")
                .choose("words.place", null, "lower-left");
    }

    @Test
    void anArrangementThatNobodyKnowsIsSaidInTheBriefAndChosenOnSheets() {
        Made reel = columns();
        Page page = reel.bench();
        assertThat(page.locator("[data-key='word-set-arrangement-all']")).hasText("cells in columns");
        assertThat(page.locator("[data-key='word-set-trial-turn-all']")).hasText("20 degrees");
        assertThat(page.locator(".screen")).hasCount(3);
        page.locator(".card").nth(2).click();
        Locator span = page.locator("[data-key='word-set-trial-span-all-of-slide']");
        assertThat(span).hasText("1");
        span.click();
        Locator number = page.locator(".control-panel:popover-open input[type=number]");
        number.fill("2");
        number.press("Enter");
        assertThat(span).hasText("2");
        double wide = Editor.screen(page, 2).locator(".slide-3").boundingBox().width;
        double usual = Editor.screen(page, 2).locator(".slide-1").boundingBox().width;
        assertThat(wide).isGreaterThan(1.9 * usual);
        assertThat(editor.problems()).isEmpty();
    }
}
