// The dialog that picks pictures from the library: found by a search, a page after another, or brought in it.
import { answerOf, once } from './dialogs.js';
import { draw } from './drawing.js';
import { notice } from './http.js';
import { again, bring, leave } from './uploads.js';
import { REST } from './wish.js';

const { there, asking } = once();

/**
 * Lets a person pick.
 *
 * @param most how many at the most
 * @returns the picked pictures [{ id, name, thumbnail, large }], in the order of picking; empty when nothing was picked
 */
export const pick = async (most = Infinity) => (await asking).pick(most);

export function picking() {
  let most;
  let asked = 0; // lists that were asked for: an answer that comes after a newer one is passed over
  let shown; // pages
  let resting;

  return {
    picked: [], // { id, name, thumbnail, large }, also of those that are not shown at present
    rows: [], // files that are brought
    again,

    init() {
      there(this);
    },

    get none() {
      return !this.picked.length;
    },
    get bringsNone() {
      return !this.rows.length;
    },
    get says() {
      return this.none ? 'None picked' : `${this.picked.length} picked`;
    },

    async pick(wanted) {
      most = wanted;
      this.picked = [];
      this.$refs.q.value = '';
      try {
        await this.find(1);
      } catch {
        notice('Keen Reel was not reached. Pictures can be picked as soon as it is.');
        return [];
      }
      const answer = await answerOf(this.$root);
      clearTimeout(resting);
      asked += 1;
      return answer === 'take' ? this.picked.map((one) => ({ ...one })) : [];
    },

    /** The first pages of what fits the search. */
    async find(pages) {
      const mine = ++asked;
      const answer = await fetch(`/pictures/pick?${new URLSearchParams({ q: this.$refs.q.value, pages })}`);
      if (!answer.ok) throw new Error(`answered with ${answer.status}`);
      const html = await answer.text();
      if (mine !== asked) return;
      shown = pages;
      draw(this.$refs.found, html);
      this.mark();
    },
    tried(pages) {
      return this.find(pages).catch(() => notice('Keen Reel was not reached. The pictures are as they were found before.'));
    },
    more() {
      return this.tried(shown + 1);
    },
    seek() {
      clearTimeout(resting);
      resting = setTimeout(() => this.tried(1), REST);
    },
    seekNow() {
      clearTimeout(resting);
      this.tried(1);
    },

    /** Shows which are picked, and in which order. */
    mark() {
      this.$refs.found.querySelectorAll('[data-picture]').forEach((button) => {
        const place = this.picked.findIndex(({ id }) => id === button.dataset.picture);
        button.setAttribute('aria-pressed', place >= 0);
        button.dataset.place = place >= 0 && most > 1 ? place + 1 : '';
      });
    },
    take(picture) {
      if (this.picked.length >= most) this.picked.shift();
      this.picked.push(picture);
      this.mark();
    },
    press({ target }) {
      const button = target.closest('[data-picture]');
      if (!button) return;
      const { picture: id, name, thumbnail, large } = button.dataset;
      const place = this.picked.findIndex((one) => one.id === id);
      if (place < 0) this.take({ id, name, thumbnail, large });
      else this.picked.splice(place, 1);
      this.mark();
    },
    use() {
      this.$root.close('take');
    },
    async bringFiles({ target }) {
      const files = [...target.files];
      target.value = '';
      await bring(files, this.rows, (picture) => picture && this.take({ id: picture.id, name: picture.name, thumbnail: picture.thumbnail, large: picture.large }));
      leave(this.rows, 'done');
      this.tried(1);
    },
  };
}
