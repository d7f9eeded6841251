// What the components of the bench share: the slide whose sheet is open, the page that was added, what is stored, and one
// another. What a reel is and does is decided by the application; here is only the handling.
import { draw } from '../drawing.js';
import { notice } from '../http.js';
import { Edits } from './edits.js';
import { Typing } from './typing.js';

const { reel, revision } = document.body.dataset;

const drawn = new Map(); // what was drawn last, by part
let catchingUp;

/** Components put themselves here when they begin: bench, wall, line, order, history, sheet. */
export const desk = {
  reel,
  slide: null,
  page: null, // the width of the page that was added to the wall

  /** Whether the brief stands there: no sheet, no history. */
  get atBrief() {
    return !desk.slide && !desk.history.open;
  },

  /** The version of what the wall shows. */
  get shows() {
    return desk.wall.shows;
  },

  /** The pages of the wall show different things, or what is not known here. */
  behind() {
    clearTimeout(catchingUp);
    catchingUp = setTimeout(() => desk.edits.refresh());
  },

  /** Selects a slide, whose sheet takes the place of the brief; null goes back to the brief. */
  async select(id) {
    const { edits, order } = desk;
    if (desk.history.open) await desk.history.close();
    const whole = order.isAway(id) || order.isAway(desk.slide);
    desk.slide = id;
    desk.bench.withSheet = Boolean(id);
    order.pick(id);
    desk.sheet.turn(id);
    if (edits.away && id) notice('The sheet of that slide comes as soon as Keen Reel is reached.');
    await edits.settled();
    if (desk.slide === id) await edits.refreshBand(whole);
  },

  /** Something was moved by hand in that part: it is drawn anew whatever the next answer brings. */
  moved(part) {
    drawn.delete(part);
  },

  /**
   * Draws what an answer carries.
   *
   * @param slide whose sheet was open when it was asked for
   */
  draw(answer, slide) {
    const { order, sheet } = desk;
    for (const [id, html] of Object.entries(answer.parts)) {
      const part = document.getElementById(id);
      if (part?.closest('#band') && slide !== desk.slide) continue; // another sheet is open by now
      if (!part || (id === 'order' && order.inHand)) continue; // a card in hand stays there
      if ('plain' in part.dataset) part.innerHTML = html;
      else if (drawn.get(id) !== html) draw(part, html, said);
      drawn.set(id, html);
    }
    if (answer.parts.stored) desk.bench.nameSays();
    if (answer.parts.order) order.drawn();
    if (answer.parts.band && slide === desk.slide) {
      sheet.drawn();
      order.markAway(desk.slide);
    }
    if (answer.parts.line) desk.line?.place();
    if (answer.shows) desk.wall.show(answer.shows, answer.screens);
    if (desk.history.open && Object.keys(answer.parts).length) desk.history.list();
  },
};

desk.edits = new Edits(`/reels/${reel}`, Number(revision), desk);
desk.typing = new Typing(desk);

/** What was put into a field and is not acknowledged yet. */
const said = (field) => desk.typing.value(field) ?? desk.order.value(field);
