// Bringing files: several at once, with progress, each with a reason when it is refused. What is here already is not sent.
import { decoded, isForeign } from './decoding.js';
import { headers, send } from './http.js';

const AT_ONCE = 3;
const waiting = [];
const requests = new Set();
let sending = 0;

/** Files whose bytes are not all sent; leaving the page while there are any warns. */
export const underWay = () => requests.size + waiting.length;

addEventListener('beforeunload', (event) => underWay() && event.preventDefault());

/** Bytes of everything that was begun: how many there are, and how many have arrived. */
export const amount = { all: 0, sent: 0 };

/** Stops what is still being sent or waits; what has arrived stays. */
export function stop() {
  waiting.splice(0).forEach((sender) => sender.stop());
  requests.forEach((request) => request.abort());
}

/**
 * Sends files. Each gets a row in the list: name, progress, done or a reason.
 *
 * @param files from an input or a drop
 * @param list the element that rows are added to
 * @param changed called with (picture, row) when a picture is there, with (nothing, row, share) as far as a file is sent,
 *   and with (nothing, row) when it is refused
 */
export function bring(files, list, changed) {
  return Promise.all(
    [...files].map((file) => {
      const row = list.appendChild(document.createElement('li'));
      row.innerHTML = '<span class="name"></span><progress max="100" value="0"></progress><span class="says">waits</span><button type="button" class="word again" hidden>Try again</button>';
      row.querySelector('.name').textContent = file.name;
      row.querySelector('progress').setAttribute('aria-label', file.name);
      amount.all += file.size;
      const attempt = () =>
        new Promise((ended) => {
          waiting.push({ run: () => one(file, row, changed).finally(ended), stop: () => (refuse(row, 'Stopped.', true, changed), ended()) });
          next();
        });
      row.querySelector('.again').onclick = () => {
        row.classList.remove('refused');
        row.querySelector('.again').hidden = true;
        row.querySelector('progress').hidden = false;
        changed(undefined, row, 0);
        attempt();
      };
      return attempt();
    }),
  );
}

function next() {
  while (sending < AT_ONCE && waiting.length) {
    sending += 1;
    waiting
      .shift()
      .run()
      .finally(() => {
        sending -= 1;
        next();
      });
  }
}

function refuse(row, problem, again, changed) {
  row.classList.add('refused');
  row.querySelector('progress').hidden = true;
  row.querySelector('.says').textContent = problem;
  row.querySelector('.again').hidden = !again;
  changed(undefined, row);
}

async function one(file, row, changed) {
  const says = row.querySelector('.says');
  const bar = row.querySelector('progress');
  let before = 0;
  const sent = (bytes) => {
    amount.sent += bytes - before;
    before = bytes;
    changed(undefined, row, file.size ? bytes / file.size : 1);
  };
  changed(undefined, row, 0);
  try {
    let picture = await known(file);
    const again = Boolean(picture);
    picture ??= await deliver(`/pictures?name=${encodeURIComponent(file.name)}`, file, (share, decoding) => {
      bar.value = 90 * share;
      says.textContent = decoding ? 'is being read' : `${Math.round(100 * share)} %`;
      sent(share * file.size);
    });
    sent(file.size);
    says.textContent = 'is being made ready';
    picture = await ready(picture);
    if (picture.state === 'failed') return refuse(row, picture.problem, false, changed);
    bar.value = 100;
    const words = picture.title || picture.caption || picture.alt ? ', words found in the file' : '';
    says.textContent = `${picture.width} × ${picture.height}${again ? ', was here already' : words}${picture.note ? `. ${picture.note}` : ''}`;
    row.classList.add('done');
    row.dataset.picture = picture.id;
    changed(picture, row);
  } catch (failed) {
    sent(file.size);
    if (failed.stopped) refuse(row, 'Stopped.', true, changed);
    else refuse(row, failed.problem ?? 'Keen Reel was not reached.', !failed.problem, changed);
  }
  return undefined;
}

/** The picture with exactly that content, if it is in the library. */
async function known(file) {
  if (!globalThis.crypto?.subtle) return undefined;
  try {
    const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', await file.arrayBuffer()));
    const sha256 = [...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('');
    return (await send('POST', '/pictures/known', [sha256]))[sha256];
  } catch {
    return undefined; // then it is sent, which says what is wrong
  }
}

const asked = new Map();
let asking;

/** Waits until a picture is worked on; all that wait ask together. */
export function ready(picture) {
  if (picture.state !== 'waiting') return Promise.resolve(picture);
  return new Promise((done) => {
    asked.set(picture.id, [...(asked.get(picture.id) ?? []), done]);
    asking ??= setTimeout(ask, 200);
  });
}

async function ask() {
  try {
    for (const picture of await send('POST', '/pictures/states', [...asked.keys()])) {
      if (picture.state === 'waiting') continue;
      asked.get(picture.id).forEach((done) => done(picture));
      asked.delete(picture.id);
    }
  } catch {
    // not reached for the moment: what was sent is kept, and asked for again
  }
  asking = asked.size ? setTimeout(ask, 500) : undefined;
}

/** Sends a file to that address; what the application does not read goes with a copy that it does. */
export async function deliver(address, file, progress = () => {}) {
  if (!(await isForeign(file))) return upload(address, file, progress);
  progress(0, true);
  const { blob, colours } = await decoded(file);
  const { sha256 } = await upload('/pictures/originals', file, (share) => progress(share / 2));
  const copy = new URL(address, location.href);
  copy.searchParams.set('original', sha256);
  copy.searchParams.set('colours', colours);
  return upload(copy, blob, (share) => progress((1 + share) / 2));
}

/** A request that tells how much was sent, which fetch cannot. */
function upload(address, file, progress = () => {}) {
  return new Promise((done, failed) => {
    const request = new XMLHttpRequest();
    const end = (how, what) => {
      requests.delete(request);
      how(what);
    };
    request.open('POST', address);
    Object.entries(headers()).forEach(([name, value]) => request.setRequestHeader(name, value));
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    request.responseType = 'json';
    request.upload.onprogress = (event) => event.lengthComputable && progress(event.loaded / event.total);
    request.onload = () => (request.status === 200 ? end(done, request.response) : end(failed, request.response ?? {}));
    request.onerror = () => end(failed, {});
    request.onabort = () => end(failed, { stopped: true });
    requests.add(request);
    request.send(file);
  });
}
