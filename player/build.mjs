// Bundles what runs in the visitor's browser: node build.mjs OUTPUT-FOLDER
import { build } from 'esbuild';
import { readFileSync, readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { minify } from 'terser';
import { keep } from './keep.mjs';

const here = dirname(fileURLToPath(import.meta.url));
const out = process.argv[2];

/** Properties of pieces that only modules of one build name, which the shell is not: short in all of them, and the same. */
const OWN = [
  'along', 'arrive', 'begin', 'beyond', 'coming', 'cutting', 'dividing', 'dots', 'dragged', 'drifting', 'dropped', 'focused', 'frame', 'go', 'grounds', 'held', 'heldFor', 'host', 'isNear', 'moves', 'moving', 'over', 'passOver', 'pauseButton', 'piece', 'range', 'rearranged', 'reel', 'stand',
  'holding', 'step', 'still', 'stop', 'stopOf', 'strip', 'taken', 'takenOver', 'turn', 'turning', 'upright', 'visit', 'wait', 'waiting', 'waitingChanged', 'watch', 'waitsFor', 'wanted', 'within', 'whenOver',
];
const LETTERS = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789';
const mangled = { mangleProps: new RegExp(`^(${OWN.join('|')})$`), mangleCache: Object.fromEntries(OWN.map((name, i) => [name, `_${LETTERS[i]}`])) };

const options = { bundle: true, minify: true, target: ['chrome111', 'firefox115', 'safari16.4'], logLevel: 'warning' };

/** One classic script, as small as it gets: one of the two puts it together, the other is the better at making it small. */
async function script(entry, outfile) {
  const { outputFiles } = await build({ ...options, ...mangled, ...entry, format: 'iife', write: false });
  const { code } = await minify(outputFiles[0].text, { ecma: 2022, compress: { passes: 1, unsafe: true, unsafe_arrows: true, unsafe_methods: true }, mangle: { toplevel: true } });
  keep(join(out, outfile), code);
}
const source = (name) => ({ entryPoints: [join(here, 'src', `${name}.js`)] });

/** What players ask for when they run, or are pressed. */
const LATER = ['larger', 'thumbs', 'wheel', 'screen', 'fits', 'entry', 'video', 'dividing', 'sweep', 'states'];
keep(join(out, 'later.txt'), LATER.join('\n'));

for (const name of ['shell', 'days', 'port', ...LATER]) await script(source(name), `${name}.js`);

/** What players are composed of: what leads, and what may stand beside it. */
const LEADS = {
  nothing: { from: "{ Piece as Lead } from './piece.js'", beside: ['pairs', 'larger', 'entering'] },
  time: { from: "{ Time as Lead } from './time.js'", beside: [] },
  scroll: { from: "{ Scroll as Lead } from './scroll.js'", beside: ['pairs', 'larger', 'worded'] },
  distance: { from: "{ Distance as Lead } from './distance.js'", beside: ['pairs', 'larger', 'anew', 'timed'] },
  position: { from: "{ Position as Lead } from './position.js'", beside: ['pairs', 'larger', 'anew', 'timed', 'entering', 'turning'] },
  change: { from: "{ Change as Lead } from './change.js'", beside: ['pairs', 'larger', 'anew', 'timed', 'drifting', 'cutting'] },
};
const BESIDE = {
  pairs: { from: "{ Pairs } from './pairs.js'", run: 'Pairs' },
  larger: { from: "{ Enlarging } from './enlarging.js'", run: 'Enlarging' },
  entering: { from: "{ Entering } from './entering.js'", run: 'Entering' },
  worded: { from: "{ Worded } from './worded.js'", run: 'Worded' },
  timed: { from: "{ Timed } from './timed.js'", run: 'Timed' },
  drifting: { from: "{ Drifting } from './drifting.js'", run: 'Drifting' },
  cutting: { from: "{ Cutting } from './cutting.js'", run: 'Cutting' },
  turning: { from: "{ Turning } from './turning.js'", run: 'Turning' },
  anew: { from: "{ anew } from './anew.js'", prepare: 'anew' },
};

/** The player of the reels that need just that. */
function player(lead, needs) {
  const beside = needs.map((one) => BESIDE[one]);
  const prepare = beside.find((one) => one.prepare)?.prepare;
  const lines = [
    "import { player } from './player.js';",
    ...[LEADS[lead], ...beside].map(({ from }) => `import ${from};`),
    `document.currentScript.show = player(Lead, [${beside.map(({ run }) => run).filter(Boolean)}]${prepare ? `, ${prepare}` : ''});`,
  ];
  return script({ stdin: { contents: lines.join('\n'), resolveDir: join(here, 'src') } }, `player-${[lead, ...needs].join('-')}.js`);
}

const players = Object.entries(LEADS).flatMap(([lead, { beside }]) =>
  Array.from({ length: 2 ** beside.length }, (_, choice) => [lead, ...beside.filter((one, i) => choice & (2 ** i))]),
);
await Promise.all(players.map(([lead, ...needs]) => player(lead, needs)));
keep(join(out, 'players.txt'), players.map((parts) => parts.join('-')).join('\n'));

const styles = [
  'base.css',
  ...['pairs', 'larger', 'cutting', 'entering', 'by-time', 'thumbs', 'screen', 'fits', 'video', 'states'].map((name) => `styles/${name}.css`),
  ...readdirSync(join(here, 'src', 'arrangements')).map((name) => `arrangements/${name}`),
];
const { outputFiles } = await build({ ...options, entryPoints: styles.map((name) => join(here, 'src', name)), outbase: join(here, 'src'), outdir: out, write: false });
outputFiles.forEach(({ path, contents }) => keep(path, contents));

const faces = join(here, '..', 'node_modules', '@fontsource', 'atkinson-hyperlegible-next', 'files');
for (const weight of [400, 700]) {
  keep(join(out, `type-${weight}.woff2`), readFileSync(join(faces, `atkinson-hyperlegible-next-latin-${weight}-normal.woff2`)));
}
