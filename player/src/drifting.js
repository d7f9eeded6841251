// Pictures that move slowly while their slide stands: from when it begins to come until it is gone.

export class Drifting {
  #moving = new Map(); // by slide: what moves in it

  constructor(piece) {
    this.piece = piece;
    piece.drifting = this;
    this.stand(piece.stop);
  }

  #slide(stop) {
    const { range, plan } = this.piece;
    const [i] = range.stops[stop];
    return { i, slide: this.piece.slides[i], into: plan.changes[plan.into[i]].ms };
  }

  /** A stop begins to come, or has been coming and standing for so long, ms. Where nothing goes on by itself, nothing drifts. */
  come(stop, ms = 0) {
    const { plan, held, still, stops } = this.piece;
    const { i, slide, into } = this.#slide(stop);
    const drift = plan.drifts[i];
    if (!drift || still || (!held && this.piece.waitsFor('paused'))) return;
    const duration = into + plan.holds[i] + this.#slide((stop + 1) % stops).into;
    const all = [...slide.querySelectorAll('.crop > [class^=picture]')].map((picture) => picture.animate([drift.from, drift.to], { duration, fill: 'both' }));
    this.#moving.get(slide)?.forEach((one) => one.cancel());
    this.#moving.set(slide, all);
    this.at(stop, ms);
    this.wait();
  }

  stand(stop) {
    const { slide, into } = this.#slide(stop);
    this.#moving.forEach((all, one) => {
      if (one === slide) return;
      all.forEach((animation) => animation.cancel());
      this.#moving.delete(one);
    });
    if (!this.#moving.has(slide)) this.come(stop, into);
  }

  /** Puts the pictures of a stop where they are so long after it began to come, ms. */
  at(stop, ms) {
    this.#moving.get(this.#slide(stop).slide)?.forEach((one) => (one.currentTime = ms));
  }

  /** Stands while the reel waits. */
  wait() {
    const waits = this.piece.held || this.piece.waiting;
    this.#moving.forEach((all) => all.forEach((one) => (waits ? one.pause() : one.playState === 'paused' && one.play())));
  }
}
