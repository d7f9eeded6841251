package com.keenreel.measure;

import com.keenreel.imaging.MeasurePictures;
import com.keenreel.imaging.align.MeasurePairs;
import org.junit.jupiter.api.Test;

/** What {@code ./measure} measures can be measured. */
class MeasurementsTest {
    @Test
    void player() throws Exception {
        Brief.run(MeasurePlayer::measure);
    }

    @Test
    void motion() throws Exception {
        Brief.run(MeasureMotion::measure);
    }

    @Test
    void bench() throws Exception {
        Brief.run(MeasureBench::measure);
    }

    @Test
    void pictures() throws Exception {
        Brief.run(MeasurePictures::measure);
    }

    @Test
    void pairs() throws Exception {
        Brief.run(MeasurePairs::run);
    }
}
