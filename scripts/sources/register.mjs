// Lets Node run the TypeScript sources themselves, so that the worker threads of a test run what was written and not what was
// built some time ago: node --import ./scripts/sources/register.mjs …
import { register } from 'node:module';

register('./hooks.mjs', import.meta.url);
