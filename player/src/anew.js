// Another order on every visit. The first slide stays: it is on the screen before the rest has come.

/** Shuffles the slides of a reel, and its plan with them. */
export function anew(reel, plan) {
  const strip = reel.querySelector('.strip');
  const slides = [...strip.querySelectorAll(':scope > .slide')];
  const order = slides.map((_, i) => i);
  for (let i = order.length - 1; i > 1; i--) {
    const j = 1 + Math.floor(Math.random() * i);
    [order[i], order[j]] = [order[j], order[i]];
  }
  const places = slides.map(({ className, ariaLabel }) => [className.match(/slide-\d+/)[0], ariaLabel]);
  order.forEach((from, i) => {
    const slide = slides[from];
    slide.className = slide.className.replace(/slide-\d+/, places[i][0]);
    slide.ariaLabel = places[i][1];
    strip.append(slide);
  });
  const [holds, into] = [plan.holds, plan.into].map((all) => order.map((from) => all[from]));
  return { ...plan, holds, into };
}
