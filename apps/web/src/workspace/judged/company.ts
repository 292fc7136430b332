import { Companies, type Company } from '@outfit/core';
import { mayShare } from '@outfit/core/lineup';
import { useRef } from 'react';
import { type FigureDto, type LineUpDto, useReadLineUpQuery, useReadPromisesQuery } from '@/api';
import { type Promised, promisedOf } from '../promised';
import { chosenLookOf } from '../useWorkspaceState';

let known: { readonly lineUp: LineUpDto; readonly promised: Promised | null; readonly companies: Companies } | null = null;

/** The companies of a line-up's figures, worked out once for a state of it, whoever asks. */
export function companiesOf(lineUp: LineUpDto, promised: Promised | null): Companies {
  if (known?.lineUp !== lineUp || known.promised !== promised) {
    const sharers = sharersOf(lineUp);
    const members = lineUp.figures.map((figure) => ({
      id: figure.id,
      lineUp: lineUp.id,
      name: figure.brief.name,
      copies: figure.brief.copies,
      look: chosenLookOf(figure),
      sharesFaceWith: sharers.get(figure.id) ?? NO_ONE,
    }));
    known = { lineUp, promised, companies: new Companies(members, (variant, id) => promised?.wantsOf(variant, id) ?? []) };
  }
  return known.companies;
}

const NO_ONE: ReadonlySet<string> = new Set();

/** Who shares a face with whom on purpose: twins, rank and file of a faction, the variations of a recipe. */
function sharersOf({ figures, plan }: LineUpDto): ReadonlyMap<string, ReadonlySet<string>> {
  if (plan.relations.length === 0 && plan.factions.every(({ sharesFaces }) => !sharesFaces) && figures.every(({ recipe }) => recipe === ''))
    return new Map();
  return new Map(
    figures.map((one) => [
      one.id,
      new Set(figures.filter((other) => other !== one && mayShare([one.id, other.id], figures, plan)).map(({ id }) => id)),
    ]),
  );
}

/** The faces stay the same object as long as they say the same: candidates are ranked by them, and anew when they change. */
function withSameFaces(company: Company, before: Company | undefined): Company {
  return before && JSON.stringify(before.faces) === JSON.stringify(company.faces) ? { ...company, faces: before.faces } : company;
}

const NOBODY = new Companies([]).of(null);

/**
 * The company of a figure, for judging its looks. It stays the same object until something changes that can matter to them, so
 * an edit of one figure does not have every other judged again.
 */
export function useCompany(figure: FigureDto | null): Company {
  const last = useRef<{ readonly key: string; readonly company: Company } | null>(null);
  const of = { id: figure?.lineUp ?? '' };
  const { data: told } = useReadPromisesQuery(undefined, { skip: figure === null });
  const { company } = useReadLineUpQuery(of, {
    skip: figure === null,
    selectFromResult: ({ data }) => {
      if (!data || !figure) return { company: NOBODY };
      const companies = companiesOf(data, told ? promisedOf(told) : null);
      const variants = figure.looks.flatMap((look) => look.parts.map((part) => part.variant));
      const key = `${figure.id} ${companies.keyOf(figure.id, variants)}`;
      if (last.current?.key !== key) last.current = { key, company: withSameFaces(companies.of(figure.id), last.current?.company) };
      return { company: last.current.company };
    },
  });
  return company;
}
