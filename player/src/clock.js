// The held clock: everything that moves in a reel stands where it is at a moment, and runs on from there.

/** A reel with stops stands at one, or is somewhere between two: its plan says when. */
function stops(piece, ms) {
  const { moments, lap } = piece.range;
  const rest = moments.length > 1 ? ms % lap : ms; // at the only one it stands for good
  const [start, from, to, forward = true] = moments.findLast(([begins]) => begins <= rest);
  piece.stand(from);
  piece.drifting?.wait(); // what ran when the clock took hold stands with everything else
  piece.drifting?.at(from, piece.way(from, from, true).ms + (from === to ? 0 : piece.heldFor(from)) + rest - start);
  piece.sweeping?.at(from === to ? rest - start : 0);
  if (from === to) {
    if (piece.holding) piece.holding.currentTime = Math.min(rest - start, piece.heldFor(from) - 0.01);
    return;
  }
  piece.begin(to, forward);
  piece.drifting?.at(to, rest - start);
  piece.moving.forEach((animation) => {
    animation.pause();
    animation.currentTime = rest - start;
  });
}

/** On a page that is not scrolled itself, what would stay in a window of that height is moved to where it would be. */
function stay({ frame, strip }, gone, view) {
  const scrolled = gone * (view + frame.offsetHeight) - view; // from the reel's upper edge
  const all = [...strip.querySelectorAll(':scope > .slide > .crop')].map((crop) => {
    const { marginTop, marginBottom, top } = getComputedStyle(crop);
    const slide = crop.parentElement;
    const [above, below] = [marginTop, marginBottom].map(parseFloat);
    const far = slide.offsetHeight - above - crop.offsetHeight - below;
    return { crop, down: Math.min(Math.max(0, scrolled - slide.offsetTop - above + parseFloat(top)), far) };
  });
  all.forEach(({ crop, down }) => (crop.style.translate = `0 ${down}px`)); // all read, then written
}

/** What is done at a moment, by what leads. */
const LEADS = {
  nothing(piece, ms) {
    piece.sweeping?.at(ms);
  },
  change: stops,
  position: stops,
  distance: stops,
  time(piece, ms) {
    piece.running.pause();
    piece.running.currentTime = ms;
  },
  scroll(piece, ms, view) {
    const whole = piece.plan.changes[0].ms;
    const gone = ms > whole ? ms % whole : ms;
    piece.show(gone);
    if (piece.plan.stays && piece.host.dataset.scrolled) stay(piece, gone / whole, view);
  },
};

/**
 * Holds everything at a moment.
 *
 * @param view height of the window that the page stands for, px
 * @param ms from the start; a little less than 0 when the time of a frame precedes that of the press that led to it
 */
export function hold(piece, ms, view = 800) {
  piece.held = true;
  piece.time = Math.max(0, ms);
  LEADS[piece.plan.lead](piece, piece.time, view);
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
