package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.store.Backup;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Data folders of every release, kept as backups, open for ever: their reels are read, edited, undone and published. */
@Tag("processes")
class ReleasesTest {
    private static final Path RELEASES = Path.of("src/test/resources/releases");

    static List<Path> releases() throws IOException {
        try (Stream<Path> all = Files.list(RELEASES)) {
            return all.sorted().toList();
        }
    }

    @ParameterizedTest
    @MethodSource("releases")
    void aDataFolderOfEveryReleaseOpens(Path release) throws Exception {
        try (OwnApplication application = new OwnApplication()) {
            unzip(release, application.data());
            application.start();
            Document list = Jsoup.parse(application.text("/reels"));
            assertThat(list.select(".reel-row")).hasSizeGreaterThanOrEqualTo(4);
            assertThat(list.select(".mark.closed")).isEmpty();
            assertThat(list.select(".mark.live"))
                    .as("what was live is live, and nothing of it has changed")
                    .hasSize(2);
            String live = application.text("/r/banner-of-a-release/fragment");
            assertThat(live).contains("Said on a slide");
            for (String id : list.select(".reel-row").eachAttr("data-reel")) {
                JsonNode parts = application.ask("GET", "/reels/" + id + "/parts?window=w", null);
                long revision = parts.path("revision").asLong();
                String edit = "'editId':'%s','window':'w','on':9999";
                application.ask(
                        "POST",
                        "/reels/" + id + "/edits",
                        "{" + edit.formatted("e1") + ",'edit':{'kind':'rename','name':'Another name'}}");
                application.ask("POST", "/reels/" + id + "/undo", "{" + edit.formatted("e2") + "}");
                JsonNode after = application.ask("GET", "/reels/" + id + "/parts?window=w", null);
                assertThat(after.path("revision").asLong()).isEqualTo(revision + 2);
                // what its own window did is undone to the start
                for (int i = 0; i < revision - 1; i++) {
                    application.ask(
                            "POST", "/reels/" + id + "/undo", "{'editId':'u" + i + "','window':'maker','on':9999}");
                }
                application.ask("POST", "/reels/" + id + "/publication", "{}");
            }
        }
    }

    /** Makes the data folder of this release, for a release: a name such as 1.0. */
    public static void main(String[] args) throws Exception {
        try (OwnApplication application = new OwnApplication()) {
            application.start();
            String[] pictures = new String[6];
            for (int i = 0; i < pictures.length; i++) {
                pictures[i] = application
                        .ask("POST", "/pictures?name=tile-" + i + ".png", tile(i))
                        .path("id")
                        .asString();
            }
            String banner = made(application, "Banner of a release", "banner", pictures);
            edit(application, banner, "'kind':'choose','option':'shape.ratio','setUp':'phone','value':'1:1'");
            String first = slide(application, banner, 0);
            edit(application, banner, "'kind':'say','slide':'" + first + "','field':'title','text':'Said on a slide'");
            edit(application, banner, "'kind':'hold','slide':'" + first + "','hold':6500");
            edit(
                    application,
                    banner,
                    "'kind':'first-day','slide':'" + slide(application, banner, 1) + "','day':'2027-01-04'");
            edit(
                    application,
                    banner,
                    "'kind':'look','slide':'" + first + "','setUp':'phone','focal':{'x':0.2,'y':0.8}");
            String row = made(application, "Row of a release", "row", pictures);
            edit(
                    application,
                    row,
                    "'kind':'carry','slide':'" + slide(application, row, 2) + "','carries':{'before':'" + pictures[0]
                            + "','after':'" + pictures[1] + "'}");
            edit(
                    application,
                    row,
                    "'kind':'side-name','slide':'" + slide(application, row, 2) + "','side':'before','name':'Found'");
            edit(application, row, "'kind':'remove','slide':'" + slide(application, row, 0) + "'");
            made(application, "Band of a release", "marquee", pictures);
            String set = application
                    .ask(
                            "POST",
                            "/pictures/sets",
                            "{'name':'Followed','pictures':['" + pictures[3] + "','" + pictures[1] + "']}")
                    .path("id")
                    .asString();
            String follows = made(application, "Set of a release", "banner", pictures[0]);
            edit(
                    application,
                    follows,
                    "'kind':'follow','follows':{'set':'" + set + "','order':'by_name','most':9,'byItself':false}");
            for (String live : List.of(banner, row)) {
                application.ask("POST", "/reels/" + live + "/publication", "{}");
            }
            application.ask("POST", "/practice", "{'title':'Page of a release'}");
            application.kill();
            Files.createDirectories(RELEASES);
            try (OutputStream to = Files.newOutputStream(RELEASES.resolve(args[0] + ".zip"))) {
                Backup.ofUnused(application.data(), to);
            }
        }
    }

    /** As that release left it: it is the application that brings it to this release. */
    private static void unzip(Path release, Path folder) throws IOException {
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(release))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                Path to = folder.resolve(entry.getName());
                Files.createDirectories(to.getParent());
                Files.copy(zip, to);
            }
        }
    }

    private static String made(OwnApplication application, String name, String starter, String... pictures)
            throws Exception {
        String request = "{'name':'" + name + "','starter':'" + starter
                + "','slot':'full','window':'maker','pictures':['" + String.join("','", pictures) + "']}";
        return application.ask("POST", "/reels", request).path("id").asString();
    }

    private static String slide(OwnApplication application, String reel, int which) throws Exception {
        return application
                .ask("GET", "/reels/" + reel + "/slides", null)
                .path(which)
                .asString();
    }

    private static void edit(OwnApplication application, String reel, String edit) throws Exception {
        String id = java.util.UUID.randomUUID().toString();
        application.ask(
                "POST",
                "/reels/" + reel + "/edits",
                "{'window':'maker','editId':'" + id + "','on':9999,'edit':{" + edit + "}}");
    }

    private static byte[] tile(int which) throws IOException {
        BufferedImage image = new BufferedImage(320, 200, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(0x204060 + 0x1a0c08 * which));
        graphics.fillRect(0, 0, 320, 200);
        graphics.setColor(Color.WHITE);
        graphics.fillOval(40 * which, 40, 90, 90);
        graphics.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }
}
