import type { Judgement } from '@outfit/core';
import { useMemo } from 'react';
import type { FigureDto, LookDto } from '@/api';
import { costWords, useCompany, useFixes, useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';

/** Points that nobody would notice. */
const HARDLY = 0.5;

interface BestChangeProps {
  readonly figure: FigureDto;
  readonly look: LookDto;
  readonly judgement: Judgement;
  readonly edits: LookEdits;
}

/** The one change that gains most for its cost, as the fix list of the line-up tells it of this figure; nothing where none gains anything. */
export function BestChange({ figure, look, judgement, edits }: BestChangeProps) {
  const workspace = useWorkspace();
  const { faces } = useCompany(figure);
  const { fixes } = useFixes(useMemo(() => [{ figure, look, workspace, faces, judgement }], [figure, look, workspace, faces, judgement]));
  const fix = fixes[0]?.fix;
  if (!fix || fix.edits.length === 0 || fix.likenessGain < HARDLY) return null;
  return (
    <section aria-label="Most for least" className="border-rule mt-2 flex items-baseline gap-2 border-b pb-1 text-[0.93rem]">
      <button
        type="button"
        className="hover:text-lagoon min-w-0 flex-1 text-left leading-snug underline decoration-dotted"
        title="The one change that gains most for its cost. Undo brings back what is worn now."
        onClick={() => edits.apply(fix.edits, fix.label.slice(0, 200))}
      >
        {fix.label}
      </button>
      <span className="text-moss font-mono">+{Math.round(fix.likenessGain)}</span>
      <span className="text-pencil font-mono text-[0.8rem]">{costWords(fix, workspace.currency)}</span>
    </section>
  );
}
