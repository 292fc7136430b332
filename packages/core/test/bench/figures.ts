import type { Position } from '../../src/index.js';
import {
  type BenchBody,
  type BenchCopy,
  type BenchPiece,
  type BenchStep,
  benchSteps,
  type BenchWork,
  type BenchWorth,
  type BodyPart,
} from '../../src/bench/index.js';
import { CATALOGUE } from '../fixture.js';

/** Every position that the figures of these tests have something at. */
export const WHOLE: readonly Position[] = ['headgear', 'head', 'neck.1', 'torso', 'arm.L', 'arm.R', 'hand.L', 'hand.R', 'hips', 'held.L'];
export const part = (position: Position, piece: string = position, more: Partial<BodyPart> = {}): BodyPart => ({
  ...{ piece, position, variant: 'HA-1·black' },
  ...more,
});
export const NO_WORTH: BenchWorth = { priceMinor: () => null, dearFromMinor: 1000, money: (minor) => `${minor / 100}` };
export const stepsFor = (work: BenchWork, worth = NO_WORTH): readonly BenchStep[] => benchSteps(work, CATALOGUE, worth);
export const drawer = (path = 'Tin'): BenchPiece['from'] => ({ kind: 'place', id: path, path });
export const piece = (position: Position, from: BenchPiece['from'] = drawer(), id: string = position): BenchPiece => ({
  ...{ position, piece: id, variant: 'HA-1·black', turned: false, alterations: [], from },
});
export const copy = (pieces: readonly BenchPiece[], id = 'ada', figure = id): BenchCopy => ({ id, figure, name: 'Ada', pieces });
export const donor = (id: string, positions: readonly Position[] = WHOLE): BenchBody => ({
  ...{ id, name: 'A donor', path: 'Shelf', becomes: null },
  parts: positions.map((position) => part(position, `${id} ${position}`)),
});
export const offDonor = (position: Position, id = 'd'): BenchPiece => piece(position, { kind: 'body', body: id }, `${id} ${position}`);
export const titles = (steps: readonly BenchStep[]): readonly string[] => steps.map((step) => `${step.kind}: ${step.title}`);
