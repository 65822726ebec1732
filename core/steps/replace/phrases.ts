import { sampleOf } from '../../language/grammar/samples';
import { folded } from '../../values/fold';
import { amend, nothing, onColumns, withPlan, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import type { Find } from './step';

/** A text is not put in its own place: 'The Cellar' for 'Cellar' is more than that. */
export const replaced = (columns: readonly string[] | null, find: Find, text: string): Act | null => find.kind === 'texts' && find.texts.every((t) => t === text) ? null : onColumns(`replace ${JSON.stringify([find, text])}`, columns, (on) => ({ step: 'replace', columns: on, find, with: text }));
export const wholeTexts = (place: Extract<Find, { kind: 'texts' }>['place'], list: readonly string[]): Find => ({ kind: 'texts', place, texts: list });
/** A word that may stand for itself: none of those that hold a sentence together. */
const PLAIN_WORD = { test: (w: string): boolean => w.length > 2 && !/^(?:the|and|with|for|from|into|that|this|those|these|them|its|his|her|their|our|all|any|each|every|other|another|nothing|blank|blanks|empty|capitals?|letters?|numbers?|dates?|text|case|column|columns|spaces?|dash|dashes|hyphens?|commas?|points?|dots?|word|words|value|values|same|one|spaces|upper|lower|title)$/i.test(w) };
/** Words that begin a sentence and are looked for in no text. */
const COMMON = /^(?:anything|everything|whatever|something|nothing|where|when|if|all|any|each|every|make|those|these|that|this|the|it|they|there|please|and|or|no|not|only|some|i|we|leave|put|write|set)$/i;
/** One space before and behind every such mark. */
const spacedOut = (columns: readonly string[], mark: string): Act | null => replaced(columns, wholeTexts('anywhere', [` ${mark} `, ` ${mark}`, `${mark} `, mark]), ` ${mark} `);
/** A text instead of a mark; a word with a space before and behind it. */
const inPlaceOfMark = (columns: readonly string[], mark: string, text: string): Act | null => (/^\p{L}+$/u.test(text) ? replaced(columns, wholeTexts('anywhere', [` ${mark} `, `${mark} `, ` ${mark}`, mark]), ` ${text} `) : replaced(columns, wholeTexts('anywhere', [mark]), text));
export const BRACKETS: Find = { kind: 'between', open: '(', close: ')' };

/** The only column in whose texts something stands in brackets. */
function withBrackets(x: Context): string | null {
  const found = x.head.columns.filter((c) => c.type === 'text' && sampleOf(c.name, x).some((v) => /\(.*\)/.test(v)));
  return found.length === 1 ? found[0]!.name : null;
}

export const phrases = [
  // 'Van V1 is now called Big Blue'
  rule('clause', '$col? ^$value:v ~be now? called|named|renamed|known as|to? ^$properName|$text:t (from now on)?', ({ v, properName, t }) => replaced([v.column], wholeTexts('whole', [v.text]), (t ?? properName) as string), -0.3),
  // A text that is looked for: quoted, a value of the column, a mark by its name, or a word with a capital or a point in it.
  rule('sought', '$text:t', ({ t }) => [t], 0),
  rule('sought', '$mark:m', ({ m }) => (/^[€£$%]$/.test(m) ? [m] : null), 0),
  rule('sought', '$value:v', ({ v }) => [...new Set([v.typed, v.text])], 0.3),
  // What is put in its place is taken as it was typed.
  rule('instead', '$text:t', ({ t }) => t, 0),
  rule('instead', '$setPhrase:t', ({ t }) => t, 0),
  rule('instead', '$value:v', ({ v }) => v.typed, 0.3),
  rule('instead', '$abbr:w', ({ w }) => w, 0.3),
  rule('instead', '$word:w', ({ w }) => (PLAIN_WORD.test(w) ? w : null), 0.5),
  ...['on', 'off', 'out', 'up', 'over', 'back', 'away', 'down', 'in'].map((p) => rule('instead', `$word:w ^${p}`, ({ w }) => (PLAIN_WORD.test(w) ? `${w} ${p}` : null), 0.4)).flat(),
  rule('instead', '$word:a ^$word:b', ({ a, b }) => (PLAIN_WORD.test(a) && PLAIN_WORD.test(b) && /^\p{Ll}/u.test(a) ? `${a} ${b}` : null), 0.6),
  rule('instead', 'word|text|term ^$word:w', ({ w }) => w, 0),
  rule('sought', '$abbr:w', ({ w }) => [w], 0.15),
  rule('sought', 'word|text|term|phrase ^$word:w', ({ w }) => [w], 0),
  rule('sought', 'n / a', () => ['n/a'], 0),
  rule('sought', '$sought:a ~list|/ $sought:b', ({ a, b }) => [...a, ...b], 0.02),
  rule('sought', 'a? lone|single|mere|bare $mark:m', ({ m }) => [m], 0),
  rule('abbr', '$word:w', ({ w }) => ((/^\p{Lu}/u.test(w) && !COMMON.test(w)) || w.includes('.') ? w : null), 0),
  rule('abbr', '$word:w ^-', ({ w }) => (/^\p{Lu}/u.test(w) ? `${w}-` : null), -0.1),
  rule('abbr', '$word:w .', ({ w }) => (/^\p{Lu}/u.test(w) ? `${w}.` : null), 0),
  rule('sameTexts', '$value:a ~list $value:b', ({ a, b }) => (a.column === b.column ? [a, b] : null), 0),
  rule('sameTexts', '$value:a ~list $sameTexts:b', ({ a, b }) => (b[0].column === a.column ? [a, ...b] : null), 0),
  rule('clause', '$sameTexts:t ~be|means|mean all? the? same thing|one|name|company|person|man|woman|firm|place|$word? ,|;|:|.|–|-? (so|and|please)? write|use|take|say|put|call|make always? it|them|both|all? $value:w', ({ t, w }) => spelt(t, w), -0.3),
  rule('clause', '$cols:c :|,|-|–? $nothings:t ~standsFor $word? $word? $word? ,|;|.? so|then|hence|thus ~leave|~make? it|that|them|those|these? ~emptyWord', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), -0.1),
  rule('clause', '$cols:c :|,|-|–? $nothings:t $arrow2 an? ~emptyWord', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), 0),
  rule('clause', '$nothings:t in $cols:c ~be|means|mean|counts|count|stands the? same as|for? ~blankWord', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), -0.1),
  rule('mark', 'full stop|stops', () => '.', 0),
  rule('mark', 'question mark|marks', () => '?', 0),
  rule('mark', 'exclamation mark|marks', () => '!', 0),
  rule('chars', '$mark:m', ({ m }) => m, 0),
  rule('charlist', '$chars:m', ({ m }) => [m], 0),
  rule('charlist', '$chars:m ~list $charlist:r', ({ m, r }) => [m, ...r], 0),

  // 'Where the travel cost says n/a we paid nothing, so please put 0 there'
  rule('because', ',? we|it|they|nobody|nothing|that|there $word|$col ^$word|$col|nothing|none|~blankWord $word? ,?', () => true, 0.1),
  rule('putThere', '$instead:t', ({ t }) => t, 0),
  rule('putThere', '^$num:n', ({ n }) => String(n), 0),
  ...['~say|reads|contains|holds|shows $nothings:t', '~be $sought:t'].map((said) => rule('clause', `~wherever|~if the? $col:c column? ${said} $because? ,|so|then|and? please? put|write|use|make|enter|set|fill|take in? it|that|this|the? cell|value? to|into|as|be? an? ^$putThere:s there|instead?`, ({ c, t, s }, x: Context) => (t.every((v: string) => sampleOf(c, x).some((cell) => folded(cell) === folded(v))) ? replaced([c], wholeTexts('whole', t), s) : null), -0.4)).flat(),
  // 'Get rid of the spaces around the slash'
  rule('clause', '~drop spaces|space|blanks|blank around|beside|next|about|before to? (and after)? the? $mark:m in|of|from $cols:c', ({ m, c }) => replaced(c, wholeTexts('anywhere', [` ${m} `, ` ${m}`, `${m} `]), m), -0.4),
  rule('clause', 'put|make|write|set|have|leave|use an? one|single|exactly? space|blank on either|both|each|every side|sides of|around the|every|each|all|any? $mark:m in|of|within $cols:c', ({ m, c }) => spacedOut(c, m), -0.4),
  rule('clause', 'put|make|write|set|have|leave|use an? one|single|exactly? space|blank before and after the|every|each|all|any? $mark:m in|of|within $cols:c', ({ m, c }) => spacedOut(c, m), -0.4),
  rule('clause', 'put|make|write|set|have|leave|use an? one|single|exactly? space|spaces|blank around the|every|each|all|any? $mark:m in|of|within $cols:c', ({ m, c }) => spacedOut(c, m), -0.4),
  rule('clause', 'can|could|should|must|shall|may? the? times|dates|numbers|codes|values|texts? ~should? be|have|get|write|use? written|shown|put|typed? with an? $chars:s instead|rather of|than the|an? $chars:m ,|:|.|;|-? ?? both|in|for|of? in|for|of? $cols:c', ({ s, m, c }) => replaced(c, wholeTexts('anywhere', [m]), s), 0),
  rule('clause', 'in|for? $cols:c can|could|may|~should? be? written|shown|put|typed? with|using an? $chars:s instead|rather of|than the|an? $chars:m', ({ s, m, c }) => replaced(c, wholeTexts('anywhere', [m]), s), 0),
  // 'I'd like "and" instead of the semicolons in task': a word in the place of a mark stands apart from its neighbours
  rule('clause', "i'd|we'd|i|we|please? would|want|like|need|have|prefer|write|put|use to? have|see? an? word? $text:s instead|in of|place the|all|every? of? the? $chars:m in|of|under|within $cols:c", ({ s, m, c }) => inPlaceOfMark(c, m, s), -0.2),
  // 'Strip the letters, so that only the digits are left': what joined the two goes as well
  rule('rider', 'so? that|and? only|just the? digits|figures|numbers|number ~be? left|remain|remains|stay|stays|over over?', () => amend('digits left', (plan) => (plan.step === 'replace' && plan.with === '' && plan.find.kind === 'sort' && plan.find.sort === 'letters' ? { ...plan, find: { kind: 'sort', sort: 'other than digits' } } : null)), -0.2),
  rule('clause', "i|we|please? just|only|solely want|need|keep|like|leave|have|store? only|just? the? digits|figures", () => onColumns('replace digits', null, (on) => ({ step: 'replace', columns: on, find: { kind: 'sort', sort: 'other than digits' }, with: '' })), 0.1),
  // 'Write "on account" where the method is invoice': instead of that
  rule('clause', 'write|put|use|enter $text:t ~wherever the? $col:c ~be|says|reads $values:v', ({ t, c, v }) => (v.every((o: { column: string }) => o.column === c) ? replaced([c], wholeTexts('whole', v.map((o: { text: string }) => o.text)), t) : null), 0),
  rule('clause', '~drop $sought:t off|from|at the end of their? names? ($cols:c)?', ({ c, t }) => replaced(c ?? null, wholeTexts('end', t), ''), 0),
  rule('clause', '$cols:c without the? $abbr:t', ({ c, t }) => replaced(c, wholeTexts('anywhere', [t]), ''), 0.1),
  rule('clause', '$cols:c without the? $text:t', ({ c, t }) => replaced(c, wholeTexts('anywhere', [t]), ''), 0.05),
  rule('clause', '~drop $abbr:t off|from the? end of? $cols:c', ({ c, t }) => replaced(c, wholeTexts('end', [t]), ''), 0.1),
  rule('clause', '~drop the? $abbr:t off|from|in the? $cols:c', ({ c, t }, x: Context) => replaced(c, wholeTexts(placeIn(t, c, x), [t]), ''), 0.1),
  rule('clause', '~drop|take the? $charlist:m off|from|out of? the? $cols:c', ({ c, m }, x: Context) => replaced(c, wholeTexts(m.length === 1 ? placeIn(m[0], c, x) : 'anywhere', m), ''), 0.15),
  // 'Commas instead of dashes in comment', 'comment: dash becomes comma', 'put a comma where there is a dash in comment'
  rule('clause', '(i|we)? want|use|put|write|make? an? ^$mark:s instead|in of|place of? an|the|every|all? ^$mark:m in|of|within|under the? $cols:c', ({ c, m, s }) => (m === s ? null : replaced(c, wholeTexts('anywhere', [m]), s)), -0.1),
  rule('clause', '$cols:c :|,|- every|each|the|a? ^$mark:m ~becomes|to|into|~should be|become? an? ^$mark:s', ({ c, m, s }) => (m === s ? null : replaced(c, wholeTexts('anywhere', [m]), s)), 0),
  rule('clause', 'put|write|use|make|set an? ^$mark:s ~wherever there? ~be? an|the? ^$mark:m in|of|within|under the? $cols:c', ({ c, m, s }) => (m === s ? null : replaced(c, wholeTexts('anywhere', [m]), s)), -0.1),
  rule('clause', 'the|every|all|each ^$mark:m in|of|within|under the? $cols:c ~should|must|to be|become|turn? into? an? ^$mark:s', ({ c, m, s }) => (m === s ? null : replaced(c, wholeTexts('anywhere', [m]), s)), -0.1),
  // 'In the comments replace every dash with a comma'
  rule('clause', '~replace every|each|all|any? the|a|an? ^$mark:m in|of|from|within the? $cols:c ~with an|the? $mark:s', ({ c, m, s }) => (m === s ? null : replaced(c, wholeTexts('anywhere', [m]), s)), 0),
  rule('clause', '~replace every|each|all|any? the|a|an? ^$mark:m ~with an|the? $mark:s in|of|from|within the? $cols:c', ({ c, m, s }) => (m === s ? null : replaced(c, wholeTexts('anywhere', [m]), s)), 0),
  rule('clause', 'in|for|of the? $cols:c ,|:? ~replace every|each|all|any? the|a|an? ^$mark:m ~with an|the? $mark:s', ({ c, m, s }) => (m === s ? null : replaced(c, wholeTexts('anywhere', [m]), s)), -0.1),
  rule('clause', '~replace all? the? $chars:m in|of|from $cols:c ~with an? $word? $text:s', ({ c, m, s }) => replaced(c, wholeTexts('anywhere', [m]), s), 0.05),
  rule('clause', "$cols:c :|, i|we don't|dont need|want|like the? $sought:t at|in the end|back", ({ c, t }) => replaced(c, wholeTexts('end', t), ''), 0),
  rule('aside', 'only|just the? bare|plain|simple|pure? names|name|rest|values|text|number', () => nothing, 0.1),
  rule('clause', '~drop $sought:t off|from|at the end of $cols:c', ({ c, t }) => replaced(c, wholeTexts('end', t), ''), 0),
  rule('clause', 'take|cut|strip|get the? $sought:t out|off of|from? $cols:c', ({ c, t }) => replaced(c, wholeTexts('anywhere', t), ''), 0.05),
  rule('clause', '~drop $sought:t off|from|at the start|beginning|front of $cols:c', ({ c, t }) => replaced(c, wholeTexts('start', t), ''), 0),
  rule('clause', '$nothings:t in|under|for the? $cols:c column|cells|values? just|only|simply|merely? ~be|means|mean|stands|= that|for? $word $word? $word? $word? $word? $word? ,|;|.|:|- so|please? please? clear|blank|empty|delete|remove|erase|drop it|that|those|them|this out?', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), -0.3),
  rule('clause', '$nothings:t in|under|for the? $cols:c column|cells|values? just|only|simply|merely? ~be|means|mean|stands|= that|for? $word $word? $word? $word? $word? $word? ,|;|.|:|- so|please? please? leave|make|set|turn|put it|that|those|them|these|this cells|ones|fields|values? ~blankWord', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), -0.3),
  rule('clause', '$cols:c ~say|says|say|reads|read|holds|hold|contains|has|is $sought:t in|for|on some|many|several|few|a|most|places (few)? rows|cells|places|lines|ones|cases? ,|;|.|:|- so|please? please? ~make|set|leave|turn|blank|clear|empty those|them|it|that ~blankWord?', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), -0.2),
  rule('clause', '~drop|cut|strip|take|chop off|away? the|that|this? leading|initial|starting|opening|first $sought:t off|from|of|in|at the? (start|front|beginning)? (of)? the? $cols:c', ({ c, t }) => replaced(c, wholeTexts('start', t), ''), -0.2),
  // 'Payment "none" is no payment at all, leave those empty'
  rule('clause', '$cols:c $sought:t ~be|means|mean|= (not|no|just|only|really|nothing)? $word|$col|nothing|~blankWord ($word)? (at all)? ,|;|:|- (so|please)? leave|make|set|turn|put those|them|it|these|that ~blankWord', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), -0.2),
  rule('clause', '$sought:t in|under the? $cols:c ~be|means|mean|= (not|no|just|only|really|nothing)? $word|$col|nothing|~blankWord ($word)? (at all)? ,|;|:|- (so|please)? leave|make|set|turn|put those|them|it|these|that ~blankWord', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), -0.2),
  rule('clause', '~drop $sought:t from|in|out|of|inside $cols:c', ({ c, t }) => replaced(c, wholeTexts('anywhere', t), ''), 0.05),
  rule('clause', '~drop all? the? $charlist:m from|in|out $cols:c', ({ c, m }) => replaced(c, wholeTexts('anywhere', m), ''), 0.1),
  rule('clause', '~replace $sought:t in|inside|within $cols:c ~with $instead:s', ({ c, t, s }) => replaced(c, wholeTexts('anywhere', t), s), 0),
  rule('clause', '~replace $sought:t ~with $instead:s in|inside|within $cols:c', ({ c, t, s }) => replaced(c, wholeTexts('anywhere', t), s), 0),
  // Words as they stand in the texts of the column
  rule('clause', '~replace the? word? $word:t ~with|by the? word? $instead:s in|inside|within|of the? $cols:c', ({ c, t, s }, x: Context) => (PLAIN_WORD.test(t) && stands(t, c, x) ? replaced(c, wholeTexts('anywhere', [t]), s) : null), 0.1),
  rule('clause', '~replace the? word? $word:t in|inside|within|of the? $cols:c ~with|by the? word? $instead:s', ({ c, t, s }, x: Context) => (PLAIN_WORD.test(t) && stands(t, c, x) ? replaced(c, wholeTexts('anywhere', [t]), s) : null), 0.1),
  rule('clause', '~make|write the? $value:v ^$abbr:w', ({ v, w }) => (folded(v.typed) === folded(w) && v.typed !== w ? replaced([v.column], wholeTexts('whole', [...new Set([v.text, v.typed])].filter((t) => t !== w)), w) : null), -0.1),
  // 'Corvin appears as Corvin Ltd and Corvin Limited. Call it Corvin everywhere.'
  rule('clause', '$word|$value? ~be|appears|comes|stands|occurs|goes? written|spelled|spelt|in|there|up|entered|typed? as|in $sameTexts:t .|;|,|:|-|– so|and|please? please? call|write|make|use|put|say|take it|them|that|all|always? as|just|simply? $instead:s everywhere|throughout|always|instead|every? time?', ({ t, s }) => replaced([t[0].column], wholeTexts('whole', [...new Set<string>(t.flatMap((v: Spelling) => [v.text, v.typed]))].filter((v) => v !== s)), s), -0.4),
  // 'Drop the Mr, Mrs and Dr'
  rule('titleWord', 'mr|mrs|ms|miss|dr|prof|sir|madam|mister|doctor .?', (_s) => true, 0),
  rule('titleWords', '$titleWord', () => 1, 0),
  rule('titleWords', '$titleWord ~list $titleWords:n', ({ n }) => 1 + n, 0),
  // Which of two spellings is right is asked.
  ...([(a: Spelling, b: Spelling) => [a, b], (a: Spelling, b: Spelling) => [b, a]] as const).map((turn) =>
    rule('clause', '$value:a and|= $value:b ~be|means|mean the? same|one same|one? person|client|company|customer|$col|$word?', ({ a, b }) => { const [from, to] = turn(a, b); return a.column === b.column && a.text !== b.text ? replaced([a.column], wholeTexts('whole', [from!.text]), to!.text) : null; }, 0)).flat(),
  rule('clause', '$text:t can|may|should|must|has|to go|vanish|disappear|leave', ({ t }) => replaced(null, wholeTexts('anywhere', [t]), ''), 0.1),
  // 'Pell and Sons is the same client as Pell & Sons'
  rule('clause', '$value:a ~be the? same $col|$word? as|with $value:b', ({ a, b }) => (a.column === b.column && a.text !== b.text ? replaced([a.column], wholeTexts('whole', [a.text]), b.text) : null), -0.2),
  rule('clause', '$sameTexts:t ~be|means|mean all? the? same $col|$word|$word? ,|;|:|.|–|-? so|and|please? please? write|use|take|say|put|call|make always? it|them|both|all? $value:w everywhere|throughout|always|everytime|instead', ({ t, w }) => spelt(t, w), -0.3),
  rule('clause', '($cols :)? $sameTexts:t ~be|means|mean all? the? same $col|$word|$word? ,|:|;|-|– namely|called|i.e|so|being? ^$value:w', ({ t, w }) => spelt(t, w), -0.1),
  // 'The dash under contact means we have none, so blank it'
  rule('clause', 'a|the? single|lone? $charlist:m in|under|for the? $cols:c means|mean|stands|is|says $word? $word? $word? $word? ,|;|–? so|and|please? please? blank|clear|empty|delete|remove it|them|that|those out?', ({ m, c }) => replaced(c, wholeTexts('whole', m), ''), -0.1),
  rule('clause', '~replace all? the? $chars:m in $cols:c ~with $chars:s', ({ c, m, s }) => replaced(c, wholeTexts('anywhere', [m]), s), 0.1),
  rule('clause', '~replace all? the? $chars:m ~with a? $chars:s in $cols:c', ({ c, m, s }) => replaced(c, wholeTexts('anywhere', [m]), s), 0.1),
  rule('clause', 'in $cols:c ,? ~replace $sought:t ~with $instead:s', ({ c, t, s }) => replaced(c, wholeTexts('anywhere', t), s), 0),
  rule('clause', 'in $cols:c ,? ~drop $sought:t', ({ c, t }) => replaced(c, wholeTexts('anywhere', t), ''), 0.05),

  rule('slip', 'a|just|obviously|an? typo|typing|spelling|writing|misprint|mistake|slip|misspelling|misspelled|misspelt|mistyped|wrong|error mistake|error|slip?', () => true, 0),
  rule('clause', "$sought:t ~be $slip ,|;|:|.|–|-? and|so|this? it|it's|its|that|that's|this|they? is|was|should|must|means|meant|ought? to? be|read|say|called? really|actually? $instead:s", ({ t, s }, x: Context) => { const c = holding(t, x); return c && replaced([c], wholeTexts('whole', t), s); }, -0.6),
  rule('clause', '$sought:t ~be $slip for|of|instead of? $instead:s', ({ t, s }, x: Context) => { const c = holding(t, x); return c && replaced([c], wholeTexts('whole', t), s); }, -0.6),
  rule('clause', '$sought:t ~should ~be? read|written|spelled|spelt|called|= $instead:s', ({ t, s }, x: Context) => { const c = holding(t, x); return c && replaced([c], wholeTexts('whole', t), s); }, -0.3),
  rule('clause', '$sought:t should|must|ought|has|needs to? be $instead:s', ({ t, s }, x: Context) => { const c = holding(t, x); return c && replaced([c], wholeTexts('whole', t), s); }, -0.3),
  // 'For sex write female instead of f and male instead of m'
  rule('turnedChange', '$word:s|$text:q instead|rather of|than $sought:t', ({ s, q, t }) => ({ t, s: q ?? s }), 0),
  rule('turnedChange', '$word:s|$text:q instead|rather of|than $word:w', ({ s, q, w }) => ({ t: [w], s: q ?? s }), 0.1),
  rule('turnedChanges', '$turnedChange:a', ({ a }) => [a], 0),
  rule('turnedChanges', '$turnedChange:a ~list $turnedChanges:r', ({ a, r }) => [a, ...r], 0),
  rule('clause', 'for|in|under the? $cols:c ,|:? write|put|use|say|enter|show|make|have $turnedChanges:l', ({ l, c }, x: Context) => several(l, c, x), -0.2),
  // Several at once: 'change Y to yes and n to no in showed up'
  rule('change', '$sought:t ~with|= $instead:s', ({ t, s }) => ({ t, s }), 0),
  rule('change', '$word:t ~with|= $word:s', ({ t, s }) => (/^(?:the|a|an|it|in|and|or|all|with|by|to|for|into)$/i.test(t) || /^(?:the|a|an|it|in|and|or|all|blank|empty|capitals|numbers?|dates?|text)$/i.test(s) ? null : { t: [t], s }), 0.3),
  rule('becoming2', '$value:v ~should ~be? read|written|called|= $instead:s', ({ v, s }) => ({ t: [...new Set([v.text, v.typed])], s, c: v.column }), 0),
  rule('becomings2', '$becoming2:a ~list $becoming2:b', ({ a, b }) => (a.c === b.c ? [a, b] : null), 0),
  rule('becomings2', '$becoming2:a ~list $becomings2:b', ({ a, b }) => (a.c === b[0].c ? [a, ...b] : null), 0),
  rule('clause', '$becomings2:l (in|under|of the? $cols:c)?', ({ l, c }, x: Context) => (c === undefined || (c.length === 1 && c[0] === l[0].c) ? several(l, [l[0].c], x) : null), -0.5),
  rule('changes', '$change:a', ({ a }) => [a], 0),
  rule('changes', '$change:a ~list $changes:r', ({ a, r }) => [a, ...r], 0),
  rule('clause', '~replace $changes:l in|inside|within|of the? $cols:c', ({ l, c }, x: Context) => several(l, c, x), 0.05),
  rule('clause', 'in $cols:c ,? ~replace $changes:l', ({ l, c }, x: Context) => several(l, c, x), 0.05),

  // Without a column: the only one in which all of the texts stand as whole cells.
  rule('clause', '~replace all? the? $sought:t ~with $instead:s', ({ t, s }, x: Context) => { const c = holding(t, x); return c && replaced([c], wholeTexts('whole', t), s); }, 0.3),

  // Whatever stands in brackets.
  rule('bracketed', 'whatever|everything|anything|what|the? stands|is|text|words|part|bit? inside|in|between ~brackets ~brackets?', () => true, 0),
  rule('bracketed', '~brackets and|with everything|anything|whatever|what is? inside|in|between? them|it?', () => true, 0.05),
  rule('bracketed', "what's|that's|everything|whatever's in|inside|between ~brackets", () => true, 0),
  rule('clause', '$cols:c :|,|-|–? ~drop|cut|take|strip|throw out|off|away? $bracketed out|off|away?', ({ c }) => replaced(c, BRACKETS, ''), 0),
  rule('bracketed', 'bracketed|parenthesised bits|bit|parts|part|pieces|words|texts|text|remarks|notes|additions', () => true, 0),
  rule('clause', '$cols:c without|less|minus|but not the? $bracketed', ({ c }) => replaced(c, BRACKETS, ''), 0),
  // 'The parts have remarks in brackets, delete those and the brackets too'
  rule('clause', '$cols:c ~have|~contains|with|come|comes with? a|an|some|their? $word|$noun|$guess? in|between|inside ~brackets ,|;|.|:|-|–? so|and|please? ~drop those|them|it|that|these', ({ c }) => replaced(c, BRACKETS, ''), -0.2),
  rule('clause', 'the|our|all? $rows|$noun ~have|~contains|with|come|comes with? a|an|some|their? $word|$noun|$guess? in|between|inside ~brackets ,|;|.|:|-|–? so|and|please? ~drop those|them|it|that|these', (_s, x: Context) => { const c = withBrackets(x); return c === null ? null : replaced([c], BRACKETS, ''); }, -0.1),
  rule('clause', '$cols:c without|minus the|its|their|any? ~brackets', ({ c }, x: Context) => (c.every((n: string) => sampleOf(n, x).some((v) => /\(.*\)/.test(v))) ? replaced(c, BRACKETS, '') : null), 0.1),
  rule('bracketed', 'bits|parts|pieces|words|additions in|inside|between ~brackets', () => true, 0),
  rule('clause', '~drop $bracketed ,? brackets? included? out|from|in of? $cols:c', ({ c }) => replaced(c, BRACKETS, ''), 0),
  rule('clause', "~drop|~unwanted the? ~brackets behind|after|at|in|of|from the|end|of? of? the? $cols:c", ({ c }) => replaced(c, BRACKETS, ''), 0.1),
  rule('clause', "i|we? don't|dont|do|not? not? need|want|like the? ~brackets behind|after|at|in|of|from the? $cols:c", ({ c }) => replaced(c, BRACKETS, ''), 0),
  rule('clause', "(i|we don't|dont need|want|like)? the? ~brackets behind|after|at|in|of|from the? $cols:c ,|;|.|and? ~drop|take|cut|strip them|those|it out|off|away? (~with|and|including|with everything? their|its|the|what|all? contents|content|inside|is|in? in|inside? them?)?", ({ c }) => replaced(c, BRACKETS, ''), -0.2),
  // 'The brackets behind the parts', of a table of parts: in the only column that has any
  ...["~drop|~unwanted", "i|we? don't|dont need|want|like", 'take|cut|strip|throw out|off|away?'].map((verb) => rule('clause', `${verb} the? ~brackets behind|after|at|in|of|from the? $rows|$noun (,|;|.|and? ~drop|take|cut|strip them|those|it out|off|away?)? (~with|and|including|with everything? their|its|the|what|all? contents|content|inside|is|in? in|inside? them?)?`, (_s, x: Context) => { const c = withBrackets(x); return c === null ? null : replaced([c], BRACKETS, ''); }, 0.1)).flat(),
  rule('clause', 'take|cut|strip|get|leave the? ~brackets off|from|away|out of|from? the? $cols:c afterwards|then|too|as|well? well?', ({ c }) => replaced(c, BRACKETS, ''), 0),
  rule('clause', '~drop $bracketed out|from|in of? $cols:c', ({ c }) => replaced(c, BRACKETS, ''), 0),

  rule('clause', 'in|from the? $cols:c ,? ~drop|take $bracketed out? ,?', ({ c }) => replaced(c, BRACKETS, ''), 0),
  rule('clause', "~drop|take|cut|strip the? ~brackets off|from|in|of|out|away of|from? the? $cols:c ,? together|along|and? with? what's|everything|all|whatever|anything|that's|contents|content|text|words the|their? is|stands? inside|in|between|within|content|contents? them|it|the? brackets?", ({ c }) => replaced(c, BRACKETS, ''), -0.3),
  rule('clause', '~drop|take|cut|strip the? ~brackets off|from|in|of|out|away of|from? the? $cols:c ,? together|along|and? with? the|their|its|all? contents|content|inside', ({ c }) => replaced(c, BRACKETS, ''), -0.3),
  rule('aside', 'brackets included|too|also|and all', () => nothing, 0.1),
  rule('rider', 'and|with|including also? the? brackets|parentheses too|also|as? well?', () => amend('brackets too', (plan) => (plan.step === 'replace' && typeof plan.find === 'object' && plan.find.kind === 'between' ? plan : null)), 0),
  // 'E.g. "(2 pcs)"': one of those that go
  rule('rider', 'like|as|e.g|eg|such|for as|instance|example? $text:t', ({ t }) => amend(`like ${t}`, (plan) => (plan.step === 'replace' && typeof plan.find === 'object' && plan.find.kind === 'between' && t.startsWith(plan.find.open) && t.endsWith(plan.find.close) ? plan : null)), 0),
  rule('clause', 'take $bracketed out|off of|from $cols:c', ({ c }) => replaced(c, BRACKETS, ''), 0),

  rule('clause', 'in the? $cols:c there is|are|stands|stand|was|were once|twice|sometimes|somewhere|often|also? the? word|words|text? $sought:t ,|;|.|-|–? please? ~drop|blank|clear|empty|delete|erase that|it|them|this|those out|off?', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), 0),
  rule('charlist', 'single|double? quotes|quote marks?', () => ["'", '"', '“', '”', '‘', '’'], 0),
  rule('charlist', 'quotation|inverted marks|commas', () => ["'", '"', '“', '”', '‘', '’'], -0.05),
  rule('charlist', 'blanks|whitespace', () => [' '], 0.1),
  rule('clause', '~drop every|each|all|any blank|blanks|space|spaces out|away? of|from|in|inside|within $cols:c', ({ c }) => replaced(c, wholeTexts('anywhere', [' ']), ''), -0.2),
  rule('rider', '~wherever it|they|there? ~say $nothings:t ,? leave|make|keep|let|set|blank it|the|that|those|them? cell|cells|field|value? ~blankWord|out', ({ t }) => alsoBlank(t), -0.1),
  rule('clause', '~wherever it|they|there? ~say $nothings:t ,? leave|make|keep|let|set|blank it|the|that|those|them? cell|cells|field|value? ~blankWord|out', ({ t }) => replaced(null, wholeTexts('whole', t), ''), 0.05),
  rule('clause', '$cols:c ~should only|just|all? consist|contain|hold|have|be|show only|just? of|in? only|just? digits|numerals|figures', ({ c }) => replaced(c, { kind: 'sort', sort: 'other than digits' }, ''), 0),

  rule('clause', '~drop the|any|all? $word|$col|$guess|part|bit in|within|inside|between the? ~brackets off|from|in|out of? the? $cols:c', ({ c }) => replaced(c, { kind: 'between', open: '(', close: ')' }, ''), -0.3),
  // 'Batch without the dash: B2401', where that is what comes out
  rule('rider', '~open|,|:|;|–? so|like|as|e.g|eg|for|just? (example|instance|in)? $examples:e ~close?', ({ e }) => amend(`comes out ${JSON.stringify(e)}`, (plan) => {
    const { find } = plan as { find: { kind: string; texts?: readonly string[] } };
    return plan.step === 'replace' && find.kind === 'texts' && e.every((o: { input: string; output: string }) => (find.texts ?? []).reduce((s, t) => s.split(t).join(plan.with), o.input.trim()) === o.output) ? plan : null;
  }), -0.2),
  rule('clause', '~drop the|that|this? $chars:t|$abbr:a|$text:q in|at|from the? front|start|beginning of? the|each|every|all? $cols:c', ({ t, a, q, c }) => replaced(c, wholeTexts('start', [q ?? a ?? t]), ''), -0.1),
  rule('clause', '$cols:c without the|any|its|their? letter|letters and|,|or the|any? dash|dashes|hyphen|hyphens|slash|slashes|space|spaces', ({ c }, x: Context) => (c.every((n: string) => sampleOf(n, x).some((v) => /\d/.test(v))) ? replaced(c, { kind: 'sort', sort: 'other than digits' }, '') : null), -0.2),
  rule('clause', '~drop the? letter|letters and|,|or the? dash|dashes|hyphen|hyphens|slash|slashes|space|spaces from|in|off|of the? $cols:c', ({ c }, x: Context) => (c.every((n: string) => sampleOf(n, x).some((v) => /\d/.test(v))) ? replaced(c, { kind: 'sort', sort: 'other than digits' }, '') : null), -0.2),
  // Sorts of characters.
  rule('rider', 'an? $nothings:t ~be|becomes|become|stays|stay|turns|gives into|as|to|left? ~blankWord', ({ t }) => amend(`no digits in ${t.join()}`, (plan) => (plan.step === 'replace' && plan.find.kind === 'sort' && plan.find.sort === 'other than digits' && t.every((w: string) => !/\d/.test(w)) ? plan : null)), 0),
  rule('clause', '$cols:c :|-|,? digits|numbers only|alone', ({ c }) => replaced(c, { kind: 'sort', sort: 'other than digits' }, ''), 0),
  rule('clause', '~keepOnly the? digits in|of|from $cols:c', ({ c }) => replaced(c, { kind: 'sort', sort: 'other than digits' }, ''), 0),
  rule('clause', "~drop|take everything|anything|whatever out? of|from|in the? $cols:c that|which isn't|is|are|aren't not|no? an? digits|digit|number|figure", ({ c }) => replaced(c, { kind: 'sort', sort: 'other than digits' }, ''), -0.1),
  rule('clause', "~drop everything|anything|whatever that? isn't|aren't an? digits|digit|number|figure from|in|of $cols:c", ({ c }) => replaced(c, { kind: 'sort', sort: 'other than digits' }, ''), -0.1),
  rule('clause', '~drop everything|anything that is|are? not a? digits|digit from|in $cols:c', ({ c }) => replaced(c, { kind: 'sort', sort: 'other than digits' }, ''), 0),
  rule('clause', '~drop everything|anything|all but|except the? digits|numbers|figures from|in|of $cols:c', ({ c }) => replaced(c, { kind: 'sort', sort: 'other than digits' }, ''), -0.1),
  rule('clause', '$cols:c without the? $charlist:m at the? end', ({ c, m }) => replaced(c, wholeTexts('end', m), ''), 0),
  rule('clause', '$cols:c without the? $charlist:m', ({ c, m }) => replaced(c, wholeTexts('anywhere', m), ''), 0.1),
  rule('clause', '~drop all? the? digits|numbers from|in $cols:c', ({ c }) => replaced(c, { kind: 'sort', sort: 'digits' }, ''), 0.1),
  rule('clause', '~drop all? the? letters from|in $cols:c', ({ c }) => replaced(c, { kind: 'sort', sort: 'letters' }, ''), 0.1),
  rule('clause', '~drop all? the? punctuation from|in $cols:c', ({ c }) => replaced(c, { kind: 'sort', sort: 'punctuation' }, ''), 0.1),

  // Whole cells that mean nothing.
  rule('nothings', '$sought:t', ({ t }) => t, 0),
  rule('nothings', 'an? dash|hyphen', () => ['-'], 0),
  rule('nothings', 'a? question mark', () => ['?'], 0),
  rule('nothings', '-', () => ['-'], 0.1),
  rule('nothings', '$nothingWord:w', ({ w }) => [w], 0.1),
  rule('nothings', '$nothings:a ~list $nothings:b', ({ a, b }) => [...a, ...b], 0),
  rule('nothingWord', '$word:w', ({ w }) => (/^(?:none|unknown|null|nil|na|missing|nothing|nan|tbd|tbc|pending)$/i.test(w) ? w : null), 0),
  rule('clause', 'treat|take|count|regard|consider|see|read $nothings:t as a? ~blankWord values? in|for|of $cols:c', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), 0),
  rule('clause', '~make|~replace $nothings:t ~into|~with|with|by a? ~emptyWord in|for|of $cols:c', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), -0.05),
  rule('clause', 'blank out? $nothings:t in|of $cols:c', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), 0),
  rule('clause', '~make|~replace|treat|take|count|regard|consider $nothings:t as|~into|~with? a? ~emptyWord values|cells|fields? $everywhere', ({ t }, x: Context) => everywhere(t, x), -0.05),
  rule('clause', 'blank out? $nothings:t $everywhere', ({ t }, x: Context) => everywhere(t, x), -0.05),
  rule('clause', '$nothings:t ~be|~should ~be? ~blankWord $everywhere', ({ t }, x: Context) => everywhere(t, x), 0),
  rule('everywhere', 'everywhere|anywhere|throughout|wherever', () => true, 0),
  rule('everywhere', 'in|across every|all|any|the the? column|columns|fields|field|whole|entire|table table|sheet|list?', () => true, 0),
  rule('everywhere', 'wherever|where it|they appears|appear|stands|stand|occurs|occur|comes up?', () => true, 0),
  rule('clause', 'in $cols:c ,? $sought:t just|only? mean|means|stand|stands that|for? nothing|blank|none was|is|were? recorded|given|known? ,? so? blank those|them|it out', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), 0),
  rule('clause', '~make $sought:t in $cols:c ~emptyWord', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), 0.05),
  rule('clause', 'blank out? $sought:t in $cols:c', ({ c, t }) => replaced(c, wholeTexts('whole', t), ''), 0),
].flat();

/** Where a text stands in all the values of columns that hold it: at their start, at their end, or somewhere. */
function placeIn(text: string, columns: readonly string[], x: Context): 'start' | 'end' | 'anywhere' {
  const held = columns.flatMap((c) => sampleOf(c, x)).map(folded).filter((v) => v.includes(folded(text)));
  return held.length === 0 ? 'anywhere' : held.every((v) => v.startsWith(folded(text))) ? 'start' : held.every((v) => v.endsWith(folded(text))) ? 'end' : 'anywhere';
}

/** Cells that say so blanked as well, in the columns of the change just said. */
const alsoBlank = (list: readonly string[]): Act => ({
  key: `also blank ${list.join()}`,
  apply(state) {
    const last = state.plans.at(-1);
    return last?.step === 'replace' || last?.step === 'tidy' ? withPlan(state, { step: 'replace', columns: last.columns, find: wholeTexts('whole', list), with: '' }, last.columns) : null;
  },
});

interface Spelling { readonly column: string; readonly text: string; readonly typed: string }

/** Some texts written as one of them. */
function spelt(list: readonly Spelling[], as: Spelling): Act | null {
  const others = [...new Set(list.flatMap((v) => [v.text, v.typed]))].filter((t) => t !== as.typed);
  return list.some((v) => v.text === as.text) && others.length > 0 ? replaced([as.column], wholeTexts('whole', others), as.typed) : null;
}

/** Does a word stand in the texts of columns? */
const stands = (word: string, columns: readonly string[], x: Context): boolean => columns.every((c) => !sampleOf(c, x).some((v) => folded(v).trim() === folded(word)) && sampleOf(c, x).some((v) => folded(v).split(/[^\p{L}\p{N}]+/u).includes(folded(word))));

/** The only column in which each of some texts is a whole cell. */
function holding(list: readonly string[], { head }: Context): string | null {
  const found = head.columns.filter((c) => { const all = head.glances?.get(c.name)?.values?.map(([v]) => folded(v)); return all && list.every((t) => all.includes(folded(t))); });
  return found.length === 1 ? found[0]!.name : null;
}

interface Change { readonly t: readonly string[]; readonly s: string }

/** Several whole values of columns replaced, each by another; each must be there, and none may be changed twice. */
function several(list: readonly Change[], columns: readonly string[], { head }: Context): Act | null {
  if (list.length < 2) return null;
  const there = columns.map((c) => new Set(head.glances?.get(c)?.values?.map(([v]) => folded(v)) ?? []));
  if (!list.every((l) => l.t.every((t) => there.some((values) => values.has(folded(t)))))) return null;
  if (list.some((l, i) => list.slice(i + 1).some((k) => k.t.some((t) => folded(t) === folded(l.s))))) return null;
  return {
    key: `changes ${JSON.stringify([list, columns])}`,
    apply: (state) => list.reduce((s, { t, s: text }) => withPlan(s, { step: 'replace', columns, find: wholeTexts('whole', t), with: text }, columns), state),
  };
}

/** Whole cells that say so blanked in every column where they stand. */
function everywhere(list: readonly string[], x: Context): Act | null {
  const wanted = new Set(list.map(folded));
  const columns = x.head.columns.filter((c) => x.head.glances?.get(c.name)?.values?.some(([v]) => wanted.has(folded(v)))).map((c) => c.name);
  return columns.length ? replaced(columns, wholeTexts('whole', list), '') : null;
}
