package com.keenreel.app.bench;

import com.keenreel.core.option.Direction;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.time.Motion;
import org.jspecify.annotations.Nullable;

/**
 * What stands between two cards: how one slide gives way to the next.
 *
 * @param said "Changes by crossfade"
 * @param icon its picture
 */
public record Joint(String said, String icon) {
    /**
     * That before a slide; null where nothing moves from slide to slide.
     *
     * @param coming its place from 0; after the last one comes the first
     */
    static @Nullable Joint into(Reel reel, Motion motion, int coming) {
        if (!motion.stops()) {
            return null;
        }
        Slide slide = reel.slides().get(coming % reel.slides().size());
        TransitionKind kind = motion instanceof Motion.ByChange
                ? slide.chosen(MotionOptions.TRANSITION, reel.choices())
                : TransitionKind.ALONG;
        Direction direction = reel.direction();
        return new Joint(
                "Changes by " + direction.say(MotionOptions.TRANSITION.domain().say(kind)), direction.say(icon(kind)));
    }

    private static String icon(TransitionKind kind) {
        return switch (kind) {
            case NONE -> "minus";
            case CROSSFADE -> "blend";
            case COLOUR -> "square";
            case ALONG, OVER_LEFT, WIPE_LEFT -> "move-left";
            case ALONG_RIGHT, OVER_RIGHT, WIPE_RIGHT -> "move-right";
            case ALONG_UP, OVER_UP, WIPE_UP -> "move-up";
            case ALONG_DOWN, OVER_DOWN, WIPE_DOWN -> "move-down";
            case ZOOM -> "zoom-in";
            case SLATS -> "columns-4";
            case TILES -> "grid-3x3";
            case SWING -> "rotate-cw";
        };
    }
}
