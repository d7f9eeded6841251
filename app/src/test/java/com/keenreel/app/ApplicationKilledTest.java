package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The whole application is killed while it works: pictures go on being made ready, edits and what is live are there. */
class ApplicationKilledTest {
    @TempDir
    private Path folder;

    private final int port = Running.freePort();
    private final int sitePort = Running.freePort();
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    private Process start() throws Exception {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("java.class.path"),
                        KeenReel.class.getName(),
                        "--keen-reel.data=" + folder.resolve("data"),
                        "--keen-reel.port=" + port,
                        "--keen-reel.site-port=" + sitePort)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("log").toFile())
                .start();
        for (int i = 0; i < 600; i++) {
            try {
                ask("GET", "/reels", null);
                return process;
            } catch (IOException notYet) {
                Thread.sleep(100);
            }
        }
        throw new IllegalStateException("did not start: " + Files.readString(folder.resolve("log")));
    }

    private JsonNode ask(String method, String path, Object body) throws Exception {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(java.net.HttpCookie::getValue)
                .findFirst()
                .orElse("");
        HttpRequest.BodyPublisher publisher = body instanceof byte[] bytes
                ? HttpRequest.BodyPublishers.ofByteArray(bytes)
                : HttpRequest.BodyPublishers.ofString(
                        body == null ? "" : body.toString().replace('\'', '"'));
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                        .header(
                                "Content-Type",
                                body instanceof byte[] ? "application/octet-stream" : "application/json")
                        .header("X-XSRF-TOKEN", token)
                        .method(method, publisher)
                        .build(),
                BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(path + ": " + answer.body()).isLessThan(400);
        return answer.body().startsWith("{") || answer.body().startsWith("[")
                ? Editor.JSON.readTree(answer.body())
                : Editor.JSON.nullNode();
    }

    private JsonNode hold(String reel, String slide, int ms) throws Exception {
        return ask(
                "POST",
                "/reels/" + reel + "/edits",
                "{'window':'w','editId':'" + UUID.randomUUID() + "','on':999,'edit':{'kind':'hold','slide':'" + slide
                        + "','hold':" + ms + "}}");
    }

    @Test
    void nothingAcknowledgedIsLost() throws Exception {
        Process application = start();
        String reel;
        String slide;
        List<String> pictures = new ArrayList<>();
        try {
            for (String file : List.of(
                    "banner-glaze-bench.jpg",
                    "banner-dusk-works.jpg",
                    "banner-kiln-glow.jpg",
                    "banner-long-room.jpg")) {
                pictures.add(ask("POST", "/pictures?name=" + file, Files.readAllBytes(Running.PICTURES.resolve(file)))
                        .path("id")
                        .asString());
            }
            reel = ask(
                            "POST",
                            "/reels",
                            "{'name':'Killed','starter':'banner','slot':'full','pictures':['"
                                    + String.join("','", pictures) + "']}")
                    .path("id")
                    .asString();
            slide = ask("GET", "/reels/" + reel + "/slides", null).path(0).asString();
            hold(reel, slide, 6500);
        } finally {
            application.destroyForcibly().waitFor(); // the last pictures are still being worked on
        }

        application = start();
        String live;
        try {
            ask("POST", "/reels/" + reel + "/publication", "{}"); // waits for the pictures, which are taken up again
            live = ask("GET", "/r/killed/fragment", null).path("version").asString();
            assertThat(ask("GET", "/r/killed/fragment", null)
                            .path("plan")
                            .path("holds")
                            .path(0)
                            .asLong())
                    .isEqualTo(6500);
            for (JsonNode state : ask("POST", "/pictures/states", "[\"" + String.join("\",\"", pictures) + "\"]")) {
                assertThat(state.path("state").asString()).isEqualTo("ready");
            }
            hold(reel, slide, 7500);
        } finally {
            application.destroyForcibly().waitFor();
        }

        application = start();
        try {
            assertThat(ask("GET", "/r/killed/fragment", null).path("version").asString())
                    .isEqualTo(live);
            JsonNode parts = ask("GET", "/reels/" + reel + "/parts?window=w", null);
            assertThat(parts.path("revision").asLong()).isEqualTo(3);
            assertThat(parts.path("parts").path("order").asString()).contains("7.5 s");
        } finally {
            application.destroyForcibly().waitFor();
        }
    }
}
