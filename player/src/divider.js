// Where a divider is: in the style of its slide, and nowhere else, as a share of the side of the picture that it goes along.

export const shareOf = (handle) => +getComputedStyle(handle).getPropertyValue('--at');

/** Where a pointer is on a picture, along the way of its divider. */
export function place(piece, crop, { clientX, clientY }) {
  const { left, top, width, height } = crop.getBoundingClientRect();
  return piece.range.down ? (clientY - top) / height : (clientX - left) / width;
}

/** Puts it there; that of a reflection, too. */
export function put(slide, crop, to, { at = '--at' } = {}) {
  crop.classList.add('moved');
  slide.style.setProperty(at, Math.min(1, Math.max(0, to)));
}
