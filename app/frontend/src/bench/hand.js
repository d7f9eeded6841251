// Cards in the hand: taken up by keys or dragged to another place, all that are chosen together; an edge is dragged for the hold.
import { follow } from '../following.js';
import { desk } from './desk.js';

const STEP = 500; // ms per notch of a drag
const FAR = 6; // px before a press becomes a drag
const NEAR = 60; // px from an end of the list in which it moves on

export class Hand {
  up = null; // the card that keys have taken up
  #dragging = false;
  #before; // the cards' order before they were taken up
  #order;
  #choosing;

  /**
   * @param order the running order
   * @param choosing the cards that are chosen together
   */
  constructor(order, choosing) {
    this.#order = order;
    this.#choosing = choosing;
  }

  /** Moved about in the list a card loses the focus for a moment only. */
  left() {
    setTimeout(() => this.up && document.activeElement !== this.#card() && this.settle());
  }

  get busy() {
    return Boolean(this.up) || this.#dragging;
  }

  /** True for the press that a drag ends with: it picks nothing. */
  endedADrag() {
    return this.#dragging;
  }

  #places(ids) {
    return ids.map((id) => this.#order.placeOf(id));
  }

  /** From here on the cards move together, as a block. */
  #gather(id) {
    desk.moved('order');
    this.#before = this.#order.cards.map(({ dataset }) => dataset.card);
    this.ids = this.#choosing.meant(id);
    const [first, ...rest] = this.#places(this.ids);
    let last = first;
    rest.forEach((place) => {
      last.after(place);
      last = place;
    });
  }

  takeUp(card) {
    this.up = card.dataset.card;
    this.#gather(this.up);
    this.#places(this.ids).forEach((place) => place.querySelector('.card').classList.add('up'));
    card.setAttribute('aria-description', 'Taken up. Arrow keys move it, Enter puts it down, Escape puts it back.');
    card.focus();
  }

  /** Moves what was taken up by one place. */
  carry(way) {
    const places = this.#places(this.ids);
    const beside = way < 0 ? places[0].previousElementSibling : places.at(-1).nextElementSibling;
    if (!beside) return;
    if (way < 0) places.at(-1).after(beside);
    else places[0].before(beside);
    this.#sayPlace();
  }

  #sayPlace() {
    const card = this.#card();
    card.focus();
    const place = this.#order.cards.indexOf(card) + 1;
    card.setAttribute('aria-description', `At place ${place} of ${this.#order.cards.length}. Enter puts it down, Escape puts it back.`);
  }

  /** Moves what was taken up to the front, or to the end. */
  carryTo(end) {
    const places = this.#places(this.ids);
    if (end) places[0].parentElement.append(...places);
    else places[0].parentElement.prepend(...places);
    this.#sayPlace();
  }

  /** The card that keys have taken up. */
  #card() {
    return this.#order.placeOf(this.up)?.querySelector('.card');
  }

  #letGo() {
    const card = this.#card();
    this.#order.$root.querySelectorAll('.card.up').forEach((one) => one.classList.remove('up'));
    card?.removeAttribute('aria-description');
    this.up = null;
    return card;
  }

  /** Puts down what was taken up; where it stands as before it is picked. */
  putDown() {
    const id = this.up;
    this.#letGo()?.focus();
    if (this.#haveMoved()) this.#moved();
    else this.#pick(id);
  }

  /** Somebody went on to something else: what was taken up stays where it stands. */
  settle() {
    this.#letGo();
    if (this.#haveMoved()) this.#moved();
    else desk.edits.refresh();
  }

  putBack() {
    this.#restore();
    this.#letGo()?.focus();
    desk.edits.refresh();
  }

  get #list() {
    return this.#order.$root.querySelector('.cards');
  }

  #restore() {
    this.#list.append(...this.#places(this.#before));
  }

  get #standing() {
    return this.#order.cards.map(({ dataset }) => dataset.card);
  }

  #haveMoved() {
    return this.#standing.join() !== this.#before.join();
  }

  /** Nothing has moved: one slide is picked, and what others did meanwhile is drawn. */
  async #pick(id) {
    if (this.ids.length === 1) await desk.select(id);
    await desk.edits.refresh();
  }

  /** Stores where the cards in the hand have come to stand; refused, they go back. */
  async #moved() {
    const standing = this.#standing;
    const before = standing[standing.indexOf(this.ids.at(-1)) + 1] ?? null;
    const stored = await this.#order.storeAll(this.ids.map((slide) => ({ kind: 'move', slide, before })));
    if (!stored) await desk.edits.refresh();
  }

  press(event) {
    if (event.button !== 0) return;
    const edge = event.target.closest('[data-edge]');
    const card = event.target.closest('.card');
    if (edge) this.#dragEdge(event, edge);
    else if (card && !event.shiftKey && !event.ctrlKey && !event.metaKey) this.#dragCard(event, card);
  }

  #dragCard(event, card) {
    const id = card.dataset.card;
    const from = event.clientX;
    let places = [];
    const list = this.#list;
    const stand = () => {
      const next = this.gapAt(event, places);
      if (places.at(-1).nextElementSibling === next) return;
      if (next) next.before(...places);
      else list.append(...places);
    };
    const roll = () => {
      // held near an end of the list, the list moves on below it
      if (!this.#dragging) return;
      const { left, right } = list.getBoundingClientRect();
      const over = Math.max(0, event.clientX - right + NEAR) - Math.max(0, left + NEAR - event.clientX);
      if (over) {
        list.scrollLeft += Math.max(-24, Math.min(24, over / 3));
        stand();
      }
      requestAnimationFrame(roll);
    };
    follow(
      event,
      (move) => {
        if (!this.#dragging && Math.abs(move.clientX - from) < FAR) return;
        if (!this.#dragging) {
          this.#dragging = true;
          this.#gather(id);
          places = this.#places(this.ids);
          places.forEach((place) => place.classList.add('dragged'));
          requestAnimationFrame(roll);
        }
        event = move;
        stand();
      },
      (cancelled) => {
        places.forEach((place) => place.classList.remove('dragged'));
        if (!this.#dragging) return;
        setTimeout(() => (this.#dragging = false)); // the click that follows a drag picks nothing
        if (cancelled) this.#restore();
        card.focus(); // moved about in the list it has lost the focus
        if (this.#haveMoved()) this.#moved();
        else if (cancelled) desk.edits.refresh();
        else this.#pick(id);
      },
    );
  }

  /** The card before which something at the pointer would come to stand; null for the end. */
  gapAt({ clientX, clientY }, without = []) {
    const others = [...this.#order.$root.querySelectorAll('.card-place')].filter((one) => !without.includes(one));
    return (
      others.find((one) => {
        const box = one.getBoundingClientRect();
        return clientX < box.left + box.width / 2 && clientY < box.bottom;
      }) ?? null
    );
  }

  #dragEdge(event, edge) {
    event.preventDefault();
    const own = edge.closest('.card-place');
    const former = Number(own.dataset.hold);
    const perPixel = former / own.getBoundingClientRect().width;
    const says = own.querySelector('.card .figure');
    const written = says.textContent;
    const reads = Number(own.dataset.reads);
    let hold = former;
    desk.moved('order');
    follow(
      event,
      (move) => {
        const wanted = former + (move.clientX - event.clientX) * perPixel;
        const step = move.shiftKey ? 100 : STEP;
        hold = Math.min(120000, Math.max(500, Math.round(wanted / step) * step));
        says.textContent = `${(hold / 1000).toFixed(1)} s${reads ? `, reads in ${(reads / 1000).toFixed(1)} s` : ''}`;
        own.style.flexGrow = hold;
      },
      (cancelled) => {
        if (!cancelled && hold !== former) {
          desk.edits.store({ kind: 'hold', slide: edge.dataset.edge, hold });
          return;
        }
        says.textContent = written;
        own.style.flexGrow = former;
      },
    );
  }
}
