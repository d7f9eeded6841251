// One picture by itself: its focal point, how it is turned and trimmed, its words, its file.
import { notice, send } from './http.js';
import { ready, upload } from './uploads.js';

const sheet = document.querySelector('.picture-sheet');
const { picture, width, height, version } = sheet.dataset;
const problem = sheet.querySelector('[data-problem]');

/** What this window did to the picture: the versions to go back to, and those that were undone, the next one last. */
const key = `versions of ${picture}`;
const steps = JSON.parse(sessionStorage.getItem(key) ?? '{"back": [], "forth": []}');
const keep = (back, forth) => sessionStorage.setItem(key, JSON.stringify({ back, forth }));

/** Does something, then shows the page as it is now; says why when it is refused. */
async function change(doing, back = [...steps.back, version], forth = []) {
  const saying = setTimeout(() => notice('It is being made ready.'), 400);
  try {
    await ready(await doing());
    keep(back, forth);
    location.reload();
  } catch (failed) {
    clearTimeout(saying);
    problem.textContent = failed.problem ?? 'Keen Reel was not reached. Nothing was changed.';
  }
}
const put = (address, body) => change(() => send('PUT', `/pictures/${picture}/${address}`, body));

const shown = (other) => () => send('PUT', `/pictures/${picture}/version`, { version: Number(other) });
function undo() {
  if (steps.back.length) change(shown(steps.back.at(-1)), steps.back.slice(0, -1), [...steps.forth, version]);
}
function redo() {
  if (steps.forth.length) change(shown(steps.forth.at(-1)), [...steps.back, version], steps.forth.slice(0, -1));
}
sheet.querySelector('[data-undo]').disabled = !steps.back.length;
sheet.querySelector('[data-redo]').disabled = !steps.forth.length;
document.addEventListener('keydown', (event) => {
  if (event.key.toLowerCase() !== 'z' || !(event.ctrlKey || event.metaKey) || event.target.matches('input, textarea')) return;
  event.preventDefault();
  if (event.shiftKey) redo();
  else undo();
});

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
  focus.onpointermove = move;
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
  if (on('undo')) undo();
  else if (on('redo')) redo();
  else if (on('focal-clear')) put('focal', {});
  else if (on('turn')) put('adjustment', { ...adjustment(), quarters: adjustment().quarters + Number(on('turn').dataset.turn) });
  else if (on('trim-now')) put('adjustment', adjustment());
  else if (event.target.dataset.former) change(shown(event.target.dataset.former));
  else if (on('back') && document.referrer.startsWith(`${location.origin}/pictures`)) {
    event.preventDefault();
    history.back();
  }
});

sheet.querySelector('[data-replace]')?.addEventListener('change', async (event) => {
  const [file] = event.target.files;
  if (!file) return;
  notice('The file is being sent.');
  await change(() => upload(`/pictures/${picture}/file`, file));
});

const words = sheet.querySelector('[data-words]');
const stored = words.querySelector('[data-stored]');

async function store(field) {
  clearTimeout(field.timer);
  delete field.dataset.dirty;
  try {
    await send('PUT', `/pictures/${picture}/words`, { [field.dataset.field]: field.value });
    stored.textContent = 'Stored.';
    problem.textContent = '';
  } catch (failed) {
    field.dataset.dirty = 'yes';
    problem.textContent = failed.problem ?? 'Not stored: Keen Reel was not reached. It is tried again.';
    if (!failed.problem) field.timer = setTimeout(() => store(field), 3000);
  }
}
words.addEventListener('input', ({ target }) => {
  target.dataset.dirty = 'yes';
  clearTimeout(target.timer);
  target.timer = setTimeout(() => store(target), 800);
});
words.addEventListener('change', ({ target }) => target.dataset.dirty && store(target));
