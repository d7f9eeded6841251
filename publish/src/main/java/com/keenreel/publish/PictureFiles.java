package com.keenreel.publish;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The files in which a picture is shown.
 *
 * @param files by rising width; one alone, of any size, for a picture made of shapes (SVG)
 * @param fallback for programs that do not choose among several files, or know no other format than JPEG and PNG: mail,
 *     feed readers, previews of links. Browsers that can show a reel all know WebP
 * @param video where the video is that it stands for, starting with a slash; null where it stands for none
 */
public record PictureFiles(
        List<File> files, File fallback, @Nullable String video) {
    /**
     * One file.
     *
     * @param width px across; 0 for shapes, which have any size
     * @param address where it is loaded from, starting with a slash
     */
    public record File(int width, String address) {}

    public PictureFiles {
        files = List.copyOf(files);
        if (files.isEmpty()) {
            throw new IllegalArgumentException("A picture is shown in at least one file.");
        }
    }

    /** Files of which one is also the fallback: the first that is at least 960 px wide, else the widest. */
    public static PictureFiles of(List<File> files) {
        File usual = files.stream()
                .filter(file -> file.width() >= 960)
                .findFirst()
                .or(() -> files.stream().reduce((one, other) -> other))
                .orElseThrow(() -> new IllegalArgumentException("A picture is shown in at least one file."));
        return new PictureFiles(files, usual, null);
    }

    /** The same files of a picture that stands for the video at that address. */
    public PictureFiles of(@Nullable String address) {
        return new PictureFiles(files, fallback, address);
    }

    /** True for shapes, which need no choice of sizes. */
    public boolean isShapes() {
        return files.get(0).width() == 0;
    }

    /** The widest file. */
    File largest() {
        return files.get(files.size() - 1);
    }

    /** As {@code srcset} writes it. */
    String srcset() {
        StringBuilder text = new StringBuilder();
        for (File file : files) {
            text.append(text.isEmpty() ? "" : ", ")
                    .append(Base.MARK)
                    .append(file.address())
                    .append(' ')
                    .append(file.width())
                    .append('w');
        }
        return text.toString();
    }
}
