// The reel fades in or rises when it is scrolled into sight. What was seen already stays, and on the wall it is there.
class Entry {
  constructor(piece) {
    const { frame } = piece;
    const { top, bottom } = frame.getBoundingClientRect();
    if (piece.still || piece.host.dataset.scrolled || (bottom > 0 && top < innerHeight)) return;
    const { from, ...when } = piece.plan.entry;
    const entry = frame.animate([from, { opacity: 1, transform: 'none' }], { ...when, fill: 'backwards' });
    entry.pause();
    const start = ([{ isIntersecting }], observer) => {
      if (!isIntersecting) return;
      observer.disconnect();
      entry.play();
    };
    piece.watch(new IntersectionObserver(start, { rootMargin: '0px 0px -10% 0px' }), frame);
    piece.on(window, 'beforeprint', () => entry.finish());
  }
}

document.currentScript.show = Entry;
