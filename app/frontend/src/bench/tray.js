// Pictures that the reel does not show, in a row to take from: dragged between cards, or pressed to come behind the picked
// card. Files from the desktop are dropped between cards too.
import { notice } from '../http.js';

const PICTURE = 'application/x-picture';

export class Tray {
  #open = false;

  constructor(order) {
    this.order = order;
    const { place } = order;
    const tray = (this.tray = document.querySelector('.tray'));
    document.addEventListener('click', (event) => {
      if (event.target.closest('[data-do=tray]')) this.#turn();
      const picture = event.target.closest('.tray [data-picture]');
      if (picture) this.#take(picture.dataset.picture, this.#behindThePicked());
    });
    tray.addEventListener('dragstart', (event) => {
      const picture = event.target.closest('[data-picture]');
      if (picture) event.dataTransfer.setData(PICTURE, picture.dataset.picture);
    });
    place.addEventListener('dragover', (event) => this.#over(event));
    place.addEventListener('dragleave', (event) => place.contains(event.relatedTarget) || this.#line(undefined));
    place.addEventListener('drop', (event) => this.#drop(event));
  }

  async #turn() {
    this.#open = !this.#open;
    this.tray.hidden = !this.#open;
    document.querySelector('[data-do=tray]').setAttribute('aria-expanded', this.#open);
    if (this.#open) await this.draw();
  }

  /** The pictures as they are now. */
  async draw() {
    if (!this.#open) return;
    document.querySelector('[data-do=tray]')?.setAttribute('aria-expanded', true);
    try {
      const answer = await fetch(`/reels/${document.body.dataset.reel}/unused`);
      if (!answer.ok) throw new Error(answer.statusText);
      const held = document.activeElement?.dataset.picture;
      const at = [...this.tray.querySelectorAll('[data-picture]')].indexOf(document.activeElement);
      this.tray.innerHTML = await answer.text();
      if (held) [...this.tray.querySelectorAll('[data-picture]')].slice(0, at + 1).at(-1)?.focus();
    } catch {
      notice('The pictures could not be read: Keen Reel was not reached.');
    }
  }

  #behindThePicked() {
    const picked = this.order.bench.slide && this.order.placeOf(this.order.bench.slide);
    return picked?.nextElementSibling?.querySelector('.card').dataset.card ?? null;
  }

  async #take(id, before) {
    await this.order.add([{ id }], before);
    await this.draw();
  }

  #over(event) {
    const kinds = [...(event.dataTransfer?.types ?? [])];
    if (!kinds.includes(PICTURE) && !kinds.includes('Files')) return;
    event.preventDefault();
    this.#line(this.order.hand.gapAt(this.order, event));
  }

  /** Shows where a drop would go: before that card, at the end for null, nowhere for undefined. */
  #line(place) {
    this.order.place.querySelectorAll('.drop-before, .drop-after').forEach((one) => one.classList.remove('drop-before', 'drop-after'));
    if (place) place.classList.add('drop-before');
    else if (place === null) this.order.place.querySelector('.card-place:last-child')?.classList.add('drop-after');
  }

  /** A picture is put between cards; files are left to whoever brings them, with the slide that they come before. */
  #drop(event) {
    const gap = this.order.hand.gapAt(this.order, event);
    const before = gap?.querySelector('.card').dataset.card ?? null;
    this.#line(undefined);
    const id = event.dataTransfer.getData(PICTURE);
    if (!id) {
      event.before = before;
      return;
    }
    event.preventDefault();
    event.stopPropagation();
    this.#take(id, before);
  }
}
