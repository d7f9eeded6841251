// Requests that are sent until they are answered, for what can be asked twice: kept in the browser meanwhile, and offered after
// a crash or reload.
import { notice, send } from './http.js';
import { leaving, offer } from './leaving.js';
import { Unstored } from './unstored.js';

const kept = new Unstored('requests');
const asked = new Set(); // promises of those that are not answered yet
let away = false;

leaving({ unstored: () => asked.size, settled: () => Promise.allSettled([...asked]), away: () => away });

async function untilAnswered(method, address, body) {
  for (let wait = 500; ; wait = Math.min(8000, wait * 2)) {
    try {
      const answer = await send(method, address, body);
      away = false;
      return answer;
    } catch (failed) {
      away = !failed.problem || failed.later;
      if (!away) throw failed;
      notice(`${failed.later ? `Keen Reel cannot store at present (${failed.status})` : 'Keen Reel is not reached'}. This is tried again.`);
      await new Promise((done) => setTimeout(done, wait));
    }
  }
}

/**
 * Sends until it is answered, saying meanwhile that it waits; throws a Problem where it is refused.
 *
 * @param says what it does, in a few words
 */
export async function insist(method, address, body, says = 'a change of pictures', id = crypto.randomUUID()) {
  kept.keep(id, { request: [method, address, body], says });
  const answer = untilAnswered(method, address, body);
  asked.add(answer);
  try {
    return await answer;
  } finally {
    asked.delete(answer);
    kept.drop(id);
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
