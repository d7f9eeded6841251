// Led by position: the strip goes from stop to stop, and with a hand.
import { timing } from './poses.js';
import { Stops } from './stops.js';

export class Position extends Stops {
  #from = 0; // how far from where its stop stands the strip was taken, px

  constructor(reel, plan, host) {
    super(reel, plan, host);
    this.stand(0);
  }

  /** Where the strip is, px to the right of where its slides are laid out. */
  get #here() {
    return new DOMMatrix(getComputedStyle(this.strip).transform).e;
  }

  /** The strip's transform at a stop, with some px more while it is dragged. */
  #offset(stop, more = 0) {
    return `translateX(calc(var(--step) * ${-stop} + ${more}px))`;
  }

  isNear(i) {
    return i <= this.stop + 2 * (this.range.stops[this.stop] ?? []).length;
  }

  stand(stop) {
    super.stand(stop);
    this.strip.style.transform = this.#offset(stop);
  }

  /** On its way to one stop, it goes on to another from where it is. */
  begin(to, forward) {
    const here = this.moving.length ? this.#here : undefined;
    this.stand(this.wanted);
    super.begin(to, forward, here);
  }

  animate(from, to, forward, here) {
    const way = this.way(from, to, forward);
    return (forward ? way.on : way.back).map((piece) => {
      const at = ({ x }) => ({ transform: this.#offset(from + (to - from) * x) });
      const start = here === undefined ? at(piece.from) : { transform: `translateX(${here}px)` };
      return this.strip.animate([start, at(piece.to)], timing(piece, way.ms));
    });
  }

  /** A hand takes the strip from where it is. */
  taken() {
    const here = this.#here;
    this.arrive();
    this.stand(this.stop);
    this.#from = here - this.#here;
  }

  /** A hand has moved it so far, px. */
  dragged(by) {
    this.strip.style.transform = this.#offset(this.stop, this.#from + by);
  }

  /** A hand lets it go: it comes to stand at a stop from where it is. */
  dropped(by) {
    const here = this.#here;
    const { ms: duration, easing, toward } = this.plan.settle;
    const [first, second] = this.slides;
    const step = second ? Math.abs(second.offsetLeft - first.offsetLeft) : this.strip.parentElement.clientWidth;
    const gone = this.#from + by;
    const wanted = this.stop - this.plan.way * Math.sign(gone) * Math.round(Math.abs(gone) / step + toward);
    const to = Math.min(Math.max(wanted, 0), this.stops - 1);
    if (this.moves) this.wait('paused');
    this.stand(to);
    if (!this.still) this.moving = [this.strip.animate([{ transform: `translateX(${here}px)` }, { transform: this.#offset(to) }], { duration, easing })];
  }

  /** It was not meant. */
  left() {
    this.strip.style.transform = this.#offset(this.stop);
  }
}
