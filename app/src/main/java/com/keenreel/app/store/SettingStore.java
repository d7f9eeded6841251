package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.SETTING;

import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** What was set for the whole of this Keen Reel. */
@Component
public class SettingStore {
    private final DSLContext sql;

    public SettingStore(DSLContext sql) {
        this.sql = sql;
    }

    /** What is set under that name, if anything. */
    public Optional<String> get(String name) {
        return sql.select(SETTING.VALUE)
                .from(SETTING)
                .where(SETTING.NAME.eq(name))
                .fetchOptional(SETTING.VALUE);
    }

    /** Sets it. */
    public void put(String name, String value) {
        sql.insertInto(SETTING)
                .set(SETTING.NAME, name)
                .set(SETTING.VALUE, value)
                .onConflict(SETTING.NAME)
                .doUpdate()
                .set(SETTING.VALUE, value)
                .execute();
    }
}
