package com.keenreel.app.store;

import com.keenreel.measure.Figures;
import java.nio.file.Files;

/** The application's store is killed a hundred times while it works; nothing that it acknowledged is lost. */
public final class ProveKills {
    private static final int KILLS = Figures.times(100, 1);

    private ProveKills() {}

    /** Proves it. */
    public static void main(String[] args) {
        Figures.of(ProveKills::prove);
    }

    /** Proves it. */
    public static void prove(Figures figures) throws Exception {
        KilledTest test = new KilledTest();
        test.folder = Files.createTempDirectory("data");
        test.programs = Files.createTempDirectory("programs");
        KilledTest.Acknowledged acknowledged = test.kill(KILLS, System.nanoTime());
        figures.reported("times killed", KILLS, "times");
        figures.reported("edits acknowledged, none lost", acknowledged.edits(), "edits");
        figures.reported(
                "publications acknowledged, the last one whole after each", acknowledged.live(), "publications");
    }
}
