package com.keenreel.player;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.UnaryOperator;

/** A web server of somebody's own, which serves their pages and files; some of its answers can be late, or changed. */
public class Site implements AutoCloseable {
    static {
        System.setProperty("sun.net.httpserver.nodelay", "true"); // heads and bodies do not wait for each other
    }

    private record Stored(byte[] bytes, Map<String, String> headers) {}

    private final HttpServer server;
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private final Map<String, Stored> stored = new ConcurrentHashMap<>();
    private final Map<String, Long> delays = new ConcurrentHashMap<>();
    private final Map<String, UnaryOperator<String>> rewritings = new ConcurrentHashMap<>();
    private final List<String> asked = new CopyOnWriteArrayList<>();
    private volatile long latency;

    /** A site on a free port of this computer. */
    public Site() {
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
        server.createContext("/", this::answer);
        server.setExecutor(threads);
        server.start();
    }

    /** Its scheme, host and port. */
    public final String origin() {
        return "http://127.0.0.1:" + server.getAddress().getPort();
    }

    /** Puts a page there and returns its address. */
    public final String page(String path, String html, Map<String, String> headers) {
        Map<String, String> all = new HashMap<>(headers);
        all.put("Content-Type", "text/html;charset=utf-8");
        return file(path, html.getBytes(StandardCharsets.UTF_8), all);
    }

    /** Puts a file there and returns its address. */
    public final String file(String path, byte[] bytes, Map<String, String> headers) {
        stored.put(path, new Stored(bytes, headers));
        return origin() + path;
    }

    /** Answers each path that matches so much later, ms. */
    public final Site late(String pattern, long ms) {
        delays.put(pattern, ms);
        return this;
    }

    /** Answers everything so much later, ms. */
    public final void latency(long ms) {
        latency = ms;
    }

    /** Changes the body of each path that matches. */
    public final Site rewrite(String pattern, UnaryOperator<String> how) {
        rewritings.put(pattern, how);
        return this;
    }

    /** The paths that were asked for, without those of its own pages and files. */
    public final List<String> asked() {
        return asked;
    }

    private void answer(HttpExchange exchange) throws IOException {
        String path = exchange.getRequestURI().getRawPath();
        try (exchange) {
            Stored own = stored.get(path);
            Thread.sleep(latency);
            if (own != null) {
                own.headers().forEach(exchange.getResponseHeaders()::set);
                send(exchange, 200, own.bytes());
                return;
            }
            asked.add(path);
            for (Map.Entry<String, Long> late : delays.entrySet()) {
                if (path.matches(late.getKey())) {
                    Thread.sleep(late.getValue());
                }
            }
            answerOther(exchange, path);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** Answers what is neither a page nor a file of the site: with 404, unless the site knows more. */
    protected void answerOther(HttpExchange exchange, String path) throws IOException, InterruptedException {
        send(exchange, 404, new byte[0]);
    }

    /** Sends an answer, changed where that was asked for. */
    protected final void send(HttpExchange exchange, String path, int status, byte[] body) throws IOException {
        byte[] sent = body;
        for (Map.Entry<String, UnaryOperator<String>> rewriting : rewritings.entrySet()) {
            if (path.matches(rewriting.getKey())) {
                String text = new String(sent, StandardCharsets.UTF_8);
                sent = rewriting.getValue().apply(text).getBytes(StandardCharsets.UTF_8);
            }
        }
        send(exchange, status, sent);
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
