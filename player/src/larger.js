// The larger view: a pressed picture as large as the window, with its own arrows, keys, swipe and size. A script of its own,
// which a player asks for at the first press.
import { TURN } from './swiping.js';

const SIZES = ['whole', 'fill', 'original'];

class Larger {
  constructor(piece) {
    this.dialog = piece.reel.querySelector('dialog');
    this.piece = piece;
    this.pane = this.dialog.querySelector('.pane');
    this.told = this.dialog.querySelector('.told');
    piece.on(this.dialog, 'click', (event) => this.#pressed(event));
    piece.on(this.dialog, 'keydown', (event) => this.#key(event));
    piece.on(this.dialog, 'close', () => this.#closed());
    piece.on(this.pane, 'pointerdown', (event) => this.#down(event));
    piece.on(this.pane, 'pointermove', (event) => this.#move(event));
    piece.on(this.pane, 'pointerup', (event) => this.#up(event));
    piece.on(this.pane, 'pointercancel', () => (this.from = undefined));
    piece.on(window, 'resize', () => this.#load());
    piece.on(document, 'fullscreenchange', () => this.inFrame && !this.piece.host.shadowRoot.fullscreenElement && this.dialog.close());
    this.#action('screen').hidden = !document.fullscreenEnabled;
  }

  get #size() {
    return this.pane.dataset.size;
  }

  #action(name) {
    return this.dialog.querySelector(`[data-do=${name}]`);
  }

  /** The slides that can be looked at, in the order they have. */
  get #slides() {
    return [...this.piece.strip.querySelectorAll(':scope > .slide > .larger')].map((one) => one.parentElement);
  }

  #pressed(event) {
    const action = event.target.closest('[data-do]')?.dataset.do;
    if (!action) return;
    if (SIZES.includes(action)) this.#as(action);
    else if (action === 'close') this.dialog.close();
    else if (action === 'screen') this.#fullScreen();
    else this.#step(action === 'next' ? 1 : -1);
  }

  /** Shows the picture of that slide, then those that so many steps lead to, each in its way. */
  open(slide, ways) {
    if (this.dialog.open) return; // pressed twice while it was coming
    this.piece.wait('larger view');
    this.dialog.showModal();
    this.#show(slide);
    ways.forEach((way) => this.#step(way));
    this.inFrame = window !== top && document.fullscreenEnabled; // there the window is no larger than the reel
    if (this.inFrame) this.#fullScreen();
  }

  async #fullScreen() {
    try {
      if (this.piece.host.shadowRoot.fullscreenElement) await document.exitFullscreen();
      else await this.dialog.firstElementChild.requestFullscreen();
    } catch {
      this.inFrame = false; // the page does not let it
    }
  }

  #closed() {
    if (this.piece.host.shadowRoot.fullscreenElement) document.exitFullscreen();
    this.pane.replaceChildren();
    this.#bringIntoSight();
    this.slide.querySelector('.larger').focus();
    this.piece.go('larger view');
  }

  /** The reel stands at what was looked at. */
  #bringIntoSight() {
    const { range, stop, slides } = this.piece;
    if (stop === undefined) return;
    const slide = slides.indexOf(this.slide);
    if (!range.stops[stop].includes(slide)) this.piece.visit(this.piece.stopOf(slide));
    this.piece.arrive();
  }

  /** Goes to the next or the former picture; after the last comes the first. */
  #step(way) {
    const slides = this.#slides;
    if (slides.length > 1) this.#show(slides[(slides.indexOf(this.slide) + way + slides.length) % slides.length]);
  }

  #show(slide) {
    this.slide = slide;
    // what the set-up shows, if it shows another picture
    this.source = [...slide.querySelectorAll('.crop > img')].find((image) => getComputedStyle(image).display !== 'none');
    this.image = Object.assign(new Image(), { alt: this.source.alt, draggable: false });
    this.image.style.setProperty('--w', this.source.getAttribute('width'));
    this.image.style.setProperty('--h', this.source.getAttribute('height'));
    if (this.source.complete && this.source.currentSrc) this.image.style.backgroundImage = `url("${this.source.currentSrc}")`;
    this.pane.replaceChildren(this.image);
    const [place, ...words] = this.told.children;
    place.textContent = slide.ariaLabel;
    words.forEach((one) => one.remove());
    this.told.append(...[...slide.querySelectorAll('.title, .text')].map((one) => one.cloneNode(true)));
    const alone = this.#slides.length < 2;
    this.#action('former').hidden = alone;
    this.#action('next').hidden = alone;
    this.#as('whole');
  }

  /** Shows the picture whole, filling the window, or in its own size; what is outside can be moved to. */
  #as(size) {
    this.pane.dataset.size = size;
    for (const name of SIZES) this.#action(name).setAttribute('aria-pressed', name === size);
    const { scrollWidth, scrollHeight, clientWidth, clientHeight } = this.pane;
    this.pane.tabIndex = scrollWidth > clientWidth || scrollHeight > clientHeight ? 0 : -1;
    this.#scroll((scrollWidth - clientWidth) / 2, (scrollHeight - clientHeight) / 2);
    this.#load();
  }

  #scroll(scrollLeft, scrollTop) {
    Object.assign(this.pane, { scrollLeft, scrollTop });
  }

  /** Asks for the file that is wide enough; `sizes` is what the picture really takes. */
  #load() {
    if (!this.dialog.open) return;
    this.image.sizes = `${Math.ceil(this.image.clientWidth)}px`;
    if (this.image.src) return;
    if (this.source.srcset) this.image.srcset = this.source.srcset;
    this.image.src = this.source.src;
  }

  #key(event) {
    const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!way || (this.pane.tabIndex === 0 && event.target === this.pane) || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    this.#step(way * this.piece.plan.way);
  }

  #down(event) {
    if (event.button !== 0 || (event.pointerType !== 'mouse' && this.#size !== 'whole')) return; // fingers scroll by themselves
    this.pane.setPointerCapture(event.pointerId);
    this.from = { x: event.clientX, y: event.clientY, left: this.pane.scrollLeft, top: this.pane.scrollTop };
  }

  #move({ clientX, clientY }) {
    if (!this.from || this.#size === 'whole') return;
    const { x, y, left, top } = this.from;
    this.#scroll(left + x - clientX, top + y - clientY);
  }

  #up({ clientX }) {
    const by = clientX - (this.from?.x ?? clientX);
    this.from = undefined;
    if (this.#size === 'whole' && Math.abs(by) > TURN) this.#step(by * this.piece.plan.way < 0 ? 1 : -1);
  }
}

document.currentScript.show = Larger;
