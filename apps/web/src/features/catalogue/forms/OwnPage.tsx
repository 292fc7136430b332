import { type ComponentType, lazy, Suspense } from 'react';
import { Link, useSearchParams } from 'react-router';
import { UndoButtons } from '@/parts';
import { useUndo } from '@/workspace';
import { CatalogueTabs } from '../CatalogueTabs';
import { Changes } from './Changes';

/** A form is read when it is first opened: who only searches the catalogue waits for none of them. */
const lazily = <Name extends string>(read: () => Promise<Readonly<Record<Name, ComponentType>>>, name: Name) =>
  lazy(async (): Promise<{ default: ComponentType }> => ({ default: (await read())[name] }));

const TASKS = [
  {
    id: 'part',
    name: 'Add a part',
    about: 'A mould in its colours, with a print or plain; made or imagined.',
    view: lazily(() => import('./PartForm'), 'PartForm'),
  },
  {
    id: 'photos',
    name: 'Parts from photographs',
    about: 'One after the other: pick the colour, choose the mould, add it.',
    view: lazily(() => import('./photos'), 'PhotosForm'),
  },
  {
    id: 'shape',
    name: 'Add a mould by its shape',
    about: 'Say what you see; it is drawn and measured as you say it.',
    view: lazily(() => import('./ShapeForm'), 'ShapeForm'),
  },
  {
    id: 'mould',
    name: 'A mould like another',
    about: 'A new shape, like one that is there.',
    view: lazily(() => import('./MouldForm'), 'MouldForm'),
  },
  {
    id: 'colour',
    name: 'Add or change a colour',
    about: 'Another colour of the palette.',
    view: lazily(() => import('./ColourForm'), 'ColourForm'),
  },
  {
    id: 'system',
    name: 'Sizes of the toy line',
    about: 'Which places a figure has for parts, and its measures. Everything is judged by them.',
    view: lazily(() => import('../systems'), 'SystemForm'),
  },
  {
    id: 'source',
    name: 'Add or change a source',
    about: 'A product and what it yields.',
    view: lazily(() => import('./SourceForm'), 'SourceForm'),
  },
  {
    id: 'merge',
    name: 'Merge doubles',
    about: 'Two entries that are one and the same.',
    view: lazily(() => import('./MergeForm'), 'MergeForm'),
  },
  {
    id: 'foreign',
    name: 'Somebody else’s catalogue',
    about: 'A file in other columns: say which tells what, and take what can be placed.',
    view: lazily(() => import('../files'), 'Foreign'),
  },
  {
    id: 'carry',
    name: 'Files in and out',
    about: 'CSV for each kind, or everything as one archive.',
    view: lazily(() => import('../files'), 'Carry'),
  },
  { id: 'changes', name: 'What was changed', about: 'Every change, and taking one back.', view: Changes },
] as const;

/** A person's own entries: add, change, merge, files in and out, take back. */
export function OwnPage() {
  const [params] = useSearchParams();
  const task = TASKS.find((row) => row.id === params.get('do')) ?? TASKS[0];
  const Task = task.view;
  const undoing = useUndo('catalogue', 'all');
  return (
    <div className="mx-auto flex h-full max-w-6xl flex-col px-5 py-3">
      <CatalogueTabs />
      <div className="mt-3 grid min-h-0 flex-1 grid-cols-[15rem_minmax(0,1fr)] gap-6 max-sm:grid-cols-1 max-sm:grid-rows-[auto_minmax(0,1fr)] max-sm:gap-2">
        <nav aria-label="What to do" className="max-sm:overflow-x-auto">
          <ul className="max-sm:flex max-sm:whitespace-nowrap">
            {TASKS.map((row) => (
              <li key={row.id}>
                <Link
                  to={`?do=${row.id}`}
                  replace
                  aria-current={row.id === task.id ? 'page' : undefined}
                  className={`block border-l-[3px] px-3 py-1 ${row.id === task.id ? 'border-l-lagoon bg-sheet font-semibold' : 'hover:bg-sheet border-l-transparent'}`}
                >
                  {row.name}
                </Link>
              </li>
            ))}
            <li>
              <Link to="/catalogue/prints/new" className="hover:bg-sheet block border-l-[3px] border-l-transparent px-3 py-1">
                Compose a print…
              </Link>
            </li>
          </ul>
        </nav>
        <section aria-labelledby="task" className="border-rule bg-sheet min-h-0 overflow-auto border p-5 max-sm:p-3">
          <div className="flex items-baseline justify-between">
            <h1 id="task" className="text-xl">
              {task.name}
            </h1>
            <UndoButtons undoing={undoing} />
          </div>
          <p className="text-pencil mb-3">{task.about}</p>
          <Suspense fallback={<p className="text-pencil">Opening…</p>}>
            <Task />
          </Suspense>
        </section>
      </div>
    </div>
  );
}
