import ical, { ICalCalendarMethod } from 'ical-generator';

/** Something expected on a day. */
export interface CalendarDay {
  readonly id: string;
  /** ISO. */
  readonly day: string;
  readonly title: string;
  readonly about: string;
}

/** Days as an iCalendar file (RFC 5545): each a whole-day event under an id that does not change, so that reading it again moves it. */
export function parcelCalendar(days: readonly CalendarDay[]): string {
  const calendar = ical({ name: 'Outfit: parcels', prodId: { company: 'Outfit', product: 'Parcels', language: 'EN' } });
  calendar.method(ICalCalendarMethod.PUBLISH);
  for (const { id, day, title, about } of days) {
    const start = new Date(`${day}T00:00:00Z`);
    calendar.createEvent({ id: `${id}@outfit`, start, stamp: start, allDay: true, summary: title, description: about, timezone: 'UTC' });
  }
  return calendar.toString();
}
