// The wall: pages side by side in true proportion, each a frame that runs the published output, all at one moment.
import { send } from '../http.js';

const GAP = 24;
const NARROW = 700; // px of a window in which one page is seen at a time
const CAPTION = 190; // px that a caption needs
const HEAD = 84; // px of page above the reel

export class Wall {
  constructor(screens, bench) {
    this.screens = screens;
    this.bench = bench;
    this.moment = 0;
    this.shows = ''; // the version of what all pages show, or will; empty where they are to be told all
    this.ready = new Set(); // the frames that show that
    this.large = null; // the page that is enlarged
    this.over = new Set(); // what is laid over the pages
    addEventListener('message', (event) => this.#hear(event));
    this.frames.filter(({ contentWindow }) => contentWindow?.ready !== undefined).forEach((frame) => this.#isReady(frame, frame.contentWindow.ready)); // before this script was
    const wall = screens.closest('.wall');
    wall.addEventListener('click', ({ target }) => {
      if (target.closest('[data-enlarge]')) this.enlarge(target.closest('.screen'));
      const over = target.closest('[data-over]');
      if (over) this.#lay(over);
      const ground = target.closest('[data-page-ground]');
      if (ground) this.#ground(wall, ground, ground.getAttribute('aria-pressed') !== 'true');
    });
    const ground = wall.querySelector('[data-page-ground]');
    if (ground) this.#ground(wall, ground, localStorage.getItem('dark page') === 'yes');
    wall.addEventListener('keydown', (event) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === 'Escape' && this.large) this.enlarge(this.large);
      else if (/^[1-4]$/.test(event.key) && screens.children[event.key - 1]) this.enlarge(screens.children[event.key - 1]);
    });
    this.fit();
  }

  /** Lays something over all pages, or takes it away. */
  #lay(button) {
    const kind = button.dataset.over;
    if (!this.over.delete(kind)) this.over.add(kind);
    button.setAttribute('aria-pressed', this.over.has(kind));
    document.body.classList.toggle('with-crops', this.over.has('crop'));
    this.#overlay();
  }

  async #overlay(frames = this.frames) {
    const kinds = [...this.over];
    const known = kinds.length ? await send('GET', `/reels/${document.body.dataset.reel}/overlay`) : {};
    this.#tell({ command: 'overlay', kinds, ...known, scale: this.scale }, frames);
  }

  /** The pages that the reel stands on are light or dark. */
  #ground(wall, button, dark) {
    wall.classList.toggle('dark-page', dark);
    button.setAttribute('aria-pressed', dark);
    localStorage.setItem('dark page', dark ? 'yes' : 'no');
  }

  /** Shows one page alone, as large as there is room; once more shows all again. */
  enlarge(screen) {
    this.large = this.large === screen ? null : screen;
    [...this.screens.children].forEach((one) => {
      one.hidden = Boolean(this.large) && one !== this.large;
      one.querySelector('[data-enlarge]').setAttribute('aria-pressed', one === this.large);
    });
    this.fit();
    this.large?.querySelector('[data-enlarge]').focus();
  }

  /** One page more, or none. */
  another(screen) {
    let place = this.screens.querySelector('.another');
    if (!screen) {
      if (this.large === place) this.large = null;
      place?.remove();
      [...this.screens.children].forEach((one) => (one.hidden = false));
    } else if (!place) {
      place = document.getElementById('another-screen').content.cloneNode(true).firstElementChild;
      place.querySelector('iframe').src = `/reels/${document.body.dataset.reel}/draft`;
      this.screens.append(place);
      if (this.large) place.hidden = true;
    }
    if (screen) this.#describe(place, screen);
    this.fit();
  }

  /** Whether a page became another. */
  #describe(place, { page, slot, left, height, said }) {
    const words = place.querySelector('.said');
    const size = { page, slot, left, height };
    if (words.textContent === said && Object.entries(size).every(([name, px]) => Number(place.dataset[name]) === px)) return false;
    Object.assign(place.dataset, size);
    words.textContent = said;
    place.querySelector('[data-page-width]').textContent = Math.round(page);
    return true;
  }

  /** Says something on every page; nothing takes it away. */
  mark(words) {
    this.screens.querySelectorAll('.page-window').forEach(({ dataset }) => {
      if (words) dataset.only = words;
      else delete dataset.only;
    });
  }

  get frames() {
    return [...this.screens.querySelectorAll('iframe')];
  }

  #tell(message, frames = this.frames) {
    frames.forEach(({ contentWindow }) => contentWindow?.ask?.(message));
  }

  #hear(event) {
    if (event.origin !== location.origin) return;
    const frame = this.frames.find((one) => one.contentWindow === event.source);
    if (!frame) return;
    if (event.data.ready !== undefined) {
      this.#isReady(frame, event.data.ready);
      this.#tell({ command: 'at', ms: this.moment }, [frame]);
      if (this.over.size) this.#overlay([frame]);
    }
    if (event.data.shown !== undefined) frame.dataset.shown = event.data.shown;
    if (event.data.pressed) this.bench.select(event.data.pressed);
  }

  /** A page is there, and shows that; where the others show something else, all are told what there is. */
  #isReady(frame, version) {
    if (!this.ready.size) this.shows = version;
    this.ready.add(frame);
    if (this.shows !== version) this.#behind();
  }

  #behind() {
    this.shows = '';
    this.bench.behind();
  }

  /** Holds every page at a moment, ms. */
  hold(ms) {
    this.moment = ms;
    this.#tell({ command: 'at', ms });
  }

  /** Shows what an answer brings on every page, and the pages at their new sizes. */
  show({ version, change, fragment }, screens) {
    if (Boolean(screens.length) !== Boolean(this.frames.length)) {
      location.reload(); // the first slide came, or the last one went: the wall begins or ends
      return;
    }
    const described = [...this.screens.children].map((place, i) => screens[i] && this.#describe(place, screens[i]));
    if (described.includes(true)) this.fit();
    if (version !== this.shows) {
      if (!fragment && change?.from !== this.shows) return this.#behind();
      this.shows = version;
      this.#tell(fragment ? { command: 'show', fragment } : { command: 'change', change }, this.frames.filter((frame) => this.ready.has(frame)));
    }
    this.#tell({ command: 'at', ms: this.moment });
    if (this.over.has('crop')) this.#overlay();
  }

  /** Draws the pages as large as the window allows, all at one scale. */
  fit() {
    const screens = [...this.screens.children].filter((screen) => !screen.hidden);
    if (!screens.length) return;
    if (innerWidth <= NARROW) {
      this.#fitEach(screens);
      return;
    }
    const pages = screens.map(({ dataset }) => Number(dataset.page));
    const room = this.screens.clientWidth - GAP * (screens.length - 1);
    let scale = room / pages.reduce((sum, page) => sum + page, 0);
    for (let i = 0; i < pages.length; i++) {
      // what is narrower than its caption takes the caption's room, and leaves less to the others
      const wide = pages.filter((page) => page * scale >= CAPTION);
      if (!wide.length) break;
      scale = (room - CAPTION * (pages.length - wide.length)) / wide.reduce((sum, page) => sum + page, 0);
    }
    const sheet = document.body.classList.contains('with-sheet');
    const most = this.large ? Math.max(300, innerHeight - 200) : sheet ? Math.max(176, innerHeight - 640) : Math.max(300, innerHeight - 560);
    const tallest = Math.max(...screens.map(({ dataset }) => Number(dataset.height)));
    scale = Math.min(scale, most / Math.max(640, HEAD + tallest + 40));
    const scaled = this.scale !== scale;
    this.scale = scale;
    if (scaled && this.over.size) this.#overlay();
    const height = Math.min(most / scale, Math.max(HEAD + tallest + 90, 560));
    screens.forEach((screen) => this.#draw(screen, scale, height));
  }

  /** In a narrow window each page is as large as there is room: one is seen at a time. */
  #fitEach(screens) {
    const most = Math.max(220, Math.min(440, innerHeight * 0.5));
    screens.forEach((screen) => {
      const { page, height } = screen.dataset;
      const scale = Math.min((this.screens.clientWidth - 28) / page, most / (HEAD + Number(height) + 40));
      this.scale = scale;
      this.#draw(screen, scale, Math.min(most / scale, HEAD + Number(height) + 90));
    });
    if (this.over.size) this.#overlay();
  }

  #draw(screen, scale, height) {
    const { slot, left, height: reel, page: width } = screen.dataset;
    const view = screen.querySelector('.page-window');
    const page = screen.querySelector('.page');
    const frame = screen.querySelector('iframe');
    screen.style.width = `${Math.max(width * scale, CAPTION)}px`;
    Object.assign(view.style, { width: `${width * scale}px`, height: `${height * scale}px` });
    Object.assign(page.style, { width: `${width}px`, height: `${height}px`, transform: `scale(${scale})` });
    Object.assign(frame.style, { width: `${slot}px`, height: `${reel}px`, left: `${left}px`, top: `${HEAD}px` });
    const [beside, hints] = screen.querySelectorAll('.hints');
    const column = Number(left) + Number(slot) + 40;
    beside.hidden = width - column < 160;
    Object.assign(beside.style, { top: `${HEAD}px`, left: `${column}px`, height: `${reel}px` });
    Object.assign(hints.style, { top: `${HEAD + Number(reel) + 40}px` });
  }
}
