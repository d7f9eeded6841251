package com.keenreel.app.bench;

import com.keenreel.app.pages.Offer;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.Effect;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How one side of a comparison shows its picture, and how it could.
 *
 * @param side "before" or "after"
 * @param kind the word of its effect
 * @param offers all effects
 * @param least the least amount of its effect, per cent
 * @param most the greatest
 * @param step in which it is chosen
 * @param amount how much it is
 */
public record SideShown(
        String side, String kind, List<Offer> offers, String least, String most, String step, String amount) {
    static List<SideShown> of(Carries.Pair pair) {
        List<SideShown> all = new ArrayList<>();
        for (Side side : Side.values()) {
            Effect effect = pair.effect(side);
            Effect.Kind kind = effect.kind();
            all.add(new SideShown(
                    side.word(),
                    kind.word(),
                    Offer.of(Arrays.asList(Effect.Kind.values()), Effect.Kind::word, Effect.Kind::says, kind.word()),
                    Numbers.plain(kind.least()),
                    Numbers.plain(kind.most()),
                    Numbers.plain(kind.step()),
                    Numbers.plain(effect.amount())));
        }
        return all;
    }

    /** Whether there is an amount to choose. */
    public boolean changed() {
        return !kind.equals(Effect.Kind.NONE.word());
    }

    /** What choosing its effect is called. */
    public String called() {
        return "The picture " + side + " is shown";
    }

    /** What choosing its amount is called. */
    public String amountCalled() {
        return "How much " + kind + " " + side + ", per cent";
    }
}
