// The house in lint: a room is a folder with an index.ts, its door. Whoever stands outside comes in by the door, rooms know
// only rooms below them, and an area's tables are read by its own stores.
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative, resolve, sep } from 'node:path';
import { fileURLToPath } from 'node:url';
import { names } from './names.mjs';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** The trees of the house, each with its rooms from the lowest up; a room may know those before it, and rooms of one line each other. */
const TREES = [
  {
    src: 'packages/core/src',
    order: [
      'kernel',
      'anatomy',
      'colour',
      'catalogue',
      'figure',
      'brief',
      'wardrobe',
      'market',
      'basket',
      'errand',
      'parcels',
      'bench',
      'judging',
      'lineup',
      'ideas',
    ],
    doors: ['basket/solver'],
  },
  { src: 'packages/drawing/src', order: ['shape', 'motifs', 'families', 'figure'] },
  { src: 'packages/formats/src', order: ['table', 'shape', 'kept', 'calendar', 'basket', 'catalogue', 'market', 'wardrobe', 'votes'] },
  { src: 'packages/demo/src', order: ['data', 'generate'] },
  {
    src: 'apps/server/src',
    order: [
      'platform/sqlite',
      'platform/clock',
      'platform/http',
      'platform/log',
      'platform/tables',
      'platform/db',
      'platform/live',
      'platform/history',
      'platform/jobs',
      'platform/files',
      'platform/importing',
      'settings',
      'catalogue',
      'figures',
      'lineups',
      'wardrobe',
      'market',
      'errands',
      'parcels',
      'bench',
      'ideas',
      'demo',
    ],
    doors: ['catalogue/worker', 'platform/jobs/worker', 'wardrobe/ledger/worker'],
  },
  {
    src: 'apps/web/src',
    alias: '@/',
    order: ['ui', 'api', 'workspace', 'parts', 'features', 'app'],
  },
];

/** The area of each table: that in which its entity stands. There is no other list of tables. */
function ownersIn(folder, area) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return ownersIn(path, area ?? entry.name);
    if (!/\.entit(y|ies)\.ts$/.test(entry.name)) return [];
    return [...readFileSync(path, 'utf8').matchAll(/@Entity\('(\w+)'\)/g)].map(([, table]) => [table, area]);
  });
}
const OWNER_OF = new Map(ownersIn(join(ROOT, 'apps/server/src'), null));
/** Where SQL may stand: stores, the log, stagings, and what runs in a worker. */
const SQL_FILES = /(\.store|\.worker|changeLog|[Ss]taging|entityTable|recordTouched|opening|database|jobs\.service)\.ts$|\/migrations\//;
const TABLE_IN_SQL = /\b(?:FROM|JOIN|INTO|UPDATE)\s+(?:main\.)?([a-z_]+)\b/g;

const posix = (path) => path.split(sep).join('/');
const treeOf = (file) => TREES.find(({ src }) => posix(relative(ROOT, file)).startsWith(`${src}/`));
const isRoom = new Map();

/** The rooms a file stands in, the outermost first, as paths within its tree. */
function roomsOf(tree, file) {
  const rooms = [];
  const parts = posix(relative(join(ROOT, tree.src), dirname(file))).split('/');
  for (let i = 1; i <= parts.length; i += 1) {
    const room = parts.slice(0, i).join('/');
    if (room === '' || room.startsWith('..')) continue;
    if (!isRoom.has(tree.src + room))
      isRoom.set(
        tree.src + room,
        ['index.ts', 'index.tsx'].some((name) => existsSync(join(ROOT, tree.src, room, name))),
      );
    if (isRoom.get(tree.src + room)) rooms.push(room);
  }
  return rooms;
}

function resolved(tree, file, specifier) {
  let base;
  if (specifier.startsWith('.')) base = resolve(dirname(file), specifier);
  else if (tree.alias && specifier.startsWith(tree.alias)) base = join(ROOT, tree.src, specifier.slice(tree.alias.length));
  else return null;
  base = base.replace(/\.js$/, '');
  return [base, `${base}.ts`, `${base}.tsx`, join(base, 'index.ts')].find((path) => existsSync(path) && statSync(path).isFile()) ?? null;
}

const rankOf = (tree, path) => tree.order.findIndex((room) => path === room || path.startsWith(`${room}/`));

const rooms = {
  meta: { type: 'problem', schema: [], messages: { door: '{{text}}' } },
  create(context) {
    const file = context.filename;
    const tree = treeOf(file);
    if (!tree) return {};
    const own = roomsOf(tree, file);
    const within = posix(relative(join(ROOT, tree.src), file));
    const check = (node, specifier) => {
      if (typeof specifier !== 'string') return;
      const target = resolved(tree, file, specifier);
      if (!target || treeOf(target) !== tree) return;
      const say = (text) => context.report({ node, messageId: 'door', data: { text } });
      const path = posix(relative(join(ROOT, tree.src), target)).replace(/\.tsx?$/, '');
      const room = roomsOf(tree, target).find((name) => !own.includes(name));
      if (room === undefined) {
        if (own.some((name) => path === `${name}/index`)) say('A room does not go through its own door; import the file itself.');
        return;
      }
      if (path !== `${room}/index` && !(tree.doors ?? []).includes(path)) say(`Come in by the door of ${room}: import its index.`);
      const [here, there] = [rankOf(tree, within), rankOf(tree, path)];
      if (here >= 0 && there > here) say(`${tree.order[here]} stands below ${tree.order[there]} and does not know it.`);
    };
    return {
      ImportDeclaration: (node) => check(node, node.source.value),
      ExportNamedDeclaration: (node) => node.source && check(node, node.source.value),
      ImportExpression: (node) => check(node, node.source.value),
      ExportAllDeclaration(node) {
        context.report({ node, messageId: 'door', data: { text: 'A door names what others may use: no export *.' } });
      },
    };
  },
};

const tables = {
  meta: { type: 'problem', schema: [], messages: { table: '{{text}}' } },
  create(context) {
    const path = posix(relative(join(ROOT, 'apps/server/src'), context.filename));
    if (path.startsWith('..') || path.includes('/migrations/')) return {};
    const [area] = path.split('/');
    const check = (node, text) => {
      for (const [, table] of text.matchAll(TABLE_IN_SQL)) {
        const owner = OWNER_OF.get(table);
        if (owner === undefined) continue;
        const say = (sentence) => context.report({ node, messageId: 'table', data: { text: sentence } });
        if (owner !== area) say(`The table ${table} belongs to ${owner}; ask its store.`);
        else if (!SQL_FILES.test(`/${path}`)) say(`SQL on ${table} stands in a store of ${owner}.`);
      }
    };
    return {
      Literal: (node) => typeof node.value === 'string' && check(node, node.value),
      TemplateElement: (node) => check(node, node.value.raw),
    };
  },
};

/** What a query or JSON gives is said where it is asked for, or read: nobody states it afterwards. */
const READ = /^(all|get|iterate)$/;
const isRead = ({ type, callee }) =>
  type === 'CallExpression' &&
  callee.type === 'MemberExpression' &&
  (READ.test(callee.property.name) || (callee.object.name === 'JSON' && callee.property.name === 'parse'));

const rows = {
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      all: 'Columns are the entity’s: ask its table, and name what a query of its own gives.',
      as: 'Say what a row is where it is asked for (`prepare<Row>`), or give JSON to its reader.',
    },
  },
  create(context) {
    const path = posix(relative(join(ROOT, 'apps/server/src'), context.filename));
    if (path.startsWith('..') || path.includes('/migrations/')) return {};
    const check = (node, text) => /SELECT (\w+\.)?\*/i.test(text) && context.report({ node, messageId: 'all' });
    return {
      Literal: (node) => typeof node.value === 'string' && check(node, node.value),
      TemplateElement: (node) => check(node, node.value.raw),
      TSAsExpression: (node) =>
        isRead(node.expression) && node.typeAnnotation.type !== 'TSUnknownKeyword' && context.report({ node, messageId: 'as' }),
    };
  },
};

export default { rules: { names, rooms, rows, tables } };
