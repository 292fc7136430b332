import { describe, expect, test } from '@jest/globals';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { circlesIn } from '../circles.mjs';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));
const TREES = ['core', 'drawing', 'formats', 'market', 'demo'].map((name) => `packages/${name}/src`);

describe('circles of files', () => {
  test.each([...TREES, 'apps/server/src', 'apps/web/src'])('there is none in %s', (tree) => {
    expect(circlesIn(join(ROOT, tree))).toEqual([]);
  });

  test('one is found through doors, and told by all of its files', () => {
    const src = mkdtempSync(join(tmpdir(), 'outfit-circles-'));
    mkdirSync(join(src, 'room'));
    writeFileSync(join(src, 'room/index.ts'), `export { a } from './a.js';\n`);
    writeFileSync(join(src, 'room/a.ts'), `import { b } from '../b.js';\nexport const a = b;\n`);
    writeFileSync(join(src, 'b.ts'), `import type { a } from './room/index.js';\nexport const b = 1;\n`);
    writeFileSync(join(src, 'alone.ts'), `import { b } from './b.js';\nexport const c = b;\n`);
    expect(circlesIn(src)).toEqual([['b.ts', 'room/a.ts', 'room/index.ts']]);
    rmSync(src, { recursive: true });
  });
});
