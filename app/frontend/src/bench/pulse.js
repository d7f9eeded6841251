// Asks now and then whether the reel is still what the bench shows: somebody else may have changed it, or a set that it
// follows, or it went live; and the application may be away and come back.
import { send } from '../http.js';

const BETWEEN = 2500; // ms

async function ask(edits) {
  if (edits.unstored) return; // what is on its way asks by itself
  try {
    const { state } = await send('GET', `${edits.address}/state`);
    edits.reached();
    if (state !== edits.state && !edits.unstored) await edits.refresh();
  } catch (failed) {
    edits.notReached(failed);
  }
}

export async function beat(edits) {
  document.addEventListener('visibilitychange', () => document.hidden || ask(edits));
  for (;;) {
    await new Promise((done) => setTimeout(done, BETWEEN));
    if (!document.hidden) await ask(edits);
  }
}
