package com.keenreel.measure;

import com.keenreel.app.Editor;
import com.keenreel.app.Running;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/**
 * How fast published addresses are served: the same files from Keen Reel and from nginx, in one run on one machine, under
 * wrk; then a fixed rate, each answer timed from the moment at which it should have been asked for.
 */
final class MeasureServing {
    private static final int ROUNDS = Figures.times(5, 1);
    private static final int SECONDS = Figures.times(4, 1);
    private static final int WARMING = Figures.times(15, 1);
    private static final int CONNECTIONS = 50;
    private static final int RATE = 200;

    private final Figures figures;
    private final HttpClient http = HttpClient.newHttpClient();
    private final String keenReel = Running.application().publicOnly();
    private final Path folder = Running.temporaryFolder();

    private MeasureServing(Figures figures) {
        this.figures = figures;
    }

    public static void main(String[] args) {
        Figures.of(MeasureServing::measure);
    }

    /** Measures it. */
    static void measure(Figures figures) throws Exception {
        new MeasureServing(figures).run();
    }

    private void run() throws Exception {
        String page;
        String file = "";
        try (Editor editor = new Editor()) {
            JsonNode live = editor.make(
                            "Served",
                            "banner",
                            "full",
                            "banner-glaze-bench.jpg",
                            "banner-dusk-works.jpg",
                            "plate-04-fan.jpg")
                    .publish();
            page = "/r/" + live.path("slug").asString();
        }
        Matcher named = Pattern.compile("/f/[0-9a-f]{64}\\.webp").matcher(text(keenReel + page + "/fragment"));
        while (file.isEmpty() && named.find()) {
            file = bytes(keenReel + named.group()).length > 40_000 ? named.group() : "";
        }
        int port = Running.freePort();
        Process nginx = nginx(port, List.of(page, file));
        try {
            compare("page", page, "http://127.0.0.1:" + port);
            compare("file", file, "http://127.0.0.1:" + port);
            notModified("page", page);
            notModified("file", file);
            fixedRate(page);
        } finally {
            nginx.destroy();
            nginx.waitFor();
        }
    }

    private byte[] bytes(String address) throws Exception {
        return http.send(HttpRequest.newBuilder(URI.create(address)).build(), BodyHandlers.ofByteArray())
                .body();
    }

    private String text(String address) throws Exception {
        return new String(bytes(address), StandardCharsets.UTF_8);
    }

    /** nginx with those answers as files. */
    private Process nginx(int port, List<String> paths) throws Exception {
        for (String path : paths) {
            Path copy = folder.resolve("html" + path);
            Files.createDirectories(copy.getParent());
            Files.write(copy, bytes(keenReel + path));
        }
        Path config = folder.resolve("nginx.conf");
        Files.writeString(config, """
                daemon off; worker_processes auto; pid %1$s/pid; error_log %1$s/error.log;
                events { worker_connections 1024; }
                http {
                  access_log off; sendfile on; tcp_nopush on; keepalive_requests 1000000; open_file_cache max=100;
                  types { image/webp webp; } default_type text/html;
                  client_body_temp_path %1$s/a; proxy_temp_path %1$s/b; fastcgi_temp_path %1$s/c; uwsgi_temp_path %1$s/d; scgi_temp_path %1$s/e;
                  server { listen 127.0.0.1:%2$d; root %1$s/html; location /f/ { add_header Cache-Control "public, max-age=31536000, immutable"; } location /r/ { add_header Cache-Control "public, no-cache"; } }
                }
                """.formatted(folder, port));
        // a folder that only its owner may enter cannot be read by workers of another user
        folder.toFile().setExecutable(true, false);
        folder.toFile().setReadable(true, false);
        Process nginx = new ProcessBuilder("nginx", "-e", folder + "/error.log", "-c", config.toString())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("said").toFile())
                .start();
        for (int i = 0; i < 100; i++) {
            try {
                if (bytes("http://127.0.0.1:" + port + paths.get(0)).length > 0) {
                    return nginx;
                }
            } catch (IOException notYet) {
                Thread.sleep(50);
            }
        }
        throw new IllegalStateException("nginx did not start: " + Files.readString(folder.resolve("said")));
    }

    private void compare(String what, String path, String nginx) throws Exception {
        load(keenReel + path, WARMING); // until the virtual machine has compiled what is used most
        double[] ours = new double[ROUNDS];
        double[] theirs = new double[ROUNDS];
        double[] ratios = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            theirs[i] = load(nginx + path, SECONDS);
            ours[i] = load(keenReel + path, SECONDS);
            ratios[i] = ours[i] / theirs[i];
        }
        figures.reported("serving." + what + ".bytes", bytes(keenReel + path).length, "bytes");
        figures.reported("serving." + what + ".nginx", Figures.median(theirs), "requests/s");
        figures.reported("serving." + what + ".keen-reel", Figures.median(ours), "requests/s");
        figures.atLeast("serving." + what + ".ratio", Figures.median(ratios), "of nginx", 1 / 3.0);
    }

    /** Requests per second under as much load as comes through. */
    private static double load(String address, int seconds) throws Exception {
        Process wrk = new ProcessBuilder("wrk", "-t1", "-c" + CONNECTIONS, "-d" + seconds + "s", address)
                .redirectErrorStream(true)
                .start();
        String said = new String(wrk.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        Matcher rate = Pattern.compile("Requests/sec:\\s+([\\d.]+)").matcher(said);
        if (wrk.waitFor() != 0 || !rate.find() || said.contains("Non-2xx")) {
            throw new IllegalStateException("wrk failed: " + said);
        }
        return Double.parseDouble(rate.group(1));
    }

    private void notModified(String what, String path) throws Exception {
        HttpResponse<byte[]> first =
                http.send(HttpRequest.newBuilder(URI.create(keenReel + path)).build(), BodyHandlers.ofByteArray());
        String tag = first.headers().firstValue("ETag").orElse("none");
        Map<String, Integer> wanted = Map.of(tag, 304, "W/" + tag, 304, "\"another\", " + tag, 304, "\"another\"", 200);
        int right = 0;
        for (Map.Entry<String, Integer> one : wanted.entrySet()) {
            HttpResponse<byte[]> answer = http.send(
                    HttpRequest.newBuilder(URI.create(keenReel + path))
                            .header("If-None-Match", one.getKey())
                            .build(),
                    BodyHandlers.ofByteArray());
            boolean is = answer.statusCode() == one.getValue();
            right += is && (answer.statusCode() == 200 || answer.body().length == 0) ? 1 : 0;
        }
        figures.atLeast("serving." + what + ".304", right, "of 4 conditional requests right", 4);
    }

    /** 200 requests a second over 50 connections, whether or not answers come back in time. */
    private void fixedRate(String path) throws Exception {
        int each = RATE * Figures.times(15, 1) / CONNECTIONS;
        URI address = URI.create(keenReel + path);
        ExecutorService threads = Executors.newFixedThreadPool(CONNECTIONS);
        List<Future<double[]>> running = new ArrayList<>();
        long start = System.nanoTime() + 500_000_000L;
        for (int c = 0; c < CONNECTIONS; c++) {
            long first = start + c * 1_000_000_000L / RATE;
            running.add(threads.submit(() -> one(address, first, each)));
        }
        double[] all = new double[CONNECTIONS * each];
        for (int c = 0; c < CONNECTIONS; c++) {
            System.arraycopy(running.get(c).get(), 0, all, c * each, each);
        }
        threads.shutdown();
        Arrays.sort(all);
        figures.reported("serving.fixed-rate.median", all[all.length / 2], "ms");
        figures.atMost("serving.fixed-rate.p99", all[(int) (all.length * 0.99)], "ms", 20);
    }

    private static double[] one(URI address, long first, int count) throws IOException, InterruptedException {
        double[] took = new double[count];
        byte[] request = ("GET " + address.getPath() + " HTTP/1.1\r\nHost: " + address.getAuthority() + "\r\n\r\n")
                .getBytes(StandardCharsets.US_ASCII);
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            socket.setTcpNoDelay(true);
            OutputStream out = socket.getOutputStream();
            InputStream in = new BufferedInputStream(socket.getInputStream(), 1 << 16);
            for (int i = 0; i < count; i++) {
                long due = first + (long) i * CONNECTIONS * 1_000_000_000L / RATE;
                long wait = due - System.nanoTime();
                if (wait > 0) {
                    Thread.sleep(wait / 1_000_000, (int) (wait % 1_000_000));
                }
                out.write(request);
                read(in);
                took[i] = (System.nanoTime() - due) / 1e6;
            }
        }
        return took;
    }

    private static void read(InputStream in) throws IOException {
        StringBuilder head = new StringBuilder();
        while (head.length() < 4 || !head.substring(head.length() - 4).equals("\r\n\r\n")) {
            head.append((char) in.read());
        }
        Matcher length = Pattern.compile("(?i)content-length: (\\d+)").matcher(head);
        if (!head.toString().startsWith("HTTP/1.1 200") || !length.find()) {
            throw new IOException("Answered: " + head);
        }
        in.skipNBytes(Long.parseLong(length.group(1)));
    }
}
