package com.keenreel.app.delivery;

import com.keenreel.imaging.Format;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import org.jspecify.annotations.Nullable;

/**
 * What a public address answers, ready to be sent: made once, sent to everyone.
 *
 * @param type its media type
 * @param bytes as they are; null for a file that is sent from where it is kept
 * @param place that file; null for what is in memory
 * @param packed the same with gzip; null where that saves nothing
 * @param tag names this content, without quotes
 * @param policy the page's content security policy; null for what is not a page
 */
record Answer(
        String type,
        byte @Nullable [] bytes,
        @Nullable Path place,
        byte @Nullable [] packed,
        String tag,
        @Nullable String policy) {
    private static final int LEAST = 1024;
    private static final int FROM_DISK = 16 << 10;

    /** Text, packed where it is long enough. */
    static Answer text(String type, String text, String tag, @Nullable String policy) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        return new Answer(type, bytes, null, bytes.length < LEAST ? null : pack(bytes), tag, policy);
    }

    /** A file in memory; text is packed, pictures and type are packed already. */
    static Answer file(String type, byte[] bytes, String tag) {
        boolean text = type.startsWith("text/") || type.endsWith("+xml");
        return new Answer(type, bytes, null, text && bytes.length >= LEAST ? pack(bytes) : null, tag, null);
    }

    /** A kept file, which the system sends from there where that is quicker than from memory. */
    static Answer kept(String type, Path place, String tag) throws IOException {
        boolean video = type.startsWith("video/"); // never read whole into memory
        return video || type.equals(Format.WEBP.mediaType()) && Files.size(place) >= FROM_DISK
                ? new Answer(type, null, place, null, tag, null)
                : file(type, Files.readAllBytes(place), tag);
    }

    private static byte[] pack(byte[] bytes) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(packed)) {
            out.write(bytes);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return packed.toByteArray();
    }

    int weight() {
        return (bytes == null ? 0 : bytes.length) + (packed == null ? 0 : packed.length);
    }

    /** Sends it, or says that nothing has changed. Headers of its path are already there. */
    void send(HttpServletRequest request, HttpServletResponse response) throws IOException {
        boolean small = packed != null && accepts(request.getHeader("Accept-Encoding"));
        String quoted = '"' + tag + (small ? "-gzip\"" : "\"");
        response.setHeader("ETag", quoted);
        if (packed != null) {
            response.setHeader("Vary", "Accept-Encoding");
        }
        if (policy != null) {
            response.setHeader("Content-Security-Policy", policy);
        }
        if (isKnown(request.getHeader("If-None-Match"), quoted)) {
            response.setStatus(HttpServletResponse.SC_NOT_MODIFIED);
            return;
        }
        response.setContentType(type);
        boolean body = !request.getMethod().equals("HEAD");
        if (place != null) {
            new Kept(place, quoted).send(body, request, response);
            return;
        }
        byte[] sent = Objects.requireNonNull(small ? packed : bytes);
        if (small) {
            response.setHeader("Content-Encoding", "gzip");
        }
        response.setContentLength(sent.length);
        if (body) {
            response.getOutputStream().write(sent);
        }
    }

    /** Whether gzip may be sent: it is named, and not with a quality of 0 (RFC 9110, section 12.5.3). */
    static boolean accepts(@Nullable String encodings) {
        return encodings != null
                && Stream.of(encodings.toLowerCase(Locale.ROOT).split(","))
                        .map(one -> one.replaceAll("\\s", ""))
                        .anyMatch(
                                one -> one.equals("gzip") || one.startsWith("gzip;") && !one.matches(".*;q=0(\\.0*)?"));
    }

    /** True when one of the tags that the visitor has is this one; a cache may have marked it as weak. */
    private static boolean isKnown(@Nullable String tags, String quoted) {
        return tags != null && (tags.contains(quoted) || tags.strip().equals("*"));
    }
}
