// A finger, or a pointer that is held down, moves what leads. A press that has become a drag never presses a link.
export const ENOUGH = 6; // px before a press counts as a drag
export const RESISTS = 3; // so many px of a hand are one beyond an end
export const TURN = 40; // px after which one picture gives way to the next

const FAST = 3; // px a ms
const RESTS = 60; // ms without a move after which a hand has come to rest

/**
 * Lets a piece with stops be swiped: it is told how far, px, while a hand goes on and when it lets go, then with how far it would
 * glide.
 */
export function swipe(piece) {
  const view = piece.strip.parentElement;
  const place = (event) => (piece.upright ? event.clientY : event.clientX);
  let start; // where a press began that may become a drag
  let dragged = false;
  let former; // the last move but one
  let last; // and the last

  const away = () => {
    if (!start) return;
    start = undefined;
    piece.go('dragged');
    piece.left?.();
  };
  const on = (type, listener) => piece.on(view, type, listener, { capture: type === 'click' });
  on('pointerdown', (event) => {
    dragged = false;
    if (event.button === 0 && !event.defaultPrevented && piece.stops > 1 && piece.range.swipe && !(piece.upright && event.pointerType === 'touch')) start = last = event;
  });
  on('pointermove', (event) => {
    if (event.pointerId !== start?.pointerId) return;
    if (!(event.buttons & 1)) { // let go where nobody could tell
      away();
      return;
    }
    const by = place(event) - place(start);
    if (!dragged && Math.abs(by) > ENOUGH) {
      dragged = true;
      piece.taken?.();
      view.setPointerCapture(event.pointerId);
      piece.wait('dragged');
    }
    if (!dragged) return;
    former = last;
    last = event;
    piece.dragged?.(by);
  });
  on('pointerup', (event) => {
    if (event.pointerId !== start?.pointerId) return;
    const by = place(event) - place(start);
    start = undefined;
    if (!dragged) return;
    piece.go('dragged');
    const speed = event.timeStamp - last.timeStamp < RESTS && (place(event) - place(former)) / (event.timeStamp - former.timeStamp);
    piece.dropped(by, by + ((Math.tanh(speed / FAST) || 0) * view.offsetWidth) / 2); // by half of what is in view at the most
  });
  on('pointercancel', away);
  on('click', (event) => {
    if (!dragged) return;
    dragged = false;
    event.preventDefault();
    event.stopPropagation();
  });
}
