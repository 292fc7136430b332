import { countOf, type Company } from '@outfit/core';
import { useMemo } from 'react';
import type { FigureDto, LineUpDto } from '@/api';
import { chosenLookOf } from './workspace';
import { useWorkspace } from './WorkspaceContext';

/** A figure planned once is somebody; one of an army may share its face. */
const isSomebody = (figure: FigureDto): boolean => figure.brief.copies === 1;

/** What the other figures mean for one: faces shown in its line-up, and pieces that chosen looks anywhere want. */
function companyOf(lineUps: readonly LineUpDto[], figure: FigureDto | null): Pick<Company, 'faces' | 'wantedBy'> {
  const others = lineUps.flatMap((lineUp) => lineUp.figures).filter((other) => other.id !== figure?.id);
  const near = figure && isSomebody(figure) ? others.filter((other) => other.lineUp === figure.lineUp && isSomebody(other)) : [];
  const faces = near.flatMap((other) => {
    const head = chosenLookOf(other).parts.find((part) => part.position === 'head');
    return head ? [{ figure: other.brief.name, head: head.variant, turned: head.turned }] : [];
  });
  const wanted = new Map<string, string[]>();
  for (const other of others)
    for (const [variant, count] of countOf(chosenLookOf(other).parts.map((part) => part.variant)))
      wanted.set(variant, [...(wanted.get(variant) ?? []), ...Array.from({ length: count * other.brief.copies }, () => other.brief.name)]);
  return { faces, wantedBy: (variant) => wanted.get(variant) ?? [] };
}

/** The company of the open figure, for judging its looks. */
export function useCompany(figure: FigureDto | null): Company {
  const { lineUps } = useWorkspace();
  return useMemo(() => ({ ...companyOf(lineUps, figure), stage: 'fitting' }), [lineUps, figure]);
}
