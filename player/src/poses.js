// Poses as the browser's own animations take them: what the plan says, and nothing else.

/** A pose as a keyframe: moved by shares of its own size, then turned around its middle. */
export const pose = ({ x = 0, y = 0, o = 1, wx = 0, wy = 0, turn = 0 }) => ({
  transform: `translate(${(x + wx) * 100}%, ${(y + wy) * 100}%) rotate(${turn}deg)`,
  opacity: o,
});

/** When a piece moves. All of a change end at once, so that they also play back together. */
export const timing = ({ delay, duration, easing }, ms) => ({ delay, duration, endDelay: ms - delay - duration, easing, fill: 'both' });
