package com.keenreel.imaging;

import java.awt.color.ICC_Profile;

/** A picture as it is shown: upright, adjusted, in sRGB, no larger than it is needed. */
final class Opened {
    private Opened() {}

    /**
     * Opens a file that has pixels.
     *
     * @param most pixels across at most, when upright
     * @throws Refused when it is broken
     */
    static Pixels of(Received file, Adjustment adjustment, int most) throws Refused {
        Adjustment.Onto onto = adjustment.onto();
        if (onto != null) {
            int width = Math.min(most, onto.width());
            int height = (int) Math.max(1, Math.round((double) width * onto.height() / onto.width()));
            Adjustment turned = new Adjustment(adjustment.quarters(), 0, 0, 0, 0);
            int needed = Warping.needed(onto.warp(), width);
            return Warping.into(onto.evening().of(of(file, turned, needed)), onto.warp(), width, height);
        }
        Decoded decoded = Decoded.of(file);
        double[] edges = adjustment.stored(file.orientation());
        int left = (int) Math.round(edges[0] * decoded.width());
        int top = (int) Math.round(edges[1] * decoded.height());
        int right = Math.max(left + 1, (int) Math.round(edges[2] * decoded.width()));
        int bottom = Math.max(top + 1, (int) Math.round(edges[3] * decoded.height()));
        Lines part = new Part(decoded, left, top, right - left, bottom - top);

        boolean onItsSide = file.orientation() >= 5 ^ adjustment.quarters() % 2 == 1;
        int across = onItsSide ? part.height() : part.width();
        double scale = Math.min(1.0, (double) most / across);
        Pixels pixels = Resampling.to(part, Math.max(1, (int) Math.round(part.width() * scale)), Math.max(1, (int)
                Math.round(part.height() * scale)));
        ICC_Profile profile = decoded.profile();
        if (profile != null) {
            pixels = Profiles.toSrgb(pixels, profile);
        }
        pixels = pixels.turned(file.orientation());
        for (int i = 0; i < adjustment.quarters(); i++) {
            pixels = pixels.turned(6);
        }
        return pixels;
    }

    /** A part of other lines. */
    private record Part(Lines whole, int left, int top, int width, int height) implements Lines {
        @Override
        public boolean alpha() {
            return whole.alpha();
        }

        @Override
        public void read(int y, float[] into) {
            if (width == whole.width()) {
                whole.read(top + y, into);
                return;
            }
            float[] line = new float[whole.width() * channels()];
            whole.read(top + y, line);
            System.arraycopy(line, left * channels(), into, 0, width * channels());
        }
    }
}
