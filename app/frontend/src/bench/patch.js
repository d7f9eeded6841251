// What differs between two fragments, so that a frame of the wall takes only that: its style sheet, its plan, some slides.

/** A fragment's markup, cut into its slides and what stands around them. */
function cut(html) {
  const made = document.createElement('template');
  made.innerHTML = html;
  const strip = made.content.querySelector('.strip');
  const slides = [...(strip?.children ?? [])].map((slide) => slide.outerHTML);
  strip?.replaceChildren();
  return { around: made.innerHTML, slides };
}

/** Compares each fragment with the one before it. */
export class Patches {
  #former;
  #pieces;

  /**
   * What leads from the fragment that was asked for before to this one; undefined when it is to be taken whole.
   *
   * @returns {{version, css, plan, slides}} what differs, with the slides by their places
   */
  next(fragment) {
    const former = this.#former;
    this.#former = fragment;
    if (!former?.html || !fragment.html || former.player !== fragment.player) {
      this.#pieces = undefined;
      return undefined;
    }
    const { version, player, type } = fragment;
    const patch = { version, player, type, slides: [] };
    if (former.css !== fragment.css) patch.css = fragment.css;
    if (JSON.stringify(former.plan) !== JSON.stringify(fragment.plan)) patch.plan = fragment.plan;
    if (former.html === fragment.html) return patch;
    const from = this.#pieces ?? cut(former.html);
    const to = (this.#pieces = cut(fragment.html));
    const alike = from.around === to.around && from.slides.length === to.slides.length && fragment.plan.arrangement !== 'marquee';
    if (!alike) return undefined;
    to.slides.forEach((html, i) => html !== from.slides[i] && patch.slides.push([i, html]));
    patch.plan = fragment.plan; // slides that were exchanged are started anew
    return patch;
  }
}
