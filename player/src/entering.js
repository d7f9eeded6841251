// Slides that come one after another when the reel first comes into sight. What was seen already stays.
import { isInSight, untilInSight } from './waiting.js';

export class Entering {
  constructor(piece) {
    if (piece.still || piece.host.dataset.scrolled) return; // on the wall all are there
    const { ms: duration, easing, delays } = piece.plan.enters;
    const seen = isInSight(piece); // its first picture is on the screen
    const slides = [...piece.strip.querySelectorAll(':scope > .slide')].slice(0, delays.length);
    const coming = [{ opacity: 0, transform: 'translateY(16px)' }, { opacity: 1, transform: 'none' }];
    untilInSight(
      piece,
      slides.slice(seen ? 1 : 0).map((slide, i) => slide.animate(coming, { delay: delays[i], duration, easing, fill: 'backwards' })),
    );
  }
}
