package com.keenreel.core.align;

/**
 * A warp in figures that can be said: how the other picture is moved, turned and sized against the one, seen at its middle.
 *
 * @param right how far the other picture shows things to the right of where the one does, px of the one; negative to the left
 * @param down likewise, downward
 * @param turned by how much it is turned to the right, degrees
 * @param larger how many times as large it shows things, both pictures being as wide as the one
 * @param tilted by how many px of the one a corner is off what moving, turning and sizing alone would give: what held the
 *     camera at another angle does
 */
public record Moved(double right, double down, double turned, double larger, double tilted) {
    /**
     * The figures of a warp.
     *
     * @param width of the one, px
     * @param height of the one, px
     * @param ratio width to height of the other
     */
    public static Moved of(Warp warp, double width, double height, double ratio) {
        double[] middle = at(warp, 0.5, 0.5, width, ratio);
        double step = 1e-4;
        double[] across = at(warp, 0.5 + step, 0.5, width, ratio);
        double[] below = at(warp, 0.5, 0.5 + step, width, ratio);
        double xx = (across[0] - middle[0]) / (step * width);
        double yx = (across[1] - middle[1]) / (step * width);
        double xy = (below[0] - middle[0]) / (step * height);
        double yy = (below[1] - middle[1]) / (step * height);
        double larger = Math.sqrt(xx * yy - xy * yx);
        double turned = Math.atan2(yx - xy, xx + yy);
        double tilted = 0;
        for (int corner = 0; corner < 4; corner++) {
            double x = corner % 2 - 0.5;
            double y = (corner >> 1) - 0.5;
            double[] there = at(warp, x + 0.5, y + 0.5, width, ratio);
            double plainX = larger * (Math.cos(turned) * x * width - Math.sin(turned) * y * height) + middle[0];
            double plainY = larger * (Math.sin(turned) * x * width + Math.cos(turned) * y * height) + middle[1];
            tilted = Math.max(tilted, Math.hypot(there[0] - plainX, there[1] - plainY));
        }
        return new Moved(middle[0], middle[1], Math.toDegrees(turned), larger, tilted);
    }

    /** Where a point is in the other picture from its middle, when that is as wide as the one. */
    private static double[] at(Warp warp, double x, double y, double width, double ratio) {
        return new double[] {(warp.x(x, y) - 0.5) * width, (warp.y(x, y) - 0.5) * width / ratio};
    }
}
