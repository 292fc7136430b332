import { donorBehind, itemName, variantBehind } from '@outfit/core';
import { Link } from 'react-router';
import type { ErrandDto, FillDto, PlanDto } from '@/api';
import { toPrices } from '@/parts';
import { Heads } from '@/ui';
import { useWorkspace } from '@/workspace';
import { cannotBeHad } from './lacking';

interface PartTableProps {
  readonly errand: ErrandDto;
  readonly plan: PlanDto;
  readonly sellerName: (id: string) => string;
}

/** Every part the looks need, and where each unit comes from. */
export function PartTable({ errand, plan, sellerName }: PartTableProps) {
  const { catalogue } = useWorkspace();
  const name = (variant: string): string => itemName({ kind: 'variant', item: variant }, catalogue);
  const whence = ({ seller, variant }: FillDto): string => {
    if (seller !== null) return `from ${sellerName(seller)}`;
    const donor = donorBehind(variant);
    return donor === null ? 'from your wardrobe' : `off ${errand.donated.find((row) => row.donor === donor)?.name ?? 'a whole figure'}`;
  };
  const comesFrom = (variant: string): string => {
    const words = plan.fills
      .filter((fill) => variantBehind(fill.need) === variant)
      .map((fill) => {
        const instead = variantBehind(fill.variant) === variant ? '' : ` of ${name(variantBehind(fill.variant))}`;
        return `${fill.quantity}${instead} ${whence(fill)}`;
      });
    const missing = plan.short.filter((row) => variantBehind(row.need) === variant).reduce((all, row) => all + row.quantity, 0);
    const leftOut = missing - cannotBeHad(plan, variant);
    return [
      ...words,
      ...(missing > leftOut ? [`${missing - leftOut} cannot be had`] : []),
      ...(leftOut > 0 ? [`${leftOut} left out to keep the rules`] : []),
    ].join(', ');
  };
  return (
    <div>
      <h3 className="text-[1.07rem]">Part by part</h3>
      <table className="mt-1 w-full text-[0.93rem]">
        <Heads names={['Wanted', 'Part', 'Comes from']} />
        <tbody>
          {errand.needs.map((need) => (
            <tr key={need.variant} className="border-rule border-t align-top">
              <td className="py-1 pr-3 font-mono">{need.quantity}</td>
              <td className="py-1 pr-3">
                <Link to={toPrices('variant', need.variant)} className="hover:text-lagoon hover:underline">
                  {name(need.variant)}
                </Link>
              </td>
              <td className="py-1">{comesFrom(need.variant)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
