// The dialect of all pages: Alpine components keep state and hear events, morph draws anew what the application has drawn.
// What the application draws anew carries events and no bindings, for drawing would take those away.
import Alpine from '@alpinejs/csp';
import morphing from '@alpinejs/morph';

Alpine.plugin(morphing);

export const { morph, nextTick, reactive } = Alpine;

/** Puts parts of a component together; their getters stay getters. */
export const mix = (...parts) => Object.defineProperties({}, Object.assign({}, ...parts.map(Object.getOwnPropertyDescriptors)));

/** Starts the components of a page, by the names that its templates give them. */
export function start(components) {
  Object.entries(components).forEach(([name, component]) => Alpine.data(name, component));
  Alpine.start();
}
