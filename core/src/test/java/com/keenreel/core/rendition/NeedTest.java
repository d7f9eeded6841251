package com.keenreel.core.rendition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.option.SetUp;
import com.keenreel.core.rendition.Need.Use;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** In which widths a picture is kept. */
class NeedTest {
    private static Need of(double... drawn) {
        List<Use> uses = new ArrayList<>();
        for (double width : drawn) {
            uses.add(new Use(width < 600 ? SetUp.PHONE : width < 1024 ? SetUp.TABLET : SetUp.DESK, width));
        }
        return new Need(uses, false);
    }

    @Test
    void aPictureThatIsAlwaysEquallyWideNeedsOneWidthForEachDensity() {
        assertThat(of(320).widths(5000, 6)).containsExactly(320, 640, 960);
        assertThat(of(320).widths(700, 6)).containsExactly(320, 640, 700);
        assertThat(of(320).widths(100, 6)).containsExactly(100);
    }

    @Test
    void noScreenNeedsMoreThanFourThousandPixels() {
        assertThat(of(2560).widths(8000, 6)).containsExactly(2560, 3840);
        assertThat(new Need(List.of(), false).widths(8000, 6)).containsExactly(3840);
    }

    @Test
    void whatIsShownAsLargeAsTheWindowIsKeptWiderButIsNotSoft() {
        Need need = new Need(of(320).uses(), true);
        List<Integer> widths = need.widths(3000, 6);
        assertThat(widths).hasSize(6).endsWith(3000).anyMatch(width -> width >= 320 && width <= 640);
        assertThat(need.most()).isEqualTo(of(320).most());
        assertThat(need.soft(640)).isFalse();
    }

    @Test
    void theFirstPictureKeepsTheWidthsThatPastedCodeNames() {
        assertThat(Need.pasted(4000)).containsExactly(320, 640, 960, 1440, 1920, 2560);
        assertThat(Need.pasted(2560)).containsExactly(320, 640, 960, 1440, 1920, 2560);
        assertThat(Need.pasted(2600)).containsExactly(320, 640, 960, 1440, 1920, 2560);
        assertThat(Need.pasted(1000)).containsExactly(320, 640, 1000);
        assertThat(Need.pasted(90)).containsExactly(90);
    }

    @Test
    void whatIsDrawnLargerThanItIsIsSoft() {
        assertThat(of(390).most()).isEqualTo(780);
        assertThat(of(390, 1280).most()).isEqualTo(1280);
        assertThat(of(390, 1280).soft(1024)).isFalse();
        assertThat(of(390, 1280).soft(1023)).isTrue();
    }

    /** No other choice of as many of the needed widths has visitors load less over their need: all are tried. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void nothingChosenByHandIsBetter(long seed) {
        Random random = new Random(seed);
        double[] drawn = random.doubles(4, 280, 1280).toArray();
        Need need = of(drawn);
        for (int most = 1; most <= 4; most++) {
            List<Integer> chosen = need.widths(4000, most);
            assertThat(chosen).hasSizeLessThanOrEqualTo(most).isSorted();
            List<Integer> needs = new ArrayList<>();
            for (double width : drawn) {
                for (int density = 1; density <= 3; density++) {
                    needs.add((int) Math.ceil(width * density / 16) * 16);
                }
            }
            double least = Double.POSITIVE_INFINITY;
            List<Integer> kinds = needs.stream().distinct().sorted().toList();
            for (int choice = 0; choice < 1 << kinds.size(); choice++) {
                List<Integer> tried = new ArrayList<>();
                for (int i = 0; i < kinds.size(); i++) {
                    if ((choice >> i & 1) == 1) {
                        tried.add(kinds.get(i));
                    }
                }
                if (tried.size() <= most && tried.contains(kinds.get(kinds.size() - 1))) {
                    least = Math.min(least, over(needs, tried));
                }
            }
            assertThat(over(needs, chosen)).as("seed %s, %s widths", seed, most).isCloseTo(least, within(1e-9));
        }
    }

    private static double over(List<Integer> needs, List<Integer> widths) {
        double sum = 0;
        for (int need : needs) {
            int loaded =
                    widths.stream().filter(width -> width >= need).findFirst().orElseThrow();
            sum += (double) loaded * loaded / ((double) need * need) - 1;
        }
        return sum;
    }
}
