package com.keenreel.app.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.app.store.Database;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.SummaryStore;
import com.keenreel.core.reel.Reel;
import java.nio.file.Path;
import java.util.List;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.node.ObjectNode;

/** Documents of other formats than the newest. */
class DocumentFormatTest {
    private static ObjectNode document(String json) {
        return (ObjectNode) DocumentJson.MAPPER.readTree(json.replace('\'', '"'));
    }

    @Test
    void anOlderDocumentIsBroughtUpStepByStep() {
        DocumentFormat third = new DocumentFormat(List.of(
                first -> first.put("title", first.remove("name").asString()),
                second -> second.putArray("titles").add(second.remove("title"))));
        assertThat(third.newest()).isEqualTo(3);
        assertThat(third.brought(document("{'format':1,'name':'Kiln'}")).toString())
                .isEqualTo("{\"format\":3,\"titles\":[\"Kiln\"]}");
        assertThat(third.brought(document("{'format':2,'title':'Kiln'}")).toString())
                .isEqualTo("{\"format\":3,\"titles\":[\"Kiln\"]}");
        assertThat(third.brought(document("{'format':3,'titles':[]}")).toString())
                .isEqualTo("{\"format\":3,\"titles\":[]}");
    }

    @Test
    void aNewerOneIsRefusedInASentence() {
        assertThatThrownBy(() -> DocumentJson.read("{\"format\":99}"))
                .isInstanceOf(Unreadable.class)
                .hasMessage("It was written by a newer Keen Reel (format 99; this one reads formats up to 1). Start the"
                        + " newer one to open it.");
        for (String damaged : List.of("{}", "[]", "{\"format\":0}", "{\"format\":1", "{\"format\":1,\"name\":\"\"}")) {
            assertThatThrownBy(() -> DocumentJson.read(damaged)).as(damaged).isInstanceOf(Unreadable.class);
        }
    }

    @Test
    void oneReelThatCannotBeReadTakesNoOtherDown(@TempDir Path folder) {
        DSLContext sql = Database.made(folder);
        ReelStore reels = new ReelStore(sql);
        String good = reels.make(Reel.named("Good"), "test").id();
        String newer = reels.make(Reel.named("Newer"), "test").id();
        sql.execute("update revision set document = '{\"format\":7}' where reel_id = ?", newer);
        assertThat(reels.find(good).reel().name()).isEqualTo("Good");
        assertThat(new SummaryStore(sql).stale())
                .extracting(SummaryStore.Stale::name)
                .contains("Newer");
        assertThatThrownBy(() -> reels.find(newer)).isInstanceOf(Unreadable.class);
    }
}
