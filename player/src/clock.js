// The held clock: everything that moves in a reel stands where it is at a moment, and runs on from there.

/** A reel with stops stands at one, or is somewhere between two: its plan says when. */
function stops(piece, ms) {
  const { moments, lap } = piece.range;
  const rest = moments.length > 1 ? ms % lap : 0;
  const [start, from, to] = moments.findLast(([begins]) => begins <= rest);
  piece.stand(from);
  if (from === to) {
    if (piece.standing) piece.standing.currentTime = Math.min(rest - start, piece.heldFor(from) - 0.01);
    return;
  }
  piece.begin(to, true);
  piece.moving.forEach((animation) => {
    animation.pause();
    animation.currentTime = rest - start;
  });
}

/** What is done at a moment, by what leads. */
const LEADS = {
  nothing() {},
  change: stops,
  position: stops,
  distance: stops,
  time(piece, ms) {
    piece.running.pause();
    piece.running.currentTime = ms;
  },
  scroll: (piece, ms) => piece.show(Math.min(ms, piece.plan.changes[0].ms)),
};

/**
 * Holds everything at a moment.
 *
 * @param ms from the start; a little less than 0 when the time of a frame precedes that of the press that led to it
 */
export function hold(piece, ms) {
  piece.held = true;
  piece.time = Math.max(0, ms);
  LEADS[piece.plan.lead](piece, piece.time);
}

/** Lets it run from where it is held. */
export function letGo(piece) {
  piece.held = false;
  if (piece.coming !== undefined) {
    piece.moving.forEach((animation) => animation.play());
    piece.whenOver();
  }
  piece.waitingChanged();
}

/** Where it is, so that another in its place can go on from there. */
export function moment(piece) {
  const { held, time, wanted, share } = piece;
  return { held, time, stop: wanted, share, paused: piece.waitsFor('paused') };
}

export function resume(piece, { held, time, stop, share, paused }) {
  if (paused) piece.wait('paused');
  if (held) hold(piece, time);
  else if (share !== undefined) piece.run?.(share);
  else if (stop !== undefined) piece.stand?.(Math.min(stop, piece.stops - 1));
}
