package com.keenreel.core.reel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.edit.AddSlide;
import com.keenreel.core.edit.Difference;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.FollowSet;
import com.keenreel.core.edit.MoveSlide;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.RemoveSlide;
import com.keenreel.core.edit.SetHold;
import com.keenreel.core.edit.SetWords;
import com.keenreel.core.option.Colour;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A reel whose slides come from a set. */
class FollowingTest {
    private static final SetId SET = new SetId("set");
    private static final Member TEN = member("a", "plate-10.jpg", "2025-03-01T10:00");
    private static final Member TWO = member("b", "Plate-2.jpg", "2025-05-01T10:00");
    private static final Member NONE = member("c", "kiln.jpg", null);
    private static final Member OLD = member("d", "plate-1.jpg", "2024-01-01T10:00");
    private static final List<Member> LAID_OUT = List.of(TEN, TWO, NONE, OLD);

    private static Member member(String id, String name, String taken) {
        return new Member(new PictureId(id), name, taken == null ? null : LocalDateTime.parse(taken));
    }

    private static String shown(List<Slide> slides) {
        StringBuilder shown = new StringBuilder();
        slides.forEach(slide -> shown.append(((Carries.Picture) slide.carries()).picture()));
        return shown.toString();
    }

    @ParameterizedTest
    @CsvSource({
        "LAID_OUT, abcd",
        "LAID_OUT_REVERSED, dcba",
        "BY_NAME, cdba",
        "BY_NAME_REVERSED, abdc",
        "OLDEST, dabc",
        "NEWEST, badc"
    })
    void comesInThatOrder(SetOrder order, String expected) {
        assertThat(shown(new Following(SET, order, 500, false).slides(List.of(), LAID_OUT)))
                .isEqualTo(expected);
        assertThat(SetOrder.read(order.word())).isEqualTo(order);
    }

    @Test
    void shuffledIsTheSameForTheSamePictures() {
        List<Member> other = new ArrayList<>(LAID_OUT);
        java.util.Collections.reverse(other);
        assertThat(SetOrder.SHUFFLED.of(LAID_OUT)).isEqualTo(SetOrder.SHUFFLED.of(other));
        assertThat(SetOrder.SHUFFLED.of(LAID_OUT)).containsExactlyInAnyOrderElementsOf(LAID_OUT);
    }

    @ParameterizedTest
    @CsvSource({"a, b", "plate 2, plate 10", "plate-02, plate-10", "a1b2, a1b10", "A, b", "a, B", "x, x1", "2, 10"})
    void namesAreOrderedAsPeopleDo(String first, String then) {
        assertThat(SetOrder.byName(first, then)).isNegative();
        assertThat(SetOrder.byName(then, first)).isPositive();
        assertThat(SetOrder.byName(first, first)).isZero();
    }

    @Test
    void whatASlideSaysStaysWithItsPicture() {
        Reel reel = Reel.named("Plates")
                .withFollows(new Following(SET, SetOrder.BY_NAME, 3, false))
                .following(LAID_OUT);
        assertThat(shown(reel.slides())).isEqualTo("cdb");
        SlideId own = reel.slides().get(1).id();
        Reel said = new SetHold(own, 9000L).applyTo(new SetWords(own, Words.Field.TITLE, "The oldest").applyTo(reel));

        Reel later = said.following(List.of(OLD, member("e", "fan.jpg", null)));
        assertThat(shown(later.slides())).isEqualTo("ed");
        assertThat(later.slides().get(1)).isEqualTo(said.slide(own).orElseThrow());
        assertThat(later.slides().get(0).words()).isEqualTo(Words.NONE);
        assertThat(later.following(List.of(OLD, member("e", "fan.jpg", null)))).isEqualTo(later);

        Reel byHand = new FollowSet(null).applyTo(later);
        assertThat(byHand.slides()).isEqualTo(later.slides());
        assertThat(byHand.following(LAID_OUT)).isEqualTo(byHand);
    }

    @Test
    void whichSlidesThereAreIsTheSetsAffair() {
        Reel reel = Reel.named("Plates")
                .withFollows(new Following(SET, SetOrder.LAID_OUT, 9, false))
                .following(LAID_OUT);
        SlideId first = reel.slides().get(0).id();
        Slide another = Slide.of(new SlideId("x"), new Carries.Plain(new Colour("#ffffff")));
        for (Edit edit : List.of(new RemoveSlide(first), new MoveSlide(first, null), new AddSlide(another, null))) {
            assertThatThrownBy(() -> edit.applyTo(reel))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining("from a set");
            edit.applyTo(reel.withFollows(null));
        }
    }

    /** Whatever two states are, the difference makes one into the other, and back again. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void differencesHold(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            Reel before = some(random);
            Reel after = some(random);
            Reel changed = before;
            List<Edit> back = new ArrayList<>();
            for (Edit edit : Difference.between(before, after)) {
                back.add(0, edit.inverseOn(changed));
                changed = edit.applyTo(changed);
            }
            assertThat(changed).as("seed %s, case %s", seed, i).isEqualTo(after);
            for (Edit edit : back) {
                changed = edit.applyTo(changed);
            }
            assertThat(changed).as("seed %s, case %s, back", seed, i).isEqualTo(before);
        }
        assertThat(Difference.inWords(
                        Reel.named("a"), Reel.named("a").withFollows(new Following(SET, SetOrder.NEWEST, 9, true))))
                .containsExactly("follows a set, by date taken, the newest first, at most 9");
    }

    private static Reel some(Random random) {
        List<Member> members = new ArrayList<>(LAID_OUT);
        java.util.Collections.shuffle(members, random);
        members = members.subList(0, random.nextInt(5));
        SetOrder order = SetOrder.values()[random.nextInt(SetOrder.values().length)];
        Reel reel = Reel.named("Plates")
                .withFollows(new Following(SET, order, 1 + random.nextInt(4), random.nextBoolean()))
                .following(members);
        return random.nextInt(3) == 0 ? reel.withFollows(null) : reel;
    }
}
