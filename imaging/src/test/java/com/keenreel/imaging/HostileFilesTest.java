package com.keenreel.imaging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Broken, huge, lying and hostile files each get a sentence, soon. */
class HostileFilesTest {
    private record Bad(String name, byte[] bytes, String says) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static byte[] text(String content) {
        return content.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] sized(byte[] png, int width, int height) {
        ByteBuffer.wrap(png).putInt(16, width).putInt(20, height);
        java.util.zip.CRC32 sum = new java.util.zip.CRC32();
        sum.update(png, 12, 17);
        ByteBuffer.wrap(png).putInt(29, (int) sum.getValue());
        return png;
    }

    /** A small PNG of 16 bits a colour. */
    private static byte[] deep() throws Exception {
        java.awt.image.ComponentColorModel model = new java.awt.image.ComponentColorModel(
                java.awt.color.ColorSpace.getInstance(java.awt.color.ColorSpace.CS_sRGB),
                false,
                false,
                java.awt.Transparency.OPAQUE,
                java.awt.image.DataBuffer.TYPE_USHORT);
        return MadeFiles.encoded(
                new java.awt.image.BufferedImage(model, model.createCompatibleWritableRaster(8, 8), false, null),
                "png");
    }

    static Stream<Bad> bad() throws Exception {
        byte[] jpeg = MadeFiles.jpeg(MadeFiles.photograph(400, 300, 1), false);
        byte[] png = MadeFiles.encoded(MadeFiles.photograph(400, 300, 1), "png");
        byte[] webp = Encoding.of(Opened.of(Received.look(png), Adjustment.NONE, 400), Format.WEBP);
        byte[] gif = MadeFiles.gif(300, 200, 0x123456);
        byte[] noise = new byte[100_000];
        new Random(7).nextBytes(noise);
        byte[] lie = jpeg.clone();
        System.arraycopy(noise, 0, lie, 700, 3000);
        return Stream.of(
                new Bad("nothing", new byte[0], "empty"),
                new Bad("noise", noise, "not a JPEG, PNG, WebP, GIF, TIFF or SVG"),
                new Bad("text", text("Hello"), "not a JPEG"),
                new Bad("page", text("<!doctype html><p>Hello"), "not a JPEG"),
                new Bad("packed folder", text("PK\3\4......index.html"), "Unpack it"),
                new Bad("phone's own format", text("\0\0\0\30ftypheic\0\0\0\0"), "save it as JPEG"),
                new Bad("half a JPEG", Arrays.copyOf(jpeg, jpeg.length / 2), "cut off"),
                new Bad("start of a JPEG", Arrays.copyOf(jpeg, 100), "cut off"),
                new Bad("half a PNG", Arrays.copyOf(png, png.length / 2), "broken"),
                new Bad("half a WebP", Arrays.copyOf(webp, webp.length / 2), "broken"),
                new Bad("start of a GIF", Arrays.copyOf(gif, 12), "broken"),
                new Bad("bomb", sized(MadeFiles.encoded(MadeFiles.plain(8, 8, 0), "png"), 30000, 30000), "megapixels"),
                new Bad("a deep bomb", sized(deep(), 11000, 10000), "660 MB of memory"),
                new Bad("a size of nought", sized(MadeFiles.encoded(MadeFiles.plain(8, 8, 0), "png"), 0, 8), "broken"),
                new Bad("PNG that lies of its size", sized(png.clone(), 4000, 3000), "broken"),
                new Bad("nested drawing", text("<svg viewBox='0 0 9 9'>" + "<g>".repeat(1_000_000)), "too many parts"),
                new Bad("crowded drawing", text("<svg viewBox='0 0 9 9'>" + "<g/>".repeat(900_000)), "too many parts"),
                new Bad("drawing without a size", text("<svg><g/></svg>"), "view box"),
                new Bad("a drawing of 5 MB", text("<svg>" + " ".repeat(5_000_000)), "4 MB"));
    }

    @ParameterizedTest
    @MethodSource("bad")
    void getsASentence(Bad file) {
        String said = assertTimeoutPreemptively(Duration.ofSeconds(5), () -> {
            try {
                Darkroom.make(Received.look(file.bytes()), Adjustment.NONE, List.of(1), List.of(1), "");
                return "nothing";
            } catch (Refused refused) {
                return String.valueOf(refused.getMessage());
            }
        });
        assertThat(said).contains(file.says()).endsWith(".");
    }

    @Test
    void aMillionNotesDoNoHarm() throws Exception {
        byte[] jpeg = MadeFiles.jpeg(MadeFiles.gradient(40, 30), false);
        ByteBuffer directory = ByteBuffer.allocate(65_000).order(java.nio.ByteOrder.LITTLE_ENDIAN);
        directory.put(text("II*\0")).putInt(8).putShort((short) 5000);
        for (int i = 0; i < 5000; i++) {
            directory
                    .putShort((short) (0x8769 + i % 3))
                    .putShort((short) 4)
                    .putInt(1)
                    .putInt(8);
        }
        byte[] exif = ByteBuffer.allocate(6 + 65_000)
                .put(text("Exif\0\0"))
                .put(directory.array())
                .array();
        ByteArrayOutputStream noted = new ByteArrayOutputStream();
        noted.write(jpeg, 0, 20);
        for (int i = 0; i < 200; i++) { // a million entries in all
            noted.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE1});
            noted.writeBytes(
                    ByteBuffer.allocate(2).putShort((short) (exif.length + 2)).array());
            noted.writeBytes(exif);
        }
        noted.write(jpeg, 20, jpeg.length - 20);
        Received read = assertTimeoutPreemptively(Duration.ofSeconds(5), () -> Received.look(noted.toByteArray()));
        assertThat(read.width()).isEqualTo(40);
    }

    @Test
    void anEndlessMovingPictureIsOnePicture() throws Exception {
        byte[] once = MadeFiles.gif(30, 20, 0x204060, 0x405060);
        ByteArrayOutputStream endless = new ByteArrayOutputStream();
        endless.write(once, 0, once.length - 1);
        byte[] frame = Arrays.copyOfRange(once, once.length / 2, once.length - 1);
        for (int i = 0; i < 50_000; i++) {
            endless.writeBytes(frame);
        }
        Pixels first = assertTimeoutPreemptively(
                Duration.ofSeconds(5), () -> Opened.of(Received.look(endless.toByteArray()), Adjustment.NONE, 30));
        assertThat(first.argb()[0] & 0xFFFFFF).isEqualTo(0x204060);
    }

    /** Whatever single bytes are wrong, there is a picture or a sentence. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void damageNeverEscapes(long seed) throws Exception {
        Random random = new Random(seed);
        byte[] photograph = MadeFiles.encoded(MadeFiles.photograph(120, 80, seed), "png");
        Pixels pixels = Opened.of(Received.look(photograph), Adjustment.NONE, 120);
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("png", photograph);
        files.put("jpeg", Encoding.of(pixels, Format.JPEG));
        files.put("webp", Encoding.of(pixels, Format.WEBP));
        files.put("gif", MadeFiles.gif(50, 40, 0x123456));
        for (Map.Entry<String, byte[]> file : files.entrySet()) {
            for (int i = 0; i < 60; i++) {
                byte[] damaged = file.getValue().clone();
                for (int j = 0; j < 4; j++) {
                    damaged[4 + random.nextInt(damaged.length - 4)] = (byte) random.nextInt();
                }
                try {
                    Received received = Received.look(damaged);
                    if ((long) received.width() * received.height() < 4_000_000) {
                        Darkroom.look(
                                received, Adjustment.NONE, received.words().credit());
                    }
                } catch (Refused sentence) {
                    assertThat(sentence.getMessage()).endsWith(".");
                }
            }
        }
    }
}
