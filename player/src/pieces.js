// What moves in a change, as its plan says.

/**
 * The animations of the pieces of a change.
 *
 * @param on what they move, by its word; what has none of its own is of what comes
 * @param cutting moves windows and cuts pictures, where that is needed
 */
export const run = (pieces, on, cutting) =>
  pieces.flatMap((piece) => (on[piece.on] ?? on.incoming).flatMap((one) => cutting?.run(one, piece) ?? [one.animate([piece.from, piece.to], piece.when)]));
