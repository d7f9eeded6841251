package com.keenreel.core.align;

/** Linear equations. */
public final class Equations {
    private static final double NOUGHT = 1e-9;

    private Equations() {}

    /**
     * Solves n equations for n unknown numbers, in place, by elimination with the greatest divisor that there is.
     *
     * @param rows for each equation what the unknown numbers are multiplied by, then any number of right sides; afterwards each
     *     right side is what solves it
     * @return false where they say nothing definite
     */
    public static boolean solve(double[][] rows) {
        int n = rows.length;
        for (int i = 0; i < n; i++) {
            int best = i;
            for (int j = i + 1; j < n; j++) {
                best = Math.abs(rows[j][i]) > Math.abs(rows[best][i]) ? j : best;
            }
            double[] chosen = rows[best];
            rows[best] = rows[i];
            rows[i] = chosen;
            double by = chosen[i];
            if (!(Math.abs(by) > NOUGHT)) {
                return false;
            }
            for (int k = 0; k < chosen.length; k++) {
                chosen[k] /= by;
            }
            for (int j = 0; j < n; j++) {
                double times = rows[j][i];
                if (j != i && times != 0) {
                    for (int k = 0; k < chosen.length; k++) {
                        rows[j][k] -= times * chosen[k];
                    }
                }
            }
        }
        return true;
    }
}
