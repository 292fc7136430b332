import type { ErrandDto, PlanDto } from '@/api';
import { useWorkspace } from '@/app/WorkspaceContext';
import { plural } from '@/ui/format';
import { itemName } from './itemName';

interface PartTableProps {
  readonly errand: ErrandDto;
  readonly plan: PlanDto;
  readonly sellerName: (id: string) => string;
}

/** Every part the look needs, and where each unit comes from. */
export function PartTable({ errand, plan, sellerName }: PartTableProps) {
  const { catalogue } = useWorkspace();
  const comesFrom = (variant: string): string => {
    const fills = plan.fills.filter((fill) => fill.need === variant);
    const words = fills.map(
      (fill) => `${fill.quantity} ${fill.seller === null ? 'from your wardrobe' : `from ${sellerName(fill.seller)}`}`,
    );
    const missing = plan.short.find((row) => row.need === variant);
    return [...words, ...(missing ? [`${missing.quantity} cannot be had`] : [])].join(', ');
  };
  return (
    <div className="max-w-4xl">
      <h3 className="text-[1.07rem]">Part by part</h3>
      <table className="mt-1 w-full text-[0.93rem]">
        <thead className="text-pencil text-left text-[0.87rem]">
          <tr>
            <th scope="col" className="py-1 pr-3 font-medium">
              Wanted
            </th>
            <th scope="col" className="py-1 pr-3 font-medium">
              Part
            </th>
            <th scope="col" className="py-1 pr-3 font-medium">
              Comes from
            </th>
          </tr>
        </thead>
        <tbody>
          {errand.needs.map((need) => (
            <tr key={need.variant} className="border-rule border-t align-top">
              <td className="py-1 pr-3 font-mono">{need.quantity}</td>
              <td className="py-1 pr-3">{itemName(need.variant, catalogue)}</td>
              <td className="py-1">{comesFrom(need.variant)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {plan.leftovers.length > 0 && (
        <p className="text-pencil mt-2 text-[0.93rem]">
          Left over: {plan.leftovers.map((row) => `${row.quantity} ${itemName(row.variant, catalogue)}`).join('; ')} (
          {plural(
            plan.leftovers.reduce((all, row) => all + row.quantity, 0),
            'piece',
          )}
          ).
        </p>
      )}
    </div>
  );
}
