// The question about what an earlier page could not store.
import { answerOf, once } from './dialogs.js';

const { there, asking } = once();

export const unstored = () => ({
  lines: [],
  init() {
    there(this);
  },
  get title() {
    return `${this.lines.length === 1 ? 'A change was' : `${this.lines.length} changes were`} not stored when this page was left`;
  },
  async ask(lines) {
    this.lines = lines.map(({ at, says }) => ({ at: new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }), says }));
    return (await answerOf(this.$root)) !== 'forget';
  },
});

let last = Promise.resolve();

/** Offers lines { at, says }, one question after another; gives back whether they are to be stored now. */
export function offer(lines) {
  const answer = last.then(() => asking).then((dialog) => dialog.ask(lines));
  last = answer;
  return answer;
}
