package com.keenreel.core.option;

import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Ratios;
import com.keenreel.core.option.Domain.Ratios.Ready;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.YesNo;
import java.util.List;

/** A band of small pictures, one for each slide, to be pressed. */
public final class ThumbOptions {
    public static final Option<Boolean> SHOWN = new Option<>(
            "thumbs.shown",
            Meaning.of(
                    "thumbnails",
                    "A small picture of each slide, to be pressed.",
                    "thumbs",
                    "previews",
                    "filmstrip",
                    "navigation",
                    "gallery"),
            new YesNo("thumbnails", "no thumbnails"),
            false,
            Scope.SET_UP);
    public static final Option<Edge> EDGE = new Option<>(
            "thumbs.edge",
            Meaning.of(
                    "place of thumbnails",
                    "On which edge thumbnails stand.",
                    "position",
                    "bottom",
                    "top",
                    "left",
                    "right"),
            OneOf.of(Edge.class, Edge::say),
            Edge.BELOW,
            Scope.SET_UP);
    public static final Option<Double> SIZE = new Option<>(
            "thumbs.size",
            Meaning.of(
                    "size of thumbnails",
                    "How high thumbnails below or above are, and how wide those at a side.",
                    "height",
                    "width",
                    "small",
                    "large"),
            new Within(32, 160, 4, "px"),
            64.0,
            Scope.SET_UP);
    public static final Option<Ratio> RATIO = new Option<>(
            "thumbs.ratio",
            Meaning.of(
                    "ratio of thumbnails",
                    "Width to height of a thumbnail.",
                    "shape",
                    "square",
                    "proportions",
                    "aspect"),
            new Ratios(List.of(
                    ready("3:2", "photograph"),
                    ready("1:1", "square"),
                    ready("16:9", "screen"),
                    ready("4:5", "upright"))),
            new Ratio(3, 2),
            Scope.SET_UP);
    public static final Option<Double> GAP = new Option<>(
            "thumbs.gap",
            Meaning.of("gap between thumbnails", "The space between two thumbnails.", "distance", "spacing"),
            new Within(0, 24, 1, "px"),
            8.0,
            Scope.SET_UP);
    public static final Option<Double> BORDER = new Option<>(
            "thumbs.border",
            Meaning.of(
                    "border of the current thumbnail",
                    "A line along the edges of the thumbnail of the slide that is seen.",
                    "frame",
                    "outline",
                    "active"),
            new Within(0, 6, 1, "px"),
            3.0,
            Scope.SET_UP);
    public static final Option<Double> PALER = new Option<>(
            "thumbs.paler",
            Meaning.of(
                    "paler thumbnails",
                    "How much paler thumbnails of slides are that are not seen.",
                    "opacity",
                    "fade",
                    "transparent",
                    "dim"),
            new Within(0, 80, 5, "%"),
            40.0,
            Scope.SET_UP);
    public static final Option<Boolean> POINTED = new Option<>(
            "thumbs.pointed",
            Meaning.of(
                    "when thumbnails show",
                    "When thumbnails are seen; who comes by keyboard sees them.",
                    "hover",
                    "hide",
                    "mouse"),
            new YesNo("while the reel is pointed at, on touch screens always", "always"),
            false,
            Scope.SET_UP);

    static final List<Option<?>> ALL = List.of(SHOWN, EDGE, SIZE, RATIO, GAP, BORDER, PALER, POINTED);

    private ThumbOptions() {}

    private static Ready ready(String ratio, String purpose) {
        return new Ready(Ratio.read(ratio), purpose);
    }

    /** All of them. */
    public static List<Option<?>> all() {
        return ALL;
    }
}
