import { Companies, type Company, type Outside } from '@outfit/core';
import { useRef } from 'react';
import { type FigureDto, type LineUpDto, useReadLineUpQuery, useReadWantsOutsideQuery, type WantsDto } from '@/api';
import { chosenLookOf } from './workspace';

let known: { readonly lineUp: LineUpDto; readonly wants: WantsDto | undefined; readonly companies: Companies } | null = null;

/** The companies of a line-up's figures, worked out once for a state of it, whoever asks. */
function companiesOf(lineUp: LineUpDto, wants: WantsDto | undefined): Companies {
  if (known?.lineUp !== lineUp || known.wants !== wants) {
    const members = lineUp.figures.map((figure) => ({
      id: figure.id,
      lineUp: lineUp.id,
      name: figure.brief.name,
      copies: figure.brief.copies,
      look: chosenLookOf(figure),
    }));
    known = { lineUp, wants, companies: new Companies(members, outsideOf(wants)) };
  }
  return known.companies;
}

const outsides = new WeakMap<WantsDto, Outside>();

/** The wants of figures elsewhere, found by variant. */
export function outsideOf(wants: WantsDto | undefined): Outside {
  if (!wants) return () => [];
  let outside = outsides.get(wants);
  if (!outside) {
    const rows = new Map<string, { name: string; count: number }[]>();
    for (const [i, variant] of wants.variants.entries()) {
      const row = { name: wants.figures[wants.of[i] ?? -1] ?? '', count: wants.counts[i] ?? 0 };
      const others = rows.get(variant);
      if (others) others.push(row);
      else rows.set(variant, [row]);
    }
    outsides.set(wants, (outside = (variant) => rows.get(variant) ?? []));
  }
  return outside;
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
  const { data: wants } = useReadWantsOutsideQuery(of, { skip: figure === null });
  const { company } = useReadLineUpQuery(of, {
    skip: figure === null,
    selectFromResult: ({ data }) => {
      if (!data || !figure) return { company: NOBODY };
      const companies = companiesOf(data, wants);
      const variants = figure.looks.flatMap((look) => look.parts.map((part) => part.variant));
      const key = `${figure.id} ${companies.keyOf(figure.id, variants)}`;
      if (last.current?.key !== key) last.current = { key, company: withSameFaces(companies.of(figure.id), last.current?.company) };
      return { company: last.current.company };
    },
  });
  return company;
}
