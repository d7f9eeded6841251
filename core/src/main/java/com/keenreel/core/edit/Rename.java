package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import java.util.Set;

/** Gives the reel another name. */
public record Rename(String name) implements Edit {
    @Override
    public Reel applyTo(Reel reel) {
        try {
            return reel.withName(name.strip());
        } catch (IllegalArgumentException notAllowed) {
            throw Refusal.because(notAllowed);
        }
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new Rename(reel.name());
    }

    @Override
    public Set<String> touches() {
        return Set.of("name");
    }

    @Override
    public boolean isTyped() {
        return true;
    }

    @Override
    public String say(Reel reel) {
        return "name \"" + name + "\" instead of \"" + reel.name() + "\"";
    }
}
