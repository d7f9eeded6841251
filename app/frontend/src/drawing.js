// Draws anew what the application has drawn: only what differs changes, and what is open, focused or half typed stays.
import { morph } from './alpine.js';

const keyOf = (element) => element.dataset?.key ?? element.id;

/**
 * Draws the inside of an element.
 *
 * @param said what was put into a field and is not acknowledged yet; undefined where the application knows best
 */
export function draw(part, html, said = () => undefined) {
  const focused = part.contains(document.activeElement) ? document.activeElement : null;
  const made = part.cloneNode(false);
  made.innerHTML = html;
  morph(part, made, {
    key: keyOf,
    updating(from, to, childrenOnly, skip) {
      if (from === part) childrenOnly();
      else if (from.matches?.(':popover-open')) skip(); // an open panel keeps its own state
      else if (from.matches?.('[data-unfold]')) to.setAttribute('aria-expanded', from.getAttribute('aria-expanded'));
    },
  });
  part.querySelectorAll('input, textarea').forEach((field) => write(field, said(field)));
  part.querySelectorAll('select').forEach((select) => {
    const own = said(select);
    select.selectedIndex = Math.max(0, [...select.options].findIndex((option) => (own === undefined ? option.hasAttribute('selected') : option.value === own)));
  });
  if (!focused || document.activeElement === focused) return;
  const again = focused.isConnected ? focused : keyOf(focused) && part.querySelector(`[data-key="${CSS.escape(keyOf(focused))}"]`);
  again?.focus?.({ preventScroll: true }); // it was moved, or drawn anew
}

function write(field, said) {
  if (field.matches('[type=checkbox], [type=radio], [type=file]') || field.closest(':popover-open')) return;
  const written = said ?? (field.matches('textarea') ? field.textContent : field.getAttribute('value')) ?? '';
  if (field.value === written) return;
  const selected = field === document.activeElement && field.selectionEnd === field.value.length && field.selectionStart === 0;
  field.value = written;
  if (selected) field.select();
}
