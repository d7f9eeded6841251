// Bundles what runs in the visitor's browser: node build.mjs OUTPUT-FOLDER
import { build } from 'esbuild';
import { copyFileSync, mkdirSync, readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const here = dirname(fileURLToPath(import.meta.url));
const out = process.argv[2];
mkdirSync(out, { recursive: true });

/** One classic script, with what a reel needs: what leads it, comparisons. */
const script = (name, outfile, { lead = 'stops', pairs = false } = {}) =>
  build({
    entryPoints: [join(here, 'src', `${name}.js`)],
    bundle: true,
    minify: true,
    format: 'iife',
    target: ['chrome111', 'firefox115', 'safari16.4'],
    define: { LEAD: JSON.stringify(lead), WITH_PAIRS: String(pairs) },
    outfile: join(out, outfile),
    logLevel: 'warning',
  });

await script('shell', 'shell.js');
await script('port', 'port.js');
await script('larger', 'larger.js');
for (const pairs of [false, true]) {
  for (const lead of ['stops', 'still', 'scroll']) await script('player', `player-${lead}${pairs ? '-pairs' : ''}.js`, { lead, pairs });
}
await script('player', 'player-band.js', { lead: 'band' });

const styles = [
  ...['base', 'larger'].map((name) => `${name}.css`),
  ...['pairs', 'by-time'].map((name) => `styles/${name}.css`),
  ...readdirSync(join(here, 'src', 'arrangements')).map((name) => `arrangements/${name}`),
];
await build({ entryPoints: styles.map((name) => join(here, 'src', name)), outbase: join(here, 'src'), bundle: true, minify: true, outdir: out, logLevel: 'warning', target: ['chrome111', 'firefox115', 'safari16.4'] });

const faces = join(here, '..', 'node_modules', '@fontsource', 'atkinson-hyperlegible-next', 'files');
for (const weight of [400, 700]) {
  copyFileSync(join(faces, `atkinson-hyperlegible-next-latin-${weight}-normal.woff2`), join(out, `type-${weight}.woff2`));
}
