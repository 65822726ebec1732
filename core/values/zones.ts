/* Times of the clock in time zones, by the zone names of the IANA data that the runtime carries. */

/** What people call zones by their initials; where winter and summer have letters of their own, both mean the place. */
const INITIALS: Readonly<Record<string, string>> = {
  utc: 'UTC', gmt: 'UTC', z: 'UTC', zulu: 'UTC', bst: 'Europe/London', wet: 'Europe/Lisbon', west: 'Europe/Lisbon', cet: 'Europe/Berlin', cest: 'Europe/Berlin', mez: 'Europe/Berlin', eet: 'Europe/Helsinki', eest: 'Europe/Helsinki', msk: 'Europe/Moscow',
  et: 'America/New_York', est: 'America/New_York', edt: 'America/New_York', ct: 'America/Chicago', cdt: 'America/Chicago', mt: 'America/Denver', mdt: 'America/Denver', pt: 'America/Los_Angeles', pst: 'America/Los_Angeles', pdt: 'America/Los_Angeles',
  jst: 'Asia/Tokyo', sgt: 'Asia/Singapore', hkt: 'Asia/Hong_Kong', aest: 'Australia/Sydney', aedt: 'Australia/Sydney', nzst: 'Pacific/Auckland', nzdt: 'Pacific/Auckland', sast: 'Africa/Johannesburg',
};

let named: ReadonlyMap<string, string> | null = null;

/** Every zone by its last part in lower letters ('new york'), and whole ('america/new_york'). */
function zones(): ReadonlyMap<string, string> {
  named ??= new Map(Intl.supportedValuesOf('timeZone').flatMap((zone) => [[zone.toLowerCase(), zone] as const, [zone.slice(zone.lastIndexOf('/') + 1).replace(/_/g, ' ').toLowerCase(), zone] as const]));
  return named;
}

const FIXED = /^(?:utc|gmt)?\s*([+-])(\d{1,2})(?::?(\d{2}))?$/i;

/** The zone that is meant by a name: of the IANA data ('Europe/Berlin'), a city in it ('Berlin'), initials ('CET') or a distance from UTC ('+02:00'). Null for anything else. */
export function zoneOf(text: string): string | null {
  const name = text.trim().toLowerCase().replace(/\s+/g, ' ');
  const fixed = FIXED.exec(name);
  if (fixed) return +fixed[2]! > 14 || +(fixed[3] ?? 0) > 59 ? null : `${fixed[1]}${fixed[2]!.padStart(2, '0')}:${fixed[3] ?? '00'}`;
  return INITIALS[name] ?? zones().get(name.replace(/ /g, '_')) ?? zones().get(name) ?? null;
}

const QUARTER = 900_000;

/** A function that gives how far a zone's clock is ahead of UTC at a moment, in milliseconds. Worked out once for each quarter of an hour asked about. */
function offsets(zone: string): (utc: number) => number {
  const fixed = /^([+-])(\d{2}):(\d{2})$/.exec(zone);
  if (fixed) { const ms = (fixed[1] === '-' ? -1 : 1) * (+fixed[2]! * 60 + +fixed[3]!) * 60_000; return () => ms; }
  if (zone === 'UTC') return () => 0;
  const format = new Intl.DateTimeFormat('en-GB', { timeZone: zone, hourCycle: 'h23', year: 'numeric', month: 'numeric', day: 'numeric', hour: 'numeric', minute: 'numeric' });
  const known = new Map<number, number>();
  return (utc) => {
    const at = Math.floor(utc / QUARTER);
    let ms = known.get(at);
    if (ms === undefined) {
      const part = Object.fromEntries(format.formatToParts(at * QUARTER).map((p) => [p.type, +p.value])) as Record<'year' | 'month' | 'day' | 'hour' | 'minute', number>;
      known.set(at, (ms = Date.UTC(part.year, part.month - 1, part.day, part.hour, part.minute) - at * QUARTER));
    }
    return ms;
  };
}

/**
 * A function from the time on the clock of one zone to that on the clock of another, both in milliseconds as if they were
 * UTC. Of a time that a clock shows twice (in autumn) the first is meant; one that it leaves out (in spring) counts as if
 * the clock had not yet been put forward.
 */
export function rezoner(from: string, to: string): (time: number) => number {
  const [a, b] = [offsets(from), offsets(to)];
  return (time) => {
    // The offset before and after a change of the clock: the larger gives the earlier moment, if it is a true one.
    const early = a(time - 86_400_000), late = a(time + 86_400_000);
    const first = time - Math.max(early, late), second = time - Math.min(early, late);
    const utc = early === late ? time - early : a(first) === Math.max(early, late) ? first : a(second) === Math.min(early, late) ? second : time - early;
    return utc + b(utc);
  };
}
