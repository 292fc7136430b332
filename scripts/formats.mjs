// Writes the JSON Schemas to docs/formats; a test fails when they are stale.
import { writeFileSync } from 'node:fs';
import { BASKET_PLAN_SCHEMA, BASKET_PROBLEM_SCHEMA, CATALOGUE_SCHEMA, LEDGER_SCHEMA } from '../packages/formats/dist/index.js';

const write = (name, schema) => writeFileSync(new URL(`../docs/formats/${name}`, import.meta.url), `${JSON.stringify(schema, null, 2)}\n`);
write('basket-problem.schema.json', BASKET_PROBLEM_SCHEMA);
write('basket-plan.schema.json', BASKET_PLAN_SCHEMA);
write('catalogue.schema.json', CATALOGUE_SCHEMA);
write('ledger.schema.json', LEDGER_SCHEMA);
