// The running order: cards that are picked and chosen, played through, copied, hidden and taken out.
import { notice } from '../http.js';
import { sides } from '../sides.js';
import { Choosing } from './choosing.js';
import { Hand } from './hand.js';
import { Tray } from './tray.js';

const LEAST = 196; // px of a card at the least
const STEP = 500; // ms per key press
const CARRYING = ['ArrowLeft', 'ArrowRight', 'Home', 'End', 'Enter', 'Escape']; // what keys do with a card that is taken up

export class Order {
  #said = new Map(); // what was said of the set that is followed and is not acknowledged yet, by field

  constructor(place, bench, edits, wall) {
    Object.assign(this, { place, bench, edits, wall });
    this.choosing = new Choosing(this);
    this.hand = new Hand(this);
    this.tray = new Tray(this);
    place.addEventListener('click', (event) => this.#click(event));
    place.addEventListener('keydown', (event) => this.#key(event));
    place.addEventListener('input', ({ target }) => target.dataset.follow && this.#said.set(target.dataset.follow, target.value));
    place.addEventListener('change', (event) => this.#source(event));
    this.drawn();
  }

  get cards() {
    return [...this.place.querySelectorAll('.card')];
  }

  /** True while a card is taken up or dragged. */
  get inHand() {
    return this.hand.busy;
  }

  get lap() {
    return 1000 * Number(this.place.querySelector('.order-head').dataset.lap);
  }

  /** Slides picked by hand, or from a set by a rule. */
  #source(event) {
    if (event.target.matches('[data-arrange]') && event.target.value) this.edits.step('arrangement', { by: event.target.value });
    if (!event.target.closest('[data-follow]')) return;
    const { value, dataset } = event.target;
    const now = (name) => this.place.querySelector(`[data-follow=${name}]`)?.value;
    const edits = {
      set: () => ({
        kind: 'follow',
        // another set is followed as the former was; what is not there yet is as usual
        follows: value ? { set: value, ...(now('order') && { order: now('order'), most: Number(now('most')), byItself: now('byItself') === 'yes' }) } : null,
      }),
      order: () => ({ kind: 'follow-order', order: value }),
      most: () => ({ kind: 'follow-most', most: Number(value) }),
      byItself: () => ({ kind: 'goes-live', byItself: value === 'yes' }),
    };
    this.#follow(dataset.follow, value, edits[dataset.follow]());
  }

  async #follow(field, value, edit) {
    const stored = await this.edits.store(edit);
    if (this.#said.get(field) !== value) return; // said otherwise meanwhile
    this.#said.delete(field);
    if (stored) return;
    this.bench.moved('order');
    await this.edits.refresh();
  }

  /** What was put into a field and is not acknowledged yet; undefined when the application knows best. */
  value(field) {
    return this.#said.get(field.dataset.follow);
  }

  placeOf(id) {
    return this.place.querySelector(`[data-card="${id}"]`)?.closest('.card-place');
  }

  startOf(id) {
    return Number(this.placeOf(id)?.dataset.start ?? 0);
  }

  /** Whether visitors do not meet that slide today, so that it is on the wall only while its sheet is open. */
  isAway(id) {
    return Boolean(id && this.placeOf(id)?.classList.contains('away'));
  }

  /** Says on the wall that a slide is there only because its sheet is open. */
  markAway(id) {
    const away = this.isAway(id);
    const days = away && this.placeOf(id).querySelector('.days')?.textContent;
    this.wall.mark(away ? `Only here: slide ${this.cards.findIndex(({ dataset }) => dataset.card === id) + 1} (${days})` : '');
  }

  /** Marks the card of a slide, and shows when it starts to stand; null marks none. */
  pick(id) {
    this.place.querySelectorAll('.card[aria-pressed=true]').forEach((card) => card.setAttribute('aria-pressed', false));
    if (id) this.place.querySelector(`[data-card="${id}"]`)?.setAttribute('aria-pressed', true);
    if (id) this.wall.hold(this.startOf(id));
    this.showMoment();
  }

  /** Called when the cards were drawn anew: their widths follow their holds. */
  drawn() {
    this.standing = [...this.place.querySelectorAll('.card-place')].map((card) => {
      const { start, hold, playing } = card.dataset;
      card.style.flexGrow = playing === 'true' ? Number(hold) : 1;
      card.style.minWidth = `${LEAST}px`;
      const today = !card.classList.contains('away') || card.querySelector('[aria-pressed=true]');
      return { card, start: today ? Number(start) : NaN, hold: playing === 'true' ? Number(hold) : 0, fill: card.querySelector('.fill') };
    });
    this.choosing.mark();
    this.showMoment();
  }

  /** Says where we are, and fills the card that is showing. */
  showMoment() {
    const lap = this.lap;
    const ms = lap ? this.wall.moment % lap : this.wall.moment;
    const first = this.standing.findIndex(({ start }) => start === 0);
    const now = lap ? this.standing.findLastIndex(({ start }, i) => start <= ms && (i === first || start > 0)) : -1;
    this.standing.forEach(({ card, start, hold, fill }, i) => {
      if (i === now) fill.style.transform = `scaleX(${hold ? Math.min(1, (ms - start) / hold) : 0})`;
      else if (card.classList.contains('now')) fill.style.transform = 'scaleX(0)';
      card.classList.toggle('now', i === now);
    });
    const into = this.place.querySelector('[data-into]');
    if (into) into.textContent = `${(ms / 1000).toFixed(1)} s`;
    const at = this.place.querySelector('[data-at]');
    const open = this.bench.slide && this.standing.findIndex(({ card }) => card.querySelector(`[data-card="${this.bench.slide}"]`));
    if (at && now >= 0) at.textContent = (open >= 0 && this.bench.slide ? open : now) + 1; // sheet and counter speak of one slide
  }

  async #play(playing = !this.playing) {
    if (playing && this.bench.slide) await this.bench.select(null); // a sheet is of one slide, a run of all
    this.playing = playing;
    this.place.classList.toggle('playing', playing);
    this.place.querySelector('[data-do=play]').setAttribute('aria-label', playing ? 'Pause' : 'Play');
    let former; // of frames alone: the time of the first may precede that of the press
    const frame = (now) => {
      if (!this.playing) return;
      this.wall.hold(this.wall.moment + now - (former ?? now));
      former = now;
      this.showMoment();
      requestAnimationFrame(frame);
    };
    if (playing) requestAnimationFrame(frame);
  }

  #click(event) {
    if (event.target.closest('[data-do=play]')) this.#play();
    const action = event.target.closest('[data-chosen]')?.dataset.chosen;
    if (action) this.#all(action);
    const card = event.target.closest('.card');
    if (!card || this.hand.endedADrag()) return;
    if (this.wall.over.has('crop') && event.target.matches('.thumbnails:not(.two) img')) this.#look(event, card.dataset.card);
    else if (event.shiftKey) this.choosing.stretch(card.dataset.card);
    else if (event.ctrlKey || event.metaKey) this.choosing.toggle(card.dataset.card);
    else {
      this.choosing.letGo();
      this.bench.select(card.dataset.card);
    }
  }

  /** While crops are shown, a press on a card's picture is where it matters. */
  #look({ target, clientX, clientY }, slide) {
    const box = target.getBoundingClientRect();
    const scale = Math.min(box.width / target.naturalWidth, box.height / target.naturalHeight);
    const share = (at, start, room, size) => Math.round(1000 * Math.min(1, Math.max(0, (at - start - (room - size * scale) / 2) / (size * scale)))) / 1000;
    const focal = { x: share(clientX, box.left, box.width, target.naturalWidth), y: share(clientY, box.top, box.height, target.naturalHeight) };
    this.edits.store({ kind: 'look', slide, setUp: null, focal });
  }

  /** Does something with all that are chosen. */
  #all(action) {
    const ids = this.choosing.meant();
    if (action === 'let-go') this.choosing.letGo();
    else if (action === 'copy') this.#copy(ids);
    else if (action === 'duplicate') this.duplicate(ids);
    else if (action === 'hide') this.hide(ids);
    else if (action === 'remove') this.remove(ids);
  }

  // Keys: arrows go from card to card; Enter takes cards up, arrows move them, Enter puts them down, Escape puts them back.
  #key(event) {
    const card = event.target.closest('.card');
    if (event.key === ' ' && !event.target.matches('input, textarea, select')) {
      event.preventDefault();
      this.#play();
      return;
    }
    if (!card || event.altKey) return;
    const id = card.dataset.card;
    const act = (event.ctrlKey || event.metaKey ? this.#withControl(event, id) : null) ?? this.#alone(event, card, id);
    if (!act) return;
    event.preventDefault();
    if (this.hand.up && !CARRYING.includes(event.key)) this.hand.settle();
    act();
  }

  #withControl({ key }, id) {
    return { c: () => this.#copy(this.choosing.meant(id)), v: () => this.#paste(id), a: () => this.choosing.all() }[key];
  }

  #alone(event, card, id) {
    if (event.ctrlKey || event.metaKey) return undefined;
    const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (way && this.hand.up) return () => this.hand.carry(way);
    if (way) return () => this.#beside(card, way, event.shiftKey);
    if (event.key === 'Home' || event.key === 'End') return () => this.#toEnd(event.key === 'End');
    const hold = (by) => () => this.#longer(this.choosing.meant(id), by);
    return {
      Enter: () => (this.hand.up ? this.hand.putDown() : this.hand.takeUp(card)),
      Escape: () => {
        if (this.hand.up) this.hand.putBack();
        else if (this.choosing.any) this.choosing.letGo();
        else this.bench.select(null);
      },
      Delete: () => this.remove(this.choosing.meant(id)),
      h: () => this.hide(this.choosing.meant(id)),
      '+': hold(STEP),
      '=': hold(STEP),
      '-': hold(-STEP),
    }[event.key];
  }

  /** Goes to the card beside; with Shift it is chosen too. */
  #beside(card, way, too) {
    const beside = this.cards[this.cards.indexOf(card) + way];
    if (!beside) return;
    beside.focus();
    if (!too) {
      this.choosing.letGo();
      this.bench.select(beside.dataset.card);
      return;
    }
    this.choosing.stretch(beside.dataset.card, card.dataset.card);
  }

  #toEnd(end) {
    if (this.hand.up) this.hand.carryTo(end);
    else {
      const card = this.cards.at(end ? -1 : 0);
      card.focus();
      this.choosing.letGo();
      this.bench.select(card.dataset.card);
    }
  }

  #longer(ids, by) {
    const longer = (slide) => {
      const { dataset } = this.placeOf(slide);
      dataset.hold = Number(dataset.hold) + by; // the next press counts from here, before this one is stored
      return { kind: 'hold', slide, hold: Number(dataset.hold) };
    };
    this.bench.moved('order');
    const edits = ids.map(longer);
    this.#show(ids);
    this.edits.soon(`hold of ${ids}`, this.#asOne(edits)).then((stored) => stored || this.edits.refresh());
  }

  /** Says on the cards how long they will stand. */
  #show(ids) {
    ids.map((id) => this.placeOf(id)).forEach((place) => (place.querySelector('.card .figure').textContent = `${(place.dataset.hold / 1000).toFixed(1)} s`));
  }

  #asOne(edits) {
    return edits.length === 1 ? edits[0] : { kind: 'several', edits };
  }

  /** Stores edits as one step. */
  storeAll(edits) {
    return this.edits.store(this.#asOne(edits));
  }

  // Slides that were copied are remembered for all windows, so that they can be pasted into another reel.
  #copy(slides) {
    localStorage.setItem('copied slides', JSON.stringify({ from: document.body.dataset.reel, slides }));
    const what = slides.length === 1 ? 'The slide is' : `${slides.length} slides are`;
    notice(`${what} copied. Ctrl+V puts a copy behind a card, here or in another reel.`);
  }

  #paste(id) {
    const copied = JSON.parse(localStorage.getItem('copied slides') ?? 'null');
    if (copied) this.edits.step('copies', { ...copied, before: this.#behind(id) });
    else notice('No slide is copied yet: Ctrl+C on a card copies it.');
  }

  #behind(id) {
    return this.placeOf(id)?.nextElementSibling?.querySelector('.card').dataset.card ?? null;
  }

  /** One slide by one place, to the front or to the back. */
  shift(slide, way) {
    const ids = this.cards.map(({ dataset }) => dataset.card);
    const at = ids.indexOf(slide);
    return this.edits.store({ kind: 'move', slide, before: ids[at + (way < 0 ? -1 : 2)] ?? null });
  }

  /** The same slides once more, behind them. */
  duplicate(slides) {
    return this.edits.step('copies', { from: document.body.dataset.reel, slides, before: this.#behind(slides.at(-1)) });
  }

  /** Hides slides from visitors without taking them out; shows them again where all are hidden. Their days stay. */
  hide(ids) {
    const hidden = !ids.every((id) => this.placeOf(id).dataset.hidden === 'true');
    return this.storeAll(ids.map((slide) => ({ kind: 'hide', slide, hidden })));
  }

  /** Takes slides out; undo brings them back. */
  async remove(ids) {
    const next = this.placeOf(ids.at(-1)).nextElementSibling ?? this.placeOf(ids[0]).previousElementSibling;
    if (ids.includes(this.bench.slide)) await this.bench.select(null);
    await this.storeAll(ids.map((slide) => ({ kind: 'remove', slide })));
    next?.querySelector('.card')?.focus();
  }

  /** What picked pictures become: slides like those that are there, so pairs in a reel of pairs. */
  async additions(pictures) {
    if (!this.place.querySelector('.thumbnails.two')) return { carries: pictures.map(({ id }) => ({ picture: id })), says: '' };
    const pairs = await sides(pictures.map(({ id }) => id));
    const told = [...new Set(pairs.map(({ says }) => says))].join(' ');
    const sorry = !pairs.length ? '' : pictures.length % 2 ? 'A pair needs two pictures: the last one was left out.' : `${told} Swap sides on its sheet if it is the other way round.`;
    return { carries: pairs.map(({ before, after }) => ({ before, after })), says: sorry };
  }

  /** The edit that adds slides before that one; at the end when there is none. */
  adding(carries, before = null) {
    const fresh = () => crypto.randomUUID().replace(/-/g, '').slice(0, 12);
    return { kind: 'several', edits: carries.map((one) => ({ kind: 'add', slide: { id: fresh(), carries: one }, before })) };
  }

  /** Adds pictures before that slide. */
  async add(pictures, before = null) {
    const { carries, says } = await this.additions(pictures);
    if (says) notice(says);
    if (carries.length) await this.edits.store(this.adding(carries, before));
  }
}
