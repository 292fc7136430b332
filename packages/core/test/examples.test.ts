import { describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

/** The examples of docstrings are code: what stands before `//` gives what stands behind it. */
const SRC = fileURLToPath(new URL('../src', import.meta.url));
const sources = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter((path) => path.endsWith('.ts'));

interface Example {
  readonly file: string;
  readonly line: number;
  readonly code: string;
}
const examples = sources.flatMap((path): readonly Example[] =>
  readFileSync(join(SRC, path), 'utf8')
    .split('\n')
    .flatMap((text, i) => {
      const code = /^\s*\* @example (.*)$/.exec(text)?.[1];
      return code === undefined ? [] : [{ file: path, line: i + 1, code }];
    }),
);

/** A value of code in which the names of a module mean what they are there. */
const valueOf = (code: string, names: Readonly<Record<string, unknown>>): unknown =>
  (new Function(...Object.keys(names), `return (${code});`) as (...values: readonly unknown[]) => unknown)(...Object.values(names));

describe('examples of docstrings', () => {
  test('there are some, in many rooms', () => {
    expect(examples.length).toBeGreaterThan(40);
    expect(new Set(examples.map(({ file }) => file.split('/')[0])).size).toBeGreaterThan(8);
  });

  test.each(examples.map((example) => [`${relative('.', example.file)}:${example.line} ${example.code}`, example] as const))(
    '%s',
    async (_, { file, code }) => {
      const at = code.lastIndexOf(' // ');
      expect(at).toBeGreaterThan(0);
      const names = (await import(pathToFileURL(join(SRC, file)).href)) as Record<string, unknown>;
      expect(valueOf(code.slice(0, at), names)).toEqual(valueOf(code.slice(at + 4), names));
    },
  );
});
