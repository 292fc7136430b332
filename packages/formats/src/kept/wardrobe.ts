import { type Defect, DEFECTS } from '@outfit/core/wardrobe';
import { entryOf, listOf, oneOf, readerOf, text } from '../shape/index.js';
import { alterations } from './figures.js';

export const readDefects = readerOf(listOf(entryOf<Defect>({ kind: oneOf(DEFECTS), note: text })));
export const readAlterations = readerOf(alterations);
