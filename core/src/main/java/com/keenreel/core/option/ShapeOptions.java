package com.keenreel.core.option;

import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Ratios;
import com.keenreel.core.option.Domain.Ratios.Ready;
import com.keenreel.core.option.Domain.Widths;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.YesNo;
import java.util.List;

/** How wide, how high and how far apart, in several arrangements. */
public final class ShapeOptions {
    public static final Option<ReelWidth> WIDTH = new Option<>(
            "shape.width",
            Meaning.of(
                    "width",
                    "How much of its place on the page the reel takes.",
                    "size",
                    "dimensions",
                    "narrow",
                    "boxed"),
            new Widths(),
            ReelWidth.FILLS);
    public static final Option<Aligned> ALIGNED = new Option<>(
            "shape.aligned",
            Meaning.of(
                    "alignment",
                    "Where it stands in a place that is wider.",
                    "alignment",
                    "centre",
                    "center",
                    "left",
                    "right"),
            OneOf.of(Aligned.class, Aligned::say),
            Aligned.CENTRE);
    public static final Option<Ratio> RATIO = new Option<>(
            "shape.ratio",
            Meaning.of(
                    "ratio",
                    "Width to height of one slide's picture.",
                    "size",
                    "dimensions",
                    "height",
                    "proportions",
                    "aspect"),
            new Ratios(List.of(
                    ready("12:5", "wide banner"),
                    ready("16:9", "screen"),
                    ready("3:2", "photograph"),
                    ready("4:3", "older photograph"),
                    ready("1:1", "square"),
                    ready("4:5", "upright, for phones"),
                    ready("2:3", "poster"))),
            new Ratio(16, 9),
            Scope.SET_UP);
    public static final Option<HeightKind> HEIGHT = new Option<>(
            "shape.height",
            Meaning.of(
                    "height",
                    "What makes pictures as high as they are; all slides are equally high, so that the page below never jumps.",
                    "size",
                    "dimensions",
                    "fixed",
                    "full screen",
                    "viewport",
                    "tall"),
            OneOf.of(HeightKind.class, HeightKind::say),
            HeightKind.RATIO,
            Scope.SET_UP);
    public static final Option<Double> FIXED = new Option<>(
            "shape.fixed",
            Meaning.of("fixed height", "How high pictures are where their height is fixed.", "size", "pixels"),
            new Within(40, 2000, 10, "px"),
            480.0,
            Scope.SET_UP);
    public static final Option<Double> OF_WINDOW = new Option<>(
            "shape.window",
            Meaning.of(
                    "share of the window",
                    "How much of the window's height pictures take where they go by it; at least 200 px.",
                    "size",
                    "full screen",
                    "viewport"),
            new Within(20, 100, 5, "%"),
            70.0,
            Scope.SET_UP);
    public static final Option<Double> LEAST = new Option<>(
            "shape.least",
            Meaning.of("least height", "How high pictures are at the least.", "minimum", "size"),
            new Within(0, 2000, 10, "px"),
            0.0,
            Scope.SET_UP);
    public static final Option<Double> MOST = new Option<>(
            "shape.most",
            Meaning.of("greatest height", "How high pictures are at the most.", "maximum", "size", "limit"),
            new Within(40, 2000, 10, "px"),
            2000.0,
            Scope.SET_UP);
    public static final Option<FitKind> FIT = new Option<>(
            "shape.fit",
            Meaning.of(
                    "fit",
                    "How a picture meets its frame; nothing is ever stretched.",
                    "crop",
                    "cropping",
                    "scale",
                    "stretch",
                    "cut"),
            OneOf.of(FitKind.class, FitKind::say),
            FitKind.FILL,
            Scope.SET_UP,
            Scope.SLIDE);
    public static final Option<Double> GAP = new Option<>(
            "shape.gap",
            Meaning.of("gap", "The space between two slides.", "spacing", "distance", "margin"),
            new Within(0, 160, 4, "px"),
            24.0,
            Scope.SET_UP);
    public static final Option<Boolean> HIDDEN = new Option<>(
            "shape.hidden",
            Meaning.of(
                    "where it shows",
                    "Whether visitors see the reel at all.",
                    "hide",
                    "only on",
                    "mobile",
                    "invisible"),
            new YesNo("hidden", "shown"),
            false,
            Scope.SET_UP);
    public static final Option<Double> AROUND = new Option<>(
            "shape.around",
            Meaning.of(
                    "space around",
                    "Room that is kept free around everything.",
                    "padding",
                    "margin",
                    "spacing",
                    "border"),
            new Within(0, 120, 4, "px"),
            0.0);

    public static final Option<Double> TABLET_FROM = new Option<>(
            "shape.tablet-from",
            Meaning.of(
                    "where tablet begins",
                    "From which width of the reel on it is set up as for tablet; below it as for phone.",
                    "breakpoint",
                    "limit",
                    "mobile",
                    "screen"),
            new Within(320, 1200, 10, "px"),
            600.0);
    public static final Option<Double> DESK_FROM = new Option<>(
            "shape.desk-from",
            Meaning.of(
                    "where desk begins",
                    "From which width of the reel on it is set up as for desk; never before tablet has its own widths.",
                    "breakpoint",
                    "limit",
                    "desktop",
                    "screen"),
            new Within(400, 2000, 10, "px"),
            1024.0);

    private static final List<Option<?>> ALL = List.of(
            WIDTH,
            ALIGNED,
            RATIO,
            HEIGHT,
            FIXED,
            OF_WINDOW,
            LEAST,
            MOST,
            FIT,
            GAP,
            HIDDEN,
            AROUND,
            TABLET_FROM,
            DESK_FROM);

    private ShapeOptions() {}

    /** All of them. */
    static List<Option<?>> all() {
        return ALL;
    }

    private static Ready ready(String ratio, String purpose) {
        return new Ready(Ratio.read(ratio), purpose);
    }
}
