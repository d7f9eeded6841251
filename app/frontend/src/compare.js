// The sheet on which the two pictures of a comparison are lined up. How they lie is calculated by the application; here it is
// shown, before anything is changed.
import { mix, start } from './alpine.js';
import { stepping } from './compare-steps.js';
import { freshId, notice, passes, send, windowName } from './http.js';
import { notices } from './notices.js';
import { steps } from './steps.js';
import { unstored } from './unstored.js';

const VIEWS = { divider: 'divider', blink: 'blink', through: 'see-through', difference: 'difference' };
const MOST = 4; // points
const LEAST = 2;
const KEYS = {
  ArrowLeft: { right: -1 },
  ArrowRight: { right: 1 },
  ArrowUp: { down: -1 },
  ArrowDown: { down: 1 },
  ',': { turned: -0.1 },
  '.': { turned: 0.1 },
  '-': { larger: 1 / 1.001 },
  '+': { larger: 1.001 },
};
const NONE = { shift: 'not known', turn: 'not known', size: 'not known', tilt: '', keeps: 'not known' };

/** The transform that draws a picture as large as a stage where the eight numbers lead it. */
function drawn([a, b, c, d, e, f, g, h], width, height) {
  const columns = [a, (d * height) / width, 0, g / width, (b * width) / height, e, 0, h / height, 0, 0, 1, 0, c * width, f * height, 0, 1];
  return `matrix3d(${columns.join()})`;
}

const path = (points) => `M${points.map(([x, y]) => `${1000 * x} ${1000 * y}`).join('L')}Z`;
const CORNERS = [[0, 0], [1, 0], [1, 1], [0, 1]];
const two = (number) => Math.round(100 * number) / 100;

const sheet = () => ({
  view: 'divider',
  says: 'Measuring …',
  problem: '',
  confidence: 0,
  sure: true,
  isLined: false,
  stored: false, // as it is shown here
  lying: null, // how they lie, shown but not stored; null where it is not known
  taken: null, // how they lie as they were taken
  byHand: false,
  setting: false,
  points: { frame: [], moved: [] }, // fractions
  at: 0.5, // the divider
  even: 0, // by how much colours are evened out, per cent
  sayEven: false, // whether visitors read that

  init() {
    this.address = this.$root.dataset.address;
    new ResizeObserver(() => this.show()).observe(this.$refs.stage);
    this.$root.style.setProperty('--ratio', this.$root.dataset.width / this.$root.dataset.height);
    this.$refs.stage.style.setProperty('--at', this.at);
    this.beginSteps();
    this.ask('GET', 'lying');
  },

  get views() {
    return Object.entries(VIEWS).map(([word, says]) => ({ word, says }));
  },
  get known() {
    return Boolean(this.lying);
  },
  get figures() {
    return this.lying ?? NONE;
  },
  get confidenceSaid() {
    return `${this.confidence} %, ${this.sure ? 'sure' : 'unsure'}`;
  },
  get mayLineUp() {
    return this.known && !(this.stored && this.even === this.evenStored);
  },
  get evenSaid() {
    return this.even ? `${this.even} %` : 'not at all';
  },
  get mayMeasure() {
    return this.isLined || !this.confidence;
  },
  get state() {
    return this.isLined ? 'lined up' : 'as taken';
  },
  get leaveSaid() {
    return this.isLined ? 'As it was taken' : 'Leave as taken';
  },
  get handSaid() {
    return this.byHand ? 'Done moving' : 'Move it by hand';
  },
  get pointsSaid() {
    return this.setting ? 'Back to both pictures' : 'Set points by hand';
  },
  get mayMatch() {
    return this.setting && this.points.frame.length === this.points.moved.length && this.points.frame.length >= LEAST;
  },
  get pointsHelp() {
    const { frame, moved } = this.points;
    if (frame.length > moved.length) return `Now press the same point, ${frame.length}, in the other picture.`;
    if (frame.length === MOST) return 'That is as many as there can be. A press near one moves it.';
    return frame.length < LEAST ? 'Press a point in the left picture, then the same one in the other: two to four of them, far apart.' : 'Take these, or set another one: three also say a slant, four the angle of the camera too.';
  },
  get hand() {
    const { right, down, turned, percent } = this.lying ?? this.taken ?? { right: 0, down: 0, turned: 0, percent: 100 };
    return { right: two(right), down: two(down), turned: two(turned), larger: two(percent) };
  },

  /** Asks how they lie, and shows it; whether there was an answer. */
  async ask(method, what, body) {
    const mine = (this.asked = (this.asked ?? 0) + 1);
    this.problem = '';
    try {
      const seen = await send(method, `${this.address}/${what}`, body);
      if (mine !== this.asked) return false; // something newer was asked for
      if (what !== 'lying') this.keep(what === 'moved');
      this.take(seen);
      return true;
    } catch (failed) {
      if (mine !== this.asked) return false;
      this.problem = failed.problem ?? 'Keen Reel was not reached. Nothing is changed.';
      if (what === 'lying') this.says = '';
      return false;
    }
  },
  take(seen) {
    Object.assign(this, { versions: seen.versions, says: seen.says, confidence: seen.confidence, sure: seen.sure, isLined: seen.isLined, stored: seen.stored, lying: seen.lying, taken: seen.asTaken });
    if (this.stored) this.even = this.evenStored = seen.even;
    this.show();
  },

  get shown() {
    const { says, confidence, sure, stored, lying, taken, even } = this;
    return { says, confidence, sure, stored, lying, taken, even };
  },

  /** Draws the one over the other as they lie. */
  show() {
    const lying = this.lying ?? this.taken;
    if (!lying || this.setting) return;
    const { stage, moved, outside, edge, outline } = this.$refs;
    this.showEvened();
    moved.style.transform = drawn(lying.preview, stage.clientWidth, stage.clientHeight);
    const { left, top, width, height } = lying.common;
    const common = path(CORNERS.map(([x, y]) => [left + x * width, top + y * height]));
    outside.setAttribute('d', `${path([[-1, -1], [2, -1], [2, 2], [-1, 2]])}${common}`);
    edge.setAttribute('d', common);
    outline.setAttribute('d', path(lying.corners));
    this.$refs.liesTaken.setAttribute('d', path(lying.corners));
    this.$refs.liesKept.setAttribute('d', common);
  },

  /** What evens colours out goes by how they lie: it is asked for while it is wanted, the newest wish last. */
  evened({ target }) {
    this.keep(true);
    this.even = Number(target.value);
    this.showEvened();
  },
  async showEvened() {
    const { moved, gains } = this.$refs;
    const wish = this.even && this.lying ? { warp: this.lying.warp, even: this.even } : null;
    const mine = (this.wishes = (this.wishes ?? 0) + 1);
    if (!wish) {
      moved.style.filter = '';
      return;
    }
    try {
      const { red, green, blue } = await send('POST', `${this.address}/gains`, wish);
      if (mine !== this.wishes) return;
      gains.setAttribute('values', `${red} 0 0 0 0 0 ${green} 0 0 0 0 0 ${blue} 0 0 0 0 0 1 0`);
      moved.style.filter = 'url(#evening)';
    } catch (failed) {
      this.problem = failed.problem ?? 'Keen Reel was not reached. Nothing is changed.';
    }
  },

  look({ currentTarget }) {
    this.view = currentTarget.dataset.view;
  },
  measure() {
    this.says = 'Measuring …';
    return this.ask('POST', 'measured');
  },

  /** Nothing is lost of what is done by hand until it is stored. */
  move() {
    this.byHand = !this.byHand;
    this.setting = false;
    if (this.byHand) this.$refs.stage.focus();
  },
  keys(event) {
    const by = KEYS[event.key];
    if (!by || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    if (!this.byHand) {
      this.divide(this.at + ((by.right ?? 0) * (event.shiftKey ? 10 : 1)) / 100);
      return;
    }
    const times = event.shiftKey && event.key !== '+' ? 10 : event.altKey ? 0.1 : 1;
    const turned = Object.entries(by).map(([what, step]) => [what, what === 'larger' ? step : step * times]);
    this.by(Object.fromEntries(turned));
  },
  typed({ target }) {
    const value = Number(target.value);
    const { by } = target.dataset;
    if (!Number.isFinite(value) || target.value === '') return;
    this.by({ [by]: by === 'larger' ? value / this.hand.larger : value - this.hand[by] });
  },
  /** Steps that come while one is under way are made from where that leads. */
  by(step) {
    const { right = 0, down = 0, turned = 0, larger = 1 } = this.waiting ?? {};
    const { right: r = 0, down: d = 0, turned: t = 0, larger: l = 1 } = step;
    this.waiting = { right: right + r, down: down + d, turned: turned + t, larger: larger * l };
    this.moving ??= this.takeSteps().finally(() => (this.moving = undefined));
  },
  async takeSteps() {
    while (this.waiting) {
      const step = this.waiting;
      this.waiting = undefined;
      await this.ask('POST', 'moved', { ...step, warp: (this.lying ?? this.taken).warp });
    }
  },

  press(event) {
    if (event.button || event.target.closest('button')) return;
    this.$refs.stage.setPointerCapture(event.pointerId);
    this.from = { x: event.clientX, y: event.clientY };
    if (!this.byHand) this.drag(event);
  },
  drag(event) {
    if (!this.from) return;
    const box = this.$refs.stage.getBoundingClientRect();
    if (this.byHand) {
      const scale = this.$root.dataset.width / box.width;
      this.by({ right: (event.clientX - this.from.x) * scale, down: (event.clientY - this.from.y) * scale });
      this.from = { x: event.clientX, y: event.clientY };
      return;
    }
    this.divide((event.clientX - box.left) / box.width);
  },
  divide(at) {
    this.at = Math.min(1, Math.max(0, at));
    this.$refs.stage.style.setProperty('--at', this.at);
  },
  drop() {
    this.from = undefined;
  },

  set() {
    this.setting = !this.setting;
    this.byHand = false;
  },
  /** A press sets the next point, or moves the one that is near. */
  point(event) {
    const picture = event.currentTarget;
    const where = picture === this.$refs.pointsFrame ? 'frame' : 'moved';
    const box = picture.getBoundingClientRect();
    const at = [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height];
    const all = [...this.points[where]];
    const near = all.findIndex(([x, y]) => Math.hypot((x - at[0]) * box.width, (y - at[1]) * box.height) < 24);
    const full = where === 'frame' ? all.length === MOST || all.length > this.points.moved.length : all.length === this.points.frame.length;
    if (near >= 0) all[near] = at;
    else if (full && all.length) all[all.length - 1] = at;
    else if (!full) all.push(at);
    this.points = { ...this.points, [where]: all };
  },
  pointsIn(where) {
    return this.points[where].map(([x, y], i) => ({ n: i + 1, style: { left: `${100 * x}%`, top: `${100 * y}%` }, says: `Point ${i + 1}: arrow keys move it, Delete takes the last one away` }));
  },
  nudgePoint(event) {
    const { point, in: where } = event.target.dataset;
    const step = KEYS[event.key];
    if (event.key === 'Delete') {
      this.points = { frame: this.points.frame.slice(0, -1), moved: this.points.moved.slice(0, this.points.frame.length - 1) };
      return;
    }
    if (!step) return;
    event.preventDefault();
    const box = event.target.parentElement.getBoundingClientRect();
    const times = event.shiftKey ? 10 : event.altKey ? 0.1 : 1;
    const all = [...this.points[where]];
    const [x, y] = all[point - 1];
    all[point - 1] = [x + ((step.right ?? 0) * times) / box.width, y + ((step.down ?? 0) * times) / box.height];
    this.points = { ...this.points, [where]: all };
  },
  async match() {
    const points = this.points.frame.map(([x, y], i) => ({ x, y, toX: this.points.moved[i][0], toY: this.points.moved[i][1] }));
    if (await this.ask('POST', 'matched', { points })) this.setting = false;
  },

  lineUp() {
    return this.store(this.lying.warp, 'It is lined up.');
  },
  /** Stores that they are as they were taken, or takes back what is only shown. */
  async leave() {
    if (this.isLined) {
      await this.store(null, 'It is as it was taken.');
      return;
    }
    this.keep();
    this.asTaken();
  },
  asTaken() {
    this.lying = null;
    this.even = 0;
    this.confidence = 0;
    this.says = 'As it was taken.';
    this.show();
  },
  async store(warp, said) {
    this.problem = '';
    try {
      await send('POST', `${this.address}/lined`, { window: windowName(), editId: freshId(), versions: this.versions, warp, even: this.even, say: this.sayEven });
    } catch (failed) {
      this.problem = failed.problem ?? 'Keen Reel was not reached. Nothing is changed; try again.';
      if (passes(failed)) notice(this.problem);
      return;
    }
    notice(said);
    this.keepStored();
    await this.ask('GET', 'lying');
    if (!warp) this.asTaken();
  },
});

const compare = () => mix(stepping(), sheet());

start({ compare, notices, steps, unstored });
