package com.keenreel.app.access;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
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
                Files.createFile(
                        file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
                Files.writeString(file, HexFormat.of().formatHex(random));
            }
            return read(data);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** The key of a data folder. */
    public static String read(Path data) throws IOException {
        return Files.readString(data.resolve("key")).strip();
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
