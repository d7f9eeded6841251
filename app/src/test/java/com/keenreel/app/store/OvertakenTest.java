package com.keenreel.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What happened while a publication was being made wins over it. */
class OvertakenTest {
    @TempDir
    private Path folder;

    private ReelStore reels;
    private PublicationStore publications;
    private ContentFiles files;
    private String id;

    @BeforeEach
    void make() {
        DSLContext sql = Database.made(folder);
        reels = new ReelStore(sql);
        files = Database.files(sql, folder);
        publications = new PublicationStore(sql);
        id = reels.make(Reel.named("Overtaken"), "test").id();
    }

    private Published publication(long revision) {
        return publication(revision, Map.of());
    }

    private Published publication(long revision, Map<PictureId, Long> versions) {
        StoredReel head = reels.find(id);
        Published made = KilledTest.Restless.publication(head, (int) revision, files);
        return new Published(
                made.id(),
                id,
                revision,
                made.document(),
                made.fingerprint(),
                versions,
                made.fragment(),
                made.page(),
                made.policy(),
                made.reserved(),
                made.files(),
                made.madeAt(),
                made.later());
    }

    @Test
    void aTakeDownWins() {
        publications.goLive(publication(1), publications.begin(id));
        PublicationStore.Begun since = publications.begin(id);
        publications.takeDown(id);
        assertThatThrownBy(() -> publications.goLive(publication(2), since))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("taken down while it was being published");
        assertThat(publications.live(id)).isEmpty();
        publications.goLive(publication(2), publications.begin(id));
        assertThat(publications.live(id)).isPresent();
    }

    @Test
    void theBinWins() {
        PublicationStore.Begun since = publications.begin(id);
        reels.bin(id, true);
        assertThatThrownBy(() -> publications.goLive(publication(1), since)).hasMessageContaining("into the bin");
        assertThat(publications.live(id)).isEmpty();
    }

    @Test
    void aPictureThatWasPutIntoTheBinMeanwhileDoesNotGoLive() {
        DSLContext sql = Database.opened(folder);
        sql.execute("insert into picture (id, name, added_at, binned_at) values ('long', 'long ago', 1, 1)");
        sql.execute("insert into picture (id, name, added_at) values ('now', 'now', 1)");
        Map<PictureId, Long> shown = Map.of(new PictureId("long"), 1L, new PictureId("now"), 2L);
        PublicationStore.Begun since = publications.begin(id);
        publications.goLive(publication(1, shown), since); // what lay in the bin before was wanted
        new PictureStore(sql).bin(List.of(new PictureId("now")), true);
        assertThatThrownBy(() -> publications.goLive(publication(2, shown), since))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("put into the bin while the reel was being published");
        sql.execute("delete from picture where id = 'now'");
        assertThatThrownBy(() -> publications.goLive(publication(2, shown), since))
                .hasMessageContaining("Nothing was published");
        assertThat(publications.live(id).orElseThrow().revision()).isEqualTo(1);
    }

    @Test
    void whatIsNewerWinsWhicheverIsReadyFirst() {
        PublicationStore.Begun since = publications.begin(id);
        publications.goLive(publication(3), since);
        assertThatThrownBy(() -> publications.goLive(publication(2), since)).hasMessageContaining("Something newer");
        publications.goLive(publication(4), since);
        assertThat(publications.live(id).orElseThrow().revision()).isEqualTo(4);
        publications.goLive(publication(4), since); // the same again
    }

    @Test
    void whatWasLiveLastLongAgoAgesAndWhatIsLiveDoesNot() throws Exception {
        DSLContext sql = Database.opened(folder);
        Erasing erasing = new Erasing(sql, files, publications);
        for (int revision = 1; revision <= 3; revision++) {
            publications.goLive(publication(revision), publications.begin(id));
        }
        sql.execute("update live_change set made_at = id * 1000"); // live from 1 s, 2 s and 3 s on
        erasing.publicationsBefore(1500);
        assertThat(publications.all(id)).as("the first was live until 2 s").hasSize(3);
        erasing.publicationsBefore(2500);
        assertThat(publications.all(id)).extracting(Published::revision).containsExactlyInAnyOrder(2L, 3L);
        erasing.publicationsBefore(Long.MAX_VALUE);
        assertThat(publications.all(id)).extracting(Published::revision).containsExactly(3L);
    }
}
