package com.keenreel.core.arrangement.wordrows;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.SetWords;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Words.Field;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Moment;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class WordRowsTest {
    private static final Facts FACTS = Sample.facts(90, 60, 90, 60, 90, 60, 90, 60);

    private Reel reel =
            choose(choose(Sample.reel("wordrows", 4), WordRowsOptions.SIZE, 100.0), WordRowsOptions.ROWS, 2);

    WordRowsTest() {
        reel = choose(reel, ShapeOptions.GAP, 10.0);
        String[] words = {"Milk", "Slate", "Moss", "Oxblood"};
        for (int i = 0; i < 4; i++) {
            reel = new SetWords(reel.slides().get(i).id(), Field.TITLE, words[i]).applyTo(reel);
        }
    }

    private Map<String, Measured> at(double width, Moment moment) {
        return Layout.of(reel, FACTS).at(width, moment).stream()
                .collect(Collectors.toMap(Measured::name, Function.identity()));
    }

    @Test
    void wordsStandInRowsAsLongAsOneAnother() {
        // 200, 250, 200 and 350 wide, 40 apart: two and two make 490 and 590, one and three 200 and 880, three and one
        // 730 and 350
        Map<String, Measured> boxes = at(1280, Moment.first(800));
        assertThat(boxes.get("word-1")).isEqualTo(new Measured("word-1", 0, 0, 200, 120));
        assertThat(boxes.get("word-2")).isEqualTo(new Measured("word-2", 240, 0, 250, 120));
        assertThat(boxes.get("word-3").y()).isCloseTo(130, within(1e-9));
        assertThat(boxes.get("frame").height()).isCloseTo(250, within(1e-9));
        assertThat(boxes).doesNotContainKey("picture-1");
    }

    @Test
    void rowsShiftFromOneEndToTheOtherInTurn() {
        // in a window of 800 px a reel 250 px high has gone half its way at its middle: its upper edge is 275 px below
        // the window's
        assertThat(at(1280, Moment.first(800)).get("word-3").x()).isCloseTo(1280 - 590, within(1e-9));
        Map<String, Measured> half = at(1280, new Moment(800, 0, -275.0));
        assertThat(half.get("word-1").x()).isCloseTo((1280 - 490) / 2.0, within(1e-9));
        assertThat(half.get("word-3").x()).isCloseTo((1280 - 590) / 2.0, within(1e-9));
        Map<String, Measured> gone = at(1280, new Moment(800, 0, 250.0));
        assertThat(gone.get("word-1").x()).isCloseTo(1280 - 490, within(1e-9));
        assertThat(gone.get("word-3").x()).isZero();
    }

    @Test
    void aRowThatIsLongerThanTheReelIsSeenToItsEnd() {
        reel = choose(reel, WordRowsOptions.SIZE, SetUp.PHONE, 96.0);
        Map<String, Measured> gone = at(390, new Moment(800, 0, 10_000.0));
        assertThat(gone.get("word-2").x() + gone.get("word-2").width()).isCloseTo(390, within(1e-9));
        assertThat(at(390, Moment.first(800)).get("word-4").x() + 3.5 * 96).isCloseTo(390, within(1e-9));
    }

    @Test
    void whereRowsStandStillTheLongestHasRoom() {
        reel = choose(reel, WordRowsOptions.SHIFTS, false);
        Map<String, Measured> boxes = at(295, Moment.first(800)); // 5.9 sizes long, so 50 px large
        assertThat(boxes.get("word-4").x() + boxes.get("word-4").width()).isCloseTo(295, within(1e-9));
        assertThat(boxes.get("word-4").height()).isCloseTo(60, within(1e-9));
    }

    @Test
    void picturesStandInTheRoomThatTheyLeave() {
        reel = choose(choose(reel, WordRowsOptions.PICTURE, 20.0), ShapeOptions.RATIO, new Ratio(2, 1));
        reel = choose(choose(reel, WordRowsOptions.ACROSS, 75.0), WordRowsOptions.DOWN, 100.0);
        Placed frame = Layout.of(reel, FACTS).range(1280).frame();
        var crop = frame.boxOf(Part.crop(1)).orElseThrow();
        assertThat(crop.width().at(1280)).isCloseTo(256, within(1e-9));
        assertThat(crop.left().at(1280)).isCloseTo((1280 - 256) * 0.75, within(1e-9));
        assertThat(crop.top().at(1280)).isCloseTo(250 - 128, within(1e-9));
        reel = choose(reel, WordRowsOptions.PICTURE, 100.0); // never higher than all rows
        crop = Layout.of(reel, FACTS).range(1280).frame().boxOf(Part.crop(1)).orElseThrow();
        assertThat(crop.width().at(1280)).isCloseTo(500, within(1e-9));
    }

    @Test
    void ofAllWaysToBreakRowsTheLongestIsTheShortest() {
        Random random = new Random(3);
        for (int round = 0; round < 300; round++) {
            int words = 1 + random.nextInt(7);
            int most = 1 + random.nextInt(4);
            List<Double> widths = random.doubles(words, 1, 9).boxed().toList();
            List<Integer> starts = EvenRows.of(widths, 0.4, most);
            assertThat(starts).hasSize(Math.min(most, words)).isSorted().startsWith(0);
            assertThat(longest(widths, starts)).isCloseTo(best(widths, Math.min(most, words), 0), within(1e-9));
        }
    }

    private static double longest(List<Double> widths, List<Integer> starts) {
        double longest = 0;
        for (int row = 0; row < starts.size(); row++) {
            int next = row + 1 < starts.size() ? starts.get(row + 1) : widths.size();
            longest = Math.max(longest, length(widths, starts.get(row), next));
        }
        return longest;
    }

    private static double length(List<Double> widths, int from, int to) {
        return widths.subList(from, to).stream().mapToDouble(one -> one).sum() + 0.4 * (to - from - 1);
    }

    /** By trying all. */
    private static double best(List<Double> widths, int rows, int from) {
        if (rows == 1) {
            return length(widths, from, widths.size());
        }
        List<Double> all = new ArrayList<>();
        for (int next = from + 1; next <= widths.size() - rows + 1; next++) {
            all.add(Math.max(length(widths, from, next), best(widths, rows - 1, next)));
        }
        return all.stream().mapToDouble(one -> one).min().orElseThrow();
    }
}
