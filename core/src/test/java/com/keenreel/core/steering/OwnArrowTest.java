package com.keenreel.core.steering;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.Sample;
import com.keenreel.core.option.ArrowForm;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.rendition.Need;
import com.keenreel.core.space.Target;
import java.util.Set;
import org.junit.jupiter.api.Test;

class OwnArrowTest {
    private static final PictureId RIGHT = new PictureId("right");
    private static final PictureId LEFT = new PictureId("left");

    private static Reel banner() {
        Reel reel = choose(Sample.reel("single", 3), SteeringOptions.ARROWS_FORM, ArrowForm.OWN);
        return choose(reel, SteeringOptions.ARROWS_ONWARD, "right");
    }

    @Test
    void theWayBackIsTheWayOnwardTurnedRoundUntilItHasItsOwn() {
        assertThat(OwnArrow.of(banner(), SetUp.DESK, true, false)).isEqualTo(new OwnArrow(RIGHT, false));
        assertThat(OwnArrow.of(banner(), SetUp.DESK, false, false)).isEqualTo(new OwnArrow(RIGHT, true));
        Reel both = choose(banner(), SteeringOptions.ARROWS_BACK, SetUp.PHONE, "left");
        assertThat(OwnArrow.of(both, SetUp.PHONE, false, false)).isEqualTo(new OwnArrow(LEFT, false));
        assertThat(OwnArrow.of(both, SetUp.DESK, false, false)).isEqualTo(new OwnArrow(RIGHT, true));
    }

    @Test
    void whatIsReadFromTheRightTurnsThemRound() {
        Reel both = choose(banner(), SteeringOptions.ARROWS_BACK, "left");
        assertThat(OwnArrow.of(both, SetUp.DESK, true, true)).isEqualTo(new OwnArrow(RIGHT, true));
        assertThat(OwnArrow.of(both, SetUp.DESK, false, true)).isEqualTo(new OwnArrow(LEFT, true));
        assertThat(OwnArrow.of(banner(), SetUp.DESK, false, true)).isEqualTo(new OwnArrow(RIGHT, false));
    }

    @Test
    void withoutAPictureOrInAnotherFormThereIsNone() {
        Reel none = choose(banner(), SteeringOptions.ARROWS_ONWARD, "");
        assertThat(OwnArrow.of(none, SetUp.DESK, true, false)).isNull();
        Reel drawn = choose(banner(), SteeringOptions.ARROWS_FORM, ArrowForm.SOLID);
        assertThat(OwnArrow.of(drawn, SetUp.DESK, true, false)).isNull();
    }

    @Test
    void theyAreShownLikeOtherPicturesAndGoWithThem() {
        Reel both = choose(banner(), SteeringOptions.ARROWS_BACK, SetUp.PHONE, "left");
        assertThat(both.pictures()).contains(RIGHT, LEFT).hasSize(5);
        Reel without = both.without(Set.of(LEFT));
        assertThat(without.pictures()).contains(RIGHT).doesNotContain(LEFT);
        assertThat(without.slides()).isEqualTo(both.slides());
        PictureId first = both.slides().get(0).pictures().get(0);
        assertThat(both.without(Set.of(RIGHT, first)).pictures()).hasSize(3).doesNotContain(RIGHT, first);
        assertThat(both.without(Set.of(new PictureId("other")))).isEqualTo(both);
    }

    @Test
    void theyNeedNoMorePixelsThanAnArrowHas() {
        Need need = Need.of(banner(), Sample.facts(16, 9, 16, 9, 16, 9)).get(RIGHT);
        assertThat(need.most()).isEqualTo(2 * Target.HIT);
    }
}
