package com.keenreel.imaging.align;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.align.Moved;
import com.keenreel.core.align.Warp;
import com.keenreel.imaging.Darkroom;
import com.keenreel.imaging.Received;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** A few of the pairs that {@code ./measure pairs} measures, and the two of the demonstration that were taken by hand. */
class RegistrationTest {
    private static final Path PICTURES = Path.of("../samples/pictures");
    private static final MadePairs MADE = MadePairs.of(PICTURES);

    @Test
    void twoViewsOfOneSceneAreLinedUp() {
        for (int n : new int[] {0, 4, 20}) { // the first out of focus, the second, neither
            MadePairs.Pair pair = MADE.pair(n);
            Registration found = Registration.of(pair.before(), pair.after());
            assertThat(pair.off(found.warp())).as("pair " + n).isLessThan(1.5);
            assertThat(found.isSure()).as("pair " + n).isTrue();
            assertThat(1000 * found.off()).isLessThan(0.6);
        }
    }

    @Test
    void differentThingsAreNot() {
        for (int n = 0; n < 2; n++) {
            MadePairs.Pair pair = MADE.different(n);
            assertThat(Registration.of(pair.before(), pair.after()).isSure())
                    .as("pair " + n)
                    .isFalse();
        }
        Grey plain = new Grey(400, 300, new float[120_000]);
        assertThat(Registration.of(plain, plain).confidence()).isZero();
        Grey small = MADE.pair(0).before().halved().halved().halved();
        assertThat(Registration.of(small, small).confidence()).isZero();
    }

    /** As the demonstration's list of pictures says that they were made. */
    @Test
    void floorsTakenByHandLieAsTheyWereTaken() throws IOException {
        Moved fourth = moved(4);
        assertThat(fourth.turned()).isCloseTo(-1.8, within(0.03));
        assertThat(fourth.larger()).isCloseTo(1.04, within(0.001));
        Moved fifth = moved(5);
        assertThat(fifth.turned()).isCloseTo(2.3, within(0.03));
        assertThat(fifth.larger()).isCloseTo(0.965, within(0.001));
    }

    @Test
    void atAGlanceThoseOfOneThingAreToldFromOthers() throws Exception {
        List<String> files = List.of(
                "floor-1-before.jpg",
                "floor-1-after.jpg",
                "floor-3-before.jpg",
                "floor-3-after.jpg",
                "floor-4-before.jpg",
                "floor-4-after.jpg",
                "commission-07.jpg",
                "plate-08-pinwheel.jpg");
        List<Grey> seen = new ArrayList<>();
        for (String file : files) {
            byte[] bytes = Files.readAllBytes(PICTURES.resolve(file));
            seen.add(Darkroom.grey(Received.look(bytes), 0, Registration.GLANCE));
        }
        for (int i = 0; i < files.size(); i++) {
            for (int j = i + 1; j < files.size(); j++) {
                assertThat(Registration.of(seen.get(i), seen.get(j)).isLikely())
                        .as(files.get(i) + " and " + files.get(j))
                        .isEqualTo(j == i + 1 && i < 6 && i % 2 == 0);
            }
        }
    }

    private static Moved moved(int floor) throws IOException {
        Grey before = read("floor-" + floor + "-before.jpg");
        Grey after = read("floor-" + floor + "-after.jpg");
        Registration found = Registration.of(before, after);
        assertThat(found.isSure()).isTrue();
        double ratio = (double) after.width() / after.height();
        return Moved.of(found.warp(), before.width(), before.height(), ratio);
    }

    private static Grey read(String file) throws IOException {
        return MadePairs.grey(ImageIO.read(PICTURES.resolve(file).toFile())).halved();
    }

    @Test
    void pictureOfOtherSizesAndRatiosAreComparedToo() {
        MadePairs.Pair pair = MADE.pair(4);
        Grey upper = new Grey(
                pair.after().width(),
                pair.after().height() * 3 / 4,
                java.util.Arrays.copyOf(
                        pair.after().values(),
                        pair.after().width() * (pair.after().height() * 3 / 4)));
        Grey small = upper.halved();
        Registration found = Registration.of(pair.before(), small);
        assertThat(found.isSure()).isTrue();
        Warp cut = new Warp(1, 0, 0, 0, (double) pair.after().height() / upper.height(), 0, 0, 0);
        Warp wanted = pair.warp().then(cut);
        for (double x : new double[] {0.1, 0.5, 0.9}) {
            assertThat(found.warp().x(x, 0.3)).isCloseTo(wanted.x(x, 0.3), within(0.002));
            assertThat(found.warp().y(x, 0.3)).isCloseTo(wanted.y(x, 0.3), within(0.003));
        }
    }
}
