// What this window did on a page that is no bench: each step as the requests that take it back and those that do it again.
import { notice } from './http.js';
import { insist, offerUnsent } from './insist.js';

export class Steps {
  #place;
  #all; // { back, forth }: steps to take back and to do again, the next one last; each { says, back, forth }

  /**
   * @param of what the steps belong to
   * @param done told when one was taken back or done again
   * @param here the requests that bring back what is there now, for steps that do not know them
   */
  constructor(of, done, here = () => []) {
    Object.assign(this, { done, here });
    this.#place = `steps ${of}`;
    this.#all = JSON.parse(sessionStorage.getItem(this.#place) ?? '{"back": [], "forth": []}');
    document.addEventListener('click', ({ target }) => {
      if (target.closest('[data-undo]')) this.undo();
      else if (target.closest('[data-redo]')) this.redo();
    });
    document.addEventListener('keydown', (event) => {
      if (event.key.toLowerCase() !== 'z' || !(event.ctrlKey || event.metaKey) || event.target.matches('input, textarea')) return;
      event.preventDefault();
      if (event.shiftKey) this.redo();
      else this.undo();
    });
    this.#mark();
    offerUnsent().then((sent) => sent && this.done());
  }

  /** Something was done; what had been taken back before is gone. */
  did(says, back, forth) {
    this.#all = { back: [...this.#all.back, { says, back, forth }].slice(-100), forth: [] };
    this.#mark();
  }

  undo() {
    return this.#go('back', 'forth', 'undone');
  }

  redo() {
    return this.#go('forth', 'back', 'done again');
  }

  async #go(from, to, what) {
    const step = this.#all[from].at(-1);
    if (!step || this.going) return;
    this.going = true;
    try {
      const here = this.here();
      for (const [method, address, body] of step[from]) await insist(method, address, body, `${step.says}: ${what}`);
      step[to] ??= here;
      this.#all[from].pop();
      this.#all[to].push(step);
      notice(`${step.says}: ${what}.`);
      this.#mark();
      await this.done();
    } catch (failed) {
      notice(failed.problem);
    } finally {
      this.going = false;
    }
  }

  #mark() {
    sessionStorage.setItem(this.#place, JSON.stringify(this.#all));
    document.querySelectorAll('[data-undo]').forEach((button) => (button.disabled = !this.#all.back.length));
    document.querySelectorAll('[data-redo]').forEach((button) => (button.disabled = !this.#all.forth.length));
  }
}
