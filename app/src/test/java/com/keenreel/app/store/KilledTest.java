package com.keenreel.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.QuickStart;
import com.keenreel.core.edit.Rename;
import com.keenreel.core.reel.Reel;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A process that edits and publishes is killed at random moments: what was acknowledged is there, what is live is whole. */
@Tag("processes")
class KilledTest {
    private static final int KILLS = 8;

    @TempDir
    Path folder;

    @TempDir
    Path programs;

    private QuickStart start;

    /** Edits and publishes without end, saying each number once it is stored. */
    public static final class Restless {
        private Restless() {}

        /** Works in that folder on that reel. */
        public static void main(String[] args) {
            DSLContext sql = Database.opened(Path.of(args[0]));
            EditStore edits = new EditStore(sql);
            PublicationStore publications = new PublicationStore(sql);
            ContentFiles files = Database.files(sql, Path.of(args[0]));
            for (int n = Integer.parseInt(args[2]); ; n++) {
                StoredReel reel = edits.apply(args[1], new Rename("n" + n), "restless", "edit-" + n, Long.MAX_VALUE);
                System.out.println("edited " + n);
                publications.goLive(publication(reel, n, files), publications.begin(args[1]));
                System.out.println("live " + n);
            }
        }

        /** A publication of three files, which are kept there. */
        static Published publication(StoredReel reel, int n, ContentFiles kept) {
            List<Published.File> files = Stream.of(1, 2, 3)
                    .map(which -> kept.put((n + "/" + which).getBytes(StandardCharsets.UTF_8)))
                    .map(sha256 -> new Published.File(sha256, "webp", -1))
                    .toList();
            String id = "publication-" + n;
            return new Published(
                    id,
                    reel.id(),
                    reel.revision(),
                    reel.reel(),
                    id,
                    Map.of(),
                    "fragment " + n,
                    "page " + n,
                    "policy " + n,
                    "calc(" + n + "px)",
                    files,
                    n,
                    List.of());
        }
    }

    @Test
    void everyAcknowledgedEditSurvivesAndTheLivePublicationIsWhole() throws Exception {
        assertThat(kill(KILLS, 20).edits()).isGreaterThan(KILLS);
    }

    /**
     * What had been acknowledged when all was over; none of it was lost.
     *
     * @param edits how many edits
     * @param live the number of the last publication
     */
    record Acknowledged(int edits, int live) {}

    /** Kills what works so many times, at moments that the seed decides, and looks each time at what is left. */
    Acknowledged kill(int kills, long seed) throws Exception {
        DSLContext sql = Database.made(folder);
        String id = new ReelStore(sql).make(Reel.named("n0"), "test").id();
        start = new QuickStart(programs);
        String warm = new ReelStore(sql).make(Reel.named("first"), "test").id();
        Process first = working(folder.resolve("said"), warm, 1_000_000);
        first.destroy();
        first.waitFor();
        Random random = new Random(seed);
        int edited = 0;
        int live = 0;
        for (int kill = 0; kill < kills; kill++) {
            int[] acknowledged = killedAfter(id, edited + 1, random.nextInt(150));
            edited = Math.max(edited, acknowledged[0]);
            live = Math.max(live, acknowledged[1]);
            StoredReel reel = new ReelStore(sql).find(id);
            int stored = Integer.parseInt(reel.reel().name().substring(1));
            assertThat(stored)
                    .as("kill %s, which had said %s", kill, Files.readAllLines(folder.resolve("said")))
                    .isBetween(edited, edited + 1);
            assertThat(new EditStore(sql).since(id, 1)).as("kill %s", kill).hasSize(stored);
            edited = stored;
            Published now = new PublicationStore(sql).live(id).orElseThrow();
            int n = (int) now.madeAt();
            assertThat(n)
                    .as("kill %s: the publication that was acknowledged last, or the one that was under way", kill)
                    .isIn(live, stored);
            now.files()
                    .forEach(file -> assertThat(ContentFiles.in(folder.resolve("files"), file.sha256()))
                            .isNotEmptyFile());
            Published expected = Restless.publication(reel, n, Database.files(sql, folder));
            assertThat(now.fragment()).isEqualTo(expected.fragment());
            assertThat(now.files()).containsExactlyInAnyOrderElementsOf(expected.files());
            live = n;
            assertThat(sql.fetch("pragma quick_check").getValue(0, 0)).isEqualTo("ok");
        }
        for (int n = 1; n <= edited; n++) {
            assertThat(new ReelStore(sql).at(id, n + 1).name()).isEqualTo("n" + n);
        }
        System.out.printf(
                "killed %d times: %d edits and %d publications acknowledged, none lost%n", kills, edited, live);
        return new Acknowledged(edited, live);
    }

    /** Lets it work, kills it that long after its first publication is acknowledged, and reads what it had acknowledged. */
    private int[] killedAfter(String id, int from, int milliseconds) throws IOException, InterruptedException {
        Path said = folder.resolve("said");
        Process process = working(said, id, from);
        Thread.sleep(milliseconds);
        process.destroyForcibly().waitFor();
        int[] acknowledged = {0, 0};
        for (String line : Files.readAllLines(said)) {
            String[] words = line.split(" ");
            if (words[0].equals("edited")) {
                acknowledged[0] = Integer.parseInt(words[1]);
            } else if (words[0].equals("live")) {
                acknowledged[1] = Integer.parseInt(words[1]);
            }
        }
        return acknowledged;
    }

    /** One that has published. */
    private Process working(Path said, String id, int from) throws IOException, InterruptedException {
        Process process = start.run(Restless.class, said, List.of(folder.toString(), id, String.valueOf(from)));
        while (process.isAlive() && !Files.readString(said).contains("live")) {
            Thread.sleep(5);
        }
        return process;
    }
}
