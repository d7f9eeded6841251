package com.keenreel.player;

import com.microsoft.playwright.Page;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;

/** Compares two screenshots. */
public final class Pixels {
    /** A browser that draws the same in another order may round one of 255 levels otherwise; nobody sees that. */
    public static final int ROUNDED = 1;

    /** The edges of what is turned in space are smoothed by where its layer was drawn; that a slide is elsewhere is far more. */
    public static final int SMOOTHED = 12;

    private static final String HOLD = """
            async () => {
              const host = document.querySelector('keen-reel');
              const frames = () => new Promise((frame) => requestAnimationFrame(() => requestAnimationFrame(frame)));
              await host.ready;
              await document.fonts.ready;
              await frames();
              const seen = [...host.shadowRoot.querySelectorAll('img')];
              seen.forEach((image) => { // a screenshot shows what is below the window too
                image.sizes = image.sizes.replace(/^auto, /, ''); // of what is not lazy it would mean the whole window
                image.loading = 'eager';
                // of what stands behind the others a browser may keep the file that it had at another width
                if (image.closest('.by-distance')) image.srcset = image.srcset.split(', ').at(-1);
                // what is large may be scaled from what was made of the same file where it is small: each has a file of its own
                const size = image.matches('.behind, .thumbs *') ? 'small' : 'large';
                image.srcset = image.srcset.replace(/ (\\d+w)/g, `?${size} $1`);
                image.src += `?${size}`;
              });
              await frames(); // another file may be chosen then, while the former one is still shown
              await Promise.all(seen.map(async (image) => {
                while (!image.complete) await frames();
                await image.decode();
              }));
              await (%s)(host.shadowRoot, () => 0);
              const dots = host.shadowRoot.querySelectorAll('.dot');
              const shown = (display) => dots.forEach((dot) => dot.style.setProperty('display', display));
              shown('none'); // one that has grown keeps the edges that it had on its way
              await frames();
              shown('');
              await frames();
            }""".formatted(Clock.HOLD.strip());

    private Pixels() {}

    /** The first reel's pixels in windows of those widths, ascending, with its type in the cache and everything held at 0. */
    public static List<byte[]> held(Visitor visitor, String address, List<Integer> widths) {
        List<byte[]> held = new ArrayList<>();
        try (Page page = visitor.blank()) {
            page.setViewportSize(widths.get(0), 900);
            page.navigate(address);
            page.evaluate(HOLD);
            for (int width : widths) {
                page.setViewportSize(width, 900);
                page.reload();
                page.evaluate(HOLD);
                held.add(page.locator("keen-reel").screenshot());
            }
        }
        return held;
    }

    /** By how many of 255 levels a reel of that kind may differ from itself. */
    public static int levels(String kind) {
        return kind.equals("depth") ? SMOOTHED : ROUNDED;
    }

    /**
     * Where the second differs from the first; empty for nowhere.
     *
     * @param except what is left out
     */
    public static String difference(byte[] one, byte[] other, Rectangle except) {
        return difference(one, other, except, ROUNDED);
    }

    /**
     * Where the second differs from the first; empty for nowhere.
     *
     * @param except what is left out
     * @param levels of 255, by which a colour may differ
     */
    public static String difference(byte[] one, byte[] other, Rectangle except, int levels) {
        if (Arrays.equals(one, other)) {
            return "";
        }
        BufferedImage a = read(one);
        BufferedImage b = read(other);
        if (a.getWidth() != b.getWidth() || a.getHeight() != b.getHeight()) {
            return "one is " + a.getWidth() + " x " + a.getHeight() + ", the other " + b.getWidth() + " x "
                    + b.getHeight();
        }
        int[] first = argb(a);
        int[] second = argb(b);
        for (int at = Arrays.mismatch(first, second); at >= 0 && at < first.length; at++) {
            int x = at % a.getWidth();
            int y = at / a.getWidth();
            if (differ(first[at], second[at], levels) && !except.contains(x, y)) {
                return "at " + x + ", " + y + " it is " + Integer.toHexString(first[at]) + " and "
                        + Integer.toHexString(second[at]) + "; both are in " + kept(one, other);
            }
        }
        return "";
    }

    /** Where both can be looked at. */
    private static Path kept(byte[] one, byte[] other) {
        try {
            Path folder = Files.createTempDirectory(Path.of("target"), "different-");
            Files.write(folder.resolve("one.png"), one);
            Files.write(folder.resolve("other.png"), other);
            return folder;
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private static int[] argb(BufferedImage image) {
        BufferedImage packed = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB);
        packed.createGraphics().drawImage(image, 0, 0, null);
        return ((DataBufferInt) packed.getRaster().getDataBuffer()).getData();
    }

    private static boolean differ(int one, int other, int levels) {
        for (int shift = 0; one != other && shift < 24; shift += 8) {
            if (Math.abs((one >> shift & 255) - (other >> shift & 255)) > levels) {
                return true;
            }
        }
        return false;
    }

    private static BufferedImage read(byte[] png) {
        try {
            return ImageIO.read(new ByteArrayInputStream(png));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
