// The larger view comes at its first press.
import { load, use } from './loading.js';

export class Enlarging {
  #early; // what keys were pressed while the view was coming: they are meant for it

  constructor(piece) {
    this.piece = piece;
    piece.on(piece.reel, 'click', (event) => this.#pressed(event));
    const meant = (event) => {
      if (!this.#early) return;
      event.stopPropagation();
      this.#early.push(event);
    };
    piece.on(piece.reel, 'keydown', meant, { capture: true }); // before the reel
    if (piece.plan.addressed) {
      piece.on(window, 'hashchange', () => this.#asked());
      this.#asked();
    }
  }

  /** The page's address may say which picture is wanted. */
  #asked() {
    const { piece } = this;
    if (/^#reel-/.test(location.hash)) use(piece.plan.larger, (Larger) => Larger.asked(piece));
  }

  /** Where the view cannot be had, the picture itself is gone to, as without a script. */
  async #pressed(event) {
    const pressed = event.target.closest('.larger');
    if (!pressed || event.ctrlKey || event.metaKey || event.shiftKey) return; // a new window is the browser's
    event.preventDefault();
    const early = (this.#early = []);
    try {
      const Larger = await load(this.piece.plan.larger);
      this.view ??= new Larger(this.piece);
      if (this.piece.reel.isConnected) this.view.open(pressed.closest('.slide'), early);
    } catch {
      location.assign(pressed.href);
    }
    this.#early = undefined;
  }
}
