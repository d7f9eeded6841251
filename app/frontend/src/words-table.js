// The words of chosen pictures as a table: stored as they are typed, down a column by keys, a column pasted at once, CSV.
import { draw } from './drawing.js';
import { headers, notice, send } from './http.js';
import { Keeping } from './keeping.js';

const sendText = (address, body) =>
  fetch(address, { method: 'POST', headers: { ...headers(), 'Content-Type': 'text/plain;charset=utf-8', Accept: 'text/html, application/json' }, body });

/** The words of pictures, by picture and field, wherever they are typed. */
export const pictureWords = (say) =>
  new Keeping(
    'picture words',
    (key, value) => {
      const [picture, field] = key.split(' ');
      return send('PUT', `/pictures/${picture}/words`, { [field]: value });
    },
    say,
  );

/** Somebody has looked at what was found in those pictures' files. */
export const looked = (ids) => send('PUT', '/pictures/looked', { ids });

export const saysOf = (key, value) => `${key.split(' ')[1]}: ${value || 'nothing'}`;

let keeping;

/** @param steps what can be undone on the page */
export const words = (steps) => ({
  wordsOpen: false,
  shownWords: '', // of which pictures the table is
  storedSays: '',
  async showWords() {
    this.wordsOpen = true;
    await this.loadWords();
    this.$refs.words.querySelector('textarea')?.focus();
  },
  closeWords() {
    this.wordsOpen = false;
    this.shownWords = '';
    draw(this.$refs.words, '');
  },
  /** The table of what is chosen; fields that are being typed in stay as they are. */
  async loadWords() {
    if (!this.chosen.length) return this.closeWords();
    const wanted = this.chosen.join();
    if (this.shownWords === wanted) return undefined;
    this.shownWords = wanted;
    const table = await (await fetch(`/pictures/words?${this.chosen.map((id) => `ids=${id}`).join('&')}`)).text();
    if (this.shownWords !== wanted) return undefined;
    draw(this.$refs.words, table, (field) => keeping.value(this.keyOf(field)));
    this.storedSays = 'stored as you type';
    this.$refs.words.querySelectorAll('textarea').forEach((field) => (field.dataset.stored = field.defaultValue));
    return undefined;
  },
  keyOf(field) {
    return `${field.closest('tr').dataset.picture} ${field.dataset.field}`;
  },
  /** What an earlier page could not store is offered; then what is typed here is kept until it is acknowledged. */
  keepWords() {
    keeping = pictureWords((key, state, problem, answer) => this.wordsSay(key, state, problem, answer));
    keeping.offer(saysOf);
  },
  wordsSay(key, state, problem = '', answer = undefined) {
    this.storedSays = { typing: 'not stored yet', storing: 'storing …', stored: 'stored', kept: problem, refused: 'not stored' }[state];
    const [picture, name] = key.split(' ');
    const field = this.$refs.words.querySelector(`tr[data-picture="${picture}"] textarea[data-field="${name}"]`);
    if (!field) return;
    if (answer) this.foundSays(field.closest('tr'), answer.found);
    (field.closest('td').querySelector('.problem') ?? field.closest('tr').querySelector('.problem')).textContent = problem;
    if (state !== 'stored' || field.value === field.dataset.stored) return;
    const address = `/pictures/${picture}/words`;
    const [before, after] = [field.dataset.stored, field.value];
    field.dataset.stored = after;
    steps.did(`${name} of a picture`, [['PUT', address, { [name]: before }]], [['PUT', address, { [name]: after }]]);
  },
  foundSays(line, found) {
    const mark = line.querySelector('.found');
    mark.firstElementChild.textContent = found;
    mark.hidden = !found;
  },
  async lookedAt({ currentTarget }) {
    const line = currentTarget.closest('tr');
    try {
      await looked([line.dataset.picture]);
      this.foundSays(line, '');
    } catch {
      notice('Keen Reel was not reached. It will ask again.');
    }
  },
  typed(event) {
    const field = event.target.closest('textarea');
    if (!field) return;
    const count = field.parentElement.querySelector('.count');
    if (count) count.textContent = field.value.length || '';
    keeping.put(this.keyOf(field), field.value);
  },
  rested(event) {
    const field = event.target.closest('textarea');
    if (field) keeping.rest(this.keyOf(field));
  },
  storeWords(field) {
    keeping.put(this.keyOf(field), field.value, 0);
  },
  column(field) {
    return [...this.$refs.words.querySelectorAll(`textarea[data-field="${field.dataset.field}"]`)];
  },
  /** Enter goes down a column, with Shift up; Alt and Enter breaks the line. */
  tableKey(event) {
    const field = event.target.closest('textarea');
    if (!field || event.key !== 'Enter' || event.altKey || event.isComposing) return;
    event.preventDefault();
    const column = this.column(field);
    const to = column[column.indexOf(field) + (event.shiftKey ? -1 : 1)];
    to?.focus();
    to?.select();
  },
  /** Several lines fill the column from here down, as they come from a spreadsheet. */
  paste(event) {
    const field = event.target.closest('textarea');
    const lines = event.clipboardData.getData('text/plain').replace(/\r/g, '').replace(/\n$/, '').split('\n');
    if (!field || lines.length < 2) return;
    event.preventDefault();
    const column = this.column(field);
    const from = column.indexOf(field);
    const fitting = lines.slice(0, column.length - from);
    fitting.forEach((line, i) => {
      const one = column[from + i];
      one.value = line.split('\t')[0].slice(0, one.maxLength);
      this.storeWords(one);
    });
    const cut = fitting.filter((line) => line.split('\t')[0].length > field.maxLength).length;
    const short = cut ? ` ${cut} ${cut === 1 ? 'was' : 'were'} cut to ${field.maxLength} characters.` : '';
    notice(`${fitting.length} lines went down the column.${short}${lines.length > fitting.length ? ` ${lines.length - fitting.length} did not fit.` : ''}`);
  },
  fromAbove({ currentTarget }) {
    const field = currentTarget.closest('td').querySelector('textarea');
    const column = this.column(field);
    const above = column[column.indexOf(field) - 1];
    if (!above?.value) return notice('There is no alt text above this one.');
    field.value = above.value;
    this.storeWords(field);
    return field.focus();
  },
  async csvIn(event) {
    const [file] = event.target.files;
    event.target.value = '';
    if (!file) return;
    this.csvText = await file.text();
    if (await this.csvLook()) this.$refs.csv.showModal();
  },
  /** Shows what the file changes; whether it can. */
  async csvLook() {
    await keeping.settled(); // what was typed before counts
    const answer = await sendText('/pictures/words.csv/look', this.csvText);
    if (!answer.ok) {
      notice((await answer.json().catch(() => ({}))).problem ?? 'This file cannot be read as a table.');
      return false;
    }
    draw(this.$refs.csv, await answer.text());
    return true;
  },
  csvClose() {
    this.$refs.csv.close();
  },
  async csvPathsMeant({ currentTarget }) {
    const asks = currentTarget.parentElement;
    await send('PUT', '/settings/paths-meant');
    asks.remove();
  },
  async csvTake() {
    const { seen } = this.$refs.csv.querySelector('[data-seen]').dataset;
    const answer = await sendText(`/pictures/words.csv?seen=${seen}`, this.csvText);
    if (answer.status === 422) {
      notice((await answer.json()).problem);
      await this.csvLook();
      return;
    }
    this.$refs.csv.close();
    const { changed, before, after } = answer.ok ? await answer.json() : {};
    notice(answer.ok ? `${changed} pictures say something else now.` : 'Nothing was changed.');
    const puts = (all) => all.map(({ id, ...said }) => ['PUT', `/pictures/${id}/words`, said]);
    if (changed) steps.did('words from a table', puts(before), puts(after));
    this.shownWords = '';
    await this.refresh();
  },
});
