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

const SLIDE = '<div class="slide '; // how a slide's markup starts

/**
 * The one slide in which two markups differ, with its place: found without reading the others. Undefined when they differ
 * elsewhere, in several slides, or in the last one, whose end is not marked.
 */
function only(former, html) {
  const shorter = Math.min(former.length, html.length);
  let same = 0;
  while (same < shorter && former[same] === html[same]) same += 1;
  let after = 0;
  while (after < shorter - same && former.at(-1 - after) === html.at(-1 - after)) after += 1;
  const start = html.lastIndexOf(SLIDE, same);
  const [was, is] = [former, html].map((text) => text.indexOf(SLIDE, start + 1));
  if (start < 0 || was < 0 || is < 0 || former.length - after > was || html.length - after > is) return undefined;
  return [html.slice(0, start).split(SLIDE).length - 1, html.slice(start, is)];
}

const isPair = (slide) => /^<div class="[^"]*\bpair\b/.test(slide);

const MOST = 40; // rules that differ, after which a style sheet is read anew

/** The rules of a style sheet or of a block in it, cut at their outermost braces. */
function rules(css) {
  const all = [];
  let depth = 0;
  let from = 0;
  for (let i = css.indexOf('{'); i >= 0 && i < css.length; i += 1) {
    if (css[i] === '{') depth += 1;
    else if (css[i] === '}' && (depth -= 1) === 0) {
      all.push(css.slice(from, i + 1));
      from = i + 1;
    }
  }
  return all;
}

/** A block such as `@container (width < 600px)`: its condition and what is in it. */
function block(rule) {
  return rule.startsWith('@') ? [rule.slice(0, rule.indexOf('{')), rule.slice(rule.indexOf('{') + 1, -1)] : [];
}

/**
 * The rules that differ, by their places, with the number of rules where they stand; undefined when there are more or
 * fewer of them than before.
 *
 * @param place where the block stands whose rules these are; empty for the style sheet itself
 */
function differing(former, css, place = []) {
  const [from, to] = [rules(former), rules(css)];
  if (from.length !== to.length) return undefined;
  return to.flatMap((rule, i) => {
    if (rule === from[i]) return [];
    const [[was, before], [is, inside]] = [block(from[i]), block(rule)];
    const deeper = is && is === was && !place.length ? differing(before, inside, [i]) : undefined;
    return deeper ?? [{ place: [...place, i], count: to.length, rule }];
  });
}

/** Compares each fragment with the one before it. */
export class Patches {
  #former;
  #pieces;

  /**
   * What leads from the fragment that was asked for before to this one; undefined when it is to be taken whole.
   *
   * @returns {{version, css, rules, plan, slides}} what differs: a whole style sheet or some rules, slides by their places
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
    if (former.css !== fragment.css) {
      const some = differing(former.css, fragment.css);
      if (some && some.length <= MOST) patch.rules = some;
      else patch.css = fragment.css;
    }
    if (JSON.stringify(former.plan) !== JSON.stringify(fragment.plan)) patch.plan = fragment.plan;
    if (former.html === fragment.html) return patch;
    const one = fragment.plan.lead !== 'time' && only(former.html, fragment.html);
    if (one && !isPair(one[1])) {
      this.#pieces = undefined;
      patch.slides.push(one);
      return patch;
    }
    const from = this.#pieces ?? cut(former.html);
    const to = (this.#pieces = cut(fragment.html));
    const alike = from.around === to.around && from.slides.length === to.slides.length && fragment.plan.lead !== 'time';
    if (!alike) return undefined;
    to.slides.forEach((html, i) => html !== from.slides[i] && patch.slides.push([i, html]));
    patch.plan = fragment.plan; // slides that were exchanged are started anew
    return patch;
  }
}
