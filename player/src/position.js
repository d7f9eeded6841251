// Led by position: the strip goes from stop to stop, and with a hand.
import { timing } from './poses.js';
import { Stops } from './stops.js';

export class Position extends Stops {
  beyond = 0; // by how many laps what is under way ends round the seam
  turned = false; // whether slides stand laps away from where they are laid out
  #slide; // the one that the visitor came to, while a range shows it among others
  #from = 0; // how far from where its stop stands the strip was taken, px

  constructor(reel, plan, host) {
    super(reel, plan, host);
    this.on(this.strip.parentElement, 'click', (event) => this.#toward(event));
    this.stand(0);
  }

  /** A neighbour of the slide in the middle is pressed: it comes there. What is inert hears nothing itself. */
  #toward({ clientX, clientY, defaultPrevented }) {
    if (!this.range.middle || defaultPrevented) return;
    const pressed = this.slides.findIndex((slide) => {
      const { left, right, top, bottom } = slide.getBoundingClientRect();
      return this.upright ? clientY >= top && clientY < bottom : clientX >= left && clientX < right;
    });
    if (pressed >= 0 && pressed !== this.range.stops[this.wanted][0]) this.visit(this.stopOf(pressed));
  }

  /** Of a row that stands upright, what keys do on its controls; elsewhere they scroll the page, as a finger does. */
  get upright() {
    return this.plan.axis === 'y' && { ArrowUp: -this.plan.way, ArrowDown: this.plan.way };
  }

  /** The stop that begins with a slide, or the nearest one that shows it; where a row goes round others show it too. */
  stopOf(slide) {
    const own = this.range.stops.findIndex(([first]) => first === slide);
    return own < 0 ? Math.max(0, this.range.stops.findLastIndex((stop) => stop.includes(slide))) : own;
  }

  /** 1 where what comes later is to the right, or below; else -1. */
  get #way() {
    return this.upright ? 1 : this.plan.way;
  }

  /** Moved so far along the row. */
  #along(far) {
    return `translate${this.upright ? 'Y' : 'X'}(calc(${far}))`;
  }

  /** Where the strip is, px to the right of, or below, where its slides are laid out. */
  get #here() {
    const { e, f } = new DOMMatrix(getComputedStyle(this.strip).transform);
    return this.upright ? f : e;
  }

  /** How long the view is, px. */
  get #view() {
    const { clientWidth, clientHeight } = this.strip.parentElement;
    return this.upright ? clientHeight : clientWidth;
  }

  /** Where a slide begins for those who read, px. */
  #edge({ offsetLeft, offsetTop, offsetWidth }) {
    if (this.upright) return offsetTop;
    return this.plan.way < 0 ? offsetLeft + offsetWidth : offsetLeft;
  }

  /** How many steps away from the first stop another is. */
  #steps(stop) {
    return this.range.steps?.[stop] ?? stop;
  }

  /** The strip's transform so many steps on, with some px more while it is dragged. */
  #moved(steps, more = 0) {
    return this.#along(`var(--step) * ${-steps} + ${more}px`);
  }

  /** The same at a stop. */
  #offset(stop, more) {
    return this.#moved(this.#steps(stop), more);
  }

  isNear(i) {
    const shown = this.range.stops[this.stop] ?? [];
    const ahead = this.#round ? (i - shown[0] + this.stops) % this.stops : i - (shown[0] ?? 0);
    return ahead <= 2 * shown.length || (this.#round && ahead >= this.stops - 2);
  }

  /** Whether the first slide follows the last. */
  get #round() {
    return this.range.seam !== undefined;
  }

  /** How far a step is, px. */
  get #step() {
    const [first, second] = this.slides.map((one) => this.#edge(one));
    return second === undefined ? this.#view : Math.abs(second - first);
  }

  /** So many laps on stands a slide, so that it is in its place while the strip is so many steps on. */
  #laps(i, steps) {
    return this.#round ? Math.ceil((steps - i - this.range.seam) / this.stops) : 0;
  }

  /** How a slide stands while the strip is so many steps on: laps away from where it is laid out, paler and smaller beside the middle. */
  #stance(i, steps, laps = this.#laps(i, steps)) {
    const { paler, smaller, before } = this.range.middle ?? { paler: 0, smaller: 0, before: 0 };
    const away = Math.min(1, Math.abs(i + laps * this.stops - steps));
    const moved = (laps + (i >= this.stops - before)) * this.stops; // the last ones are laid out before the first
    const transform = `${moved ? this.#along(`var(--step) * ${moved}`) : ''} ${smaller * away ? `scale(${1 - smaller * away})` : ''}`;
    return { transform: transform.trim() || 'none', opacity: 1 - paler * away };
  }

  /** All slides stand as they belong while the strip is so many steps on. */
  #turn(steps) {
    if (!this.#round && !this.turned) return;
    this.turned = this.#round; // where it no longer goes round they are put back once
    this.slides.forEach(({ style }, i) => {
      const { transform, opacity } = this.#round ? this.#stance(i, steps) : { transform: '', opacity: '' };
      if (style.transform !== transform) style.transform = transform;
      if (style.opacity !== String(opacity)) style.opacity = opacity;
    });
  }

  /** How a slide stands on the way between two places, at every moment from which it goes another way. */
  #frames(i, start, end) {
    const [now, then] = [start, end].map((steps) => this.#laps(i, steps));
    const at = (steps, laps) => ({ offset: (steps - start) / (end - start), ...this.#stance(i, steps, laps) });
    const frames = [at(start, now)];
    if (now !== then) {
      const seam = i + this.range.seam + this.stops * Math.min(now, then); // where nobody sees it
      frames.push(at(seam, now), at(seam, then));
    }
    if (this.range.middle) for (const laps of [now, then]) for (const away of [-1, 0, 1]) frames.push(at(i + laps * this.stops + away, laps));
    frames.push(at(end, then)); // last, because of those at one moment the first is gone to
    return frames.filter(({ offset }) => offset >= 0 && offset <= 1).sort((a, b) => a.offset - b.offset);
  }

  /**
   * The strip goes from one place to another; slides that come round the seam change over on the way.
   *
   * @param first its transform now, so many steps on
   */
  #go(first, start, end, options) {
    const moving = [this.strip.animate([{ transform: first }, { transform: this.#moved(end) }], options)];
    if (!this.#round || Math.abs(end - start) < 1e-6) return moving;
    this.slides.forEach((slide, i) => {
      const frames = this.#frames(i, start, end);
      const looks = new Set(frames.map(({ transform, opacity }) => transform + opacity));
      if (looks.size > 1) moving.push(slide.animate(frames, options));
      else Object.assign(slide.style, { transform: frames[0].transform, opacity: frames[0].opacity });
    });
    return moving;
  }

  /** The slide that a visitor came to is kept, whichever of its neighbours it is shown with. */
  rearranged(former) {
    const shown = former.stops[this.wanted] ?? [];
    const slide = shown.includes(this.#slide) ? this.#slide : shown[0];
    this.count();
    this.stand(this.stopOf(slide)); // at once: standing elsewhere in between would send focus away
    this.#slide = slide;
  }

  stand(stop) {
    super.stand(stop);
    this.#slide = undefined; // whoever goes on is at another one
    this.strip.style.transform = this.#offset(stop);
    this.#turn(stop);
  }

  /** Round the seam the nearer way is taken. */
  visit(stop, forward) {
    const ahead = (stop - this.wanted + this.stops) % this.stops;
    super.visit(stop, forward ?? (this.#round ? 2 * ahead <= this.stops : undefined));
  }

  /** On its way to one stop, it goes on to another from where it is. */
  begin(to, forward) {
    const here = this.moving.length ? this.#here : undefined;
    const { beyond } = this;
    this.stand(this.wanted);
    super.begin(to, forward, here === undefined ? undefined : { px: here, laps: beyond });
  }

  animate(from, to, forward, here) {
    const way = this.way(from, to, forward);
    const start = this.#steps(from);
    this.beyond = this.#round && forward !== to > from && to !== from ? (forward ? 1 : -1) : 0;
    const end = this.#steps(to) + this.beyond * this.stops;
    return (forward ? way.on : way.back).flatMap((piece) => {
      const options = timing(piece, way.ms);
      if (here !== undefined) return this.#on(here, end, options);
      const [first, last] = [piece.from, piece.to].map(({ x }) => start + (end - start) * x);
      return this.#go(this.#moved(first), first, last, options);
    });
  }

  /** From where it was, before it went round the seam so many laps. */
  #on({ px, laps }, end, options) {
    const back = laps * this.stops;
    const steps = (-px * this.#way) / this.#step - back;
    return this.#go(this.#along(`${px}px + var(--step) * ${back}`), steps, end, options);
  }

  /** A hand takes the strip from where it is. */
  taken() {
    const here = this.#here;
    const laps = this.moving.length ? this.beyond : 0;
    this.arrive();
    this.stand(this.stop);
    this.#from = here - this.#here + laps * this.stops * this.#step * this.#way;
  }

  /** A hand has moved it so far, px. */
  dragged(by) {
    const gone = this.#from + by;
    this.strip.style.transform = this.#offset(this.stop, gone);
    this.#turn(this.#steps(this.stop) - (gone * this.#way) / this.#step);
  }

  /** A hand lets it go: it comes to stand at a stop from where it is. */
  dropped(by) {
    const px = this.#here;
    const { ms: duration, easing, toward } = this.plan.settle;
    const gone = this.#from + by;
    const step = this.#round ? this.#step : this.#stepOfStops;
    const wanted = this.stop - this.#way * Math.sign(gone) * Math.round(Math.abs(gone) / step + toward);
    const laps = this.#round ? Math.floor(wanted / this.stops) : 0;
    const to = Math.min(Math.max(wanted - laps * this.stops, 0), this.stops - 1);
    if (this.moves) this.wait('paused');
    this.stand(to);
    this.beyond = 0;
    if (!this.still) this.moving = this.#on({ px, laps }, this.#steps(to), { duration, easing });
  }

  /** From the first stop to the second, px; the last one may be shorter. */
  get #stepOfStops() {
    const [first, second] = this.range.stops.map(([one]) => this.#edge(this.slides[one]));
    return second === undefined ? this.#view : Math.abs(second - first);
  }

  /** It was not meant. */
  left() {
    this.strip.style.transform = this.#offset(this.stop);
    this.#turn(this.#steps(this.stop));
  }
}
