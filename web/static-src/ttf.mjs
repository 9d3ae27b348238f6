// Fonts for paper: what turns pages into PDF reads no woff2.
import { readFileSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import woff2 from 'wawoff2';

const [out, ...files] = process.argv.slice(2);
for (const file of files) {
  writeFileSync(join(out, basename(file, '.woff2') + '.ttf'), await woff2.decompress(readFileSync(file)));
}
