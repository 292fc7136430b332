import { type Brief, type Company, effectOf, type Look, type Spot, type Variant } from '@outfit/core';
import { useMemo } from 'react';
import { useWorkspace } from '@/workspace';
import { CHECK_WORDS } from '../marks';

interface WhatChangesProps {
  readonly look: Look;
  readonly brief: Brief;
  readonly company: Company;
  readonly at: Spot;
  readonly variant: Variant;
}

/** What the look becomes with a part on, before anything is decided. */
export function WhatChanges({ look, brief, company, at, variant }: WhatChangesProps) {
  const { catalogue, supply } = useWorkspace();
  const { before, after, raises, settles } = useMemo(
    () => effectOf(look, brief, at, variant, catalogue, catalogue.systemOf(brief), supply, company),
    [look, brief, at, variant, catalogue, supply, company],
  );
  return (
    <ul aria-label="What changes" className="text-[0.93rem]">
      <li>
        Likeness {Math.round(before)} <span aria-hidden="true">→</span>
        <span className="sr-only">to</span> <b className="font-mono">{Math.round(after)}</b>
      </li>
      {settles.map((mark) => (
        <li key={mark.key} className="text-moss">
          {CHECK_WORDS[mark.check][1]}
        </li>
      ))}
      {raises.map((mark) => (
        <li key={mark.key} className={mark.severity === 'blocks' ? 'text-madder' : 'text-saffron'}>
          {CHECK_WORDS[mark.check][0]}
        </li>
      ))}
    </ul>
  );
}
