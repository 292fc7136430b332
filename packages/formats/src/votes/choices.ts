import { nameColumn, text } from '../table/index.js';

/** Columns of a file of pairs that somebody compared (docs/formats/choices-csv.md). */
export const choiceColumns = {
  who: text('who', ''),
  first: nameColumn('first'),
  second: nameColumn('second'),
  chosen: text('chosen', ''),
};
