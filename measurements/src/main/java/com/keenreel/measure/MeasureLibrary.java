package com.keenreel.measure;

import com.keenreel.app.Editor;
import com.keenreel.app.Running;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * How long the library's page takes with 200 and with 5,000 pictures in 20 sets, every third of them in a reel; and
 * whether very large files that come together are worked on within this process's heap of 1 GB.
 */
final class MeasureLibrary {
    private static final int ROUNDS = Figures.times(60, 2);

    private final Figures figures;
    private final HttpClient http = HttpClient.newHttpClient();

    private MeasureLibrary(Figures figures) {
        this.figures = figures;
    }

    public static void main(String[] args) {
        Figures.of(MeasureLibrary::measure);
    }

    /** Measures it. */
    static void measure(Figures figures) throws Exception {
        new MeasureLibrary(figures).run();
    }

    private void run() throws Exception {
        try (Editor editor = new Editor()) {
            editor.make("Measured", "banner", "full", "plate-01-quatrefoil.jpg").publish(); // waits for the picture
        }
        String database =
                "jdbc:sqlite:" + Running.application().settings().data().resolve("keen-reel.db");
        large();
        double few;
        double many;
        try (Connection connection = DriverManager.getConnection(database)) {
            for (int set = 1; set <= 20; set++) {
                change(connection, "INSERT INTO picture_set VALUES ('l" + set + "', 'Set " + set + "', 0)");
            }
            fill(connection, 1, 200);
            few = page();
            fill(connection, 201, 5000);
            many = page();
        }
        figures.reported("picture-page.200", few, "ms, median");
        figures.reported("picture-page.5000", many, "ms, median");
        figures.atMost("picture-page.ratio", many / few, "of the time", 1.5);
    }

    /** One file of 120 megapixels and ten of 24, all waiting at once. */
    private void large() throws Exception {
        Path folder = Running.temporaryFolder();
        long start = System.nanoTime();
        try (Editor editor = new Editor()) {
            List<String> waiting = new ArrayList<>();
            for (int i = 0; i <= Figures.times(10, 0); i++) {
                Path file = folder.resolve(i + ".jpg");
                String painted =
                        "../samples/pictures/" + (i == 0 ? "banner-workshop-day" : "commission-0" + (i % 9 + 1));
                String size = i == 0
                        ? Figures.times(12000, 1200) + "x" + Figures.times(10000, 1000) + "!"
                        : (6000 + i) + "x4000!";
                Process vips = new ProcessBuilder(
                                "vipsthumbnail", painted + ".jpg", "--size", size, "-o", file + "[Q=85]")
                        .start();
                if (vips.waitFor() != 0) {
                    throw new IllegalStateException("vipsthumbnail made no large file.");
                }
                waiting.add(editor.send("POST", "/pictures?name=" + i + ".jpg", Files.readAllBytes(file))
                        .path("id")
                        .asString());
            }
            String ids = "[\"" + String.join("\",\"", waiting) + "\"]";
            int ready = 0;
            while (ready < waiting.size()) {
                Thread.sleep(500);
                ready = 0;
                for (JsonNode state : editor.send("POST", "/pictures/states", ids)) {
                    if (state.path("state").asString().equals("failed")) {
                        throw new IllegalStateException(state.path("problem").asString());
                    }
                    ready += state.path("state").asString().equals("ready") ? 1 : 0;
                }
            }
        } finally {
            Running.delete(folder);
        }
        figures.reported("large-files.time", (System.nanoTime() - start) / 1e9, "s, with making them");
        figures.atMost(
                "large-files.heap", Runtime.getRuntime().totalMemory() / 1e6, "MB of heap taken at the end", 1074);
    }

    private static void change(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.executeUpdate(sql);
        }
    }

    /** The one picture that is there, once more under other names. */
    private static void fill(Connection connection, int from, int to) throws SQLException {
        String numbers =
                "WITH RECURSIVE n(i) AS (SELECT " + from + " UNION ALL SELECT i + 1 FROM n WHERE i < " + to + ") ";
        change(
                connection,
                "INSERT INTO picture (id, name, title, alt, sought, added_at) " + numbers
                        + "SELECT 'm' || i, 'measured-' || i || '.jpg', 'Measured ' || i,"
                        + " CASE WHEN i % 4 = 0 THEN '' ELSE 'Tiles' END, 'measured-' || i || '.jpg', i FROM n");
        change(
                connection,
                "INSERT INTO picture_version (picture_id, sha256, format, width, height, state, added_at, bytes, traits) "
                        + numbers + "SELECT 'm' || i, v.sha256, v.format, v.width + 40 * (i % 9), v.height, v.state, i,"
                        + " 400000, v.traits FROM n, (SELECT * FROM picture_version WHERE id = 1) v");
        change(
                connection,
                "UPDATE picture SET version_id = (SELECT max(id) FROM picture_version WHERE picture_id = picture.id)"
                        + " WHERE version_id IS NULL");
        change(
                connection,
                "INSERT INTO member (set_id, picture_id, position) " + numbers
                        + "SELECT 'l' || (1 + i % 20), 'm' || i, i FROM n");
        change(
                connection,
                "INSERT INTO reel_picture (reel_id, picture_id) " + numbers
                        + "SELECT (SELECT id FROM reel LIMIT 1), 'm' || i FROM n WHERE i % 3 = 0");
    }

    private double page() throws Exception {
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create(Running.application().origin() + "/pictures"))
                .header("Cookie", Running.application().keyCookie())
                .build();
        double[] took = new double[ROUNDS];
        for (int i = -ROUNDS; i < ROUNDS; i++) {
            long start = System.nanoTime();
            HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200 || !answer.body().contains("data-picture")) {
                throw new IllegalStateException("The page answered " + answer.statusCode() + ".");
            }
            took[Math.max(0, i)] = (System.nanoTime() - start) / 1e6;
        }
        return Figures.median(took);
    }
}
