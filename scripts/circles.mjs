// Files that import each other in a circle, in the packages and applications: imports of types count, as they are read together.
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';

const IMPORT = /(?:^|\n)\s*(?:import|export)\s[^;]*?from\s+'([^']+)'/g;

const filesIn = (folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((path) => /\.tsx?$/.test(path))
    .map((path) => join(folder, path));

const found = (base) =>
  [base, `${base}.ts`, `${base}.tsx`, join(base, 'index.ts')].find((path) => existsSync(path) && statSync(path).isFile());

/** What a file imports of the same tree. */
function importsOf(file, src) {
  return [...readFileSync(file, 'utf8').matchAll(IMPORT)].flatMap(([, specifier]) => {
    const base = specifier.startsWith('.')
      ? resolve(dirname(file), specifier)
      : specifier.startsWith('@/')
        ? join(src, specifier.slice(2))
        : null;
    const target = base && found(base.replace(/\.js$/, ''));
    return target ? [target] : [];
  });
}

/**
 * The circles of a tree, each as its files: the strongly connected components of more than one file (Tarjan 1972).
 *
 * @param src the folder of the sources, absolute
 */
export function circlesIn(src) {
  const graph = new Map(filesIn(src).map((file) => [file, importsOf(file, src)]));
  const [index, low, stack, circles] = [new Map(), new Map(), [], []];
  const visit = (file) => {
    index.set(file, index.size);
    low.set(file, index.get(file));
    stack.push(file);
    for (const next of graph.get(file) ?? []) {
      if (!index.has(next)) visit(next);
      if (stack.includes(next)) low.set(file, Math.min(low.get(file), low.get(next)));
    }
    if (low.get(file) !== index.get(file)) return;
    const circle = stack.splice(stack.indexOf(file));
    if (circle.length > 1) circles.push(circle.map((path) => relative(src, path)).sort());
  };
  for (const file of graph.keys()) if (!index.has(file)) visit(file);
  return circles;
}
