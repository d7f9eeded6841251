// A reel with stops, which changes from one to another.
import { Dragging } from './dragging.js';
import { Enlarging } from './enlarging.js';
import { Piece } from './piece.js';
import { pose, timing } from './poses.js';

export class Stops extends Piece {
  #stop = 0;
  #standing; // the animation that lasts as long as the stop's hold
  #moving = [];
  #pace = 1; // -1 while a change plays back
  #coming; // the stop that a change under way leads to
  #next; // what a visitor asked for meanwhile: a stop, and whether it lies forward

  constructor(reel, plan, host) {
    super(reel, plan, host);
    this.moved = plan.lead === 'position'; // the strip is, by hand too
    this.slides = [...this.strip.querySelectorAll(':scope > .slide')];
    this.holds = plan.holds;
    this.into = plan.into;
    if (plan.anew) this.#shuffle();
    this.dots = [...reel.querySelectorAll('.dot')];
    this.live = this.strip;
    this.on(reel, 'click', (event) => this.#pressed(event));
    if (plan.keys) this.on(this.frame, 'keydown', (event) => this.#key(event));
    this.on(document, 'visibilitychange', () => document.hidden && !this.held && this.#arrive());
    if (plan.larger) this.enlarging = new Enlarging(this);
    if (plan.swipe) this.dragging = new Dragging(this);
    this.#count();
    this.#stand(0);
  }

  /** Another order on every visit. The first slide stays: it is on the screen before the rest has come. */
  #shuffle() {
    const order = this.slides.map((_, i) => i);
    for (let i = order.length - 1; i > 1; i--) {
      const j = 1 + Math.floor(Math.random() * i);
      [order[i], order[j]] = [order[j], order[i]];
    }
    const place = this.slides.map(({ className, ariaLabel }) => [className.match(/slide-\d+/)[0], ariaLabel]);
    this.slides = order.map((from) => this.slides[from]);
    [this.holds, this.into] = [this.plan.holds, this.plan.into].map((all) => order.map((from) => all[from]));
    this.slides.forEach((slide, i) => {
      slide.className = slide.className.replace(/slide-\d+/, place[i][0]);
      slide.ariaLabel = place[i][1];
      this.strip.append(slide);
    });
  }

  get stop() {
    return this.#stop;
  }

  /** The stop that was asked for last. */
  get #wanted() {
    return this.#next?.[0] ?? this.#coming ?? this.#stop;
  }

  get stops() {
    return this.range.stops.length;
  }

  /** Whether it moves on when a hold is over. */
  get moves() {
    return this.plan.autoplay && this.stops > 1;
  }

  /** A change that is under way ends at the stop that was asked for last, as the new range has it. */
  rearranged(former) {
    this.#count();
    this.#stand(this.#where(former.stops[this.#wanted]?.[0]));
  }

  /** The stop that begins with a slide, or the nearest one that shows it. */
  #where(slide) {
    return Math.max(0, this.range.stops.findLastIndex((stop) => stop.includes(slide)));
  }

  /** Dots count the stops that there are. */
  #count() {
    const say = (n) => this.plan.say.position.replace('{n}', n).replace('{count}', this.stops);
    this.dots.forEach((dot, i) => dot.setAttribute('aria-label', say(i + 1)));
  }

  disconnected() {
    this.#arrive();
    super.disconnected();
  }

  #pressed(event) {
    const button = event.target.closest('.arrow, .dot');
    if (!button) return;
    if (button.matches('.dot')) this.visit(this.dots.indexOf(button));
    else this.step(button.matches('.arrow-next') ? 1 : -1);
  }

  #key(event) {
    const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    const end = event.target.matches('.arrow, .dot, .frame') ? { Home: 0, End: this.stops - 1 }[event.key] : undefined;
    if ((!way && end === undefined) || event.defaultPrevented || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    if (way && !this.enlarging?.takes(way * this.plan.way)) this.step(way * this.plan.way);
    if (!way) this.visit(end);
    if (event.target.matches('.dot')) this.dots[this.#wanted].focus();
  }

  /** A visitor asks for the next or the former stop; after the last comes the first. Quick presses are all counted. */
  step(way) {
    this.visit((this.#wanted + way + this.stops) % this.stops, way > 0);
  }

  /** A visitor goes to a stop; from then on it no longer moves by itself. */
  visit(stop, forward = stop > (this.#coming ?? this.#stop)) {
    if (this.moves) this.wait('paused');
    if (this.#coming !== undefined && !this.moved) this.#interrupt(stop, forward);
    else if (stop !== (this.#coming ?? this.#stop)) this.#change(stop, forward);
  }

  /** A change under way plays back from where it is when what leaves is asked for again; before another stop, its rest quickly. */
  #interrupt(stop, forward) {
    if (stop === this.#stop) {
      [this.#stop, this.#coming] = [this.#coming, this.#stop];
      this.#pace = -this.#pace;
    }
    this.#next = stop === this.#coming ? undefined : [stop, forward];
    this.#moving.forEach((animation) => animation.updatePlaybackRate(this.#pace * (this.#next ? this.plan.hurry : 1)));
    this.#whenOver();
  }

  /** Brings a slide into sight that was looked at in the larger view. */
  look(index) {
    if (!this.range.stops[this.#stop].includes(index)) this.visit(this.#where(index));
    this.#arrive();
  }

  /** Where the strip is, px to the right of where its slides are laid out. */
  get #here() {
    return new DOMMatrix(getComputedStyle(this.strip).transform).e;
  }

  /** A hand takes the strip from where it is: how far that is from where its stop stands, px. */
  grab() {
    const here = this.#here;
    this.#arrive();
    this.#stand(this.#stop);
    return here - this.#here;
  }

  /** A visitor lets a dragged row go: it comes to stand at a stop from where it is. */
  settle(stop) {
    const here = this.#here;
    if (this.moves) this.wait('paused');
    this.#stand(stop);
    if (this.still) return;
    const { ms: duration, easing } = this.plan.settle;
    this.#moving = [this.strip.animate([{ transform: `translateX(${here}px)` }, { transform: this.offset(stop) }], { duration, easing })];
  }

  /** Ends a change that is under way at the stop that was asked for last. */
  #arrive() {
    if (this.#coming !== undefined) this.#stand(this.#wanted);
  }

  /** Stands at a stop, at once. */
  #stand(stop) {
    const { focused } = this;
    this.#moving.splice(0).forEach((animation) => animation.cancel());
    this.#coming = this.#next = undefined;
    this.#pace = 1;
    this.#stop = stop;
    const shown = this.range.stops[stop] ?? [];
    const next = this.range.stops[(stop + 1) % this.stops] ?? [];
    this.slides.forEach((slide, i) => {
      const now = shown.includes(i);
      slide.classList.toggle('now', now);
      slide.classList.toggle('near', next.includes(i) || (this.moved && i < stop + 2 * shown.length + 1));
      slide.classList.remove('coming', 'leaving');
      if (slide.inert === now) slide.inert = !now; // written anew it would be styled anew
    });
    const left = this.slides.indexOf(focused?.closest('.slide'));
    if (left >= 0 && this.slides[left].inert) this.#refocus(focused, this.slides[left < shown[0] ? shown[0] : shown.at(-1)]);
    if (this.moved) this.strip.style.transform = this.offset(stop);
    this.dots.forEach((dot, i) => {
      dot.classList.toggle('now', i === stop);
      dot.setAttribute('aria-current', i === stop);
    });
    this.#hold();
  }

  /** Focus that leaves with its slide goes to the same thing in the slide that comes, or to the reel. */
  #refocus(focused, coming) {
    const kind = ['.whole', '.larger', '.handle', '.words', '.button', 'a'].find((one) => focused.matches(one));
    const same = kind && [...coming.querySelectorAll(kind)].find((one) => one.tabIndex >= 0 && one.checkVisibility({ visibilityProperty: true }));
    (same ?? this.frame).focus({ preventScroll: true });
  }

  /** The strip's transform at a stop, with some px more while it is dragged. */
  offset(stop, more = 0) {
    return `translateX(calc(var(--step) * ${-stop} + ${more}px))`;
  }

  /** How long a stop stands, ms: as long as its first slide. */
  #heldFor(stop) {
    return this.holds[this.range.stops[stop][0]];
  }

  #hold() {
    this.#standing?.cancel();
    this.#standing = undefined;
    this.live.setAttribute('aria-live', this.moves && !this.waitsFor('paused') ? 'off' : 'polite');
    if (!this.moves) return;
    const standing = this.frame.animate([], { duration: this.#heldFor(this.#stop) });
    standing.onfinish = () => this.#standing === standing && !this.waiting && this.#change((this.#stop + 1) % this.stops, true);
    this.#standing = standing;
    if (this.held || this.waiting) standing.pause();
  }

  waitingChanged() {
    this.live.setAttribute('aria-live', this.moves && !this.waitsFor('paused') ? 'off' : 'polite');
    if (this.waiting) this.#standing?.pause();
    else this.#standing?.play();
  }

  #change(to, forward) {
    if (this.still || !this.#way(this.#stop, to, forward).ms) {
      this.#stand(to);
      return;
    }
    const here = this.moved && this.#moving.length ? this.#here : undefined; // a strip goes on from where it is
    const from = (this.moved ? this.#coming : undefined) ?? this.#stop;
    this.#stand(from);
    this.#standing?.cancel();
    this.#standing = undefined;
    this.#moving = this.animate(from, to, forward, here);
    this.#coming = to;
    this.#whenOver();
  }

  /** A change is over when all its pieces are. */
  #whenOver() {
    const moving = this.#moving;
    const over = () => {
      if (this.#moving !== moving || !moving.length) return;
      const next = this.#next;
      this.#stand(this.#coming);
      if (next) this.#change(...next);
    };
    Promise.all(moving.map(({ finished }) => finished)).then(over, () => {}); // or it was ended before
  }

  /** The change between two stops: going on, what comes says how; going back, what leaves does. */
  #way(from, to, forward) {
    return this.plan.changes[this.into[this.range.stops[forward ? to : from][0]]];
  }

  /** Starts the animations of a change; they are what the plan says, piece by piece. */
  animate(from, to, forward, here) {
    const [coming, leaving] = [to, from].map((stop) => this.range.stops[stop].map((i) => this.slides[i]));
    if (!this.moved) {
      coming.forEach((slide) => slide.classList.add('coming'));
      leaving.forEach((slide) => slide.classList.add('leaving'));
    }
    const way = this.#way(from, to, forward);
    return (forward ? way.on : way.back).flatMap((piece) => {
      if (piece.on === 'strip') {
        const at = (share) => ({ transform: this.offset(from + (to - from) * share) });
        const start = here === undefined ? at(piece.from.x) : { transform: `translateX(${here}px)` };
        return this.strip.animate([start, at(piece.to.x)], timing(piece));
      }
      const run = (slide) => [slide.animate([pose(piece.from), pose(piece.to)], timing(piece)), ...this.#seenThrough(slide, piece)];
      return (piece.on === 'incoming' ? coming : leaving).flatMap(run);
    });
  }

  /** A window is the slide itself, moved; what stands in it is moved as far the other way. */
  #seenThrough(slide, { from, to, ...piece }) {
    if (from.wx === undefined) return [];
    const { offsetWidth, offsetHeight } = slide;
    const stays = ({ wx, wy }) => ({ transform: `translate(${-wx * offsetWidth}px, ${-wy * offsetHeight}px)` });
    return [...slide.children].map((child) => child.animate([stays(from), stays(to)], timing(piece)));
  }

  // The held clock, and what a wall asks for.

  /** Holds everything at a moment, ms from the start. */
  at(ms) {
    this.held = true;
    this.time = Math.max(0, ms); // the time of a frame may precede that of the press that led to it
    const { moments, lap } = this.range;
    const rest = moments.length > 1 ? this.time % lap : 0;
    const index = moments.findLastIndex(([start]) => start <= rest);
    const [start, from, to] = moments[index];
    this.#stand(from);
    if (from === to) {
      if (this.#standing) this.#standing.currentTime = Math.min(rest - start, this.#heldFor(from) - 0.01);
      return;
    }
    this.#standing?.cancel();
    this.#standing = undefined;
    this.#moving = this.animate(from, to, true);
    this.#coming = to;
    this.#moving.forEach((animation) => {
      animation.pause();
      animation.currentTime = rest - start;
    });
  }

  /** Lets it run from where it is held. */
  play() {
    this.held = false;
    this.#moving.forEach((animation) => animation.play());
    if (this.#coming !== undefined) this.#whenOver();
    this.waitingChanged();
  }

  moment() {
    return { held: this.held, time: this.time, stop: this.#wanted, paused: this.waitsFor('paused') };
  }

  resume({ held, time, stop, paused }) {
    if (paused) this.wait('paused');
    if (held) this.at(time);
    else this.#stand(Math.min(stop, this.stops - 1));
  }
}
