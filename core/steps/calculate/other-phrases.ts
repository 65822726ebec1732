import { rule, type Rule } from '../../language/chart';
import type { Context } from '../../language/acts';
import { atRates, soleValue } from '../../language/grammar/theirs';
import type { OtherColumn } from '../../language/grammar/others';
import { isQuantity } from '../../table/column';
import { columnOf, findColumn } from '../../table/table';
import { column, number, op, type Expression } from '../../formula/expression';
import { onLast } from './amending';
import { nothing, withPlan, type Act, type State } from '../../language/acts';
import { stemsIn } from '../../language/words';
import { add } from './adding';

const words = (name: string): readonly string[] => stemsIn(name, (w) => w.length > 2);

/** The column of another table that fills a column here: of the same name, or the only one that shares a word with it. */
function likeHere(name: string, table: string, x: Context): OtherColumn | null {
  const there = x.head.others?.get(table);
  const same = there && (findColumn(there.columns, name) ?? there.columns.find((c) => c.name.toLowerCase() === name.toLowerCase()));
  const alike = same ? [same] : (there?.columns.filter((c) => words(c.name).some((w) => words(name).includes(w))) ?? []);
  return alike.length === 1 ? { table, column: alike[0]!.name } : null;
}

/** Blanks of a column filled with what another table says. */
function filledFrom(name: string, value: OtherColumn | null, x: Context): Act | null {
  const there = value && soleValue(x, value);
  if (!there) return null;
  // What is written there with signs is read as a number.
  const texts = columnOf(x.head.others!.get(value.table)!, value.column).type === 'text';
  const otherwise: Expression = texts && isQuantity(columnOf(x.head, name).type) ? op('*', there, number(1)) : there;
  return { key: `filled from ${name} ${value.table} ${value.column}`, apply: (state: State) => withPlan(state, { step: 'calculate', name, as: { kind: 'orElse', of: column(name), otherwise }, replace: true }, [name]) };
}

/** Said of blanks that were just filled from another table. */
const ofFilling = (key: string): Act => ({ key, apply: (state) => (onLast(key, (plan) => (plan.replace && plan.as.kind === 'orElse' ? plan : null)).apply(state) ? nothing.apply(state) : null) });

/** New columns of what other tables say. */
export const otherPhrases: readonly Rule[] = [
  // 'Fill in missing prices from the list'
  rule('clause', '~fill in|up? the? missing|blank|empty|absent $col:c (of|for ~each $rows|$noun|$col)? from|with|by|using|out of? the|what? the? $theTable:t says|has|gives?', ({ c, t }, x: Context) => filledFrom(c, likeHere(c, t, x), x), -0.4),
  rule('clause', '~fill in|up? the? missing|blank|empty|absent $col:c from|with|by|using|out of? the? list|table|sheet|catalogue', ({ c }, x: Context) => { const [t, ...more] = [...(x.head.others?.keys() ?? [])]; return t === undefined || more.length ? null : filledFrom(c, likeHere(c, t, x), x); }, -0.4),
  rule('clause', '~fill in|up? the? missing|blank|empty|absent $col:c from|with|by|using|out of? the? ^$tcol:k in|from|of the? $theTable:t', ({ c, k, t }, x: Context) => (k.table === t ? filledFrom(c, k, x) : null), -0.5),
  rule('clause', '~fill in|up? the? missing|blank|empty|absent $col:c from|with|by|using|out of? the|its|their? ^$theirs:k', ({ c, k }, x: Context) => filledFrom(c, k, x), -0.4),
  rule('clause', '~wherever|~if the|we|it|there? ~be|~have? $col:c ~be ~blankWord ,? take|use|get|put|look|bring|fetch|fill|insert|write in|up? the|its|their? ^$tcol:k (of|for (that|the|each|its)? $rows|$noun|$col|$table|$word)? from|in|out of? the? $theTable:t', ({ c, k, t }, x: Context) => (k.table === t ? filledFrom(c, k, x) : null), -0.4),
  rule('clause', '~wherever|~if the? $col:c ~be ~blankWord ,? take|use|get|put|look|bring|fetch|fill|insert|write in|up? the|its|their? ^$theirs:k instead?', ({ c, k }, x: Context) => filledFrom(c, k, x), -0.3),
  rule('clause', "~wherever|~if (there's|there ~be|it ~have|we ~have|it|they)? no|not|without an|any? $col:c ,? take|use|get|put|look|bring|fetch|fill|insert|write in|up? the|its|their? ^$tcol:k (of|for (that|the|each|its)? $rows|$noun|$col|$table|$word)? from|in|out of? the? $theTable:t", ({ c, k, t }, x: Context) => (k.table === t ? filledFrom(c, k, x) : null), -0.4),
  rule('rider', 'as|in a? plain|bare|simple|pure? number|figure', () => ofFilling('plain'), -0.1),
  rule('rider', 'leave|keep|leaving|keeping the? given|known|existing|present|filled|other $col|$word|prices|values|ones|cells? alone|untouched|unchanged|as? (they|it)? are?', () => ofFilling('left alone'), -0.1),
  rule('clause', '~wherever|~if ~without|~blankWord $col:c ,? take|use|get|put|look|bring|fetch|fill|insert|write in|up? the|its|their? ^$theirs:k instead?', ({ c, k }, x: Context) => filledFrom(c, k, x), -0.3),
  rule('rider', 'without|minus|dropping the? pound|euro|dollar|currency|£|€ sign|signs|symbol?', () => ofFilling('bare'), 0),
  rule('rider', '$col|$word|those|ones|values|cells? that|which? are|is|were? already there|filled|known|given|in ~should|must|may|stay|stays|remain|are|is not? be? touched|changed|overwritten|kept|alone|untouched|left|unchanged|as? (they|it)? are?', () => ofFilling('kept'), 0),
  rule('rider', "do|don't|dont|without|never not? overwrite|overwriting|touch|touching|change|changing|replace|replacing the|any|those|what? $col|$word|prices|values|ones|cells? (that|which)? (we|are|is|they)? already? have|has|there|filled|known|given|in? (already)?", () => ofFilling('not overwritten'), -0.2),
  rule('rider', "the? $rows|$noun|$col|$table|$word|those|ones that|which aren't|isn't|are|is|not not? listed|there|found|known|in in|on? the? $theTable|list|table? stay|stays|remain|remains|be|are|is? ~blankWord", () => ofFilling('others blank'), -0.4),
  rule('rider', "and|but? ~if|~wherever there is|are|isn't|aren't|'s|theres|there's? no|not|none such|matching|a|an|any? $rows|$noun|$col|$table|$word? ,? it|they? stay|stays|remain|remains|is|leave ~blankWord", () => ofFilling('else blank'), 0),
  // 'Convert the amounts to euros with the rates table'
  rule('clause', '(convert|turn|translate|change|express|put|give|show|write|recalculate|calculate) the? $col:c in|into|to $word ,? (with|by|using|from|at|via|on|per|through) the? (rates|rate|factors|factor|prices|price|values in|of|from|as)? the|our? $theTable:t', ({ c, t }, x: Context) => { const e = atRates(c, t, x); return e && add(e); }, -0.2),
].flat();
