// What every place that takes files shares: the look while something is held over it, and the files themselves.
/** Puts parts of a component together; their getters stay getters. */
export const mix = (...parts) => Object.defineProperties({}, Object.assign({}, ...parts.map(Object.getOwnPropertyDescriptors)));

export const dropping = () => ({
  held: false,
  get dropClass() {
    return this.held ? 'held' : '';
  },
  over() {
    this.held = true;
  },
  away(event) {
    if (!event.currentTarget.contains(event.relatedTarget)) this.held = false;
  },
  drop(event) {
    this.held = false;
    if (event.dataTransfer.files.length) this.take(event.dataTransfer.files);
  },
  chooseFiles(event) {
    this.take([...event.target.files]);
    event.target.value = '';
  },
});
