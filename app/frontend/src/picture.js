// One picture by itself: its focal point, how it is turned and trimmed, its words, its file.
import { notice, send } from './http.js';
import { loadAnew, Steps } from './steps.js';
import { deliver, ready } from './uploads.js';
import { looked, pictureWords, saysOf } from './words-table.js';

const sheet = document.querySelector('.picture-sheet');
const { picture, width, height, version } = sheet.dataset;
const problem = sheet.querySelector('[data-problem]');

const showing = (which) => [['PUT', `/pictures/${picture}/version`, { version: Number(which) }]];
const steps = new Steps(picture, loadAnew, () => showing(version));

/** Does something, then shows the page as it is now; says why when it is refused. */
async function change(says, doing) {
  const saying = setTimeout(() => notice('It is being made ready.'), 400);
  try {
    await ready(await doing());
    steps.did(says, showing(version));
    await keeping.settled(); // words are a step of their own, which the next page could not know
    location.reload();
  } catch (failed) {
    clearTimeout(saying);
    problem.textContent = failed.problem ?? 'Keen Reel was not reached. Nothing was changed.';
  }
}
const put = (address, body) => change(address === 'focal' ? 'focal point' : 'adjustment', () => send('PUT', `/pictures/${picture}/${address}`, body));

const focus = sheet.querySelector('[data-focus]');
const point = focus.querySelector('.ring');
let at = { x: Number(focus.dataset.x), y: Number(focus.dataset.y) };

function show({ x, y }) {
  at = { x: Math.min(1, Math.max(0, x)), y: Math.min(1, Math.max(0, y)) };
  point.setAttribute('transform', `translate(${at.x * width} ${at.y * height}) scale(${Math.max(width, height) / 640})`);
  focus.classList.add('moved');
}

focus.addEventListener('pointerdown', (event) => {
  const box = focus.querySelector('svg').getBoundingClientRect();
  const move = ({ clientX, clientY }) => show({ x: (clientX - box.left) / box.width, y: (clientY - box.top) / box.height });
  focus.setPointerCapture(event.pointerId);
  move(event);
  const before = at;
  focus.onpointermove = move;
  focus.onpointercancel = () => {
    focus.onpointermove = focus.onpointerup = focus.onpointercancel = null;
    show(before); // it was a scroll
  };
  focus.onpointerup = () => {
    focus.onpointermove = focus.onpointerup = null;
    put('focal', { x: Math.round(at.x * 1000) / 1000, y: Math.round(at.y * 1000) / 1000 });
  };
});
focus.addEventListener('keydown', (event) => {
  const [x, y] = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key] ?? [];
  if (x === undefined) return;
  event.preventDefault();
  show({ x: at.x + x * 0.01, y: at.y + y * 0.01 });
  clearTimeout(focus.timer);
  focus.timer = setTimeout(() => put('focal', at), 800);
});

const turning = sheet.querySelector('.turning');
const adjustment = () => ({
  quarters: Number(turning.dataset.quarters),
  ...Object.fromEntries([...turning.querySelectorAll('[data-trim]')].map((field) => [field.dataset.trim, Number(field.value) / 100])),
});

sheet.addEventListener('click', (event) => {
  const on = (name) => event.target.closest(`[data-${name}]`);
  if (on('focal-clear')) put('focal', {});
  else if (on('turn')) put('adjustment', { ...adjustment(), quarters: adjustment().quarters + Number(on('turn').dataset.turn) });
  else if (on('trim-now')) put('adjustment', adjustment());
  else if (event.target.dataset.former) change('another version', () => send(...showing(event.target.dataset.former)[0]));
  else if (on('back') && document.referrer.startsWith(`${location.origin}/pictures`)) {
    event.preventDefault();
    history.back();
  }
});

sheet.querySelector('[data-replace]')?.addEventListener('change', async (event) => {
  const [file] = event.target.files;
  if (!file) return;
  notice('The file is being sent.');
  await change('another file', () => deliver(`/pictures/${picture}/file`, file));
});

const words = sheet.querySelector('[data-words]');
const stored = words.querySelector('[data-stored]');

const keeping = pictureWords((key, state, why = '', answer = undefined) => {
  const [of, name] = key.split(' ');
  if (of !== picture) return;
  stored.textContent = { typing: 'Not stored yet.', storing: 'Storing …', stored: 'Stored.', kept: why, refused: 'Not stored.' }[state];
  problem.textContent = state === 'refused' ? why : '';
  const field = words.querySelector(`[data-field="${name}"]`);
  if (answer) said(answer);
  if (name === 'link' && state === 'stored' && document.activeElement !== field) field.value = answer.link; // as it is meant
  if (state !== 'stored' || field.value === former.get(field)) return;
  const say = (value) => [['PUT', `/pictures/${picture}/words`, { [name]: value }]];
  steps.did(name, say(former.get(field)), say(field.value));
  former.set(field, field.value);
});
/** Where the link leads, and what of the words was found in the file, beside the fields. */
function said({ leads, asksPaths, found }) {
  words.querySelector('[data-leads]').textContent = leads;
  words.querySelector('[data-asks-paths]').hidden = !asksPaths;
  const mark = words.querySelector('.found');
  mark.querySelector('span').textContent = found;
  mark.hidden = !found;
}

words.addEventListener('click', async ({ target }) => {
  try {
    if (target.closest('[data-looked]')) {
      await looked([picture]);
      words.querySelector('.found').hidden = true;
    } else if (target.closest('[data-paths-meant]')) {
      await send('PUT', '/settings/paths-meant');
      words.querySelector('[data-asks-paths]').hidden = true;
    }
  } catch {
    notice('Keen Reel was not reached. It will ask again.');
  }
});

const former = new Map([...words.querySelectorAll('[data-field]')].map((field) => [field, field.defaultValue])); // as the page came

words.addEventListener('input', ({ target }) => keeping.put(`${picture} ${target.dataset.field}`, target.value));
words.addEventListener('change', ({ target }) => keeping.rest(`${picture} ${target.dataset.field}`));
keeping.offer(saysOf).then(async (taken) => {
  await keeping.settled();
  if (taken.size) location.reload();
});
