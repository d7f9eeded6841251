package com.keenreel.app.engines;

import com.keenreel.app.Running;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import tools.jackson.databind.JsonNode;

/** Debian's Firefox, over WebDriver BiDi. */
public final class Firefox extends Engine {
    private final Process process;
    private final Path profile = Running.temporaryFolder();
    private final WebSocket socket;
    private final Map<Long, CompletableFuture<JsonNode>> asked = new ConcurrentHashMap<>();
    private final AtomicLong ids = new AtomicLong();
    private final List<String> problems = new CopyOnWriteArrayList<>();
    private final String window;
    private final int scale;

    /**
     * Starts it.
     *
     * @param scale px of the screen for a CSS px
     * @param still whether the visitor asked for less motion
     */
    public Firefox(int scale, boolean still) {
        this.scale = scale;
        int port = Running.freePort();
        try {
            Files.writeString(profile.resolve("user.js"), """
                    user_pref("app.update.enabled", false);
                    user_pref("browser.shell.checkDefaultBrowser", false);
                    user_pref("datareporting.policy.dataSubmissionEnabled", false);
                    user_pref("network.captive-portal-service.enabled", false);
                    user_pref("network.connectivity-service.enabled", false);
                    user_pref("widget.gtk.overlay-scrollbars.enabled", false);
                    user_pref("ui.prefersReducedMotion", %d);
                    """.formatted(still ? 1 : 0));
            process = new ProcessBuilder(
                            "firefox-esr",
                            "--headless",
                            "--no-remote",
                            "--profile",
                            profile.toString(),
                            "--remote-debugging-port",
                            String.valueOf(port))
                    .redirectErrorStream(true)
                    .redirectOutput(new File("/dev/null"))
                    .start();
            socket = connect(port);
        } catch (IOException notStarted) {
            throw new UncheckedIOException(notStarted);
        }
        command("session.new", "{\"capabilities\":{}}");
        command("session.subscribe", "{\"events\":[\"log.entryAdded\"]}");
        window = command("browsingContext.getTree", "{}")
                .path("contexts")
                .path(0)
                .path("context")
                .asString();
    }

    private WebSocket connect(int port) {
        for (int tries = 0; ; tries++) {
            try {
                return HttpClient.newHttpClient()
                        .newWebSocketBuilder()
                        .buildAsync(URI.create("ws://127.0.0.1:" + port + "/session"), new Hearing())
                        .join();
            } catch (CompletionException notYet) {
                if (tries > 200 || !process.isAlive()) {
                    throw notYet;
                }
                pause(100);
            }
        }
    }

    private final class Hearing implements WebSocket.Listener {
        private final StringBuilder text = new StringBuilder();

        @Override
        public CompletionStage<?> onText(WebSocket from, CharSequence part, boolean last) {
            text.append(part);
            if (last) {
                heard(JSON.readTree(text.toString()));
                text.setLength(0);
            }
            from.request(1);
            return null;
        }
    }

    private void heard(JsonNode message) {
        if (message.path("type").asString().equals("event")) {
            JsonNode said = message.path("params");
            if (List.of("error", "warn").contains(said.path("level").asString())) {
                problems.add(
                        said.path("level").asString() + ": " + said.path("text").asString());
            }
            return;
        }
        CompletableFuture<JsonNode> waiting = asked.remove(message.path("id").asLong());
        if (waiting == null) {
            return;
        }
        if (message.path("type").asString().equals("error")) {
            waiting.completeExceptionally(new IllegalStateException(message.toString()));
        } else {
            waiting.complete(message.path("result"));
        }
    }

    private JsonNode command(String method, String parameters) {
        long id = ids.incrementAndGet();
        CompletableFuture<JsonNode> answer = new CompletableFuture<>();
        asked.put(id, answer);
        socket.sendText("{\"id\":" + id + ",\"method\":\"" + method + "\",\"params\":" + parameters + "}", true)
                .join();
        return answer.orTimeout(60, TimeUnit.SECONDS).join();
    }

    private String inWindow(String more) {
        return "{\"context\":\"" + window + "\"," + more + "}";
    }

    @Override
    public String name() {
        return "Firefox";
    }

    @Override
    void open(String address) {
        command(
                "browsingContext.navigate",
                inWindow("\"url\":" + JSON.writeValueAsString(address) + ",\"wait\":\"complete\""));
    }

    @Override
    void size(int width, int height) {
        view(width, height, scale);
    }

    /** As a window of that size becomes when its page is zoomed: fewer CSS px, of more px each. */
    void zoom(int width, int height, double times) {
        view((int) Math.round(width / times), (int) Math.round(height / times), times * scale);
    }

    private void view(int width, int height, double dpr) {
        command(
                "browsingContext.setViewport",
                inWindow("\"viewport\":{\"width\":" + width + ",\"height\":" + height + "},\"devicePixelRatio\":"
                        + dpr));
    }

    @Override
    void perform(String actions) {
        command("input.performActions", inWindow("\"actions\":" + actions));
    }

    @Override
    protected String call(String script, String argument) {
        JsonNode answer = command(
                "script.callFunction",
                "{\"functionDeclaration\":" + JSON.writeValueAsString(script) + ",\"awaitPromise\":true,"
                        + "\"userActivation\":true,\"target\":{\"context\":\""
                        + window + "\"},\"arguments\":[{\"type\":\"string\",\"value\":"
                        + JSON.writeValueAsString(argument) + "}]}");
        if (!answer.path("type").asString().equals("success")) {
            throw new AssertionError(
                    name() + ": " + answer.path("exceptionDetails").path("text"));
        }
        return answer.path("result").path("value").asString();
    }

    @Override
    List<String> problems() {
        List<String> since = List.copyOf(problems);
        problems.clear();
        return since;
    }

    @Override
    public void close() {
        process.descendants().forEach(ProcessHandle::destroy);
        process.destroy();
        try {
            if (!process.waitFor(Duration.ofSeconds(10).toMillis(), TimeUnit.MILLISECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        Running.delete(profile);
    }
}
