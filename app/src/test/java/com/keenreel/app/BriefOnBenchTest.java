package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Starter;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.player.Clock;
import com.keenreel.player.Kinds;
import com.keenreel.player.LayoutCases;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The brief on the bench: one page, in which everything is found. */
@Tag("browser")
class BriefOnBenchTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    /** Where the brief is longer than its place, it is moved on its own: what it does is seen while it is turned. */
    @Test
    void theWallStaysInSightOfTheWholeBrief() {
        Page page = editor.banner("In sight").bench();
        for (Locator rest : page.locator("[data-unfold]").all()) {
            rest.click();
            assertThat(rest).hasAttribute("aria-expanded", "true");
        }
        Locator last = page.locator("[data-key=word-together]");
        last.scrollIntoViewIfNeeded();
        assertThat(last).isInViewport();
        assertThat(page.locator(".screen").first()).isInViewport();
        assertThat(((Number) page.evaluate("scrollY")).intValue()).isZero();
    }

    /** Each arrangement is drawn with the reel's own pictures, and says beforehand what it would keep unseen. */
    @Test
    void arrangementsAreDrawnWithTheReelsOwnSlides() {
        Made reel = Kinds.pair(editor);
        Page page = reel.bench();
        page.locator("[data-key=word-set-arrangement-all]").click();
        Locator choices = page.locator(".control-panel:popover-open .choice");
        Locator grid = choices.filter(new Locator.FilterOptions().setHasText("a grid"));
        assertThat(grid.locator("image")).hasCount(4); // both pictures of two comparisons
        assertThat(choices.filter(new Locator.FilterOptions().setHasText("an endless band")))
                .containsText("of comparisons only the picture after is seen");
        assertThat(choices.filter(new Locator.FilterOptions().setHasText("one slide at a time"))
                        .first()
                        .locator("image"))
                .hasCount(2);
        grid.click();
        assertThat(page.locator("[data-key=word-set-arrangement-all]")).hasText("a grid");
        assertThat(Editor.screen(page, 2).locator(".grid .pair")).hasCount(2);
        assertThat(editor.problems()).isEmpty();
    }

    /** What is usual is the closing words of its column, so that everything that is said stands in the window. */
    @ParameterizedTest
    @MethodSource("com.keenreel.core.arrangement.Arrangements#starters")
    void theBriefOfEveryStarterFitsAWindow(Starter starter) {
        Page page = editor.make(
                        "Fits " + starter.key(),
                        starter.key(),
                        "full",
                        "banner-glaze-bench.jpg",
                        "banner-dusk-works.jpg",
                        "banner-kiln-glow.jpg",
                        "banner-long-room.jpg")
                .bench();
        Locator last = page.locator(".brief-column > :not(.usual)").last();
        assertThat(last).isInViewport(new LocatorAssertions.IsInViewportOptions().setRatio(1));
        assertThat(
                        (Boolean)
                                page.evaluate(
                                        "() => { const band = document.querySelector('.band'); return band.scrollHeight <= band.clientHeight }"))
                .isTrue();
        assertThat(((Number) page.evaluate("document.scrollingElement.scrollHeight")).intValue())
                .isEqualTo(800);
    }

    /** What became usual stays while its panel is open, and is folded away with the others then. */
    @Test
    void aSentenceIsFoldedWhenItSaysNothingUnusualAnyMore() {
        Made reel = editor.banner("Folds").choose("look.corners", null, "12");
        Page page = reel.bench();
        Locator corners = page.locator("[data-key='word-set-look-corners-all']");
        corners.click();
        Locator number = page.locator(".control-panel:popover-open input[type=number]");
        number.fill("0");
        number.press("Enter");
        assertThat(corners).hasText("0 px");
        assertThat(page.locator(".brief-column").last().locator(".when-folded")).hasText("All as usual");
        assertThat(number).isVisible();
        page.keyboard().press("Escape");
        assertThat(corners).isHidden();
        page.locator("[data-unfold=Look]").click();
        assertThat(corners).isVisible();
        assertThat(editor.problems()).isEmpty();
    }

    /** Pointed at, or reached by an arrow key, a choice is on the wall; left, what holds is there again. */
    @Test
    void aChoiceIsSeenBeforeItIsTaken() {
        Made reel = editor.banner("Tried");
        Page page = reel.bench();
        Locator desk = page.locator(".screen").nth(2).locator(".said");
        String before = desk.textContent();
        page.locator("[data-key='word-set-shape-ratio-all']").click();
        Locator panel = page.locator(".control-panel:popover-open");
        panel.locator("[data-value='3:2']").hover();
        assertThat(desk).containsText("1280 × 853");
        assertThat(panel.locator("[data-effect]")).containsText("Desk page: reel 1280 × 853");
        page.mouse().move(640, 300); // on the wall
        assertThat(desk).hasText(before);
        panel.locator("[data-value='12:5']").focus();
        page.keyboard().press("ArrowRight");
        assertThat(desk).containsText("1280 × 720");
        page.keyboard().press("ArrowRight");
        assertThat(desk).containsText("1280 × 853");
        assertThat(page.locator("#stored-line")).containsText("revision 1 ");
        page.keyboard().press("Escape");
        assertThat(desk).hasText(before);
        page.locator("[data-key='word-set-shape-ratio-phone']").click();
        panel.locator("[data-set-scope=desk]")
                .click(); // the panel stands elsewhere afterwards, the pointer where it was
        Clock.passed(page, 400); // longer than a choice that is pointed at waits to be shown
        assertThat(panel.locator("[data-effect]")).isEmpty();
        assertThat(desk).hasText(before);
        page.keyboard().press("Escape");
        page.locator("[data-key='word-set-shape-ratio-all']").click();
        panel.locator("[data-value='16:9']").click();
        assertThat(page.locator("#stored-line")).containsText("revision 2 ");
        page.mouse().move(640, 300);
        page.keyboard().press("Escape");
        Clock.passed(page, 400); // longer than a choice that is pointed at waits to be shown
        assertThat(desk).containsText("1280 × 720");
        assertThat(editor.problems()).isEmpty();
    }

    /** Whatever is chosen, it reads as sentences and scrolls by itself; the wall stays where it is. */
    @Test
    void whereEverythingIsUnusualTheWallStaysInSight() {
        Made reel = editor.banner("Unusual");
        for (Option<?> option : Arrangements.of("single").options()) {
            String value = unusual(option);
            if (!value.isEmpty()) {
                reel.choose(option.key(), null, value);
                if (option.bySetUp()) {
                    reel.choose(option.key(), "phone", value);
                }
            }
        }
        Page page = reel.bench();
        for (Locator screen : page.locator(".screen").all()) {
            assertThat(screen).isInViewport(new LocatorAssertions.IsInViewportOptions().setRatio(1));
        }
        assertThat(((Number) page.evaluate("document.scrollingElement.scrollHeight")).intValue())
                .isEqualTo(800);
        assertThat((Boolean) page.evaluate("document.scrollingElement.scrollWidth <= innerWidth"))
                .isTrue();
        for (Locator sentence :
                page.locator(".brief-column > p:not(.rest, .brief-foot)").all()) {
            assertThat(sentence.evaluate("(p) => p.textContent.trim()").toString())
                    .as(sentence.textContent())
                    .endsWith(".");
        }
        Locator last = page.locator("[data-take-over], [data-do=copy-brief]").last();
        last.scrollIntoViewIfNeeded();
        assertThat(last).isInViewport();
        assertThat(((Number) page.evaluate("scrollY")).intValue()).isZero();
        assertThat(editor.problems()).isEmpty();
    }

    /** A value that is not usual; empty where there is none, or another one would be another reel. */
    private static <T> String unusual(Option<T> option) {
        Domain<T> domain = option.domain();
        if (domain instanceof Domain.Colours) {
            return "#aa3355";
        }
        if (domain instanceof Domain.Wording) {
            return "Worded anew, {n} of {count}";
        }
        String usual = domain.write(option.usual());
        return LayoutCases.values(option).stream()
                .filter(value -> !domain.write(domain.read(value)).equals(usual))
                .findFirst()
                .orElse(option.equals(MotionOptions.ANEW) ? "true" : "");
    }

    /** One press unfolds a column, one opens a word. */
    @ParameterizedTest
    @MethodSource("com.keenreel.core.arrangement.Arrangements#starters")
    void nothingIsMoreThanTwoPressesAway(Starter starter) {
        Page page = editor.make(
                        "Near " + starter.key(),
                        starter.key(),
                        "full",
                        "banner-glaze-bench.jpg",
                        "banner-dusk-works.jpg")
                .bench();
        assertThat(page.evaluate("""
                        () => [...document.querySelectorAll('.brief-column .word[popovertarget^=set]')].filter((word) => {
                          const rest = word.closest('.brief-column').querySelector('[data-unfold]');
                          const folded = !word.checkVisibility();
                          if (folded) rest.click();
                          const near = word.checkVisibility();
                          word.click();
                          const opens = document.querySelectorAll('.control-panel:popover-open').length === 1;
                          document.querySelector('.control-panel:popover-open')?.hidePopover();
                          if (folded) rest.click();
                          return !near || !opens;
                        }).map((word) => word.textContent).join()""")).isEqualTo("");
        assertThat(editor.problems()).isEmpty();
    }

    /** Typed without a pause, any word for it leads to where it is chosen, from the brief, a sheet or the history. */
    @Test
    void whatIsSoughtIsOpened() {
        Page page = editor.banner("Sought").bench();
        page.keyboard().type("/speed");
        page.keyboard().press("Enter");
        assertThat(page.locator("#set-motion-time-all input[type=range]")).isFocused();
        page.keyboard().press("Escape");
        page.keyboard().type("/shad");
        page.keyboard().press("Enter");
        assertThat(page.locator("#set-words-ground-all input[type=range]")).isFocused();
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-key='word-set-words-ground-all']")).isFocused();
        page.keyboard().type("/alt te");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-key=say-alt]")).isFocused();
        page.keyboard().type("Tiles / a bench"); // a stroke in a text is a stroke
        assertThat(page.locator("[data-key=say-alt]")).hasValue("Tiles / a bench");
        page.locator("[data-do=former-slide]")
                .or(page.locator("[data-do=next-slide]"))
                .last()
                .focus();
        page.keyboard().type("/heading");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-key=say-title]")).isFocused();
        page.locator("[data-do=history]").click();
        assertThat(page.locator("#history")).isVisible();
        page.locator("[data-do=history]").focus();
        page.keyboard().type("/screen reader");
        assertThat(page.locator("#found li")).not().hasCount(0);
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(page.locator("#set-together")).isVisible();
        assertThat(page.locator("#set-together input:focus")).hasCount(1);
        page.keyboard().press("Escape");
        page.locator("[data-key=find]").click();
        page.keyboard().type("zzz");
        assertThat(page.locator("#find p")).hasText("Nothing that can be chosen is called that.");
        page.keyboard().press("Escape");
        assertThat(page.locator("#find")).isHidden();
        assertThat(editor.problems()).isEmpty();
    }
}
