package com.keenreel.imaging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.align.Warp;
import com.keenreel.imaging.Adjustment.Onto;
import java.util.List;
import org.junit.jupiter.api.Test;

class WarpingTest {
    private static final Warp WARP = Warp.turn(3, 1.06, 1.5).then(Warp.shift(0.03, -0.02));

    /** Bright as far right and down as it is, so that every pixel says where it comes from. */
    private static Pixels slope(int width, int height) {
        int[] argb = new int[width * height];
        for (int i = 0; i < argb.length; i++) {
            int x = i % width;
            int y = i / width;
            argb[i] = 0xFF000000
                    | (int) Math.round(255.0 * x / (width - 1)) << 16
                    | (int) Math.round(255.0 * y / (height - 1)) << 8;
        }
        return new Pixels(width, height, argb, false);
    }

    @Test
    void everyPixelIsWhereTheWarpLeads() {
        Pixels drawn = Warping.into(slope(600, 400), WARP, 300, 200);
        for (int y = 20; y < 180; y += 13) {
            for (int x = 20; x < 280; x += 17) {
                double fromX = WARP.x((x + 0.5) / 300, (y + 0.5) / 200);
                double fromY = WARP.y((x + 0.5) / 300, (y + 0.5) / 200);
                int pixel = drawn.argb()[y * 300 + x];
                assertThat((pixel >> 16 & 255) / 255.0).isCloseTo(fromX, within(0.006));
                assertThat((pixel >> 8 & 255) / 255.0).isCloseTo(fromY, within(0.006));
            }
        }
    }

    @Test
    void whatIsNotThereIsAsTheEdge() {
        Pixels drawn = Warping.into(slope(60, 40), Warp.shift(0.5, 0), 60, 40);
        assertThat(drawn.argb()[20 * 60 + 59] >> 16 & 255).isEqualTo(255);
        assertThat(drawn.argb()[20 * 60 + 40] >> 16 & 255).isEqualTo(255);
    }

    @Test
    void renditionsAreOfTheFrameThatItIsDrawnInto() throws Exception {
        Received file = Received.look(MadeFiles.encoded(slope(1500, 1000).image(), "png"));
        Adjustment lined = Adjustment.onto(0, new Onto(WARP, 1200, 900));
        assertThat(lined.width(1500, 1000)).isEqualTo(1200);
        List<Rendition> made =
                Darkroom.make(file, lined, List.of(1200, 320), List.of(320), "").renditions();
        assertThat(made).extracting(Rendition::width).containsExactly(1200, 320, 320);
        Received again = Received.look(made.get(0).bytes());
        assertThat(again.height()).isEqualTo(900);
        Pixels narrow = Opened.of(again, Adjustment.NONE, 40);
        Pixels direct = Opened.of(file, lined, 40);
        assertThat(direct.height()).isEqualTo(30);
        double apart = 0;
        for (int i = 0; i < narrow.argb().length; i++) {
            for (int shift = 0; shift < 24; shift += 8) {
                apart += Math.abs((narrow.argb()[i] >> shift & 255) - (direct.argb()[i] >> shift & 255));
            }
        }
        assertThat(apart / (3 * narrow.argb().length)).isLessThan(4);
    }
}
