import { Companies, type Company } from '@outfit/core';
import { useRef } from 'react';
import { type FigureDto, type LineUpDto, useListLineUpsQuery } from '@/api';
import { chosenLookOf } from './workspace';

let known: { readonly lineUps: readonly LineUpDto[]; readonly companies: Companies } | null = null;

/** The companies of all figures, worked out once for a state of the line-ups, whoever asks. */
function companiesOf(lineUps: readonly LineUpDto[]): Companies {
  if (known?.lineUps !== lineUps) {
    const members = lineUps.flatMap((lineUp) =>
      lineUp.figures.map((figure) => ({
        id: figure.id,
        lineUp: lineUp.id,
        name: figure.brief.name,
        copies: figure.brief.copies,
        look: chosenLookOf(figure),
      })),
    );
    known = { lineUps, companies: new Companies(members) };
  }
  return known.companies;
}

const NOBODY = new Companies([]).of(null);

/**
 * The company of a figure, for judging its looks. It stays the same object until something changes that can matter to them, so
 * an edit of one figure does not have every other judged again.
 */
export function useCompany(figure: FigureDto | null): Company {
  const last = useRef<{ readonly key: string; readonly company: Company } | null>(null);
  const { company } = useListLineUpsQuery(undefined, {
    selectFromResult: ({ data }) => {
      if (!data || !figure) return { company: NOBODY };
      const companies = companiesOf(data);
      const variants = figure.looks.flatMap((look) => look.parts.map((part) => part.variant));
      const key = `${figure.id} ${companies.keyOf(figure.id, variants)}`;
      if (last.current?.key !== key) last.current = { key, company: companies.of(figure.id) };
      return { company: last.current.company };
    },
  });
  return company;
}
