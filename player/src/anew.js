// Another order on every visit. The first slide stays: it is on the screen before the rest has come.

/** Shuffles the slides of a reel, and its plan with them. */
export function anew(reel, plan) {
  const strip = reel.querySelector('.strip');
  const slides = [...strip.children];
  const order = slides.map((_, i) => [i && 1 + Math.random(), i]).sort(([one], [other]) => one - other).map(([, i]) => i);
  const labels = slides.map((slide) => slide.getAttribute('aria-label'));
  order.forEach((from, i) => {
    const slide = slides[from];
    slide.className = slide.className.replace(/slide-\d+/, `slide-${i + 1}`);
    slide.setAttribute('aria-label', labels[i]);
    strip.append(slide);
  });
  const [holds, into, drifts] = [plan.holds, plan.into, plan.drifts].map((all) => all && order.map((from) => all[from]));
  return { ...plan, holds, into, drifts };
}
