export { type CalendarDay, parcelCalendar } from './calendar.js';
