// What is pressed before the page's own script is there is kept, and done once it is.
const pressed = new Set(); // once, however often: nothing could be seen of the first press

function keep(event) {
  const button = event.target.closest('button');
  if (!button) return;
  event.preventDefault();
  event.stopImmediatePropagation();
  pressed.add(button);
}

/** A form that is sent by Enter is sent by its button. */
function keepForm(event) {
  event.preventDefault();
  event.stopImmediatePropagation();
  pressed.add(event.target.querySelector('button:not([type=button])'));
}

addEventListener('click', keep, { capture: true });
addEventListener('submit', keepForm, { capture: true });
addEventListener('DOMContentLoaded', () => {
  removeEventListener('click', keep, { capture: true });
  removeEventListener('submit', keepForm, { capture: true });
  pressed.forEach((button) => button?.click());
});
