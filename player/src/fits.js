// How pictures fit, as a visitor wants it: filling the frame, whole, or in their own size.
const ORDER = ['fill', 'whole', 'original'];

class Fits {
  #chosen;

  constructor(piece) {
    this.piece = piece;
    this.button = piece.reel.querySelector('.fits');
    if (!this.button) return; // it is hidden on all screens
    piece.on(this.button, 'click', () => this.#show(this.#next));
    piece.watch(new ResizeObserver(() => this.#say()), piece.reel); // another screen may begin with another fit
    this.button.classList.add('ready');
  }

  get #at() {
    return this.#chosen ?? this.piece.plan.fits.from[this.piece.range.setUp];
  }

  get #next() {
    return ORDER[(ORDER.indexOf(this.#at) + 1) % ORDER.length];
  }

  #show(how) {
    const { reel } = this.piece;
    this.#chosen = reel.dataset.fits = how;
    reel.querySelectorAll('.crop :is(img, video)').forEach((image) => {
      const [width, height] = ['width', 'height'].map((side) => `${image.getAttribute(side)}px`);
      image.style.setProperty('--own-width', width);
      image.style.setProperty('--own-height', height);
      if (how === 'original') image.sizes = width; // the largest file
    });
    this.#say();
  }

  /** The button says what it brings. */
  #say() {
    this.button.dataset.next = this.#next;
    this.button.setAttribute('aria-label', this.piece.plan.fits[this.#next]);
  }
}

document.currentScript.show = Fits;
