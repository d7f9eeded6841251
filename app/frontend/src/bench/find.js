// Finding what can be chosen, by any word for it: asked for with "/", and opened where it stands.
import { notice, send } from '../http.js';
import { desk } from './desk.js';

const PASSED_OVER = 3;
const begins = (text, word) => text.toLowerCase().split(/[^\p{L}\p{N}]+/u).some((one) => one.startsWith(word));

/** How well something answers what is written: the worst of its words counts. */
function rank({ name, says, names, now }, words) {
  const ranks = words.map((word) => ([name, ...names].some((one) => begins(one, word)) ? 0 : begins(says, word) ? 1 : begins(now, word) ? 2 : PASSED_OVER));
  return Math.max(0, ...ranks);
}

export function find() {
  let index = [];
  let coming; // the index as it is now

  return {
    found: [],
    at: 0,
    says: '',

    init() {
      this.band = document.getElementById('band');
    },

    slash(event) {
      if (event.key !== '/' || event.ctrlKey || event.metaKey || event.altKey || event.target.matches('input, textarea, select') || document.querySelector('dialog[open]')) return;
      event.preventDefault();
      this.$root.showPopover();
    },

    /** What was known last is found at once; what is chosen by now follows. */
    turned({ newState }) {
      if (newState !== 'open') return;
      this.$refs.field.value = '';
      this.search();
      coming = this.learn();
    },

    async learn() {
      try {
        index = await send('GET', `${desk.edits.address}/index`);
        this.search();
      } catch {
        if (!index.length) this.says = 'Keen Reel was not reached. Ask again as soon as it is.';
      }
    },

    search() {
      const words = this.$refs.field.value.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
      this.found = index
        .map((entry) => ({ entry, rank: rank(entry, words) }))
        .filter((one) => one.rank < PASSED_OVER)
        .sort((a, b) => a.rank - b.rank)
        .map(({ entry }) => entry);
      this.says = this.found.length || !index.length ? '' : 'Nothing that can be chosen is called that.';
      this.mark(0);
    },

    get marked() {
      return this.found.length ? `found-${this.at}` : null;
    },
    async mark(at) {
      this.at = Math.max(0, Math.min(this.found.length - 1, at));
      await this.$nextTick();
      this.$root.querySelector('[aria-selected=true]')?.scrollIntoView({ block: 'nearest' });
    },

    keys(event) {
      const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
      if (step) this.mark(this.at + step);
      else if (event.key === 'Enter' && !event.isComposing) this.enter();
      else return;
      event.preventDefault();
    },

    /** What is written may be faster than the first answer. */
    async enter() {
      if (!index.length) await coming;
      this.open(this.found[this.at]);
    },

    async open(entry) {
      if (!entry) return;
      const { word, option, slide } = entry;
      this.$root.hidePopover();
      const named = () => this.band.querySelector(`[data-key="${CSS.escape(word)}"]`);
      const there = slide ? desk.slide && named() : desk.atBrief;
      if (!there) await desk.select(slide);
      const one = named();
      if (!one) notice('It comes as soon as Keen Reel is reached.');
      else if (slide) one.focus();
      else this.unfold(one, option);
    },

    /** The word is in sight, and what it opens is open. */
    unfold(word, option) {
      const rest = word.closest('.usual') && word.closest('.brief-column').querySelector('[data-unfold]');
      rest?.setAttribute('aria-expanded', true);
      word.scrollIntoView({ block: 'nearest' });
      word.focus();
      const panel = document.getElementById(word.getAttribute('popovertarget'));
      if (option) panel.addEventListener('toggle', () => panel.querySelector(`[data-option="${option}"] input`).focus(), { once: true });
      word.click();
    },
  };
}
