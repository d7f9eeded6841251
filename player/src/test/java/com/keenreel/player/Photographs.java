package com.keenreel.player;

import com.keenreel.core.option.Colour;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureTraits;
import com.keenreel.core.reel.PictureTraits.Inked;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.reel.Tones;
import com.keenreel.core.reel.Video;
import com.keenreel.imaging.Adjustment;
import com.keenreel.imaging.Darkroom;
import com.keenreel.imaging.FileWords;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.Received;
import com.keenreel.imaging.Refused;
import com.keenreel.publish.PictureFiles;
import com.keenreel.publish.PlayerFiles;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The demonstration's pictures with what is known of them, and the files in which visitors see them: as they were brought. */
final class Photographs {
    /** The videos of the tests, and the pictures that stand for them. */
    private static final Path VIDEOS = Path.of("..", "app", "src", "test", "resources", "videos");

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
        String name =
                PlayerFiles.sha256(received.bytes()) + "." + received.format().extension();
        boolean shapes = received.format() == Format.SVG;
        PictureFiles.File only = new PictureFiles.File(shapes ? 0 : received.width(), "/f/" + name);
        PictureId id = new PictureId(
                PlayerFiles.sha256(file.getBytes(StandardCharsets.UTF_8)).substring(0, 12));
        PictureFacts facts = (shapes ? drawn(id, received) : photographed(id, received)).of(video);
        FileWords said = received.words();
        return new Photograph(
                facts,
                new PictureWords(said.title(), said.caption(), said.alt(), ""),
                PictureFiles.of(List.of(only)),
                new ConcurrentHashMap<>(Map.of(name, received.bytes())),
                Map.of(Photograph.firstName(only.width(), name), received.bytes()));
    }

    /** What is seen in a logo. */
    private static PictureFacts drawn(PictureId id, Received received) throws Refused {
        PictureTraits traits = Darkroom.make(received, Adjustment.NONE, List.of(), List.of(), "")
                .seen()
                .traits();
        return new PictureFacts(
                id,
                received.width(),
                received.height(),
                traits.focal(),
                traits.inked(),
                traits.alpha(),
                traits.tones());
    }

    /** A photograph's colours and its focal point are made up, always the same for the same one: seeing them takes a second. */
    private static PictureFacts photographed(PictureId id, Received received) {
        Random random = new Random(id.hashCode());
        FocalPoint focal = new FocalPoint(0.25 + random.nextDouble() / 2, 0.25 + random.nextDouble() / 2);
        List<Colour> quarters = Stream.generate(() -> colour(random)).limit(4).toList();
        return new PictureFacts(
                id, received.width(), received.height(), focal, Inked.ALL, false, new Tones(colour(random), quarters));
    }

    private static Colour colour(Random random) {
        return new Colour(String.format("#%06x", random.nextInt(0x1000000)));
    }
}
