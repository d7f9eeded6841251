// Several cards that are chosen together: Shift takes a stretch, Ctrl one more or one less. What is done to one of them is
// done to all.
export class Choosing {
  #ids = new Set();
  #last; // the card from which a stretch goes

  constructor(order) {
    this.order = order;
  }

  get any() {
    return this.#ids.size > 0;
  }

  get #all() {
    return this.order.cards.map(({ dataset }) => dataset.card);
  }

  /** The cards that a command at that one means, in running order: all that are chosen with it, or it alone. */
  meant(id = [...this.#ids][0]) {
    return this.#ids.has(id) ? this.#all.filter((one) => this.#ids.has(one)) : [id];
  }

  all() {
    this.#choose(this.#all);
  }

  /** Everything from the card that was chosen last to that one. */
  stretch(to, from = this.order.bench.slide ?? this.#all[0]) {
    this.#last ??= from;
    const all = this.#all;
    const [first, last] = [Math.max(0, all.indexOf(this.#last)), all.indexOf(to)].sort((a, b) => a - b);
    this.#choose(all.slice(first, last + 1));
  }

  toggle(id) {
    const { slide } = this.order.bench;
    const ids = new Set(this.any || !slide ? this.#ids : [slide]);
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
    if (this.any && this.order.bench.slide) this.order.bench.select(null);
    this.mark();
  }

  /** Shows which are chosen; what is no longer there is not. */
  mark() {
    const there = new Set();
    this.order.cards.forEach((card) => {
      const chosen = this.#ids.has(card.dataset.card);
      if (chosen) there.add(card.dataset.card);
      if (card.classList.contains('among') === chosen) return;
      card.classList.toggle('among', chosen);
      if (chosen) card.setAttribute('aria-description', 'Chosen');
      else card.removeAttribute('aria-description');
    });
    this.#ids = there;
    const line = this.order.place.querySelector('.chosen-line');
    if (!line) return;
    line.hidden = there.size === 0;
    line.querySelector('[data-count]').textContent = `${there.size} ${there.size === 1 ? 'slide' : 'slides'} chosen`;
  }
}
