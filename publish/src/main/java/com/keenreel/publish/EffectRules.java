package com.keenreel.publish;

import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.Effect;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Length.Base;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** How sides of comparisons show their pictures otherwise than they are. */
final class EffectRules {
    private EffectRules() {}

    /** What is done to that picture, as a declaration after others; empty where it is shown as it is. */
    static String of(Reel reel, Placed picture) {
        Carries carries = reel.slides().get(picture.part().number() - 1).carries();
        if (!(carries instanceof Carries.Pair pair)) {
            return "";
        }
        Effect effect = Arrays.stream(Side.values())
                .filter(side -> side.word().equals(picture.part().which()))
                .map(pair::effect)
                .findFirst()
                .orElse(Effect.NONE);
        return effect.isNone() ? "" : ";filter:" + filter(effect, picture);
    }

    /**
     * A side that is blurred would let through, toward the edges of its picture, what is behind it: there are its own colours. Behind
     * the one before there is the one after.
     */
    static List<String> behind(Reel reel, Facts facts) {
        List<String> rules = new ArrayList<>();
        boolean fills = Arrays.stream(SetUp.values())
                .allMatch(setUp -> reel.choices().get(ShapeOptions.FIT, setUp) == FitKind.FILL);
        int n = 0;
        for (Slide slide : reel.slides()) {
            n++;
            if (fills
                    && slide.carries() instanceof Carries.Pair pair
                    && pair.effect(Side.AFTER).kind() == Effect.Kind.BLUR) {
                String background = Awaited.background(facts.of(pair.after()));
                if (!background.isEmpty()) {
                    rules.add("." + Part.crop(n).css() + "{" + background + "}");
                }
            }
        }
        return rules;
    }

    private static String filter(Effect effect, Placed picture) {
        String share = "(" + Numbers.plain(effect.amount()) + "%)";
        return switch (effect.kind()) {
            case NONE -> "none";
            case GREY -> "grayscale" + share;
            case SEPIA -> "sepia" + share;
            case SATURATION -> "saturate" + share;
            case BRIGHTNESS -> "brightness" + share;
            case CONTRAST -> "contrast" + share;
            case BLUR ->
                "blur(" + picture.box().width().times(effect.amount() / 100).css(Base.CQI) + ")";
        };
    }
}
