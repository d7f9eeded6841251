// Pairs: a divider that is moved by pointer, touch and keys. The before picture is cut off at it, never resized.
import { place, put, shareOf } from './divider.js';
import { ENOUGH } from './swiping.js';

const STEP = 1; // per cent per arrow key

export class Pairs {
  constructor(piece) {
    piece.reel.querySelectorAll('.pair .handle').forEach((handle) => start(piece, handle));
  }
}

function start(piece, handle) {
  const crop = handle.parentElement;
  const on = (target, type, listener) => piece.on(target, type, listener);

  const say = () => {
    const share = Math.round(shareOf(handle) * 100);
    handle.setAttribute('aria-valuenow', share);
    handle.setAttribute('aria-valuetext', handle.dataset.says.replace('\ue000', share).replace('\ue001', 100 - share));
  };
  const move = (to) => {
    put(crop.parentElement, crop, piece.within ? piece.within(handle, to) : to, handle.dataset);
    say();
  };
  on(handle, 'focus', say); // it may have moved by itself

  // A mouse moves the divider at once; a finger may have meant to scroll: it moves it after a sideways beginning, by a tap,
  // or by the handle.
  let press;
  const take = (event) => {
    press.takes = true;
    crop.setPointerCapture(event.pointerId);
    handle.focus({ preventScroll: true });
    move(place(piece, crop, event) + press.off);
  };
  on(crop, 'pointerdown', (event) => {
    const held = handle.contains(event.target);
    const way = piece.dividing?.(event, handle, held); // a reel may have a way of its own
    if (event.button || way === 'none') return;
    if (!way) event.preventDefault(); // the reel itself is not swiped
    press = { id: event.pointerId, x: event.clientX, y: event.clientY, way, off: held ? shareOf(handle) - place(piece, crop, event) : 0 };
    if (held || (event.pointerType === 'mouse' && !way)) take(event);
  });
  const goes = (event) => {
    if (event.pointerId !== press?.id) return;
    const [across, down] = [Math.abs(event.clientX - press.x), Math.abs(event.clientY - press.y)];
    const up = event.type === 'pointerup';
    if (press.takes || (up ? Math.max(across, down) <= ENOUGH : !press.way && across > ENOUGH && across > down)) take(event);
    if (up) press = undefined;
  };
  on(crop, 'pointermove', goes);
  on(crop, 'pointerup', goes);
  on(crop, 'pointercancel', () => (press = undefined));
  on(handle, 'keydown', (event) => {
    const down = piece.range.down ? STEP : -STEP;
    const by = { ArrowLeft: -STEP, ArrowDown: down, ArrowRight: STEP, ArrowUp: -down, PageDown: 10 * down, PageUp: -10 * down, Home: -100, End: 100 }[event.key];
    if (!by) return;
    event.preventDefault();
    move(Math.round(100 * shareOf(handle) + by) / 100);
  });
}
