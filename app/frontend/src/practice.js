// Editing practice pages: every change is stored as it is made, and can be undone.
import { start } from './alpine.js';
import { notice, send } from './http.js';
import { Keeping } from './keeping.js';
import { notices } from './notices.js';
import { loadAnew, steps, Steps } from './steps.js';
import { unstored } from './unstored.js';

const SAYS = { typing: 'storing …', storing: 'storing …', stored: 'stored', kept: 'not stored yet', refused: 'not stored' };

/** The form for one page more. */
const newPage = () => ({
  title: '',
  async make() {
    try {
      const { slug } = await send('POST', '/practice', { title: this.title });
      location.assign(`/practice/${slug}`);
    } catch (failed) {
      notice(failed.problem ?? 'Keen Reel was not reached. Try again.');
    }
  },
});

function pageEditor() {
  let done;
  let keeping;
  let former; // the page as it was stored last

  return {
    stored: 'stored',
    problem: '',

    init() {
      const { slug } = this.$root.dataset;
      done = new Steps(`practice ${slug}`, loadAnew);
      keeping = new Keeping(
        'practice pages',
        (key, value) => send('PUT', `/practice/${key}`, value),
        (key, state, why = '') => {
          if (key !== slug) return;
          Object.assign(this, { stored: SAYS[state], problem: why });
          if (state === 'stored') this.did(keeping.value(slug));
        },
      );
      former = this.page();
      done.begin();
      keeping.offer((key, { title }) => `the page ${title}`).then(async (taken) => {
        await keeping.settled();
        if (taken.has(slug)) location.reload();
      });
    },

    /** The page as its fields say it. */
    page() {
      return {
        title: this.$refs.title.value,
        blocks: [...this.$refs.blocks.children].map((block) => ({
          kind: block.dataset.kind,
          column: block.querySelector('select').value,
          content: block.querySelector('textarea').value,
        })),
      };
    },
    did(now) {
      if (JSON.stringify(now) === JSON.stringify(former)) return;
      const address = `/practice/${this.$root.dataset.slug}`;
      done.did('change of the page', [['PUT', address, former]], [['PUT', address, now]]);
      former = now;
    },
    typed() {
      keeping.put(this.$root.dataset.slug, this.page());
    },
    rested() {
      keeping.rest(this.$root.dataset.slug);
    },
    store() {
      keeping.put(this.$root.dataset.slug, this.page(), 0);
    },

    add(kind) {
      const block = this.$refs[kind].content.firstElementChild.cloneNode(true);
      this.$refs.blocks.append(block);
      block.querySelector('textarea').focus();
      this.store();
    },
    moveUp({ currentTarget }) {
      const block = currentTarget.closest('.block');
      block.previousElementSibling?.before(block);
      currentTarget.focus();
      this.store();
    },
    moveDown({ currentTarget }) {
      const block = currentTarget.closest('.block');
      block.nextElementSibling?.after(block);
      currentTarget.focus();
      this.store();
    },
    remove({ currentTarget }) {
      currentTarget.closest('.block').remove();
      this.store();
    },
  };
}

start({ newPage, notices, pageEditor, steps, unstored });
