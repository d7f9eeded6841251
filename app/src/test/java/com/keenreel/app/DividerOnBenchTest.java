package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Clock;
import com.keenreel.player.Kinds;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Dividers on the wall: where they are dragged to they start, on all screens. */
@Tag("browser")
class DividerOnBenchTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        assertThat(editor.problems()).isEmpty();
        editor.close();
    }

    @Test
    void aDividerThatIsDraggedOnTheWallStartsThereOnAllScreensAndAPressThatPicksLeavesIt() {
        Made reel = Kinds.pair(editor);
        Page bench = reel.bench();
        Locator crop = Editor.screen(bench, 2).locator(".crop-1");
        BoundingBox box = crop.boundingBox();
        double y = box.y + 0.3 * box.height;
        bench.mouse().move(box.x + 0.5 * box.width, y);
        bench.mouse().down();
        bench.mouse().move(box.x + 0.6 * box.width, y);
        bench.mouse().move(box.x + 0.75 * box.width, y);
        bench.mouse().up();
        for (int screen = 0; screen < 3; screen++) {
            assertThat(Editor.screen(bench, screen).locator(".slide-1"))
                    .hasCSS("--start", java.util.regex.Pattern.compile("0\\.7[45]\\d*"));
        }
        assertThat(bench.locator("[data-sheet]")).hasCount(0); // it was no press
        bench.keyboard().press("Control+z");
        assertThat(Editor.screen(bench, 0).locator(".slide-1")).hasCSS("--start", "0.31");
        assertThat(Editor.screen(bench, 2).locator(".slide-1")).hasCSS("--at", "0.31");
        bench.mouse().click(box.x + 0.9 * box.width, y);
        assertThat(bench.locator("[data-key=pair-start]")).hasValue("31"); // its sheet is open
        assertThat(Editor.screen(bench, 2).locator(".slide-1")).hasCSS("--at", "0.31");
    }

    @Test
    void aPictureIsComparedWithItselfAndItsEffectIsChosenOnItsSheet() {
        Made reel = Kinds.row(editor);
        Page bench = reel.bench();
        bench.locator("[data-card]").first().click();
        bench.locator("[data-do=with-itself]").click();
        bench.locator("[data-key=effect-before]").selectOption("sepia");
        for (int screen = 0; screen < 3; screen++) {
            assertThat(Editor.screen(bench, screen).locator("img.picture-1-before"))
                    .hasCSS("filter", "sepia(1)");
            assertThat(Editor.screen(bench, screen).locator("img.picture-1-after"))
                    .hasCSS("filter", "none");
        }
        bench.locator("[data-key=amount-before]").fill("40");
        assertThat(Editor.screen(bench, 2).locator("img.picture-1-before")).hasCSS("filter", "sepia(0.4)");
        bench.locator("[data-do=brief]").click();
        bench.keyboard().press("Control+z");
        assertThat(Editor.screen(bench, 2).locator("img.picture-1-before")).hasCSS("filter", "sepia(1)");
        Page page = reel.live();
        assertThat(page.locator("img.picture-1-before")).hasCSS("filter", "sepia(1)");
        assertThat(page.locator("img.picture-1-before").evaluate("(before) => before.currentSrc"))
                .isEqualTo(page.locator("img.picture-1-after").evaluate("(after) => after.currentSrc"));
    }

    @Test
    void aDragOnTheWallThatMovesNoDividerSetsNoStart() {
        Made reel = Kinds.pair(editor).choose("pairs.moved-by", null, "handle").choose("pairs.sweep", null, "again");
        Page bench = reel.bench();
        Clock.at(Editor.frame(bench, 2), 1000);
        long before = reel.revision();
        drag(bench, Editor.screen(bench, 2).locator(".crop-1").boundingBox(), 0.8, 0.6);
        assertThat(bench.locator("[data-stored]")).hasText("stored");
        assertThat(reel.revision()).as("nothing was stored").isEqualTo(before);
        assertThat(Editor.screen(bench, 2).locator(".slide-1")).hasCSS("--start", "0.31");
    }

    private static void drag(Page page, BoundingBox box, double from, double to) {
        double y = Math.max(box.y + 50, 60); // the page may be scrolled
        page.mouse().move(box.x + from * box.width, y);
        page.mouse().down();
        page.mouse().move(box.x + (from + to) / 2 * box.width, y);
        page.mouse().move(box.x + to * box.width, y);
        page.mouse().up();
    }

    private Made states() {
        Made reel = Kinds.pair(editor);
        String slide = reel.slides().get(0);
        String cleaned = editor.picture("glaze-milk.jpg");
        String filled = editor.picture("glaze-ochre.jpg");
        return reel.edit("{'kind':'between','slide':'" + slide + "','states':[{'picture':'" + cleaned
                + "','name':'Cleaned','endsAt':0.55},{'picture':'" + filled + "','name':'Filled','endsAt':0.8}]}");
    }

    @Test
    void dividersOfFurtherStatesAreDraggedOnTheWallAndStatesAreAddedAndRemoved() {
        Made reel = states();
        Page bench = reel.bench();
        BoundingBox crop = Editor.screen(bench, 2).locator(".crop-1").boundingBox();
        Editor.screen(bench, 2).locator(".handle-1-3").waitFor();
        drag(bench, crop, 0.82, 0.9);
        assertThat(Editor.screen(bench, 0).locator(".slide-1"))
                .hasCSS("--start-3", java.util.regex.Pattern.compile("0\\.(9|89\\d*|90\\d*)"));
        bench.locator("[data-card]").first().click();
        bench.locator("[data-key=state-1]").fill("Washed");
        bench.locator("[data-do=remove-state]").last().click();
        assertThat(Editor.screen(bench, 2).locator(".slide-1 .handle")).hasCount(2);
        assertThat(Editor.screen(bench, 2).locator(".slide-1 .between")).hasText("Washed");
        bench.locator("[data-do=add-state]").click();
        bench.locator("#pick [data-picture]").first().click();
        bench.locator("#pick [data-take]").click();
        assertThat(Editor.screen(bench, 2).locator(".slide-1 .handle")).hasCount(3);
        assertThat(bench.locator("[data-key=state-end-2]")).hasValue("78"); // half of what is left from 55 %
    }

    @Test
    void aDragFadesOneSideIntoTheOther() {
        Page bench = Kinds.pair(editor).choose("pairs.view", null, "fade").bench();
        BoundingBox crop = Editor.screen(bench, 2).locator(".crop-1").boundingBox();
        drag(bench, crop, 0.5, 0.8);
        assertThat(Editor.screen(bench, 0).locator(".slide-1 .side"))
                .hasCSS("opacity", java.util.regex.Pattern.compile("0\\.(20|19|21)\\d*|0\\.2"));
    }
}
