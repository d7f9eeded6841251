// What this window did on a page that is no bench: each step as the requests that take it back and those that do it again.
import { reactive } from './alpine.js';
import { notice } from './http.js';
import { insist, offerUnsent } from './insist.js';

const WAYS = { undo: ['back', 'forth', 'undone'], redo: ['forth', 'back', 'done again'] };

/** Loads the page anew, which goes on with what was pressed meanwhile. */
export function loadAnew() {
  location.reload();
  return new Promise(() => {});
}

const there = reactive({ back: 0, forth: 0, undo() {}, redo() {} }); // how many steps there are each way

/** Says how many steps there are each way, and what takes them. */
export const lead = (how) => Object.assign(there, how);

/** The two buttons, and the keys for them. */
export const steps = () => ({
  get back() {
    return there.back;
  },
  get forth() {
    return there.forth;
  },
  undo: () => there.undo(),
  redo: () => there.redo(),
  keys(event) {
    if (event.key.toLowerCase() !== 'z' || !(event.ctrlKey || event.metaKey) || event.target.matches('input, textarea')) return;
    event.preventDefault();
    if (event.shiftKey) there.redo();
    else there.undo();
  },
});

/** The steps of a page. */
export class Steps {
  #place;
  #wanted; // what was pressed and is not done: presses are not lost while a page is drawn anew
  #all; // { back, forth }: steps to take back and to do again, the next one last; each { says, back, forth }

  /**
   * @param of what the steps belong to
   * @param done told when one was taken back or done again; never settles where the page is loaded anew
   * @param here the requests that bring back what is there now, for steps that do not know them
   */
  constructor(of, done, here = () => []) {
    Object.assign(this, { done, here });
    this.#place = `steps ${of}`;
    this.#all = JSON.parse(sessionStorage.getItem(this.#place) ?? '{"back": [], "forth": []}');
    this.#wanted = JSON.parse(sessionStorage.getItem(`${this.#place} wanted`) ?? '[]');
    lead({ undo: () => this.#ask('undo'), redo: () => this.#ask('redo') });
    this.#mark();
  }

  /** Goes on with what an earlier page left. */
  async begin() {
    if (await offerUnsent()) this.done();
    else this.#takeAll();
  }

  /** Something was done; what had been taken back before is gone. */
  did(says, back, forth) {
    this.#all = { back: [...this.#all.back, { says, back, forth }].slice(-100), forth: [] };
    this.#mark();
  }

  #ask(way) {
    this.#want([...this.#wanted, way]);
    return this.#takeAll();
  }

  #want(ways) {
    this.#wanted = ways;
    sessionStorage.setItem(`${this.#place} wanted`, JSON.stringify(ways));
  }

  async #takeAll() {
    if (this.going || !this.#wanted.length) return;
    this.going = true;
    try {
      while (this.#wanted.length) {
        const taken = await this.#take(...WAYS[this.#wanted[0]]);
        if (taken) await this.done(); // the next step is taken on what is there now
      }
    } catch (failed) {
      this.#want([]);
      notice(failed.problem);
    } finally {
      this.going = false;
    }
  }

  /** Takes one step; whether there was one. */
  async #take(from, to, what) {
    const step = this.#all[from].at(-1);
    if (step) {
      const here = this.here();
      for (const [method, address, body] of step[from]) await insist(method, address, body, `${step.says}: ${what}`);
      step[to] ??= here;
      this.#all[from].pop();
      this.#all[to].push(step);
      notice(`${step.says}: ${what}.`);
    }
    this.#want(this.#wanted.slice(1));
    this.#mark();
    return Boolean(step);
  }

  #mark() {
    sessionStorage.setItem(this.#place, JSON.stringify(this.#all));
    lead({ back: this.#all.back.length, forth: this.#all.forth.length });
  }
}
