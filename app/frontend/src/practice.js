// Editing practice pages: every change is stored as it is made.
import { notice, send } from './http.js';

const editor = document.querySelector('.page-editor');

document.getElementById('new-page').addEventListener('submit', async (event) => {
  event.preventDefault();
  const title = event.target.querySelector('input').value.trim();
  const slug = title.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/[^a-z0-9]+/g, '-').replace(/^-|-$/g, '') || 'page';
  try {
    await send('PUT', `/practice/${slug}`, { title, blocks: [] });
    location.assign(`/practice/${slug}`);
  } catch (failed) {
    notice(failed.problem ?? 'Keen Reel was not reached. Try again.');
  }
});

if (editor) {
  const blocks = editor.querySelector('.blocks');
  const stored = editor.querySelector('[data-stored]');
  const problem = editor.querySelector('[data-problem]');
  let timer;

  const page = () => ({
    title: editor.querySelector('.page-title').value,
    blocks: [...blocks.children].map((block) => ({
      kind: block.dataset.kind,
      column: block.querySelector('select').value,
      content: block.querySelector('textarea').value,
    })),
  });

  const store = async () => {
    clearTimeout(timer);
    try {
      await send('PUT', `/practice/${editor.dataset.slug}`, page());
      stored.textContent = 'stored';
      problem.textContent = '';
    } catch (failed) {
      stored.textContent = 'not stored';
      problem.textContent = failed.problem ?? 'Keen Reel is not reached. What you typed stays here and is stored when it is back.';
      if (!failed.problem) timer = setTimeout(store, 2000);
    }
  };
  const soon = () => {
    stored.textContent = 'storing …';
    clearTimeout(timer);
    timer = setTimeout(store, 600);
  };

  editor.addEventListener('input', soon);
  editor.addEventListener('change', store);
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
