// Led by distance: every slide stands as far as it is from the stop, and passes through all that lies between.
import { Stops } from './stops.js';
import { RESISTS } from './swiping.js';

export class Distance extends Stops {
  #path = { start: 0, delta: 0 }; // from where, and how far, a change leads
  #from = 0; // where a hand took it

  constructor(reel, plan, host) {
    super(reel, plan, host);
    this.on(this.strip.parentElement, 'click', (event) => this.#bring(event));
    this.stand(0);
  }

  /** How many stops away the nearest slide is that is not seen. */
  get #beyond() {
    return (this.range.stances.length - 1) / 2; // there is one for each half
  }

  /** What has to be taken from a distance so that it is the shorter way round. */
  #laps(distance) {
    return this.range.round ? this.slides.length * Math.round(distance / this.slides.length - 1e-9) : 0;
  }

  /** How a slide stands that far away; between two stances in proportion. */
  #pose(distance) {
    const away = 2 * Math.min(Math.abs(distance), this.#beyond);
    const [former, next] = [Math.floor(away), Math.ceil(away)].map((i) => this.range.stances[i]);
    const [shift, back, turn, scale, opacity] = former.map((value, i) => value + (next[i] - value) * (away % 1));
    const side = Math.sign(distance);
    const { way } = this.plan; // a step leads the way that is read
    return {
      transform: `translate3d(calc(var(--step) * ${side * shift}), 0, calc(var(--step) * ${back * way})) rotateY(${side * way * turn}deg) scale(${scale})`,
      opacity,
    };
  }

  /** Stands in between of stops, as long as a hand moves it. */
  #place(at) {
    this.slides.forEach((slide, i) => {
      const distance = i - at - this.#laps(i - at);
      Object.assign(slide.style, this.#pose(distance));
      slide.classList.toggle('far', Math.abs(distance) >= this.#beyond + 1);
    });
  }

  /** Where it is, in stops. */
  get #here() {
    const { start, delta } = this.#path;
    const [first] = this.moving;
    return first ? start + delta * first.effect.getComputedTiming().progress : this.stop;
  }

  isNear(i) {
    const distance = i - this.stop;
    return Math.abs(distance - this.#laps(distance)) <= this.#beyond;
  }

  stand(stop) {
    super.stand(stop);
    this.#place(stop);
  }

  /** On its way to one stop, it goes on to another from where it is. */
  begin(to, forward) {
    const here = this.#here;
    this.stand(this.wanted);
    super.begin(to, forward, here);
  }

  animate(from, to, forward, here) {
    const way = this.way(from, to, forward);
    return this.#run(here, to, (forward ? way.on : way.back)[0].when);
  }

  /** The animations of all slides that are seen on the way; a long one passes over what lies in the middle. */
  #run(here, to, when) {
    let delta = to - here - this.#laps(to - here);
    const most = 2 * this.#beyond;
    const over = Math.abs(delta) > most ? delta - Math.sign(delta) * most : 0; // what is passed over
    delta -= over;
    this.#path = { start: here, delta };
    return this.slides.flatMap((slide, i) => {
      const leaves = i - here - this.#laps(i - here);
      const comes = i - to - this.#laps(i - to);
      const start = over && Math.abs(leaves) > this.#beyond ? comes + delta : leaves;
      const frames = this.#frames(start, delta);
      if (frames.every(({ opacity }) => !opacity)) return [];
      slide.classList.remove('far');
      return [slide.animate(frames, when)];
    });
  }

  /** From one distance to another, with every half that lies between; where a slide goes round, unseen, it is on the other side at once. */
  #frames(start, delta) {
    const shares = [0, 1];
    const [least, most] = [start, start - delta].sort((a, b) => a - b);
    for (let half = Math.ceil(2 * least); half <= 2 * most; half++) {
      const share = (start - half / 2) / delta;
      if (share > 0 && share < 1) shares.push(share);
    }
    shares.sort((a, b) => a - b);
    return shares.slice(1).flatMap((end, i) => {
      const begin = shares[i];
      const laps = this.#laps(start - (delta * (begin + end)) / 2);
      return [begin, end].map((offset) => ({ offset, ...this.#pose(start - delta * offset - laps) }));
    });
  }

  /** A hand takes it from where it is. */
  taken() {
    this.#from = this.#here;
    this.arrive();
    this.stand(this.stop);
    this.#place(this.#from);
  }

  /** How many stops it is moved by so many px. */
  #stops(by) {
    const [[shift]] = this.range.stances.slice(2);
    return (-by * this.plan.way) / (this.slides[this.stop].offsetWidth * shift);
  }

  /** That place, or the end beyond which it is. */
  #within(at) {
    return this.range.round ? at : Math.min(Math.max(at, 0), this.stops - 1);
  }

  /** A hand has moved it so far, px; beyond an end it resists. Says where that is. */
  dragged(by) {
    const at = this.#from + this.#stops(by);
    const within = this.#within(at);
    const there = within + (at - within) / RESISTS;
    this.#place(there);
    return there;
  }

  /** A hand lets it go: it comes to stand at a stop from where it is. */
  dropped(by, thrown) {
    const here = this.dragged(by);
    const { toward, ...when } = this.plan.settle;
    const gone = this.#from + this.#stops(thrown) - this.stop;
    const wanted = this.stop + Math.sign(gone) * Math.round(Math.abs(gone) + toward);
    const to = this.range.round ? ((wanted % this.stops) + this.stops) % this.stops : this.#within(wanted);
    this.takenOver();
    this.stand(to);
    if (!this.still) this.moving = this.#run(here, to, when);
  }

  /** It was not meant. */
  left() {
    this.#place(this.stop);
  }

  /** A press on a neighbour brings it to the front: of those that are seen there, the nearest one. */
  #bring({ clientX, clientY, target }) {
    if (target.closest('.slide')) return;
    const there = this.slides
      .map((slide, i) => ({ i, away: Math.abs(i - this.stop - this.#laps(i - this.stop)), box: slide.getBoundingClientRect() }))
      .filter(({ away, box }) => away < this.#beyond && clientX >= box.left && clientX < box.right && clientY >= box.top && clientY < box.bottom)
      .sort((a, b) => a.away - b.away);
    if (there.length && there[0].away) this.visit(there[0].i);
  }
}
