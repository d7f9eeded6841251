package com.keenreel.core.align;

/** What may differ between two pictures of one thing. Points are counted in one length both ways. */
public enum Freedom {
    /** They are moved, turned and sized. */
    ALIKE(4),
    /** They are slanted too. */
    SLANTED(6),
    /** The camera was held at another angle. */
    TILTED(8);

    private final int unknown;

    Freedom(int unknown) {
        this.unknown = unknown;
    }

    /** How many numbers say it: two for each point that has to be known. */
    public int unknown() {
        return unknown;
    }

    /**
     * The two equations for those numbers that say that a point leads to another: what each number is multiplied by, and last
     * what they come to.
     */
    public double[][] equations(double x, double y, double toX, double toY) {
        return switch (this) {
            case ALIKE -> new double[][] {{x, -y, 1, 0, toX}, {y, x, 0, 1, toY}};
            case SLANTED -> new double[][] {{x, y, 1, 0, 0, 0, toX}, {0, 0, 0, x, y, 1, toY}};
            case TILTED ->
                new double[][] {{x, y, 1, 0, 0, 0, -x * toX, -y * toX, toX}, {0, 0, 0, x, y, 1, -x * toY, -y * toY, toY}
                };
        };
    }

    /** The eight numbers of a {@link Warp} that those are. */
    public double[] numbers(double[] solved) {
        double[] s = solved;
        return switch (this) {
            case ALIKE -> new double[] {s[0], -s[1], s[2], s[1], s[0], s[3], 0, 0};
            case SLANTED -> new double[] {s[0], s[1], s[2], s[3], s[4], s[5], 0, 0};
            case TILTED -> s.clone();
        };
    }
}
