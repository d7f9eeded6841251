// The clock port. Only draft pages load it, and it listens to this application's own pages alone: they hold the moment
// and hand over new fragments; it tells them what was shown and which slide was pressed.
const host = document.querySelector('keen-reel');
let piece;
let asked = Promise.resolve();

const tell = (message) => parent !== window && parent.postMessage(message, location.origin);

const commands = {
  async show({ fragment }) {
    await customElements.whenDefined('keen-reel');
    piece = await host.show(fragment);
    passOver();
    tell({ shown: fragment.version, height: document.documentElement.scrollHeight });
  },
  at: ({ ms }) => piece?.at(ms),
  play: () => piece?.play(),
};

addEventListener('message', (event) => {
  if (event.origin !== location.origin || event.source !== parent) return;
  const { command, ...rest } = event.data;
  asked = asked.then(() => commands[command]?.(rest)).catch(() => {});
});

/** Keyboards reach the bench, not the pages on its wall. */
function passOver() {
  if (parent === window) return;
  host.shadowRoot.querySelectorAll('a, button, [tabindex]').forEach((element) => element.setAttribute('tabindex', '-1'));
}

// On a wall a press picks a slide; nothing is followed or moved.
addEventListener(
  'click',
  (event) => {
    if (parent === window) return;
    event.preventDefault();
    event.stopPropagation();
    const slide = event.composedPath().find((node) => node.dataset?.slide);
    if (slide) tell({ pressed: slide.dataset.slide });
  },
  { capture: true },
);

(async () => {
  await customElements.whenDefined('keen-reel');
  piece = await host.ready;
  passOver();
  tell({ ready: true });
})();
