package com.keenreel.core.steering;

import com.keenreel.core.option.ArrowsPlace;
import com.keenreel.core.option.Edge;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.ThumbOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Target;
import org.jspecify.annotations.Nullable;

/**
 * What stands around the slides of a reel in a stretch of its widths, and the area that it leaves for them: arrows outside
 * their sides take room at both, thumbnails on their edge.
 */
public final class Around {
    final Reel reel;
    final Span span;
    final int stops;

    /** Whether videos play, which can be paused. */
    final boolean plays;

    private final boolean sides;

    /** How much arrows take at each side, px. */
    final double beside;

    /** The thumbnails; null where there are none. */
    final @Nullable Thumbs thumbs;

    private Around(Reel reel, Span span, int stops, boolean plays, boolean sides) {
        this.reel = reel;
        this.span = span;
        this.stops = stops;
        this.plays = plays;
        this.sides = sides;
        this.beside = outside() ? arrow() + Target.EDGE : 0;
        boolean shown = stops > 1 && chosen(ThumbOptions.SHOWN);
        this.thumbs = shown && sides ? Thumbs.of(reel, span) : null;
    }

    /**
     * What stands around the slides of that reel.
     *
     * @param stops how many stops there are
     * @param plays whether videos play
     */
    public static Around of(Reel reel, Span span, int stops, boolean plays) {
        return new Around(reel, span, stops, plays, true);
    }

    /** The same where nothing but a line below has a place: arrows stand in it, and there are no thumbnails. */
    public static Around withoutSides(Reel reel, Span span, int stops, boolean plays) {
        return new Around(reel, span, stops, plays, false);
    }

    /** How much thumbnails take on that edge, px. */
    double band(Edge edge) {
        return thumbs != null && thumbs.edge() == edge ? thumbs.room() : 0;
    }

    /** How much is taken at the left, px. */
    double left() {
        return band(Edge.START) + beside;
    }

    /** How much is taken at the right, px. */
    double right() {
        return band(Edge.END) + beside;
    }

    /** The width of the area that is left. */
    public Length width() {
        double taken = left() + right();
        return taken == 0 ? Length.WIDTH : Length.WIDTH.minus(taken);
    }

    /** The same at the narrowest, px. */
    public double narrowest() {
        return span.narrowest() - left() - right();
    }

    /**
     * The controls, once it is known how high the pictures are.
     *
     * @param picture the height of the picture area, at whose sides arrows stand
     * @param onPicture whether dots and pause stand at its foot where there is room, else always below
     */
    public Controls controls(Length picture, boolean onPicture) {
        return new Controls(this, picture, onPicture);
    }

    /** Where arrows are wanted. */
    ArrowsPlace place() {
        return sides ? reel.choices().get(SteeringOptions.ARROWS_PLACE, span.setUp()) : ArrowsPlace.BELOW;
    }

    /** Whether there are arrows. */
    boolean arrows() {
        return stops > 1 && chosen(SteeringOptions.ARROWS);
    }

    /** Whether that is wanted there. */
    boolean chosen(Option<Boolean> option) {
        return reel.choices().get(option, span.setUp());
    }

    /** Side of the hit area of an arrow, px. */
    double arrow() {
        return Math.max(Target.HIT, reel.choices().get(SteeringOptions.ARROWS_SIZE, span.setUp()));
    }

    private boolean outside() {
        return arrows() && place() == ArrowsPlace.OUTSIDE;
    }
}
