// One picture by itself: its focal point, how it is turned and trimmed, its words, its file.
import { start } from './alpine.js';
import { follow } from './following.js';
import { notice, send } from './http.js';
import { notices } from './notices.js';
import { loadAnew, steps, Steps } from './steps.js';
import { unstored } from './unstored.js';
import { pick, picking } from './pick.js';
import { deliver, ready, standFor } from './uploads.js';
import { covering, frame } from './videos.js';
import { looked, pictureWords, saysOf } from './words-table.js';

const TYPING = { typing: 'Not stored yet.', storing: 'Storing …', stored: 'Stored.', refused: 'Not stored.' };

function picture() {
  const { picture: id, width, height, version } = document.getElementById('main').dataset;
  const address = `/pictures/${id}`;
  const showing = (which) => [['PUT', `${address}/version`, { version: Number(which) }]];
  const done = new Steps(id, loadAnew, () => showing(version));
  let keeping;
  let former; // what fields said when the page came, or was stored last
  let resting; // until keys that move the focal point are done

  return {
    problem: '',
    storedSays: '',
    leads: '',
    asksPaths: false,
    found: '',
    at: { x: 0, y: 0 },
    moved: '',

    init() {
      const { x, y } = this.$refs.focus.dataset;
      this.at = { x: Number(x), y: Number(y) };
      // as the page came
      this.storedSays = this.$refs.stored.textContent;
      this.leads = this.$refs.leads.textContent;
      this.found = this.$refs.found.textContent;
      this.asksPaths = !this.$refs.asks.hidden;
      former = new Map(this.fields.map((field) => [field, field.defaultValue]));
      keeping = pictureWords((key, state, why, answer) => this.wordsSay(key, state, why, answer));
      done.begin();
      keeping.offer(saysOf).then(async (taken) => {
        await keeping.settled();
        if (taken.size) location.reload();
      });
    },

    get fields() {
      return [...this.$refs.words.querySelectorAll('[data-field]')];
    },
    get noneFound() {
      return !this.found;
    },
    get ring() {
      return `translate(${this.at.x * width} ${this.at.y * height}) scale(${Math.max(width, height) / 640})`;
    },

    /** Does something, then shows the page as it is now; says why when it is refused. */
    async change(says, doing) {
      const saying = setTimeout(() => notice('It is being made ready.'), 400);
      try {
        await ready(await doing());
        done.did(says, showing(version));
        await keeping.settled(); // words are a step of their own, which the next page could not know
        location.reload();
      } catch (failed) {
        clearTimeout(saying);
        this.problem = failed.problem ?? 'Keen Reel was not reached. Nothing was changed.';
      }
    },

    // the focal point
    show({ x, y }) {
      this.at = { x: Math.min(1, Math.max(0, x)), y: Math.min(1, Math.max(0, y)) };
      this.moved = 'moved';
    },
    press(event) {
      if (event.button) return;
      const box = this.$refs.drawing.getBoundingClientRect();
      const before = this.at;
      const move = ({ clientX, clientY }) => this.show({ x: (clientX - box.left) / box.width, y: (clientY - box.top) / box.height });
      move(event);
      const end = (cancelled) => {
        if (cancelled) this.show(before); // it was a scroll
        else this.look({ x: Math.round(this.at.x * 1000) / 1000, y: Math.round(this.at.y * 1000) / 1000 });
      };
      follow(event, move, end, event.currentTarget);
    },
    keys(event) {
      const [x, y] = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key] ?? [];
      if (x === undefined) return;
      event.preventDefault();
      this.show({ x: this.at.x + x * 0.01, y: this.at.y + y * 0.01 });
      clearTimeout(resting);
      resting = setTimeout(() => this.look({ ...this.at }), 800);
    },
    look(focal) {
      return this.change('focal point', () => send('PUT', `${address}/focal`, focal));
    },
    lookAsCalculated() {
      return this.look({});
    },

    // turning and trimming
    turn(quarters) {
      return this.adjust(quarters);
    },
    trim() {
      return this.adjust(0);
    },
    adjust(quarters) {
      const { turning } = this.$refs;
      const trims = [...turning.querySelectorAll('[data-trim]')].map(({ dataset, value }) => [dataset.trim, Number(value) / 100]);
      const adjustment = { quarters: Number(turning.dataset.quarters) + quarters, ...Object.fromEntries(trims) };
      return this.change('adjustment', () => send('PUT', `${address}/adjustment`, adjustment));
    },

    // files
    async replace({ target }) {
      const [file] = target.files;
      if (!file) return;
      notice('The file is being sent.');
      await this.change('another file', () => deliver(`${address}/file`, file));
    },
    /** The frame at which its video stands. */
    takeFrame() {
      const { video, standing } = this.$refs;
      return this.change('another frame', async () => standFor(`${address}/file`, standing.dataset.standsFor, await frame(video)));
    },
    async takePicture() {
      const [picked] = await pick(1);
      if (!picked) return undefined;
      const size = { width: Number(width), height: Number(height) };
      return this.change('another picture for its video', async () => {
        const shown = Object.assign(new Image(), { src: picked.large });
        await shown.decode();
        const blob = await covering(shown, { width: shown.naturalWidth, height: shown.naturalHeight }, size);
        return standFor(`${address}/file`, this.$refs.standing.dataset.standsFor, blob);
      });
    },
    async tryAgain() {
      try {
        await send('POST', `${address}/again`);
        location.reload();
      } catch (failed) {
        this.problem = failed.problem ?? 'Keen Reel was not reached. Try again.';
      }
    },
    bringBack({ currentTarget }) {
      const [request] = showing(currentTarget.dataset.former);
      return this.change('another version', () => send(...request));
    },
    back(event) {
      if (!document.referrer.startsWith(`${location.origin}/pictures`)) return;
      event.preventDefault();
      history.back();
    },

    // words
    typed({ target }) {
      keeping.put(`${id} ${target.dataset.field}`, target.value);
    },
    rested({ target }) {
      keeping.rest(`${id} ${target.dataset.field}`);
    },
    wordsSay(key, state, why = '', answer = undefined) {
      const [of, name] = key.split(' ');
      if (of !== id) return;
      this.storedSays = TYPING[state] ?? why;
      this.problem = state === 'refused' ? why : '';
      if (answer) Object.assign(this, { leads: answer.leads, asksPaths: answer.asksPaths, found: answer.found });
      const field = this.fields.find(({ dataset }) => dataset.field === name);
      if (name === 'link' && state === 'stored' && document.activeElement !== field) field.value = answer.link; // as it is meant
      if (state !== 'stored' || field.value === former.get(field)) return;
      const say = (value) => [['PUT', `${address}/words`, { [name]: value }]];
      done.did(name, say(former.get(field)), say(field.value));
      former.set(field, field.value);
    },
    async lookedAt() {
      await this.answered(() => looked([id]));
      this.found = '';
    },
    async pathsMeant() {
      await this.answered(() => send('PUT', '/settings/paths-meant'));
      this.asksPaths = false;
    },
    async answered(asked) {
      try {
        await asked();
      } catch {
        notice('Keen Reel was not reached. It will ask again.');
      }
    },
  };
}

start({ notices, picking, picture, steps, unstored });
