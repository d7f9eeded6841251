package com.keenreel.app.engines;

import com.keenreel.app.Running;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/** Debian's WebKitGTK on a screen of its own, over plain WebDriver; zoomed by its own keys. */
public final class WebKit extends Engine {
    private final List<Process> processes = new ArrayList<>();
    private final HttpClient http = HttpClient.newHttpClient();
    private final Path folder = Running.temporaryFolder();
    private final String screen;
    private final String session;

    /**
     * Starts it.
     *
     * @param scale px of the screen for a CSS px, 1 or 2
     * @param still whether the visitor asked for less motion
     */
    public WebKit(int scale, boolean still) {
        try {
            Path settings = Files.createDirectories(folder.resolve("gtk-3.0")).resolve("settings.ini");
            Files.writeString(settings, "[Settings]\ngtk-enable-animations=" + (still ? 0 : 1) + "\n");
            int number = 90 + (int) (ProcessHandle.current().pid() % 900) + scale;
            screen = ":" + number;
            start(scale, "Xvfb", screen, "-screen", "0", "5400x2400x24", "-nolisten", "tcp");
            int port = Running.freePort();
            start(scale, "WebKitWebDriver", "--host=127.0.0.1", "--port=" + port);
            String driver = "http://127.0.0.1:" + port + "/session";
            JsonNode made = JSON.nullNode();
            for (int tries = 0; made.path("sessionId").isMissingNode(); tries++) {
                try {
                    made = send(
                            "POST",
                            driver,
                            "{\"capabilities\":{\"alwaysMatch\":{\"webkitgtk:browserOptions\":{\"binary\":\""
                                    + browser() + "\",\"args\":[\"--automation\"]}}}}");
                } catch (IOException notYet) {
                    if (tries > 100) {
                        throw notYet;
                    }
                    pause(100);
                }
            }
            session = driver + "/" + made.path("sessionId").asString();
        } catch (IOException notStarted) {
            close();
            throw new UncheckedIOException(notStarted);
        }
        command("POST", "/timeouts", "{\"script\":60000,\"pageLoad\":60000}");
    }

    private static Path browser() throws IOException {
        try (Stream<Path> there = Files.find(
                Path.of("/usr/lib"),
                3,
                (path, any) -> path.endsWith("MiniBrowser") && path.toString().contains("-4."))) {
            return there.findFirst().orElseThrow(() -> new IOException("MiniBrowser is not where Debian puts it."));
        }
    }

    private void start(int scale, String... command) throws IOException {
        ProcessBuilder starting =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(new File("/dev/null"));
        starting.environment().put("DISPLAY", screen);
        starting.environment().put("XDG_CONFIG_HOME", folder.toString());
        starting.environment().put("GDK_SCALE", String.valueOf(scale));
        starting.environment().put("GTK_OVERLAY_SCROLLING", "0");
        starting.environment().put("LIBGL_ALWAYS_SOFTWARE", "1");
        processes.add(starting.start());
    }

    private JsonNode send(String method, String address, String body) throws IOException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address))
                .method(method, body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
                .build();
        try {
            HttpResponse<String> answer = http.send(request, BodyHandlers.ofString());
            JsonNode value = JSON.readTree(answer.body()).path("value");
            if (answer.statusCode() >= 400) {
                throw new IOException(value.toString());
            }
            return value;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private JsonNode command(String method, String path, String body) {
        try {
            return send(method, session + path, body);
        } catch (IOException refused) {
            throw new UncheckedIOException(refused);
        }
    }

    @Override
    public String name() {
        return "WebKit";
    }

    @Override
    void open(String address) {
        command("POST", "/url", "{\"url\":" + JSON.writeValueAsString(address) + "}");
    }

    @Override
    void size(int width, int height) {
        for (int tries = 0; tries < 3; tries++) {
            JsonNode window = command("GET", "/window/rect", "");
            JsonNode inside = ask("() => [innerWidth, innerHeight]");
            int wide = width + window.path("width").asInt() - inside.path(0).asInt();
            int high = height + window.path("height").asInt() - inside.path(1).asInt();
            if (inside.path(0).asInt() == width && inside.path(1).asInt() == height) {
                return;
            }
            command("POST", "/window/rect", "{\"x\":0,\"y\":0,\"width\":" + wide + ",\"height\":" + high + "}");
            pause(100);
        }
    }

    /** Presses keys of the keyboard itself, which the browser's own commands need: "ctrl+plus". */
    void keyboard(String keys) {
        try {
            for (String[] command : new String[][] {
                {"xdotool", "search", "--onlyvisible", "--class", "MiniBrowser", "windowfocus"},
                {"xdotool", "key", "--clearmodifiers", keys}
            }) {
                ProcessBuilder typing = new ProcessBuilder(command);
                typing.environment().put("DISPLAY", screen);
                typing.start().waitFor();
            }
        } catch (IOException notThere) {
            throw new UncheckedIOException(notThere);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    void perform(String actions) {
        command("POST", "/actions", "{\"actions\":" + actions + "}");
    }

    @Override
    protected String call(String script, String argument) {
        String body = "const [text, done] = arguments; (" + script
                + ")(text).then((answer) => done({ answer }), (problem) => done({ problem: String(problem) }));";
        JsonNode answer = command(
                "POST",
                "/execute/async",
                "{\"script\":" + JSON.writeValueAsString(body) + ",\"args\":[" + JSON.writeValueAsString(argument)
                        + "]}");
        if (answer.has("problem")) {
            throw new AssertionError(name() + ": " + answer.path("problem").asString());
        }
        return answer.path("answer").asString();
    }

    @Override
    List<String> problems() {
        List<String> problems = new ArrayList<>(); // plain WebDriver does not tell: pages are served with an ear
        ask("() => { const heard = sessionStorage.getItem('heard') ?? '[]'; sessionStorage.removeItem('heard'); return JSON.parse(heard); }")
                .forEach(one -> problems.add(one.asString()));
        return problems;
    }

    @Override
    public void close() {
        try {
            send("DELETE", session, "");
        } catch (IOException | RuntimeException notStarted) {
            // what was started is ended all the same
        }
        for (int i = processes.size() - 1; i >= 0; i--) {
            Process process = processes.get(i);
            process.descendants().forEach(ProcessHandle::destroy);
            process.destroy();
            try {
                if (!process.waitFor(5, TimeUnit.SECONDS)) {
                    process.destroyForcibly();
                }
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
        }
        Running.delete(folder);
    }
}
