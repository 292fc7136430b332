import { describe, expect, test } from '@jest/globals';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import semver from 'semver';
import { leastNodes, runsOn } from '../lib.mjs';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));
const read = (file: string): string => readFileSync(join(ROOT, file), 'utf8');
const { engines, scripts } = JSON.parse(read('package.json')) as {
  readonly engines: { readonly node: string };
  readonly scripts: Readonly<Record<string, string>>;
};

interface Locked {
  readonly version?: string;
  readonly optional?: boolean;
  readonly engines?: { readonly node?: string };
}

describe('the Node that is asked for', () => {
  const { packages } = JSON.parse(read('package-lock.json')) as { readonly packages: Readonly<Record<string, Locked>> };

  test.each(leastNodes().map((node) => [node]))('%s runs every package of the lock', (node) => {
    const refusing = Object.entries(packages)
      .filter(([, row]) => !row.optional && row.engines?.node !== undefined && !semver.satisfies(node, row.engines.node))
      .map(([name, row]) => `${name} ${row.version ?? ''} wants ${row.engines?.node ?? ''}`);
    expect(refusing).toEqual([]);
  });

  test.each(['18.20.0', '20.18.9', '20.19.0', '20.20.2', '21.7.0', '22.12.0', '22.13.0', '23.11.0', '24.10.0', '24.11.0', '26.0.0'])(
    '%s is let through as the field engines says',
    (node) => expect(runsOn(node)).toBe(semver.satisfies(node, engines.node)),
  );
});

describe('what is written about the project', () => {
  const pages = [
    'README.md',
    'CONTRIBUTING.md',
    ...readdirSync(join(ROOT, 'docs'), { recursive: true }).map((file) => `docs/${String(file)}`),
  ]
    .filter((file) => file.endsWith('.md'))
    .map((file) => [file] as const);

  test.each(pages)('%s links to what is there', (page) => {
    const links = [...read(page).matchAll(/\]\(([^)#\s]+)/g)]
      .map(([, link]) => link ?? '')
      .filter((link) => !/^(https?:|\/|\?)/.test(link));
    // Pages of the guide name each other as they are served.
    const isThere = (link: string): boolean => ['', '.md'].some((end) => existsSync(join(ROOT, dirname(page), `${link}${end}`)));
    expect(links.filter((link) => !isThere(link))).toEqual([]);
  });

  test('CONTRIBUTING and README name files and folders that are there, and commands that npm knows', () => {
    for (const page of ['README.md', 'CONTRIBUTING.md']) {
      const named = [...read(page).matchAll(/`((?:apps|packages|docs|e2e|bench|scripts)\/[^`\s<…*]*)/g)].map(([, path]) => path ?? '');
      expect(named.filter((path) => !existsSync(join(ROOT, path)))).toEqual([]);
      const commands = [...read(page).matchAll(/npm run ([\w:-]+)/g)].map(([, name]) => name ?? '');
      expect(commands.filter((name) => scripts[name] === undefined)).toEqual([]);
    }
  });

  test('each command starts a script that is there', () => {
    const started = Object.values(scripts).flatMap((line) =>
      [...line.matchAll(/node (?:--[\w-]+ )*((?:scripts|bench)\/\S+\.mjs)/g)].map(([, file]) => file),
    );
    expect(started.length).toBeGreaterThan(10);
    expect(started.filter((file) => !existsSync(join(ROOT, file ?? '')))).toEqual([]);
  });

  test('each decision has a number of its own and a day; what another took the place of says so', () => {
    const names = readdirSync(join(ROOT, 'docs/decisions')).sort();
    expect(names.map((name) => Number(name.slice(0, 4)))).toEqual(names.map((_, i) => i + 1));
    for (const name of names) {
      const text = read(`docs/decisions/${name}`);
      expect({ name, isDated: /20\d\d-\d\d-\d\d|\d{1,2} \w+ 20\d\d/.test(text.slice(0, 400)) }).toEqual({ name, isDated: true });
      for (const [, number] of text.matchAll(/[Tt]akes the place of (?:[^.]*of )?(\d{4})/g)) {
        const older = names.find((other) => other.startsWith(number ?? ''));
        expect({ older, says: /^Status: /m.test(read(`docs/decisions/${older ?? ''}`)) }).toEqual({ older, says: true });
      }
    }
  });
});
