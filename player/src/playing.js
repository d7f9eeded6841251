// What plays on slides by itself: each while its slide stands and is in view, and stands still while slides change.

const OVER = 'over'; // slides have stopped, for good

export class Playing {
  stopped; // by a visitor, or because less motion is asked for
  changing = false;

  /** Its {@code look} plays what is to be played now, and pauses the rest. */
  constructor(piece) {
    this.piece = piece;
    this.stopped = piece.waitsFor('paused');
    this.#listen();
    this.#takeOver();
  }

  #listen() {
    const { piece } = this;
    const { waitingChanged } = piece;
    piece.waitingChanged = () => {
      this.#goOn();
      waitingChanged?.call(piece);
      this.look();
    };
    if (piece.pauseButton) {
      const before = () => (this.stopped = !piece.waitsFor('paused'));
      piece.on(piece.pauseButton, 'click', before, { capture: true }); // the reel itself has not heard of it yet
      piece.on(piece.pauseButton, 'click', () => {
        if (!this.stopped) piece.go(OVER);
        this.look();
      });
    }
    piece.on(matchMedia('(prefers-reduced-motion: reduce)'), 'change', () => {
      this.stopped ||= piece.still;
      this.look();
    });
    piece.watch(new ResizeObserver(() => this.look()), piece.frame); // another screen may show another picture
  }

  /** Where slides change, what plays follows; whoever goes to a slide has not stopped what plays on it. */
  #takeOver() {
    const { piece } = this;
    const { stand, begin } = piece;
    if (!stand) return;
    piece.stand = (stop) => {
      stand.call(piece, stop);
      this.look();
    };
    piece.begin = (...change) => {
      this.pause();
      this.changing = true; // it may stand somewhere in between
      begin.apply(piece, change);
      this.changing = false;
    };
  }

  /** Slides that stop by themselves, or because somebody took over, stop nothing that plays: the button still pauses it. */
  #goOn() {
    const { piece } = this;
    if (this.stopped || !piece.waitsFor('paused')) return;
    if (piece.still) {
      this.stopped = true;
      return;
    }
    piece.wait(OVER);
    piece.go('paused');
  }

  /** Whether nothing plays now; pointing at it is no reason. */
  get waits() {
    const { piece } = this;
    return piece.held || this.stopped || ['hidden', 'view', 'gone', 'larger view'].some((reason) => piece.waitsFor(reason));
  }

  /** Whether slides are on their way. */
  get between() {
    return this.changing || this.piece.coming !== undefined;
  }

  /** Whether the slide of that element stands. */
  stands(element) {
    return element.isConnected && (!this.piece.slides || element.closest('.slide').classList.contains('now'));
  }

  /** It does not go on by itself: what comes is said. */
  sayStops() {
    const { piece } = this;
    if (piece.waitsFor('rest') || piece.waitsFor(OVER)) piece.strip.setAttribute('aria-live', 'polite');
  }
}
