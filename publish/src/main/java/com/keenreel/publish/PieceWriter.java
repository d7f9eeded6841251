package com.keenreel.publish;

import com.keenreel.core.time.Cut;
import com.keenreel.core.time.Piece;
import com.keenreel.core.time.Plan;
import com.keenreel.core.time.Pose;
import java.util.Locale;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes what moves in a change as browsers' own animations take it. */
public final class PieceWriter {
    private PieceWriter() {}

    /** The pieces of a plan, as JSON. */
    public static String write(Plan plan) {
        return pieces(plan).toString();
    }

    static ArrayNode pieces(Plan plan) {
        ArrayNode pieces = Json.MAPPER.createArrayNode();
        for (Piece piece : plan.pieces()) {
            ObjectNode node = pieces.addObject();
            node.put("on", piece.on().name().toLowerCase(Locale.ROOT));
            node.putObject("when") // all of a change end at once, so that they also play back together
                    .put("delay", piece.delay())
                    .put("duration", piece.duration())
                    .put("endDelay", plan.duration() - piece.delay() - piece.duration())
                    .put("easing", piece.easing().css())
                    .put("fill", "both");
            Cut cut = piece.cut();
            if (cut != null) {
                ArrayNode delays = node.putObject("cut")
                        .put("columns", cut.columns())
                        .put("rows", cut.rows())
                        .putArray("delays");
                for (int n = 0; n < cut.count(); n++) {
                    delays.add(cut.delay(n));
                }
            }
            boolean window = piece.from().isSeenThroughWindow() || piece.to().isSeenThroughWindow();
            node.set("from", pose(piece, piece.from(), window));
            node.set("to", pose(piece, piece.to(), window));
        }
        return pieces;
    }

    /** A pose as browsers take it; of the strip how many steps it has moved. */
    private static ObjectNode pose(Piece piece, Pose pose, boolean window) {
        ObjectNode node = Json.MAPPER.createObjectNode();
        if (piece.on() == Piece.On.STRIP) {
            return node.put("x", pose.moved().x());
        }
        node.put("transform", pose.transform()).put("opacity", pose.opacity());
        return window
                ? node.put("wx", pose.window().x()).put("wy", pose.window().y())
                : node;
    }
}
