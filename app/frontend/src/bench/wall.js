// The wall: pages side by side in true proportion, each a frame that runs the published output, all at one moment.
import { nextTick } from '../alpine.js';
import { send } from '../http.js';
import { desk } from './desk.js';

const GAP = 24;
const NARROW = 700; // px of a window in which one page is seen at a time
const CAPTION = 190; // px that a caption needs
const HEAD = 84; // px of page above the reel
const FOOT = 90; // px of page below it
const TALL = 1100; // px of a reel that are seen at once; the rest of its page is scrolled to

export function wall() {
  const ready = new Set(); // frames that show what was asked for, or will
  let large = null; // the page that is enlarged
  let scale; // px of the window for a px of a page
  let seen = 800; // px of a page that are seen at once
  let picked = ''; // what pages were told of that last
  const scrolled = new WeakMap(); // how far pages were scrolled, or scrolled themselves, last

  return {
    moment: 0, // at which all pages are held, ms
    shows: '', // the version of what all pages show, or will; empty where they are to be told all
    over: [], // what is laid over the pages
    dark: localStorage.getItem('dark page') === 'yes',
    added: false, // whether there is one page more

    init() {
      desk.wall = this;
      // those that were there before this was
      this.frames.filter(({ contentWindow }) => contentWindow?.ready !== undefined).forEach((frame) => this.isReady(frame, frame.contentWindow.ready));
    },

    get ground() {
      return this.dark ? 'dark-page' : '';
    },
    get screens() {
      return [...this.$refs.screens.querySelectorAll('.screen')];
    },
    get frames() {
      return [...this.$refs.screens.querySelectorAll('iframe')];
    },
    isOver(kind) {
      return this.over.includes(kind);
    },

    /** Lays something over all pages, or takes it away. */
    lay(kind) {
      this.over = this.isOver(kind) ? this.over.filter((one) => one !== kind) : [...this.over, kind];
      desk.bench.withCrops = this.isOver('crop');
      this.overlay();
    },

    async overlay(frames = this.frames) {
      const known = this.over.length ? await send('GET', `/reels/${desk.reel}/overlay`) : {};
      this.tell({ command: 'overlay', kinds: [...this.over], ...known, scale }, frames);
    },

    /** The pages that the reel stands on are light or dark. */
    turnGround() {
      this.dark = !this.dark;
      localStorage.setItem('dark page', this.dark ? 'yes' : 'no');
    },

    keys(event) {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.shiftKey && desk.sheet.spanBy(event.key)) event.preventDefault();
      else if (event.key === 'Escape' && large) this.enlarge(large);
      else if (/^[1-4]$/.test(event.key) && this.screens[event.key - 1]) this.enlarge(this.screens[event.key - 1]);
    },
    enlargeThis(event) {
      this.enlarge(event.currentTarget.closest('.screen'));
    },

    /** Shows one page alone, as large as there is room; once more shows all again. */
    enlarge(screen) {
      large = large === screen ? null : screen;
      this.screens.forEach((one) => {
        one.hidden = Boolean(large) && one !== large;
        one.querySelector('[data-enlarge]').setAttribute('aria-pressed', one === large);
      });
      this.fit();
      large?.querySelector('[data-enlarge]').focus();
    },

    /** One page more, or none. */
    async add(screen) {
      const was = this.added;
      this.added = Boolean(screen);
      if (this.added !== was) await nextTick();
      const place = this.$refs.screens.querySelector('.another');
      if (screen && place) {
        this.describe(place, screen);
        if (!was) place.hidden = Boolean(large);
      } else if (large && !large.isConnected) this.enlarge(large);
      this.fit();
    },

    /** Whether a page became another. */
    describe(place, { page, slot, left, height, said }) {
      const words = place.querySelector('.said');
      const size = { page, slot, left, height };
      if (words.textContent === said && Object.entries(size).every(([name, px]) => Number(place.dataset[name]) === px)) return false;
      Object.assign(place.dataset, size);
      words.textContent = said;
      place.querySelector('[data-page-width]').textContent = Math.round(page);
      return true;
    },

    /** Says something on every page; nothing takes it away. */
    mark(words) {
      this.$refs.screens.querySelectorAll('.page-window').forEach(({ dataset }) => {
        if (words) dataset.only = words;
        else delete dataset.only;
      });
    },

    tell(message, frames = this.frames) {
      frames.forEach(({ contentWindow }) => contentWindow?.ask?.(message));
    },

    /** What a page tells. */
    hear(event) {
      if (event.origin !== location.origin) return;
      const frame = this.frames.find((one) => one.contentWindow === event.source);
      if (!frame) return;
      if (event.data.ready !== undefined) {
        this.isReady(frame, event.data.ready);
        this.pick(desk.slide, [frame]);
        this.at([frame]);
        if (this.over.length) this.overlay([frame]);
      }
      if (event.data.shown !== undefined) frame.dataset.shown = event.data.shown;
      if (event.data.pressed) desk.select(event.data.pressed);
      if (event.data.divided) {
        frame.blur(); // keys reach the bench
        desk.edits.store({ kind: 'divider-start', slide: event.data.divided, divider: event.data.divider, startsAt: Math.round(event.data.at * 1000) / 1000 });
      }
      if (event.data.spanned !== undefined) desk.sheet.span(event.data.spanned, event.data.done);
    },

    /** A page is there, and shows that; where the others show something else, all are told what there is. */
    isReady(frame, version) {
      if (!ready.size && !this.shows) this.shows = version;
      ready.add(frame);
      if (this.shows !== version) this.behind();
    },

    behind() {
      this.shows = '';
      desk.behind();
    },

    /** A slide's sheet is open: its picture is seen where pictures wait, and its cell's edge can be dragged. */
    pick(slide, frames) {
      const wanted = { slide, spans: slide ? desk.sheet?.spans : undefined, scale };
      const said = JSON.stringify(wanted);
      if (!frames && said === picked) return;
      picked = said;
      this.tell({ command: 'pick', ...wanted }, frames);
    },

    /** Holds every page at a moment, ms. */
    hold(ms) {
      this.moment = ms;
      this.at();
    },

    /** Where the page's scrolling leads, a moment is how far all pages are scrolled through the reel. */
    at(frames = this.frames) {
      const whole = desk.order?.whole;
      const view = whole ? seen : undefined;
      if (whole) this.screens.forEach((screen) => this.scroll(screen, (this.moment % whole) / whole));
      this.tell({ command: 'at', ms: this.moment, view }, frames);
    },

    /** Scrolls a page so far through its reel. */
    scroll(screen, gone) {
      const top = gone * (seen + Number(screen.dataset.height)) - seen + HEAD;
      const view = screen.querySelector('.page-window');
      view.scrollTop = top * scale;
      scrolled.set(view, view.scrollTop);
    },

    /** A page was scrolled by hand: the others are scrolled as far. */
    followed({ target }) {
      const whole = desk.order?.whole;
      const screen = target.closest('.screen');
      if (!whole || !screen || Math.abs(target.scrollTop - (scrolled.get(target) ?? -9)) < 1) return;
      scrolled.set(target, target.scrollTop);
      const gone = (target.scrollTop / scale - HEAD + seen) / (seen + Number(screen.dataset.height));
      this.moment = Math.min(Math.max(0, gone), 0.9999) * whole;
      this.at();
      desk.order.showMoment();
    },

    /** Shows what an answer brings on every page, and the pages at their new sizes. */
    show({ version, change, fragment }, screens) {
      if (Boolean(screens.length) !== Boolean(this.frames.length)) {
        location.reload(); // the first slide came, or the last one went: the wall begins or ends
        return;
      }
      const described = this.screens.map((place, i) => screens[i] && this.describe(place, screens[i]));
      if (described.includes(true)) this.fit();
      if (version !== this.shows) {
        if (!fragment && change?.from !== this.shows) {
          this.behind();
          return;
        }
        this.shows = version;
        this.tell(fragment ? { command: 'show', fragment } : { command: 'change', change }, this.frames.filter((frame) => ready.has(frame)));
      }
      this.at();
      if (this.isOver('crop')) this.overlay();
    },

    /** Draws the pages as large as the window allows, all at one scale. */
    fit() {
      const { withSheet } = this; // said first, so that this is done again when it changes
      const shown = this.screens.filter((screen) => !screen.hidden);
      if (!shown.length) return;
      if (innerWidth <= NARROW) {
        this.fitEach(shown);
        return;
      }
      const pages = shown.map(({ dataset }) => Number(dataset.page));
      const room = this.$refs.screens.clientWidth - GAP * (shown.length - 1);
      let wanted = room / pages.reduce((sum, page) => sum + page, 0);
      for (let i = 0; i < pages.length; i++) {
        // what is narrower than its caption takes the caption's room, and leaves less to the others
        const wide = pages.filter((page) => page * wanted >= CAPTION);
        if (!wide.length) break;
        wanted = (room - CAPTION * (pages.length - wide.length)) / wide.reduce((sum, page) => sum + page, 0);
      }
      const most = large ? Math.max(300, innerHeight - 200) : withSheet ? Math.max(176, innerHeight - 640) : Math.max(300, innerHeight - 560);
      const tallest = Math.min(large ? Infinity : TALL, Math.max(...shown.map(({ dataset }) => Number(dataset.height))));
      const former = scale;
      scale = Math.min(wanted, most / Math.max(640, HEAD + tallest + 40));
      if (scale !== former && this.over.length) this.overlay();
      const height = (seen = Math.min(most / scale, Math.max(HEAD + tallest + FOOT, 560)));
      shown.forEach((screen) => this.draw(screen, scale, height));
    },

    /** In a narrow window each page is as large as there is room: one is seen at a time. */
    fitEach(shown) {
      const most = Math.max(220, Math.min(440, innerHeight * 0.5));
      shown.forEach((screen) => {
        const { page, height } = screen.dataset;
        const tall = Math.min(TALL, Number(height));
        scale = Math.min((this.$refs.screens.clientWidth - 28) / page, most / (HEAD + tall + 40));
        this.draw(screen, scale, (seen = Math.min(most / scale, HEAD + tall + FOOT)));
      });
      if (this.over.length) this.overlay();
    },

    draw(screen, by, height) {
      const { slot, left, height: reel, page: width } = screen.dataset;
      const view = screen.querySelector('.page-window');
      const page = screen.querySelector('.page');
      const frame = screen.querySelector('iframe');
      screen.style.width = `${Math.max(width * by, CAPTION)}px`;
      Object.assign(view.style, { width: `${width * by}px`, height: `${height * by}px` });
      const whole = Math.max(height, HEAD + Number(reel) + FOOT);
      const goesOn = whole > height + 1 && Number(reel) > TALL;
      view.classList.toggle('goes-on', goesOn);
      if (goesOn) Object.assign(view, { tabIndex: 0, role: 'group', ariaLabel: 'The page, which can be scrolled' }); // by keys, too
      else ['tabindex', 'role', 'aria-label'].forEach((name) => view.removeAttribute(name));
      Object.assign(page.style, { width: `${width}px`, height: `${whole}px`, transform: `scale(${by})` });
      Object.assign(frame.style, { width: `${slot}px`, height: `${reel}px`, left: `${left}px`, top: `${HEAD}px` });
      const [beside, hints] = screen.querySelectorAll('.hints');
      const column = Number(left) + Number(slot) + 40;
      beside.hidden = width - column < 160;
      Object.assign(beside.style, { top: `${HEAD}px`, left: `${column}px`, height: `${reel}px` });
      Object.assign(hints.style, { top: `${HEAD + Number(reel) + 40}px` });
    },
  };
}
