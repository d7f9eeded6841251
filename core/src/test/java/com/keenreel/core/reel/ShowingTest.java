package com.keenreel.core.reel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.Sample;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.time.Reading;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Which slides visitors meet on which day, and how long those take to read. */
class ShowingTest {
    private static final LocalDate DAY = LocalDate.of(2026, 12, 12);

    private static Reel reel(Showing... showings) {
        Reel reel = Sample.reel("single", showings.length);
        List<Slide> slides = new ArrayList<>();
        for (int i = 0; i < showings.length; i++) {
            slides.add(reel.slides().get(i).withShowing(showings[i]));
        }
        return reel.withSlides(slides);
    }

    private static List<String> ids(Reel reel) {
        return reel.slides().stream().map(slide -> slide.id().value()).toList();
    }

    @Test
    void aSlideIsMetFromItsFirstDayToTheEndOfItsLast() {
        Showing weekend = new Showing(false, DAY, DAY.plusDays(1));
        assertThat(weekend.on(DAY.minusDays(1))).isFalse();
        assertThat(weekend.on(DAY)).isTrue();
        assertThat(weekend.on(DAY.plusDays(1))).isTrue();
        assertThat(weekend.on(DAY.plusDays(2))).isFalse();
        assertThat(new Showing(true, DAY, null).on(DAY)).isFalse();
        assertThat(weekend).hasToString("12 Dec 2026 to 13 Dec 2026");
        assertThat(Showing.ALWAYS).hasToString("always");
        assertThatThrownBy(() -> new Showing(false, DAY, DAY.minusDays(1)))
                .hasMessage("The last day, 11 Dec 2026, is before the first, 12 Dec 2026.");
    }

    @Test
    void aReelTurnsOnTheDaysOnWhichOtherSlidesAreMet() {
        Reel reel = reel(
                Showing.ALWAYS,
                new Showing(false, DAY, DAY.plusDays(1)),
                new Showing(true, DAY.plusDays(20), null),
                new Showing(false, null, DAY));
        assertThat(reel.turns(DAY.minusDays(5))).containsExactly(DAY, DAY.plusDays(1), DAY.plusDays(2));
        assertThat(reel.turns(DAY)).containsExactly(DAY.plusDays(1), DAY.plusDays(2));
        assertThat(ids(reel.on(DAY.minusDays(1)))).containsExactly("s1", "s4");
        assertThat(ids(reel.on(DAY))).containsExactly("s1", "s2", "s4");
        assertThat(ids(reel.on(DAY.plusDays(1)))).containsExactly("s1", "s2");
        assertThat(ids(reel.on(DAY.plusDays(2)))).containsExactly("s1");
        assertThat(ids(reel.withoutHidden())).containsExactly("s1", "s2", "s4");
    }

    @Test
    void betweenTwoTurnsVisitorsMeetTheSame() {
        Random random = new Random(3);
        for (int round = 0; round < 200; round++) {
            Showing[] showings = new Showing[1 + random.nextInt(6)];
            for (int i = 0; i < showings.length; i++) {
                LocalDate from = random.nextBoolean() ? null : DAY.plusDays(random.nextInt(20));
                LocalDate until = random.nextBoolean() ? null : (from == null ? DAY : from).plusDays(random.nextInt(9));
                showings[i] = new Showing(random.nextInt(5) == 0, from, until);
            }
            Reel reel = reel(showings);
            List<LocalDate> turns = reel.turns(DAY.minusDays(1));
            for (LocalDate day = DAY; day.isBefore(DAY.plusDays(40)); day = day.plusDays(1)) {
                if (!turns.contains(day)) {
                    assertThat(reel.on(day)).isEqualTo(reel.on(day.minusDays(1)));
                }
            }
        }
    }

    @Test
    void readingTakesASecondAndAThirdOfOneForEveryWord() {
        assertThat(Reading.time(new Said("", "", "", "", "An alt text is not read")))
                .isZero();
        assertThat(Reading.time(new Said("Open workshop days", "First weekend", "Go", "", "")))
                .isEqualTo(3000);
        assertThat(Reading.time(
                        new Said("Kiln opening", "Door open, nobody touches anything for six hours.", "", "", "")))
                .isEqualTo(4333);
        assertThat(Reading.hold(
                        new Said("Kiln opening", "Door open, nobody touches anything for six hours.", "", "", "")))
                .isEqualTo(4500);
        assertThat(Reading.hold(new Said("", "", "", "", ""))).isZero();
        assertThat(Reading.time(
                        new Said("\u30bf\u30a4\u30eb\u5de5\u623f\u3078\u3088\u3046\u3053\u305d", "", "", "", "")))
                .as("10 characters without spaces")
                .isEqualTo(3500);
    }
}
