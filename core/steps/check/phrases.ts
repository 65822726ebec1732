import { readsAsDate, readsAsNumber } from '../../formula/check';
import { amend, plans, type Act, type Context } from '../../language/acts';
import { keyOf, rule } from '../../language/chart';
import { listedOf } from '../../language/grammar/others';
import { SIZES, empty, numeric, onDate } from '../../language/grammar/conditions/make';
import { all, any, column, columnsOf, not, number, rowsCounted, type Comparison, type Condition } from '../../formula/expression';

/** Are two columns both numbers, or both dates? */
const comparable = (a: string, b: string, x: Context): boolean => readsAsDate(x.head, a) === readsAsDate(x.head, b) && (readsAsDate(x.head, a) || (readsAsNumber(x.head, a) && readsAsNumber(x.head, b)));

const holds = (where: Condition): Act => plans({ step: 'check', where });
const filled = (name: string): Condition => not(empty(name));
const once = (names: readonly string[]): Condition => ({ kind: 'compare', op: '=', left: rowsCounted(names), right: number(1) });
const sized = (op: Comparison, name: string, n: number, x: Context): Condition | null => (numeric(name, x) ? { kind: 'compare', op, left: column(name), right: number(n) } : null);

interface Value { readonly column: string; readonly text: string }
const oneOf = (name: string, list: readonly Value[]): Condition | null => (list.every((v) => v.column === name) ? { kind: 'among', of: column(name), texts: list.map((v) => v.text) } : null);

/** Between two bounds, both included. */
function within(name: string, from: number, to: number, x: Context): Condition | null {
  const [low, high] = [sized('>=', name, from, x), sized('<=', name, to, x)];
  return low && high && from < to ? all([low, high]) : null;
}

/** A rule for some of the rows only. */
const among = (rows: Condition, where: Condition): Condition => any([not(rows), where]);
const onlyAmong = (rows: Condition): Act => amend(`check among ${keyOf(rows)}`, (plan) => (plan.step === 'check' ? { ...plan, where: among(rows, plan.where) } : null));

/** The check said before is one that the hand-off waits for. */
const guarding: Act = amend('check guards', (plan) => (plan.step === 'check' ? { ...plan, guards: true } : null));

export const phrases = [
  rule('checkVerb', '~checkThat that|whether|if|for? ,|:?', () => true, 0),
  rule('must', 'must|should|shall|may|can always|only|all? be', () => true, 0),
  rule('must', 'has|have|ought|needs|need|is|are always? to be', () => true, 0),
  rule('must', 'is|are supposed|meant|required|expected to be', () => true, 0),
  rule('mustNot', 'must|should|shall|may|can not|never ever? be', () => true, 0),
  rule('mustNot', "mustn't|shouldn't|can't|cannot ever? be", () => true, 0),
  rule('mustNot', 'is|are|be|was|were never ever?', () => true, 0),
  rule('mustNot', 'is|are not|never allowed|supposed|meant to be', () => true, 0),
  rule('every', 'every|each|all|any', () => true, 0),
  // 'Amount should be words times rate, check it'
  rule('clause', '$col:c ~should be|equal|match $ex2:e ,|;|.? please? check|verify|test (it|that|this|them)?', ({ c, e }) => (e.kind === 'op' ? holds({ kind: 'compare', op: '=', left: column(c), right: e }) : null), -0.3),
  rule('rider', ',|;|.|-|–? please? check|verify|test that|this|it|them', () => amend('is a check', (plan) => (plan.step === 'check' ? plan : null)), 0),
  // What has to be so, said with 'must'.
  rule('obeys', '$every? $cols:c $must unique|distinct', ({ c }) => once(c), 0),
  rule('obeys', '$cols:c $must different in|for|on every|each $rows|$guess', ({ c }) => once(c), 0),
  rule('obeys', 'no two|2 $rows|$guess share|have|with|has|having the? same|identical|equal? $cols:c', ({ c }) => once(c), 0),
  rule('obeys', '$every? $col:c $mustNot repeated|duplicated|twice|doubled', ({ c }) => once([c]), 0),
  rule('obeys', '$every? $col:c $must ~filledWord', ({ c }) => filled(c), 0),
  rule('obeys', '$every? $col:c $mustNot ~blankWord', ({ c }) => filled(c), 0),
  rule('obeys', '$every? $col:c $mustNot negative', ({ c }, x: Context) => sized('>=', c, 0, x), 0),
  rule('obeys', '$every? $col:c $must positive', ({ c }, x: Context) => sized('>', c, 0, x), 0),
  rule('obeys', '$every? $col:c $must ~between $num:a ~fromTo $num:b ~bothIncluded?', ({ c, a, b }, x: Context) => within(c, a, b, x), 0),
  ...SIZES.flatMap(([words, op]) => [
    rule('obeys', `$every? $col:c $must ${words} $num:n`, ({ c, n }, x: Context) => sized(op, c, n, x), 0),
    rule('obeys', `$every? $col:c $must ${words} $date:d`, ({ c, d }, x: Context) => onDate(op, c, d, x), 0),
    rule('obeys', `$every? $col:a $must ${words} the|its|their? $col:b`, ({ a, b }) => (a === b ? null : { kind: 'compare', op, left: column(a), right: column(b) }), 0),
    rule('obeys', `$every? $col:a $mustNot ${words} the|its|their? $col:b`, ({ a, b }) => (a === b ? null : not({ kind: 'compare', op, left: column(a), right: column(b) })), 0),
    rule('obeys', `$every? $col:c $mustNot ${words} $num:n`, ({ c, n }, x: Context) => { const s = sized(op, c, n, x); return s && not(s); }, 0),
  ]).flat(),
  rule('obeys', '$every? $col:c $must $inTable:i', ({ c, i }, x: Context) => listedOf(x, c, i.table, i.there), 0),
  rule('obeys', '$every? $col:c $must one of $values:v', ({ c, v }) => oneOf(c, v), -0.2),
  rule('obeys', '$every? $col:c $must either? $values:v', ({ c, v }) => oneOf(c, v), 0.4),
  rule('obeys', '$every? $rows|$guess must|should|shall ~withA|have a|an|some|its|their? $col:c', ({ c }) => filled(c), 0),
  rule('obeys', '$every? $rows|$guess needs|need|requires|require a|an|some? $col:c', ({ c }) => filled(c), 0),
  rule('obeys', 'no $rset:c', ({ c }) => not(c), 0.2),
  rule('obeys', 'no $rows|$guess must|should|may|can|shall be? without|lacking|missing an|a|its|their? $col:c', ({ c }) => filled(c), 0),
  rule('obeys', '$rset:r must|should|shall|need|needs to? have a|an|some|its|their? $col:c', ({ r, c }) => among(r, filled(c)), 0.1),
  // Only for some rows: the others need not.
  rule('obeys', '~if $rset:r ,? $obeys:c', ({ r, c }) => among(r, c), 0),
  rule('rider', 'for|in|among|of $rset:r', ({ r }) => onlyAmong(r), 0),
  rule('rider', '~if $cond:r', ({ r }) => onlyAmong(r), 0.05),
  rule('rider', '~if it|they|one is|are ~filledWord', () => amend('where given', (plan) => (plan.step === 'check' ? plan : null)), 0),
  // What must be so before the table leaves
  rule('leaves', 'hand|handed|handing|give|given|giving|send|sent|sending|ship|let|pass|passed -? off|out|on|away|over', () => true, 0),
  rule('leaves', 'hand-off|handoff|handover|hand-over|export|delivery', () => true, 0),
  rule('leaves', 'goes|go|leaves|leave|going out|away|off?', () => true, 0.05),
  rule('rider', 'before the|any|each|every|we|i|it|they? table|file|data? is|are|gets|get|can|may|can be? $leaves', () => guarding, -0.1),
  rule('rider', 'or|otherwise|else|if not ,? no|do|block|stop|prevent|forbid|refuse not? the|any|it|a? $leaves', () => guarding, -0.1),
  rule('rider', 'and|, this|it|that? blocks|stops|prevents|guards|must block|stop|prevent|guard the|any|a? $leaves', () => guarding, -0.1),
  rule('clause', 'no|never|do not? $leaves|export ~if|unless|until|while|before $obeys:c', ({ c }) => plans({ step: 'check', where: c, guards: true }), 0),
  rule('clause', '$obeys:c', ({ c }) => holds(c), 0.1),
  rule('clause', '$checkVerb $obeys:c', ({ c }) => holds(c), 0),
  // With a verb of checking, or over every row, what is so needs no 'must'.
  rule('clause', '$checkVerb $every? $rows|$guess? ~rel? $cond:c', ({ c }) => holds(c), 0),
  // 'Check that gross is net plus VAT'
  rule('clause', '$checkVerb $every? $col:c ~be|equals|equal|matches|match|agrees|agree|adds|add|comes|come to|with|up? to|with? the? $formula:e', ({ c, e }) => (e.kind !== 'column' && e.kind !== 'number' && !columnsOf(e).includes(c) ? holds({ kind: 'compare', op: '=', left: column(c), right: e }) : null), -0.3),
  rule('clause', '$checkVerb $every? $cols:c ~be unique|distinct', ({ c }) => holds(once(c)), 0),
  rule('clause', '$checkVerb $every? $rows|$guess ~withA a|an|some|its? $col:c', ({ c }) => holds(filled(c)), 0),
  rule('clause', '$checkVerb there ~be? no $rset:c', ({ c }) => holds(not(c)), 0),
  rule('clause', '$checkVerb no $rset:c', ({ c }) => holds(not(c)), 0),
  rule('clause', 'there must|should|may be no $rset:c', ({ c }) => holds(not(c)), 0.1),
  rule('clause', 'every|each $rows|$guess has|have a|an|some|its $col:c', ({ c }) => holds(filled(c)), 0.2),
  rule('clause', 'no ^$col:a may|can|must|should|is|are|shall be|appear|occur|stand|come|given|used|let|booked|there? given|used|let|booked|there? twice|double|more|repeated than? once? on|in|within|at|for|per|by the? same|one|each|every|any? same? $col:b', ({ a, b }) => (a === b ? null : holds(once([a, b]))), -0.2),
  rule('clause', 'no ^$col:a may|can|must|should|is|are|shall be|appear|occur|stand|come|given|used|let|booked|there? given|used|let|booked|there? twice|double|repeated', ({ a }) => holds(once([a])), -0.1),
  ...([["must|may|should|can|shall|will not exceed|surpass|pass", '<='], ["can't|cannot|mustn't|shouldn't|shan't exceed|surpass|pass", '<='], ["must|may|should|can|shall not be? more|greater|higher|larger|bigger|over|above|later|after than?", '<='], ["can't|cannot|mustn't|shouldn't be? more|greater|higher|larger|bigger|over|above|later|after than?", '<='], ["must|may|should|can|shall not be? less|smaller|lower|under|below|earlier|before than?", '>='], ["can't|cannot|mustn't|shouldn't be? less|smaller|lower|under|below|earlier|before than?", '>=']] as const).flatMap(([words, op]) => [
    rule('clause', `the? ^$col:a ${words} the? ^$col:b`, ({ a, b }, x: Context) => (a !== b && comparable(a, b, x) ? holds({ kind: 'compare', op, left: column(a), right: column(b) }) : null), -0.2),
    rule('clause', `the? ^$col:a ${words} $num:n`, ({ a, n }, x: Context) => (readsAsNumber(x.head, a) && !readsAsDate(x.head, a) ? holds({ kind: 'compare', op, left: column(a), right: number(n) }) : null), -0.2),
  ]).flat(),
  rule('clause', '$cols:c ~be? unique', ({ c }) => holds(once(c)), 0.3),
  rule('clause', '$col:c ~between $num:a ~fromTo $num:b ~bothIncluded?', ({ c, a, b }, x: Context) => { const where = within(c, a, b, x); return where && holds(where); }, 0.8),
].flat();
