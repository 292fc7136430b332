// The demo that a run of tests shared goes with it.
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export default function teardown() {
  rmSync(join(tmpdir(), `outfit-test-demo-${process.env['OUTFIT_TEST_RUN']}`), { recursive: true, force: true });
}
