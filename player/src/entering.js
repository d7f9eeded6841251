// Slides that come one after another when the reel first comes into sight. What was seen already stays.

export class Entering {
  constructor(piece) {
    if (piece.still || piece.host.dataset.scrolled) return; // on the wall all are there
    const { ms: duration, easing, delays } = piece.plan.enters;
    const { top, bottom } = piece.frame.getBoundingClientRect();
    const seen = bottom > 0 && top < innerHeight; // its first picture is on the screen
    const slides = [...piece.strip.querySelectorAll(':scope > .slide')].slice(0, delays.length);
    const coming = slides.slice(seen ? 1 : 0).map((slide, i) => {
      const animation = slide.animate([{ opacity: 0, transform: 'translateY(16px)' }, { opacity: 1, transform: 'none' }], { delay: delays[i], duration, easing, fill: 'backwards' });
      animation.pause();
      return animation;
    });
    const start = ([{ isIntersecting }], observer) => {
      if (!isIntersecting) return;
      observer.disconnect();
      coming.forEach((one) => one.play());
    };
    piece.watch(new IntersectionObserver(start, { rootMargin: '0px 0px -10% 0px' }), piece.frame);
    piece.on(window, 'beforeprint', () => coming.forEach((one) => one.finish()));
  }
}
