// Talking to the application: forgery token, sentences for what went wrong, and words for people.

const LATER = [401, 408, 413, 429];

/**
 * What a request ends in when the application says no: `problem` is a sentence; `later` says that it was not refused for
 * good, and can be asked for again.
 */
export class Problem extends Error {
  constructor(answer, status) {
    super(answer.problem);
    this.later = status >= 500 || LATER.includes(status);
    this.problem = answer.problem;
    this.theirs = answer.theirs;
    this.revision = answer.revision;
    this.status = status;
  }
}

const token = () => decodeURIComponent(document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]*)/)?.[1] ?? '');

export const headers = () => ({ 'X-XSRF-TOKEN': token() });

/** Sends JSON and gives back JSON; throws a Problem where the application refuses, a TypeError where it is not reached. */
export async function send(method, address, body, options = {}) {
  const answer = await fetch(address, {
    method,
    headers: { ...headers(), Accept: 'application/json', 'Content-Type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
    ...options,
  });
  const text = await answer.text();
  let json;
  try {
    json = text ? JSON.parse(text) : undefined;
  } catch {
    json = undefined;
  }
  if (!answer.ok) throw new Problem(json ?? { problem: `Keen Reel answered with an error (${answer.status}). Nothing was changed.` }, answer.status);
  return json;
}

/** Says something at the foot of the page; it stays as long as it takes to read. */
export function notice(words) {
  const place = document.getElementById('notices');
  const line = document.createElement('p');
  line.textContent = words;
  place.replaceChildren(line);
  clearTimeout(place.timer);
  place.timer = setTimeout(() => place.replaceChildren(), 4000 + words.length * 60);
}

/** This window's own name in the history. */
export function windowName() {
  let name = sessionStorage.getItem('window');
  if (!name) {
    name = crypto.randomUUID();
    sessionStorage.setItem('window', name);
  }
  return name;
}
