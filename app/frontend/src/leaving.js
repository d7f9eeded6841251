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
