// Where the slides of a reel come from: picked by hand, brought into an order once, or from a set by a rule.
import { desk } from './desk.js';

export function source() {
  const { edits } = desk;
  const said = new Map(); // what was said of the set that is followed and is not acknowledged yet, by field

  return {
    arrange({ target }) {
      if (target.value) edits.step('arrangement', { by: target.value });
    },
    sourceTyped({ target }) {
      said.set(target.dataset.follow, target.value);
    },
    followSet({ target }) {
      const now = (name) => this.$root.querySelector(`[data-follow=${name}]`)?.value;
      // another set is followed as the former was; what is not there yet is as usual
      const follows = target.value && { set: target.value, ...(now('order') && { order: now('order'), most: Number(now('most')), byItself: now('byItself') === 'yes' }) };
      return this.follow(target, { kind: 'follow', follows: follows || null });
    },
    followOrder({ target }) {
      return this.follow(target, { kind: 'follow-order', order: target.value });
    },
    followMost({ target }) {
      return this.follow(target, { kind: 'follow-most', most: Number(target.value) });
    },
    followByItself({ target }) {
      return this.follow(target, { kind: 'goes-live', byItself: target.value === 'yes' });
    },
    async follow({ value, dataset: { follow: field } }, edit) {
      const stored = await edits.store(edit);
      if (said.get(field) !== value) return; // said otherwise meanwhile
      said.delete(field);
      if (stored) return;
      desk.moved('order');
      await edits.refresh();
    },
    /** What was put into a field and is not acknowledged yet; undefined when the application knows best. */
    value: (field) => said.get(field.dataset.follow),
  };
}
