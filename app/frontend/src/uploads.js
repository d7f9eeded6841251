// Bringing files: several at once, with progress, each with a reason when it is refused.
import { headers, send } from './http.js';

const AT_ONCE = 3;
const waiting = [];
let sending = 0;

/** Files being sent; leaving the page while there are any warns. */
export const underWay = () => sending + waiting.length;

addEventListener('beforeunload', (event) => underWay() && event.preventDefault());

/**
 * Sends files. Each gets a row in the list: name, progress, done or a reason.
 *
 * @param files from an input or a drop
 * @param list the element that rows are added to
 * @param changed called with (id, row) when a picture is there, and without when anything else changed
 */
export function bring(files, list, changed) {
  return Promise.all(
    [...files].map((file) => {
      const row = list.appendChild(document.createElement('li'));
      row.innerHTML = '<span class="name"></span><progress max="100" value="0"></progress><span class="says">waits</span>';
      row.querySelector('.name').textContent = file.name;
      row.querySelector('progress').setAttribute('aria-label', file.name);
      return new Promise((ended) => {
        waiting.push(() => one(file, row, changed).finally(ended));
        next();
      });
    }),
  );
}

function next() {
  while (sending < AT_ONCE && waiting.length) {
    sending += 1;
    waiting.shift()().finally(() => {
      sending -= 1;
      next();
    });
  }
}

async function one(file, row, changed) {
  const says = row.querySelector('.says');
  const bar = row.querySelector('progress');
  const refuse = (problem) => {
    row.classList.add('refused');
    bar.remove();
    says.textContent = problem;
    changed();
  };
  try {
    let picture = await upload(file, (share) => {
      bar.value = 90 * share;
      says.textContent = `${Math.round(100 * share)} %`;
    });
    says.textContent = 'is being made ready';
    for (let wait = 150; picture.state === 'waiting'; wait = Math.min(1000, wait * 1.4)) {
      await new Promise((done) => setTimeout(done, wait));
      [picture] = await send('GET', `/pictures/states?ids=${picture.id}`);
    }
    if (picture.state === 'failed') return refuse(picture.problem);
    bar.value = 100;
    says.textContent = `${picture.width} × ${picture.height}`;
    row.classList.add('done');
    row.dataset.picture = picture.id;
    changed(picture, row);
  } catch (failed) {
    refuse(failed.problem ?? 'Keen Reel was not reached. Drop the file again.');
  }
  return undefined;
}

/** A request that tells how much was sent, which fetch cannot. */
function upload(file, progress) {
  return new Promise((done, failed) => {
    const request = new XMLHttpRequest();
    request.open('POST', `/pictures?name=${encodeURIComponent(file.name)}`);
    Object.entries(headers()).forEach(([name, value]) => request.setRequestHeader(name, value));
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    request.responseType = 'json';
    request.upload.onprogress = (event) => event.lengthComputable && progress(event.loaded / event.total);
    request.onload = () => (request.status === 200 ? done(request.response) : failed(request.response ?? {}));
    request.onerror = () => failed({});
    request.send(file);
  });
}
