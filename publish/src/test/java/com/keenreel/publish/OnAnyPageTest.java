package com.keenreel.publish;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.option.Colour;
import com.keenreel.core.option.Language;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import com.keenreel.core.space.Facts;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What makes a reel at home on any page: its code, its languages, what it tells machines, and the folder. */
class OnAnyPageTest {
    @TempDir
    private static Path kept;

    private static final PictureId BEFORE = new PictureId("p1");
    private static final PictureId AFTER = new PictureId("p2");

    private static final Reel FLOOR = Reel.named("Floor \"one\" & two")
            .withSlides(List.of(
                    Slide.of(new SlideId("s1"), new Carries.Pair(BEFORE, AFTER, "Found", "Laid", 0.5))
                            .withWords(new Words("The hall", "Laid in three weeks", "", "", "A floor of blue tiles")),
                    Slide.of(new SlideId("s2"), new Carries.Picture(BEFORE))
                            .withWords(new Words("", "", "", "", "The floor as it was found!"))));

    private static Material material(Reel reel) {
        Map<PictureId, PictureFacts> facts = Map.of(
                BEFORE, new PictureFacts(BEFORE, 1500, 1000, FocalPoint.CENTRE),
                AFTER, new PictureFacts(AFTER, 1500, 1000, FocalPoint.CENTRE));
        Map<PictureId, PictureFiles> files = new LinkedHashMap<>();
        facts.keySet()
                .forEach(picture -> files.put(
                        picture,
                        PictureFiles.of(List.of(
                                new PictureFiles.File(320, "/f/" + picture + "a.webp"),
                                new PictureFiles.File(960, "/f/" + picture + "b.webp")))));
        PictureFiles first = PictureFiles.of(List.of(new PictureFiles.File(960, "/r/floor/first-960.webp")));
        return new Material(reel, new Facts(facts, Map.of(), (text, bold, size) -> size), files, first);
    }

    private static Reel in(Reel reel, String language) {
        return reel.withChoices(reel.choices().with(Options.LANGUAGE, null, new Language(language)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"en", "de", "fr", "es", "it", "nl", "pt", "pl", "sv", "da", "nb", "fi", "ar", "he"})
    void everyLanguageSaysEverythingInItsOwnWords(String language) {
        Spoken spoken = new Spoken(in(FLOOR, language));
        assertThat(Spoken.knows(new Language(language))).isTrue();
        for (Phrase phrase : Phrase.values()) {
            assertThat(spoken.say(phrase)).as(phrase.word()).isNotBlank();
        }
        assertThat(spoken.say(Phrase.POSITION)).containsOnlyOnce("{n}").containsOnlyOnce("{count}");
        assertThat(spoken.say(Phrase.PREVIOUS)).isNotEqualTo(spoken.say(Phrase.NEXT));
        assertThat(spoken.say(Phrase.PAUSE)).isNotEqualTo(spoken.say(Phrase.PLAY));
        String english = new Spoken(FLOOR).say(Phrase.DIVIDER);
        assertThat(spoken.say(Phrase.DIVIDER).equals(english)).isEqualTo(language.equals("en"));
    }

    @Test
    void aVarietySpeaksItsLanguageAnUnknownOneEnglishAndARewordingBoth() {
        assertThat(new Spoken(in(FLOOR, "de-AT")).say(Phrase.NEXT))
                .isEqualTo(new Spoken(in(FLOOR, "de")).say(Phrase.NEXT));
        assertThat(Spoken.knows(new Language("tlh"))).isFalse();
        assertThat(new Spoken(in(FLOOR, "tlh")).say(Phrase.NEXT)).isEqualTo(new Spoken(FLOOR).say(Phrase.NEXT));
        Reel reworded = in(FLOOR, "de");
        reworded = reworded.withChoices(
                reworded.choices().with(Options.wording(Phrase.POSITION), null, "{n}. von {count}"));
        assertThat(new Spoken(reworded).position(2, 9)).isEqualTo("2. von 9");
        assertThat(FragmentWriter.write(material(reworded), "v").html())
                .contains("1. von 2", new Spoken(reworded).say(Phrase.DIVIDER));
    }

    @Test
    void nothingThatAPageSaysOverridesTheSnippetsStyles() {
        Snippet snippet = new Snippet(material(FLOOR), "https://reels.fennock.example", "floor");
        for (String code : List.of(snippet.element(), snippet.frame())) {
            Document page = Jsoup.parseBodyFragment(code);
            assertThat(page.select("[style]")).hasSizeGreaterThanOrEqualTo(3);
            for (Element styled : page.select("[style]")) {
                assertThat(styled.attr("style").split(";")).allMatch(one -> one.endsWith("!important"));
            }
        }
        Document frame = Jsoup.parseBodyFragment(snippet.frame());
        assertThat(frame.select("iframe").attr("title")).isEqualTo("Floor \"one\" & two");
        assertThat(frame.select("iframe").attr("src")).isEqualTo("https://reels.fennock.example/r/floor");
        assertThat(frame.html()).contains(snippet.reserved());
    }

    @Test
    void theElementForStrictPagesHasNoStyles() {
        Snippet snippet = new Snippet(material(FLOOR), "https://reels.fennock.example", "floor");
        Document page = Jsoup.parseBodyFragment(snippet.plainElement());
        assertThat(page.select("[style], style, [onerror]")).isEmpty();
        Element link = page.select("keen-reel[src='https://reels.fennock.example/r/floor'] > a")
                .first();
        assertThat(link.select("img[alt='']")).hasSize(1);
        assertThat(link.text()).isEqualTo("Floor \"one\" & two: A floor of blue tiles");
        assertThat(page.select("script").attr("src")).isEqualTo("https://reels.fennock.example/reel.js");
    }

    @Test
    void aFirstSlideWithoutAPictureIsALinkWithTheReelsName() {
        Reel colour = FLOOR.withSlides(List.of(Slide.of(new SlideId("s1"), new Carries.Plain(new Colour("#204060")))));
        Document page = Jsoup.parseBodyFragment(new Snippet(material(colour), "", "floor").element());
        assertThat(page.select("img")).isEmpty();
        assertThat(page.select("keen-reel > a").text()).isEqualTo("Floor \"one\" & two");
    }

    @Test
    void machinesReadTheNameADescriptionAPreviewAndEveryPictureWithItsWords() {
        About about = About.of(material(in(FLOOR, "ar")));
        assertThat(about.name()).isEqualTo("Floor \"one\" & two");
        assertThat(about.description()).isEqualTo("The hall: Laid in three weeks. The floor as it was found!");
        assertThat(about.preview()).isEqualTo(Base.MARK + "/r/floor/first-960.webp");
        assertThat(about.language() + " " + about.direction()).isEqualTo("ar rtl");
        JsonNode images = Json.MAPPER.readTree(about.data()).path("image");
        assertThat(images).hasSize(3);
        assertThat(images.path(0).path("contentUrl").asString()).endsWith("p1b.webp");
        assertThat(images.path(0).has("name")).as("a pair's words stand once").isFalse();
        assertThat(images.path(1).path("name").asString()).isEqualTo("The hall");
        assertThat(images.path(1).path("caption").asString()).isEqualTo("Laid in three weeks");
        assertThat(images.path(1).path("width").asInt()).isEqualTo(960);
        assertThat(images.path(1).path("height").asInt()).isEqualTo(640);
        assertThat(images.path(2).path("description").asString()).isEqualTo("The floor as it was found!");
    }

    @Test
    void aLongDescriptionEndsWithASentenceAndAVeryLongSentenceIsCut() {
        String sentence = "Ninety characters are in this sentence, which says little about any of the floors here..";
        List<Slide> slides = java.util.stream.IntStream.range(0, 4)
                .mapToObj(i -> Slide.of(new SlideId("s" + i), new Carries.Picture(BEFORE))
                        .withWords(Words.NONE.with(Words.Field.TITLE, i + sentence)))
                .toList();
        assertThat(About.of(material(FLOOR.withSlides(slides))).description())
                .isEqualTo("0" + sentence + " 1" + sentence);
        Slide one = slides.get(0).withWords(Words.NONE.with(Words.Field.TITLE, "x".repeat(200)));
        assertThat(About.of(material(FLOOR.withSlides(List.of(one)))).description())
                .hasSize(200)
                .endsWith("x…");
    }

    @Test
    void theFolderHasAllItNamesAndNamesNothingOutside() throws IOException {
        Folder folder = new Folder(material(FLOOR), new java.util.TreeMap<>(), "floor");
        byte[] zip = zip(folder);
        assertThat(zip(folder)).as("the same reel, the same bytes").isEqualTo(zip);
        Map<String, String> entries = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        assertThat(entries.keySet())
                .containsExactly(
                        "floor/index.html",
                        "floor/type.css",
                        "floor/player.js",
                        "floor/reel.js",
                        "floor/read me.txt",
                        "floor/pictures/1-320.webp",
                        "floor/pictures/1-960.webp",
                        "floor/pictures/2-320.webp",
                        "floor/pictures/2-960.webp");
        assertThat(entries.get("floor/pictures/2-960.webp")).isEqualTo("bytes of /f/p2b.webp");
        String page = entries.get("floor/index.html");
        assertThat(page).doesNotContain(Base.MARK, "/f/", "http:").contains("pictures/2-960.webp 960w");
        assertThat(page.replace("https://schema.org", "")).doesNotContain("https:");
        assertThat(entries.get("floor/type.css")).contains("data:font/woff2;base64,");
    }

    private static byte[] zip(Folder folder) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        folder.zip(out, address -> {
            try {
                return Files.writeString(Files.createTempFile(kept, "", ""), "bytes of " + address);
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        });
        return out.toByteArray();
    }
}
