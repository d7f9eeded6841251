package com.keenreel.app.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.RandomEdits;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.Showing;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EditJsonTest {
    private static final Slide SLIDE = Slide.of(new SlideId("s1"), new Carries.Picture(new PictureId("p1")));

    private static Edit read(String json) {
        return EditJson.read(DocumentJson.MAPPER.readTree(json.replace('\'', '"')));
    }

    @Test
    void editsOfEveryKindAreReadAsTheyWereWritten() {
        List<PictureId> pictures = List.of(new PictureId("p1"), new PictureId("p2"), new PictureId("p3"));
        RandomEdits edits = new RandomEdits(new Random(5), pictures, new SetId("s1"));
        Reel now = Reel.named("Written").withSlides(List.of(SLIDE));
        Set<Class<?>> kinds = new HashSet<>();
        for (int i = 0; i < 500 || kinds.size() < RandomEdits.kinds().size(); i++) {
            Edit edit = edits.any(now, i);
            for (Edit one : List.of(edit, edit.inverseOn(now))) {
                assertThat(EditJson.read(EditJson.write(one))).isEqualTo(one);
                kinds.add(one.getClass());
            }
            now = edit.applyTo(now);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{}",
                "{'kind':'paint','slide':'s1'}",
                "{'kind':'choose','option':'shape.weight','value':'9'}",
                "{'kind':'choose','option':'shape.ratio','value':'wide'}",
                "{'kind':'say','slide':'s1','field':'poem','text':'x'}",
                "{'kind':'side-name','slide':'s1','side':'above','name':'x'}",
                "{'kind':'several','edits':[{'kind':'paint'}]}"
            })
    void whatIsUnknownIsRefusedInWords(String json) {
        assertThatThrownBy(() -> read(json))
                .isInstanceOf(Refusal.class)
                .message()
                .matches("[A-Z\"].{10,}\\.");
    }

    @Test
    void daysOfOlderHistoriesAreRead() {
        Reel dated = Reel.named("Dated")
                .withSlides(List.of(SLIDE.withShowing(new Showing(false, null, LocalDate.of(2026, 12, 1)))));
        Reel changed = read("{'kind':'show','slide':'s1','showing':{'hidden':true,'from':'2027-01-01'}}")
                .applyTo(dated);
        assertThat(changed.slides().get(0).showing()).isEqualTo(new Showing(true, LocalDate.of(2027, 1, 1), null));
    }
}
