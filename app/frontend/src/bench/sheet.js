// A slide's sheet: what is pressed on it, its focal point, and going on to the next one. Its fields are typing.js.
import { send } from '../http.js';
import { pick } from '../pick.js';

export class Sheet {
  #words = {}; // what slides say themselves, by slide and field

  constructor(band, bench, edits, order, typing) {
    Object.assign(this, { band, bench, edits, order, typing, scope: 'all' });
    band.addEventListener('click', (event) => this.#click(event));
    band.addEventListener('pointerdown', (event) => this.#focus(event));
    band.addEventListener('keydown', (event) => this.#key(event));
    this.learn();
  }

  /** The slide whose sheet is drawn: the one that was picked last, once its sheet has come. */
  get slide() {
    return this.typing.slide ?? this.bench.slide;
  }

  /** Reads what all slides say, so that going on to another one does not wait for it. */
  async learn() {
    try {
      this.#words = await send('GET', `${this.edits.address}/words`);
    } catch {
      // then fields are empty until the sheet comes
    }
  }

  /**
   * Another slide was picked: the sheet that stands there becomes its own as far as it is known, until the whole one comes.
   * Keys that are pressed meanwhile go where they were meant to.
   */
  turn(id) {
    const sheet = this.band.querySelector('.sheet');
    if (!id || !sheet?.dataset.slide || sheet.dataset.slide === id) return;
    this.#remember();
    sheet.dataset.slide = id;
    sheet.classList.add('coming');
    const place = this.order.cards.findIndex(({ dataset }) => dataset.card === id);
    sheet.querySelector('h2 span').textContent = place + 1;
    sheet.querySelector('[data-do=former-slide]').disabled = place === 0;
    sheet.querySelector('[data-do=next-slide]').disabled = place === this.order.cards.length - 1;
    sheet.querySelectorAll('[data-problem]').forEach((problem) => (problem.textContent = ''));
    sheet.querySelectorAll('.sheet-picture, .sheet-more, .whose').forEach((one) => (one.inert = true));
    sheet.querySelectorAll('[data-say]').forEach((field) => {
      field.value = this.typing.value(field) ?? this.#words[id]?.[field.dataset.say] ?? '';
      field.placeholder = '';
    });
  }

  #remember() {
    this.band.querySelectorAll('.sheet [data-say]').forEach((field) => {
      (this.#words[this.slide] ??= {})[field.dataset.say] = field.value;
    });
  }

  async #click(event) {
    const scope = event.target.closest('[data-focal-scope]');
    if (scope) {
      this.scope = scope.dataset.focalScope;
      this.drawn();
      return;
    }
    const button = event.target.closest('.sheet [data-do]');
    if (!button) return;
    const action = button.dataset.do;
    if (action === 'brief') this.bench.select(null);
    else if (action === 'former-slide' || action === 'next-slide') {
      const cards = this.order.cards.map(({ dataset }) => dataset.card);
      this.bench.select(cards[cards.indexOf(this.slide) + (action === 'next-slide' ? 1 : -1)]);
    } else if (action === 'earlier' || action === 'later') this.order.shift(this.slide, action === 'later' ? 1 : -1);
    else if (action === 'duplicate') this.order.duplicate([this.slide]);
    else if (action === 'remove') this.order.remove([this.slide]);
    else if (action === 'hide') this.order.hide([this.slide]);
    else if (action === 'hold-to-read') this.edits.store({ kind: 'hold', slide: this.slide, hold: Number(button.dataset.hold) });
    else if (action === 'clear-hold') this.edits.store({ kind: 'hold', slide: this.slide, hold: null });
    else if (action === 'clear-focal') {
      this.scope = button.dataset.scope;
      this.#look(null);
    }
    else if (action === 'say-nothing') this.edits.store({ kind: 'say', slide: this.slide, field: button.dataset.field, text: '' });
    else if (action === 'say-as-picture') this.edits.store({ kind: 'say', slide: this.slide, field: button.dataset.field, text: null });
    else if (action === 'instead') this.#instead(button.dataset.setUp);
    else if (action === 'not-instead') this.edits.store({ kind: 'instead', slide: this.slide, setUp: button.dataset.setUp, picture: null });
    else if (action === 'exchange') this.#exchange(button.dataset.side);
    else if (action === 'swap') this.edits.store({ kind: 'swap-sides', slide: this.slide });
    else if (action === 'paths-meant') this.#settled('/settings/paths-meant');
    else if (action === 'looked') this.#settled('/pictures/looked', { ids: button.dataset.pictures.split(' ') });
  }

  /** Something that is asked on the sheet is answered: nobody is asked again. */
  async #settled(address, body = {}) {
    try {
      await send('PUT', address, body);
      await this.edits.refreshBand();
    } catch (failed) {
      this.band.querySelector('.sheet [data-said]').textContent = failed.problem ?? 'Keen Reel was not reached; it will ask again.';
    }
  }

  /** One set-up shows another picture. */
  async #instead(setUp) {
    const { slide } = this;
    const [picture] = await pick(1);
    if (!picture) return;
    this.scope = setUp;
    this.edits.store({ kind: 'instead', slide, setUp, picture: picture.id });
  }

  async #exchange(side) {
    const slide = this.slide;
    const [picture] = await pick(1);
    if (!picture) return;
    const whole = side === 'picture';
    this.edits.store(whole ? { kind: 'carry', slide, carries: { picture: picture.id } } : { kind: 'side-picture', slide, side, picture: picture.id });
  }

  #look(focal) {
    const setUp = this.scope === 'all' ? null : this.scope;
    this.edits.store({ kind: 'look', slide: this.slide, setUp, focal });
  }

  /** The sheet may have been drawn anew: marks for which screens the focal point is set, and shows the picture that they show. */
  drawn() {
    this.#remember();
    if (this.shown !== this.slide) this.scope = 'all';
    this.shown = this.slide;
    const all = [...this.band.querySelectorAll('[data-canvas]')];
    const canvas = all.find(({ dataset }) => dataset.canvas === this.scope) ?? all[0];
    all.forEach((one) => one.toggleAttribute('hidden', one !== canvas));
    this.band.querySelectorAll('[data-focal-scope]').forEach((one) => one.setAttribute('aria-pressed', one.dataset.focalScope === this.scope));
  }

  /** Pressing on the picture sets the focal point; holding on drags it, and the wall follows. */
  #focus(event) {
    const picture = event.target.closest('svg.focus');
    if (!picture || event.button !== 0) return;
    event.preventDefault();
    const at = (move) => {
      const box = picture.getScreenCTM().inverse();
      const point = new DOMPoint(move.clientX, move.clientY).matrixTransform(box);
      const share = (value, size) => Math.round(1000 * Math.min(1, Math.max(0, value / size))) / 1000;
      return { x: share(point.x, Number(picture.dataset.width)), y: share(point.y, Number(picture.dataset.height)) };
    };
    let focal = at(event);
    const show = () => {
      const circle = picture.querySelector(`.point.${this.scope}`) ?? picture.querySelector('.point.all');
      circle.setAttribute('cx', focal.x * picture.dataset.width);
      circle.setAttribute('cy', focal.y * picture.dataset.height);
      const setUp = this.scope === 'all' ? null : this.scope;
      this.edits.preview({ kind: 'look', slide: this.slide, setUp, focal });
    };
    show();
    picture.setPointerCapture(event.pointerId);
    picture.onpointermove = (move) => {
      focal = at(move);
      show();
    };
    const rest = (then) => () => {
      picture.onpointermove = picture.onpointerup = picture.onpointercancel = null;
      then();
    };
    picture.onpointerup = rest(() => this.#look(focal));
    picture.onpointercancel = rest(() => this.edits.endPreview());
  }

  /** Enter in a line of words goes on to the same line of the next slide, with Shift of the one before. */
  #onward(field, way) {
    this.typing.rest(field);
    const { cards } = this.order;
    const beside = cards[cards.findIndex(({ dataset }) => dataset.card === this.slide) + way];
    if (!beside) return;
    this.bench.select(beside.dataset.card);
    field.select(); // it is that slide's by now
  }

  /** Arrow keys on a focal point's button move it by a hundredth. */
  #key(event) {
    if (event.key === 'Enter' && !event.isComposing && event.target.matches('input[data-say]')) {
      event.preventDefault();
      this.#onward(event.target, event.shiftKey ? -1 : 1);
      return;
    }
    const button = event.target.closest('[data-focal-scope]');
    const by = { ArrowLeft: [-0.01, 0], ArrowRight: [0.01, 0], ArrowUp: [0, -0.01], ArrowDown: [0, 0.01] }[event.key];
    if (!button || !by) return;
    event.preventDefault();
    this.scope = button.dataset.focalScope;
    const inside = (value) => Math.round(1000 * Math.min(1, Math.max(0, value))) / 1000;
    const focal = { x: inside(Number(button.dataset.x) + by[0]), y: inside(Number(button.dataset.y) + by[1]) };
    Object.assign(button.dataset, focal); // the next press counts from here, before this one is stored
    const setUp = this.scope === 'all' ? null : this.scope;
    const edit = { kind: 'look', slide: this.slide, setUp, focal };
    this.edits.preview(edit);
    this.edits.soon(`focal point of ${this.slide} on ${this.scope}`, edit);
  }
}
