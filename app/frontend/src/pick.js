// The dialog that picks pictures from the library: found by a search, a page after another.
import { notice } from './http.js';
import { bring } from './uploads.js';
import { REST } from './wish.js';

/** A page of the choice that fits a search, as markup. */
async function page(q, number) {
  const answer = await fetch(`/pictures/pick?${new URLSearchParams({ q, page: number })}`);
  if (!answer.ok) throw new Error(`answered with ${answer.status}`);
  const made = document.createElement('template');
  made.innerHTML = await answer.text();
  return made.content.firstElementChild;
}

/**
 * Lets a person pick.
 *
 * @param most how many at the most
 * @returns the picked pictures [{ id, name, thumbnail }], in the order of picking; empty when nothing was picked
 */
export async function pick(most = Infinity) {
  const dialog = document.getElementById('pick');
  const picked = []; // { id, name, thumbnail }, also of those that are not shown at present
  let asked = 0; // pages that were asked for: an answer that comes after a newer one is passed over
  let shown = 1;

  const show = () => {
    dialog.querySelector('[data-take]').disabled = picked.length === 0;
    dialog.querySelector('[data-picked]').textContent = picked.length ? `${picked.length} picked` : 'None picked';
    dialog.querySelectorAll('[data-picture]').forEach((button) => {
      const place = picked.findIndex(({ id }) => id === button.dataset.picture);
      button.setAttribute('aria-pressed', place >= 0);
      button.dataset.place = place >= 0 && most > 1 ? place + 1 : '';
    });
  };
  const draw = async (number) => {
    const mine = ++asked;
    const found = await page(dialog.querySelector('[type=search]').value, number);
    if (mine !== asked) return;
    const list = dialog.querySelector('ul:not(.bringing)');
    if (number > 1) list.append(...found.querySelector('ul:not(.bringing)').children);
    else {
      list.replaceWith(found.querySelector('ul:not(.bringing)'));
      dialog.querySelector('.empty').replaceWith(found.querySelector('.empty'));
    }
    dialog.querySelector('.more').replaceWith(found.querySelector('.more'));
    shown = number;
    show();
  };
  const tried = (number) => draw(number).catch(() => notice('Keen Reel was not reached. The pictures are as they were found before.'));

  try {
    dialog.replaceChildren(await page('', 1));
  } catch {
    notice('Keen Reel was not reached. Pictures can be picked as soon as it is.');
    return [];
  }
  dialog.onclick = (event) => {
    if (event.target.closest('[data-more]')) tried(shown + 1);
    if (event.target.closest('[data-take]')) dialog.close('take');
    const button = event.target.closest('[data-picture]');
    if (!button) return;
    const { picture: id, name, thumbnail } = button.dataset;
    const place = picked.findIndex((one) => one.id === id);
    if (place >= 0) picked.splice(place, 1);
    else {
      if (picked.length >= most) picked.shift();
      picked.push({ id, name, thumbnail });
    }
    show();
  };
  dialog.onchange = async ({ target }) => {
    if (!target.matches('[data-bring]')) return;
    const rows = dialog.querySelector('.bringing');
    rows.hidden = false;
    const files = [...target.files];
    target.value = '';
    await bring(files, rows, (picture, row) => {
      if (!picture) return;
      row.remove();
      if (picked.length >= most) picked.shift();
      picked.push({ id: picture.id, name: picture.name, thumbnail: picture.thumbnail });
      show();
    });
    rows.hidden = !rows.children.length;
    tried(1);
  };
  let resting;
  dialog.oninput = () => {
    clearTimeout(resting);
    resting = setTimeout(() => tried(1), REST);
  };
  dialog.onkeydown = (event) => {
    if (event.key !== 'Enter' || !event.target.matches('[type=search]')) return;
    event.preventDefault(); // it would close the dialog
    clearTimeout(resting);
    tried(1);
  };
  dialog.returnValue = '';
  dialog.showModal();
  await new Promise((closed) => dialog.addEventListener('close', closed, { once: true }));
  clearTimeout(resting);
  asked += 1;
  return dialog.returnValue === 'take' ? picked : [];
}
