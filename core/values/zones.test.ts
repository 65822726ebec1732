import fc from 'fast-check';
import { rezoner, zoneOf } from './zones';

const moment = (text: string): number => Date.parse(`${text}Z`);
const shown = (ms: number): string => new Date(ms).toISOString().slice(0, 16);

test.each([
  ['Berlin', 'Europe/Berlin'], ['europe/berlin', 'Europe/Berlin'], ['CET', 'Europe/Berlin'], ['New York', 'America/New_York'], ['UTC', 'UTC'], ['GMT+2', '+02:00'], ['+05:30', '+05:30'], ['Upper Teal', null], ['+25', null],
])('the zone called %s', (said, zone) => expect(zoneOf(said)).toBe(zone));

test.each([
  ['UTC', 'Europe/Berlin', '2025-01-10T12:00', '2025-01-10T13:00'],
  ['UTC', 'Europe/Berlin', '2025-07-10T12:00', '2025-07-10T14:00'],
  ['Europe/Berlin', 'UTC', '2025-07-10T00:30', '2025-07-09T22:30'],
  ['Europe/London', 'America/New_York', '2025-03-20T09:00', '2025-03-20T05:00'],
  ['+02:00', 'UTC', '2025-03-20T09:00', '2025-03-20T07:00'],
  // Shown twice in the night of 26 October: the first is meant; left out in that of 30 March.
  ['Europe/Berlin', 'UTC', '2025-10-26T02:30', '2025-10-26T00:30'],
  ['Europe/Berlin', 'UTC', '2025-10-26T03:00', '2025-10-26T02:00'],
  ['Europe/Berlin', 'UTC', '2025-03-30T02:30', '2025-03-30T01:30'],
  ['Europe/Berlin', 'UTC', '2025-03-30T03:00', '2025-03-30T01:00'],
])('from %s to %s, %s is %s', (from, to, before, after) => expect(shown(rezoner(from, to)(moment(before)))).toBe(after));

test('there and back is where it began, from UTC', () => {
  fc.assert(fc.property(fc.integer({ min: 0, max: 2_000_000_000 }), fc.constantFrom('Europe/Berlin', 'America/New_York', 'Asia/Tokyo', '-03:30'), (seconds, zone) => {
    const there = rezoner('UTC', zone)(seconds * 1000);
    const back = rezoner(zone, 'UTC')(there);
    // Within the hour that the clock shows twice, the first of the two is meant.
    expect([0, 3_600_000]).toContain(seconds * 1000 - back);
  }));
});
