package com.keenreel.imaging;

import com.keenreel.core.align.Warp;
import com.keenreel.core.reel.PictureTraits;
import com.keenreel.imaging.align.Grey;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/** Makes of a file what is shown: its renditions, and what is seen in it. */
public final class Darkroom {
    /** The widths in which the library itself shows a picture, px. */
    private static final int[] LIBRARY = {320, 960, 1920};

    private static final int FALLBACK = 960;

    private static final int PLACEHOLDER = 200;

    /** Pixels down that a WebP file may have, less a few for rounding. */
    private static final int TALLEST = 16_000;

    private Darkroom() {}

    /**
     * What was made.
     *
     * @param renditions by falling width, of each WebP first, then its fallback: JPEG, or PNG where anything is
     *     transparent. An SVG is its own only one
     * @param seen what is seen in it
     */
    public record Made(List<Rendition> renditions, Seen seen) {}

    /**
     * What is seen in a picture.
     *
     * @param copy a PNG at most 256 px wide, for calculations with its colours
     * @param placeholder a WebP of at most 200 bytes, to stand where the picture will be
     */
    public record Seen(PictureTraits traits, byte[] copy, byte[] placeholder) {}

    /** The widest that a picture can be kept, px: its own width, less for very tall ones, as WebP files allow. */
    public static int widest(int width, int height) {
        return (int) Math.max(1, Math.min(width, (long) TALLEST * width / height));
    }

    /** The width of the one file for programs that do not choose among several, or do not know WebP. */
    public static int fallback(int width, int height) {
        return Math.min(FALLBACK, widest(width, height));
    }

    /**
     * The widths in which the library shows a picture, px: up to its own, and its own where it is smaller than the
     * greatest.
     */
    public static List<Integer> widths(int width, int height) {
        int own = widest(width, height);
        List<Integer> widths = new ArrayList<>();
        for (int one : LIBRARY) {
            if (one < own) {
                widths.add(one);
            }
        }
        if (own <= LIBRARY[LIBRARY.length - 1]) {
            widths.add(own);
        }
        return List.copyOf(widths);
    }

    /**
     * What the library keeps of a file: it in the library's own {@link #widths}, one fallback, and what is seen in it.
     *
     * @param adjustment what an editor changed of it
     * @param credit who it is by; may be empty
     * @throws Refused when its pixels cannot be read
     */
    public static Made look(Received file, Adjustment adjustment, String credit) throws Refused {
        int width = adjustment.width(file.width(), file.height());
        int height = adjustment.height(file.width(), file.height());
        return make(file, adjustment, widths(width, height), List.of(fallback(width, height)), credit);
    }

    /**
     * Makes renditions, the widest from the file, each narrower one from the next wider.
     *
     * @param adjustment what an editor changed of it
     * @param widths px across, at least one, none above {@link #widest}; of no meaning for shapes
     * @param fallbacks those of the widths in which a fallback is made too
     * @param credit who it is by; may be empty
     * @throws Refused when its pixels cannot be read
     */
    public static Made make(
            Received file,
            Adjustment adjustment,
            Collection<Integer> widths,
            Collection<Integer> fallbacks,
            String credit)
            throws Refused {
        if (file.format() == Format.SVG) {
            return new Made(List.of(new Rendition(0, Format.SVG, file.bytes())), seen(Drawings.pixels(file)));
        }
        List<Rendition> made = new ArrayList<>();
        Pixels narrowest = renditions(file, adjustment, widths, fallbacks, credit, made);
        return new Made(made, seen(narrowest));
    }

    /**
     * Makes a picture in more widths, as WebP.
     *
     * @param widths px across, at least one, none above {@link #widest}
     * @throws Refused when its pixels cannot be read
     */
    public static List<Rendition> more(Received file, Adjustment adjustment, Collection<Integer> widths, String credit)
            throws Refused {
        List<Rendition> made = new ArrayList<>();
        renditions(file, adjustment, widths, List.of(), credit, made);
        return made;
    }

    /**
     * How bright a picture is, whole and upright, for lining it up with another.
     *
     * @param quarters quarter turns to the right
     * @param width px across at most
     * @throws Refused when its pixels cannot be read
     */
    public static Grey grey(Received file, int quarters, int width) throws Refused {
        Adjustment turned = new Adjustment(quarters, 0, 0, 0, 0);
        return file.format() == Format.SVG
                ? grey(narrowed(Drawings.pixels(file), width))
                : grey(Opened.of(file, turned, width));
    }

    /**
     * What brings the colours of one picture to those of another.
     *
     * @param quarters by how many quarters each is turned to the right
     * @param warp where each point of the one, whole, is in the other
     * @throws Refused when the pixels of one of them cannot be read
     */
    public static Evening evening(Received one, int quarters, Received other, int otherQuarters, Warp warp)
            throws Refused {
        return Evening.between(
                Opened.of(one, new Adjustment(quarters, 0, 0, 0, 0), 480),
                Opened.of(other, new Adjustment(otherQuarters, 0, 0, 0, 0), 480),
                warp);
    }

    /** Brightness as eyes weigh colours (ITU-R BT.709), on white where a picture is transparent. */
    private static Grey grey(Pixels pixels) {
        float[] values = new float[pixels.width() * pixels.height()];
        float[] line = new float[pixels.width() * pixels.channels()];
        for (int y = 0, to = 0; y < pixels.height(); y++) {
            pixels.read(y, line);
            for (int x = 0, at = 0; x < pixels.width(); x++, at += pixels.channels(), to++) {
                float white = pixels.alpha() ? 255 - line[at + 3] : 0;
                values[to] = white + 0.2126f * line[at] + 0.7152f * line[at + 1] + 0.0722f * line[at + 2];
            }
        }
        return new Grey(pixels.width(), pixels.height(), values);
    }

    private static Pixels renditions(
            Received file,
            Adjustment adjustment,
            Collection<Integer> widths,
            Collection<Integer> fallbacks,
            String credit,
            List<Rendition> made)
            throws Refused {
        List<Integer> falling =
                widths.stream().distinct().sorted(Comparator.reverseOrder()).toList();
        Pixels pixels = Opened.of(file, adjustment, falling.get(0));
        double ratio =
                (double) adjustment.height(file.width(), file.height()) / adjustment.width(file.width(), file.height());
        for (int width : falling) {
            if (width < pixels.width()) {
                pixels = Resampling.to(pixels, width, (int) Math.max(1, Math.round(width * ratio)));
            }
            made.add(encoded(pixels, Format.WEBP, credit));
            if (fallbacks.contains(width)) {
                made.add(encoded(pixels, pixels.alpha() ? Format.PNG : Format.JPEG, credit));
            }
        }
        return pixels;
    }

    private static Rendition encoded(Pixels pixels, Format format, String credit) {
        byte[] bytes = Encoding.of(pixels, format);
        return new Rendition(
                pixels.width(),
                format,
                Credit.in(bytes, format, credit, pixels.width(), pixels.height(), pixels.alpha()));
    }

    private static Seen seen(Pixels pixels) {
        Pixels copy = narrowed(pixels, Analysis.WIDTH);
        byte[] placeholder = Encoding.of(narrowed(copy, 1), Format.WEBP, 0);
        for (int width : new int[] {24, 20, 16, 12, 8}) {
            byte[] tried = Encoding.of(narrowed(copy, width), Format.WEBP, 0.1f);
            if (tried.length <= PLACEHOLDER) {
                placeholder = tried;
                break;
            }
        }
        return new Seen(Analysis.of(copy), Encoding.of(copy, Format.PNG), placeholder);
    }

    /** At most that wide, and at most four times as high. */
    private static Pixels narrowed(Pixels pixels, int width) {
        double scale = Math.min(1.0, Math.min((double) width / pixels.width(), 4.0 * width / pixels.height()));
        return Resampling.to(pixels, (int) Math.max(1, Math.round(pixels.width() * scale)), (int)
                Math.max(1, Math.round(pixels.height() * scale)));
    }
}
