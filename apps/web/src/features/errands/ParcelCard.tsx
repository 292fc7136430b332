import type { ErrandDto, ParcelDto } from '@/api';
import { useWorkspace } from '@/app/WorkspaceContext';
import { money } from '@/ui/format';
import { itemName } from './itemName';

interface ParcelCardProps {
  readonly parcel: ParcelDto;
  readonly errand: ErrandDto;
  readonly sellerName: (id: string) => string;
}

/** What is bought from one seller, and what that comes to. */
export function ParcelCard({ parcel, errand, sellerName }: ParcelCardProps) {
  const { catalogue } = useWorkspace();
  const format = (minor: number): string => money(minor, errand.currency);
  const total = parcel.goodsMinor + parcel.postageMinor + parcel.handlingMinor + parcel.dutyMinor;
  return (
    <article aria-label={`Parcel from ${sellerName(parcel.seller)}`} className="border-rule bg-sheet rounded-cut border p-3">
      <h3 className="flex justify-between text-[1.07rem]">
        {sellerName(parcel.seller)} <span className="font-mono">{format(total)}</span>
      </h3>
      <table className="mt-1.5 w-full text-[0.93rem]">
        <tbody>
          {parcel.lines.map((line) => {
            const offer = errand.offers.find((row) => row.id === line.offer);
            if (!offer) return null;
            return (
              <tr key={line.offer} className="border-rule border-t align-top">
                <td className="py-1 pr-2 font-mono">{line.quantity}</td>
                <td className="py-1 pr-2">
                  {itemName(offer.item, catalogue)} <span className="text-pencil">{offer.condition}</span>
                </td>
                <td className="py-1 text-right font-mono">{format(offer.priceMinor * line.quantity)}</td>
              </tr>
            );
          })}
          <Row name={`Postage, ${parcel.weightG.toFixed(1)} g`} value={format(parcel.postageMinor)} />
          {parcel.handlingMinor > 0 && <Row name="Handling" value={format(parcel.handlingMinor)} />}
        </tbody>
      </table>
    </article>
  );
}

function Row({ name, value }: { readonly name: string; readonly value: string }) {
  return (
    <tr className="border-rule text-pencil border-t">
      <td className="py-1" />
      <td className="py-1">{name}</td>
      <td className="py-1 text-right font-mono">{value}</td>
    </tr>
  );
}
