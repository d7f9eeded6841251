package com.keenreel.app;

import com.keenreel.app.access.EditorKey;
import com.keenreel.app.access.Settings;
import com.keenreel.player.ReelMaker;
import com.keenreel.samples.Demonstration;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.util.FileSystemUtils;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.pattern.PathPattern;

/** The real application on free ports with a data folder of its own, once for a whole run. */
public final class Running {
    private static Running running;
    private static Running demonstration;

    /** Where the demonstration that {@code scripts/try-demo} has started is: its addresses, and the folder of its folders. */
    private static final String DEMONSTRATION = System.getProperty("keen-reel.demonstration", "");

    private final @Nullable Settings settings; // of an application that runs here
    private final List<RequestMappingInfo> mappings; // likewise
    private final String origin;
    private final String site;
    private final String publicOnly;
    private final Path folders;

    private Running(Path data) {
        ConfigurableApplicationContext context = KeenReel.start(
                "--keen-reel.data=" + data,
                "--keen-reel.port=" + freePort(),
                "--keen-reel.site-port=" + freePort(),
                "--keen-reel.public-port=" + freePort());
        settings = context.getBean(Settings.class);
        mappings = List.copyOf(context.getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet());
        origin = settings.origin();
        site = settings.siteOrigin();
        publicOnly = "http://127.0.0.1:" + settings.publicPort();
        folders = data.resolve("static");
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            context.close();
            delete(data);
        }));
    }

    private Running(String[] there) {
        settings = null;
        mappings = List.of();
        origin = there[0];
        site = there[1];
        publicOnly = there[2];
        folders = Path.of(there[3]);
    }

    /** The application. */
    public static synchronized Running application() {
        if (running == null) {
            Path data = temporaryFolder();
            try {
                Prepared.into(data);
            } catch (IOException notMade) {
                throw new UncheckedIOException(notMade);
            }
            running = new Running(data);
        }
        return running;
    }

    /** Another application, with a data folder of its own, for a test that changes what others rely on. */
    static Running another() {
        return new Running(temporaryFolder());
    }

    /** The demonstration: the one that was started already, or another application with all of it. */
    public static synchronized Running demonstration() {
        if (demonstration == null && !DEMONSTRATION.isEmpty()) {
            demonstration = new Running(DEMONSTRATION.split(" "));
        } else if (demonstration == null) {
            demonstration = new Running(temporaryFolder());
            Demonstration.main(new String[] {
                demonstration.origin,
                ReelMaker.PICTURES.toString(),
                demonstration.folders.toString(),
                demonstration.key()
            });
        }
        return demonstration;
    }

    /** What editing asks for, as others can reach what is published. */
    public String key() {
        try {
            return EditorKey.read(data());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Its data folder. */
    public Path data() {
        return Objects.requireNonNull(folders.toAbsolutePath().getParent()); // they are in it
    }

    /** The cookie that has it. */
    public String keyCookie() {
        return EditorKey.cookieOf(java.net.URI.create(origin).getPort()) + "=" + key();
    }

    /** Where the demonstration has put a reel that was made a folder. */
    public Path folders() {
        return folders;
    }

    /** The patterns of the addresses that it answers when it is asked by that method. */
    List<PathPattern> patterns(String method) {
        return mappings.stream()
                .filter(mapping -> mapping.getMethodsCondition().getMethods().stream()
                        .anyMatch(one -> one.name().equals(method)))
                .flatMap(mapping -> Objects.requireNonNull(mapping.getPathPatternsCondition()).getPatterns().stream())
                .distinct()
                .toList();
    }

    public Settings settings() {
        return Objects.requireNonNull(settings, "It runs elsewhere.");
    }

    public String origin() {
        return origin;
    }

    public String site() {
        return site;
    }

    /** Where published addresses alone are answered. */
    public String publicOnly() {
        return publicOnly;
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
        FileSystemUtils.deleteRecursively(folder.toFile());
    }
}
