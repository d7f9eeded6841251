package com.keenreel.core.space;

import com.keenreel.core.option.FitKind;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;

/**
 * How a picture of sw x sh stands in a frame of fw x fh. With k the factor by which it is drawn, fill is
 * k = max(fw/sw, fh/sh), whole is k = min(fw/sw, fh/sh), original is k = min(1, fill). Never stretched.
 */
public final class Fit {
    private Fit() {}

    /** The box of the whole drawn picture, the cut off parts too, from the frame's top left corner. */
    public static Box of(FitKind kind, PictureFacts picture, Length frameWidth, Length frameHeight, FocalPoint focal) {
        return of(kind, picture.width(), picture.height(), frameWidth, frameHeight, focal);
    }

    /** The same of a picture, or a part of one, of that size in px. */
    static Box of(FitKind kind, double wide, double high, Length frameWidth, Length frameHeight, FocalPoint focal) {
        double ratio = wide / high;
        Length byHeight = frameHeight.times(ratio);
        Length byWidth = frameWidth.dividedBy(ratio);
        Length width = switch (kind) {
            case FILL -> Length.max(frameWidth, byHeight);
            case WHOLE -> Length.min(frameWidth, byHeight);
            case ORIGINAL -> Length.min(Length.px(wide), Length.max(frameWidth, byHeight));
        };
        Length height = switch (kind) {
            case FILL -> Length.max(frameHeight, byWidth);
            case WHOLE -> Length.min(frameHeight, byWidth);
            case ORIGINAL -> Length.min(Length.px(high), Length.max(frameHeight, byWidth));
        };
        return new Box(
                start(kind, width, frameWidth, focal.x()), start(kind, height, frameHeight, focal.y()), width, height);
    }

    private static Length start(FitKind kind, Length drawn, Length frame, double focal) {
        Length spare = frame.minus(drawn).dividedBy(2);
        Length cut = Length.clamp(Length.ZERO, drawn.times(focal).minus(frame.dividedBy(2)), drawn.minus(frame));
        return switch (kind) {
            case FILL -> cut.times(-1);
            case WHOLE -> spare;
            case ORIGINAL ->
                Length.max(Length.ZERO, spare)
                        .minus(Length.clamp(
                                Length.ZERO,
                                drawn.times(focal).minus(frame.dividedBy(2)),
                                Length.max(Length.ZERO, drawn.minus(frame))));
        };
    }

    /**
     * The share of the picture that is cut off, 0 to 1.
     *
     * @param drawn the picture's box, evaluated in a frame of that size
     */
    public static double loss(Box drawn, double frameWidth, double frameHeight, double reelWidth) {
        double width = drawn.width().at(reelWidth);
        double height = drawn.height().at(reelWidth);
        return 1 - Math.min(frameWidth, width) * Math.min(frameHeight, height) / (width * height);
    }
}
