// Pairs: a divider that is moved by pointer, touch and keys. The before picture is cut off at it, never resized.
const STEP = 5; // per cent per arrow key

export class Pairs {
  #listeners = new AbortController();

  constructor(reel, plan) {
    this.plan = plan;
    reel.querySelectorAll('.slide.pair').forEach((slide) => this.#start(slide, plan.pairs[slide.dataset.slide]));
  }

  #start(slide, { start, clearBefore, clearAfter }) {
    const crop = slide.querySelector('.crop');
    const handle = slide.querySelector('.handle');
    const before = slide.querySelector('.label-before');
    const after = slide.querySelector('.label-after');
    const on = (target, type, listener) => target.addEventListener(type, listener, { signal: this.#listeners.signal });
    let at = start;
    let width = parseFloat(getComputedStyle(crop).width); // as laid out, whatever a page's transform makes of it

    const names = () => {
      before?.classList.toggle('crossed', at * width < clearBefore);
      after?.classList.toggle('crossed', at * width > width - clearAfter);
    };
    const move = (to) => {
      at = Math.min(1, Math.max(0, to));
      crop.classList.add('moved');
      crop.style.setProperty('--at', at);
      handle.setAttribute('aria-valuenow', Math.round(at * 100));
      names();
    };
    const sized = new ResizeObserver(([entry]) => {
      width = entry.contentBoxSize[0].inlineSize;
      names();
    });
    sized.observe(crop);
    on(this.#listeners.signal, 'abort', () => sized.disconnect());

    const toPointer = (event) => {
      const box = crop.getBoundingClientRect();
      move((event.clientX - box.left) / box.width);
    };
    on(crop, 'pointerdown', (event) => {
      if (event.button !== 0) return;
      event.preventDefault(); // the reel itself is not swiped
      crop.setPointerCapture(event.pointerId);
      handle.focus({ preventScroll: true });
      toPointer(event);
    });
    on(crop, 'pointermove', (event) => crop.hasPointerCapture(event.pointerId) && toPointer(event));
    on(handle, 'keydown', (event) => {
      const by = { ArrowLeft: -STEP, ArrowDown: -STEP, ArrowRight: STEP, ArrowUp: STEP, PageDown: -4 * STEP, PageUp: 4 * STEP };
      const to = { Home: 0, End: 1 };
      if (event.key in by) move(Math.round(100 * at + by[event.key]) / 100);
      else if (event.key in to) move(to[event.key]);
      else return;
      event.preventDefault();
    });
    names();
  }

  end() {
    this.#listeners.abort();
  }
}
