import { any, number, op, type Condition, type Expression } from '../../formula/expression';
import { METRICS } from '../../metrics/glossary';
import type { Context } from '../acts';
import { rule, type Rule } from '../chart';
import { compare, empty, hasBlanks, SIZES } from './conditions/make';
import { tiedRoles } from './roles';

/* What is charged and not yet paid: who owes something, and how much. */

const OUTSTANDING = METRICS.find((m) => m.names.includes('outstanding'))!;

/** What a row was charged and what was paid of it; null where the table does not say so. */
function account(x: Context): { readonly charge: Expression; readonly paid: Expression; readonly column: string } | null {
  const roles = tiedRoles(OUTSTANDING, 'charge', 'paid', x);
  return roles && { charge: roles.values[0], paid: roles.values[1], column: roles.names[1] };
}

/** What is still owed; where nothing is noted as paid, all of it. */
export function owed(x: Context): Expression | null {
  const a = account(x);
  return a && op('-', a.charge, hasBlanks(a.column, x) ? { kind: 'orElse', of: a.paid, otherwise: number(0) } : a.paid);
}

/** Less was paid than was charged, or nothing. */
function owing(x: Context): Condition | null {
  const a = account(x), less = a && compare('<', a.paid, a.charge);
  return a && less && (hasBlanks(a.column, x) ? any([less, empty(a.column)]) : less);
}

export const owingRules: readonly Rule[] = [
  rule('owing', 'still|yet? owe|owes|owed us|me? (something|anything|money|any|some money?)?', (_s, x: Context) => owing(x), 0),
  ...SIZES.map(([words, operator]) => rule('owing', `still|yet? owe|owes us|me? ${words} $num:n`, ({ n }, x: Context) => { const e = owed(x); return e && compare(operator, e, number(n)); }, -0.1)),
  rule('cond', '$owing:c', ({ c }) => c, 0.1),
].flat();
