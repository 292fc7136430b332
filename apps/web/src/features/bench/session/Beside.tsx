import { judge } from '@outfit/core';
import { useMemo, useState } from 'react';
import { type BenchSessionDto, type BenchStepDto, useListInsteadQuery, useReportTroubleMutation } from '@/api';
import { FigurePicture, PartPicture, Photographs } from '@/parts';
import { attempt, Button, plural } from '@/ui';
import { chosenLookOf, useCompany, useFigure, useWorkspace, useWorkspaceFor } from '@/workspace';
import { onTray } from './benchScene';
import { Closings } from './Closings';

/** What to mind before a step, directly beside it. */
export function Cautions({ session, step }: { readonly session: BenchSessionDto; readonly step: BenchStepDto }) {
  const [known, setKnown] = useState<ReadonlySet<string>>(new Set());
  const cautions = step.cautions.filter((caution) => !known.has(caution.id));
  return cautions.map((caution) => (
    <section key={caution.id} aria-label={`Mind: ${caution.title}`} className="border-saffron border-l-3 pl-3">
      <h2 className="text-saffron text-[1rem]">{caution.title}</h2>
      <p className="text-[0.9rem]">{caution.text}</p>
      <div className="mt-1.5 flex flex-wrap gap-2">
        {caution.variant !== null && <UseAnother session={session} step={step} variant={caution.variant} />}
        <Button onClick={() => setKnown(new Set([...known, caution.id]))}>I know</Button>
      </div>
    </section>
  ));
}

/** Another owned piece of a part, or one that would do, in its place: the nearest that nobody is promised. */
function UseAnother({
  session,
  step,
  variant,
}: {
  readonly session: BenchSessionDto;
  readonly step: BenchStepDto;
  readonly variant: string;
}) {
  const { catalogue } = useWorkspace();
  const pieces = new Set([...step.pieces, ...step.moves.map((move) => move.piece)]);
  const all = session.copies.flatMap((copy) => copy.pieces);
  const piece = all.find((row) => row.variant === variant && pieces.has(row.piece)) ?? all.find((row) => row.variant === variant);
  const { data = [] } = useListInsteadQuery({ id: session.id, piece: piece?.piece ?? '' }, { skip: !piece });
  const [report, { isLoading }] = useReportTroubleMutation();
  const choice = data.find((row) => row.free > 0);
  if (!piece || !choice) return null;
  return (
    <Button
      disabled={isLoading}
      title={`${catalogue.nameOf(catalogue.variant(choice.variant))}, ${choice.where}`}
      onClick={() => void attempt(report({ id: session.id, troubleReportDto: { piece: piece.piece, run: choice.run } }).unwrap())}
    >
      {choice.variant === variant ? 'Use the other' : 'Use one that would do'}
    </Button>
  );
}

/** What still shows on a figure that is looked at, and a photograph of it. */
function StillShows({ figure: id, session }: { readonly figure: string; readonly session: BenchSessionDto }) {
  const figure = useFigure(id);
  const { catalogue, supply } = useWorkspaceFor(id);
  const company = useCompany(figure);
  const marks = useMemo(
    () =>
      figure
        ? judge(chosenLookOf(figure), figure.brief, catalogue, catalogue.systemOf(figure.brief), supply, company).marks.open.filter(
            (mark) => mark.severity !== 'note',
          )
        : [],
    [figure, catalogue, supply, company],
  );
  return (
    <section className="space-y-3">
      <div>
        <h2 className="text-[1rem]">{marks.length === 0 ? 'Nothing shows that should not' : 'Still shows'}</h2>
        <ul className="text-[0.9rem]">
          {marks.map((mark) => (
            <li key={mark.key} className="border-rule border-b py-1">
              {mark.sentence}
            </li>
          ))}
        </ul>
      </div>
      <div>
        <h2 className="mb-1 text-[1rem]">As it stands</h2>
        <Photographs of={`bench:${session.id}:after`} label={`${session.title} after`} />
      </div>
    </section>
  );
}

/** Beside the step: the figure as it will stand, what is left on the tray, photographs. */
export function Beside({
  session,
  step,
  done,
}: {
  readonly session: BenchSessionDto;
  readonly step: BenchStepDto;
  readonly done: readonly BenchStepDto[];
}) {
  const { catalogue } = useWorkspace();
  const copy = session.copies.find((own) => own.figure === step.figure) ?? session.copies[0];
  const tray = onTray(session, done);
  const MOST = 8;
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls must be reachable by keyboard
    <div tabIndex={0} className="flex h-full flex-col gap-4 overflow-auto p-4">
      <Cautions key={step.id} session={session} step={step} />
      {step.kind === 'put away' && step.moves.length === 0 && <Closings session={session} />}
      {step.kind === 'look' && copy && <StillShows figure={copy.figure} session={session} />}
      {copy && step.kind !== 'look' && (
        <section>
          <h2 className="mb-1 text-[1rem]">When it stands</h2>
          <div className="bg-paper flex justify-center pt-2">
            <FigurePicture
              look={{ parts: copy.pieces.map((part) => ({ ...part, alterations: [] })), overrules: [] }}
              catalogue={catalogue}
              pxPerMm={3.6}
              label={`${copy.name} when it stands`}
            />
          </div>
        </section>
      )}
      {tray.length > 0 && (
        <section>
          <h2 className="mb-1 text-[1rem]">Left on the tray</h2>
          <ul className="flex flex-wrap gap-1.5">
            {tray.slice(0, MOST).map(({ variant, position, quantity }) => (
              <li key={variant} className="relative" title={catalogue.nameOf(catalogue.variant(variant))}>
                <PartPicture variant={catalogue.variant(variant)} position={position} catalogue={catalogue} size={52} tacked={false} />
                {quantity > 1 && <span className="bg-sheet absolute right-0.5 bottom-0.5 px-0.5 font-mono text-[0.73rem]">{quantity}</span>}
              </li>
            ))}
          </ul>
          {tray.length > MOST && <p className="text-pencil text-[0.87rem]">and {plural(tray.length - MOST, 'part')} more</p>}
        </section>
      )}
      <section>
        <h2 className="mb-1 text-[1rem]">Before</h2>
        <Photographs of={`bench:${session.id}:before`} label={`${session.title} before`} />
      </section>
      <p className="text-pencil mt-auto text-[0.87rem]">Closing keeps every step. Small parts: keep from children under three.</p>
    </div>
  );
}
