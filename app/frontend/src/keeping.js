// What is typed outside the bench: kept in the browser from the first key, stored when typing rests, each thing after its own
// former value, and tried again until it is acknowledged.
import { awayFor, untilAnswered } from './http.js';
import { Lasting } from './lasting.js';
import { leaving } from './leaving.js';
import { offer } from './unstored.js';

const REST = 800; // ms after which typing counts as done

/** What of that is typed is said about it: `state` is typing, storing, stored (with the answer), kept or refused (with a sentence). */
export class Keeping {
  #all = new Map(); // by key: { value, fresh, storing, timer, away }
  #kept;

  /**
   * @param place names what is kept in the browser
   * @param store sends the value of a key; its promise ends in a Problem when it is refused
   * @param say told of a key's state
   */
  constructor(place, store, say) {
    Object.assign(this, { store, say });
    this.#kept = new Lasting(place);
    leaving({ unstored: () => this.#flush(), settled: () => this.settled(), away: () => [...this.#all.values()].some((one) => one.away) });
  }

  /** A newer value of that key; it is stored when no other follows for a while, or when it is told to rest. */
  put(key, value, soon = REST) {
    const one = this.#all.get(key) ?? {};
    clearTimeout(one.timer);
    Object.assign(one, { value, fresh: true, timer: setTimeout(() => this.rest(key), soon) });
    this.#all.set(key, one);
    this.#kept.keep(key, { value });
    this.say(key, 'typing');
  }

  /** What was typed is done. */
  rest(key) {
    const one = this.#all.get(key);
    if (!one?.fresh || one.storing) return one?.storing;
    clearTimeout(one.timer);
    one.storing = this.#untilStored(key, one).finally(() => (one.storing = undefined));
    return one.storing;
  }

  async #untilStored(key, one) {
    const store = () => {
      one.fresh = false;
      this.say(key, 'storing');
      return this.store(key, one.value);
    };
    let stopped;
    while (one.fresh) {
      stopped = false;
      try {
        const answer = await untilAnswered(store, (failed) => {
          one.away = one.fresh = true;
          this.say(key, 'kept', `${awayFor(failed)}. It is kept here and tried again.`);
        });
        this.say(key, 'stored', '', answer);
      } catch (refused) {
        stopped = refused.stopped;
        this.say(key, 'refused', refused.problem);
      }
      one.away = false;
    }
    this.#all.delete(key);
    if (!stopped) this.#kept.drop(key);
  }

  /** What was typed and is not acknowledged; undefined when the application knows best. */
  value(key) {
    return this.#all.get(key)?.value;
  }

  settled() {
    return Promise.all([...this.#all.keys()].map((key) => this.rest(key)));
  }

  /** Everything is asked for; how much is not acknowledged. */
  #flush() {
    this.settled();
    return this.#all.size;
  }

  /**
   * Offers what an earlier page could not store.
   *
   * @param says a line about a value of a key
   * @returns what is stored now, by key
   */
  async offer(says) {
    const left = await this.#kept.left();
    left.forEach(({ id, value }) => this.#kept.keep(id, { value })); // closing the window now keeps them
    const wanted = left.length && (await offer(left.map(({ id, value, at }) => ({ at, says: says(id, value) }))));
    left.forEach(({ id, value }) => (wanted ? this.put(id, value, 0) : this.#kept.drop(id)));
    return new Map(wanted ? left.map(({ id, value }) => [id, value]) : []);
  }
}
