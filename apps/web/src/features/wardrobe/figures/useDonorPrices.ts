import { type Holding, lossOf, worthOfDonor, type DonorWorth } from '@outfit/core/wardrobe';
import { type DonorDto, useReadWholePricesQuery } from '@/api';
import { useWorkspace } from '@/workspace';

/** What whole figures are worth and what their holes cost, at today's lowest prices in minor units. */
interface DonorPrices {
  worth(donor: DonorDto): DonorWorth;
  /** What it costs to make it whole, and the parts that nobody sells. */
  holes(donor: Pick<DonorDto, 'holes'>): { readonly minor: number; readonly unsold: readonly string[] };
  /** What the donor loses when a part comes off it. */
  loss(donor: DonorDto, variant: string): number;
}

export function useDonorPrices(donors: readonly DonorDto[]): DonorPrices {
  const { prices } = useWorkspace();
  const figures = [...new Set(donors.map((donor) => donor.officialFigure))].sort().join(',');
  const { data } = useReadWholePricesQuery({ figures }, { skip: figures === '' });
  const whole = new Map(data?.figures.map((id, i) => [id, data.landedMinor[i] ?? null]));
  const pieceMinor = (variant: string): number => prices.landedMinor(variant) ?? 0;
  const isComplete = (donor: DonorDto): boolean => donor.holes.length === 0;
  const wholeMinor = (donor: DonorDto): number | null => whole.get(donor.officialFigure) ?? null;
  return {
    worth: (donor) => worthOfDonor(holdings(donor), isComplete(donor), wholeMinor(donor), pieceMinor),
    holes: ({ holes }) => ({
      minor: holes.reduce((all, hole) => all + pieceMinor(hole.variant), 0),
      unsold: holes.flatMap((hole) => (prices.landedMinor(hole.variant) === null ? [hole.variant] : [])),
    }),
    loss: (donor, variant) =>
      lossOf(
        { donor: donor.id, holds: holdings(donor), isComplete: isComplete(donor), wholeMinor: wholeMinor(donor) },
        variant,
        pieceMinor,
      ),
  };
}

const holdings = (donor: DonorDto): readonly Holding[] => donor.holds;
