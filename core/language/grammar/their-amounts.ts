import { readsAsDate, readsAsNumber } from '../../formula/check';
import { MONEY } from '../../formula/dimensions';
import type { Context } from '../acts';
import { oneOf, rule, type Rule } from '../chart';
import { crossed } from '../lexicon/crossed';
import { stem, stemsIn } from '../words';
import type { Comparison, Condition } from '../../formula/expression';
import { compare } from './conditions/make';
import type { OtherColumn } from './others';
import { quantity } from './roles';
import { onlyThere, soleValue } from './theirs';

/* What the rows of another table come to, and when they were: 'the payment' is an amount, its date the only one it has. */

const CURRENCY = /^[£€$¥]|[£€$¥]$|^(?:eur|gbp|usd|chf)$/i;

/** The only column of money of another table. */
const moneyThere = (table: string, x: Context): OtherColumn | null =>
  onlyThere(table, (c, other) => readsAsNumber(other, c.name) && (CURRENCY.test(other.glances?.get(c.name)?.unit ?? '') || MONEY.test(c.name) || /\b(?:sum|total|value|net|gross)\b/i.test(c.name)), x);

/** What a column of another table that only tells its rows apart comes to, held against an amount: the money of the row. */
export function comesTo(c: OtherColumn, x: Context): OtherColumn {
  const other = x.head.others?.get(c.table), key = other?.columns[0]?.name === c.column && !readsAsNumber(other, c.column);
  return (key ? moneyThere(c.table, x) : null) ?? c;
}

/** The only column of dates of another table. */
const dayThere = (table: string, x: Context): OtherColumn | null => onlyThere(table, (c, other) => readsAsDate(other, c.name), x);

const PAYMENTS = new Set(['payment', 'remittance', 'receipt', 'transfer', 'instalment'].map(stem));
/** Rows that are called after an amount. */
const MONEY_ROWS = new Set(['payment', 'remittance', 'receipt', 'transfer', 'instalment', 'invoice', 'bill', 'claim', 'refund', 'donation', 'fee', 'charge', 'quote', 'deposit', 'fine', 'salary', 'expense', 'grant'].map(stem));
const PAID = /\b(?:paid|received|payment)\b/i;

/** The only other table of payments, where this one has no column that says what was paid. */
function paymentsTable({ head }: Context): string | null {
  if (head.columns.some((c) => PAID.test(c.name))) return null;
  const found = [...(head.others ?? [])].filter(([name, other]) => [...stemsIn(name), ...stemsIn(other.columns[0]?.name ?? '')].some((s) => PAYMENTS.has(s)));
  return found.length === 1 ? found[0]![0] : null;
}

const paidThere = (x: Context): OtherColumn | null => { const t = paymentsTable(x); return t === null ? null : moneyThere(t, x); };
const paidOn = (x: Context): OtherColumn | null => { const t = paymentsTable(x); return t === null ? null : dayThere(t, x); };

/** What was paid for each row, against a column of it. */
function paidAgainst(operator: Comparison, name: string, x: Context): Condition | null {
  const paid = paidThere(x), there = paid && soleValue(x, paid), own = quantity(name, x);
  return there && own && compare(operator, there, own);
}

const WAS_PAID = [
  crossed('what|how much|whatever', 'was|has been|is|we|they|he|she|somebody|people|the customer|has|have|had|', 'paid|received|transferred|remitted|settled|got'),
  crossed('what|how much|whatever', 'came|has come', 'in'),
  crossed('the|', 'paid|received|remitted|transferred|settled', 'amount|sum|total'),
  crossed('the|', 'amount|sum|money|total', 'paid|received|transferred|remitted|settled|that was paid|that came in|that was received|we received|we got'),
].join('|');
const PAID_DAY = [
  crossed('the|', 'date|day', 'of payment|of the payment|it was paid|they paid|of receipt|the money came|the money came in|the money was received|the money arrived|we got the money|payment was received|the payment came in|the payment was received'),
  crossed('the|', 'payment', 'date|day'),
  crossed('when', 'it was paid|they paid|the money came|the money came in|the money was received|the money arrived|the payment came in|the payment was received|we got the money|payment was received'),
].join('|');

export const theirAmountRules: readonly Rule[] = [
  // 'Less was paid than invoiced'
  ...([['less', '<'], ['more', '>']] as const).flatMap(([words, operator]) => [
    rule('cond', `${words} (money)? was|were|is|has been? paid|received|transferred|remitted|settled than (what|it)? (was|we|is|were)? $col:c`, ({ c }, x: Context) => paidAgainst(operator, c, x), -0.2),
    rule('cond', `they|we|he|she|customer|customers paid|received|got|settled ${words} than (what|it)? (was|we|is|were)? $col:c`, ({ c }, x: Context) => paidAgainst(operator, c, x), -0.2),
  ].flat()),
  // 'The amount of the payment', 'the payment sum'
  rule('theirs', 'amount|sum|value of|in the|its|their|each|every|any|a? ^$table:t', ({ t }, x: Context) => moneyThere(t, x), 0.05),
  rule('theirs', 'the|its|their? $table:t ^amount|sum|value', ({ t }, x: Context) => moneyThere(t, x), 0.1),
  rule('theirs', 'the|its|their ^$table:t', ({ t }, x: Context) => (stemsIn(t).some((s) => MONEY_ROWS.has(s)) ? moneyThere(t, x) : null), 0.5),
  rule('theirs', 'date|day of|for the|its|their|each|every|any|a? ^$table:t', ({ t }, x: Context) => dayThere(t, x), 0),
  rule('theirs', 'the|its|their? $table:t ^date|day', ({ t }, x: Context) => dayThere(t, x), 0),
  // 'What was paid', 'the date the money came in'
  rule('theirs', oneOf(WAS_PAID), (_s, x: Context) => paidThere(x), -0.1),
  rule('theirs', oneOf(PAID_DAY), (_s, x: Context) => paidOn(x), -0.1),
  rule('theirs', 'the? $tcol:c ^paid|received|transferred|remitted', ({ c }, x: Context) => { const paid = paidThere(x); return paid && paid.table === c.table && paid.column === c.column ? c : null; }, -0.1),
].flat();
