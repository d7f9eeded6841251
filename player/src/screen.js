// The reel on the whole screen: as large as it can be and still be seen whole.
class Screen {
  constructor(piece) {
    this.piece = piece;
    const button = piece.reel.querySelector('.screen');
    if (!button) return; // it is hidden on all screens
    button.hidden = !document.fullscreenEnabled;
    piece.on(button, 'click', () => {
      if (this.#is) document.exitFullscreen();
      else piece.host.requestFullscreen().catch(() => {}); // the browser has said why
    });
    button.classList.add('ready');
    piece.on(document, 'fullscreenchange', () => this.#fill());
    piece.on(window, 'resize', () => this.#fill());
  }

  get #is() {
    return document.fullscreenElement === this.piece.host;
  }

  /** As wide as the screen, or less by hundredths until it is no higher: its height goes by its width, but not in one line. */
  #fill() {
    const { reel } = this.piece;
    const { style } = reel;
    reel.classList.toggle('on-screen', this.#is);
    style.width = '';
    if (!this.#is) return;
    for (let share = 100; share > 20; share--) {
      style.width = `${(innerWidth * share) / 100}px`;
      if (reel.offsetHeight <= innerHeight) break;
    }
  }
}

document.currentScript.show = Screen;
