// Writes openapi.json from the server's DTOs and generates the web client from it.
// With --check it only says whether the committed files are current, and ends with 1 when they are not.
import { generateEndpoints } from '@rtk-query/codegen-openapi';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import prettier from 'prettier';
import { createApp } from '../apps/server/dist/app.js';
import { openApiDocument } from '../apps/server/dist/openapi.js';

const root = fileURLToPath(new URL('..', import.meta.url));
const SPEC = join(root, 'apps/server/openapi.json');
const CLIENT = join(root, 'apps/web/src/api/generated.ts');

const pretty = async (text, file) => prettier.format(text, { ...(await prettier.resolveConfig(file)), filepath: file });

const data = mkdtempSync(join(tmpdir(), 'outfit-api-'));
const app = await createApp({ dataFolder: data, webFolder: null, demo: false });
const spec = await pretty(JSON.stringify(openApiDocument(app)), SPEC);
await app.close();

const draft = join(data, 'openapi.json');
writeFileSync(draft, spec);
const generated = await generateEndpoints({
  apiFile: '@/api/base',
  apiImport: 'api',
  schemaFile: draft,
  exportName: 'generatedApi',
  hooks: true,
  tag: true,
});
const client = await pretty(generated ?? '', CLIENT);
rmSync(data, { recursive: true });

if (process.argv.includes('--check')) {
  const stale = [
    [SPEC, spec],
    [CLIENT, client],
  ].filter(([file, text]) => readFileSync(file, 'utf8') !== text);
  for (const [file] of stale) console.error(`${file.slice(root.length)} is stale. Run "npm run api" and commit it.`);
  if (stale.length > 0) process.exit(1);
  console.log('The API description and the web client are current.');
} else {
  writeFileSync(SPEC, spec);
  writeFileSync(CLIENT, client);
  console.log('Wrote apps/server/openapi.json and apps/web/src/api/generated.ts.');
}
