// The clock port. Only draft pages load it, and it listens to this application's own pages alone: they hold the moment
// and hand over new fragments; it tells them what was shown and which slide was pressed.
import { become } from './becoming.js';
import { shareOf } from './divider.js';
import { hold, letGo, moment, resume } from './clock.js';
import { Overlay } from './overlay.js';
import { Spanning } from './spanning.js';
import { ENOUGH } from './swiping.js';

const host = document.querySelector('keen-reel');
const overlay = new Overlay(host);
if (parent !== window) {
  host.style.setProperty('--svh', '8px'); // a page on the wall stands for a window of 800 px
  host.dataset.scrolled = 'around'; // in which the wall scrolls it
}
let piece;
let waiting = 1; // how much that was asked for is not done yet: at first what came with the page
let picked; // the slide whose sheet is open
let left; // where the former fragment was, though nothing may have been shown since

/** Tells pictures that stay the same. */
const name = ({ src, srcset, className }) => `${src} ${srcset} ${className}`;

const tell = (message) => parent !== window && parent.postMessage(message, location.origin);

const spanning = new Spanning(host, (spanned, done) => tell({ spanned: spanned ?? '', done }));

const commands = {
  async show({ fragment }) {
    startAnew();
    await customElements.whenDefined('keen-reel');
    await exchange(fragment);
    passOver();
    tell({ shown: fragment.version, height: document.documentElement.scrollHeight });
  },
  async change({ change }) {
    const { version, player, type, css, rules = [], plan, slides } = change;
    startAnew();
    const root = host.shadowRoot;
    if (css !== undefined) readAnew(root, css);
    rules.forEach((one) => restyle(sheetOf(root), one));
    const standing = root.querySelector('.strip').children;
    slides.forEach(([i, html]) => replace(standing[i], html));
    const anew = plan ?? (slides.length && piece?.plan.lead === 'scroll' ? piece.plan : undefined); // what moves was replaced
    if (anew) await exchange({ player, type, plan: anew });
    else if (slides.length && piece?.held) hold(piece, piece.time); // what was put in the place of something else stands there too
    if (anew || slides.length) passOver();
    tell({ shown: version });
  },
  at: ({ ms, view }) => piece && hold(piece, ms, view),
  pick({ slide, spans, scale }) {
    picked = slide;
    spanning.show(slide, spans, scale);
  },
  overlay: (wanted) => overlay.show(wanted),
  play: () => piece && letGo(piece),
};

/**
 * Does what the wall around this page asks for, one after another, and answers with the moment that is held then, ms, or
 * undefined where it runs; as a promise where something had to be waited for. The wall calls it instead of sending a message,
 * because a message comes after the next frame: so all pages show what a key or a pointer asked for in one frame.
 */
window.ask = ({ command, ...rest }) => {
  const answer = () => {
    bring();
    host.shadowRoot?.querySelectorAll('.slide:has(> .word)').forEach(({ classList, dataset }) => classList.toggle('shown', dataset.slide === picked));
    overlay.draw(piece?.range?.setUp);
    spanning.draw(piece?.range?.setUp);
    return piece?.held ? piece.time : undefined;
  };
  if (command === 'at' && !waiting) {
    commands.at(rest);
    return answer();
  }
  const run = async () => {
    await commands[command](rest);
    return answer();
  };
  asked = (waiting ? asked.then(run) : run())
    .catch(() => {
      if (command === 'change') tell({ ready: '' }); // then the whole is asked for
    })
    .finally(() => (waiting -= 1));
  waiting += 1;
  return asked;
};

/** The slide whose sheet is open is in sight, however many there are at a stop. */
function bring() {
  if (!picked || !piece?.held || !piece.slides || piece.coming !== undefined) return;
  const slide = piece.slides.findIndex(({ dataset }) => dataset.slide === picked);
  if (slide >= 0 && !piece.range.stops[piece.stop]?.includes(slide)) piece.stand(piece.stopOf(slide));
}

/** The style sheet of the reel; the one that came with the page is slower to change. */
function sheetOf(root) {
  if (!root.adoptedStyleSheets.length) readAnew(root, root.querySelector('style').textContent);
  return root.adoptedStyleSheets[0];
}

function readAnew(root, css) {
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(css);
  root.adoptedStyleSheets = [sheet];
  root.querySelector('style')?.remove();
}

/** Puts a rule in the place of its former state, so that only what it concerns is styled anew. */
function restyle(sheet, { place: [fromEnd, inside], count, rule }) {
  const start = sheet.cssRules.length - fromEnd;
  const [group, at] = inside === undefined ? [sheet, start] : [sheet.cssRules[start], inside];
  if (count !== undefined && group.cssRules.length !== count) throw new Error('The page has other rules.'); // the whole is asked for
  group.deleteRule(at);
  group.insertRule(rule, at);
}

/**
 * Shows another fragment, from the moment at which the former one is; pictures that stay the same keep their elements, so
 * that nothing flashes.
 */
async function exchange(fragment) {
  const standing = new Map();
  if (piece) {
    const former = piece;
    const end = former.end.bind(former);
    former.end = () => {
      left = moment(former);
      host.shadowRoot.querySelectorAll('img').forEach((image) => standing.set(name(image), image));
      end();
    };
  }
  piece = await host.show(fragment);
  host.shadowRoot?.querySelectorAll('img').forEach((image) => {
    const same = standing.get(name(image));
    if (same && same !== image) become(same, image);
    standing.delete(name(image));
  });
  if (piece && left) resume(piece, left);
}

/** Puts a slide in the place of its former state; pictures that stay the same keep their elements. */
function replace(slide, html) {
  const made = document.createElement('template');
  made.innerHTML = html;
  const next = document.importNode(made.content, true).firstElementChild;
  const pictures = [...slide.querySelectorAll('img')];
  next.querySelectorAll('img').forEach((image) => {
    const same = pictures.find((one) => name(one) === name(image));
    if (same) become(same, image);
  });
  for (const one of next.attributes) if (one.name !== 'class') slide.setAttribute(one.name, one.value);
  ['pair', 'states'].forEach((word) => slide.classList.toggle(word, next.classList.contains(word)));
  slide.replaceChildren(...next.childNodes);
}

/** Keyboards reach the bench, not the pages on its wall. */
function passOver() {
  if (parent === window) return;
  host.shadowRoot.querySelectorAll(':is(a, button, [tabindex]):not([tabindex="-1"])').forEach((element) => element.setAttribute('tabindex', '-1'));
}

function unmove(slide) {
  slide.querySelectorAll('.handle').forEach(({ dataset }) => slide.style.removeProperty(dataset.at ?? '--at'));
}

/** Dividers stand where they start, but for those that are moved by the clock. */
function startAnew() {
  if (!piece?.sweeping) host.shadowRoot?.querySelectorAll('.slide.pair').forEach(unmove);
}

let press; // where one began, and where the dividers of its slide were
let dragged = false;
const sharesOf = (slide) => [...(slide?.querySelectorAll('.handle') ?? [])].map(shareOf);
const slideOf = (event) => event.composedPath().find((node) => node.dataset?.slide);

// On a wall a press picks a slide; nothing is followed or moved, but for a divider: where it is dragged to it starts.
if (parent !== window) {
  addEventListener(
    'pointerdown',
    (event) => {
      const { clientX, clientY } = event;
      press = { clientX, clientY, slide: slideOf(event), shares: sharesOf(slideOf(event)) };
    },
    { capture: true },
  );
  addEventListener('pointerup', (event) => {
    if (!press) return;
    const { slide, shares } = press;
    dragged = Math.hypot(event.clientX - press.clientX, event.clientY - press.clientY) > ENOUGH;
    const now = sharesOf(slide);
    const moved = now.findIndex((share, i) => share !== shares[i]);
    if (moved < 0) return;
    const at = now[moved];
    const fades = piece.plan.fades && !slide.matches('.states');
    if (dragged) tell({ divided: slide.dataset.slide, divider: moved, at: fades ? 1 - at : at });
    else if (!piece.sweeping) unmove(slide);
  });
  addEventListener(
    'click',
    (event) => {
      event.preventDefault();
      event.stopPropagation();
      const slide = slideOf(event);
      if (slide && !dragged) tell({ pressed: slide.dataset.slide });
    },
    { capture: true },
  );
}

/** Takes up what came with the page. */
async function begin() {
  await customElements.whenDefined('keen-reel');
  const { version } = JSON.parse(host.shadowRoot?.querySelector('script[type="application/json"]')?.textContent ?? '{"version": ""}');
  piece = await host.ready;
  passOver();
  window.ready = version; // for a wall that comes later
  tell({ ready: version });
}

let asked = begin().finally(() => (waiting -= 1));
