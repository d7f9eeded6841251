// Large words that show pictures: what has focus comes into sight, and the first tap on a link shows, the second follows.

export class Worded {
  #touched = false;

  constructor(piece) {
    this.words = [...piece.strip.querySelectorAll('.word')];
    this.view = piece.strip.parentElement;
    piece.on(piece.strip, 'focusin', ({ target }) => this.#reach(target));
    const again = () => this.#reach(piece.focused);
    piece.on(window, 'scroll', again, { passive: true, capture: true }); // its row has moved on
    piece.watch(new ResizeObserver(again), piece.frame, document.documentElement);
    piece.on(piece.strip, 'focusout', () => this.words.forEach(({ style }) => (style.translate = '')));
    piece.on(piece.strip, 'pointerdown', ({ pointerType }) => (this.#touched = pointerType === 'touch'));
    piece.on(piece.strip, 'click', (event) => this.#tapped(event), { capture: true });
    piece.on(document, 'pointerdown', (event) => this.words.some((word) => event.composedPath().includes(word)) || this.#show());
  }

  /** The row of a word that is reached by keyboard moves so far that it is seen whole. */
  #reach(focused) {
    const word = focused?.closest('.word');
    if (!word?.matches(':focus-visible')) return;
    const [own, view] = [word, this.view].map((one) => one.getBoundingClientRect());
    const left = own.left - (parseFloat(word.style.translate) || 0); // without what was done for it before
    const by = left < view.left || own.width > view.width ? view.left - left : Math.min(0, view.right - own.width - left);
    this.words.filter(({ offsetTop }) => offsetTop === word.offsetTop).forEach(({ style }) => (style.translate = by ? `${by}px` : ''));
  }

  #show(word) {
    this.words.forEach((one) => one.parentElement.classList.toggle('shown', one === word));
  }

  #tapped(event) {
    const word = event.target.closest('.word');
    if (!word || !this.#touched) return;
    if (!word.parentElement.matches('.shown')) {
      event.preventDefault();
      event.stopPropagation();
    }
    this.#show(word);
  }
}
