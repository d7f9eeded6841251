// The history: every revision in words, looked at on the wall, named, brought back. It stands in the place of the brief.
import { draw } from '../drawing.js';
import { notice, send } from '../http.js';
import { desk } from './desk.js';

export function history() {
  const address = `/reels/${desk.reel}/history`;
  let lines = 0; // how many were asked for; 0 for the newest ones

  return {
    open: false,
    looking: null, // the revision that the wall shows; null for what is stored

    init() {
      desk.history = this;
    },

    get says() {
      return this.looking
        ? `The screens show revision ${this.looking}. Nothing is changed by looking.`
        : 'The screens show what is stored. Press a revision to look at it.';
    },

    turn() {
      return this.open ? this.close() : this.begin();
    },

    async begin() {
      const pressed = document.activeElement;
      await desk.edits.settled();
      if (desk.slide) await desk.select(null);
      this.open = desk.bench.withHistory = true;
      await this.list();
      if ([pressed, document.body].includes(document.activeElement)) this.$root.querySelector('[data-look]')?.focus({ preventScroll: true }); // else somebody is elsewhere already
    },

    /** Back to the brief, and the wall to what is stored. */
    async close() {
      this.open = desk.bench.withHistory = false;
      this.looking = null;
      await desk.edits.refresh();
      document.querySelector('[data-do=history]')?.focus();
    },

    /** The list as it is now, as far back as it was asked for. */
    async list() {
      try {
        const answer = await fetch(`${address}?${new URLSearchParams({ window: desk.edits.window, lines })}`);
        if (!answer.ok) throw new Error(answer.statusText);
        draw(this.$refs.lines, await answer.text());
        this.mark();
      } catch {
        notice('The history could not be read: Keen Reel was not reached.');
      }
    },

    older({ currentTarget }) {
      lines = Number(currentTarget.dataset.lines);
      return this.list();
    },

    mark() {
      this.$refs.lines.querySelectorAll('[data-look]').forEach((button) => {
        button.setAttribute('aria-pressed', button.closest('[data-revision]').dataset.revision === this.looking);
      });
    },

    /** The wall as it was then; pressed again, as it is. */
    async look({ currentTarget }) {
      const { revision } = currentTarget.closest('[data-revision]').dataset;
      this.looking = revision === this.looking ? null : revision;
      this.mark();
      if (!this.looking) return desk.edits.refresh();
      const page = desk.page ? `&page=${desk.page}` : '';
      try {
        const { shows, screens } = await send('GET', `${address}/${revision}?shows=${desk.shows}${page}`);
        if (this.looking !== revision) return undefined;
        if (screens.length) desk.wall.show(shows, screens);
        else notice('There were no slides yet.');
      } catch (failed) {
        notice(failed.problem ?? 'Keen Reel was not reached.');
      }
      return undefined;
    },

    async bringBack({ currentTarget }) {
      const { revision } = currentTarget.closest('[data-revision]').dataset;
      this.looking = null;
      if (await desk.edits.step(`history/${revision}`)) notice(`Revision ${revision} is brought back. Undo takes you back.`);
    },

    async call({ target }) {
      const { revision } = target.closest('[data-revision]').dataset;
      try {
        await send('PUT', `${address}/${revision}/name`, { name: target.value });
        await this.list();
      } catch (failed) {
        notice(failed.problem ?? 'The name is not stored: Keen Reel was not reached.');
      }
    },

    /** Arrows go through the list, Enter looks, Escape closes. */
    keys(event) {
      if (event.key === 'Escape') this.close();
      const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
      const all = [...this.$root.querySelectorAll('[data-look]')];
      const at = all.indexOf(document.activeElement);
      if (!step || at < 0) return;
      event.preventDefault();
      all[Math.min(all.length - 1, Math.max(0, at + step))].focus();
    },
  };
}
