package com.keenreel.imaging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ImagingTest {
    private static byte[] encoded(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, format, bytes);
        return bytes.toByteArray();
    }

    private static BufferedImage gradient(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, (255 * x / width) << 16 | (255 * y / height) << 8 | 90);
            }
        }
        return image;
    }

    @Test
    void aFileIsWhatItsBytesSay() throws Exception {
        assertThat(Format.of(encoded(gradient(8, 8), "png"))).isEqualTo(Format.PNG);
        assertThat(Format.of(encoded(gradient(8, 8), "jpeg"))).isEqualTo(Format.JPEG);
        assertThat(Format.of("<?xml version='1.0'?><svg viewBox='0 0 1 1'/>".getBytes(StandardCharsets.UTF_8)))
                .isEqualTo(Format.SVG);
        assertThatThrownBy(() -> Format.of("PK\3\4 anything".getBytes(StandardCharsets.ISO_8859_1)))
                .isInstanceOf(Refused.class)
                .hasMessage("This is not a JPEG, PNG, WebP or SVG picture.");
        assertThatThrownBy(() -> Format.of(new byte[0])).hasMessage("The file is empty.");
    }

    @Test
    void aBombIsRefusedByItsHeader() throws Exception {
        byte[] png = encoded(gradient(8, 8), "png");
        byte[] huge = png.clone();
        huge[18] = 0x75; // width 30000, height 30000, and a checksum that need not be read
        huge[19] = 0x30;
        huge[22] = 0x75;
        huge[23] = 0x30;
        assertThatThrownBy(() -> Received.look(huge)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> Received.look(Arrays.copyOf(png, 20)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("broken");
    }

    @Test
    void aTruncatedPictureIsRefusedWithASentence() throws Exception {
        byte[] png = encoded(gradient(300, 200), "png");
        Received half = Received.look(Arrays.copyOf(png, png.length / 2));
        assertThatThrownBy(() -> Rendition.all(half))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("broken");
    }

    /** The corner that is red when stored must be where the orientation says. */
    @ParameterizedTest
    @CsvSource({"1, 0, 0", "2, 2, 0", "3, 2, 1", "4, 0, 1", "5, 0, 0", "6, 1, 0", "7, 1, 2", "8, 0, 2"})
    void isTurnedUpright(int orientation, int x, int y) {
        int[] stored = new int[6];
        stored[0] = 0xFFFF0000;
        Pixels upright = new Pixels(3, 2, stored, false).turned(orientation);
        assertThat(upright.width()).isEqualTo(orientation < 5 ? 3 : 2);
        assertThat(upright.argb()[y * upright.width() + x]).isEqualTo(0xFFFF0000);
    }

    @Test
    void aSmoothPictureStaysItselfWhenMadeSmaller() {
        BufferedImage large = gradient(1200, 800);
        int[] argb = large.getRGB(0, 0, 1200, 800, null, 0, 1200);
        Pixels small = Resampling.to(new Pixels(1200, 800, argb, false), 300, 200);
        for (int y = 10; y < 190; y += 20) {
            for (int x = 10; x < 290; x += 20) {
                int pixel = small.argb()[y * 300 + x];
                assertThat((double) (pixel >> 16 & 0xFF)).isCloseTo(255 * (x + 0.5) / 300, within(1.5));
                assertThat((double) (pixel >> 8 & 0xFF)).isCloseTo(255 * (y + 0.5) / 200, within(1.5));
            }
        }
    }

    @Test
    void transparentPixelsDoNotBleed() {
        int[] argb = new int[400 * 100];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = i % 400 < 200 ? 0xFFFF0000 : 0x0000FF00; // opaque red beside transparent green
        }
        Pixels small = Resampling.to(new Pixels(400, 100, argb, true), 100, 25);
        for (int x = 0; x < 100; x++) {
            int pixel = small.argb()[12 * 100 + x];
            if (pixel >>> 24 > 8) {
                assertThat(pixel >> 8 & 0xFF).as("green at %s", x).isLessThan(12);
            }
        }
    }

    @Test
    void renditionsAreNeverLargerThanTheSource() throws Exception {
        assertThat(Rendition.widths(2000)).containsExactly(320, 640, 960, 1440, 1920);
        assertThat(Rendition.widths(1200)).containsExactly(320, 640, 960, 1200);
        assertThat(Rendition.widths(200)).containsExactly(200);
        List<Rendition> made = Rendition.all(Received.look(encoded(gradient(700, 500), "jpeg")));
        assertThat(made)
                .extracting(Rendition::width)
                .containsExactly(700, 700, 640, 320)
                .as("widths");
        for (Rendition rendition : made) {
            assertThat(Format.of(rendition.bytes())).isEqualTo(rendition.format());
            Received again = Received.look(rendition.bytes());
            assertThat(again.width()).isEqualTo(rendition.width());
            assertThat((double) again.width() / again.height()).isCloseTo(1.4, within(0.01));
        }
    }

    @Test
    void aCleanedDrawingCanNeitherActNorReachOut() throws Exception {
        String svg = """
                <?xml version="1.0"?><!DOCTYPE svg [<!ENTITY x "y">]>
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 240 80" onload="alert(1)">
                <script>alert(2)</script><style>@import "https://evil.example/a.css";</style>
                <image href="https://evil.example/a.png"/><use href="https://evil.example/a.svg#b"/>
                <foreignObject><body onclick="alert(3)"/></foreignObject>
                <a href="javascript:alert(4)"><rect width="1" height="1"/></a>
                <rect id="kept" width="240" height="80" fill="url(#own)" style="fill: url(https://evil.example/x)"/>
                </svg>""";
        Received received = Received.look(svg.getBytes(StandardCharsets.UTF_8));
        String clean = new String(received.bytes(), StandardCharsets.UTF_8);
        assertThat(received.width()).isEqualTo(240);
        assertThat(received.height()).isEqualTo(80);
        assertThat(clean).contains("id=\"kept\"", "fill=\"url(#own)\"");
        assertThat(clean).doesNotContain("script", "alert", "evil", "onload", "foreignObject", "ENTITY");
    }

    @Test
    void typeIsMeasuredFromTheShippedFaces() {
        PublishedType type = new PublishedType();
        double one = type.of("Before", false, 15);
        assertThat(one).isBetween(40.0, 60.0);
        assertThat(type.of("Before", false, 30)).isCloseTo(2 * one, within(1e-3));
        assertThat(type.of("Before", true, 15)).isGreaterThan(one);
    }
}
