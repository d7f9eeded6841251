// Led by time: an endless band at constant speed.
import { Piece, STILL } from './piece.js';

export class Time extends Piece {
  running;

  constructor(reel, plan, host) {
    super(reel, plan, host);
    this.on(this.strip, 'focusin', (event) => this.#bringIntoView(event.target));
    this.on(this.strip, 'dragstart', (event) => event.preventDefault());
    // copies are pressed like the logos themselves, but focus stays with what those who listen can find
    this.on(this.strip, 'mousedown', (event) => event.button === 0 && event.target.closest('[aria-hidden]') && event.preventDefault());
    this.on(STILL, 'change', () => this.#reachView());
    this.#reachView();
    this.run();
  }

  /** A band that is scrolled by hand can be reached by keyboard; what moves by itself has nothing to scroll. */
  #reachView() {
    const view = this.strip.parentElement;
    if (this.still && getComputedStyle(view).overflowX === 'auto') view.tabIndex = 0;
    else view.removeAttribute('tabindex');
  }

  run(share = 0) {
    this.running?.cancel();
    const piece = this.plan.changes[0].on[0];
    const { lapTime } = this.range;
    const at = (laps) => ({ transform: `translateX(calc(var(--step) * ${-laps}))` });
    const running = this.strip.animate([at(piece.from.x), at(piece.to.x)], {
      duration: lapTime,
      easing: piece.easing,
      iterations: Infinity,
    });
    running.currentTime = share * lapTime;
    if (this.held || this.waiting) running.pause();
    this.running = running;
  }

  get share() {
    const { duration } = this.running.effect.getTiming();
    return ((this.running.currentTime ?? 0) % duration) / duration;
  }

  rearranged() {
    this.run(this.share);
  }

  waitingChanged() {
    if (this.waiting) this.running.pause();
    else this.running.play();
  }

  /** A focused logo must be seen: where it is cut off, the band stands so that it starts with that logo. */
  #bringIntoView(link) {
    const slide = link.closest('.slide');
    if (!slide || this.held || !link.matches(':focus-visible')) return;
    const [logo, view] = [slide, this.strip.parentElement].map((one) => one.getBoundingClientRect());
    if (logo.left >= view.left && logo.right <= view.right) return;
    const { duration } = this.running.effect.getTiming();
    const [first, own] = [slide.parentElement.firstElementChild, slide];
    const ends = this.plan.way < 0; // where lines end on the left, a logo begins at its right edge
    const from = ends ? first.offsetLeft + first.offsetWidth - own.offsetLeft - own.offsetWidth : own.offsetLeft - first.offsetLeft;
    const laps = from / this.range.lapLength;
    const forward = this.plan.changes[0].on[0].to.x > 0;
    this.running.pause(); // before the time is set, or a frame more would pass
    this.running.currentTime = (forward ? laps : 1 - laps) * duration;
    this.frame.querySelector('.view').scrollLeft = 0;
  }
}
