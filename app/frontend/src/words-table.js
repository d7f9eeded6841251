// The words of chosen pictures as a table: stored as they are typed, down a column by keys, a column pasted at once, CSV.
import { headers, notice, send } from './http.js';

const REST = 800; // ms after which typing counts as done

const sendText = (address, body) =>
  fetch(address, { method: 'POST', headers: { ...headers(), 'Content-Type': 'text/plain;charset=utf-8', Accept: 'text/html, application/json' }, body });

export const words = () => ({
  wordsOpen: false,
  storedSays: '',
  async showWords() {
    this.wordsOpen = true;
    await this.loadWords();
    this.$refs.words.querySelector('textarea')?.focus();
  },
  closeWords() {
    this.wordsOpen = false;
    this.$refs.words.replaceChildren();
  },
  /** The table of what is chosen; fields that are being typed in stay as they are. */
  async loadWords() {
    if (!this.chosen.length) return this.closeWords();
    const there = [...this.$refs.words.querySelectorAll('tr[data-picture]')].map(({ dataset }) => dataset.picture);
    if (there.join() === this.chosen.join()) return undefined;
    const table = await (await fetch(`/pictures/words?${this.chosen.map((id) => `ids=${id}`).join('&')}`)).text();
    this.$refs.words.innerHTML = table;
    this.storedSays = 'stored as you type';
    return undefined;
  },
  typed(event) {
    const field = event.target.closest('textarea');
    if (!field) return;
    field.dataset.dirty = 'yes';
    const count = field.parentElement.querySelector('.count');
    if (count) count.textContent = field.value.length || '';
    clearTimeout(field.timer);
    field.timer = setTimeout(() => this.storeWords(field), REST);
  },
  rested(event) {
    const field = event.target.closest('textarea');
    if (field?.dataset.dirty) this.storeWords(field);
  },
  async storeWords(field) {
    clearTimeout(field.timer);
    delete field.dataset.dirty;
    const { picture } = field.closest('tr').dataset;
    const problem = field.closest('td').querySelector('.problem') ?? field.closest('tr').querySelector('.problem');
    try {
      await send('PUT', `/pictures/${picture}/words`, { [field.dataset.field]: field.value });
      problem.textContent = '';
      this.storedSays = 'stored';
    } catch (failed) {
      field.dataset.dirty = 'yes'; // what was typed stays, and is sent again
      problem.textContent = failed.problem ?? 'Not stored: Keen Reel was not reached. It is tried again.';
      if (!failed.problem) field.timer = setTimeout(() => this.storeWords(field), 3000);
    }
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
    notice(`${fitting.length} lines went down the column.${lines.length > fitting.length ? ` ${lines.length - fitting.length} did not fit.` : ''}`);
  },
  tableClick(event) {
    const copy = event.target.closest('[data-from-above]');
    if (!copy) return;
    const field = copy.closest('td').querySelector('textarea');
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
    const answer = await sendText('/pictures/words.csv/look', this.csvText);
    if (!answer.ok) {
      notice((await answer.json().catch(() => ({}))).problem ?? 'This file cannot be read as a table.');
      return;
    }
    this.$refs.csv.innerHTML = await answer.text();
    this.$refs.csv.showModal();
  },
  async csvClick(event) {
    if (event.target.closest('[data-close]')) this.$refs.csv.close();
    if (!event.target.closest('[data-take]')) return;
    const answer = await sendText('/pictures/words.csv', this.csvText);
    this.$refs.csv.close();
    notice(answer.ok ? `${(await answer.json()).changed} pictures say something else now.` : 'Nothing was changed.');
    this.$refs.words.replaceChildren();
    await this.refresh();
  },
});
