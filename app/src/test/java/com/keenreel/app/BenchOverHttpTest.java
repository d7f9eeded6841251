package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.app.Editor.Made;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What the bench answers, without a browser's eye: parts, fragment, screens, refusals, and nothing stored by a preview. */
@Tag("browser")
class BenchOverHttpTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private JsonNode ask(Made reel, String what, String window, String editId, String edit) {
        String body = "{\"window\":\"" + window + "\",\"editId\":\"" + editId + "\",\"on\":999,\"edit\":"
                + edit.replace('\'', '"') + "}";
        return editor.send("POST", "/reels/" + reel.id + "/" + what, body);
    }

    private static Document part(JsonNode answer, String name) {
        return Jsoup.parse(answer.path("parts").path(name).asString());
    }

    @Test
    void anAnswerCarriesTheRevisionThePartsTheFragmentAndTheScreens() {
        Made reel = editor.make("Answers", "banner", "box 960", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
        JsonNode answer = ask(
                reel,
                "edits",
                "w1",
                UUID.randomUUID().toString(),
                "{'kind':'choose','option':'shape.ratio','setUp':null,'value':'2:1'}");
        assertThat(answer.path("revision").asLong()).isEqualTo(2);
        assertThat(part(answer, "band").select("[data-option=shape.ratio]").attr("data-said-all"))
                .isEqualTo("2:1");
        assertThat(part(answer, "stored").text()).contains("revision 2");
        assertThat(answer.path("shows").path("fragment").path("css").asString()).contains("height:50cqi");
        JsonNode desk = answer.path("screens").path(2);
        assertThat(desk.path("slot").asDouble()).isEqualTo(960);
        assertThat(desk.path("height").asDouble())
                .as("960 px are a tablet's set-up, which keeps its own ratio")
                .isEqualTo(540);
        assertThat(desk.path("said").asString()).isEqualTo("reel 960 × 540 · as on tablet");
    }

    @Test
    void whatIsNoNumberIsRefusedWithASentence() {
        Made reel = editor.make("Numbers", "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
        String slide = reel.slides().get(0);
        Map.of(
                        "layout?width=NaN", "A width is a number of px, 0 or more.",
                        "layout?width=Infinity", "A width is a number of px, 0 or more.",
                        "layout?width=390&view=NaN", "A height is a number of px, 0 or more.",
                        "screens?page=NaN", "A width is a number of px, 0 or more.")
                .forEach((address, sentence) -> assertThatThrownBy(
                                () -> editor.send("GET", "/reels/" + reel.id + "/" + address, null))
                        .as(address)
                        .hasMessageContaining("answered 400")
                        .hasMessageContaining(sentence));
        for (String edit : List.of(
                "{'kind':'choose','option':'motion.hold','setUp':null,'value':'NaN'}",
                "{'kind':'choose','option':'shape.ratio','setUp':null,'value':'Infinity:Infinity'}",
                "{'kind':'hold','slide':'" + slide + "','hold':'NaN'}",
                "{'kind':'look','slide':'" + slide + "','setUp':null,'focal':{'x':'NaN','y':0.5}}")) {
            assertThatThrownBy(() -> reel.edit(edit))
                    .as(edit)
                    .hasMessageMatching(
                            "(?s).*answered 4\\d\\d: \\{\"problem\":\"(Write|A focal point|What was sent).*");
        }
    }

    @Test
    void aPreviewShowsAndStoresNothing() {
        Made reel = editor.make("Preview", "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
        JsonNode seen = ask(
                reel, "preview", "w1", "preview", "{'kind':'choose','option':'motion.hold','setUp':null,'value':'9'}");
        assertThat(seen.path("shows")
                        .path("fragment")
                        .path("plan")
                        .path("holds")
                        .path(0)
                        .asLong())
                .isEqualTo(9000);
        JsonNode now = editor.send("GET", "/reels/" + reel.id + "/parts?window=w1", null);
        assertThat(now.path("revision").asLong()).isEqualTo(1);
        assertThat(now.path("shows")
                        .path("fragment")
                        .path("plan")
                        .path("holds")
                        .path(0)
                        .asLong())
                .isEqualTo(5000);
    }

    @Test
    void theSameEditSentTwiceGivesTheSameAnswer() {
        Made reel = editor.make("Twice", "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
        String id = UUID.randomUUID().toString();
        String edit = "{'kind':'remove','slide':'" + reel.slides().get(0) + "'}";
        JsonNode once = ask(reel, "edits", "w1", id, edit);
        JsonNode twice = ask(reel, "edits", "w1", id, edit);
        assertThat(twice.toString()).isEqualTo(once.toString());
        assertThat(reel.slides()).hasSize(1);
    }

    @Test
    void whoLooksAtNothingIsAnsweredWithTheRevisionAlone() {
        Made reel = editor.make("Unseen", "banner", "full", "banner-glaze-bench.jpg");
        JsonNode answer = reel.answered("{'kind':'rename','name':'Renamed unseen'}");
        assertThat(answer.toString()).isEqualTo("{\"revision\":2}");
        assertThat(reel.revision()).isEqualTo(2);
    }

    @Test
    void undoAndRedoAreOfferedToTheWindowThatCanUseThem() {
        Made reel = editor.make("Undo", "banner", "full", "banner-glaze-bench.jpg");
        ask(reel, "edits", "w1", UUID.randomUUID().toString(), "{'kind':'rename','name':'Renamed'}");
        String parts = "/reels/" + reel.id + "/parts?window=";
        assertThat(part(editor.send("GET", parts + "w1", null), "stored")
                        .select("[data-do=undo]")
                        .hasAttr("disabled"))
                .isFalse();
        assertThat(part(editor.send("GET", parts + "w2", null), "stored")
                        .select("[data-do=undo]")
                        .hasAttr("disabled"))
                .isTrue();
        JsonNode undone = ask(reel, "undo", "w1", UUID.randomUUID().toString(), "null");
        assertThat(part(undone, "stored").select(".reel-name").val()).isEqualTo("Undo");
        assertThat(part(undone, "stored").select("[data-do=redo]").hasAttr("disabled"))
                .isFalse();
        assertThatThrownBy(() -> ask(reel, "undo", "w2", UUID.randomUUID().toString(), "null"))
                .hasMessageContaining("There is nothing of yours to undo.");
    }

    @Test
    void whatCannotBeDoneIsRefusedInWords() {
        Made reel = editor.make("Refused", "banner", "full", "banner-glaze-bench.jpg");
        for (List<String> refused : List.of(
                List.of(
                        "{'kind':'choose','option':'shape.gap','setUp':null,'value':'900'}",
                        "900 is not within 0 to 160 px."),
                List.of("{'kind':'choose','option':'no.such','setUp':null,'value':'1'}", "nothing called"),
                List.of(
                        "{'kind':'choose','option':'shape.ratio','setUp':'watch','value':'1:1'}",
                        "phone, tablet or desk"),
                List.of("{'kind':'remove','slide':'gone'}", "no longer in the reel"),
                List.of("{'kind':'fly'}", "There is no such edit."),
                List.of("{'kind':'sit','slot':'box 12'}", "160 to 2560"),
                List.of("{'kind':'several','edits':[]}", "nothing to do"))) {
            assertThatThrownBy(() -> ask(reel, "edits", "w1", UUID.randomUUID().toString(), refused.get(0)))
                    .hasMessageContaining("422")
                    .hasMessageContaining(refused.get(1));
        }
        assertThatThrownBy(() -> ask(reel, "edits", "", "x", "{'kind':'rename','name':'x'}"))
                .hasMessageContaining("400");
        assertThatThrownBy(() -> editor.send("GET", "/reels/unknown/parts?window=w", null))
                .hasMessageContaining("There is no such reel.");
        assertThat(editor.send("GET", "/reels/" + reel.id + "/parts?window=w1", null)
                        .path("revision")
                        .asLong())
                .isEqualTo(1);
    }

    @Test
    void aReelWithoutSlidesCanBeMadeFilledAndEmptied() {
        Made reel = editor.make("Empty", "row", "full");
        JsonNode empty = editor.send("GET", "/reels/" + reel.id + "/parts?window=w1", null);
        assertThat(empty.path("screens")).isEmpty();
        assertThat(part(empty, "order").text()).contains("No slides yet");
        assertThatThrownBy(reel::publish).hasMessageContaining("A reel without slides cannot be published.");
        String picture = editor.picture("commission-08.jpg");
        reel.edit("{'kind':'add','slide':{'id':'a','carries':{'picture':'" + picture + "'}},'before':null}");
        assertThat(reel.layout(1280, "head").path("boxes")).isNotEmpty();
        reel.edit("{'kind':'remove','slide':'a'}");
        assertThat(reel.layout(1280, "head").path("boxes").path(0).path("name").asString())
                .isEqualTo("frame");
    }

    @Test
    void aSheetShowsWhatEveryScreenCutsOff() {
        Made reel = editor.make("Sheet", "banner", "full", "banner-glaze-bench.jpg");
        String slide = reel.slides().get(0);
        reel.look(slide, "phone", 0.2, 0.5);
        Document sheet =
                part(editor.send("GET", "/reels/" + reel.id + "/parts?window=w1&slide=" + slide, null), "band");
        assertThat(sheet.select(".crop-edge")).hasSize(3);
        assertThat(sheet.select("[data-focal-scope=phone]").text()).isEqualTo("20, 50 %");
        assertThat(sheet.select("[data-focal-scope=phone]").hasClass("differs")).isTrue();
        // 2000 x 1333 in 4:5 keeps 1066.4 of 2000 px across: 47 % are cut off; in 12:5 833.3 of 1333 down: 37 %
        assertThat(sheet.text()).contains("Cut off: phone 47 %, tablet 16 %, desk 37 %.");
        double left = Double.parseDouble(sheet.select(".phone .crop-edge").attr("x"));
        assertThat(left).as("clamped at the picture's edge").isEqualTo(0);
    }

    @Test
    void changedSinceSpeaksOfWhatVisitorsMeet() {
        Made reel = editor.make("Since", "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
        reel.publish();
        String parts = "/reels/" + reel.id + "/parts?window=w1";
        reel.edit("{'kind':'sit','slot':'box 900'}");
        assertThat(part(editor.send("GET", parts, null), "stored").text())
                .endsWith("revision 2 · live History Publish");
        reel.choose("motion.hold", null, "6");
        assertThat(part(editor.send("GET", parts, null), "stored").text()).contains("live is 1");
        reel.choose("motion.hold", null, "5");
        assertThat(part(editor.send("GET", parts, null), "stored").text())
                .as("back to what is live")
                .contains("· live History Publish");
    }

    @Test
    void theSamePictureBroughtTwiceIsKeptOnce() {
        assertThat(editor.picture("plate-04-fan.jpg")).isEqualTo(editor.picture("plate-04-fan.jpg"));
    }
}
