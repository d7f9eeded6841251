// On the wall: the edge of the cell whose sheet is open, which is dragged over as many cells as its slide is to take.
const SELECTED = '#0f6474';
const SIZE = 16; // px of the window

export class Spanning {
  #handle = Object.assign(document.createElement('div'), { title: 'Drag it over as many cells as the slide is to take' });
  #start; // the cell as the drag began, and what it took
  #wanted;

  /**
   * @param host the reel's
   * @param say is told how many columns and rows are wanted, and whether that is all
   */
  constructor(host, say) {
    this.host = host;
    Object.assign(this.#handle.style, { position: 'absolute', boxSizing: 'border-box', background: SELECTED, cursor: 'nwse-resize', touchAction: 'none', zIndex: '1' });
    this.#handle.onpointerdown = (event) => this.#take(event);
    this.#handle.onpointermove = (event) => this.#drag(event);
    this.#handle.onpointerup = () => this.#end((wanted) => say(wanted, true));
    this.#handle.onpointercancel = () => this.#end(() => say(undefined, true));
    this.say = say;
  }

  /** Stands at the corner of a cell that takes so many columns and rows by set-up; nowhere without them. */
  show(slide, spans, scale) {
    Object.assign(this, { slide, spans, unit: 1 / scale });
    if (!spans) this.#handle.remove();
  }

  get #cell() {
    return this.host.shadowRoot?.querySelector(`.slide[data-slide="${this.slide}"]`)?.getBoundingClientRect();
  }

  draw(setUp) {
    const cell = this.spans && this.#cell;
    if (!cell?.width) {
      this.#handle.remove();
      return;
    }
    this.setUp = setUp ?? this.setUp;
    const px = SIZE * this.unit;
    Object.assign(this.#handle.style, { left: `${cell.right - px}px`, top: `${cell.bottom - px}px`, width: `${px}px`, height: `${px}px`, border: `${3 * this.unit}px solid #fff` });
    if (!this.#handle.isConnected) document.body.append(this.#handle);
  }

  #take(event) {
    this.#handle.setPointerCapture(event.pointerId);
    const [across, down] = this.spans[this.setUp].split(' ').map(Number);
    const { left, top, width, height } = this.#cell;
    this.#start = { left, top, column: width / across, row: height / down };
  }

  #drag({ clientX, clientY }) {
    if (!this.#start) return;
    const { left, top, column, row } = this.#start;
    const [across, down] = [(clientX - left) / column, (clientY - top) / row].map((cells) => Math.min(2, Math.max(1, Math.round(cells))));
    const wanted = `${across} ${down}`;
    if (wanted === (this.#wanted ?? this.spans[this.setUp])) return;
    this.#wanted = wanted;
    this.say(wanted, false);
  }

  #end(say) {
    if (this.#start && this.#wanted) say(this.#wanted);
    this.#start = this.#wanted = undefined;
  }
}
