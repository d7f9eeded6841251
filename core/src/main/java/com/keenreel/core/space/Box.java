package com.keenreel.core.space;

/** A rectangle whose edges are lengths of the reel's width, placed from its parent's top left corner. */
public record Box(Length left, Length top, Length width, Length height) {
    /** All of a parent of that width and height. */
    public static Box all(Length width, Length height) {
        return new Box(Length.ZERO, Length.ZERO, width, height);
    }

    /** A box of fixed size. */
    public static Box of(Length left, Length top, double width, double height) {
        return new Box(left, top, Length.px(width), Length.px(height));
    }

    /** The same box further to the right and down. */
    Box movedBy(Length right, Length down) {
        return new Box(left.plus(right), top.plus(down), width, height);
    }

    /** The same box in a parent that is turned round: as far from its right edge as it was from its left one. */
    public Box mirroredIn(Length parentWidth) {
        return new Box(parentWidth.minus(left).minus(width), top, width, height);
    }
}
