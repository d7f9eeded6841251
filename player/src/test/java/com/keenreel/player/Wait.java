package com.keenreel.player;

import java.time.Duration;
import java.util.function.BooleanSupplier;

/** Waits for what is meant, however long a busy machine takes for it. */
public final class Wait {
    private static final Duration MOST = Duration.ofMinutes(2);

    private static final long BETWEEN = 20; // ms

    private Wait() {}

    /**
     * Returns as soon as a condition holds.
     *
     * @param what is waited for, in words
     */
    public static void until(String what, BooleanSupplier condition) {
        long end = System.nanoTime() + MOST.toNanos();
        while (!condition.getAsBoolean()) {
            if (System.nanoTime() > end) {
                throw new AssertionError("Waited " + MOST.toSeconds() + " s in vain until " + what + ".");
            }
            try {
                Thread.sleep(BETWEEN);
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(stopped);
            }
        }
    }
}
