package com.keenreel.measure;

import com.keenreel.app.Editor;
import com.keenreel.app.Editor.Made;
import com.keenreel.app.Running;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How long the application takes when there is very much of everything: 2,000 reels of which 500 are live, 20,000
 * pictures, 5,000 revisions of one reel, and a reel of 500 slides; and how large a data folder is then, without the files
 * of pictures.
 */
final class MeasureScale {
    private static final int REELS = Figures.times(2_000, 3);
    private static final int LIVE = Figures.times(500, 2);
    private static final int PICTURES = Figures.times(20_000, 600);
    private static final int REVISIONS = Figures.times(5_000, 5);
    private static final int SLIDES = Figures.times(500, 5);
    private static final int ROUNDS = Figures.times(40, 2);

    private static final String[] FILES = {
        "plate-01-quatrefoil.jpg", "plate-02-eight-star.jpg", "plate-03-target-square.jpg", "plate-04-fan.jpg"
    };

    private final Figures figures;
    private final HttpClient http = HttpClient.newHttpClient();
    private final Editor editor = new Editor();
    private final Path data = Running.application().settings().data();

    private MeasureScale(Figures figures) {
        this.figures = figures;
    }

    public static void main(String[] args) {
        Figures.of(MeasureScale::measure);
    }

    /** Measures it. */
    static void measure(Figures figures) throws Exception {
        new MeasureScale(figures).run();
    }

    private void run() throws Exception {
        try (editor) {
            Made first = editor.make("The first of all", "banner", "full", FILES);
            first.publish(); // waits for the pictures
            for (int i = 1; i < REELS; i++) {
                Made made = editor.make("Measured reel " + i, i % 3 == 0 ? "row" : "banner", "full", FILES);
                made.say(made.slides().get(0), "title", "The title of reel " + i);
                if (i < LIVE) {
                    made.publish();
                }
            }
            try (Connection connection =
                    DriverManager.getConnection("jdbc:sqlite:" + data.resolve("keen-reel.db") + "?busy_timeout=9000")) {
                fill(connection, unused());
            }
            Made often = editor.make("Changed very often", "banner", "full", FILES);
            changed(often, REVISIONS);
            Made large = large();
            changed(large, SLIDES);
            measure(often, large);
        }
        size();
    }

    /** A picture that no reel shows, once it is ready: as most of a library are, it has the files that the library needs. */
    private String unused() throws InterruptedException {
        String picture = editor.picture("plate-05-flower-sprig.jpg");
        while (!editor.send("POST", "/pictures/states", "[\"" + picture + "\"]")
                .path(0)
                .path("state")
                .asString()
                .equals("ready")) {
            Thread.sleep(100);
        }
        return picture;
    }

    /** A banner of as many pictures as it may have. */
    private Made large() {
        String pictures = IntStream.rangeClosed(1, SLIDES)
                .mapToObj(i -> "\"measured" + i + "\"")
                .collect(Collectors.joining(",", "[", "]"));
        return editor
        .new Made(
                "Very large",
                editor.send(
                                "POST",
                                "/reels",
                                "{\"name\":\"Very large\",\"starter\":\"banner\",\"slot\":\"full\",\"pictures\":"
                                        + pictures + "}")
                        .path("id")
                        .asString());
    }

    private void changed(Made reel, int times) throws Exception {
        List<String> slides = reel.slides();
        for (int i = 0; i < times; i++) {
            say(reel, slides.get(i % slides.size()), "Said for the time number " + i);
        }
    }

    /** One picture once more under other names, in 20 sets. */
    private static void fill(Connection connection, String picture) throws SQLException {
        String numbers = "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < " + PICTURES + ") ";
        String version = "(SELECT * FROM picture_version WHERE picture_id = '" + picture + "')";
        for (int set = 1; set <= 20; set++) {
            change(connection, "INSERT INTO picture_set VALUES ('s" + set + "', 'Set " + set + "', 0)");
        }
        change(
                connection,
                "INSERT INTO picture (id, name, title, alt, sought, added_at) " + numbers
                        + "SELECT 'measured' || i, 'measured-' || i || '.jpg', 'Measured ' || i,"
                        + " CASE WHEN i % 4 = 0 THEN '' ELSE 'Tiles' END, 'measured-' || i || '.jpg', i FROM n");
        change(
                connection,
                "INSERT INTO picture_version (picture_id, sha256, format, width, height, state, added_at, bytes, traits,"
                        + " placeholder) " + numbers
                        + "SELECT 'measured' || i, v.sha256, v.format, v.width, v.height, v.state,"
                        + " i, 400000, v.traits, v.placeholder FROM n, " + version + " v");
        change(
                connection,
                "UPDATE picture SET version_id = (SELECT max(id) FROM picture_version WHERE picture_id = picture.id)"
                        + " WHERE version_id IS NULL");
        change(
                connection,
                "INSERT INTO rendition (version_id, width, format, sha256, bytes) SELECT p.version_id, r.width, r.format,"
                        + " r.sha256, r.bytes FROM picture p, rendition r WHERE p.id LIKE 'measured%' AND r.version_id ="
                        + " (SELECT id FROM " + version + ")");
        change(
                connection,
                "INSERT INTO member (set_id, picture_id, position) " + numbers
                        + "SELECT 's' || (1 + i % 20), 'measured' || i, i FROM n");
    }

    private static void change(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.executeUpdate(sql);
        }
    }

    private interface Step {
        void take(int round) throws Exception;
    }

    private void measure(Made often, Made large) throws Exception {
        goal("reels", 150, round -> get("/reels"));
        goal("reels.searched", 150, round -> get("/reels?q=reel+12&state=live&order=name"));
        goal("pictures", 150, round -> get("/pictures"));
        goal("pictures.searched", 150, round -> get("/pictures?q=measured-1&used=no&order=name"));
        goal("pictures.last-page", 150, round -> get("/pictures?page=" + PICTURES / 120));
        goal("picker", 150, round -> get("/pictures/pick"));
        goal("picker.searched", 150, round -> get("/pictures/pick?q=measured-77"));
        for (Made reel : List.of(often, large)) {
            String name = reel == often ? "revisions" : "slides";
            String slide = reel.slides().get(reel.slides().size() / 2);
            goal(name + ".edit", 60, round -> say(reel, slide, "Typed in round " + round));
            goal(name + ".undo", 80, round -> {
                say(reel, slide, "Undone in round " + round);
                long start = System.nanoTime();
                step(reel, "undo", "");
                own = System.nanoTime() - start;
            });
            goal(name + ".bench", 200, round -> get("/reels/" + reel.id));
        }
    }

    private long own; // ns that a step says it took itself; 0 for all of it

    private void goal(String name, double most, Step step) throws Exception {
        double[] took = new double[ROUNDS];
        for (int i = -ROUNDS / 2; i < ROUNDS; i++) {
            own = 0;
            long start = System.nanoTime();
            step.take(i);
            took[Math.max(0, i)] = (own == 0 ? System.nanoTime() - start : own) / 1e6;
        }
        figures.atMost(name, Figures.median(took), "ms, median", most);
    }

    private void say(Made reel, String slide, String title) throws Exception {
        step(
                reel,
                "edits",
                ",\"edit\":{\"kind\":\"say\",\"slide\":\"" + slide + "\",\"field\":\"title\",\"text\":\"" + title
                        + "\"}");
    }

    private void step(Made reel, String what, String more) throws Exception {
        String body =
                "{\"window\":\"test\",\"editId\":\"" + UUID.randomUUID() + "\",\"on\":" + Long.MAX_VALUE + more + "}";
        ask("/reels/" + reel.id + "/" + what, "POST", HttpRequest.BodyPublishers.ofString(body));
    }

    private void get(String path) throws Exception {
        ask(path, "GET", HttpRequest.BodyPublishers.noBody());
    }

    private void ask(String path, String method, HttpRequest.BodyPublisher body) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create(Running.application().origin() + path))
                .header("Cookie", Running.application().keyCookie() + "; XSRF-TOKEN=same")
                .header("X-XSRF-TOKEN", "same")
                .header("Content-Type", "application/json")
                .method(method, body)
                .build();
        HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + " answered " + answer.statusCode() + ": " + answer.body());
        }
    }

    /** Everything but what is in the folder of pictures' files. */
    private void size() throws IOException, SQLException {
        long bytes = 0;
        try (Stream<Path> all = Files.list(data)) {
            for (Path one : all.filter(Files::isRegularFile).toList()) {
                bytes += one.getFileName().toString().endsWith("-wal") ? 0 : Files.size(one);
            }
        }
        figures.atMost("data-folder", bytes / 1e6, "MB beside pictures", 60);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + data.resolve("keen-reel.db"));
                Statement statement = connection.createStatement();
                ResultSet largest = statement.executeQuery("SELECT name, sum(pgsize) FROM dbstat GROUP BY name HAVING"
                        + " sum(pgsize) > 1000000 ORDER BY 2 DESC")) {
            while (largest.next()) {
                figures.reported("data-folder." + largest.getString(1), largest.getLong(2) / 1e6, "MB");
            }
        }
    }
}
