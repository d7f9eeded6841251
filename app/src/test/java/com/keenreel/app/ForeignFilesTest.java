package com.keenreel.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Files that the application does not read by itself: a browser decodes them, and they are kept as they were brought. */
@Tag("browser")
class ForeignFilesTest {
    private static final Path FILES = Path.of("src/test/resources/pictures");

    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        editor.close();
    }

    private static String sha256(byte[] bytes) throws Exception {
        return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    }

    private JsonNode known(byte[] bytes) throws Exception {
        return editor.send("POST", "/pictures/known", "[\"" + sha256(bytes) + "\"]")
                .path(sha256(bytes));
    }

    private byte[] kept(byte[] bytes) throws Exception {
        String name = sha256(bytes);
        return Files.readAllBytes(Running.application()
                .settings()
                .data()
                .resolve("files")
                .resolve(name.substring(0, 2))
                .resolve(name));
    }

    /** HEIC by the library, AVIF by the browser itself; what both say of themselves is read from the original. */
    @Test
    void whatAPhoneTakesIsShownAndKept() throws Exception {
        Page page = editor.open("/pictures");
        Locator rows = page.locator(".uploads li");
        for (String name : List.of("moss.heic", "moss.avif")) {
            byte[] file = Files.readAllBytes(FILES.resolve(name));
            page.locator(".list-head [type=file], .file [type=file]").first().setInputFiles(FILES.resolve(name));
            assertThat(rows.last()).hasClass("done");
            assertThat(rows.last()).containsText("240 × 300");
            JsonNode picture = known(file);
            assertThat(picture.path("caption").asString()).isEqualTo("Moss, the fourth firing");
            assertThat(picture.path("credit").asString()).isEqualTo("Ines Marrow");
            assertThat(picture.path("note").asString()).contains("is kept.");
            assertThat(kept(file)).isEqualTo(file);
            BufferedImage shown = shown(picture);
            assertThat(shown.getWidth()).isEqualTo(240);
            assertThat(mean(shown))
                    .as(name + " has the colours of the picture that it was made of")
                    .satisfies(mean -> {
                        double[] wanted = {124, 116, 59};
                        for (int i = 0; i < 3; i++) {
                            assertThat(mean[i]).isCloseTo(wanted[i], within(6.0));
                        }
                    });
        }
        page.reload();
        page.locator(".file [type=file]").first().setInputFiles(FILES.resolve("moss.heic"));
        assertThat(rows.last()).containsText("was here already");
        page.navigate(page.url() + "/"
                + known(Files.readAllBytes(FILES.resolve("moss.heic")))
                        .path("id")
                        .asString());
        assertThat(page.locator(".list-head")).containsText("Shown from a copy; the HEIC is kept.");
        assertThat(page.locator(".list-head")).containsText("taken 14 Mar 2026");
        page.locator("[data-turn='1']").click();
        assertThat(page.locator(".list-head")).containsText("300 × 240");
        assertThat(editor.problems()).isEmpty();
    }

    @Test
    void whatCannotBeReadSaysSoAndTheNextGoesOn() throws Exception {
        byte[] heic = Files.readAllBytes(FILES.resolve("moss.heic"));
        byte[] broken = java.util.Arrays.copyOf(heic, heic.length / 2);
        byte[] half = java.util.Arrays.copyOf(heic, 60);
        Page page = editor.open("/pictures");
        page.locator(".file [type=file]").first().setInputFiles(new FilePayload[] {
            new FilePayload("half.heic", "", half),
            new FilePayload("broken.avif", "image/avif", broken),
            new FilePayload("fine.heic", "image/heic", heic)
        });
        assertThat(page.locator(".uploads li.refused")).hasCount(2);
        assertThat(page.locator(".uploads li.refused .says").first()).containsText("save it as JPEG, and bring that.");
        assertThat(page.locator(".uploads li.done")).hasCount(1);
        assertThat(editor.problems()).isEmpty();
    }

    private BufferedImage shown(JsonNode picture) throws IOException {
        byte[] webp = editor.bytes(picture.path("thumbnail").asString());
        return ImageIO.read(new ByteArrayInputStream(webp));
    }

    private static double[] mean(BufferedImage image) {
        double[] sum = new double[3];
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int rgb = image.getRGB(x, y);
                for (int i = 0; i < 3; i++) {
                    sum[i] += rgb >> 16 - 8 * i & 0xFF;
                }
            }
        }
        for (int i = 0; i < 3; i++) {
            sum[i] /= image.getWidth() * image.getHeight();
        }
        return sum;
    }
}
