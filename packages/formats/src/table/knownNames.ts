/** What the files may refer to. */
export interface KnownNames {
  isVariant(id: string): boolean;
  isSeller(id: string): boolean;
  /** A made-up name's nearest real one, or null. */
  nearestVariant(id: string): string | null;
}
