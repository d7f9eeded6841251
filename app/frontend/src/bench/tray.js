// Pictures that the reel does not show, in a row to take from: dragged between cards, or pressed to come behind the picked
// card.
import { draw } from '../drawing.js';
import { notice } from '../http.js';
import { desk } from './desk.js';

export const PICTURE = 'application/x-picture';

export const tray = () => ({
  open: false,
  init() {
    desk.tray = this;
  },

  async turn() {
    this.open = !this.open;
    this.mark();
    if (this.open) await this.list();
  },

  mark() {
    document.querySelector('[data-do=tray]')?.setAttribute('aria-expanded', this.open);
  },

  /** The pictures as they are now. */
  async list() {
    if (!this.open) return;
    this.mark();
    try {
      const answer = await fetch(`/reels/${desk.reel}/unused`);
      if (!answer.ok) throw new Error(answer.statusText);
      const held = document.activeElement?.closest('[data-picture]');
      const at = [...this.$root.querySelectorAll('[data-picture]')].indexOf(held);
      draw(this.$root, await answer.text());
      if (held && !held.isConnected) [...this.$root.querySelectorAll('[data-picture]')].slice(0, at + 1).at(-1)?.focus();
    } catch {
      notice('The pictures could not be read: Keen Reel was not reached.');
    }
  },

  lift({ currentTarget, dataTransfer }) {
    dataTransfer.setData(PICTURE, currentTarget.dataset.picture);
  },

  take({ currentTarget }) {
    const picked = desk.slide && desk.order.placeOf(desk.slide);
    return this.put(currentTarget.dataset.picture, picked?.nextElementSibling?.querySelector('.card').dataset.card ?? null);
  },

  /** Puts a picture before that slide. */
  async put(id, before) {
    await desk.order.add([{ id }], before);
    await this.list();
  },
});
