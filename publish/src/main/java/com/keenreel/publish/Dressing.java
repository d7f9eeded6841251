package com.keenreel.publish;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.Inks;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.ShadowKind;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import java.util.ArrayList;
import java.util.List;

/** What pictures wear: a border, a shadow, what is seen behind them. None of it takes room. */
final class Dressing {
    private final Reel reel;
    private final Layout layout;

    Dressing(Reel reel, Layout layout) {
        this.reel = reel;
        this.layout = layout;
    }

    /** What holds at all widths. */
    List<String> rules() {
        List<String> rules = new ArrayList<>();
        double border = reel.choices().get(LookOptions.BORDER);
        if (border > 0 && Arrangements.of(reel).has(LookOptions.BORDER)) {
            rules.add(".crop::after{content:\"\";position:absolute;inset:0;z-index:1;border:" + Numbers.plain(border)
                    + "px solid " + reel.choices().get(LookOptions.BORDER_COLOUR)
                    + ";border-radius:inherit;pointer-events:none}");
        }
        if (layout.parts().stream().anyMatch(part -> part.what() == Part.What.BEHIND)) {
            rules.add(".crop{isolation:isolate}");
            rules.add(".behind{z-index:-1;filter:blur(20px) brightness(.8);transform:scale(1.15)}");
        }
        if (layout.parts().contains(Part.GROUND)) {
            rules.add(".ground{position:absolute;opacity:0;border-radius:var(--corners);background:"
                    + reel.choices().get(MotionOptions.BETWEEN) + "}");
        }
        if (layout.parts().stream().anyMatch(part -> part.what() == Part.What.REFLECTION)) {
            double strength = reel.choices().get(LookOptions.REFLECTION);
            String mask = "linear-gradient(rgb(0 0 0/" + Numbers.plain(strength) + "%),transparent)";
            rules.add(".reflection{overflow:clip;-webkit-mask-image:" + mask + ";mask-image:" + mask + "}");
        }
        if (Arrangements.of(reel).has(LookOptions.INKS)) {
            rules.addAll(inks(reel.choices().get(LookOptions.INKS)));
        }
        if (Arrangements.of(reel).has(LookOptions.AT_REST)) {
            rules.addAll(words());
        }
        ShadowKind shadow = layout.shadow();
        if (shadow != ShadowKind.NONE) {
            String colour = "rgb(0 0 0/" + Numbers.plain(reel.choices().get(LookOptions.SHADOW_STRENGTH)) + "%)";
            rules.add(".reel{overflow:clip}"); // what is kept free around the frame shows shadows
            rules.add(".frame{overflow:visible}");
            rules.add(".run .view{overflow:visible;clip-path:inset(" + Numbers.plain(-Layout.SHADOW)
                    + "px calc(-1*var(--beside)))}");
            rules.add(
                    shadow == ShadowKind.AROUND
                            ? ".crop{box-shadow:0 4px 18px -2px " + colour + "}"
                            : ".slide::before{content:\"\";position:absolute;z-index:-1;left:4%;right:4%;top:calc(var(--down) - 14px);"
                                    + "height:32px;background:radial-gradient(closest-side," + colour
                                    + ",transparent)}");
        }
        return rules;
    }

    /** Large words at rest and while they are pointed at, and how their pictures appear. */
    private List<String> words() {
        Colour ink = reel.choices().get(LookOptions.INK);
        String pointed = ".slide:is(:focus-within,.shown,:hover) .word";
        String rest = switch (reel.choices().get(LookOptions.AT_REST)) {
            case SOLID -> "color:" + ink;
            case OUTLINED -> "color:transparent;-webkit-text-stroke:1.5px " + ink;
            case PALE -> "color:" + ink.dense(0.4);
        };
        String hidden = switch (reel.choices().get(LookOptions.APPEARS)) {
            case FADING -> "";
            case RISING -> "transform:translateY(24px)";
            case GROWING -> "transform:scale(.85)";
            case AT_ONCE -> "transition:none";
        };
        return List.of(
                ".word{" + rest + "}",
                pointed + "{color:" + reel.choices().get(LookOptions.POINTED_INK) + ";-webkit-text-stroke:0}",
                ".slide:not(:focus-within,.shown,:hover)>.crop{" + hidden + "}",
                ".line{background:" + ink.dense(0.3) + "}");
    }

    /** Only what is transparent around its shape can be one colour; a logo with a ground of its own would be a block. */
    private static List<String> inks(Inks inks) {
        String grey = ".band img{filter:grayscale(1)}";
        return switch (inks) {
            case OWN -> List.of();
            case GREY -> List.of(grey);
            case BLACK -> List.of(grey, ".band .shape{filter:brightness(0)}");
            case WHITE -> List.of(grey, ".band .shape{filter:brightness(0) invert(1)}");
        };
    }

    /** How far beyond its sides the view shows shadows, in that range: into the gap, and not on the slide beyond it. */
    String ofView(Range range) {
        if (layout.shadow() == ShadowKind.NONE) {
            return "";
        }
        Length beside = range.gap().equals(Length.ZERO)
                ? Length.px(Layout.SHADOW)
                : Length.min(range.gap(), Length.px(Layout.SHADOW));
        return ";--beside:" + beside.css(Length.Base.CQI);
    }

    /** Where the foot of a slide's picture is, for a shadow below it. */
    String ofSlide(Placed slide) {
        if (layout.shadow() != ShadowKind.BELOW) {
            return "";
        }
        return slide.inside().stream()
                .filter(part -> part.part().what() == Part.What.CROP)
                .findFirst()
                .map(crop -> ";--down:" + crop.box().height().css(Length.Base.CQI))
                .orElse("");
    }
}
