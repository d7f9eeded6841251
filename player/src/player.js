// The player: carries out the plan of one fragment. It decides nothing: what moves, when and how far is in the plan,
// where things stand is in the style sheet.
import { Band } from './band.js';
import { Pairs } from './pairs.js';
import { Stops } from './stops.js';
import { loadType } from './type.js';

const within = (ms, promise) => Promise.race([promise.catch(() => {}), new Promise((done) => setTimeout(done, ms))]);

/**
 * Shows a fragment in a host.
 *
 * @param host the element that the page knows
 * @param root its shadow root; with scripts off it may already hold the fragment's markup
 * @param fragment { html, css, plan }; without html the markup in place is taken over
 * @param former what is being shown now, if anything
 */
async function show(host, root, fragment, former) {
  const type = loadType(fragment.type);
  if (fragment.html) {
    const made = document.createElement('template');
    made.innerHTML = fragment.html;
    const content = document.importNode(made.content, true);
    const first = content.querySelector('img');
    const pasted = host.querySelector('img');
    if (first && pasted) first.sizes = pasted.sizes;
    await within(3000, Promise.all([type, first && !former ? first.decode() : null]));
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(fragment.css);
    const moment = former?.moment();
    former?.end();
    root.adoptedStyleSheets = [sheet];
    reuse(root, content);
    root.replaceChildren(content);
    host.replaceChildren();
    return start(host, root, fragment.plan, moment);
  }
  await within(3000, type);
  return start(host, root, fragment.plan);
}

/** Pictures that stay the same keep their elements, so that nothing flashes when a fragment is exchanged. */
function reuse(root, content) {
  const standing = new Map();
  root.querySelectorAll('img').forEach((img) => standing.set(`${img.src} ${img.srcset} ${img.className}`, img));
  content.querySelectorAll('img').forEach((img) => {
    const same = standing.get(`${img.src} ${img.srcset} ${img.className}`);
    if (!same) return;
    standing.delete(`${img.src} ${img.srcset} ${img.className}`);
    for (const { name, value } of img.attributes) if (same.getAttribute(name) !== value) same.setAttribute(name, value);
    img.replaceWith(same);
  });
}

function start(host, root, plan, moment) {
  const reel = root.querySelector('.reel');
  if (!reel) return { connected() {}, disconnected() {}, moment() {}, end() {} };
  const Kind = plan.arrangement === 'marquee' ? Band : Stops;
  const piece = new Kind(reel, plan, host);
  const pairs = new Pairs(reel, plan);
  const end = piece.end.bind(piece);
  piece.end = () => {
    pairs.end();
    end();
  };
  if (moment) piece.resume(moment);
  return piece;
}

document.currentScript.show = show;
