// Editing practice pages: every change is stored as it is made, and can be undone.
import { notice, send } from './http.js';
import { Keeping } from './keeping.js';
import { loadAnew, Steps } from './steps.js';

const editor = document.querySelector('.page-editor');

document.getElementById('new-page').addEventListener('submit', async (event) => {
  event.preventDefault();
  try {
    const { slug } = await send('POST', '/practice', { title: event.target.querySelector('input').value });
    location.assign(`/practice/${slug}`);
  } catch (failed) {
    notice(failed.problem ?? 'Keen Reel was not reached. Try again.');
  }
});

if (editor) {
  const { slug } = editor.dataset;
  const blocks = editor.querySelector('.blocks');
  const stored = editor.querySelector('[data-stored]');
  const problem = editor.querySelector('[data-problem]');

  const page = () => ({
    title: editor.querySelector('.page-title').value,
    blocks: [...blocks.children].map((block) => ({
      kind: block.dataset.kind,
      column: block.querySelector('select').value,
      content: block.querySelector('textarea').value,
    })),
  });
  const steps = new Steps(`practice ${slug}`, loadAnew);
  const keeping = new Keeping(
    'practice pages',
    (key, value) => send('PUT', `/practice/${key}`, value),
    (key, state, why = '') => {
      if (key !== slug) return;
      stored.textContent = { typing: 'storing …', storing: 'storing …', stored: 'stored', kept: 'not stored yet', refused: 'not stored' }[state];
      problem.textContent = why;
      if (state === 'stored') done(keeping.value(slug));
    },
  );
  let former = page();
  const done = (now) => {
    if (JSON.stringify(now) === JSON.stringify(former)) return;
    steps.did('change of the page', [['PUT', `/practice/${slug}`, former]], [['PUT', `/practice/${slug}`, now]]);
    former = now;
  };
  const typed = () => keeping.put(slug, page());
  const store = () => keeping.put(slug, page(), 0);

  keeping.offer((key, { title }) => `the page ${title}`).then(async (taken) => {
    await keeping.settled();
    if (taken.has(slug)) location.reload();
  });
  editor.addEventListener('input', typed);
  editor.addEventListener('change', () => keeping.rest(slug));
  editor.addEventListener('click', (event) => {
    const button = event.target.closest('button');
    const block = button?.closest('.block');
    if (!button) return;
    if (button.dataset.add) {
      const fresh = document.getElementById('block').content.firstElementChild.cloneNode(true);
      fresh.dataset.kind = button.dataset.add;
      fresh.querySelector('strong').textContent = button.dataset.add === 'embed' ? 'Pasted code' : button.dataset.add;
      fresh.querySelector('textarea').classList.toggle('code', button.dataset.add === 'embed');
      fresh.querySelector('textarea').setAttribute('aria-label', button.dataset.add);
      blocks.append(fresh);
      fresh.querySelector('textarea').focus();
    } else if (button.dataset.move) {
      const way = Number(button.dataset.move);
      const beside = way < 0 ? block.previousElementSibling : block.nextElementSibling?.nextElementSibling;
      if (way < 0 ? beside : block.nextElementSibling) blocks.insertBefore(block, beside ?? null);
      button.focus();
    } else if ('remove' in button.dataset) {
      block.remove();
    } else {
      return;
    }
    store();
  });
}
