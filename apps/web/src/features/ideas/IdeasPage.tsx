import { useReadIdeasQuery } from '@/api';
import { ImportDialog, UndoButtons } from '@/parts';
import { Empty, Input, useAddress } from '@/ui';
import { useUndo } from '@/workspace';
import { useState } from 'react';
import { useImportPollMutation } from '@/api';
import { Evening } from './Evening';
import { IdeaList } from './IdeaList';
import { OwedList } from './OwedList';

const VIEWS = { now: 'What could I do now?', ideas: 'Ideas', owed: 'Owed' } as const;
type View = keyof typeof VIEWS;
const isView = (text: string | null): text is View => text !== null && text in VIEWS;

/** The page for a free evening: what could be done now, what people suggested, what was promised to whom. */
export function IdeasPage() {
  const { data, isError } = useReadIdeasQuery();
  const [params, change] = useAddress();
  const undoing = useUndo('ideas', 'all');
  const asked = params.get('show');
  const view: View = isView(asked) ? asked : 'now';
  return (
    <div className="flex h-full flex-col">
      <div className="border-rule bg-sheet flex flex-wrap items-center gap-x-5 gap-y-1.5 border-b px-4.5 py-2">
        <h1 className="text-2xl">Ideas</h1>
        <nav aria-label="Ways to look" className="border-rule flex border">
          {(Object.keys(VIEWS) as View[]).map((own) => (
            <button
              key={own}
              type="button"
              aria-current={own === view ? 'page' : undefined}
              className={`border-rule px-2.5 py-1 text-[0.93rem] not-first:border-l ${own === view ? 'bg-ink text-sheet' : 'hover:bg-paper'}`}
              onClick={() => change((next) => (own === 'now' ? next.delete('show') : next.set('show', own)))}
            >
              {VIEWS[own]}
              {own === 'ideas' && data
                ? ` ${data.ideas.length}`
                : own === 'owed' && data
                  ? ` ${data.owed.filter(({ doneOn }) => doneOn === null).length}`
                  : ''}
            </button>
          ))}
        </nav>
        <span className="ml-auto flex items-center gap-2">
          <UndoButtons undoing={undoing} />
          {view === 'ideas' && <PollDialog />}
        </span>
      </div>
      <div className="min-h-0 flex-1 overflow-auto">
        {isError && <Empty title="The ideas did not come">Check that Outfit is still running, then look again.</Empty>}
        {!data && !isError && <p className="text-pencil p-6">Looking…</p>}
        {data && view === 'now' && <Evening told={data} />}
        {data && view === 'ideas' && <IdeaList ideas={data.ideas} />}
        {data && view === 'owed' && <OwedList owed={data.owed} />}
      </div>
    </div>
  );
}

/** A poll brought in: who voted in the first column, a column for each idea by its title. */
function PollDialog() {
  const [take] = useImportPollMutation();
  const [name, setName] = useState('Poll');
  return (
    <span className="flex items-center gap-2">
      <Input
        aria-label="Name of the poll"
        className="!w-32"
        value={name}
        maxLength={80}
        onChange={(event) => setName(event.target.value)}
      />
      <ImportDialog
        title="Bring in a poll"
        opens="Bring in a poll…"
        what="ballot"
        columns={[
          { name: 'voter', about: 'whoever voted, in the first column' },
          { name: 'the title of an idea', about: 'x, yes or 1 for a vote' },
        ]}
        send={(body, agree) => take({ poll: name.trim() || 'Poll', agree, body }).unwrap()}
      />
    </span>
  );
}
