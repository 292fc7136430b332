import { Link } from 'react-router';
import { type LineUpNamesDto, useOrderLineUpsMutation } from '@/api';
import { UndoButtons } from '@/parts';
import { attempt, Empty, plural } from '@/ui';
import { useNames, useUndo, useWorkspace } from '@/workspace';
import { BeginPage, FirstSteps } from './begin';
import { LineUpCard } from './LineUpCard';
import { ToDo } from './ToDo';
import { NewLineUp } from './NewLineUp';

/** Every line-up of the workspace: begun, named, copied, put in order, put away. */
export function WorkroomPage() {
  const { catalogue } = useWorkspace();
  const lineUps = useNames();
  const isEmpty = lineUps.length === 0 && catalogue.data.moulds.length === 0 && catalogue.data.colours.length === 0;
  return isEmpty ? <BeginPage /> : <Workroom lineUps={lineUps} />;
}

function Workroom({ lineUps }: { readonly lineUps: readonly LineUpNamesDto[] }) {
  const undoing = useUndo('workroom', 'all');
  const [order] = useOrderLineUpsMutation();
  const figures = lineUps.reduce((all, row) => all + row.figures.length, 0);
  const move = (id: string, by: -1 | 1): void => {
    const ids = lineUps.map((row) => row.id);
    const from = ids.indexOf(id);
    const to = from + by;
    if (to < 0 || to >= ids.length) return;
    ids.splice(from, 1);
    ids.splice(to, 0, id);
    void attempt(order({ lineUpOrderDto: { lineUps: ids } }).unwrap());
  };
  return (
    <div className="mx-auto flex h-full max-w-7xl flex-col px-6 py-4">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h1 className="text-2xl">Workroom</h1>
        <p className="text-pencil">
          {plural(figures, 'figure')} in {plural(lineUps.length, 'line-up')}
        </p>
        <UndoButtons undoing={undoing} />
        <Link to="/bin" className="text-lagoon ml-auto underline">
          Bin
        </Link>
        <NewLineUp />
      </div>
      <FirstSteps />
      <ToDo />
      {lineUps.length === 0 && (
        <Empty title="No line-up yet">
          <p>A line-up holds the figures that stand together. Make the first one with “New line-up…”.</p>
        </Empty>
      )}
      <ul aria-label="Line-ups" className="mt-4 grid min-h-0 flex-1 auto-rows-min grid-cols-2 gap-4 overflow-auto pb-4 max-lg:grid-cols-1">
        {lineUps.map((lineUp, i) => (
          <li key={lineUp.id}>
            <LineUpCard lineUp={lineUp} isFirst={i === 0} isLast={i === lineUps.length - 1} onMove={(by) => move(lineUp.id, by)} />
          </li>
        ))}
      </ul>
    </div>
  );
}
