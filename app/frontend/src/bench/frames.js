/** Does something in every frame, with the ms that have passed since the one before, for as long as it says so. */
export function frames(step) {
  let former; // of frames alone: the time of the first may precede that of the press
  const frame = (now) => {
    const goes = step(now - (former ?? now));
    former = now;
    if (goes) requestAnimationFrame(frame);
  };
  requestAnimationFrame(frame);
}
