package com.keenreel.app.bench;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.keenreel.core.reel.Numbers;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Layout;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Widths;
import java.util.List;

/**
 * One page of the wall.
 *
 * @param name what it is called
 * @param page the page's width, px
 * @param slot the slot's width, px
 * @param left where the slot starts on the page, px
 * @param reelWidth the reel's width, px
 * @param height the frame's height, px
 * @param setUp the word of the set-up that holds there
 */
public record Screen(
        String name, double page, double slot, double left, double reelWidth, double height, String setUp) {
    private static final List<String> NAMES = List.of("Phone", "Tablet", "Desk");
    private static final List<Double> PAGES = List.of(390.0, 820.0, 1280.0);

    /** The height of the window that a page stands for, px. */
    public static final double VIEW = 800;

    /** Phone, tablet and desk. */
    static List<Screen> of(Reel reel, Layout layout) {
        return List.of(of(reel, layout, 0), of(reel, layout, 1), of(reel, layout, 2));
    }

    private static Screen of(Reel reel, Layout layout, int i) {
        double page = PAGES.get(i);
        double slot = Widths.slot(reel.slot()).at(page);
        double left = switch (reel.slot().kind()) {
            case FULL -> 0;
            case BOX -> (page - slot) / 2;
            case COLUMN -> Slot.MARGIN;
        };
        Measured frame = layout.at(slot, VIEW).stream()
                .filter(box -> box.name().equals("frame"))
                .findFirst()
                .orElseThrow();
        return new Screen(
                NAMES.get(i),
                page,
                slot,
                left,
                frame.width(),
                frame.height(),
                layout.setUp(slot).word());
    }

    /** "reel 820 × 461 · tablet set-up". */
    @JsonProperty
    public String said() {
        return "reel " + Numbers.rounded(reelWidth, 0) + " × " + Numbers.rounded(height, 0) + " · " + setUp + " set-up";
    }
}
