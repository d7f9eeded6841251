package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.http.server.PathContainer;
import org.springframework.web.util.pattern.PathPattern;

/**
 * The whole address space, as one table: what each address answers to who edits, to somebody without the key, on the practice
 * site and where published addresses alone are answered; and for how long, to whom and in which frames its answer may be shown.
 */
@Tag("browser")
class AddressesTest {
    /** A line each: method, address, four statuses, and what the headers allow. */
    private static final Path TABLE = Path.of("src", "test", "resources", "addresses.txt");

    /** The same as it was found. */
    private static final Path FOUND = Path.of("target", "addresses.txt");

    private static final Running APPLICATION = Running.application();
    private static final String UNKNOWN = "0".repeat(64);

    private final HttpClient http = HttpClient.newHttpClient();

    private HttpResponse<String> ask(String method, String address, String cookie) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address))
                .method(method, method.equals("GET") ? BodyPublishers.noBody() : BodyPublishers.ofString("{}"))
                .header("Content-Type", "application/json");
        if (!cookie.isEmpty()) {
            request.header("Cookie", cookie);
        }
        return http.send(request.build(), BodyHandlers.ofString());
    }

    @Test
    void everyAddressAnswersWhoItShould() throws Exception {
        List<String> wanted = Files.readAllLines(TABLE);
        try (Editor editor = new Editor()) {
            Map<String, String> made = made(editor);
            List<String> found = new ArrayList<>();
            for (String line : wanted) {
                String[] asked = line.split(" +");
                found.add(line.startsWith("#") ? line : answered(asked[0], asked[1], made));
            }
            Files.write(FOUND, found);
            assertThat(String.join("\n", found)).isEqualTo(String.join("\n", wanted));
        }
    }

    /** What names in braces mean: a live reel, its picture, a comparison, and a practice page. */
    private static Map<String, String> made(Editor editor) {
        Made reel = editor.make("Addresses", "banner", "full", "banner-glaze-bench.jpg");
        String slug = reel.publish().path("slug").asString();
        editor.send("PUT", "/practice/addresses", "{\"title\":\"Addresses\",\"blocks\":[]}");
        String fragment = editor.text(APPLICATION.origin() + "/r/" + slug + "/fragment");
        String player = Editor.JSON.readTree(fragment).path("player").asString();
        String picture = editor.picture("banner-glaze-bench.jpg");
        Matcher version = Pattern.compile("/pictures/versions/(\\w+)/")
                .matcher(editor.text(APPLICATION.origin() + "/pictures/" + picture));
        assertThat(version.find()).as("the page of a picture shows it").isTrue();
        Map<String, String> made = new LinkedHashMap<>();
        made.put("{reel}", reel.id);
        made.put("{slide}", reel.slides().get(0));
        made.put("{slug}", slug);
        Made pair = editor.make("Addresses of a pair", "comparison", "full", "floor-3-before.jpg", "floor-3-after.jpg");
        made.put("{pair}", pair.id);
        made.put("{side}", pair.slides().get(0));
        made.put("{player}", URI.create(player).getPath());
        made.put("{picture}", picture);
        made.put("{version}", version.group(1));
        made.put("{page}", "addresses");
        made.put("{unknown}", UNKNOWN);
        made.put("{origin}", APPLICATION.origin());
        return made;
    }

    private String answered(String method, String address, Map<String, String> made) throws Exception {
        String path = address;
        for (Map.Entry<String, String> one : made.entrySet()) {
            path = path.replace(one.getKey(), one.getValue());
        }
        HttpResponse<String> editing = ask(method, APPLICATION.origin() + path, APPLICATION.keyCookie());
        String statuses = editing.statusCode()
                + " " + ask(method, APPLICATION.origin() + path, "").statusCode()
                + " " + ask(method, APPLICATION.site() + path, "").statusCode()
                + " " + ask(method, APPLICATION.publicOnly() + path, "").statusCode();
        String line = "%-7s %-44s %s %s".formatted(method, address, statuses, allowed(editing));
        return line.stripTrailing();
    }

    /** In a few words: for how long it may be kept, whether other sites may read it, and who may frame it. */
    private static String allowed(HttpResponse<?> answer) {
        String kept = header(answer, "Cache-Control");
        String frames = Stream.of(header(answer, "Content-Security-Policy").split("; *"))
                .filter(one -> one.startsWith("frame-ancestors"))
                .map(one -> "frames:" + one.replace("frame-ancestors ", "").replace("'", ""))
                .collect(Collectors.joining());
        return Stream.of(
                        kept.replace(", ", ",").replace("max-age=31536000", "year"),
                        header(answer, "Cross-Origin-Resource-Policy"),
                        header(answer, "Access-Control-Allow-Origin").replace("*", "read-by-all"),
                        frames)
                .filter(word -> !word.isEmpty())
                .collect(Collectors.joining(" "));
    }

    private static String header(HttpResponse<?> answer, String name) {
        return answer.headers().firstValue(name).orElse("");
    }

    /** What the application answers, by method and pattern, is in the table where it only reads. */
    @Test
    void noAddressThatIsReadIsLeftOut() throws IOException {
        Set<String> asked = Files.readAllLines(TABLE).stream()
                .filter(line -> line.startsWith("GET"))
                .map(line -> line.split(" +")[1].replaceAll("\\?.*", "").replaceAll("[{](\\w+)[}]", "$1"))
                .collect(Collectors.toSet());
        Set<String> left = new TreeSet<>();
        APPLICATION.patterns("GET").forEach(pattern -> {
            PathPattern read = pattern;
            if (asked.stream().noneMatch(path -> read.matches(PathContainer.parsePath(path)))) {
                left.add(pattern.getPatternString());
            }
        });
        assertThat(left).as("not in " + TABLE).isEmpty();
    }

    /** Whatever changes something asks for the key, and for a token that only an own page has. */
    @Test
    void nothingIsChangedWithoutKeyAndToken() throws Exception {
        for (String method : List.of("POST", "PUT", "DELETE")) {
            for (PathPattern pattern : APPLICATION.patterns(method)) {
                String path = pattern.getPatternString().replaceAll("[{]\\w+(:[^/]*)?[}]", "x");
                assertThat(ask(method, APPLICATION.origin() + path, "").statusCode())
                        .as("%s %s without the key", method, path)
                        .isEqualTo(401);
                assertThat(ask(method, APPLICATION.origin() + path, APPLICATION.keyCookie())
                                .statusCode())
                        .as("%s %s without a token", method, path)
                        .isEqualTo(403);
                assertThat(ask(method, APPLICATION.publicOnly() + path, "").statusCode())
                        .as("%s %s where published addresses alone are answered", method, path)
                        .isIn(404, 405);
            }
        }
    }
}
