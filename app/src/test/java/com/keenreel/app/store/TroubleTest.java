package com.keenreel.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import com.keenreel.core.edit.AddSlide;
import com.keenreel.core.edit.Rename;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the database and the file system really throw is told apart. */
class TroubleTest {
    @TempDir
    private Path folder;

    private String reel;

    @BeforeEach
    void make() {
        reel = new ReelStore(Database.made(folder))
                .make(Reel.named("Troubled"), "test")
                .id();
    }

    private Connection connection() throws Exception {
        return DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("keen-reel.db"));
    }

    @Test
    void aFullDiskLeavesNothingHalfDone() throws Exception {
        try (Connection connection = connection()) {
            DSLContext sql = DSL.using(connection, SQLDialect.SQLITE);
            int pages = Integer.parseInt(String.valueOf(sql.fetchValue("pragma page_count")));
            sql.execute("pragma max_page_count = " + (pages + 3));
            EditStore edits = new EditStore(sql);
            long stored = 1;
            Throwable thrown = null;
            while (thrown == null) {
                long next = stored + 1;
                thrown = catchThrowable(
                        () -> edits.apply(reel, new Rename("Name " + next), "w", "edit-" + next, Long.MAX_VALUE));
                stored = thrown == null ? next : stored;
            }
            assertThat(Trouble.of(thrown)).contains(Trouble.FULL);
            StoredReel now = new ReelStore(sql).find(reel);
            assertThat(now.revision()).isEqualTo(stored).isGreaterThan(5);
            assertThat(now.reel().name()).isEqualTo("Name " + stored);
            assertThat(String.valueOf(sql.fetchValue("pragma integrity_check"))).isEqualTo("ok");
        }
    }

    @Test
    void aDatabaseInUseIsNotAFullOne() throws Exception {
        try (Connection other = connection();
                Connection connection = connection()) {
            other.createStatement().execute("begin exclusive");
            DSLContext sql = DSL.using(connection, SQLDialect.SQLITE);
            sql.execute("pragma busy_timeout = 50");
            Throwable thrown = catchThrowable(
                    () -> new EditStore(sql).apply(reel, new Rename("Later"), "w", "edit", Long.MAX_VALUE));
            assertThat(Trouble.of(thrown)).contains(Trouble.BUSY);
        }
    }

    @Test
    void aFolderThatMayOnlyBeReadIsNeither() throws Exception {
        try (Connection connection = connection()) {
            DSLContext sql = DSL.using(connection, SQLDialect.SQLITE);
            sql.execute("pragma query_only = true");
            Throwable thrown = catchThrowable(
                    () -> new EditStore(sql).apply(reel, new Rename("Never"), "w", "edit", Long.MAX_VALUE));
            assertThat(Trouble.of(thrown)).contains(Trouble.CLOSED);
        }
    }

    @Test
    void aDamagedDatabaseIsSaidToBeOne() throws Exception {
        try (RandomAccessFile file =
                new RandomAccessFile(folder.resolve("keen-reel.db").toFile(), "rw")) {
            file.write(new byte[4096]);
        }
        try (Connection connection = connection()) {
            DSLContext sql = DSL.using(connection, SQLDialect.SQLITE);
            assertThat(Trouble.of(catchThrowable(() -> new ReelStore(sql).find(reel))))
                    .contains(Trouble.DAMAGED);
        }
    }

    @Test
    void filesThatAreGoneOrFindNoRoomAreToldApart() {
        ContentFiles files = Database.files(Database.opened(folder), folder);
        assertThat(Trouble.of(catchThrowable(() -> files.read("0".repeat(64))))).contains(Trouble.FILE_GONE);
        assertThat(Trouble.of(catchThrowable(TroubleTest::fill))).contains(Trouble.FULL);
        assertThat(Trouble.of(new IllegalStateException("a mistake of ours"))).isEmpty();
    }

    /** A device that is always full. */
    private static void fill() {
        try {
            Files.write(Path.of("/dev/full"), new byte[10]);
        } catch (IOException refused) {
            throw new UncheckedIOException(refused);
        }
    }

    @Test
    void aPictureThatIsNotThereIsNoTroubleOfTheDatabase() {
        DSLContext sql = Database.opened(folder);
        AddSlide unknown = new AddSlide(Slide.of(new SlideId("s1"), new Carries.Picture(new PictureId("gone"))), null);
        assertThat(catchThrowable(() -> new EditStore(sql).apply(reel, unknown, "w", "edit", Long.MAX_VALUE)))
                .hasMessage("That picture is not in the library.");
    }
}
