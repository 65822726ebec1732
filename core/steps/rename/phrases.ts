import { plans, withPlan, type Act, type Context } from '../../language/acts';
import { changeCase } from '../../values/letters';
import { rule } from '../../language/chart';

/** All columns' names in other letters; null where that changes none. */
function inLetters(letters: 'upper' | 'lower' | 'title', { head }: Context): Act | null {
  const names = head.columns.map((c) => ({ from: c.name, to: changeCase(c.name, letters) })).filter((n) => n.from !== n.to);
  return names.length && uniqueNames(names) ? plans({ step: 'rename', names }) : null;
}

export const phrases = [
  // 'Column names in small letters'
  ...(['upper', 'lower', 'title'] as const).map((letters) => rule('clause', `~make|change? all|every|each? the? column|columns|columns' names|headings|headers|titles|name|heading|header|title ~should? ~be? in|into|to|all|with? ~${letters}`, (_s, x: Context) => inLetters(letters, x), -0.6)).flat(),
  ...(['upper', 'lower', 'title'] as const).map((letters) => rule('clause', `~make|change? all|every? the? headings|headers ~should? ~be? in|into|to|all|with? ~${letters}`, (_s, x: Context) => inLetters(letters, x), -0.6)).flat(),
  rule('renaming', '$col:c ~to $name:n', ({ c, n }) => (n === c ? null : [{ from: c, to: n }]), 0),
  rule('renaming', '$col:c - > $name:n', ({ c, n }) => [{ from: c, to: n }], 0),
  rule('renaming', '$col:c = $name:n', ({ c, n }) => [{ from: c, to: n }], 0),
  rule('renaming', '$col:c ^$text:n', ({ c, n }) => [{ from: c, to: n }], 0.1),
  rule('renaming', '$renaming:a ~list $renaming:b', ({ a, b }) => [...a, ...b], 0),
  rule('clause', '~rename column|columns? $renaming:r', ({ r }) => plans({ step: 'rename', names: r }), 0),
  rule('pair', '$col:c $name:n', ({ c, n }) => (n === c ? null : [{ from: c, to: n }]), 0),
  rule('clause', '~rename $pair:a ,|;? and|,|; $pair:b', ({ a, b }) => plans({ step: 'rename', names: [...a, ...b] }), 0.2),
  rule('clause', '~rename $pair:a , $pair:b ,? and $pair:c', ({ a, b, c }) => plans({ step: 'rename', names: [...a, ...b, ...c] }), 0.2),
  // 'Put skipper after ship and call it Captain'
  rule('clause', 'call|rename|name|retitle it|this|that|them|the? column|result? to|as|into? ^$name:n', ({ n }) => renamedToo(n), 0),
  rule('clause', '~rename $col:c $name:n', ({ c, n }) => plans({ step: 'rename', names: [{ from: c, to: n }] }), 0.3),
  rule('clause', '$col:c ~should be? called|named|renamed|titled|headed to? $name:n', ({ c, n }) => plans({ step: 'rename', names: [{ from: c, to: n }] }), 0),
  rule('clause', '$col:c column? ~should be|become ^$name:n', ({ c, n }) => (n !== c && /^\p{Lu}\S*(?:\s(?:\p{Lu}\S*|per|of|in|at|and|to|by|for|the))+$/u.test(n) ? plans({ step: 'rename', names: [{ from: c, to: n }] }) : null), -0.5),
  rule('becoming', '$col:c column? becomes|become $name:n', ({ c, n }) => (n === c ? null : [{ from: c, to: n }]), 0.1),
  rule('becoming', '$col:c column? ~should be called|named|renamed|titled|headed to? $name:n', ({ c, n }) => (n === c ? null : [{ from: c, to: n }]), 0),
  rule('becoming', '$col:c column? ~should be|say|read ^$name:n', ({ c, n }) => (n === c || !/^\p{Lu}/u.test(n) ? null : [{ from: c, to: n }]), 0.3),
  // 'Drop Meter, and Kind becomes Reading Type'
  rule('clause', '^$col:c becomes|become now? ^$properName:n', ({ c, n }) => (/^(?:numbers?|text|dates?|yes|no|true|false)$/i.test(n) ? null : renamed(c, n)), 0.2),
  // 'The left on column becomes Start', 'I want left on renamed to Start', 'title for left on: Start'
  rule('clause', 'the? $col:c column|field becomes|become|is now|gets|turns into the? name? ^$name:n', ({ c, n }) => renamed(c, n), -0.2),
  rule('clause', '~rename the? column|field? $col:c ,|;|.|:|-|–? it ~should|must|is be|become|read|called? called|named? ^$name:n', ({ c, n }) => renamed(c, n), -0.2),
  rule('clause', "i|we|i'd want|need|like|have|would to? (have|see)? the? $col:c renamed|called|named|retitled to|as|into? ^$name:n", ({ c, n }) => renamed(c, n), -0.2),
  rule('clause', 'new? title|heading|header|name|label for|of the? $col:c :|=|is|should|- be? ^$name:n', ({ c, n }) => renamed(c, n), -0.2),
  rule('becoming', '$becoming:a ,|;? and|,|; $becoming:b', ({ a, b }) => [...a, ...b], 0),
  rule('clause', '$becoming:a ,|;? and|,|; $becoming:b', ({ a, b }) => (uniqueNames([...a, ...b]) ? plans({ step: 'rename', names: [...a, ...b] }) : null), -0.2),
  // 'Give the columns from and to the names Origin and Destination'
  rule('clause', 'give|assign the? columns|fields? $cols:c the|these? new? names|headings|titles|headers :? $names:n ,? respectively?', ({ c, n }) => inTurn(c, n), -0.2),
  rule('clause', '~rename the? columns|fields? $cols:c ~to|: $names:n ,? respectively?', ({ c, n }) => inTurn(c, n), 0),
  rule('clause', 'the? columns|fields? $cols:c ~should be? called|named|renamed|titled to? $names:n ,? respectively?', ({ c, n }) => inTurn(c, n), 0),
  rule('clause', '$col:c ~should become $name:n', ({ c, n }) => plans({ step: 'rename', names: [{ from: c, to: n }] }), 0.2),
].flat();

/** What was moved or tidied before, by another name. */
const renamedToo = (to: string): Act => ({
  key: `rename it ${to}`,
  apply(state) {
    const [from, ...others] = state.topic, last = state.plans.at(-1);
    return from !== undefined && others.length === 0 && from !== to && last !== undefined && CHANGED.has(last.step) ? withPlan(state, { step: 'rename', names: [{ from, to }] }, [to]) : null;
  },
});
/** Steps after which 'call it' gives the column that was changed a name. */
const CHANGED: ReadonlySet<string> = new Set(['move', 'tidy', 'convert', 'spell', 'replace', 'fill']);

/** A column by another name. */
const renamed = (from: string, to: string): Act | null => (from === to ? null : plans({ step: 'rename', names: [{ from, to }] }));

/** As many new names as columns, in the order they are said. */
const inTurn = (columns: readonly string[], names: readonly string[]): Act | null => {
  const list = columns.length === names.length && columns.length > 1 ? columns.map((from, i) => ({ from, to: names[i]! })) : null;
  return list && uniqueNames(list) ? plans({ step: 'rename', names: list }) : null;
};

export interface Renaming { readonly from: string; readonly to: string }

/** Each column once, and no two with one new name. */
export const uniqueNames = (list: readonly Renaming[]): boolean => new Set(list.map((r) => r.from)).size === list.length && new Set(list.map((r) => r.to.toLowerCase())).size === list.length;
