package com.keenreel.app.compare;

import com.keenreel.core.align.Moved;
import com.keenreel.core.align.Overlap;
import com.keenreel.core.align.Overlap.Common;
import com.keenreel.core.align.Warp;
import com.keenreel.core.option.Numbers;
import java.util.List;
import java.util.Locale;

/**
 * How two pictures lie, for the sheet that shows it: what is done to the other one, as it was taken, for it to lie upon the frame.
 *
 * @param warp the eight numbers, both pictures whole
 * @param preview the eight numbers by which the other picture as it is shown is drawn into the frame as it is shown
 * @param corners those of the other picture, from the upper left one on, in fractions of the frame
 * @param common what both show, of the ratio that the reel shows, in fractions of the frame
 * @param right how far it is moved to the right, px of the frame; negative to the left
 * @param down likewise, downward
 * @param turned degrees to the right
 * @param percent how large it is made, of what it is when it is as wide as the frame
 * @param shift "42 px left, 27 px down"
 * @param turn "1.4° to the right"
 * @param size "3.2 % smaller"
 * @param tilt what the camera's angle does; empty for next to nothing
 * @param keeps "2802 × 1868, cuts off 13 %"
 */
record Lying(
        List<Double> warp,
        List<Double> preview,
        List<List<Double>> corners,
        Common common,
        double right,
        double down,
        double turned,
        double percent,
        String shift,
        String turn,
        String size,
        String tilt,
        String keeps) {
    private static final List<List<Double>> CORNERS =
            List.of(List.of(0.0, 0.0), List.of(1.0, 0.0), List.of(1.0, 1.0), List.of(0.0, 1.0));

    /**
     * In figures.
     *
     * @param whole the warp between both pictures whole
     * @param ratio width to height of what the reel shows
     */
    static Lying of(Compared sides, Warp whole, double ratio) {
        Warp back = sides.shown(whole).inverse();
        double width = sides.frame().version().width();
        double height = sides.frame().version().height();
        Warp part = sides.frame().version().adjustment().part();
        Moved moved = Moved.of(whole, width / part.a(), height / part.e(), Compared.whole(sides.moved()));
        Common common = Overlap.of(sides.frame().version().adjustment().part().then(whole))
                .around(ratio / (width / height), 0.5, 0.5);
        Common plain = Overlap.of(Warp.NONE).around(ratio / (width / height), 0.5, 0.5);
        double lost = 1 - common.width() * common.height() / (plain.width() * plain.height());
        return new Lying(
                whole.numbers(),
                back.numbers(),
                CORNERS.stream()
                        .map(at -> List.of(back.x(at.get(0), at.get(1)), back.y(at.get(0), at.get(1))))
                        .toList(),
                common,
                -moved.right(),
                -moved.down(),
                -moved.turned(),
                100 / moved.larger(),
                way(-moved.right(), "right", "left") + ", " + way(-moved.down(), "down", "up"),
                turn(-moved.turned()),
                size(1 / moved.larger()),
                moved.tilted() < 0.002 * width
                        ? ""
                        : "taken from another angle: corners are off by " + tenths(moved.tilted()) + " px",
                Math.round(common.width() * width) + " × " + Math.round(common.height() * height) + ", cuts off "
                        + Math.round(100 * lost) + " %");
    }

    private static String way(double by, String forth, String back) {
        return tenths(Math.abs(by)) + " px " + (by < 0 ? back : forth);
    }

    private static String turn(double degrees) {
        String said = String.format(Locale.ROOT, "%.1f", Math.abs(degrees));
        return said.equals("0.0") ? "none" : said + "° to the " + (degrees < 0 ? "left" : "right");
    }

    private static String size(double larger) {
        String said = tenths(100 * Math.abs(larger - 1));
        return said.equals("0") ? "the same" : said + " % " + (larger < 1 ? "smaller" : "larger");
    }

    private static String tenths(double value) {
        return Numbers.rounded(value, 1);
    }
}
