import type { AgeBand, AlterationSchool, Area, Feature, FeatureKind, LookPart, SkinSchool, Weight } from '@outfit/core';
import { parts } from './parts.js';

export interface DemoLook {
  readonly name: string;
  readonly parts: readonly LookPart[];
}

export interface DemoFigure {
  readonly id: string;
  readonly role: string;
  readonly name: string;
  readonly story: string;
  readonly ageBand: AgeBand;
  readonly skinSchool: SkinSchool;
  readonly alterationSchool: AlterationSchool;
  readonly colours: readonly string[];
  readonly features: readonly Feature[];
  readonly looks: readonly DemoLook[];
  /** Index of the look that is chosen. */
  readonly chosen: number;
}

export interface DemoLineUp {
  readonly id: string;
  readonly name: string;
  readonly figures: readonly DemoFigure[];
}

/** "must face motif glasses-round: Round glasses" as a feature. */
function features(figureId: string, text: string): Feature[] {
  return text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
    .map((line, i) => {
      const [head = '', label = ''] = line.split(': ');
      const [weight, area, kind, ...target] = head.split(' ');
      return {
        id: `${figureId}-${i + 1}`,
        label,
        area: area as Area,
        kind: kind as FeatureKind,
        target: target.join(' '),
        weight: weight as Weight,
      };
    });
}

export const look = (name: string, worn: string): DemoLook => ({ name, parts: parts(worn) });

interface Row {
  readonly role: string;
  readonly name: string;
  readonly story: string;
  readonly age: AgeBand;
  readonly school?: AlterationSchool;
  readonly colours: string;
  readonly wanted: string;
  readonly looks: readonly DemoLook[];
  readonly chosen?: number;
}

export const figure = (id: string, row: Row): DemoFigure => ({
  id,
  role: row.role,
  name: row.name,
  story: row.story,
  ageBand: row.age,
  skinSchool: 'natural',
  alterationSchool: row.school ?? 'as moulded',
  colours: row.colours.split(' '),
  features: features(id, row.wanted),
  looks: row.looks,
  chosen: row.chosen ?? 0,
});
