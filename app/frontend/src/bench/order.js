// The running order: cards that are picked, moved by drag and keys, and lengthened at their edge.
import { notice } from '../http.js';

const LEAST = 196; // px of a card at the least
const STEP = 500; // ms per key press and per notch of a drag
const FAR = 6; // px before a press becomes a drag

export class Order {
  constructor(place, bench, edits, wall) {
    Object.assign(this, { place, bench, edits, wall });
    place.addEventListener('click', (event) => this.#click(event));
    place.addEventListener('keydown', (event) => this.#key(event));
    place.addEventListener('pointerdown', (event) => this.#press(event));
    place.addEventListener('change', (event) => this.#source(event));
    place.addEventListener('dragover', (event) => event.preventDefault());
    this.drawn();
  }

  get cards() {
    return [...this.place.querySelectorAll('.card')];
  }

  /** True while a card is taken up or dragged. */
  get inHand() {
    return Boolean(this.up || this.dragged);
  }

  get lap() {
    return 1000 * Number(this.place.querySelector('.order-head').dataset.lap);
  }

  /** Slides picked by hand, or from a set by a rule. */
  #source(event) {
    if (event.target.matches('[data-arrange]') && event.target.value) this.edits.step('arrangement', { by: event.target.value });
    if (!event.target.closest('[data-follow]')) return;
    const said = Object.fromEntries([...this.place.querySelectorAll('[data-follow]')].map((field) => [field.dataset.follow, field.value]));
    const follows = said.set ? { set: said.set, order: said.order ?? 'laid_out', most: Number(said.most ?? 500), byItself: said.byItself === 'yes' } : null;
    this.edits.store({ kind: 'follow', follows });
  }

  #placeOf(id) {
    return this.place.querySelector(`[data-card="${id}"]`)?.closest('.card-place');
  }

  startOf(id) {
    return Number(this.#placeOf(id)?.dataset.start ?? 0);
  }

  /** Marks the card of a slide, and shows when it starts to stand; null marks none. */
  pick(id) {
    this.place.querySelectorAll('.card[aria-pressed=true]').forEach((card) => card.setAttribute('aria-pressed', false));
    if (id) this.place.querySelector(`[data-card="${id}"]`)?.setAttribute('aria-pressed', true);
    if (id) this.wall.hold(this.startOf(id));
    this.showMoment();
  }

  /** Called when the cards were drawn anew: their widths follow their holds. */
  drawn() {
    this.standing = [...this.place.querySelectorAll('.card-place')].map((card) => {
      const { start, hold, playing } = card.dataset;
      card.style.flexGrow = playing === 'true' ? Number(hold) : 1;
      card.style.minWidth = `${LEAST}px`;
      return { card, start: Number(start), hold: playing === 'true' ? Number(hold) : 0, fill: card.querySelector('.fill') };
    });
    this.showMoment();
  }

  /** Says where we are, and fills the card that is showing. */
  showMoment() {
    const lap = this.lap;
    const ms = lap ? this.wall.moment % lap : this.wall.moment;
    const now = lap ? this.standing.findLastIndex(({ start }, i) => start <= ms && (i === 0 || start > 0)) : -1;
    this.standing.forEach(({ card, start, hold, fill }, i) => {
      if (i === now) fill.style.transform = `scaleX(${hold ? Math.min(1, (ms - start) / hold) : 0})`;
      else if (card.classList.contains('now')) fill.style.transform = 'scaleX(0)';
      card.classList.toggle('now', i === now);
    });
    const into = this.place.querySelector('[data-into]');
    if (into) into.textContent = `${(ms / 1000).toFixed(1)} s`;
    const at = this.place.querySelector('[data-at]');
    if (at && now >= 0) at.textContent = now + 1;
  }

  #play(playing = !this.playing) {
    this.playing = playing;
    this.place.classList.toggle('playing', playing);
    this.place.querySelector('[data-do=play]').setAttribute('aria-label', playing ? 'Pause' : 'Play');
    let former = performance.now();
    const frame = (now) => {
      if (!this.playing) return;
      this.wall.hold(this.wall.moment + now - former);
      former = now;
      this.showMoment();
      requestAnimationFrame(frame);
    };
    if (playing) requestAnimationFrame(frame);
  }

  #click(event) {
    if (event.target.closest('[data-do=play]')) this.#play();
    const card = event.target.closest('.card');
    if (!card) return;
    if (this.dragged) {
      this.dragged = false;
      return;
    }
    this.bench.select(card.dataset.card);
  }

  // Keys: arrows go from card to card; Enter takes a card up, arrows move it, Enter puts it down, Escape puts it back.
  #key(event) {
    const card = event.target.closest('.card');
    if (event.key === ' ' && !event.target.matches('input, textarea')) {
      event.preventDefault();
      this.#play();
      return;
    }
    if (card && (event.ctrlKey || event.metaKey)) {
      if (event.key === 'c') this.#copy(card.dataset.card);
      else if (event.key === 'v') this.#paste(card.dataset.card);
      return;
    }
    if (!card || event.altKey) return;
    const id = card.dataset.card;
    const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    const handled = () => event.preventDefault();
    if (event.key === 'Enter') {
      handled();
      if (this.up === id) this.#putDown();
      else this.#takeUp(card);
    } else if (event.key === 'Escape' && this.up) {
      handled();
      this.#putBack();
    } else if (event.key === 'Escape') {
      handled();
      this.bench.select(null);
    } else if (way && this.up === id) {
      handled();
      this.#carry(way);
    } else if (way) {
      handled();
      const beside = this.cards[this.cards.indexOf(card) + way];
      if (beside) {
        beside.focus();
        this.bench.select(beside.dataset.card);
      }
    } else if (event.key === 'Delete') {
      handled();
      this.remove(id);
    } else if (event.key === '+' || event.key === '=' || event.key === '-') {
      handled();
      const hold = Number(this.#placeOf(id).dataset.hold) + (event.key === '-' ? -STEP : STEP);
      this.edits.store({ kind: 'hold', slide: id, hold });
    }
  }

  #takeUp(card) {
    this.bench.moved('order');
    this.up = card.dataset.card;
    this.before = this.cards.map(({ dataset }) => dataset.card);
    card.classList.add('up');
    card.setAttribute('aria-description', 'Taken up. Arrow keys move it, Enter puts it down, Escape puts it back.');
  }

  #carry(way) {
    const own = this.#placeOf(this.up);
    const beside = way < 0 ? own.previousElementSibling : own.nextElementSibling;
    if (!beside) return;
    own.parentElement.insertBefore(own, way < 0 ? beside : beside.nextElementSibling);
    own.querySelector('.card').focus();
  }

  #letGo() {
    const card = this.#placeOf(this.up)?.querySelector('.card');
    card?.classList.remove('up');
    card?.removeAttribute('aria-description');
    this.up = null;
    return card;
  }

  #putDown() {
    const id = this.up;
    this.#letGo();
    this.#moved(id);
  }

  #putBack() {
    const list = this.place.querySelector('.cards');
    this.before.forEach((id) => list.append(this.#placeOf(id)));
    this.#letGo()?.focus();
    this.edits.refresh();
  }

  /** The cards stand in a new order: stores where that one has come to stand. */
  async #moved(id) {
    const order = this.cards.map(({ dataset }) => dataset.card);
    if (order.join() === this.before?.join()) {
      this.bench.select(id);
      return;
    }
    const before = order[order.indexOf(id) + 1] ?? null;
    await this.edits.store({ kind: 'move', slide: id, before });
    this.#placeOf(id)?.querySelector('.card').focus();
  }

  // Pointer: a card is dragged to another place, an edge is dragged for the hold.
  #press(event) {
    if (event.button !== 0) return;
    const edge = event.target.closest('[data-edge]');
    const card = event.target.closest('.card');
    if (edge) this.#dragEdge(event, edge);
    else if (card) this.#dragCard(event, card);
  }

  #follow(event, moves, ends) {
    const listening = new AbortController();
    const on = (type, listener) => addEventListener(type, listener, { signal: listening.signal });
    on('pointermove', (move) => move.pointerId === event.pointerId && moves(move));
    const end = (last) => {
      if (last.pointerId !== event.pointerId) return;
      listening.abort();
      ends(last.type === 'pointercancel');
    };
    on('pointerup', end);
    on('pointercancel', end);
  }

  #dragCard(event, card) {
    const own = card.closest('.card-place');
    const id = card.dataset.card;
    const from = event.clientX;
    this.dragged = false;
    this.#follow(
      event,
      (move) => {
        if (!this.dragged && Math.abs(move.clientX - from) < FAR) return;
        if (!this.dragged) {
          this.dragged = true;
          this.before = this.cards.map(({ dataset }) => dataset.card);
          this.bench.moved('order');
          own.classList.add('dragged');
        }
        const others = [...own.parentElement.children].filter((one) => one !== own);
        const next = others.find((one) => {
          const box = one.getBoundingClientRect();
          return move.clientX < box.left + box.width / 2 && move.clientY < box.bottom;
        });
        own.parentElement.insertBefore(own, next ?? null);
      },
      (cancelled) => {
        own.classList.remove('dragged');
        if (!this.dragged) return;
        setTimeout(() => (this.dragged = false)); // the click that follows a drag selects nothing
        if (!cancelled) this.#moved(id);
        else this.before.forEach((one) => own.parentElement.append(this.#placeOf(one)));
      },
    );
  }

  #dragEdge(event, edge) {
    event.preventDefault();
    const own = edge.closest('.card-place');
    const id = edge.dataset.edge;
    const former = Number(own.dataset.hold);
    const perPixel = former / own.getBoundingClientRect().width;
    const says = own.querySelector('.card .figure');
    let hold = former;
    this.bench.moved('order');
    this.#follow(
      event,
      (move) => {
        const wanted = former + (move.clientX - event.clientX) * perPixel;
        const step = move.shiftKey ? 100 : STEP;
        hold = Math.min(120000, Math.max(500, Math.round(wanted / step) * step));
        says.textContent = `${(hold / 1000).toFixed(1)} s`;
        own.style.flexGrow = hold;
      },
      (cancelled) => !cancelled && hold !== former && this.edits.store({ kind: 'hold', slide: id, hold }),
    );
  }

  // Slides that were copied are remembered for all windows, so that they can be pasted into another reel.
  #copy(id) {
    localStorage.setItem('copied slides', JSON.stringify({ from: document.body.dataset.reel, slides: [id] }));
    notice('The slide is copied. Ctrl+V puts it behind a card, here or in another reel.');
  }

  #paste(id) {
    const copied = JSON.parse(localStorage.getItem('copied slides') ?? 'null');
    if (copied) this.edits.step('copies', { ...copied, before: this.#behind(id) });
    else notice('No slide is copied yet: Ctrl+C on a card copies it.');
  }

  #behind(id) {
    return this.#placeOf(id)?.nextElementSibling?.querySelector('.card').dataset.card ?? null;
  }

  /** The same slide once more, behind it. */
  duplicate(id) {
    return this.edits.step('copies', { from: document.body.dataset.reel, slides: [id], before: this.#behind(id) });
  }

  /** Takes a slide out; undo brings it back. */
  async remove(id) {
    const next = this.#placeOf(id).nextElementSibling ?? this.#placeOf(id).previousElementSibling;
    if (this.bench.slide === id) {
      this.bench.slide = null;
      document.body.classList.remove('with-sheet');
    }
    await this.edits.store({ kind: 'remove', slide: id });
    next?.querySelector('.card')?.focus();
  }

  /** What picked pictures become: slides like those that are there, so pairs in a reel of pairs. */
  additions(pictures) {
    const pairs = this.place.querySelector('.thumbnails.two');
    if (!pairs) return { carries: pictures.map(({ id }) => ({ picture: id })), sorry: '' };
    const carries = [];
    for (let i = 0; i + 1 < pictures.length; i += 2) carries.push({ before: pictures[i].id, after: pictures[i + 1].id });
    return { carries, sorry: pictures.length % 2 ? 'A pair needs two pictures: pick them in twos, before then after.' : '' };
  }

  adding(carries) {
    const fresh = () => crypto.randomUUID().replace(/-/g, '').slice(0, 12);
    return { kind: 'several', edits: carries.map((one) => ({ kind: 'add', slide: { id: fresh(), carries: one }, before: null })) };
  }
}
