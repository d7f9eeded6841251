/** Choosing in a list of boxes: Shift takes everything between the one pressed before and this one. Needs boxes and choose(). */
export const stretching = () => ({
  last: undefined,
  press(event) {
    const { boxes } = this;
    const box = event.target.closest('[type=checkbox]');
    if (!boxes.includes(box)) return;
    if (event.shiftKey && this.last?.isConnected) {
      const [from, to] = [boxes.indexOf(this.last), boxes.indexOf(box)].sort((a, b) => a - b);
      boxes.slice(from, to + 1).forEach((one) => (one.checked = box.checked));
    }
    this.last = box;
    this.choose();
  },
});
