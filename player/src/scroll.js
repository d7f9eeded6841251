// Led by the page's scrolling: what moves stands where the reel's way through the window says.
import { Piece } from './piece.js';

export class Scroll extends Piece {
  moving = [];

  constructor(reel, plan, host) {
    super(reel, plan, host);
    const { on, ms } = plan.changes[0];
    const slides = [...this.strip.querySelectorAll(':scope > .slide')];
    this.moving = on.flatMap((piece) => {
      const targets = piece.on === 'strip' ? [this.strip] : slides;
      return targets.map((target) => target.animate([piece.from, piece.to], piece.when));
    });
    const way = { transform: ['translateX(var(--from))', 'translateX(var(--to))'] };
    const shifted = [...this.strip.querySelectorAll('.word')].map((word) => word.animate(way, { duration: ms, fill: 'both' }));
    this.moving.push(...shifted);
    // WebKit keeps what lengths were when the way was said
    this.watch(new ResizeObserver(() => shifted.forEach(({ effect }) => effect.setKeyframes(way))), this.frame);
    this.moving.forEach((animation) => animation.pause());
    this.on(window, 'scroll', () => this.follow(), { passive: true, capture: true }); // of anything around it
    this.on(window, 'resize', () => this.follow());
    this.watch(new ResizeObserver(() => this.follow()), document.documentElement); // what stands above it may have grown
    if (plan.stays) {
      this.#lay(); // before it is seen
      this.watch(new ResizeObserver(() => this.#lay()), reel, document.documentElement);
    }
    this.follow();
  }

  /**
   * Where nothing around it is scrolled by a visitor, nothing stays in the window: it is laid out as it would be on paper. So it is
   * in a frame that is as high as the reel, and in what hides what does not fit.
   */
  #lay() {
    const { scrollHeight, clientHeight } = this.#scroller;
    this.reel.classList.toggle('laid', !this.host.dataset.scrolled && scrollHeight <= clientHeight);
  }

  /** What a visitor scrolls, or, where that is not the page, what would have to be. */
  get #scroller() {
    const page = document.scrollingElement;
    for (let node = this.host; node && node !== page; node = node.assignedSlot ?? node.parentElement ?? node.getRootNode().host) {
      const { overflowX, overflowY } = getComputedStyle(node);
      const own = [overflowX, overflowY].some((one) => one !== 'visible' && one !== 'clip');
      const given = node === document.body && getComputedStyle(page).overflow === 'visible'; // to the window
      if (own && !given) return overflowY === 'hidden' ? { scrollHeight: 0, clientHeight: 0 } : node;
    }
    return page;
  }

  /** Stands at that time of its way. */
  show(ms) {
    this.moving.forEach((animation) => (animation.currentTime = ms));
  }

  /** With reduced motion everything stands where it is laid out. */
  follow() {
    if (this.held) return;
    const { top, height } = this.frame.getBoundingClientRect();
    const gone = (innerHeight - top) / (innerHeight + height);
    if (this.still) this.moving.forEach((animation) => animation.cancel());
    else this.show(Math.min(1, Math.max(0, gone)) * this.plan.changes[0].ms);
  }

  rearranged() {
    this.follow();
  }

  waitingChanged() {
    this.follow();
  }
}
