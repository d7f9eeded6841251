// Thumbnails: the one of the slide that is seen is current, and the band follows it, and a pointer to its ends. A script of its
// own, which a player asks for when it runs.
const NEAR = 48; // px from an end of the band from where a pointer moves it
const FAST = 9; // px a frame at the very end
const FADES = 32; // px in which the band fades at an end beyond which there is more

class Thumbs {
  #pace = 0;

  constructor(piece) {
    this.piece = piece;
    this.band = piece.reel.querySelector('.thumbs');
    if (!this.band) return; // it is hidden on all screens
    const ofSlides = Object.fromEntries([...this.band.children].map((thumb) => [thumb.dataset.of, thumb]));
    this.thumbs = piece.slides.map(({ dataset }) => ofSlides[dataset.slide]); // a visit may have an order of its own
    this.band.append(...this.thumbs);
    const { stand, ask } = piece;
    piece.stand = (stop) => {
      stand.call(piece, stop);
      this.#mark();
    };
    piece.ask = (stop, forward) => {
      ask.call(piece, stop, forward);
      this.#mark();
    };
    piece.on(this.band, 'click', ({ target }) => {
      const thumb = this.thumbs.indexOf(target.closest('.thumb'));
      if (thumb >= 0) piece.visit(piece.stopOf(thumb));
    });
    piece.on(piece.reel, 'keydown', (event) => this.#key(event)); // after the reel
    piece.on(this.band, 'pointermove', (event) => event.pointerType === 'mouse' && this.#near(event));
    piece.on(this.band, 'pointerleave', () => (this.#pace = 0));
    piece.on(this.band, 'scroll', () => this.#fade(), { passive: true });
    piece.watch(new ResizeObserver(() => this.#follow('instant')), this.band);
    this.#mark();
  }

  /** Where there are more than are seen, an end of the band says so. */
  #fade() {
    const { band } = this;
    const [gone, rest, toward] = this.#upright
      ? [band.scrollTop, band.scrollHeight - band.clientHeight, 'bottom']
      : [Math.abs(band.scrollLeft), band.scrollWidth - band.clientWidth, this.piece.plan.way < 0 ? 'left' : 'right'];
    const end = (more) => (more > 1 ? '#0000' : '#000');
    band.style.maskImage = rest > 1 ? `linear-gradient(to ${toward}, ${end(gone)}, #000 ${FADES}px calc(100% - ${FADES}px), ${end(rest - gone)})` : '';
  }

  get #upright() {
    return this.band.scrollHeight > this.band.clientHeight + 1;
  }

  /** The slides that are seen, or will be. */
  get #seen() {
    return this.piece.range.stops[this.piece.wanted] ?? [];
  }

  #mark() {
    const seen = this.#seen;
    this.thumbs.forEach((thumb, i) => {
      const now = seen.includes(i);
      thumb.classList.toggle('now', now);
      thumb.setAttribute('aria-current', now);
      thumb.tabIndex = i === seen[0] ? 0 : -1; // many are one step for the Tab key
    });
    this.#follow(this.piece.held || this.piece.still ? 'instant' : 'smooth');
  }

  /** The current one stands in the middle of the band, as far as there are others on both sides. */
  #follow(behavior) {
    this.#fade();
    const [band, thumb] = [this.band, this.thumbs[this.#seen[0]]].map((one) => one?.getBoundingClientRect());
    if (!thumb?.width) return;
    const scale = band.width / this.band.offsetWidth;
    const by = (start, size) => (thumb[start] + thumb[size] / 2 - band[start] - band[size] / 2) / scale;
    this.band.scrollBy({ left: by('left', 'width'), top: by('top', 'height'), behavior });
  }

  /** Keys on a thumbnail go on to the one of the slide that they have asked for. */
  #key(event) {
    const { piece } = this;
    if (!event.target.matches('.thumb')) return;
    const end = { Home: 0, End: piece.stops - 1 }[event.key];
    const way = this.#upright && { ArrowUp: -1, ArrowDown: 1 }[event.key];
    if (!event.defaultPrevented && piece.range.keys && !event.altKey && !event.ctrlKey && !event.metaKey && (way || end !== undefined)) {
      event.preventDefault();
      if (way) piece.step(way);
      else piece.visit(end);
    }
    if (event.defaultPrevented) this.thumbs[this.#seen[0]].focus({ preventScroll: true });
  }

  /** A pointer near an end of the band moves it. */
  #near({ clientX, clientY }) {
    const { left, top, right, bottom } = this.band.getBoundingClientRect();
    const [at, from, to] = this.#upright ? [clientY, top, bottom] : [clientX, left, right];
    const over = at < from + NEAR ? at - from - NEAR : Math.max(0, at - to + NEAR);
    const moving = this.#pace;
    this.#pace = this.piece.still ? 0 : (FAST * over) / NEAR;
    if (this.#pace && !moving) this.#go();
  }

  #go() {
    if (!this.#pace || !this.band.isConnected) return;
    this.band.scrollBy({ [this.#upright ? 'top' : 'left']: this.#pace, behavior: 'instant' });
    requestAnimationFrame(() => this.#go());
  }
}

document.currentScript.show = Thumbs;
