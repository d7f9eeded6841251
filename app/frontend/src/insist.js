// Requests that are sent until they are answered, for what can be asked twice: kept in the browser meanwhile, and offered after
// a crash or reload.
import { awayFor, notice, send, untilAnswered } from './http.js';
import { Lasting } from './lasting.js';
import { leaving } from './leaving.js';
import { offer } from './unstored.js';

const kept = new Lasting('requests');
const asked = new Set(); // promises of those that are not answered yet
let away = false;

leaving({ unstored: () => asked.size, settled: () => Promise.allSettled([...asked]), away: () => away });

async function sent(method, address, body) {
  try {
    return await untilAnswered(
      () => send(method, address, body),
      (failed) => {
        away = true;
        notice(`${awayFor(failed)}. This is tried again.`);
      },
    );
  } finally {
    away = false;
  }
}

/**
 * Sends until it is answered, saying meanwhile that it waits; throws a Problem where it is refused.
 *
 * @param says what it does, in a few words
 */
export async function insist(method, address, body, says = 'a change of pictures', id = crypto.randomUUID()) {
  kept.keep(id, { request: [method, address, body], says });
  const answer = sent(method, address, body);
  asked.add(answer);
  try {
    const json = await answer;
    kept.drop(id);
    return json;
  } catch (failed) {
    if (!failed.stopped) kept.drop(id);
    throw failed;
  } finally {
    asked.delete(answer);
  }
}

/** Offers what an earlier page could not send, in its order; gives back whether any of it was done now. */
export async function offerUnsent() {
  const left = await kept.left();
  left.forEach(({ id, request, says }) => kept.keep(id, { request, says })); // closing the window now keeps them
  const wanted = left.length > 0 && (await offer(left));
  for (const { id, request, says } of left) {
    if (!wanted) kept.drop(id);
    else await insist(...request, says, id).catch((refused) => notice(refused.problem));
  }
  return wanted;
}
