package com.keenreel.app.access;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.HexFormat;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/**
 * Once others can reach published addresses, editing asks for a key, so that no web server that passes on too much hands
 * the editor to them. It stands in the data folder, is said at the start, and is kept in a cookie.
 */
@Component
public class EditorKey {
    private static final Logger LOG = LoggerFactory.getLogger(EditorKey.class);
    private static final int BYTES = 16;

    private final Settings settings;
    private final PublicAddress publicAddress;
    private final String key;

    EditorKey(Settings settings, PublicAddress publicAddress) {
        this.settings = settings;
        this.publicAddress = publicAddress;
        this.key = kept(settings.data());
    }

    private static String kept(Path data) {
        Path file = data.resolve("key");
        try {
            if (!Files.exists(file)) {
                byte[] random = new byte[BYTES];
                new SecureRandom().nextBytes(random);
                Path fresh = Files.createTempFile(
                        data,
                        "key-",
                        ".part",
                        PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
                Files.writeString(fresh, HexFormat.of().formatHex(random), StandardOpenOption.SYNC);
                Files.move(fresh, file, StandardCopyOption.ATOMIC_MOVE); // there whole, or not at all
            }
            return read(data);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /**
     * The key of a data folder.
     *
     * @throws NoKey when its file is empty, which would open the editor to everybody
     */
    public static String read(Path data) throws IOException {
        Path file = data.resolve("key");
        String key = Files.readString(file).strip();
        if (key.isEmpty()) {
            throw new NoKey(file);
        }
        return key;
    }

    /** A data folder whose key is gone. */
    public static final class NoKey extends RuntimeException {
        private NoKey(Path file) {
            super("The file " + file
                    + " is empty, so that anybody would have the key. Delete it, then start again: a new key is"
                    + " made, which browsers have to be given once more.");
        }
    }

    /** The cookie that has it; ports of one computer share their cookies. */
    public static String cookieOf(int port) {
        return "keen-reel-key-" + port;
    }

    /** Whether editing asks for it. */
    boolean isAsked() {
        return settings.publicPort() > 0 || !publicAddress.isLoopback();
    }

    /** Whether that is the key. */
    boolean is(String said) {
        return MessageDigest.isEqual(said.getBytes(StandardCharsets.UTF_8), key.getBytes(StandardCharsets.UTF_8));
    }

    boolean isIn(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        if (cookies != null) {
            for (Cookie cookie : cookies) {
                if (cookie.getName().equals(cookieOf(settings.port())) && is(cookie.getValue())) {
                    return true;
                }
            }
        }
        return false;
    }

    /** What a browser is to keep. */
    public String cookie() {
        return ResponseCookie.from(cookieOf(settings.port()), key)
                .httpOnly(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(Duration.ofDays(365))
                .build()
                .toString();
    }

    @EventListener(ApplicationReadyEvent.class)
    void say() {
        if (isAsked()) {
            LOG.info("Editing asks for the key: {}/?key={}", settings.origin(), key);
        }
    }
}
