// What is not acknowledged yet, kept in the browser: after a crash or a reload it is offered again, under its own ids, so that
// what was stored after all is not done twice.
import { windowName } from './http.js';

export class Lasting {
  #mine;
  #place;

  /** @param of what it belongs to, such as a reel */
  constructor(of) {
    this.#place = `unstored ${of} `;
    this.#mine = windowName();
    navigator.locks?.request(this.#place + this.#mine, () => new Promise(() => {})); // says that this window is there
  }

  /** Keeps that until it is dropped. */
  keep(id, what) {
    this.#change((kept) => ({ ...kept, [id]: { at: Date.now(), ...what } }));
  }

  drop(id) {
    this.#change(({ [id]: gone, ...rest }) => rest);
  }

  #read(window) {
    try {
      return JSON.parse(localStorage.getItem(this.#place + window) ?? '{}');
    } catch {
      return {};
    }
  }

  #change(how) {
    const kept = how(this.#read(this.#mine));
    try {
      if (Object.keys(kept).length) localStorage.setItem(this.#place + this.#mine, JSON.stringify(kept));
      else localStorage.removeItem(this.#place + this.#mine);
    } catch {
      // a browser that keeps nothing still warns before it is left
    }
  }

  /** What windows that are no longer there have left, and what this one left before it was loaded anew; taken once. */
  async left() {
    const there = (await navigator.locks?.query())?.held.map(({ name }) => name) ?? [];
    const all = [];
    for (const name of Object.keys(localStorage).filter((key) => key.startsWith(this.#place))) {
      const window = name.slice(this.#place.length);
      if (window !== this.#mine && there.includes(name)) continue;
      Object.entries(this.#read(window)).forEach(([id, what]) => all.push({ id, ...what }));
      localStorage.removeItem(name);
    }
    return all.sort((a, b) => a.at - b.at);
  }
}
