// Sets of pictures, and the order in them: made, renamed, filled, laid out by hand and by keys; each step can be undone.
import { freshId, notice } from './http.js';

/** @param steps what can be undone on the page */
export const sets = (steps) => ({
  async newSet() {
    const name = await this.askName('A new set is called', '');
    if (!name) return;
    const set = { id: freshId(), name, pictures: this.chosen };
    if (!(await this.tell('POST', '/pictures/sets', set, `new set ${name}`))) return;
    steps.did('new set', [['DELETE', `/pictures/sets/${set.id}`]], [['POST', '/pictures/sets', set]]);
    location.href = `/pictures?set=${set.id}`;
  },
  async renameSet(event) {
    const name = await this.askName('This set is called', event.target.dataset.name);
    if (name && (await this.changeSet('name of a set', this.set, { name }))) location.reload();
  },
  async removeSet() {
    const sure = await this.ask('The set is taken away; its pictures stay in the library.', 'Remove the set');
    const gone = sure && (await this.tell('DELETE', `/pictures/sets/${this.set}`, undefined, 'set removed'));
    if (!gone) return;
    steps.did('set removed', [['POST', '/pictures/sets', { id: this.set, name: gone.before.name, pictures: gone.before.order }]], [['DELETE', `/pictures/sets/${this.set}`]]);
    location.href = '/pictures';
  },
  /** Changes a set, so that it can be undone; gives back whether it was. */
  async changeSet(says, set, how) {
    const address = `/pictures/sets/${set}`;
    const changed = await this.tell('PUT', address, how, how.name ? `${says}: ${how.name}` : says);
    if (changed) steps.did(says, [['PUT', address, changed.before]], [['PUT', address, changed.after]]);
    return changed;
  },
  async sortSet(event) {
    if (event.target.value && (await this.changeSet('order of the set', this.set, { sort: event.target.value }))) await this.refresh();
  },
  async putIntoSet(event) {
    const to = event.target.value;
    event.target.value = '';
    if (to === 'new') return this.newSet();
    if (!to || !(await this.changeSet('pictures put into a set', to, { add: this.chosen }))) return undefined;
    notice(`${this.chosen.length === 1 ? 'One picture is' : `${this.chosen.length} pictures are`} in the set now.`);
    return this.refresh();
  },
  async takeOut() {
    if (await this.changeSet('pictures taken out', this.set, { takeOut: this.chosen })) await this.refresh();
  },
  /** What is dragged: the picture, or all that are chosen when it is one of them. */
  lift(event) {
    const figure = event.target.closest('[draggable]');
    if (!figure) return;
    const id = figure.dataset.picture;
    this.lifted = this.chosen.includes(id) ? [...this.chosen] : [id];
    event.dataTransfer.effectAllowed = 'move';
    event.dataTransfer.setData('text/plain', id);
  },
  rest() {
    this.lifted = undefined;
    this.$refs.rows.querySelector('.before')?.classList.remove('before');
    this.$refs.rows.querySelector('.after')?.classList.remove('after');
  },
  over(event) {
    if (!this.lifted) return this.overFiles(event);
    const { figure, after } = this.place(event);
    this.$refs.rows.querySelectorAll('.before, .after').forEach((one) => one.classList.remove('before', 'after'));
    return figure?.classList.add(after ? 'after' : 'before');
  },
  place(event) {
    const figure = event.target.closest('[data-picture]');
    const box = figure?.getBoundingClientRect();
    return { figure, after: box && event.clientX > box.left + box.width / 2 };
  },
  async drop(event) {
    if (!this.lifted) return this.dropFiles(event);
    const { figure, after } = this.place(event);
    const all = this.figures;
    const at = all.indexOf(figure);
    const before = at < 0 ? undefined : all.slice(after ? at + 1 : at).find((one) => !this.lifted.includes(one.dataset.picture));
    const move = this.lifted;
    this.rest();
    if (await this.changeSet('order of the set', this.set, { move, before: before?.dataset.picture ?? null })) await this.refresh();
    return undefined;
  },
  get figures() {
    return [...this.$refs.rows.querySelectorAll('[data-picture]')];
  },
  /** Alt with an arrow moves a picture in its set. */
  async key(event) {
    const figure = event.target.closest('[draggable]');
    const step = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
    if (!figure || !step || !event.altKey) return;
    event.preventDefault();
    const all = this.figures;
    const to = all.indexOf(figure) + step;
    if (to < 0 || to >= all.length) return;
    const id = figure.dataset.picture;
    const before = all[step < 0 ? to : to + 1];
    if (await this.changeSet('order of the set', this.set, { move: [id], before: before?.dataset.picture ?? null })) await this.refresh();
    this.$refs.rows.querySelector(`[data-picture="${id}"] [type=checkbox]`)?.focus();
    notice(`Now at place ${to + 1} of ${all.length}.`);
  },
});
