package com.keenreel.core.space;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Something that stands somewhere: a node of the tree that a layout yields.
 *
 * @param part what it is, unique in the tree
 * @param box from the parent's top left corner
 * @param clips whether what stands outside it cannot be seen
 * @param room it can be seen at the first moment while this is not below 0; what stands inside an unseen one cannot
 *     either
 * @param setting how words are set in it; null where none stand
 * @param depth how it stands in depth; null where it lies as what it is in does
 * @param scrolled how it stands while the page is scrolled; null where it goes with what it is in
 * @param inside its children
 */
public record Placed(
        Part part,
        Box box,
        boolean clips,
        Length room,
        @Nullable Setting setting,
        @Nullable InDepth depth,
        @Nullable Scrolled scrolled,
        List<Placed> inside) {
    public Placed {
        inside = List.copyOf(inside);
    }

    /** A part with others inside it. */
    public static Placed of(Part part, Box box, List<Placed> inside) {
        return new Placed(part, box, false, Length.ZERO, null, null, null, inside);
    }

    /** The same with nothing inside it. */
    public static Placed of(Part part, Box box) {
        return of(part, box, List.of());
    }

    /** Cuts off what stands outside it. */
    public static Placed clipping(Part part, Box box, List<Placed> inside) {
        return new Placed(part, box, true, Length.ZERO, null, null, null, inside);
    }

    /** Whether it lies as what it is in does. */
    public boolean isFlat() {
        return depth == null;
    }

    /** It and everything inside it, each before what is inside that. */
    public Stream<Placed> all() {
        List<Placed> all = new ArrayList<>(); // a stream of streams would take many times as long
        gather(all);
        return all.stream();
    }

    private void gather(List<Placed> all) {
        all.add(this);
        for (Placed child : inside) {
            child.gather(all);
        }
    }

    /** The box of that part in this tree, from the same corner as this one's own. */
    public Optional<Box> boxOf(Part wanted) {
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

    /** Seen at the first moment only while {@code needed} is not below 0. */
    public Placed seenWhile(Length needed) {
        return new Placed(part, box, clips, needed, setting, depth, scrolled, inside);
    }

    /** The same so much further to the right and down. */
    public Placed movedBy(Length left, Length top) {
        return new Placed(part, box.movedBy(left, top), clips, room, setting, depth, scrolled, inside);
    }

    /** With words in it, set like that. */
    Placed set(Setting words) {
        return new Placed(part, box, clips, room, words, depth, scrolled, inside);
    }

    /** Standing in depth like that. */
    public Placed standing(InDepth how) {
        return new Placed(part, box, clips, room, setting, how, scrolled, inside);
    }

    /** Standing like that while the page is scrolled. */
    public Placed scrolling(Scrolled how) {
        return new Placed(part, box, clips, room, setting, depth, how, inside);
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
        if (part.what() == Part.What.CROP) {
            return this;
        }
        List<Placed> turned = new ArrayList<>();
        for (Placed child : inside) {
            if (child.part.isPicture()) { // a logo without its margins stays in its place
                turned.add(child);
                continue;
            }
            Placed own = child.mirrored();
            Box there = child.box.mirroredIn(box.width());
            turned.add(
                    new Placed(own.part, there, own.clips, own.room, own.setting, own.depth, own.scrolled, own.inside));
        }
        return new Placed(
                part,
                box,
                clips,
                room,
                setting,
                depth == null ? null : depth.mirrored(),
                scrolled == null ? null : scrolled.mirrored(),
                turned);
    }
}
