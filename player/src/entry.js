// The reel fades in or rises when it is scrolled into sight. What was seen already stays, and on the wall it is there.
import { isInSight, untilInSight } from './waiting.js';

class Entry {
  constructor(piece) {
    if (piece.still || piece.host.dataset.scrolled || isInSight(piece)) return;
    const { from, ...when } = piece.plan.entry;
    untilInSight(piece, [piece.frame.animate([from, { opacity: 1, transform: 'none' }], { ...when, fill: 'backwards' })]);
  }
}

document.currentScript.show = Entry;
