// Led by position: the strip goes from stop to stop, and with a hand. Where it is is counted in steps from the first stop.
import { Stops } from './stops.js';
import { RESISTS } from './swiping.js';

export class Position extends Stops {
  beyond = 0; // by how many laps what is under way ends round the seam
  #from = 0; // where a hand took the strip

  constructor(reel, plan, host) {
    super(reel, plan, host);
    this.stand(0);
  }

  /** Of a row that stands upright, what keys do on its controls; elsewhere they scroll the page, as a finger does. */
  get upright() {
    return this.plan.axis === 'y' && { ArrowUp: -this.plan.way, ArrowDown: this.plan.way };
  }

  /** Moved so far along the row. */
  along(far) {
    return `translate${this.upright ? 'Y' : 'X'}(calc(${far}))`;
  }

  /** Where a slide begins for those who read, px. */
  #edge({ offsetLeft, offsetTop, offsetWidth }) {
    if (this.upright) return offsetTop;
    return this.plan.way < 0 ? offsetLeft + offsetWidth : offsetLeft;
  }

  /** How many steps on that is, px to the right or down. */
  #steps(px) {
    const [first, second] = this.range.stops.map(([slide]) => this.#edge(this.slides[slide]));
    return (px * this.steps(1)) / (first - second);
  }

  /** Where the strip is, in the lap of the stop that it goes to. */
  get #here() {
    const { e, f } = new DOMMatrix(getComputedStyle(this.strip).transform);
    return this.#steps(this.upright ? f : e) - (this.moving.length && this.beyond * this.stops);
  }

  /** How many steps away from the first stop another is. */
  steps(stop) {
    return this.range.steps?.[stop] ?? stop;
  }

  /** The strip's transform so many steps on. */
  #moved(steps) {
    return this.along(`var(--step) * ${-steps}`);
  }

  /** Everything is where it belongs so many steps on. */
  #place(steps) {
    this.strip.style.transform = this.#moved(steps);
    this.turning?.turn(steps);
  }

  isNear(i) {
    const shown = this.range.stops[this.stop] ?? [];
    const ahead = this.round ? (i - shown[0] + this.stops) % this.stops : i - shown[0];
    return ahead <= 2 * shown.length || (this.round && ahead >= this.stops - 2);
  }

  /** Whether the first slide follows the last. */
  get round() {
    return this.range.seam !== undefined;
  }

  /** The strip goes from one place to another. */
  #go(start, end, options) {
    const strip = this.strip.animate([{ transform: this.#moved(start) }, { transform: this.#moved(end) }], options);
    return [strip, ...(this.turning?.run(start, end, options) ?? [])];
  }

  stand(stop) {
    super.stand(stop);
    this.#place(this.steps(stop));
  }

  /** Round the seam the nearer way is taken. */
  visit(stop, forward) {
    const ahead = (stop - this.wanted + this.stops) % this.stops;
    super.visit(stop, forward ?? (this.round ? 2 * ahead <= this.stops : undefined));
  }

  /** On its way to one stop, it goes on to another from where it is. */
  begin(to, forward) {
    const here = this.moving.length ? this.#here : undefined;
    this.stand(this.wanted);
    super.begin(to, forward, here);
  }

  animate(from, to, forward, here) {
    const way = this.way(from, to, forward);
    const start = this.steps(from);
    this.beyond = this.round && forward !== to > from && to !== from ? (forward ? 1 : -1) : 0;
    const end = this.steps(to) + this.beyond * this.stops;
    return (forward ? way.on : way.back).flatMap((piece) => {
      const [first, last] = [piece.from, piece.to].map(({ x }) => start + (end - start) * x);
      return this.#go(here ?? first, last, piece.when);
    });
  }

  /** A hand takes the strip from where it is. */
  taken() {
    this.#from = this.#here;
    this.stand(this.wanted);
  }

  /** A hand has moved it so far, px; beyond an end it resists. Says where that is. */
  dragged(by) {
    const at = this.#from + this.#steps(by);
    const within = this.round ? at : Math.min(Math.max(at, 0), this.steps(this.stops - 1));
    const there = within + (at - within) / RESISTS;
    this.#place(there);
    return there;
  }

  /** A hand lets it go: it comes to stand at a stop from where it is. */
  dropped(by, thrown) {
    const here = this.dragged(by);
    const { toward, ...when } = this.plan.settle;
    const gone = this.#from + this.#steps(thrown) - this.steps(this.stop);
    const wanted = this.stop + Math.sign(gone) * Math.round(Math.abs(gone) / this.steps(1) + toward); // the last one may be shorter
    const laps = this.round ? Math.floor(wanted / this.stops) : 0;
    const to = Math.min(Math.max(wanted - laps * this.stops, 0), this.stops - 1);
    this.takenOver();
    this.stand(to);
    this.beyond = 0;
    if (!this.still) this.moving = this.#go(here - laps * this.stops, this.steps(to), when);
  }

  /** It was not meant. */
  left() {
    this.stand(this.stop);
  }
}
