import Alpine from '@alpinejs/csp';
import { dropping, mix } from './dropping.js';
import { notice, send, windowName } from './http.js';
import { pick } from './pick.js';
import { reelList } from './reel-list.js';
import { Pairs } from './sides.js';
import { bring, underWay } from './uploads.js';

Alpine.data('reelList', reelList);
let pairs; // of pictures for comparisons; not the page's state, so nothing watches it
Alpine.data('newReel', () =>
  mix(dropping(), {
    name: '',
    slotKind: 'full',
    slotSize: 960,
    perSlide: 1,
    follows: '',
    count: 0,
    busy: false,
    problem: '',
    get hasSize() {
      return this.slotKind !== 'full';
    },
    get hasPictures() {
      return this.count > 0 && !this.follows;
    },
    get mayFollow() {
      return this.perSlide === 1;
    },
    get byHand() {
      return !this.mayFollow || !this.follows;
    },
    get dropSays() {
      return this.perSlide === 2 ? 'Drop pictures here in twos,' : 'Drop pictures here,';
    },
    get pickSays() {
      return `pick from ${this.$root.dataset.count}`;
    },
    get counted() {
      if (this.perSlide === 1) return this.count === 1 ? 'One slide.' : `${this.count} slides.`;
      const whole = Math.floor(this.count / 2);
      return `${whole} ${whole === 1 ? 'pair' : 'pairs'}${this.count % 2 ? ', and one picture that misses its partner' : ''}.`;
    },
    init() {
      pairs = new Pairs(this.$refs.chosen);
    },
    chooseStarter(event) {
      this.perSlide = Number(event.target.dataset.perSlide);
      this.recount();
    },
    recount() {
      this.count = this.$refs.chosen.querySelectorAll('[data-picture]').length;
      if (!underWay()) this.pairing = pairs.draw(this.perSlide === 2);
    },
    async take(files) {
      await bring(files, this.$refs.chosen, (picture, row) => {
        if (picture) addThumbnail(row, picture.thumbnail, () => this.recount());
        this.recount();
      });
      this.recount(); // all have come
    },
    async pick() {
      for (const { id, name, thumbnail } of await pick()) {
        const row = this.$refs.chosen.appendChild(document.createElement('li'));
        row.className = 'done';
        row.dataset.picture = id;
        row.innerHTML = '<span class="name"></span><span class="says"></span>';
        row.querySelector('.name').textContent = name;
        addThumbnail(row, thumbnail, () => this.recount());
      }
      this.recount();
    },
    async make() {
      this.problem = '';
      if (underWay()) {
        this.problem = 'Some pictures are still on their way. Wait until they are here.';
        return;
      }
      this.busy = true;
      try {
        await this.pairing;
        const slot = this.slotKind === 'full' ? 'full' : `${this.slotKind} ${this.slotSize}`;
        const { id } = await send('POST', '/reels', {
          name: this.name,
          starter: this.$root.querySelector('[name=starter]:checked').value,
          slot,
          follows: this.byHand ? null : this.follows,
          pictures: [...this.$refs.chosen.querySelectorAll('[data-picture]')].map((row) => row.dataset.picture),
          window: windowName(),
        });
        location.assign(`/reels/${id}`);
      } catch (failed) {
        this.busy = false;
        this.problem = failed.problem ?? 'Keen Reel was not reached. Try again; what you chose is still here.';
      }
    },
  }),
);

function addThumbnail(row, address, changed) {
  const image = document.createElement('img');
  image.src = address;
  image.alt = '';
  row.prepend(image);
  const away = document.createElement('button');
  away.type = 'button';
  away.className = 'word';
  away.textContent = 'Leave out';
  away.addEventListener('click', () => {
    row.remove();
    changed();
    notice('Left out. It stays in Pictures.');
  });
  row.append(away);
}

Alpine.start();
if (location.pathname === '/reels/new') document.querySelector('[name=name]').focus();
