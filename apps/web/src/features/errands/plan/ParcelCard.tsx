import { itemName, money, offerBehind } from '@outfit/core';
import { MoreHorizontal } from 'lucide-react';
import { useState } from 'react';
import type { AdjustmentsDto, ErrandDto, ErrandOfferDto, ParcelDto } from '@/api';
import { Menu } from '@/ui';
import { useWorkspace } from '@/workspace';
import { SubstituteSheet } from './SubstituteSheet';

interface ParcelCardProps {
  readonly parcel: ParcelDto;
  readonly errand: ErrandDto;
  readonly sellerName: (id: string) => string;
  readonly onReplan: (adjustments: AdjustmentsDto) => void;
}

/** What is bought from one seller and why there, what that comes to, and what can be adjusted. */
export function ParcelCard({ parcel, errand, sellerName, onReplan }: ParcelCardProps) {
  const { catalogue } = useWorkspace();
  const [substitutesFor, setSubstitutesFor] = useState<string | null>(null);
  const { adjustments } = errand;
  const format = (minor: number): string => money(minor, errand.currency);
  const total = parcel.goodsMinor + parcel.postageMinor + parcel.handlingMinor + parcel.dutyMinor;
  const name = sellerName(parcel.seller);
  const reasonOf = (offer: string): string => errand.reasons.find((row) => row.offer === offer)?.sentence ?? '';

  const doings = (offer: ErrandOfferDto, quantity: number) => {
    const [part] = offer.yields;
    const id = offerBehind(offer.id);
    return [
      {
        label: 'Keep this line as it is',
        act: () => onReplan({ ...adjustments, locked: [...adjustments.locked.filter((row) => row.offer !== id), { offer: id, quantity }] }),
      },
      {
        label: `Buy this part from ${name} only`,
        disabled: part === undefined,
        act: () =>
          onReplan({
            ...adjustments,
            pinned: [...adjustments.pinned.filter((row) => row.variant !== part), { variant: part ?? '', seller: parcel.seller }],
          }),
      },
      { label: 'Substitutes…', disabled: part === undefined, act: () => setSubstitutesFor(part ?? null) },
      { label: `Nothing from ${name}`, act: () => onReplan({ ...adjustments, banned: [...adjustments.banned, parcel.seller] }) },
    ];
  };
  return (
    <article aria-label={`Parcel from ${name}`} className="border-rule bg-sheet rounded-cut mb-3 break-inside-avoid border p-3">
      <h3 className="flex justify-between gap-2 text-[1.07rem]">
        {name} <span className="font-mono">{format(total)}</span>
      </h3>
      <ul className="mt-1 text-[0.93rem]">
        {parcel.lines.map((line) => {
          const offer = errand.offers.find((row) => row.id === line.offer);
          if (!offer) return null;
          const item = itemName(offer, catalogue);
          const filler = errand.fillers.find((row) => row.offer === line.offer);
          const needed = line.quantity - (filler?.quantity ?? 0);
          const rows = [
            ...(needed > 0 ? [{ quantity: needed, sentence: reasonOf(line.offer), isFiller: false }] : []),
            ...(filler ? [{ quantity: filler.quantity, sentence: filler.sentence, isFiller: true }] : []),
          ];
          return rows.map(({ quantity, sentence, isFiller }) => (
            <li key={`${line.offer} ${isFiller ? 'filler' : ''}`} className="border-rule flex gap-2 border-t py-1">
              <span className="w-5 shrink-0 text-right font-mono">{quantity}</span>
              <span className="min-w-0 flex-1">
                {item} <span className="text-pencil">{offer.condition}</span>
                {isFiller && <span className="text-saffron"> fills up</span>}
                <span className="text-pencil block text-[0.8rem]">{sentence}</span>
              </span>
              <span className="font-mono">{format(offer.priceMinor * quantity)}</span>
              <Menu
                items={doings(offer, line.quantity)}
                trigger={
                  <button type="button" aria-label={`Adjust ${item}`} className="text-pencil hover:text-lagoon self-start">
                    <MoreHorizontal size={17} strokeWidth={1.75} />
                  </button>
                }
              />
            </li>
          ));
        })}
        <Charge name={`Postage, ${parcel.weightG.toFixed(1)} g`} value={format(parcel.postageMinor)} />
        {parcel.handlingMinor > 0 && <Charge name="Handling" value={format(parcel.handlingMinor)} />}
        {parcel.dutyMinor > 0 && <Charge name="Duty" value={format(parcel.dutyMinor)} />}
      </ul>
      {substitutesFor !== null && (
        <SubstituteSheet
          errand={errand}
          variant={substitutesFor}
          onClose={() => setSubstitutesFor(null)}
          onAccept={(substitute) => {
            setSubstitutesFor(null);
            onReplan({ ...adjustments, accepted: [...adjustments.accepted, { variant: substitutesFor, substitute }] });
          }}
        />
      )}
    </article>
  );
}

function Charge({ name, value }: { readonly name: string; readonly value: string }) {
  return (
    <li className="border-rule text-pencil flex gap-2 border-t py-1">
      <span className="w-5 shrink-0" />
      <span className="flex-1">{name}</span>
      <span className="font-mono">{value}</span>
    </li>
  );
}
