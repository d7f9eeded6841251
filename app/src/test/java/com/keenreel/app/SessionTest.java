package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Clock;
import com.keenreel.player.Pixels;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.awt.Rectangle;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A long session at the bench: much is done, undone and done again, beside others and while it is being published. */
@Tag("browser")
class SessionTest {
    private static final int EDITS = 15;

    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private Made made(String name) {
        return editor.make(
                name, "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg", "banner-kiln-glow.jpg");
    }

    private static void stored(Page page) {
        assertThat(page.locator("[data-stored]")).hasText("stored");
    }

    private static JsonNode document(Made reel) throws Exception {
        String database =
                "jdbc:sqlite:" + Running.application().settings().data().resolve("keen-reel.db");
        try (Connection connection = DriverManager.getConnection(database);
                ResultSet row = connection
                        .createStatement()
                        .executeQuery("SELECT document FROM revision WHERE reel_id = '" + reel.id
                                + "' ORDER BY number DESC LIMIT 1")) {
            return Editor.JSON.readTree(row.getString(1));
        }
    }

    /** What the other window changes is theirs alone: the text of every slide, and the gap. */
    private static JsonNode withoutTheirs(JsonNode document) {
        ObjectNode own = (ObjectNode) document.deepCopy();
        own.path("slides").forEach(slide -> ((ObjectNode) slide.path("words")).remove("text"));
        return own;
    }

    @Test
    void manyEditsAreUndoneToTheStartAndRedoneToTheEndBesideAnotherWindow() throws Exception {
        Made reel = made("Forty edits");
        List<String> slides = reel.slides();
        Page page = reel.bench();
        JsonNode start = document(reel);
        Random random = new Random(7);
        for (int i = 0; i < EDITS; i++) {
            edit(page, random, i);
            if (i % 5 == 0) {
                reel.say(slides.get(i % slides.size()), "text", "Theirs " + i);
            }
        }
        stored(page);
        JsonNode end = document(reel);
        assertThat(withoutTheirs(end)).isNotEqualTo(withoutTheirs(start));

        for (int i = 0; i < EDITS; i++) {
            page.keyboard().press("Control+z"); // without waiting for what it changes
        }
        assertThat(page.locator("[data-do=undo]")).isDisabled();
        stored(page);
        assertThat(withoutTheirs(document(reel))).isEqualTo(withoutTheirs(start));
        assertThat(document(reel).toString()).contains("Theirs 10");
        for (int i = 0; i < EDITS; i++) {
            page.keyboard().press("Control+Shift+z");
        }
        assertThat(page.locator("[data-do=redo]")).isDisabled();
        stored(page);
        assertThat(document(reel)).isEqualTo(end);
        assertThat(page.locator("#notices")).isEmpty();
        assertThat(editor.problems()).isEmpty();
    }

    /** One edit by somebody's hand; every one of them changes something. */
    private static void edit(Page page, Random random, int i) {
        int cards = page.locator(".card").count();
        Locator card = page.locator(".card").nth(random.nextInt(cards));
        String revision = page.locator("#stored-line .figure").textContent();
        switch (random.nextInt(6)) {
            case 0 -> card.press("+");
            case 1 -> card.press("h");
            case 2 -> {
                int from = random.nextInt(cards - 1);
                page.locator(".card").nth(from).press("Enter");
                page.keyboard().press("ArrowRight");
                page.keyboard().press("Enter");
            }
            case 3 -> {
                card.click();
                page.locator("[data-do=duplicate]").click();
            }
            case 4 -> {
                card.click();
                page.locator("[data-say=title]").fill("Mine " + i);
                page.locator("[data-say=title]").blur();
            }
            default -> page.locator(".reel-name").fill("Name " + i);
        }
        page.locator(".reel-name").blur();
        assertThat(page.locator("#stored-line .figure")).not().hasText(revision);
        stored(page);
        if (page.locator(".sheet").isVisible()) {
            page.locator("[data-do=brief]").click();
            assertThat(page.locator(".brief")).isVisible();
        }
    }

    @Test
    void whatIsEditedWhilePublishRunsBelongsToTheNextPublication() {
        Made reel =
                editor.make("Edited while publishing", "banner", "full", "banner-kiln-glow.jpg", "commission-07.jpg");
        Page publish = editor.open("/reels/" + reel.id + "/publish");
        Page page = reel.bench();
        publish.getByText("Publish", new Page.GetByTextOptions().setExact(true))
                .last()
                .click();
        page.locator(".card").first().press("+");
        page.locator(".card").first().press("+");
        assertThat(page.locator(".card .figure").first()).hasText("6.0 s");
        assertThat(page.locator("#stored-line .figure")).hasText("2");
        assertThat(publish.getByText("live").first()).isVisible();
        publish.waitForFunction("() => document.querySelector('[data-code=element]') !== null");
        String holds = Editor.JSON
                .readTree(editor.text(Running.application().origin() + "/r/edited-while-publishing/fragment"))
                .path("plan")
                .path("holds")
                .toString();
        long live = editor.send("GET", "/reels/" + reel.id + "/layout?width=800&state=live", null)
                .path("boxes")
                .size();
        assertThat(live).isPositive();
        JsonNode parts = editor.send("GET", "/reels/" + reel.id + "/parts?window=w", null);
        boolean inIt = holds.startsWith("[6000");
        assertThat(parts.path("parts").path("stored").asString())
                .as("says whether the edit is live: " + holds)
                .contains(inIt ? "live<" : "live is ");
        reel.publish();
        assertThat(editor.text(Running.application().origin() + "/r/edited-while-publishing/fragment"))
                .contains("\"holds\":[6000,");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void theWallAfterManyEditsShowsWhatTheAddressShows() {
        Made reel = made("Patched wall");
        reel.publish(); // from then on the wall shows the files that visitors get
        Page page = reel.bench();
        page.locator(".card").nth(1).click();
        page.locator("[data-say=title]").fill("Patched <words> & more");
        page.locator("[data-say=title]").blur();
        stored(page);
        page.locator("[data-do=brief]").click();
        page.locator("[data-unfold=Words]").click();
        page.locator("[data-key='word-set-words-ground-all']").click();
        page.locator(".control-panel:popover-open input[type=number]").fill("81");
        page.keyboard().press("Escape");
        page.locator(".card").nth(2).press("+");
        reel.look(reel.slides().get(1), null, 0.2, 0.7);
        assertThat(page.locator("#stored-line .figure")).hasText("5"); // what another window did comes by itself
        stored(page);
        page.locator(".card").nth(1).click();
        stored(page);
        String address = reel.publish().path("address").asString();
        for (int i = 0; i < 3; i++) {
            int width = new int[] {390, 820, 1280}[i];
            Page live = editor.open(address);
            live.setViewportSize(width, 700);
            live.reload(); // with the files for that width
            assertThat(live.locator(".run")).hasCount(1);
            live.locator(".frame").hover(); // it waits
            live.getByLabel("Next slide").or(live.locator(".dot-2")).last().click();
            live.mouse().move(1, 690);
            assertThat(live.locator(".slide-2.now")).hasCount(1);
            Clock.still(live);
            Object onWall = page.locator(".screen iframe")
                    .nth(i)
                    .evaluate(
                            "(frame) => (" + BOXES + ")(frame.contentDocument.querySelector('keen-reel').shadowRoot)");
            Object atAddress = live.locator("keen-reel").evaluate("(host) => (" + BOXES + ")(host.shadowRoot)");
            assertThat(onWall).as("boxes, words and style at " + width).isEqualTo(atAddress);
            if (i == 2) { // a narrower page may show a wider page's file, which the browser has at hand
                byte[] shown = frame(page, i, width);
                byte[] drawn = live.screenshot(new Page.ScreenshotOptions().setClip(0, 0, width, 300));
                assertThat(Pixels.difference(shown, drawn, new Rectangle(width - 80, 220, 80, 300)))
                        .as("pixels at " + width)
                        .isEmpty();
            }
            live.close();
        }
        assertThat(editor.problems()).isEmpty();
    }

    private static final String BOXES = """
            (root) => [...root.querySelectorAll('.slide-2, .slide-2 *')].map((one) => {
              const { x, y, width, height } = one.getBoundingClientRect();
              const { color, fontSize, borderRadius } = getComputedStyle(one);
              return [one.className, one.childElementCount ? '' : one.textContent, x, y, width, height, color, fontSize, borderRadius].join();
            }).join('\\n')""";

    /** The frame of the wall at its real width, alone in the window. */
    private static byte[] frame(Page page, int i, int width) {
        page.setViewportSize(1400, 900);
        Clock.frames(page); // the wall fits itself into the window first
        page.locator(".screen iframe").nth(i).evaluate("""
                (frame) => {
                  frame.closest('.page').style.transform = 'none';
                  Object.assign(frame.style, { position: 'fixed', left: '0', top: '0', zIndex: '99', background: '#fff', pointerEvents: 'none' });
                }""");
        Clock.frames(page);
        return page.screenshot(new Page.ScreenshotOptions().setClip(0, 0, width, 300));
    }

    @Test
    void anExchangedPictureComesBackByUndoWithItsWords() {
        Made reel = made("Exchanged");
        Page page = reel.bench();
        page.locator(".card").first().click();
        page.locator("[data-say=title]").fill("Kept words");
        page.locator("[data-say=title]").blur();
        stored(page);
        String former = page.locator("svg.focus image").getAttribute("href");
        page.locator("[data-do=exchange]").click();
        page.locator("#pick [data-picture]").first().click();
        page.locator("#pick [data-take]").click();
        assertThat(page.locator("svg.focus image")).not().hasAttribute("href", former);
        stored(page);
        page.locator("[data-do=undo]").click();
        assertThat(page.locator("svg.focus image")).hasAttribute("href", former);
        assertThat(page.locator("[data-say=title]")).hasValue("Kept words");
        assertThat(page.frameLocator(".screen >> nth=2 >> iframe").locator(".slide-1 img"))
                .hasAttribute("src", java.util.regex.Pattern.compile(former.replaceFirst("/\\d+\\.webp$", "/.*")));
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void phoneShowsAnotherPictureAndNothingElseDoes() {
        editor.picture("commission-06.jpg");
        Made reel = made("Another on phone");
        Page page = reel.bench();
        page.locator(".card").first().click();
        page.locator("[data-do=instead][data-set-up=phone]").click();
        page.locator("#pick [data-name='commission-06.jpg']").click();
        page.locator("#pick [data-take]").click();
        assertThat(page.locator("[data-do=instead][data-set-up=phone] img")).hasCount(1);
        stored(page);
        String address = reel.publish().path("address").asString();
        for (int width : new int[] {390, 820, 1280}) {
            Page live = editor.open(address);
            live.setViewportSize(width, 800);
            assertThat(live.locator(".run")).hasCount(1);
            live.locator(".frame").hover(); // it waits
            assertThat(live.locator(".picture-1-phone")).hasCount(1);
            boolean phone = width < 600;
            assertThat(live.locator(".picture-1")).isVisible(visible(!phone));
            assertThat(live.locator(".picture-1-phone")).isVisible(visible(phone));
            JsonNode boxes = reel.layout(width, "live").path("boxes");
            JsonNode predicted = null;
            for (JsonNode box : boxes) {
                predicted = box.path("name").asString().equals("picture-1") ? box : predicted;
            }
            var drawn = live.locator(phone ? ".picture-1-phone" : ".picture-1").boundingBox();
            assertThat(drawn.width)
                    .isCloseTo(predicted.path("width").asDouble(), org.assertj.core.data.Offset.offset(0.1));
            assertThat(drawn.height)
                    .isCloseTo(predicted.path("height").asDouble(), org.assertj.core.data.Offset.offset(0.1));
            live.waitForFunction(
                    "(one) => document.querySelector('keen-reel').shadowRoot.querySelector(one).naturalWidth > 0",
                    phone ? ".picture-1-phone" : ".picture-1");
            live.close();
        }
        page.locator("[data-do=not-instead]").click();
        assertThat(page.locator("[data-do=instead] img")).hasCount(0);
        page.locator("[data-do=undo]").click();
        assertThat(page.locator("[data-do=instead] img")).hasCount(1);
        assertThat(editor.problems()).isEmpty();
    }

    private static com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions visible(boolean yes) {
        return new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions().setVisible(yes);
    }
}
