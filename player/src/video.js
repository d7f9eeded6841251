// Videos: each plays over the picture that stands for it while its slide stands and is in view, and holds its frame while
// slides change. Without sound, and only after pictures are there: this script is asked for when the player runs.

const OVER = 'over'; // slides have stopped, for good

class Video {
  #playing = new Map(); // by picture
  #stopped; // by a visitor, or because less motion is asked for
  #changing = false;

  constructor(piece) {
    this.piece = piece;
    this.#stopped = piece.waitsFor('paused');
    this.#listen();
    this.#takeOver();
    const first = piece.strip.querySelector('img');
    const begin = () => requestAnimationFrame(() => requestAnimationFrame(() => this.#look())); // it is known what is in view
    if (first.complete) begin();
    else ['load', 'error'].forEach((over) => piece.on(first, over, begin, { once: true }));
  }

  #listen() {
    const { piece } = this;
    const { waitingChanged } = piece;
    piece.waitingChanged = () => {
      this.#goOn();
      waitingChanged?.call(piece);
      this.#look();
    };
    if (piece.pauseButton) {
      const before = () => (this.#stopped = !piece.waitsFor('paused'));
      piece.on(piece.pauseButton, 'click', before, { capture: true }); // the reel itself has not heard of it yet
      piece.on(piece.pauseButton, 'click', () => {
        if (!this.#stopped) piece.go(OVER);
        this.#look();
      });
    }
    piece.on(matchMedia('(prefers-reduced-motion: reduce)'), 'change', () => {
      this.#stopped ||= piece.still;
      this.#look();
    });
    piece.watch(new ResizeObserver(() => this.#look()), piece.frame); // another screen may show another picture
  }

  /** Where slides change, videos follow; whoever goes to a slide has not stopped its video. */
  #takeOver() {
    const { piece } = this;
    const { stand, begin } = piece;
    if (!stand) return;
    piece.stand = (stop) => {
      stand.call(piece, stop);
      this.#look();
    };
    piece.begin = (...change) => {
      this.#playing.forEach((video) => video.pause());
      this.#changing = true; // it may stand somewhere in between
      begin.apply(piece, change);
      this.#changing = false;
    };
  }

  /** Slides that stop by themselves, or because somebody took over, stop no video: the button still pauses it. */
  #goOn() {
    const { piece } = this;
    if (this.#stopped || !piece.waitsFor('paused')) return;
    if (piece.still) {
      this.#stopped = true;
      return;
    }
    piece.wait(OVER);
    piece.go('paused');
  }

  /** Whoever points at it looks at it: that is no reason to stop. */
  get #waits() {
    const { piece } = this;
    return piece.held || this.#stopped || ['hidden', 'view', 'gone', 'larger view'].some((reason) => piece.waitsFor(reason));
  }

  #look() {
    const { piece } = this;
    if (this.#changing || piece.coming !== undefined) return;
    if (piece.waitsFor('rest') || piece.waitsFor(OVER)) piece.strip.setAttribute('aria-live', 'polite'); // it does not go on by itself
    const stands = (still) => still.isConnected && (!piece.slides || still.closest('.slide').classList.contains('now'));
    [...this.#playing.keys()].filter((still) => !stands(still)).forEach((still) => this.#end(still));
    const stills = [...piece.strip.querySelectorAll('[data-video]')].filter(stands);
    stills.forEach((still) => {
      if (!this.#waits && still.checkVisibility({ visibilityProperty: true })) this.#play(still);
      else this.#playing.get(still)?.pause();
    });
  }

  #play(still) {
    const video = this.#playing.get(still) ?? this.#begin(still);
    if (!video.ended) video.play().catch(() => {}); // where that is not wanted, its picture is seen
  }

  #begin(still) {
    const video = Object.assign(document.createElement('video'), {
      className: still.className,
      muted: true,
      playsInline: true,
      disableRemotePlayback: true,
      disablePictureInPicture: true,
      loop: still.dataset.plays === 'again',
      src: still.dataset.video,
    });
    ['width', 'height'].forEach((side) => video.setAttribute(side, still.getAttribute(side)));
    video.setAttribute('aria-hidden', 'true'); // its picture says what it shows
    video.style.cssText = still.style.cssText; // as a visitor wants it to fit
    video.onerror = () => {
      still.removeAttribute('data-video'); // its picture is left
      this.#end(still);
    };
    video.ontimeupdate = () => this.piece.held && video.pause();
    still.after(video);
    this.#playing.set(still, video);
    return video;
  }

  /** Lets go of what is not seen any more; it begins anew when it comes again. */
  #end(still) {
    const video = this.#playing.get(still);
    this.#playing.delete(still);
    video.onerror = null;
    video.remove();
    video.removeAttribute('src');
    video.load();
  }
}

document.currentScript.show = Video;
