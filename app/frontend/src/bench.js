// The bench: ties its bands together. What a reel is and does is decided by the application; here is only the handling.
import Alpine from '@alpinejs/csp';
import morph from '@alpinejs/morph';
import { Arriving } from './bench/arriving.js';
import { Brief } from './bench/brief.js';
import { Edits } from './bench/edits.js';
import { Find } from './bench/find.js';
import { History } from './bench/history.js';
import { Order } from './bench/order.js';
import { Pulse } from './bench/pulse.js';
import { Sheet } from './bench/sheet.js';
import { Typing } from './bench/typing.js';
import { Wall } from './bench/wall.js';
import { WidthLine } from './bench/width-line.js';
import { notice } from './http.js';
import { pick } from './pick.js';

Alpine.plugin(morph);
Alpine.start();

const reel = document.body.dataset.reel;

const drawn = new Map(); // what was drawn last, by part

const bench = {
  slide: null,
  page: null, // the width of the page that was added to the wall

  /** Whether the brief stands there: no sheet, no history. */
  get atBrief() {
    return !bench.slide && !history.isOpen;
  },

  /** Selects a slide, whose sheet takes the place of the brief; null goes back to the brief. */
  async select(id) {
    if (history.isOpen) await history.close();
    const whole = order.isAway(id) || order.isAway(bench.slide);
    bench.slide = id;
    if (document.body.classList.contains('with-sheet') !== Boolean(id)) {
      document.body.classList.toggle('with-sheet');
      wall.fit();
    }
    order.pick(id);
    sheet.turn(id);
    if (edits.away && id) notice('The sheet of that slide comes as soon as Keen Reel is reached.');
    await edits.settled();
    if (bench.slide === id) await edits.refreshBand(whole);
  },

  /** The version of what the wall shows. */
  get shows() {
    return wall.shows;
  },

  /** The pages of the wall show different things, or what is not known here. */
  behind() {
    clearTimeout(bench.catchingUp);
    bench.catchingUp = setTimeout(() => edits.refresh());
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
    for (const [id, html] of Object.entries(answer.parts)) {
      const part = document.getElementById(id);
      if (part?.closest('#band') && slide !== bench.slide) continue; // another sheet is open by now
      if (!part || (id === 'order' && order.inHand)) continue; // a card in hand stays there
      if ('plain' in part.dataset) part.innerHTML = html;
      else if (drawn.get(id) !== html) replace(part, id, html);
      drawn.set(id, html);
    }
    if (answer.parts.order) {
      order.drawn();
      order.tray.draw();
    }
    if (answer.parts.band && slide === bench.slide) {
      sheet.drawn();
      typing.drawn();
      order.markAway(bench.slide);
    }
    if (answer.parts.line) line.draw();
    if (answer.shows) wall.show(answer.shows, answer.screens);
    if (history.isOpen && Object.keys(answer.parts).length) history.draw();
  },
};

const edits = new Edits(reel, Number(document.body.dataset.revision), bench);
const wall = new Wall(document.getElementById('screens'), bench);
const line = new WidthLine(document.querySelector('.width-line'), wall, bench);
const order = new Order(document.getElementById('order'), bench, edits, wall);
const history = new History(document.getElementById('history'), reel, bench, edits, wall);
new Arriving(document.querySelector('.arriving'), order, edits);
new Brief(document.getElementById('band'), edits);
new Find(document.getElementById('find'), document.getElementById('band'), bench, edits);
const typing = new Typing(document.getElementById('band'), edits);
const sheet = new Sheet(document.getElementById('band'), bench, edits, order, typing);

/** What was put into a field and is not acknowledged yet. */
const said = (field) => typing.value(field) ?? order.value(field);

/** Draws a part anew, keeping what is open, focused or half typed in it. */
function replace(part, id, html) {
  const focused = part.contains(document.activeElement) ? document.activeElement : null;
  Alpine.morph(part, `<div id="${id}"${part.className ? ` class="${part.className}"` : ''}>${html}</div>`, {
    key: (element) => element.dataset?.key ?? element.id,
    updating(from, to, childrenOnly, skip) {
      if (from.matches?.('.control-panel:popover-open')) skip(); // an open panel keeps its own state
      if (from.matches?.('[data-unfold]')) to.setAttribute('aria-expanded', from.getAttribute('aria-expanded'));
    },
  });
  part.querySelectorAll('input, textarea').forEach((field) => {
    if (field.closest('.control-panel:popover-open')) return;
    const written = said(field) ?? (field.matches('textarea') ? field.textContent : field.getAttribute('value')) ?? '';
    if (field.value === written) return;
    const selected = field === document.activeElement && field.selectionEnd === field.value.length && field.selectionStart === 0;
    field.value = written;
    if (selected) field.select();
  });
  part.querySelectorAll('select').forEach((select) => {
    const own = said(select);
    select.selectedIndex = Math.max(0, [...select.options].findIndex((option) => (own === undefined ? option.hasAttribute('selected') : option.value === own)));
  });
  if (!focused || document.activeElement === focused) return;
  const again = focused.isConnected ? focused : focused.dataset.key && part.querySelector(`[data-key="${CSS.escape(focused.dataset.key)}"]`);
  again?.focus?.({ preventScroll: true }); // it was moved, or drawn anew
}

document.addEventListener('click', async (event) => {
  const action = event.target.closest('[data-do]')?.dataset.do;
  if (action === 'undo') await edits.undo();
  else if (action === 'redo') await edits.redo();
  else if (action === 'history') await (history.isOpen ? history.close() : history.open());
  else if (action === 'add') {
    await order.add(await pick());
  } else if (action === 'add-colour') {
    await edits.store(order.adding([{ colour: '#16241e' }]));
    await bench.select(order.cards.at(-1).dataset.card);
  }
});

document.addEventListener('keydown', (event) => {
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || event.target.matches('input, textarea')) return;
  event.preventDefault();
  if (order.hand.up) order.hand.putBack();
  else if (event.shiftKey) edits.redo();
  else edits.undo();
});

document.addEventListener('change', (event) => {
  if (!event.target.matches('.reel-name')) return;
  const name = (typing.renaming = event.target.value);
  const ended = () => (typing.renaming = typing.renaming === name ? undefined : typing.renaming);
  const refused = (problem) => notice(problem);
  refused.overtaken = ended;
  edits.store({ kind: 'rename', name }, refused).then(ended);
});

addEventListener('resize', () => wall.fit());
edits.refresh().then(() => order.showMoment());
edits.offer();
new Pulse(edits);
