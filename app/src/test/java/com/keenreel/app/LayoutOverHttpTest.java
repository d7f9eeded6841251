package com.keenreel.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.Editor.Made;
import com.keenreel.player.Boxes;
import com.keenreel.player.Kinds;
import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What the application says of layouts is what it publishes; nothing of it fails for a reel that visitors never see. */
@Tag("browser")
class LayoutOverHttpTest {
    private final Editor editor = new Editor();

    @AfterEach
    void leave() {
        assertThat(editor.problems()).isEmpty();
        editor.close();
    }

    @Test
    void whatIsAnsweredIsWhatIsPublished() {
        Boxes boxes = new Boxes();
        for (Made reel : List.of(Kinds.row(editor), Kinds.grid(editor))) {
            Page page = reel.live();
            for (int width : new int[] {390, 820, 1280}) {
                page.setViewportSize(width, 800);
                boxes.compare(reel.name + " at " + width, Boxes.seen(page, 0), reel.layout(width));
            }
        }
        assertThat(boxes.wrong()).isEmpty();
        assertThat(boxes.figures()).isGreaterThan(200);
    }

    @Test
    void whatIsHiddenEverywhereHasItsPagesAndNoCodeForAFrame() {
        Made reel = editor.make("Hidden", "row", "full", Kinds.SIX)
                .choose("shape.height", "desk", "window")
                .choose("shape.hidden", null, "true");
        reel.publish();
        for (String address : List.of(
                "/reels",
                "/reels/" + reel.id,
                "/reels/" + reel.id + "/publish",
                "/reels/" + reel.id + "/arrangements")) {
            assertThat(editor.text(Running.application().origin() + address))
                    .as(address)
                    .isNotEmpty();
        }
        Made band = Kinds.marquee(editor).choose("shape.hidden", null, "true");
        band.publish();
        assertThat(editor.text(Running.application().origin() + "/reels")).contains("Band of the kinds");
        Page publish = editor.open("/reels/" + reel.id + "/publish");
        assertThat(publish.locator("[data-unframed]").count())
                .as("a window's height is for no frame")
                .isEqualTo(1);
        assertThat(publish.locator("[data-copy=frame], [data-copy=folder]").count())
                .isZero();
    }
}
