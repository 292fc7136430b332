import { useState } from 'react';
import { Link } from 'react-router';
import { type ErrandDto, useListParcelsQuery, usePlaceOrdersMutation } from '@/api';
import { Button, plural, sentenceOf, tell } from '@/ui';

/** Orders what the plan buys: its pieces are on their way from then on. What was ordered already says so. */
export function PlaceOrders({ errand }: { readonly errand: ErrandDto }) {
  const [place, { isLoading }] = usePlaceOrdersMutation();
  const { data: parcels = [] } = useListParcelsQuery();
  const [isSure, setSure] = useState(false);
  const ordered = parcels.filter((parcel) => parcel.errand === errand.id);
  const count = errand.job.result && errand.job.result.status !== 'infeasible' ? errand.job.result.parcels.length : 0;
  if (ordered.length > 0)
    return (
      <Link to="/parcels" className="text-lagoon underline">
        {plural(ordered.length, 'parcel')} ordered
      </Link>
    );
  if (count === 0) return null;
  const order = async (): Promise<void> => {
    try {
      await place({ placeOrdersDto: { errand: errand.id, sellers: [] } }).unwrap();
      tell.success(`${plural(count, 'parcel')} ordered. They stand under Parcels.`);
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  return isSure ? (
    <span className="flex items-center gap-2">
      <span className="text-[0.93rem]">You have ordered them at the sellers?</span>
      <Button tone="act" disabled={isLoading} onClick={() => void order()}>
        Yes, {plural(count, 'parcel')}
      </Button>
      <Button tone="quiet" onClick={() => setSure(false)}>
        Not yet
      </Button>
    </span>
  ) : (
    <Button tone="act" onClick={() => setSure(true)}>
      Place these orders
    </Button>
  );
}
