import Alpine from '@alpinejs/csp';
import { notice, send } from './http.js';

const address = () => `/reels/${document.body.dataset.reel}/publication`;

Alpine.data('publish', () => ({
  busy: false,
  problem: '',
  async ask(method) {
    this.busy = true;
    this.problem = '';
    try {
      await send(method, address());
      location.reload();
    } catch (failed) {
      this.busy = false;
      this.problem = failed.problem ?? 'Keen Reel was not reached. Nothing was changed; try again.';
    }
  },
  publish() {
    return this.ask('POST');
  },
  takeDown() {
    return this.ask('DELETE');
  },
  async copy(event) {
    const what = event.target.dataset.copy;
    const code = document.querySelector(`[data-code=${what}]`);
    try {
      await navigator.clipboard.writeText(code.value ?? code.textContent);
      notice(`The ${what} is copied.`);
    } catch {
      code.select?.();
      notice('Your browser does not let a page copy. The code is selected: press Ctrl+C.');
    }
  },
}));
Alpine.start();
