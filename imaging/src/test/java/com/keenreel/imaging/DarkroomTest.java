package com.keenreel.imaging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.option.Colour;
import com.keenreel.core.reel.Extent;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Mosaic;
import com.keenreel.core.reel.PictureTraits;
import com.keenreel.core.reel.PictureTraits.Inked;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is made of a file, and what is seen in it. */
class DarkroomTest {
    private static Darkroom.Made made(byte[] file, int... widths) throws Refused {
        List<Integer> list = java.util.Arrays.stream(widths).boxed().toList();
        return Darkroom.make(Received.look(file), Adjustment.NONE, list, list, "");
    }

    private static PictureTraits traits(BufferedImage image) throws Exception {
        return made(MadeFiles.encoded(image, "png"), image.getWidth()).seen().traits();
    }

    @Test
    void everyWidthIsMadeTwiceAndNeverLargerThanTheFile() throws Exception {
        assertThat(Darkroom.widths(2000, 1000)).containsExactly(320, 960, 1920);
        assertThat(Darkroom.widths(1200, 900)).containsExactly(320, 960, 1200);
        assertThat(Darkroom.widths(200, 900)).containsExactly(200);
        assertThat(Darkroom.widths(1000, 40_000)).containsExactly(320, 400);
        List<Rendition> made = made(MadeFiles.jpeg(MadeFiles.gradient(700, 500), false), 320, 700, 640)
                .renditions();
        assertThat(made).extracting(Rendition::width).containsExactly(700, 700, 640, 640, 320, 320);
        for (int i = 0; i < made.size(); i++) {
            Rendition rendition = made.get(i);
            assertThat(rendition.format()).isEqualTo(i % 2 == 0 ? Format.WEBP : Format.JPEG);
            assertThat(Format.of(rendition.bytes())).isEqualTo(rendition.format());
            Received again = Received.look(rendition.bytes());
            assertThat(again.width()).isEqualTo(rendition.width());
            assertThat((double) again.width() / again.height()).isCloseTo(1.4, within(0.01));
        }
    }

    @Test
    void theLibraryKeepsOneFallbackAndMoreWidthsAreMadeWithout() throws Exception {
        Received wide = Received.look(MadeFiles.jpeg(MadeFiles.gradient(1200, 300), false));
        assertThat(Darkroom.look(wide, Adjustment.NONE, "").renditions())
                .extracting(Rendition::width, Rendition::format)
                .containsExactly(
                        tuple(1200, Format.WEBP),
                        tuple(960, Format.WEBP),
                        tuple(960, Format.JPEG),
                        tuple(320, Format.WEBP));
        assertThat(Darkroom.fallback(700, 500)).isEqualTo(700);
        assertThat(Darkroom.more(wide, Adjustment.NONE, List.of(400, 816), ""))
                .extracting(Rendition::width, Rendition::format)
                .containsExactly(tuple(816, Format.WEBP), tuple(400, Format.WEBP));
    }

    @Test
    void opacityIsKept() throws Exception {
        int[] argb = new int[80 * 60];
        java.util.Arrays.fill(argb, 2400, 4800, 0xFF204060);
        byte[] png = Encoding.of(new Pixels(80, 60, argb, true), Format.PNG);
        Darkroom.Made made = made(png, 40);
        assertThat(made.renditions()).extracting(Rendition::format).containsExactly(Format.WEBP, Format.PNG);
        for (Rendition rendition : made.renditions()) {
            Pixels read = Opened.of(Received.look(rendition.bytes()), Adjustment.NONE, 40);
            assertThat(read.argb()[5 * 40 + 20] >>> 24).isZero();
            assertThat(read.argb()[25 * 40 + 20] >>> 24).isEqualTo(255);
        }
        PictureTraits traits = made.seen().traits();
        assertThat(traits.alpha()).isTrue();
        assertThat(traits.average().hex()).isEqualTo("#204060");
        assertThat(traits.inked().top()).isCloseTo(0.5, within(0.03));
        assertThat(traits.inked().coverage()).isCloseTo(1, within(0.03));
    }

    @Test
    void aPlaceholderHasAtMostTwoHundredBytes() throws Exception {
        for (long seed = 1; seed <= 6; seed++) {
            byte[] png = MadeFiles.encoded(MadeFiles.photograph(400, 250, seed), "png");
            byte[] placeholder = made(png, 320).seen().placeholder();
            assertThat(placeholder.length).isLessThanOrEqualTo(200);
            Received read = Received.look(placeholder);
            assertThat(read.format()).isEqualTo(Format.WEBP);
            assertThat(read.width()).isGreaterThanOrEqualTo(8);
        }
    }

    @Test
    void coloursAndLightAreCalculated() throws Exception {
        BufferedImage image = MadeFiles.plain(300, 200, 0xC8BEB4);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(0x204060));
        graphics.fillRect(0, 0, 120, 200); // two fifths
        graphics.dispose();
        PictureTraits traits = traits(image);
        assertThat(traits.palette()).extracting(colour -> colour.hex()).containsExactly("#c8beb4", "#204060");
        assertThat(traits.average().hex()).isEqualTo("#858c92");
        double light = 0.6 * 0.523836 + 0.4 * 0.049194; // WCAG's formula by hand
        assertThat(traits.luminance()).isCloseTo(light, within(0.003));
        assertThat(traits.alpha()).isFalse();
        assertThat(traits.inked()).isEqualTo(Inked.ALL);
        // the left quarters are dark in four fifths
        assertThat(traits.corners())
                .extracting(colour -> colour.hex())
                .containsExactly("#425971", "#c8beb4", "#425971", "#c8beb4");
        // of eight cells across three are dark, the fourth has both
        Extent dark = Extent.of(new Colour("#204060"));
        Extent pale = Extent.of(new Colour("#c8beb4"));
        assertThat(traits.mosaic().in(0, 0, 0.374, 1)).isEqualTo(dark);
        Extent both = traits.mosaic().in(0.376, 0.4, 0.48, 0.6);
        assertThat(both.and(dark).and(pale))
                .as("or more, where an edge is sharpened")
                .isEqualTo(both);
        assertThat(traits.mosaic().in(0.51, 0, 1, 1)).isEqualTo(pale);
        assertThat(traits(clear()).mosaic()).as("one that is seen through").isEqualTo(Mosaic.UNKNOWN);
    }

    private static BufferedImage clear() {
        return new BufferedImage(64, 64, BufferedImage.TYPE_INT_ARGB);
    }

    @Test
    void plainMarginsOfAMarkAreNotInked() throws Exception {
        BufferedImage image = MadeFiles.plain(256, 128, 0xFFFFFF);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.BLACK);
        graphics.fillRect(64, 32, 64, 64);
        graphics.fillRect(160, 32, 32, 64);
        graphics.dispose();
        Inked inked = traits(image).inked();
        assertThat(inked.left()).isEqualTo(0.25);
        assertThat(inked.right()).isEqualTo(0.75);
        assertThat(inked.top()).isEqualTo(0.25);
        assertThat(inked.bottom()).isEqualTo(0.75);
        assertThat(inked.coverage()).isEqualTo(0.75);
    }

    @ParameterizedTest
    @CsvSource({"60, 60", "300, 60", "180, 130", "320, 200"})
    void theEyeFallsOnWhatStandsOut(int x, int y) throws Exception {
        BufferedImage image = MadeFiles.plain(400, 260, 0x6A7A70);
        Graphics2D graphics = image.createGraphics();
        for (int i = 0; i < 6; i++) {
            graphics.setColor(i % 2 == 0 ? Color.ORANGE : Color.BLUE);
            graphics.fillOval(x - 30 + 5 * i, y - 30 + 5 * i, 60 - 10 * i, 60 - 10 * i);
        }
        graphics.dispose();
        FocalPoint focal = traits(image).focal();
        assertThat(focal.x()).isCloseTo(x / 400.0, within(0.06));
        assertThat(focal.y()).isCloseTo(y / 260.0, within(0.08));
        assertThat(traits(MadeFiles.plain(400, 260, 0x6A7A70)).focal()).isEqualTo(FocalPoint.CENTRE);
    }

    @Test
    void aDrawingIsLookedAtToo() throws Exception {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 200 100'>"
                + "<rect x='50' y='25' width='100' height='50' fill='#204060'/></svg>";
        Darkroom.Made made = made(svg.getBytes(StandardCharsets.UTF_8), 1);
        assertThat(made.renditions()).extracting(Rendition::format).containsExactly(Format.SVG);
        PictureTraits traits = made.seen().traits();
        assertThat(traits.alpha()).isTrue();
        assertThat(traits.palette().get(0).hex()).isEqualTo("#204060");
        assertThat(traits.inked().left()).isCloseTo(0.25, within(0.01));
        assertThat(traits.inked().bottom()).isCloseTo(0.75, within(0.01));
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
