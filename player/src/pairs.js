// Pairs: a divider that is moved by pointer, touch and keys. The before picture is cut off at it, never resized.
import { ENOUGH } from './swiping.js';

const STEP = 1; // per cent per arrow key

export class Pairs {
  constructor(piece) {
    this.piece = piece;
    piece.reel.querySelectorAll('.slide.pair').forEach((slide) => this.#start(slide, piece.plan.pairs[slide.dataset.slide]));
  }

  #start(slide, { start, clearBefore, clearAfter }) {
    const crop = slide.querySelector('.crop');
    const handle = slide.querySelector('.handle');
    const before = slide.querySelector('.label-before');
    const after = slide.querySelector('.label-after');
    const on = (target, type, listener) => this.piece.on(target, type, listener);
    let at = start;
    let width; // as laid out, whatever a page's transform makes of it

    const names = () => {
      if (!(width > 0)) return; // it is not laid out yet
      before?.classList.toggle('crossed', at * width < clearBefore);
      after?.classList.toggle('crossed', at * width > width - clearAfter);
    };
    const part = (share, name) => (name ? `${name.textContent} ${share} %` : '');
    const move = (to) => {
      at = Math.min(1, Math.max(0, to));
      crop.classList.add('moved');
      slide.style.setProperty('--at', at); // of a reflection, too
      const share = Math.round(at * 100);
      handle.setAttribute('aria-valuenow', share);
      handle.setAttribute('aria-valuetext', [part(share, before), part(100 - share, after)].filter(Boolean).join(', ') || `${share} %`);
      names();
    };
    const sized = ([entry]) => {
      width = entry.contentBoxSize[0].inlineSize;
      names();
    };
    this.piece.watch(new ResizeObserver(sized), crop);

    // A mouse moves the divider at once; a finger may have meant to scroll: it moves it after a sideways beginning, by a
    // tap, or by the handle.
    let press;
    const place = ({ clientX }) => {
      const box = crop.getBoundingClientRect();
      return (clientX - box.left) / box.width;
    };
    const take = (event) => {
      press.takes = true;
      crop.setPointerCapture(event.pointerId);
      handle.focus({ preventScroll: true });
      move(place(event) + press.off);
    };
    on(crop, 'pointerdown', (event) => {
      if (event.button) return;
      event.preventDefault(); // the reel itself is not swiped
      const held = handle.contains(event.target);
      press = { id: event.pointerId, x: event.clientX, y: event.clientY, off: held ? at - place(event) : 0 };
      if (held || event.pointerType === 'mouse') take(event);
    });
    const goes = (event) => {
      if (event.pointerId !== press?.id) return;
      const [across, down] = [Math.abs(event.clientX - press.x), Math.abs(event.clientY - press.y)];
      const up = event.type === 'pointerup';
      if (press.takes || (up ? Math.max(across, down) <= ENOUGH : across > ENOUGH && across > down)) take(event);
      if (up) press = undefined;
    };
    on(crop, 'pointermove', goes);
    on(crop, 'pointerup', goes);
    on(crop, 'pointercancel', () => (press = undefined));
    on(handle, 'keydown', (event) => {
      const by = { ArrowLeft: -STEP, ArrowDown: -STEP, ArrowRight: STEP, ArrowUp: STEP, PageDown: -10 * STEP, PageUp: 10 * STEP, Home: -100, End: 100 }[event.key];
      if (!by) return;
      event.preventDefault();
      move(Math.round(100 * at + by) / 100);
    });
  }
}
