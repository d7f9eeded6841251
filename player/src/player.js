// The player: carries out the plan of one fragment. It decides nothing: what moves, when and how far is in the plan,
// where things stand is in the style sheet.
import { Band } from './band.js';
import { Pairs } from './pairs.js';
import { Piece } from './piece.js';
import { Scroll } from './scroll.js';
import { Stops } from './stops.js';
import { loadType } from './type.js';

// LEAD and WITH_PAIRS are said when the player is built, so that a page loads what its reel needs and no more.
const Lead = LEAD === 'stops' ? Stops : LEAD === 'band' ? Band : LEAD === 'scroll' ? Scroll : Piece;

const within = (ms, promise) => Promise.race([promise.catch(() => {}), new Promise((done) => setTimeout(done, ms))]);

/**
 * Shows a fragment in a host.
 *
 * @param host the element that the page knows; its shadow root may already hold the fragment's markup
 * @param fragment { html, css, plan }; without html the markup in place is taken over
 * @param former what is being shown now, if anything
 * @param presented settles when a picture that has arrived is on the screen; moved earlier, it would count as later
 */
async function show(host, fragment, former, presented) {
  const type = loadType(fragment.type);
  if (fragment.html) {
    const made = document.createElement('template');
    made.innerHTML = fragment.html;
    const content = document.importNode(made.content, true);
    const first = content.querySelector('.picture-1, .picture-1-after');
    const pasted = former ? null : host.querySelector('img');
    const taken = first && pasted && takeOver(first, pasted);
    await within(3000, Promise.all([type, first && !former && first.loading !== 'lazy' ? (taken ?? first).decode() : null]));
    if (taken) await presented(taken);
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(fragment.css);
    const moment = former?.moment();
    former?.end();
    const root = host.shadowRoot ?? host.attachShadow({ mode: 'open' });
    root.adoptedStyleSheets = [sheet];
    reuse(root, content);
    if (taken) become(taken, first);
    root.replaceChildren(content);
    host.replaceChildren(...data(fragment));
    return start(host, fragment.plan, moment);
  }
  await within(3000, type);
  const moment = former?.moment();
  former?.end();
  return start(host, fragment.plan, moment);
}

/** The pasted first picture, when it is the reel's own: it is asked for once and stays on the screen. */
function takeOver(first, pasted) {
  if (pasted.src !== first.src || pasted.srcset !== first.srcset) return undefined;
  first.sizes = pasted.sizes;
  return pasted;
}

/** Puts a picture that is on the screen in the place of its twin. */
function become(standing, twin) {
  for (const { name } of [...standing.attributes]) if (!twin.hasAttribute(name)) standing.removeAttribute(name);
  for (const { name, value } of twin.attributes) if (standing.getAttribute(name) !== value) standing.setAttribute(name, value);
  twin.replaceWith(standing);
}

/** What the reel says to machines that read the page. */
function data({ data: text }) {
  if (!text) return [];
  return [Object.assign(document.createElement('script'), { type: 'application/ld+json', textContent: text })];
}

/** Pictures that stay the same keep their elements, so that nothing flashes when a fragment is exchanged. */
function reuse(root, content) {
  const standing = new Map();
  root.querySelectorAll('img').forEach((img) => standing.set(`${img.src} ${img.srcset} ${img.className}`, img));
  content.querySelectorAll('img').forEach((img) => {
    const same = standing.get(`${img.src} ${img.srcset} ${img.className}`);
    if (!same) return;
    standing.delete(`${img.src} ${img.srcset} ${img.className}`);
    become(same, img);
  });
}

function start(host, plan, moment) {
  const reel = host.shadowRoot.querySelector('.reel');
  if (!reel) return { connected() {}, disconnected() {}, moment() {}, end() {} };
  const piece = new Lead(reel, plan, host);
  if (WITH_PAIRS) {
    const pairs = new Pairs(reel, plan);
    const end = piece.end.bind(piece);
    piece.end = () => {
      pairs.end();
      end();
    };
  }
  if (moment) piece.resume(moment);
  return piece;
}

document.currentScript.show = show;
