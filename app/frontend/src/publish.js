// Publishing: what is live, the code for pages, and earlier publications.
import { start } from './alpine.js';
import { answerOf } from './dialogs.js';
import { notice, send } from './http.js';
import { notices } from './notices.js';
import { unstored } from './unstored.js';

const reel = () => `/reels/${document.body.dataset.reel}`;
const WAYS = { element: 'element', frame: 'frame', address: 'address', folder: "folder's line", plain: 'element without style attributes' };
const NOT_REACHED = 'Keen Reel was not reached. Nothing was changed; try again.';

const publish = () => ({
  busy: false,
  waiting: false,
  ready: 0,
  waits: '',
  of: 0,
  problem: '',
  addressProblem: '',
  async ask(method, address) {
    this.busy = true;
    this.problem = '';
    try {
      await send(method, reel() + address);
      location.reload();
    } catch (failed) {
      this.busy = false;
      this.problem = failed.problem ?? NOT_REACHED;
    }
  },
  get progress() {
    return `Making pictures ready: ${this.ready} of ${this.of}. ${this.waits}`.trim();
  },
  /** Has the pictures made first, telling how far that is; then what is live changes at once. */
  async publish() {
    this.busy = this.waiting = true;
    this.problem = '';
    try {
      let again = '?again=true'; // what could not be made before is tried at once
      do {
        Object.assign(this, await send('POST', `${reel()}/prints${again}`));
        again = '';
        if (this.ready < this.of) await new Promise((later) => setTimeout(later, 400));
      } while (this.waiting && this.ready < this.of);
    } catch (failed) {
      this.busy = this.waiting = false;
      this.problem = failed.problem ?? NOT_REACHED;
      return;
    }
    if (!this.waiting) return;
    this.waiting = false;
    await this.ask('POST', '/publication');
  },
  /** What is live stays as it is; what is made already is there the next time. */
  stop() {
    this.busy = this.waiting = false;
    notice('Nothing was published.');
  },
  takeDown() {
    return this.ask('DELETE', '/publication');
  },
  practise(event) {
    return this.ask('POST', `/practice/${event.currentTarget.dataset.page}`);
  },
  bringBack(event) {
    return this.ask('POST', `/publications/${event.currentTarget.dataset.publication}/live`);
  },
  async erase(event) {
    const { publication } = event.currentTarget.dataset;
    if (await answerOf(this.$refs.ask)) await this.ask('DELETE', `/publications/${publication}`);
  },
  async keepEarlier(event) {
    try {
      await send('PUT', '/settings/earlier-publications', { days: Number(event.target.value) });
      location.reload();
    } catch (failed) {
      notice(failed.problem ?? NOT_REACHED);
    }
  },
  async setAddress(event) {
    this.addressProblem = '';
    try {
      await send('PUT', '/settings/public-address', { origin: event.target.elements.origin.value });
      location.reload();
    } catch (failed) {
      this.addressProblem = failed.problem ?? NOT_REACHED;
    }
  },
  async copy(event) {
    const what = event.currentTarget.dataset.copy;
    const code = this.$root.querySelector(`[data-code=${what}]`);
    try {
      await navigator.clipboard.writeText(code.value ?? code.textContent);
      notice(`The ${WAYS[what]} is copied.`);
    } catch {
      code.closest('details')?.setAttribute('open', '');
      code.select?.();
      notice('Your browser does not let a page copy. The code is selected: press Ctrl+C.');
    }
    if (what === 'address') return;
    // whoever has the new code keeps the right height free
    send('POST', `${reel()}/code-taken`).then(
      () => this.$root.querySelector('[data-old-code]')?.remove(),
      () => {},
    );
  },
});

start({ notices, publish, unstored });
