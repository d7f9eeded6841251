package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Wait;
import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Sets, words in bulk, versions and the bin, as the pages ask for them. */
@Tag("browser")
class LibraryTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    /** A picture that no other test has: a plain colour of its own. */
    private String plain(String name, int rgb, int width, int height) throws IOException {
        return editor.send("POST", "/pictures?name=" + name, png(rgb, width, height))
                .path("id")
                .asString();
    }

    private static byte[] png(int rgb, int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                image.setRGB(x, y, rgb ^ (x < width / 3 ? 0x404040 : 0));
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    private static String list(List<String> ids) {
        return "[\"" + String.join("\",\"", ids) + "\"]";
    }

    private String set(String name, List<String> pictures) {
        return editor.send("POST", "/pictures/sets", "{\"name\":\"" + name + "\",\"pictures\":" + list(pictures) + "}")
                .path("id")
                .asString();
    }

    /** The pictures that the library shows at that address, in their order. */
    private List<String> shown(String address) {
        List<String> shown = new ArrayList<>();
        org.jsoup.Jsoup.parse(editor.text(Running.application().origin() + address))
                .select("figure[data-picture]")
                .forEach(figure -> shown.add(figure.attr("data-picture")));
        return shown;
    }

    private String live(String slug) {
        return editor.text(Running.application().origin() + "/r/" + slug + "/fragment");
    }

    @Test
    void aSetIsLaidOutAndFiltered() throws Exception {
        String ten = plain("tile-10.png", 0x102030, 90, 60);
        String two = plain("Tile-2.png", 0x203040, 60, 90);
        String one = plain("tile-1.png", 0x304050, 60, 60);
        String set = set("Laid out", List.of(ten, two, one));
        String address = "/pictures?set=" + set;
        assertThat(shown(address)).containsExactly(ten, two, one);

        editor.send("PUT", "/pictures/sets/" + set, "{\"move\":" + list(List.of(one)) + ",\"before\":\"" + ten + "\"}");
        assertThat(shown(address)).containsExactly(one, ten, two);
        editor.send("PUT", "/pictures/sets/" + set, "{\"sort\":\"by_name\"}");
        assertThat(shown(address)).containsExactly(one, two, ten);
        editor.send("PUT", "/pictures/sets/" + set, "{\"sort\":\"laid_out_reversed\"}");
        assertThat(shown(address)).containsExactly(ten, two, one);
        editor.send("PUT", "/pictures/sets/" + set, "{\"takeOut\":" + list(List.of(two)) + "}");
        assertThat(shown(address)).containsExactly(ten, one);

        editor.send("PUT", "/pictures/" + ten + "/words", "{\"alt\":\"Ölfarbe auf grünem Grund\"}");
        assertThat(shown(address + "&alt=no")).containsExactly(one);
        assertThat(shown(address + "&q=olfarbe+GRUN")).containsExactly(ten);
        assertThat(shown(address + "&q=olfarbe+rot")).isEmpty();
        assertThat(shown(address + "&used=yes")).isEmpty();
        assertThat(shown(address + "&used=no&order=name")).containsExactly(one, ten);
    }

    @Test
    void filesOnTheirWayHoldTheirPlace() throws Exception {
        plain("first-row.png", 0x908070, 60, 60);
        List<org.jsoup.nodes.Element> figures = org.jsoup.Jsoup.parse(
                        editor.text(Running.application().origin() + "/pictures?coming=2.0,0.5,nonsense"))
                .select(".rows figure");
        assertThat(figures.stream().map(figure -> figure.attr("data-coming")).limit(3))
                .containsExactly("0", "1", "");
        double wide = Double.parseDouble(figures.get(0).select("svg").attr("width"));
        double tall = Double.parseDouble(figures.get(1).select("svg").attr("width"));
        assertThat(wide).as("in one row, so equally high").isCloseTo(4 * tall, within(4.0));
        assertThat(figures.get(2).attr("data-picture")).isNotEmpty();
    }

    @Test
    void theSameContentIsNeverStoredTwice() throws Exception {
        byte[] png = png(0x123456, 40, 30);
        String sha256 = java.util.HexFormat.of()
                .formatHex(java.security.MessageDigest.getInstance("SHA-256").digest(png));
        assertThat(editor.send("POST", "/pictures/known", list(List.of(sha256))).size())
                .isZero();
        String first = plain("first.png", 0x123456, 40, 30);
        assertThat(plain("second.png", 0x123456, 40, 30)).isEqualTo(first);
        JsonNode known = editor.send("POST", "/pictures/known", list(List.of(sha256)));
        assertThat(known.path(sha256).path("id").asString()).isEqualTo(first);
    }

    @Test
    void aReelFollowsASetAndGoesLiveByItself() throws Exception {
        String one = plain("follow-1.png", 0x402010, 160, 90);
        String two = plain("follow-2.png", 0x403010, 160, 90);
        String three = plain("follow-3.png", 0x404010, 160, 90);
        String set = set("Followed", List.of(two, one));
        Made reel = editor.make("Follows a set", "banner", "full", "plate-03-target-square.jpg");
        reel.edit("{'kind':'follow','follows':{'set':'" + set + "','order':'by_name','most':9,'byItself':true}}");
        assertThat(reel.slides()).containsExactly("of" + one, "of" + two);
        reel.say("of" + two, "title", "The second");
        String slug = reel.publish().path("slug").asString();

        editor.send("PUT", "/pictures/sets/" + set, "{\"add\":" + list(List.of(three)) + "}");
        assertThat(reel.slides()).containsExactly("of" + one, "of" + two, "of" + three);
        Wait.until("the third is live by itself", () -> live(slug).contains("slide-3"));
        assertThat(live(slug)).contains("The second");
        reel.choose("shape.ratio", null, "1:1"); // work that is not published yet
        Made other = editor.make("Follows it too", "banner", "full", "plate-03-target-square.jpg");
        other.edit("{'kind':'follow','follows':{'set':'" + set + "','order':'by_name','most':9,'byItself':true}}");
        String otherSlug = other.publish().path("slug").asString();
        String four = plain("follow-4.png", 0x405010, 160, 90);
        String before = live(slug);
        editor.send("PUT", "/pictures/sets/" + set, "{\"add\":" + list(List.of(four)) + "}");
        Wait.until(
                "the other, on which nobody works, is live by itself",
                () -> live(otherSlug).contains("slide-4"));
        assertThat(live(slug)).as("unpublished work waits").isEqualTo(before);
        other.edit("{'kind':'follow','follows':null}");
        reel.publish();
        assertThat(live(slug)).contains("slide-4");
        editor.send("PUT", "/pictures/sets/" + set, "{\"takeOut\":" + list(List.of(four)) + "}");
        Wait.until("the fourth is gone by itself", () -> !live(slug).contains("slide-4"));

        assertThatThrownBy(() -> reel.edit("{'kind':'remove','slide':'of" + one + "'}"))
                .hasMessageContaining("come from a set");
        assertThatThrownBy(() -> editor.send("DELETE", "/pictures/sets/" + set, null))
                .hasMessageContaining("Follows a set follows this set");
        reel.edit("{'kind':'follow','follows':null}");
        editor.send("PUT", "/pictures/sets/" + set, "{\"takeOut\":" + list(List.of(one)) + "}");
        assertThat(reel.slides()).containsExactly("of" + one, "of" + two, "of" + three);
        editor.send("DELETE", "/pictures/sets/" + set, null);
        assertThat(reel.slides()).hasSize(3);
    }

    @Test
    void goingLiveByItselfHoldsFromThePublicationOnThatSaysSo() throws Exception {
        String one = plain("later-1.png", 0x204010, 160, 90);
        String two = plain("later-2.png", 0x204020, 160, 90);
        String set = set("Followed later", List.of(one));
        Made reel = editor.make("Decides later", "banner", "full", "plate-03-target-square.jpg");
        String follow = "{'kind':'follow','follows':{'set':'" + set + "','order':'by_name','most':9,'byItself':";
        reel.edit(follow + "false}}");
        String slug = reel.publish().path("slug").asString();
        reel.edit(follow + "true}}");
        reel.publish(); // visitors meet the same as before
        editor.send("PUT", "/pictures/sets/" + set, "{\"add\":" + list(List.of(two)) + "}");
        Wait.until("the second is live by itself", () -> live(slug).contains("slide-2"));
    }

    @Test
    void aReplacedFileReachesTheReelAtOnceAndVisitorsWhenItIsPublished() throws Exception {
        String picture = plain("replaced.png", 0x705030, 400, 200);
        editor.send("PUT", "/pictures/" + picture + "/words", "{\"alt\":\"As it was described\"}");
        editor.send("PUT", "/pictures/" + picture + "/focal", "{\"x\":0.25,\"y\":0.75}");
        String request = "{\"name\":\"Shows a replaced picture\",\"starter\":\"banner\",\"slot\":\"full\",\"pictures\":"
                + list(List.of(picture)) + "}";
        Made reel = editor
        .new Made(
                "Shows a replaced picture",
                editor.send("POST", "/reels", request).path("id").asString());
        String slug = reel.publish().path("slug").asString();
        String before = live(slug);

        JsonNode replaced = editor.send("POST", "/pictures/" + picture + "/file", png(0x507030, 300, 600));
        assertThat(replaced.path("width").asInt()).isEqualTo(300);
        assertThat(replaced.path("alt").asString()).isEqualTo("As it was described");
        assertThat(live(slug)).isEqualTo(before);
        String sheet = editor.text(Running.application().origin() + "/pictures/" + picture);
        assertThat(sheet).contains("25, 75 %", "chosen by hand");
        assertThat(reel.publish().path("publication").asString()).isNotEqualTo("");
        String after = live(slug);
        assertThat(after).isNotEqualTo(before);

        String former =
                org.jsoup.Jsoup.parse(sheet).select("[data-former]").first().attr("data-former");
        JsonNode back = editor.send("PUT", "/pictures/" + picture + "/version", "{\"version\":" + former + "}");
        assertThat(back.path("width").asInt()).isEqualTo(400);
        reel.publish();
        assertThat(live(slug)).isEqualTo(before);
    }

    @Test
    void whatGoesIntoTheBinStaysLiveUntilItIsWithdrawn() throws Exception {
        String one = plain("bin-1.png", 0x601010, 160, 90);
        String two = plain("bin-2.png", 0x602010, 160, 90);
        String request = "{\"name\":\"Loses pictures\",\"starter\":\"banner\",\"slot\":\"full\",\"pictures\":"
                + list(List.of(one, two)) + "}";
        Made reel = editor
        .new Made(
                "Loses pictures",
                editor.send("POST", "/reels", request).path("id").asString());
        String slug = reel.publish().path("slug").asString();
        String before = live(slug);

        String question = editor.send("POST", "/pictures/bin/ask", "{\"pictures\":" + list(List.of(one)) + "}")
                .path("question")
                .asString();
        assertThat(question)
                .contains("shown in Loses pictures", "goes on showing it until it is published again. Withdrawing");
        assertThat(editor.send("POST", "/pictures/bin/ask", "{\"pictures\":" + list(List.of(one)) + "}")
                        .path("live")
                        .asBoolean())
                .isTrue();
        editor.send("POST", "/pictures/bin", "{\"pictures\":" + list(List.of(one)) + ",\"into\":true}");
        assertThat(reel.slides()).hasSize(1);
        assertThat(live(slug)).isEqualTo(before);
        assertThat(shown("/pictures?q=bin-1")).isEmpty();
        assertThat(shown("/pictures?bin=yes")).contains(one);

        editor.send("POST", "/pictures/bin", "{\"pictures\":" + list(List.of(one)) + ",\"into\":false}");
        assertThat(shown("/pictures?q=bin-1")).containsExactly(one);
        reel.choose("shape.ratio", null, "1:1"); // work that is not published yet
        withdraw(two);
        assertThat(live(slug)).as("it is gone").contains("slide-1").doesNotContain("slide-2");
        assertThat(editor.text(Running.application().origin() + "/reels/" + reel.id + "/layout?width=1600"))
                .as("and nothing else: the shape is the one that was published")
                .contains("\"height\":900");
        withdraw(one);
        assertThat(live(slug)).as("nothing is left, so it is taken down").contains("\"player\":\"\"");
        assertThat(editor.send("POST", "/pictures/bin/ask", "{\"pictures\":" + list(List.of(one)) + "}")
                        .path("question")
                        .asString())
                .isEmpty();
    }

    private void withdraw(String picture) {
        String request = "{\"pictures\":" + list(List.of(picture)) + ",\"into\":true,\"everywhere\":true}";
        editor.send("POST", "/pictures/bin", request);
    }

    @Test
    void wordsComeOutAndInAsCsv() throws Exception {
        String one = plain("csv-1.png", 0x206010, 50, 40);
        String two = plain("csv-2.png", 0x206020, 50, 40);
        editor.send("PUT", "/pictures/" + one + "/words", "{\"title\":\"He said \\\"now\\\", twice\"}");
        String csv = editor.text(Running.application().origin() + "/pictures/words.csv?ids=" + one + "&ids=" + two);
        assertThat(csv).startsWith("id,file,title,caption,alt,credit,link\r\n");
        assertThat(csv).contains("\"He said \"\"now\"\", twice\"");

        String changed = csv.replace(two + ",csv-2.png,,,", two + ",csv-2.png,,,Zaffre tile;")
                + "nobody,gone.png,,,Nothing,,\r\n" + ",csv-1.png,New,,csv-1,,\r\n";
        changed = changed.replace("Zaffre tile;", "Zaffre tile");
        String look = text("/pictures/words.csv/look", changed);
        assertThat(org.jsoup.Jsoup.parse(look).text())
                .contains(
                        "This file changes one picture", "1 line says what is there already", "2 lines fit no picture")
                .contains("there is no picture gone.png", "A file name is no alt text")
                .contains("alt text – Zaffre tile");
        assertThat(shown("/pictures?q=zaffre+tile")).isEmpty();
        String seen = org.jsoup.Jsoup.parse(look).selectFirst("[data-seen]").attr("data-seen");
        editor.send("PUT", "/pictures/" + two + "/words", "{\"alt\":\"Written meanwhile\"}");
        assertThat(text("/pictures/words.csv?seen=" + seen, changed)).contains("say something else meanwhile");
        assertThat(shown("/pictures?q=zaffre+tile")).isEmpty();
        assertThat(text("/pictures/words.csv", changed)).contains("\"changed\":1");
        assertThat(shown("/pictures?q=zaffre+tile")).containsExactly(two);
        assertThat(text("/pictures/words.csv/look", "file;alt\ncsv-1.png;Dark tile"))
                .contains("Dark tile");
        assertThat(text("/pictures/words.csv/look", "name,words\na,b"))
                .contains("The first line must name the columns");
    }

    @Test
    void fieldsThatAreStoredAtOnceAllStay() throws Exception {
        String picture = plain("at-once.png", 0x206030, 50, 40);
        Page page = editor.open("/help");
        for (int round = 0; round < 20; round++) {
            Object said = page.evaluate("""
                    async ([picture, token, round]) => {
                      const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token };
                      const put = (field) => fetch(`/pictures/${picture}/words`, { method: 'PUT', headers, body: JSON.stringify({ [field]: `${field} ${round}` }) });
                      await Promise.all(['title', 'caption', 'alt', 'credit'].map(put));
                      return (await fetch(`/pictures/words.csv?ids=${picture}`)).text();
                    }""", List.of(picture, editor.token(), round));
            assertThat(said.toString()).contains(",title %1$d,caption %1$d,alt %1$d,credit %1$d,".formatted(round));
        }
    }

    private String text(String path, String body) {
        return String.valueOf(editor.open("/help")
                .evaluate(
                        "async ([path, body]) => (await fetch(path, {method: 'POST', body, headers: {"
                                + "'X-XSRF-TOKEN': decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1]),"
                                + "'Accept': 'text/html, application/json', 'Content-Type': 'text/plain;charset=utf-8'}})).text()",
                        List.of(path, body)));
    }

    @Test
    void aPictureIsTurnedAndTrimmedAndItsFileStays() throws Exception {
        String picture = plain("turned.png", 0x806010, 300, 200);
        JsonNode turned = editor.send(
                "PUT",
                "/pictures/" + picture + "/adjustment",
                "{\"quarters\":1,\"left\":0.5,\"top\":0,\"right\":0,\"bottom\":0}");
        assertThat(turned.path("width").asInt()).isEqualTo(100);
        assertThat(turned.path("height").asInt()).isEqualTo(300);
        JsonNode back = editor.send("PUT", "/pictures/" + picture + "/adjustment", "{\"quarters\":0}");
        assertThat(back.path("width").asInt()).isEqualTo(300);
        assertThatThrownBy(() ->
                        editor.send("PUT", "/pictures/" + picture + "/adjustment", "{\"left\":0.6,\"right\":0.6}"))
                .hasMessageContaining("At least a twentieth");
    }

    @Test
    void aPictureThatIsTooSmallForItsReelIsFound() throws Exception {
        String small = plain("small-for-it.png", 0x106060, 640, 360);
        String request = "{\"name\":\"Needs more pixels\",\"starter\":\"banner\",\"slot\":\"full\",\"pictures\":"
                + list(List.of(small)) + "}";
        editor.send("POST", "/reels", request);
        assertThat(shown("/pictures?size=soft")).contains(small);
        assertThat(shown("/pictures?size=soft&q=small-for-it")).containsExactly(small);
    }
}
