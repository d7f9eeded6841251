// The line of all page widths: a stretch for each set-up, a mark for each page of the wall, and a grip for one width more.
import { send } from '../http.js';
import { desk } from './desk.js';

export function widthLine() {
  const key = `another page of ${desk.reel}`;
  let asking = false;

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

    /** Places what was drawn on the line. */
    place() {
      const from = Number(this.$refs.grip.min);
      this.$root.querySelectorAll('.stretch').forEach(({ style, dataset }) => {
        style.left = this.share(dataset.from);
        style.width = `calc(${this.share(Number(dataset.to) + from - dataset.from)} - 3px)`;
      });
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
