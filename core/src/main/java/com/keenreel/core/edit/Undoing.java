package com.keenreel.core.edit;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What one window can undo and redo in a history that only grows: an undo is a revision that undoes another, a redo is
 * one that undoes an undo.
 */
public final class Undoing {
    private final Deque<Step> done = new ArrayDeque<>();
    private final Deque<Step> undone = new ArrayDeque<>();

    /**
     * One revision of a window.
     *
     * @param revision its number
     * @param undoes the revision that it undoes; null for an edit of its own
     */
    public record Step(long revision, @Nullable Long undoes) {}

    /** Reads the revisions of one window, oldest first. */
    public Undoing(List<Step> steps) {
        for (Step step : steps) {
            Long undoes = step.undoes();
            if (undoes == null) {
                done.push(step);
                undone.clear();
            } else if (taken(undoes, done)) {
                undone.push(step);
            } else {
                taken(undoes, undone);
                done.push(step);
            }
        }
    }

    /** Takes that revision off the top; it cannot be further below, as nothing else is ever undone. */
    private static boolean taken(long revision, Deque<Step> from) {
        boolean there = !from.isEmpty() && from.peek().revision() == revision;
        if (there) {
            from.pop();
        }
        return there;
    }

    /** The revision that undo would take back, if any. */
    public Optional<Long> toUndo() {
        return Optional.ofNullable(done.peek()).map(Step::revision);
    }

    /** The undo that redo would take back, if any. */
    public Optional<Long> toRedo() {
        return Optional.ofNullable(undone.peek()).map(Step::revision);
    }
}
