import { amend, onTold, speakOf, withPlan, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { persons } from '../../language/grammar/kinds';
import { findColumn } from '../../table/table';
import type { Tidying } from './step';

/** Tidyings of the same columns, one after the other in a request, are one step. */
export const tidied = (columns: readonly string[] | null, ways: readonly Tidying[]): Act => ({
  key: `tidy ${ways.join()} ${JSON.stringify(columns)}`,
  apply(state) {
    const said = columns ?? state.topic;
    // Of many columns, those of texts are meant: numbers and dates have neither stray spaces nor capitals.
    const texts = said.filter((name) => (findColumn(state.head.columns, name)?.type ?? 'text') === 'text');
    const on = said.length > 1 && texts.length ? texts : said;
    if (on.length === 0) return null;
    const last = state.plans.at(-1);
    if (last?.step === 'tidy' && last.columns.join('\n') === on.join('\n') && letters([...last.ways, ...ways]) <= 1) {
      return amend(`tidy ${ways.join()}`, (plan) => (plan.step === 'tidy' ? { ...plan, ways: ordered([...plan.ways, ...ways]) } : null)).apply(state);
    }
    return withPlan(state, { step: 'tidy', columns: on, ways: ordered(ways) }, on);
  },
});

/** Marks first, then spaces, then letters: the order in which nothing depends on what comes later. */
const ORDER: readonly Tidying[] = ['mended', 'tags', 'alike', 'lines', 'trim', 'squeeze', 'accents', 'legal', 'upper', 'lower', 'title', 'sentence', 'name'];
const LETTERS: ReadonlySet<Tidying> = new Set<Tidying>(['upper', 'lower', 'title', 'sentence', 'name']);
const ordered = (ways: readonly Tidying[]): Tidying[] => ORDER.filter((w) => ways.includes(w));
const letters = (ways: readonly Tidying[]): number => ways.filter((w) => LETTERS.has(w)).length;

/** Everywhere in what was spoken of just before, or else in all texts. */
const throughout = (ways: readonly Tidying[], x: Context): Act | null => {
  const all = everywhere(ways, x);
  return all && { key: `throughout ${all.key}`, apply: (state) => (state.spoken.length ? tidied(state.spoken, ways) : all).apply(state) };
};

/** In every column of texts. */
export const everywhere = (ways: readonly Tidying[], x: Context): Act | null => { const texts = x.head.columns.filter((c) => c.type === 'text').map((c) => c.name); return texts.length ? tidied(texts, ways) : null; };

/** 'Trim both': the pieces just made, or else what is spoken of. */
const piecesTrimmed: Act = { key: 'tidy pieces', apply: (state) => { const last = state.plans.at(-1); return tidied(last?.step === 'split' ? last.into : null, ['trim', 'squeeze']).apply(state); } };

export const phrases = [
  // 'Ltd can stay', said of names that are tidied
  rule('rider', 'the? $word|$value|$abbr|$text .? can|may|should|shall|must stay|remain|be in|there|left|kept|as? (it|they)? (is|are)?', () => amend('tidied, with what stays', (plan) => (plan.step === 'tidy' ? plan : null)), -0.6),
  rule('clause', 'tidy|neaten the? $cols:c up?', ({ c }) => tidied(c, ['trim', 'squeeze']), 0.3),
  rule('clause', 'tidy|clean|neaten up the? $cols:c', ({ c }) => tidied(c, ['trim', 'squeeze']), 0.3),
  rule('ways', 'capitalise|capitalize them|it|the|these? completely|fully|entirely|throughout', () => ['upper'], -0.2),
  rule('ways', '~upper', () => ['upper'], 0),
  rule('ways', '~lower', () => ['lower'], 0),
  rule('ways', '~title', () => ['title'], 0),
  rule('ways', 'tidy|clean|sort|fix|straighten|mend|correct|neaten up|out? the? $untidy:w', ({ w }) => w, -0.2),
  rule('untidy', 'spaces|spacing|whitespace|blanks', () => ['trim', 'squeeze'], 0),
  rule('untidy', 'capitals|capitalisation|capitalization|casing|case|letters', () => ['title'], 0.1),
  rule('untidy', '$untidy:a and|, the? $untidy:b', ({ a, b }) => (letters([...a, ...b]) <= 1 && a[0] !== b[0] ? [...a, ...b] : null), 0),
  rule('ways', 'just|only one|a|single space between the? words|names|parts', () => ['trim', 'squeeze'], 0),
  rule('ways', '~withA|with|only|just? single spaces', () => ['trim', 'squeeze'], 0),
  rule('ways', 'only|just? the? first =letter big|capital|upper|capitalised|uppercase ,|and? the|all? rest|others small|lower|lowercase case?', () => ['sentence'], -0.2),
  rule('ways', '~title ,|and? ~rest', () => ['title'], 0),
  rule('ways', '~lower except|but|save|apart|bar for|from|in|at? the|their|its? (very)? first (one|letter|character|of (them|each|the $word))?', () => ['sentence'], -0.3),
  rule('ways', '~sentence', () => ['sentence'], 0.02),
  rule('ways', '~sentence ,|and? ~rest', () => ['sentence'], 0),
  rule('ways', 'as|like ~properNames', () => ['name'], 0),
  rule('ways', '~standardise|turn|make|change|convert|bring them|it? to|into|as ~properNames', () => ['name'], 0),
  rule('cleaning', '~tagsWord', (_s, x: Context) => (x.head.columns.some((c) => /\btags?\b/i.test(c.name)) ? null : 'tags'), 0),
  rule('ways', '~replace|~mendVerb|~drop|mend|normalise|normalize|straighten the? $oddCharacters (~with plain|normal|ordinary|straight|simple letters|ones|characters|quotes|marks)?', () => ['alike'], 0),
  rule('ways', '~make the? $oddCharacters plain|straight|normal', () => ['alike'], 0),
  rule('oddCharacters', 'look-alike|lookalike|confusable characters|letters|ones|marks', () => true, 0),
  rule('oddCharacters', 'look alike characters|letters', () => true, 0),
  rule('oddCharacters', 'curly|smart|typographic quotes|quotation|apostrophes|quote marks?', () => true, 0),
  rule('oddCharacters', 'cyrillic|greek letters|characters (that look like latin|normal ones|letters?)?', () => true, 0),
  rule('oddCharacters', 'full-width|fullwidth characters|letters|forms', () => true, 0),
  rule('cleaning', '~accentsWord', () => 'accents', 0),
  rule('cleaning', '~linesWord', () => 'lines', 0),
  rule('cleaning', '~legalWord', () => 'legal', 0),
  rule('ways', '~drop all? the? $cleaning:w', ({ w }) => [w], 0),
  rule('ways', 'without|no|less all|any? the? $cleaning:w', ({ w }) => [w], 0),
  rule('ways', '~oneLine', () => ['lines'], 0),
  rule('ways', '~replace the? ~accentsWord ~with plain|normal|ordinary|simple letters|ones|characters', () => ['accents'], -0.1),
  rule('ways', '~replace|turn the? ~linesWord ~with|into an? space|spaces|blank', () => ['lines'], -0.1),
  rule('ways', '~mendVerb the? ~brokenWord', () => ['mended'], 0),
  rule('ways', '~mendVerb the? encoding|mojibake', () => ['mended'], 0),
  rule('clause', '$cols:c ~be|has|have|hold|holds|contain|contains ~brokenWord ,|.|;|:? ~mendVerb them|it|that|those', ({ c }) => tidied(c, ['mended']), 0),
  rule('clause', '~mendVerb the? encoding of|in $cols:c', ({ c }) => tidied(c, ['mended']), 0),
  rule('clause', 'shorten|clean|tidy $cols:c ,|:|by? ~drop|no|without the? ~legalWord', ({ c }) => tidied(c, ['legal']), 0),
  rule('clause', '~drop the? $legalWords in|of|from|off|at the? end|back? of? $cols:c', ({ c }) => tidied(c, ['legal']), 0),
  rule('clause', '~drop the? $legalWords off|from|at the? end|back? of? their|the? names|name|values?', () => tidied(null, ['legal']), 0),
  rule('clause', '$cols:c ~minus|without|no the? $legalWords', ({ c }) => tidied(c, ['legal']), 0),
  rule('clause', '~make? $cols:c ,? shorter|short ,|:|;? no|without the? $legalWords', ({ c }) => tidied(c, ['legal']), 0),
  rule('clause', 'shorten $cols:c ,|:|;? no|without the? $legalWords', ({ c }) => tidied(c, ['legal']), 0),
  rule('legalWords', 'things|stuff|endings|suffixes|words|something|additions|bits like|as $legalTokens', () => 2, -0.2),
  rule('legalWords', 'such|similar things|endings|suffixes|words|additions as|like $legalTokens', () => 2, -0.2),
  rule('clause', '$cols:c names? end|ends|ending|finish|finishes in|with|on $legalWords', ({ c }) => tidied(c, ['legal']), -0.2),
  rule('legalWords', '~legalWord :|,|like|such|e.g|eg|as|namely|i.e|ie? as? $legalTokens', () => 2, 0),
  rule('legalWords', '~legalWord ~open $legalTokens ~close', () => 2, 0),
  rule('legalWords', '$legalTokens:n ~etc', ({ n }) => n, 0),
  rule('legalWords', '$legalTokens:n', ({ n }) => (n >= 2 ? n : null), 0),
  rule('legalTokens', '~legalToken', () => 1, 0),
  rule('legalTokens', '~legalToken ~list? $legalTokens:n', ({ n }) => 1 + n, 0),
  rule('ways', '~trimVerb', () => ['trim', 'squeeze'], 0.05),
  rule('ways', '~drop ~trim', () => ['trim', 'squeeze'], 0),
  rule('ways', '~drop ~trim off', () => ['trim', 'squeeze'], 0),
  rule('ways', 'take ~trim off|away|out', () => ['trim', 'squeeze'], 0),
  rule('ways', '~trim off|away|out', () => ['trim', 'squeeze'], 0),
  rule('ways', 'no|without ~trim', () => ['trim', 'squeeze'], 0),
  rule('ways', '~squeezeVerb ~squeeze ~toOne', () => ['squeeze'], 0),
  rule('ways', '~drop ~squeeze', () => ['squeeze'], 0),
  rule('ways', 'squeeze|collapse|squash|compress|shrink|merge|condense|reduce|even out? the|any|all? ~squeeze', () => ['squeeze'], 0),
  rule('ways', '$ways:a ~list $ways:b', ({ a, b }) => (letters([...a, ...b]) <= 1 ? [...a, ...b] : null), 0),
  rule('ways', '$ways:a $ways:b', ({ a, b }) => (letters([...a, ...b]) <= 1 && !a.some((w: Tidying) => b.includes(w)) ? [...a, ...b] : null), 0.15),
  rule('ways', '$ways:a and ~make $ways:b', ({ a, b }) => (letters([...a, ...b]) <= 1 ? [...a, ...b] : null), 0),

  rule('clause', 'get|bring|put|write|make $cols:c into|in|to one|the|a|same? same|single|common|uniform? style|form|format|way|spelling ,|:|-? $ways:w', ({ c, w }) => tidied(c, w), 0),
  rule('clause', '~make $cols:c ~into? $ways:w', ({ c, w }) => tidied(c, w), 0),
  rule('clause', '~make $cols:c all|everything? ~into? $ways:w', ({ c, w }) => tidied(c, w), 0.02),
  rule('clause', '$cols:c ~should ~be? written|spelled|spelt|typed|put|all|everything ~into? $ways:w', ({ c, w }) => tidied(c, w), 0),
  rule('clause', '$cols:c ~be|has|have|hold|holds|contain|contains a? mix|mixture|jumble|mess|muddle|medley (of $word $word?)?', ({ c }) => speakOf(c), 0.1),
  rule('clause', '$cols:c ~be|has|have|hold|holds|contain|contains|come|comes in? a? mix|mixture|jumble|mess|muddle|medley of capitals|upper|big|lower|small letters|case? and|with small|lower|upper|capital|big? letters|case|capitals?', ({ c }) => speakOf(c), -0.3),
  rule('clause', '$cols:c ~should ~be? all|everything? ~into? $ways:w', ({ c, w }) => tidied(c, w), 0),
  rule('clause', '$cols:c with|in a|one capital|big letter? only|first|(at the (start|beginning|front))?', ({ c }) => tidied(c, ['sentence']), -0.3),
  rule('clause', '$cols:c with a capital letter?', ({ c }) => tidied(c, ['sentence']), -0.3),
  rule('clause', '$cols:c :|-|–|,? all|everything? ~into? $ways:w', ({ c, w }) => tidied(c, w), 0.1),
  rule('clause', '$ways:w everything|all? in|of|from|off|on|for|around? $cols:c', ({ c, w }) => tidied(c, w), 0.05),
  rule('clause', '$values:v ~should ~be? all|always? ~into? $ways:w', ({ v, w }, x: Context) => { const name = v[0].column, held = (x.head.glances?.get(name)?.values ?? []).filter(([t]) => t.trim() !== ''); return v.length > 1 && v.every((o: { column: string }) => o.column === name) && held.filter(([t]) => v.some((o: { text: string }) => o.text.toLowerCase().trim() === t.toLowerCase().trim())).length >= held.length * 0.8 ? tidied([name], w) : null; }, 0),
  // 'The status is written in all sorts of ways, lower case everywhere': everywhere in that column
  rule('clause', 'the? $col:c is|are|was|were|comes|has been? written|spelt|spelled|typed|entered|given? ~messily ,|;|:|-|–|. please? (use|make|put|write|turn)? (it|them|all|everything)? ~into? $ways:w everywhere|throughout|always|please?', ({ c, w }) => tidied([c], w), -0.3),
  // 'The names have odd spaces and random capitals, tidy them so that each word starts with a capital'
  rule('blemish', 'odd|random|stray|extra|funny|strange|weird|wrong|double|doubled|inconsistent|mixed|uneven|different|unneeded|superfluous|needless|leading|trailing spaces|spacing|blanks|whitespace|capitals|capitalisation|capitalization|casing|letters', () => true, 0),
  rule('blemish', '$blemish and|,|or $blemish', () => true, 0),
  rule('clause', '$cols:c names|values|texts|entries? all|sometimes|often|partly|still? has|have|hold|holds|contain|contains|got|come|comes with? $blemish', ({ c }) => speakOf(c), -0.1),
  rule('clause', 'tidy|clean|neaten|straighten|sort them|it|those|these|that|this up|out? ,? so|such|and? that? $ways:w', ({ w }) => tidied(null, [...new Set<Tidying>(['trim', 'squeeze', ...w])]), 0),
  rule('clause', '$ways:w everything', ({ w }, x: Context) => everywhere(w, x), 0),
  rule('clause', '$ways:w everywhere|throughout', ({ w }, x: Context) => throughout(w, x), 0),
  rule('clause', '$ways:w in|from|of|for|on all|every|each|the|whole entire|whole? columns|column|table|sheet|texts|cells|fields', ({ w }, x: Context) => everywhere(w, x), 0),
  // 'Get the names into shape: no double spaces', 'make sure each state begins with a capital', 'the first letter of state should be a capital'
  rule('clause', 'get|bring|put|knock|whip the? $cols:c into|in shape|order|form|condition please? ,|:|;|.|-|–?', ({ c }) => speakOf(c), 0),
  rule('clause', '$cols:c names|values|texts|entries? ~be|look|looks untidy|messy|scruffy|sloppy|ugly|inconsistent|uneven ,|:|;|.|-|–?', ({ c }) => speakOf(c), 0),
  rule('clause', '~make? sure that? ~each|the|all? $cols:c begins|begin|starts|start with|in an? capital|big|upper letter|case?', ({ c }) => tidied(c, ['sentence']), -0.4),
  rule('clause', '~each|the|all? $cols:c ~should begin|start with|in an? capital|big|upper letter|case?', ({ c }) => tidied(c, ['sentence']), -0.3),
  rule('clause', 'the? first =letter of|in the|each|every? $cols:c ~should|is be? an? capital|big|upper|capitalised|uppercase case|letter? everywhere?', ({ c }) => tidied(c, ['sentence']), -0.3),
  rule('clause', '~make|write? the? first =letter of|in the|each|every? $cols:c an? capital|big|upper|capitalised|uppercase case|letter?', ({ c }) => tidied(c, ['sentence']), -0.3),
  rule('clause', '~each|the|all $cols:c $ways:w', ({ c, w }) => tidied(c, w), 0.2),
  rule('clause', 'fix|correct|mend|sort|straighten out? the? spacing|spaces and the? capitals|capitalisation|case|casing in|of|for the? $cols:c', ({ c }, x: Context) => (c.every((n: string) => persons(n, x)) ? tidied(c, ['trim', 'squeeze', 'title']) : null), -0.4),
  rule('clause', 'fix|correct|mend|sort|straighten out? the? capitals|capitalisation|capitalization|casing in|of|for the? $cols:c', ({ c }, x: Context) => (c.every((n: string) => persons(n, x)) ? tidied(c, ['title']) : null), -0.3),
  rule('clause', '$ways:w', ({ w }) => tidied(null, w), 0.6),
  rule('clause', '$cols:c names|values|texts|entries|spellings? need|needs|deserve|deserves|want|wants|require|requires an?|some|little? bit|lot|touch? of? care|attention|work|cleaning|tidying|love|help|sorting|treatment|fixing|cleanup|order up|out? :|,|.|;|-?', ({ c }) => speakOf(c), -0.1),
  rule('clause', '$cols:c could|can do with an?|some|little? bit|lot|touch? of? care|attention|work|cleaning|tidying|love|help|sorting|treatment|fixing|cleanup|order up|out? :|,|.|;|-?', ({ c }) => speakOf(c), -0.1),
  rule('clause', 'tidy|clean|sort|straighten up|out? $cols:c :|,|-?', ({ c }) => speakOf(c), 0.4),
  rule('clause', 'mind|help|possible|able tidying|cleaning|sorting|fixing up|out? (to tidy|clean|sort|fix up|out?)? the? $cols:c up|out? ??', ({ c }) => tidied(c, ['trim', 'squeeze']), 0.2),
  rule('clause', 'i|we want|need|have|would|like to? to? do sums|calculations|sum|arithmetic with|on|over the? $cols:c', ({ c }) => speakOf(c), 0.2),
  rule('clause', '~make their|the|those? names|values|texts|entries|words properly|right|nicely|neatly|correctly? ,|:? $ways:w', ({ w }) => tidied(null, w), 0.1),
  rule('clause', '~make $cols:c properly|right|nicely|neatly|correctly ,|:? $ways:w', ({ c, w }) => tidied(c, w), 0),
  rule('clause', '~make them|it|that all|everything|both ~into? $ways:w', ({ w }) => tidied(null, w), 0.1),
  rule('clause', '$cols:c ~be written|typed|spelled|spelt|entered|noted|given|put|stored|recorded? ~messily ,|;|.|:?', ({ c }) => speakOf(c), 0.1),
  rule('clause', 'a? some|few|many|most|several|half|all of? the? $cols:c ~be written|typed|spelled|spelt|entered|noted|given|put|stored|recorded? ~messily', ({ c }) => speakOf(c), 0.05),
  rule('clause', 'capitalise|capitalize the? $cols:c completely|fully|entirely|throughout', ({ c }) => tidied(c, ['upper']), -0.3),
  rule('clause', '~make them|it|that? ~into? $ways:w', ({ w }) => tidied(null, w), 0.2),
  rule('clause', '~drop ~trim off|from them|it|these', () => tidied(null, ['trim', 'squeeze']), 0.05),
  // 'People left spaces all over the place, take those out'
  rule('clause', '~drop|~trimVerb them|those|these|it (off|out|away)?', () => onTold(['space', 'blank', 'whitespace'], tidied(null, ['trim', 'squeeze'])), 0.1),
  rule('clause', 'take|throw|cut them|those|these|it off|out|away', () => onTold(['space', 'blank', 'whitespace'], tidied(null, ['trim', 'squeeze'])), 0),
  rule('clause', 'trim|strip both|each|all|them|those|these of? them|these|those?', () => piecesTrimmed, -0.2),
  rule('clause', '~trim ~be? ~unwanted', () => tidied(null, ['trim', 'squeeze']), 0.3),
  rule('clause', '~wherever there is|are ~squeeze in|of $cols:c ,? ~squeezeVerb them? ~toOne', ({ c }) => tidied(c, ['squeeze']), 0),
  rule('clause', '~squeezeVerb ~squeeze in|of|from $cols:c ~toOne', ({ c }) => tidied(c, ['squeeze']), 0),
].flat();
