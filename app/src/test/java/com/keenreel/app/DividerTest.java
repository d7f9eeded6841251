package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.SweepKind;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.time.Sweep;
import com.microsoft.playwright.Frame;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Where dividers are, which way they go, what moves them, and that nothing else does. */
class DividerTest {
    private static final double[] WIDTHS = new Random(11)
            .doubles(24, 280, 1900)
            .map(width -> Math.round(width * 64) / 64.0) // what browsers lay out in
            .toArray();

    /** Presses a key on every first handle of the page so many times, in one go. */
    private static final String PRESS = """
            ([key, times]) => document.querySelectorAll('keen-reel').forEach(({ shadowRoot }) => {
              const handle = shadowRoot.querySelector('.slide-1 .handle');
              for (let i = 0; i < times; i++) handle.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
            })""";

    /** What is left of the before picture, as shares of its frame from its right and its lower edge. */
    private static final String CUT = """
            (index) => {
              const side = document.querySelectorAll('keen-reel')[index].shadowRoot.querySelector('.slide-1 .side');
              return getComputedStyle(side).clipPath.match(/inset\\((.*)\\)/)[1].split(' ').map(parseFloat);
            }""";

    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        assertThat(editor.problems()).isEmpty();
        editor.close();
    }

    private Page hosts(Made reel, double[] widths) {
        String element = reel.publish().path("plainElement").asString().replaceAll("<script.*?</script>", "");
        Page page = editor.open(Running.application().site() + "/nothing-here");
        editor.problems().clear(); // that there is nothing
        page.addScriptTag(
                new Page.AddScriptTagOptions().setUrl(Running.application().origin() + "/reel.js"));
        page.evaluate(
                "([element, widths]) => { document.body.innerHTML = widths.map((width) => `<div style=\"width:${width}px\">${element}</div>`).join('') }",
                List.of(element, Arrays.stream(widths).boxed().toList()));
        for (int i = 0; i < widths.length; i++) {
            Boxes.seen(page, i);
        }
        return page;
    }

    private static String start(Made reel, double at) {
        return "{'kind':'divider-start','slide':'" + reel.slides().get(0) + "','startsAt':" + at + "}";
    }

    @Test
    void dividerNamesAndWhatIsCutOffAreWhereTheyArePredictedAtEveryPositionInBothDirections() {
        Boxes boxes = new Boxes();
        for (String direction : List.of("across", "down")) {
            Made reel = Kinds.pair(editor).choose("pairs.direction", null, direction);
            Page page = hosts(reel, WIDTHS);
            boolean down = direction.equals("down");
            page.evaluate(PRESS, List.of("Home", 1));
            for (int tenth = 0; tenth <= 10; tenth++) {
                if (tenth > 0) {
                    page.evaluate(PRESS, List.of(down ? "PageDown" : "PageUp", 1));
                }
                reel.edit(start(reel, tenth / 10.0));
                for (int i = 0; i < WIDTHS.length; i++) {
                    String where = direction + " at " + tenth + " tenths in " + WIDTHS[i];
                    JsonNode seen = Boxes.seen(page, i);
                    boxes.compare(where, seen, reel.layout(WIDTHS[i], "head"));
                    List<?> cut = (List<?>) page.evaluate(CUT, i);
                    double left = 100 - 10 * tenth;
                    assertThat(((Number) cut.get(down ? 2 : 1)).doubleValue())
                            .as(where)
                            .isCloseTo(left, within(1e-3));
                }
            }
            page.close();
        }
        System.out.println("dividers: " + boxes.said());
        assertThat(boxes.wrong()).isEmpty();
        assertThat(boxes.figures()).isGreaterThan(20_000);
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
        bench.evaluate("() => frames[2].ask({ command: 'at', ms: 1000 })");
        drag(bench, Editor.screen(bench, 2).locator(".crop-1").boundingBox(), 0.8, 0.6);
        bench.waitForTimeout(500);
        assertThat(Editor.screen(bench, 2).locator(".slide-1")).hasCSS("--start", "0.31");
    }

    private static double at(Page page, String slide) {
        return Double.parseDouble(
                (String) page.locator(slide).evaluate("(slide) => getComputedStyle(slide).getPropertyValue('--at')"));
    }

    private static void drag(Page page, BoundingBox box, double from, double to) {
        double y = Math.max(box.y + 50, 60); // the page may be scrolled
        page.mouse().move(box.x + from * box.width, y);
        page.mouse().down();
        page.mouse().move(box.x + (from + to) / 2 * box.width, y);
        page.mouse().move(box.x + to * box.width, y);
        page.mouse().up();
    }

    @Test
    void whereOnlyTheHandleMovesItPicturesAreSwiped() {
        Page page = Kinds.pair(editor)
                .choose("pairs.moved-by", null, "handle")
                .choose("steering.swipe", null, "true")
                .live();
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        BoundingBox handle = page.locator(".handle-1").boundingBox();
        page.mouse().move(handle.x + 10, handle.y + 10);
        page.mouse().down();
        page.mouse().move(handle.x + 10 + 0.2 * crop.width, handle.y + 40);
        page.mouse().up();
        assertThat(page.locator(".slide-1 .handle")).hasAttribute("aria-valuenow", "51");
        page.waitForFunction("() => document.querySelector('keen-reel') !== null");
        drag(page, crop, 0.8, 0.2);
        assertThat(page.locator(".slide-2.now")).hasCount(1);
        assertThat(at(page, ".slide-1")).isCloseTo(0.51, within(0.002));
    }

    @Test
    void aPressMovesItWhereThatIsChosenAndAHandThatGoesOnSwipes() {
        Page page =
                Kinds.pair(editor).choose("pairs.moved-by", null, "pressing").live();
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        page.mouse().click(crop.x + 0.8 * crop.width, crop.y + 50);
        assertThat(page.locator(".slide-1 .handle")).hasAttribute("aria-valuenow", "80");
        drag(page, crop, 0.6, 0.1);
        assertThat(page.locator(".slide-2.now")).hasCount(1);
        assertThat(at(page, ".slide-1")).isCloseTo(0.8, within(0.002));
    }

    @Test
    void aMouseThatPointsMovesItWhereThatIsChosen() {
        Page page =
                Kinds.pair(editor).choose("pairs.moved-by", null, "pointing").live();
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        for (double share : new double[] {0.2, 0.7, 0.45}) {
            page.mouse().move(crop.x + share * crop.width, crop.y + 60);
            assertThat(at(page, ".slide-1")).isCloseTo(share, within(0.003));
        }
        page.mouse().move(crop.x + 0.45 * crop.width, crop.y - 5);
        assertThat(page.locator(".slide-1 .handle")).hasAttribute("aria-valuenow", "45");
    }

    @Test
    void keysAndAMouseMoveItDownWhereSidesLieOneAboveTheOther() {
        Page page = Kinds.pair(editor).choose("pairs.direction", null, "down").live();
        Locator handle = page.locator(".slide-1 .handle");
        assertThat(handle).hasAttribute("aria-orientation", "vertical");
        handle.press("ArrowDown");
        assertThat(handle).hasAttribute("aria-valuenow", "32");
        handle.press("PageDown");
        assertThat(handle).hasAttribute("aria-valuenow", "42");
        handle.press("ArrowUp");
        assertThat(handle).hasAttribute("aria-valuenow", "41");
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        page.mouse().move(crop.x + 300, crop.y + 0.5 * crop.height);
        page.mouse().down();
        page.mouse().move(crop.x + 310, crop.y + 0.7 * crop.height);
        page.mouse().up();
        assertThat(handle).hasAttribute("aria-valuenow", "70");
        assertThat(page.locator(".divider-1").boundingBox().y + 1 - crop.y).isCloseTo(0.7 * crop.height, within(1.0));
    }

    @Test
    void aFingerScrollsThePageOverSidesThatLieOneAboveTheOtherAndMovesTheDividerByItsHandleOrATap() {
        String address = Kinds.pair(editor)
                .choose("pairs.direction", "phone", "down")
                .publish()
                .path("address")
                .asString();
        try (Editor phone = Editor.onPhone()) {
            Page page = phone.open(address);
            Locator handle = page.locator(".slide-1 .handle");
            assertThat(handle).hasAttribute("aria-orientation", "vertical");
            page.evaluate("() => { document.body.style.paddingBottom = '2000px' }");
            BoundingBox crop = page.locator(".crop-1").boundingBox();
            double x = crop.x + 0.3 * crop.width;
            Finger finger = new Finger(page);
            finger.down(x, crop.y + 0.9 * crop.height)
                    .to(x + 5, crop.y + 0.9 * crop.height - 150)
                    .up();
            page.waitForFunction("() => scrollY > 20");
            assertThat(handle).hasAttribute("aria-valuenow", "31");
            // what was thrown by the finger goes on for a while
            page.waitForFunction("() => { const at = scrollY; scrollTo(0, 0); return at === 0 }");
            finger.down(x, crop.y + 0.8 * crop.height).up();
            assertThat(handle).hasAttribute("aria-valuenow", "80");
            BoundingBox grip = handle.boundingBox();
            double middle = grip.y + grip.height / 2;
            finger.down(grip.x + 20, middle)
                    .to(grip.x + 40, middle - 0.3 * crop.height)
                    .up();
            assertThat(handle).hasAttribute("aria-valuenow", "50");
            assertThat(page.evaluate("() => scrollY")).isEqualTo(0);
            assertThat(phone.problems()).isEmpty();
        }
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
    void furtherStatesHaveDividersOfTheirOwnThatNeverPassEachOther() {
        Made reel = states();
        Page page = reel.live();
        page.setViewportSize(1280, 1100);
        assertThat(page.locator(".slide-1 .handle")).hasCount(3);
        assertThat(page.locator(".divides")).hasCount(1); // its script is asked for when the player runs
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        Locator second = page.locator(".handle-1-2");
        drag(page, crop, 0.6, 0.7); // nearest to the one between
        assertThat(second).hasAttribute("aria-valuenow", "70");
        assertThat(second).hasAttribute("aria-label", "Divider between the two pictures: Cleaned, Filled");
        drag(page, crop, 0.72, 0.95);
        assertThat(second).hasAttribute("aria-valuenow", "80"); // at the last one
        second.press("Home");
        assertThat(second).hasAttribute("aria-valuenow", "31"); // at the first one
        assertThat(at(page, ".slide-1")).isEqualTo(0.31);
        page.locator(".handle-1").press("End");
        assertThat(page.locator(".handle-1")).hasAttribute("aria-valuenow", "31");
        second.press("PageUp");
        assertThat(second).hasAttribute("aria-valuenow", "41");
        BoundingBox line = page.locator(".divider-1-2").boundingBox();
        assertThat(line.x + 1 - crop.x).isCloseTo(0.41 * crop.width, within(0.6));
        assertThat(page.locator(".slide-2 .handle")).hasCount(1);
    }

    @Test
    void furtherStatesStandWhereTheyArePredictedAndTheirDividersAreDraggedOnTheWall() {
        Boxes boxes = new Boxes();
        Made reel = states();
        for (String direction : List.of("across", "down", "fade")) {
            boolean fades = direction.equals("fade"); // which those of more than two states do not
            reel.choose(fades ? "pairs.view" : "pairs.direction", null, direction);
            Page page = hosts(reel, WIDTHS);
            for (int i = 0; i < WIDTHS.length; i++) {
                boxes.compare(direction + " in " + WIDTHS[i], Boxes.seen(page, i), reel.layout(WIDTHS[i], "live"));
                assertThat((List<?>) page.evaluate(CUT, i)).hasSize(4);
            }
            page.close();
        }
        reel.choose("pairs.view", null, "divider");
        assertThat(boxes.wrong()).isEmpty();
        reel.choose("pairs.direction", null, "across");
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

    private static double opacity(Page page) {
        return Double.parseDouble(
                (String) page.locator(".slide-1 .side").evaluate("(side) => getComputedStyle(side).opacity"));
    }

    @Test
    void aControlFadesOneSideIntoTheOther() {
        Made reel = Kinds.pair(editor).choose("pairs.view", null, "fade");
        Page page = reel.live();
        Locator handle = page.locator(".slide-1 .handle");
        assertThat(handle).hasAttribute("aria-label", "Fade between the two pictures");
        assertThat(handle).hasAttribute("aria-valuetext", "Before, autumn 31 %, After, spring 69 %");
        assertThat(opacity(page)).isCloseTo(0.31, within(1e-6));
        handle.press("Home");
        assertThat(opacity(page)).as("at its left end there is the side before").isEqualTo(1);
        drag(page, page.locator(".crop-1").boundingBox(), 0.2, 0.9);
        assertThat(handle).hasAttribute("aria-valuetext", "Before, autumn 10 %, After, spring 90 %");
        assertThat(opacity(page)).isCloseTo(0.1, within(0.003));
        Page bench = reel.bench();
        BoundingBox crop = Editor.screen(bench, 2).locator(".crop-1").boundingBox();
        drag(bench, crop, 0.5, 0.8);
        assertThat(Editor.screen(bench, 0).locator(".slide-1 .side"))
                .hasCSS("opacity", java.util.regex.Pattern.compile("0\\.(20|19|21)\\d*|0\\.2"));
    }

    @Test
    void aPressShowsTheOtherSideAndAHandThatGoesOnSwipes() {
        Page page = Kinds.pair(editor).choose("pairs.view", null, "switch").live();
        Locator handle = page.locator(".slide-1 .handle");
        Locator side = page.locator(".slide-1 .side");
        assertThat(side).hasCSS("opacity", "0");
        assertThat(handle).hasAttribute("aria-label", "Change between the two pictures");
        page.waitForFunction(
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.handle[aria-orientation]')");
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        page.mouse().click(crop.x + 300, crop.y + 100);
        assertThat(side).hasCSS("opacity", "1");
        assertThat(handle).hasAttribute("aria-valuetext", "Before, autumn 100 %, After, spring 0 %");
        for (String key : List.of("Enter", "Space", "ArrowRight")) {
            String before = handle.getAttribute("aria-valuenow");
            handle.press(key);
            assertThat(handle).hasAttribute("aria-valuenow", before.equals("0") ? "100" : "0");
        }
        handle.press("Home");
        assertThat(handle).hasAttribute("aria-valuenow", "0");
        handle.press("Home");
        assertThat(handle).hasAttribute("aria-valuenow", "0");
        handle.click();
        assertThat(side).hasCSS("opacity", "1");
        drag(page, crop, 0.7, 0.2);
        assertThat(page.locator(".slide-2.now")).hasCount(1);
        assertThat(side).hasCSS("opacity", "1");
        handle.press("Enter");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
        assertThat(side).hasCSS("opacity", "1"); // on paper each has a half
        assertThat(side).hasCSS("clip-path", "inset(0px 50% 0px 0px)");
    }

    @Test
    void sidesThatAreSeenByTurnsStayOnceOneIsPressed() {
        Page page = Kinds.pair(editor)
                .choose("pairs.view", null, "blink")
                .choose("pairs.sweep-period", null, "2")
                .live();
        Locator side = page.locator(".slide-1 .side");
        assertThat(side).hasCSS("opacity", "1");
        assertThat(side).hasCSS("opacity", "0");
        assertThat(side).hasCSS("opacity", "1");
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        page.mouse().click(crop.x + 300, crop.y + 100);
        double pressed = opacity(page);
        page.mouse().move(1279, 799);
        page.locator(".frame").evaluate("(frame) => frame.getRootNode().activeElement?.blur()");
        page.waitForTimeout(1300);
        assertThat(opacity(page)).isEqualTo(pressed);
        assertThat(Math.round(pressed)).isEqualTo(Math.round(at(page, ".slide-1")));
    }

    private static Sweep sweep(Made reel, double startsAt) {
        Reel named = Reel.named(reel.name);
        return Objects.requireNonNull(Sweep.of(
                named.choices().with(PairOptions.SWEEP, null, SweepKind.AGAIN),
                Carries.Pair.of(new PictureId("a"), new PictureId("b")).withStart(startsAt)));
    }

    @Test
    void whatMovesByItselfIsOnTheWallWhereItIsCalculated() {
        Made reel = Kinds.pair(editor).choose("pairs.sweep", null, "again");
        Sweep sweep = sweep(reel, 0.31);
        Page bench = reel.bench();
        FrameLocator desk = Editor.screen(bench, 2);
        Frame frame = Objects.requireNonNull(desk.owner().elementHandle().contentFrame());
        frame.waitForFunction(
                "() => document.querySelector('keen-reel').shadowRoot.querySelector('.slide-1 .handle').getAnimations().length");
        for (double ms : new double[] {0, 400, 1000, 1500, 2345, 3000, 4000, 4900}) {
            bench.evaluate("(ms) => frames[2].ask({ command: 'at', ms })", ms);
            double at = Double.parseDouble((String)
                    desk.locator(".slide-1").evaluate("(slide) => getComputedStyle(slide).getPropertyValue('--at')"));
            assertThat(at).as("at " + ms + " ms").isCloseTo(sweep.at(ms), within(1e-4));
        }
    }

    @Test
    void whatMovesByItselfWaitsForThePauseButtonAndForWhoeverTouchesIt() {
        Made reel = Kinds.pair(editor).choose("pairs.sweep", null, "again");
        Page page = reel.live();
        page.setViewportSize(1280, 1100);
        Locator slide = page.locator(".slide-1");
        waitUntilMoved(page, ".slide-1", at(page, ".slide-1"));
        assertThat(page.locator(".slide-2")).not().hasClass(java.util.regex.Pattern.compile("now"));
        assertThat(at(page, ".slide-2")).as("the one that is not seen stands").isEqualTo(0.5);
        page.locator(".pause").click();
        double paused = at(page, ".slide-1");
        page.mouse().move(1279, 799);
        page.waitForTimeout(300);
        assertThat(at(page, ".slide-1")).isEqualTo(paused);
        assertThat(slide.locator(".handle")).hasAttribute("aria-valuenow", String.valueOf(Math.round(100 * paused)));
        page.locator(".pause").click();
        page.mouse().move(1279, 799);
        page.locator(".frame").evaluate("(frame) => frame.getRootNode().activeElement?.blur()");
        waitUntilMoved(page, ".slide-1", paused);
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        drag(page, crop, 0.5, 0.9);
        page.mouse().move(1279, 799);
        page.locator(".frame").evaluate("(frame) => frame.getRootNode().activeElement?.blur()");
        page.waitForTimeout(400);
        assertThat(at(page, ".slide-1")).as("it is the visitor's").isCloseTo(0.9, within(0.003));
    }

    private static void waitUntilMoved(Page page, String slide, double from) {
        page.waitForFunction(
                "([slide, from]) => Math.abs(getComputedStyle(document.querySelector('keen-reel').shadowRoot.querySelector(slide)).getPropertyValue('--at') - from) > 0.03",
                List.of(slide, from));
    }

    @Test
    void inAGridAndInAStackDividersMoveByThemselvesToo() {
        for (Made reel : List.of(Kinds.grid(editor), Kinds.stack(editor))) {
            Page page = reel.choose("pairs.sweep", null, "again")
                    .choose("shape.width", null, "most 500")
                    .live();
            page.setViewportSize(1280, 1700);
            waitUntilMoved(page, ".slide-2", 0.4);
            page.locator(".pause").click();
            double paused = at(page, ".slide-2");
            page.mouse().move(1279, 1699);
            page.waitForTimeout(300);
            assertThat(at(page, ".slide-2")).isEqualTo(paused);
            assertThat(page.locator(".pause")).hasAttribute("aria-label", "Play");
            page.locator(".pause").click();
            page.mouse().move(1279, 1699);
            page.locator(".frame").evaluate("(frame) => frame.getRootNode().activeElement?.blur()");
            waitUntilMoved(page, ".slide-2", paused);
            page.locator(".slide-2 .handle").press("Home");
            page.waitForTimeout(200);
            assertThat(at(page, ".slide-2")).as("it is the visitor's").isEqualTo(0);
            page.close();

            Page bench = reel.bench();
            FrameLocator desk = Editor.screen(bench, 2);
            Frame frame = Objects.requireNonNull(desk.owner().elementHandle().contentFrame());
            frame.waitForFunction(
                    "() => document.querySelector('keen-reel').shadowRoot.querySelector('.slide-2 .handle').getAnimations().length");
            Sweep sweep = sweep(reel, 0.4);
            for (double ms : new double[] {0, 1500, 8000}) {
                bench.evaluate("(ms) => frames[2].ask({ command: 'at', ms })", ms);
                double at = Double.parseDouble((String) desk.locator(".slide-2")
                        .evaluate("(slide) => getComputedStyle(slide).getPropertyValue('--at')"));
                assertThat(at).as(reel.name + " at " + ms + " ms").isCloseTo(sweep.at(ms), within(1e-4));
            }
            bench.close();
        }
    }

    @Test
    void nothingMovesByItselfWhereLessMotionIsAskedFor() {
        Made reel = Kinds.pair(editor).choose("pairs.sweep", null, "again");
        String address = reel.publish().path("address").asString();
        Page page = editor.open("/nothing-here");
        editor.problems().clear();
        page.emulateMedia(
                new Page.EmulateMediaOptions().setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
        page.navigate(address);
        assertThat(page.locator(".run")).hasCount(1);
        page.waitForTimeout(500);
        assertThat(at(page, ".slide-1")).isEqualTo(0.31);
    }

    @Test
    void tenComparisonsOnOneHostilePageMoveByThemselves() {
        List<String> codes = new ArrayList<>();
        List<Made> reels = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            Made reel = Kinds.pair(editor).choose("pairs.direction", null, i % 3 == 2 ? "down" : "across");
            reels.add(reel);
            codes.add(reel.publish().path("element").asString());
        }
        String style =
                "* { --at: .9; --start: .1; --along: 3px; --edge: 7px; --x: 5; --y: 3; --crossed: 20px; margin: 3px }"
                        + "div, img { max-width: none; float: left; transition: all .5s !important; pointer-events: auto }"
                        + ".cell { width: 420px }";
        String body = "<!doctype html><meta charset=utf-8><link rel=icon href=data:,><style>" + style + "</style>"
                + String.join(
                        "",
                        codes.stream()
                                .map(code -> "<div class=cell>" + code + "</div>")
                                .toList());
        try (Front site = new Front()) {
            Page page = editor.open(site.page("/page", body, Map.of()));
            page.setViewportSize(1280, 3000);
            assertThat(page.locator("keen-reel .run")).hasCount(10);
            assertThat(page.locator("keen-reel .slide-1 .handle")).hasCount(10);
            int[] share = new int[10];
            for (int i = 0; i < 10; i++) {
                share[i] = 31;
            }
            Random random = new Random(3);
            for (int turn = 0; turn < 20; turn++) {
                int which = turn % 10;
                Locator reel = page.locator("keen-reel").nth(which);
                if (turn < 10) {
                    share[which] = 10 + random.nextInt(81);
                    boolean down = which % 3 == 2;
                    BoundingBox crop = reel.locator(".crop-1").boundingBox();
                    double x = crop.x + (down ? 0.2 : share[which] / 100.0) * crop.width;
                    double y = crop.y + (down ? share[which] / 100.0 : 0.2) * crop.height;
                    page.mouse().move(x, y);
                    page.mouse().down();
                    page.mouse().up();
                } else {
                    reel.locator(".slide-1 .handle").press("Home");
                    share[which] = 0;
                }
                for (int i = 0; i < 10; i++) {
                    double there = Double.parseDouble((String) page.locator("keen-reel .slide-1")
                            .nth(i)
                            .evaluate("(slide) => getComputedStyle(slide).getPropertyValue('--at')"));
                    assertThat(there)
                            .as("comparison " + i + " after turn " + turn)
                            .isCloseTo(share[i] / 100.0, within(0.006));
                }
            }
        }
    }

    @Test
    void withScriptsOffBothPicturesAreThereWithTheirNames() {
        Made reel = Kinds.pair(editor);
        for (String direction : List.of("across", "down")) {
            String address = reel.choose("pairs.direction", null, direction)
                    .publish()
                    .path("address")
                    .asString();
            try (Editor visitor = new Editor(false)) {
                Page page = visitor.open(address);
                BoundingBox before = page.locator(".slide-1 .side").boundingBox();
                BoundingBox after = page.locator(".slide-1 .crop > img").boundingBox();
                assertThat(page.locator(".slide-1 .side")).hasCSS("clip-path", "none");
                if (direction.equals("down")) {
                    assertThat(after.y).isGreaterThanOrEqualTo(before.y + before.height - 1);
                } else {
                    assertThat(after.x).isGreaterThanOrEqualTo(before.x + before.width - 1);
                }
                assertThat(inside(page.locator(".slide-1 .label-before").boundingBox(), before))
                        .isTrue();
                assertThat(inside(page.locator(".slide-1 .label-after").boundingBox(), after))
                        .isTrue();
            }
        }
    }

    private static boolean inside(BoundingBox one, BoundingBox other) {
        return one.x >= other.x - 1
                && one.y >= other.y - 1
                && one.x + one.width <= other.x + other.width + 1
                && one.y + one.height <= other.y + other.height + 1;
    }
}
