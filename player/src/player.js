// The player: carries out the plan of one fragment. It decides nothing: what moves, when and how far is in the plan,
// where things stand is in the style sheet.
import { become } from './becoming.js';
import { use } from './loading.js';
import { loadType } from './type.js';

/**
 * What shows fragments of reels that need so much; a page loads no more than that.
 *
 * @param Lead what leads
 * @param beside what else there is, made beside each piece
 * @param prepare makes the reel and its plan what they are on this visit
 */
export function player(Lead, beside, prepare = (reel, plan) => plan) {
  const start = (host, plan) => {
    const reel = host.shadowRoot.querySelector('.reel');
    if (!reel) return undefined;
    const piece = new Lead(reel, prepare(reel, plan), host);
    beside.forEach((One) => new One(piece));
    plan.later?.forEach((name) => use(name, (One) => new One(piece)));
    return piece;
  };

  /**
   * Shows a fragment in a host.
   *
   * @param host the element that the page knows; its shadow root may already hold the fragment's markup
   * @param fragment { html, css, plan }; without html the markup in place is taken over
   * @param former what is being shown now, if anything
   * @param presented settles when a picture that has arrived is on the screen; moved earlier, it would count as later
   */
  return async (host, fragment, former, presented) => {
    const content = fragment.html && document.createRange().createContextualFragment(fragment.html);
    const first = content && !former && content.querySelector('img');
    const taken = first && takeOver(first, host.querySelector('img'));
    const there = [loadType(fragment.type), first && first.loading !== 'lazy' && (taken ?? first).decode()];
    await Promise.race([Promise.all(there).catch(() => {}), new Promise((late) => setTimeout(late, 3000))]);
    if (taken) await presented(taken);
    former?.end();
    if (content) {
      const sheet = new CSSStyleSheet();
      sheet.replaceSync(fragment.css);
      const root = host.shadowRoot ?? host.attachShadow({ mode: 'open' });
      root.adoptedStyleSheets = [sheet];
      if (taken) become(taken, first);
      root.replaceChildren(content);
      host.replaceChildren(...data(fragment));
    }
    return start(host, fragment.plan);
  };
}

/** The pasted first picture, when it is the reel's own: it is asked for once and stays on the screen. */
function takeOver(first, pasted) {
  if (pasted?.src !== first.src || pasted.srcset !== first.srcset) return undefined;
  first.sizes = pasted.sizes;
  return pasted;
}

/** What the reel says to machines that read the page. */
function data({ data: textContent }) {
  return textContent ? [Object.assign(document.createElement('script'), { type: 'application/ld+json', textContent })] : [];
}
