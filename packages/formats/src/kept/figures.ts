import {
  AGE_BANDS,
  ALTERATION_KINDS,
  ALTERATION_SCHOOLS,
  AREAS,
  type Brief,
  completeBrief,
  FEATURE_KINDS,
  type Feature,
  type LookPart,
  type NotedSubstitute,
  type Overrule,
  POSITIONS,
  PRACTICAL_RULES,
  SKIN_SCHOOLS,
  type Variation,
  type Verdict,
  WEIGHTS,
} from '@outfit/core';
import { entryOf, listOf, number, oneOf, optional, orNull, partOf, readerOf, text, truth, whole } from '../shape/index.js';

export const alterations = listOf(entryOf({ kind: oneOf(ALTERATION_KINDS), what: text, note: text }));

export const lookPart = entryOf<LookPart>({
  position: oneOf(POSITIONS),
  variant: text,
  turned: truth,
  place: optional(whole),
  alterations: optional(alterations),
});

const brief = partOf<Brief, 'name'>(
  {
    name: text,
    story: text,
    system: optional(text),
    features: listOf(
      entryOf<Feature>({ id: text, label: text, area: oneOf(AREAS), kind: oneOf(FEATURE_KINDS), target: text, weight: oneOf(WEIGHTS) }),
    ),
    colours: listOf(text),
    ageBand: oneOf(AGE_BANDS),
    born: orNull(number),
    year: orNull(number),
    skinSchool: oneOf(SKIN_SCHOOLS),
    alterationSchool: oneOf(ALTERATION_SCHOOLS),
    notSeen: listOf(oneOf(AREAS)),
    mainColours: whole,
    bannedSources: listOf(text),
    bannedFigures: listOf(text),
    rules: listOf(oneOf(PRACTICAL_RULES)),
    budgetMinor: orNull(whole),
    copies: whole,
    dueOn: orNull(text),
    neverWith: optional(text),
    newOnly: optional(truth),
    requester: text,
    credit: text,
  },
  'name',
);
const readPartOfBrief = readerOf(brief);

/** A brief as it was kept, with what has been added to briefs since. */
export const readBrief = (json: unknown): Brief => completeBrief(readPartOfBrief(json));
export const readLookParts = readerOf(listOf(lookPart));
export const readOverrules = readerOf(listOf(entryOf<Overrule>({ key: text, reason: text })));
export const readVerdict = readerOf(entryOf<Verdict>({ stars: orNull(number), words: text, leave: truth }));
export const readSubstitutes = readerOf(listOf(entryOf<NotedSubstitute>({ position: oneOf(POSITIONS), variant: text, reason: text })));
export const readVariation = readerOf(entryOf<Variation>({ year: optional(number), skinSchool: optional(oneOf(SKIN_SCHOOLS)) }));
/** Names, ids: a list of texts. */
export const readTexts = readerOf(listOf(text));
