/**
 * What of line-ups and of who stands in them a deed changed, before or after it: the history keeps that and no more.
 */
export interface Arrangement {
  /** The figures of the line-up, in their order. */
  readonly order?: readonly string[];
  /** The line-ups of the workspace, in their order. */
  readonly lineUpOrder?: readonly string[];
  readonly lineUps?: Readonly<Record<string, { readonly name?: string; readonly removedAt?: string | null }>>;
  readonly figures?: Readonly<Record<string, { readonly lineUp?: string; readonly place?: number; readonly removedAt?: string | null }>>;
}
