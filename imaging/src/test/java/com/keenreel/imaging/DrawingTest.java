package com.keenreel.imaging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Drawings as programs really write them. */
class DrawingTest {
    private static Received look(String svg, Charset letters) throws Refused {
        return Received.look(svg.getBytes(letters));
    }

    private static Received look(String svg) throws Refused {
        return look(svg, StandardCharsets.UTF_8);
    }

    @Test
    void aLongCommentBeforeItIsPassedOver() throws Exception {
        String comment = "<!-- " + "a licence, at length, <b>. ".repeat(2000) + "-->";
        String type = "<!DOCTYPE svg PUBLIC '-//W3C//DTD SVG 1.1//EN' '' [ <!ENTITY x '>'> ]>";
        Received drawing = look("\uFEFF<?xml version='1.0'?>\n" + comment + type + "\n" + comment
                + "<svg viewBox='0 0 30 20'><path d='M0 0h9'/></svg>");
        assertThat(drawing.format()).isEqualTo(Format.SVG);
        assertThat(drawing.width()).isEqualTo(30);
        assertThat(drawing.bytes().length).isLessThan(200);
    }

    @ParameterizedTest
    @CsvSource({
        "<html><body><svg viewBox='0 0 9 9'/></body></html>",
        "<!-- <svg viewBox='0 0 9 9'/>",
        "Dear workshop <svg>",
        "<?xml version='1.0'?>"
    })
    void whatOnlySpeaksOfDrawingsIsNone(String text) {
        assertThatThrownBy(() -> look(text)).isInstanceOf(Refused.class).hasMessageContaining("This is not a JPEG");
    }

    @ParameterizedTest
    @CsvSource({
        "210mm, 297mm, 794, 1123",
        "21cm, 29.7cm, 794, 1123",
        "2in, 1in, 192, 96",
        "36pt, 6pc, 48, 96",
        "40Q, 1e2px, 38, 100",
        "120, 80 , 120, 80"
    })
    void aSizeInAnyUnitIsUnderstood(String width, String height, int across, int down) throws Exception {
        Received drawing = look("<svg width='" + width + "' height='" + height + "'><path d='M0 0h9'/></svg>");
        assertThat(drawing.width()).isEqualTo(across);
        assertThat(drawing.height()).isEqualTo(down);
    }

    @Test
    void lettersAreReadAsTheFileSaysThatTheyAreWritten() throws Exception {
        String svg =
                "<?xml version=\"1.0\" encoding=\"ISO-8859-1\"?><svg viewBox='0 0 9 9'><title>Kachelöfen für Öhringen</title></svg>";
        assertThat(look(svg, StandardCharsets.ISO_8859_1).words().title()).isEqualTo("Kachelöfen für Öhringen");
        assertThat(look(svg.replace("ISO-8859-1", "nothing-known")).words().title())
                .isEqualTo("Kachelöfen für Öhringen");
    }

    @Test
    void picturesInsideItAreLeftOutAndThatIsSaid() throws Exception {
        Received drawing =
                look("<svg viewBox='0 0 9 9'><image href='data:image/png;base64,AAAA'/><path d='M0 0h9'/></svg>");
        assertThat(drawing.note())
                .isEqualTo("The pictures inside this drawing are left out. Save it as PNG to keep them.");
        assertThat(new String(drawing.bytes(), StandardCharsets.UTF_8))
                .doesNotContain("image")
                .contains("path");
        assertThat(look("<svg viewBox='0 0 9 9'><path d='M0 0h9'/></svg>").note())
                .isEmpty();
    }
}
