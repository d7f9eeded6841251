// What is undone and done again on the sheet for lining up: what was shown and not stored, step by step, then what it stored.
import { freshId, send, windowName } from './http.js';
import { lead } from './steps.js';

const BURST = 500; // ms between steps by hand that are undone as one

/** For a component with `address`, `shown` (what can be shown again), `show` and `ask`. */
export const stepping = () => ({
  past: [], // what was shown before, since something was stored
  ahead: [], // what was undone of that
  done: 0, // how much of what this sheet stored can be undone
  undone: 0, // how much of that was
  byHandAt: 0, // when something was last moved by hand

  beginSteps() {
    lead({
      undo: () => this.turn('past', 'ahead', 'done', 'undone', 'undo'),
      redo: () => this.turn('ahead', 'past', 'undone', 'done', 'redo'),
    });
  },
  /** What is shown can be shown again; steps by hand that follow one another are one. */
  keep(byHand = false) {
    const now = Date.now();
    if (!byHand || now - this.byHandAt > BURST) this.past = [...this.past, this.shown];
    this.byHandAt = byHand ? now : 0;
    this.ahead = [];
    this.undone = 0;
    this.count();
  },
  /** What is shown was stored. */
  keepStored() {
    this.past = [];
    this.ahead = [];
    this.done += 1;
    this.undone = 0;
    this.count();
  },
  count() {
    lead({ back: this.past.length + this.done, forth: this.ahead.length + this.undone });
  },

  /** Shows what is the last of the one list, and keeps what was shown in the other; or has the application do so with what was stored. */
  async turn(from, to, some, others, what) {
    if (this.moving) await this.moving;
    this.asked = (this.asked ?? 0) + 1; // an answer that is under way comes too late
    this.byHandAt = 0;
    if (this[from].length) {
      this[to] = [...this[to], this.shown];
      Object.assign(this, this[from].at(-1));
      this[from] = this[from].slice(0, -1);
      this.count();
      this.show();
    } else if (this[some]) await this.turnStored(to, some, others, what);
  },
  async turnStored(to, some, others, what) {
    this.one(some, others); // at once: a second press takes nothing that this sheet did not store
    try {
      await send('POST', `${this.address.replace(/\/compare\/.*/, '')}/${what}`, { window: windowName(), editId: freshId() });
    } catch (failed) {
      this.one(others, some);
      this.problem = failed.problem ?? 'Keen Reel was not reached. Nothing is changed; try again.';
      return;
    }
    this[to] = [];
    this.count();
    await this.ask('GET', 'lying');
  },
  /** One less of these, and one more of those. */
  one(these, those) {
    this[these] -= 1;
    this[those] += 1;
    this.count();
  },
});
