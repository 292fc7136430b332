import { FACE_REGIONS, LEG_BACK_REGIONS, LEG_FRONT_REGIONS, type Position } from '../../../anatomy/index.js';
import type { PracticalRule } from '../../../brief/index.js';
import { balance, fillingAt, isNeckLayer, type Worn } from '../../../figure/index.js';
import type { Check, Proposal } from '../../marks.js';
import { spot, swaps, takeOff } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';

/** A rule that is broken: the sentence, where, and by which parts. */
interface Breach {
  readonly sentence: string;
  readonly position: Position;
  readonly by: readonly Worn[];
  /** What could be worn instead; without it, what breaks the rule comes off. */
  readonly instead?: (subject: Subject) => readonly Proposal[];
}

const LEGS_IN_SIGHT = 0.5;
/** Lower bodies without legs to see. */
const LEGLESS: ReadonlySet<string> = new Set(['skirt', 'gown', 'tail']);
const FACE_IN_SIGHT = 0.75;
const percent = (share: number): string => `${Math.round(share * 100)} %`;

const tiedHair =
  (hair: Worn) =>
  (subject: Subject): readonly Proposal[] =>
    swaps(
      subject,
      [spot(hair)],
      { mould: (mould) => mould.hairColour !== undefined && mould.shape.words.includes('tied'), fits: () => true },
      hair,
    );

const legs =
  (gown: Worn) =>
  (subject: Subject): readonly Proposal[] =>
    swaps(subject, [{ position: 'hips' }], { mould: (mould) => (fillingAt(mould, 'hips')?.length ?? 0) > 1, fits: () => true }, gown);

/** How each practical rule is judged. */
const RULES: Readonly<Record<PracticalRule, (subject: Subject) => Breach | null>> = {
  'hair tied': ({ worn }) => {
    const hair = worn.find((item) => item.part.position === 'headgear' && item.mould.hairColour !== undefined);
    const long = hair && (hair.mould.shape.length ?? 0) >= 2 && !hair.mould.shape.words.includes('tied');
    return hair && long
      ? { sentence: `${hair.mould.name} hangs loose; the rule says hair tied.`, position: 'headgear', by: [hair], instead: tiedHair(hair) }
      : null;
  },
  'legs in sight': ({ visibility, worn }) => {
    const gown = worn.find((item) => item.part.position === 'lower' && item.mould.shape.words.some((word) => LEGLESS.has(word)));
    if (gown)
      return {
        sentence: `${gown.mould.name} shows no legs; the rule says legs in sight.`,
        position: 'lower',
        by: [gown],
        instead: legs(gown),
      };
    const [side, regions] =
      visibility.mean(LEG_FRONT_REGIONS) <= visibility.mean(LEG_BACK_REGIONS)
        ? (['the front', LEG_FRONT_REGIONS] as const)
        : (['behind', LEG_BACK_REGIONS] as const);
    const visible = visibility.mean(regions);
    if (visible >= LEGS_IN_SIGHT) return null;
    const by = worn.filter((item) => regions.some((region) => (item.mould.geometry.covers?.[region] ?? 0) > 0));
    return {
      sentence: `Only ${percent(visible)} of the legs is in sight from ${side}; the rule wants ${percent(LEGS_IN_SIGHT)}.`,
      position: 'hips',
      by,
    };
  },
  'face in sight': ({ visibility, worn }) => {
    const visible = visibility.mean(FACE_REGIONS);
    if (visible >= FACE_IN_SIGHT) return null;
    const by = worn.filter((item) => FACE_REGIONS.some((region) => (item.mould.geometry.covers?.[region] ?? 0) > 0));
    return {
      sentence: `Only ${percent(visible)} of the face is in sight; the rule wants ${percent(FACE_IN_SIGHT)}.`,
      position: 'head',
      by,
    };
  },
  'hands free': ({ worn }) => {
    const by = worn.filter((item) => item.part.position.startsWith('held.'));
    const [first] = by;
    return first ? { sentence: `The hands hold ${first.mould.name}; the rule says hands free.`, position: first.part.position, by } : null;
  },
  'stands alone': ({ worn, system }) => {
    const stand = worn.find((item) => item.part.position === 'stand');
    if (stand) return { sentence: `It needs ${stand.mould.name}; the rule says it stands alone.`, position: 'stand', by: [stand] };
    const standing = balance(worn, system);
    return standing && standing.tilt < system.leastTilt
      ? {
          sentence: `It topples ${standing.towards} at ${standing.tilt.toFixed(1)}°; the rule says it stands alone.`,
          position: 'stand',
          by: standing.pulls.slice(0, 1).map(({ item }) => item),
        }
      : null;
  },
  'nothing on the back': ({ worn }) => {
    const by = worn.filter((item) => isNeckLayer(item) && (item.mould.geometry.backDepthMm ?? 0) > 0);
    const [first] = by;
    return first
      ? { sentence: `${first.mould.name} stands off the back; the rule says nothing on the back.`, position: first.part.position, by }
      : null;
  },
};

/** `rule.practical`: what the brief says the figure must be able to do. */
export const rulePractical: Check = (subject) =>
  subject.brief.rules.flatMap((rule) => {
    const breach = RULES[rule](subject);
    if (!breach) return [];
    return [
      {
        check: 'rule.practical' as const,
        key: `rule.practical:${rule}:${breach.by.map((item) => item.variant.id).join('+')}`,
        severity: 'shows' as const,
        position: breach.position,
        region: null,
        sentence: breach.sentence,
        proposals: () => [...(breach.instead?.(subject) ?? []), ...breach.by.map(takeOff)],
      },
    ];
  });
