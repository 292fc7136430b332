import { parcelCalendar } from '@outfit/formats';
import type { OrderedParcelDto } from './parcels.dto.js';

/** The days parcels are expected on, as an iCalendar file that a calendar can also be told the address of. */
export const calendarOf = (parcels: readonly OrderedParcelDto[]): string =>
  parcelCalendar(
    parcels
      .filter((parcel) => parcel.state === 'ordered' || parcel.state === 'sent')
      .flatMap((parcel) =>
        parcel.expectedOn === null
          ? []
          : [
              {
                id: parcel.id,
                day: parcel.expectedOn,
                title: `Parcel from ${parcel.sellerName}`,
                about: `${parcel.lines.reduce((all, line) => all + line.open, 0)} pieces expected${parcel.reference === '' ? '' : `, ${parcel.reference}`}`,
              },
            ],
      ),
  );
