// Turns the published type into TrueType, so that Java can measure with it: node build-type.mjs OUTPUT-FOLDER
import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { decompress } from 'wawoff2';
import { keep } from './keep.mjs';

const faces = join(dirname(fileURLToPath(import.meta.url)), '..', 'node_modules', '@fontsource', 'atkinson-hyperlegible-next', 'files');
const out = process.argv[2];
for (const weight of [400, 700]) {
  const packed = readFileSync(join(faces, `atkinson-hyperlegible-next-latin-${weight}-normal.woff2`));
  keep(join(out, `type-${weight}.ttf`), await decompress(packed));
}
