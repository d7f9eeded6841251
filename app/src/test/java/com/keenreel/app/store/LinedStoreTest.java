package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.PICTURE;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.reel.PictureId;
import java.nio.file.Path;
import java.util.List;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pictures that are made of others, which may be made of others in turn. */
class LinedStoreTest {
    @TempDir
    private Path folder;

    @Test
    void aChainIsBinnedAndErasedWhole() {
        DSLContext sql = Database.made(folder);
        for (String row : List.of(
                "'first', 'first', 1, null, null", "'second', 'second', 1, 'first', null",
                "'other', 'other', 1, null, null", "'third', 'third', 1, 'second', 'other'")) {
            sql.execute("insert into picture (id, name, added_at, lined_of, lined_with) values (" + row + ")");
        }
        PictureId first = new PictureId("first");
        assertThat(new LinedStore(sql).withMadeOf(List.of(first)))
                .extracting(PictureId::value)
                .containsExactly("first", "second", "third");
        new PictureStore(sql).bin(new LinedStore(sql).withMadeOf(List.of(first)), true);
        new Erasing(sql, Database.files(sql, folder), new PublicationStore(sql)).pictures(List.of(first));
        assertThat(sql.select(PICTURE.ID).from(PICTURE).fetch(PICTURE.ID)).containsExactly("other");
    }
}
