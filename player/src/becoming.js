/** Puts a picture that is on the screen in the place of its twin, so that nothing flashes. */
export function become(standing, twin) {
  for (const { name } of [...standing.attributes]) if (!twin.hasAttribute(name)) standing.removeAttribute(name);
  for (const { name, value } of twin.attributes) if (standing.getAttribute(name) !== value) standing.setAttribute(name, value);
  twin.replaceWith(standing);
}
