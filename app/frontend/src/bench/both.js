// Somebody else wrote the same words meanwhile: both are shown, and one is chosen.
import { answerOf, once } from '../dialogs.js';

const { there, asking } = once();

export const both = () => ({
  theirs: '',
  mine: '',
  init() {
    there(this);
  },
  choose(theirs, mine) {
    Object.assign(this, { theirs: theirs || 'nothing', mine: mine || 'nothing' });
    return answerOf(this.$root);
  },
});

/** Shows both; gives back "mine" where that is wanted. */
export const choose = async (theirs, mine) => (await asking).choose(theirs, mine);
