// npm run demo: from a clean clone to the whole application on the demo data. `-- --fresh` starts the data over.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { build, installIfMissing, requireNode, ROOT, serve } from './lib.mjs';

requireNode();
installIfMissing();
build();
const args = process.argv.slice(2);
if (args.includes('--fresh')) rmSync(join(ROOT, 'data/demo'), { recursive: true, force: true });
serve(['--demo', ...args.filter((arg) => arg !== '--fresh')]);
