package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.player.ReelMaker;
import com.keenreel.player.Wait;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Arrays;
import java.util.function.Supplier;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Files as they are really brought. */
@Tag("browser")
class PicturesOverHttpTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private JsonNode bring(String name, byte[] bytes) {
        return editor.send("POST", "/pictures?name=" + name, bytes);
    }

    /** A picture that was brought, once it is made ready or refused. */
    private JsonNode worked(JsonNode picture) {
        String asked = "[\"" + picture.path("id").asString() + "\"]";
        Supplier<JsonNode> now =
                () -> editor.send("POST", "/pictures/states", asked).path(0);
        Wait.until("it is made ready", () -> !now.get().path("state").asString().equals("waiting"));
        return now.get();
    }

    private static byte[] drawn(String format, int type, int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, type);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(200, 60, 30));
        graphics.fillOval(10, 10, width - 20, height - 20);
        graphics.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, format, bytes);
        return bytes.toByteArray();
    }

    @ParameterizedTest
    @CsvSource({
        "commission-06.jpg, 1200, 1500",
        "commission-09.jpg, 1600, 1200",
        "frieze-panorama.jpg, 3200, 900",
        "logos/mosscapel.svg, 160, 300"
    })
    void demonstrationFilesComeUprightAndReady(String file, int width, int height) throws Exception {
        JsonNode picture =
                worked(bring(file.replaceAll(".*/", ""), Files.readAllBytes(ReelMaker.PICTURES.resolve(file))));
        assertThat(picture.path("state").asString()).isEqualTo("ready");
        assertThat(picture.path("width").asInt()).isEqualTo(width);
        assertThat(picture.path("height").asInt()).isEqualTo(height);
        assertThat(picture.path("thumbnail").asString()).startsWith("/pictures/versions/");
        assertThat(picture.path("alt").asString())
                .as("a file name is never an alt text")
                .doesNotContain(file.replaceAll(".*/|\\..*", ""));
    }

    @Test
    void transparentPicturesStayTransparent() throws Exception {
        JsonNode picture = worked(bring("seal.png", drawn("png", BufferedImage.TYPE_INT_ARGB, 500, 400)));
        assertThat(picture.path("state").asString()).isEqualTo("ready");
        var page = editor.open("/help");
        Object corner = page.evaluate("""
                async (address) => {
                  const image = new Image();
                  image.src = address;
                  await image.decode();
                  const canvas = new OffscreenCanvas(image.naturalWidth, image.naturalHeight).getContext('2d');
                  canvas.drawImage(image, 0, 0);
                  const middle = canvas.getImageData(image.naturalWidth / 2, image.naturalHeight / 2, 1, 1).data;
                  return [image.naturalWidth, canvas.getImageData(0, 0, 1, 1).data[3], middle[3], middle[0]].join();
                }""", picture.path("thumbnail").asString());
        String[] values = String.valueOf(corner).split(",");
        assertThat(values[0]).isEqualTo("320");
        assertThat(Integer.parseInt(values[1])).as("the corner").isZero();
        assertThat(Integer.parseInt(values[2])).as("the middle").isEqualTo(255);
        assertThat(Integer.parseInt(values[3])).as("its red").isBetween(194, 206);
    }

    @Test
    void aSmallPictureIsNeverEnlarged() throws Exception {
        JsonNode picture = worked(bring("small.png", drawn("png", BufferedImage.TYPE_INT_RGB, 120, 90)));
        assertThat(picture.path("thumbnail").asString()).endsWith("/120.webp");
    }

    @Test
    void whatIsNoPictureIsRefusedWithASentenceAndTheNextGoesOn() throws Exception {
        byte[] photograph = Files.readAllBytes(ReelMaker.PICTURES.resolve("plate-01-quatrefoil.jpg"));
        assertThatThrownBy(() -> bring("empty.jpg", new byte[0])).hasMessageContaining("The file is empty.");
        assertThatThrownBy(
                        () -> bring("letter.jpg", "Dear workshop, ".repeat(50).getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("This is not a JPEG, PNG, WebP, GIF, TIFF or SVG picture.");
        assertThatThrownBy(() ->
                        bring("page.svg", "<html><body>no drawing</body></html>".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("not a JPEG");
        assertThatThrownBy(() -> bring("size.svg", "<svg><rect/></svg>".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("does not say how large it is");
        assertThatThrownBy(() -> bring("head.jpg", Arrays.copyOf(photograph, 12)))
                .hasMessageContaining("The file is cut off");
        assertThat(worked(bring("plate.jpg", photograph)).path("state").asString())
                .isEqualTo("ready");
    }

    @Test
    void aFileThatIsTooLargeIsRefusedWithoutBreakingTheConnection() throws Exception {
        byte[] large = new byte[62 * 1024 * 1024];
        large[0] = (byte) 0xFF;
        large[1] = (byte) 0xD8;
        large[2] = (byte) 0xFF;
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create(Running.application().origin() + "/pictures?name=large.jpg"))
                .header(
                        "Cookie",
                        "XSRF-TOKEN=" + editor.token() + "; "
                                + Running.application().keyCookie())
                .header("X-XSRF-TOKEN", editor.token())
                .header("Accept", "application/json")
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(large))
                .build();
        HttpResponse<String> answer = HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("60 MB are the most");
    }

    @Test
    void aPictureThatIsCutOffFailsWithASentenceAndLeavesTheLibrary() throws Exception {
        byte[] png = drawn("png", BufferedImage.TYPE_INT_RGB, 900, 700);
        JsonNode picture = bring("cut.png", Arrays.copyOf(png, png.length * 2 / 3));
        JsonNode state = worked(picture);
        assertThat(state.path("state").asString()).isEqualTo("failed");
        assertThat(state.path("problem").asString()).startsWith("The file is broken.");
        assertThat(editor.open("/pictures").content()).doesNotContain("cut.png");
    }

    @Test
    void whatTheDiskRefusesIsSaidAndCanBeBroughtAgain() throws Exception {
        java.nio.file.Path files = Running.application().settings().data().resolve("files");
        byte[] png;
        java.nio.file.Path place;
        int width = 60;
        do {
            png = drawn("png", BufferedImage.TYPE_INT_RGB, width++, 77);
            byte[] digest = java.security.MessageDigest.getInstance("SHA-256").digest(png);
            place = files.resolve("%02x".formatted(digest[0]));
        } while (Files.exists(place));
        Files.createDirectories(files);
        Files.createFile(place); // where its folder would be
        byte[] refused = png;
        try {
            assertThatThrownBy(() -> bring("no-room.png", refused))
                    .hasMessageContaining("cannot be written to")
                    .hasMessageContaining("This was not kept");
            assertThat(editor.send("POST", "/pictures/states", "[]").size()).isZero();
        } finally {
            Files.delete(place);
        }
        assertThat(worked(bring("no-room.png", png)).path("state").asString()).isEqualTo("ready");
    }

    @Test
    void aDrawingIsCleanedBeforeItIsKept() throws Exception {
        String svg =
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 20'><script>alert(1)</script><rect width='40' height='20' onclick='alert(2)'/></svg>";
        JsonNode picture = worked(bring("mark.svg", svg.getBytes(StandardCharsets.UTF_8)));
        var page = editor.open("/help");
        String kept = String.valueOf(page.evaluate(
                "async (address) => (await fetch(address)).text()",
                picture.path("thumbnail").asString()));
        assertThat(kept).contains("<rect").doesNotContain("alert", "script", "onclick");
    }

    @Test
    void wordsOfAPictureServeEverySlideThatSaysNothingElse() {
        String id = editor.picture("plate-02-eight-star.jpg");
        editor.send(
                "PUT",
                "/pictures/" + id + "/words",
                "{\"title\":\"Eight stars\",\"caption\":\"Plate 2\",\"alt\":\"Orange stars on green\"}");
        Editor.Made reel = editor.make("Words of a picture", "row", "full", "plate-02-eight-star.jpg");
        String html = editor.send("GET", "/reels/" + reel.id + "/parts?window=w", null)
                .path("shows")
                .path("fragment")
                .path("html")
                .asString();
        assertThat(html).contains("Eight stars", "Plate 2", "alt=\"Orange stars on green\"");
        reel.say(reel.slides().get(0), "title", "");
        String silent = editor.send("GET", "/reels/" + reel.id + "/parts?window=w", null)
                .path("shows")
                .path("fragment")
                .path("html")
                .asString();
        assertThat(silent).doesNotContain("Eight stars").contains("Plate 2");
    }
}
