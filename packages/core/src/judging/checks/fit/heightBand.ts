import type { AgeBand, System } from '../../../anatomy/index.js';
import { ageOf, bandOf } from '../../../brief/index.js';
import { bodyHeight, fillingAt, type Worn } from '../../../figure/index.js';
import { mm } from '../../../kernel/index.js';
import type { Check, Proposal } from '../../marks.js';
import { spot, swaps } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';

/** One of the things that make a figure as tall as it is: how far it is from what a figure of this age has there. */
interface Share {
  readonly items: readonly Worn[];
  readonly what: string;
  readonly offMm: number;
}

/** What is usual for a band: the rest of its height above torso and head is legs, a giant's also what is under the feet. */
function usualMm(band: AgeBand, system: System): { readonly legs: number; readonly feet: number } {
  const below = system.bandHeightMm[band] - system.torsoMm - system.headMm;
  const adult = system.bandHeightMm.adult - system.torsoMm - system.headMm;
  return band === 'giant' ? { legs: adult, feet: below - adult } : { legs: below, feet: 0 };
}

function shares({ worn, system }: Subject, legs: Worn, band: AgeBand): readonly Share[] {
  const usual = usualMm(band, system);
  const heightOf = (item: Worn | undefined): number => item?.mould.geometry.heightMm ?? 0;
  const at = (test: RegExp): readonly Worn[] => worn.filter((item) => test.test(item.part.position));
  const [feet, waist, torso, head] = [at(/^feet/), at(/^waist$/), at(/^torso$/), at(/^head$/)];
  const under = Math.max(0, ...feet.map(heightOf));
  return [
    { items: [legs], what: legs.mould.name, offMm: heightOf(legs) - usual.legs },
    { items: feet, what: feet[0]?.mould.name ?? 'nothing under the feet', offMm: under - usual.feet },
    { items: waist, what: waist[0]?.mould.name ?? '', offMm: waist.reduce((all, { mould }) => all + (mould.geometry.thicknessMm ?? 0), 0) },
    { items: torso, what: torso[0]?.mould.name ?? '', offMm: heightOf(torso[0]) - system.torsoMm },
    { items: head, what: head[0]?.mould.name ?? '', offMm: heightOf(head[0]) - system.headMm },
  ];
}

/**
 * `height.band`: the height of the body, the neck stack left out, against the age band of the brief. What makes it so is named; when it is
 * not the legs, taking it off is offered. A look without legs, torso or head is not measured yet.
 */
export const heightBand: Check = (subject) => {
  const { worn, brief, system } = subject;
  const legs = worn.find((item) => item.part.position === 'hips' || item.part.position === 'lower');
  const complete = legs && ['torso', 'head'].every((position) => worn.some((item) => item.part.position === position));
  if (!legs || !complete) return [];
  const { total: height, terms } = bodyHeight(worn);
  const band = bandOf(brief, system);
  const age = ageOf(brief);
  const wanted = system.bandHeightMm[band];
  const off = Math.round((height - wanted) * 1e6) / 1e6;
  if (Math.abs(off) <= system.bandToleranceMm) return [];
  const cause = shares(subject, legs, band).reduce((most, share) => (share.offMm * off > most.offMm * off ? share : most));
  const who = age === null ? `a figure of this age (${band})` : `somebody of ${age} (${band})`;
  return [
    {
      check: 'height.band',
      key: `height.band:${band}:${mm(height)}`,
      severity: 'shows',
      position: cause.items[0]?.part.position ?? 'feet.L',
      region: null,
      sentence: `${mm(Math.abs(off))} mm too ${off > 0 ? 'tall' : 'short'} for ${who}: ${cause.what} ${cause.items.length > 1 ? 'make' : 'makes'} it so.`,
      why: `${terms.map((term) => `${term.label} ${mm(term.value)}`).join(' + ')} = ${mm(height)} mm, and ${mm(wanted)} is wanted.`,
      proposals: () => [...withoutCause(cause, legs, off), ...otherLegs(legs, height, wanted, subject), ...raiseBy(off, subject)],
    },
  ];
};

/** Taking off what makes it so, where a figure can do without it. */
function withoutCause({ items }: Share, legs: Worn, off: number): readonly Proposal[] {
  const [first] = items;
  if (!first || off < 0 || first === legs || !/^(feet|waist)/.test(first.part.position)) return [];
  return [{ label: `Take off ${first.mould.name}`, edits: items.map((item) => ({ action: 'take off', ...spot(item) })) }];
}

function otherLegs(legs: Worn, height: number, wanted: number, subject: Subject): readonly Proposal[] {
  const others = height - (legs.mould.geometry.heightMm ?? 0);
  const { bandToleranceMm } = subject.system;
  const fits = (heightMm: number | undefined): boolean => Math.abs(others + (heightMm ?? 0) - wanted) <= bandToleranceMm;
  return (['hips', 'lower'] as const).flatMap((position) =>
    swaps(
      subject,
      [{ position }],
      { mould: (mould) => fillingAt(mould, position) !== null && fits(mould.geometry.heightMm), fits: () => true },
      legs,
    ),
  );
}

/** Something under both feet, for who is too short. */
function raiseBy(off: number, subject: Subject): readonly Proposal[] {
  if (off > 0) return [];
  return swaps(subject, [{ position: 'feet.L' }, { position: 'feet.R' }], {
    mould: (mould) =>
      fillingAt(mould, 'feet.L') !== null && Math.abs((mould.geometry.heightMm ?? 0) + off) <= subject.system.bandToleranceMm,
    fits: () => true,
  });
}
