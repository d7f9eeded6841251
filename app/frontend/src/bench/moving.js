// Small drawings of how one slide gives way to the next, or how its picture moves: the reel's own slides, moved as the player
// moves them. Each stands half-way; the one that is pointed at, or has focus, moves until it no longer does.
import { Cutting } from '../../../../player/src/cutting.js';
import { run } from '../../../../player/src/pieces.js';

const STANDS = 700; // ms that the slide which came stands before it comes again
const STILL = matchMedia('(prefers-reduced-motion: reduce)');

/** The animations of a drawing. */
function animations(drawing, ms) {
  const { plan, from, to, origin } = drawing.dataset;
  if (plan) {
    const [ground, now, coming] = drawing.children;
    return run(JSON.parse(plan), { incoming: [coming], outgoing: [now], ground: [ground] }, new Cutting({}));
  }
  const picture = drawing.querySelector('svg'); // which moves within its frame
  picture.style.transformOrigin = origin;
  return [picture.animate([{ transform: from }, { transform: to }], { duration: ms, fill: 'both' })];
}

/** Puts everything that moves in a drawing half-way, and lets it move while its choice is pointed at. */
export function moving(choice) {
  const drawing = choice.querySelector('.change');
  if (!drawing) return;
  const ms = Number(drawing.dataset.ms);
  const all = animations(drawing, ms);
  const at = (time) => all.forEach((one) => { one.currentTime = time; });
  all.forEach((one) => one.pause());
  at(ms / 2);
  if (STILL.matches || !ms) return;
  let asked = 0; // how often it was
  const again = async (mine) => {
    at(0);
    all.forEach((one) => one.play());
    await Promise.all(all.map(({ finished }) => finished));
    setTimeout(() => asked === mine && again(mine), STANDS);
  };
  const go = () => {
    asked += 1;
    again(asked);
  };
  const rest = () => {
    if (choice.matches(':hover, :focus-visible')) return;
    asked += 1;
    all.forEach((one) => one.pause());
    at(ms / 2);
  };
  choice.onpointerenter = go; // in the place of those of a drawing before it
  choice.onfocus = () => choice.matches(':focus-visible') && go();
  choice.onpointerleave = rest;
  choice.onblur = rest;
}
