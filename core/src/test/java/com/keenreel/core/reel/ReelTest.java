package com.keenreel.core.reel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.option.Colour;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ReelTest {
    @ParameterizedTest
    @ValueSource(strings = {"full", "box 960", "column 360"})
    void aSlotIsReadAsItIsWritten(String text) {
        assertThat(Slot.read(text).write()).isEqualTo(text);
        assertThatThrownBy(() -> Slot.read("box")).hasMessageContaining("box 960");
        assertThatThrownBy(() -> Slot.read("column NaN")).hasMessageContaining("160 to 2560");
    }

    @ParameterizedTest
    @CsvSource({
        "https://fennock.example/days, true",
        "/dates, true",
        "mailto:days@fennock.example, true",
        "tel:+1234, true",
        "javascript:alert(1), false",
        "JAVASCRIPT:alert(1), false",
        "data:text/html;x, false",
        "https://fennock.example/a b, false"
    })
    void aLinkIsAProperAddress(String link, boolean proper) {
        if (proper) {
            assertThat(Words.NONE.with(Words.Field.LINK, link).link()).isEqualTo(link);
        } else {
            assertThatThrownBy(() -> Words.NONE.with(Words.Field.LINK, link))
                    .isInstanceOf(IllegalArgumentException.class);
        }
    }

    @Test
    void aSlideSaysWhatItsPictureSaysUntilItSaysSomethingElse() {
        PictureWords picture = new PictureWords("Quatrefoil wall", "214 tiles", "Blue flowers on white", "/walls");
        Words.Said untouched = Words.NONE.completedBy(picture);
        assertThat(untouched)
                .isEqualTo(new Words.Said("Quatrefoil wall", "214 tiles", "", "/walls", "Blue flowers on white"));
        Words.Said own = Words.NONE
                .with(Words.Field.TITLE, "")
                .with(Words.Field.TEXT, "Ours")
                .with(Words.Field.LINK, "/ours")
                .completedBy(picture);
        assertThat(own).isEqualTo(new Words.Said("", "Ours", "", "/ours", "Blue flowers on white"));
        assertThat(Words.NONE.completedBy(PictureWords.NONE).shows()).isFalse();
    }

    @Test
    void illegalReelsCannotExist() {
        Slide slide = Slide.of(new SlideId("a"), new Carries.Plain(new Colour("#FFF000")));
        assertThatThrownBy(() -> Reel.named("Twice").withSlides(List.of(slide, slide)))
                .hasMessageContaining("stands twice");
        assertThatThrownBy(() -> Reel.named(" ")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> slide.withHold(499L)).hasMessage("A slide stands 0.5 to 120 s.");
        assertThatThrownBy(() -> new FocalPoint(1.01, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Carries.Pair(new PictureId("a"), new PictureId("b"), "x".repeat(61), "", 0.5))
                .hasMessageContaining("at most 60");
        assertThatThrownBy(() -> new Colour("red")).hasMessageContaining("#16241e");
        assertThatThrownBy(() -> new SlideId("../x")).isInstanceOf(IllegalArgumentException.class);
    }
}
