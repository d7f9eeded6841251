// Builds what the application's pages load: node build.mjs OUTPUT-FOLDER
import { build } from 'esbuild';
import { execFileSync } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const here = dirname(fileURLToPath(import.meta.url));
const packages = join(here, '..', '..', 'node_modules');
const out = process.argv[2];
mkdirSync(out, { recursive: true });

await build({
  entryPoints: ['first', 'reels', 'bench', 'pictures', 'picture', 'publish', 'practice', 'compare', 'heic'].map((name) => join(here, 'src', `${name}.js`)),
  bundle: true,
  minify: true,
  format: 'iife',
  target: 'es2022',
  outdir: out,
  logLevel: 'warning',
});

await build({
  entryPoints: [join(here, 'src', 'fonts.css')],
  bundle: true,
  minify: true,
  loader: { '.woff2': 'file' },
  assetNames: 'fonts/[name]-[hash]',
  outdir: out,
  logLevel: 'warning',
});

execFileSync(
  join(packages, '.bin', 'tailwindcss'),
  ['--input', join(here, 'src', 'app.css'), '--output', join(out, 'app.css'), '--minify'],
  { cwd: here, stdio: ['ignore', 'ignore', 'inherit'] },
);

// One file of icons, from an open set, so that a page asks once and colours them by its own ink.
const icons = ['undo-2', 'redo-2', 'play', 'pause', 'chevron-left', 'chevron-right', 'blend', 'move-left', 'move-right', 'move-up', 'move-down', 'zoom-in', 'columns-4', 'grid-3x3', 'rotate-cw', 'square', 'minus', 'arrow-up', 'arrow-down'];
const symbols = icons.map((name) => {
  const svg = readFileSync(join(packages, 'lucide-static', 'icons', `${name}.svg`), 'utf8');
  const shapes = svg.slice(svg.indexOf('>', svg.indexOf('<svg')) + 1, svg.lastIndexOf('</svg>')).replace(/\s+/g, ' ');
  return `<symbol id="${name}" viewBox="0 0 24 24" fill="none" stroke="currentColor" stroke-width="2" stroke-linecap="round" stroke-linejoin="round">${shapes}</symbol>`;
});
writeFileSync(join(out, 'icons.svg'), `<svg xmlns="http://www.w3.org/2000/svg">${symbols.join('')}</svg>`);
writeFileSync(
  join(out, 'icon.svg'),
  '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 32 32"><rect width="32" height="32" rx="3" fill="#16241e"/><path d="M6 9h12v14H6z" fill="#dfe6e0"/><path d="M20 9h3v14h-3zM25 9h1.500v14H25z" fill="#7fa093"/></svg>',
);
