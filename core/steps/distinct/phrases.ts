import { amend, plans, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';

const distinct = (by: readonly string[], keep: 'first' | 'last' = 'first') => plans({ step: 'distinct', keep, by });
const keepRider = (keep: 'first' | 'last') => amend(`keep ${keep}`, (plan) => (plan.step === 'distinct' ? { ...plan, keep } : null));
/** 'Throw out the repeats' after what said which they are asks for nothing more. */
const repeats = (columns: readonly string[]): Act => ({ key: 'repeats', apply: (state) => (state.plans.at(-1)?.step === 'distinct' ? state : distinct(columns).apply(state)) });
/** Of each group the row with the latest date, or the largest amount. */
const keepMost = (column: string, kind: 'highest' | 'lowest') => amend(`keep ${kind} ${column}`, (plan) => (plan.step === 'distinct' ? { step: 'take', count: 1, choice: { kind, column }, by: plan.by } : null));
const everything = ({ head }: Context): string[] => head.columns.map((c) => c.name);

export const phrases = [
  rule('alike', '~same $col:c', ({ c }) => [c], 0),
  rule('alike', '~same $col:c ~list $alike:r', ({ c, r }) => [c, ...r], 0),
  rule('alike', '~same $col:c on|for|at $alike:r', ({ c, r }) => [c, ...r], 0),
  rule('clause', '~drop ~duplicates', (_s, x: Context) => repeats(everything(x)), 0.3),
  rule('clause', '~drop duplicate|duplicated|repeated|double $cols:c', ({ c }) => distinct(c), 0),
  rule('clause', '~drop ~duplicates by|on|of|in|for|according to? $cols:c', ({ c }) => distinct(c), 0),
  rule('clause', '~drop ~duplicates , $alike:c', ({ c }) => distinct(c), 0),
  rule('clause', 'some|several|a|few|couple? of? $rows|$guess ~duplicates ,|:? $alike:c', ({ c }) => distinct(c), 0.05),
  rule('clause', '$rows ~duplicates ~open $alike:c ~close', ({ c }) => distinct(c), 0),
  rule('clause', '$rows ~duplicates , $alike:c', ({ c }) => distinct(c), 0),
  rule('clause', 'every|each $col:c ~should appear|be|stand|occur|come|only $once', ({ c }) => distinct([c]), 0),
  rule('clause', 'leave|keep|show|have only|just one $rows ~each $cols:c ,? the? $firstLast:k one|$rows?', ({ k, c }) => distinct(c, k), -0.05),
  rule('clause', '~keep one|a $rows ~each $cols:c', ({ c }) => distinct(c), 0.1),
  rule('clause', 'only|just? one $rows ~each $cols:c ,? the? $firstLast:k one|$rows?', ({ k, c }) => distinct(c, k), 0),
  rule('clause', '~keep $firstLast:k $rows? ~each $cols:c', ({ k, c }) => distinct(c, k), 0),
  rule('once', 'only|just? one|a time only?', () => true, 0),
  rule('once', 'only|just? once only?', () => true, 0),
  rule('firstLast', 'first|topmost', () => 'first', 0),
  rule('firstLast', 'last|bottom', () => 'last', 0),
  rule('rider', '~keep $firstLast:k of? each|every|them|those|all|these?', ({ k }) => keepRider(k), 0),
  rule('rider', '~keep the? one|row|entry? with? the? ~highest $col:c', ({ c }) => keepMost(c, 'highest'), 0),
  rule('rider', '~keep the? one|row|entry? with? the? ~lowest $col:c', ({ c }) => keepMost(c, 'lowest'), 0),
  rule('rider', '~keep the? row|one|entry? furthest|farthest|lowest down', () => keepRider('last'), 0),
  rule('rider', '~if a? $col ~be listed|entered|there|in more than once ,? ~keep the? row|one|entry? furthest|farthest|lowest down', () => keepRider('last'), 0),
  rule('rider', '~if a? $col ~be listed|entered|there|in more than once ,? ~keep the? $firstLast:k row|one|entry?', ({ k }) => keepRider(k), 0),
].flat();
