package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.edit.SetBetween;
import com.keenreel.core.edit.SetDividerStart;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.SlideId;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Where dividers are, which way they go, what moves them, and that nothing else does. */
class DividerTest extends ReelPages {
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

    @Test
    void dividerNamesAndWhatIsCutOffAreWhereTheyArePredictedAtEveryPositionInBothDirections() {
        Boxes boxes = new Boxes();
        for (String direction : List.of("across", "down")) {
            StaticReel reel = Kinds.pair(reels).choose("pairs.direction", null, direction);
            Page page = hosts(reel, WIDTHS);
            boolean down = direction.equals("down");
            page.evaluate(PRESS, List.of("Home", 1));
            for (int tenth = 0; tenth <= 10; tenth++) {
                if (tenth > 0) {
                    page.evaluate(PRESS, List.of(down ? "PageDown" : "PageUp", 1));
                }
                reel.edit(new SetDividerStart(new SlideId(reel.slides().get(0)), 0, tenth / 10.0));
                JsonNode seen = Boxes.allSeen(page, WIDTHS.length);
                List<JsonNode> predicted = reel.layouts(listed(WIDTHS));
                for (int i = 0; i < WIDTHS.length; i++) {
                    String where = direction + " at " + tenth + " tenths in " + WIDTHS[i];
                    boxes.compare(where, seen.path(i), predicted.get(i));
                    List<?> cut = (List<?>) page.evaluate(CUT, i);
                    assertThat(((Number) cut.get(down ? 2 : 1)).doubleValue())
                            .as(where)
                            .isCloseTo(100 - 10 * tenth, within(1e-3));
                }
            }
            page.close();
        }
        System.out.println("dividers: " + boxes.said());
        assertThat(boxes.wrong()).isEmpty();
        assertThat(boxes.figures()).isGreaterThan(20_000);
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
        Page page = Kinds.pair(reels)
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
        drag(page, crop, 0.8, 0.2);
        assertThat(page.locator(".slide-2.now")).hasCount(1);
        assertThat(at(page, ".slide-1")).isCloseTo(0.51, within(0.002));
    }

    @Test
    void aPressMovesItWhereThatIsChosenAndAHandThatGoesOnSwipes() {
        Page page = Kinds.pair(reels).choose("pairs.moved-by", null, "pressing").live();
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        page.mouse().click(crop.x + 0.8 * crop.width, crop.y + 50);
        assertThat(page.locator(".slide-1 .handle")).hasAttribute("aria-valuenow", "80");
        drag(page, crop, 0.6, 0.1);
        assertThat(page.locator(".slide-2.now")).hasCount(1);
        assertThat(at(page, ".slide-1")).isCloseTo(0.8, within(0.002));
    }

    @Test
    void aMouseThatPointsMovesItWhereThatIsChosen() {
        Page page = Kinds.pair(reels).choose("pairs.moved-by", null, "pointing").live();
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
        Page page = Kinds.pair(reels).choose("pairs.direction", null, "down").live();
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
        String address =
                Kinds.pair(reels).choose("pairs.direction", "phone", "down").publish();
        try (Visitor phone = Visitor.onPhone()) {
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

    private StaticReel states() {
        StaticReel reel = Kinds.pair(reels);
        String slide = reel.slides().get(0);
        PictureId cleaned = new PictureId(reels.picture("glaze-milk.jpg"));
        PictureId filled = new PictureId(reels.picture("glaze-ochre.jpg"));
        return reel.edit(new SetBetween(
                new SlideId(slide),
                List.of(new Carries.Between(cleaned, "Cleaned", 0.55), new Carries.Between(filled, "Filled", 0.8))));
    }

    @Test
    void furtherStatesHaveDividersOfTheirOwnThatNeverPassEachOther() {
        StaticReel reel = states();
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
    void furtherStatesStandWhereTheyArePredicted() {
        Boxes boxes = new Boxes();
        StaticReel reel = states();
        for (String direction : List.of("across", "down", "fade")) {
            boolean fades = direction.equals("fade"); // which those of more than two states do not
            reel.choose(fades ? "pairs.view" : "pairs.direction", null, direction);
            Page page = hosts(reel, WIDTHS);
            JsonNode seen = Boxes.allSeen(page, WIDTHS.length);
            List<JsonNode> predicted = reel.layouts(listed(WIDTHS));
            for (int i = 0; i < WIDTHS.length; i++) {
                boxes.compare(direction + " in " + WIDTHS[i], seen.path(i), predicted.get(i));
                assertThat((List<?>) page.evaluate(CUT, i)).hasSize(4);
            }
            page.close();
        }
        assertThat(boxes.wrong()).isEmpty();
        assertThat(boxes.figures()).isGreaterThan(1000);
    }

    private static double opacity(Page page) {
        return Double.parseDouble(
                (String) page.locator(".slide-1 .side").evaluate("(side) => getComputedStyle(side).opacity"));
    }

    @Test
    void aControlFadesOneSideIntoTheOther() {
        StaticReel reel = Kinds.pair(reels).choose("pairs.view", null, "fade");
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
    }

    @Test
    void aPressShowsTheOtherSideAndAHandThatGoesOnSwipes() {
        Page page = Kinds.pair(reels).choose("pairs.view", null, "switch").live();
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
    void tenComparisonsOnOneHostilePageMoveByThemselves() {
        List<String> codes = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            StaticReel reel = Kinds.pair(reels).choose("pairs.direction", null, i % 3 == 2 ? "down" : "across");
            codes.add(reel.element());
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
        Page page = visitor.open(pages.page("/page", body, Map.of()));
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

    @Test
    void withScriptsOffBothPicturesAreThereWithTheirNames() {
        StaticReel reel = Kinds.pair(reels);
        for (String direction : List.of("across", "down")) {
            String address = reel.choose("pairs.direction", null, direction).publish();
            try (Visitor visitor = new Visitor(false)) {
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
