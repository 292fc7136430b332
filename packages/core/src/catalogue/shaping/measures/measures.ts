import type { Position } from '../../../anatomy/index.js';
import type { Material, Mould, MouldGeometry } from '../../entries.js';
import type { ShapeFamily } from '../descriptors.js';

/** What follows from a shape without measuring anything: where it goes, its sizes, and the words for it. */
export interface ShapeMeasures {
  /** The family in the catalogue. */
  readonly family: string;
  readonly fills: Mould['fills'];
  readonly material: Material;
  readonly geometry: MouldGeometry;
  readonly words: readonly string[];
  readonly length?: number;
  readonly hairColour?: number;
  readonly skinColour?: number;
  readonly colourNames?: readonly string[];
}

/** The value of a descriptor. */
type Read = (key: string) => string;
export type MeasuresOf<Family extends ShapeFamily> = Readonly<Record<Family, (read: Read) => ShapeMeasures>>;

export const NECK: Mould['fills'] = [['neck.1'], ['neck.2'], ['neck.3'], ['neck.4']];
export const one = (position: Position): Mould['fills'] => [[position]];
export const when = (is: boolean, ...words: readonly string[]): readonly string[] => (is ? words : []);
export const round1 = (mm: number): number => Math.round(mm * 10) / 10;

/** Times a medium thing's lengths. Masses go with the cube. */
const SIZE = { small: 0.7, medium: 1, large: 1.35 } as const;
export const scaleOf = (read: Read): number => SIZE[read('size') as keyof typeof SIZE];
