package com.keenreel.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.reel.Reel;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What visitors ask for takes nothing from those who edit. */
class PublicStoreTest {
    @TempDir
    private Path folder;

    @Test
    void visitorsAreAnsweredWithoutTheEditorsConnections() throws Exception {
        Database.made(folder);
        try (HikariDataSource editors = new HikariDataSource()) {
            editors.setJdbcUrl("jdbc:sqlite:" + folder.resolve("keen-reel.db"));
            editors.setMaximumPoolSize(1);
            editors.setConnectionTimeout(2000);
            DSLContext sql = DSL.using(editors, SQLDialect.SQLITE);
            PublicationStore publications = new PublicationStore(sql);
            StoredReel reel = new ReelStore(sql).make(Reel.named("Visited"), "test");
            publications.goLive(
                    KilledTest.Restless.publication(reel, 1, Database.files(sql, folder)),
                    publications.begin(reel.id()));
            PublicStore visitors = new PublicStore(publications, editors);
            try (Connection taken = editors.getConnection()) {
                assertThatThrownBy(editors::getConnection).isInstanceOf(SQLTransientConnectionException.class);
                assertThat(visitors.liveAt(reel.slug())).isPresent();
                assertThat(visitors.liveAt("never-was")).isEmpty();
                assertThat(taken.isClosed()).isFalse();
            }
            assertThat(IntStream.range(0, 400)
                            .parallel()
                            .mapToObj(i -> visitors.liveAt(reel.slug()))
                            .filter(Optional::isPresent)
                            .count())
                    .as("many at once wait for each other, and none for ever")
                    .isEqualTo(400);
            publications.takeDown(reel.id());
            assertThat(visitors.liveAt(reel.slug())).isEmpty();
            sql.execute("ALTER TABLE publication RENAME TO elsewhere");
            for (int i = 0; i < 100; i++) {
                assertThat(visitors.liveAt("never-was-" + i))
                        .as("names that nobody has cost no question")
                        .isEmpty();
            }
            visitors.destroy();
        }
    }
}
