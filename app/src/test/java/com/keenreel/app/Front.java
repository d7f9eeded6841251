package com.keenreel.app;

import com.sun.net.httpserver.Headers;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/**
 * A web server of somebody's own: it serves their pages, and stands in front of Keen Reel's published addresses, which it
 * can make late, keep as a shared cache would (obeying what their headers say), or change.
 */
public final class Front implements AutoCloseable {
    static {
        System.setProperty("sun.net.httpserver.nodelay", "true"); // heads and bodies do not wait for each other
    }

    /** Changes the body of an answer. */
    public interface Rewriting {
        String of(String body);
    }

    private record Kept(HttpResponse<byte[]> answer, boolean forGood) {}

    private record Page(byte[] bytes, Map<String, String> headers) {}

    private final HttpServer server;
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private final HttpClient http = HttpClient.newHttpClient();
    private final String behind;
    private final Map<String, Page> pages = new ConcurrentHashMap<>();
    private final Map<String, Long> delays = new ConcurrentHashMap<>();
    private final Map<String, Rewriting> rewritings = new ConcurrentHashMap<>();
    private final Map<String, Kept> kept = new ConcurrentHashMap<>();
    private final List<String> asked = new CopyOnWriteArrayList<>();
    private final List<String> passedOn = new CopyOnWriteArrayList<>();
    private volatile boolean caching;
    private volatile boolean still;
    private volatile long latency;

    public Front() {
        this(Running.application());
    }

    /** In front of that application. */
    public Front(Running application) {
        behind = application.publicOnly();
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
        server.createContext("/", this::answer);
        server.setExecutor(threads);
        server.start();
    }

    public String origin() {
        return "http://127.0.0.1:" + server.getAddress().getPort();
    }

    /** Puts a page there and gives back its address. */
    public String page(String path, String html, Map<String, String> headers) {
        Map<String, String> all = new HashMap<>(headers);
        all.put("Content-Type", "text/html;charset=utf-8");
        return file(path, html.getBytes(StandardCharsets.UTF_8), all);
    }

    /** Puts a file there and gives back its address. */
    public String file(String path, byte[] bytes, Map<String, String> headers) {
        pages.put(path, new Page(bytes, headers));
        return origin() + path;
    }

    /** From now on what matches is answered that much later. */
    public Front late(String pattern, long ms) {
        delays.put(pattern, ms);
        return this;
    }

    /** From now on every answer takes that much longer. */
    public void latency(long ms) {
        latency = ms;
    }

    /** From now on what matches is changed on its way. */
    public Front rewrite(String pattern, Rewriting how) {
        rewritings.put(pattern, how);
        return this;
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

    /** What browsers asked for, pages left out. */
    public List<String> asked() {
        return asked;
    }

    /** What had to be asked of Keen Reel, with the status it answered. */
    List<String> passedOn() {
        return passedOn;
    }

    private void answer(HttpExchange exchange) throws IOException {
        String path = exchange.getRequestURI().getRawPath();
        try (exchange) {
            Page page = pages.get(path);
            Thread.sleep(latency);
            if (page != null) {
                page.headers().forEach(exchange.getResponseHeaders()::set);
                send(exchange, 200, page.bytes());
                return;
            }
            asked.add(path);
            for (Map.Entry<String, Long> late : delays.entrySet()) {
                if (path.matches(late.getKey())) {
                    Thread.sleep(late.getValue());
                }
            }
            passOn(exchange, path);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private void passOn(HttpExchange exchange, String path) throws IOException, InterruptedException {
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
        byte[] body = answer.body();
        for (Map.Entry<String, Rewriting> rewriting : rewritings.entrySet()) {
            if (path.matches(rewriting.getKey())) {
                body = rewriting
                        .getValue()
                        .of(new String(body, StandardCharsets.UTF_8))
                        .getBytes(StandardCharsets.UTF_8);
            }
        }
        send(exchange, answer.statusCode(), body);
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

    private static void send(HttpExchange exchange, int status, byte[] body) throws IOException {
        exchange.sendResponseHeaders(status, body.length == 0 ? -1 : body.length);
        if (body.length > 0) {
            exchange.getResponseBody().write(body);
        }
    }

    @Override
    public void close() {
        server.stop(0);
        threads.shutdownNow();
    }
}
