import { folded } from '../../../values/fold';
import { all, column, not, number, type Condition } from '../../../formula/expression';
import { columnOf } from '../../../table/table';
import { rule, type Rule } from '../../chart';
import type { Context } from '../../acts';
import { oneOf, saying, among, compare, numeric, says } from './make';

/** Both, where both are known. */
const and = (a: Condition | null, b: Condition | null): Condition | null => a && b && all([a, b]);

/** Do quoted texts stand only inside longer texts of a column? Then it does not say only that. */
const isPart = (name: string, texts: readonly string[], x: Context): boolean => {
  const held = (x.head.glances?.get(name)?.values ?? []).map(([v]) => folded(v)), sought = texts.map(folded).filter((t) => t !== '');
  return sought.length > 0 && sought.every((t) => !held.includes(t) && held.some((v) => v.includes(t)));
};

interface Value {
  readonly column: string;
  readonly text: string;
  readonly loose: boolean;
}

/** Another value of the column that differs from one in its last word: 'Lab D' beside 'Lab A'. */
function besides(v: { readonly column: string; readonly text: string }, word: string, x: Context): { column: string; text: string } | null {
  const cut = v.text.trim().lastIndexOf(' ');
  if (cut < 0 || word.length > 12) return null;
  const found = x.vocabulary.values.get(folded(`${v.text.trim().slice(0, cut)} ${word}`))?.find((o) => o.column === v.column);
  return found && found.text !== v.text ? { column: found.column, text: found.text } : null;
}

/** Texts that a column is compared with: quoted, or values that stand in it. */
const valuesOf = (list: readonly Value[], name: string): string[] | null => {
  const own = list.filter((v) => v.column === name);
  return own.length === list.length ? own.map((v) => v.text) : null;
};

/** Values that rows have, and columns that say yes or no. */
export const valueRules: readonly Rule[] = [
  // 'Who lives at Quay 5', 'all readers who found us through the website'
  rule('rset', 'who|whoever|those|everybody|everyone|anyone|people who|that? lives|lived|live|works|worked|work|sits|sit|stays|stayed|resides|came|comes|booked|bought|ordered at|in|on|from|near|through|via|by the? $values:v', ({ v }) => (v.every((o: { column: string }) => o.column === v[0].column) ? among(v[0].column, v.map((o: { text: string }) => o.text)) : null), 0.1),
  rule('rset', '$rset:a who|that|which $word us|me|it|them? through|via|by|from|over|on|at|in the? $value:v', ({ a, v }) => all([a, among(v.column, [v.text])]), 0.15),
  rule('rset', 'whoever|anyone|everyone|anybody|everybody|those who? pays|pay|paid|comes|came|uses|used|gets|buys|bought|orders|ordered|has|have|is|are|was|were ^$value:v', ({ v }) => among(v.column, [v.text]), 0.1),
  // 'Lab A or D'
  rule('values', '$value:v or|and|, ^$word:w', ({ v, w }, x: Context) => { const other = besides(v, w, x); return other && [v, other]; }, 0.05),
  // 'Rides from the docks', where more than one column has that place
  ...([['from', /\b(?:from|origin|start|source|departure)\b/i], ['to', /\b(?:to|destination|target|arrival|end)\b/i]] as const).map(([word, called]) => rule('cond', `${word} the? ^$value:v`, ({ v }) => (called.test(v.column) ? among(v.column, [v.text]) : null), -0.4)).flat(),
  // 'English to German'
  rule('rset', '$value:a to|into|-> $value:b', ({ a, b }) => (a.column !== b.column && /\b(?:from|source|origin|start|departure)\b/i.test(a.column) && /\b(?:to|into|target|destination|arrival)\b/i.test(b.column) ? all([among(a.column, [a.text]), among(b.column, [b.text])]) : null), 0),
  rule('cond', '~withA|with a|an|any? $yesno:y and|plus a|an|any|some? ^$col:c', ({ y, c }, x: Context) => (numeric(c, x) || columnOf(x.head, c).type !== 'text' ? and(says(y, true), compare('>', column(c), number(0))) : null), 0),
  rule('cond', '~withA|with a|an|any|some? $col:c and|plus a|an|any? ^$yesno:y', ({ y, c }, x: Context) => (numeric(c, x) ? and(compare('>', column(c), number(0)), says(y, true)) : null), 0),
  rule('rset', '$rset:a ~withA|with $yesno:y', ({ a, y }) => all([a, says(y, true)]), 0.1),
  rule('rset', '$rset:a ~without $yesno:y', ({ a, y }) => all([a, says(y, false)]), 0.1),
  rule('rset', '$rows|$guess ~rel? $remark? ~open $values:v ~close', ({ v }) => (new Set(v.map((o: Value) => o.column)).size === 1 ? among(v[0].column, v.map((o: Value) => o.text)) : null), 0.1),
  // Values and texts
  rule('values', '$value:v', ({ v }) => [v], 0),
  rule('values', '$value:v ^/ ^$values:r', ({ v, r }) => (r[0].column === v.column && !r.some((o: Value) => o.text === v.text) ? [v, ...r] : null), 0.1),
  rule('values', '$value:v ~list the|some|all|any|those? ^$values:r', ({ v, r }) => (r[0].column === v.column && !r.some((o: Value) => o.text === v.text) ? [v, ...r] : null), 0),
  rule('cond', '$values:v', ({ v }) => v.some((o: Value) => o.loose) ? null : among(v[0].column, v.map((o: Value) => o.text)), 0.05),
  rule('cond', '~be $values:v', ({ v }) => saying(v), 0.05),
  rule('cond', '~not $values:v', ({ v }) => not(saying(v)), 0.1),
  rule('cond', '~be ~not $values:v', ({ v }) => not(saying(v)), 0.05),
  rule('cond', '$col:c ~equals $values:v', ({ c, v }) => { const t = valuesOf(v, c); return t && among(c, t); }, 0),
  rule('cond', '$col:c $values:v', ({ c, v }) => { const t = valuesOf(v, c); return t && among(c, t); }, 0.05),
  rule('cond', '$values:v $col:c', ({ c, v }) => { const t = valuesOf(v, c); return t && among(c, t); }, 0.05),
  rule('cond', '$col:c ~equals either|one? of? $texts:t', ({ c, t }, x: Context) => (isPart(c, t, x) ? null : among(c, t)), 0),
  rule('cond', '$col:c ~differs $values:v', ({ c, v }) => { const t = valuesOf(v, c); return t && not(among(c, t)); }, 0),
  rule('cond', '$col:c ~say|says|say|reads|read $texts:t', ({ c, t }, x: Context) => (isPart(c, t, x) ? { kind: 'text', test: 'contains', of: column(c), texts: t } : null), 0),
  rule('cond', '$col:c ~differs $texts:t', ({ c, t }) => not(among(c, t)), 0),
  // Columns that say yes or no: 'the active ones', 'not active', 'unpaid'
  rule('cond', 'under|on|with|in $yesno:y', ({ y }) => says(y, true), 0.05),
  rule('cond', 'not|without under|on|with|in? $yesno:y', ({ y }) => says(y, false), 0.05),
  rule('cond', 'took|takes|take|had|has|have|includes|included|include|booked|ordered|wanted|wants|got|gets $yesno:y', ({ y }) => says(y, true), 0.1),
  rule('cond', "there's|theres|there an? $yesno:y", ({ y }) => says(y, true), 0.05),
  rule('cond', 'there is|was|are|were an?|any? $yesno:y', ({ y }) => says(y, true), 0),
  rule('cond', "there isn't|aren't|wasn't|weren't|is|was|are|were not|no? an?|any? $yesno:y", ({ y }) => says(y, false), 0.1),
  rule('cond', '~be $yesno:y', ({ y }) => says(y, true), 0.02),
  rule('cond', '~be? ~not $yesno:y', ({ y }) => says(y, false), 0.02),
  rule('unsaid', '$noyes:y', ({ y }) => says(y, false), 0.05),
  rule('cond', '$unsaid:c', ({ c }) => c, 0),
  rule('cond', '~be $noyes:y', ({ y }) => says(y, false), 0.02),
  rule('rset', '$yesno:y $rows|$guess|$noun', ({ y }) => says(y, true), 0.05),
  rule('cond', '~be? neither $values:a nor|or $values:b', ({ a, b }) => (a[0].column === b[0].column ? not(among(a[0].column, [...a, ...b].map((o: Value) => o.text))) : null), -0.1),
  rule('cond', '$col:c ~be? neither $values:a nor|or $values:b', ({ c, a, b }) => { const t = valuesOf([...a, ...b], c); return t && not(among(c, t)); }, -0.1),
  rule('cond', 'must|should|needs|need|has|have to? $yesno:y', ({ y }) => says(y, true), 0.05),
  rule('rset', "$rows|$noun|$guess ~rel? can|could|may|will|wants|want|is|are|likes to? able|allowed? to? $yesno:y", ({ y }) => says(y, true), 0),
  rule('rset', "$rows|$noun|$guess ~rel? can't|cant|cannot|couldn't|don't|doesn't|won't|didn't|mustn't want|like|have|able? to? $yesno:y", ({ y }) => says(y, false), 0),
  rule('rset', '$rows|$noun|$guess ~rel? can|could|may|will|do|does|did not want|like|have? to? $yesno:y', ({ y }) => says(y, false), 0),
  rule('rset', '$rows ~rel $yesno:y', ({ y }) => says(y, true), -0.1),
  rule('rset', '$rows ~rel ~not $yesno:y', ({ y }) => says(y, false), -0.1),
  // 'power tools', 'good condition': a value with the noun it belongs to
  rule('cond', '$values:v ^$col:c', ({ v, c }, x: Context) => (columnOf(x.head, c).type === 'text' && v[0].column !== c && !v.some((o: Value) => o.loose) ? among(v[0].column, v.map((o: Value) => o.text)) : null), 0.3),
  rule('rset', '$rows $values:v $word out|up|in|off?', ({ v }) => among(v[0].column, v.map((o: Value) => o.text)), 0.4),
  // 'What was paid in cash'
  rule('cond', '~be? paid|settled|sent|shipped|delivered|bought|ordered|booked|transferred|collected|taken in|by|with|via|through ^$values:v', ({ v }) => among(v[0].column, v.map((o: Value) => o.text)), -0.05),
  // 'The jobs done by Joost', 'everything handled by her'
  rule('cond', 'done|made|handled|carried|performed|led|run|booked|sold|given|held|worked|served|taken|written|brought|signed|finished|entered|cleaned|driven|taught out|in|off|up? by $values:v', ({ v }) => among(v[0].column, v.map((o: Value) => o.text)), 0.05),
  rule('rset', 'what|whatever|everything|all|anything ^$values:v ^$word:w out|up|in|off|back|over?', ({ v, w }) => (/(?:ed|ent|ok|ave|old|ought|ade|ove|ote|an|ew)$/.test(w) ? among(v[0].column, v.map((o: Value) => o.text)) : null), 0.3),
  rule('rset', 'what|whatever|everything|all|anything ^$inside:v ^$word:w out|up|in|off|back|over?', ({ v, w }) => (/(?:ed|ent|ok|ave|old|ought|ade|ove|ote|an|ew)$/.test(w) ? { kind: 'text', test: 'mentions', of: column(v.column), texts: [v.text] } : null), 0.3),
  // 'What was sent by Garden Ott'
  rule('rset', 'what|everything|anything|whatever|all|those|that (that|which)? was|were|is|got|has|had|came|comes|went been? $word? by|from|to|for|at|with ^$values:v', ({ v }) => oneOf(v), 0),
  rule('cond', '$valueSet:s', ({ s }) => among(s.column, s.texts), -0.25),
].flat();
