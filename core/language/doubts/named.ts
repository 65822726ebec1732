import type { Plan } from '../../steps/registry';
import { keyOf } from '../chart';

/** Of names for one column, one that was said is preferred up to so much. */
const NAMED = 0.8;

/** Of readings that differ only in what new columns are called, those whose names were said, where they are not much dearer. */
export function preferNamed<R extends { readonly plans: readonly Plan[]; readonly cost: number }>(readings: readonly R[], request: string): R[] {
  const said = request.toLowerCase();
  const bare = (r: R): string => keyOf(r.plans.map((p) => (p.step === 'calculate' && !p.replace ? { ...p, name: '' } : p)));
  // A name with the capitals it was given is surer than one whose words just stand there.
  const sure = (name: string): number => (/\p{Lu}/u.test(name) && request.includes(name) ? 2 : said.includes(name.toLowerCase()) ? 1 : 0);
  const named = (r: R): number => r.plans.reduce((sum, p) => sum + (p.step === 'calculate' && !p.replace ? sure(p.name) : 0), 0);
  const name = (r: R): string => r.plans.map((p) => (p.step === 'calculate' ? p.name : '')).join('|');
  const groups = new Map<string, R[]>();
  for (const r of readings) (groups.get(bare(r)) ?? groups.set(bare(r), []).get(bare(r))!).push(r);
  return readings.flatMap((r) => {
    const group = groups.get(bare(r))!;
    const cheapest = Math.min(...group.map((o) => o.cost));
    const most = Math.max(...group.filter((o) => o.cost <= cheapest + NAMED).map(named));
    const first = Math.min(...group.filter((o) => named(o) === most).map((o) => o.cost));
    // A name that goes on is meant rather than its beginning or its end.
    if (most > 0 && group.some((o) => o !== r && named(o) === most && o.cost < r.cost + NAMED && goesOn(name(o), name(r)))) return [];
    // Names that nobody said tell nothing apart.
    if (most === 0 && r !== group.find((o) => o.cost === cheapest)) return [];
    return named(r) < most ? [] : [{ ...r, cost: r.cost - Math.max(0, first - cheapest - 0.05) }];
  }).sort((x, y) => x.cost - y.cost);
}

/** Is a name the other with words before or behind it? In front, only words with capitals belong to it. */
const goesOn = (long: string, short: string): boolean => long.startsWith(`${short} `) || (long.endsWith(` ${short}`) && /^(?:\p{Lu}\S*\s)+$/u.test(long.slice(0, -short.length)));
