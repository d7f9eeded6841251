package com.keenreel.measure;

import com.keenreel.app.store.ProveBackup;
import com.keenreel.app.store.ProveKills;
import org.junit.jupiter.api.Test;

/** What {@code ./prove} proves can be proved, and what {@code ./measure} measures of the server can be measured. */
class ProofsTest {
    @Test
    void layout() throws Exception {
        Brief.run(ProveLayout::prove);
    }

    @Test
    void layoutElsewhere() throws Exception {
        Brief.run(ProveLayoutElsewhere::prove);
    }

    @Test
    void clock() throws Exception {
        Brief.run(ProveClock::prove);
    }

    @Test
    void kills() throws Exception {
        Brief.run(ProveKills::prove);
    }

    @Test
    void backup() throws Exception {
        Brief.run(ProveBackup::prove);
    }

    @Test
    void serving() throws Exception {
        Brief.run(MeasureServing::measure);
    }

    @Test
    void library() throws Exception {
        Brief.run(MeasureLibrary::measure);
    }

    @Test
    void scale() throws Exception {
        Brief.run(MeasureScale::measure);
    }
}
