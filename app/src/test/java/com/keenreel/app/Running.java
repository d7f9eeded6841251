package com.keenreel.app;

import com.keenreel.app.access.Settings;
import com.keenreel.samples.Demonstration;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on free ports with a data folder of its own, and one browser; once for a whole run. */
public final class Running {
    /** Pictures as an editor would have them. */
    public static final Path PICTURES = Path.of("..", "samples", "pictures");

    /** Where Debian's package puts the browser. */
    public static final String CHROMIUM = "/usr/bin/chromium";

    /** What it is started with, so that it asks for nothing on its own. */
    public static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    static {
        com.microsoft.playwright.assertions.PlaywrightAssertions.setDefaultAssertionTimeout(40_000);
    }

    private static Running running;
    private static Running demonstration;
    private static Browser browser;

    private final ConfigurableApplicationContext context;
    private final Path folders = temporaryFolder();

    private Running(Path data) {
        context = KeenReel.start(
                "--keen-reel.data=" + data,
                "--keen-reel.port=" + freePort(),
                "--keen-reel.site-port=" + freePort(),
                "--keen-reel.public-port=" + freePort());
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            context.close();
            delete(data);
        }));
    }

    /** The application. */
    public static synchronized Running application() {
        if (running == null) {
            running = new Running(temporaryFolder());
        }
        return running;
    }

    /** Another one, with the demonstration in it, brought there by its own client. */
    public static synchronized Running demonstration() {
        if (demonstration == null) {
            demonstration = new Running(temporaryFolder());
            Path folders = demonstration.folders;
            Runtime.getRuntime().addShutdownHook(new Thread(() -> delete(folders)));
            Demonstration.main(new String[] {demonstration.origin(), PICTURES.toString(), folders.toString()});
        }
        return demonstration;
    }

    /** Where the demonstration has put a reel that was made a folder. */
    public Path folders() {
        return folders;
    }

    /** The browser. */
    public static synchronized Browser browser() {
        if (browser == null) {
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(java.util.Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of(CHROMIUM))
                            .setArgs(FLAGS));
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        }
        return browser;
    }

    public String origin() {
        return settings().origin();
    }

    public String site() {
        return settings().siteOrigin();
    }

    /** Where published addresses alone are answered. */
    public String publicOnly() {
        return "http://127.0.0.1:" + settings().publicPort();
    }

    public Settings settings() {
        return context.getBean(Settings.class);
    }

    public static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }

    public static Path temporaryFolder() {
        try {
            return Files.createTempDirectory("keen-reel-test-");
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }

    public static void delete(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            all.sorted(Comparator.reverseOrder()).forEach(path -> path.toFile().delete());
        } catch (IOException left) {
            throw new UncheckedIOException(left);
        }
    }
}
