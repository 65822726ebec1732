import { sampleOf } from '../../language/grammar/samples';
import { amend, nothing, speakOf, withPlan, type Act, type Context, type State } from '../../language/acts';
import { readsAsDate } from '../../formula/check';
import { isDate } from '../../table/column';
import { columnOf } from '../../table/table';
import { rule } from '../../language/chart';
import { cutText, type Cut, type SplitPlan } from './step';
import { ORDINALS } from '../../language/words';
import type { Entailed } from '../../language/entailed';

const MARKS = [',', ';', '/', ' - ', '-', '|', ' – ', ':', ' '];

/** The cut that takes the most values of a column into so many pieces: a mark, or the change from letters to digits; none where nothing fits. */
export function likelyMark(column: string, pieces: number, x: Context): Cut | null {
  const values = (x.head.glances?.get(column)?.values ?? []).slice(0, 300);
  if (values.length === 0) return { kind: 'mark', text: ',' };
  let best: { cut: Cut | null; score: number } = { cut: null, score: 0 };
  for (const cut of [...MARKS.map((text): Cut => ({ kind: 'mark', text })), { kind: 'change' } as const]) {
    // The colon of a clock is no place to cut a date, or a day, with its time.
    if (cut.kind === 'mark' && cut.text === ':' && (readsAsDate(x.head, column) || values.every(([v]) => !/:/.test(v.replace(/\d:\d\d/g, ''))))) continue;
    if (cut.kind === 'change' && !values.some(([v]) => /\d/.test(v))) continue;
    const score = values.filter(([v]) => cutText(v, cut, 'every', Infinity).length === pieces).length;
    if (score > best.score) best = { cut, score };
  }
  return best.cut;
}

/** Where letters stand before a number: at the one mark between them, or where one changes to the other. */
function letteredCut(column: string, x: Context): Cut | null {
  const values = sampleOf(column, x).filter((v) => v.trim() !== ''), between = new Set(values.map((v) => /^\p{L}+(\P{L}*?)\d+$/u.exec(v.trim())?.[1]));
  const [only] = between;
  return values.length === 0 || between.has(undefined) || between.size > 1 ? null : only === '' ? { kind: 'change' } : { kind: 'mark', text: only! };
}

/** What people call the letters and the digits of a code. */
const LETTERS = 'letter prefix text word series side initial character'.split(' '), DIGITS = 'number digit figure'.split(' ');

export const splitAt = (column: string, at: Cut | null, into: readonly string[], which: SplitPlan['which'] = 'every'): Act | null =>
  at === null || into.length < 2 ? null : { key: `split ${JSON.stringify([column, at, into, which])}`, apply: (state: State) => (isDate(columnOf(state.head, column).type) ? null : withPlan(state, { step: 'split', column, at, which, into }, [column])) };

const mark = (text: string): Cut => ({ kind: 'mark', text });

/** A cut as it was said: at a mark, every time or once. */
interface Marked {
  readonly text: string;
  readonly which: SplitPlan['which'];
}
const cutAt = (column: string, { text, which }: Marked, into: readonly string[]): Act | null => (which !== 'every' && into.length !== 2 ? null : splitAt(column, mark(text), into, which));

/** Names for the pieces where none were given. */
const proposed = (column: string, n: number): string[] => Array.from({ length: n }, (_, i) => `${column} ${i + 1}`);

export const phrases = [
  rule('names', '$name:a', ({ a }) => [a], 0),
  rule('names', '$name:a ~list $names:b', ({ a, b }) => [a, ...b], 0.02),
  rule('clause', '$col:c ~split3 up? to? $num things|parts|values|pieces|bits|components|fields $atmark:m .|;|,|:|-? (please|so|now|i|we)? ~make|form|create|build|want|need ^$names:n out of|from? it|that|them|these?', ({ c, m, n }) => (n.length > 1 ? cutAt(c, m, n) : null), -0.3),
  // 'Roof: covering / shape / colour'
  rule('slashed', '$name:a ^/ ^$name:b', ({ a, b }) => [a, b], 0),
  rule('slashed', '$name:a ^/ ^$slashed:b', ({ a, b }) => [a, ...b], 0),
  rule('clause', 'the? $col:c column? is|are|holds|has|=|:|- $slashed:n ,|;|.|:|-|–? (please|split|make|give|put|want|need|i|into|in|as)? ~each|own|separate|one|three|two|apart columns|column|each|please? each|please?', ({ c, n }, x: Context) => splitAt(c, likelyMark(c, n.length, x), n), -0.3),
  // 'Split the visit code into prefix and number'
  ...([['letterPart', LETTERS], ['digitPart', DIGITS]] as const).flatMap(([cat, words]) => words.flatMap((w) => rule(cat, `${w} part|parts?`, () => w.charAt(0).toUpperCase() + w.slice(1), 0))),
  rule('clause', '~split|separate|divide|break the? $col:c (up|apart)? ~into the|its|a? (two columns,?)? ^$letterPart:a ,|and the|a? ^$digitPart:b', ({ c, a, b }, x: Context) => splitAt(c, letteredCut(c, x), [a, b]), -0.6),
  rule('atmark', '~at every|each|the|all|any? $mark:m', ({ m }) => ({ text: m, which: 'every' }), 0),
  rule('atmark', '~at first $mark:m', ({ m }) => ({ text: m, which: 'first' }), -0.05),
  rule('atmark', '~at last $mark:m', ({ m }) => ({ text: m, which: 'last' }), -0.05),
  rule('atmark', "there's|it's a|an|the? $mark:m in? between (the|them|these|those|both two|parts|both|three|pieces?)?", ({ m }) => ({ text: m, which: 'every' }), 0),
  rule('atmark', 'there|it|with is|are? a|an|the? $mark:m in? between (the|them|these|those|both two|parts|both|three|pieces?)?', ({ m }) => ({ text: m, which: 'every' }), 0),
  rule('atmark', '~at every|each|the|all|any? letter? $word:w', ({ w }) => (w.length === 1 ? { text: w, which: 'every' } : null), 0),
  rule('clause', '~make|~split|~add two|2|new? columns? out|from of? the? $col:c :|,|;|-|–? the? $word ~into ^$name:a ,|and and? the? $word ~into ^$name:b', ({ c, a, b }, x: Context) => splitAt(c, likelyMark(c, 2, x), [a, b]), -0.3),
  rule('clause', 'the? part|bit|text|word? before the? $mark:m in|of the? $col:c is|= the? ^$name:a ,|;|and and|what|everything? the? rest|part|other|remainder (after it|behind it)? is|=? the? ^$name:b', ({ m, c, a, b }) => splitAt(c, mark(m), [a, b], 'first'), -0.3),
  // 'Two columns out of employee: Last Name before the comma, First Name after it', 'Kind is the part before the slash and Subject the part after it'
  rule('beforeMark', '~open? the? part|bit|text|what|everything|word? before|until|in|left front? of? the? $mark:m in|of? $col? ~close?', ({ m }) => m, 0),
  rule('afterMark', '~open? the? part|bit|text|what|everything|word|rest? after|behind|following|right of? it|that|the? $mark? ~close?', () => true, 0),
  rule('afterMark', '~open? the? rest|other remaining? part|half|bit? ~close?', () => true, 0),
  rule('clause', '~make|give|~split|get|i|we? want|need? two|2? columns? out|from of? the? $col:c :|,|;|-|–? ^$name:a ^$beforeMark:m ,|and|;? and? ^$name:b ^$afterMark', ({ c, a, m, b }) => splitAt(c, mark(m), [a, b], 'first'), -0.6),
  rule('clause', '~split the? $col:c apart|up? ~into2 ^$name:a ^$beforeMark:m ,|and|;? and? ^$name:b ^$afterMark', ({ c, a, m, b }) => splitAt(c, mark(m), [a, b], 'first'), -0.6),
  rule('clause', '~split the? $col:c apart|up? $atmark:m ,|:|;|.|-|–? ^$name:a goes|comes|stands|is|before|in goes|before|front of? it|that? ,|;|and? and? ^$name:b goes|comes|stands|is|after|behind|following after|behind|following? it|that?', ({ c, m, a, b }) => splitAt(c, mark(m.text), [a, b], m.which === 'last' ? 'last' : 'first'), -0.8),
  rule('clause', '$col:c :|,|- $beforeMark:m is|=|: the? ^$name:a ,|and|; and? $afterMark is|=|:? the? ^$name:b', ({ c, a, m, b }) => splitAt(c, mark(m), [a, b], 'first'), -0.6),
  rule('clause', 'take the? $col:c apart|to pieces? into ^$names:n', ({ c, n }, x: Context) => (n.length > 1 ? splitAt(c, likelyMark(c, n.length, x), n) : null), 0),
  rule('clause', '^$name:a is|= the? part|bit|text|piece? of|from the? $col:c $beforeMark:m ,|and|;? and? ^$name:b is|=? $afterMark', ({ c, a, m, b }) => splitAt(c, mark(m), [a, b], 'first'), -0.4),
  rule('clause', 'what|everything|whatever the|stands|comes|is? $beforeMark:m in|of the? $col:c goes|go|is|belongs|comes to|into|in|under|as? ^$name:a ,|;|and? and? (what|everything)? (is|comes|stands)? $afterMark goes|go|is|belongs|comes? to|into|in|under|as? ^$name:b', ({ c, m, a, b }) => splitAt(c, mark(m), [a, b], 'first'), -0.4),
  rule('clause', '$names:n ~be both|all? in|inside|under the? $col:c ,|;|.? separated|divided|split by an? $mark:m ,|;|.|:? give|put|make|get? ~each? (its|their) own? columns|column', ({ n, c, m }) => splitAt(c, mark(m), n), -0.2),
  rule('clause', '~split the? $col:c apart|up? $atmark:m ,|:|;|- ^$names:n', ({ c, m, n }) => (n.length > 1 && n.every((w: string) => /^\p{Lu}/u.test(w)) ? cutAt(c, m, n) : null), -0.1),
  rule('clause', 'take the? $col:c apart|to pieces? $atmark:m ,|:|;|-? ~into2? ^$names:n', ({ c, m, n }) => (n.length > 1 ? cutAt(c, m, n) : null), -0.1),
  rule('alone', '$col:c into ^$names:n', ({ c, n }, x: Context) => (n.length > 1 && n.every((w: string) => /^\p{Lu}/u.test(w)) ? splitAt(c, likelyMark(c, n.length, x), n) : null), -0.2),
  rule('rider', "and? the? $word|$name|it stays|stay|remains|is|be|left ~blankWord ~if|~wherever there isn't|isnt|is|are|aren't not|no|none|one|any? one|any|$word?", () => amend('split blank', (plan) => (plan.step === 'split' ? plan : null)), 0),
  rule('aside', 'make|in|into? two|2|separate columns ~pleaseWord?', () => nothing, 0.2),
  rule('aside', 'the? part|bit|piece|text|word|name|one before|after|behind|following the? $mark|it is|= the? surname|name|forename|firstname|lastname', () => nothing, 0),
  rule('aside', 'the? part|bit|piece|text|word|name|one before|after|behind|following the? $mark|it is|= the? first|last|family|given name', () => nothing, 0),
  rule('clause', '~add? two|three|2|3|4 new? columns from|out|of of? the? $col:c ,|:|-|–|;? ~named? $names:n', ({ c, n }, x: Context) => splitAt(c, likelyMark(c, n.length, x), n), 0),
  rule('atmark', 'with $mark:m between (them|the pieces|the parts)?', ({ m }) => ({ text: m, which: 'every' }), 0),
  rule('atmark', 'with $mark:m in between', ({ m }) => ({ text: m, which: 'every' }), 0),
  rule('atmark', 'separated|seperated|divided|delimited by $mark:m', ({ m }) => ({ text: m, which: 'every' }), 0),

  rule('clause', '~split $col:c $atmark:m :|,|;? ~into2? $names:n', ({ c, m, n }) => cutAt(c, m, n), 0),
  rule('clause', '~split $col:c $atmark:m', ({ c, m }, x: Context) => cutAt(c, m, proposed(c, m.which === 'every' ? mostPieces(c, m.text, x) : 2)), 0.3),
  rule('clause', '~split $col:c ~into2 $names:n', ({ c, n }, x: Context) => splitAt(c, likelyMark(c, n.length, x), n), 0.2),
  rule('clause', '~split $col:c ~into2 $names:n $atmark:m', ({ c, n, m }) => cutAt(c, m, n), 0),
  rule('clause', '$col:c ~split3 really|actually? $num things|parts|values|pieces|bits $atmark:m :|,|;|-? $names:n', ({ c, m, n }) => cutAt(c, m, n), 0),
  rule('clause', '~each? $rows|$noun|$guess|$col has|have|holds|contains up? to? $num $col:c in? one|a|the? cell|field|column? ,? $atmark:m .|;|,|:|-|–? i|we|please|so|and|just? want|need|give|get|make|put? me|us? them|each|these|those? into|in|as|its|their|own? own? column|columns? $names:n', ({ c, m, n }) => cutAt(c, m, n), -0.3),
  rule('clause', 'there ~be up? to? $num $col:c in? one|a|the|each|every? cell|field|column? ,? $atmark:m .|;|,|:|-|–? i|we|please|so|and|just? want|need|give|get|make|put? me|us? them|each|these|those|one? into|in|as|its|their|own? own? column|columns? $names:n', ({ c, m, n }) => cutAt(c, m, n), -0.3),
  rule('names', '$name:a to|through|until $name:b', ({ a, b }) => numbered(a, b), -0.1),
  rule('clause', '$col:c ~split3 an? $word and|, an? $word $atmark:m .|;|,|:|-|– so|and|please? ~make two|2|separate? columns? $names:n out|from|of? of|from? it|that|them?', ({ c, m, n }) => (n.length === 2 ? cutAt(c, m, n) : null), -0.2),
  rule('clause', '$col:c ~split3 up? to? $num $word|$noun|$guess? $atmark:m .|;|,|:|-? (i|we)? (please|so|just)? ~make|want|need|give|get|into|in|as|split ~into2? ^$names:n', ({ c, m, n }) => (n.length > 1 ? cutAt(c, m, n) : null), -0.2),
  rule('clause', '$col:c ~split3 up? to? $num of? them? $atmark:m .|;? ~make ~into2? $names:n', ({ c, m, n }) => cutAt(c, m, n), 0),
  rule('clause', 'separate|split the letters from the digits|numbers|figures in $col:c ,? letters to|into|in|under $name:a and digits|numbers|figures to|into|in|under $name:b', ({ c, a, b }) => splitAt(c, { kind: 'change' }, [a, b]), 0),
  rule('clause', '~split $col:c code? into|in? a|the? letter|letters and a|the? digits|numbers|number|digit :|,? $names:n', ({ c, n }) => splitAt(c, { kind: 'change' }, n), 0),
  rule('clause', '~split $col:c code? into|in|by a|the? letter|letters|prefix and a|the? digits|numbers|number|figures|figure', ({ c }, x: Context) => { const cut = likelyMark(c, 2, x); return cut?.kind === 'change' ? splitAt(c, cut, [`${c} letters`, `${c} digits`]) : null; }, -0.1),
  // 'what comes before it goes into A, what comes after it into B'
  rule('clause', '$col:c split|cut|divided|separated|broken up|apart? $atmark:m :|,|;? $beforePiece ~into $name:a ,|;? and? $afterPiece ~into $name:b', ({ c, m, a, b }) => splitAt(c, mark(m.text), [a, b], m.which === 'last' ? 'last' : 'first'), -0.1),
  rule('clause', '~split $col:c $atmark:m :|,|;? $beforePiece ~into $name:a ,|;? and? $afterPiece ~into $name:b', ({ c, m, a, b }) => splitAt(c, mark(m.text), [a, b], m.which === 'last' ? 'last' : 'first'), 0),
  rule('beforePiece', 'what|everything|the|whatever comes|stands|is|goes|part|text|bit before it? goes|go|comes?', () => true, 0),
  rule('afterPiece', 'what|everything|the|whatever comes|stands|is|goes|part|text|bit after it? goes|go|comes?', () => true, 0),
  rule('clause', '$col:c before and after the? $atmark:m|$mark:m as|in|into|to two|2|separate columns', ({ c, m }, x: Context) => { const text: string = typeof m === 'string' ? m : m.text; return sampleOf(c, x).some((v) => v.includes(text)) ? splitAt(c, mark(text), proposed(c, 2), 'first') : null; }, -0.4),
  // 'Shelf is cellar, slash, place: two columns Cellar and Place'
  rule('clause', '$col:c is|are|has|have|holds|contains|reads $word $word? ,|then|and|a? $mark:m ,|then|and|a? $word $word? .|:|,|;|-|–? please? make|give|want? me? two|2|separate|into columns? of|from|out? it|that|them|this? called|named|:? $name:a and|, $name:b', ({ c, m, a, b }, x: Context) => (sampleOf(c, x).some((v) => v.includes(m)) ? splitAt(c, mark(m), [a, b]) : null), -0.2),
  rule('clause', '~split $col:c ~into2 $name:a ~open the? first word ~close and $name:b ~open everything|the? after|rest it? ~close', ({ c, a, b }) => splitAt(c, mark(' '), [a, b], 'first'), 0),
  rule('clause', '~split $col:c ~into2 the? first word|name ~into $name:a and the? rest ~into $name:b', ({ c, a, b }) => splitAt(c, mark(' '), [a, b], 'first'), 0),
  // 'Hive holds a number and a place with a dash in between. I want the number under Hive number and the place under Site.'
  rule('clause', '$col:c ~split3 $word:k and $word:l $atmark:m .|;|,? ~make? $word:p ~into $name:a and $word:q ~into $name:b', ({ c, k, l, m, p, q, a, b }) => (k.toLowerCase() === p.toLowerCase() && l.toLowerCase() === q.toLowerCase() ? splitAt(c, mark(m.text), [a, b], 'first') : null), 0),
  rule('clause', '~split $col:c ~into2 up? to? $num:k columns|parts|pieces|fields', ({ c, k }, x: Context) => (Number.isInteger(k) && k >= 2 && k <= 50 ? splitAt(c, likelyMark(c, k, x), proposed(c, k)) : null), 0.1),
  rule('clause', '~split $col:c $atmark:m :|,|;? ~into2 $num:k columns|parts|pieces|fields|ones|cells|bits', ({ c, m, k }) => (Number.isInteger(k) && k >= 2 && k <= 50 ? cutAt(c, m, proposed(c, k)) : null), 0),
  rule('clause', '~split $col:c ~into2 $num:k columns|parts|pieces|fields $atmark:m', ({ c, m, k }) => (Number.isInteger(k) && k >= 2 && k <= 50 ? cutAt(c, m, proposed(c, k)) : null), 0),
  rule('clause', '~split $col:c ~into2 $num:k columns|parts|pieces|fields $atmark:m :|,|;? $calling $names:n', ({ c, m, k, n }) => (n.length === k ? cutAt(c, m, n) : null), 0),
  rule('clause', '~split $col:c $atmark:m :|,|;? ~into2 $num:k columns|parts|pieces|fields :|,|;? $calling? $names:n', ({ c, m, k, n }) => (n.length === k ? cutAt(c, m, n) : null), 0),
  rule('calling', 'called|named', () => true, 0),
  rule('calling', 'and? call|name them', () => true, 0),

  // 'Hive reads like "12 - Orchard". Put the 12 in Hive number and Orchard in Site': what of an example goes where
  rule('examplePiece', '$num:n', ({ n }) => String(n), 0),
  rule('examplePiece', '$text:t', ({ t }) => t, 0),
  rule('examplePiece', '$value:v', ({ v }) => v.typed, 0.1),
  rule('examplePiece', '$word:w', ({ w }) => (/\p{Lu}|\d/u.test(w) ? w : null), 0.1),
  rule('exampleWhole', '$text:t', ({ t }) => t, 0),
  rule('exampleWhole', '$value:v', ({ v }) => v.text, 0.05),
  rule('exampleGoes', 'put|write|move|take? the? $examplePiece:p goes|go|is|belongs? in|into|under|to|as|for? the? (column|field)? ~named? $name:n', ({ p, n }) => [{ p, n }], 0),
  rule('exampleGoes', '$name:n ~should|is|are|gets|get|=|: be|hold|get|read? the? $examplePiece:p', ({ p, n }) => [{ p, n }], 0.05),
  rule('exampleGoes', '$exampleGoes:a ~list $exampleGoes:b', ({ a, b }) => [...a, ...b], 0),
  rule('exampleGoes', '$name:m ~should|is|are|gets|get be? the? $examplePiece:p and $name:n $examplePiece:q', ({ m, p, n, q }) => [{ p, n: m }, { p: q, n }], 0.1),
  rule('clause', '$col:c ~be|reads|read|looks|look|come|comes? always? like|such|as|e.g|eg|written as? $exampleWhole:s .|,|:|;|-|–? so|and|please|then? $exampleGoes:g', ({ c, s, g }, x: Context) => byPieces(c, s, g, x), -0.3),
  // 'Hive looks like "12 - Orchard": take it apart into Hive number (12) and Site (Orchard)': names with what goes there of an example
  rule('shownName', '$name:n ~open|like|e.g|eg|=|as $text|$num|$value|$word:w ~close?', ({ n, w }) => (typeof w === 'string' && /^(?:letters?|digits?|numbers?|texts?|words?|figures?|rest|first|second|last)$/i.test(w) ? null : n), 0),
  rule('shownNames', '$shownName:a ~list? $shownName:b', ({ a, b }) => [a, b], 0),
  rule('shownNames', '$shownName:a ~list? $shownNames:b', ({ a, b }) => [a, ...b], 0),
  rule('clause', '~split|take it|them|that|this|those up|apart|down|out? ~into2 $shownNames:n', ({ n }, x: Context) => splitTopic(n, x), 0),
  rule('clause', '~split|take $col:c up|apart|down|out? ~into2 $shownNames:n', ({ c, n }, x: Context) => splitAt(c, likelyMark(c, n.length, x), n, 'every'), 0),
  rule('clause', '~split|take it|them|that|this|those up|apart|down|out? ~into2 $names:n', ({ n }, x: Context) => splitTopic(n, x), 0.2),
  rule('clause', '~make|give $names:n out|of|from of|from? it|that|this', ({ n }, x: Context) => splitTopic(n, x), 0.1),
  rule('clause', '$col:c ~be|~split3 an? $word and|then|plus|, an? $word ,? (like|as|e.g|eg|such|so as? $value|$text|$word|$sampleCode)?', ({ c }) => speakOf([c]), 0.4),
  rule('rider', '~rename|name|~named them|those|these|the|it pieces|parts|columns|two|three|four|new? columns|ones|pieces? $names:n', ({ n }) => piecesNamed(n), -0.1),
  rule('rider', '~rename|name them $names:n', ({ n }) => piecesNamed(n), -0.1),

  rule('clause', '$col:c :|,|? one|a|own column|field for|per ~each? $word|$col|$guess ~open? they|that|which|it? ~be? $atmark ~close?', ({ c, m, atmark }, x: Context) => { const a = (m ?? atmark) as Marked; return cutAt(c, a, proposed(c, a.which === 'every' ? mostPieces(c, a.text, x) : 2)); }, 0),
  rule('clause', '$col:c in|into|as $num:k separate|own|different? columns|parts|fields', ({ c, k }, x: Context) => (Number.isInteger(k) && k >= 2 && k <= 50 ? splitAt(c, likelyMark(c, k, x), namesIn(c, k) ?? proposed(c, k)) : null), 0.1),
  rule('arrow2', '- >', () => true, 0),
  rule('arrow2', '= >', () => true, 0),
  rule('arrow2', '->|=>|→|=', () => true, 0),
  // 'Room is a building and a number, I want them apart as Building and Number'
  rule('clause', '$col:c ~be|holds|contains|has|~split3 really|always|both? an|the? $word:a number|name|code? and|plus|with an|the? $word:b number|name|code? ,|;|.|:|-|–|? i|we|please|so|can|could? i|we|you? want|need|like|put|get|split|have|give|separate|pull|take? me|us? them|it|that|this|those|these|both? apart|separately|separated|split|separate|up? as|into|in|under|to $names:n', ({ c, n }, x: Context) => (n.length === 2 ? splitAt(c, likelyMark(c, 2, x), n) : null), -0.2),
  // 'The code consists of letters and digits: give me Group and Serial'
  rule('clause', '$col:c ~be|~split3 made? up? of? letters and|then|followed by? digits|numbers|figures :|.|,|;|-|–? give|make|want|need|get|i|please? i|want|need|me? $names:n', ({ c, n }) => (n.length === 2 ? splitAt(c, { kind: 'change' }, n) : null), -0.2),
  // 'I need street, town and postcode in separate columns, they are in address'
  rule('clause', '~make $names:n in|as|into separate|different|own|individual columns|fields ,|;|.|:|-|–? they|these|it|that|all|which is|are|stand|stands|come|comes|sit all|together|currently|now? in|from|inside|under|within the? $col:c', ({ n, c }, x: Context) => splitAt(c, likelyMark(c, n.length, x), n), -0.2),
  rule('clause', "~make $names:n in|as|into separate|different|own|individual columns|fields ,|;|.|:|-|–? they're|it's|that's all|together|currently|now? in|from|inside|under|within the? $col:c", ({ n, c }, x: Context) => splitAt(c, likelyMark(c, n.length, x), n), -0.2),
  // 'Tags into one column per tag': as many as the longest list has
  rule('clause', '~split? $col:c into|in|to one|a|separate|own|different? column|columns|field per|for each|every? $col|$word', ({ c, ...s }, x: Context) => { const at = likelyList(c, x), said = String(s['word'] ?? s['col'] ?? '').toLowerCase(); return at !== null && (c.toLowerCase().startsWith(said.replace(/s$/, '')) || /^(?:piece|part|value|one|entry|item|element|bit)s?$/.test(said)) ? splitAt(c, mark(at.text), proposed(c, at.most)) : null; }, 0),
  // Between letters and digits
  rule('atchange', '~at? the? change|border|boundary|place|point|transition between|from|where? the? letters and|to|into|end|become|turn the? digits|figures|numbers into?', () => true, 0),
  rule('atchange', 'between|where the? letters|text and|from|end|stop|meet the? digits|figures|numbers|number', () => true, 0),
  rule('clause', '~split $col:c $atchange', ({ c }) => splitAt(c, { kind: 'change' }, [`${c} letters`, `${c} digits`]), 0),
  rule('clause', '~split $col:c $atchange :|,|;? ~into2? $names:n', ({ c, n }) => splitAt(c, { kind: 'change' }, n), 0),

  // After so many characters
  rule('counts', '$num:a', ({ a }) => (Number.isInteger(a) && a > 0 ? [a] : null), 0),
  rule('counts', '$num:a ~list $counts:r', ({ a, r }) => (Number.isInteger(a) && a > 0 ? [a, ...r] : null), 0),
  rule('cutPlaces', '~after the? first? $counts:n characters|character|letters|letter|digits|digit|signs|places', ({ n }) => n, 0),
  rule('cutPlaces', '~after|at the? $ordinals:n characters|character|letters|letter|digits|digit|signs|place|position', ({ n }) => n, 0),
  rule('cutPlaces', '~after|at characters|character|position|positions|place|places $counts:n', ({ n }) => n, 0),
  ...ORDINALS.slice(0, 10).map((w, i) => rule('ordinal', w, () => i + 1, 0)).flat(),
  rule('ordinal', '$num:n', ({ n }) => (Number.isInteger(n) && n > 0 ? n : null), 0.1),
  rule('ordinals', '$ordinal:n', ({ n }) => [n], 0),
  rule('ordinals', '$ordinal:n ~list the? $ordinals:r', ({ n, r }) => [n, ...r], 0),
  rule('clause', '~split $col:c $cutPlaces:p', ({ c, p }) => splitAt(c, { kind: 'places', after: p }, proposed(c, p.length + 1)), 0),
  rule('clause', '~split $col:c $cutPlaces:p :|,|;? ~into2? $names:n', ({ c, p, n }) => (n.length === p.length + 1 ? splitAt(c, { kind: 'places', after: p }, n) : null), 0),
  rule('clause', '~split $col:c ~into2 pieces|parts|chunks|blocks|columns of $counts:n characters|letters|digits|signs', ({ c, n }) => (n.length > 1 ? widths(c, n) : null), 0),
  rule('clause', '~split $col:c by|with|at|into fixed? widths|width|lengths :|of|,? $counts:n', ({ c, n }) => (n.length > 1 ? widths(c, n) : null), 0),
].flat();

/** Columns by what of an example goes into them: a cut, where a mark gives just these pieces. */
function byPieces(column: string, whole: string, goes: readonly { readonly p: string; readonly n: string }[], x: Context): Act | null {
  if (goes.length < 2 || !goes.every(({ p }) => whole.includes(p))) return null;
  const at = likelyMark(column, goes.length, x);
  return at && cutText(whole, at, 'every', Infinity).map((t) => t.trim()).join('\n') === goes.map(({ p }) => p).join('\n') ? splitAt(column, at, goes.map(({ n }) => n)) : null;
}

/** The one column spoken of last, cut where most of its values give so many pieces. */
const splitTopic = (into: readonly string[], x: Context): Act => ({
  key: `split topic ${into.join()}`,
  apply: (state) => (state.topic.length === 1 && into.length > 1 && state.head.columns.some((c) => c.name === state.topic[0]) ? splitAt(state.topic[0]!, likelyMark(state.topic[0]!, into.length, x), into)?.apply(state) ?? null : null),
});

/** The mark that cuts most lists of a column, and the most pieces that a cell then has. */
function likelyList(column: string, x: Context): { readonly text: string; readonly most: number } | null {
  const values = (x.head.glances?.get(column)?.values ?? []).slice(0, 300).map(([v]) => v).filter((v) => v.trim() !== '');
  const [best] = [';', '|', '/', ',', '+'].map((text) => ({ text, n: values.filter((v) => v.includes(text)).length, most: Math.max(0, ...values.map((v) => cutText(v, mark(text), 'every', Infinity).length)) })).sort((a, b) => b.n - a.n);
  return best && best.n > 0 && best.most >= 2 && best.most <= 20 ? { text: best.text, most: best.most } : null;
}

/** 'Genre 1 to Genre 3': the names between two that differ in their last number. */
function numbered(first: string, last: string): string[] | null {
  const [a, b] = [/^(.*?)(\d+)$/.exec(first), /^(.*?)(\d+)$/.exec(last)];
  if (!a || !b || a[1]!.toLowerCase() !== b[1]!.toLowerCase()) return null;
  const [from, to] = [Number(a[2]), Number(b[2])];
  return from < to && to - from < 50 ? Array.from({ length: to - from + 1 }, (_, k) => `${a[1]!}${from + k}`) : null;
}

/** A column called 'Make/Model' holds a make and a model. */
function namesIn(column: string, k: number): string[] | null {
  const names = column.split(/\s*[\/|&,+]\s*|\s+and\s+/).map((n) => n.trim()).filter(Boolean);
  return names.length === k ? names : null;
}

/** Other names for the pieces of the cut said before. */
const piecesNamed = (into: readonly string[]): Act => amend(`split into ${into.join()}`, (plan) => (plan.step === 'split' && plan.into.length === into.length ? { ...plan, into } : null));

/** Cuts after pieces of given lengths. */
function widths(column: string, lengths: readonly number[]): Act | null {
  let end = 0;
  const after = lengths.slice(0, -1).map((n) => (end += n));
  return splitAt(column, { kind: 'places', after }, proposed(column, lengths.length));
}

/** Pieces that most values of a column have at a mark, at least two. */
function mostPieces(column: string, text: string, x: Context): number {
  const counts = new Map<number, number>();
  for (const [v, n] of (x.head.glances?.get(column)?.values ?? []).slice(0, 300)) {
    const pieces = cutText(v, mark(text), 'every', Infinity).length;
    counts.set(pieces, (counts.get(pieces) ?? 0) + n);
  }
  const [best] = [...counts].filter(([n]) => n > 1).sort((a, b) => b[1] - a[1]);
  return Math.max(2, best?.[0] ?? 2);
}

/** What a mark is called. */
const CALLED: Readonly<Record<string, string>> = { ',': 'comma', ';': 'semicolon', ':': 'colon', '/': 'slash stroke', '|': 'stroke bar', '-': 'dash hyphen', ' - ': 'dash hyphen', ' – ': 'dash hyphen', ' ': 'space blank' };
const cutsAt = (text: string): Entailed['of'] => (plan) => plan.step === 'split' && plan.at.kind === 'mark' && plan.at.text === text;

export const entailed: readonly Entailed[] = [
  ...Object.entries(CALLED).map(([text, called]): Entailed => ({ of: cutsAt(text), words: `${called} cut cutting split divide divided separate separated divider delimiter separator break where between is the place at` })),
  { of: (plan) => plan.step === 'split', words: 'part piece own column separate each' },
];
