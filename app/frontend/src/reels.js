// The list of reels, and making a new one.
import { mix, start } from './alpine.js';
import { dropping } from './dropping.js';
import { notice, send, windowName } from './http.js';
import { notices } from './notices.js';
import { pick, picking } from './pick.js';
import { reelList } from './reel-list.js';
import { nameOf, paired, sides, together } from './sides.js';
import { unstored } from './unstored.js';
import { again, bring, underWay } from './uploads.js';

function newReel() {
  let asked = 0; // for pairs: an answer that comes after a newer one is passed over
  let pairing; // settles when it is known which picture goes with which

  return mix(dropping(), {
    name: '',
    slotKind: 'full',
    slotSize: 960,
    perSlide: 1,
    follows: '',
    rows: [], // pictures in their order, and files on their way
    pairs: [],
    swapped: [],
    byHand: [], // pairs that somebody made
    apart: [], // the names of those that somebody took apart
    waits: '', // the picture whose partner is asked for
    busy: false,
    problem: '',
    again,

    init() {
      if (location.pathname === '/reels/new') this.$nextTick(() => this.$refs.name.focus());
    },

    get inTwos() {
      return this.perSlide === 2;
    },
    get pictures() {
      const twos = this.inTwos && (this.apart.length || this.lines.some(({ pair }) => pair)); // else the application pairs them
      return this.lines.flatMap(({ row, side }) => (row?.picture && (side || !twos) ? row.picture : []));
    },
    get lines() {
      return paired(this.rows, this.inTwos ? together(this.pairs, this.byHand, this.apart) : [], this.swapped, this.inTwos);
    },
    get hasSize() {
      return this.slotKind !== 'full';
    },
    get hasPictures() {
      return this.pictures.length > 0 && !this.follows;
    },
    get mayFollow() {
      return !this.inTwos;
    },
    get picked() {
      return !this.mayFollow || !this.follows;
    },
    get dropSays() {
      return this.inTwos ? 'Drop pictures here in twos,' : 'Drop pictures here,';
    },
    get pickSays() {
      return `pick from ${this.$root.dataset.count}`;
    },
    get counted() {
      const count = this.pictures.length;
      if (!this.inTwos) return count === 1 ? 'One slide.' : `${count} slides.`;
      const whole = this.lines.filter(({ pair }) => pair).length;
      const alone = this.lines.filter(({ row, side }) => row?.picture && !side).length;
      const left = alone === 1 ? ', and one picture that misses its partner' : `, and ${alone} pictures that miss their partners`;
      return `${whole} ${whole === 1 ? 'pair' : 'pairs'}${alone ? left : ''}.`;
    },

    chooseStarter(event) {
      this.perSlide = Number(event.target.dataset.perSlide);
      this.pair();
    },
    /** Asks which pictures go together, as soon as all that come are here. */
    pair() {
      if (!underWay()) pairing = this.askForPairs();
    },
    async askForPairs() {
      const mine = ++asked;
      const ids = this.rows.flatMap(({ picture }) => picture ?? []);
      const pairs = this.inTwos && ids.length ? await sides(ids) : [];
      if (mine === asked) this.pairs = pairs;
    },
    async swap(name, event) {
      this.swapped = this.swapped.includes(name) ? this.swapped.filter((one) => one !== name) : [...this.swapped, name];
      const { currentTarget } = event;
      await this.$nextTick();
      currentTarget.focus();
    },

    /** Two pictures that somebody puts together, one press after the other. */
    pairWith(picture) {
      if (!this.waits || this.waits === picture) {
        this.waits = this.waits ? '' : picture;
        return;
      }
      this.byHand = [...this.byHand, { before: this.waits, after: picture, says: 'Put together by you.' }];
      this.waits = '';
    },
    pairSays(picture) {
      if (!this.waits) return 'Pair it';
      return this.waits === picture ? 'Not yet' : 'With this one';
    },
    takeApart(name) {
      this.byHand = this.byHand.filter((pair) => nameOf(pair) !== name);
      this.apart = [...this.apart, name];
      this.waits = '';
    },

    async take(files) {
      await bring(files, this.rows, (picture, row) => {
        if (picture) row.thumbnail = picture.thumbnail;
        this.pair();
      });
      this.pair(); // all have come
    },
    async pick() {
      this.rows.push(...(await pick()).map(({ id, name, thumbnail }) => ({ id: crypto.randomUUID(), name, says: '', state: 'done', picture: id, thumbnail })));
      this.pair();
    },
    leaveOut(id) {
      this.rows = this.rows.filter((row) => row.id !== id);
      this.pair();
      notice('Left out. It stays in Pictures.');
    },

    async make() {
      this.problem = '';
      if (underWay()) {
        this.problem = 'Some pictures are still on their way. Wait until they are here.';
        return;
      }
      this.busy = true;
      try {
        await pairing;
        const slot = this.slotKind === 'full' ? 'full' : `${this.slotKind} ${this.slotSize}`;
        const { id } = await send('POST', '/reels', {
          name: this.name,
          starter: this.$root.querySelector('[name=starter]:checked').value,
          slot,
          follows: this.picked ? null : this.follows,
          pictures: this.pictures,
          window: windowName(),
        });
        location.assign(`/reels/${id}`);
      } catch (failed) {
        this.busy = false;
        this.problem = failed.problem ?? 'Keen Reel was not reached. Try again; what you chose is still here.';
      }
    },
  });
}

start({ newReel, notices, picking, reelList, unstored });
