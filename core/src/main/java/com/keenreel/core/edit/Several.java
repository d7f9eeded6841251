package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Edits that are done and undone as one, in their order: all of them or none. */
public record Several(List<Edit> edits) implements Edit {
    public Several {
        edits = List.copyOf(edits);
        if (edits.isEmpty()) {
            throw new IllegalArgumentException("There is nothing to do.");
        }
    }

    @Override
    public Reel applyTo(Reel reel) {
        Reel changed = reel;
        for (Edit edit : edits) {
            changed = edit.applyTo(changed);
        }
        return changed;
    }

    @Override
    public Edit inverseOn(Reel reel) {
        List<Edit> inverses = new ArrayList<>();
        Reel changed = reel;
        for (Edit edit : edits) {
            inverses.add(edit.inverseOn(changed));
            changed = edit.applyTo(changed);
        }
        Collections.reverse(inverses);
        return new Several(inverses);
    }

    @Override
    public Edit meant() {
        return new Several(edits.stream().map(Edit::meant).toList());
    }

    @Override
    public Set<String> touches() {
        return edits.stream().flatMap(edit -> edit.touches().stream()).collect(Collectors.toUnmodifiableSet());
    }

    @Override
    public String say(Reel reel) {
        String first = edits.get(0).say(reel);
        return edits.size() == 1 ? first : first + " and " + (edits.size() - 1) + " more";
    }
}
