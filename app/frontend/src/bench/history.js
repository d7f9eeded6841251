// The history: every revision in words, looked at on the wall, named, brought back. It stands in the place of the brief.
import { notice, send } from '../http.js';

export class History {
  #looking = null; // the revision that the wall shows; null for what is stored

  constructor(place, reel, bench, edits, wall) {
    Object.assign(this, { place, bench, edits, wall });
    this.address = `/reels/${reel}/history`;
    this.list = place.querySelector('ol');
    place.addEventListener('click', ({ target }) => {
      const revision = target.closest('[data-revision]')?.dataset.revision;
      if (target.closest('[data-look]')) this.look(revision);
      else if (target.closest('[data-back]')) this.bringBack(revision);
      else if (target.closest('[data-older]')) this.#older(target.closest('[data-older]'));
      else if (target.closest('[data-close]')) this.close();
    });
    place.addEventListener('change', ({ target }) => target.matches('[data-name]') && this.#call(target));
    place.addEventListener('keydown', (event) => this.#key(event));
  }

  get isOpen() {
    return !this.place.hidden;
  }

  async open() {
    const pressed = document.activeElement;
    await this.edits.settled();
    if (this.bench.slide) await this.bench.select(null);
    this.place.hidden = false;
    document.body.classList.add('with-history');
    await this.draw();
    if ([pressed, document.body].includes(document.activeElement)) this.list.querySelector('[data-look]')?.focus({ preventScroll: true }); // else somebody is elsewhere already
  }

  /** Back to the brief, and the wall to what is stored. */
  async close() {
    this.place.hidden = true;
    this.#looking = null;
    document.body.classList.remove('with-history');
    await this.edits.refresh();
    document.querySelector('[data-do=history]')?.focus();
  }

  /** The list as it is now. */
  async draw() {
    try {
      this.list.innerHTML = await this.#lines('');
      this.#mark();
    } catch {
      notice('The history could not be read: Keen Reel was not reached.');
    }
  }

  async #lines(from) {
    const answer = await fetch(`${this.address}?window=${this.edits.window}${from}`);
    if (!answer.ok) throw new Error(answer.statusText);
    return answer.text();
  }

  async #older(button) {
    const more = await this.#lines(`&before=${button.dataset.before}`);
    button.closest('li').remove();
    this.list.insertAdjacentHTML('beforeend', more);
  }

  #mark() {
    this.list.querySelectorAll('[data-look]').forEach((button) => {
      button.setAttribute('aria-pressed', button.closest('[data-revision]').dataset.revision === this.#looking);
    });
    this.place.querySelector('[data-says]').textContent = this.#looking
      ? `The screens show revision ${this.#looking}. Nothing is changed by looking.`
      : 'The screens show what is stored. Press a revision to look at it.';
  }

  /** The wall as it was then; pressed again, as it is. */
  async look(revision) {
    this.#looking = revision === this.#looking ? null : revision;
    this.#mark();
    if (!this.#looking) return this.edits.refresh();
    const page = this.bench.page ? `&page=${this.bench.page}` : '';
    try {
      const { shows, screens } = await send('GET', `${this.address}/${revision}?shows=${this.bench.shows}${page}`);
      if (this.#looking !== revision) return undefined;
      if (screens.length) this.wall.show(shows, screens);
      else notice('There were no slides yet.');
    } catch (failed) {
      notice(failed.problem ?? 'Keen Reel was not reached.');
    }
    return undefined;
  }

  async bringBack(revision) {
    this.#looking = null;
    if (await this.edits.step(`history/${revision}`)) notice(`Revision ${revision} is brought back. Undo takes you back.`);
  }

  async #call(field) {
    const { revision } = field.closest('[data-revision]').dataset;
    try {
      await send('PUT', `${this.address}/${revision}/name`, { name: field.value });
      await this.draw();
    } catch (failed) {
      notice(failed.problem ?? 'The name is not stored: Keen Reel was not reached.');
    }
  }

  /** Arrows go through the list, Enter looks, Escape closes. */
  #key(event) {
    if (event.key === 'Escape') this.close();
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    const all = [...this.list.querySelectorAll('[data-look]')];
    const at = all.indexOf(document.activeElement);
    if (!step || at < 0) return;
    event.preventDefault();
    all[Math.min(all.length - 1, Math.max(0, at + step))].focus();
  }
}
