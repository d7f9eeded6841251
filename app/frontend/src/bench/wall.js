// The wall: three pages side by side in true proportion, each a frame that runs the published output, all at one moment.
const GAP = 24;
const CAPTION = 190; // px that a caption needs
const HEAD = 84; // px of page above the reel

export class Wall {
  constructor(screens, bench) {
    this.screens = screens;
    this.bench = bench;
    this.moment = 0;
    this.ready = new Set();
    addEventListener('message', (event) => this.#hear(event));
    this.fit();
  }

  get frames() {
    return [...this.screens.querySelectorAll('iframe')];
  }

  #tell(message, frames = this.frames) {
    frames.forEach((frame) => frame.contentWindow?.postMessage(message, location.origin));
  }

  #hear(event) {
    if (event.origin !== location.origin) return;
    const frame = this.frames.find((one) => one.contentWindow === event.source);
    if (!frame) return;
    if (event.data.ready) {
      this.ready.add(frame);
      if (this.fragment) this.#tell({ command: 'show', fragment: this.fragment }, [frame]);
      this.#tell({ command: 'at', ms: this.moment }, [frame]);
    }
    if (event.data.shown !== undefined) frame.dataset.shown = event.data.shown;
    if (event.data.pressed) this.bench.select(event.data.pressed);
  }

  /** Holds every page at a moment, ms. */
  hold(ms) {
    this.moment = ms;
    this.#tell({ command: 'at', ms });
  }

  /** Shows a new fragment on every page, and the pages at their new sizes. */
  show(fragment, screens) {
    if (screens.length !== this.frames.length) {
      location.reload(); // the first slide came, or the last one went: the wall begins or ends
      return;
    }
    this.fragment = fragment;
    [...this.screens.children].forEach((screen, i) => {
      const { slot, left, height, said } = screens[i];
      Object.assign(screen.dataset, { slot, left, height });
      screen.querySelector('.said').textContent = said;
    });
    this.fit();
    this.#tell({ command: 'show', fragment }, this.frames.filter((frame) => this.ready.has(frame)));
    this.#tell({ command: 'at', ms: this.moment });
  }

  /** Draws the pages as large as the window allows, all at one scale. */
  fit() {
    const screens = [...this.screens.children];
    if (!screens.length) return;
    const pages = screens.map(({ dataset }) => Number(dataset.page));
    const room = this.screens.clientWidth - GAP * (screens.length - 1);
    const sheet = document.body.classList.contains('with-sheet');
    const most = sheet ? 176 : 300;
    const tallest = Math.max(...screens.map(({ dataset }) => Number(dataset.height)));
    const scale = Math.min(room / pages.reduce((sum, page) => sum + page, 0), most / Math.max(640, HEAD + tallest + 40));
    const height = Math.min(most / scale, Math.max(HEAD + tallest + 90, 560));
    screens.forEach((screen, i) => {
      const { slot, left, height: reel } = screen.dataset;
      const view = screen.querySelector('.page-window');
      const page = screen.querySelector('.page');
      const frame = screen.querySelector('iframe');
      screen.style.width = `${Math.max(pages[i] * scale, CAPTION)}px`;
      Object.assign(view.style, { width: `${pages[i] * scale}px`, height: `${height * scale}px` });
      Object.assign(page.style, { width: `${pages[i]}px`, height: `${height}px`, transform: `scale(${scale})` });
      Object.assign(frame.style, { width: `${slot}px`, height: `${reel}px`, left: `${left}px`, top: `${HEAD}px` });
      const hints = screen.querySelector('.hints');
      Object.assign(hints.style, { top: `${HEAD + Number(reel) + 40}px` });
    });
  }
}
