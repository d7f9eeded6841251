// A row that goes round, and whose middle may stand out: slides that stand laps away from where they are laid out, and
// paler or smaller beside the middle.

export class Turning {
  constructor(piece) {
    this.piece = piece;
    piece.turning = this;
    piece.on(piece.strip.parentElement, 'click', (event) => this.#toward(event));
    this.turn(piece.steps(piece.stop));
  }

  /** A neighbour of the slide in the middle is pressed: it comes there. What is inert hears nothing itself. */
  #toward({ clientX, clientY, defaultPrevented }) {
    const { piece } = this;
    if (!piece.range.middle || defaultPrevented) return;
    const pressed = piece.slides.findIndex((slide) => {
      const { left, right, top, bottom } = slide.getBoundingClientRect();
      return clientX >= left && clientX < right && clientY >= top && clientY < bottom;
    });
    if (pressed >= 0 && pressed !== piece.range.stops[piece.wanted][0]) piece.visit(piece.stopOf(pressed));
  }

  /** So many laps on stands a slide, so that it is in its place while the strip is so many steps on. */
  #laps(i, steps) {
    return Math.ceil((steps - i - this.piece.range.seam) / this.piece.stops);
  }

  /** How a slide stands while the strip is so many steps on. */
  #stance(i, steps, laps = this.#laps(i, steps)) {
    const { range, stops } = this.piece;
    const { paler, smaller, before } = range.middle ?? { paler: 0, smaller: 0, before: 0 };
    const away = Math.min(1, Math.abs(i + laps * stops - steps));
    const moved = (laps + (i >= stops - before)) * stops; // the last ones are laid out before the first
    return { transform: `${this.piece.along(`var(--step) * ${moved}`)} scale(${1 - smaller * away})`, opacity: 1 - paler * away };
  }

  /** All slides stand as they belong while the strip is so many steps on. */
  turn(steps) {
    const { round, slides } = this.piece;
    slides.forEach((slide, i) => this.#stand(slide, round ? this.#stance(i, steps) : { transform: '', opacity: '' }));
  }

  #stand({ style }, { transform, opacity }) {
    Object.assign(style, { transform, opacity });
  }

  /** How a slide stands on the way between two places, at every moment from which it goes another way. */
  #frames(i, start, end) {
    const { range, stops } = this.piece;
    const [now, then] = [start, end].map((steps) => this.#laps(i, steps));
    const at = (steps, laps) => ({ offset: (steps - start) / (end - start), ...this.#stance(i, steps, laps) });
    const seam = i + range.seam + stops * Math.min(now, then); // where nobody sees it
    const beside = [now, then].flatMap((laps) => [-1, 0, 1].map((away) => at(i + laps * stops + away, laps)));
    return [at(start, now), at(seam, now), at(seam, then), ...beside, at(end, then)] // of those at one moment the first is gone to
      .filter(({ offset }) => offset >= 0 && offset <= 1)
      .sort((a, b) => a.offset - b.offset);
  }

  /** The animations of slides that come round the seam, or grow and fade, while the strip goes from one place to another. */
  run(start, end, options) {
    if (!this.piece.round || !(Math.abs(end - start) > 1e-6)) return []; // nor where nothing is laid out
    return this.piece.slides.flatMap((slide, i) => {
      const frames = this.#frames(i, start, end);
      const looks = new Set(frames.map(({ transform, opacity }) => transform + opacity));
      if (looks.size > 1) return [slide.animate(frames, options)];
      this.#stand(slide, frames[0]);
      return [];
    });
  }
}
