// Pictures that are brought in twos: which one is before and which after is told by the application, and asked about.
import { notice, send } from './http.js';

/** The pairs of those pictures [{ before, after, says }]; none, which is said, while the application is not reached. */
export async function sides(ids) {
  try {
    return await send('POST', '/pictures/sides', ids);
  } catch {
    notice('Keen Reel was not reached. What was brought is in Pictures; pair it as soon as it is.');
    return [];
  }
}

/** The list of pictures for comparisons: their pairs in order, each with what it goes by and a way to swap it. */
export class Pairs {
  #swapped = new Set(); // pairs that somebody has turned round
  #asked = 0;

  constructor(list) {
    this.list = list;
  }

  get #rows() {
    return [...this.list.querySelectorAll('[data-picture]')];
  }

  /** The list says of each pair which side is which; of single pictures nothing. */
  async draw(paired) {
    const mine = ++this.#asked;
    const ids = this.#rows.map(({ dataset }) => dataset.picture);
    const pairs = paired ? await sides(ids) : [];
    if (mine !== this.#asked) return;
    this.list.querySelectorAll('.pair-says').forEach((line) => line.remove());
    this.list.querySelectorAll('.side').forEach((name) => name.remove());
    let last = null;
    pairs.forEach(({ before, after, says }) => {
      const key = [before, after].sort().join();
      const swapped = this.#swapped.has(key);
      const [left, right] = swapped ? [after, before] : [before, after];
      const rows = this.#rows.filter(({ dataset }) => dataset.picture === left || dataset.picture === right);
      const first = rows.find(({ dataset }) => dataset.picture === left);
      const second = rows.find((row) => row !== first) ?? first; // the same picture twice
      const line = this.#line(swapped ? 'Swapped by you.' : says, key, swapped);
      if (last) last.after(first, second, line);
      else this.list.prepend(first, second, line);
      this.#name(first, 'before');
      this.#name(second, 'after');
      last = line;
    });
  }

  #name(row, side) {
    row.querySelector('.says').before(Object.assign(document.createElement('strong'), { className: 'side', textContent: side }));
  }

  #line(says, key, swapped) {
    const line = document.createElement('li');
    line.className = 'pair-says';
    line.innerHTML = '<span class="quiet"></span> <button type="button" class="word">Swap</button>';
    line.querySelector('span').textContent = says;
    line.querySelector('button').addEventListener('click', async () => {
      if (swapped) this.#swapped.delete(key);
      else this.#swapped.add(key);
      await this.draw(true);
      this.list.querySelector(`.pair-says[data-key="${key}"] button`)?.focus();
    });
    line.dataset.key = key;
    return line;
  }
}
