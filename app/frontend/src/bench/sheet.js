// A slide's sheet: its words, its hold, its focal point, its pair.
import { pick } from '../pick.js';

const REST = 800; // ms after which typing counts as done

export class Sheet {
  constructor(band, bench, edits, order) {
    Object.assign(this, { band, bench, edits, order, scope: 'all' });
    band.addEventListener('input', (event) => this.#typed(event));
    band.addEventListener('focusin', (event) => this.#count(event.target));
    band.addEventListener('change', (event) => this.#rested(event));
    band.addEventListener('click', (event) => this.#click(event));
    band.addEventListener('pointerdown', (event) => this.#focus(event));
    band.addEventListener('keydown', (event) => this.#key(event));
  }

  /** The slide whose sheet is drawn: the one that was picked last, once its sheet has come. */
  get slide() {
    return this.band.querySelector('.sheet')?.dataset.slide ?? this.bench.slide;
  }

  #problem = (words) => {
    const place = this.band.querySelector('.sheet [data-problem]');
    if (place) place.textContent = words;
  };

  /** What a field says becomes this edit. */
  #edit(field) {
    const { dataset, value } = field;
    if (dataset.say) return { kind: 'say', slide: this.slide, field: dataset.say, text: value };
    if ('colour' in dataset) return { kind: 'carry', slide: this.slide, carries: { colour: value } };
    if (dataset.day) return { kind: 'show', slide: this.slide, showing: { ...this.#showing, [dataset.day]: value || null } };
    if ('holdField' in dataset) return { kind: 'hold', slide: this.slide, hold: Math.round(Number(value) * 1000) };
    if ('larger' in dataset) return { kind: 'enlarge', slide: this.slide, larger: { true: true, false: false }[value] ?? null };
    if (dataset.pair) return { kind: 'carry', slide: this.slide, carries: this.#pair(dataset.pair, value) };
    return null;
  }

  get #showing() {
    return JSON.parse(this.band.querySelector('[data-showing-now]').dataset.showingNow);
  }

  get #pairNow() {
    return JSON.parse(this.band.querySelector('[data-pair-now]').dataset.pairNow);
  }

  #pair(key, value) {
    return { ...this.#pairNow, [key]: key === 'startsAt' ? Number(value) / 100 : value };
  }

  #typed(event) {
    const edit = this.#edit(event.target);
    if (!edit || !event.target.closest('.sheet')) return;
    event.target.dataset.dirty = 'yes';
    event.target.dataset.on ??= this.edits.revision; // what others write from here on was not seen
    this.#count(event.target);
    if (event.target.matches('[type=range]')) event.target.parentElement.querySelector('output').textContent = `${event.target.value} %`;
    if (event.target.dataset.say !== 'link') this.edits.preview(edit, this.#problem); // half an address is none
    clearTimeout(this.timer);
    this.waiting = { edit, field: event.target };
    if (!event.target.matches('[type=range]')) this.timer = setTimeout(() => this.#store(), REST);
  }

  /** How much of a field is used, while it is being typed in. */
  #count(field) {
    if (!('counted' in field.dataset)) return;
    const words = field.value.trim() ? field.value.trim().split(/\s+/).length : 0;
    const place = this.band.querySelector('[data-counts]');
    const name = field.closest('label').firstChild.textContent.trim();
    place.textContent = `${name}: ${words} ${words === 1 ? 'word' : 'words'}, ${field.value.length} of ${field.maxLength} characters`;
  }

  #rested(event) {
    const edit = event.target.closest('.sheet') && this.#edit(event.target);
    if (!edit || !event.target.dataset.dirty) return;
    this.waiting = { edit, field: event.target };
    this.#store();
  }

  #store() {
    clearTimeout(this.timer);
    const { edit, field } = this.waiting ?? {};
    this.waiting = undefined;
    if (!edit) return;
    const on = Number(field.dataset.on);
    delete field.dataset.dirty; // typing on marks it again
    delete field.dataset.on;
    this.edits.store(edit, this.#problem, on).then((stored) => stored && this.#problem(''));
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
    this.#store();
    const action = button.dataset.do;
    if (action === 'brief') this.bench.select(null);
    else if (action === 'former-slide' || action === 'next-slide') {
      const cards = this.order.cards.map(({ dataset }) => dataset.card);
      this.bench.select(cards[cards.indexOf(this.slide) + (action === 'next-slide' ? 1 : -1)]);
    } else if (action === 'duplicate') this.order.duplicate([this.slide]);
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
    else if (action === 'swap') {
      const { before, after, nameBefore, nameAfter, startsAt } = this.#pairNow;
      const carries = { before: after, after: before, nameBefore: nameAfter, nameAfter: nameBefore, startsAt: 1 - startsAt };
      this.edits.store({ kind: 'carry', slide: this.slide, carries });
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
    const carries = side === 'picture' ? { picture: picture.id } : { ...this.#pairNow, [side]: picture.id };
    this.edits.store({ kind: 'carry', slide, carries });
  }

  #look(focal) {
    const setUp = this.scope === 'all' ? null : this.scope;
    this.edits.store({ kind: 'look', slide: this.slide, setUp, focal });
  }

  /** The sheet may have been drawn anew: marks for which screens the focal point is set, and shows the picture that they show. */
  drawn() {
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
    picture.onpointerup = () => {
      picture.onpointermove = picture.onpointerup = null;
      this.#look(focal);
    };
  }

  /** Enter in a line of words goes on to the same line of the next slide, with Shift of the one before. */
  async #onward(field, way) {
    this.#rested({ target: field });
    field.blur(); // what is typed before the next sheet is there would be lost
    const { cards } = this.order;
    const beside = cards[cards.findIndex(({ dataset }) => dataset.card === this.slide) + way];
    if (!beside) return;
    await this.bench.select(beside.dataset.card);
    const same = this.band.querySelector(`[data-say=${field.dataset.say}]`);
    same?.focus();
    same?.select();
  }

  /** Arrow keys on a focal point's button move it by a hundredth. */
  #key(event) {
    if (event.key === 'Enter' && event.target.matches('input[data-say]')) {
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
    this.#look({ x: inside(Number(button.dataset.x) + by[0]), y: inside(Number(button.dataset.y) + by[1]) });
  }
}
