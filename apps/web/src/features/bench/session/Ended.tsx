import { useState } from 'react';
import { Link } from 'react-router';
import { type BenchSessionDto, type SessionNoteDto, useNoteSessionMutation } from '@/api';
import { FigurePicture, Photographs, UndoButtons } from '@/parts';
import { attempt, Button, Input, Label, longMoment, plural } from '@/ui';
import { useUndo, useWorkspace } from '@/workspace';
import { Closings } from './Closings';

const WORDS: Readonly<Record<BenchSessionDto['state'], string>> = {
  open: 'On the bench',
  built: 'Built',
  'put back': 'Put back as it was',
  left: 'Left as it lies',
};

/** A session as it is told afterwards: when, who, how long, what broke, photographs before and after, remarks. */
export function SessionLog({ session, isLarge = false }: { readonly session: BenchSessionDto; readonly isLarge?: boolean }) {
  const { catalogue } = useWorkspace();
  const altered = session.steps.filter((step) => step.kind === 'alter' && step.doneAt !== null);
  const done = session.steps.filter((step) => step.doneAt !== null).length;
  const [copy] = session.copies;
  return (
    <article aria-label={`${WORDS[session.state]}, ${longMoment(session.endedAt ?? session.begunAt)}`} className="flex flex-wrap gap-6">
      {copy && (
        <FigurePicture
          look={{ parts: copy.pieces.map((part) => ({ ...part, alterations: [] })), overrules: [] }}
          catalogue={catalogue}
          pxPerMm={isLarge ? 6.5 : 3.2}
          label=""
        />
      )}
      <div className="min-w-0 flex-1 basis-80 space-y-2">
        <h2 className="text-[1.13rem]">
          {WORDS[session.state]}
          {session.copies.length > 1 && `, ${session.copies.length} of them`}
        </h2>
        <p className="text-pencil text-[0.93rem]">
          {longMoment(session.endedAt ?? session.begunAt)}
          {session.who !== '' && `, ${session.who}`}
          {session.minutes > 0 && `, ${plural(session.minutes, 'minute')} at work`}, {done} of {plural(session.steps.length, 'step')} done
        </p>
        {session.troubles.length > 0 && (
          <ul aria-label="What went wrong" className="text-[0.93rem]">
            {session.troubles.map((trouble) => (
              <li key={`${trouble.at} ${trouble.variant}`}>
                {catalogue.nameOf(catalogue.variant(trouble.variant))}: {trouble.what}, {trouble.outcome}.
              </li>
            ))}
          </ul>
        )}
        {altered.length > 0 && <p className="text-[0.93rem]">Altered: {altered.map((step) => step.title).join('; ')}.</p>}
        <dl className="grid grid-cols-[auto_1fr] items-center gap-x-3 gap-y-2 text-[0.93rem]">
          <dt className="text-pencil">Before</dt>
          <dd>
            <Photographs of={`bench:${session.id}:before`} label={`${session.title} before`} />
          </dd>
          <dt className="text-pencil">After</dt>
          <dd>
            <Photographs of={`bench:${session.id}:after`} label={`${session.title} after`} isLarge />
          </dd>
        </dl>
        <Notes session={session} />
      </div>
    </article>
  );
}

/** Who was at it, and what is remarked; kept when the field is left. */
function Notes({ session }: { readonly session: BenchSessionDto }) {
  const [note] = useNoteSessionMutation();
  const [remark, setRemark] = useState(session.remark);
  const [who, setWho] = useState(session.who);
  const keep = (sessionNoteDto: SessionNoteDto): void => void attempt(note({ id: session.id, sessionNoteDto }).unwrap());
  return (
    <>
      <Label text="Who was at it">
        <Input
          className="!w-56"
          maxLength={80}
          value={who}
          onChange={(event) => setWho(event.target.value)}
          onBlur={() => who.trim() !== session.who && keep({ who })}
        />
      </Label>
      <textarea
        aria-label="Remarks"
        placeholder="Remarks"
        rows={2}
        maxLength={2000}
        value={remark}
        onChange={(event) => setRemark(event.target.value)}
        onBlur={() => remark !== session.remark && keep({ remark })}
        className="border-rule bg-sheet rounded-cut w-full max-w-xl border px-2 py-1 text-[0.93rem]"
      />
    </>
  );
}

/** What a session says once it has ended, and where one goes from there. */
export function Ended({ session, onBack }: { readonly session: BenchSessionDto; readonly onBack: (() => void) | null }) {
  const undoing = useUndo('wardrobe', 'all');
  return (
    <div className="dotted h-full overflow-auto p-6">
      <div className="bg-sheet border-rule mx-auto max-w-4xl border p-6">
        <div className="mb-3 flex items-start gap-3">
          <h1 className="min-w-0 flex-1 text-2xl">{session.title}</h1>
          <UndoButtons undoing={undoing} />
        </div>
        <SessionLog session={session} isLarge />
        <div className="mt-4 max-w-xl">
          <Closings session={session} />
        </div>
        <div className="mt-5 flex flex-wrap items-center gap-3">
          <Link to="/bench" className="text-lagoon underline">
            What is next at the bench
          </Link>
          {onBack && <Button onClick={onBack}>Take back the last step</Button>}
        </div>
      </div>
    </div>
  );
}
