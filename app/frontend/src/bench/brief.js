// The controls of the brief: each opens in place, shows its effect while it is turned and stores one edit when it rests.
import { notice, send } from '../http.js';

const REST = 800; // ms after which typing counts as done
const POINTED = 80; // ms that a choice is pointed at before the wall tries it

export class Brief {
  constructor(band, edits) {
    this.edits = edits;
    this.timers = new WeakMap();
    this.turned = new WeakSet(); // panels whose value is not asked for yet
    this.asked = new WeakMap(); // by panel: the value that was asked for last, until it is answered
    band.addEventListener('toggle', (event) => this.#place(event), { capture: true });
    band.addEventListener('click', (event) => this.#click(event));
    band.addEventListener('input', (event) => this.#turn(event));
    band.addEventListener('change', (event) => {
      if (!event.target.matches('[data-take-over]')) this.#rest(event);
      else if (event.target.value) this.edits.step('set-up', { from: event.target.value });
    });
    ['pointerover', 'focusin'].forEach((type) => band.addEventListener(type, ({ target }) => target.matches('[data-take-over]') && this.#offerOthers(target)));
    band.addEventListener('pointerdown', (event) => (this.pulled = event.target.matches('[type=range]')));
    band.addEventListener('keydown', () => (this.pulled = false));
    band.addEventListener('focusout', (event) => event.target.matches('[type=range]') && this.#left(event.target));
    band.addEventListener('click', (event) => event.target.closest('[data-do=copy-brief]') && this.#copy(band));
    // not pointerover, which also tells of a panel that came to stand under a pointer at rest
    band.addEventListener('pointermove', (event) => event.pointerType === 'mouse' && this.#pointed(event.target));
    band.addEventListener('pointerleave', () => this.#pointed(null));
    band.addEventListener('focusin', ({ target }) => target.matches(':focus-visible') && this.#tried(target.closest('.choice')));
    band.addEventListener('keydown', (event) => this.#along(event));
    band.addEventListener('click', ({ target }) => this.#unfold(target.closest('[data-unfold]')));
    band.addEventListener('keydown', (event) => {
      if (event.key === 'Enter' && event.target.closest('.control') && event.target.matches('input')) this.#rest(event);
    });
  }

  /** What is usual in a column is shown, or is its closing words again. */
  #unfold(word) {
    if (!word) return;
    const unfolded = word.getAttribute('aria-expanded') !== 'true';
    word.setAttribute('aria-expanded', unfolded);
    if (unfolded) word.closest('.brief-column').querySelector('.usual').scrollIntoView({ block: 'nearest' });
  }

  /** The brief as plain text, for a mail or a ticket. */
  async #copy(band) {
    const plain = (part) => {
      const copy = part.cloneNode(true);
      copy.querySelectorAll('.control-panel, .when-unfolded').forEach((panel) => panel.remove());
      return copy.textContent.replace(/\s+/g, ' ').replace(/ ([.,;)])/g, '$1').replace(/\( /g, '(').trim();
    };
    const name = document.querySelector('.reel-name').value;
    const columns = [...band.querySelectorAll('.brief-column')].map((column) => [...column.children].filter((part) => part.checkVisibility() && !part.matches('.brief-foot')).map(plain).join('\n'));
    try {
      await navigator.clipboard.writeText(`${name}\n\n${columns.join('\n\n')}\n`);
      notice('It is copied as text.');
    } catch {
      notice('Your browser does not let a page copy.');
    }
  }

  /** The reels whose set-up can be taken over: asked for when somebody comes near, for there may be thousands. */
  async #offerOthers(select) {
    if (select.options.length > 1 || this.offering) return;
    this.offering = true;
    try {
      const others = await send('GET', `${this.edits.address}/others`);
      if (select.options.length === 1) select.append(...others.map(({ id, name }) => new Option(name, id)));
    } catch {
      notice('Keen Reel was not reached. Other reels can be chosen as soon as it is.');
    } finally {
      this.offering = false;
    }
  }

  /** The pointer stands on something: not what it passes over on its way. */
  #pointed(element) {
    clearTimeout(this.pointing);
    this.pointing = setTimeout(() => this.#tried(element?.closest('.choice') ?? null), POINTED);
  }

  /** A choice that is pointed at, or reached by keys, is shown on the wall before it is taken; null shows what holds again. */
  #tried(choice) {
    const control = choice?.closest('.control');
    const tried = control && choice.dataset.value !== this.#holds(control) ? choice : null;
    if (tried === this.trying) return;
    const before = this.trying;
    this.trying = tried;
    if (tried) this.#preview(control, tried.dataset.value);
    else this.#untried(before);
  }

  #untried(choice) {
    const control = choice?.closest('.control');
    if (!control || this.asked.has(control)) return; // it was taken
    control.querySelector('[data-effect]').textContent = '';
    this.edits.endPreview();
  }

  /** Arrow keys go from choice to choice. */
  #along(event) {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (!step || !event.target.matches('.choice')) return;
    event.preventDefault();
    const all = [...event.target.closest('.control').querySelectorAll('.choice')];
    all.at((all.indexOf(event.target) + step) % all.length).focus();
  }

  /** A panel stands below its word, inside the window. */
  #place(event) {
    if (event.newState !== 'open') {
      this.#pointed(null);
      this.edits.say(); // what was refused in it is gone with it
    }
    if (event.newState !== 'open' || !event.target.matches('.control-panel')) return;
    this.#stand(event.target);
    event.target.querySelector('[aria-pressed=true].choice, input, .choice')?.focus();
  }

  #stand(panel) {
    const word = document.querySelector(`[popovertarget="${panel.id}"]`).getBoundingClientRect();
    const { width, height } = panel.getBoundingClientRect();
    const below = word.bottom + 6 + height < innerHeight;
    panel.style.left = `${Math.max(8, Math.min(word.left, innerWidth - width - 8))}px`;
    panel.style.top = below ? `${word.bottom + 6}px` : 'auto';
    panel.style.bottom = below ? 'auto' : `${Math.min(innerHeight - word.top + 6, innerHeight - height - 8)}px`;
  }

  #said(panel, scope) {
    return panel.getAttribute(`data-said-${scope}`);
  }

  /** The value that holds in the scope that is chosen. */
  #holds(panel) {
    const { scope } = panel.dataset;
    return this.#said(panel, scope) ?? this.#said(panel, 'all') ?? panel.getAttribute(`data-else-${scope}`) ?? '';
  }

  /** The edit that a value makes in the scope that is chosen. */
  #edit(panel, value) {
    const { option, scope } = panel.dataset;
    if (option === 'slot') return { kind: 'sit', slot: value };
    return { kind: 'choose', option, slide: panel.dataset.slide ?? null, setUp: scope === 'all' ? null : scope, value };
  }

  #refused(panel) {
    return (problem) => {
      const place = panel.querySelector('[data-problem]');
      if (place.textContent === problem) return;
      place.textContent = problem;
      this.edits.say();
    };
  }

  #store(panel, value) {
    clearTimeout(this.timers.get(panel));
    this.turned.delete(panel);
    const scope = panel.dataset.scope;
    const waiting = this.asked.get(panel); // asked for, not answered yet
    const last = waiting?.scope === scope ? waiting.value : this.#said(panel, scope);
    if (value !== null && value === last) {
      if (!waiting) this.edits.endPreview();
      return; // Enter and leaving the field say the same
    }
    const asked = { scope, value };
    this.asked.set(panel, asked);
    this.edits.store(this.#edit(panel, value), this.#refused(panel)).then((stored) => {
      const newest = this.asked.get(panel) === asked;
      if (newest) this.asked.delete(panel);
      if (!stored) {
        if (newest) this.#mark(panel, this.#holds(panel));
        return;
      }
      this.#refused(panel)('');
      if (value === null) panel.removeAttribute(`data-said-${scope}`);
      else panel.setAttribute(`data-said-${scope}`, value);
      if (newest && !this.turned.has(panel)) this.#scope(panel, scope); // else the hand is further already
    });
  }

  #click(event) {
    const panel = event.target.closest('.control');
    const button = event.target.closest('button');
    const remedy = event.target.closest('[data-remedy]')?.dataset;
    if (remedy) this.edits.store({ kind: 'choose', option: remedy.remedy, slide: null, setUp: remedy.setUp, value: remedy.value });
    if (!panel || !button) return;
    if (button.dataset.setScope) this.#scope(panel, button.dataset.setScope);
    else if (button.dataset.value !== undefined) this.#choose(panel, button);
    else if ('clear' in button.dataset) this.#store(panel, null);
  }

  /** What a press would do is on the wall before it is stored. */
  #choose(panel, choice) {
    const { value } = choice.dataset;
    clearTimeout(this.pointing);
    this.#mark(panel, value);
    if (this.trying !== choice) this.#preview(panel, value);
    this.trying = null;
    this.#store(panel, value);
  }

  #preview(panel, value) {
    const effect = panel.querySelector('[data-effect]');
    this.edits.preview(this.#edit(panel, value), this.#refused(panel), (words) => (effect.textContent = words));
  }

  /** From here on the panel speaks of another set-up; it shows what holds there. */
  #scope(panel, scope) {
    panel.dataset.scope = scope;
    panel.querySelectorAll('[data-set-scope]').forEach((one) => one.setAttribute('aria-pressed', one.dataset.setScope === scope));
    const value = this.#holds(panel);
    this.#mark(panel, value);
    panel.querySelectorAll('input:not([data-prefix])').forEach((input) => {
      input.value = value;
    });
    panel.querySelector('[data-clear]').hidden = (scope === 'all' && !panel.dataset.slide) || this.#said(panel, scope) === null;
    this.#stand(panel.closest('.control-panel'));
  }

  #mark(panel, value) {
    panel.querySelectorAll('.choice').forEach((choice) => choice.setAttribute('aria-pressed', choice.dataset.value === value));
  }

  #value(input) {
    return (input.dataset.prefix ?? '') + input.value.trim();
  }

  #turn(event) {
    const panel = event.target.closest('.control');
    if (!panel || !event.target.matches('input')) return;
    const value = this.#value(event.target);
    if (!event.target.dataset.prefix) {
      panel.querySelectorAll('input').forEach((other) => {
        if (other !== event.target) other.value = value;
      });
    }
    this.turned.add(panel);
    this.trying = null; // the wall shows what is turned from here on
    this.#preview(panel, value);
    clearTimeout(this.timers.get(panel));
    if (!this.pulled) this.timers.set(panel, setTimeout(() => this.#store(panel, value), REST));
  }

  /** A range that is turned by keys rests when the keys do, not after each of them. */
  #rest(event) {
    const panel = event.target.closest('.control');
    if (!panel || !event.target.matches('input') || (event.target.type === 'range' && !this.pulled)) return;
    this.#store(panel, this.#value(event.target));
  }

  #left(range) {
    const panel = range.closest('.control');
    if (this.turned.has(panel)) this.#store(panel, this.#value(range));
  }
}
