package com.keenreel.imaging.video;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.imaging.Refused;
import com.keenreel.imaging.video.VideoFile.Kind;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is taken in as a video, and what is refused with which sentence. */
class VideoFileTest {
    private static final Path SHOWN = Path.of("..", "samples", "pictures", "kiln-glow.mp4");

    @TempDir
    private Path folder;

    private VideoFile look(byte[] bytes) throws IOException, Refused {
        return VideoFile.look(Files.write(folder.resolve("video"), bytes));
    }

    @Test
    void aFileIsAsLargeAndLongAsItIsShown() throws IOException, Refused {
        assertThat(VideoFile.look(SHOWN)).isEqualTo(new VideoFile(Kind.MP4, 1600, 900, 8000, ""));
        assertThat(look(Mp4s.with("avc1", 100, 320, 180, false)))
                .isEqualTo(new VideoFile(Kind.MP4, 320, 180, 2500, ""));
        assertThat(look(Mp4s.with("avc1", 66, 320, 180, true)).width())
                .as("held upright while it was taken")
                .isEqualTo(180);
        assertThat(look(Mp4s.with("vp09", 0, 320, 180, false)).kind()).isEqualTo(Kind.MP4);
        assertThat(look(WebMs.with("V_VP9", 2500.0))).isEqualTo(new VideoFile(Kind.WEBM, 320, 180, 2500, ""));
        assertThat(look(WebMs.with("V_AV1", Double.NaN)).length())
                .as("recorders that write as they go do not know it")
                .isZero();
    }

    @Test
    void whatBeginsLateSaysSo() throws IOException, Refused {
        byte[] index = Mp4s.index("avc1", 100, 320, 180, false);
        assertThat(look(Mp4s.file(Mp4s.box("mdat", new byte[40]), index)).note())
                .contains("index stands at its end");
    }

    @Test
    void whatNotEveryBrowserPlaysIsRefusedWithTheReason() {
        refuses(Mp4s.with("hvc1", 0, 320, 180, false), "coded as H.265 (HEVC)", "Save it as MP4 with H.264");
        refuses(Mp4s.with("avc1", 110, 320, 180, false), "H.264 for studios (profile 110)");
        refuses(Mp4s.with("zzzz", 0, 320, 180, false), "coded as \"zzzz\"");
        refuses(Mp4s.with("encv", 0, 320, 180, false), "locked");
        refuses(Mp4s.with("avc1", 100, 5000, 180, false), "5000 x 180", "4096");
        refuses(WebMs.with("V_MPEG4/ISO/AVC", 2500.0), "V_MPEG4/ISO/AVC");
        refuses(
                new String(WebMs.with("V_VP9", 2500.0), StandardCharsets.ISO_8859_1)
                        .replace("webm", "mkv\0")
                        .getBytes(StandardCharsets.ISO_8859_1),
                "a Matroska video");
        refuses(Mp4s.box("ftyp", "qt  \0\0\0\0"), "a QuickTime video");
        refuses(Mp4s.box("moov", new byte[40]), "a QuickTime video");
        refuses("RIFF\0\0\0\0AVI LIST", "an AVI video");
        refuses("0&\u00b2u\u008e\u0066\u00cf\u0011\u00a6\u00d9\0\u00aa", "a Windows Media video");
        refuses("OggS\0\0\0\0\0\0\0\0", "an Ogg video");
        refuses("RIFF\0\0\0\0WEBPVP8 ", "no MP4 and no WebM");
        refuses("", "empty");
    }

    @Test
    void whatIsNotWholeIsRefused() throws IOException {
        byte[] whole = Files.readAllBytes(SHOWN);
        refuses(java.util.Arrays.copyOf(whole, whole.length - 1), "cut off");
        refuses(java.util.Arrays.copyOf(whole, 40), "cut off");
        refuses(Mp4s.file(Mp4s.box("mdat", new byte[40])), "cut off");
        byte[] web = WebMs.with("V_VP9", 2500.0);
        refuses(java.util.Arrays.copyOf(web, web.length - 1), "cut off");
    }

    /** Whatever bytes come, the answer is a video or a sentence. */
    @Test
    void nothingBreaksIt() throws IOException {
        Random random = new Random(17);
        byte[][] some = {
            Mp4s.with("avc1", 100, 320, 180, false),
            WebMs.with("V_VP9", 2500.0),
            java.util.Arrays.copyOf(Files.readAllBytes(SHOWN), 6000)
        };
        int taken = 0;
        for (int i = 0; i < 2000; i++) {
            byte[] bytes = some[i % some.length].clone();
            for (int changes = random.nextInt(4); changes >= 0; changes--) {
                bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
            }
            byte[] cut = random.nextInt(3) == 0 ? java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length)) : bytes;
            try {
                VideoFile video = look(cut);
                assertThat(video.width()).isBetween(1, 4096);
                assertThat(video.length()).isNotNegative();
                taken++;
            } catch (Refused refused) {
                assertThat(refused.getMessage()).endsWith(".");
            }
        }
        assertThat(taken).isBetween(170, 1830);
    }

    private void refuses(String letters, String... sentence) {
        refuses(letters.getBytes(StandardCharsets.ISO_8859_1), sentence);
    }

    private void refuses(byte[] bytes, String... sentence) {
        assertThatThrownBy(() -> look(bytes)).isInstanceOf(Refused.class).hasMessageContainingAll(sentence);
    }

    /** MP4 files of nothing but what is looked at. */
    private static final class Mp4s {
        static byte[] with(String coded, int profile, int width, int height, boolean turned) {
            return file(index(coded, profile, width, height, turned), box("mdat", new byte[40]));
        }

        static byte[] file(byte[]... boxes) {
            return joined(box("ftyp", "isom\0\0\2\0"), joined(boxes));
        }

        static byte[] index(String coded, int profile, int width, int height, boolean turned) {
            ByteBuffer movie = ByteBuffer.allocate(100).putInt(12, 1000).putInt(16, 2500);
            ByteBuffer track = ByteBuffer.allocate(84)
                    .putInt(40, turned ? 0 : 1 << 16)
                    .putInt(44, turned ? 1 << 16 : 0)
                    .putInt(76, width << 16)
                    .putInt(80, height << 16);
            byte[] entry = box(coded, new byte[78], box("avcC", new byte[] {1, (byte) profile, 0, 30}));
            byte[] how = box("stsd", new byte[8], entry);
            byte[] media = box(
                    "mdia",
                    box("hdlr", new byte[8], "vide".getBytes(StandardCharsets.US_ASCII), new byte[13]),
                    box("minf", box("stbl", how)));
            byte[] sound = box(
                    "trak",
                    box("mdia", box("hdlr", new byte[8], "soun".getBytes(StandardCharsets.US_ASCII), new byte[13])));
            return box("moov", box("mvhd", movie.array()), sound, box("trak", box("tkhd", track.array()), media));
        }

        static byte[] box(String name, String inside) {
            return box(name, inside.getBytes(StandardCharsets.ISO_8859_1));
        }

        static byte[] box(String name, byte[]... inside) {
            byte[] all = joined(inside);
            return ByteBuffer.allocate(8 + all.length)
                    .putInt(8 + all.length)
                    .put(name.getBytes(StandardCharsets.ISO_8859_1))
                    .put(all)
                    .array();
        }
    }

    /** WebM files of nothing but what is looked at. */
    private static final class WebMs {
        static byte[] with(String coded, double lasts) {
            byte[] kind = element(0x4282, "webm".getBytes(StandardCharsets.US_ASCII));
            byte[] scale = element(0x2AD7B1, new byte[] {0x0F, 0x42, 0x40});
            byte[] long_ = Double.isNaN(lasts)
                    ? new byte[0]
                    : element(0x4489, ByteBuffer.allocate(8).putDouble(lasts).array());
            byte[] picture = joined(element(0xB0, new byte[] {1, 64}), element(0xBA, new byte[] {(byte) 180}));
            byte[] track = joined(
                    element(0x83, new byte[] {1}),
                    element(0x86, coded.getBytes(StandardCharsets.US_ASCII)),
                    element(0xE0, picture));
            byte[] tracks = joined(element(0xAE, element(0x83, new byte[] {2})), element(0xAE, track));
            byte[] segment = joined(
                    element(0x1549A966, joined(scale, long_)),
                    element(0x1654AE6B, tracks),
                    element(0x1F43B675, new byte[40]));
            return joined(element(0x1A45DFA3, kind), element(0x18538067, segment));
        }

        private static byte[] element(int id, byte[] inside) {
            int bytes = (39 - Integer.numberOfLeadingZeros(id)) / 8;
            ByteBuffer all = ByteBuffer.allocate(bytes + 4 + inside.length);
            for (int i = bytes - 1; i >= 0; i--) {
                all.put((byte) (id >> 8 * i));
            }
            return all.putInt(0x10000000 | inside.length).put(inside).array();
        }
    }

    private static byte[] joined(byte[]... parts) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            all.writeBytes(part);
        }
        return all.toByteArray();
    }
}
