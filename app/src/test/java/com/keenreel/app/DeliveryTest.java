package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Kinds;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What visitors' browsers and caches are given. */
@Tag("browser")
class DeliveryTest {
    private static final String ORIGIN = Running.application().origin();

    private final Editor editor = new Editor();
    private final HttpClient http = HttpClient.newHttpClient();

    @AfterEach
    void leave() {
        editor.close();
    }

    private HttpResponse<byte[]> get(String path, String... headers) throws Exception {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(path.startsWith("http") ? path : ORIGIN + path));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return http.send(request.GET().build(), BodyHandlers.ofByteArray());
    }

    private static String tag(HttpResponse<?> answer) {
        return answer.headers().firstValue("ETag").orElse("");
    }

    private JsonNode fragment(String slug) throws Exception {
        return Editor.JSON.readTree(new String(get("/r/" + slug + "/fragment").body(), StandardCharsets.UTF_8));
    }

    @Test
    void theLiveAddressIsRevalidatedAndARepublishIsSeenAtOnce() throws Exception {
        Made reel = editor.make("Revalidated", "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
        reel.publish();
        for (String path : List.of("/r/revalidated", "/r/revalidated/fragment")) {
            HttpResponse<byte[]> first = get(path);
            assertThat(first.headers().firstValue("Cache-Control")).contains("public, no-cache");
            assertThat(get(path, "If-None-Match", tag(first)).statusCode())
                    .as(path)
                    .isEqualTo(304);
        }
        String before = tag(get("/r/revalidated/fragment"));
        reel.choose("motion.hold", null, "7.5");
        assertThat(tag(get("/r/revalidated/fragment")))
                .as("an edit is not a publication")
                .isEqualTo(before);
        reel.publish();
        HttpResponse<byte[]> now = get("/r/revalidated/fragment", "If-None-Match", before);
        assertThat(now.statusCode()).isEqualTo(200);
        assertThat(fragment("revalidated").path("plan").path("holds").path(0).asLong())
                .isEqualTo(7500);
    }

    @Test
    void publishingTheSameAgainIsTheSamePublicationAndGoingBackFindsIt() throws Exception {
        Made reel = editor.make("Same again", "banner", "full", "banner-glaze-bench.jpg");
        String first = reel.publish().path("publication").asString();
        assertThat(reel.publish().path("publication").asString()).isEqualTo(first);
        reel.choose("shape.ratio", null, "2:1");
        assertThat(reel.publish().path("publication").asString()).isNotEqualTo(first);
        reel.choose("shape.ratio", null, "12:5");
        assertThat(reel.publish().path("publication").asString()).isEqualTo(first);
    }

    @Test
    void everythingAFragmentNamesIsThereForGoodAndForEveryone() throws Exception {
        Made reel = Kinds.row(editor);
        String slug = reel.publish().path("slug").asString();
        JsonNode fragment = fragment(slug);
        List<String> addresses = new ArrayList<>(List.of(fragment.path("player").asString()));
        fragment.path("type").forEach(face -> addresses.add(face.path("address").asString()));
        Matcher named = Pattern.compile(ORIGIN + "/f/[0-9a-f]{64}\\.[a-z0-9]+")
                .matcher(fragment.path("html").asString());
        while (named.find()) {
            addresses.add(named.group());
        }
        assertThat(addresses).hasSizeGreaterThan(15).allMatch(address -> address.startsWith(ORIGIN + "/f/"));
        for (String address : addresses) {
            HttpResponse<byte[]> file = get(address);
            assertThat(file.statusCode()).as(address).isEqualTo(200);
            assertThat(file.headers().firstValue("Cache-Control")).contains("public, max-age=31536000, immutable");
            assertThat(file.headers().firstValue("Access-Control-Allow-Origin")).contains("*");
            assertThat(com.keenreel.publish.PlayerFiles.sha256(file.body()))
                    .as("named by its content")
                    .isEqualTo(address.replaceAll(".*/f/|\\..*$", ""));
        }
    }

    @Test
    void theFirstPictureOfSnippetAndFragmentIsOneAndTheSame() throws Exception {
        Made reel = editor.make("First picture", "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg");
        String snippet = reel.publish().path("element").asString();
        String inSnippet = Jsoup.parse(snippet).select("img").attr("srcset");
        String inFragment = Jsoup.parse(fragment("first-picture").path("html").asString())
                .select("img.picture-1")
                .attr("srcset");
        assertThat(inSnippet)
                .isEqualTo(inFragment)
                .contains("/r/first-picture/first-320.webp 320w", "/first-2000.webp 2000w");
        HttpResponse<byte[]> picture = get("/r/first-picture/first-640.webp");
        assertThat(picture.headers().firstValue("Content-Type")).contains("image/webp");
        assertThat(get("/r/first-picture/first-640.webp", "If-None-Match", tag(picture))
                        .statusCode())
                .isEqualTo(304);
    }

    @Test
    void whatIsTakenDownOrUnknownAnswersWithNothingAndComesBack() throws Exception {
        Made reel = editor.make("Down", "banner", "full", "banner-glaze-bench.jpg");
        reel.publish();
        editor.send("DELETE", "/reels/" + reel.id + "/publication", null);
        for (String slug : List.of("down", "never-was")) {
            assertThat(get("/r/" + slug).statusCode()).isEqualTo(200);
            assertThat(new String(get("/r/" + slug).body(), StandardCharsets.UTF_8))
                    .doesNotContain("<img", "keen-reel src");
            assertThat(fragment(slug).path("html").asString()).isEmpty();
            assertThat(fragment(slug).path("player").asString()).isEmpty();
            assertThat(get("/r/" + slug + "/first-640.webp").statusCode()).isEqualTo(200);
        }
        reel.publish();
        assertThat(fragment("down").path("html").asString()).contains("picture-1");
    }

    @Test
    void codeForAnotherPictureStillGetsTheFirstOneThatIsThere() throws Exception {
        Made reel = editor.make("Other widths", "banner", "full", "banner-glaze-bench.jpg");
        reel.publish();
        byte[] widest = get("/r/other-widths/first-2000.webp").body();
        assertThat(get("/r/other-widths/first-1920.webp").body())
                .as("the next wider")
                .isEqualTo(widest);
        assertThat(get("/r/other-widths/first-4000.webp").body())
                .as("the widest")
                .isEqualTo(widest);
        assertThat(get("/r/other-widths/first-4000.png").body())
                .as("another format")
                .isEqualTo(widest);
        assertThat(get("/r/other-widths/first-4000.jpg").headers().firstValue("Content-Type"))
                .as("the fallback")
                .contains("image/jpeg");
        assertThat(get("/r/other-widths/second-1.webp").statusCode()).isEqualTo(404);
    }

    @Test
    void textIsPackedForThoseWhoTakeItAndNamedApart() throws Exception {
        editor.make("Packed", "banner", "full", "banner-glaze-bench.jpg").publish();
        HttpResponse<byte[]> plain = get("/r/packed");
        HttpResponse<byte[]> packed = get("/r/packed", "Accept-Encoding", "br, gzip");
        assertThat(packed.headers().firstValue("Content-Encoding")).contains("gzip");
        assertThat(packed.body().length).isLessThan(plain.body().length / 2);
        assertThat(new java.util.zip.GZIPInputStream(new java.io.ByteArrayInputStream(packed.body())).readAllBytes())
                .isEqualTo(plain.body());
        assertThat(packed.headers().firstValue("Vary")).contains("Accept-Encoding");
        assertThat(tag(packed)).isNotEqualTo(tag(plain));
        assertThat(get("/r/packed", "Accept-Encoding", "gzip", "If-None-Match", tag(packed))
                        .statusCode())
                .isEqualTo(304);
        assertThat(get("/r/packed", "If-None-Match", "W/" + tag(plain) + ", \"other\"")
                        .statusCode())
                .as("as a cache may send it")
                .isEqualTo(304);
        assertThat(get("/r/packed", "If-None-Match", tag(packed)).statusCode())
                .as("the packed one is another")
                .isEqualTo(200);
    }

    @Test
    void thePageAtTheAddressTellsMachinesWhatItShows() throws Exception {
        Made reel = Kinds.single(editor);
        String slug = reel.publish().path("slug").asString();
        Document page = Jsoup.parse(new String(get("/r/" + slug).body(), StandardCharsets.UTF_8));
        assertThat(page.title()).isEqualTo("Banner of the kinds");
        assertThat(page.select("meta[name=description]").attr("content"))
                .startsWith("Try the glaze bench: Mix two glazes, paint a tile.")
                .hasSizeLessThanOrEqualTo(200);
        String preview = page.select("meta[property=og:image]").attr("content");
        assertThat(preview).startsWith(ORIGIN + "/r/" + slug + "/first-");
        assertThat(get(preview).headers().firstValue("Content-Type"))
                .as("programs that show previews know it")
                .contains("image/jpeg");
        JsonNode data = Editor.JSON.readTree(
                page.select("script[type=application/ld+json]").first().data());
        assertThat(data.path("@type").asString()).isEqualTo("ImageGallery");
        assertThat(data.path("image").size()).isEqualTo(3);
        JsonNode first = data.path("image").path(0);
        assertThat(first.path("name").asString()).isEqualTo("Try the glaze bench");
        assertThat(first.path("caption").asString()).isEqualTo("Mix two glazes, paint a tile.");
        assertThat(get(first.path("contentUrl").asString()).statusCode()).isEqualTo(200);
        assertThat(fragment(slug).path("data").asString())
                .as("the element brings the same")
                .isEqualTo(data.toString());
    }

    @Test
    void programsThatAreGivenTheAddressGetTheElement() throws Exception {
        Made reel = Kinds.pair(editor);
        JsonNode published = reel.publish();
        String address = published.path("address").asString();
        Document page = Jsoup.parse(new String(get(address).body(), StandardCharsets.UTF_8));
        String discovered = page.select("link[type=application/json+oembed]").attr("abs:href");
        assertThat(discovered).isEqualTo(ORIGIN + "/oembed?url=" + address);
        HttpResponse<byte[]> answer = get(discovered + "&maxwidth=500");
        assertThat(answer.headers().firstValue("Access-Control-Allow-Origin")).contains("*");
        JsonNode embed = Editor.JSON.readTree(new String(answer.body(), StandardCharsets.UTF_8));
        assertThat(embed.path("version").asString()).isEqualTo("1.0");
        assertThat(embed.path("type").asString()).isEqualTo("rich");
        assertThat(embed.path("html").asString())
                .isEqualTo(published.path("element").asString());
        assertThat(embed.path("width").asInt()).isEqualTo(500);
        double frame =
                reel.layout(500, "live").path("boxes").path(0).path("height").asDouble();
        assertThat(embed.path("height").asDouble()).isEqualTo(Math.rint(frame));
        assertThat(get(ORIGIN + "/oembed?url=" + ORIGIN + "/r/never-was").statusCode())
                .isEqualTo(404);
        assertThat(get(ORIGIN + "/oembed?url=https://elsewhere.example/r/x").statusCode())
                .isEqualTo(404);
        assertThat(get(discovered + "&format=xml").statusCode()).isEqualTo(501);
        assertThat(get(ORIGIN + "/oembed").statusCode()).isEqualTo(400);
    }

    @Test
    void thePublicAddressIsSetAndKeptAndRefusedWithASentence() throws Exception {
        Made reel = editor.make("Address", "banner", "full", "banner-glaze-bench.jpg");
        reel.publish();
        try {
            editor.publicAddress("https://reels.fennock.example/");
            assertThat(reel.publish().path("element").asString())
                    .contains(
                            "src=\"https://reels.fennock.example/r/address\"",
                            "src=\"https://reels.fennock.example/reel.js\"")
                    .doesNotContain(ORIGIN);
            assertThat(fragment("address").path("player").asString()).startsWith("https://reels.fennock.example/f/");
            assertThat(new String(get("/r/address").body(), StandardCharsets.UTF_8))
                    .contains("content=\"https://reels.fennock.example/r/address\"")
                    .doesNotContain("keen-reel-origin:");
            for (String wrong :
                    List.of("http://reels.fennock.example", "reels.fennock.example", "https://a.example/path")) {
                org.assertj.core.api.Assertions.assertThatThrownBy(() -> editor.publicAddress(wrong))
                        .hasMessageContaining("400")
                        .hasMessageContaining("https://");
            }
        } finally {
            editor.publicAddress("");
        }
        assertThat(fragment("address").path("player").asString()).startsWith(ORIGIN + "/f/");
    }

    @Test
    void unpublishedPicturesAreNotPublic() throws Exception {
        Made reel = editor.make("Unpublished", "banner", "full", "glaze-slate.jpg"); // nobody else publishes it
        String draft = editor.send("GET", "/reels/" + reel.id + "/parts?window=w", null)
                .path("shows")
                .path("fragment")
                .path("html")
                .asString();
        String address = Jsoup.parse(draft).select("img").attr("src");
        assertThat(address).startsWith("/pictures/versions/");
        HttpResponse<byte[]> picture =
                get(address, "Cookie", Running.application().keyCookie());
        assertThat(picture.statusCode()).isEqualTo(200);
        String sha256 = com.keenreel.publish.PlayerFiles.sha256(picture.body());
        assertThat(get("/f/" + sha256 + ".webp").statusCode())
                .as("before it is published")
                .isEqualTo(404);
        reel.publish();
        assertThat(get("/f/" + sha256 + ".webp").statusCode()).as("after").isEqualTo(200);
        assertThat(get("/f/" + sha256 + ".js").statusCode())
                .as("by another kind")
                .isEqualTo(404);
    }

    @Test
    void publishedPicturesCarryTheirCreditAndNoOtherMetadata() throws Exception {
        Made reel = editor.make("Places", "banner", "full", "half-shadow.jpg");
        reel.publish();
        for (int width : new int[] {320, 640, 960, 1600}) {
            byte[] file = get("/r/places/first-" + width + ".webp").body();
            String bytes = new String(file, StandardCharsets.ISO_8859_1);
            assertThat(bytes).startsWith("RIFF").doesNotContain("XMP ", "GPS", "108.25", "Half shadow");
            assertThat(com.keenreel.imaging.Received.look(file).words())
                    .isEqualTo(new com.keenreel.imaging.FileWords("", "", "", "Fennock Tileworks", null, 1));
        }
    }
}
