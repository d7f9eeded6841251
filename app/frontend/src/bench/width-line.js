// The line of all page widths: a stretch for each set-up, a mark for each page of the wall, and a grip for one width more.
import { send } from '../http.js';

export class WidthLine {
  #asking = false;

  constructor(place, wall, bench) {
    this.place = place;
    this.wall = wall;
    this.bench = bench;
    if (!place) return;
    this.grip = place.querySelector('input');
    this.any = place.querySelector('[data-any]');
    this.key = `another page of ${document.body.dataset.reel}`;
    this.grip.addEventListener('input', () => this.take(Number(this.grip.value)));
    document.addEventListener('click', ({ target }) => target.closest('[data-put-away]') && this.putAway());
    const kept = Number(sessionStorage.getItem(this.key));
    if (kept) {
      this.grip.value = kept;
      this.take(kept);
    }
    this.draw();
  }

  get #from() {
    return Number(this.grip.min);
  }

  #share(width) {
    return `${(100 * (width - this.#from)) / (Number(this.grip.max) - this.#from)}%`;
  }

  /** Places everything on the line. */
  draw() {
    if (!this.place) return;
    this.place.querySelectorAll('.stretch').forEach(({ style, dataset }) => {
      style.left = this.#share(dataset.from);
      style.width = `calc(${this.#share(Number(dataset.to) + this.#from - dataset.from)} - 3px)`;
    });
    this.place.querySelectorAll('[data-mark]').forEach(({ style, dataset }) => (style.left = this.#share(dataset.mark)));
    this.any.style.left = this.#share(this.grip.value);
    this.any.textContent = this.bench.page ? this.grip.value : 'any width';
    this.place.classList.toggle('taken', Boolean(this.bench.page));
  }

  /** A page of that width joins the wall; while the grip is dragged only the newest width is asked for. */
  async take(page) {
    this.bench.page = page;
    sessionStorage.setItem(this.key, page);
    this.draw();
    if (this.#asking) return;
    this.#asking = true;
    try {
      let shown;
      do {
        shown = this.bench.page;
        const screens = await send('GET', `/reels/${document.body.dataset.reel}/screens?page=${shown}`);
        if (this.bench.page) this.wall.another(screens[3]);
      } while (this.bench.page && this.bench.page !== shown);
    } catch {
      // the next width asks again
    }
    this.#asking = false;
  }

  putAway() {
    this.bench.page = null;
    sessionStorage.removeItem(this.key);
    this.wall.another(undefined);
    this.draw();
    this.grip.focus();
  }
}
