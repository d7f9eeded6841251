// Slides that are seen through a window, pictures that are cut in pieces, and their words beside them. What moves is moved
// and faded, never clipped anew or painted anew.

export class Cutting {
  #cut = []; // what stands in the place of pictures that are in pieces
  #sized = () => {}; // what is done when a window gets another size

  constructor(piece) {
    piece.cutting = this;
    piece.watch?.(new ResizeObserver(() => this.#sized()), piece.frame);
  }

  /**
   * The animations of a piece of a change; undefined of one that moves something as a whole and nothing else.
   */
  run(slide, piece) {
    const { from, to, when, cut } = piece;
    const poses = [from, to];
    const move = (element, keys) => element.animate(keys, when);
    if (cut) return this.#tiles(slide, cut).map((tile, i) => tile.animate(poses, { ...when, delay: when.delay + cut.delays[i], endDelay: when.endDelay - cut.delays[i] }));
    if (piece.on === 'words') return [...slide.children].filter((child) => !child.matches('.crop, .cut')).map((child) => move(child, poses));
    if (from.wx === undefined) return undefined;
    // a window is the slide itself, moved; what stands in it is moved as far the other way
    const stays = () => poses.map(({ wx, wy }) => ({ transform: `translate(${-wx * slide.offsetWidth}px, ${-wy * slide.offsetHeight}px)` }));
    const inside = [...slide.children].map((child) => move(child, stays()));
    this.#sized = () => inside.forEach(({ effect }) => effect.setKeyframes(stays()));
    return [move(slide, poses), ...inside];
  }

  /** Each piece is a window over a copy of the whole picture. */
  #tiles(slide, { columns, rows }) {
    const crop = slide.querySelector(':scope > .crop');
    const cut = Object.assign(document.createElement('div'), { className: crop.className.replace(/^crop/, 'cut'), inert: true });
    const share = (part) => `${100 * part}%`;
    for (let i = 0; i < columns * rows; i += 1) {
      const [x, y] = [i % columns, Math.floor(i / columns)];
      const tile = document.createElement('div');
      const copy = crop.cloneNode(true);
      [copy, ...copy.querySelectorAll('[data-box]')].forEach((one) => one.removeAttribute('data-box'));
      Object.assign(tile.style, { left: share(x / columns), top: share(y / rows), width: share(1 / columns), height: share(1 / rows) });
      Object.assign(copy.style, { left: share(-x), top: share(-y), width: share(columns), height: share(rows) });
      tile.append(copy);
      cut.append(tile);
    }
    crop.after(cut);
    crop.classList.add('is-cut');
    this.#cut.push([crop, cut]);
    return [...cut.children];
  }

  /** Pictures are whole again. */
  end() {
    this.#sized = () => {};
    this.#cut.splice(0).forEach(([crop, cut]) => {
      crop.classList.remove('is-cut');
      cut.remove();
    });
  }
}
