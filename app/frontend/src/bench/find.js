// Finding what can be chosen, by any word for it: asked for with "/", and opened where it stands.
import { notice, send } from '../http.js';

export class Find {
  #index = [];

  constructor(panel, band, bench, edits) {
    Object.assign(this, { panel, band, bench, edits });
    this.field = panel.querySelector('input');
    this.list = panel.querySelector('ul');
    this.says = panel.querySelector('p');
    panel.addEventListener('beforetoggle', ({ newState }) => newState === 'open' && this.#begin());
    this.field.addEventListener('input', () => this.#draw());
    this.field.addEventListener('keydown', (event) => this.#key(event));
    this.list.addEventListener('click', ({ target }) => this.#open(target.closest('li')));
    document.addEventListener('keydown', (event) => {
      if (event.key !== '/' || event.ctrlKey || event.metaKey || event.altKey || event.target.matches('input, textarea, select') || document.querySelector('dialog[open]')) return;
      event.preventDefault();
      panel.showPopover();
    });
  }

  /** What was known last is found at once; what is chosen by now follows. */
  #begin() {
    this.field.value = '';
    this.#draw();
    this.coming = this.#learn();
  }

  async #learn() {
    try {
      this.#index = await send('GET', `${this.edits.address}/index`);
      this.#draw();
    } catch {
      if (!this.#index.length) this.says.textContent = 'Keen Reel was not reached. Ask again as soon as it is.';
    }
  }

  /** How well something answers what is written: every word of it begins one of its names; null where one does not. */
  #rank({ name, says, names, now }, words) {
    const begins = (text, word) => text.toLowerCase().split(/[^\p{L}\p{N}]+/u).some((one) => one.startsWith(word));
    const ranks = words.map((word) => ([name, ...names].some((one) => begins(one, word)) ? 0 : begins(says, word) ? 1 : begins(now, word) ? 2 : 3));
    return ranks.includes(3) ? null : Math.max(0, ...ranks);
  }

  #draw() {
    const words = this.field.value.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
    const found = this.#index
      .map((entry) => ({ entry, rank: this.#rank(entry, words) }))
      .filter(({ rank }) => rank !== null)
      .sort((a, b) => a.rank - b.rank);
    this.list.replaceChildren(...found.map(({ entry }, i) => this.#line(entry, i)));
    this.says.textContent = found.length || !this.#index.length ? '' : 'Nothing that can be chosen is called that.';
    this.#mark(0);
  }

  #line(entry, i) {
    const line = document.createElement('li');
    Object.assign(line, { id: `found-${i}`, role: 'option', entry });
    line.append(
      ...['name', 'says', 'now', 'stands'].map((part) => Object.assign(document.createElement('span'), { className: part, textContent: entry[part] })),
    );
    return line;
  }

  #mark(at) {
    const lines = [...this.list.children];
    this.at = Math.max(0, Math.min(lines.length - 1, at));
    lines.forEach((line, i) => line.setAttribute('aria-selected', i === this.at));
    lines[this.at]?.scrollIntoView({ block: 'nearest' });
    if (lines.length) this.field.setAttribute('aria-activedescendant', `found-${this.at}`);
    else this.field.removeAttribute('aria-activedescendant');
  }

  #key(event) {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step) this.#mark(this.at + step);
    else if (event.key === 'Enter' && !event.isComposing) this.#enter();
    else return;
    event.preventDefault();
  }

  /** What is written may be faster than the first answer. */
  async #enter() {
    if (!this.#index.length) await this.coming;
    this.#open(this.list.children[this.at]);
  }

  async #open(line) {
    if (!line) return;
    const { word, option, slide } = line.entry;
    this.panel.hidePopover();
    const named = () => this.band.querySelector(`[data-key="${CSS.escape(word)}"]`);
    const there = slide ? this.bench.slide && named() : this.bench.atBrief;
    if (!there) await this.bench.select(slide);
    const found = named();
    if (!found) notice('It comes as soon as Keen Reel is reached.');
    else if (slide) found.focus();
    else this.#unfold(found, option);
  }

  /** The word is in sight, and what it opens is open. */
  #unfold(word, option) {
    const rest = word.closest('.usual') && word.closest('.brief-column').querySelector('[data-unfold]');
    rest?.setAttribute('aria-expanded', true);
    word.scrollIntoView({ block: 'nearest' });
    word.focus();
    const panel = document.getElementById(word.getAttribute('popovertarget'));
    if (option) panel.addEventListener('toggle', () => panel.querySelector(`[data-option="${option}"] input`).focus(), { once: true });
    word.click();
  }
}
