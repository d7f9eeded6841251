// What is dragged over the cards, from the tray or from the desktop.
import { desk } from './desk.js';
import { PICTURE } from './tray.js';

/** @param gapAt gives the card before which something at the pointer would come to stand; null for the end */
export const onCards = (gapAt) => ({
  over(event) {
    const kinds = [...(event.dataTransfer?.types ?? [])];
    if (!kinds.includes(PICTURE) && !kinds.includes('Files')) return;
    event.preventDefault();
    this.line(gapAt(event));
  },
  away({ relatedTarget }) {
    if (!this.$root.contains(relatedTarget)) this.line(undefined);
  },
  /** Shows where a drop would go: before that card, at the end for null, nowhere for undefined. */
  line(place) {
    this.$root.querySelectorAll('.drop-before, .drop-after').forEach((one) => one.classList.remove('drop-before', 'drop-after'));
    if (place) place.classList.add('drop-before');
    else if (place === null) this.$root.querySelector('.card-place:last-child')?.classList.add('drop-after');
  },
  /** A picture is put between cards; files are left to whoever brings them, with the slide that they come before. */
  drop(event) {
    const before = gapAt(event)?.querySelector('.card').dataset.card ?? null;
    this.line(undefined);
    const id = event.dataTransfer.getData(PICTURE);
    if (!id) {
      event.before = before;
      return;
    }
    event.preventDefault();
    desk.tray.put(id, before);
  },
});
