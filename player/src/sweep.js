// Dividers that move to and fro by themselves, each while its comparison is seen, until somebody moves it. Where they are at a
// moment is in the plan.
import { put } from './divider.js';
import { Playing } from './playing.js';

class Sweep extends Playing {
  #moving = new Map(); // by slide: the clock of its divider
  #seen = new Set();
  #shows = false;

  constructor(piece) {
    super(piece);
    Object.entries(piece.plan.sweeps).forEach(([id, { period, once }]) => {
      const slide = piece.reel.querySelector(`.pair[data-slide="${id}"]`);
      const clock = slide.querySelector('.handle').animate(null, { duration: period, iterations: once ? 1 : Infinity });
      clock.pause();
      this.#moving.set(slide, clock);
      ['pointerdown', 'keydown'].forEach((type) => piece.on(slide.querySelector('.crop'), type, () => this.#touched(slide)));
    });
    const seen = (entries) => {
      entries.forEach(({ isIntersecting, target }) => this.#seen[isIntersecting ? 'add' : 'delete'](target.closest('.slide')));
      this.look();
    };
    piece.watch(new IntersectionObserver(seen, { threshold: 0.25 }), ...[...this.#moving.keys()].map((slide) => slide.querySelector('.crop')));
    piece.sweeping = this;
    if (piece.held) this.at(piece.time);
  }

  pause() {
    this.#moving.forEach((clock, slide) => this.#stop(slide, clock));
  }

  #stop(slide, clock) {
    if (clock.playState !== 'running') return;
    const { currentTime } = clock;
    clock.pause();
    clock.currentTime = currentTime; // at once, not in the next frame
    this.#place(slide, clock);
    slide.querySelector('.handle').dispatchEvent(new Event('focus')); // it is said where it is
  }

  /** It is the visitor's now. */
  #touched(slide) {
    this.#moving.get(slide)?.cancel();
    this.#moving.delete(slide);
  }

  look() {
    if (this.between) return;
    this.sayStops();
    const { piece } = this;
    const waits = this.waits || ['pointed', 'focus', 'dragged'].some((reason) => piece.waitsFor(reason));
    const moves = (slide) => !waits && this.#seen.has(slide) && this.stands(slide);
    if (![...this.#moving.keys()].some(moves)) {
      this.pause();
      return;
    }
    this.#moving.forEach((clock, slide) => {
      if (moves(slide)) {
        if (clock.playState === 'paused') clock.play();
      } else this.#stop(slide, clock);
    });
    if (!this.#shows) requestAnimationFrame(() => this.#show());
    this.#shows = true;
  }

  /** Puts every divider where it is at a moment, ms. */
  at(ms) {
    this.#moving.forEach((clock, slide) => {
      clock.pause();
      clock.currentTime = ms;
      this.#place(slide, clock);
    });
  }

  #place(slide, clock) {
    const { middle, reach, phase, turns } = this.piece.plan.sweeps[slide.dataset.slide];
    const gone = clock.effect.getComputedTiming().progress ?? 0; // once it is over it is where it began
    const wave = Math.sin(2 * Math.PI * gone + phase);
    put(slide, slide.querySelector('.crop'), middle + reach * (turns ? Math.sign(wave) || 1 : wave));
  }

  #show() {
    let goes = false;
    this.#moving.forEach((clock, slide) => {
      this.#place(slide, clock);
      if (clock.playState === 'running') goes = true;
      else if (clock.playState === 'finished') this.#moving.delete(slide);
    });
    this.#shows = goes;
    if (goes) requestAnimationFrame(() => this.#show());
  }
}

document.currentScript.show = Sweep;
