// The words of sentences that can be chosen: each opens in place, shows its effect while it is turned and stores one edit when
// it rests. And what is done with the sentences as a whole.
import { autoUpdate, computePosition, flip, offset, shift } from '@floating-ui/dom';
import { draw } from '../drawing.js';
import { notice, passes, send } from '../http.js';
import { pick } from '../pick.js';
import { desk } from './desk.js';
import { moving } from './moving.js';

const REST = 800; // ms after which typing counts as done
const POINTED = 80; // ms that a choice is pointed at before the wall tries it
const BESIDE = { strategy: 'fixed', placement: 'bottom-start', middleware: [offset(6), flip({ padding: 8 }), shift({ padding: 8, crossAxis: true })] };

const said = (panel, scope) => panel.getAttribute(`data-said-${scope}`);

/** The value that holds in the scope that is chosen. */
function holds(panel) {
  const { scope } = panel.dataset;
  return said(panel, scope) ?? said(panel, 'all') ?? panel.getAttribute(`data-else-${scope}`) ?? '';
}

/** The edit that a value makes in the scope that is chosen. */
function edit(panel, value) {
  const { option, scope } = panel.dataset;
  if (option === 'slot') return { kind: 'sit', slot: value };
  return { kind: 'choose', option, slide: panel.dataset.slide ?? null, setUp: scope === 'all' ? null : scope, value };
}

/** Which of the choices holds: one of those that are offered, or a picture of the library. */
function mark(panel, value) {
  panel.querySelectorAll('.choice').forEach((choice) => {
    const picks = 'pick' in choice.dataset;
    choice.setAttribute('aria-pressed', picks ? value !== '' : choice.dataset.value === value);
    if (!picks) return;
    const small = choice.querySelector('img');
    small.hidden = value === '';
    if (!small.hidden) small.src = `/pictures/${value}/small`;
  });
}

const valueOf = (input) => (input.dataset.prefix ?? '') + input.value.trim();

export function controls() {
  const { edits } = desk;
  const timers = new WeakMap();
  const turned = new WeakSet(); // panels whose value is not asked for yet
  const asked = new WeakMap(); // by panel: the value that was asked for last, until it is answered
  const standing = new WeakMap(); // what keeps an open panel beside its word
  let pulled = false; // a range is pulled by a pointer
  let pointing; // the pointer rests on a choice soon
  let trying = null; // the choice that the wall shows before it is taken
  let offering = false;

  function refused(panel) {
    return (problem) => {
      const place = panel.querySelector('[data-problem]');
      if (place.textContent === problem) return;
      place.textContent = problem;
      edits.say();
    };
  }

  function preview(panel, value) {
    const effect = panel.querySelector('[data-effect]');
    const tell = (words) => (effect.textContent = words);
    const shown = edits.preview(edit(panel, value), refused(panel), tell);
    if ('plays' in panel.dataset) shown.then(() => desk.order.playInto(panel.dataset.slide));
  }

  function untried(choice) {
    const panel = choice?.closest('.control');
    if (!panel || asked.has(panel)) return; // it was taken
    panel.querySelector('[data-effect]').textContent = '';
    edits.endPreview();
  }

  /** A choice that is pointed at, or reached by keys, is shown on the wall before it is taken; null shows what holds again. */
  function tried(choice) {
    const panel = choice?.closest('.control');
    const next = panel && !('pick' in choice.dataset) && choice.dataset.value !== holds(panel) ? choice : null;
    if (next === trying) return;
    const before = trying;
    trying = next;
    if (next) preview(panel, next.dataset.value);
    else untried(before);
  }

  /** The pointer stands on something: not what it passes over on its way. */
  function pointed(element) {
    clearTimeout(pointing);
    pointing = setTimeout(() => tried(element?.closest('.choice') ?? null), POINTED);
  }

  /** From here on the panel speaks of another set-up; it shows what holds there. */
  function speakOf(panel, scope) {
    panel.dataset.scope = scope;
    panel.querySelectorAll('[data-set-scope]').forEach((one) => one.setAttribute('aria-pressed', one.dataset.setScope === scope));
    const value = holds(panel);
    mark(panel, value);
    panel.querySelectorAll('input:not([data-prefix])').forEach((input) => (input.value = value));
    panel.querySelector('[data-clear]').hidden = (scope === 'all' && !panel.dataset.slide) || said(panel, scope) === null;
  }

  async function store(panel, value) {
    clearTimeout(timers.get(panel));
    turned.delete(panel);
    const { scope } = panel.dataset;
    const waiting = asked.get(panel); // asked for, not answered yet
    const last = waiting?.scope === scope ? waiting.value : said(panel, scope);
    if (value !== null && value === last) {
      if (!waiting) edits.endPreview();
      return; // Enter and leaving the field say the same
    }
    const mine = { scope, value };
    asked.set(panel, mine);
    const stored = await edits.store(edit(panel, value), refused(panel));
    const newest = asked.get(panel) === mine;
    if (newest) asked.delete(panel);
    if (!stored) {
      if (newest) mark(panel, holds(panel));
      return;
    }
    refused(panel)('');
    if (value === null) panel.removeAttribute(`data-said-${scope}`);
    else panel.setAttribute(`data-said-${scope}`, value);
    if (newest && !turned.has(panel)) speakOf(panel, scope); // else the hand is further already
  }

  /** What a press would do is on the wall before it is stored. */
  function choose(panel, choice) {
    const { value } = choice.dataset;
    clearTimeout(pointing);
    mark(panel, value);
    if (trying !== choice) preview(panel, value);
    trying = null;
    store(panel, value);
  }

  /** A picture of the library; the panel is closed by the dialog that asks for it. */
  async function pickFor(panel) {
    const word = document.querySelector(`[popovertarget="${panel.closest('.control-panel').id}"]`);
    const [picture] = await pick(1);
    if (picture) store(panel, picture.id);
    word.focus();
  }

  /** Each choice is drawn with the reel's own slides, as they are now. */
  async function drawn(control, choices) {
    try {
      const drawings = await send('GET', `${edits.address}/${control.dataset.drawings}`);
      choices.forEach((choice) => {
        const drawing = choice.querySelector('.drawing');
        drawing.querySelector('.change')?.remove(); // it moves; the next one begins anew
        drawing.hidden = !drawings[choice.dataset.value];
        draw(drawing, drawings[choice.dataset.value] ?? '');
        moving(choice);
      });
    } catch (failed) {
      if (!passes(failed)) notice(failed.problem);
    }
  }

  /** A panel stands beside its word, inside the window, as long as it is open. */
  function stand(panel) {
    const word = document.querySelector(`[popovertarget="${panel.id}"]`);
    const place = async () => {
      const { x, y } = await computePosition(word, panel, BESIDE);
      Object.assign(panel.style, { left: `${x}px`, top: `${y}px` });
    };
    standing.set(panel, autoUpdate(word, panel, place));
    panel.querySelectorAll('[data-drawings]').forEach((control) => drawn(control, [...control.querySelectorAll('.choice')]));
  }

  /** The reels whose set-up can be taken over: asked for when somebody comes near, for there may be thousands. */
  async function offerOthers(select) {
    if (select.options.length > 1 || offering) return;
    offering = true;
    try {
      const others = await send('GET', `${edits.address}/others`);
      if (select.options.length === 1) select.append(...others.map(({ id, name }) => new Option(name, id)));
    } catch {
      notice('Keen Reel was not reached. Other reels can be chosen as soon as it is.');
    } finally {
      offering = false;
    }
  }

  return {
    /** What has the focus once a panel is open is said before: a key that follows at once goes there. */
    turningPanel(event) {
      const panel = event.target;
      if (!panel.matches('.control-panel') || event.newState !== 'open') return;
      panel.querySelectorAll('[autofocus]').forEach((former) => (former.autofocus = false));
      const first = panel.querySelector('[aria-pressed=true].choice, input, .choice');
      if (first) first.autofocus = true;
    },

    turnedPanel(event) {
      const panel = event.target;
      if (!panel.matches('.control-panel')) return;
      if (event.newState === 'open') {
        stand(panel);
        return;
      }
      standing.get(panel)?.();
      pointed(null);
      edits.say(); // what was refused in it is gone with it
    },

    press({ target }) {
      const panel = target.closest('.control');
      const button = target.closest('button');
      const remedy = target.closest('[data-remedy]')?.dataset;
      if (remedy) edits.store({ kind: 'choose', option: remedy.remedy, slide: null, setUp: remedy.setUp ?? null, value: remedy.value });
      if (!panel || !button) return;
      if (button.dataset.setScope) speakOf(panel, button.dataset.setScope);
      else if ('pick' in button.dataset) pickFor(panel);
      else if (button.dataset.value !== undefined) choose(panel, button);
      else if ('clear' in button.dataset) store(panel, null);
    },

    turn({ target }) {
      const panel = target.closest('.control');
      if (!panel || !target.matches('input')) return;
      const value = valueOf(target);
      if (!target.dataset.prefix) {
        panel.querySelectorAll('input').forEach((other) => {
          if (other !== target) other.value = value;
        });
      }
      turned.add(panel);
      trying = null; // the wall shows what is turned from here on
      preview(panel, value);
      clearTimeout(timers.get(panel));
      if (!pulled) timers.set(panel, setTimeout(() => store(panel, value), REST));
    },

    /** A range that is turned by keys rests when the keys do, not after each of them. */
    rest({ target }) {
      const panel = target.closest('.control');
      if (!panel || !target.matches('input') || (target.type === 'range' && !pulled)) return;
      store(panel, valueOf(target));
    },

    hold({ target }) {
      pulled = target.matches('[type=range]');
    },
    enter({ target }) {
      if (target.matches(':focus-visible')) tried(target.closest('.choice'));
    },
    leave({ target }) {
      const panel = target.closest('.control');
      if (target.matches('[type=range]') && turned.has(panel)) store(panel, valueOf(target));
    },

    // not pointerover, which also tells of a panel that came to stand under a pointer at rest
    point({ pointerType, target }) {
      if (pointerType === 'mouse') pointed(target);
    },
    pointAway() {
      pointed(null);
    },

    /** Arrow keys go from choice to choice; Enter is done with a field. */
    keys(event) {
      pulled = false;
      if (event.key === 'Enter') this.rest(event);
      const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
      if (!step || !event.target.matches('.choice')) return;
      event.preventDefault();
      const all = [...event.target.closest('.control').querySelectorAll('.choice')];
      all.at((all.indexOf(event.target) + step) % all.length).focus();
    },

    /** What is usual in a column is shown, or is its closing words again. */
    unfold({ currentTarget }) {
      const unfolded = currentTarget.getAttribute('aria-expanded') !== 'true';
      currentTarget.setAttribute('aria-expanded', unfolded);
      if (unfolded) currentTarget.closest('.brief-column').querySelector('.usual').scrollIntoView({ block: 'nearest' });
    },

    /** The brief as plain text, for a mail or a ticket. */
    async copyAll() {
      const plain = (part) => {
        const copy = part.cloneNode(true);
        copy.querySelectorAll('.control-panel, .when-unfolded').forEach((panel) => panel.remove());
        return copy.textContent.replace(/\s+/g, ' ').replace(/ ([.,;)])/g, '$1').replace(/\( /g, '(').trim();
      };
      const name = document.querySelector('.reel-name').value;
      const columns = [...this.$root.querySelectorAll('.brief-column')].map((column) => [...column.children].filter((part) => part.checkVisibility() && !part.matches('.brief-foot')).map(plain).join('\n'));
      try {
        await navigator.clipboard.writeText(`${name}\n\n${columns.join('\n\n')}\n`);
        notice('It is copied as text.');
      } catch {
        notice('Your browser does not let a page copy.');
      }
    },

    nearOthers: ({ currentTarget }) => offerOthers(currentTarget),
    takeOver({ target }) {
      if (target.value) edits.step('set-up', { from: target.value });
    },
  };
}
