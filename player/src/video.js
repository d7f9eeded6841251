// Videos: each plays over the picture that stands for it, without sound, and only after pictures are there: this script is
// asked for when the player runs.
import { Playing } from './playing.js';

class Video extends Playing {
  #playing = new Map(); // by picture

  constructor(piece) {
    super(piece);
    const first = piece.strip.querySelector('img');
    const begin = () => requestAnimationFrame(() => requestAnimationFrame(() => this.look())); // it is known what is in view
    if (first.complete) begin();
    else ['load', 'error'].forEach((over) => piece.on(first, over, begin, { once: true }));
  }

  pause() {
    this.#playing.forEach((video) => video.pause());
  }

  look() {
    const { piece } = this;
    if (this.between) return;
    this.sayStops();
    const stands = (still) => this.stands(still);
    [...this.#playing.keys()].filter((still) => !stands(still)).forEach((still) => this.#end(still));
    const stills = [...piece.strip.querySelectorAll('[data-video]')].filter(stands);
    stills.forEach((still) => {
      if (!this.waits && still.checkVisibility({ visibilityProperty: true })) this.#play(still);
      else this.#playing.get(still)?.pause();
    });
  }

  #play(still) {
    const video = this.#playing.get(still) ?? this.#begin(still);
    if (!video.ended) video.play().catch(() => {}); // where that is not wanted, its picture is seen
  }

  #begin(still) {
    const video = Object.assign(document.createElement('video'), {
      className: still.className,
      muted: true,
      playsInline: true,
      disableRemotePlayback: true,
      disablePictureInPicture: true,
      loop: still.dataset.plays === 'again',
      src: still.dataset.video,
    });
    ['width', 'height'].forEach((side) => video.setAttribute(side, still.getAttribute(side)));
    video.setAttribute('aria-hidden', 'true'); // its picture says what it shows
    video.style.cssText = still.style.cssText; // as a visitor wants it to fit
    video.onerror = () => {
      still.removeAttribute('data-video'); // its picture is left
      this.#end(still);
    };
    video.ontimeupdate = () => this.piece.held && video.pause();
    still.after(video);
    this.#playing.set(still, video);
    return video;
  }

  /** Lets go of what is not seen any more; it begins anew when it comes again. */
  #end(still) {
    const video = this.#playing.get(still);
    this.#playing.delete(still);
    video.onerror = null;
    video.remove();
    video.removeAttribute('src');
    video.load();
  }
}

document.currentScript.show = Video;
