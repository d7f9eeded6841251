// Following a pointer from a press until it is let go.

/**
 * Follows the pointer of a press, wherever it goes.
 *
 * @param holder keeps the pointer, so that it is followed over frames too; nothing where it is moved about itself
 * @param moves told of each movement
 * @param ends told when it is let go; whether that was because it turned out to be a scroll, or Escape was pressed
 */
export function follow({ pointerId }, moves, ends, holder = undefined) {
  holder?.setPointerCapture(pointerId);
  const listening = new AbortController();
  const on = (type, told) => addEventListener(type, told, { signal: listening.signal });
  const own = (told) => (event) => event.pointerId === pointerId && told(event);
  const end = (cancelled) => {
    listening.abort();
    ends(cancelled);
  };
  on('pointermove', own(moves));
  on('pointerup', own(() => end(false)));
  on('pointercancel', own(() => end(true)));
  on('keydown', ({ key }) => key === 'Escape' && end(true));
}
