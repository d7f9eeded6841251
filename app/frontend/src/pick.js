// The dialog that picks pictures from the library.

/**
 * Lets a person pick.
 *
 * @param most how many at the most
 * @returns the picked pictures [{ id, name, thumbnail }], in the order of picking; empty when nothing was picked
 */
export async function pick(most = Infinity) {
  const dialog = document.getElementById('pick');
  dialog.innerHTML = await (await fetch('/pictures/pick')).text();
  const take = dialog.querySelector('[data-take]');
  const says = dialog.querySelector('[data-picked]');
  const picked = [];
  const show = () => {
    take.disabled = picked.length === 0;
    says.textContent = picked.length ? `${picked.length} picked` : 'None picked';
    dialog.querySelectorAll('[data-picture]').forEach((button) => {
      const place = picked.indexOf(button);
      button.setAttribute('aria-pressed', place >= 0);
      button.dataset.place = place >= 0 && most > 1 ? place + 1 : '';
    });
  };
  dialog.onclick = (event) => {
    const button = event.target.closest('[data-picture]');
    if (!button) return;
    const place = picked.indexOf(button);
    if (place >= 0) picked.splice(place, 1);
    else {
      if (picked.length >= most) picked.shift();
      picked.push(button);
    }
    show();
  };
  take.onclick = () => dialog.close('take');
  dialog.returnValue = '';
  dialog.showModal();
  await new Promise((closed) => dialog.addEventListener('close', closed, { once: true }));
  return dialog.returnValue === 'take'
    ? picked.map(({ dataset }) => ({ id: dataset.picture, name: dataset.name, thumbnail: dataset.thumbnail }))
    : [];
}
