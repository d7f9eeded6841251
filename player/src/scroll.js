// Led by the page's scrolling: what moves stands where the reel's way through the window says.
import { Piece } from './piece.js';
import { pose, timing } from './poses.js';

export class Scroll extends Piece {
  moving = [];

  constructor(reel, plan, host) {
    super(reel, plan, host);
    const { on, ms } = plan.changes[0];
    const slides = [...this.strip.querySelectorAll(':scope > .slide')];
    this.moving = on.flatMap((piece) => {
      const targets = piece.on === 'strip' ? [this.strip] : slides;
      return targets.map((target) => target.animate([pose(piece.from), pose(piece.to)], timing(piece, ms)));
    });
    this.moving.forEach((animation) => animation.pause());
    this.on(window, 'scroll', () => this.follow(), { passive: true, capture: true }); // of anything around it
    this.on(window, 'resize', () => this.follow());
    this.watch(new ResizeObserver(() => this.follow()), document.documentElement); // what stands above it may have grown
    this.follow();
  }

  /** Stands at that time of its way. */
  show(ms) {
    this.moving.forEach((animation) => (animation.currentTime = ms));
  }

  /** With reduced motion it stays where its way begins. */
  follow() {
    if (this.held) return;
    const { top, height } = this.frame.getBoundingClientRect();
    const gone = (innerHeight - top) / (innerHeight + height);
    this.show(this.still ? 0 : Math.min(1, Math.max(0, gone)) * this.plan.changes[0].ms);
  }

  rearranged() {
    this.follow();
  }

  waitingChanged() {
    this.follow();
  }
}
