package com.keenreel.player;

import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureTraits;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.reel.Video;
import com.keenreel.imaging.Adjustment;
import com.keenreel.imaging.Darkroom;
import com.keenreel.imaging.FileWords;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.Received;
import com.keenreel.imaging.Refused;
import com.keenreel.imaging.Rendition;
import com.keenreel.publish.PictureFiles;
import com.keenreel.publish.PlayerFiles;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/** The demonstration's pictures with what is known of them, and the files in which visitors see them; each looked at once. */
final class Photographs {
    /** The videos of the tests, and the pictures that stand for them. */
    private static final Path VIDEOS = Path.of("..", "app", "src", "test", "resources", "videos");

    /** One width that is made of every photograph, px: small screens get it, all others the photograph itself. */
    private static final int SMALL = 480;

    private static final Map<String, Photograph> KNOWN = new ConcurrentHashMap<>();

    private Photographs() {}

    /**
     * A picture.
     *
     * @param contents its files by the last part of their addresses
     * @param firstContents the same by the names that they have as a reel's first picture
     */
    record Photograph(
            PictureFacts facts,
            PictureWords words,
            PictureFiles files,
            Map<String, byte[]> contents,
            Map<String, byte[]> firstContents) {
        /** Its files as a reel's first picture, whose addresses start like that. */
        PictureFiles first(String start) {
            List<PictureFiles.File> first = new ArrayList<>();
            for (PictureFiles.File file : files.files()) {
                first.add(new PictureFiles.File(file.width(), start + firstName(file.width(), file.address())));
            }
            return PictureFiles.of(first);
        }

        private static String firstName(int width, String address) {
            return "first-" + width + address.substring(address.lastIndexOf('.'));
        }
    }

    /** The picture of that file, known by that id in all of a run. */
    static Photograph of(String file) {
        return KNOWN.computeIfAbsent(file, Photographs::looked);
    }

    private static Photograph looked(String file) {
        try {
            return file.endsWith(".webm") ? video(file) : picture(file, ReelMaker.PICTURES.resolve(file), null);
        } catch (IOException | Refused unreadable) {
            throw new IllegalStateException(file, unreadable);
        }
    }

    /** The video of four seconds, for which its first frame stands. */
    private static Photograph video(String file) throws IOException, Refused {
        byte[] bytes = Files.readAllBytes(VIDEOS.resolve(file));
        Photograph still = picture(file, VIDEOS.resolve(file.replace(".webm", ".jpg")), new Video(4000));
        String name = PlayerFiles.sha256(bytes) + ".webm";
        still.contents().put(name, bytes);
        return new Photograph(
                still.facts(), still.words(), still.files().of("/f/" + name), still.contents(), still.firstContents());
    }

    private static Photograph picture(String file, Path path, @Nullable Video video) throws IOException, Refused {
        Received received = Received.look(Files.readAllBytes(path));
        boolean shapes = received.format() == Format.SVG;
        int small = Math.min(SMALL, received.width());
        Darkroom.Made made = Darkroom.make(received, Adjustment.NONE, List.of(small), List.of(), "");
        List<Rendition> renditions = new ArrayList<>(made.renditions());
        if (!shapes && small < received.width()) {
            renditions.add(new Rendition(received.width(), received.format(), received.bytes()));
        }
        Map<String, byte[]> contents = new ConcurrentHashMap<>();
        List<PictureFiles.File> files = new ArrayList<>();
        Map<String, byte[]> first = new ConcurrentHashMap<>();
        for (Rendition one : renditions) {
            String name = PlayerFiles.sha256(one.bytes()) + "." + one.format().extension();
            contents.put(name, one.bytes());
            files.add(new PictureFiles.File(one.width(), "/f/" + name));
            first.put(Photograph.firstName(one.width(), name), one.bytes());
        }
        PictureId id = new PictureId(
                PlayerFiles.sha256(file.getBytes(StandardCharsets.UTF_8)).substring(0, 12));
        PictureTraits traits = made.seen().traits();
        PictureFacts facts = new PictureFacts(
                        id,
                        received.width(),
                        received.height(),
                        traits.focal(),
                        traits.inked(),
                        traits.alpha(),
                        traits.tones())
                .of(video);
        FileWords said = received.words();
        PictureWords words = new PictureWords(said.title(), said.caption(), said.alt(), "");
        return new Photograph(facts, words, PictureFiles.of(files), contents, first);
    }
}
