import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from './server.js';

/** Makes the demo workspace once; every test begins with a copy of it. */
export default async function globalSetup(): Promise<() => void> {
  const folder = mkdtempSync(join(tmpdir(), 'outfit-e2e-template-'));
  const server = await startServer(folder);
  await server.stop();
  process.env['OUTFIT_E2E_TEMPLATE'] = folder;
  return () => rmSync(folder, { recursive: true, force: true });
}
