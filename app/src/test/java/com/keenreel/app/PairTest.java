package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Finger;
import com.keenreel.player.Kinds;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Comparisons in visitors' hands: with a mouse, fingers and keys. */
@Tag("browser")
class PairTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        assertThat(editor.problems()).isEmpty();
        editor.close();
    }

    @Test
    void aComparisonWithALinkIsDraggedAndItsWordsOrButtonLead() {
        Made reel = Kinds.pair(editor);
        List<String> slides = reel.slides();
        for (String slide : slides) {
            reel.say(slide, "link", "https://fennock.example/floors");
        }
        reel.say(slides.get(0), "title", "The hall").say(slides.get(1), "button", "All floors");
        Page page = reel.choose("steering.press", null, "true").live();
        assertThat(page.locator(".whole")).hasCount(0);
        assertThat(page.locator(".slide-1 .title a")).hasAttribute("href", "https://fennock.example/floors");
        assertThat(page.locator(".slide-2 a.button")).hasAttribute("href", "https://fennock.example/floors");
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        page.mouse().move(crop.x + crop.width * 0.5, crop.y + 60);
        page.mouse().down();
        page.mouse().move(crop.x + crop.width * 0.7, crop.y + 60);
        page.mouse().up();
        Locator handle = page.locator(".slide-1 .handle");
        assertThat(handle).hasAttribute("aria-valuenow", "70");
        assertThat(handle).hasAttribute("aria-valuetext", "Before, autumn 70 %, After, spring 30 %");
        assertThat(page.locator(".slide-1 .title a").boundingBox().height).isGreaterThanOrEqualTo(24);
    }

    @Test
    void eachSideSaysWhatItShowsAndKeepsItWhenSidesAreSwapped() {
        Made reel = Kinds.pair(editor);
        Page bench = reel.bench();
        bench.locator("[data-card]").first().click();
        bench.locator("[data-key=say-altBefore]").fill("The floor, broken");
        bench.keyboard().press("Tab");
        bench.keyboard().type("The floor, laid anew");
        bench.locator("[data-do=swap]").click();
        assertThat(bench.locator("[data-key=say-alt]")).hasValue("The floor, broken");
        assertThat(bench.locator("[data-key=say-altBefore]")).hasValue("The floor, laid anew");
        assertThat(bench.locator("[data-stored]")).hasText("stored");
        Page page = reel.live();
        assertThat(page.locator("img.picture-1-before")).hasAttribute("alt", "The floor, laid anew");
        assertThat(page.locator("img.picture-1-after")).hasAttribute("alt", "The floor, broken");
        bench.bringToFront();
        bench.locator("[data-do=say-as-picture][data-field=altBefore]").click();
        assertThat(bench.locator("[data-key=say-altBefore]")).hasValue("");
        assertThat(reel.live().locator("img.picture-1-before"))
                .hasAttribute("alt", java.util.regex.Pattern.compile("(?!The floor, laid anew).*"));
    }

    @Test
    void aFingerThatScrollsThePageLeavesTheDividerWhereItIs() {
        Made reel = Kinds.pair(editor);
        String address = reel.publish().path("address").asString();
        try (BrowserContext phone = com.keenreel.player.Chromium.browser()
                .newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                        .setViewportSize(390, 700)
                        .setHasTouch(true))) {
            Page page = phone.newPage();
            page.navigate(address);
            assertThat(page.locator(".run")).hasCount(1);
            page.evaluate("() => { document.body.style.paddingBottom = '2000px' }");
            Finger finger = new Finger(page);
            Locator handle = page.locator(".slide-1 .handle");
            finger.down(300, 200);
            assertThat(handle).hasAttribute("aria-valuenow", "31"); // a finger that was put down
            finger.to(310, 80).up();
            page.waitForFunction("() => scrollY > 20");
            assertThat(handle).hasAttribute("aria-valuenow", "31");
            // what was thrown by the finger goes on for a while
            page.waitForFunction("() => { const at = scrollY; scrollTo(0, 0); return at === 0 }");

            BoundingBox crop = page.locator(".crop-1").boundingBox();
            double y = crop.y + 60;
            finger.down(crop.x + 0.8 * crop.width, y)
                    .to(crop.x + 0.5 * crop.width, y + 10)
                    .up();
            assertThat(handle).hasAttribute("aria-valuenow", "50");

            finger.down(crop.x + 0.7 * crop.width, y).up(); // a tap
            assertThat(handle).hasAttribute("aria-valuenow", "70");

            BoundingBox grip = handle.boundingBox();
            double grasped = grip.x + 10;
            finger.down(grasped, grip.y + 20); // by the handle, in whatever way
            assertThat(handle).hasAttribute("aria-valuenow", "70");
            finger.to(grasped - 0.2 * crop.width, grip.y + 90).up();
            assertThat(handle).hasAttribute("aria-valuenow", "50");
        }
    }

    @Test
    void onPaperTheNamesOfSidesThatWereNeverLaidOutAreThere() {
        Page page = Kinds.pair(editor).live();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
        for (int slide : new int[] {1, 2}) {
            for (String side : new String[] {"before", "after"}) {
                Locator name = page.locator(".slide-" + slide + " .label-" + side);
                assertThat(name).isVisible();
                assertThat(name).hasCSS("translate", "none");
            }
        }
    }

    /** Whether the name of a side lies on its picture; it has gone out of it before the divider crosses it. */
    private static boolean isSeen(Page page, String side) {
        BoundingBox name = page.locator(".slide-1 .label-" + side).boundingBox();
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        return name.x > crop.x && name.x + name.width < crop.x + crop.width;
    }

    @Test
    void dotsGiveWayOnAPhoneAndLabelsToTheDivider() {
        Made reel = Kinds.pair(editor);
        Page page = reel.live();
        page.setViewportSize(390, 900);
        assertThat(isSeen(page, "before")).isFalse();
        page.locator(".slide-1 .handle").press("End");
        assertThat(isSeen(page, "before")).isTrue();
        assertThat(isSeen(page, "after")).isFalse();
        BoundingBox divider = page.locator(".divider-1").boundingBox();
        BoundingBox crop = page.locator(".crop-1").boundingBox();
        assertThat(divider.x + 1 - crop.x).isCloseTo(crop.width, org.assertj.core.api.Assertions.within(0.6));
    }

    @Test
    void aPairInARowIsMovedWithinItsOwnPicture() {
        Made reel = Kinds.row(editor).choose("words.place", null, "nowhere");
        Page page = reel.live();
        assertThat(page.locator(".slide-3 .text")).isHidden(); // the picture says something, but nowhere
        Locator handle = page.locator(".slide-3 .handle");
        handle.press("End");
        BoundingBox crop = page.locator(".crop-3").boundingBox();
        BoundingBox divider = page.locator(".divider-3").boundingBox();
        assertThat(divider.x + 1).isCloseTo(crop.x + crop.width, org.assertj.core.api.Assertions.within(0.6));
        page.mouse().move(crop.x + crop.width * 0.3, crop.y + 40);
        page.mouse().down();
        page.mouse().move(crop.x + crop.width * 0.6, crop.y + 40);
        page.mouse().up();
        assertThat(handle).hasAttribute("aria-valuenow", "60");
        assertThat(page.locator(".slide-1.now")).hasCount(1);
    }
}
