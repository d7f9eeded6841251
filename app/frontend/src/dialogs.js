// Dialogs are asked like functions.

/** Opens a dialog; gives back the value of the button that closed it, empty where it was left. */
export async function answerOf(dialog) {
  dialog.returnValue = '';
  dialog.showModal();
  await new Promise((closed) => dialog.addEventListener('close', closed, { once: true }));
  return dialog.returnValue;
}

/** A dialog that a page has once: its component comes to `there`, and `asking` gives it to whoever asks. */
export function once() {
  let there;
  const asking = new Promise((begun) => (there = begun));
  return { there, asking };
}
