// What is done before the page's own script is there is kept, and done once it is: presses, what is sent by Enter, and what was
// typed, chosen or picked in fields.
const pressed = new Set(); // once, however often: nothing could be seen of the first press
const filled = { input: new Set(), change: new Set() };

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

function keepField(event) {
  event.stopImmediatePropagation();
  filled[event.type].add(event.target);
}

const kept = { click: keep, submit: keepForm, input: keepField, change: keepField };

Object.entries(kept).forEach(([type, one]) => addEventListener(type, one, { capture: true }));
addEventListener('DOMContentLoaded', () => {
  Object.entries(kept).forEach(([type, one]) => removeEventListener(type, one, { capture: true }));
  Object.entries(filled).forEach(([type, fields]) => fields.forEach((field) => field.dispatchEvent(new Event(type, { bubbles: true }))));
  pressed.forEach((button) => button?.click());
});
