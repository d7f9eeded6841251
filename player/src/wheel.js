// A wheel that turns across, or two fingers on a touch pad, go to the next stop. What turns up and down is the page's, and so is
// what turns across where the page itself can be scrolled across.
const ENOUGH = 40; // px
const RESTS = 150; // ms without an event after which it is another turn
const LINE = 16; // px

class Wheel {
  #gone = 0; // px, in a turn that is under way
  #rest;

  constructor(piece) {
    this.piece = piece;
    piece.on(piece.strip.parentElement, 'wheel', (event) => this.#turned(event), { passive: false });
  }

  /** Whether something around the reel can be scrolled across. */
  get #pageScrolls() {
    for (let around = this.piece.host.parentElement; around; around = around.parentElement) {
      const root = around === document.scrollingElement;
      if (around.scrollWidth > around.clientWidth && (root || /auto|scroll/.test(getComputedStyle(around).overflowX))) return true;
    }
    return false;
  }

  #turned(event) {
    const { piece } = this;
    const [across, along] = event.shiftKey && !event.deltaX ? [event.deltaY, 0] : [event.deltaX, event.deltaY];
    if (Math.abs(across) <= Math.abs(along) || event.ctrlKey || !piece.range.wheel || piece.stops < 2 || this.#pageScrolls) return;
    event.preventDefault(); // nor does the browser go back to another page
    clearTimeout(this.#rest);
    this.#rest = setTimeout(() => (this.#gone = 0), RESTS);
    const former = this.#gone;
    this.#gone += across * (event.deltaMode ? LINE : 1);
    if (Math.abs(former) < ENOUGH && Math.abs(this.#gone) >= ENOUGH) piece.step(this.#gone * piece.plan.way > 0 ? 1 : -1);
  }
}

document.currentScript.show = Wheel;
