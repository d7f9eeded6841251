package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.publish.PlayerFiles;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A pressed picture, as large as the window, in visitors' hands. */
class LargerViewTest extends ReelPages {
    private static final String STYLE = """
            <style>.box { width: 640px; overflow: hidden; transform: rotate(1deg) scale(0.9); filter: sepia(1) }
            dialog { display: block; width: 40px } img { opacity: 0.5 }</style>
            """;

    private StaticReel reel(String name, String starter) {
        return reels.make(
                        name,
                        starter,
                        "full",
                        "banner-glaze-bench.jpg",
                        "commission-02.jpg",
                        "banner-dusk-works.jpg",
                        "banner-kiln-glow.jpg")
                .choose("steering.larger", null, "true");
    }

    private Page page(String code) {
        String body = "<body><main><h1>A page</h1><div class=\"box\">" + code + "</div></main></body>";
        return visitor.open(pages.page("/page", Pages.html(STYLE, body), Map.of()));
    }

    private static double number(Locator element, String what) {
        return ((Number) element.evaluate("element => " + what)).doubleValue();
    }

    private static void drag(Page page, double by) {
        page.mouse().move(640, 300);
        page.mouse().down();
        page.mouse().move(640 + by, 300, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(4));
        page.mouse().up();
    }

    @Test
    void theViewComesAtTheFirstPressAndWhereItCannotBeHadThePictureItselfIsGoneTo() {
        String script = PlayerFiles.shipped().larger().address();
        StaticReel reel = reel("At a press", "banner");
        Page page = page(reel.element());
        assertThat(page.locator("keen-reel .run")).hasCount(1);
        assertThat(reels.asked()).as("before a press").noneMatch(script::equals);
        page.route("**" + script, Route::abort);
        Locator pressed = page.locator("keen-reel .slide.now .larger");
        String picture = pressed.getAttribute("href");
        pressed.click();
        assertThat(page).hasURL(picture);
        visitor.problems().removeIf(said -> said.contains("net::ERR_FAILED"));

        page.unroute("**" + script);
        page.goBack();
        page.locator("keen-reel .slide.now .larger").click();
        assertThat(page.locator("keen-reel dialog")).hasAttribute("open", "");
        page.keyboard().press("Escape");
        page.locator("keen-reel .slide.now .larger").click();
        assertThat(page.locator("keen-reel dialog")).hasAttribute("open", "");
        assertThat(reels.asked().stream().filter(script::equals))
                .as("asked for once")
                .hasSize(1);
    }

    @Test
    void aPressedPictureIsAsLargeAsTheWindowWhateverThePageDoesWithTheReel() {
        StaticReel reel = reel("Larger", "banner")
                .choose("motion.autoplay", null, "true")
                .choose("motion.hold", null, "0.5")
                .choose("motion.time", null, "0.1");
        reel.say(reel.slides().get(0), "title", "Try the glaze bench");
        reel.say(reel.slides().get(1), "link", "https://fennock.example/wall");
        Page page = page(reel.element());
        assertThat(page.locator(".run")).hasCount(1);
        page.locator(".frame").hover(); // pointed at, it stands
        if (page.locator(".slide-1.now").count() == 0) {
            page.locator(".dots button").first().click();
        }
        page.locator(".slide-1.now .larger").click();
        Locator image = page.locator(".pane img");
        assertThat(image).hasAttribute("alt", page.locator(".picture-1").getAttribute("alt"));
        assertThat(page.locator(".told")).containsText("Try the glaze bench");
        assertThat(number(page.locator(".room"), "element.getBoundingClientRect().width"))
                .isEqualTo(1280);
        assertThat(number(page.locator(".room"), "element.getBoundingClientRect().height"))
                .isEqualTo(800);
        double height = number(page.locator(".pane"), "element.clientHeight");
        assertThat(number(image, "element.clientHeight"))
                .as("whole, as high as there is room")
                .isEqualTo(height);
        assertThat(number(image, "element.clientWidth")).isCloseTo(height * 3 / 2, within(1.0));
        page.waitForFunction(
                "image => image.complete && image.naturalWidth > image.clientWidth - 2",
                image.elementHandle()); // rounded down
        Clock.stands(page); // the reel waits
        assertThat(page.locator(".slide-1.now")).hasCount(1);

        page.locator("[data-do=next]").click();
        assertThat(page.locator(".told")).containsText("3 of 4"); // the second follows its link
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("ArrowLeft");
        assertThat(page.locator(".told")).containsText("4 of 4");
        drag(page, 200);
        assertThat(page.locator(".told")).containsText("3 of 4");

        assertThat(visitor.shifts(page)).isEmpty();
        page.locator("[data-do=fill]").click();
        assertThat(page.locator("[data-do=fill]")).hasAttribute("aria-pressed", "true");
        assertThat(number(image, "element.clientWidth")).isGreaterThanOrEqualTo(1280);
        assertThat(number(image, "element.clientHeight")).isGreaterThanOrEqualTo(height);
        page.locator("[data-do=original]").click();
        double own = Double.parseDouble(page.locator(".picture-3").getAttribute("width"));
        assertThat(number(image, "element.clientWidth")).isEqualTo(own).isGreaterThan(1280);
        double before = number(page.locator(".pane"), "element.scrollLeft");
        drag(page, -90);
        assertThat(number(page.locator(".pane"), "element.scrollLeft"))
                .as("it is moved by hand")
                .isCloseTo(before + 90, within(1.0));
        page.locator(".pane").focus();
        page.keyboard().press("ArrowLeft");
        assertThat(page.locator(".told")).containsText("3 of 4"); // arrows move what is larger than the window
        assertThat(Checker.serious(page, "larger view")).isEmpty();

        page.keyboard().press("Escape");
        assertThat(page.locator("dialog")).isHidden();
        assertThat(page.locator(".slide-3.now .larger")).isFocused();
    }

    @Test
    void itIsUsedByKeyboardAndSpeaksTheReelsLanguageFromRightToLeft() {
        StaticReel reel = reel("Larger, Hebrew", "row").choose("speech.language", null, "he");
        Page page = reel.live();
        List<Route> held = new ArrayList<>();
        page.route("**" + PlayerFiles.shipped().larger().address(), held::add);
        page.locator(".slide-1 .larger").focus();
        page.keyboard().press("Enter");
        page.keyboard().press("ArrowLeft"); // onward, as it is read; the view has not come yet
        page.keyboard().press("ArrowLeft");
        page.waitForCondition(() -> !held.isEmpty());
        assertThat(page.locator("dialog")).isHidden();
        held.get(0).resume();
        assertThat(page.locator("[data-do=close]")).hasAttribute("aria-label", "סגירה");
        assertThat(page.locator(".told p:first-child")).hasText(Pattern.compile("^\\D*3\\D+4"));
        page.keyboard().press("ArrowLeft");
        assertThat(page.locator(".told p:first-child")).hasText(Pattern.compile("^\\D*4\\D+4"));
        for (int i = 0; i < 12; i++) {
            page.keyboard().press("Tab");
            assertThat((Boolean) page.evaluate(
                            "!document.querySelector('keen-reel').shadowRoot.activeElement?.closest('.frame')"))
                    .as("focus stays in the view")
                    .isTrue();
        }
        page.locator("[data-do=close]").press("Enter");
        assertThat(page.locator(".slide-4.now .larger")).isFocused();
    }

    @Test
    void fromAFrameItTakesTheWholeScreenAndGivesItBack() {
        Page page = page(reel("Larger, frame", "banner").frame());
        FrameLocator inside = page.frameLocator("iframe");
        assertThat(inside.locator(".run")).hasCount(1); // before it runs, the press leads to the picture
        inside.locator(".slide-1 .larger").click();
        page.waitForFunction("document.fullscreenElement?.nodeName === 'IFRAME'");
        assertThat(inside.locator(".told")).containsText("1 of 4");
        inside.locator("[data-do=close]").click();
        page.waitForFunction("!document.fullscreenElement");
        assertThat(inside.locator("dialog")).isHidden();
    }

    @Test
    void withoutScriptThePressLeadsToThePicture() {
        String address = reel("Larger, no script", "banner").publish();
        try (Visitor visitor = new Visitor(false)) {
            Page page = visitor.open(address);
            List<Locator> links = page.locator(".larger").all();
            assertThat(links).hasSize(4);
            assertThat(page.locator("dialog")).isHidden();
            links.get(0).click();
            page.waitForURL(url -> url.matches(".*/(f|r)/.*\\.(webp|jpe?g)"));
        }
    }

    /** Where the picture's point is that is at a place of the window, as a share of its width and height. */
    private static final String AT = """
            ([x, y]) => {
              const box = document.querySelector('keen-reel').shadowRoot.querySelector('.pane img').getBoundingClientRect();
              return [(x - box.left) / box.width, (y - box.top) / box.height, box.width];
            }""";

    private static List<Double> at(Page page, double x, double y) {
        return ((List<?>) page.evaluate(AT, List.of(x, y)))
                .stream().map(one -> ((Number) one).doubleValue()).toList();
    }

    @Test
    void aPictureComesCloserByTwoTapsKeysAndAPinchAndIsWholeAgain() {
        StaticReel reel = reels.make("Closer", "row", "full", Kinds.SIX).choose("steering.larger", null, "true");
        Page page = reel.live();
        page.locator(".slide-1 .larger").click();
        Locator pane = page.locator(".pane");
        assertThat(pane).hasAttribute("data-size", "whole");
        List<Double> whole = at(page, 700, 300);
        page.mouse().dblclick(700, 300);
        assertThat(pane).hasAttribute("data-size", "free");
        List<Double> close = at(page, 700, 300);
        assertThat(close.get(2)).isGreaterThan(whole.get(2) * 1.9);
        assertThat(close.get(0)).as("what was pressed stays there").isCloseTo(whole.get(0), within(0.01));
        assertThat(close.get(1)).isCloseTo(whole.get(1), within(0.01));
        page.keyboard().press("+");
        assertThat(at(page, 700, 300).get(2)).isCloseTo(close.get(2) * 1.25, within(2.0));
        page.mouse().dblclick(700, 300);
        assertThat(pane).hasAttribute("data-size", "whole");
        String pinch = """
                () => {
                  const pane = document.querySelector('keen-reel').shadowRoot.querySelector('.pane');
                  const touches = (apart) => [-1, 1].map((side, i) => new Touch({ identifier: i, target: pane, clientX: 640 + side * apart, clientY: 300 }));
                  const fire = (type, apart) => pane.dispatchEvent(new TouchEvent(type, { touches: touches(apart), targetTouches: touches(apart), bubbles: true, cancelable: true }));
                  fire('touchstart', 50);
                  fire('touchmove', 75);
                  return !fire('touchmove', 100);
                }""";
        assertThat(page.evaluate(pinch)).as("the page itself is not enlarged").isEqualTo(true);
        assertThat(at(page, 640, 300).get(2)).isCloseTo(2 * whole.get(2), within(2.0));
        for (int i = 0; i < 6; i++) {
            page.keyboard().press("-");
        }
        assertThat(pane).hasAttribute("data-size", "whole");
    }

    @Test
    void itsAddressLeadsToThePictureThatIsSeen() {
        StaticReel reel = reels.make("Addressed", "row", "full", Kinds.SIX)
                .choose("steering.larger", null, "true")
                .choose("steering.addressed", null, "true");
        List<String> slides = reel.slides();
        Page page = reel.live();
        String address = page.url();
        page.locator(".slide-2 .larger").click();
        page.waitForURL(address + "#reel-" + slides.get(1));
        page.keyboard().press("ArrowRight");
        page.waitForURL(address + "#reel-" + slides.get(2));
        page.keyboard().press("Escape");
        page.waitForURL(address);
        Page linked = visitor.open(address + "#reel-" + slides.get(4));
        assertThat(linked.locator("dialog[open] .pane img")).hasCount(1);
        assertThat(linked.locator(".told p").first()).containsText("5");
        linked.keyboard().press("Escape");
        assertThat(linked.locator(".slide-5.now")).hasCount(1);
        linked.evaluate("id => { location.hash = 'reel-' + id }", slides.get(0));
        assertThat(linked.locator(".told p").first()).containsText("1");
    }
}
