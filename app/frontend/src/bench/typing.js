// What is typed into a slide's fields: shown while it is typed, stored when typing rests or the field is left, and never
// overwritten by an answer that does not know of it yet.

import { rowOf, statesOf } from './states.js';

const REST = 800; // ms after which typing counts as done

/** The edit that a field makes, by what it is for; each changes one thing. */
const MAKES = {
  say: (slide, { value, dataset }) => ({ kind: 'say', slide, field: dataset.say, text: value }),
  colour: (slide, { value }) => ({ kind: 'carry', slide, carries: { colour: value } }),
  day: (slide, { value, dataset }) => ({ kind: dataset.day, slide, day: value || null }),
  holdField: (slide, { value }) => ({ kind: 'hold', slide, hold: Math.round(Number(value) * 1000) }),
  larger: (slide, { value }) => ({ kind: 'enlarge', slide, larger: { true: true, false: false }[value] ?? null }),
  sideName: (slide, { value, dataset }) => ({ kind: 'side-name', slide, side: dataset.sideName, name: value }),
  sideEffect: (slide, { value, dataset }) => ({ kind: 'side-effect', slide, side: dataset.sideEffect, effect: { kind: value } }),
  sideAmount: (slide, field) => ({ kind: 'side-effect', slide, side: field.dataset.sideAmount, effect: { kind: field.closest('.effect').querySelector('select').value, amount: Number(field.value) } }),
  stateName: (slide, field) => ({ kind: 'between', slide, states: statesOf(field.closest('.sheet')) }),
  stateEnd: (slide, field) => ({ kind: 'divider-start', slide, divider: rowOf(field) + 1, startsAt: Number(field.value) / 100 }),
  divider: (slide, { value }) => ({ kind: 'divider-start', slide, startsAt: Number(value) / 100 }),
};

export class Typing {
  #said = new Map(); // by slide and field: what is not acknowledged, { value, edit, on, field, stage: typing, asked or refused }
  #keyed = new WeakSet(); // dates and ranges in which keys were pressed

  constructor({ edits }) {
    Object.assign(this, { edits, band: document.getElementById('band') });
  }

  changed(field) {
    if (!this.#waits(field)) this.rest(field);
  }

  left(field) {
    this.#keyed.delete(field);
    this.rest(field);
  }

  /** A pointer is at that field. */
  pressed(field) {
    this.#keyed.delete(field);
  }

  keyed(field, key) {
    if (field.matches('[type=date], [type=range]')) this.#keyed.add(field);
    if (field.matches('[type=date]') && key === 'Enter') this.rest(field);
  }

  /** The name that the reel is to have; undefined when the application knows best. */
  renaming;

  /** The slide that the fields speak of. */
  get slide() {
    return this.band.querySelector('.sheet')?.dataset.slide;
  }

  #key(field) {
    return `${this.slide} ${field.dataset.key}`;
  }

  #edit(field) {
    const what = field.closest('.sheet') && Object.keys(MAKES).find((one) => one in field.dataset);
    return what && this.slide ? MAKES[what](this.slide, field) : null;
  }

  /** Whether more is to come: a date that is typed passes through years that nobody means, a range through its values. */
  #waits(field) {
    return this.#keyed.has(field) && field === document.activeElement;
  }

  /** What was typed into a field and is not acknowledged yet; undefined when the application knows best. */
  value(field) {
    if (field.matches?.('.reel-name')) return this.renaming;
    return field.closest?.('.sheet') ? this.#said.get(this.#key(field))?.value : undefined;
  }

  /** What is said at that field, in view: why its value is refused. */
  #problem(key, words) {
    const [slide, name] = key.split(' ');
    const at = slide === this.slide && this.band.querySelector(`.sheet [data-key="${name}"]`)?.closest('label');
    if (!at) return;
    let place = at.nextElementSibling?.matches('[data-problem]') ? at.nextElementSibling : null;
    if (!place && words) {
      place = Object.assign(document.createElement('p'), { className: 'problem' });
      place.setAttribute('role', 'alert');
      place.dataset.problem = '';
      at.after(place);
    }
    if (!place || place.textContent === words) return;
    place.textContent = words;
    if (words) place.scrollIntoView({ block: 'nearest' });
    this.edits.say();
  }

  /** The sheet was drawn anew: what was refused still is. */
  drawn() {
    this.#said.forEach(({ key, stage, problem }) => stage === 'refused' && this.#problem(key, problem));
  }

  typed(field) {
    const edit = this.#edit(field);
    if (!edit) return;
    const former = this.#said.get(this.#key(field));
    clearTimeout(former?.timer);
    const on = former?.stage === 'typing' ? former.on : this.edits.revision; // what others write from here on was not seen
    const one = { key: this.#key(field), value: field.value, edit, on, id: former?.stage === 'typing' ? former.id : crypto.randomUUID(), stage: 'typing' };
    this.#said.set(one.key, one);
    this.edits.keep(one.id, { edit, on });
    this.count(field);
    const range = field.matches('[type=range]');
    if (range) field.parentElement.querySelector('output').textContent = `${field.value} %`;
    if (field.dataset.say !== 'link' && !field.dataset.day) this.edits.preview(edit, (problem) => this.#problem(one.key, problem)); // half an address is none
    const rests = range ? this.#waits(field) : !field.dataset.day; // others are done when they are let go, or left
    if (rests) one.timer = setTimeout(() => this.#store(one), REST);
  }

  /** How much of a field is used, while it is being typed in. */
  count(field) {
    if (!('counted' in field.dataset)) return;
    const words = field.value.trim() ? field.value.trim().split(/\s+/).length : 0;
    const place = this.band.querySelector('[data-counts]');
    const name = field.closest('label').firstChild.textContent.trim();
    place.textContent = `${name}: ${words} ${words === 1 ? 'word' : 'words'}, ${field.value.length} of ${field.maxLength} characters`;
  }

  /** Typing in that field is done. */
  rest(field) {
    const one = field.dataset?.key && this.#said.get(this.#key(field));
    if (one?.stage === 'typing') this.#store(one);
  }

  async #store(one) {
    clearTimeout(one.timer);
    one.stage = 'asked';
    const refused = (problem) => this.#refused(one, problem);
    refused.overtaken = () => this.#said.get(one.key) === one && this.#said.delete(one.key);
    const stored = await this.edits.store(one.edit, refused, one.on, one.id);
    if (this.#said.get(one.key) !== one) return; // typed on meanwhile
    if (stored) {
      this.#said.delete(one.key);
      this.#problem(one.key, '');
      this.#complete(one);
    }
  }

  /** An address that was completed is shown as it is stored. */
  #complete({ key, value }) {
    const link = this.band.querySelector('.sheet [data-say=link]');
    if (link && this.#key(link) === key && link.value === value && link.defaultValue.endsWith(value.trim())) link.value = link.defaultValue;
  }

  /** What can never be taken stays in its field, with the reason, until something else is typed there. */
  #refused(one, problem) {
    Object.assign(one, { stage: 'refused', problem });
    this.#problem(one.key, problem);
  }
}
