package com.keenreel.core.time;

import java.util.ArrayList;
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
            if (piece.end() > duration) {
                throw new IllegalArgumentException("A piece ends after its transition.");
            }
        }
    }

    /** How everything that moves as a whole stands at that time of the transition, ms. */
    public Map<Piece.On, Pose> at(double time) {
        Map<Piece.On, Pose> scene = new EnumMap<>(Piece.On.class);
        pieces.stream().filter(piece -> piece.cut() == null).forEach(piece -> scene.put(piece.on(), piece.at(time)));
        return scene;
    }

    /** How the pieces of a picture that is cut stand at that time, each in its own size, row by row; none of one that is whole. */
    public List<Pose> inPieces(Piece.On on, double time) {
        List<Pose> poses = new ArrayList<>();
        for (Piece piece : pieces) {
            Cut cut = piece.cut();
            for (int n = 0; cut != null && piece.on() == on && n < cut.count(); n++) {
                poses.add(piece.at(time - cut.delay(n)));
            }
        }
        return poses;
    }

    /** Whether a picture is cut, or seen through a window, or stays while its words move. */
    boolean cuts() {
        return pieces.stream()
                .anyMatch(piece -> piece.cut() != null
                        || piece.on() == Piece.On.WORDS
                        || piece.from().isSeenThroughWindow()
                        || piece.to().isSeenThroughWindow());
    }
}
