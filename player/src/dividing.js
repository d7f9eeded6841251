// Dividers that are moved in another way than by dragging anywhere, or between sides that lie one above the other: what pairs
// ask before they move theirs.
import { place, put, shareOf } from './divider.js';

/** What changes the side that is seen. */
const KEYS = ['Enter', ' ', 'ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'PageUp', 'PageDown', 'Home', 'End'];

class Dividing {
  constructor(piece) {
    const { divided } = piece.plan;
    const touches = ({ pointerType }) => pointerType !== 'mouse';
    const switches = divided === 'switch';
    const former = piece.dividing;
    piece.dividing = (event, handle, held) => {
      if (switches && !handle.closest('.states')) return 'none';
      if (held) return former?.(event, handle, held);
      if (divided === 'handle') return 'none';
      const scrolls = piece.range.down && touches(event); // a finger along the page scrolls it
      return former?.(event, handle, held) || ((divided === 'pressing' || scrolls) && 'press');
    };
    piece.reel.querySelectorAll('.slide.pair').forEach((slide) => {
      const crop = slide.querySelector('.crop');
      const handles = slide.querySelectorAll('.handle');
      const [handle] = handles;
      const orient = () => handles.forEach((one) => one.setAttribute('aria-orientation', piece.range.down ? 'vertical' : 'horizontal'));
      piece.watch(new ResizeObserver(orient), piece.reel); // after the piece's own
      const say = () => handle.dispatchEvent(new Event('focus'));
      if (switches && handles.length === 1) {
        const turn = () => {
          put(slide, crop, shareOf(handle) < 0.5 ? 1 : 0);
          say();
        };
        piece.on(crop, 'click', turn);
        piece.on(
          crop,
          'keydown',
          (event) => {
            if (event.target !== handle || !KEYS.includes(event.key)) return;
            event.preventDefault();
            event.stopPropagation();
            const end = ['Home', 'End'].indexOf(event.key);
            if (end < 0 || shareOf(handle) !== end) turn();
          },
          { capture: true },
        );
      }
      if (divided !== 'pointing' || handles.length > 1) return;
      piece.on(crop, 'pointermove', (event) => {
        if (!touches(event) && !event.buttons) put(slide, crop, place(piece, crop, event));
      });
      piece.on(crop, 'pointerleave', say); // it is said where it is
    });
  }
}

document.currentScript.show = Dividing;
