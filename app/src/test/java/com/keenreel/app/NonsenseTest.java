package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What nobody should send is answered with a sentence: JSON to scripts, a page to people, and never as a mistake of ours. */
@Tag("browser")
class NonsenseTest {
    private static final List<String> BODIES = List.of(
            "null",
            "[]",
            "{}",
            "[null]",
            "\"x\"",
            "7",
            "{",
            "{\"pictures\":[null]}",
            "{\"pictures\":[\"nope\"],\"name\":\"x\"}",
            "{\"pictures\":\"x\",\"reels\":[null],\"slides\":[null],\"set\":null,\"name\":null}",
            "{\"reels\":[\"nope\"],\"sayings\":[null],\"words\":[{}],\"blocks\":[null],\"title\":7}",
            "{\"window\":\"w\",\"editId\":\"nonsense\",\"slide\":\"nope\",\"edit\":{\"kind\":\"follow\",\"follows\":{\"set\":\"nope\"}}}",
            "{\"window\":\"w\",\"editId\":\"nonsense\",\"edit\":null,\"warp\":[1],\"points\":[null],\"page\":1e999}",
            "{\"days\":-5,\"origin\":\"\\u0000\",\"x\":\"left\",\"quarters\":1e9,\"left\":7,\"version\":\"nope\"}");

    /** Its settings are changed by nonsense that is not refused. */
    private static final Running APPLICATION = Running.another();

    private final Editor editor = new Editor(APPLICATION);

    @AfterEach
    void leave() {
        editor.close();
    }

    private APIResponse ask(String method, String path, String body, String accept) {
        RequestOptions options = RequestOptions.create()
                .setMethod(method)
                .setHeader("X-XSRF-TOKEN", editor.token())
                .setHeader("Accept", accept);
        if (body != null) {
            options.setHeader("Content-Type", "application/json").setData(body);
        }
        return editor.asked(path, options);
    }

    /** What is wrong with the answer; empty for nothing. */
    private String wrong(String method, String path, String body) {
        APIResponse answer = ask(method, path, body, "application/json");
        String what = method + " " + path + " " + body + " answered " + answer.status() + " " + answer.text();
        if (answer.status() >= 500) {
            return what;
        }
        if (answer.status() >= 400) {
            JsonNode said =
                    answer.text().startsWith("{") ? Editor.JSON.readTree(answer.text()) : Editor.JSON.nullNode();
            return said.path("problem").asString("").endsWith(".") ? "" : what;
        }
        return "";
    }

    /** Patterns with ids that are there, and with ids that are not. */
    private List<String> paths(String method, Map<String, String> there) {
        List<String> paths = new ArrayList<>();
        APPLICATION.patterns(method).forEach(pattern -> {
            String path = pattern.getPatternString();
            if (path.startsWith("/practice-site") || path.equals("/backup")) {
                return; // a site of its own, and what is very long
            }
            paths.add(path.replaceAll("[{]\\w+(:[^/]*)?[}]", "nope"));
            for (Map.Entry<String, String> one : there.entrySet()) {
                if (path.startsWith(one.getKey())) {
                    paths.add(path.replaceFirst("[{]id(:[^/]*)?[}]", one.getValue())
                            .replaceAll("[{]\\w+(:[^/]*)?[}]", "nope"));
                }
            }
        });
        return paths;
    }

    @Test
    void everyAddressAnswersNonsenseWithASentence() {
        Made reel = editor.make("Nonsense", "comparison", "full", "floor-3-before.jpg", "floor-3-after.jpg");
        String picture = editor.picture("plate-12-dahlia.jpg");
        Map<String, String> there = Map.of("/reels/", reel.id, "/pictures/", picture);
        List<String> wrong = new ArrayList<>();
        int asked = 0;
        for (String method : List.of("POST", "PUT", "DELETE")) {
            for (String path : paths(method, there)) {
                for (String body : BODIES) {
                    String found = wrong(method, path, body);
                    asked++;
                    if (!found.isEmpty()) {
                        wrong.add(found);
                    }
                }
            }
        }
        for (String path : paths("GET", there)) {
            for (String query : List.of(
                    "", "?slide=nope&page=x&width=-1&window=&ids=nope&set=nope&from=nope&option=nope&url=%00")) {
                String found = wrong("GET", path + query, null);
                asked++;
                if (!found.isEmpty()) {
                    wrong.add(found);
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(asked).isGreaterThan(1000);
    }

    @Test
    void peopleGetAPageThatSaysIt() {
        Made reel = editor.banner("Pages of nonsense");
        for (String path : List.of(
                "/nothing-here",
                "/reels/nope",
                "/reels/" + reel.id + "/compare/nope",
                "/reels/" + reel.id + "/history",
                "/reels/" + reel.id + "/history/nope",
                "/reels/" + reel.id + "/history/99",
                "/pictures/nope",
                "/pictures?page=x",
                "/practice/nope")) {
            APIResponse answer = ask("GET", path, null, "text/html,application/xhtml+xml,*/*;q=0.8");
            assertThat(answer.status()).as(path).isBetween(400, 499);
            assertThat(answer.headers().get("content-type")).as(path).startsWith("text/html");
            assertThat(org.jsoup.Jsoup.parse(answer.text())
                            .select("main p")
                            .first()
                            .text())
                    .as(path)
                    .endsWith(".");
        }
        assertThat(ask("GET", "/reels/" + reel.id + "?slide=removed", null, "text/html")
                        .status())
                .as("a deep link to a slide that was removed")
                .isEqualTo(200);
    }

    @Test
    void aPictureThatWasErasedIsMissingInTheHistoryAndNowhereElse() {
        String picture = editor.send("POST", "/pictures?name=erased.svg", DRAWING.getBytes(StandardCharsets.UTF_8))
                .path("id")
                .asString();
        String other = editor.picture("plate-12-dahlia.jpg");
        String request = "{'name':'Erased in the history','starter':'banner','slot':'full','pictures':['" + picture
                + "','" + other + "']}";
        String id = editor.send("POST", "/reels", request.replace('\'', '"'))
                .path("id")
                .asString();
        String ids = "{\"pictures\":[\"" + picture + "\"]}";
        editor.send("POST", "/pictures/bin", ids);
        editor.send("POST", "/pictures/erasure", ids);
        for (String path :
                List.of("/reels/" + id, "/reels/" + id + "/history?window=w", "/reels/" + id + "/history/1")) {
            assertThat(ask("GET", path, null, "*/*").status()).as(path).isEqualTo(200);
        }
        String back = "{\"window\":\"w\",\"editId\":\"e1\"}";
        assertThat(wrong("POST", "/reels/" + id + "/history/1", back))
                .as("what is left of it is what it is already")
                .isEmpty();
    }

    private static final String DRAWING =
            "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 20'><path d='M1 1h38v18H1z'/></svg>";
}
