package com.keenreel.imaging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Kinds that are read in another way than those of the web: HEIF containers, shown from a copy, and TIFF. */
class OriginalTest {
    private static byte[] box(String name, byte[]... inside) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (byte[] one : inside) {
            all.writeBytes(one);
        }
        return ByteBuffer.allocate(8 + all.size())
                .putInt(8 + all.size())
                .put(name.getBytes(StandardCharsets.ISO_8859_1))
                .put(all.toByteArray())
                .array();
    }

    private static byte[] text(String text) {
        return text.getBytes(StandardCharsets.ISO_8859_1);
    }

    private static byte[] heif(byte[]... properties) {
        byte[] start = box("ftyp", text("heic"), new byte[4], text("mif1"));
        byte[] meta = box("meta", new byte[4], box("hdlr", new byte[8]), box("iprp", box("ipco", properties)));
        return ByteBuffer.allocate(start.length + meta.length)
                .put(start)
                .put(meta)
                .array();
    }

    @Test
    void theProfileOfAnOriginalGoesWithItsCopy() throws Exception {
        byte[] profile = MadeFiles.profile(
                new double[][] {{0.436, 0.2225, 0.0139}, {0.3851, 0.7169, 0.0971}, {0.1431, 0.0606, 0.7141}},
                value -> value);
        Original original = Original.look(heif(
                box("ispe", new byte[12]), box("colr", text("nclx"), new byte[7]), box("colr", text("prof"), profile)));
        assertThat(original.kind()).isEqualTo("HEIC");
        assertThat(original.profile()).isEqualTo(profile);
        byte[] jpeg = MadeFiles.jpeg(MadeFiles.gradient(64, 48), false);
        Received copy = Received.look(jpeg).of(original, true);
        assertThat(JpegParts.of(copy.bytes()).profile()).isEqualTo(profile);
        assertThat(copy.note()).isEqualTo("Shown from a copy; the HEIC is kept.");
        assertThat(Received.look(jpeg).of(original, false).bytes())
                .as("colours that are sRGB already stay")
                .isEqualTo(jpeg);
        // a mid grey of linear light is brighter in sRGB
        BufferedImage grey = new BufferedImage(64, 48, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = grey.createGraphics();
        pen.setColor(new Color(55, 55, 55));
        pen.fillRect(0, 0, 64, 48);
        pen.dispose();
        Pixels shown = Opened.of(Received.look(MadeFiles.jpeg(grey, false)).of(original, true), Adjustment.NONE, 64);
        assertThat(shown.argb()[1000] & 0xFF).isBetween(125, 131);
    }

    @Test
    void aLongProfileIsSpreadOverSeveralSegments() throws Exception {
        byte[] profile = new byte[150_000];
        new java.util.Random(7).nextBytes(profile);
        byte[] jpeg =
                JpegParts.of(MadeFiles.jpeg(MadeFiles.gradient(64, 48), false)).withProfile(profile);
        assertThat(JpegParts.of(jpeg).profile()).isEqualTo(profile);
    }

    /** Whatever stands in its boxes, an original is looked at without trouble. */
    @Test
    void brokenBoxesSayNothing() throws Exception {
        for (byte[] colr : List.of(
                new byte[0],
                text("prof"),
                ByteBuffer.allocate(8).putInt(2_000_000_000).put(text("colr")).array())) {
            Original.look(heif(colr.length == 8 ? colr : box("colr", colr)));
        }
        byte[] whole = heif(box("colr", text("prof"), new byte[40]));
        for (int end = 13; end < whole.length; end++) {
            assertThat(Original.look(java.util.Arrays.copyOf(whole, end)).profile())
                    .isNull();
        }
        assertThatThrownBy(() -> Original.look(MadeFiles.jpeg(MadeFiles.gradient(9, 9), false)))
                .hasMessage("This is no HEIC and no AVIF picture.");
    }

    private static byte[] tiff(BufferedImage... pages) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("tiff").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.prepareWriteSequence(null);
            for (BufferedImage page : pages) {
                writer.writeToSequence(new IIOImage(page, null, null), null);
            }
            writer.endWriteSequence();
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    private static BufferedImage plain(int type) {
        BufferedImage image = new BufferedImage(60, 40, type);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(200, 120, 40));
        pen.fillRect(0, 0, 60, 40);
        pen.dispose();
        return image;
    }

    @ParameterizedTest
    @ValueSource(
            ints = {
                BufferedImage.TYPE_INT_RGB,
                BufferedImage.TYPE_3BYTE_BGR,
                BufferedImage.TYPE_4BYTE_ABGR,
                BufferedImage.TYPE_BYTE_GRAY,
                BufferedImage.TYPE_USHORT_GRAY,
                BufferedImage.TYPE_BYTE_BINARY
            })
    void tiffIsRead(int type) throws Exception {
        BufferedImage image = plain(type);
        Received received = Received.look(tiff(image));
        assertThat(received.format()).isEqualTo(Format.TIFF);
        assertThat(received.note()).isEmpty();
        Pixels pixels = Opened.of(received, Adjustment.NONE, 60);
        assertThat(pixels.width()).isEqualTo(60);
        boolean grey = image.getRaster().getNumBands() == 1 && type != BufferedImage.TYPE_BYTE_BINARY;
        int level = image.getRaster().getSample(30, 20, 0) >> (type == BufferedImage.TYPE_USHORT_GRAY ? 8 : 0);
        int wanted = grey ? level * 0x10101 : image.getRGB(30, 20); // Java takes greys for linear light
        int shown = pixels.argb()[20 * 60 + 30];
        for (int shift = 0; shift < 24; shift += 8) {
            assertThat(shown >> shift & 0xFF)
                    .isCloseTo(wanted >> shift & 0xFF, org.assertj.core.api.Assertions.within(9));
        }
    }

    @Test
    void pagesAreCountedAndRawFilesAreRefused() throws Exception {
        byte[] three = tiff(plain(1), plain(1), plain(1));
        assertThat(Received.look(three).note()).isEqualTo("Only the first of its 3 pages is shown.");
        byte[] one = tiff(plain(1));
        for (int end = 8; end < one.length; end += 97) {
            byte[] cut = java.util.Arrays.copyOf(one, end);
            assertThatThrownBy(() -> Opened.of(Received.look(cut), Adjustment.NONE, 60))
                    .as("cut off after " + end)
                    .isInstanceOf(Refused.class);
        }
        byte[] raw = ByteBuffer.wrap(one.clone())
                .put(8, (byte) 'C')
                .put(9, (byte) 'R')
                .array();
        assertThatThrownBy(() -> Received.look(raw)).hasMessageContaining("raw file");
    }
}
