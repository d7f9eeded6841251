package com.keenreel.core.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CropLossTest {
    private static CropLoss loss(int... sizes) {
        return CropLoss.of(Sample.reel("single", sizes.length / 2), Sample.facts(sizes), SetUp.DESK);
    }

    @Test
    void picturesOfOneRatioLoseNothingInIt() {
        CropLoss loss = loss(3000, 2000, 1500, 1000);
        assertThat(loss.best()).isEqualTo(new Ratio(3, 2));
        assertThat(loss.mean(1.5)).isZero();
        assertThat(loss.mean(2.4)).isCloseTo(1 - 1.5 / 2.4, within(1e-12));
        assertThat(loss.mean(0.8)).isCloseTo(1 - 0.8 / 1.5, within(1e-12));
    }

    @Test
    void theBestRatioIsTheOneOfMostPictures() {
        // two of 3:2 and one of 2:3: in 3:2 a third of 1 - 4/9 is lost; in between all three lose
        CropLoss loss = loss(3000, 2000, 3000, 2000, 2000, 3000);
        assertThat(loss.best()).isEqualTo(new Ratio(3, 2));
        assertThat(loss.mean(1.5)).isCloseTo((1 - 4 / 9.0) / 3, within(1e-12));
    }

    @Test
    void noRatioIsBetterThanTheBest() {
        Random random = new Random(3);
        for (int round = 0; round < 200; round++) {
            int[] sizes = random.ints(2 + 2 * random.nextInt(8), 400, 3000).toArray();
            CropLoss loss = loss(sizes);
            double least = loss.mean(loss.best().value());
            for (int i = 0; i < sizes.length; i += 2) { // it is one of theirs, or as good as that in small numbers
                assertThat(least).isLessThan(loss.mean(sizes[i] / (double) sizes[i + 1]) + 0.03);
            }
        }
    }

    @Test
    void withoutPicturesThereIsNone() {
        CropLoss loss = CropLoss.of(Reel.named("Plain"), Sample.facts(), SetUp.PHONE);
        assertThat(loss.isKnown()).isFalse();
        assertThatThrownBy(loss::best).hasMessage("Without pictures no ratio is the best.");
    }
}
