package com.keenreel.app.delivery;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.GZIPOutputStream;
import org.jspecify.annotations.Nullable;

/**
 * What a public address answers, ready to be sent: made once, sent to everyone.
 *
 * @param type its media type
 * @param bytes as they are
 * @param packed the same with gzip; null where that saves nothing
 * @param tag names this content, without quotes
 * @param policy the page's content security policy; null for what is not a page
 */
record Answer(
        String type,
        byte[] bytes,
        byte @Nullable [] packed,
        String tag,
        @Nullable String policy) {
    private static final int LEAST = 1024;

    /** Text, packed where it is long enough. */
    static Answer text(String type, String text, String tag, @Nullable String policy) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        return new Answer(type, bytes, bytes.length < LEAST ? null : pack(bytes), tag, policy);
    }

    /** What is packed already, such as pictures. */
    static Answer file(String type, byte[] bytes, String tag) {
        boolean text = type.startsWith("text/") || type.endsWith("+xml");
        return new Answer(type, bytes, text && bytes.length >= LEAST ? pack(bytes) : null, tag, null);
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
        return bytes.length + (packed == null ? 0 : packed.length);
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
        byte[] body = small ? packed : bytes;
        if (small) {
            response.setHeader("Content-Encoding", "gzip");
        }
        response.setContentType(type);
        response.setContentLength(body.length);
        if (!request.getMethod().equals("HEAD")) {
            response.getOutputStream().write(body);
        }
    }

    private static boolean accepts(@Nullable String encodings) {
        return encodings != null && encodings.contains("gzip") && !encodings.contains("gzip;q=0");
    }

    /** True when one of the tags that the visitor has is this one; a cache may have marked it as weak. */
    private static boolean isKnown(@Nullable String tags, String quoted) {
        return tags != null && (tags.contains(quoted) || tags.strip().equals("*"));
    }
}
