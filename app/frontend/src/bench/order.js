// The running order: cards that are picked and chosen, played through, copied, hidden and taken out.
import { mix } from '../alpine.js';
import { freshId, notice } from '../http.js';
import { sides } from '../sides.js';
import { Choosing } from './choosing.js';
import { desk } from './desk.js';
import { frames } from './frames.js';
import { Hand } from './hand.js';
import { onCards } from './on-cards.js';
import { source } from './source.js';

const LEAST = 196; // px of a card at the least
const BEFORE = 150; // ms that a slide stands before a change that is shown begins
const STILL = matchMedia('(prefers-reduced-motion: reduce)');
const STEP = 500; // ms per key press
const CARRYING = ['ArrowLeft', 'ArrowRight', 'Home', 'End', 'Enter', 'Escape']; // what keys do with a card that is taken up
const COPIED = 'copied slides';

const asOne = (edits) => (edits.length === 1 ? edits[0] : { kind: 'several', edits });

export function order() {
  const { edits } = desk;
  let choosing;
  let hand;
  let standing = []; // the cards, and when and how long each is shown
  let playing = false;
  let showing = 0; // how often a change was played

  return mix(source(), onCards((event) => hand.gapAt(event)), {
    init() {
      desk.order = this;
      choosing = new Choosing(this.$root, () => this.cards);
      hand = new Hand(this, choosing);
      this.drawn();
    },

    get cards() {
      return [...this.$root.querySelectorAll('.card')];
    },
    get lap() {
      return 1000 * Number(this.$root.querySelector('.order-head').dataset.lap);
    },

    /** How long the page's scrolling through the reel takes where that leads, ms; else 0. */
    get whole() {
      return Number(this.$root.querySelector('.order-head').dataset.whole ?? 0);
    },

    /** True while a card is taken up or dragged. */
    get inHand() {
      return hand.busy;
    },
    /** Puts back what keys have taken up; whether there was something. */
    putBack() {
      const up = Boolean(hand.up);
      if (up) hand.putBack();
      return up;
    },

    placeOf(id) {
      return this.$root.querySelector(`[data-card="${id}"]`)?.closest('.card-place');
    },
    startOf(id) {
      return Number(this.placeOf(id)?.dataset.start ?? 0);
    },
    /** Whether visitors do not meet that slide today, so that it is on the wall only while its sheet is open. */
    isAway(id) {
      return Boolean(id && this.placeOf(id)?.classList.contains('away'));
    },
    /** Says on the wall that a slide is there only because its sheet is open. */
    markAway(id) {
      const away = this.isAway(id);
      const days = away && this.placeOf(id).querySelector('.days')?.textContent;
      desk.wall.mark(away ? `Only here: slide ${this.cards.findIndex(({ dataset }) => dataset.card === id) + 1} (${days})` : '');
    },

    /** Marks the card of a slide, and shows when it starts to stand; null marks none. */
    pick(id) {
      this.$root.querySelectorAll('.card[aria-pressed=true]').forEach((card) => card.setAttribute('aria-pressed', false));
      if (id) this.$root.querySelector(`[data-card="${id}"]`)?.setAttribute('aria-pressed', true);
      desk.wall.pick(id);
      showing += 1; // whatever is played ends
      if (id && !this.whole) desk.wall.hold(this.startOf(id)); // where scrolling leads all are there at once
      this.showMoment();
    },

    /** Called when the cards were drawn anew: their widths follow their holds. */
    drawn() {
      standing = [...this.$root.querySelectorAll('.card-place')].map((card) => {
        const { start, again, hold, playing: plays } = card.dataset;
        card.style.flexGrow = plays === 'true' ? Number(hold) : 1;
        card.style.minWidth = `${LEAST}px`;
        const today = !card.classList.contains('away') || card.querySelector('[aria-pressed=true]');
        return { card, start: today ? Number(start) : NaN, again: today && again ? Number(again) : NaN, hold: plays === 'true' ? Number(hold) : 0, fill: card.querySelector('.fill') };
      });
      choosing.mark();
      this.markPlaying();
      this.showMoment();
      desk.tray?.list();
    },

    /** Says where we are, and fills the card that is showing. */
    showMoment() {
      const { lap } = this;
      const { moment } = desk.wall;
      const ms = lap ? moment % lap : moment;
      const first = standing.findIndex(({ start }) => start === 0);
      const began = ({ start, again }) => (again <= ms ? again : start);
      const latest = Math.max(...standing.map(began).filter((start) => start <= ms));
      const now = lap ? standing.findLastIndex((one, i) => began(one) === latest && (i === first || latest > 0)) : -1;
      standing.forEach(({ card, hold, fill }, i) => {
        if (i === now) fill.style.transform = `scaleX(${hold ? Math.min(1, (ms - latest) / hold) : 0})`;
        else if (card.classList.contains('now')) fill.style.transform = 'scaleX(0)';
        card.classList.toggle('now', i === now);
      });
      const into = this.$root.querySelector('[data-into]');
      if (into) into.textContent = `${(ms / 1000).toFixed(1)} s`;
      const gone = this.$root.querySelector('[data-gone]');
      if (gone) gone.textContent = `${Math.round((100 * (moment % this.whole)) / this.whole)} %`;
      const at = this.$root.querySelector('[data-at]');
      const open = desk.slide ? standing.findIndex(({ card }) => card.querySelector(`[data-card="${desk.slide}"]`)) : -1;
      if (at && now >= 0) at.textContent = (open >= 0 ? open : now) + 1; // sheet and counter speak of one slide
    },

    /** Plays the change into a slide on all pages, once; into the second one where none is meant. */
    playInto(id) {
      const into = id ? standing.find(({ card }) => card.querySelector(`[data-card="${id}"]`)) : standing[1];
      if (playing || !this.lap || !into || STILL.matches) return;
      const end = into.start || this.lap; // the first one comes at the end of a lap
      let ms = Math.max(0, into.card.dataset.comes - BEFORE);
      showing += 1;
      const mine = showing;
      frames((by) => {
        if (playing || showing !== mine) return false;
        ms = Math.min(end, ms + by);
        desk.wall.hold(ms);
        this.showMoment();
        return ms < end;
      });
    },

    async play() {
      if (!playing && desk.slide) await desk.select(null); // a sheet is of one slide, a run of all
      playing = !playing;
      this.markPlaying();
      if (!playing) return;
      frames((by) => {
        if (!playing) return false;
        desk.wall.hold(desk.wall.moment + by);
        this.showMoment();
        return true;
      });
    },
    markPlaying() {
      this.$root.classList.toggle('playing', playing);
      this.$root.querySelector('[data-do=play]')?.setAttribute('aria-label', playing ? 'Pause' : 'Play');
    },

    press(event) {
      const card = event.target.closest('.card');
      if (!card || hand.endedADrag()) return;
      const id = card.dataset.card;
      if (desk.wall.isOver('crop') && event.target.matches('.thumbnails:not(.two) img')) this.look(event, id);
      else if (event.shiftKey) this.stretch(id);
      else if (event.ctrlKey || event.metaKey) this.toggle(id);
      else {
        choosing.letGo();
        desk.select(id);
      }
    },
    grip: (event) => hand.press(event),
    left: () => hand.left(),

    /** While crops are shown, a press on a card's picture is where it matters. */
    look({ target, clientX, clientY }, slide) {
      const box = target.getBoundingClientRect();
      const scale = Math.min(box.width / target.naturalWidth, box.height / target.naturalHeight);
      const share = (at, start, room, size) => Math.round(1000 * Math.min(1, Math.max(0, (at - start - (room - size * scale) / 2) / (size * scale)))) / 1000;
      const focal = { x: share(clientX, box.left, box.width, target.naturalWidth), y: share(clientY, box.top, box.height, target.naturalHeight) };
      edits.store({ kind: 'look', slide, setUp: null, focal });
    },

    // several cards together
    stretch(to, from = desk.slide ?? this.cards[0].dataset.card) {
      choosing.stretch(to, from);
      this.chosen();
    },
    toggle(id) {
      choosing.toggle(id, desk.slide);
      this.chosen();
    },
    chosen() {
      if (choosing.any && desk.slide) desk.select(null);
    },
    letGo: () => choosing.letGo(),
    copyChosen() {
      this.copy(choosing.meant());
    },
    duplicateChosen() {
      this.duplicate(choosing.meant());
    },
    hideChosen() {
      this.hide(choosing.meant());
    },
    removeChosen() {
      this.remove(choosing.meant());
    },

    // Keys: arrows go from card to card; Enter takes cards up, arrows move them, Enter puts them down, Escape puts them back.
    keys(event) {
      const card = event.target.closest('.card');
      if (event.key === ' ' && !event.target.matches('input, textarea, select')) {
        event.preventDefault();
        this.play();
        return;
      }
      if (!card || event.altKey) return;
      const id = card.dataset.card;
      const act = (event.ctrlKey || event.metaKey ? this.withControl(event, id) : null) ?? this.alone(event, card, id);
      if (!act) return;
      event.preventDefault();
      if (hand.up && !CARRYING.includes(event.key)) hand.settle();
      act();
    },
    withControl({ key }, id) {
      return {
        c: () => this.copy(choosing.meant(id)),
        v: () => this.paste(id),
        a: () => {
          choosing.all();
          this.chosen();
        },
      }[key];
    },
    alone(event, card, id) {
      if (event.ctrlKey || event.metaKey) return undefined;
      const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
      if (way && hand.up) return () => hand.carry(way);
      if (way) return () => this.beside(card, way, event.shiftKey);
      if (event.key === 'Home' || event.key === 'End') return () => this.toEnd(event.key === 'End');
      const hold = (by) => () => this.longer(choosing.meant(id), by);
      return {
        Enter: () => (hand.up ? hand.putDown() : hand.takeUp(card)),
        Escape: () => {
          if (hand.up) hand.putBack();
          else if (choosing.any) choosing.letGo();
          else desk.select(null);
        },
        Delete: () => this.remove(choosing.meant(id)),
        h: () => this.hide(choosing.meant(id)),
        '+': hold(STEP),
        '=': hold(STEP),
        '-': hold(-STEP),
      }[event.key];
    },
    /** Goes to the card beside; with Shift it is chosen too. */
    beside(card, way, too) {
      const next = this.cards[this.cards.indexOf(card) + way];
      if (!next) return;
      next.focus();
      if (too) this.stretch(next.dataset.card, card.dataset.card);
      else {
        choosing.letGo();
        desk.select(next.dataset.card);
      }
    },
    toEnd(end) {
      if (hand.up) {
        hand.carryTo(end);
        return;
      }
      const card = this.cards.at(end ? -1 : 0);
      card.focus();
      choosing.letGo();
      desk.select(card.dataset.card);
    },

    longer(ids, by) {
      desk.moved('order');
      const longer = ids.map((slide) => {
        const place = this.placeOf(slide);
        place.dataset.hold = Number(place.dataset.hold) + by; // the next press counts from here, before this one is stored
        place.querySelector('.card .figure').textContent = `${(place.dataset.hold / 1000).toFixed(1)} s`;
        return { kind: 'hold', slide, hold: Number(place.dataset.hold) };
      });
      edits.soon(`hold of ${ids}`, asOne(longer)).then((stored) => stored || edits.refresh());
    },

    /** Stores edits as one step. */
    storeAll: (all) => edits.store(asOne(all)),

    // Slides that were copied are remembered for all windows, so that they can be pasted into another reel.
    copy(slides) {
      localStorage.setItem(COPIED, JSON.stringify({ from: desk.reel, slides }));
      const what = slides.length === 1 ? 'The slide is' : `${slides.length} slides are`;
      notice(`${what} copied. Ctrl+V puts a copy behind a card, here or in another reel.`);
    },
    paste(id) {
      const copied = JSON.parse(localStorage.getItem(COPIED) ?? 'null');
      if (copied) edits.step('copies', { ...copied, before: this.behind(id) });
      else notice('No slide is copied yet: Ctrl+C on a card copies it.');
    },
    behind(id) {
      return this.placeOf(id)?.nextElementSibling?.querySelector('.card').dataset.card ?? null;
    },

    /** One slide by one place, to the front or to the back. */
    shift(slide, way) {
      const ids = this.cards.map(({ dataset }) => dataset.card);
      return edits.store({ kind: 'move', slide, before: ids[ids.indexOf(slide) + (way < 0 ? -1 : 2)] ?? null });
    },
    /** The same slides once more, behind them. */
    duplicate(slides) {
      return edits.step('copies', { from: desk.reel, slides, before: this.behind(slides.at(-1)) });
    },
    /** Hides slides from visitors without taking them out; shows them again where all are hidden. Their days stay. */
    hide(ids) {
      const hidden = !ids.every((id) => this.placeOf(id).dataset.hidden === 'true');
      return this.storeAll(ids.map((slide) => ({ kind: 'hide', slide, hidden })));
    },
    /** Takes slides out; undo brings them back. */
    async remove(ids) {
      const next = this.placeOf(ids.at(-1)).nextElementSibling ?? this.placeOf(ids[0]).previousElementSibling;
      if (ids.includes(desk.slide)) await desk.select(null);
      await this.storeAll(ids.map((slide) => ({ kind: 'remove', slide })));
      next?.querySelector('.card')?.focus();
    },

    /** What picked pictures become: slides like those that are there, so pairs in a reel of pairs. */
    async additions(pictures) {
      if (!this.$root.querySelector('.thumbnails.two')) return { carries: pictures.map(({ id }) => ({ picture: id })), says: '' };
      const pairs = await sides(pictures.map(({ id }) => id));
      const told = [...new Set(pairs.map(({ says }) => says))].join(' ');
      const sorry = !pairs.length ? '' : pictures.length % 2 ? 'A pair needs two pictures: the last one was left out.' : `${told} Swap sides on its sheet if it is the other way round.`;
      return { carries: pairs.map(({ before, after }) => ({ before, after })), says: sorry };
    },
    /** The edit that adds slides before that one; at the end when there is none. */
    adding(carries, before = null) {
      return { kind: 'several', edits: carries.map((one) => ({ kind: 'add', slide: { id: freshId(), carries: one }, before })) };
    },
    /** Adds pictures before that slide. */
    async add(pictures, before = null) {
      const { carries, says } = await this.additions(pictures);
      if (says) notice(says);
      if (carries.length) await edits.store(this.adding(carries, before));
    },
  });
}
