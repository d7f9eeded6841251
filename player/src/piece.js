// What every arrangement shares: the reasons to wait, and the range of widths. Where nothing leads, it is all there is.

export const STILL = matchMedia('(prefers-reduced-motion: reduce)');

export class Piece {
  held = false; // at a moment, by the clock of a draft page
  #reasons = new Set();
  #listeners = new AbortController();
  #observers = [];

  constructor(reel, plan, host) {
    this.reel = reel;
    this.plan = plan;
    this.host = host;
    this.frame = reel.querySelector('.frame');
    this.strip = reel.querySelector('.strip');
    this.pauseButton = reel.querySelector('.pause');
    this.#ask();
    reel.classList.add('run');
    this.frame.tabIndex = -1; // where focus goes when what had it leaves
    this.strip.parentElement.removeAttribute('tabindex'); // it no longer scrolls
    this.#watch();
  }

  /** Reduced motion is asked each time, because visitors change their minds. */
  get still() {
    return STILL.matches;
  }

  /**
   * Takes over the range that the style sheet has in force, so that page and player cannot differ, however a browser
   * counts px on a zoomed page. What is not laid out keeps the one it had.
   */
  #ask() {
    const place = getComputedStyle(this.frame).getPropertyValue('--range');
    this.range = this.plan.ranges[place] ?? this.range ?? this.plan.ranges[0];
  }

  /** The element in this reel that has focus. */
  get focused() {
    const { activeElement } = this.host.shadowRoot;
    return this.reel.contains(activeElement) ? activeElement : null;
  }

  /** Observes until the end. */
  watch(observer, ...targets) {
    targets.forEach((one) => observer.observe(one));
    this.#observers.push(observer);
  }

  on(target, type, listener, options) {
    target.addEventListener(type, listener, { ...options, signal: this.#listeners.signal });
  }

  #watch() {
    this.on(this.frame, 'pointerenter', (event) => event.pointerType === 'mouse' && this.wait('pointed'));
    this.on(this.frame, 'pointerleave', () => this.go('pointed'));
    this.on(this.frame, 'focusin', (event) => event.target.matches(':focus-visible') && this.wait('focus'));
    this.on(this.frame, 'focusout', () => this.go('focus'));
    this.on(document, 'visibilitychange', () => this.wait('hidden', document.hidden));
    this.on(window, 'beforeprint', () => this.strip.querySelectorAll('img').forEach((image) => (image.loading = 'eager')));
    if (this.pauseButton) {
      this.on(this.pauseButton, 'click', () => {
        if (this.waitsFor('paused')) {
          ['paused', 'pointed', 'focus', 'rest'].forEach((reason) => this.go(reason));
        } else {
          this.wait('paused');
        }
      });
    }
    this.watch(new IntersectionObserver(([entry]) => this.wait('view', !entry.isIntersecting)), this.frame);
    const sized = () => {
      const former = this.range;
      this.#ask();
      if (this.range !== former) this.#rearrange(former);
    };
    this.watch(new ResizeObserver(sized), this.reel);
    const worded = (entries) => this.#reach(entries.map(({ target }) => target.closest('.words')));
    this.watch(new ResizeObserver(worded), ...this.strip.querySelectorAll('.words > .panel'));
    this.on(STILL, 'change', () => this.still && !this.held && this.wait('paused'));
    this.on(this.strip, 'error', ({ target }) => this.#failed(target), { capture: true });
    this.strip.querySelectorAll('img').forEach((image) => image.complete && image.currentSrc && !image.naturalWidth && image.decode().catch(() => this.#failed(image)));
    if (this.still) this.#reasons.add('paused');
    if (document.hidden) this.#reasons.add('hidden');
    if (this.frame.matches(':hover') && matchMedia('(hover: hover)').matches) this.#reasons.add('pointed');
    this.#sayPause();
  }

  /** What had focus may have no place in the new range. */
  #rearrange(former) {
    const { focused } = this;
    this.rearranged?.(former);
    if (focused && this.focused === focused && !focused.checkVisibility()) this.frame.focus({ preventScroll: true });
  }

  /** A picture that cannot be had leaves what it shows, in words, on its colour. */
  #failed(image) {
    if (image.nodeName !== 'IMG') return;
    image.dataset.failed = '';
    image.after(Object.assign(document.createElement('span'), { className: `instead ${image.classList[0]}`, textContent: image.alt }));
  }

  /** Words that do not fit their place are scrolled, by keyboard too. */
  #reach(all) {
    const cut = all.map(({ scrollHeight, clientHeight }) => scrollHeight > clientHeight + 1); // all read, then written
    all.forEach((words, i) => {
      if (cut[i]) words.tabIndex = 0;
      else words.removeAttribute('tabindex');
    });
  }

  /** Stops moving by itself until this reason and all others are gone. */
  wait(reason, holds = true) {
    if (holds === this.waitsFor(reason)) return;
    if (holds) this.#reasons.add(reason);
    else this.#reasons.delete(reason);
    this.#sayPause();
    if (!this.held) this.waitingChanged?.();
  }

  go(reason) {
    this.wait(reason, false);
  }

  waitsFor(reason) {
    return this.#reasons.has(reason);
  }

  /** How many reasons to wait there are. */
  get waiting() {
    return this.#reasons.size;
  }

  #sayPause() {
    if (!this.pauseButton) return;
    const paused = this.waitsFor('paused');
    this.pauseButton.classList.toggle('paused', paused);
    this.pauseButton.setAttribute('aria-label', paused ? this.plan.say.play : this.plan.say.pause);
  }

  connected() {
    this.go('gone');
  }

  disconnected() {
    this.wait('gone');
  }

  /** Takes away everything that listens or moves. */
  end() {
    this.#listeners.abort();
    this.#observers.forEach((observer) => observer.disconnect());
    this.reel.getAnimations({ subtree: true }).forEach((animation) => animation.cancel());
  }
}
