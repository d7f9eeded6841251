// The picture library: files coming in, choosing, sets, and the words of what is chosen.
import { mix, start } from './alpine.js';
import { answerOf } from './dialogs.js';
import { draw } from './drawing.js';
import { dropping } from './dropping.js';
import { freshId, notice, send } from './http.js';
import { insist } from './insist.js';
import { notices } from './notices.js';
import { sets } from './picture-sets.js';
import { steps as stepButtons, Steps } from './steps.js';
import { stretching } from './stretch.js';
import { unstored } from './unstored.js';
import { again as sendAgain, amount, bring, stop, underWay } from './uploads.js';
import { addressOf, REST } from './wish.js';
import { words } from './words-table.js';

let afterStep = () => {}; // draws the page anew
const steps = new Steps('pictures', () => afterStep());

const megabytes = (bytes) => (bytes / 1e6).toFixed(1);

/** How many files on their way hold a place in the rows at most, and how many with those that are here but not yet in their set. */
const PLACES = 12;
const HELD = 60;

/** Files on their way that may hold a place, and those that hold one in the rows as they are shown. */
let coming = [];
let placed = [];

/** The look at the page that is under way, and whether something has changed since it was begun. */
let looking;
let stale = false;

/** A look at a file before it is sent: an address for it, and width to height; nothing when browsers cannot show it. */
function glance(file) {
  const image = new Image();
  image.src = URL.createObjectURL(file);
  return new Promise((done) => {
    image.onload = () => done({ preview: image.src, ratio: image.naturalWidth / image.naturalHeight || 1.5 });
    image.onerror = () => done({});
  });
}

/** Files that are coming in. */
const incoming = () => ({
  rows: [],
  amounts: '',
  begun: 0,
  again: sendAgain,
  get started() {
    return this.rows.length > 0;
  },
  get sendingSome() {
    return !this.done;
  },
  get done() {
    return this.started && this.rows.every(({ state }) => state === 'done' || state === 'refused');
  },
  get counted() {
    const are = (state) => this.rows.filter((row) => row.state === state).length;
    const [here, refused] = [are('done'), are('refused')];
    const rest = this.rows.length - here - refused;
    return `Adding ${this.rows.length}: ${here} here${rest ? `, ${rest} to come` : ''}${refused ? `, ${refused} refused` : ''}.`;
  },
  async take(files, folder) {
    if (!files.length) return notice('There are no files in that folder.');
    this.begun ||= Date.now();
    const brought = new Map([...files].map((file) => [file, undefined]));
    await Promise.all(
      [...brought.keys()].map((file) =>
        bring([file], this.rows, (picture, row, share) => {
          if (picture) brought.set(file, picture.id);
          this.follow(file, share, picture && this.set && !folder);
          this.count();
        }),
      ),
    );
    const pictures = [...brought.values()].filter(Boolean);
    if (!pictures.length) return undefined;
    if (folder) await this.tell('POST', '/pictures/sets', { id: freshId(), name: folder, pictures }, `new set ${folder}`);
    else if (this.set) await this.tell('PUT', `/pictures/sets/${this.set}`, { add: pictures }, 'pictures put into a set');
    coming = coming.filter(({ file }) => !brought.has(file));
    return this.refresh();
  },
  count() {
    const seconds = (Date.now() - this.begun) / 1000;
    const left = amount.sent ? Math.round((seconds * (amount.all - amount.sent)) / amount.sent) : 0;
    this.amounts = underWay() ? `${megabytes(amount.sent)} of ${megabytes(amount.all)} MB${seconds > 3 && left > 1 ? `, about ${left} s` : ''}` : '';
  },
  stop() {
    stop();
  },
  closeFiles() {
    this.rows = [];
    this.begun = 0;
    amount.all = amount.sent = 0;
    this.count();
  },
  /**
   * A file that is on its way holds its place in the rows, as far as those in front of it leave some. One that is here
   * keeps it until all that came with it go into their set together, in their order.
   */
  async follow(file, share, stays) {
    let own = coming.find((one) => one.file === file);
    if (stays) {
      if (own) Object.assign(own, { here: true });
    } else if (share === undefined) {
      coming = coming.filter((one) => one !== own);
      if (own) this.soon();
    } else {
      if (!own && coming.length < HELD && coming.filter(({ here }) => !here).length < PLACES) {
        own = { file };
        coming.push(own);
        Object.assign(own, await glance(file));
        if (own.preview) this.soon();
      }
      if (own) this.fill(Object.assign(own, { share }));
    }
  },
  /** The rows as they are now, when nothing more has changed for a moment. */
  soon() {
    clearTimeout(this.later);
    this.later = setTimeout(() => this.refresh(), 300);
  },
  fill(own) {
    const figure = this.$refs.rows.querySelector(`[data-coming="${placed.indexOf(own)}"]`);
    if (!figure) return;
    const image = figure.querySelector('image');
    if (image.getAttribute('href') !== own.preview) image.setAttribute('href', own.preview);
    figure.querySelector('.rest').setAttribute('transform', `translate(${Math.round(own.share * image.getAttribute('width'))} 0)`);
    figure.querySelector('svg').setAttribute('aria-label', own.file.name);
    figure.querySelector('figcaption').textContent = own.share < 1 ? `${Math.round(100 * own.share)} %, its place is kept` : 'is being made ready';
  },
});

/** Pictures that are chosen. */
const choosing = () => ({
  chosen: [],
  get hasChosen() {
    return this.chosen.length > 0;
  },
  get chosenSays() {
    return this.chosen.length === 1 ? 'One picture chosen' : `${this.chosen.length} pictures chosen`;
  },
  get csvAddress() {
    return `/pictures/words.csv?${this.chosen.map((id) => `ids=${id}`).join('&')}`;
  },
  get boxes() {
    return [...this.$refs.rows.querySelectorAll('[type=checkbox]')];
  },
  choose() {
    const shown = this.boxes.filter(({ checked }) => checked).map((box) => box.closest('[data-picture]').dataset.picture);
    this.chosen = [...this.chosen.filter((id) => shown.includes(id)), ...shown.filter((id) => !this.chosen.includes(id))];
    if (this.wordsOpen) this.loadWords();
  },
  chooseAll() {
    this.boxes.forEach((box) => (box.checked = true));
    this.choose();
  },
  clear() {
    this.boxes.forEach((box) => (box.checked = false));
    this.chosen = [];
    this.closeWords();
  },
  async bin() {
    const { question, live } = await send('POST', '/pictures/bin/ask', { pictures: this.chosen });
    const answer = question ? await this.ask(question, 'Bin', live ? 'Withdraw everywhere now' : '') : 'yes';
    if (answer) await this.change('POST', '/pictures/bin', { pictures: this.chosen, into: true, everywhere: answer === 'also' });
  },
  async erase() {
    const { question } = (await this.tell('POST', '/pictures/erasure/ask', { pictures: this.chosen })) ?? {};
    if (question && (await this.ask(question, 'Delete for good'))) await this.change('POST', '/pictures/erasure', { pictures: this.chosen });
  },
  restore() {
    return this.change('POST', '/pictures/bin', { pictures: this.chosen, into: false });
  },
});

/** Questions, and what the page shows after an answer. */
const page = () => ({
  question: '',
  yes: '',
  also: '',
  asksName: false,
  init() {
    ({ set: this.set } = this.$root.dataset);
    afterStep = () => this.afterStep();
    this.keepWords();
    steps.begin();
  },
  /** Something was undone: pictures, sets, or the words in an open table are other than they were. */
  async afterStep() {
    this.shownWords = '';
    await this.refresh();
    if (this.wordsOpen) await this.loadWords();
  },
  wish(event) {
    if (event.target.type !== 'search') event.target.form.requestSubmit();
  },
  /** What is typed filters the rows. */
  seek(event) {
    if (event.target.type !== 'search') return;
    clearTimeout(this.seeking);
    this.seeking = setTimeout(() => {
      history.replaceState(null, '', addressOf(event.target.form));
      this.refresh();
    }, REST);
  },
  async ask(question, yes, also = '', name = undefined) {
    Object.assign(this, { question, yes, also, asksName: name !== undefined });
    this.$refs.name.value = name ?? '';
    const answer = answerOf(this.$refs.ask);
    if (name !== undefined) this.$nextTick(() => this.$refs.name.select());
    return answer;
  },
  async askName(question, name) {
    const answer = await this.ask(question, 'Keep', '', name);
    return answer ? this.$refs.name.value.trim() : '';
  },
  /** Tells the application something; gives back undefined, and says why, when it refuses. */
  async tell(method, address, body, says = undefined) {
    try {
      return (await insist(method, address, body, says)) ?? {};
    } catch (failed) {
      notice(failed.problem);
      return undefined;
    }
  },
  async change(method, address, body) {
    if (await this.tell(method, address, body)) await this.refresh();
  },
  /** The page as it is now. One look follows another, so that none that was begun earlier is drawn over a later one. */
  refresh() {
    stale = true;
    looking ??= this.lookAgain();
    return looking;
  },
  async lookAgain() {
    try {
      while (stale) {
        stale = false;
        await this.look();
      }
    } finally {
      looking = undefined;
    }
  },
  /** Fetches the page anew; what is chosen stays chosen as far as it is still shown. */
  async look() {
    const held = coming.filter(({ preview }) => preview);
    const address = new URL(location.href);
    if (held.length) address.searchParams.set('coming', held.map(({ ratio }) => ratio.toFixed(4)).join());
    const fresh = new DOMParser().parseFromString(await (await fetch(address)).text(), 'text/html');
    const chosen = new Set(this.chosen);
    for (const part of ['rows', 'shelves', 'sets', 'kept']) draw(this.$refs[part], fresh.querySelector(`[x-ref=${part}]`).innerHTML);
    placed.filter((one) => !held.includes(one)).forEach(({ preview }) => URL.revokeObjectURL(preview));
    placed = held;
    placed.forEach((one) => this.fill(one));
    this.boxes.forEach((box) => (box.checked = chosen.has(box.closest('[data-picture]').dataset.picture)));
    this.choose();
  },
});

const pictures = () => {
  const { over: overFiles, drop: dropFiles } = dropping();
  return mix(dropping(), incoming(), stretching(), choosing(), sets(steps), page(), words(steps), { overFiles, dropFiles });
};

start({ notices, pictures, steps: stepButtons, unstored });
