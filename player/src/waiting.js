// What begins when the reel first comes into sight.

/** Animations of that piece stand at their start until then; on paper they are over. */
export function untilInSight(piece, animations) {
  animations.forEach((animation) => animation.pause());
  const start = ([{ isIntersecting }], observer) => {
    if (!isIntersecting) return;
    observer.disconnect();
    animations.forEach((animation) => animation.play());
  };
  piece.watch(new IntersectionObserver(start, { rootMargin: '0px 0px -10% 0px' }), piece.frame);
  piece.on(window, 'beforeprint', () => animations.forEach((animation) => animation.finish()));
}

/** Whether it is seen already. */
export function isInSight({ frame }) {
  const { top, bottom } = frame.getBoundingClientRect();
  return bottom > 0 && top < innerHeight;
}
