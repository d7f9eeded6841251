// Files dropped anywhere on the bench: they come into the library and become slides, or join the set that the reel follows.
import { dropped } from '../dropping.js';
import { notice, send } from '../http.js';
import { bring } from '../uploads.js';

export class Arriving {
  constructor(place, order, edits) {
    Object.assign(this, { place, order, edits });
    place.querySelector('[data-close-files]').addEventListener('click', () => {
      place.querySelectorAll('.refused').forEach((row) => row.remove());
      place.hidden = !place.querySelector('li');
    });
    const files = (event) => event.dataTransfer?.types.includes('Files');
    document.addEventListener('dragover', (event) => {
      if (files(event)) event.preventDefault();
    });
    document.addEventListener('drop', async (event) => {
      if (!files(event)) return;
      event.preventDefault();
      this.take((await dropped(event)).flatMap((one) => one.files), event.before);
    });
  }

  /**
   * Brings files, in their order, and shows how far they are until all that came without trouble are slides.
   *
   * @param before the slide that they come before; none for the end
   */
  async take(files, before) {
    if (!files.length) return;
    this.place.hidden = false;
    const list = this.place.querySelector('ul');
    const brought = new Map(files.map((file) => [file, undefined]));
    const count = () => {
      const here = [...brought.values()].filter(Boolean).length;
      const refused = list.querySelectorAll('.refused').length;
      this.place.querySelector('strong').textContent = `Adding ${files.length}: ${here} here${refused ? `, ${refused} refused` : ''}.`;
    };
    count();
    await Promise.all(
      files.map((file) =>
        bring([file], list, (picture) => {
          if (picture) brought.set(file, picture);
          count();
        }),
      ),
    );
    list.querySelectorAll('.done').forEach((row) => row.remove());
    this.place.hidden = !list.children.length;
    await this.#use([...brought.values()].filter(Boolean), before);
  }

  async #use(pictures, before) {
    if (!pictures.length) return;
    const set = document.querySelector('[data-follow=set]')?.value;
    if (set) {
      await send('PUT', `/pictures/sets/${set}`, { add: pictures.map(({ id }) => id) });
      await this.edits.refresh();
      notice('They are in the set now, and so in this reel.');
      return;
    }
    await this.order.add(pictures, before);
  }
}
