package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slot;
import java.util.Set;

/** Says where on the page the reel will sit. */
public record SetSlot(Slot slot) implements Edit {
    @Override
    public Reel applyTo(Reel reel) {
        return reel.withSlot(slot);
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new SetSlot(reel.slot());
    }

    @Override
    public Set<String> touches() {
        return Set.of("slot");
    }

    @Override
    public String say(Reel reel) {
        return "sits in " + slot + " instead of " + reel.slot();
    }
}
