package com.keenreel.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.store.FetchStore.Seen;
import com.keenreel.core.reel.Reel;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FetchStoreTest {
    @Test
    void nobodyCrowdsOutThePagesThatAreKnown(@TempDir Path folder) {
        DSLContext sql = Database.made(folder);
        StoredReel reel = new ReelStore(sql).make(Reel.named("Seen"), "test");
        FetchStore store = new FetchStore(sql);
        long now = System.currentTimeMillis();
        Seen known = new Seen(reel.slug(), "https://fennock.example/days", "p1", false, now - 10_000);
        store.put(List.of(known));
        store.put(IntStream.range(0, 1000)
                .mapToObj(n -> new Seen(reel.slug(), "https://flood.example/" + n, "p1", false, now))
                .toList());
        assertThat(store.of(reel.id()))
                .hasSize(FetchStore.MOST)
                .extracting(Seen::page)
                .contains(known.page());
        Seen again = new Seen(reel.slug(), known.page(), "p2", false, now + 1);
        store.put(List.of(again));
        assertThat(store.of(reel.id()).get(0)).isEqualTo(again);
    }
}
