import { parcelCalendar } from '@outfit/formats';
import type { DeadlineDto, OrderedParcelDto } from './parcels.dto.js';

/** The days parcels are expected on and the last days to order, as an iCalendar file that a calendar can also be told the address of. */
export const calendarOf = (parcels: readonly OrderedParcelDto[], deadlines: readonly DeadlineDto[]): string =>
  parcelCalendar([
    ...parcels
      .filter((parcel) => parcel.state === 'ordered' || parcel.state === 'sent')
      .flatMap((parcel) => (parcel.expectedOn === null ? [] : [{ ...eventOf(parcel), day: parcel.expectedOn }])),
    ...deadlines.map(({ figure, name, latestOn, dueOn, toBuy }) => ({
      id: `order-${figure}`,
      day: latestOn,
      title: `Order for ${name}`,
      about: `${toBuy} pieces to buy, to be there on ${dueOn}`,
    })),
  ]);

const eventOf = ({ id, sellerName, lines, reference }: OrderedParcelDto) => ({
  id,
  title: `Parcel from ${sellerName}`,
  about: `${lines.reduce((all, line) => all + line.open, 0)} pieces expected${reference === '' ? '' : `, ${reference}`}`,
});
