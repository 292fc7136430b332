import { expect, test } from '@jest/globals';
import { COVERS } from '../../packages/demo/src/data/catalogue/covers.js';
import { MOULDS } from '../../packages/demo/src/data/catalogue/moulds.js';
import { coverTable } from '../coverTable.mjs';

test('what silhouettes hide is what npm run covers measures of their drawings now', async () => {
  expect(await coverTable(MOULDS)).toEqual(COVERS);
});
