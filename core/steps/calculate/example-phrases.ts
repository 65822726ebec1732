import { programsFor, type Example } from '../by-example/programs';
import { column, columnsOf, type Expression } from '../../formula/expression';
import { amend, withPlan, type Act, type Context } from '../../language/acts';
import { keyOf, rule } from '../../language/chart';
import { sampleOf } from '../../language/grammar/samples';
import { keptForHead } from '../../language/kept';
import { stem } from '../../language/words';
import { isDate, isQuantity } from '../../table/column';
import { folded } from '../../values/fold';
import { add } from './adding';

/* Texts shown by an example: what comes out of one text, or what is joined as a shown text has it. */

const foldedValues = keptForHead<ReadonlySet<string>>();
const tried = keptForHead<ReturnType<typeof programsFor>>(50);

/** The programs for some examples over a column; found once for each table version. */
function programs(source: string, examples: readonly Example[], x: Context): ReturnType<typeof programsFor> {
  return tried(x.head, keyOf([source, examples]), () => programsFor(source, examples, sampleOf(source, x)));
}

/** Columns joined the way an example shows: values of theirs that stand in it, and the fixed texts between them. */
function byPattern(names: readonly string[], example: string, x: Context, name = names.join(' and ')): Act | null {
  const pattern = patternOf(names, example, x);
  return pattern && add(pattern, name);
}

/** The columns joined as an example has them; null where a value of one of them does not stand in it. */
export function patternOf(names: readonly string[], example: string, x: Context): Expression | null {
  if (names.length < 2) return null;
  let left = example;
  const places: { at: number; length: number; name: string }[] = [];
  for (const name of names) {
    const held = (x.head.glances?.get(name)?.values ?? []).map(([t]) => t.trim()).filter((t) => t !== '' && left.includes(t)).sort((a, b) => b.length - a.length)[0];
    if (held === undefined) return null;
    const at = left.indexOf(held);
    places.push({ at, length: held.length, name });
    left = left.slice(0, at) + '\u0000'.repeat(held.length) + left.slice(at + held.length);
  }
  places.sort((a, b) => a.at - b.at);
  const parts: Expression[] = [];
  let from = 0;
  for (const p of places) {
    if (p.at > from) parts.push({ kind: 'text', value: example.slice(from, p.at) });
    parts.push(column(p.name));
    from = p.at + p.length;
  }
  if (from < example.length) parts.push({ kind: 'text', value: example.slice(from) });
  return { kind: 'written', of: parts };
}

/**
 * The columns whose values stand in an example, none of them within another: texts and dates as they are written, the longest
 * first; then numbers, by the word beside them ('42 ewes' is of ‹Ewes›), or where only one column holds such a number.
 */
export function standingIn(example: string, x: Context): readonly string[] {
  const said = example.toLowerCase(), taken: (readonly [number, number])[] = [], out: string[] = [];
  const takes = (name: string, at: number, length: number): void => {
    const to = at + length;
    if (/[\p{L}\p{N}]/u.test(`${said[at - 1] ?? ' '}${said[to] ?? ' '}`) || taken.some(([from, end]) => at < end && from < to)) return;
    taken.push([at, to]);
    out.push(name);
  };
  const held = x.head.columns.filter((c) => c.type === 'text' || isDate(c.type)).flatMap((c) => {
    const best = sampleOf(c.name, x).map((v) => v.trim()).filter((v) => (v.length > 1 || /^\p{Lu}$/u.test(v)) && example.includes(v)).sort((a, b) => b.length - a.length)[0];
    return best === undefined ? [] : [{ name: c.name, text: best.toLowerCase() }];
  }).sort((a, b) => b.text.length - a.text.length);
  for (const { name, text } of held) takes(name, said.indexOf(text), text.length);
  for (const m of out.length > 0 ? said.matchAll(/\d+(?:[.,]\d+)?/g) : []) {
    const fitting = x.head.columns.filter((c) => !out.includes(c.name) && isQuantity(c.type) && sampleOf(c.name, x).some((v) => v.trim() === m[0]));
    const beside = [/^\W{0,2}(\p{L}+)/u.exec(said.slice(m.index + m[0].length))?.[1], /(\p{L}+)\W{0,2}$/u.exec(said.slice(0, m.index))?.[1]].map((w) => (w === undefined ? '' : stem(w)));
    const called = fitting.filter((c) => c.name.toLowerCase().split(/[\s_]+/).some((w) => beside.includes(stem(w))));
    const [name] = called.length === 1 ? called : fitting.length === 1 ? fitting : [];
    if (name) takes(name.name, m.index, m[0].length);
    // A number of no column would stand in every row.
    else if (!taken.some(([from, to]) => m.index >= from && m.index < to)) return [];
  }
  return out;
}

/** The words of a text, sorted. */
const wordsIn = (text: string): string => (folded(text).match(/[\p{L}\p{N}]+/gu) ?? []).sort().join(' ');

/** The best program for some examples over a column; without one, over the only column in which the first input stands. */
export function byExample(examples: readonly Example[], named: string | null, x: Context, mode: 'add' | 'set', name?: string): Act | null {
  const input = folded(examples[0]!.input), output = folded(examples[0]!.output);
  const heldBy = (column: string): ReadonlySet<string> => foldedValues(x.head, column, () => new Set(sampleOf(column, x).map(folded)));
  // 'H104 to H107' are two of them, and no example.
  if (examples.length === 1 && input !== output && x.head.columns.some((c) => heldBy(c.name).has(input) && heldBy(c.name).has(output))) return null;
  const texts = x.head.columns.filter((c) => c.type === 'text').map((c) => c.name);
  const holding = texts.filter((c) => heldBy(c).has(input));
  const source = named ?? (holding.length === 1 ? holding[0]! : null);
  if (source === null) return null;
  const [best] = programs(source, examples, x);
  if (!best || best.covers < 0.4) return null;
  if (mode === 'add') return add(best.expression, name);
  return { key: `example ${keyOf(best.expression)}`, apply: (state) => withPlan(state, { step: 'calculate', name: source, as: best.expression, replace: true }, [source]) };
}

/** A wished result shown without what it comes from: a value of the same words in another order. */
function likeThis(name: string, output: string, called: string | undefined, x: Context, mode: 'add' | 'set' = 'add'): Act | null {
  const input = sampleOf(name, x).find((v) => wordsIn(v) === wordsIn(output) && v.trim() !== output);
  return input === undefined ? null : byExample([{ input, output }], name, x, mode, called);
}

/** Does an expression hold these columns, and no others? */
export const sameColumns = (names: readonly string[], e: Expression): boolean => [...new Set(names)].sort().join('\n') === [...new Set(columnsOf(e))].sort().join('\n');

/** Ways to show what is wanted: by an example of what comes out, or of how columns are joined. */
export const examplePhrases = [
  // By what comes of one row: "E-101: Ostley"
  rule('shownAs', ',|:|-? like|as|e.g|eg|such|so|that|which|reads|read|reading|looks|say as|like|reads|read|looks? :|,|like? $shownTemplate:t ~etc?', ({ t }) => t, 0),
  rule('shownAs', ',|:|-? for example|instance :|,? $shownTemplate:t ~etc?', ({ t }) => t, 0),
  rule('clause', '~add? a|an|the? ~column? ~named? $name:n (text|column)? $shownAs:t', ({ n, t }) => add(t, n), -0.5),
  rule('clause', '~add|~make|build|create a|an|the? new? ~column? ~named? $name:n ,|:? that|which|with? has|holds|hold|shows|says|gives|contains|combines|of|with|from? the? $col:a and|,|then|followed|plus? by|in|then? brackets|parentheses? the? $col:b in|within? brackets|parentheses? $shownAs:t', ({ n, a, b, t }) => (sameColumns([a, b], t) ? add(t, n) : null), -0.6),
  rule('clause', '~add|~join? a|an|the? ~column? ~named? $name:n (text|column)? out|from|made of|from? the? $cols:c $shownAs:t', ({ n, c, t }) => (sameColumns(c, t) ? add(t, n) : null), -0.5),
  rule('clause', '~join the? $cols:c (into|to a|one|single? text|column|field|cell)? $shownAs:t', ({ c, t }) => (sameColumns(c, t) ? add(t) : null), -0.5),
  rule('clause', '~add|~make a|an|the? ~column? (text|label|column)? $shownAs:t', ({ t }) => add(t), -0.1),
  rule('rider', '$shownAs:t', ({ t }) => amend(`shown ${keyOf(t)}`, (plan) => (plan.step === 'calculate' && (plan.as.kind === 'join' || plan.as.kind === 'written') && sameColumns(columnsOf(plan.as), t) ? { ...plan, as: t } : null)), 0),
  rule('clause', '~add ~column ~named? $name:n ,|:|-? like|as|e.g|eg|such|so as? $text:t ,? from|out|of|with|using|made of|from? the? $cols:c', ({ n, c, t }, x: Context) => byPattern(c, t, x, n), -0.3),
  rule('clause', '~join|put|bring|write|show $cols:c together? like|as|so this|that|so? :|,? ^$restText:t .?', ({ c, t }, x: Context) => byPattern(c, t.replace(/\.$/, ''), x), 0.1),
  rule('clause', 'label|tag|name|describe|title ~each|all|the $rows|$noun|$guess with|by its|the|their? $cols:c ,? like|as|e.g|eg|such|so as? $text:t', ({ c, t }, x: Context) => byPattern(c, t, x, 'Label'), -0.1),
  rule('clause', '~add? an? text|label|title|name|heading|line|caption|description|code ~named? $properName:n? (such|written|looking)? like|as|e.g|eg|so $text:t ,? made|built|put|composed|taken? together? of|from|out|with of? the? $cols:c', ({ n, c, t }, x: Context) => byPattern(c, t, x, n), 0.4),
  // By example
  rule('examples', '$example:a', ({ a }) => [a], 0),
  rule('examples', '$example:a ,|and|;? $examples:b', ({ a, b }) => [a, ...b], 0),
  rule('exampleCue', '~exampleWord ,|:?', () => true, 0),
  rule('exampleCue', ',|:|;|.|–|- ~exampleWord? ,|:?', () => true, 0),
  rule('shortForm', 'a|an|the? short|shorter|brief|long|neat|compact|nice|full|tidy? description|label|version|form|text|name|code|summary|way|round of|for|from? every|each|the|our?', () => true, 0.05),
  rule('clause', '~add ~column? ~named? $name:n ,|:? made|built|derived|worked|taken? from|out|of|with of? the? $col:c $exampleCue $examples:e', ({ n, c, e }, x: Context) => byExample(e, c, x, 'add', n), 0),
  rule('clause', '~add|show|write the? $col:c (as $word $word? then|and|followed $word $word?)? ~into ~column ~named? $name:n $exampleCue? $examples:e', ({ c, n, e }, x: Context) => byExample(e, c, x, 'add', n), 0),
  rule('clause', '(~add|~make|i|we|give|need|want|build|write)? (need|want|me|us)? ~column? $shortForm $col:c ~into? ~column? $exampleCue $examples:e', ({ c, e }, x: Context) => byExample(e, c, x, 'add'), -0.3),
  rule('clause', '~add|~make|build|write|create|give|need|want ~column? $shortForm $rows|$noun|$guess|$word? ~into? ~column? $exampleCue $examples:e', ({ e }, x: Context) => byExample(e, null, x, 'add'), 0.15),
  rule('clause', '~add ~column? $shortForm? made|built|derived|taken? from|out|of|with|for? of? the? $col:c ~wayRound? ~into? ~column? $exampleCue $examples:e', ({ c, e }, x: Context) => byExample(e, c, x, 'add'), 0.15),
  rule('clause', 'write|rewrite|turn|change|reformat|rearrange|reorder|convert|put|flip|reverse $col:c ~wayRound? ~pleaseWord? $exampleCue? $examples:e', ({ c, e }, x: Context) => byExample(e, c, x, 'set'), 0),
  rule('clause', 'from|out|of of? the? $col:c (please|we|i)? ~add|~make|build|write|create|give|need|want $shortForm $exampleCue $examples:e', ({ c, e }, x: Context) => byExample(e, c, x, 'add'), -0.1),
  rule('clause', 'write|rewrite|turn|change|reformat|rearrange|reorder|convert|put|flip|reverse|show|repeat the? $col:c ~into ~column ~named? $name:n? ,|:? ~wayRound? $exampleCue? $examples:e', ({ c, n, e }, x: Context) => byExample(e, c, x, 'add', n), -0.2),
  rule('clause', '~add|show the? $col:c as|like|written|in the? form? $examples:e ~into? ~column?', ({ c, e }, x: Context) => byExample(e, c, x, 'add'), 0),
  rule('clause', '~make|change|bring|get|put $col:c to|into|in|as the? form|shape|format|style|pattern|way ,|:|-|–|like|of? $examples:e', ({ c, e }, x: Context) => byExample(e, c, x, 'set'), -0.2),
  rule('clause', '$col:c rewritten|rearranged|reformatted|reordered|turned|flipped|reversed|changed|written round|around|as|to? $word|$mark|$guess|$col? ,|and|then? $word|$mark|$guess|$col? ,|and|then? $word|$mark|$guess|$col? :|,|-|–|;|. $examples:e', ({ c, e }, x: Context) => byExample(e, c, x, 'set'), -0.3),
  // 'Turn "Orrin, Tilda" into "Tilda Orrin" in the customer column': the same words in another order show how all are meant
  rule('clause', 'turn|change|make|rewrite|convert $text:a into|to $text:b in|for|of|throughout|all the|all|every|each? $col:c column|names?', ({ a, b, c }, x: Context) => (a !== b && wordsIn(a).includes(' ') && wordsIn(a) === wordsIn(b) ? byExample([{ input: a, output: b }], c, x, 'set') : null), -0.6),
  rule('clause', '$col:c :|, turn|make|change|write|put? $examples:e', ({ c, e }, x: Context) => byExample(e, c, x, 'set'), 0.05),
  rule('clause', '$col:c ~should? ~be? ~wayRound? $exampleCue? $examples:e', ({ c, e }, x: Context) => byExample(e, c, x, 'set'), 0.3),
  rule('clause', '~add|show|write the? $col:c like|as|e.g|eg $text:t ~into? ~column ~named? $name:n', ({ c, t, n }, x: Context) => likeThis(c, t, n, x), 0),
  rule('clause', '~add|show|write the? $col:c like|as|e.g|eg $text:t', ({ c, t }, x: Context) => likeThis(c, t, undefined, x), 0.2),
  rule('clause', 'write|turn|change|put|make|spell the? $col:c as|like|to|into|so ,|that|it|says|reads|is? $text:t', ({ c, t }, x: Context) => likeThis(c, t, undefined, x, 'set'), 0),
  rule('clause', '~add ~column? ~named? $name:n that|which looks|look|reads|read|is|goes like|as|so? $examples:e (from|out of|using|based on the? $col:c)?', ({ n, e, c }, x: Context) => byExample(e, c ?? null, x, 'add', n), 0),
  rule('clause', '~add ~column ~named? $name:n ,|:? $exampleCue $examples:e', ({ n, e }, x: Context) => byExample(e, null, x, 'add', n), 0.1),
  rule('clause', '$col:c ~should ~be|read|look|say|stand? $text:b rather than|instead $text:a', ({ c, a, b }, x: Context) => byExample([{ input: a, output: b }], c, x, 'set'), 0),
  rule('clause', '$col:c ~should ~be|read|look|say|stand? $text:b and? not $text:a', ({ c, a, b }, x: Context) => byExample([{ input: a, output: b }], c, x, 'set'), 0.05),
  rule('clause', '~add ~column? ~named? $name:n ,|:|-? that|which? says|shows|holds|has|with|combines|joins|puts the? $cols:c together|joined|combined? ,|:|-? like|as|e.g|eg|such|so as? $text:t', ({ n, c, t }, x: Context) => byPattern(c, t, x, n), -0.4),
  rule('clause', '~join|put|bring|write $cols:c together? like|as $text:t ~into|in|as|called ~column? ~named? $name:n', ({ c, t, n }, x: Context) => byPattern(c, t, x, n), -0.1),
  rule('clause', '~join|put|bring|write $cols:c together? ~into|in|as|called ~column? ~named? $name:n like|as|so|,|:|-? like|as|so? $text:t', ({ c, t, n }, x: Context) => byPattern(c, t, x, n), -0.1),
  // 'A column Label that reads like "Rose Classic for Nora Vale"': the columns in which those stand
  rule('clause', '~add ~column? ~named? $name:n ,|:|-? that|which? looks|look|reads|read|goes|is|says like|as|so? $text:t', ({ n, t }, x: Context) => { const held = standingIn(t, x); return held.length > 1 ? byPattern(held, t, x, n) : null; }, -0.1),
  rule('clause', '~add ~column? ~named? $name:n ,|:|-? like|as|e.g|eg|such|so as? $text:t', ({ n, t }, x: Context) => { const held = standingIn(t, x); return held.length > 1 ? byPattern(held, t, x, n) : null; }, 0),
  ...(['label', 'title', 'caption', 'heading', 'text', 'line', 'description'] as const).map((what) => rule('clause', `(~add|~make|build|write|want|need)? a|an|one? (short|new|invoice|ticket|little)? ${what} (for|of|on each|every (one|$rows))? ,|:|-? like|as|e.g|eg|such|so|: as? $text:t`, ({ t }, x: Context) => { const all = standingIn(t, x); return all.length > 1 ? byPattern(all, t, x, what.charAt(0).toUpperCase() + what.slice(1)) : null; }, -0.3)).flat(),
  rule('clause', '$cols:c together|combined|joined|side like|as|so $text:t', ({ c, t }, x: Context) => byPattern(c, t, x), 0.1),
  rule('clause', 'put|bring|write $cols:c together like|as $text:t', ({ c, t }, x: Context) => byPattern(c, t, x), 0),
  rule('clause', '~add ~column? a|an? label|text|name|title|description|code? like|as|e.g|eg|such|so as? $text:t from|out|of|with|using of? the? $cols:c', ({ c, t }, x: Context) => byPattern(c, t, x, 'Label'), -0.1),
  rule('clause', '$cols:c in|into|as one|a|single column|field|text|cell ~named? $name:n ,|:|-? like|as|e.g|eg|such|so as? $text:t', ({ c, t, n }, x: Context) => byPattern(c, t, x, n), -0.2),
  rule('clause', '~join $cols:c ,|:|-? like|as|e.g|eg|such|so as? $text:t', ({ c, t }, x: Context) => byPattern(c, t, x), 0),
  rule('clause', '$col:c as|like $text:t', ({ c, t }, x: Context) => likeThis(c, t, undefined, x, 'set'), 0.2),
  rule('clause', '~join $cols:c ~into|like ~column? $text:t', ({ c, t }, x: Context) => byPattern(c, t, x), 0.05),
  rule('clause', '~join|~make $cols:c ~into? ~column? like|as $text:t', ({ c, t }, x: Context) => byPattern(c, t, x), 0.05),
  rule('clause', '~join $cols:c as|like in|this? ~column? $text:t', ({ c, t }, x: Context) => byPattern(c, t, x), 0),
  rule('clause', 'have|want|need|like|prefer|write|put|see|make|turn|read it|them|that|those|these rather|better|written? ~exampleWord|to|into ,|:? $examples:e', ({ e }, x: Context) => byExample(e, null, x, 'set'), 0),
  rule('clause', '$exampleCue $examples:e', ({ e }, x: Context) => byExample(e, null, x, 'add'), 0.5),
  rule('clause', '$examples:e', ({ e }, x: Context) => byExample(e, null, x, 'add'), 0.6),
].flat();
