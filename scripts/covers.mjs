// npm run covers: writes what each silhouette hides into the table the demo data ships, packages/demo/src/data/catalogue/covers.ts.
// Run it after a silhouette was redrawn, then build again.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import './sources/register.mjs';
import { ROOT } from './lib.mjs';

const { coverTable } = await import('./coverTable.mjs');
const { MOULDS } = await import('../packages/demo/src/data/catalogue/moulds.ts');

const rows = Object.entries(await coverTable(MOULDS)).map(
  ([art, covers]) =>
    `  '${art}': { ${Object.entries(covers)
      .map(([region, hidden]) => `'${region}': ${hidden}`)
      .join(', ')} },`,
);
writeFileSync(
  join(ROOT, 'packages/demo/src/data/catalogue/covers.ts'),
  `import type { Region } from '@outfit/core';

/** What each silhouette hides of the body: region to fraction. Measured from the drawings by \`npm run covers\`. */
export const COVERS: Readonly<Record<string, Readonly<Partial<Record<Region, number>>>>> = {
${rows.join('\n')}
};
`,
);
console.log(`${rows.length} silhouettes measured`);
