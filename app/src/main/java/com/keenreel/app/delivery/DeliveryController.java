package com.keenreel.app.delivery;

import com.keenreel.app.access.PathHeaders;
import com.keenreel.app.access.Settings;
import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.imaging.Format;
import com.keenreel.publish.AddressPage;
import com.keenreel.publish.Base;
import com.keenreel.publish.Fragment;
import com.keenreel.publish.PlayerFiles;
import com.keenreel.publish.PlayerFiles.Shipped;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/**
 * The public addresses. What is taken down or unknown answers with an empty reel, not with an error: an error would be
 * logged in every visitor's console.
 */
@RestController
class DeliveryController {
    private static final Map<String, MediaType> TYPES = Map.of(
            "webp", MediaType.parseMediaType(Format.WEBP.mediaType()),
            "svg", MediaType.parseMediaType(Format.SVG.mediaType()),
            "js", MediaType.parseMediaType("text/javascript;charset=utf-8"),
            "woff2", MediaType.parseMediaType("font/woff2"));

    private static final MediaType HTML = MediaType.parseMediaType("text/html;charset=utf-8");
    private static final MediaType JSON = MediaType.parseMediaType("application/json;charset=utf-8");

    private final PublicationStore publications;
    private final ContentFiles files;
    private final Settings settings;
    private final Map<String, Shipped> shipped =
            PlayerFiles.shipped().published().stream().collect(Collectors.toMap(Shipped::sha256, Function.identity()));

    DeliveryController(PublicationStore publications, ContentFiles files, Settings settings) {
        this.publications = publications;
        this.files = files;
        this.settings = settings;
    }

    @GetMapping("/r/{slug}")
    ResponseEntity<String> page(@PathVariable String slug) {
        Optional<Published> live = publications.liveAt(slug);
        AddressPage page =
                live.map(one -> new AddressPage(one.page(), one.policy())).orElseGet(AddressPage::nothing);
        return ResponseEntity.ok()
                .headers(PathHeaders.published(page.policy()))
                .contentType(HTML)
                .eTag(version(live))
                .body(page.html());
    }

    @GetMapping("/r/{slug}/fragment")
    ResponseEntity<String> fragment(@PathVariable String slug) {
        Optional<Published> live = publications.liveAt(slug);
        String json = live.map(Published::fragment).orElseGet(Fragment.NOTHING::markedJson);
        return ResponseEntity.ok().contentType(JSON).eTag(version(live)).body(Base.put(json, settings.publicOrigin()));
    }

    private static String version(Optional<Published> live) {
        return live.map(one -> "\"" + one.id() + "\"").orElse("\"nothing\"");
    }

    @GetMapping("/r/{slug}/first-{width}.{extension}")
    ResponseEntity<byte[]> first(@PathVariable String slug, @PathVariable int width, @PathVariable String extension) {
        return publications
                .liveAt(slug)
                .flatMap(live -> live.files().stream()
                        .filter(file ->
                                file.firstWidth() == width && file.format().equals(extension))
                        .findFirst())
                .map(file -> ResponseEntity.ok()
                        .contentType(type(extension))
                        .eTag("\"" + file.sha256() + "\"")
                        .body(files.read(file.sha256())))
                .orElseGet(DeliveryController::emptyPicture);
    }

    /** What stands in for a picture that is no longer there: one that shows nothing, so that no console logs an error. */
    private static ResponseEntity<byte[]> emptyPicture() {
        byte[] svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 1 1\"/>"
                .getBytes(java.nio.charset.StandardCharsets.UTF_8);
        return ResponseEntity.ok()
                .contentType(type("svg"))
                .header(HttpHeaders.ETAG, "\"nothing\"")
                .body(svg);
    }

    @GetMapping("/f/{sha256:[0-9a-f]{64}}.{extension}")
    ResponseEntity<byte[]> file(@PathVariable String sha256, @PathVariable String extension) {
        Shipped ours = shipped.get(sha256);
        if (ours != null) {
            return ResponseEntity.ok().contentType(type(ours.extension())).body(ours.bytes());
        }
        return publications
                .format(sha256)
                .filter(extension::equals)
                .map(format -> ResponseEntity.ok().contentType(type(format)).body(files.read(sha256)))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    @GetMapping("/reel.js")
    ResponseEntity<byte[]> shell() {
        Shipped shell = PlayerFiles.shipped().shell();
        return ResponseEntity.ok()
                .contentType(type("js"))
                .eTag("\"" + shell.sha256() + "\"")
                .body(shell.bytes());
    }

    private static MediaType type(String extension) {
        return TYPES.getOrDefault(extension.toLowerCase(Locale.ROOT), MediaType.APPLICATION_OCTET_STREAM);
    }
}
