package com.keenreel.samples;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Speaks to a running Keen Reel as a browser does: with its cookie and its forgery token. */
final class Client {
    private static final String VIDEO = ".mp4";

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final String origin;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private int edits;

    /** A client of the Keen Reel at that origin; its key is asked for where others can reach what is published. */
    Client(String origin, String key) {
        this.origin = origin;
        if (!key.isEmpty()) {
            send(HttpRequest.newBuilder(URI.create(origin + "/reels?key=" + key))
                    .GET());
        }
        send(HttpRequest.newBuilder(URI.create(origin + "/reels")).GET()); // brings the token
    }

    static ObjectNode object() {
        return JSON.createObjectNode();
    }

    JsonNode get(String address) {
        return send(HttpRequest.newBuilder(URI.create(origin + address))
                .header("Accept", "application/json")
                .GET());
    }

    JsonNode send(String method, String address, JsonNode body) {
        return send(json(method, address, body));
    }

    private HttpRequest.Builder json(String method, String address, JsonNode body) {
        return HttpRequest.newBuilder(URI.create(origin + address))
                .header("Content-Type", "application/json")
                .header("Accept", "application/json")
                .method(method, BodyPublishers.ofString(body.toString()));
    }

    /** Brings a file and gives back the picture's id; what stands for a video lies beside it. */
    String upload(Path file) {
        String name = file.getFileName().toString();
        String address = "/pictures?name=" + URLEncoder.encode(name, StandardCharsets.UTF_8);
        if (!name.endsWith(VIDEO)) {
            return bring(file, address).path("id").asString();
        }
        String video = bring(file, "/pictures/videos").path("sha256").asString();
        return bring(file.resolveSibling(name.replace(VIDEO, "-still.jpg")), address + "&video=" + video)
                .path("id")
                .asString();
    }

    private JsonNode bring(Path file, String address) {
        try {
            return send(HttpRequest.newBuilder(URI.create(origin + address))
                    .header("Content-Type", "application/octet-stream")
                    .POST(BodyPublishers.ofFile(file)));
        } catch (IOException unreadable) {
            throw new IllegalStateException("The picture " + file + " cannot be read.", unreadable);
        }
    }

    /** Takes a reel's folder and unpacks it there. */
    void takeFolder(String reel, Path into) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(origin + "/reels/" + reel + "/folder"))
                .GET()
                .build();
        try (ZipInputStream zip = new ZipInputStream(
                http.send(request, BodyHandlers.ofInputStream()).body())) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                Path file = into.resolve(entry.getName()).normalize();
                if (!file.startsWith(into)) {
                    throw new IllegalStateException("The folder names a file outside itself: " + entry.getName());
                }
                Files.createDirectories(file.getParent());
                Files.copy(zip, file, StandardCopyOption.REPLACE_EXISTING);
            }
        } catch (IOException failed) {
            throw new IllegalStateException("The folder could not be unpacked into " + into + ".", failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped.", stopped);
        }
    }

    /** Makes an edit of a reel and gives back the new revision. */
    long edit(String reel, ObjectNode edit) {
        ObjectNode request = object().put("window", "samples").put("editId", "sample-" + reel + "-" + edits++);
        request.put("on", Long.MAX_VALUE).set("edit", edit);
        return send(json("POST", "/reels/" + reel + "/edits", request)
                        .header("Prefer", "return=minimal")) // nobody looks at a bench
                .path("revision")
                .asLong();
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    private JsonNode send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> answer =
                    http.send(request.header("X-XSRF-TOKEN", token()).build(), BodyHandlers.ofString());
            if (answer.statusCode() >= 400) {
                throw new IllegalStateException(
                        answer.uri() + " answered " + answer.statusCode() + ": " + answer.body());
            }
            String type = answer.headers().firstValue("Content-Type").orElse("");
            return type.startsWith("application/json") ? JSON.readTree(answer.body()) : JSON.nullNode();
        } catch (IOException notReached) {
            throw new IllegalStateException("Keen Reel is not reached at " + origin + ".", notReached);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped.", stopped);
        }
    }
}
