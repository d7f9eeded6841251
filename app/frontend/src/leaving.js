// Leaving a page on which something is not stored yet: by a link it is stored first; otherwise the browser asks.

/** What is being typed is done, as if its field were left. */
function blur() {
  const field = document.activeElement;
  if (!field?.matches('input, textarea, select')) return;
  field.blur();
  setTimeout(() => field.focus({ preventScroll: true })); // for those who stay
}

/**
 * Looks after what a page has not stored.
 *
 * @param unstored how many things are not
 * @param settled settles when all are
 * @param away whether nothing can be stored at present
 */
export function leaving({ unstored, settled, away }) {
  addEventListener('beforeunload', (event) => {
    blur();
    if (unstored()) event.preventDefault();
  });
  addEventListener('click', async (event) => {
    const link = event.target.closest?.('a[href]');
    if (event.defaultPrevented || event.button || event.ctrlKey || event.metaKey || event.shiftKey || !link) return;
    if (link.target || link.hasAttribute('download') || link.getAttribute('href').startsWith('#') || !unstored() || away()) return;
    event.preventDefault();
    await settled();
    location.assign(link.href);
  });
}

/** Offers what an earlier page could not store, as lines; gives back whether it is to be stored now. */
export async function offer(lines) {
  const dialog = document.createElement('dialog');
  dialog.className = 'ask unstored';
  dialog.setAttribute('aria-labelledby', 'unstored-title');
  dialog.innerHTML = `<form method="dialog"><h2 id="unstored-title"></h2><ul></ul>
    <p class="buttons"><button class="primary" value="store">Store now</button><button class="plain" value="forget">Forget</button></p></form>`;
  dialog.querySelector('h2').textContent = `${lines.length === 1 ? 'A change was' : `${lines.length} changes were`} not stored when this page was left`;
  dialog.querySelector('ul').append(
    ...lines.map(({ at, says }) => {
      const line = document.createElement('li');
      const time = document.createElement('span');
      time.className = 'figure';
      time.textContent = new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
      line.append(time, ` ${says}`);
      return line;
    }),
  );
  document.body.append(dialog);
  dialog.showModal();
  await new Promise((closed) => dialog.addEventListener('close', closed, { once: true }));
  dialog.remove();
  return dialog.returnValue !== 'forget';
}
