package com.keenreel.core.option;

import com.keenreel.core.option.Domain.Colours;
import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Within;
import java.util.List;

/** What pictures and controls look like, in several arrangements. */
public final class LookOptions {
    public static final Option<ControlsLook> CONTROLS = new Option<>(
            "look.controls",
            Meaning.of(
                    "look of controls", "Arrows, dots and pause.", "colour", "color", "navigation", "style", "buttons"),
            OneOf.of(ControlsLook.class, ControlsLook::say),
            ControlsLook.WHITE_ON_DARK);
    public static final Option<Colour> CONTROLS_INK = new Option<>(
            "look.controls-ink",
            Meaning.of(
                    "colour of controls",
                    "What is drawn on controls of colours of their own.",
                    "color",
                    "arrows",
                    "dots"),
            new Colours(),
            new Colour("#ffffff"),
            Scope.SET_UP);
    public static final Option<Colour> CONTROLS_GROUND = new Option<>(
            "look.controls-ground",
            Meaning.of(
                    "ground of controls",
                    "What controls of colours of their own stand on.",
                    "color",
                    "background",
                    "arrows",
                    "buttons"),
            new Colours(),
            new Colour("#16241e"),
            Scope.SET_UP);
    public static final Option<Double> CONTROLS_DENSE = new Option<>(
            "look.controls-dense",
            Meaning.of(
                    "density of that ground",
                    "How little of the picture is seen through the ground of controls.",
                    "opacity",
                    "transparent",
                    "background",
                    "arrows"),
            new Within(0, 100, 1, "%"),
            72.0,
            Scope.SET_UP);
    public static final Option<Double> CORNERS = new Option<>(
            "look.corners",
            Meaning.of("corners", "How round the corners of pictures are.", "rounded", "radius", "border"),
            new Within(0, 40, 1, "px"),
            0.0);
    public static final Option<Colour> GROUND = new Option<>(
            "look.ground",
            Meaning.of("ground", "The colour behind pictures and plain slides' words.", "background", "color", "fill"),
            new Colours(),
            new Colour("#16241e"));
    public static final Option<Colour> INK = new Option<>(
            "look.ink",
            Meaning.of("colour of words", "The colour of words below the picture.", "font", "color", "caption", "text"),
            new Colours(),
            new Colour("#16241e"));
    public static final Option<Colour> PANEL = new Option<>(
            "look.panel",
            Meaning.of(
                    "colour under words",
                    "The ground of words on pictures; they are white or dark on it, whichever is read better.",
                    "background",
                    "caption",
                    "color",
                    "overlay"),
            new Colours(),
            Colour.DARK);
    public static final Option<Inks> INKS = new Option<>(
            "look.inks",
            Meaning.of(
                    "colours of logos",
                    "Whether logos keep their colours or are shown in one.",
                    "grey",
                    "gray",
                    "monochrome",
                    "black",
                    "white",
                    "filter"),
            OneOf.of(Inks.class, Inks::say),
            Inks.OWN);
    public static final Option<AtRest> AT_REST = new Option<>(
            "look.at-rest",
            Meaning.of(
                    "words at rest",
                    "How large words look while nobody points at them.",
                    "outline",
                    "stroke",
                    "opacity",
                    "font",
                    "hollow"),
            OneOf.of(AtRest.class, AtRest::say),
            AtRest.SOLID);
    public static final Option<Colour> POINTED_INK = new Option<>(
            "look.pointed-ink",
            Meaning.of(
                    "colour of a word that is pointed at",
                    "The word whose picture is seen.",
                    "hover",
                    "active",
                    "color"),
            new Colours(),
            new Colour("#a8381a"));
    public static final Option<Appears> APPEARS = new Option<>(
            "look.appears",
            Meaning.of(
                    "how pictures appear",
                    "What is seen when a picture is asked for; with less motion it fades in.",
                    "hover",
                    "reveal",
                    "animation",
                    "transition"),
            OneOf.of(Appears.class, Appears::say),
            Appears.FADING);
    public static final Option<Behind> BEHIND = new Option<>(
            "look.behind",
            Meaning.of(
                    "behind whole pictures",
                    "What fills the frame around a picture that is shown whole.",
                    "background",
                    "blur",
                    "bars",
                    "letterbox"),
            OneOf.of(Behind.class, Behind::say),
            Behind.GROUND);
    public static final Option<Double> BORDER = new Option<>(
            "look.border",
            Meaning.of("border", "A line along the edges of pictures, drawn on them.", "frame", "outline", "stroke"),
            new Within(0, 24, 1, "px"),
            0.0);
    public static final Option<Colour> BORDER_COLOUR = new Option<>(
            "look.border-colour",
            Meaning.of("colour of the border", "The colour of that line.", "frame", "outline", "color"),
            new Colours(),
            new Colour("#ffffff"));
    public static final Option<ShadowKind> SHADOW = new Option<>(
            "look.shadow",
            Meaning.of("shadow", "A soft shadow of pictures on the page.", "drop shadow", "elevation", "lift", "below"),
            OneOf.of(ShadowKind.class, ShadowKind::say),
            ShadowKind.NONE);
    public static final Option<Double> SHADOW_STRENGTH = new Option<>(
            "look.shadow-strength",
            Meaning.of("strength of the shadow", "How dark the shadow is.", "opacity", "dark"),
            new Within(5, 80, 5, "%"),
            30.0);
    public static final Option<Surround> SURROUND = new Option<>(
            "look.surround",
            Meaning.of("ground around", "What is seen in the space around.", "background", "padding", "color"),
            OneOf.of(Surround.class, Surround::say),
            Surround.PAGE);

    public static final Option<Double> REFLECTION = new Option<>(
            "look.reflection",
            Meaning.of(
                    "reflection", "How strongly pictures are reflected below themselves.", "mirror", "shine", "floor"),
            new Within(0, 100, 5, "%"),
            0.0);
    public static final Option<Double> REFLECTION_LENGTH = new Option<>(
            "look.reflection-length",
            Meaning.of(
                    "length of the reflection", "How much of a picture is reflected before it has faded out.", "fade"),
            new Within(5, 100, 5, "%"),
            30.0);
    public static final Option<Double> REFLECTION_GAP = new Option<>(
            "look.reflection-gap",
            Meaning.of("distance of the reflection", "The space between a picture and its reflection.", "gap"),
            new Within(0, 40, 1, "px"),
            4.0);

    private static final List<Option<?>> ALL = List.of(
            CONTROLS,
            CONTROLS_INK,
            CONTROLS_GROUND,
            CONTROLS_DENSE,
            CORNERS,
            GROUND,
            INK,
            PANEL,
            INKS,
            AT_REST,
            POINTED_INK,
            APPEARS,
            BEHIND,
            BORDER,
            BORDER_COLOUR,
            SHADOW,
            SHADOW_STRENGTH,
            SURROUND,
            REFLECTION,
            REFLECTION_LENGTH,
            REFLECTION_GAP);

    private LookOptions() {}

    /** All of them. */
    static List<Option<?>> all() {
        return ALL;
    }
}
