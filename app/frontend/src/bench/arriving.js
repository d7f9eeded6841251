// Files dropped anywhere on the bench: they come into the library and become slides, or join the set that the reel follows.
import { dropped } from '../dropping.js';
import { notice, send } from '../http.js';
import { again, bring, leave } from '../uploads.js';
import { desk } from './desk.js';

const files = ({ dataTransfer }) => dataTransfer?.types.includes('Files');

async function use(pictures, before) {
  if (!pictures.length) return;
  const set = document.querySelector('[data-follow=set]')?.value;
  if (set) {
    await send('PUT', `/pictures/sets/${set}`, { add: pictures.map(({ id }) => id) });
    await desk.edits.refresh();
    notice('They are in the set now, and so in this reel.');
    return;
  }
  await desk.order.add(pictures, before);
}

export const arriving = () => ({
  rows: [],
  counted: '',
  again,
  get none() {
    return !this.rows.length;
  },

  over(event) {
    if (files(event)) event.preventDefault();
  },

  async drop(event) {
    if (!files(event) || event.defaultPrevented) return;
    event.preventDefault();
    const { before } = event; // it goes with the event
    this.take((await dropped(event)).flatMap((one) => one.files), before);
  },

  close() {
    leave(this.rows, 'refused');
  },

  /**
   * Brings files, in their order, and shows how far they are until all that came without trouble are slides.
   *
   * @param before the slide that they come before; none for the end
   */
  async take(all, before) {
    if (!all.length) return;
    const brought = new Map(all.map((file) => [file, undefined]));
    const count = () => {
      const here = [...brought.values()].filter(Boolean).length;
      const refused = this.rows.filter(({ state }) => state === 'refused').length;
      this.counted = `Adding ${all.length}: ${here} here${refused ? `, ${refused} refused` : ''}.`;
    };
    count();
    await Promise.all(
      all.map((file) =>
        bring([file], this.rows, (picture) => {
          if (picture) brought.set(file, picture);
          count();
        }),
      ),
    );
    leave(this.rows, 'done');
    await use([...brought.values()].filter(Boolean), before);
  },
});
