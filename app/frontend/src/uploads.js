// Bringing files: several at once, with progress, each with a reason when it is refused. What is here already is not sent.
import { decoded, isForeign } from './decoding.js';
import { headers, send } from './http.js';
import { isVideo, poster } from './videos.js';

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

/** What sends each row's file once more, by the row's id. */
const attempts = new Map();

/** Tries once more to send a file. */
export const again = (id) => attempts.get(id)();

/** Takes rows of that state out of a list. */
export function leave(rows, state) {
  rows.splice(0, rows.length, ...rows.filter((row) => row.state !== state));
}

/**
 * Sends files. Each gets a row in the list: { id, name, says, share, state, again, picture }, where `state` is waits, sending,
 * done or refused, `share` how much is sent in per cent, and `again` whether it can be tried once more.
 *
 * @param files from an input or a drop
 * @param rows a component's list, which the page shows
 * @param changed called with (picture, row) when a picture is there, with (nothing, row, share) as far as a file is sent,
 *   and with (nothing, row) when it is refused
 */
export function bring(files, rows, changed) {
  return Promise.all(
    [...files].map((file) => {
      const id = crypto.randomUUID();
      const row = rows[rows.push({ id, name: file.name, says: 'waits', share: 0, state: 'waits', again: false, picture: null }) - 1];
      amount.all += file.size;
      const attempt = () =>
        new Promise((ended) => {
          waiting.push({ run: () => one(file, row, changed).finally(ended), stop: () => (refuse(row, 'Stopped.', true, changed), ended()) });
          next();
        });
      attempts.set(id, () => {
        Object.assign(row, { state: 'waits', again: false });
        changed(undefined, row, 0);
        return attempt();
      });
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

function refuse(row, problem, mayAgain, changed) {
  Object.assign(row, { state: 'refused', says: problem, again: mayAgain });
  changed(undefined, row);
}

async function one(file, row, changed) {
  let before = 0;
  const sent = (bytes) => {
    amount.sent += bytes - before;
    before = bytes;
    changed(undefined, row, file.size ? bytes / file.size : 1);
  };
  row.state = 'sending';
  changed(undefined, row, 0);
  try {
    let picture = await known(file);
    const here = Boolean(picture);
    picture ??= await deliver(`/pictures?name=${encodeURIComponent(file.name)}`, file, (share, decoding) => {
      Object.assign(row, { share: 90 * share, says: decoding ? 'is being read' : `${Math.round(100 * share)} %` });
      sent(share * file.size);
    });
    sent(file.size);
    row.says = 'is being made ready';
    picture = await ready(picture);
    if (picture.state === 'failed') return refuse(row, picture.problem, false, changed);
    const words = picture.title || picture.caption || picture.alt ? ', words found in the file' : '';
    const says = `${picture.width} × ${picture.height}${here ? ', was here already' : words}${picture.note ? `. ${picture.note}` : ''}`;
    Object.assign(row, { share: 100, says, state: 'done', picture: picture.id });
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
  if (!globalThis.crypto?.subtle || (await isVideo(file))) return undefined; // a video is not read whole for that
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
  if (await isVideo(file)) return deliverVideo(address, file, progress);
  if (!(await isForeign(file))) return upload(address, file, progress);
  progress(0, true);
  const { blob, colours } = await decoded(file);
  const { sha256 } = await upload('/pictures/originals', file, (share) => progress(share / 2));
  const copy = new URL(address, location.href);
  copy.searchParams.set('original', sha256);
  copy.searchParams.set('colours', colours);
  return upload(copy, blob, (share) => progress((1 + share) / 2));
}

/** A video goes first, then the picture that stands for it; one that is here already is answered at once. */
async function deliverVideo(address, file, progress) {
  const kept = await upload('/pictures/videos', file, (share) => progress(share * 0.95));
  if (kept.picture && address.startsWith('/pictures?')) return kept.picture;
  progress(0.95, true);
  const { blob, plain } = await poster(file, kept);
  return standFor(address, kept.sha256, blob, plain);
}

/** Sends a picture that stands for a video. */
export function standFor(address, video, blob, plain = 'no') {
  const picture = new URL(address, location.href);
  picture.searchParams.set('video', video);
  picture.searchParams.set('plain', plain);
  return upload(picture, blob);
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
