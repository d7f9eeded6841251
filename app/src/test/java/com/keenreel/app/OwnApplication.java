package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.player.ReelMaker;
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
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** An application in a process of its own, which can be killed and started again with the same data at the same port. */
final class OwnApplication implements AutoCloseable {
    private final Path folder = Running.temporaryFolder();
    private static @Nullable QuickStart quick;
    private static int started; // how often one was started in this run

    private Process process;

    private final int port = Running.freePort();
    private final int sitePort = Running.freePort();
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    /** Puts the pictures that many tests show into its folder; before its first start. */
    void prepare() throws IOException {
        Prepared.into(data());
    }

    /** Starts it, with more arguments than those that every one has. */
    void start(String... more) throws Exception {
        process = process(port, sitePort, folder.resolve("log"), more);
        for (int i = 0; i < 600; i++) {
            try {
                ask("GET", "/reels", null);
                return;
            } catch (IOException notYet) {
                Thread.sleep(100);
            }
        }
        throw new IllegalStateException("did not start: " + Files.readString(folder.resolve("log")));
    }

    private Process process(int port, int sitePort, Path log, String... more) throws IOException {
        List<String> arguments = new ArrayList<>(List.of(
                "--keen-reel.data=" + folder.resolve("data"),
                "--keen-reel.port=" + port,
                "--keen-reel.site-port=" + sitePort));
        arguments.addAll(List.of(more));
        started++;
        return started == 1
                ? QuickStart.once(KeenReel.class, log, arguments)
                : quickStart().run(KeenReel.class, log, arguments);
    }

    /** Made by one that starts and ends in peace, once for all that follow the first. */
    private static synchronized QuickStart quickStart() throws IOException {
        QuickStart made = quick;
        if (made == null) {
            Path programs = Running.temporaryFolder();
            Runtime.getRuntime().addShutdownHook(new Thread(() -> Running.delete(programs)));
            made = new QuickStart(programs);
            Process first = made.run(
                    KeenReel.class,
                    programs.resolve("log"),
                    List.of(
                            "--keen-reel.data=" + programs.resolve("data"),
                            "--keen-reel.port=" + Running.freePort(),
                            "--keen-reel.site-port=" + Running.freePort()));
            try {
                first.waitFor();
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
            quick = made;
        }
        return made;
    }

    /** What a second one says that is started with the same folder, once it has ended. */
    String second() throws Exception {
        Path log = folder.resolve("second");
        Process second = process(Running.freePort(), Running.freePort(), log);
        assertThat(second.waitFor(2, TimeUnit.MINUTES)).isTrue();
        assertThat(second.exitValue()).isEqualTo(1);
        return Files.readString(log);
    }

    /** What it answers; a body is JSON, its quotes single, or bytes. */
    JsonNode ask(String method, String path, Object body) throws Exception {
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

    /** Where it keeps everything; not there before it was started. */
    Path data() {
        return folder.resolve("data");
    }

    /** What it answers, as text. */
    String text(String path) throws Exception {
        return http.send(HttpRequest.newBuilder(URI.create(origin() + path)).build(), BodyHandlers.ofString())
                .body();
    }

    String origin() {
        return "http://localhost:" + port;
    }

    /** The id of a new banner of those demonstration files. */
    String reel(String name, String... files) throws Exception {
        List<String> pictures = new ArrayList<>();
        for (String file : files) {
            pictures.add(ask("POST", "/pictures?name=" + file, Files.readAllBytes(ReelMaker.PICTURES.resolve(file)))
                    .path("id")
                    .asString());
        }
        String request = "{'name':'" + name + "','starter':'banner','slot':'full','pictures':['"
                + String.join("','", pictures) + "']}";
        return ask("POST", "/reels", request).path("id").asString();
    }

    /** Ends it at once, whatever it is doing. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    @Override
    public void close() throws InterruptedException {
        if (process != null) {
            kill();
        }
        Running.delete(folder);
    }
}
