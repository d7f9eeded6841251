package com.keenreel.imaging;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What files say of themselves, and what of it goes on. */
class FileWordsTest {
    private static byte[] plain() throws Exception {
        return MadeFiles.jpeg(MadeFiles.gradient(200, 120), false);
    }

    @Test
    void exifIsRead() throws Exception {
        FileWords words = Received.look(MadeFiles.with(
                        plain(),
                        0xE1,
                        MadeFiles.exif(Map.of(
                                0x010E, "Bowls of glaze", 0x013B, "Ines Marrow", 0x0132, "2025:04:06 09:30:12"))))
                .words();
        assertThat(words)
                .isEqualTo(new FileWords(
                        "", "Bowls of glaze", "", "Ines Marrow", LocalDateTime.of(2025, 4, 6, 9, 30, 12), 1));
    }

    /** The maker and the model of this file's camera are "Ostrava Optik" and "QX-7 Neo", its software "Lichtbild 4.2". */
    private static FileWords shot(String description, String artist) throws Exception {
        Map<Integer, Object> fields = new TreeMap<>(Map.of(
                0x010E,
                description,
                0x013B,
                artist,
                0x010F,
                "OSTRAVA OPTIK",
                0x0110,
                "QX-7 Neo",
                0x0131,
                "Lichtbild 4.2"));
        return Received.look(MadeFiles.with(plain(), 0xE1, MadeFiles.exif(fields)))
                .words();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "OSTRAVA DIGITAL CAMERA",
                "Ostrava Optik QX-7 Neo",
                "QX-7 neo",
                "Created with Lichtbild",
                "Processed with Pixelwerk 3.1",
                "DSC_04711.JPG",
                "DCIM\\100MEDIA\\QX7_0123.JPG",
                "IMG_20260412_101500",
                "P1010101",
                "Scan 3",
                "Image (4)",
                "Untitled-1",
                "Unbenannt",
                "Sans titre (2)",
                "Nimetön",
                "default",
                "2026:04:12",
                "6f9619ff-8b86-d011-b42d-00c04fc964ff",
                "-----"
            })
    void whatMachinesWriteIsNoText(String text) throws Exception {
        FileWords words = shot(text, "Ostrava Optik");
        assertThat(words.caption()).isEmpty();
        assertThat(words.credit()).isEmpty();
    }

    @Test
    void whatADrawingProgramWritesIsNoTitle() throws Exception {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><title>Untitled-1</title>"
                + "<desc>Created with Pixelwerk.</desc></svg>";
        assertThat(Received.look(svg.getBytes(StandardCharsets.UTF_8)).words()).isEqualTo(FileWords.NONE);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Bowls of glaze",
                "Digital camera",
                "Room 204",
                "Made with love",
                "Created by Ines Marrow",
                "Day 1",
                "The scanner that we restored",
                "Ostrava at night",
                "Untitled, oil on canvas",
                "Опис 12"
            })
    void whatPeopleWriteStays(String text) throws Exception {
        FileWords words = shot(text, "Ines Marrow");
        assertThat(words.caption()).isEqualTo(text);
        assertThat(words.credit()).isEqualTo("Ines Marrow");
    }

    @Test
    void iptcIsRead() throws Exception {
        ByteBuffer fields = ByteBuffer.allocate(200);
        Map<Integer, String> all = new java.util.TreeMap<>(
                Map.of(5, "The glaze bench", 120, "Four tiles", 110, "Fennock Tileworks", 55, "20250314"));
        all.forEach((number, text) -> fields.put((byte) 0x1C)
                .put((byte) 2)
                .put(number.byteValue())
                .putShort((short) text.length())
                .put(text.getBytes(StandardCharsets.UTF_8)));
        byte[] content = ByteBuffer.allocate(26 + fields.position())
                .put("Photoshop 3.0\0008BIM\4\4\0\0".getBytes(StandardCharsets.ISO_8859_1))
                .putInt(fields.position())
                .put(fields.array(), 0, fields.position())
                .array();
        FileWords words = Received.look(MadeFiles.with(plain(), 0xED, content)).words();
        assertThat(words)
                .isEqualTo(new FileWords(
                        "The glaze bench",
                        "Four tiles",
                        "",
                        "Fennock Tileworks",
                        LocalDateTime.of(2025, 3, 14, 0, 0),
                        1));
    }

    @Test
    void xmpIsReadFirstAndItsAltTextIsTheOnlyOne() throws Exception {
        String local = "<rdf:Alt><rdf:li xml:lang='x-default'>%s</rdf:li><rdf:li xml:lang='fi'>ei</rdf:li></rdf:Alt>";
        byte[] file = MadeFiles.withXmp(
                MadeFiles.with(plain(), 0xE1, MadeFiles.exif(Map.of(0x010E, "From the camera"))),
                "<dc:title>" + local.formatted("The glaze bench") + "</dc:title><dc:description>"
                        + local.formatted("Two colours still to come.") + "</dc:description>"
                        + "<Iptc4xmpCore:AltTextAccessibility>" + local.formatted("Bowls of blue and ochre glaze.")
                        + "</Iptc4xmpCore:AltTextAccessibility><dc:creator><rdf:Seq><rdf:li>Ines Marrow</rdf:li></rdf:Seq>"
                        + "</dc:creator><photoshop:DateCreated>2025-03-14T10:20</photoshop:DateCreated>");
        assertThat(Received.look(file).words())
                .isEqualTo(new FileWords(
                        "The glaze bench",
                        "Two colours still to come.",
                        "Bowls of blue and ochre glaze.",
                        "Ines Marrow",
                        LocalDateTime.of(2025, 3, 14, 10, 20),
                        1));
        assertThat(Received.look(plain()).words()).isEqualTo(FileWords.NONE);
    }

    @Test
    void aDrawingSaysItsTitleAndItsDescription() throws Exception {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 240 80'><title>Ovenwick</title>"
                + "<desc>Mark of Ovenwick: a kiln door.</desc><rect width='9' height='9'/></svg>";
        FileWords words = Received.look(svg.getBytes(StandardCharsets.UTF_8)).words();
        assertThat(words.title()).isEqualTo("Ovenwick");
        assertThat(words.alt()).isEqualTo("Mark of Ovenwick: a kiln door.");
    }

    /** Nothing of the place where a picture was taken is in what is published; who it is by is. */
    @Test
    void renditionsKeepTheCreditAndNothingElse() throws Exception {
        byte[] exif = MadeFiles.exif(Map.of(0x010E, "A note of the camera", 0x8298, "© Ines Marrow"));
        byte[] jpeg = MadeFiles.withXmp(MadeFiles.with(plain(), 0xE1, exif), "<dc:source>SECRET</dc:source>");
        int[] clear = new int[100 * 60];
        clear[4] = 0x80102030;
        byte[] png = MadeFiles.withChunk(
                Encoding.of(new Pixels(100, 60, clear, true), Format.PNG),
                "eXIf",
                java.util.Arrays.copyOfRange(exif, 6, exif.length));
        for (byte[] file : List.of(jpeg, png)) {
            assertThat(latin(file)).contains("PLACE-OF-THE-PICTURE");
            Received received = Received.look(file);
            assertThat(received.words().credit()).isEqualTo("© Ines Marrow");
            Darkroom.Made made = Darkroom.make(
                    received,
                    Adjustment.NONE,
                    List.of(100, 60),
                    List.of(100, 60),
                    received.words().credit());
            assertThat(made.renditions()).hasSize(4);
            for (Rendition rendition : made.renditions()) {
                assertThat(latin(rendition.bytes()))
                        .as("%s %s", rendition.format(), rendition.width())
                        .doesNotContain("PLACE-OF-THE-PICTURE", "A note of the camera", "SECRET");
                Received again = Received.look(rendition.bytes());
                assertThat(again.words()).isEqualTo(new FileWords("", "", "", "© Ines Marrow", null, 1));
                assertThat(Opened.of(again, Adjustment.NONE, 100).width()).isEqualTo(rendition.width());
            }
        }
    }

    private static String latin(byte[] file) {
        return new String(file, StandardCharsets.ISO_8859_1);
    }
}
