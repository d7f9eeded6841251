package com.keenreel.app.bench;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.keenreel.app.publishing.Draft;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Widths;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

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
    /** The height of the window that a page stands for, px. */
    public static final double VIEW = Layout.WINDOW;

    /**
     * Phone, tablet and desk, and one page more where it is asked for; none while there is nothing to see.
     *
     * @param another its width, px; null for none
     */
    static List<Screen> of(Draft draft, @Nullable Double another) {
        Reel reel = draft.seen();
        Layout layout = draft.layout();
        if (reel.slides().isEmpty()) {
            return List.of();
        }
        List<Screen> screens = new ArrayList<>();
        for (SetUp screen : SetUp.values()) {
            screens.add(at(reel, layout, screen.title(), screen.usualPage()));
        }
        if (another != null) {
            screens.add(at(reel, layout, "Another", Math.min(WidthLine.TO, Math.max(WidthLine.FROM, another))));
        }
        return screens;
    }

    private static Screen at(Reel reel, Layout layout, String name, double page) {
        double slot = Widths.slot(reel.slot()).at(page);
        double left = switch (reel.slot().kind()) {
            case FULL -> 0;
            case BOX -> (page - slot) / 2;
            case COLUMN -> Slot.MARGIN;
        };
        Range range = layout.range(slot);
        Box inHost = layout.inHost(range);
        return new Screen(
                name,
                page,
                slot,
                left,
                inHost.width().at(slot, VIEW),
                layout.heightInHost(range).at(slot, VIEW),
                range.setUp().word());
    }

    /** "The reel on a phone page". */
    public String frameCalled() {
        return "The reel on a " + name.toLowerCase(Locale.ROOT) + " page";
    }

    /** The page's width as it is written below it, px. */
    public String pageSaid() {
        return Numbers.rounded(page, 0);
    }

    /** "reel 820 × 461"; "reel 320 × 400 · as on phone" where it is narrower than its page. */
    @JsonProperty
    public String said() {
        if (height == 0) {
            return "hidden here";
        }
        String size = "reel " + Numbers.rounded(reelWidth, 0) + " × " + Numbers.rounded(height, 0);
        return name.equalsIgnoreCase(setUp) ? size : size + " · as on " + setUp;
    }
}
