// The list of reels: found again, and several at once duplicated, taken down, or put into the bin.
import { answerOf } from './dialogs.js';
import { draw } from './drawing.js';
import { mix } from './alpine.js';
import { notice, send, windowName } from './http.js';
import { stretching } from './stretch.js';
import { addressOf, REST } from './wish.js';

const list = () => ({
  chosen: [],
  question: '',
  yes: '',
  get hasChosen() {
    return this.chosen.length > 0;
  },
  get chosenSays() {
    return this.chosen.length === 1 ? 'One reel chosen' : `${this.chosen.length} reels chosen`;
  },
  get boxes() {
    return [...this.$root.querySelectorAll('.reel-row [type=checkbox]')];
  },
  wish(event) {
    if (event.target.type !== 'search') event.target.form.requestSubmit();
  },
  /** What is typed filters the list; an answer that a newer one has overtaken is passed over. */
  seek(event) {
    if (event.target.type !== 'search') return;
    clearTimeout(this.seeking);
    this.seeking = setTimeout(() => this.find(addressOf(event.target.form)), REST);
  },
  async find(address) {
    history.replaceState(null, '', address);
    try {
      const fresh = new DOMParser().parseFromString(await (await fetch(address)).text(), 'text/html');
      if (location.href !== new URL(address, location.href).href) return;
      for (const part of [this.$refs.title, this.$refs.found]) draw(part, fresh.querySelector(`[x-ref=${part.getAttribute('x-ref')}]`).innerHTML);
      this.choose();
    } catch {
      notice('Keen Reel was not reached. These are the reels as they were found before.');
    }
  },
  choose() {
    this.chosen = this.boxes.filter(({ checked }) => checked).map(({ value }) => value);
  },
  clear() {
    this.boxes.forEach((box) => (box.checked = false));
    this.choose();
  },
  /** The reels that are meant: the one of the row that was pressed in, else those that are chosen. */
  meant(event) {
    const row = event.currentTarget.closest('.reel-row');
    return row ? [row.dataset.reel] : this.chosen;
  },
  async tell(address, body) {
    try {
      await send('POST', address, body);
      location.reload();
    } catch (failed) {
      notice(failed.problem ?? 'Keen Reel was not reached. Nothing was changed.');
    }
  },
  duplicate(event) {
    return this.tell('/reels/duplicate', { reels: this.meant(event), window: windowName() });
  },
  async takeDown(event) {
    const reels = this.meant(event);
    if (await this.ask('Pages that carry what is taken down show nothing in its place, until it is put back on its Publish page.', 'Take down')) await this.tell('/reels/take-down', { reels });
  },
  async bin(event) {
    const reels = this.meant(event);
    try {
      const { question } = await send('POST', '/reels/bin/ask', { reels });
      if (!question || (await this.ask(question, 'Bin'))) await this.tell('/reels/bin', { reels, into: true });
    } catch (failed) {
      notice(failed.problem ?? 'Keen Reel was not reached. Nothing was changed.');
    }
  },
  async erase(event) {
    const reels = this.meant(event);
    const which = reels.length === 1 ? 'This reel is' : `These ${reels.length} reels are`;
    const question = `${which} deleted for good, with every revision and publication. This cannot be undone. Pages that carry ${reels.length === 1 ? 'it' : 'them'} show nothing in the place; browsers of those who have seen ${reels.length === 1 ? 'it' : 'them'} may keep copies. Pictures stay in the library.`;
    if (await this.ask(question, 'Delete for good')) await this.tell('/reels/erasure', { reels });
  },
  restore(event) {
    return this.tell('/reels/bin', { reels: this.meant(event), into: false });
  },
  ask(question, yes) {
    Object.assign(this, { question, yes });
    return answerOf(this.$refs.ask);
  },
});

export const reelList = () => mix(stretching(), list());
