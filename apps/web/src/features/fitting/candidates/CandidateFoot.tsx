import { type Brief, type Candidate, type Company, type Look, type Spot, whyRank } from '@outfit/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Why } from '@/parts';
import { Button, type Shared, useSharedValue } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { CandidateRows } from './useCandidateList';

interface CandidateFootProps {
  readonly list: CandidateRows;
  readonly active: Shared<number>;
  readonly look: Look;
  readonly brief: Brief;
  readonly spot: Spot;
  readonly company: Company;
  readonly isSubstitute: (candidate: Candidate) => boolean;
  readonly onNote: (candidate: Candidate) => void;
}

const withSign = (value: number): string => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(1)}`;

/** Under the list: why the candidate in hand stands where it does, and whether it would do as well. */
export function CandidateFoot({ list, active, ...rest }: CandidateFootProps) {
  const candidate = list.at(useSharedValue(active));
  return candidate && <Foot candidate={candidate} {...rest} />;
}

type FootProps = Omit<CandidateFootProps, 'list' | 'active'> & { readonly candidate: Candidate };

function Foot({ candidate, look, brief, spot, company, isSubstitute, onNote }: FootProps) {
  const { catalogue, supply } = useWorkspace();
  const substitute = isSubstitute(candidate);
  const { variant, position, worn, rank } = candidate;
  const terms = useMemo(
    () => (worn ? [] : whyRank(look, brief, { ...spot, position }, variant.id, catalogue, catalogue.systemOf(brief), supply, company)),
    [worn, look, brief, spot, position, variant, catalogue, supply, company],
  );
  return (
    <div className="border-rule flex items-center gap-3 border-t px-4 py-2 text-[0.93rem]">
      <span className="min-w-0 flex-1 truncate">
        <Link to={`/catalogue/variants/${encodeURIComponent(variant.id)}`} className="text-lagoon underline" title={variant.id}>
          {catalogue.mouldOf(variant).name}
        </Link>{' '}
        {worn ? (
          <span className="text-pencil">on now</span>
        ) : (
          <>
            <span className="text-pencil">ranks</span>{' '}
            <Why
              title="Why this rank"
              terms={terms.length > 0 ? terms : [{ label: 'It changes nothing that was asked for', value: 0 }]}
              format={withSign}
              total={withSign(rank)}
              note="Points of likeness, less 5 for each problem that shows and 1 for each note. Of equals what is most like the part that is on now goes first, then what is owned, then the cheaper."
            >
              {withSign(rank)}
            </Why>
          </>
        )}
      </span>
      <Button
        aria-pressed={substitute}
        onClick={() => onNote(candidate)}
        className={substitute ? '!border-moss !text-moss' : ''}
        title="Key: A, in the list"
      >
        {substitute ? 'A substitute' : 'Note as substitute'}
      </Button>
    </div>
  );
}
