// What a wall can lay over its pages: how much of a picture is seen and around which point, what can be pressed, and the
// order in which a keyboard reaches things. Measured on the page itself.
const SVG = 'http://www.w3.org/2000/svg';
const INK = '#16241e';
const SELECTED = '#0f6474';
const MUST = '#a8381a';

function make(name, attributes, ...children) {
  const element = document.createElementNS(SVG, name);
  for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, value);
  element.append(...children);
  return element;
}

export class Overlay {
  kinds = [];

  constructor(host) {
    this.host = host;
    this.layer = make('svg', { width: '100%', height: '100%', 'aria-hidden': 'true' });
    Object.assign(this.layer.style, { position: 'absolute', inset: '0', pointerEvents: 'none', overflow: 'visible' });
  }

  /**
   * Says what is laid over.
   *
   * @param kinds any of crop, targets, focus
   * @param scale how large the page is drawn, so that words can be read
   * @param target px that a press target needs each way
   * @param focal the focal point of every slide, by its id and by set-up
   */
  show({ kinds, scale, focal, target }) {
    Object.assign(this, { kinds, focal, target, unit: 1 / scale });
    if (kinds.length && !this.layer.isConnected) document.body.append(this.layer);
  }

  /** Draws it anew for the set-up that holds: phone, tablet or desk. */
  draw(setUp) {
    this.setUp = setUp ?? this.setUp;
    this.layer.replaceChildren();
    const reel = this.host.shadowRoot?.querySelector('.reel');
    if (!reel || !this.kinds.length) return;
    if (this.kinds.includes('crop')) this.#crop(reel);
    if (this.kinds.includes('targets')) this.#targets(reel);
    if (this.kinds.includes('focus')) this.#focus(reel);
  }

  #words(text, x, y, colour, anchor = 'start') {
    const size = 13 * this.unit;
    const width = (text.length * 0.6 + 0.8) * size;
    const left = anchor === 'middle' ? x - width / 2 : x;
    this.layer.append(
      make('rect', { x: left, y, width, height: size * 1.4, fill: colour }),
      make('text', { x: left + 0.4 * size, y: y + size * 1.05, fill: '#fff', 'font-size': size, 'font-family': 'sans-serif', 'font-weight': 700 }, text),
    );
  }

  #standing(reel) {
    const seen = reel.querySelectorAll('.slide.now');
    return seen.length ? [...seen] : [...reel.querySelectorAll('.slide:not([aria-hidden])')];
  }

  #crop(reel) {
    this.#standing(reel).forEach((slide) => {
      const crop = slide.querySelector('.crop')?.getBoundingClientRect();
      const pictures = [...slide.querySelectorAll('.crop > img')].map((one) => one.getBoundingClientRect());
      const picture = pictures.find(({ width }) => width); // the one that this set-up shows
      const focal = this.focal[slide.dataset.slide]?.[this.setUp];
      if (!crop || !picture?.width || !focal) return;
      const over = Math.max(0, Math.min(crop.right, picture.right) - Math.max(crop.left, picture.left));
      const down = Math.max(0, Math.min(crop.bottom, picture.bottom) - Math.max(crop.top, picture.top));
      const share = Math.round(100 * (1 - (over * down) / (picture.width * picture.height)));
      const [x, y] = [picture.left + focal.x * picture.width, picture.top + focal.y * picture.height];
      const r = 11 * this.unit;
      const cross = `M${x - 2 * r} ${y}H${x + 2 * r}M${x} ${y - 2 * r}V${y + 2 * r}`;
      this.layer.append(
        make('rect', { x: crop.x, y: crop.y, width: crop.width, height: crop.height, fill: 'none', stroke: '#fff', 'stroke-width': 3 * this.unit }),
        make('path', { d: cross, stroke: INK, 'stroke-width': 4 * this.unit }),
        make('path', { d: cross, stroke: '#fff', 'stroke-width': 2 * this.unit }),
        make('circle', { cx: x, cy: y, r, fill: 'none', stroke: INK, 'stroke-width': 5 * this.unit }),
        make('circle', { cx: x, cy: y, r, fill: 'none', stroke: '#fff', 'stroke-width': 3 * this.unit }),
      );
      this.#words(share ? `${share} % cut off` : 'nothing cut off', crop.x, crop.y, INK);
    });
  }

  /** Everything that can be pressed or reached, in the order of the page. */
  #reachable(reel) {
    return [...reel.querySelectorAll('a[href], button, [role=slider], .words[tabindex]')].filter((element) => {
      const { width, height } = element.getBoundingClientRect();
      return width && height && !element.closest('[inert]') && element.checkVisibility({ visibilityProperty: true });
    });
  }

  #targets(reel) {
    this.#reachable(reel).forEach((element) => {
      const { x, y, width, height } = element.getBoundingClientRect();
      const small = width < this.target || height < this.target;
      const colour = small ? MUST : SELECTED;
      const dash = small ? `${4 * this.unit} ${3 * this.unit}` : 'none';
      this.layer.append(
        make('rect', { x, y, width, height, fill: colour, 'fill-opacity': 0.25, stroke: '#fff', 'stroke-width': 3 * this.unit }),
        make('rect', { x, y, width, height, fill: 'none', stroke: colour, 'stroke-width': 2 * this.unit, 'stroke-dasharray': dash }),
      );
      if (element.matches('.dot + .dot') && !small) return; // the first says it for all of them
      const size = `${Math.round(width)} × ${Math.round(height)}${small ? ', too small' : ''}`;
      const below = y + height + 20 * this.unit < innerHeight;
      this.#words(size, Math.max(0, Math.min(x, innerWidth - size.length * 8.5 * this.unit)), below ? y + height : y - 18.5 * this.unit, colour);
    });
  }

  #focus(reel) {
    const all = this.#reachable(reel).filter((element) => !element.closest('[aria-hidden]')); // keyboards pass copies over
    const dots = all.filter((element) => element.matches('.dot'));
    all.forEach((element) => {
      const { x, y, width, height } = element.getBoundingClientRect();
      this.layer.append(make('rect', { x, y, width, height, fill: 'none', stroke: INK, 'stroke-width': 2 * this.unit }));
    });
    all.forEach((element, i) => {
      const { x, y, width, height } = element.getBoundingClientRect(); // numbers stand above all edges
      const isDot = dots.includes(element);
      if (isDot && element !== dots[0]) return; // the first says it for all of them
      const last = isDot ? dots.at(-1).getBoundingClientRect().right : x + width;
      const number = isDot && dots.length > 1 ? `${i + 1} to ${i + dots.length}` : String(i + 1);
      this.#words(number, (x + last) / 2, y + height / 2 - 9 * this.unit, INK, 'middle');
    });
  }
}
