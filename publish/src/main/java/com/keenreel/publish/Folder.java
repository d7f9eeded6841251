package com.keenreel.publish;

import com.keenreel.core.reel.PictureId;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.function.Function;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;

/**
 * A reel as a folder that opens from disk and can be put on any web server: one page, its pictures, the player and a
 * note. It asks for nothing outside itself.
 */
public final class Folder {
    /** The first moment that a ZIP file can name; every file has it, so that the same reel makes the same bytes. */
    private static final long NO_TIME =
            java.time.Instant.parse("1980-01-02T00:00:00Z").toEpochMilli();

    private final String name;
    private final Map<String, byte[]> texts = new LinkedHashMap<>();
    private final Map<String, String> pictures = new LinkedHashMap<>();
    private final Map<PictureId, Integer> numbers = new LinkedHashMap<>();

    /**
     * The folder of that material.
     *
     * @param later what is shown instead from a later day on, where slides have days
     * @param name of the folder, as in the reel's address
     */
    public Folder(Material material, SortedMap<LocalDate, Material> later, String name) {
        this.name = name;
        Material inside = inside(material);
        PlayerFiles shipped = PlayerFiles.shipped();
        List<Fragment.Face> faces = new ArrayList<>();
        for (Fragment.Face face : shipped.faces()) {
            faces.add(new Fragment.Face(face.family(), face.weight(), inPage(shipped.face(face.weight()))));
        }
        Needs needs = later.values().stream().map(Needs::of).reduce(Needs.of(inside), Needs::and);
        Map<String, PlayerFiles.Shipped> scripts = needs.scripts();
        Fragment written = FragmentWriter.write(inside, name).in("player.js", scripts, faces);
        List<String> stages = new ArrayList<>();
        later.forEach((day, one) -> {
            Fragment stage = FragmentWriter.write(inside(one), name).in("player.js", scripts, faces);
            stages.add("{\"from\":\"" + day + "\",\"fragment\":" + stage.json("") + "}");
        });
        texts.put("index.html", utf8(AddressPage.folder(written, inside, stages).html()));
        texts.put("type.css", utf8(AddressPage.faces(faces)));
        texts.put("player.js", shipped.player(needs).bytes());
        scripts.forEach((word, script) -> texts.put(word + ".js", script.bytes()));
        if (!later.isEmpty()) {
            texts.put("days.js", shipped.days().bytes());
        }
        texts.put("reel.js", shipped.shell().bytes());
        texts.put("read me.txt", utf8(note(material)));
    }

    /** A face as an address that needs no request: browsers load no type from one file on disk into another. */
    private static String inPage(PlayerFiles.Shipped face) {
        return "data:font/woff2;base64," + Base64.getEncoder().encodeToString(face.bytes());
    }

    /** The same material with pictures beside the page. */
    private Material inside(Material material) {
        Map<PictureId, PictureFiles> files = new LinkedHashMap<>();
        for (PictureId picture : material.reel().pictures()) {
            int n = numbers.computeIfAbsent(picture, any -> numbers.size() + 1);
            List<PictureFiles.File> own = new ArrayList<>();
            for (PictureFiles.File file : material.of(picture).files()) {
                own.add(beside(file, n));
            }
            PictureFiles there = material.of(picture);
            files.put(picture, new PictureFiles(own, beside(there.fallback(), n), beside(there.video(), n)));
        }
        PictureFiles first = material.firstPicture().map(files::get).orElse(material.first());
        return new Material(material.reel(), material.facts(), files, first);
    }

    private PictureFiles.File beside(PictureFiles.File file, int n) {
        String extension = file.address().substring(file.address().lastIndexOf('.'));
        String there = "pictures/" + n + (file.width() == 0 ? "" : "-" + file.width()) + extension;
        pictures.put(there, file.address());
        return new PictureFiles.File(file.width(), there);
    }

    private @Nullable String beside(@Nullable String video, int n) {
        return video == null ? null : beside(new PictureFiles.File(0, video), n).address();
    }

    private String note(Material material) {
        return """
                %s

                This folder is a whole reel, made with Keen Reel. Open index.html in a browser to see it.

                To put it on the web, copy the whole folder to your web server, for example with the file manager of
                your host. The reel is then at the address of the folder. Nothing in it asks for anything elsewhere.

                To show it inside another page of your site, put this folder beside that page and paste the line below
                where the reel shall stand; it also works in a page that is opened from disk. Where the folder lies
                elsewhere, put its address in place of %s/

                %s

                The folder does not change by itself. After a change on the bench, publish, take the folder again and
                copy it over this one.
                """.formatted(material.reel().name(), name, line(material, name));
    }

    /** What shows the folder inside a page beside it, from a web server or from disk. */
    public static String line(Material material, String name) {
        return new Snippet(material, "", name).frame(name + "/index.html");
    }

    /** What is in it, by path inside the folder. */
    public List<String> paths() {
        List<String> all = new ArrayList<>(texts.keySet());
        all.addAll(pictures.keySet());
        return all;
    }

    /**
     * Writes it as a ZIP file.
     *
     * @param kept where a file of a picture or video is kept, by the address it has in the material
     */
    public void zip(OutputStream out, Function<String, Path> kept) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        for (Map.Entry<String, byte[]> text : texts.entrySet()) {
            begin(zip, text.getKey());
            zip.write(text.getValue());
            zip.closeEntry();
        }
        for (Map.Entry<String, String> picture : pictures.entrySet()) {
            begin(zip, picture.getKey());
            Files.copy(kept.apply(picture.getValue()), zip);
            zip.closeEntry();
        }
        zip.finish();
    }

    private void begin(ZipOutputStream zip, String path) throws IOException {
        ZipEntry entry = new ZipEntry(name + "/" + path);
        entry.setTime(NO_TIME);
        zip.putNextEntry(entry);
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
