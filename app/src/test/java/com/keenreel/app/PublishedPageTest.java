package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.core.Sampled;
import com.keenreel.player.Kinds;
import com.keenreel.player.Pixels;
import java.awt.Rectangle;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The wall shows what visitors meet: the application serves the files of both. */
@Tag("browser")
class PublishedPageTest {
    private static final List<Integer> WIDTHS = List.of(390, 820, 1280); // growing: larger pictures are kept

    @Test
    void theDraftAloneAndThePublishedPageAreEqualInEveryPixel() {
        try (Editor editor = new Editor()) {
            for (Map.Entry<String, Made> kind : Kinds.some(editor, 4).entrySet()) {
                Made reel = kind.getValue();
                List<Integer> widths = Sampled.of(WIDTHS, 1);
                List<byte[]> live =
                        Pixels.held(editor, reel.publish().path("address").asString(), widths);
                List<byte[]> draft =
                        Pixels.held(editor, Running.application().origin() + "/reels/" + reel.id + "/draft", widths);
                for (int i = 0; i < widths.size(); i++) {
                    assertThat(Pixels.difference(
                                    draft.get(i), live.get(i), new Rectangle(), Pixels.levels(kind.getKey())))
                            .as(kind.getKey() + " at " + widths.get(i))
                            .isEmpty();
                }
            }
            assertThat(editor.problems()).isEmpty();
        }
    }
}
