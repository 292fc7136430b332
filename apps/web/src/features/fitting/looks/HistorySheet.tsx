import { useState } from 'react';
import {
  type ChangeDto,
  type LookDto,
  useNameSnapshotMutation,
  useReadHistoryQuery,
  useReturnLookMutation,
  useTakeBackChangeMutation,
  webApi,
} from '@/api';
import { useAppDispatch } from '@/workspace';
import { attempt, Button, Input, longMoment } from '@/ui';

const KIND_WORDS: Readonly<Record<ChangeDto['kind'], string>> = {
  edit: '',
  undo: 'Undone: ',
  redo: 'Done again: ',
  snapshot: 'Snapshot: ',
};

/** Every edit of a look with its time; any of them can be gone back to, and the look as it stands can be given a name. */
export function HistorySheet({ look, onDone }: { readonly look: LookDto; readonly onDone: () => void }) {
  const { data: changes } = useReadHistoryQuery({ id: look.id });
  const [name, setName] = useState('');
  const [snapshot] = useNameSnapshotMutation();
  const [returnTo] = useReturnLookMutation();
  const [takeBack] = useTakeBackChangeMutation();
  const dispatch = useAppDispatch();
  const takenBack = (): void => {
    dispatch(webApi.util.invalidateTags(['figures', 'history', 'promises']));
    onDone();
  };
  const doing = async (work: Promise<unknown>, then: () => void): Promise<void> => {
    if ((await attempt(work)) !== null) then();
  };
  return (
    <>
      <form
        className="mt-3 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void doing(snapshot({ id: look.id, namedDto: { name: name.trim() } }).unwrap(), () => setName(''));
        }}
      >
        <Input
          aria-label="Name of the snapshot"
          placeholder="Name the look as it stands, to come back to"
          value={name}
          maxLength={60}
          onChange={(event) => setName(event.target.value)}
        />
        <Button type="submit" disabled={name.trim() === ''}>
          Keep
        </Button>
      </form>
      {changes?.length === 0 && <p className="text-pencil mt-4">Nothing has been changed yet.</p>}
      <ol aria-label="Changes, the newest first" className="mt-3 min-h-0 overflow-auto">
        {changes?.map((change, i) => (
          <li key={change.id} className="border-rule flex items-baseline gap-3 border-t py-1">
            <time dateTime={change.at} className="text-pencil w-44 shrink-0 text-[0.87rem]">
              {longMoment(change.at)}
            </time>
            <span className={`flex-1 ${change.kind === 'snapshot' ? 'text-lagoon font-semibold' : ''}`}>
              {KIND_WORDS[change.kind]}
              {change.label}
            </span>
            {change.stands && (
              <Button
                className="!py-0"
                aria-label={`Take back: ${change.label}`}
                onClick={() => void doing(takeBack({ subject: 'look', item: look.id, id: change.id }).unwrap(), takenBack)}
              >
                Take back
              </Button>
            )}
            {i === 0 ? (
              <span className="text-pencil text-[0.87rem]">as it stands</span>
            ) : change.isWhole ? (
              <Button
                className="!py-0"
                aria-label={`Go back to after “${change.label}”`}
                onClick={() => void doing(returnTo({ id: look.id, returnDto: { change: change.id } }).unwrap(), onDone)}
              >
                Go back to here
              </Button>
            ) : null}
          </li>
        ))}
      </ol>
    </>
  );
}
