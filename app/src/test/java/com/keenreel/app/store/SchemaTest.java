package com.keenreel.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What must hold of every table. */
class SchemaTest {
    @TempDir
    private Path folder;

    @Test
    void everyForeignKeyIsFoundByAnIndex() {
        DSLContext sql = Database.made(folder);
        Set<String> without = new TreeSet<>();
        int keys = 0;
        List<String> tables =
                sql.fetch("select name from sqlite_schema where type = 'table'").getValues(0, String.class);
        for (String table : tables) {
            List<String> columns = sql.fetch("select \"from\" from pragma_foreign_key_list('" + table + "')")
                    .getValues(0, String.class);
            for (String column : columns) {
                keys++;
                String plan = String.join(
                        "; ",
                        sql.fetch("explain query plan select 1 from " + table + " where " + column + " = 'x'")
                                .getValues("detail", String.class));
                if (plan.contains("SCAN")) {
                    without.add(table + "." + column + ": " + plan);
                }
            }
        }
        assertThat(without).isEmpty();
        assertThat(keys).isGreaterThan(20);
    }
}
