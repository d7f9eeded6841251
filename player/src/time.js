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
    const { changes, axis = 'x' } = this.plan;
    const piece = changes[0].on[0];
    const { lapTime } = this.range;
    const at = (laps) => ({ transform: `translate${axis}(calc(var(--step) * ${-laps}))` });
    const running = this.strip.animate([at(piece.from.x), at(piece.to.x)], {
      duration: lapTime,
      easing: piece.when.easing,
      iterations: Infinity,
    });
    running.currentTime = share * lapTime;
    this.running = running;
    this.#pace();
  }

  /** While nothing but a pointer asks it to wait, it goes as fast as it may under one. */
  #pace() {
    const rate = !this.waiting ? 1 : this.waiting === 1 && this.waitsFor('pointed') ? this.plan.pointed : 0;
    if (rate && !this.held) {
      this.running.updatePlaybackRate(rate);
      this.running.play();
    } else {
      this.running.pause();
    }
  }

  get share() {
    const { duration } = this.running.effect.getTiming();
    return ((this.running.currentTime ?? 0) % duration) / duration;
  }

  rearranged() {
    this.run(this.share);
  }

  waitingChanged() {
    this.#pace();
  }

  /** A focused logo must be seen: where it is cut off, the band stands so that it starts with that logo. */
  #bringIntoView(link) {
    const slide = link.closest('.slide');
    if (!slide || this.held || !link.matches(':focus-visible')) return;
    const view = this.strip.parentElement;
    const [logo, seen] = [slide, view].map((one) => one.getBoundingClientRect());
    const down = this.plan.axis === 'y';
    if (down ? logo.top >= seen.top && logo.bottom <= seen.bottom : logo.left >= seen.left && logo.right <= seen.right) return;
    const { duration } = this.running.effect.getTiming();
    const first = slide.parentElement.firstElementChild;
    const end = (one) => one.offsetLeft + one.offsetWidth;
    const across = this.plan.way < 0 ? end(first) - end(slide) : slide.offsetLeft - first.offsetLeft; // lines may end on the left
    const laps = (down ? slide.offsetTop - first.offsetTop : across) / this.range.lapLength;
    const forward = this.plan.changes[0].on[0].to.x > 0;
    this.running.pause(); // before the time is set, or a frame more would pass
    this.running.currentTime = (forward ? laps : 1 - laps) * duration;
    view.scrollTo(0, 0);
  }
}
