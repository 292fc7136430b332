// Module hooks (node:module, *Customization hooks*): our packages resolve to their sources, and TypeScript is stripped by SWC.
import { transform } from '@swc/core';
import { existsSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { fileURLToPath, pathToFileURL } from 'node:url';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));
const PACKAGE = /^@outfit\/(core|drawing|formats|market|demo)(?:\/(\w+))?$/;
/** Doors of a package beside its first. */
const DOORS = {
  basket: 'basket/solver.ts',
  bench: 'bench/index.ts',
  ideas: 'ideas/index.ts',
  kept: 'kept/index.ts',
  lineup: 'lineup/index.ts',
  parcels: 'parcels/index.ts',
  wardrobe: 'wardrobe/index.ts',
};

export async function resolve(specifier, context, next) {
  const [, name, door] = PACKAGE.exec(specifier) ?? [];
  if (name) return { url: pathToFileURL(`${ROOT}packages/${name}/src/${door ? DOORS[door] : 'index.ts'}`).href, shortCircuit: true };
  if (specifier.startsWith('.') && specifier.endsWith('.js') && context.parentURL?.endsWith('.ts')) {
    const source = new URL(specifier.replace(/\.js$/, '.ts'), context.parentURL);
    if (existsSync(fileURLToPath(source))) return { url: source.href, shortCircuit: true };
  }
  return next(specifier, context);
}

export async function load(url, context, next) {
  if (!url.startsWith('file:') || !url.endsWith('.ts')) return next(url, context);
  const filename = fileURLToPath(url);
  const { code } = await transform(await readFile(filename, 'utf8'), {
    filename,
    sourceMaps: 'inline',
    module: { type: 'es6' },
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', decorators: true },
      transform: { legacyDecorator: true, decoratorMetadata: true },
      keepClassNames: true,
    },
  });
  return { format: 'module', source: code, shortCircuit: true };
}
