// The line of all page widths: a stretch for each set-up, a mark for each page of the wall, and a grip for one width more.
import { send } from '../http.js';
import { desk } from './desk.js';

export function widthLine() {
  const key = `another page of ${desk.reel}`;
  let asking = false;
  let held; // the limit that is dragged, and where it began

  const edit = ({ dataset }, value) => ({ kind: 'choose', option: dataset.limit, slide: null, setUp: null, value: String(value) });

  /** The nearest width that a limit can have. */
  const within = (limit, width) => Math.min(Math.max(Math.round(width), Number(limit.ariaValueMin)), Number(limit.ariaValueMax));

  return {
    page: null,
    wide: 0, // where the grip stands, px

    init() {
      desk.line = this;
      const kept = Number(sessionStorage.getItem(key));
      this.$refs.grip.value = kept || this.$refs.grip.value;
      this.wide = Number(this.$refs.grip.value);
      if (kept) this.take(kept);
      this.place();
    },

    get taken() {
      return this.page ? 'taken' : '';
    },
    get says() {
      return this.page ?? 'any width';
    },
    get stands() {
      return { left: this.share(this.wide) };
    },

    share(width) {
      const { min, max } = this.$refs.grip;
      return `${(100 * (width - min)) / (max - min)}%`;
    },

    /** How wide the reel is on a page of that width: straight between two knots. */
    reelOn(page) {
      const all = this.$root.querySelector('[data-knots]').textContent.split(' ').map(Number);
      let [from, width] = all;
      for (let i = 2; i < all.length; i += 2) {
        const [to, there] = all.slice(i, i + 2);
        if (page <= to) return width + ((there - width) * (page - from)) / (to - from);
        [from, width] = [to, there];
      }
      return width;
    },

    grab(event) {
      const limit = event.target.closest('.limit');
      if (!limit || event.button) return;
      limit.setPointerCapture(event.pointerId);
      held = { limit, from: event.clientX, value: Number(limit.ariaValueNow) };
    },

    /** The wall shows what another limit makes of the reel. */
    drag({ clientX }) {
      if (!held) return;
      const { left, width } = this.$root.getBoundingClientRect();
      const { min, max } = this.$refs.grip;
      const page = Number(min) + ((clientX - left) / width) * (max - min);
      const value = within(held.limit, this.reelOn(Math.min(Math.max(page, min), max)));
      if (value === held.value) return;
      held.value = value;
      held.moved = true;
      this.stretch(held.limit, page);
      desk.edits.preview(edit(held.limit, value));
    },

    /** The stretches on both sides of a limit meet where it is. */
    stretch(limit, page) {
      const [limits, stretches] = ['.limit', '.stretch'].map((one) => [...this.$root.querySelectorAll(one)]);
      const [former, next] = stretches.slice(limits.indexOf(limit));
      const from = Number(this.$refs.grip.min);
      limit.style.left = next.style.left = this.share(page);
      former.style.width = `calc(${this.share(page + from - former.dataset.from)} - 3px)`;
      next.style.width = `calc(${this.share(Number(next.dataset.to) + from - page)} - 3px)`;
    },

    drop() {
      const { limit, value, moved } = held ?? {};
      held = undefined;
      if (moved) desk.edits.store(edit(limit, value));
    },

    putBack() {
      if (held?.moved) desk.edits.endPreview();
      held = undefined;
      this.place();
    },

    turnLimit(event) {
      const limit = event.target.closest('.limit');
      const step = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
      if (event.key === 'Escape' && held) this.putBack();
      if (!limit || !step || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      const value = within(limit, Number(limit.ariaValueNow) + step * (event.shiftKey ? 1 : Number(limit.dataset.step)));
      limit.ariaValueNow = value;
      desk.edits.preview(edit(limit, value));
      desk.edits.soon(limit.dataset.limit, edit(limit, value));
    },

    /** Places what was drawn on the line. */
    place() {
      const from = Number(this.$refs.grip.min);
      this.$root.querySelectorAll('.stretch').forEach(({ style, dataset }) => {
        style.left = this.share(dataset.from);
        style.width = `calc(${this.share(Number(dataset.to) + from - dataset.from)} - 3px)`;
      });
      this.$root.querySelectorAll('.limit').forEach((limit) => limit === held?.limit || (limit.style.left = this.share(limit.dataset.page)));
      this.$root.querySelectorAll('[data-mark]').forEach(({ style, dataset }) => (style.left = this.share(dataset.mark)));
    },

    turn() {
      this.take(Number(this.$refs.grip.value));
    },

    /** A page of that width joins the wall; while the grip is dragged only the newest width is asked for. */
    async take(page) {
      desk.page = this.page = this.wide = page;
      sessionStorage.setItem(key, page);
      if (asking) return;
      asking = true;
      try {
        let shown;
        do {
          shown = this.page;
          const screens = await send('GET', `/reels/${desk.reel}/screens?page=${shown}`);
          if (this.page) await desk.wall.add(screens[3]);
        } while (this.page && this.page !== shown);
      } catch {
        // the next width asks again
      }
      asking = false;
    },

    putAway() {
      desk.page = this.page = null;
      sessionStorage.removeItem(key);
      desk.wall.add(undefined);
      this.$refs.grip.focus();
    },
  };
}
