// What leads from one stop to another: the stops, the hold of each, and the ways in which a visitor goes to them. What a
// change looks like is said by what leads: change.js, position.js.
import { Piece } from './piece.js';
import { swipe } from './swiping.js';

export class Stops extends Piece {
  stop = 0;
  moving = []; // the animations of a change that is under way
  coming; // the stop that it leads to
  holding; // the animation that lasts as long as the stop's hold
  #slide; // the one that the visitor came to, while a range shows it among others

  constructor(reel, plan, host) {
    super(reel, plan, host);
    this.slides = [...this.strip.children];
    this.dots = [...reel.querySelectorAll('.dot')];
    this.on(reel, 'click', (event) => this.#pressed(event));
    this.on(this.frame, 'keydown', (event) => this.range.keys && this.#key(event));
    swipe(this);
    this.count();
  }

  /** The stop that was asked for last. */
  get wanted() {
    return this.coming ?? this.stop;
  }

  get stops() {
    return this.range.stops.length;
  }

  /** Whether it moves on when a hold is over. */
  get moves() {
    return this.plan.autoplay && this.stops > 1;
  }

  /**
   * A change that is under way ends at the stop that was asked for last, as the new range has it. The slide that a visitor came to
   * is kept, whichever of its neighbours it is shown with.
   */
  rearranged(former) {
    const shown = former.stops[this.wanted] ?? [];
    const slide = shown.includes(this.#slide) ? this.#slide : shown[0];
    this.count();
    this.stand(this.stopOf(slide)); // at once: standing elsewhere in between would send focus away
    this.#slide = slide;
  }

  /** The stop that begins with a slide, or the nearest one that shows it; where a row goes round others show it too. */
  stopOf(slide) {
    const { stops } = this.range;
    const own = stops.findIndex(([first]) => first === slide);
    return Math.max(0, own < 0 ? stops.findLastIndex((stop) => stop.includes(slide)) : own);
  }

  /** Dots count the stops that there are. */
  count() {
    const say = (n) => this.plan.say.position.replace('{n}', n).replace('{count}', this.stops);
    this.dots.forEach((dot, i) => dot.setAttribute('aria-label', say(i + 1)));
  }

  #pressed(event) {
    const button = event.target.closest('.arrow, .dot');
    if (!button) return;
    if (button.matches('.dot')) this.visit(this.dots.indexOf(button));
    else this.step(button.matches('.arrow-next') ? 1 : -1);
  }

  #key(event) {
    const steered = event.target.matches('.arrow, .dot');
    const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key] ?? this.upright?.[steered && event.key];
    const end = { Home: 0, End: this.stops - 1 }[(steered || event.target.matches('.frame')) && event.key];
    if ((!way && end === undefined) || event.defaultPrevented || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    if (way) this.step(way * this.plan.way);
    else this.visit(end);
    if (event.target.matches('.dot')) this.dots[this.wanted].focus();
  }

  /** A visitor asks for the next or the former stop; after the last comes the first. Quick presses are all counted. */
  step(way) {
    this.visit((this.wanted + way + this.stops) % this.stops, way > 0);
  }

  /** A visitor goes to a stop; from then on it does not move by itself. */
  visit(stop, forward = stop > (this.coming ?? this.stop)) {
    this.takenOver();
    this.ask(stop, forward);
  }

  takenOver() {
    if (this.moves) this.wait('paused');
  }

  /** A hold is over. */
  next() {
    this.ask((this.stop + 1) % this.stops, true);
  }

  /** Ends a change that is under way at the stop that was asked for last. */
  arrive() {
    if (this.coming !== undefined) this.stand(this.wanted);
  }

  /** Stands at a stop, at once. */
  stand(stop) {
    const { focused } = this;
    this.moving.splice(0).forEach((animation) => animation.cancel());
    this.coming = this.#slide = undefined; // whoever goes on is at another one
    this.stop = stop;
    const shown = this.range.stops[stop] ?? [];
    const next = this.range.stops[(stop + 1) % this.stops] ?? [];
    this.slides.forEach((slide, i) => {
      const now = shown.includes(i);
      slide.classList.toggle('now', now);
      slide.classList.toggle('near', this.isNear?.(i) || next.includes(i));
      if (slide.inert === now) slide.inert = !now; // written anew it would be styled anew
    });
    const left = this.slides.indexOf(focused?.closest('.slide'));
    if (left >= 0 && this.slides[left].inert) this.#refocus(focused, this.slides[left < shown[0] ? shown[0] : shown.at(-1)]);
    this.dots.forEach((dot, i) => {
      dot.classList.toggle('now', i === stop);
      dot.setAttribute('aria-current', i === stop);
    });
    this.#hold();
    this.drifting?.stand(stop);
  }

  /** Focus that leaves with its slide goes to the same thing in the slide that comes, or to the reel. */
  #refocus(focused, coming) {
    const kind = focused.classList[0] ? `.${focused.classList[0]}` : 'a';
    const same = [...coming.querySelectorAll(kind)].find((one) => one.tabIndex >= 0 && one.checkVisibility({ visibilityProperty: true }));
    (same ?? this.frame).focus({ preventScroll: true });
  }

  /** How long a stop stands, ms: as long as its first slide. */
  heldFor(stop) {
    return this.plan.holds[this.range.stops[stop][0]];
  }

  #hold() {
    this.#release();
    this.#sayLive();
    if (!this.moves) return;
    const holding = this.frame.animate([], { duration: this.heldFor(this.stop) });
    holding.onfinish = () => this.holding === holding && !this.waiting && this.next();
    this.holding = holding;
    if (this.held || this.waiting) holding.pause();
  }

  #release() {
    this.holding?.cancel();
    this.holding = undefined;
  }

  #sayLive() {
    this.strip.setAttribute('aria-live', this.moves && !this.waitsFor('paused') ? 'off' : 'polite');
  }

  waitingChanged() {
    if (this.waitsFor('hidden') || this.waitsFor('gone')) this.arrive(); // nobody sees what is under way
    this.#sayLive();
    if (this.waiting) this.holding?.pause();
    else this.holding?.play();
    this.drifting?.wait();
  }

  /** Goes to a stop: by a change, unless it is to be there at once. */
  ask(to, forward) {
    if (to === this.wanted) return;
    if (this.still || !this.way(this.stop, to, forward).ms) {
      this.stand(to);
      return;
    }
    this.begin(to, forward);
    this.whenOver();
  }

  /** Starts the animations of a change from the stop at which it stands; what moves may be somewhere else. */
  begin(to, forward, here) {
    this.moving = this.animate(this.stop, to, forward, here);
    this.coming = to;
    this.#release();
  }

  /** A change is over when all its pieces are. */
  whenOver() {
    const { moving } = this;
    const over = () => this.moving === moving && moving.length && this.over();
    Promise.all(moving.map(({ finished }) => finished)).then(over, () => {}); // or it was ended before
  }

  over() {
    this.stand(this.coming);
  }

  /** The change between two stops: going on, what comes says how; going back, what leaves does. */
  way(from, to, forward) {
    return this.plan.changes[this.plan.into[this.range.stops[forward ? to : from][0]]];
  }
}
