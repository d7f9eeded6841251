package com.keenreel.imaging;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.IndexColorModel;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every kind of file is read upright and in its true colours. */
class ReadingTest {
    /** Adapted to D50. Source: SMPTE EG 432-1, and ICC.1's chromatic adaptation. */
    private static final double[][] DISPLAY_P3 = {
        {0.515102, 0.241182, -0.001049}, {0.291965, 0.692236, 0.041882}, {0.157153, 0.066581, 0.784378}
    };

    /** Adapted to D50. Source: Adobe RGB (1998) Color Image Encoding. */
    private static final double[][] ADOBE_RGB = {
        {0.609741, 0.311111, 0.019470}, {0.205276, 0.625671, 0.060867}, {0.149185, 0.063217, 0.744568}
    };

    private static final double[][] SRGB_FROM_D50 = {
        {3.1338561, -1.6168667, -0.4906146}, {-0.9787684, 1.9161415, 0.0334540}, {0.0719453, -0.2289914, 1.4052427}
    };

    private static Pixels opened(byte[] file) throws Refused {
        return Opened.of(Received.look(file), Adjustment.NONE, 4000);
    }

    /** The sRGB colour that a stored colour means, calculated with nothing but the definition of its space. */
    private static int meant(int rgb, double[][] primaries, DoubleUnaryOperator curve) {
        double[] light = {
            curve.applyAsDouble((rgb >> 16 & 0xFF) / 255.0),
            curve.applyAsDouble((rgb >> 8 & 0xFF) / 255.0),
            curve.applyAsDouble((rgb & 0xFF) / 255.0)
        };
        int srgb = 0;
        for (int channel = 0; channel < 3; channel++) {
            double sum = 0;
            for (int i = 0; i < 3; i++) {
                double xyz = 0;
                for (int j = 0; j < 3; j++) {
                    xyz += primaries[j][i] * light[j];
                }
                sum += SRGB_FROM_D50[channel][i] * xyz;
            }
            srgb = srgb << 8 | (int) Math.round(255 * ColourDifference.encoded(sum));
        }
        return srgb;
    }

    @Test
    void theMeasureOfColoursIsRight() { // pairs from the paper that defines it
        assertThat(ColourDifference.of(new double[] {50, 2.6772, -79.7751}, new double[] {50, 0, -82.7485}))
                .isCloseTo(2.0425, org.assertj.core.api.Assertions.within(1e-4));
        assertThat(ColourDifference.of(new double[] {2.0776, 0.0795, -1.1350}, new double[] {0.9033, -0.0636, -0.5514}))
                .isCloseTo(0.9082, org.assertj.core.api.Assertions.within(1e-4));
    }

    static Stream<Arguments> profiles() {
        DoubleUnaryOperator srgb = ColourDifference::linear;
        DoubleUnaryOperator adobe = value -> Math.pow(value, 563 / 256.0);
        return Stream.of(0x808080, 0xB08060, 0x507090, 0x90A050, 0x303840, 0xE8E0D0)
                .flatMap(colour -> Stream.of(
                        Arguments.of("Display P3", colour, DISPLAY_P3, srgb),
                        Arguments.of("Adobe RGB", colour, ADOBE_RGB, adobe)));
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("profiles")
    void profilesAreObeyed(String name, int colour, double[][] primaries, DoubleUnaryOperator curve) throws Exception {
        byte[] profile = MadeFiles.profile(primaries, curve);
        BufferedImage image = MadeFiles.plain(64, 48, colour);
        byte[] jpeg = MadeFiles.withProfile(MadeFiles.jpeg(image, false), profile);
        byte[] png = MadeFiles.withChunk(
                MadeFiles.encoded(image, "png"),
                "iCCP",
                java.nio.ByteBuffer.allocate(6 + MadeFiles.packed(profile).length)
                        .put("Made\0\0".getBytes(java.nio.charset.StandardCharsets.ISO_8859_1))
                        .put(MadeFiles.packed(profile))
                        .array());
        for (byte[] file : new byte[][] {jpeg, png}) {
            int seen = opened(file).argb()[24 * 64 + 32] & 0xFFFFFF;
            int meant = meant(colour, primaries, curve);
            assertThat(ColourDifference.of(seen, meant))
                    .as("%s: %06x was read as %06x, it means %06x", name, colour, seen, meant)
                    .isLessThan(2);
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void jpegIsReadInEitherOrderOfItsScans(boolean progressive) throws Exception {
        Pixels read = opened(MadeFiles.jpeg(MadeFiles.gradient(120, 80), progressive));
        assertThat(ColourDifference.of(read.argb()[40 * 120 + 60] & 0xFFFFFF, 0x7F7F5A))
                .isLessThan(2);
    }

    @ParameterizedTest
    @CsvSource({"0, 0, 0, 0, ffffff", "0, 0, 0, 255, 231f20", "255, 0, 0, 0, 00aeef", "0, 255, 0, 0, ec008c"})
    void inksBecomeColours(int cyan, int magenta, int yellow, int black, String meant) throws Exception {
        WritableRaster inks = java.awt.image.Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, 32, 32, 4, null);
        for (int y = 0; y < 32; y++) {
            for (int x = 0; x < 32; x++) { // stored turned round, as Adobe's programs do
                inks.setPixel(x, y, new int[] {255 - cyan, 255 - magenta, 255 - yellow, 255 - black});
            }
        }
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.write(null, new IIOImage(inks, null, null), null);
        }
        byte[] plain = bytes.toByteArray();
        byte[] adobe = java.nio.ByteBuffer.allocate(plain.length + 16)
                .put(plain, 0, 2)
                .put(new byte[] {(byte) 0xFF, (byte) 0xEE, 0, 14, 'A', 'd', 'o', 'b', 'e', 0, 100, 0, 0, 0, 0, 0})
                .put(plain, 2, plain.length - 2)
                .array();
        int seen = opened(adobe).argb()[16 * 32 + 16] & 0xFFFFFF;
        assertThat(ColourDifference.of(
                        seen, Integer.parseInt(meant, 16))) // inks without a profile have no exact colour
                .as("read as %06x", seen)
                .isLessThan(30);
    }

    @Test
    void sixteenBitsGreysPalettesAndOpacityAreRead() throws Exception {
        ComponentColorModel deep = new ComponentColorModel(
                ColorSpace.getInstance(ColorSpace.CS_sRGB),
                true,
                false,
                Transparency.TRANSLUCENT,
                DataBuffer.TYPE_USHORT);
        WritableRaster raster = deep.createCompatibleWritableRaster(8, 8);
        for (int i = 0; i < 64; i++) {
            raster.setPixel(i % 8, i / 8, new int[] {0x8080, 0x4040, 0xC0C0, 0x8080});
        }
        Pixels read = opened(MadeFiles.encoded(new BufferedImage(deep, raster, false, null), "png"));
        assertThat(read.alpha()).isTrue();
        assertThat(read.argb()[9]).isEqualTo(0x808040C0);

        BufferedImage grey = new BufferedImage(8, 8, BufferedImage.TYPE_BYTE_GRAY);
        java.util.Arrays.fill(((java.awt.image.DataBufferByte) grey.getRaster().getDataBuffer()).getData(), (byte) 100);
        assertThat(opened(MadeFiles.encoded(grey, "png")).argb()[9]).isEqualTo(0xFF646464);
        assertThat(opened(MadeFiles.jpeg(grey, false)).argb()[9]).isEqualTo(0xFF646464);

        byte[] reds = {0, (byte) 200};
        byte[] greens = {0, 100};
        byte[] blues = {0, 50};
        byte[] opacity = {0, (byte) 255};
        IndexColorModel table = new IndexColorModel(1, 2, reds, greens, blues, opacity);
        BufferedImage palette = new BufferedImage(8, 8, BufferedImage.TYPE_BYTE_BINARY, table);
        palette.setRGB(3, 3, 0xFFC86432);
        Pixels indexed = opened(MadeFiles.encoded(palette, "png"));
        assertThat(indexed.argb()[3 * 8 + 3]).isEqualTo(0xFFC86432);
        assertThat(indexed.argb()[0] >>> 24).isZero();
    }

    @Test
    void webpIsReadWithAndWithoutLossAndWithOpacity() throws Exception {
        int[] argb = new int[40 * 30];
        java.util.Arrays.fill(argb, 0xFFB08060);
        java.util.Arrays.fill(argb, 0, 600, 0x00000000);
        for (boolean alpha : new boolean[] {false, true}) {
            Pixels read = opened(Encoding.of(new Pixels(40, 30, argb, alpha), Format.WEBP, 1f));
            assertThat(ColourDifference.of(read.argb()[1100] & 0xFFFFFF, 0xB08060))
                    .isLessThan(2);
            assertThat(read.argb()[100] >>> 24).isEqualTo(alpha ? 0 : 255);
        }
    }

    @Test
    void ofMovingPicturesTheFirstIsTakenAndItIsSaid() throws Exception {
        Received moving = Received.look(MadeFiles.gif(40, 30, 0x204060, 0xFFFFFF, 0x000000));
        assertThat(moving.note()).isEqualTo("Only the first of its moving pictures is shown.");
        assertThat(Opened.of(moving, Adjustment.NONE, 100).argb()[500] & 0xFFFFFF)
                .isEqualTo(0x204060);
        assertThat(Received.look(MadeFiles.gif(40, 30, 0x204060)).note()).isEmpty();
    }

    /** The corner that is red when stored must be where the orientation says. */
    @ParameterizedTest
    @CsvSource({"1, 0, 0", "2, 2, 0", "3, 2, 1", "4, 0, 1", "5, 0, 0", "6, 1, 0", "7, 1, 2", "8, 0, 2"})
    void isTurnedUpright(int orientation, int x, int y) throws Exception {
        int[] stored = new int[6];
        stored[0] = 0xFFFF0000;
        Pixels upright = new Pixels(3, 2, stored, false).turned(orientation);
        assertThat(upright.width()).isEqualTo(orientation < 5 ? 3 : 2);
        assertThat(upright.argb()[y * upright.width() + x]).isEqualTo(0xFFFF0000);

        BufferedImage image = MadeFiles.plain(48, 32, 0);
        for (int i = 0; i < 256; i++) {
            image.setRGB(i % 16, i / 16, 0xFFFFFF);
        }
        Received file = Received.look(MadeFiles.with(
                MadeFiles.jpeg(image, false), 0xE1, MadeFiles.exif(Map.of(0x0112, (short) orientation))));
        Pixels whole = Opened.of(file, Adjustment.NONE, 100);
        assertThat(new int[] {file.width(), file.height()}).containsExactly(whole.width(), whole.height());
        assertThat(whole.argb()[(y * 16 + 8) * whole.width() + x * 16 + 8] & 0xFF)
                .isGreaterThan(240);
    }

    /** Turned and trimmed, the same pixels are left as when both are done by hand. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void isTurnedAndTrimmedWithoutChangingTheFile(int orientation) throws Exception {
        Received file = Received.look(MadeFiles.with(
                MadeFiles.jpeg(MadeFiles.gradient(80, 60), false), 0xE1, MadeFiles.exif(Map.of(0x0112, (short)
                        orientation))));
        Pixels upright = Opened.of(file, Adjustment.NONE, 100);
        for (int quarters = 0; quarters < 4; quarters++) {
            Adjustment adjustment = new Adjustment(quarters, 0.1, 0.2, 0.3, 0.4);
            Pixels adjusted = Opened.of(file, adjustment, 100);
            Pixels turned = upright;
            for (int i = 0; i < quarters; i++) {
                turned = turned.turned(6);
            }
            assertThat(adjusted.width()).isEqualTo(adjustment.width(file.width(), file.height()));
            assertThat(adjusted.height()).isEqualTo(adjustment.height(file.width(), file.height()));
            int left = (int) Math.round(0.1 * turned.width());
            int top = (int) Math.round(0.2 * turned.height());
            for (int y = 0; y < adjusted.height(); y += 5) {
                for (int x = 0; x < adjusted.width(); x += 5) {
                    assertThat(adjusted.argb()[y * adjusted.width() + x])
                            .isEqualTo(turned.argb()[(y + top) * turned.width() + x + left]);
                }
            }
        }
    }
}
