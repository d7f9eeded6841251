// Moving by a finger or a dragged pointer. A press that has become a drag never presses a link.
export const ENOUGH = 6; // px before a press counts as a drag
export const TURN = 40; // px after which one picture gives way to the next

export class Dragging {
  constructor(piece) {
    this.piece = piece;
    const view = piece.frame.querySelector('.view');
    piece.on(view, 'pointerdown', (event) => this.#down(event));
    piece.on(view, 'pointermove', (event) => this.#move(event));
    piece.on(window, 'pointerup', (event) => this.#up(event)); // outside, too
    piece.on(view, 'pointercancel', () => this.#away());
    piece.on(view, 'click', (event) => this.#click(event), { capture: true });
    piece.on(view, 'dragstart', (event) => event.preventDefault());
    this.view = view;
  }

  #down(event) {
    this.dragged = false;
    if (event.button !== 0 || event.defaultPrevented || this.piece.stops < 2) return;
    this.start = { x: event.clientX, id: event.pointerId };
  }

  #move(event) {
    if (event.pointerId !== this.start?.id) return;
    if (!(event.buttons & 1)) { // let go where nobody could tell
      this.#away();
      return;
    }
    const by = event.clientX - this.start.x;
    if (!this.dragged && Math.abs(by) > ENOUGH) {
      this.dragged = true;
      this.from = this.piece.moved ? this.piece.grab() : 0;
      this.view.setPointerCapture(event.pointerId);
      this.piece.wait('dragged');
    }
    if (this.dragged && this.piece.moved) this.piece.strip.style.transform = this.piece.offset(this.piece.stop, this.from + by);
  }

  #up(event) {
    if (event.pointerId !== this.start?.id) return;
    const by = event.clientX - this.start.x;
    this.start = undefined;
    if (!this.dragged) return;
    this.piece.go('dragged');
    if (!this.piece.moved) {
      if (Math.abs(by) > TURN) this.piece.step(by * this.piece.plan.way < 0 ? 1 : -1);
      return;
    }
    const { stop, stops, slides } = this.piece;
    const step = slides.length > 1 ? Math.abs(slides[1].offsetLeft - slides[0].offsetLeft) : this.view.clientWidth;
    const gone = this.from + by;
    const wanted = stop - this.piece.plan.way * Math.sign(gone) * Math.round(Math.abs(gone) / step + this.piece.plan.settle.toward);
    const to = Math.min(Math.max(wanted, 0), stops - 1);
    this.piece.settle(to);
  }

  #away() {
    if (!this.start) return;
    this.start = undefined;
    this.piece.go('dragged');
    if (this.piece.moved) this.piece.strip.style.transform = this.piece.offset(this.piece.stop);
  }

  #click(event) {
    if (!this.dragged) return;
    this.dragged = false;
    event.preventDefault();
    event.stopPropagation();
  }
}
