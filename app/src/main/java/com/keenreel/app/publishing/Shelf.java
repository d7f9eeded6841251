package com.keenreel.app.publishing;

import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.app.store.StoredPicture.Found;
import com.keenreel.app.store.StoredPicture.KeptVideo;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.space.Facts;
import com.keenreel.core.text.Advances;
import com.keenreel.imaging.Darkroom;
import com.keenreel.imaging.Format;
import com.keenreel.publish.PictureFiles;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The pictures that one reel shows, each in one version. */
public final class Shelf {
    private final Map<PictureId, Version> versions = new LinkedHashMap<>();
    private final Map<PictureId, PictureWords> words = new LinkedHashMap<>();
    private final Map<PictureId, String> names = new LinkedHashMap<>();
    private final Map<PictureId, Set<Found>> found = new LinkedHashMap<>();

    Shelf(List<StoredPicture> pictures) {
        for (StoredPicture picture : pictures) {
            versions.put(picture.id(), picture.version());
            words.put(picture.id(), picture.words());
            names.put(picture.id(), picture.name());
            found.put(picture.id(), picture.found());
        }
    }

    /** The same pictures, each in the version that is given for it; in its newest one where none is given. */
    Shelf frozen(Map<PictureId, Version> others) {
        versions.putAll(others);
        return this;
    }

    /** What calculations need. */
    public Facts facts(Advances type) {
        Map<PictureId, PictureFacts> facts = new LinkedHashMap<>();
        versions.forEach((id, version) -> facts.put(id, version.facts()));
        return new Facts(facts, words, type);
    }

    /** The version in which a picture is shown. */
    public Version version(PictureId picture) {
        Version version = versions.get(picture);
        if (version == null) {
            throw new NotThere("There is no such picture.");
        }
        return version;
    }

    /** Which of a picture's words were found in its file and not looked at by anybody yet. */
    public Set<Found> found(PictureId picture) {
        return found.getOrDefault(picture, Set.of());
    }

    /** The name of a picture's file. */
    String name(PictureId picture) {
        return names.getOrDefault(picture, "A picture");
    }

    /** The version in which each picture is shown, by id. */
    public Map<PictureId, Long> versions() {
        Map<PictureId, Long> ids = new LinkedHashMap<>();
        versions.forEach((picture, version) -> ids.put(picture, version.id()));
        return ids;
    }

    /**
     * The files of a draft, at addresses inside the application: those that are live, so that the wall shows what
     * visitors see and no picture is loaded anew while a shape is being turned; else those of the library, whose addresses
     * are known before they are made.
     *
     * @param live the widths in which versions are live
     */
    Map<PictureId, PictureFiles> draftFiles(Map<Long, List<Integer>> live) {
        Map<PictureId, PictureFiles> files = new LinkedHashMap<>();
        versions.forEach((picture, version) -> {
            List<Integer> library = Darkroom.widths(version.width(), version.height());
            files.put(
                    picture,
                    draft(version, live.getOrDefault(version.id(), library)).of(video(version)));
        });
        return files;
    }

    private static PictureFiles draft(Version version, List<Integer> widths) {
        if (version.format() == Format.SVG) {
            return PictureFiles.of(List.of(new PictureFiles.File(0, address(version, 0))));
        }
        return PictureFiles.of(widths.stream()
                .map(width -> new PictureFiles.File(width, address(version, width)))
                .toList());
    }

    /** Where the application shows a version at that width; 0 for shapes. */
    private static String address(Version version, int width) {
        String extension = version.format() == Format.SVG ? "svg" : "webp";
        return "/pictures/versions/" + version.id() + "/" + width + "." + extension;
    }

    /** Where the application plays the video that a version stands for; null where it stands for none. */
    public static @Nullable String video(Version version) {
        KeptVideo video = version.video();
        return video == null
                ? null
                : "/pictures/versions/" + version.id() + "/video."
                        + video.kind().extension();
    }

    /** Where the application shows a version small. */
    public static String thumbnail(Version version) {
        return address(
                version,
                version.format() == Format.SVG
                        ? 0
                        : Darkroom.widths(version.width(), version.height()).get(0));
    }

    /** Where the application shows a version for working on it. */
    public static String large(Version version) {
        List<Integer> widths = Darkroom.widths(version.width(), version.height());
        return address(version, version.format() == Format.SVG ? 0 : widths.get(Math.min(1, widths.size() - 1)));
    }
}
