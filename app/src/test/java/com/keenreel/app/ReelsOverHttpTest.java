package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.app.Editor.Made;
import java.nio.charset.StandardCharsets;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The list of reels, its strips, and the starters beside it. */
@Tag("browser")
class ReelsOverHttpTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        assertThat(editor.problems()).isEmpty();
        editor.close();
    }

    private Document list() {
        return Jsoup.parse(new String(editor.bytes("/reels"), StandardCharsets.UTF_8));
    }

    private Element row(Made reel) {
        return list().select(".reel-row:has(h2 a[href$=" + reel.id + "])").first();
    }

    @Test
    void aRowSaysWhereAReelIs() {
        Made reel = editor.make(
                "States of a reel",
                "row",
                "box 960",
                "commission-01.jpg",
                "commission-03.jpg",
                "commission-04.jpg",
                "commission-07.jpg");
        assertThat(row(reel).select(".state strong").text()).isEqualTo("Draft");
        assertThat(row(reel).select(".address")).isEmpty();
        assertThat(row(reel).select(".what p").first().text())
                .isEqualTo("Row of 3, at most 1200 px wide, 1:1, 4 slides");

        String address = reel.publish().path("address").asString();
        assertThat(row(reel).select(".state strong").text()).isEqualTo("Live");
        assertThat(row(reel).select(".address").attr("href")).isEqualTo(address).endsWith("/r/states-of-a-reel");

        reel.choose("shape.gap", null, "40");
        assertThat(row(reel).select(".state strong").text()).isEqualTo("Live, changed since");
        assertThat(row(reel).select(".state .quiet").text()).startsWith("2 here, 1 live");

        editor.send("DELETE", "/reels/" + reel.id + "/publication", null);
        assertThat(row(reel).select(".state strong").text()).isEqualTo("Taken down");
        assertThat(row(reel).select(".state .mark").hasClass("down")).isTrue();
    }

    @Test
    void aStripStandsAsTheReelDoesAndPalesWhatIsOutsideTheFrame() {
        Made reel = editor.make(
                "Strip",
                "row",
                "full",
                "commission-01.jpg",
                "commission-02.jpg",
                "commission-03.jpg",
                "commission-04.jpg");
        reel.look(reel.slides().get(1), null, 0.5, 0.5);
        Element strip = row(reel).select(".strip svg").first();
        assertThat(strip.select("> g")).hasSize(4);
        assertThat(strip.select("> g[opacity]"))
                .as("three of a row of three stand in the frame")
                .hasSize(1);
        Element portrait = strip.select("> g").get(1).select("image").first();
        // 1067 x 1600 in a square of 56 px: as wide as the cell, the rest cut off evenly
        assertThat(Double.parseDouble(portrait.attr("width"))).isCloseTo(56, within(0.01));
        assertThat(Double.parseDouble(portrait.attr("height"))).isCloseTo(56 * 1600 / 1067.0, within(0.01));
        assertThat(Double.parseDouble(portrait.attr("y"))).isCloseTo((56 - 56 * 1600 / 1067.0) / 2, within(0.01));
        assertThat(Double.parseDouble(portrait.attr("x"))).isCloseTo(60, within(0.01));
    }

    @Test
    void pairsAndBandsHaveStripsOfTheirOwn() {
        Made pair = editor.make("Strip of pairs", "comparison", "full", "floor-2-before.jpg", "floor-2-after.jpg");
        Element cell = row(pair).select(".strip svg > g").first();
        assertThat(cell.select("image")).hasSize(2);
        assertThat(cell.select("rect").attr("fill")).isEqualTo("#fff");
        assertThat(row(pair).select(".what p").first().text())
                .isEqualTo("Comparison, at most 960 px wide, 3:2, 1 pair");
        Made band = editor.make("Strip of logos", "marquee", "full", "logos/tundleby.svg", "logos/ovenwick.svg");
        Element strip = row(band).select(".strip svg").first();
        double first = Double.parseDouble(strip.select("image").get(0).attr("width"));
        double second = Double.parseDouble(strip.select("image").get(1).attr("x"));
        // 22 of 56 px high: a square logo is 22 wide, the gap of 56 px becomes 22 as well
        assertThat(first).isCloseTo(22, within(0.01));
        assertThat(second).isCloseTo(44, within(0.01));
        assertThat(row(band).select(".what p").first().text())
                .isEqualTo("Marquee of 2 logos, 60 px/s, fills its place");
    }

    @Test
    void everyStarterIsDrawnOnDeskAndPhoneByItsOwnLayout() {
        Document page = list();
        assertThat(page.select(".starter")).hasSize(8);
        for (Element starter : page.select(".starter")) {
            assertThat(starter.select("svg .page")).as(starter.text()).hasSize(2);
        }
        assertThat(page.select(".starter:has([value=banner]) .dot")).hasSize(12);
        assertThat(page.select(".starter:has([value=row]) svg g").first().select(".odd"))
                .as("three on desk")
                .hasSize(3);
        assertThat(page.select(".starter:has([value=row]) svg g").last().select(".odd"))
                .as("one and a part on phone")
                .hasSize(2);
        assertThat(page.select(".starter:has([value=comparison]) .divider")).hasSize(2);
        assertThat(page.select(".starter:has([value=comparison])").attr("class"))
                .isEqualTo("starter");
    }

    @Test
    void aReelNeedsANameAndPicturesThatExist() {
        assertThatThrownBy(() -> editor.make(" ", "banner", "full")).hasMessageContaining("Give the reel a name");
        assertThatThrownBy(() -> editor.send(
                        "POST",
                        "/reels",
                        "{\"name\":\"x\",\"starter\":\"banner\",\"slot\":\"full\",\"pictures\":[\"nowhere\"]}"))
                .hasMessageContaining("no longer in the library");
        assertThatThrownBy(() -> editor.make("x", "banner", "box 12")).hasMessageContaining("160 to 2560");
        assertThatThrownBy(() -> editor.make("x", "spiral", "full")).hasMessageContaining("400");
    }
}
