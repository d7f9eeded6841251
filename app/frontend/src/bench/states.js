// States between before and after, as the fields of a slide's sheet say them.

/** Where one ends: as it is stored, to the last digit, unless its field was moved. */
const endOf = ({ value, defaultValue }, stored) => (value === defaultValue ? Number(stored) : Number(value) / 100);

/** All of them, from before to after. */
export function statesOf(sheet) {
  return [...sheet.querySelectorAll('.between')].map((row) => ({
    picture: row.dataset.picture,
    name: row.querySelector('[data-state-name]').value,
    endsAt: endOf(row.querySelector('[data-state-end]'), row.dataset.ends),
  }));
}

/** Which of them something belongs to, from 0. */
export const rowOf = (element) => [...element.closest('.sheet').querySelectorAll('.between')].indexOf(element.closest('.between'));
