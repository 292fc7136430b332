/** What prices say of one variant, in minor units; null where nobody sells it. */
export interface PiecePrices {
  readonly landedMinor: number | null;
  readonly lowerQuartileMinor: number | null;
}

interface PieceShare {
  readonly variant: string;
  readonly quantity: number;
  readonly landedMinor: number;
  /** Share of the piece-by-piece worth, 0 to 1. */
  readonly share: number;
}

/** What a figure is worth, four ways. Money in minor units. */
export interface FigureWorth {
  /** Every piece at its lowest landed price. */
  readonly pieceByPieceMinor: number;
  /** The cheapest whole figure, landed; null when nobody sells it whole. */
  readonly wholeMinor: number | null;
  /** What its pieces would fetch: each at the lower quartile of what is asked for it. */
  readonly takenToPiecesMinor: number;
  /** Pieces by their share of the worth, dearest first. */
  readonly shares: readonly PieceShare[];
  /** Pieces nobody sells, which no sum counts. */
  readonly unsold: readonly string[];
}

/**
 * What counted pieces are worth together: those of a figure, a source taken to pieces, a bundle. Money in minor units; `shares` sum to 1
 * over what is sold, and what nobody sells is listed and counted in no sum.
 *
 * For example: a head at 300 and two arms at 50 each gives 400 piece by piece; shares 0.75 and 0.25.
 */
export function worthOfPieces(
  pieces: ReadonlyMap<string, number>,
  pricesOf: (variant: string) => PiecePrices,
): Omit<FigureWorth, 'wholeMinor'> {
  const sold: { variant: string; quantity: number; landedMinor: number }[] = [];
  const unsold: string[] = [];
  let takenToPiecesMinor = 0;
  for (const [variant, quantity] of pieces) {
    const { landedMinor, lowerQuartileMinor } = pricesOf(variant);
    takenToPiecesMinor += quantity * (lowerQuartileMinor ?? 0);
    if (landedMinor === null) unsold.push(variant);
    else sold.push({ variant, quantity, landedMinor });
  }
  const pieceByPieceMinor = sold.reduce((all, piece) => all + piece.landedMinor * piece.quantity, 0);
  const shares = sold
    .map((piece) => ({ ...piece, share: pieceByPieceMinor === 0 ? 0 : (piece.landedMinor * piece.quantity) / pieceByPieceMinor }))
    .sort((a, b) => b.share - a.share || a.variant.localeCompare(b.variant));
  return { pieceByPieceMinor, takenToPiecesMinor, shares, unsold };
}
