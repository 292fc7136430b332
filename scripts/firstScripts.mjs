// How much script each page begins with, compressed, read off the built application: what stands in the way of a first sight of it.
//   node scripts/firstScripts.mjs     after `npm run build`; fails where a page begins with more than it may
import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Wanted of every page (performance: at the size of a real collection). */
const MOST_KB = 260;
const DIST = fileURLToPath(new URL('../apps/web/dist', import.meta.url));
const manifest = JSON.parse(readFileSync(join(DIST, '.vite/manifest.json'), 'utf8'));

/** A chunk and all it cannot begin without. */
function withImports(key, found = new Set()) {
  if (found.has(key)) return found;
  found.add(key);
  for (const next of manifest[key].imports ?? []) withImports(next, found);
  return found;
}

const kB = (keys) => [...keys].reduce((all, key) => all + statSync(join(DIST, `${manifest[key].file}.br`)).size, 0) / 1024;

const entry = Object.keys(manifest).find((key) => manifest[key].isEntry);
const first = withImports(entry);
const pages = Object.keys(manifest).filter((key) => /^src\/features\/\w+\/index\.ts$/.test(key) && manifest[key].isDynamicEntry);
const sizes = pages.map((key) => ({ page: key.split('/')[2], size: kB(new Set([...first, ...withImports(key)])) }));
for (const { page, size } of sizes.sort((a, b) => b.size - a.size)) console.log(`  ${page.padEnd(10)} ${size.toFixed(1)} kB`);

const over = sizes.filter(({ size }) => size > MOST_KB);
if (over.length > 0)
  console.error(`Error: more than ${MOST_KB} kB of script before the page stands: ${over.map(({ page }) => page).join(', ')}`);
process.exit(over.length === 0 && sizes.length > 0 ? 0 : 1);
