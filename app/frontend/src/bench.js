// The bench of one reel.
import { start } from './alpine.js';
import { arriving } from './bench/arriving.js';
import { both } from './bench/both.js';
import { controls } from './bench/controls.js';
import { desk } from './bench/desk.js';
import { find } from './bench/find.js';
import { history } from './bench/history.js';
import { order } from './bench/order.js';
import { beat } from './bench/pulse.js';
import { sheet } from './bench/sheet.js';
import { tray } from './bench/tray.js';
import { wall } from './bench/wall.js';
import { widthLine } from './bench/width-line.js';
import { notices } from './notices.js';
import { pick, picking } from './pick.js';
import { unstored } from './unstored.js';

const { edits } = desk;
let nameProblem = '';

/** The page as a whole: its header, and what takes the place of the brief. */
const bench = () => ({
  withSheet: false,
  withHistory: false,
  withCrops: false,
  get states() {
    return { 'with-sheet': this.withSheet, 'with-history': this.withHistory, 'with-crops': this.withCrops };
  },
  init() {
    desk.bench = this;
  },
  undo: () => edits.undo(),
  redo: () => edits.redo(),
  turnHistory: () => desk.history.turn(),
  /** Says how storing stands. */
  says(words) {
    this.$root.querySelector('[data-stored]').textContent = words;
  },
  /** Says at the name why it is refused; it stays there until another one is taken. */
  nameSays(problem = nameProblem) {
    nameProblem = problem;
    this.$root.querySelector('[data-name-problem]').textContent = problem;
    edits.say();
  },
  keys(event) {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || event.target.matches('input, textarea')) return;
    event.preventDefault();
    if (desk.order.putBack()) return;
    if (event.shiftKey) edits.redo();
    else edits.undo();
  },
  rename({ target }) {
    const name = (desk.typing.renaming = target.value);
    const ended = () => {
      if (desk.typing.renaming === name) desk.typing.renaming = undefined;
      this.nameSays('');
    };
    const refused = (problem) => this.nameSays(problem);
    refused.overtaken = ended;
    edits.store({ kind: 'rename', name }, refused).then((stored) => stored && ended());
  },
  async addSlides() {
    await desk.order.add(await pick());
  },
  async addColour() {
    await edits.store(desk.order.adding([{ colour: '#16241e' }]));
    await desk.select(desk.order.cards.at(-1).dataset.card);
  },
});

start({ arriving, bench, both, controls, find, history, notices, order, picking, sheet, tray, unstored, wall, widthLine });
edits.refresh().then(() => desk.order.showMoment());
edits.offer();
beat(edits);
