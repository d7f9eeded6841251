// Several cards that are chosen together: Shift takes a stretch, Ctrl one more or one less. What is done to one of them is
// done to all.
export class Choosing {
  #ids = new Set();
  #last; // the card from which a stretch goes
  #cards;
  #place;

  /**
   * @param place the list with the cards
   * @param cards gives the cards that are in it now
   */
  constructor(place, cards) {
    this.#place = place;
    this.#cards = cards;
  }

  get any() {
    return this.#ids.size > 0;
  }

  get #all() {
    return this.#cards().map(({ dataset }) => dataset.card);
  }

  /** The cards that a command at that one means, in running order: all that are chosen with it, or it alone. */
  meant(id = [...this.#ids][0]) {
    return this.#ids.has(id) ? this.#all.filter((one) => this.#ids.has(one)) : [id];
  }

  all() {
    this.#choose(this.#all);
  }

  /** Everything from the card that was chosen last, or from that one, to another. */
  stretch(to, from) {
    this.#last ??= from;
    const all = this.#all;
    const [first, last] = [Math.max(0, all.indexOf(this.#last)), all.indexOf(to)].sort((a, b) => a - b);
    this.#choose(all.slice(first, last + 1));
  }

  /** One more or one less; the first time the one whose sheet is open is chosen with it. */
  toggle(id, open) {
    const ids = new Set(this.any || !open ? this.#ids : [open]);
    if (!ids.delete(id)) ids.add(id);
    this.#last = id;
    this.#choose(ids);
  }

  letGo() {
    this.#last = undefined;
    if (this.any) this.#choose([]);
  }

  #choose(ids) {
    this.#ids = new Set(ids);
    this.mark();
  }

  /** Shows which are chosen; what is no longer there is not. */
  mark() {
    const there = new Set();
    this.#cards().forEach((card) => {
      const chosen = this.#ids.has(card.dataset.card);
      if (chosen) there.add(card.dataset.card);
      if (card.classList.contains('among') === chosen) return;
      card.classList.toggle('among', chosen);
      if (chosen) card.setAttribute('aria-description', 'Chosen');
      else card.removeAttribute('aria-description');
    });
    this.#ids = there;
    const line = this.#place.querySelector('.chosen-line');
    if (!line) return;
    line.hidden = there.size === 0;
    line.querySelector('[data-count]').textContent = `${there.size} ${there.size === 1 ? 'slide' : 'slides'} chosen`;
  }
}
