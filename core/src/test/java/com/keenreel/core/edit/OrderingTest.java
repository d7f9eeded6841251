package com.keenreel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.option.Colour;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Member;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class OrderingTest {
    private static final PictureId TEN = new PictureId("ten");
    private static final PictureId TWO = new PictureId("two");
    private static final Map<PictureId, Member> PICTURES = Map.of(
            TEN, new Member(TEN, "plate 10.jpg", LocalDateTime.of(2025, 1, 1, 9, 0)),
            TWO, new Member(TWO, "Plate 2.jpg", LocalDateTime.of(2025, 3, 1, 9, 0)));

    private static Slide slide(String id, PictureId picture) {
        return Slide.of(new SlideId(id), new Carries.Picture(picture));
    }

    private static final Reel REEL = Reel.named("Arranged")
            .withSlides(List.of(
                    Slide.of(new SlideId("p"), new Carries.Plain(new Colour("#123456"))),
                    slide("a", TEN),
                    slide("b", TWO),
                    slide("c", TEN)));

    private static List<String> ids(Reel reel) {
        return reel.slides().stream().map(slide -> slide.id().value()).toList();
    }

    @Test
    void slidesComeByNameDateOrTheLastFirstAndThoseWithoutPicturesAtTheEnd() {
        assertThat(ids(Ordering.by(SetOrder.BY_NAME, REEL, PICTURES))).containsExactly("b", "a", "c", "p");
        assertThat(ids(Ordering.by(SetOrder.OLDEST, REEL, PICTURES))).containsExactly("a", "c", "b", "p");
        assertThat(ids(Ordering.by(SetOrder.LAID_OUT_REVERSED, REEL, PICTURES))).containsExactly("c", "b", "a", "p");
        assertThat(ids(Ordering.by(SetOrder.SHUFFLED, REEL, PICTURES)))
                .hasSize(4)
                .containsExactlyInAnyOrder("a", "b", "c", "p");
    }

    @Test
    void everyShuffleIsAnotherOrderThanTheOneBefore() {
        Reel reel = REEL.withSlides(REEL.slides().subList(1, 4));
        for (int i = 0; i < 20; i++) {
            Reel shuffled = Ordering.by(SetOrder.SHUFFLED, reel, PICTURES);
            assertThat(ids(shuffled)).isNotEqualTo(ids(reel)).containsExactlyInAnyOrder("a", "b", "c");
            assertThat(ids(Ordering.by(SetOrder.SHUFFLED, reel, PICTURES)))
                    .as("the same from the same")
                    .isEqualTo(ids(shuffled));
            reel = shuffled;
        }
        Reel one = REEL.withSlides(REEL.slides().subList(1, 2));
        assertThat(ids(Ordering.by(SetOrder.SHUFFLED, one, PICTURES))).containsExactly("a");
    }

    @Test
    void moreSlidesComeWhereTheyAreWanted() {
        Slide more = slide("m", TWO);
        assertThat(ids(Ordering.with(REEL, List.of(more), new SlideId("b")))).containsExactly("p", "a", "m", "b", "c");
        assertThat(ids(Ordering.with(REEL, List.of(more), null))).endsWith("m");
        assertThat(ids(Ordering.with(REEL, List.of(more), new SlideId("gone")))).endsWith("m");
    }

    @Test
    void whatFollowsASetIsLeftToTheSet() {
        Reel follows = REEL.withFollows(new Following(new SetId("s"), SetOrder.BY_NAME, 9, false));
        assertThatThrownBy(() -> Ordering.by(SetOrder.BY_NAME, follows, PICTURES))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("come from a set");
        assertThatThrownBy(() -> Ordering.with(follows, List.of(slide("m", TWO)), null))
                .isInstanceOf(Refusal.class);
    }
}
