package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Wait;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Pictures are published in the widths that their reel needs, which are made when somebody is about to publish. */
@Tag("browser")
class PrintsTest {
    private static final String[] PICTURES = {
        "banner-glaze-bench.jpg", "banner-dusk-works.jpg", "banner-kiln-glow.jpg", "plate-03-target-square.jpg"
    };

    private Editor editor;

    @BeforeEach
    void open() {
        editor = new Editor();
    }

    @AfterEach
    void close() {
        editor.close();
    }

    private Document published(Made reel) {
        String slug = reel.publish().path("slug").asString();
        JsonNode fragment =
                Editor.JSON.readTree(editor.text(Running.application().origin() + "/r/" + slug + "/fragment"));
        return Jsoup.parse(fragment.path("html").asString());
    }

    private static List<Integer> widths(Element image) {
        return Arrays.stream(image.attr("srcset").split(", "))
                .map(one -> Integer.valueOf(one.replaceAll(".* (\\d+)w", "$1")))
                .toList();
    }

    /** How many pictures of a reel are made ready, and of how many, once all are. */
    private JsonNode prepared(Made reel) {
        Supplier<JsonNode> progress = () -> editor.send("POST", "/reels/" + reel.id + "/prints", null);
        Wait.until("all are ready", () -> {
            JsonNode now = progress.get();
            return now.path("ready").asInt() >= now.path("of").asInt();
        });
        return progress.get();
    }

    @Test
    void aPictureIsPublishedInTheWidthsThatItsReelNeeds() throws Exception {
        Made reel = editor.make("Needs widths", "banner", "full", PICTURES);
        assertThat(prepared(reel)).isEqualTo(Editor.JSON.readTree("{\"ready\":4,\"of\":4,\"waits\":\"\"}"));
        Document html = published(reel);
        assertThat(widths(html.select(".picture-1").first()))
                .as("pasted code names these")
                .containsExactly(320, 640, 960, 1440, 2000);
        List<Integer> wide = widths(html.select(".picture-2").first());
        assertThat(wide).hasSizeBetween(2, 6).isSorted().endsWith(2000);
        assertThat(wide).as("nothing draws it so small").noneMatch(width -> width < 280);

        reel.choose("shape.width", null, "most 300");
        for (String setUp : new String[] {"phone", "tablet", "desk"}) {
            reel.choose("shape.ratio", setUp, "5:2"); // flatter than its pictures: none is drawn wider than its frame
        }
        List<Integer> narrow = widths(published(reel).select(".picture-2").first());
        assertThat(narrow).isSorted();
        assertThat(narrow.get(narrow.size() - 1))
                .as("three device pixels for each of 300")
                .isEqualTo(912);
    }

    @Test
    void whatChoosesAmongNothingGetsAFileThatEveryProgramKnows() {
        Made reel = editor.make("Has fallbacks", "banner", "full", PICTURES);
        for (Element image : published(reel).select("img")) {
            assertThat(image.attr("src")).endsWith(".jpg");
            assertThat(image.attr("srcset")).contains(".webp ").doesNotContain(".jpg");
        }
    }

    @Test
    void theWallShowsWhatIsLiveAndThePicturesDoNotChangeWhileAShapeIsTurned() throws Exception {
        Made reel = editor.make("Wall files", "banner", "full", PICTURES);
        List<Integer> live = widths(published(reel).select(".picture-2").first());
        String preview =
                "{\"window\":\"test\",\"editId\":\"turning\",\"edit\":{\"kind\":\"choose\",\"option\":\"shape.width\","
                        + "\"setUp\":null,\"value\":\"most 300\"}}";
        JsonNode shown = editor.send("POST", "/reels/" + reel.id + "/preview", preview);
        Document turned =
                Jsoup.parse(shown.path("shows").path("fragment").path("html").asString());
        assertThat(widths(turned.select(".picture-2").first())).isEqualTo(live);
    }
}
