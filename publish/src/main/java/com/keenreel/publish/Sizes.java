package com.keenreel.publish;

import com.keenreel.core.reel.Numbers;
import com.keenreel.core.reel.SetUp;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Layout;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Widths;
import java.util.Optional;

/** How wide a picture is drawn, as {@code sizes} says it: in the window's width, for the slot it is pasted into. */
final class Sizes {
    private final Layout layout;
    private final Slot slot;

    Sizes(Layout layout, Slot slot) {
        this.layout = layout;
        this.slot = slot;
    }

    /** The {@code sizes} of that part. */
    String of(String part) {
        StringBuilder text = new StringBuilder();
        for (SetUp setUp : SetUp.values()) {
            Optional<Placed> found = find(layout.frame(setUp), part);
            if (found.isEmpty()) {
                continue;
            }
            double until = pageFor(
                    setUp == SetUp.DESK ? Double.POSITIVE_INFINITY : layout.from(SetUp.values()[setUp.ordinal() + 1]));
            Length width =
                    found.get().box().width().over(layout.inHost(setUp).width()).over(Widths.slot(slot));
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

    private static Optional<Placed> find(Placed placed, String part) {
        if (placed.part().equals(part)) {
            return Optional.of(placed);
        }
        return placed.inside().stream()
                .flatMap(child -> find(child, part).stream())
                .findFirst();
    }
}
