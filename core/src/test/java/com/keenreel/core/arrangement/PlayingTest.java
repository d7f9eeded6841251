package com.keenreel.core.arrangement;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.Sample;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.VideoKind;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Video;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Part;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlayingTest {
    /** Of three pictures; the second stands for a video of 8.2 s. */
    private static final Facts FACTS = facts();

    private static Facts facts() {
        Facts plain = Sample.facts(1600, 900, 1600, 900, 1600, 900);
        Map<PictureId, PictureFacts> pictures = new HashMap<>(plain.pictures());
        pictures.computeIfPresent(new PictureId("p2"), (id, facts) -> facts.of(new Video(8200)));
        return new Facts(pictures, plain.words(), plain.type());
    }

    @ParameterizedTest
    @CsvSource({"single, true", "row, true", "depth, false", "grid, false", "stack, false", "marquee, false"})
    void videosPlayOneAtATimeAndSideBySide(String arrangement, boolean plays) {
        Reel reel = Sample.reel(arrangement, 3);
        assertThat(Playing.any(reel, FACTS)).isEqualTo(plays);
        assertThat(Layout.of(reel, FACTS).hasVideos()).isEqualTo(plays);
        assertThat(Playing.any(reel, Sample.facts(1600, 900, 1600, 900, 1600, 900)))
                .isFalse();
    }

    @Test
    void aSlideMaySayOtherwiseThanTheReel() {
        Reel reel = choose(Sample.reel("single", 3), MotionOptions.VIDEO, VideoKind.STILL);
        Slide second = reel.slides().get(1);
        assertThat(Playing.plays(reel, second, FACTS)).isFalse();
        assertThat(Layout.of(reel, FACTS).hasVideos()).isTrue();
        Reel once = new SetOption<>(MotionOptions.VIDEO, second.id(), null, VideoKind.ONCE).applyTo(reel);
        assertThat(Playing.plays(once, once.slides().get(1), FACTS)).isTrue();
    }

    /** Source: WCAG 2.2, success criterion 2.2.2: what moves by itself can be stopped. */
    @ParameterizedTest
    @CsvSource({"single, 390", "single, 1280", "row, 390", "row, 1280"})
    void whatPlaysCanBePaused(String arrangement, double width) {
        Reel quiet = choose(
                choose(choose(Sample.reel(arrangement, 3), MotionOptions.AUTOPLAY, false), SteeringOptions.DOTS, false),
                SteeringOptions.ARROWS,
                false);
        assertThat(pauses(quiet, FACTS, width)).hasSize(1);
        assertThat(pauses(choose(quiet, MotionOptions.VIDEO, VideoKind.STILL), FACTS, width))
                .isEmpty();
        assertThat(pauses(quiet, Sample.facts(1600, 900, 1600, 900, 1600, 900), width))
                .isEmpty();
    }

    private static List<Measured> pauses(Reel reel, Facts facts, double width) {
        return Layout.of(reel, facts).at(width, Layout.WINDOW).stream()
                .filter(box -> box.name().equals(Part.PAUSE.box()))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({"8200, 8200", "8201, 8300", "40, 500", "400000, 120000"})
    void aHoldAsLongAsAVideo(long lasts, long hold) {
        assertThat(Slide.hold(lasts)).isEqualTo(hold);
    }
}
