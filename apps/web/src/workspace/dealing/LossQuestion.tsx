import type { LossDto } from '@/api';
import { Button, Sheet, useSharedValue } from '@/ui';
import { useWorkspace } from '../WorkspaceContext';
import { lossQuestion } from './lossQuestion';

/** Who loses what, before it is done: stands over whatever page asks it. */
export function LossQuestion() {
  const question = useSharedValue(lossQuestion);
  if (!question) return null;
  const answer = (isAgreed: boolean): void => {
    lossQuestion.set(null);
    question.answer(isAgreed);
  };
  return (
    <Sheet
      title="Pieces would be dealt anew"
      about="Who stands before others in line is served before them. By this change some get less than now."
      open
      onOpenChange={(isOpen) => !isOpen && answer(false)}
    >
      <ul className="mt-3 space-y-1">
        {question.losses.slice(0, MOST_SHOWN).map((loss) => (
          <Loss key={`${loss.figure} ${loss.variant}`} loss={loss} />
        ))}
      </ul>
      {question.losses.length > MOST_SHOWN && <p className="text-pencil mt-1">And {question.losses.length - MOST_SHOWN} parts more.</p>}
      <p className="mt-3">
        <Button tone="act" onClick={() => answer(true)}>
          Do it all the same
        </Button>
      </p>
    </Sheet>
  );
}

const MOST_SHOWN = 12;

function Loss({ loss: { name, variant, quantity, to } }: { readonly loss: LossDto }) {
  const { catalogue } = useWorkspace();
  return (
    <li>
      <span className="font-semibold">{name}</span> loses {quantity > 1 ? `${quantity} × ` : ''}
      {catalogue.has(variant) ? catalogue.nameOf(catalogue.variant(variant)) : variant}
      {to.length > 0 && <span className="text-pencil"> to {to.join(', ')}</span>}
    </li>
  );
}
