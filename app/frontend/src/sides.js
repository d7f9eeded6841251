// Pictures that are brought in twos: which one is before and which after is told by the application, and asked about.
import { notice, send } from './http.js';

/** The pairs of those pictures [{ before, after, says }]; none, which is said, while the application is not reached. */
export async function sides(ids) {
  try {
    return await send('POST', '/pictures/sides', ids);
  } catch {
    notice('Keen Reel was not reached. What was brought is in Pictures; pair it as soon as it is.');
    return [];
  }
}

/** What tells a pair, whichever way round it is. */
export const nameOf = ({ before, after }) => [before, after].sort().join();

/** The pairs that hold: what somebody put together, and of the others those that nobody took apart. */
export function together(pairs, byHand, apart) {
  const taken = new Set(byHand.flatMap(({ before, after }) => [before, after]));
  return [...byHand, ...pairs.filter((pair) => !apart.includes(nameOf(pair)) && !taken.has(pair.before) && !taken.has(pair.after))];
}

/**
 * The lines of a list of pictures for comparisons: the pictures of each pair, each with its side, and what the pair goes by;
 * then what has no partner.
 *
 * @param rows the pictures and the files that are still coming
 * @param swapped the names of pairs that somebody has turned round
 * @param alone whether what has no partner can get one
 * @returns [{ key, look, row, side, pair, says, alone }], with a row, or with the name of a pair
 */
export function paired(rows, pairs, swapped, alone) {
  const rest = [...rows];
  const take = (id) => rest.splice(rest.findIndex(({ picture }) => picture === id), 1)[0];
  const there = (id) => rest.some(({ picture }) => picture === id);
  const line = (row, side = '') => ({ key: row.id, look: row.state, row, side, pair: '' });
  const lines = [];
  for (const pair of pairs) {
    const name = nameOf(pair);
    const turned = swapped.includes(name);
    const [left, right] = turned ? [pair.after, pair.before] : [pair.before, pair.after];
    if (!there(left)) continue;
    const first = take(left);
    if (there(right)) lines.push(line(first, 'before'), line(take(right), 'after'), { key: name, look: 'pair-says', row: null, pair: name, says: turned ? 'Swapped by you.' : pair.says });
    else rest.unshift(first);
  }
  return [...lines, ...rest.map((row) => ({ ...line(row), alone: alone && row.state === 'done' }))];
}
