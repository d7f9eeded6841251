// Led by change: one slide gives way to another, piece by piece as the plan says.
import { run } from './pieces.js';
import { Stops } from './stops.js';
import { TURN } from './swiping.js';

export class Change extends Stops {
  #pace = 1; // -1 while a change plays back
  #next; // what a visitor asked for meanwhile: a stop, and whether it lies forward

  constructor(reel, plan, host) {
    super(reel, plan, host);
    this.grounds = [...reel.querySelectorAll('.ground')]; // the colour between two slides, if it is seen
    this.stand(0);
  }

  /** Every slide is a stop at every width: a change that is under way goes on. */
  rearranged(former) {
    if (this.coming === undefined) super.rearranged(former);
  }

  get wanted() {
    return this.#next?.[0] ?? super.wanted;
  }

  /** A change under way plays back from where it is when what leaves is asked for again; before another stop, its rest quickly. */
  ask(stop, forward) {
    if (this.coming === undefined) {
      super.ask(stop, forward);
      return;
    }
    if (stop === this.stop) {
      [this.stop, this.coming] = [this.coming, this.stop];
      this.#pace = -this.#pace;
    }
    this.#next = stop === this.coming ? undefined : [stop, forward];
    this.moving.forEach((animation) => animation.updatePlaybackRate(this.#pace * (this.#next ? this.plan.hurry : 1)));
    this.whenOver();
  }

  over() {
    const next = this.#next;
    super.over();
    if (next) this.ask(...next);
  }

  stand(stop) {
    this.#next = undefined;
    this.#pace = 1;
    this.slides.forEach((slide) => slide.classList.remove('coming'));
    this.cutting?.end();
    super.stand(stop);
  }

  animate(from, to, forward) {
    const [coming, leaving] = [to, from].map((stop) => this.range.stops[stop].map((i) => this.slides[i]));
    coming.forEach((slide) => slide.classList.add('coming'));
    this.drifting?.come(to);
    const way = this.way(from, to, forward);
    return run(forward ? way.on : way.back, { incoming: coming, outgoing: leaving, ground: this.grounds }, this.cutting);
  }

  /** A finger that has gone far enough asks for the next stop. */
  dropped(by, thrown) {
    if (Math.abs(thrown) > TURN) this.step(thrown * this.plan.way < 0 ? 1 : -1);
  }
}
