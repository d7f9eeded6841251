package com.keenreel.app;

import com.keenreel.player.Site;
import com.sun.net.httpserver.Headers;
import com.sun.net.httpserver.HttpExchange;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;

/**
 * A web server of somebody's own in front of Keen Reel's published addresses: it passes them on, and keeps them as a shared
 * cache would, obeying what their headers say.
 */
public final class Front extends Site {
    private record Kept(HttpResponse<byte[]> answer, boolean forGood) {}

    private final HttpClient http = HttpClient.newHttpClient();
    private final String behind;
    private final Map<String, Kept> kept = new ConcurrentHashMap<>();
    private final List<String> passedOn = new CopyOnWriteArrayList<>();
    private volatile boolean caching;
    private volatile boolean still;

    /** In front of the application of the run. */
    public Front() {
        this(Running.application());
    }

    /** In front of that application. */
    public Front(Running application) {
        behind = application.publicOnly();
    }

    /** From now on answers are kept, as far as their headers allow it. */
    public Front caching() {
        caching = true;
        return this;
    }

    /** Whether what is kept is answered without asking again, so that Keen Reel's answers cost what those of pages cost. */
    public void still(boolean now) {
        still = now;
    }

    /** What had to be asked of Keen Reel, with the status it answered. */
    List<String> passedOn() {
        return passedOn;
    }

    @Override
    protected void answerOther(HttpExchange exchange, String path) throws IOException, InterruptedException {
        Kept known = caching ? kept.get(path) : null;
        if (known == null || !known.forGood() && !still) {
            known = fresh(exchange, path, known);
        }
        HttpResponse<byte[]> answer = known.answer();
        Headers headers = exchange.getResponseHeaders();
        for (String name : List.of(
                "Content-Type",
                "ETag",
                "Cache-Control",
                "Content-Security-Policy",
                "Access-Control-Allow-Origin",
                "Cross-Origin-Resource-Policy")) {
            answer.headers().firstValue(name).ifPresent(value -> headers.set(name, value));
        }
        String tag = answer.headers().firstValue("ETag").orElse("");
        if (!tag.isEmpty() && tag.equals(exchange.getRequestHeaders().getFirst("If-None-Match"))) {
            exchange.sendResponseHeaders(304, -1);
            return;
        }
        send(exchange, path, answer.statusCode(), answer.body());
    }

    /** Asks Keen Reel; what is kept already is revalidated. */
    private Kept fresh(HttpExchange exchange, String path, Kept former) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(behind + path));
        for (String name : List.of("Referer", "Sec-Fetch-Dest")) {
            String value = exchange.getRequestHeaders().getFirst(name);
            if (value != null) {
                request.header(name, value);
            }
        }
        if (former != null) {
            request.header(
                    "If-None-Match",
                    former.answer().headers().firstValue("ETag").orElse("\"\""));
        }
        HttpResponse<byte[]> answer = http.send(request.build(), BodyHandlers.ofByteArray());
        passedOn.add(answer.statusCode() + " " + path);
        if (answer.statusCode() == 304 && former != null) {
            return former;
        }
        String control = answer.headers().firstValue("Cache-Control").orElse("no-store");
        Kept fresh = new Kept(answer, control.contains("immutable") && answer.statusCode() == 200);
        if (caching && control.contains("public")) {
            kept.put(path, fresh);
        }
        return fresh;
    }
}
