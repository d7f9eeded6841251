// What a list is asked for, from the form that says it.
export const REST = 200; // ms after which a search is asked for

/** The address of the list that a form asks for; what is as usual is left out of it. */
export function addressOf(form) {
  const said = [...new FormData(form)].filter(([, value]) => value !== '');
  return `${form.getAttribute('action')}${said.length ? `?${new URLSearchParams(said)}` : ''}`;
}
