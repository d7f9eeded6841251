// A finger, or a pointer that is held down, moves what leads. A press that has become a drag never presses a link.
export const ENOUGH = 6; // px before a press counts as a drag
export const TURN = 40; // px after which one picture gives way to the next

/** Lets a piece with stops be swiped: it is told how far, px, while a hand goes on and when it lets go. */
export function swipe(piece) {
  const view = piece.strip.parentElement;
  const place = (event) => (piece.upright ? event.clientY : event.clientX);
  let start; // where a press began that may become a drag
  let dragged = false;

  const away = () => {
    if (!start) return;
    start = undefined;
    piece.go('dragged');
    piece.left?.();
  };
  const on = (type, listener, target = view) => piece.on(target, type, listener, { capture: type === 'click' });
  on('pointerdown', (event) => {
    dragged = false;
    if (event.button === 0 && !event.defaultPrevented && piece.stops > 1 && piece.range.swipe && !(piece.upright && event.pointerType === 'touch')) start = event;
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
    if (dragged) piece.dragged?.(by);
  });
  on('pointerup', (event) => {
    if (event.pointerId !== start?.pointerId) return;
    const by = place(event) - place(start);
    start = undefined;
    if (!dragged) return;
    piece.go('dragged');
    piece.dropped(by);
  }, window); // outside, too
  on('pointercancel', away);
  on('click', (event) => {
    if (!dragged) return;
    dragged = false;
    event.preventDefault();
    event.stopPropagation();
  });
  on('dragstart', (event) => event.preventDefault());
}
