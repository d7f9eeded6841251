// In a folder, beside a page that stands alone: what it shows from later days on is in the page too; the newest of the days
// that have come takes the place of what the page was written with.
const days = JSON.parse(document.getElementById('days').textContent);
const now = new Date();
const today = [now.getFullYear(), now.getMonth() + 1, now.getDate()].map((part) => String(part).padStart(2, '0')).join('-');
const due = days.findLast(({ from }) => from <= today);
if (due) {
  const host = document.querySelector('keen-reel');
  const inside = host.shadowRoot ?? host.querySelector(':scope > template').content;
  inside.querySelector('script[type="application/json"]').textContent = JSON.stringify(due.fragment);
}
