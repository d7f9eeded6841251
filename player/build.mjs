// Bundles what runs in the visitor's browser: node build.mjs OUTPUT-FOLDER
import { build } from 'esbuild';
import { copyFileSync, mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const here = dirname(fileURLToPath(import.meta.url));
const out = process.argv[2];
mkdirSync(out, { recursive: true });

/** One classic script; `larger` is whether it has the larger view. */
const script = (name, outfile, larger) =>
  build({
    entryPoints: [join(here, 'src', `${name}.js`)],
    bundle: true,
    minify: true,
    format: 'iife',
    target: ['chrome111', 'firefox115', 'safari16.4'],
    define: { WITH_LARGER_VIEW: String(larger) },
    outfile: join(out, outfile),
    logLevel: 'warning',
  });

await script('shell', 'shell.js', false);
await script('port', 'port.js', false);
await script('player', 'player.js', false);
await script('player', 'player-larger.js', true); // for reels whose pictures are opened as large as the window
await build({ entryPoints: ['base', 'larger'].map((name) => join(here, 'src', `${name}.css`)), bundle: true, minify: true, outdir: out, logLevel: 'warning', target: ['chrome111', 'firefox115', 'safari16.4'] });

const faces = join(here, '..', 'node_modules', '@fontsource', 'atkinson-hyperlegible-next', 'files');
for (const weight of [400, 700]) {
  copyFileSync(join(faces, `atkinson-hyperlegible-next-latin-${weight}-normal.woff2`), join(out, `type-${weight}.woff2`));
}
