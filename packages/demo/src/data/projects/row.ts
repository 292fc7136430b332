import {
  type AgeBand,
  type AlterationSchool,
  type Area,
  type Brief,
  completeBrief,
  type Feature,
  type FeatureKind,
  type LookPart,
  type Variation,
  type Verdict,
  type Weight,
} from '@outfit/core';
import { parts } from '../catalogue/parts.js';

export interface DemoLook {
  readonly name: string;
  readonly parts: readonly LookPart[];
  readonly verdict: Verdict | null;
  readonly variation: Variation | null;
}

export interface DemoFigure {
  readonly id: string;
  readonly role: string;
  readonly brief: Brief;
  readonly looks: readonly DemoLook[];
  /** Index of the look that is chosen. */
  readonly chosen: number;
}

export interface DemoLineUp {
  readonly id: string;
  readonly name: string;
  readonly figures: readonly DemoFigure[];
}

/** "must face motif glasses-round: Round glasses" as a feature; kinds of two words are written with a hyphen. */
function features(figureId: string, text: string): Feature[] {
  return text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
    .map((line, i) => {
      const [head = '', label = ''] = line.split(': ');
      const [weight, area, kind = '', ...target] = head.split(' ');
      return {
        id: `${figureId}-${i + 1}`,
        label,
        area: area as Area,
        kind: kind.replace('-', ' ') as FeatureKind,
        target: target.join(' '),
        weight: weight as Weight,
      };
    });
}

export const look = (name: string, worn: string, variation: Variation | null = null): DemoLook => ({
  name,
  parts: parts(worn),
  verdict: null,
  variation,
});

interface Row {
  readonly role: string;
  readonly name: string;
  readonly story: string;
  readonly age: AgeBand;
  readonly school?: AlterationSchool;
  readonly colours: string;
  readonly wanted: string;
  /** What else the brief says. */
  readonly more?: Partial<Brief>;
  readonly looks: readonly DemoLook[];
  readonly chosen?: number;
}

export const figure = (id: string, row: Row): DemoFigure => ({
  id,
  role: row.role,
  brief: completeBrief({
    name: row.name,
    story: row.story,
    ageBand: row.age,
    alterationSchool: row.school ?? 'as moulded',
    colours: row.colours.split(' '),
    features: features(id, row.wanted),
    ...row.more,
  }),
  looks: row.looks,
  chosen: row.chosen ?? 0,
});

/** A member of a crew, told by its looks: a title and the parts of each. */
export const member = (
  id: string,
  role: string,
  name: string,
  age: AgeBand,
  colours: string,
  story: string,
  wanted: string,
  ...worn: readonly (readonly [string, string])[]
): DemoFigure => figure(id, { role, name, age, colours, story, wanted, looks: worn.map(([title, parts]) => look(title, parts)) });
