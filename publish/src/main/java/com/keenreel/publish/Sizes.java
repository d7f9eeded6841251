package com.keenreel.publish;

import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Numbers;
import com.keenreel.core.reel.SetUp;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Layout;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Widths;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;

/** How wide a picture is drawn, as {@code sizes} says it: in the window's width, for the slot it is pasted into. */
final class Sizes {
    private final Layout layout;
    private final Slot slot;
    private final Map<SetUp, Map<String, Placed>> parts = new EnumMap<>(SetUp.class);

    Sizes(Layout layout, Slot slot) {
        this.layout = layout;
        this.slot = slot;
        for (SetUp setUp : SetUp.values()) {
            Map<String, Placed> own = new HashMap<>();
            collect(layout.frame(setUp), own);
            parts.put(setUp, own);
        }
    }

    /** The {@code sizes} of the first picture of a reel that has the whole window. */
    static String ofFirst(Material material) {
        boolean pair = material.reel().slides().get(0).carries() instanceof Carries.Pair;
        Layout layout = Layout.of(material.reel(), material.facts());
        return new Sizes(layout, Slot.FULL).of(pair ? "picture-1-after" : "picture-1");
    }

    /** The {@code sizes} of that part. */
    String of(String part) {
        StringBuilder text = new StringBuilder();
        for (SetUp setUp : SetUp.values()) {
            Placed found = parts.get(setUp).get(part);
            if (found == null) {
                continue;
            }
            double until = pageFor(
                    setUp == SetUp.DESK ? Double.POSITIVE_INFINITY : layout.from(SetUp.values()[setUp.ordinal() + 1]));
            Length width =
                    found.box().width().over(layout.inHost(setUp).width()).over(Widths.slot(slot));
            String size = width.css(Length.Base.VW);
            text.append(text.isEmpty() ? "" : ", ");
            if (Double.isInfinite(until)) {
                return text.append(size).toString();
            }
            text.append("(max-width: ")
                    .append(Numbers.plain(until - 0.02))
                    .append("px) ")
                    .append(size);
        }
        return text.isEmpty() ? "100vw" : text.toString();
    }

    /** The least page width at which the slot is that wide. */
    private double pageFor(double slotWidth) {
        return switch (slot.kind()) {
            case FULL -> slotWidth;
            case BOX, COLUMN -> slotWidth > slot.size() ? Double.POSITIVE_INFINITY : slotWidth + 2 * Slot.MARGIN;
        };
    }

    private static void collect(Placed placed, Map<String, Placed> into) {
        into.put(placed.part(), placed);
        placed.inside().forEach(child -> collect(child, into));
    }
}
