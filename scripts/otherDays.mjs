// npm run e2e:days [-- …]: the browser tests as they would run on other days; everything after -- goes on to Playwright. What is true on one
// day only is no test, and what the application gets wrong on one day is a defect. Build first. OUTFIT_DAYS picks some of them by name.
import { run } from './lib.mjs';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const later = (days) => new Date(Date.now() + days * DAY).toISOString();

/** Moments to begin at, and where the machine stands. */
const DAYS = {
  tomorrow: { now: later(1) },
  'in thirty days': { now: later(30) },
  'in five years': { now: later(5 * 365 + 1) },
  'a leap day': { now: '2028-02-29T09:00:00Z' },
  'the last day of a year': { now: '2027-12-31T22:30:00Z', zone: 'Europe/Amsterdam' },
  'the night an hour is lost': { now: '2027-03-28T00:40:00Z', zone: 'Europe/Amsterdam' },
  'the night an hour comes twice': { now: '2027-10-31T00:40:00Z', zone: 'Europe/Amsterdam' },
  'an evening that is tomorrow by UTC': { now: '2027-06-15T03:00:00Z', zone: 'America/Los_Angeles' },
};

const wanted = process.env.OUTFIT_DAYS;
const chosen = Object.entries(DAYS).filter(([name]) => wanted === undefined || name.includes(wanted));
if (chosen.length === 0) {
  console.error(`No day is called “${wanted}”. There are: ${Object.keys(DAYS).join(', ')}.`);
  process.exit(1);
}
const failed = chosen.filter(([name, { now, zone = 'UTC' }]) => {
  console.log(`\n> ${name}: ${now}, ${zone}`);
  return run('npm', ['run', '--silent', 'e2e', '--', ...process.argv.slice(2)], { OUTFIT_TEST_NOW: now, TZ: zone }) !== 0;
});
console.log(`\n${chosen.length - failed.length} days passed, ${failed.length} failed${failed.map(([name]) => `: ${name}`).join('')}`);
process.exit(failed.length === 0 ? 0 : 1);
