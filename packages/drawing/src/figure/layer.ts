import type { Position } from '@outfit/core';

export interface Layer {
  readonly z: number;
  readonly order: number;
  /** Null for what is not a part. */
  readonly position: Position | null;
  readonly markup: string;
}
