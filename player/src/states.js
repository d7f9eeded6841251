// Comparisons of more than two states have several dividers: a press moves the nearest one, and none passes another.
import { place, shareOf } from './divider.js';

const handlesOf = (handle) => [...handle.parentElement.querySelectorAll('.handle')];

class States {
  constructor(piece) {
    piece.reel.classList.add('divides');
    const former = piece.dividing;
    piece.dividing = (event, handle, held) => {
      const all = handlesOf(handle);
      if (!held && all.length > 1) {
        const at = place(piece, handle.parentElement, event);
        const far = (one) => Math.abs(shareOf(one) - at);
        const nearest = all.reduce((one, other) => (far(other) < far(one) || (far(other) === far(one) && at > shareOf(one)) ? other : one));
        if (nearest !== handle || all.some((one) => one.contains(event.target))) return 'none';
      }
      return former?.(event, handle, held);
    };
    piece.within = (handle, to) => {
      const all = handlesOf(handle);
      const i = all.indexOf(handle);
      const [least, most] = [all[i - 1], all[i + 1]].map((one, end) => (one ? shareOf(one) : end));
      return Math.min(most, Math.max(least, to));
    };
  }
}

document.currentScript.show = States;
