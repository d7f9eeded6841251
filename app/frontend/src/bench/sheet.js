// A slide's sheet: what is pressed and typed on it, its focal point, and going on to the next one.
import { follow } from '../following.js';
import { send } from '../http.js';
import { pick } from '../pick.js';
import { desk } from './desk.js';
import { rowOf, statesOf } from './states.js';

const ALL = 'all';
const inside = (share) => Math.round(1000 * Math.min(1, Math.max(0, share))) / 1000;

/** Where on its picture a pointer is, in shares of width and height. */
function at(picture, { clientX, clientY }) {
  const point = new DOMPoint(clientX, clientY).matrixTransform(picture.getScreenCTM().inverse());
  return { x: inside(point.x / picture.dataset.width), y: inside(point.y / picture.dataset.height) };
}

export function sheet() {
  const { edits, typing } = desk;
  let words = {}; // what slides say themselves, by slide and field
  let scope = ALL; // the screens whose focal point is set
  let shown; // the slide whose sheet was drawn last

  return {
    init() {
      desk.sheet = this;
      this.learn();
    },

    /** The slide whose sheet is drawn: the one that was picked last, once its sheet has come. */
    get slide() {
      return typing.slide ?? desk.slide;
    },

    /** Reads what all slides say, so that going on to another one does not wait for it. */
    async learn() {
      try {
        words = await send('GET', `${edits.address}/words`);
      } catch {
        // then fields are empty until the sheet comes
      }
    },

    /**
     * Another slide was picked: the sheet that stands there becomes its own as far as it is known, until the whole one comes.
     * Keys that are pressed meanwhile go where they were meant to.
     */
    turn(id) {
      const one = this.$root.querySelector('.sheet');
      if (!id || !one?.dataset.slide || one.dataset.slide === id) return;
      this.remember();
      one.dataset.slide = id;
      one.classList.add('coming');
      const { cards } = desk.order;
      const place = cards.findIndex(({ dataset }) => dataset.card === id);
      one.querySelector('h2 span').textContent = place + 1;
      one.querySelector('[data-do=former-slide]').disabled = place === 0;
      one.querySelector('[data-do=next-slide]').disabled = place === cards.length - 1;
      one.querySelectorAll('[data-problem]').forEach((problem) => (problem.textContent = ''));
      one.querySelectorAll('.sheet-picture, .sheet-more, .whose').forEach((part) => (part.inert = true));
      one.querySelectorAll('[data-say]').forEach((field) => {
        field.value = typing.value(field) ?? words[id]?.[field.dataset.say] ?? '';
        field.placeholder = '';
      });
    },

    remember() {
      this.$root.querySelectorAll('.sheet [data-say]').forEach((field) => {
        (words[this.slide] ??= {})[field.dataset.say] = field.value;
      });
    },

    typed: ({ target }) => typing.typed(target),
    changed: ({ target }) => typing.changed(target),
    entered: ({ target }) => typing.count(target),
    left: ({ target }) => typing.left(target),

    // what is pressed on the sheet
    back: () => desk.select(null),
    former() {
      this.beside(-1);
    },
    next() {
      this.beside(1);
    },
    beside(way) {
      const cards = desk.order.cards.map(({ dataset }) => dataset.card);
      const id = cards[cards.indexOf(this.slide) + way];
      if (id) desk.select(id);
      return id;
    },
    shift(way) {
      desk.order.shift(this.slide, way);
    },
    duplicate() {
      desk.order.duplicate([this.slide]);
    },
    remove() {
      desk.order.remove([this.slide]);
    },
    hide() {
      desk.order.hide([this.slide]);
    },
    swap() {
      edits.store({ kind: 'swap-sides', slide: this.slide });
    },
    /** The same picture on both sides, without its colours before. */
    compareWithItself({ currentTarget }) {
      const { picture } = currentTarget.dataset;
      edits.store({ kind: 'carry', slide: this.slide, carries: { before: picture, after: picture, effectBefore: { kind: 'grey' } } });
    },
    states(change) {
      edits.store({ kind: 'between', slide: this.slide, states: change(statesOf(this.$root.querySelector('.sheet'))) });
    },
    async addState({ currentTarget }) {
      const endsAt = Number(currentTarget.dataset.ends);
      const [picture] = await pick(1);
      if (picture) this.states((states) => [...states, { picture: picture.id, name: '', endsAt }]);
    },
    async exchangeState({ currentTarget }) {
      const i = rowOf(currentTarget);
      const [picture] = await pick(1);
      if (picture) this.states((states) => states.map((state, place) => (place === i ? { ...state, picture: picture.id } : state)));
    },
    removeState({ currentTarget }) {
      const i = rowOf(currentTarget);
      this.states((states) => states.filter((state, place) => place !== i));
    },
    holdFor({ currentTarget }) {
      edits.store({ kind: 'hold', slide: this.slide, hold: Number(currentTarget.dataset.hold) });
    },
    holdAsReel() {
      edits.store({ kind: 'hold', slide: this.slide, hold: null });
    },
    sayNothing({ currentTarget }) {
      edits.store({ kind: 'say', slide: this.slide, field: currentTarget.dataset.field, text: '' });
    },
    sayAsPicture({ currentTarget }) {
      edits.store({ kind: 'say', slide: this.slide, field: currentTarget.dataset.field, text: null });
    },

    /** How many cells the slide takes by set-up, "2 1"; undefined where there are no equal cells. */
    get spans() {
      const said = this.$root.querySelector('[data-spans]')?.dataset;
      return said && { ...said };
    },

    /** A hand drags its edge over so many columns and rows, and lets go when it is done. */
    span(wanted, done) {
      const offers = this.spans?.offers.split(', ').map((one) => one.split(' '));
      const value = offers?.find(([across, down]) => `${across} ${down}` === wanted)?.[2];
      if (!value) {
        edits.endPreview();
        return;
      }
      const edit = { kind: 'choose', option: this.spans.spans, slide: this.slide, setUp: null, value };
      if (done) edits.store(edit);
      else edits.preview(edit);
    },

    /** With shift, arrow keys do the same; whether there was something to do. */
    spanBy(key) {
      const step = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[key];
      if (!step || !this.spans) return false;
      const wanted = this.spans.desk.split(' ').map((cells, i) => Math.min(2, Math.max(1, Number(cells) + step[i])));
      if (wanted.join(' ') !== this.spans.desk) this.span(wanted.join(' '), true);
      return true;
    },

    /** Another picture on that side, or instead of the slide's own. */
    async exchange(side) {
      const { slide } = this;
      const [picture] = await pick(1);
      if (!picture) return;
      const whole = side === 'picture';
      edits.store(whole ? { kind: 'carry', slide, carries: { picture: picture.id } } : { kind: 'side-picture', slide, side, picture: picture.id });
    },
    /** One set-up shows another picture. */
    async instead({ currentTarget }) {
      const { slide } = this;
      const { setUp } = currentTarget.dataset;
      const [picture] = await pick(1);
      if (!picture) return;
      scope = setUp;
      edits.store({ kind: 'instead', slide, setUp, picture: picture.id });
    },
    notInstead({ currentTarget }) {
      edits.store({ kind: 'instead', slide: this.slide, setUp: currentTarget.dataset.setUp, picture: null });
    },

    pathsMeant() {
      return this.settled('/settings/paths-meant');
    },
    looked({ currentTarget }) {
      return this.settled('/pictures/looked', { ids: currentTarget.dataset.pictures.split(' ') });
    },
    /** Something that is asked on the sheet is answered: nobody is asked again. */
    async settled(address, body = {}) {
      try {
        await send('PUT', address, body);
        await edits.refreshBand();
      } catch (failed) {
        this.$root.querySelector('.sheet [data-said]').textContent = failed.problem ?? 'Keen Reel was not reached; it will ask again.';
      }
    },

    /** The sheet may have been drawn anew: marks for which screens the focal point is set, and shows the picture that they show. */
    drawn() {
      typing.drawn();
      this.remember();
      desk.wall.pick(desk.slide);
      if (shown !== this.slide) scope = ALL;
      shown = this.slide;
      const all = [...this.$root.querySelectorAll('[data-canvas]')];
      const canvas = all.find(({ dataset }) => dataset.canvas === scope) ?? all[0];
      all.forEach((one) => one.toggleAttribute('hidden', one !== canvas));
      this.$root.querySelectorAll('[data-focal-scope]').forEach((one) => one.setAttribute('aria-pressed', one.dataset.focalScope === scope));
    },

    // the focal point
    speakOf({ currentTarget }) {
      scope = currentTarget.dataset.focalScope;
      this.drawn();
    },
    clearFocal({ currentTarget }) {
      ({ scope } = currentTarget.dataset);
      edits.store(this.looking(null));
    },
    looking(focal) {
      return { kind: 'look', slide: this.slide, setUp: scope === ALL ? null : scope, focal };
    },

    /** Pressing on the picture sets the focal point; holding on drags it, and the wall follows. */
    press(event) {
      typing.pressed(event.target);
      const picture = event.target.closest('svg.focus');
      if (!picture || event.button !== 0) return;
      event.preventDefault();
      let focal;
      const show = (move) => {
        focal = at(picture, move);
        const circle = picture.querySelector(`.point.${scope}`) ?? picture.querySelector('.point.all');
        circle.setAttribute('cx', focal.x * picture.dataset.width);
        circle.setAttribute('cy', focal.y * picture.dataset.height);
        edits.preview(this.looking(focal));
      };
      show(event);
      const end = (cancelled) => {
        if (!cancelled) {
          edits.store(this.looking(focal));
          return;
        }
        desk.moved('band'); // the point is drawn where it was
        edits.endPreview();
      };
      follow(event, show, end, picture);
    },

    /** Enter in a line of words goes on to the same line of the next slide, with Shift of the one before. */
    onward(field, way) {
      typing.rest(field);
      if (this.beside(way)) field.select(); // it is that slide's by now
    },

    /** Arrow keys on a focal point's button move it by a hundredth. */
    keys(event) {
      typing.keyed(event.target, event.key);
      if (event.key === 'Enter' && !event.isComposing && event.target.matches('input[data-say]')) {
        event.preventDefault();
        this.onward(event.target, event.shiftKey ? -1 : 1);
        return;
      }
      const button = event.target.closest('[data-focal-scope]');
      const by = { ArrowLeft: [-0.01, 0], ArrowRight: [0.01, 0], ArrowUp: [0, -0.01], ArrowDown: [0, 0.01] }[event.key];
      if (!button || !by) return;
      event.preventDefault();
      scope = button.dataset.focalScope;
      const focal = { x: inside(Number(button.dataset.x) + by[0]), y: inside(Number(button.dataset.y) + by[1]) };
      Object.assign(button.dataset, focal); // the next press counts from here, before this one is stored
      edits.preview(this.looking(focal));
      edits.soon(`focal point of ${this.slide} on ${scope}`, this.looking(focal));
    },
  };
}
