// The larger view: a pressed picture as large as the window, with its own arrows, keys, swipe and size. A script of its own,
// which a player asks for at the first press.
import { TURN } from './swiping.js';

const SIZES = ['whole', 'fill', 'original'];
const TWICE = 320; // ms within which two taps are one
const NEAR = 24; // px
const CLOSEST = 4; // so many times its own size a picture is enlarged at the most
const KEYS = { '+': 1.25, '=': 1.25, '-': 0.8 };

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
    piece.on(this.pane, 'pointercancel', () => (this.from = this.tapped = undefined));
    for (const type of ['touchstart', 'touchmove']) piece.on(this.pane, type, (event) => this.#pinch(event), { passive: false });
    piece.on(this.pane, 'wheel', (event) => this.#wheel(event), { passive: false });
    piece.on(window, 'resize', () => this.#load());
    piece.on(document, 'fullscreenchange', () => this.inFrame && !this.piece.host.shadowRoot.fullscreenElement && this.dialog.close());
    this.#action('screen').hidden = !document.fullscreenEnabled;
  }

  /** Opens the picture that the page's address names, where it is one of that piece's. */
  static asked({ host, strip }) {
    const place = `[data-slide="${CSS.escape(location.hash.slice('#reel-'.length))}"] > .larger`;
    const first = [...document.querySelectorAll('keen-reel')].find(({ shadowRoot }) => shadowRoot?.querySelector(place)); // one may be there twice
    if (first === host && strip.isConnected) strip.querySelector(place).click(); // it may have been replaced meanwhile
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

  /** Shows the picture of that slide, then does what keys asked for meanwhile. */
  open(slide, keys) {
    if (this.dialog.open) return; // pressed twice while it was coming
    this.piece.wait('larger view');
    this.dialog.showModal();
    this.#show(slide);
    keys.forEach((event) => this.#key(event));
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
    this.#address(location.pathname + location.search);
    this.pane.replaceChildren();
    this.#bringIntoSight();
    this.slide.querySelector('.larger').focus();
    this.piece.go('larger view');
  }

  /** What is seen stands in the page's address, where that is wanted. */
  #address(now) {
    if (!this.piece.plan.addressed) return;
    try {
      history.replaceState(history.state, '', now);
    } catch {
      // a page in a frame may have no address of its own
    }
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
    this.#address(`#reel-${slide.dataset.slide}`);
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
    this.#sized(size);
    const { scrollWidth, scrollHeight, clientWidth, clientHeight } = this.pane;
    this.#scroll((scrollWidth - clientWidth) / 2, (scrollHeight - clientHeight) / 2);
  }

  #sized(size) {
    this.pane.dataset.size = size;
    for (const name of SIZES) this.#action(name).setAttribute('aria-pressed', name === size);
    const { scrollWidth, scrollHeight, clientWidth, clientHeight } = this.pane;
    this.pane.tabIndex = scrollWidth > clientWidth || scrollHeight > clientHeight ? 0 : -1;
    this.#load();
  }

  get #own() {
    return Number(this.source.getAttribute('width'));
  }

  /** How wide the picture is where it is seen whole, px. */
  get #least() {
    const { clientWidth, clientHeight } = this.pane;
    return Math.min(clientWidth, (clientHeight * this.#own) / this.source.getAttribute('height'), this.#own);
  }

  /** Makes the picture so wide; what of it is at that point of the window stays there. */
  #zoom(wide, x, y) {
    const before = this.image.getBoundingClientRect();
    if (wide <= this.#least) {
      this.#as('whole');
      return;
    }
    this.image.style.setProperty('--free', `${Math.min(wide, CLOSEST * this.#own)}px`);
    this.#sized('free');
    const after = this.image.getBoundingClientRect();
    const moved = (start, length, at) => after[start] + ((at - before[start]) / before[length]) * after[length] - at;
    this.#scroll(this.pane.scrollLeft + moved('left', 'width', x), this.pane.scrollTop + moved('top', 'height', y));
  }

  #zoomBy(factor, x, y) {
    this.#zoom(this.image.clientWidth * factor, x, y);
  }

  /** Two fingers hold the picture. */
  #pinch(event) {
    if (event.touches.length !== 2) return;
    event.preventDefault();
    this.from = this.tapped = undefined;
    const [one, other] = event.touches;
    const apart = Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY);
    if (event.type === 'touchmove' && this.apart) this.#zoomBy(apart / this.apart, (one.clientX + other.clientX) / 2, (one.clientY + other.clientY) / 2);
    this.apart = apart;
  }

  /** Pinching on a touch pad comes as a wheel that is turned with Ctrl held. */
  #wheel(event) {
    if (!event.ctrlKey) return;
    event.preventDefault();
    this.#zoomBy(Math.exp(-event.deltaY / 200), event.clientX, event.clientY);
  }

  /** Two taps: close by where they are, or whole again. */
  #tap({ clientX, clientY, timeStamp }) {
    const { x, y, at } = this.tapped ?? {};
    const twice = timeStamp - at < TWICE && Math.hypot(clientX - x, clientY - y) < NEAR;
    this.tapped = twice ? undefined : { x: clientX, y: clientY, at: timeStamp };
    if (!twice) return;
    if (this.#size === 'whole') this.#zoom(Math.max(this.#own, 2 * this.#least), clientX, clientY);
    else this.#as('whole');
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
    const factor = !event.ctrlKey && !event.metaKey && KEYS[event.key];
    if (factor) {
      event.preventDefault();
      const { left, top, width, height } = this.pane.getBoundingClientRect();
      this.#zoomBy(factor, left + width / 2, top + height / 2);
      return;
    }
    if (!way || (this.pane.tabIndex === 0 && event.target === this.pane) || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    this.#step(way * this.piece.plan.way);
  }

  #down(event) {
    this.pressedAt = event;
    if (event.isPrimary) this.apart = undefined;
    if (event.button !== 0 || (event.pointerType !== 'mouse' && this.#size !== 'whole')) return; // fingers scroll by themselves
    this.pane.setPointerCapture(event.pointerId);
    this.from = { x: event.clientX, y: event.clientY, left: this.pane.scrollLeft, top: this.pane.scrollTop };
  }

  #move({ clientX, clientY }) {
    if (!this.from || this.#size === 'whole') return;
    const { x, y, left, top } = this.from;
    this.#scroll(left + x - clientX, top + y - clientY);
  }

  #up(event) {
    const { clientX, clientY } = event;
    const by = clientX - (this.from?.x ?? clientX);
    const { pressedAt } = this;
    if (pressedAt && Math.hypot(clientX - pressedAt.clientX, clientY - pressedAt.clientY) < NEAR / 3) this.#tap(event);
    this.from = undefined;
    if (this.#size === 'whole' && Math.abs(by) > TURN) this.#step(by * this.piece.plan.way < 0 ? 1 : -1);
  }
}

document.currentScript.show = Larger;
