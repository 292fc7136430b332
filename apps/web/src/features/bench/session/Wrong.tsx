import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type BenchSessionDto, type BenchStepDto, useEndSessionMutation, useListInsteadQuery, useReportTroubleMutation } from '@/api';
import { PartPicture } from '@/parts';
import { attempt, Button, Choice, plural, Sheet, tell } from '@/ui';
import { useWorkspace } from '@/workspace';

const TROUBLES = ['it broke', 'it does not fit', 'it is not there'] as const;
type Trouble = (typeof TROUBLES)[number];

interface WrongProps {
  readonly session: BenchSessionDto;
  readonly step: BenchStepDto;
  readonly onClose: () => void;
}

/** Something is wrong at a step: with which piece, what, and what is done about it. What is chosen here is what the rest of the steps follow. */
export function Wrong({ session, step, onClose }: WrongProps) {
  const { catalogue } = useWorkspace();
  const navigate = useNavigate();
  const own = new Map(session.copies.flatMap((copy) => copy.pieces.map((piece) => [piece.piece, piece] as const)));
  const here = [...new Set([...step.moves.map((move) => move.piece), ...step.pieces])].filter((piece) => own.has(piece));
  const [piece, setPiece] = useState(here[0] ?? '');
  const [what, setWhat] = useState<Trouble>('it broke');
  const [report, { isLoading }] = useReportTroubleMutation();
  const [end] = useEndSessionMutation();
  const { data: choices, isLoading: isAsking } = useListInsteadQuery({ id: session.id, piece }, { skip: piece === '' });
  const settle = async (run: number | null): Promise<boolean> => {
    const done = await attempt(report({ id: session.id, troubleReportDto: { piece, what, ...(run === null ? {} : { run }) } }).unwrap());
    if (done) onClose();
    return done !== null;
  };
  const figure = session.copies.find((copy) => copy.pieces.some((row) => row.piece === piece))?.figure ?? '';
  const setAside = async (to: 'errand' | 'fitting'): Promise<void> => {
    if (!(await settle(null))) return;
    if (!(await attempt(end({ id: session.id, endSessionDto: { as: 'left' } }).unwrap()))) return;
    tell('What is done stays done. Begin again at the bench when the piece is here.');
    void navigate(`/figures/${figure}/${to}`);
  };
  return (
    <Sheet title="Something is wrong" open onOpenChange={(open) => !open && onClose()} wide>
      {here.length === 0 ? (
        <p className="mt-2">This step is about no piece of the figure. Take it back, or go on.</p>
      ) : (
        <div className="mt-3 space-y-3">
          {here.length > 1 && (
            <Choice
              aria-label="Which piece"
              value={piece}
              options={here.map((id, i) => {
                const part = own.get(id);
                const alike = here.filter((other) => own.get(other)?.variant === part?.variant);
                const name = part ? catalogue.nameOf(catalogue.variant(part.variant)) : id;
                return {
                  value: id,
                  label: alike.length > 1 ? `${name}, ${alike.indexOf(id) + 1} of ${alike.length}` : (name ?? String(i)),
                };
              })}
              onChoose={setPiece}
            />
          )}
          <fieldset className="flex flex-wrap gap-2">
            <legend className="sr-only">What is wrong</legend>
            {TROUBLES.map((trouble) => (
              <Button
                key={trouble}
                aria-pressed={what === trouble}
                tone={what === trouble ? 'act' : 'plain'}
                onClick={() => setWhat(trouble)}
              >
                {`${trouble.charAt(0).toUpperCase()}${trouble.slice(1)}`}
              </Button>
            ))}
          </fieldset>
          <section aria-label="What would do">
            <h3 className="text-[1rem]">What would do</h3>
            {isAsking && <p className="text-pencil">Looking through what is owned…</p>}
            {choices?.length === 0 && <p className="text-pencil">Nothing that is owned would do.</p>}
            <ul className="divide-rule mt-1 max-h-64 divide-y overflow-auto">
              {choices?.map((choice) => {
                const variant = catalogue.variant(choice.variant);
                return (
                  <li key={choice.run} className="flex items-center gap-3 py-1.5">
                    <PartPicture
                      variant={variant}
                      position={own.get(piece)?.position ?? 'beside'}
                      catalogue={catalogue}
                      size={44}
                      tacked={false}
                    />
                    <span className="min-w-0 flex-1 text-[0.93rem]">
                      {catalogue.nameOf(variant)}
                      <span className="text-pencil block text-[0.87rem]">
                        {choice.where}
                        {choice.free === 0 && choice.promisedTo !== '' && `, promised to ${choice.promisedTo}`}
                        {choice.free > 0 && `, ${plural(choice.free, 'free piece')}`}
                        {choice.likeness < 100 && `, ${choice.likeness} % like it`}
                      </span>
                    </span>
                    <Button disabled={isLoading} onClick={() => void settle(choice.run)}>
                      Take it
                    </Button>
                  </li>
                );
              })}
            </ul>
          </section>
          <div className="border-rule flex flex-wrap gap-2 border-t pt-3">
            <Button disabled={isLoading} onClick={() => void settle(null)}>
              Go on without it
            </Button>
            <Button disabled={isLoading} onClick={() => void setAside('errand')}>
              Wait for another
            </Button>
            <Button disabled={isLoading} onClick={() => void setAside('fitting')}>
              Another look
            </Button>
          </div>
        </div>
      )}
    </Sheet>
  );
}
