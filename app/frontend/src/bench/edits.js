// Every edit goes through here, one after the other, and is tried again under its own id until it is stored.
import { awayFor, notice, passes, send, untilAnswered, windowName } from '../http.js';
import { Lasting } from '../lasting.js';
import { leaving } from '../leaving.js';
import { offer } from '../unstored.js';
import { choose } from './both.js';

const RESTS = 700; // ms after which keys count as done
const PATIENCE = 300; // ms that storing waits for what is being previewed

export class Edits {
  #queue = Promise.resolve();
  #previewing; // the preview that was asked for last, for as long as the wall is to show it
  #shown = Promise.resolve(); // settles when it is on the wall, or will not be
  #passed; // an answer that was not put on the wall because a newer preview was coming
  #reading; // the sheet that is being fetched
  #resting; // what keys are still turning

  /**
   * @param address of the reel
   * @param revision that the page shows
   * @param desk draws what answers bring
   */
  constructor(address, revision, desk) {
    Object.assign(this, { address, revision, desk });
    this.window = windowName();
    this.unstored = 0;
    this.away = ''; // why nothing is stored at present, such as "Keen Reel is not reached"
    this.kept = new Lasting(desk.reel);
    leaving({ unstored: () => this.unstored, settled: () => this.settled(), away: () => Boolean(this.away) });
  }

  /** Keeps in the browser what is being typed and is not asked for yet. */
  keep(id, what) {
    this.kept.keep(id, { what: 'edits', more: what });
  }

  /** Offers what an earlier page could not store. */
  async offer() {
    const left = await this.kept.left();
    left.forEach(({ id, ...what }) => this.kept.keep(id, what)); // closing the window now keeps them
    const says = ({ edit = {} }) => `${edit.field ?? edit.option ?? edit.kind ?? 'a step'}: ${edit.text ?? edit.name ?? edit.value ?? edit.day ?? 'changed'}`;
    const wanted = left.length && (await offer(left.map(({ at, more }) => ({ at, says: says(more) }))));
    left.forEach(({ id, what, more }) => (wanted ? this.#ask(what, more, notice, id) : this.kept.drop(id)));
  }

  /** Settles when everything that was asked for is stored. */
  settled() {
    this.#rested();
    return this.#queue;
  }

  /**
   * Stores an edit and draws what it makes.
   *
   * @param on the revision that was seen when it was begun; the newest one when it is not said
   * @param id its own id, when it has one already
   * @returns whether it was stored; refusals are given to `refused`, or said at the foot of the page
   */
  store(edit, refused = (problem) => notice(problem), on = undefined, id = undefined) {
    return this.#ask('edits', on === undefined ? { edit } : { edit, on }, refused, id);
  }

  /**
   * Stores an edit as soon as none of its like has followed for a moment: what is turned by keys is one step.
   *
   * @param like what it is about; another one, or anything else that is done, stores it at once
   */
  soon(like, edit) {
    if (this.#resting?.like !== like) this.#rested();
    if (!this.#resting) {
      this.#resting = { like, id: crypto.randomUUID() };
      this.#resting.stored = new Promise((done) => (this.#resting.done = done));
      this.unstored += 1;
      this.say();
    }
    const resting = this.#resting;
    clearTimeout(resting.timer);
    Object.assign(resting, { edit, timer: setTimeout(() => this.#rested(), RESTS) });
    this.kept.keep(resting.id, { what: 'edits', more: { window: this.window, edit } });
    return resting.stored;
  }

  #rested() {
    const resting = this.#resting;
    if (!resting) return;
    clearTimeout(resting.timer);
    this.#resting = undefined;
    this.unstored -= 1;
    resting.done(this.store(resting.edit, undefined, undefined, resting.id));
  }

  undo() {
    return this.#ask('undo', {}, notice);
  }

  redo() {
    return this.#ask('redo', {}, notice);
  }

  /** Asks for something that changes much in one step. */
  step(what, more = {}) {
    return this.#ask(what, more, notice);
  }

  #ask(what, asked, refused, editId = crypto.randomUUID()) {
    this.#rested();
    const more = { window: this.window, ...asked }; // what another window left is undone there
    this.kept.keep(editId, { what, more });
    this.unstored += 1;
    this.say();
    const stored = this.#queue.then(() => this.#previewed()).then(() => this.#untilStored(what, editId, more, refused));
    this.#queue = stored.catch(() => {});
    return stored;
  }

  /** What is seen comes first: storing does not take the application's time from it. */
  #previewed() {
    return Promise.race([this.#shown, new Promise((done) => setTimeout(done, PATIENCE))]);
  }

  async #untilStored(what, editId, more, refused) {
    let asked; // what this window shows when it asks
    let answer;
    try {
      answer = await untilAnswered(
        () => {
          const { slide, page, shows } = this.desk;
          asked = { slide, previewed: this.#previewing };
          return send('POST', `${this.address}/${what}`, { editId, on: this.revision, slide, page, shows, ...more });
        },
        (failed) => this.notReached(failed),
      );
    } catch (failed) {
      this.#done(editId, failed.stopped);
      this.reached();
      if (asked.previewed && this.#previewing === asked.previewed) this.endPreview();
      if (failed.status === 409) await this.#both(failed, more.edit, refused);
      else refused(failed.problem);
      this.say();
      return false;
    }
    this.#done(editId);
    this.#taken(answer, asked.slide, asked.previewed);
    return true;
  }

  #done(editId, keeps = false) {
    if (!keeps) this.kept.drop(editId);
    this.unstored -= 1;
    this.say();
  }

  /** What becomes another size, such as "Phone page: reel 390 × 488". */
  #effect(screens) {
    const sizes = ({ name, said }) => `${name} page: ${said.split(' · ')[0]}`;
    const changed = screens.filter((screen, i) => this.screens?.[i] && sizes(this.screens[i]) !== sizes(screen));
    return changed.map(sizes).join(', ');
  }

  /**
   * Draws an answer. A preview that the wall shows, or is going to, stays on it.
   *
   * @param previewed the preview that the answer has stored
   */
  #taken(answer, slide, previewed) {
    const newer = this.#previewing !== previewed;
    if (!newer) this.#endPreview();
    this.#passed = newer ? [answer, slide] : undefined;
    this.away = '';
    this.state = answer.state;
    this.revision = answer.revision;
    this.screens = answer.screens;
    this.desk.draw(newer ? { ...answer, shows: undefined } : answer, slide);
    this.say();
  }

  #endPreview() {
    this.#previewing?.abort();
    this.#previewing = undefined;
  }

  /** What was previewed is not wanted: the wall shows what is stored. */
  endPreview() {
    if (!this.#previewing) return;
    this.#endPreview();
    if (this.#passed) this.#taken(...this.#passed);
    else this.refresh();
  }

  /** Somebody else wrote the same words meanwhile: both are shown, and one is chosen. */
  async #both({ theirs, revision }, edit, refused) {
    refused.overtaken?.(); // from here on the field shows what is stored
    if ((await choose(theirs, edit.text ?? edit.name)) === 'mine') this.store(edit, refused, revision); // theirs was seen
    else await this.refresh();
  }

  /**
   * Shows what an edit would make, storing nothing; a later one takes the place of an earlier one. What it would do to
   * the pages of the wall is told in words.
   */
  preview(edit, refused = () => {}, tell = () => {}) {
    this.#previewing?.abort();
    const mine = (this.#previewing = new AbortController());
    this.#shown = this.#preview(mine, edit, refused, tell);
    return this.#shown;
  }

  async #preview(mine, edit, refused, tell) {
    try {
      const { slide, page, shows } = this.desk;
      const body = { window: this.window, editId: 'preview', on: this.revision, slide, page, shows, edit };
      const answer = await send('POST', `${this.address}/preview`, body, { signal: mine.signal });
      if (!mine.signal.aborted) {
        refused('');
        tell(this.#effect(answer.screens));
        this.desk.draw(answer, slide);
      }
    } catch (failed) {
      if (!passes(failed)) refused(failed.problem);
      if (this.#previewing !== mine) return;
      this.#previewing = undefined;
      if (this.#passed) this.#taken(...this.#passed);
    }
  }

  /** Draws the bench as it is stored now, unless something newer has been drawn meanwhile, or is on its way and brings all. */
  async refresh() {
    const { slide } = this.desk;
    try {
      const answer = await send('GET', this.#now('parts'));
      if (answer.revision >= this.revision && !this.unstored) this.#taken(answer, slide);
    } catch (failed) {
      this.#notRead(failed);
    }
  }

  /**
   * Draws the brief, or the sheet of the slide that was picked last: those picked quickly one after another are passed over.
   *
   * @param whole whether the wall shows other slides from now on
   */
  async refreshBand(whole = false) {
    const picked = this.desk.slide;
    if (this.#reading) {
      await this.#reading.catch(() => {});
      if (this.desk.slide !== picked) return;
    }
    this.#reading = send('GET', this.#now(whole ? 'parts' : 'band'));
    let answer;
    try {
      answer = await this.#reading;
    } catch (failed) {
      this.#notRead(failed);
      return;
    } finally {
      this.#reading = undefined;
    }
    if (answer.revision !== this.revision) await this.refresh();
    else if (this.desk.slide === picked) this.#taken(answer, picked);
  }

  #notRead(failed) {
    if (!passes(failed)) notice(failed.problem);
    else this.notReached(failed);
  }

  #now(what) {
    const slide = this.desk.slide ? `&slide=${this.desk.slide}` : '';
    const page = this.desk.page ? `&page=${this.desk.page}` : '';
    return `${this.address}/${what}?window=${this.window}&shows=${this.desk.shows}${slide}${page}`;
  }

  /** The application answers. */
  reached() {
    this.away = '';
    this.say();
  }

  /** It does not, or says that it cannot at present. */
  notReached(failed) {
    this.away = awayFor(failed);
    this.say();
  }

  get #refusals() {
    return [...document.querySelectorAll('#band [data-problem], [data-name-problem]')].some((one) => one.textContent && one.checkVisibility());
  }

  /** Says how storing stands; never "stored" beside something that was refused. */
  say() {
    const kept = this.unstored ? `; ${this.unstored === 1 ? 'a change is' : `${this.unstored} changes are`} kept here, tried again` : '; waiting for it';
    this.desk.bench.says(this.away ? this.away + kept : this.unstored ? 'storing …' : this.#refusals ? 'not all of it is stored' : 'stored');
  }
}
