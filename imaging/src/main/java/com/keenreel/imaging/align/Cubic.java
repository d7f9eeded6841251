package com.keenreel.imaging.align;

/**
 * What four neighbours count for a value between the second and the third of them. Source: R. G. Keys, "Cubic Convolution
 * Interpolation for Digital Image Processing", IEEE Transactions on Acoustics, Speech and Signal Processing 29 (1981).
 */
public final class Cubic {
    /** How many neighbours count. */
    public static final int TAPS = 4;

    private Cubic() {}

    /**
     * Writes the four weights, which sum to 1.
     *
     * @param t how far from the second neighbour to the third, 0 to 1
     */
    public static void weights(float t, float[] into) {
        float t2 = t * t;
        float t3 = t2 * t;
        into[0] = -0.5f * t + t2 - 0.5f * t3;
        into[1] = 1 - 2.5f * t2 + 1.5f * t3;
        into[2] = 0.5f * t + 2 * t2 - 1.5f * t3;
        into[3] = -0.5f * t2 + 0.5f * t3;
    }
}
