import { standingIn } from './example-phrases';
import { keptForHead } from '../../language/kept';
import { onLast } from './amending';
import { persons } from '../../language/grammar/kinds';
import { readsAsDate, readsAsNumber } from '../../formula/check';
import { column, columnsOf, type Expression } from '../../formula/expression';
import { amend, nothing, plans, withPlan, type Act, type Context, type State } from '../../language/acts';
import { keyOf, rule } from '../../language/chart';
import { unitSort } from '../../values/units';
import { escape, finder, NUMERIC_FINDS, type Findable, type FindSort } from '../../values/find';
import { columnOf } from '../../table/table';
import { onlyDate, quantity, timed } from '../../language/grammar/roles';
import { likelyMark } from '../split/phrases';
import { SIZES } from '../../language/grammar/conditions/make';
import { sampleOf } from '../../language/grammar/samples';
import { add, addEach } from './adding';

/* Columns made out of texts: things found in them, and pieces rearranged. */

const text = (value: string): Expression => ({ kind: 'text', value });
const sort = (s: FindSort): Findable => ({ kind: 'sort', sort: s });
type Which = Extract<Expression, { kind: 'found' }>['which'];

export const found = (what: Findable, of: Expression, which: Which = 'first'): Expression => ({ kind: 'found', what, which, of });
/** Hashtags come in numbers: unless one is asked for, all are meant. */
const usual = (what: Findable): Which => (what.kind === 'sort' && what.sort === 'hashtag' ? 'all' : 'first');

/** How many of a column's sampled values hold something of the sort. */
export function finds(what: Findable, name: string, x: { head: Context['head'] }): number {
  return held(x.head, `${name} ${keyOf(what)}`, () => { const find = finder(what); return sampleOf(name, x).slice(0, 300).filter((v) => find(v).length > 0).length; });
}
const held = keptForHead<number>();

const MEASURED: ReadonlySet<FindSort> = new Set<FindSort>(['weight', 'duration', 'length', 'volume']);
/** What is found where an amount in such units is looked for. */
const AMOUNTS: Readonly<Record<string, FindSort>> = { weight: 'weight', time: 'duration', length: 'length', volume: 'volume' };

/** Is an amount all that the cells of a column hold? Then there is nothing to find in them. */
const isAll = (what: Findable, name: string, x: { head: Context['head'] }): boolean => what.kind === 'sort' && what.sort === 'date' ? readsAsDate(x.head, name) : what.kind === 'sort' && MEASURED.has(what.sort) && sampleOf(name, x).filter((v) => finder(what)(v)[0] === v.trim()).length > finds(what, name, x) / 2;

/** The column in which something can be found: the one named, if it holds any; else the only one that does. */
function holder(what: Findable, named: string | null, x: Context): string | null {
  const texts = x.head.columns.filter((c) => c.type === 'text').map((c) => c.name);
  if (named !== null) return x.head.glances && (finds(what, named, x) === 0 || isAll(what, named, x)) ? null : named;
  // 'Some complaints name a sum': in their text, and not in the refunds, which are sums.
  const holding = texts.filter((n) => finds(what, n, x) > 0 && !(what.kind === 'sort' && what.sort === 'amount' && readsAsNumber(x.head, n)));
  return holding.length === 1 ? holding[0]! : null;
}

export const findIn = (what: Findable, named: string | null, x: Context, which: Which = usual(what)): Expression | null => {
  const name = holder(what, named, x);
  return name === null ? null : found(what, column(name), which);
};

/** The first amount in a text that is told in such units, as a number in one of them. */
function amountIn(name: string, unit: string, x: Context): Expression | null {
  const what = AMOUNTS[unitSort(unit) ?? ''];
  const of = what === undefined ? null : findIn(sort(what), name, x);
  return of && { kind: 'measure', unit, of };
}

/** What an amount is called that was asked for: 'Delay in min', or 'Minutes' where only the unit was said. */
function amountCalled(said: string | undefined, unit: string): string {
  const word = said ?? PLURALS[unit] ?? unit, name = word.charAt(0).toUpperCase() + word.slice(1);
  return said === undefined ? name : `${name} in ${unit}`;
}
const PLURALS: Readonly<Record<string, string>> = { min: 'minutes', h: 'hours', d: 'days', s: 'seconds', km: 'kilometres', m: 'metres', l: 'litres', kg: 'kilos', g: 'grams' };

/** A name for what was found, where none was given. */
const addFound = (e: Expression | null, name?: string): Act | null => e && add(e, name);

const NAMES: Partial<Record<FindSort, string>> = { email: 'Email', phone: 'Phone', web: 'Link', domain: 'Domain', amount: 'Amount', number: 'Number', percent: 'Percent', date: 'Date', hashtag: 'Hashtag', postcode: 'Postcode', title: 'Title', weight: 'Weight', duration: 'Duration', length: 'Length', volume: 'Volume', place: 'Place', person: 'Person' };

/** Several finds in one column, one new column each. */
export function foundAll(name: string, whats: readonly Findable[], names: readonly string[] | null, x: Context): Act | null {
  if (names && names.length !== whats.length) return null;
  if (whats.some((w) => holder(w, name, x) === null)) return null;
  return addEach(whats.map((what, i) => ({ name: names?.[i] ?? (what.kind === 'sort' ? NAMES[what.sort]! : 'Code'), as: found(what, column(name)), said: names !== null })));
}

/** Forms of address moved from the front of a column into one of their own. */
export function moveWords(words: readonly string[], from: string, to: string, x: Context): Act | null {
  const what: Findable = { kind: 'words', words };
  if (finds(what, from, x) === 0) return null;
  // They go as they stand there: with a stop, in other capitals.
  const find = finder(what), standing = sampleOf(from, x).flatMap((v) => { const first = find(v)[0]; return first !== undefined && v.trim().startsWith(first) ? [first] : []; });
  const texts = [...new Set([...words, ...standing])];
  return {
    key: `move words ${keyOf([words, from, to])}`,
    apply: (state: State) => withPlan(
      withPlan(state, { step: 'calculate', name: to, as: found(what, column(from)), replace: false }, [to]),
      { step: 'replace', columns: [from], find: { kind: 'texts', place: 'start', texts }, with: '' },
      [from],
    ),
  };
}

/** 'Into a column Kind, and out of goods': what was just found between marks is taken away where it stood. */
const alsoOut = (name: string): Act => ({
  key: `also out of ${name}`,
  apply(state) {
    const last = state.plans.at(-1);
    const inside = last?.step === 'calculate' && last.as.kind === 'inside' ? last.as : null;
    return inside?.of.kind === 'column' && inside.of.name === name ? withPlan(state, { step: 'replace', columns: [name], find: { kind: 'between', open: inside.open, close: inside.close }, with: '' }, [name]) : null;
  },
});

/** The last plan's formula, if it made a text, changed. */
const onText = (key: string, change: (e: Expression) => Expression | null): Act =>
  amend(key, (plan) => {
    if (plan.step !== 'calculate') return null;
    const as = change(plan.as);
    return as && { ...plan, as };
  });

const isFind = (e: Expression): boolean => e.kind === 'found' || e.kind === 'slot' || e.kind === 'inside' || e.kind === 'written' || e.kind === 'piece' || e.kind === 'initials' || ((e.kind === 'cased' || e.kind === 'letters') && isFind(e.of));

/** What stands before the first of some marks; all of it where there is none. */
const cutOff = (name: string, [mark, ...or]: readonly string[], which: 'first' | 'last' | undefined): Expression =>
  ({ kind: 'orElse', of: { kind: 'piece', side: 'before', mark: mark!, ...(or.length ? { or } : {}), which: which ?? 'first', of: column(name) }, otherwise: column(name) });
/** The same in the column itself. */
const cutTo = (name: string, marks: readonly string[], which?: 'first' | 'last'): Act => plans({ step: 'calculate', name, as: cutOff(name, marks, which), replace: true });

/** 'The number of lessons' in texts that say '12 lessons': the first number there, where it is always that one. */
function counted(word: string, from: string, x: Context): Act | null {
  const all = sampleOf(from, x), said = new RegExp(`^\\D*(\\d+)\\s*${escape(word).replace(/s$/i, 's?')}`, 'iu');
  const some = all.filter((v) => said.test(v)).length;
  return some > 0 && all.every((v) => said.test(v) || !/\d/.test(v)) ? add(found({ kind: 'sort', sort: 'number' }, column(from)), word[0]!.toUpperCase() + word.slice(1).toLowerCase()) : null;
}

export const textPhrases = [
  rule('clause', '~extract|~add|take|get|pull|fish|read|put the? number|count of $word:w out|from|in|off|mentioned|given|named of|in|from? the? $col:c column? as|like? an? number|figure|whole? number?', ({ w, c }, x: Context) => counted(w, c, x), -0.5),
  // What can be found
  rule('what', '~emailWord', () => sort('email'), 0),
  rule('what', '~phoneWord', () => sort('phone'), 0),
  rule('what', '~webWord', () => sort('web'), 0),
  rule('what', 'domain|domains name?', () => sort('domain'), 0),
  rule('what', 'mail|email|e-mail domain|provider|host|server', () => sort('domain'), 0),
  rule('what', 'amount|amounts|sum|price|cost of|in? money|euros|euro|dollars|pounds|francs|eur|usd|gbp', () => sort('amount'), 0),
  rule('what', 'amount|sum of money', () => sort('amount'), 0),
  rule('what', 'amount|amounts|price|prices', () => sort('amount'), 0.3),
  rule('what', 'euro|euros|dollar|dollars|pound|money|currency amount|amounts|figure|sum|value', () => sort('amount'), 0),
  rule('what', 'percentage|percent|percentages', () => sort('percent'), 0.2),
  rule('what', 'hashtag|hashtags|tags', () => sort('hashtag'), 0),
  rule('what', 'postcode|postcodes|zip|postal code|codes?', () => sort('postcode'), 0.1),
  rule('what', 'weight|weights', () => sort('weight'), 0.1),
  // 'The delay in minutes out of the log', 'the number of minutes in the note'
  rule('amountUnit', '$word:w in $unit:u', ({ w, u }) => ({ w, u }), 0),
  rule('amountUnit', 'number|amount|count of $unit:u', ({ u }) => ({ u }), 0),
  rule('amountUnit', '^$unit:u', ({ u }) => ({ u }), 0.1),
  rule('ex1', 'the? $amountUnit:a in|from|of|mentioned|within|said in? the? $col:c', ({ a, c }, x: Context) => (textual(c, x) ? amountIn(c, a.u, x) : null), -0.1),
  rule('clause', '~extract the? $amountUnit:a out? from|of|in of? the? $col:c', ({ a, c }, x: Context) => addFound(textual(c, x) ? amountIn(c, a.u, x) : null, amountCalled(a.w, a.u)), -0.5),
  rule('clause', '~extract the? $word:w out? from|of|in of? the? $col:c ,? in $unit:u', ({ w, u, c }, x: Context) => addFound(textual(c, x) ? amountIn(c, u, x) : null, amountCalled(w, u)), -0.1),
  rule('what', 'duration|durations', () => sort('duration'), 0.2),
  rule('what', 'place|places mentioned|named|given?', () => sort('place'), 0.2),
  rule('what', 'country|countries mentioned|named|given', () => sort('place'), 0.2),
  rule('what', 'country|countries', () => sort('place'), 0.7),
  rule('what', 'town|towns|city|cities|location|locations mentioned|named|given', () => sort('place'), 0.2),
  rule('what', "person|people|persons|person's|people's|customer|member|contact|employee name|names mentioned|named|given?", () => sort('person'), 0.1),
  rule('what', 'person|persons|people mentioned|named?', () => sort('person'), 0.2),
  rule('what', 'name|names of|from the|any|all? person|persons|people|somebody|someone', () => sort('person'), 0.1),
  rule('what', 'title|titles|form|forms|salutation|salutations of? address?', () => sort('title'), 0.2),
  rule('what', 'date|dates', () => sort('date'), 0.3),
  rule('what', 'number|numbers|figure|figures|digits|count', () => sort('number'), 0.3),
  rule('what', '€|$|£ amount|amounts|sum|figure|value|price', () => sort('amount'), 0),
  rule('what', '$shape:s $word?', ({ s }) => (s.length > 1 ? { kind: 'shape', shape: s } : null), 0.05),
  rule('what', 'number|code|reference|no|ref|id|$word with|of|having $num:n digits|figures|numbers', ({ n }) => (Number.isInteger(n) && n > 1 && n <= 20 ? { kind: 'shape', shape: '#'.repeat(n) } : null), 0),
  rule('what', '$word number|code|reference|no with|of|having $num:n digits|figures|numbers', ({ n }) => (Number.isInteger(n) && n > 1 && n <= 20 ? { kind: 'shape', shape: '#'.repeat(n) } : null), 0),
  rule('what', '$word ~open $shape:s ~close', ({ s }) => (s.length > 2 ? { kind: 'shape', shape: s } : null), 0),
  rule('what', '$word $word ~open $shape:s ~close', ({ s }) => (s.length > 2 ? { kind: 'shape', shape: s } : null), 0),
  rule('what', '$word|$col $word? ~open format|form|pattern|like|looks|e.g|eg|as|say like? $sampleCode:s ~close', ({ s }) => ({ kind: 'shape', shape: s }), 0),
  rule('what', '$col ~open $shape:s ~close', ({ s }) => (s.length > 2 ? { kind: 'shape', shape: s } : null), 0),
  rule('what', '$word|$col like|e.g|eg|such as? $sampleCode:s', ({ s }) => ({ kind: 'shape', shape: s }), 0.05),
  rule('shape', '$shapePart:s', ({ s }) => s, 0),
  rule('shape', '$shapePart:a ~shapeJoin? $shape:b', ({ a, b }) => a + b, 0.02),
  rule('shapePart', '$num:n digits|digit|figures|figure|numerals', ({ n }) => (n >= 1 && n <= 20 ? '#'.repeat(n) : null), 0),
  rule('shapePart', '$num:n letters|letter|capitals', ({ n }) => (n >= 1 && n <= 20 ? '@'.repeat(n) : null), 0),
  rule('shapePart', '$runOf:s', ({ s }) => s, 0),
  rule('shapePart', 'a|an? $mark:m', ({ m }) => (m.length === 1 ? m : null), 0.1),
  rule('shapePart', 'the? letter|letters? $word:w', ({ w }) => (/^\p{Lu}{1,4}$/u.test(w) ? w : null), 0.1),
  rule('shapePart', 'the? letter|letters|text? $text:t', ({ t }) => (t.length <= 6 ? t : null), 0.1),

  // Finding
  rule('text0', 'the? first|last:? $what:w in|from|of|within|inside out? of? $col:c', ({ w, c }, x: Context) => (w.kind === 'shape' && /^[@#]+$/.test(w.shape) ? null : findIn(w, c, x)), 0.05),
  rule('text0', 'the? $what:w in|from|of|within|inside out? of? $col:c', ({ w, c }, x: Context) => findIn(w, c, x), 0.15),
  rule('text0', 'the? last $what:w in|from|of|within|inside $col:c', ({ w, c }, x: Context) => findIn(w, c, x, 'last'), 0.02),
  rule('text0', '$col:c $what:w', ({ w, c }, x: Context) => (w.kind === 'sort' && w.sort !== 'number' && w.sort !== 'date' ? findIn(w, c, x) : null), 0.25),
  rule('text0', '$pieceOf $side:s the? $mark:m of|in the? $what:w in|of|from|within $col:c', ({ s, m, w, c }, x: Context) => { const e = findIn(w, c, x); return e && { kind: 'piece', side: s, mark: m, which: 'first', of: e }; }, 0),
  rule('text0', '$pieceOf $side:s the? $mark:m of|in the? $what:w', ({ s, m, w }, x: Context) => { const e = findIn(w, null, x); return e && { kind: 'piece', side: s, mark: m, which: 'first', of: e }; }, 0.05),
  rule('clause', '~extract the? $what:w out? from|of|in of? $col:c', ({ w, c }, x: Context) => addFound(findIn(w, c, x)), 0),
  rule('clause', '~extract the? $what:w out? from|of|in of? $col:c ~into ~column of? its|their? own? ~named? $name:n', ({ w, c, n }, x: Context) => addFound(findIn(w, c, x), n), 0),
  rule('clause', '~extract the? $what:w out? from|of|in of? $col:c ~into $name:n', ({ w, c, n }, x: Context) => addFound(findIn(w, c, x), n), 0.1),
  rule('clause', 'some|a|many|few|several|most|sometimes? of? them|people|rows|customers|members? $col:c? ~mention a|an|their|its? $what:w ~inside? $col:d', ({ c, w, d }, x: Context) => found2(w, d ?? c, x), 0.05),
  rule('clause', "somewhere|sometimes|usually|often? in the? $col:c there's|there is|are? usually|often|sometimes|always|mostly? an? $what:w", ({ c, w }, x: Context) => addFound(findIn(w, c, x)), 0),
  rule('clause', 'some|a|many|few|several|most|sometimes? of? the? people|rows|customers|members|$rows|$noun|$guess ~mention|state|cite a|an|their|its? $what:w', ({ w }, x: Context) => found2(w, undefined, x), 0.05),
  rule('rider', 'and|so|please? get|put|pull|take|want|need|extract|move|copy that|the|this|these figure|amount|number|sum|value|code|reference|name|one? ~into ~column', () => amend('found', (plan) => (plan.step === 'calculate' && !plan.replace && isFind(plan.as) ? plan : null)), 0),
  rule('rider', "i|we want|need|would|'d|like like|have|to? that|it|this|them ~into ~column", () => amend('found', (plan) => (plan.step === 'calculate' && !plan.replace && isFind(plan.as) ? plan : null)), 0),
  rule('clause', '$col:c often|sometimes|usually|always|mostly|may|can|partly|frequently|occasionally? ~mention|~contains a|an|the|some|its|their? $what:w', ({ c, w }, x: Context) => addFound(findIn(w, c, x)), 0.15),
  rule('clause', '~if the? $col:c ~contains|~mention a|an|any|some? $what:w ,? ~add? that|the|it|this $word? ~into? ~number? ~into? ~column?', ({ c, w }, x: Context) => addFound(findIn(w, c, x)), 0),
  rule('clause', 'some|a|many|few|several|most|sometimes? of? the? them|people|rows|customers|members|$rows|$noun ~contains|~mention an?|the|their|its? $what:w ,|;|.|:|-|–? and|so|please? put|move|write|pull|get|copy|extract it|that|this|them|those out? ~into ~column ~named? $name:n', ({ w, n }, x: Context) => addFound(findIn(w, null, x), n), -0.1),
  rule('clause', 'the? $what:w ~into|as $name:n', ({ w, n }, x: Context) => sameSource(w, n, x), 0.2),
  rule('text0', 'middle|second part|piece|bit|section of the? $col:c ~open $word? $word? between the? $mark:m ~close', ({ c, m }) => ({ kind: 'slot', n: 2, mark: m, of: column(c) }), 0),
  rule('text0', '$pieceOf? between the? $mark:m in|of|from the? $col:c', ({ c, m }) => ({ kind: 'slot', n: 2, mark: m, of: column(c) }), 0.1),
  rule('clause', 'and|also the? $what:w too|also? ~into $name:n', ({ w, n }, x: Context) => sameSource(w, n, x), 0.1),
  rule('text0', 'number|digits|figure at the? end|back of $col:c', ({ c }) => found(sort('number'), column(c), 'last'), 0),
  rule('text0', 'number|digits|figure at the? start|beginning|front of $col:c', ({ c }) => found(sort('number'), column(c)), 0),
  rule('clause', '$col:c ~split3 $whats:w $jumble? .|,|;|:? ~extract them|these|those|both|it? out? ~into2? $num? ~column? ~into2? ,|:? $names:n', ({ c, w, n }, x: Context) => foundAll(c, w, n, x), 0),
  rule('clause', 'the? $what:w out? of|from|in $col:c ~into|as $name:n', ({ w, c, n }, x: Context) => addFound(findIn(w, c, x), n), 0.1),
  rule('clause', '~extract $whats:w out? from|of|in of? $col:c ~into2? $num? ~column? ,|:? $names:n', ({ c, w, n }, x: Context) => foundAll(c, w, n, x), 0),
  rule('clause', '~extract $whats:w out? from|of|in of? $col:c', ({ c, w }, x: Context) => (w.length > 1 ? foundAll(c, w, null, x) : null), 0.05),
  rule('clause', '~split $col:c ~into $whats:w', ({ c, w }, x: Context) => (w.length > 1 ? foundAll(c, w, null, x) : null), 0.05),
  rule('whats', '$what:a', ({ a }) => [a], 0),
  rule('whats', '$what:a ~list $whats:b', ({ a, b }) => [a, ...b], 0),
  rule('jumble', 'jumbled|mixed|muddled|thrown|lumped|all|squeezed|crammed together|up|in? one? cell|field?', () => true, 0),
  // 'Some people quote a reference in their complaint. Pull it into a column called Ref': the naming follows.
  rule('rider', '~extract it|that|this|them|those ~into $name:n', ({ n }) => nameFound(n), -0.1),
  rule('rider', '~extract it|that|this|them|those ~into ~column of? its|their? own? ~named? $name:n', ({ n }) => nameFound(n), 0),
  rule('rider', '~extract it|that|this|them|those ~into ~column of? its|their own', () => amend('found', (plan) => (plan.step === 'calculate' && isFind(plan.as) ? plan : null)), 0),
  rule('rider', '~extract it|that|this|them|those ~into ~column', () => amend('found', (plan) => (plan.step === 'calculate' && !plan.replace && isFind(plan.as) ? plan : null)), 0.05),
  rule('rider', '~into a|one? column|field of? its|their own', () => amend('own', (plan) => (plan.step === 'calculate' && !plan.replace ? plan : null)), 0),
  rule('rider', '~otherwise ~blankWord', () => onText('else blank', (e) => (isFind(e) ? e : null)), 0),
  rule('rider', 'leave|leaving|keep|with? $name? a? ~blankWord for|where|if $remark', () => onText('blank where none', (e) => (isFind(e) ? e : null)), 0.1),
  rule('rider', '~blankOut ~if $remark', () => onText('blank where none', (e) => (isFind(e) ? e : null)), 0.1),
  rule('rider', '~blankOut ~if there is|are none|nothing', () => onText('blank where none', (e) => (isFind(e) ? e : null)), 0),
  rule('rider', '$name? ~blankWord ~otherwise|~forOthers', () => onText('blank otherwise', (e) => (isFind(e) ? e : null)), 0.05),
  rule('rider', 'leave|leaving|keep|with $name? a? ~blankWord ~otherwise|~forOthers', () => onText('blank otherwise', (e) => (isFind(e) ? e : null)), 0),
  rule('rider', '~into? ~number', () => onText('as number', (e) => asNumber(e)), 0.05),

  // All of them, or how many
  rule('text0', 'all|every|each of? the? $what:w in|from|of|inside out? of? $col:c ~listWord?', ({ w, c }, x: Context) => findIn(w, c, x, 'all'), -0.1),
  rule('text0', 'a|the? list of all|every? the? $what:w in|from|of|inside out? of? $col:c', ({ w, c }, x: Context) => findIn(w, c, x, 'all'), -0.1),
  rule('text0', 'the? first $what:w in|from|of|inside out? of? $col:c', ({ w, c }, x: Context) => (w.kind === 'shape' && /^[@#]+$/.test(w.shape) ? null : findIn(w, c, x, 'first')), -0.05),
  rule('clause', '~extract all|every|each of? the? $what:w out? from|of|in of? $col:c ~listWord?', ({ w, c }, x: Context) => addFound(findIn(w, c, x, 'all')), -0.1),
  rule('rider', '~listWord', () => onText('all of them', (e) => (e.kind === 'found' ? { ...e, which: 'all' } : null)), 0),
  rule('rider', 'if|where there are|is several|more|many than? one? ,? the? last one?', () => onText('last of them', (e) => (e.kind === 'found' ? { ...e, which: 'last' } : null)), 0),
  rule('rider', 'if|where there are|is several|more|many than? one? ,? the? first one?', () => onText('first of them', (e) => (e.kind === 'found' ? { ...e, which: 'first' } : null)), 0),
  rule('rider', 'if|where there are|is several|more|many than? one? ,? all of? them?', () => onText('all of them', (e) => (e.kind === 'found' ? { ...e, which: 'all' } : null)), 0),
  rule('ex1', '~countWord $what:w ~be? there? in|inside|of ~each? $col:c', ({ w, c }, x: Context) => (w.kind === 'sort' && ['number', 'amount'].includes(w.sort) ? null : findIn(w, c, x, 'count')), -0.3),
  rule('ex1', '~countWord words|word ~be? there? in|inside|of ~each? $col:c ~contains?', ({ c }) => ({ kind: 'size', what: 'words', of: column(c) }), -0.3),
  rule('ex1', '~countWord words|word ~be|do|does|did ~each? ^$col:c ~contains|~have?', ({ c }, x: Context) => (textual(c, x) ? { kind: 'size', what: 'words', of: column(c) } : null), -0.3),
  rule('ex1', '~countWord characters|letters|signs|chars ~be|do|does|did ~each? ^$col:c ~contains|~have?', ({ c }, x: Context) => (textual(c, x) ? { kind: 'size', what: 'characters', of: column(c) } : null), -0.3),
  rule('ex1', '~countWord characters|letters|signs|chars ~be? there? in|inside|of ~each? $col:c ~contains?', ({ c }) => ({ kind: 'size', what: 'characters', of: column(c) }), -0.3),
  rule('ex1', 'word count of|in|for $col:c', ({ c }) => ({ kind: 'size', what: 'words', of: column(c) }), -0.1),
  rule('ex1', '$col:c word count', ({ c }) => ({ kind: 'size', what: 'words', of: column(c) }), -0.1),
  rule('ex1', 'text|character? length|lengths of the? text|texts? in|of? $col:c', ({ c }, x: Context) => (textual(c, x) ? { kind: 'size', what: 'characters', of: column(c) } : null), -0.1),
  rule('ex1', '$col:c text? length in|of? characters|letters?', ({ c }, x: Context) => (textual(c, x) ? { kind: 'size', what: 'characters', of: column(c) } : null), 0),
  rule('ex1', 'how long ~each? $col:c ~be ,? in? characters|letters', ({ c }, x: Context) => (textual(c, x) ? { kind: 'size', what: 'characters', of: column(c) } : null), -0.1),
  rule('ex1', 'how long is|are ~each? $col:c', ({ c }, x: Context) => (textual(c, x) ? { kind: 'size', what: 'characters', of: column(c) } : null), 0.6),
  rule('ex1', 'how long ~each? $col:c is|are', ({ c }, x: Context) => (textual(c, x) ? { kind: 'size', what: 'characters', of: column(c) } : null), 0.6),
  rule('ex1', 'how long ~be ~each? $col:c ,? in? characters|letters', ({ c }, x: Context) => (textual(c, x) ? { kind: 'size', what: 'characters', of: column(c) } : null), -0.1),

  // How many things a list holds
  rule('ex1', '~countWord $col:c ~be|does|do|did|has|have ~each? $rows|$noun|$guess|$col in|at|on|part|member|take|attend|go|goes of|to?', ({ c }, x: Context) => listed(c, x), -0.3),
  rule('ex1', '~countWord $col:c does|do|did|has|have|are|is|were|was there? on|for|in|of|with? ~each? $rows|$noun|$guess|$col have|has|had|got|hold|list|show|lists|holds|shows?', ({ c }, x: Context) => listed(c, x), -0.2),
  rule('ex1', '~countWord $col:c on|for|in|of|per|by each|every? $rows|$noun|$guess', ({ c }, x: Context) => listed(c, x), -0.2),
  rule('ex1', '~countWord entries|items|things|parts|pieces|values|elements are|is? in|inside|of the? $col:c', ({ c }, x: Context) => listed(c, x), -0.2),

  // Filled up with zeros
  rule('clause', 'pad|fill|extend out|up? $col:c out|up? to|with|on $num:n digits|digit|characters|figures|places|letters? (with|by|using leading|zeros|zeroes|zero|0 zeros|zeroes?)?', ({ c, n }) => padded(c, n), 0),
  rule('clause', 'pad|fill $col:c with leading? zeros|zeroes|0 up? to|until|so that it|they? has|have? $num:n digits|characters|figures|places|long?', ({ c, n }) => padded(c, n), 0),
  rule('clause', '~add leading zeros|zeroes to|in|for $col:c ,|so|until|up|that|it|they|has|have|to? it|they|that? has|have|is|are|to? $num:n digits|characters|figures|places long?', ({ c, n }) => padded(c, n), 0),
  rule('clause', '~make ~each? $col:c $num:n digits|characters|figures long ,|with|by|using leading zeros|zeroes in? front?', ({ c, n }) => padded(c, n), 0),
  rule('clause', '$col:c ~should have|be|get? $num:n digits|characters|figures long? ,|:|;|so? put|add|with|fill|write? the|missing? leading? zeros|zeroes in? front?', ({ c, n }) => padded(c, n), 0),
  rule('clause', '$col:c as|with|in $num:n digits|characters|figures ,|with? leading? zeros|zeroes', ({ c, n }) => padded(c, n), 0),

  // What stands in brackets
  rule('inBrackets', '~brackets in|of|at|behind|after the? $col:c', ({ c }) => ({ kind: 'inside', open: '(', close: ')', of: column(c) }), 0),
  rule('inBrackets', 'the? $pieceOf|$word|$name out? of|from|in the? ~brackets in|of|from|at the? $col:c', ({ c }) => ({ kind: 'inside', open: '(', close: ')', of: column(c) }), 0.05),
  rule('inBrackets', '$pieceOf|$word ~inside? ~brackets in|of|from|at the? $col:c', ({ c }) => ({ kind: 'inside', open: '(', close: ')', of: column(c) }), 0),
  rule('text0', '$inBrackets:e', ({ e }, x: Context) => (sampleOf(e.of.name, x).some((v) => v.includes('(')) ? e : null), 0.1),
  rule('text0', 'number|figure|count|digits ~inside? $inBrackets:e', ({ e }) => found(sort('number'), e), 0),
  rule('clause', 'the? $inBrackets:e say|says|hold|holds|show|shows|give|gives|tell|tells|contain|contains $remark ,|.|;|:? ~extract|~add that|this|it|the $word? ~into? ~number', ({ e }) => add(found(sort('number'), e)), 0),
  rule('clause', 'the? $inBrackets:e say|says|hold|holds|show|shows|give|gives|tell|tells|contain|contains $remark ,|.|;|:? ~extract|~add that|this|it|the? $word? ~into? ~column?', ({ e }) => add(e), 0.1),
  rule('inBrackets', 'the? $pieceOf|$word|$name? out? of|from|in|inside the? ~brackets', (_s, x: Context) => { const c = holdingText('(', x); return c === null ? null : { kind: 'inside', open: '(', close: ')', of: column(c) }; }, 0.3),
  // 'The claim number in the remark': the number that stands behind the word
  rule('text0', 'the? $word:w number|no|nr|id|code|numbers out? of|from|in|within|that|people|they|which|is|mention|mentioned|mentions|given|stands? in|from|within? the? $col:c', ({ w, c }, x: Context) => behindWord(w, c, x), -0.1),
  rule('clause', '~extract the? $word:w number|no|nr|id|code|numbers out? of|from|in|within the? $col:c ,? ~if|where there|it|one? ~be? one|any|some|mentioned|given|present', ({ w, c }, x: Context) => { const e = behindWord(w, c, x); return e && add(e); }, -0.1),
  rule('clause', '~extract the? $word:w number|no|nr|id|code|numbers out? of|from|in|within the? $col:c', ({ w, c }, x: Context) => { const e = behindWord(w, c, x); return e && add(e); }, -0.1),
  rule('clause', '~extract $inBrackets:e ~into ~column ~named? $name:n', ({ e, n }) => add(e, n), -0.1),
  rule('clause', '~extract $inBrackets:e', ({ e }) => add(e), 0.05),
  rule('clause', '~extract $inBrackets:e ,|and? and? put|move|write|show it|that|them ~into ~column ~named $name:n', ({ e, n }) => add(e, n), -0.1),
  rule('clause', '~extract $inBrackets:e ,|and? and? put|move|write|show it|that|them in|into|to|under a|an|its|their own|new|separate|another? column of? its|their? own?', ({ e }) => add(e), -0.1),
  rule('clause', 'put|move|write|show $inBrackets:e in|into|to|under a|an|its|their own|new|separate|another? column of? its|their? own?', ({ e }) => add(e), -0.1),

  // Letters and initials
  rule('text0', '~initials of|for? the? $col:c', ({ c }) => ({ kind: 'initials', of: column(c) }), 0),
  rule('text0', '$col:c ~initials', ({ c }) => ({ kind: 'initials', of: column(c) }), 0),
  rule('clause', '~make|shorten|abbreviate|reduce|cut|turn the? $col:c down? to|into|by its|their|the|just|only? ~initials only|instead?', ({ c }) => plans({ step: 'calculate', name: c, as: { kind: 'initials', of: column(c) }, replace: true }), -0.1),
  rule('rider', 'in|as|with? capitals|uppercase|caps', () => onText('initials upper', (e) => (e.kind === 'initials' ? e : null)), 0),
  rule('rider', 'no|without any|a|the? dots|dot|points|point|periods|stops|stop in|behind|after? (between|them)?', () => onText('initials bare', (e) => (e.kind === 'initials' ? e : null)), 0),
  rule('text0', 'the? first|leading $num:n characters|character|letters|letter|digits|digit|signs|figures of|in|from $col:c', ({ n, c }) => (n >= 1 && n <= 100 ? { kind: 'letters', side: 'first', count: n, of: column(c) } : null), 0),
  rule('text0', 'the? last|final|trailing $num:n characters|character|letters|letter|digits|digit|signs|figures of|in|from $col:c', ({ n, c }) => (n >= 1 && n <= 100 ? { kind: 'letters', side: 'last', count: n, of: column(c) } : null), 0),
  rule('clause', 'shorten|cut|truncate|trim|limit $col:c down? to|after the? first? $num:n characters|character|letters|letter|signs', ({ c, n }) => (n >= 1 && n <= 1000 ? plans({ step: 'calculate', name: c, as: { kind: 'letters', side: 'first', count: n, of: column(c) }, replace: true }) : null), 0),
  rule('text0', 'the? first letter|character|initial of|in|from $col:c', ({ c }) => ({ kind: 'letters', side: 'first', count: 1, of: column(c) }), 0),
  rule('text0', "the? first letter|character|initial of|in|from the|their|its? $col:c surname|family|last name?", ({ c }, x: Context) => (textual(c, x) ? { kind: 'letters', side: 'first', count: 1, of: { kind: 'person', part: 'last', of: column(c) } } : null), -0.1),
  rule('text0', "the? first letter|character|initial of|in|from the? surname|family|last name? of|in|from the? $col:c", ({ c }, x: Context) => (textual(c, x) ? { kind: 'letters', side: 'first', count: 1, of: { kind: 'person', part: 'last', of: column(c) } } : null), -0.1),
  rule('rider', '$rows|those|ones|names|what|whatever|everything|values|cells? ~without|~rel? a|any|have|has|had|contain|is|are? no|not? a|any? $mark:m (in it|them)? ,? stay|stays|remain|remains|is|are|keep|keeps|leave|left? (as they|it are|is|were|was|alone|unchanged)? unchanged|alone|untouched|same?', ({ m }) => onUnsplit(m), 0.05),
  rule('text0', 'the? first word of|in|from $col:c', ({ c }) => ({ kind: 'slot', n: 1, mark: ' ', of: column(c) }), 0),
  rule('text0', 'the? first $col:c only|alone?', ({ c }, x: Context) => pieceOfList(c, 1, x), 0.05),
  rule('text0', 'the? last $col:c only|alone?', ({ c }, x: Context) => pieceOfList(c, -1, x), 0.05),
  rule('text0', 'the? first of the? $col:c', ({ c }, x: Context) => pieceOfList(c, 1, x), 0),
  rule('clause', 'the? first $col:c only|alone ,? ~into|~add ~column ~named? $name:n', ({ c, n }, x: Context) => addFound(pieceOfList(c, 1, x), n), -0.2),
  rule('ex1', '~countWord $col:c took|take|takes|came|come|went|go|were|are part|along|in|on|with|there? on|in|at|for|of? ~each $rows|$noun|$guess', ({ c }, x: Context) => listed(c, x), -0.2),
  // 'The number part of the code as a number'
  ...([['~add|get|give|take|show me|us|out? ', -0.5], ['', -0.4]] as const).map(([verb, price]) => rule('clause', `${verb}the? number|numeric|digit|figure part|half|bit|piece of|from|in the? $col:c (as|into a? (real|plain|proper)? number)?`, ({ c }, x: Context) => (columnOf(x.head, c).type === 'text' ? add(found(sort('number'), column(c))) : null), price)).flat(),
  rule('clause', 'the? number of $col:c', ({ c }, x: Context) => { const e = listed(c, x); return e && add(e); }, -0.2),
  rule('ex1', '$col:m per|a|for each|every? ^$col:c', ({ m, c }, x: Context) => { const a = quantity(m, x), b = m === c || quantity(c, x) ? null : listed(c, x); return a && b && /"mark":"[;|]"/.test(JSON.stringify(b)) ? { kind: 'op', op: '/', left: a, right: b } : null; }, -0.3),
  rule('ex1', '~countWord ~distinctWord? $col:c ~be|~have there? in|on|for|at|of? ~each $rows|$noun|$guess have|has|there?', ({ c }, x: Context) => listed(c, x), -0.1),
  rule('ex1', '~countWord $word|$guess|$rows are|is|were? in|on|at the? $col:c ~each? $rows|$noun?', ({ c }, x: Context) => listed(c, x), 0.05),
  rule('text0', 'the? last|final|trailing letter|character|digit|figure of|in|from the? $col:c', ({ c }) => ({ kind: 'letters', side: 'last', count: 1, of: column(c) }), 0),
  // 'The middle part of the id', of three
  rule('text0', 'the? middle|second part|piece|bit|section|block of|in|from the? $col:c', ({ c }, x: Context) => { const cut = likelyMark(c, 3, x); return cut?.kind === 'mark' && cut.text !== ' ' ? { kind: 'slot', n: 2, mark: cut.text, of: column(c) } : null; }, 0.1),
  rule('text0', 'the? last word of|in|from $col:c', ({ c }) => ({ kind: 'slot', n: -1, mark: ' ', of: column(c) }), 0),

  // Columns written into one text
  rule('pattern', '$col:a ,|and? then|and|followed|with by? the? $col:b ~inBrackets', ({ a, b }) => ({ kind: 'written', of: [column(a), text(' ('), column(b), text(')')] }), 0),
  rule('pattern', '$col:a ^( ^$col:b ^)', ({ a, b }) => ({ kind: 'written', of: [column(a), text(' ('), column(b), text(')')] }), 0),
  rule('clause', '~add ~column? ~named? $name:n ,|:|as|=|from|like|with? $pattern:e', ({ n, e }) => add(e, n), 0.05),
  rule('pattern', '$col:a + $text:t + $col:b', ({ a, t, b }) => ({ kind: 'written', of: [column(a), text(t), column(b)] }), -0.2),
  rule('pattern', '$col:a + $text:t + $col:b + $text:u + $col:c', ({ a, t, b, u, c }) => ({ kind: 'written', of: [column(a), text(t), column(b), text(u), column(c)] }), -0.2),
  rule('clause', '~add? $name:n :|= $pattern:e', ({ n, e }) => add(e, n), -0.1),
  rule('rider', 'without|no|minus|excluding the? brackets|parentheses', () => onText('inside brackets', (e) => (e.kind === 'inside' ? e : null)), 0),
  rule('pattern', '$col:a $text:t $col:b', ({ a, t, b }) => ({ kind: 'written', of: [column(a), text(t), column(b)] }), 0.2),
  rule('text0', '$pattern:p', ({ p }) => p, 0),
  rule('text0', '~join $joined:c as|like|to|into|in|so|: the? form|pattern|style|format|way? of? $text:t', ({ c, t }, x: Context) => template(t, c, x), -0.1),
  rule('clause', '~add ~column? ~named? $name:n ,|:|as|from|like|with|of? $text:t', ({ n, t }, x: Context) => { const e = template(t, null, x); return e && add(e, n); }, 0.1),
  rule('rider', 'so|like|as|e.g|eg|for that|example|in? it|they? reads|read|looks|like|gives|get|gets? $text:t', ({ t }) => onText(`sample ${t}`, (e) => (e.kind === 'written' && t.includes('(') ? e : null)), 0.1),
  rule('moments', '~join|~make $col:a and $col:b together? ~into? a|one|single? ~moment', ({ a, b }, x: Context) => momentOf(a, b, x), 0),
  rule('moments', '~join|~make $col:a together? with $col:b ~into? a|one|single? ~moment', ({ a, b }, x: Context) => momentOf(a, b, x), 0),
  rule('moments', 'a|one|single? ~moment from|of|out|made of? $col:a and $col:b', ({ a, b }, x: Context) => momentOf(a, b, x), 0),
  rule('text0', '$moments:m', ({ m }) => m, 0),

  // A text put before or behind every value
  rule('affix', '$text:t', ({ t }) => t, 0),
  rule('affix', '$mark:m', ({ m }) => m, 0.2),
  rule('affix', '$abbrev:w', ({ w }) => w, 0.2),
  rule('abbrev', '$word:w ^-', ({ w }) => (/^\p{Lu}/u.test(w) ? `${w}-` : null), -0.1),
  rule('abbrev', '$word:w', ({ w }) => (/^\p{Lu}/u.test(w) || /\d/.test(w) ? w : null), 0.1),
  rule('clause', "$col:c number|numbers|no|code|codes|id? (as (an? )?texts?)? with an|a? letter? ^$word:w in front|before (of (it|them)|it|them)? (,|: (like|as|e.g|eg|so|such)? $word)?", ({ c, w }) => affixed(c, w, 'before'), 0),
  rule('clause', "$col:c number|numbers|no|code|codes|id? ~should ~be|get|have|start|begin (with)? an|a? letter? ^$word:w in front|before (of (it|them)|it|them)? (,|: (like|as|e.g|eg|so|such)? $word)?", ({ c, w }) => affixed(c, w, 'before'), 0),
  rule('clause', 'show|keep|have|leave|want|~keepOnly the? $col:c only|just? up|only|until|till|before to? a|an|the? first? $someMarks:m', ({ c, m }) => cutTo(c, m), -0.3),
  rule('clause', 'show|keep|have|leave|want|~keepOnly the? $col:c only|just? up|until|till|before to? a|an|the? first? $mark:m', ({ c, m }) => cutTo(c, [m]), -0.3),
  // 'The sauna price out of the extras': the number behind the word
  rule('clause', '~extract the? (number|amount|figure|value of|for|behind|after)? the? $word:w price|cost|amount|fee|number|figure out? of|from|in of? the? $col:c', ({ w, c }, x: Context) => { const e = behindWord(w, c, x); return e && add(e); }, -0.1),
  rule('clause', '~add? the? number|no|nr of the|a? ^$word:w that|which? is|was|are? ^mentioned|given|named|quoted|noted|written in|inside|within the? $col:c', ({ w, c }, x: Context) => { const e = behindWord(w, c, x); return e && add(e); }, -0.4),
  rule('text0', 'the? number|amount|price|figure|value behind|after|following|for the? word? ^$word:w in|of|from|within the? $col:c', ({ w, c }, x: Context) => behindWord(w, c, x), -0.1),
  rule('rider', 'count them|those|these|it up?', () => onText('counted', (e) => (e.kind === 'pieces' || (e.kind === 'orElse' && e.of.kind === 'pieces') || (e.kind === 'found' && e.which === 'count') ? e : null)), 0),
  rule('clause', 'prefix|precede|preface ~each|all|every? the? $col:c with|by the? letters|text|word|prefix? $affix:t', ({ c, t }) => affixed(c, t, 'before'), 0),
  rule('clause', 'suffix ~each|all|every? the? $col:c with|by the? letters|text|word? $affix:t', ({ c, t }) => affixed(c, t, 'behind'), 0),
  rule('clause', 'put|add|write|insert|set|place the? letters|text|word|prefix? $affix:t in? front|before|ahead of? ~each|all|every? of? the? $col:c', ({ c, t }) => affixed(c, t, 'before'), 0),
  rule('clause', '~each|all|every? $col:c ~should|gets|get|needs|need begin|start|be|have|get? with|preceded|a|an|the? by|prefix|prefixed? with|of? the? $affix:t in|as? front|prefix', ({ c, t }) => affixed(c, t, 'before'), 0.1),
  rule('clause', 'put|add|write|append|attach|set|place the? letters|text|word|suffix|ending? $affix:t behind|after|to|at the? end|back? of? ~each|all|every? of? the? $col:c', ({ c, t }) => affixed(c, t, 'behind'), 0.1),
  rule('prefixed', '^$word:p ^$value:v', ({ p, v }) => ({ p, c: v.column, n: 1 }), 0),
  rule('prefixeds', '$prefixed:a ~list $prefixed:b', ({ a, b }) => (a.p === b.p && a.c === b.c ? a : null), 0),
  rule('prefixeds', '$prefixed:a ~list $prefixeds:b', ({ a, b }) => (a.p === b.p && a.c === b.c ? a : null), 0),
  rule('clause', '$col:c ~should ~be? read|look|say|called|written|become|be like|as? $prefixeds:p ~etc?', ({ c, p }) => (p.c === c ? affixed(c, `${p.p} `, 'before') : null), -0.6),
  ...SIZES.map(([words, op]) => rule('cond', `~withA|with|having ${words} $num:n pieces|items|kinds|things|sorts|types|entries|different of $col:c`, ({ n, c }, x: Context) => { const e = listed(c, x); return e && ({ kind: 'compare', op, left: e, right: { kind: 'number', value: n } } as const); }, 0)).flat(),
  // Codes put together out of pieces: 'the first three letters of the boat in capitals, a dash and the number'
  rule('tpart', '$col:c', ({ c }) => column(c), 0.05),
  rule('tpart', 'a|an? $mark:m', ({ m }) => text(m), 0.05),
  // What shows the whole is no piece of it.
  rule('tpart', '$text:t', ({ t }, x: Context) => (standingIn(t, x).length > 1 ? null : text(t)), 0),
  rule('tpart', '$text0:e', ({ e }) => (e.kind === 'letters' || e.kind === 'found' || e.kind === 'slot' || e.kind === 'piece' ? e : null), 0),
  rule('tpart', '$col:c first|leading $num:n characters|letters|digits|letter|character', ({ n, c }) => (n >= 1 && n <= 100 ? { kind: 'letters', side: 'first', count: n, of: column(c) } : null), 0),
  rule('tpart', '$col:c last $num:n characters|letters|digits|letter|character', ({ n, c }) => (n >= 1 && n <= 100 ? { kind: 'letters', side: 'last', count: n, of: column(c) } : null), 0),
  rule('tpart', 'number|digits|figure of|in|from the? $col:c', ({ c }, x: Context) => (textual(c, x) ? found(sort('number'), column(c)) : column(c)), 0),
  rule('tpart', 'number|digits|figure of|in|from the|each|every? $noun', (_s, x: Context) => { const c = x.head.columns[0]!.name; return textual(c, x) ? found(sort('number'), column(c)) : column(c); }, 0.1),
  rule('tpart', '$tpart:e in ~upper', ({ e }) => (e.kind === 'text' ? null : { kind: 'cased', letters: 'upper', of: e }), 0),
  rule('tpart', '$tpart:e ~upper', ({ e }) => (e.kind === 'text' ? null : { kind: 'cased', letters: 'upper', of: e }), 0),
  rule('tpart', '$tpart:e in? ~lower', ({ e }) => (e.kind === 'text' ? null : { kind: 'cased', letters: 'lower', of: e }), 0),
  rule('tparts', '$tpart:a ~shapeJoin $tpart:b', ({ a, b }) => (a.kind === 'text' ? null : [a, b]), 0),
  rule('tparts', '$tpart:a ~shapeJoin $tparts:r', ({ a, r }) => [a, ...r], 0),
  rule('assembled', '$tparts:p', ({ p }) => (p.length > 2 && p.some((e: Expression) => e.kind === 'text') && p.filter((e: Expression) => e.kind !== 'text').length > 1 ? { kind: 'written', of: p } : null), 0),
  rule('clause', '~add ~column? ~named? $name:n (for ~each $rows|$noun)? ,|:|from|of|made|consisting|built|out|with? from|of|out? of? the? $assembled:e', ({ n, e }) => add(e, n), -0.2),
  rule('clause', '~add ~column? a|an? code|key|label|id|text|identifier (for ~each $rows|$noun)? ,|:|from|of|made|consisting|built|out|with? from|of|out? of? the? $assembled:e', ({ e }) => add(e, 'Code'), -0.3),
  rule('clause', '$name:n :|= the? $assembled:e', ({ n, e }) => add(e, n), 0),
  // 'The number behind the L-': of the only column in which that stands
  rule('text0', 'the? number|digits|figure|figures|part|bit|text|everything|letters|what is|comes|stands? after|behind|following the? $abbrev:m in|of|from? $col:c?', ({ m, c }, x: Context) => { const name = (c as string | undefined) ?? holdingText(m, x); return name === null ? null : { kind: 'piece', side: 'after', mark: m, which: 'first', of: column(name) }; }, 0.1),

  // Words taken off the front
  rule('wordList', '$word:w', ({ w }) => (/^\p{Lu}/u.test(w) && w.length <= 12 ? [w] : null), 0),
  rule('wordList', '$text:w', ({ w }) => [w], 0),
  rule('wordList', '$wordList:a ~list $wordList:b', ({ a, b }) => [...a, ...b], 0),
  rule('clause', '~move|~extract the? $wordList:w in|from front|out? of|in? front? of? $col:c ~into ~column|$ownColumn ~named? $name:n', ({ w, c, n }, x: Context) => moveWords(w, c, n, x), 0),
  rule('clause', '~move|~extract the? $wordList:w from in front of the? $col:c ~into ~column|$ownColumn ~named? $name:n', ({ w, c, n }, x: Context) => moveWords(w, c, n, x), 0),
  rule('ownColumn', 'its|their own? column', () => true, 0),
  rule('rider', 'and? let|leave|leaving|so $col:c column? keep|have|hold|show|with only|just the? $word', ({ c }) => keepsOnly(c), 0.1),
  rule('rider', 'and|so|with? $col:c then|should|shall? then|should? only|just? has|have|keeps|keep|holds|hold|contains only|just? the? name|names|rest', ({ c }) => keepsOnly(c), -0.2),


  // By a pattern of columns: "name (district)"
  rule('text0', '$template:t', ({ t }) => t, -0.2),
  // 'Put date and start time into one column called Starts'
  rule('clause', '~join|put|bring|write $col:a and|with|, $col:b together? ~into|as a|one|single|the? one|single|same? column|field|cell|value ~named? $name:n?', ({ a, b, n }, x: Context) => { if (a === b) return null; const e = momentOf(a, b, x) ?? momentOf(b, a, x); return add(e ?? { kind: 'join', of: [column(a), column(b)], separator: ' ' }, n); }, -0.2),
  // 'Remove everything after the semicolon in notes'
  rule('clause', '~drop everything|anything|all|whatever|what (that|which)? comes|stands|is|follows? after|behind|following the? $which:w? $mark:m in|of|from|within the? $col:c', ({ c, w, m }) => cutTo(c, [m], w), -0.4),
  // 'Keep what is before the first comma, semicolon or dash': whichever comes first
  rule('cutMarks', '$someMarks:m', ({ m }) => m, 0),
  rule('cutMarks', '$mark:m', ({ m }) => [m], 0),
  rule('someMarks', '$mark:a or|and|,|/ $mark:b', ({ a, b }) => (a === b ? null : [a, b]), 0),
  rule('someMarks', '$mark:a , or? a|an? $someMarks:b', ({ a, b }) => (b.includes(a) ? null : [a, ...b]), 0),
  rule('someMarks', '$mark:a or|and a|an|the $mark:b', ({ a, b }) => (a === b ? null : [a, b]), 0),
  rule('clause', '~keep|leave (only|just)? what|everything|all|whatever|text|part (that|which)? (is|stands|comes)? before|until|till|up to? a|an|the? first? $cutMarks:m in|of|from|within the? $col:c', ({ c, m }) => cutTo(c, m), -0.4),
  rule('clause', 'in|of|from|within the? $col:c ,? ~keep|leave|~keepOnly (only|just)? what|everything|all|whatever|text|part (that|which)? (is|stands|comes)? before|until|till|up to? a|an|the? first? $cutMarks:m', ({ c, m }) => cutTo(c, m), -0.4),
  rule('clause', 'cut|trim|shorten|chop|clip|truncate|end|stop $col:c off|short|down? at|before|from|after a|an|the? first? $someMarks:m', ({ c, m }) => cutTo(c, m), -0.4),
  rule('clause', "i|we'd|i'd|we|would|want|like like|want|need? the? $col:c cut|trimmed|shortened|ended off? at|before a|an|the? first? $someMarks:m", ({ c, m }) => cutTo(c, m), -0.4),
  rule('clause', "~if a|an|the? $col:c ~have|~be several|many|more|two|multiple parts|pieces|remarks|entries|values|things ~open? after|behind|separated|split|divided|with|at|between|by by? a|an? $cutMarks:m ~close? ,? (only|just)? ~keep|leave|take|use (only|just)? the? first (one|part|piece)?", ({ c, m }) => cutTo(c, m), -0.4),
  rule('text0', 'the? first? (part of (the)?)? $col:c ~open? before|until|till|up to? a|an|the? first? $someMarks:m ~close?', ({ c, m }) => cutOff(c, m, undefined), -0.1),
  rule('text0', 'what|everything|all|whatever|text|part (that|which)? (is|stands|comes)? before|until|till|up to? a|an|the? first? $someMarks:m in|of|from|within the? $col:c', ({ c, m }) => cutOff(c, m, undefined), -0.1),
  rule('clause', '$col:c without|less|minus everything|anything|all|whatever|what (that|which)? (is|comes|stands|follows)? after|behind|following a|an|the? first? $cutMarks:m', ({ c, m }) => cutTo(c, m), -0.3),
  // 'Cut the descriptions off at the first comma'
  rule('clause', 'cut|trim|shorten|chop|clip|truncate|end|stop $col:c off|short|down? at|before|from|after the? $which:w? $mark:m', ({ c, w, m }) => cutTo(c, [m], w), -0.4),
  rule('rider', '~otherwise leave|keep|put|it|that leave|stay|stays|is? it|that|them|nothing? ~blankWord|nothing', () => onText('otherwise blank', (e) => (isFind(e) ? e : null)), 0),
  // 'The letter at the front of the code'
  rule('text0', 'the? letter|letters at|in|from the? front|start|beginning|head of|in the? $col:c', ({ c }, x: Context) => leadingLetters(c, x), -0.1),
  rule('text0', 'the? leading|first|opening|initial letter|letters of|in|from the? $col:c', ({ c }, x: Context) => leadingLetters(c, x), 0.1),
  rule('rider', 'without|no|dropping|minus the|any? leading zeros|zeroes|noughts', () => onText('no leading zeros', (e) => (e.kind === 'found' && e.what.kind === 'sort' && e.what.sort === 'number' ? e : null)), 0),
  rule('clause', '~add ~column (~named? $name:n)? with|of|for|holding|containing|from the? $col:c all? in|as|into ~upper', ({ n, c }) => add({ kind: 'cased', letters: 'upper', of: column(c) }, n), -0.1),
  rule('clause', '~add ~column (~named? $name:n)? with|of|for|holding|containing|from the? $col:c all? in|as|into ~lower', ({ n, c }) => add({ kind: 'cased', letters: 'lower', of: column(c) }, n), -0.1),
  rule('clause', '~add? ~column? ~named? $word:w in|of|like the|this? form|shape|style|format|way|pattern :|,? $text0:e', ({ w, e }) => (e.kind === 'written' ? add(e, w) : null), -0.2),
  rule('text0', '$col:a ~open $col:b ~close', ({ a, b }, x: Context) => (a !== b && [a, b].every((c) => columnOf(x.head, c).type === 'text' && quantity(c, x) === null) ? { kind: 'written', of: [column(a), text(' ('), column(b), text(')')] } : null), 0.2),
  rule('rider', '(leave|leaving|drop|dropping|take|skip|without|no|and|but the? $mark|$text away|out|off?)? ~if|~wherever|when there ~be no $col:b', ({ b }) => onText(`joined without ${b}`, (e) => joinedBy(e, b)), 0),

  rule('rider', 'in|counted|as characters|letters', () => onLast('in characters', (plan) => (plan.as.kind === 'size' && plan.as.what === 'characters' ? plan : null)), 0),
  rule('clause', '~join|put|bring|combine|merge|write the? date|day and|with|plus the? $col:t in|into|to|as|together one|1|a|single|the? single|same? column|timestamp|moment|field|cell|value?', ({ t }, x: Context) => { const d = onlyDate(x); return d !== null && d !== t && timed(t, x) ? add({ kind: 'moment', day: column(d), time: column(t) }, `${d} ${t}`) : null; }, -0.3),
  // 'Note: pull out the error number': what stands behind that word
  rule('clause', '$col:c :|,|- please? ~extract out? the|any? ^$word:w number|no|nr|code|id (out|from it|in it)? ~into? ~column? (~named $name:n)?', ({ c, w, n }, x: Context) => addFound(behindWord(w, c, x), n), -0.2),
  rule('aside', ',|so|that is? so|that|is|with? the? first|last|given|family name|names in|comes|come|at? the? front|first|last', () => nothing, 0.2),
  rule('rider', 'in the? same|very column|place|cell', () => amend('in place', (plan) => (plan.step === 'calculate' && plan.replace ? plan : null)), 0),
  rule('text0', '~initials of|for everybody|everyone|all|each|every $rows|$noun|$guess?', (_s, x: Context) => { const c = personColumn(x); return c && { kind: 'initials', of: column(c) }; }, 0),
  // 'In one text like 72/4/5'
  rule('clause', '$cols:c in|into|as one|a|single column|field|text|cell ,|:|-? like|as|e.g|eg|such|so as? ^$num ^$mark:m ^$num', ({ c, m }) => (c.length === 2 ? add({ kind: 'join', of: c.map(column), separator: m }) : null), -0.2),
  rule('clause', '$cols:c in|into|as one|a|single column|field|text|cell ,|:|-? like|as|e.g|eg|such|so as? ^$num ^$mark:m ^$num ^$mark:k ^$num', ({ c, m, k }) => (c.length === 3 && m === k ? add({ kind: 'join', of: c.map(column), separator: m }) : null), -0.2),
  rule('clause', 'and? out of|from the? $col:c', ({ c }) => alsoOut(c), -0.3),
  rule('clause', 'and? remove|take|cut|delete|drop it|them|that out? of|from? the? $col:c', ({ c }) => alsoOut(c), -0.3),
  rule('clause', 'and it|they|that? ~should? be|get|is|are|gets gone|removed|deleted|taken|cut|dropped out|away? of|from the? $col:c', ({ c }) => alsoOut(c), -0.5),
  rule('aside', 'and so on|forth', () => nothing, 0),
  rule('aside', 'etc', () => nothing, 0),
].flat();

/** The letters that all codes of a column begin with, where they are as many in each. */
function leadingLetters(name: string, x: Context): Expression | null {
  const runs = sampleOf(name, x).filter((v) => v.trim() !== '').map((v) => /^\p{L}*/u.exec(v.trim())![0].length);
  return columnOf(x.head, name).type === 'text' && runs.length > 0 && runs[0]! > 0 && runs.every((n) => n === runs[0]) && sampleOf(name, x).some((v) => v.trim().length > runs[0]!) ? { kind: 'letters', side: 'first', count: runs[0]!, of: column(name) } : null;
}

/** Two columns with a text between them, put together so that the text falls away with a blank one. */
function joinedBy(e: Expression, name: string): Expression | null {
  if (e.kind === 'join') return e.of.some((o) => o.kind === 'column' && o.name === name) ? e : null;
  if (e.kind !== 'written' || e.of.length !== 3) return null;
  const [a, between, b] = e.of as readonly [Expression, Expression, Expression];
  return a.kind === 'column' && between.kind === 'text' && b.kind === 'column' && (a.name === name || b.name === name) ? { kind: 'join', of: [a, b], separator: between.value } : null;
}

/** 'And customer keeps only the name': of what was just taken out of it. */
const keepsOnly = (name: string): Act => amend(`keeps ${name}`, (plan) => ((plan.step === 'replace' && plan.columns.includes(name)) || (plan.step === 'calculate' && plan.replace && plan.name === name) ? plan : null));

/** How many pieces the lists of a column hold, where it holds lists: a mark stands in one of five filled cells or more. */
function listed(name: string, x: Context): Expression | null {
  const all = sampleOf(name, x).filter((v) => v.trim() !== '');
  const mark = [';', '|', ',', '/'].find((m) => all.filter((v) => v.includes(m)).length >= Math.max(1, all.length / 5));
  // 'Fern, Ada' is one person.
  if (mark === ',' && all.every((v) => v.split(',').length <= 2) && persons(name, x)) return null;
  return columnOf(x.head, name).type === 'text' && mark !== undefined ? { kind: 'pieces', mark, of: column(name) } : null;
}

/** One piece of the lists of a column. */
function pieceOfList(name: string, n: number, x: Context): Expression | null {
  // A first name is no first name of several.
  if (/\bnames?$/i.test(name) && persons(name, x)) return null;
  const e = listed(name, x);
  return e?.kind === 'pieces' ? { kind: 'slot', n, mark: e.mark, of: e.of } : null;
}

/** A text written before or behind every value of a column; a blank stays blank. */
const affixed = (name: string, affix: string, side: 'before' | 'behind'): Act =>
  ({ key: `affix ${name} ${side} ${affix}`, apply: (state) => withPlan(state, { step: 'calculate', name, as: { kind: 'written', of: side === 'before' ? [text(affix), column(name)] : [column(name), text(affix)] }, replace: true }, [name]) });

/** The number behind a word, as the texts of a column write it: in just one way, and always before a number. */
function behindWord(word: string, name: string, x: Context): Expression | null {
  if (!textual(name, x) || word.length < 3) return null;
  const ways = new Set(sampleOf(name, x).flatMap((v) => [...v.matchAll(new RegExp(`(?<![\\p{L}])(${word.replace(/[^\p{L}\p{N}]/gu, '')})[\\s:#.-]*(?:no\\.?|number|nr\\.?)?[\\s:#.-]*\\d`, 'giu'))].map((m) => m[1]!)));
  const [as, ...others] = ways;
  if (as === undefined || others.length) return null;
  // In 'INV-4471' the dash belongs to the mark: the number is none below zero.
  const behind = new Set(sampleOf(name, x).flatMap((v) => { const at = v.indexOf(as); return at < 0 ? [] : [v[at + as.length] ?? '']; }));
  const mark = behind.size === 1 && /^[-–#:./]$/.test([...behind][0]!) ? as + [...behind][0]! : as;
  return found(sort('number'), { kind: 'piece', side: 'after', mark, which: 'first', of: column(name) });
}

/** What has no such mark stays as it is. */
const onUnsplit = (mark: string): Act =>
  onText(`unsplit ${mark}`, (e) => (e.kind === 'choose' && e.cases.length === 1 && e.otherwise.kind === 'column' && JSON.stringify(e.cases[0]!.when).includes(JSON.stringify([mark])) ? e : e.kind === 'written' && JSON.stringify(e).includes(`"mark":${JSON.stringify(mark)}`) ? unsplit(e, mark) : null));

function unsplit(e: Expression, mark: string): Expression | null {
  const [name, ...others] = [...new Set(columnsOf(e))];
  return name === undefined || others.length ? null : { kind: 'choose', cases: [{ when: { kind: 'text', test: 'contains', of: column(name), texts: [mark] }, then: e }], otherwise: column(name) };
}

/** The only column in whose texts a mark stands, in most of them. */
function holdingText(mark: string, x: Context): string | null {
  const found = x.head.columns.filter((c) => { const all = c.type === 'text' ? sampleOf(c.name, x).filter((v) => v.trim() !== '') : []; return all.length > 0 && all.filter((v) => v.includes(mark)).length >= all.length * 0.5; });
  return found.length === 1 ? found[0]!.name : null;
}

/** Is a column one of texts? */
const textual = (name: string, x: Context): boolean => columnOf(x.head, name).type === 'text';

/** A column's texts filled up with zeros. */
const padded = (name: string, length: number): Act | null =>
  Number.isInteger(length) && length >= 1 && length <= 100
    ? { key: `pad ${name} ${length}`, apply: (state) => withPlan(state, { step: 'calculate', name, as: { kind: 'padded', length, fill: '0', of: column(name) }, replace: true }, [name]) }
    : null;

/** A text with the names of columns in it: 'member (site)'. Every column said before must be there, and at least one. */
function template(pattern: string, said: readonly string[] | null, x: Context): Expression | null {
  const names = x.head.columns.map((c) => c.name).sort((a, b) => b.length - a.length);
  const parts: Expression[] = [];
  let rest = pattern, plain = '';
  while (rest !== '') {
    const name = /^[\p{L}\p{N}]/u.test(rest) && !/[\p{L}\p{N}]$/u.test(plain) ? names.find((n) => rest.toLowerCase().startsWith(n.toLowerCase()) && !/^[\p{L}\p{N}]/u.test(rest.slice(n.length))) : undefined;
    if (name === undefined) {
      plain += rest[0]!;
      rest = rest.slice(1);
      continue;
    }
    if (plain !== '') parts.push(text(plain));
    plain = '';
    parts.push(column(name));
    rest = rest.slice(name.length);
  }
  if (plain !== '') parts.push(text(plain));
  const used = parts.flatMap((p) => (p.kind === 'column' ? [p.name] : []));
  if (used.length === 0 || parts.length < 2 || (said === null && used.length < 2)) return null;
  return (said ?? []).every((n) => used.includes(n)) ? { kind: 'written', of: parts } : null;
}

/** 'and the e-mail in Email': another find in the column that was looked through last. */
const sameSource = (what: Findable, name: string, x: Context): Act => ({
  key: `also find ${keyOf([what, name])}`,
  apply(state) {
    const last = state.plans.at(-1) ?? state.last;
    const source = last?.step === 'calculate' && last.as.kind === 'found' && last.as.of.kind === 'column' ? last.as.of.name : null;
    return source !== null && holder(what, source, x) !== null ? withPlan(state, { step: 'calculate', name, as: found(what, column(source)), replace: false }, [name]) : null;
  },
});

/** The column of persons' names, if one is called so. */
const personColumn = (x: Context): string | null => x.head.columns.find((c) => /^(?:full |whole )?names?$/i.test(c.name) && c.type === 'text')?.name ?? null;

const found2 = (what: Findable, named: string | undefined, x: Context): Act | null => addFound(findIn(what, named ?? null, x) ?? findIn(what, null, x));

/** A found text as a number: the number in it. */
function asNumber(e: Expression): Expression | null {
  if (e.kind === 'found' && e.what.kind === 'sort' && NUMERIC_FINDS.has(e.what.sort)) return e;
  if (e.kind === 'found' || e.kind === 'slot' || e.kind === 'piece' || e.kind === 'inside' || e.kind === 'letters') return found(sort('number'), e);
  return null;
}

export function momentOf(a: string, b: string, x: Context): Expression | null {
  const isClock = (n: string): boolean => { const all = sampleOf(n, x); return all.length > 0 && all.filter((v) => /^\d{1,2}[:.]\d{2}/.test(v.trim())).length >= all.length / 2; };
  if (readsAsDate(x.head, a) && isClock(b)) return { kind: 'moment', day: column(a), time: column(b) };
  return readsAsDate(x.head, b) && isClock(a) ? { kind: 'moment', day: column(b), time: column(a) } : null;
}

/** What was found last, called by a name. */
const nameFound = (name: string): Act => amend(`found ${name}`, (plan) => (plan.step === 'calculate' && !plan.replace && isFind(plan.as) ? { ...plan, name } : null));
