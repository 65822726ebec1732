import { isDate } from '../../table/column';
import { columnOf, findColumn } from '../../table/table';
import { readsAsDate, readsAsNumber } from '../../formula/check';
import { amend, plans, withPlan, type Act, type Context } from '../../language/acts';
import { anyOrder, rule } from '../../language/chart';
import { all, column, columnsOf, number, type Condition } from '../../formula/expression';
import { oneOf } from '../../language/grammar/conditions/make';
import { numbered } from '../../language/grammar/expressions';
import { groupable, onlyDate, rowDate, takingsColumn } from '../../language/grammar/roles';
import { thenBy } from '../calculate/adding';
import type { Feat } from '../../language/grammar/seeds/adjectives';
import type { Choice, TakePlan } from './step';
import { type Entailed, keepsSome } from '../../language/entailed';

/** Samples are drawn with a seed on record, so that the same sentence draws the same rows again. */
const SEED = 1;

const take = (count: number, choice: Choice, by?: readonly string[]): Act | null =>
  Number.isInteger(count) && count > 0 ? plans({ step: 'take', count, choice, ...(by ? { by } : {}) }) : null;
const random: Choice = { kind: 'random', seed: SEED };
const bySize = (column: string, x: Context): boolean => readsAsNumber(x.head, column) || isDate(columnOf(x.head, column).type);
const sized = (kind: 'highest' | 'lowest', n: number, c: string, x: Context): Act | null => (bySize(c, x) ? take(n, { kind, column: c }) : null);

/** What is chosen by a superlative of a column. */
const mostOf = ({ column, down }: { readonly column: string; readonly down: boolean }): Choice => ({ kind: down ? 'highest' : 'lowest', column });

/** The rows that a word for a size picks out: the heaviest, the earliest. */
const picked = (n: number, adj: Parameters<typeof mostOf>[0], by?: string): Act | null => take(n, mostOf(adj), by === undefined ? undefined : [by]);

/** The rows that a superlative picks out by what no column says: the longest, of a start and an end. */
const featured = (n: number, { as, down }: Feat, x: Context, by?: string): Act | null =>
  Number.isInteger(n) && n > 0 && (by === undefined || groupable(by, x)) ? thenBy(as, `take ${n} ${down} ${by ?? ''}`, (column) => ({ step: 'take', count: n, choice: mostOf({ column, down }), ...(by === undefined ? {} : { by: [by] }) })) : null;

/** Of the rows that a condition leaves those that a superlative picks out. */
const pickedOf = (count: number, adj: Parameters<typeof mostOf>[0], where: Condition): Act | null =>
  Number.isInteger(count) && count > 0 && !columnsOf(where).includes(adj.column) ? plans({ step: 'filter', mode: 'keep', where }, { step: 'take', count, choice: mostOf(adj) }) : null;

/** Rows by their place in the table, from one to another. */
const byPlace = (mode: 'keep' | 'aside', from: number, to: number): Act | null => {
  const place = numbered([]);
  const ends: Condition[] = [...(from > 1 ? [{ kind: 'compare', op: '>=', left: place, right: number(from) } as const] : []), { kind: 'compare', op: '<=', left: place, right: number(to) }];
  return Number.isInteger(from) && Number.isInteger(to) && from >= 1 && to >= from ? plans({ step: 'filter', mode, where: all(ends) }) : null;
};

/** Those that a superlative picks out are set aside: by their rank, and so ties go together. */
const allBut = (count: number, of: string, down: boolean): Act | null =>
  Number.isInteger(count) && count > 0 ? plans({ step: 'filter', mode: 'aside', where: { kind: 'compare', op: '<=', left: { kind: 'over', fn: down ? 'rank' : 'rank up', of: column(of), by: [] }, right: number(count) } }) : null;

/** Rows by what they come to. */
const byTakings = (n: number, kind: 'highest' | 'lowest', x: Context): Act | null => { const column = takingsColumn(x); return column === null ? null : take(n, { kind, column }); };

/** The first rows of what was just put in order. */
const topOfSorted = (n: number): Act => ({ key: `take top ${n} of sorted`, apply: (state) => ((state.plans.at(-1) ?? state.last)?.step === 'sort' ? take(n, { kind: 'top' })?.apply(state) ?? null : null) });

/** Largest first, as well as only the largest. */
const thenSort: Act = {
  key: 'take then sort',
  apply(state) {
    const last = state.plans.at(-1) as TakePlan | undefined;
    if (last?.step !== 'take' || !('column' in last.choice) || !findColumn(state.head.columns, last.choice.column)) return null;
    return withPlan(state, { step: 'sort', by: [{ column: last.choice.column, down: last.choice.kind === 'highest' }] });
  },
};

export const phrases = [
  anyOrder('clause', {
    verb: [['~draw', () => true], ['~keep', () => true]],
    count: [['exactly|precisely|just? $num:n', ({ n }) => n]],
    chance: [['~random', () => true]],
    rows: [['of? the|these|all? $rows|$guess', () => true, 0.02]],
    by: [['~each $col:c', ({ c }) => c], ['from|of|for|in ~each $col:c', ({ c }) => c], ['out of ~each $col:c', ({ c }) => c], ['~each kind|type|sort of $col:c', ({ c }) => c]],
  }, ({ count, chance, by }) => (chance && count !== undefined ? take(count, random, by === undefined ? undefined : [by]) : null), 0),

  rule('clause', '$num:n $rows|$noun|$guess|$col from|of|for|in|per ~each? $col:g ,|:|;|-? drawn|picked|chosen|selected|taken|sampled? ~random', ({ n, g }) => take(n, random, [g]), 0),
  rule('clause', '$num:n random $rows|$noun|$guess|$col from|of|for|in|per ~each? $col:g', ({ n, g }) => take(n, random, [g]), 0),
  rule('clause', '~keep? the? best|top|highest $rows|$noun|$guess of|for|per|from each|every|any|the $col:g ,|:|-|–? going|judged|judging|measured|according|ranked? by|on|to the? $col:c', ({ g, c }, x: Context) => (bySize(c, x) ? take(1, { kind: 'highest', column: c }, [g]) : null), -0.2),
  ...([['best|highest|most|top', 'highest'], ['worst|lowest|least', 'lowest']] as const).flatMap(([words, kind]) => [
    rule('clause', `~keep the? $num:n? ${words} paid|paying $rows|$noun|$guess of|for|per|from each|every|any|the $col:g`, ({ n, g }, x: Context) => { const c = takingsColumn(x); return c === null || c === g ? null : take(n ?? 1, { kind, column: c }, [g]); }, -0.1),
    rule('clause', `~keep the? $num:n? ${words} paid|paying $rows|$noun|$guess`, ({ n }, x: Context) => { const c = takingsColumn(x); return c === null ? null : take(n ?? 1, { kind, column: c }); }, 0),
  ]).flat(),
  // 'For each technician the job with the highest invoice', 'one job per technician, the one with the largest invoice'
  ...([['~highest', 'highest'], ['~lowest', 'lowest']] as const).flatMap(([words, kind]) => [
    rule('clause', `~each $col:g ,? ~keep? only|just? the? $rows|$noun|$guess|one with|having|of the? ${words} $col:c`, ({ g, c }, x: Context) => (bySize(c, x) && g !== c ? take(1, { kind, column: c }, [g]) : null), -0.3),
    rule('clause', `~keep? only|just? one|1|a|single single? $rows|$noun|$guess ~each $col:g ,|:|;|-|–? namely|keep|that|and? the? one|$rows|$noun? with|having|of the? ${words} $col:c`, ({ g, c }, x: Context) => (bySize(c, x) && g !== c ? take(1, { kind, column: c }, [g]) : null), -0.4),
  ]).flat(),
  // 'The three longest stays', 'the longest session per holder', 'the three dearest stays (nights times rate)'
  rule('clause', '~keep? just|only? the? $num:n? ^$feat:f $rows|$noun|$guess|ones', ({ n, f }, x: Context) => featured(n ?? 1, f, x), 0.05),
  rule('clause', '~keep? just|only? the? $num:n ^$feat:f', ({ n, f }, x: Context) => featured(n, f, x), 0.3),
  rule('clause', '~keep? just|only? the? $feat:f $num:n $rows|$noun|$guess|ones?', ({ n, f }, x: Context) => featured(n, f, x), 0.1),
  rule('clause', '~keep? just|only? the? $num:n? $feat:f $rows|$noun|$guess|one of|for|per|from|in|at ~each? $col:g', ({ n, f, g }, x: Context) => featured(n ?? 1, f, x, g), 0),
  rule('clause', '~keep? just|only? the? $num:n? $feat:f $rows|$noun|$guess|one ~each $col:g', ({ n, f, g }, x: Context) => featured(n ?? 1, f, x, g), 0),
  rule('clause', '~each $col:g ,|:? ~keep? only|just? its|their|the? $feat:f $rows|$noun|$guess|one?', ({ f, g }, x: Context) => featured(1, f, x, g), -0.1),
  rule('clause', '~keep? only|just? one|1|a single? $rows|$noun|$guess ~each $col:g ,|:|;|–|-|.? namely|keep|please? the? ^$feat:f one|$rows?', ({ f, g }, x: Context) => featured(1, f, x, g), -0.3),
  ...([['~highest|top|best|dearest|longest|heaviest', true], ['~lowest|cheapest|worst|shortest|lightest', false], ['most $word', true], ['least $word', false]] as const).flatMap(([words, down]) => [
    rule('clause', `~keep? just|only? the? $num:n ${words} $rows|$noun|$guess ,? ~open ^$formula:e ~close`, ({ n, e }, x: Context) => featured(n, { as: e, down }, x), -0.2),
    rule('clause', `~keep? just|only? the? $num:n ${words} $rows|$noun|$guess by|on|in the? ^$formula:e`, ({ n, e }, x: Context) => featured(n, { as: e, down }, x), 0.1),
    rule('clause', `~keep? just|only? the? $num:n $rows|$noun|$guess with the? ${words} ^$formula:e`, ({ n, e }, x: Context) => featured(n, { as: e, down }, x), 0.1),
    rule('clause', `~keep? just|only? the? ${words} $num:n $rows|$noun|$guess? by|on|in the? ^$formula:e`, ({ n, e }, x: Context) => featured(n, { as: e, down }, x), 0.1),
  ]).flat(),
  // 'Only the three highest claims', 'the three claims that cost the most': by what they come to
  ...([['dearest|costliest', 'highest'], ['cheapest', 'lowest']] as const).map(([words, kind]) => rule('clause', `~keepOnly|~keep the? $num:n ${words} $rows|$noun`, ({ n }, x: Context) => (x.head.columns.some((c) => /\bprice\b/i.test(c.name)) ? null : byTakings(n, kind, x)), 0.3)).flat(),
  ...([['highest|biggest|largest', 'most', 'highest'], ['lowest|smallest', 'least', 'lowest']] as const).flatMap(([words, amount, kind]) => [
    rule('clause', `~keepOnly|~keep the? $num:n ${words} $rows|$noun`, ({ n }, x: Context) => byTakings(n, kind, x), 0.3),
    rule('clause', `~keepOnly|~keep? the? $num:n $rows|$noun that|which cost|costs|brought|made|earned|took in? us? the? ${amount} money?`, ({ n }, x: Context) => byTakings(n, kind, x), 0.1),
  ]).flat(),
  // 'For each school its first visit'
  ...([['first|earliest|oldest', 'lowest'], ['last|latest|newest|most recent', 'highest']] as const).map(([words, kind]) => rule('clause', `~each $col:g ,|:? ~keep? only|just? its|their|the|his|her ^${words} ^$rows|$noun|$guess|one ,|only?`, ({ g }, x: Context) => { const d = rowDate(x); return d === null || d === g ? null : take(1, { kind, column: d }, [g]); }, -0.3)).flat(),
  rule('clause', '~each $col:g ,? ~keep|~draw? a|one|1 random $rows|$noun|$guess|one', ({ g }) => take(1, random, [g]), 0),
  rule('clause', '(and|then|now)? ~keep only|just $num:n of them|those|these', ({ n }) => topOfSorted(n), 0.1),
  rule('clause', '~drop all|everything|any but|except|save the? top|first|best $num:n ones|$rows|of? (them|those|these)?', ({ n }) => take(n, { kind: 'top' }), -0.3),
  rule('clause', '~keepOnly|~keep? the? top|first $num:n ones|$rows? of? those|these|them?', ({ n }) => topOfSorted(n), 0),
  rule('clause', '~keep? the? last|latest|most|newest recent? $num:n $rows|$noun', ({ n }, x: Context) => { const d = rowDate(x); return d === null ? null : take(n, { kind: 'highest', column: d }); }, 0.2),
  rule('clause', '~keep? the? worst|lowest $rows|$noun|$guess of|for|per|from each|every|any|the $col:g ,|:|-|–? going|judged|judging|measured|according|ranked? by|on|to the? $col:c', ({ g, c }, x: Context) => (bySize(c, x) ? take(1, { kind: 'lowest', column: c }, [g]) : null), -0.2),
  rule('clause', '~keep? the? $num:n? $adj:a ^$word of|for|per|from|in each|every|any $col:g', ({ n, a, g }) => (a.column === g ? null : picked(n ?? 1, a, g)), 0.15),
  rule('clause', '~keep? the? $adj:a $rows|$noun|$guess of|for|per|from each|every|any $col:g', ({ a, g }) => picked(1, a, g), 0),
  rule('clause', '~keep $num:n ~highest $rows? by|for|in|on $col:c', ({ n, c }, x: Context) => sized('highest', n, c, x), 0),
  rule('clause', '~keep ~highest $num:n $rows? by|for|in|on $col:c', ({ n, c }, x: Context) => sized('highest', n, c, x), 0),
  rule('clause', '~keep $num:n $rows? with the? ~highest $col:c', ({ n, c }, x: Context) => sized('highest', n, c, x), 0),
  rule('clause', '~keep $num:n $rows? that|which took|made|had|have|got|sold|brought|cost|earned|in? the? ~highest $col:c', ({ n, c }, x: Context) => sized('highest', n, c, x), 0),
  rule('clause', '~keep $num:n ~lowest $rows? by|for|in|on $col:c', ({ n, c }, x: Context) => sized('lowest', n, c, x), 0),
  rule('clause', '~keep ~lowest $num:n $rows? by|for|in|on $col:c', ({ n, c }, x: Context) => sized('lowest', n, c, x), 0),
  rule('clause', '~keep $num:n $rows? with the? ~lowest $col:c', ({ n, c }, x: Context) => sized('lowest', n, c, x), 0),
  rule('clause', '~keep? the? ~highest|top|best $num:n $rows|$guess? ~each $col:g by|on|in $col:c', ({ n, g, c }, x: Context) => (bySize(c, x) ? take(n, { kind: 'highest', column: c }, [g]) : null), 0),
  rule('clause', '~keep? the? ~highest|top|best $num:n $rows|$guess? by|on|in $col:c ~each $col:g', ({ n, g, c }, x: Context) => (bySize(c, x) ? take(n, { kind: 'highest', column: c }, [g]) : null), 0),
  rule('clause', '~keep? the? ~lowest|bottom|worst $num:n $rows|$guess? ~each $col:g by|on|in $col:c', ({ n, g, c }, x: Context) => (bySize(c, x) ? take(n, { kind: 'lowest', column: c }, [g]) : null), 0),
  rule('clause', 'the? $num:n $rows|$guess with the? ~highest $col:c', ({ n, c }, x: Context) => sized('highest', n, c, x), 0.3),
  rule('clause', 'the? $num:n $rows|$guess with the? ~lowest $col:c', ({ n, c }, x: Context) => sized('lowest', n, c, x), 0.3),
  rule('clause', '~keep? the? ~highest $rows|$noun|$guess of|in|from|for ~each? $col:g by|on|in $col:c', ({ g, c }, x: Context) => (bySize(c, x) ? take(1, { kind: 'highest', column: c }, [g]) : null), 0.1),
  rule('clause', '~keep? the? ~highest $rows|$noun|$guess ~each $col:g by|on|in $col:c', ({ g, c }, x: Context) => (bySize(c, x) ? take(1, { kind: 'highest', column: c }, [g]) : null), 0.1),
  rule('clause', '~keep? the? $num:n ~lowest $rows|$guess|$noun ~open? by|on|in $col:c ~close?', ({ n, c }, x: Context) => sized('lowest', n, c, x), 0.1),
  rule('clause', '~keep? the? $num:n ~highest $rows|$guess|$noun ~open? by|on|in $col:c ~close?', ({ n, c }, x: Context) => sized('highest', n, c, x), 0.1),
  rule('clause', '~keep? the? $adj:a $rows|$guess|$noun of|from|in|for ~each? $col:g', ({ a, g }) => picked(1, a, g), 0.2),
  rule('clause', '~keep? the? $adj:a $rows|$guess|$noun ~each $col:g', ({ a, g }) => picked(1, a, g), 0.2),
  rule('clause', '~keep? the? $num:n $adj:a $rows|$guess|$noun', ({ n, a }) => picked(n, a), 0.05),
  rule('clause', '~keep? the? $num:n $adj:a', ({ n, a }) => picked(n, a), 0.3),
  rule('clause', '~keep? the? $num:n? $adj:a $rows|$guess|$noun of|from|in|for|per|at ~each? $col:g', ({ n, a, g }) => (a.column === g ? null : picked(n ?? 1, a, g)), 0.1),
  rule('clause', '~keep? the? ^$adj:a $rows|$noun', ({ a }) => picked(1, a), 0),
  rule('clause', '~keep? the $adj:a $num:n', ({ n, a }) => picked(n, a), 0.2),
  rule('clause', '~keep|~draw? a|one|1 random $rows|$noun|$guess from|of|for|in|per ~each? $col:g', ({ g }) => take(1, random, [g]), 0),
  rule('clause', '~keep|~draw? a|one|1 random $rows|$noun|$guess ~each $col:g', ({ g }) => take(1, random, [g]), 0),
  rule('clause', '~keep|~draw? $num:n random $rows|$noun|$guess from|of|for|in|per ~each? $col:g', ({ n, g }) => take(n, random, [g]), 0),
  rule('clause', '~keep? the? $adj:a $num:n $rows|$guess|$noun', ({ n, a }) => picked(n, a), 0.05),
  rule('clause', 'top|best|highest|largest|biggest $num:n $rows|$guess? by|on $col:c', ({ n, c }, x: Context) => sized('highest', n, c, x), 0.1),
  rule('clause', 'bottom|lowest|smallest $num:n $rows|$guess? by|on $col:c', ({ n, c }, x: Context) => sized('lowest', n, c, x), 0.1),
  // The five that took the most, the highest of each group: in whatever order.
  anyOrder('clause', {
    verb: [['~keep', () => true], ['~draw', () => true, 0.1]],
    count: [['exactly|precisely|just? $num:n', ({ n }) => n], ['top|best|first $num:n', ({ n }) => n, 0.1]],
    rows: [['of? the? $rows|$guess', () => true, 0.02]],
    size: [
      ['with|having|of the? ~highest $col:c', ({ c }) => ({ kind: 'highest', column: c })], ['with|having|of the? ~lowest $col:c', ({ c }) => ({ kind: 'lowest', column: c })],
      ['~rel ~did the? ~highest $col:c', ({ c }) => ({ kind: 'highest', column: c })], ['~rel ~did the? ~lowest $col:c', ({ c }) => ({ kind: 'lowest', column: c })],
      ['~rel $word the? most $col:c', ({ c }) => ({ kind: 'highest', column: c }), 0.2], ['~rel $word the? least|fewest $col:c', ({ c }) => ({ kind: 'lowest', column: c }), 0.2],
      ['whose $col:c ~be the? ~highest', ({ c }) => ({ kind: 'highest', column: c })], ['whose $col:c ~be the? ~lowest', ({ c }) => ({ kind: 'lowest', column: c })],
      ['$adj:a', ({ a }) => ({ kind: a.down ? 'highest' : 'lowest', column: a.column })],
    ],
    by: [['~each $col:c', ({ c }) => c], ['from|of|for|in ~each $col:c', ({ c }) => c]],
  }, ({ count, size, by, rows }: { count?: number; size?: { kind: 'highest' | 'lowest'; column: string }; by?: string; rows?: true }, x: Context) =>
    (size && (count !== undefined || (by !== undefined && rows)) && bySize(size.column, x) && by !== size.column ? take(count ?? 1, size, by === undefined ? undefined : [by]) : null), 0.15),
  rule('clause', '~each $col:g ,? ~keep? only|just? the? $adj:a $rows|$noun|$guess|one?', ({ g, a }) => (a.column === g ? null : picked(1, a, g)), 0),
  // 'One shipment per sender will do, the most expensive one'
  rule('clause', 'one|1|a single? $rows|$noun|$guess ~each $col:g (will|would do)? is|are? enough|sufficient|suffices|fine? ,|:|;|–|-|. namely|keep? the? ^$adj:a one|ones|$rows?', ({ g, a }) => (a.column === g ? null : picked(1, a, g)), -0.2),
  // 'one shift per volunteer, keep the earliest'
  ...([['earliest|oldest', 'lowest', rowDate], ['latest|newest', 'highest', rowDate], ['most recent', 'highest', rowDate], ['first', 'lowest', onlyDate], ['last', 'highest', onlyDate]] as const).flatMap(([words, kind, dateOf]) => [
    rule('clause', `~keep|~draw? only|just? one|1|single $rows|$noun|$guess ~each $col:g ,|:|–|-? and|but? ~keep|~draw? the? ${words} $rows|one|ones?`, ({ g }, x: Context) => { const c = dateOf(x); return c && c !== g ? take(1, { kind, column: c }, [g]) : null; }, -0.1),
    rule('clause', `~keep? only|just? the? ${words} $rows|$noun|$guess ~each $col:g`, ({ g }, x: Context) => { const c = dateOf(x); return c && c !== g ? take(1, { kind, column: c }, [g]) : null; }, 0.1),
  ]).flat(),
  ...([['latest|newest|last', 'highest'], ['earliest|oldest|first', 'lowest']] as const).map(([words, kind]) => rule('clause', `~keep? only|just? one|1|a|single $rows ~each $col:g with|having|namely|keeping the? ${words} $col:c`, ({ g, c }, x: Context) => (g !== c && bySize(c, x) || (g !== c && readsAsDate(x.head, c)) ? take(1, { kind, column: c }, [g]) : null), -0.3)).flat(),
  rule('clause', '~keep? just|only? the? $num:n ^$adj:a ^$word:w', ({ n, a, w }, x: Context) => (n > 1 && /s$/.test(w) && !x.vocabulary.values.has(w.toLowerCase()) ? picked(n, a) : null), 0.6),
  // 'Youngest three', 'the oldest open claim', 'the three oldest open orders'
  rule('alone', '$adj:a $num:n', ({ n, a }) => picked(n, a), 0.3),
  ...['$values:v $rows|$noun', '$rows|$noun of|for|from|in|at|with|that|which|who $values:v'].map((which) => rule('clause', `~keep? just|only? the? $num:n? ^$adj:a ${which}`, ({ n, a, v }) => { const c = oneOf(v); return c && pickedOf(n ?? 1, a, c); }, 0)).flat(),
  rule('clause', '~keep? just|only? the? $num:n? ^$adj:a ^$unsaid:c $rows|$noun', ({ n, a, c }) => pickedOf(n ?? 1, a, c), 0),
  rule('clause', '~keep? just|only? the? $num:n? ^$adj:a $rows|$noun|one ~rel ~be? $cond:c', ({ n, a, c }) => pickedOf(n ?? 1, a, c), 0.1),
  // 'Delete the first two rows', 'remove the trip with the lowest cost', 'rows 3 to 6 only'
  rule('clause', '~drop the? first|top $num:n $rows', ({ n }) => byPlace('aside', 1, n), 0),
  rule('clause', '~drop the? first|top $rows', () => byPlace('aside', 1, 1), 0.1),
  rule('clause', '~keep|~keepOnly? rows|lines|records $num:a to|-|–|through|until $num:b only?', ({ a, b }) => byPlace('keep', a, b), 0.1),
  rule('clause', '~drop rows|lines|records $num:a to|-|–|through|until $num:b', ({ a, b }) => byPlace('aside', a, b), 0),
  rule('clause', '~drop the? $num:n? ^$adj:a $rows|$noun|one|ones', ({ n, a }) => allBut(n ?? 1, a.column, a.down), 0),
  rule('clause', '~drop the? ^$adj:a $num:n $rows|$noun|ones?', ({ n, a }) => allBut(n, a.column, a.down), 0),
  ...([['~highest', true], ['~lowest', false]] as const).map(([words, down]) => rule('clause', `~drop the? $num:n? $rows|$noun|one|ones with|having|of the? ${words} $col:c`, ({ n, c }, x: Context) => (readsAsNumber(x.head, c) ? allBut(n ?? 1, c, down) : null), 0)).flat(),
  rule('clause', '~keep first|top $num:n $rows?', ({ n }) => take(n, { kind: 'top' }), 0.05),
  rule('clause', '~keep last|bottom $num:n $rows?', ({ n }) => take(n, { kind: 'bottom' }), 0.05),
  rule('rider', '~descending', () => thenSort, 0.1),
  rule('rider', 'with|using|and? a|the? random? seed number|of|:|=? $num:n', ({ n }) => seeded(n), -0.1),
].flat();

/** The rows that this seed draws. */
const seeded = (seed: number): Act =>
  amend(`seed ${seed}`, (plan) => (!Number.isInteger(seed) || seed < 0 ? null : plan.step === 'sample' ? { ...plan, seed } : plan.step === 'take' && plan.choice.kind === 'random' ? { ...plan, choice: { ...plan.choice, seed } } : null));

export const entailed: readonly Entailed[] = keepsSome((plan) => plan.step === 'take');
