package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.player.Clock;
import com.keenreel.player.Hand;
import com.keenreel.player.ReelMaker;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.WaitUntilState;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What an editor does, from dropped pictures to a live page and back, in a real browser on the real application. */
@Tag("browser")
class JourneyTest {
    private static final String SITE = Running.application().site();

    private static Path[] pictures(String... files) {
        return java.util.Arrays.stream(files).map(ReelMaker.PICTURES::resolve).toArray(Path[]::new);
    }

    private static void stored(Page page) {
        assertThat(page.locator("[data-stored]")).hasText("stored");
    }

    private static Locator cards(Page page) {
        return page.locator(".card-title");
    }

    /** Makes a reel by the page's own form and comes to its bench. */
    private static Page make(Editor editor, String name, String starter, Path... files) {
        Page page = editor.open("/reels/new");
        page.getByText(starter, new Page.GetByTextOptions().setExact(true)).click();
        page.locator(".drop input[type=file]").setInputFiles(files);
        assertThat(page.locator(".chosen .done")).hasCount(files.length);
        page.getByLabel("Name of the reel").fill(name);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make the reel"))
                .click();
        page.waitForURL(Pattern.compile(".*/reels/[a-z0-9]{12}$"));
        assertThat(page.locator(".screen iframe")).hasCount(3);
        stored(page);
        return page;
    }

    private static FrameLocator desk(Page page) {
        return page.frameLocator(".screen >> nth=2 >> iframe");
    }

    @Test
    void fromDroppedPicturesToALivePageAndBack() {
        try (Editor editor = new Editor()) {
            Page page = make(
                    editor,
                    "Days of the journey",
                    "Banner",
                    pictures(
                            "banner-workshop-day.jpg",
                            "commission-06.jpg",
                            "banner-dusk-works.jpg",
                            "banner-kiln-glow.jpg"));
            assertThat(page.getByLabel("Name of the reel")).hasValue("Days of the journey");
            assertThat(page.locator(".screen .said").nth(0)).hasText("reel 390 × 488");
            assertThat(page.locator(".screen .said").nth(2)).hasText("reel 1280 × 533");

            // words, link and alt text of a slide
            page.locator(".card").nth(0).click();
            page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true))
                    .fill("Open <b>days</b> & nights");
            page.getByLabel("Text", new Page.GetByLabelOptions().setExact(true)).fill("First weekend of every month.");
            page.getByLabel("Button", new Page.GetByLabelOptions().setExact(true))
                    .fill("See the dates");
            page.getByLabel("leads to").fill("https://fennock.example/dates");
            page.getByLabel("Alt text").fill("A long bench by a window");
            page.getByLabel("Alt text").blur();
            stored(page);
            assertThat(desk(page).locator(".slide.now .title")).hasText("Open <b>days</b> & nights");
            assertThat(desk(page).locator(".slide.now img")).hasAttribute("alt", "A long bench by a window");

            // the focal point, by pressing on the picture, for phone alone
            String calculated = page.locator("[data-focal-scope=desk]").textContent();
            page.locator("[data-focal-scope=phone]").click();
            BoundingBox picture = page.locator("svg.focus image").boundingBox();
            page.mouse().click(picture.x + 0.2 * picture.width, picture.y + 0.6 * picture.height);
            stored(page);
            assertThat(page.locator("[data-focal-scope=phone]")).hasText("20, 60 %");
            assertThat(page.locator("[data-focal-scope=desk]")).hasText(calculated);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Back to the reel"))
                    .click();

            moveCards(page);
            brief(page);

            // exchange a picture: words stay
            page.locator(".card").nth(0).click();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Exchange picture"))
                    .click();
            page.locator("#pick button", new Page.LocatorOptions().setHasText("commission-06.jpg"))
                    .click();
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Use them").setExact(true))
                    .click();
            assertThat(page.locator(".sheet-head")).containsText("1200 × 1500");
            assertThat(page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true)))
                    .hasValue("Open <b>days</b> & nights");
            stored(page);

            publishAndFollow(editor, page);
            assertThat(editor.problems()).isEmpty();
        }
    }

    /** By keyboard and by drag, undone and done again. */
    private static void moveCards(Page page) {
        Locator first = page.locator(".card").nth(0);
        String title = "Open <b>days</b> & nights";
        first.focus();
        first.press("Enter");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        stored(page);
        assertThat(cards(page).nth(2)).hasText(title);
        assertThat(page.locator(".card").nth(2)).isFocused();
        page.locator(".card").nth(2).press("Control+z");
        assertThat(cards(page).nth(0)).hasText(title);
        page.locator("body").press("Control+Shift+z");
        assertThat(cards(page).nth(2)).hasText(title);

        BoundingBox from = page.locator(".card").nth(2).boundingBox();
        BoundingBox to = page.locator(".card").nth(0).boundingBox();
        page.mouse().move(from.x + 30, from.y + 20);
        page.mouse().down();
        page.mouse().move(from.x - 60, from.y + 20);
        page.mouse().move(to.x + 10, to.y + 20);
        page.mouse().up();
        assertThat(cards(page).nth(0)).hasText(title);
        stored(page);

        // hold by keys, then a slide is removed and brought back
        page.locator(".card").nth(0).press("+");
        assertThat(page.locator(".card .figure").nth(0)).hasText("5.5 s");
        page.locator(".card").nth(3).press("Delete");
        assertThat(page.locator(".card")).hasCount(3);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(page.locator(".card")).hasCount(4);
        stored(page);
    }

    /** Controls open in place; a set-up can differ and be taken back; a bad value is refused where it was typed. */
    private static void brief(Page page) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("12:5"))
                .click();
        Locator panel = page.locator(".control-panel:popover-open");
        panel.getByText("desk", new Locator.GetByTextOptions().setExact(true)).click();
        panel.locator("[data-value='3:2']").click();
        assertThat(page.locator(".screen .said").nth(2)).hasText("reel 1280 × 853");
        panel.getByText("As everywhere").click();
        assertThat(page.locator(".screen .said").nth(2)).hasText("reel 1280 × 533");
        page.keyboard().press("Escape");

        page.locator("[data-key='word-set-motion-time-all']").click();
        panel.locator("input[type=number]").fill("0.4");
        assertThat(page.locator("[data-key='word-set-motion-time-all']")).hasText("0.4 s");
        page.keyboard().press("Escape");
        stored(page);
    }

    @Test
    void whatIsRefusedIsSaidWhereItWasTypedAndStays() {
        try (Editor editor = new Editor()) {
            Editor.Made reel =
                    editor.make("Refusals", "banner", "full", "banner-kiln-glow.jpg", "banner-dusk-works.jpg");
            Page page = editor.open("/reels/" + reel.id);
            page.locator("[data-key='word-set-motion-time-all']").click();
            Locator panel = page.locator(".control-panel:popover-open");
            panel.locator("input[type=number]").fill("44");
            assertThat(panel.locator("[data-problem]")).containsText("44 is not within 0.1 to 5 s.");
            assertThat(panel.locator("input[type=number]")).hasValue("44");
            page.keyboard().press("Escape");
            page.locator(".card").nth(0).click();
            page.getByLabel("leads to").fill("javascript:alert(1)");
            page.getByLabel("leads to").blur();
            assertThat(page.locator(".sheet-words p[data-problem]")).containsText("not javascript:");
            assertThat(page.getByLabel("leads to")).hasValue("javascript:alert(1)");

            Page pictures = editor.open("/pictures");
            pictures.locator(".list-head input[type=file]").setInputFiles(new FilePayload[] {
                new FilePayload("letter.jpg", "image/jpeg", "Dear workshop".getBytes(StandardCharsets.UTF_8)),
                new FilePayload(
                        "wall.svg",
                        "image/svg+xml",
                        "<svg viewBox='0 0 4 4'><path d='M0 0h4'/></svg>".getBytes(StandardCharsets.UTF_8))
            });
            assertThat(pictures.locator(".refused .says"))
                    .hasText("This is not a JPEG, PNG, WebP, GIF, TIFF or SVG picture.");
            assertThat(pictures.locator(".uploads .done")).hasCount(1);
            assertThat(pictures.locator(".uploads")).containsText("Adding 2: 1 here, 1 refused.");
            assertThat(editor.problems()).allMatch(problem -> problem.contains("422"));
        }
    }

    /** The script of the page is slow to come; what was pressed meanwhile is done once it is there. */
    @Test
    void whatIsDoneBeforeItsScriptIsThereIsKept() {
        try (Editor editor = new Editor()) {
            String id = editor.make("Pressed early", "banner", "full", "plate-04-fan.jpg").id;
            Page page = editor.open("/help");
            List<Route> held = new ArrayList<>();
            page.route("**/app/publish.js", held::add);
            page.navigate(
                    page.url().replace("/help", "/reels/" + id + "/publish"),
                    new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
            Locator publish = page.getByRole(
                    AriaRole.BUTTON,
                    new Page.GetByRoleOptions().setName("Publish").setExact(true));
            publish.click();
            page.waitForCondition(() -> !held.isEmpty());
            held.forEach(Route::resume);
            assertThat(page.getByText("What you have here is the same.")).isVisible();

            // as are fields that were filled, and a file that was picked
            String picture = editor.picture("plate-04-fan.jpg");
            held.clear();
            page.route("**/app/picture.js", held::add);
            page.navigate(
                    page.url().replaceFirst("/reels/.*", "/pictures/" + picture),
                    new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
            page.locator("[data-field=caption]").fill("Said early");
            page.locator("[data-replace]").setInputFiles(ReelMaker.PICTURES.resolve("plate-05-flower-sprig.jpg"));
            page.waitForCondition(() -> !held.isEmpty());
            page.unroute("**/app/picture.js");
            held.forEach(Route::resume);
            assertThat(page.locator(".former li")).hasCount(2);
            assertThat(page.locator("[data-field=caption]")).hasValue("Said early");
            page.locator("[data-undo]").click(); // the file
            page.locator("[data-undo]").click(); // the words, however soon it is pressed
            assertThat(page.locator("[data-field=caption]")).not().hasValue("Said early");
            assertThat(editor.problems()).isEmpty();
        }
    }

    private static void publishAndFollow(Editor editor, Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Publish"))
                .click();
        publish(page, "Publish");
        String element = copied(page, "element");
        String frame = copied(page, "frame");
        String address = page.locator("[data-code=address]").getAttribute("href");

        Page practice = editor.open("/practice");
        practice.getByLabel("Title of a new page").fill("Journey");
        practice.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add page"))
                .click();
        practice.waitForURL("**/practice/journey");
        practice.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("text"))
                .click();
        practice.locator(".block textarea").last().fill("Words of the page itself.");
        for (String code : List.of(element, frame, element)) {
            practice.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("pasted code"))
                    .click();
            practice.locator(".block textarea").last().fill(code);
        }
        practice.locator(".block textarea").last().blur();
        stored(practice);

        Page site = editor.open(SITE + "/journey");
        assertThat(site.getByText("Words of the page itself.")).isVisible();
        assertThat(site.locator("keen-reel .run")).hasCount(2);
        assertThat(site.locator("keen-reel .slide.now .title").first()).hasText("Open <b>days</b> & nights");
        assertThat(site.frameLocator("iframe").locator(".slide.now .title")).hasText("Open <b>days</b> & nights");

        // one reel twice: steering one leaves the other
        site.locator("keen-reel")
                .nth(0)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Next slide"))
                .click();
        assertThat(site.locator("keen-reel").nth(0).locator(".slide-2.now")).hasCount(1);
        assertThat(site.locator("keen-reel").nth(1).locator(".slide-1.now")).hasCount(1);
        assertThat(editor.shifts(site)).as("layout shifts").isEmpty();

        // change the hold, publish again, reload: it changed
        assertThat(plan(site)).contains("\"holds\":[5500,");
        page.navigate(page.url().replace("/publish", ""));
        page.locator(".card").nth(0).press("+");
        stored(page);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Publish"))
                .click();
        assertThat(page.locator(".changes").first()).containsText("slide 1 stands 6 s instead of 5.5 s");
        publish(page, "Publish again");
        site.reload();
        assertThat(site.locator("keen-reel .run")).hasCount(2);
        assertThat(plan(site)).contains("\"holds\":[6000,");
        assertThat(editor.shifts(site))
                .as("layout shifts after publishing again")
                .isEmpty();

        // take it down: nothing is shown in its place, and no error is logged (checked at the end of the journey)
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take down"))
                .click();
        assertThat(page.getByText("Taken down. Elements give their place back")).isVisible();
        site.reload();
        assertThat(site.getByText("Words of the page itself.")).isVisible();
        assertThat(site.locator("keen-reel .reel")).hasCount(0);
        site.waitForFunction(
                "() => [...document.querySelectorAll('keen-reel')].every((reel) => reel.getBoundingClientRect().height === 0)");
        Page alone = editor.open(address);
        assertThat(alone.locator("body")).hasText("Nothing is shown here"); // for those who listen; nothing is seen
    }

    private static String plan(Page site) {
        return (String)
                site.evaluate(
                        "async () => JSON.stringify((await (await fetch(document.querySelector('keen-reel').getAttribute('src') + '/fragment')).json()).plan)");
    }

    private static void publish(Page page, String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .click();
        assertThat(page.getByText("What you have here is the same.")).isVisible();
    }

    private static String copied(Page page, String what) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Copy the " + what))
                .click();
        assertThat(page.locator("#notices")).containsText("The " + what + " is copied.");
        String code = (String) page.evaluate("() => navigator.clipboard.readText()");
        assertThat(code).isEqualTo(page.locator("[data-code=" + what + "]").inputValue());
        return code;
    }

    @Test
    void filesAreDroppedFromTheDesktop() throws Exception {
        try (Editor editor = new Editor()) {
            String file = Base64.getEncoder()
                    .encodeToString(Files.readAllBytes(ReelMaker.PICTURES.resolve("commission-06.jpg")));
            for (String[] place : new String[][] {
                {"/reels", ".drop", ".chosen .done .says"}, {"/pictures", "main", ".uploads .done .says"}
            }) {
                Page page = editor.open(place[0]);
                var dropped = page.evaluateHandle("""
                        (file) => {
                          const transfer = new DataTransfer();
                          const bytes = Uint8Array.from(atob(file), (letter) => letter.charCodeAt(0));
                          ['commission-06.jpg', 'commission-06.jpg'].forEach((name) => transfer.items.add(new File([bytes], name)));
                          return transfer;
                        }""", file);
                page.dispatchEvent(place[1], "drop", java.util.Map.of("dataTransfer", dropped));
                assertThat(page.locator(place[2]))
                        .hasText(new Pattern[] {Pattern.compile("^1200 × 1500"), Pattern.compile("^1200 × 1500")});
            }
            assertThat(editor.problems()).isEmpty();
        }
    }

    @Test
    void aRowIsDraggedWithoutPressingItsLinks() {
        try (Editor editor = new Editor()) {
            Page bench = make(
                    editor,
                    "Row of the journey",
                    "Row",
                    pictures(
                            "commission-01.jpg",
                            "commission-03.jpg",
                            "commission-04.jpg",
                            "commission-07.jpg",
                            "commission-08.jpg"));
            Editor.Made reel = editor.new Made("a reel", bench.url().replaceAll(".*/", ""));
            reel.slides().forEach(slide -> reel.say(slide, "link", "https://fennock.example/commissions"));
            Page page = reel.live();
            assertThat(page.locator(".slide.now")).hasCount(3);
            BoundingBox second = page.locator(".slide-2").boundingBox();
            new Hand(page)
                    .press(second.x + 200, second.y + 100)
                    .to(second.x + 100, second.y + 100)
                    .to(second.x - 180, second.y + 100)
                    .rest()
                    .lift();
            assertThat(page.locator(".slide-1.now")).hasCount(0);
            assertThat(page.locator(".slide-2.now")).hasCount(1);
            assertThat(page.url()).contains("/r/row-of-the-journey");
            page.locator(".frame").press("ArrowRight");
            page.locator(".arrow-next").click();
            assertThat(page.locator(".slide-5.now")).hasCount(1);
            assertThat(editor.shifts(page)).isEmpty();
            assertThat(editor.problems()).isEmpty();
        }
    }

    @Test
    void aMarqueeMovesAtItsSpeedAndCanBeStopped() {
        try (Editor editor = new Editor()) {
            Page bench = make(
                    editor,
                    "Partners of the journey",
                    "Marquee",
                    pictures(
                            "logos/harskel-lime.svg",
                            "logos/tundleby.svg",
                            "logos/ovenwick.svg",
                            "logos/pellard-voe.svg"));
            assertThat(bench.locator(".card")).hasCount(4);
            Editor.Made reel = editor.new Made("a reel", bench.url().replaceAll(".*/", ""));
            reel.slides().forEach(slide -> reel.say(slide, "link", "https://partner.example/"));
            Page page = reel.live();
            String left =
                    "() => document.querySelector('keen-reel').shadowRoot.querySelector('.copy-0 .slide-1').getBoundingClientRect().left";
            String timed = "() => new Promise((done) => { const left = " + left
                    + "; requestAnimationFrame(() => requestAnimationFrame((from) => { const start = left();"
                    + " const wait = (now) => now - from < 800 ? requestAnimationFrame(wait) : done((start - left()) / (now - from) * 1000); requestAnimationFrame(wait); })) })";
            assertThat(((Number) page.evaluate(timed)).doubleValue())
                    .as("px per second")
                    .isBetween(50.0, 70.0);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pause"))
                    .click();
            page.mouse().move(600, 500);
            Clock.stands(page);
            assertThat(page.locator(".copy-0 a")).hasCount(4);
            assertThat(page.locator(".copy[aria-hidden]").first()).isVisible();
            assertThat(editor.shifts(page)).isEmpty();
            assertThat(editor.problems()).isEmpty();
        }
    }

    @Test
    void aPairIsComparedByPointerTouchAndKeys() {
        try (Editor editor = new Editor()) {
            Page bench = make(
                    editor,
                    "Floors of the journey",
                    "Comparison",
                    pictures("floor-3-before.jpg", "floor-3-after.jpg", "floor-2-before.jpg", "floor-2-after.jpg"));
            bench.locator(".card").nth(0).click();
            bench.getByLabel("The side before is called").fill("Found");
            bench.getByLabel("The side before is called").blur();
            stored(bench);
            assertThat(desk(bench).locator(".slide.now .label-before")).hasText("Found");
            bench.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Swap sides"))
                    .click();
            assertThat(desk(bench).locator(".slide.now .label-after")).hasText("Found");
            stored(bench);
            Editor.Made reel = editor.new Made("a reel", bench.url().replaceAll(".*/", ""));
            Page page = reel.live();
            Locator handle = page.getByRole(AriaRole.SLIDER).first();
            assertThat(handle).hasAttribute("aria-valuenow", "50");
            handle.press("ArrowRight");
            assertThat(handle).hasAttribute("aria-valuenow", "51");
            handle.press("PageUp");
            assertThat(handle).hasAttribute("aria-valuenow", "61");
            handle.press("Home");
            assertThat(handle).hasAttribute("aria-valuenow", "0");
            BoundingBox crop = page.locator(".crop-1").boundingBox();
            page.mouse().move(crop.x + crop.width / 2, crop.y + 100);
            page.mouse().down();
            page.mouse().move(crop.x + crop.width * 0.8, crop.y + 100);
            page.mouse().up();
            assertThat(handle).hasAttribute("aria-valuenow", "80");
            assertThat(page.locator(".slide-1.now")).hasCount(1);
            page.locator(".arrow-next").click();
            assertThat(page.locator(".slide-2.now")).hasCount(1);
            assertThat(editor.shifts(page)).isEmpty();
            assertThat(editor.problems()).isEmpty();
        }
    }
}
