package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.player.Clock;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What the network may do, asked for byte by byte, since a polite client would not send such things. */
@Tag("browser")
class SecurityTest {
    private static final Running APPLICATION = Running.application();
    private static final int PORT = APPLICATION.settings().port();
    private static final int SITE_PORT = APPLICATION.settings().sitePort();
    private static final String WITHOUT_KEY = "X-Test: without the key";
    private static final String HOST = "localhost:" + PORT;

    record Answer(int status, Map<String, String> headers, String body) {
        String header(String name) {
            return headers.getOrDefault(name.toLowerCase(Locale.ROOT), "");
        }
    }

    private static Answer ask(int port, String method, String path, String host, String body, String... headers)
            throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            StringBuilder request =
                    new StringBuilder(method + " " + path + " HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n");
            String key = port == PORT && !Arrays.asList(headers).contains(WITHOUT_KEY)
                    ? Running.application().keyCookie()
                    : "";
            String cookie = Stream.concat(
                            Stream.of(headers)
                                    .filter(header -> header.startsWith("Cookie: "))
                                    .map(header -> header.substring(8)),
                            Stream.of(key))
                    .filter(one -> !one.isEmpty())
                    .collect(Collectors.joining("; "));
            for (String header : headers) {
                if (!header.startsWith("Cookie: ")) {
                    request.append(header).append("\r\n");
                }
            }
            if (!cookie.isEmpty()) {
                request.append("Cookie: ").append(cookie).append("\r\n");
            }
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            if (bytes.length > 0) {
                request.append("Content-Length: ").append(bytes.length).append("\r\n");
            }
            OutputStream out = socket.getOutputStream();
            out.write(request.append("\r\n").append(body).toString().getBytes(StandardCharsets.UTF_8));
            out.flush();
            socket.shutdownOutput(); // nothing more is sent, whatever was announced
            InputStream in = socket.getInputStream();
            String answer = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            String[] parts = answer.split("\r\n\r\n", 2);
            String[] lines = parts[0].split("\r\n");
            Map<String, String> found = new LinkedHashMap<>();
            for (int i = 1; i < lines.length; i++) {
                String[] header = lines[i].split(":\\s*", 2);
                found.merge(header[0].toLowerCase(Locale.ROOT), header[1], (a, b) -> a + " | " + b);
            }
            return new Answer(Integer.parseInt(lines[0].split(" ")[1]), found, parts.length > 1 ? parts[1] : "");
        }
    }

    private static Answer get(String path, String... headers) throws IOException {
        return ask(PORT, "GET", path, HOST, "", headers);
    }

    @Test
    void aForeignNameThatPointsHereIsNotAnswered() throws Exception {
        assertThat(ask(PORT, "GET", "/reels", "evil.example", "").status()).isEqualTo(421);
        assertThat(ask(PORT, "GET", "/reels", "127.0.0.1:" + PORT, "").status()).isEqualTo(421);
        assertThat(get("/reels").status()).isEqualTo(200);
    }

    @Test
    void aPathThatIsWrittenOtherwiseLeadsNowhere() throws Exception {
        try (Editor editor = new Editor()) {
            editor.send("PUT", "/practice/otherwise", "{\"title\":\"Otherwise\",\"blocks\":[]}");
        }
        int site = Running.application().settings().sitePort();
        String siteHost = "127.0.0.1:" + site;
        assertThat(ask(site, "GET", "/otherwise", siteHost, "").body()).contains("Otherwise");
        for (String path : List.of(
                "/practice-site/otherwise",
                "/%70ractice-site/otherwise",
                "/practice%2Dsite/otherwise",
                "/practice-site;a=b/otherwise",
                "/r/../practice-site/otherwise",
                "/r/%2e%2e/practice-site/otherwise",
                "/./practice-site/otherwise",
                "//practice-site/otherwise",
                "/r;/practice-site/otherwise",
                "/r/;/%2e%2e/practice-site/otherwise",
                "/%72eels",
                "/pictures/versions/1/320.%73vg",
                "/pictures;/versions/1/320.svg")) {
            Answer answer = get(path);
            assertThat(answer.status()).as(path).isIn(400, 404);
            assertThat(answer.body()).as(path).doesNotContain("Otherwise");
        }
        for (String path : List.of("/%6ftherwise", "/../reels", "/%2e%2e/reels", "//otherwise", "/otherwise;a=b")) {
            assertThat(ask(site, "GET", path, siteHost, "").status()).as(path).isIn(400, 404);
        }
    }

    @Test
    void nothingIsChangedWithoutATokenOrFromAnotherOrigin() throws Exception {
        String body = "{\"name\":\"x\",\"starter\":\"banner\",\"slot\":\"full\",\"pictures\":[]}";
        String cookie = get("/reels").header("Set-Cookie").replaceFirst(";.*", "");
        String token = cookie.replaceFirst(".*=", "");
        String json = "Content-Type: application/json";
        assertThat(cookie).startsWith("XSRF-TOKEN=");
        assertThat(get("/reels").header("Set-Cookie")).contains("SameSite=Strict");
        assertThat(ask(PORT, "POST", "/reels", HOST, body, json).status()).isEqualTo(403);
        assertThat(ask(PORT, "POST", "/reels", HOST, body, json, "Cookie: " + cookie)
                        .status())
                .isEqualTo(403);
        assertThat(ask(
                                PORT,
                                "POST",
                                "/reels",
                                HOST,
                                body,
                                json,
                                "Cookie: " + cookie,
                                "X-XSRF-TOKEN: " + token,
                                "Origin: http://127.0.0.1:" + SITE_PORT)
                        .status())
                .isEqualTo(403);
        assertThat(ask(
                                PORT,
                                "POST",
                                "/reels",
                                HOST,
                                body,
                                json,
                                "Cookie: " + cookie,
                                "X-XSRF-TOKEN: " + token,
                                "Origin: http://" + HOST)
                        .status())
                .isEqualTo(200);
    }

    @Test
    void anotherSiteReadsPublishedAddressesAlone() throws Exception {
        String[] foreign = {"Sec-Fetch-Site: cross-site", "Sec-Fetch-Mode: cors", "Sec-Fetch-Dest: empty"};
        for (String path :
                new String[] {"/reels", "/pictures", "/practice", "/pictures/versions/1/320.webp", "/app/bench.js"}) {
            assertThat(get(path, foreign).status()).as(path).isEqualTo(403);
            assertThat(get(path).header("Access-Control-Allow-Origin")).as(path).isEmpty();
        }
        assertThat(get("/reel.js", foreign).status()).isEqualTo(200);
        assertThat(get("/r/unknown/fragment", foreign).status()).isEqualTo(200);
        // a link from another site opens a page, but no page of the application can be framed
        assertThat(get("/reels", "Sec-Fetch-Site: cross-site", "Sec-Fetch-Mode: navigate", "Sec-Fetch-Dest: document")
                        .status())
                .isEqualTo(200);
        assertThat(get("/reels", "Sec-Fetch-Site: cross-site", "Sec-Fetch-Mode: navigate", "Sec-Fetch-Dest: iframe")
                        .status())
                .isEqualTo(403);
    }

    @ParameterizedTest
    @CsvSource({"/reels", "/pictures", "/practice", "/help", "/nothing-here"})
    void everyPageOfTheApplicationHasAStrictPolicy(String path) throws Exception {
        Answer answer = get(path, "Accept: text/html");
        assertThat(answer.header("Content-Security-Policy"))
                .contains("default-src 'self'", "frame-ancestors 'none'", "object-src 'none'", "base-uri 'none'")
                .doesNotContain("unsafe-inline", "unsafe-eval");
        assertThat(answer.header("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(answer.header("Cache-Control")).isEqualTo("no-cache");
        assertThat(org.jsoup.Jsoup.parse(answer.body()).select("[style], style, [onclick], script:not([src])"))
                .isEmpty();
    }

    @Test
    void thePortOfPublishedAddressesAnswersThemAndNothingElse() throws Exception {
        int port = Running.application().settings().publicPort();
        String anyHost = "reels.fennock.example";
        for (String path : new String[] {"/r/unknown", "/r/unknown/fragment", "/reel.js"}) {
            assertThat(ask(port, "GET", path, anyHost, "").status()).as(path).isEqualTo(200);
            assertThat(ask(port, "HEAD", path, anyHost, "").status()).as(path).isEqualTo(200);
            assertThat(ask(port, "POST", path, anyHost, "").status()).as(path).isEqualTo(405);
        }
        for (String path : new String[] {
            "/",
            "/reels",
            "/pictures",
            "/practice",
            "/help",
            "/app/bench.js",
            "/practice-site/",
            "/settings/public-address"
        }) {
            Answer answer = ask(port, "GET", path, anyHost, "");
            assertThat(answer.status()).as(path).isEqualTo(404);
            assertThat(answer.header("Set-Cookie")).as(path).isEmpty();
        }
        assertThat(ask(port, "GET", "/r/../reels", anyHost, "").status()).isNotEqualTo(200);
        assertThat(ask(port, "GET", "/f/" + "0".repeat(64) + ".webp", anyHost, "")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void publishedAddressesMayBeSharedFramedAndRevalidated() throws Exception {
        Answer page = get("/r/unknown");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.header("Content-Security-Policy"))
                .contains("default-src 'none'", "frame-ancestors *")
                .doesNotContain("unsafe");
        assertThat(page.header("Cache-Control")).isEqualTo("public, no-cache");
        assertThat(page.header("Set-Cookie")).isEmpty();
        Answer shell = get("/reel.js");
        assertThat(shell.header("Access-Control-Allow-Origin")).isEqualTo("*");
        assertThat(get("/reel.js", "If-None-Match: " + shell.header("ETag")).status())
                .isEqualTo(304);
        assertThat(get("/f/" + "0".repeat(64) + ".webp").status()).isEqualTo(404);
    }

    @Test
    void thePracticeSiteHasNothingOfTheApplication() throws Exception {
        String host = "127.0.0.1:" + SITE_PORT;
        for (String path : new String[] {"/reels", "/pictures", "/practice", "/app/bench.js", "/reel.js"}) {
            Answer answer = ask(SITE_PORT, "GET", path, host, "");
            assertThat(answer.body()).as(path).doesNotContain("Keen Reel</title>", "data-reel", "customElements");
        }
        assertThat(ask(SITE_PORT, "POST", "/reels", host, "{}").status()).isEqualTo(405);
        assertThat(ask(SITE_PORT, "GET", "/", "evil.example", "").status()).isEqualTo(421);
        Answer page = ask(SITE_PORT, "GET", "/", host, "");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.header("Set-Cookie")).isEmpty();
        assertThat(ask(SITE_PORT, "GET", "/site.css", host, "").status()).isEqualTo(200);
        assertThat(get("/practice-site/").status()).isEqualTo(404);
        assertThat(get("/practice-site/site.css").status()).isEqualTo(404);
    }

    @Test
    void itListensOnTheLoopbackAddressAlone() throws Exception {
        for (var each : java.util.Collections.list(java.net.NetworkInterface.getNetworkInterfaces())) {
            for (var address : java.util.Collections.list(each.getInetAddresses())) {
                if (!address.isLoopbackAddress()) {
                    for (int port : new int[] {PORT, SITE_PORT}) {
                        assertThat(org.assertj.core.api.Assertions.catchThrowable(
                                        () -> new Socket(address, port).close()))
                                .as(address + " port " + port)
                                .isInstanceOf(IOException.class);
                    }
                }
            }
        }
    }

    @Test
    void wordsAreEscapedWhereverTheyAreShown() {
        try (Editor editor = new Editor()) {
            String evil = "<img src=x onerror=window.evil=1></script><script>window.evil=2</script>&quot;";
            Editor.Made reel = editor.make(evil, "banner", "full", "banner-kiln-glow.jpg");
            String slide = reel.slides().get(0);
            reel.say(slide, "button", "<b onmouseover=window.evil=3>");
            for (String field : new String[] {"title", "text", "alt"}) {
                reel.say(slide, field, evil);
            }
            String published = reel.publish().path("address").asString();
            for (String address :
                    new String[] {"/reels", "/reels/" + reel.id, "/reels/" + reel.id + "/publish", published}) {
                var page = editor.open(address);
                Clock.frames(page);
                assertThat(page.evaluate("() => window.evil ?? 'unharmed'"))
                        .as(address)
                        .isEqualTo("unharmed");
                page.close();
            }
            var page = editor.open(published);
            com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat(page.locator(".title"))
                    .hasText(evil);
            assertThat(editor.problems()).isEmpty();
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Forwarded: for=192.0.2.1",
                "Via: 1.1 front",
                "X-Forwarded-For: 192.0.2.1",
                "X-Forwarded-Host: reels.fennock.example",
                "X-Forwarded-Proto: https",
                "X-Real-IP: 192.0.2.1"
            })
    void whatAWebServerPassesOnIsRefusedWithThePortToUse(String trace) throws Exception {
        for (String path : new String[] {"/reels", "/r/anything", "/pictures"}) {
            Answer answer = get(path, trace);
            assertThat(answer.status()).as(path).isEqualTo(421);
            assertThat(answer.body()).contains("port " + APPLICATION.settings().publicPort());
        }
        Answer published = ask(APPLICATION.settings().publicPort(), "GET", "/r/anything", "any.example", "", trace);
        assertThat(published.status()).isEqualTo(200);
    }

    @Test
    void anOldServersRequestIsRefusedToo() throws Exception {
        try (Socket socket = new Socket("127.0.0.1", PORT)) {
            socket.getOutputStream()
                    .write(("GET /reels HTTP/1.0\r\nHost: " + HOST + "\r\n\r\n").getBytes(StandardCharsets.UTF_8));
            assertThat(new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                    .startsWith("HTTP/1.1 421");
        }
    }

    @Test
    void whereOthersReachWhatIsPublishedEditingAsksForTheKey() throws Exception {
        for (String path : new String[] {"/reels", "/pictures", "/backup", "/app/bench.js", "/reels?key=guessed"}) {
            Answer answer = get(path, WITHOUT_KEY);
            assertThat(answer.status()).as(path).isEqualTo(401);
            assertThat(answer.header("Set-Cookie")).isEmpty();
        }
        assertThat(get("/reels", WITHOUT_KEY, "Accept: text/html").body()).contains("Keen Reel asks for its key");
        assertThat(get("/r/anything", WITHOUT_KEY).status()).isEqualTo(200);
        Answer taken = get("/reels?key=" + APPLICATION.key(), WITHOUT_KEY);
        assertThat(taken.status()).isEqualTo(303);
        assertThat(taken.header("Location")).isEqualTo("/reels");
        assertThat(taken.header("Set-Cookie")).contains("HttpOnly", "SameSite=Strict", APPLICATION.key());
        assertThat(get("/reels").status()).isEqualTo(200);
    }

    @Test
    void whatIsSentHasALimit() throws Exception {
        Answer answer = ask(PORT, "POST", "/reels", HOST, "", "Content-Length: 9000000");
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.body()).isEqualTo("{\"problem\":\"At most 8 MB can be sent here at once.\"}");
        for (String path : List.of("/pictures", "/pictures/videos", "/pictures/originals", "/pictures/x/file")) {
            assertThat(ask(PORT, "POST", path, HOST, "", "Content-Length: 9000000")
                            .status())
                    .as("files have limits of their own: " + path)
                    .isNotEqualTo(413);
        }
        assertThat(ask(PORT, "POST", "/reels", HOST, "", "Transfer-Encoding: chunked")
                        .status())
                .isEqualTo(413);
    }
}
