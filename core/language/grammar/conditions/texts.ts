import { column, type Condition, not } from '../../../formula/expression';
import { readsAsNumber } from '../../../formula/check';
import { columnOf } from '../../../table/table';
import { type Findable, finder } from '../../../values/find';
import { oneOf, rule, type Rule } from '../../chart';
import { crossed } from '../../lexicon/crossed';
import type { Context } from '../../acts';
import { SMALL_WORDS } from '../../mentions';
import { stem } from '../../words';
import { sampleOf } from '../samples';
import { isDated, numeric, orNoNumber } from './make';

/** Joints of a sentence: no words to look for. */
const NO_WORD = /^(?:the|a|an|and|or|is|are|in|on|it|if|else|otherwise|there|for|to|that|which|where|when|other|of|as|with|under|over|about|at|by|from|so|something|anything|somebody|someone|things)$/i;

/** A word that stands in some of a column's texts. */
function mentionsWord(word: string, name: string, x: Context): Condition | null {
  const find = finder({ kind: 'words', words: [word] });
  return word.length >= 3 && columnOf(x.head, name).type === 'text' && sampleOf(name, x).some((v) => find(v).length > 0) ? { kind: 'text', test: 'mentions', of: column(name), texts: [word] } : null;
}

/** A number that stands as a word in some of a column's texts. */
function mentionsNumber(n: string, name: string, x: Context): Condition | null {
  const find = finder({ kind: 'words', words: [n] });
  return sampleOf(name, x).some((v) => v.trim() !== n && find(v).length > 0) ? { kind: 'text', test: 'mentions', of: column(name), texts: [n] } : null;
}

/** Texts looked for as they were said; several words that never stand beside each other, each of them. */
function mentionsAll(name: string, texts: readonly string[], x: Context): Condition {
  const all = sampleOf(name, x), phrase = texts.length === 1 && texts[0]!.includes(' ') ? texts[0]! : null;
  const held = (word: string): boolean => { const find = finder({ kind: 'words', words: [word] }); return all.some((v) => find(v).length > 0); };
  const words = phrase?.split(' ') ?? [];
  if (phrase === null || held(phrase) || !words.every(held)) return { kind: 'text', test: 'mentions', of: column(name), texts };
  return { kind: 'all', of: words.map((w) => ({ kind: 'text', test: 'mentions', of: column(name), texts: [w] })) };
}

/** Words looked for in a column of texts, some of which stand there. */
const soughtIn = (name: string, texts: readonly string[], x: Context): Condition | null =>
  columnOf(x.head, name).type === 'text' && texts.some((w) => finds2(w, name, x)) ? mentionsAll(name, texts, x) : null;

/** What most of a column's texts are: e-mail addresses, web addresses, telephone numbers. */
export function sortOf(name: string, x: Context): Findable | null {
  const all = sampleOf(name, x).slice(0, 100);
  const sort = (['email', 'web', 'phone'] as const).find((s) => { const find = finder({ kind: 'sort', sort: s }); return all.filter((v) => find(v).length > 0).length > all.length * 0.5; });
  return sort ? { kind: 'sort', sort } : null;
}

/** Words that have no number: 'late', 'wrong', 'creamy', 'moved'. */
const NO_NUMBER = /(?:[a-z]{2}ed|[^aeiou]y|ly|ing|ent|ant|ous|ful|able|ible|ic|al|ish|ive|less)$|^(?:late|early|wrong|right|good|bad|new|old|lost|sent|broken|open|free|high|low|hot|cold|wet|dry|fine|poor|great|nice|slow|fast|full|dirty|rude|sick|ill|here|yes|no|not|mould|under|left|again|back|out|off)$/;

/** A plain word that is looked for in texts, as one and as many: 'brake' and 'brakes'. */
function bothNumbers(word: string): string[] | null {
  const w = word.toLowerCase();
  if (w.length < 3 || /^(?:more|less|than|least|most|fewer|each|all|any|row|rows|column|columns|other|the|and|that|this|which|something|anything|nothing|word|words|about|only|those|these)$/.test(w)) return null;
  return NO_NUMBER.test(w) || !w.startsWith(stem(w).slice(0, 4)) ? [w] : w.endsWith('s') && !w.endsWith('ss') ? [w.slice(0, -1), w] : [w, /(?:s|x|z|ch|sh)$/.test(w) ? `${w}es` : `${w}s`];
}

/** Do codes of a column begin with these capitals, and go on with something else? */
const beginsSome = (text: string, name: string, x: Context): boolean => /^\p{Lu}+$/u.test(text) && sampleOf(name, x).filter((v) => v.startsWith(text) && /^[^\p{L}]/u.test(v.slice(text.length))).length > 1;

/** Does a word stand in some of a column's texts, beside others? */
const finds2 = (word: string, name: string, x: Context): boolean => x.vocabulary.inside.get(word.toLowerCase())?.has(name) ?? false;

/** Rows in whose texts one of some words stands. */
const mentioned = (words: readonly { readonly column: string; readonly text: string }[]): Condition => ({ kind: 'text', test: 'mentions', of: column(words[0]!.column), texts: words.map((w) => w.text) });

/** A text in which words are not. */
const unsaidIn = (name: string, texts: readonly string[], x: Context): Condition | null => { const said = soughtIn(name, texts, x); return said && not(said); };

/** That a text says nothing of something. */
const UNSAID = [
  crossed("do =not|does =not|don't|doesn't|did =not|didn't|never|=not|dont|doesnt", 'mention|mentions|mentioning|say|contain|containing|include|talk about|talking about|speak of|refer to|say anything about|saying anything about|mention anything about|have', '|the word|the words|any word of|anything like'),
  crossed('say|says|said|saying|have|has|with', 'nothing|no word|not a word', 'about|of|on'),
  crossed('without|no|=not containing|lacking|with no|has no|have no', 'the word|the words|mention of|any mention of|a mention of|word of'),
].join('|');

/** What stands in texts: words, beginnings, ends. */
export const textRules: readonly Rule[] = [
  // 'Jobs whose remarks say nothing about the chimney', 'remarks without the word chimney'
  rule('cond', `$col:c ${oneOf(UNSAID)} a|an|any|the? $plainWords:t`, ({ c, t }, x: Context) => unsaidIn(c, t, x), -0.3),
  rule('cond', `${oneOf(UNSAID)} a|an|any|the? $plainWords:t in|inside|within|under|among the|their|its? $col:c`, ({ c, t }, x: Context) => unsaidIn(c, t, x), -0.4),
  rule('cond', `~without an|a|any? $plainWords:t in|inside|within|under|among the|their|its $col:c`, ({ c, t }, x: Context) => unsaidIn(c, t, x), -0.2),
  rule('cond', `${oneOf(UNSAID)} a|an|any|the? $insides:v`, ({ v }) => not(mentioned(v)), -0.2),
  // 'Slots that mention skates': wherever that stands
  rule('rset', '$rows|$noun|$guess ~rel ~mention|~contains|say|says|talk|talks of|about? the? words|word? ^$inside:v', ({ v }) => mentioned([v]), -0.3),
  rule('rset', '$rows|$noun|$guess ~rel|where|in somebody|someone|anybody|anyone|they|people|which? complain|complains|complained|complaining|mentioned|mention|mentions|spoke|speaks|talked|talks|wrote|writes|noted|said|reported of|about|that|on|being? a|an|the? $insides:v $word|$noun|$guess?', ({ v }) => mentioned(v), -0.3),
  rule('cond', '~withA|with $inside:v in|inside|within|under|among|amongst the|their|its? $col:c', ({ v, c }) => (v.column === c ? { kind: 'text', test: 'mentions', of: column(c), texts: [v.text] } : null), 0),
  // 'cone 6', 'gate B4': a figure that stands as a word in the texts of a column
  rule('cond', '$col:c $num:n', ({ c, n }, x: Context) => (columnOf(x.head, c).type === 'text' && !numeric(c, x) && !isDated(c, x) ? mentionsNumber(String(n), c, x) : null), 0.15),
  // A value that also stands among others in a text: 'gigs where Ola worked'
  rule('inside', 'mr|mrs|ms|miss|dr|prof|mister|doctor .? ^$inside:v', ({ v }) => v, -0.05),
  rule('inside', '$value:v', ({ v }) => (v.loose ? { column: v.column, text: v.typed } : null), 0.1),
  rule('insides', '$inside:a', ({ a }) => [a], 0),
  rule('insides', '$inside:a ~list $insides:b', ({ a, b }) => (b[0].column === a.column ? [a, ...b] : null), 0),
  // 'Bitter, sour or dry': a short word goes with the others
  rule('insides', '$insides:r or|and ^$word:w', ({ r, w }, x: Context) => (w.length === 3 && !SMALL_WORDS.has(w.toLowerCase()) && finds2(w, r[0].column, x) ? [...r, { column: r[0].column, text: w }] : null), 0.02),
  rule('rset', 'anything|everything|whatever|all|those|what|$rows|$noun ~rel? ~be|tasted|looked|felt|sounded|described|called|noted|marked|seemed|seems as|like|to be? $insides:v', ({ v }) => mentioned(v), 0.1),
  rule('cond', 'neither $inside:a nor $inside:b (took|takes|take|was|were|is|are|came|come|went) (part|there|in|on|with|along)?', ({ a, b }) => (a.column === b.column ? not({ kind: 'text', test: 'mentions', of: column(a.column), texts: [a.text, b.text] }) : null), 0),
  rule('cond', '($col|it|they|there)? say|says|said|mention|mentions|mentioned|tell|tells that? a|an|any|the|some? ^$inside:v ~be|~have been? given|done|made|seen|found|used|noted|had|needed|due|applied|taken|missing|changed|replaced|there', ({ v }) => mentioned([v]), -0.3),
  rule('cond', '$insides:v', ({ v }) => (v.length > 1 ? mentioned(v) : null), 0),
  rule('cond', '$insides:v ^$col:c', ({ v, c }) => (v[0].column === c ? { kind: 'text', test: 'mentions', of: column(c), texts: v.map((o: { text: string }) => o.text) } : null), 0),
  rule('rset', '$rows|$noun|$guess ~rel $inside:v ^~did|worked|works|helped|helps|was|is|came|comes|sang|plays|played|did|does|signed|signs', ({ v }) => mentioned([v]), 0.35),
  // 'Called Farm something': the name begins so.
  rule('cond', 'called|named? $inside:v something|whatever', ({ v }) => ({ kind: 'text', test: 'starts', of: column(v.column), texts: [v.text] }), -0.1),
  ...["isn't|aren't|wasn't|weren't", 'is|are|was|were not'].flatMap((no) => [
    rule('cond', `${no} $inside:v`, ({ v }) => not(mentioned([v])), 0.1),
    rule('rset', `the? $col:c ~rel ${no} $inside:v`, ({ c, v }) => (c === v.column ? not({ kind: 'text', test: 'mentions', of: column(c), texts: [v.text] }) : null), 0),
  ]).flat(),
  rule('cond', '$inside:v', ({ v }) => mentioned([v]), 0.1),
  rule('cond', '~be|~did|~withA $inside:v', ({ v }) => mentioned([v]), 0.1),
  rule('cond', '$col:c $inside:v', ({ c, v }) => (v.column === c ? { kind: 'text', test: 'mentions', of: column(c), texts: [v.text] } : null), 0.05),
  rule('cond', '~withA|~contains|code $codeIn:v', ({ v }) => mentioned([v]), 0.05),
  rule('rset', '$rows|$guess ~withA|~contains|code? code|value|error|fault? $codeIn:v', ({ v }) => mentioned([v]), 0.05),
  rule('rset', '$rows|$guess with|containing|mentioning|having|that|which mention|mentions|say|says|contain|contains? the? word|text|term|phrase? $word:w in|inside|within|under the|their|its? $col:c', ({ w, c }, x: Context) => mentionsWord(w, c, x), 0.05),
  rule('cond', '$col:c mention|mentions|say|says|talks|talk about|of? an? $word:w', ({ w, c }, x: Context) => mentionsWord(w, c, x), 0.1),
  // What can be found in a text
  rule('cond', '~be? there? a|an|any|the|some? $inside:v ~be? mentioned|noted|written|found|named|quoted|listed? in|inside|on|under the|our|their|its? $col:c', ({ v, c }) => (v.column === c ? { kind: 'text', test: 'mentions', of: column(c), texts: [v.text] } : null), 0.05),
  rule('cond', '$col:c ~contains|~withA a|an|any|some|at? least? one? $what:w', ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' && !(w.kind === 'sort' && w.sort === 'number' && numeric(c, x)) ? { kind: 'holds', what: w, of: column(c) } : null), 0.1),
  rule('cond', '~withA a|an|any|some? $what:w in|inside|within the|their|its? $col:c', ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' ? { kind: 'holds', what: w, of: column(c) } : null), 0.1),
  rule('cond', "$col:c ~not a|an|any? valid|proper|real|correct|genuine|well-formed|right $what:w", ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' ? not({ kind: 'holds', what: w, of: column(c) }) : null), 0),
  rule('cond', '$col:c ~be a|an|any? valid|proper|real|correct|genuine|well-formed|right $what:w', ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' ? { kind: 'holds', what: w, of: column(c) } : null), 0),
  rule('cond', '$col:c ~be not|in-? valid|proper|real|correct|well-formed|right', ({ c }, x: Context) => { const w = sortOf(c, x); return w && not({ kind: 'holds', what: w, of: column(c) }); }, 0),
  // What is no number: a text among numbers, or nothing at all
  ...["isn't|aren't|wasn't|weren't|ain't|not", '~be not|no'].map((no) => rule('cond', `$col:c value|entry|cell|figure? ${no} an? real|proper|valid|plain|usable|readable? ~number`, ({ c }, x: Context) => (columnOf(x.head, c).type === 'text' && readsAsNumber(x.head, c) ? orNoNumber({ kind: 'empty', of: column(c) }, x.head) : null), 0.5)),
  rule('cond', '~withA an? invalid|wrong|malformed|broken $col:c', ({ c }, x: Context) => { const w = sortOf(c, x); return w && not({ kind: 'holds', what: w, of: column(c) }); }, 0),
  rule('cond', '$col:c ~be invalid|malformed', ({ c }, x: Context) => { const w = sortOf(c, x); return w && not({ kind: 'holds', what: w, of: column(c) }); }, 0),
  ...([['~contains', 'contains'], ['~starts', 'starts'], ['~ends', 'ends']] as const).flatMap(([words, test]) => [
    rule('cond', `$col:c ${words} the? word|words|text|letters? $texts:t`, ({ c, t }) => ({ kind: 'text', test, of: column(c), texts: t }), 0),
    rule('cond', `$col:c ~not ${words} $texts:t`, ({ c, t }) => not({ kind: 'text', test, of: column(c), texts: t }), 0),
    rule('cond', `$col:c ${words} $code:t`, ({ c, t }) => ({ kind: 'text', test, of: column(c), texts: [t] }), test === 'contains' ? 0.55 : 0.2),
  ]).flat(),
  rule('cond', '$col:c|it has|have the? word|words? $plainWords:t', ({ c, t }, x: Context) => (c === undefined || columnOf(x.head, c).type !== 'text' || !t.some((w: string) => sampleOf(c, x).some((v) => finder({ kind: 'words', words: [w] })(v).length > 0)) ? null : mentionsAll(c, t, x)), 0.6),
  rule('cond', '$col:c ~contains the? word|words? $plainWords:t', ({ c, t }, x: Context) => mentionsAll(c, t, x), 0.3),
  rule('cond', '$col:c ~contains the? word|words? $plainWords:t', ({ c, t }, x: Context) => (t.length > 2 ? mentionsAll(c, t, x) : null), 0),
  rule('plainWords', '$word:w', ({ w }) => bothNumbers(w), 0),
  rule('plainWords', 'a|an ^$word:w', ({ w }) => (NO_WORD.test(w) ? null : bothNumbers(w)), 0.05),
  rule('plainWords', 'a|an ^$word:w or|, $plainWords:r', ({ w, r }) => { const own = NO_WORD.test(w) ? null : bothNumbers(w); return own && [...new Set([...own, ...r])]; }, 0.05),
  rule('plainWords', 'something|anything|things ^$word:w', ({ w }) => bothNumbers(w), 0.05),
  rule('plainWords', '$word:w ^$word:v', ({ w, v }) => (NO_WORD.test(w) || NO_WORD.test(v) ? null : [`${w} ${v}`.toLowerCase()]), 0.3),
  rule('plainWords', '$word:w ^$word:v or|, $plainWords:r', ({ w, v, r }) => (NO_WORD.test(w) || NO_WORD.test(v) ? null : [`${w} ${v}`.toLowerCase(), ...r]), 0.3),
  rule('plainWords', '$word:w or|, $plainWords:r', ({ w, r }) => { const own = bothNumbers(w); return own && [...new Set([...own, ...r])]; }, 0),
  rule('cond', '$col:c ~withA|~contains an? $mark:m', ({ c, m }, x: Context) => (columnOf(x.head, c).type === 'text' && /^[?!@#&*]$/.test(m) ? { kind: 'text', test: 'contains', of: column(c), texts: [m] } : null), 0),
  rule('cond', '$col:c says|say|reads|read the? word|words? $plainWords:t', ({ c, t }) => ({ kind: 'text', test: 'mentions', of: column(c), texts: t }), 0.3),
  // 'Those with receipt or invoice in the remark', 'where somebody wrote receipt in the remark'
  rule('cond', '~withA|with|having|containing|mentioning|about|mention|mentions|say|says|contain|contains|wrote|writes|talk|talks about|of|on? the? word|words|text|term? $plainWords:t in|inside|within|under the|their|its|his|her? $col:c', ({ c, t }, x: Context) => soughtIn(c, t, x), -0.25),
  rule('cond', 'somebody|someone|anybody|we|they|people|he|she wrote|noted|said|mentioned|put|written the? word|words? $plainWords:t in|inside|within|under the|their|its|his|her? $col:c', ({ c, t }, x: Context) => soughtIn(c, t, x), -0.25),
  rule('abbrs', '$abbr:a', ({ a }) => [a], 0),
  rule('abbrs', '$abbr:a or|,|and $abbrs:r', ({ a, r }) => [a, ...r], 0),
  rule('cond', '$col:c ~starts $abbrs:t', ({ c, t }) => ({ kind: 'text', test: 'starts', of: column(c), texts: t }), 0.1),
  rule('cond', '$col:c ~ends $abbrs:t', ({ c, t }) => ({ kind: 'text', test: 'ends', of: column(c), texts: t }), 0.1),
  rule('cond', '~have|~say|~contains|~mention|says|say|saying|with the? word? ^$word:w in|inside|within|under the|its|their|his|her? $col:c', ({ w, c }, x: Context) => (w.length > 2 && !SMALL_WORDS.has(w.toLowerCase()) && finds2(w, c, x) ? { kind: 'text', test: 'mentions', of: column(c), texts: [w] } : null), 0.1),
  rule('rset', '$col:c ~rel say|says|mention|mentions|complain|complains|tell|tells|write|writes|report|reports that|of|about|how? something|somebody|anything|things|it|they? ~be|was|were|got|gets? too|very|so? ^$word:w', ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' && w.length > 2 && !SMALL_WORDS.has(w.toLowerCase()) && finds2(w, c, x) ? { kind: 'text', test: 'mentions', of: column(c), texts: [w] } : null), 0.1),
  rule('toldWords', '$word:w', ({ w }) => (SMALL_WORDS.has(w.toLowerCase()) || w.length < 3 ? null : [w]), 0),
  rule('toldWords', '$word:w or|, $toldWords:r', ({ w, r }) => (SMALL_WORDS.has(w.toLowerCase()) || w.length < 3 ? null : [w, ...r]), 0),
  // 'Whose behaviour says friendly or gentle', where one of them stands among other words
  rule('cond', '$col:c say|says|mention|mentions|speaks|talks|reads of|about? something|somebody? $toldWords:t', ({ c, t }, x: Context) => (columnOf(x.head, c).type === 'text' && t.some((w: string) => x.vocabulary.values.get(w.toLowerCase())?.some((v) => v.column === c)) && t.some((w: string) => finds2(w, c, x)) && t.every((w: string) => finds2(w, c, x) || x.vocabulary.values.get(w.toLowerCase())?.some((v) => v.column === c)) ? { kind: 'text', test: 'mentions', of: column(c), texts: t } : null), -0.5),
  rule('cond', '$col:c made|built|woven|cut of|from|with|out of? ^$word:w', ({ c, w }, x: Context) => (columnOf(x.head, c).type === 'text' && w.length > 2 && !SMALL_WORDS.has(w.toLowerCase()) && finds2(w, c, x) ? { kind: 'text', test: 'mentions', of: column(c), texts: [w] } : null), 0.1),
  // 'NE meters': the first part of a code, in capitals
  rule('abbrs', '$abbr:a ~list $abbr:b', ({ a, b }) => [a, b], 0),
  rule('abbrs', '$abbr:a ~list $abbrs:b', ({ a, b }) => [a, ...b], 0),
  rule('cond', '$abbrs:a ^$col:c', ({ a, c }, x: Context) => (a.every((t: string) => beginsSome(t, c, x)) ? { kind: 'text', test: 'starts', of: column(c), texts: a } : null), -0.1),
  rule('cond', '$abbr:a ^$col:c', ({ a, c }, x: Context) => (beginsSome(a, c, x) ? { kind: 'text', test: 'starts', of: column(c), texts: [a] } : null), 0.1),
].flat();
