package com.keenreel.measure;

import com.keenreel.app.Editor;
import com.keenreel.app.Running;
import com.keenreel.player.Chromium;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.JsonNode;

/**
 * A browser that is told only where to go and asked only afterwards, over its own debugging protocol: nothing listens to
 * its requests while a page loads, so that a page with more of them is not slowed by being measured.
 */
final class UnwatchedBrowser implements AutoCloseable {
    private final Process process;
    private final Path profile = Running.temporaryFolder();
    private final WebSocket socket;
    private final AtomicInteger last = new AtomicInteger();
    private final Map<Integer, CompletableFuture<JsonNode>> waiting = new ConcurrentHashMap<>();

    UnwatchedBrowser() throws Exception {
        List<String> command = new ArrayList<>(List.of(Chromium.PATH, "--headless", "--remote-debugging-port=0"));
        command.addAll(Chromium.FLAGS);
        command.addAll(List.of("--hide-scrollbars", "--user-data-dir=" + profile, "about:blank"));
        process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        Path port = profile.resolve("DevToolsActivePort");
        for (int i = 0;
                i < 200 && !(Files.exists(port) && Files.readAllLines(port).size() == 2);
                i++) {
            Thread.sleep(50);
        }
        List<String> said = Files.readAllLines(port);
        socket = HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(URI.create("ws://127.0.0.1:" + said.get(0) + said.get(1)), new Answers())
                .get(10, TimeUnit.SECONDS);
    }

    private final class Answers implements WebSocket.Listener {
        private final StringBuilder text = new StringBuilder();

        @Override
        public CompletionStage<?> onText(WebSocket from, CharSequence part, boolean end) {
            text.append(part);
            if (end) {
                JsonNode answer = Editor.JSON.readTree(text.toString());
                text.setLength(0);
                CompletableFuture<JsonNode> asked =
                        waiting.remove(answer.path("id").asInt(0));
                if (asked != null) {
                    asked.complete(answer);
                }
            }
            from.request(1);
            return null;
        }
    }

    private JsonNode ask(String session, String method, Map<String, ?> parameters) throws Exception {
        int id = last.incrementAndGet();
        CompletableFuture<JsonNode> answer = new CompletableFuture<>();
        waiting.put(id, answer);
        Map<String, Object> message = new java.util.HashMap<>(Map.of("id", id, "method", method, "params", parameters));
        if (!session.isEmpty()) {
            message.put("sessionId", session);
        }
        socket.sendText(Editor.JSON.writeValueAsString(message), true).get(30, TimeUnit.SECONDS);
        JsonNode said = answer.get(30, TimeUnit.SECONDS);
        if (said.has("error")) {
            throw new IOException(method + ": " + said.path("error"));
        }
        return said.path("result");
    }

    /**
     * Loads a page with an empty cache in a window of 1280 by 800 px. The browser itself is one that has been in use: what
     * it sets up once for a new profile is not counted for the page.
     *
     * @param first a script that runs before the page's own
     * @param wait how long it is left alone, ms
     * @param then an expression; what it gives then is given back
     */
    JsonNode load(String address, String first, long wait, String then) throws Exception {
        String target = ask("", "Target.createTarget", Map.of("url", "about:blank"))
                .path("targetId")
                .asString();
        try {
            String page = ask("", "Target.attachToTarget", Map.of("targetId", target, "flatten", true))
                    .path("sessionId")
                    .asString();
            ask(page, "Network.clearBrowserCache", Map.of());
            ask(page, "Page.enable", Map.of());
            ask(
                    page,
                    "Emulation.setDeviceMetricsOverride",
                    Map.of("width", 1280, "height", 800, "deviceScaleFactor", 1, "mobile", false));
            ask(page, "Page.addScriptToEvaluateOnNewDocument", Map.of("source", first));
            Thread.sleep(Figures.times(700, 50)); // the window is at rest, and what the one before left behind is gone
            ask(page, "Page.navigate", Map.of("url", address));
            Thread.sleep(wait);
            return ask(page, "Runtime.evaluate", Map.of("expression", then, "returnByValue", true))
                    .path("result")
                    .path("value");
        } finally {
            ask("", "Target.closeTarget", Map.of("targetId", target));
        }
    }

    @Override
    public void close() throws Exception {
        socket.abort();
        process.destroy();
        process.waitFor();
        Running.delete(profile);
    }
}
