// Talking to the application: forgery token, sentences for what went wrong, and words for people.
import pRetry from 'p-retry';

const LATER = [401, 408, 413, 429];
const ALIKE = 5; // times that the same mistake is met before it counts as one that stays

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

  /** The same once it has been met so often that it is not asked for again: a mistake, not something that passes. */
  stopping() {
    this.later = false;
    this.stopped = true;
    this.problem = `${this.problem} It was tried ${ALIKE} times. It is kept in this browser, and offered when this page is loaded again.`;
    return this;
  }
}

const token = () => decodeURIComponent(document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]*)/)?.[1] ?? '');

export const headers = () => ({ 'X-XSRF-TOKEN': token() });

/** What a request ends in that was not answered; browsers have many words for it. */
class NotReached extends Error {}

async function answered(address, request) {
  try {
    const answer = await fetch(address, request);
    return [answer, await answer.text()];
  } catch (cause) {
    throw cause.name === 'AbortError' ? cause : new NotReached('Keen Reel was not reached.', { cause });
  }
}

/** Sends JSON and gives back JSON; throws a Problem where the application refuses, another error where it is not reached. */
export async function send(method, address, body, options = {}) {
  const [answer, text] = await answered(address, {
    method,
    headers: { ...headers(), Accept: 'application/json', 'Content-Type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
    ...options,
  });
  let json;
  try {
    json = text ? JSON.parse(text) : undefined;
  } catch {
    json = undefined;
  }
  if (!answer.ok) throw new Problem(json ?? { problem: `Keen Reel answered with an error (${answer.status}). Nothing was changed.` }, answer.status);
  return json;
}

/** Whether something that failed can be asked for again: the application was not reached, or cannot at present. */
export const passes = (failed) => !(failed instanceof Problem) || failed.later;

/** What is said while something waits to be asked for again. */
export const awayFor = (failed) => (failed instanceof Problem ? `Keen Reel cannot store at present (${failed.status})` : 'Keen Reel is not reached');

/**
 * Does something until the application answers, with longer and longer pauses; ends in a Problem where it is refused, or where
 * the application fails alike again and again: that one is `stopped`, and what was to be stored stays kept.
 *
 * @param told of each time that it was not answered
 */
export const untilAnswered = (doing, told) => {
  let former;
  let times = 0;
  return pRetry(doing, {
    retries: Infinity,
    minTimeout: 500,
    maxTimeout: 8000,
    shouldRetry: ({ error }) => {
      const mistake = error.status === 500 ? error.problem : undefined;
      times = mistake && mistake === former ? times + 1 : 1;
      former = mistake;
      if (mistake && times === ALIKE) error.stopping();
      return passes(error);
    },
    onFailedAttempt: ({ error }) => passes(error) && told(error),
  });
};

/** Says something at the foot of the page. */
export function notice(words) {
  dispatchEvent(new CustomEvent('notice', { detail: words }));
}

/** An id that nothing has yet. */
export const freshId = () => crypto.randomUUID().replace(/-/g, '').slice(0, 12);

/** This window's own name in the history. */
export function windowName() {
  let name = sessionStorage.getItem('window');
  if (!name) {
    name = crypto.randomUUID();
    sessionStorage.setItem('window', name);
  }
  return name;
}
