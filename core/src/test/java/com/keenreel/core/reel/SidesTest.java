package com.keenreel.core.reel;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.reel.Sides.By;
import com.keenreel.core.reel.Sides.Candidate;
import com.keenreel.core.reel.Sides.Told;
import com.keenreel.core.reel.Sides.Two;
import com.keenreel.core.reel.Sides.Why;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SidesTest {
    private static final LocalDateTime MARCH = LocalDateTime.of(2026, 3, 2, 10, 0);
    private static final LocalDateTime MAY = LocalDateTime.of(2026, 5, 9, 16, 30);

    /** In each the first is the one after, by its name or the other's. */
    @ParameterizedTest
    @CsvSource({
        "floor-after.jpg, floor-before.jpg",
        "hall_new.JPG, hall_old.JPG",
        "nachher.png, vorher.png",
        "2 après.jpg, 1 avant.jpg",
        "cocina despues.webp, cocina antes.webp",
        "dopo-3.jpg, prima-3.jpg",
        "keuken na.jpg, keuken voor.jpg",
        "sala po.jpg, sala przed.jpg",
        "efter12.jpg, före12.jpg",
        "jälkeen.jpg, ennen.jpg",
        "بعد.jpg, قبل.jpg",
        "אחרי.jpg, לפני.jpg",
        "IMG_0012 after.jpg, IMG_0011.jpg",
        "IMG_0012.jpg, IMG_0011 before.jpg"
    })
    void namesTellThemApartWhenTheyWereTaken(String after, String before) {
        Candidate one = new Candidate(after, MARCH);
        Candidate other = new Candidate(before, MAY);
        assertThat(Sides.tell(one, other)).isEqualTo(new Told(true, By.NAMES));
        assertThat(Sides.tell(other, one)).isEqualTo(new Told(false, By.NAMES));
    }

    /** A word inside another one says nothing, and neither does a name that says both. */
    @ParameterizedTest
    @CsvSource({
        "IMG_0012.jpg, IMG_0011.jpg",
        "afterglow.jpg, beforehand.jpg",
        "nave.jpg, portal.jpg",
        "before.jpg, before-2.jpg",
        "before and after.jpg, hall.jpg"
    })
    void elseTheDatesDo(String first, String second) {
        assertThat(Sides.tell(new Candidate(first, MAY), new Candidate(second, MARCH)))
                .isEqualTo(new Told(true, By.DATES));
        assertThat(Sides.tell(new Candidate(first, MARCH), new Candidate(second, MAY)))
                .isEqualTo(new Told(false, By.DATES));
    }

    private static List<Sides.Couple> couples(String... files) {
        return Sides.couples(
                Stream.of(files).map(file -> new Candidate(file, null)).toList(), asked -> Set.of());
    }

    @Test
    void thoseThatLookAlikeGoTogetherAndTheRestInTheOrderInWhichTheyWereTaken() {
        List<Candidate> taken = Stream.of(5, 1, 4, 2, 3, 6)
                .map(day -> new Candidate("IMG_" + day + ".jpg", LocalDateTime.of(2026, 3, day, 9, 0)))
                .toList();
        assertThat(Sides.couples(taken, asked -> Set.of(new Two(0, 3))))
                .containsExactly(
                        new Sides.Couple(3, 0, Why.LOOKS, By.DATES),
                        new Sides.Couple(1, 4, Why.ORDER, By.DATES),
                        new Sides.Couple(2, 5, Why.ORDER, By.DATES));
        List<Candidate> many = Stream.iterate(1, n -> n + 1)
                .limit(40)
                .map(n -> new Candidate("IMG_" + n + ".jpg", null))
                .toList();
        Sides.couples(many, asked -> {
            assertThat(asked).as("somebody waits").hasSize(24).startsWith(new Two(0, 1), new Two(1, 2));
            return Set.of();
        });
    }

    @Test
    void manyAtOnceGoTogetherByTheirNamesAndTheRestAsTheyCome() {
        assertThat(couples(
                        "kitchen-after.jpg",
                        "hall before.jpg",
                        "IMG_1.jpg",
                        "kitchen-before.jpg",
                        "IMG_2.jpg",
                        "Hall After.png"))
                .containsExactly(
                        new Sides.Couple(3, 0, Why.NAMES, By.NAMES),
                        new Sides.Couple(1, 5, Why.NAMES, By.NAMES),
                        new Sides.Couple(2, 4, Why.ORDER, By.NOTHING));
        assertThat(couples("before1.jpg", "before2.jpg", "after2.jpg", "after1.jpg"))
                .containsExactly(
                        new Sides.Couple(0, 3, Why.NAMES, By.NAMES), new Sides.Couple(1, 2, Why.NAMES, By.NAMES));
        assertThat(couples("floor-before.jpg", "floor-before-2.jpg", "other.jpg"))
                .as("nobody says which of two it goes with")
                .containsExactly(new Sides.Couple(0, 1, Why.ORDER, By.NOTHING));
        assertThat(couples("before.jpg", "after.jpg")).containsExactly(new Sides.Couple(0, 1, Why.ORDER, By.NAMES));
        assertThat(couples("one.jpg")).isEmpty();
    }

    @Test
    void elseTheyStayAsTheyWereGiven() {
        Told asGiven = new Told(false, By.NOTHING);
        assertThat(Sides.tell(new Candidate("b.jpg", null), new Candidate("a.jpg", MARCH)))
                .isEqualTo(asGiven);
        assertThat(Sides.tell(new Candidate("b.jpg", MARCH), new Candidate("a.jpg", MARCH)))
                .isEqualTo(asGiven);
    }

    @Test
    void namesThatAreUsualStayWhereTheyAreWhenSidesAreSwapped() {
        Carries.Pair usual = Carries.Pair.of(new PictureId("one"), new PictureId("two"));
        assertThat(usual.swapped()).isEqualTo(Carries.Pair.of(new PictureId("two"), new PictureId("one")));
        Carries.Pair own = usual.withName(Carries.Side.AFTER, "Winter").withStart(0.25);
        assertThat(own.swapped().nameBefore()).isEqualTo("Winter");
        assertThat(own.swapped().nameAfter()).isEqualTo("Before");
        assertThat(own.swapped().startsAt()).isEqualTo(0.75);
        Carries.Pair three = own.withBetween(List.of(new Carries.Between(new PictureId("p9"), "Summer", 0.6)));
        assertThat(three.swapped().starts()).containsExactly(0.4, 0.75);
        assertThat(own.nextEnds()).isEqualTo(0.625);
        assertThat(three.nextEnds()).isEqualTo(0.8);
        assertThat(three.swapped().swapped()).isEqualTo(three);
        assertThat(three.withStart(0, 0.9).starts())
                .as("as far as the next one")
                .containsExactly(0.6, 0.6);
        assertThat(three.withStart(1, 0.1).starts())
                .as("as far as the one before")
                .containsExactly(0.25, 0.25);
        assertThat(three.withBetween(List.of(new Carries.Between(new PictureId("p9"), "", 0.1)))
                        .starts())
                .as("not before the one before")
                .containsExactly(0.25, 0.25);
        assertThat(own.swapped().swapped()).isEqualTo(own);
    }
}
