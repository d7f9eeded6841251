package com.keenreel.core.option;

import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Pictures;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.YesNo;
import java.util.List;

/** What visitors go from slide to slide with, and what a press does, in several arrangements. */
public final class SteeringOptions {
    public static final Option<Boolean> ARROWS = new Option<>(
            "steering.arrows",
            Meaning.of(
                    "arrows",
                    "Arrows that lead to the next slide and to the one before.",
                    "navigation",
                    "controls",
                    "buttons",
                    "previous",
                    "next"),
            new YesNo("arrows", "no arrows"),
            true,
            Scope.SET_UP);

    public static final Option<ArrowsPlace> ARROWS_PLACE = new Option<>(
            "steering.arrows-place",
            Meaning.of(
                    "place of arrows",
                    "Where arrows stand; where a picture is lower than they are they stand below it.",
                    "position",
                    "outside",
                    "corner",
                    "below",
                    "navigation"),
            OneOf.of(ArrowsPlace.class, ArrowsPlace::say),
            ArrowsPlace.SIDES,
            Scope.SET_UP);
    public static final Option<ArrowForm> ARROWS_FORM = new Option<>(
            "steering.arrows-form",
            Meaning.of("form of arrows", "What is drawn on arrows.", "shape", "icon", "chevron", "triangle", "style"),
            OneOf.of(ArrowForm.class, ArrowForm::say),
            ArrowForm.ANGLE,
            Scope.SET_UP);
    public static final Option<String> ARROWS_ONWARD = new Option<>(
            "steering.arrows-onward",
            Meaning.of(
                    "picture on the arrow onward",
                    "A picture of your own that points to the right; where a reel is read from the right it is turned round.",
                    "icon",
                    "svg",
                    "image",
                    "custom",
                    "next"),
            new Pictures("an angle, until you pick one"),
            "",
            Scope.SET_UP);
    public static final Option<String> ARROWS_BACK = new Option<>(
            "steering.arrows-back",
            Meaning.of(
                    "picture on the arrow back",
                    "A picture of your own that points to the left; where a reel is read from the right it is turned round.",
                    "icon",
                    "svg",
                    "image",
                    "custom",
                    "previous"),
            new Pictures("the same turned round"),
            "",
            Scope.SET_UP);
    public static final Option<Double> ARROWS_SIZE = new Option<>(
            "steering.arrows-size",
            Meaning.of(
                    "size of arrows",
                    "How wide and high the ground of an arrow is; a finger reaches 44 px around smaller ones.",
                    "width",
                    "height",
                    "large",
                    "small",
                    "buttons"),
            new Within(24, 64, 1, "px"),
            44.0,
            Scope.SET_UP);
    public static final Option<ArrowsShown> ARROWS_SHOWN = new Option<>(
            "steering.arrows-shown",
            Meaning.of(
                    "when arrows show",
                    "When arrows are seen; who comes by keyboard sees them.",
                    "hover",
                    "hide",
                    "mouse"),
            OneOf.of(ArrowsShown.class, ArrowsShown::say),
            ArrowsShown.ALWAYS,
            Scope.SET_UP);
    public static final Option<Boolean> DOTS = new Option<>(
            "steering.dots",
            Meaning.of("dots", "A dot for each stop.", "navigation", "controls", "bullets", "pages"),
            new YesNo("dots", "no dots"),
            true,
            Scope.SET_UP);

    public static final Option<MarkKind> MARKS = new Option<>(
            "steering.marks",
            Meaning.of(
                    "marks of stops",
                    "What stands for each stop where dots are wanted.",
                    "dots",
                    "numbers",
                    "progress",
                    "line",
                    "pagination",
                    "count",
                    "counter",
                    "3 / 9",
                    "bullets"),
            OneOf.of(MarkKind.class, MarkKind::say),
            MarkKind.DOTS,
            Scope.SET_UP);

    public static final Option<Boolean> SWIPE = new Option<>(
            "steering.swipe",
            Meaning.of("swipe", "Moving by a finger or a dragged pointer.", "touch", "drag", "finger", "phone"),
            new YesNo("swipe", "no swipe"),
            true,
            Scope.SET_UP);

    public static final Option<Boolean> WHEEL = new Option<>(
            "steering.wheel",
            Meaning.of(
                    "wheel across",
                    "Moving by a wheel that turns across, or two fingers on a touch pad; up and down stays the page's.",
                    "scroll",
                    "trackpad",
                    "touchpad",
                    "mouse wheel"),
            new YesNo("a wheel across", "no wheel"),
            false,
            Scope.SET_UP);
    public static final Option<Boolean> SCREEN = new Option<>(
            "steering.full-screen",
            Meaning.of(
                    "full screen",
                    "A button that shows the reel on the whole screen, where the browser can.",
                    "fullscreen",
                    "enlarge",
                    "maximize"),
            new YesNo("a button for the full screen", "no full screen"),
            false,
            Scope.SET_UP);
    public static final Option<Boolean> FITS = new Option<>(
            "steering.fits",
            Meaning.of(
                    "switch of the fit",
                    "A button by which visitors see pictures filling the frame, whole, or in their own size.",
                    "zoom",
                    "fill",
                    "whole",
                    "original",
                    "contain",
                    "cover"),
            new YesNo("one for how pictures fit", "no switch of the fit"),
            false,
            Scope.SET_UP);
    public static final Option<Boolean> KEYS = new Option<>(
            "steering.keys",
            Meaning.of("keys", "Arrow keys while focus is inside the reel.", "keyboard", "arrow keys"),
            new YesNo("keys", "no keys"),
            true,
            Scope.SET_UP);

    public static final Option<Boolean> ONLY_PAUSED = new Option<>(
            "steering.only-paused",
            Meaning.of(
                    "only by itself",
                    "Whether a reel that goes on by itself has nothing to be pressed but its pause button.",
                    "automatic",
                    "no controls",
                    "hide controls",
                    "passive"),
            new YesNo("only pause it", "steer it too"),
            false);

    public static final Option<Boolean> ANYWHERE = new Option<>(
            "steering.press",
            Meaning.of(
                    "where a press follows the link",
                    "Where a press follows the link of a slide that has a button; one without a button is pressed anywhere.",
                    "link",
                    "click",
                    "tap",
                    "button"),
            new YesNo("anywhere on a slide", "on its button"),
            false);

    public static final Option<Boolean> LARGER = new Option<>(
            "steering.larger",
            Meaning.of(
                    "press on a picture",
                    "What a press on a picture does where it follows no link.",
                    "zoom",
                    "enlarge",
                    "lightbox",
                    "full screen",
                    "click"),
            new YesNo("opens it in the larger view", "does nothing"),
            false);

    public static final Option<Boolean> ADDRESSED = new Option<>(
            "steering.addressed",
            Meaning.of(
                    "address of the larger view",
                    "Whether the page's address says which picture is seen in the larger view, so that it can be linked.",
                    "link",
                    "url",
                    "anchor",
                    "hash",
                    "fragment",
                    "deep link"),
            new YesNo("in the page's address", "not in the page's address"),
            false);

    /** Those whose values are pictures. */
    public static final List<Option<String>> PICTURES = List.of(ARROWS_ONWARD, ARROWS_BACK);

    private static final List<Option<?>> ALL = List.of(
            ARROWS,
            ARROWS_PLACE,
            ARROWS_FORM,
            ARROWS_ONWARD,
            ARROWS_BACK,
            ARROWS_SIZE,
            ARROWS_SHOWN,
            DOTS,
            MARKS,
            WHEEL,
            SCREEN,
            FITS,
            SWIPE,
            KEYS,
            ONLY_PAUSED,
            ANYWHERE,
            LARGER,
            ADDRESSED);

    private SteeringOptions() {}

    /** All of them. */
    static List<Option<?>> all() {
        return ALL;
    }
}
