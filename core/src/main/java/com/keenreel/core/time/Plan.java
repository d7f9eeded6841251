package com.keenreel.core.time;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A transition as something that can be carried out: evaluated here by {@link #at}, and handed as it is to the
 * browser's own animations by the player.
 *
 * @param duration ms from the start of the first piece to the end of the last; 0 for none
 * @param pieces what moves
 */
public record Plan(long duration, List<Piece> pieces) {
    public Plan {
        pieces = List.copyOf(pieces);
        for (Piece piece : pieces) {
            if (piece.delay() + piece.duration() > duration) {
                throw new IllegalArgumentException("A piece ends after its transition.");
            }
        }
    }

    /** How everything that moves stands at that time of the transition, ms. */
    public Map<Piece.On, Pose> at(double time) {
        Map<Piece.On, Pose> scene = new EnumMap<>(Piece.On.class);
        pieces.forEach(piece -> scene.put(piece.on(), piece.at(time)));
        return scene;
    }
}
