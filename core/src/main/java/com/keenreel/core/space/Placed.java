package com.keenreel.core.space;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Something that stands somewhere: a node of the tree that a layout yields.
 *
 * @param part what it is, unique in the tree, and the class by which style sheets find it
 * @param name what it is called in {@code layout} and in the output's {@code data-box}; null when it is not listed
 * @param box from the parent's top left corner
 * @param clips whether what stands outside it cannot be seen
 * @param room it can be seen at the first moment while this is not below 0; what stands inside an unseen one cannot
 *     either
 * @param inside its children
 */
public record Placed(String part, @Nullable String name, Box box, boolean clips, Length room, List<Placed> inside) {
    /** How the parts that cut pictures begin. */
    public static final String CROP = "crop-";

    public Placed {
        inside = List.copyOf(inside);
    }

    /** Listed under the same name as its part. */
    public static Placed listed(String part, Box box, List<Placed> inside) {
        return new Placed(part, part, box, false, Length.ZERO, inside);
    }

    /** Listed under the same name as its part, nothing inside. */
    public static Placed listed(String part, Box box) {
        return listed(part, box, List.of());
    }

    /** Not listed; holds others together. */
    public static Placed holding(String part, Box box, List<Placed> inside) {
        return new Placed(part, null, box, false, Length.ZERO, inside);
    }

    /** Not listed; cuts off what stands outside it. */
    public static Placed clipping(String part, Box box, List<Placed> inside) {
        return new Placed(part, null, box, true, Length.ZERO, inside);
    }

    /** The box of the part of that name in this tree, from the same corner as this one's own. */
    public Optional<Box> boxOf(String wanted) {
        if (part.equals(wanted)) {
            return Optional.of(box);
        }
        for (Placed child : inside) { // what is near is asked for most
            if (child.part.equals(wanted)) {
                return Optional.of(child.box.movedBy(box.left(), box.top()));
            }
        }
        for (Placed child : inside) {
            Optional<Box> there = child.inside.isEmpty() ? Optional.empty() : child.boxOf(wanted);
            if (there.isPresent()) {
                return there.map(one -> one.movedBy(box.left(), box.top()));
            }
        }
        return Optional.empty();
    }

    /** Listed under another name, because several parts share it. */
    public Placed named(String other) {
        return new Placed(part, other, box, clips, room, inside);
    }

    /** Seen at the first moment only while {@code needed} is not below 0. */
    public Placed seenWhile(Length needed) {
        return new Placed(part, name, box, clips, needed, inside);
    }

    /** The same, not seen at the first moment. */
    public Placed unseen() {
        return seenWhile(Length.px(-1));
    }

    /**
     * The same tree turned round, left for right, for reels that are read from right to left. What a picture shows is
     * not turned: crops, dividers and the sides of a pair stay as they are.
     */
    public Placed mirrored() {
        if (part.startsWith(CROP)) {
            return this;
        }
        List<Placed> turned = new ArrayList<>();
        for (Placed child : inside) {
            Placed own = child.mirrored();
            Box there = child.box.mirroredIn(box.width());
            turned.add(new Placed(own.part, own.name, there, own.clips, own.room, own.inside));
        }
        return new Placed(part, name, box, clips, room, turned);
    }
}
