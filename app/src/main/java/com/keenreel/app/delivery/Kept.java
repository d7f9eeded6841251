package com.keenreel.app.delivery;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.catalina.Globals;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpRange;

/**
 * A file that is sent from where it is kept, whole or a stretch of it: players of videos ask for what they need next. Source:
 * RFC 9110, section 14.
 *
 * @param tag names its content, in quotes
 */
record Kept(Path place, String tag) {
    /** Sends what was asked for. Headers of its type and content are already there. */
    void send(boolean body, HttpServletRequest request, HttpServletResponse response) throws IOException {
        long length = Files.size(place);
        response.setHeader("Accept-Ranges", "bytes");
        HttpRange stretch = stretch(request);
        long from = stretch == null ? 0 : stretch.getRangeStart(length);
        long end = stretch == null ? length : stretch.getRangeEnd(length) + 1;
        if (from >= end) {
            response.setHeader("Content-Range", "bytes */" + length);
            response.setStatus(HttpServletResponse.SC_REQUESTED_RANGE_NOT_SATISFIABLE);
            return;
        }
        if (stretch != null) {
            response.setStatus(HttpServletResponse.SC_PARTIAL_CONTENT);
            response.setHeader("Content-Range", "bytes " + from + "-" + (end - 1) + "/" + length);
        }
        response.setContentLengthLong(end - from);
        if (body) {
            write(from, end, request, response);
        }
    }

    /**
     * The stretch that is asked for; null for all of it: where there are several, none that can be read, or one of
     * another content.
     */
    private @Nullable HttpRange stretch(HttpServletRequest request) {
        String asked = request.getHeader("Range");
        String of = request.getHeader("If-Range");
        if (asked == null || !asked.startsWith("bytes=") || of != null && !of.equals(tag)) {
            return null;
        }
        try {
            List<HttpRange> all = HttpRange.parseRanges(asked);
            return all.size() == 1 ? all.get(0) : null;
        } catch (IllegalArgumentException unreadable) {
            return null;
        }
    }

    /** By the system itself, without copies, where the server can ask for that. */
    private void write(long from, long end, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        if (Boolean.TRUE.equals(request.getAttribute(Globals.SENDFILE_SUPPORTED_ATTR))) {
            request.setAttribute(Globals.SENDFILE_FILENAME_ATTR, place.toString());
            request.setAttribute(Globals.SENDFILE_FILE_START_ATTR, from);
            request.setAttribute(Globals.SENDFILE_FILE_END_ATTR, end);
            return;
        }
        try (FileChannel file = FileChannel.open(place)) {
            var out = Channels.newChannel(response.getOutputStream());
            for (long at = from; at < end; ) {
                at += file.transferTo(at, end - at, out);
            }
        }
    }
}
