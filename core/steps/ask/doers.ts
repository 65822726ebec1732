import type { Context } from '../../language/acts';
import { quantity } from '../../language/grammar/roles';
import { isDoer, stem } from '../../language/words';
import { OVERSEES, personColumn } from '../calculate/person-phrases';
import { repeats } from './question';

/* Who did what rows tell of. */

/** The column that says who did something: ‹Booked by› of who booked. */
export const doerOf = (verb: unknown, x: Context): string | null => (typeof verb === 'string' ? agentColumn(verb, x) ?? x.head.columns.find((c) => c.type === 'text' && /\sby$/i.test(c.name) && stem(c.name.split(/\s/)[0]!.toLowerCase()) === stem(verb.toLowerCase()))?.name ?? null : null);

/** The column of those who did it: ‹Picker› of who picked. */
export function agentColumn(verb: string, x: Context): string | null {
  const own = stem(verb.toLowerCase()), found = x.head.columns.filter((c) => c.type === 'text' && c.name.toLowerCase().split(/\s+/).some((w) => isDoer(own, w.replace(/s$/, ''))));
  return found.length === 1 ? found[0]!.name : null;
}

export const DOES = /(?:er|or|ist|ant|ian|sweep|mechanic|host|staff|crew|guide|nurse|coach|cook|pilot|clerk|tech|technician|employee|colleague|rep|staff member|volunteer)s?$/i;

/** Words that end so and are nobody. */
const NO_DOER = /(?:number|order|letter|quarter|paper|water|meter|weather|offer|floor|door|colour|color)s?$/i;
const SERVED = /\b(?:customer|buyer|owner|payer|user|member|supplier|holder)s?$/i;

/** The column of who did what rows tell of, where only one may be that. */
export function whoColumn(x: Context): string | null {
  const doers = x.head.columns.filter((c) => c.type === 'text' && DOES.test(c.name) && !NO_DOER.test(c.name) && !OVERSEES.test(c.name) && quantity(c.name, x) === null).map((c) => c.name);
  const busy = doers.filter((name) => repeats(name, x)), own = doers.filter((name) => !SERVED.test(name));
  // Those who are served did nothing themselves, where somebody else may have.
  if (busy.length > 1 || (own.length > 0 && busy.every((name) => SERVED.test(name)))) return null;
  return busy[0] ?? personColumn(x);
}

/** Does a column of numbers say how much of it was done: ‹Paid› of what was paid most? */
export const countsByVerb = (verb: string, x: Context): boolean => x.head.columns.some((c) => quantity(c.name, x) !== null && c.name.toLowerCase().split(/\s/).some((w) => stem(w) === stem(verb.toLowerCase())));
