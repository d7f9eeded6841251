package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * The whole application is killed while it works: pictures go on being made ready, edits and what is live are there, and
 * what somebody typed while it was away is stored once it is back.
 */
@Tag("browser")
class ApplicationKilledTest {

    private final OwnApplication application = new OwnApplication();

    @AfterEach
    void end() throws InterruptedException {
        application.close();
    }

    private void hold(String reel, String slide, int ms) throws Exception {
        application.ask(
                "POST",
                "/reels/" + reel + "/edits",
                "{'window':'w','editId':'" + UUID.randomUUID() + "','on':999,'edit':{'kind':'hold','slide':'" + slide
                        + "','hold':" + ms + "}}");
    }

    @Test
    void nothingAcknowledgedIsLost() throws Exception {
        application.start();
        String reel = application.reel("Killed", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
        String slide = application
                .ask("GET", "/reels/" + reel + "/slides", null)
                .path(0)
                .asString();
        hold(reel, slide, 6500);
        assertThat(application.second())
                .contains("Another Keen Reel has the data folder")
                .doesNotContain("\tat com.keenreel");
        application.kill(); // the last pictures are still being worked on

        application.start();
        // waits for the pictures, which are taken up again
        application.ask("POST", "/reels/" + reel + "/publication", "{}");
        JsonNode live = application.ask("GET", "/r/killed/fragment", null);
        assertThat(live.path("plan").path("holds").path(0).asLong()).isEqualTo(6500);
        hold(reel, slide, 7500);
        application.kill();

        application.start();
        assertThat(application.ask("GET", "/r/killed/fragment", null).path("version"))
                .isEqualTo(live.path("version"));
        JsonNode parts = application.ask("GET", "/reels/" + reel + "/parts?window=w", null);
        assertThat(parts.path("revision").asLong()).isEqualTo(3);
        assertThat(parts.path("parts").path("order").asString()).contains("7.5 s");
    }

    @Test
    void wordsTypedWhileItIsAwayAreThereOnceWhenItIsBack() throws Exception {
        application.prepare();
        try (Editor editor = new Editor()) {
            application.start();
            String reel = application.reel("Typed while away", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
            Page page = editor.open(application.origin() + "/reels/" + reel);
            assertThat(page.frameLocator(".screen >> nth=2 >> iframe").locator(".run"))
                    .hasCount(1);
            page.locator(".card").first().click();
            page.locator("[data-say=title]").fill("Stored before");
            page.locator("[data-say=title]").blur();
            assertThat(page.locator(".card-title").first()).hasText("Stored before");

            application.kill();
            page.locator("[data-say=title]").fill("Typed while nobody listened");
            page.locator("[data-say=title]").blur();
            page.locator("[data-say=text]").fill("And this too");
            page.locator("[data-say=text]").blur();
            assertThat(page.locator("[data-stored]")).containsText("kept here, tried again");
            assertThat(page.locator("[data-say=title]")).hasValue("Typed while nobody listened");

            application.start();
            assertThat(page.locator("[data-stored]")).hasText("stored");
            assertThat(page.locator(".card-title").first()).hasText("Typed while nobody listened");
            assertThat(page.locator("[data-say=text]")).hasValue("And this too");
            assertThat(page.locator("#stored-line .figure"))
                    .hasText("4"); // made, a title, another title, a text: each once
        }
    }

    @Test
    void aFullDatabaseIsSaidAndNothingIsLost() throws Exception {
        String pages = "--spring.datasource.hikari.data-source-properties.max_page_count=";
        application.start(pages + 120);
        String reel = application.reel("Full", "banner-glaze-bench.jpg");
        try (Editor editor = new Editor()) {
            Page page = editor.open(application.origin() + "/reels/" + reel);
            page.locator(".reel-name").fill("Named before the disk was full");
            page.locator(".reel-name").press("Enter");
            assertThat(page.locator("[data-stored]")).hasText("stored");
            for (int words : new int[] {3000, 300, 30, 1}) {
                fill(words);
            }
            String name = "";
            for (int i = 0;
                    i < 100 && !page.locator("[data-stored]").textContent().contains("507");
                    i++) {
                name = "Named while it was full, " + i;
                page.locator(".reel-name").fill(name);
                page.locator(".reel-name").press("Enter");
                assertThat(page.locator("[data-stored]")).hasText(Pattern.compile("stored|.*507.*"));
            }
            assertThat(page.locator("[data-stored]")).containsText("cannot store at present (507)");
            application.kill();
            application.start(pages + 1000);
            assertThat(page.locator("[data-stored]")).hasText("stored");
            page.reload();
            assertThat(page.locator(".reel-name")).hasValue(name);
        }
    }

    /** Makes practice pages with so many words until one does not fit. */
    private void fill(int words) {
        String refused = "";
        for (int i = 0; i < 1000 && refused.isEmpty(); i++) {
            String block = "{'kind':'text','column':'main','content':'" + "word ".repeat(words) + "'}";
            try {
                application.ask(
                        "PUT", "/practice/full-" + words + "-" + i, "{'title':'Full','blocks':[" + block + "]}");
            } catch (Exception | AssertionError full) {
                refused = full.getMessage();
            }
        }
        assertThat(refused).contains("The disk is full");
    }
}
