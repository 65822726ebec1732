import type { Entailed } from '../../language/entailed';
import { amend, nothing, withPlan, type Act, type Context, type State } from '../../language/acts';
import { oneOf, rule } from '../../language/chart';
import { crossed } from '../../language/lexicon/crossed';
import { bareText, nearestSpelling } from '../../match/likeness';
import { sampleOf } from '../../language/grammar/samples';
import { cleaned } from '../../values/clean';
import { folded } from '../../values/fold';

/** What was found of the values of a column: a search asks it over and over. */
const fitted = new WeakMap<object, Map<string, boolean>>();

/** Spellings fit a column when most of its different values are like one of them. */
function fits(column: string, spellings: readonly string[], { head, start }: State): boolean {
  const values = (head.glances ?? start.glances)?.get(column)?.values ?? start.glances?.get(column)?.values;
  if (!values || values.length === 0) return false;
  const known = fitted.get(values) ?? new Map<string, boolean>(), key = spellings.join('\n');
  let fit = known.get(key);
  if (fit === undefined) {
    // Where all is written so already, there is nothing to spell.
    fit = values.some(([v]) => !spellings.includes(v)) && values.filter(([v]) => nearestSpelling(v, spellings) !== null).length >= values.length * 0.6;
    if (known.size > 1_000) known.clear();
    fitted.set(values, known.set(key, fit));
  }
  return fit;
}

export const spelled = (columns: readonly string[] | null, spellings: readonly string[]): Act | null =>
  // 'Just yes or no' of what says yes or no in any way is read as that.
  spellings.length < 2 || (spellings.length === 2 && spellings.includes('yes') && spellings.includes('no')) ? null : {
    key: `spell ${JSON.stringify([columns, spellings])}`,
    apply(state: State) {
      // Without a column they are those of the only column that they fit.
      const found = columns ?? (state.topic.some((c) => fits(c, spellings, state)) ? state.topic : state.head.columns.map((c) => c.name).filter((c) => fits(c, spellings, state)));
      if (found.length !== 1 || !fits(found[0]!, spellings, state)) return null;
      // 'Fix the spelling of the suppliers, the right ones are ...': those are how it is fixed.
      const named = state.plans.at(-1);
      return named?.step === 'standardise' && named.column === found[0]
        ? amend('spelt so', (plan) => (plan === named ? { step: 'spell', columns: found, spellings } : null)).apply(state)
        : withPlan(state, { step: 'spell', columns: found, spellings }, found);
    },
  };

/** Does a column hold all of some words? */
const holdsBoth = (name: string, words: readonly string[], x: Context): boolean => { const held = new Set(sampleOf(name, x).map(folded)); return words.every((w) => held.has(folded(w))); };

/** All spellings of one value that differ in capitals, spaces, marks or a legal form, written in one way: a South Quay is no North Quay. */
function unified(name: string, value: string, spelling: string, x: Context): Act | null {
  const short = (text: string): string => cleaned(text, 'legal'), own = new Set([bareText(short(value)), bareText(short(spelling))]);
  const others = [...new Set(sampleOf(name, x).map((v) => v.trim()))].filter((v) => v !== spelling && v !== '' && own.has(bareText(short(v))));
  return others.length === 0 ? null : { key: `unified ${name} ${spelling}`, apply: (state: State) => withPlan(state, { step: 'replace', columns: [name], find: { kind: 'texts', place: 'whole', texts: others }, with: spelling }, [name]) };
}

/** A value written as the only other one of its column that it may be a slip for. */
function mistyped(name: string, value: string, x: Context): Act | null {
  const others = [...new Set(sampleOf(name, x).map((v) => v.trim()))].filter((v) => v !== '' && v !== value), near = others.filter((v) => nearestSpelling(value, [v]) !== null);
  return near.length !== 1 ? null : { key: `mistyped ${name} ${value}`, apply: (state: State) => withPlan(state, { step: 'replace', columns: [name], find: { kind: 'texts', place: 'whole', texts: [value] }, with: near[0]! }, [name]) };
}

export const phrases = [
  rule('spelling', '$text:t', ({ t }) => t, 0),
  // 'Rosa T.' at the end of a sentence: the stop is the name's where the cells have it.
  rule('spelling', '$value:v', ({ v }) => (v.text === `${v.typed}.` ? v.text : v.typed), 0),
  rule('spelling', '$name:n', ({ n }) => (/^\p{Lu}\S*(?:\s(?:\p{Lu}\S*|&|of|and))*$/u.test(n) ? n : null), 0.2),
  rule('spellings', '$spelling:s', ({ s }) => [s], 0),
  rule('spellings', '$spelling:s ~list $spellings:r', ({ s, r }) => (r.includes(s) ? null : [s, ...r]), 0),
  rule('clause', 'one|a? $cols:c spelling|spellings|name|names each|only? :|,|is|are $spellings:s', ({ c, s }) => spelled(c, s), 0.1),
  rule('clause', '~make? $cols:c consistent|consistently|uniform|uniformly|the? same ,|:|;|-? $spellings:s', ({ c, s }) => spelled(c, s), 0),
  rule('clause', '$cols:c ~should|must|can be|read|say|only? be? one of $spellings:s ,|;|.|:|-|– use|with? the|these|this|always? same|exact|these|one? spelling|spellings|way everywhere|throughout|always|each|every? time?', ({ c, s }) => spelled(c, s), -0.5),
  rule('clause', '~make|use it|them|that|these|those always|all|everywhere|only|either|just? ^$spellings:s', ({ s }) => spelled(null, s), 0.1),
  rule('clause', '$cols:c : $spellings:s', ({ c, s }) => spelled(c, s), 0.3),
  rule('spelling', '$abbrev:w', ({ w }) => w, 0.1),
  rule('abbrev', '$word:a . ^$word:b', ({ a, b }) => (/^\p{Lu}$/u.test(a) && /^\p{Lu}/u.test(b) ? `${a}. ${b}` : null), 0),
  rule('aside', 'nothing else|more', () => nothing, 0.05),
  rule('clause', '$cols:c :|,? always|only|either|just|simply $spellings:s', ({ c, s }) => spelled(c, s), 0.1),
  rule('clause', '$cols:c ~should be|say|read|become|show either|one? of? $spellings:s', ({ c, s }) => spelled(c, s), 0),
  // 'Should only say in or out': small words that the column holds
  rule('clause', '$col:c ~should|must|can|may only|just? be|say|read|show|hold|contain only|just|either? ^$word:a or|and|/ ^$word:b', ({ c, a, b }, x: Context) => (holdsBoth(c, [a, b], x) ? spelled([c], [a, b]) : null), -0.2),
  rule('clause', '$col:c :|,|- only|just|either ^$word:a or|and|/ ^$word:b', ({ c, a, b }, x: Context) => (holdsBoth(c, [a, b], x) ? spelled([c], [a, b]) : null), -0.1),
  rule('clause', "$value:v ~be|~have sometimes|often|partly|occasionally|also|once|twice|here written|spelled|spelt|typed|entered? in|with|a? small|lower|capitals|capital|upper|differently|wrongly|wrong|otherwise|badly|misspelt|misspelled letters|letter|case? ,|;|.|:|- please|so? fix|correct|mend|repair|change|unify|put|set that|it|this|those|them|the? (right|spelling|everywhere|please)?", ({ v }, x: Context) => unified(v.column, v.text, v.text, x), -0.3),
  rule('clause', '$cols:c :|,|-|– $spellings:s ,|;|.|and? and? nothing|none|no|nobody else|other|others|more', ({ c, s }) => spelled(c, s), -0.2),
  rule('clause', '$cols:c ~be $spellings:s ,|;|.|and? and? nothing|none|no|nobody else|other|others|more', ({ c, s }) => spelled(c, s), -0.3),
  rule('clause', '$cols:c ~should? ~be? all|always? written|spelt|spelled|typed|named all|always? alike|consistently|uniformly|identically|equally ,|:|;|-? $spellings:s', ({ c, s }) => spelled(c, s), -0.2),
  rule('clause', '$cols:c :|,|;|-|–? $spellings:s ~be|~should be? the|our|all? only|all|known|valid|allowed|possible|right|correct|real|true two|three|four|five|2|3|4|5|six|seven? ones|values|options|spellings|names|choices|possibilities|there|that|we? (we|that|there)? (have|exist|are|there|is|want|allow)?', ({ c, s }) => spelled(c, s), -0.3),
  // 'Harbor is a typo': of the value beside it that it is nearest to
  rule('clause', "$value:v ~be|looks like? just|obviously|clearly? an? typo|misspelling|misspelt|misspelled|mistyped|misprint|mistake|slip", ({ v }, x: Context) => mistyped(v.column, v.text, x), -0.3),
  rule('clause', "$value:v ~be|looks like? just|obviously|clearly? an? typing|spelling mistake|error ,|;|.|:|- please|so? fix|correct|mend|repair|change? that|it|this|those?", ({ v }, x: Context) => mistyped(v.column, v.text, x), -0.3),
  rule('clause', "$value:v ~be|looks like? just|obviously|clearly? an? typo|misspelling|misspelt|misspelled|mistyped|misprint|mistake|slip ,|;|.|:|- please|so? fix|correct|mend|repair|change that|it|this|those?", ({ v }, x: Context) => mistyped(v.column, v.text, x), -0.35),
  // 'X, Y and Z are our only technicians, so make the column say just those'
  rule('clause', '$spellings:s ~be the|our|my|all|our? only|three|two|four|real|valid|true|known? $cols:c (there are|we have)? ,|;|.|:|- so|and|please? please? (make|let|have|change|fix|correct|clean)? the|that|this|it? column|spelling|names? (to|up|so)? (say|use|hold|read|show|have|be|that)? only|just? (those|these|them|this)? (there|please|names|spellings)?', ({ s, c }) => spelled(c, s), -0.3),
  // 'Start: mill gate should be Mill Gate everywhere'
  rule('clause', '($cols :|,|-)? ^$value:v ~should|must|ought to? be|read|become|say|written|spelt|spelled as? ^$spelling:s (everywhere|throughout|always|please)?', ({ v, s }, x: Context) => (folded(v.typed) === folded(s) ? unified(v.column, v.text, s, x) : null), -0.4),
  // 'Ludd & Co is written three different ways, always use Ludd & Co'
  rule('clause', '$value:v ~be|~have (written|spelled|spelt|typed|entered|given)? (in|with)? $fewWays ,|;|.|:|- please|so? always|please|just|simply? use|write|make|take|have|call it|them|that? all|always|everywhere? ^$spelling:s (everywhere|throughout|always|please)?', ({ v, s }, x: Context) => unified(v.column, v.text, s, x), -0.3),
  rule('clause', '$value:v ~be|~have (written|spelled|spelt|typed|entered|given)? (in|with)? $fewWays ,|;|.|:|- please? one|a|the? same|single|one? spelling|way|form|name? please? ,? (the one (with|having) the? $mark:m)?', ({ v }, x: Context) => unified(v.column, v.text, v.text, x), 0),
  rule('clause', '$cols:c ~should either|one? of? $spellings:s', ({ c, s }) => spelled(c, s), 0.1),
  rule('clause', '$cols:c ~be written|spelled|spelt|typed|entered in? ~messily|$fewWays ,|;|:|.|-? ~make|use|write it|them|that? $spellings:s', ({ c, s }) => spelled(c, s), -0.1),
  rule('fewWays', 'a? few|several|many|two|three|different|various|all|sorts|kinds of? ways|forms|spellings', () => true, 0),
  rule('clause', 'same|one spelling for every|each|all $cols:c :|,|-? $spellings:s', ({ c, s }) => spelled(c, s), 0),
  rule('clause', 'use|write|spell|put $spellings:s', ({ s }) => spelled(null, s), 0.2),
  rule('clause', 'there ~be|~should be? really|only|just? just|only? $num:k of them|those ,|:|;|- $spellings:s', ({ k, s }) => (k === s.length ? spelled(null, s) : null), 0),
  rule('clause', 'there ~be|~should really|only|just? just|only? $num:k ,|:|;|- $spellings:s', ({ k, s }) => (k === s.length ? spelled(null, s) : null), 0.05),
  rule('clause', 'there ~be|~should only|just|really? be? only|just? $num:k $cols:c ,|:|;|- $spellings:s', ({ k, c, s }) => (k === s.length ? spelled(c, s) : null), 0),
  rule('clause', "it|they|these|those 's|is|are only|just|really? $spellings:s ,|and? nothing|no|none|nobody else|other|others", ({ s }) => spelled(null, s), 0),
  rule('clause', "it's|they're only|just|really? $spellings:s ,|and? nothing|no|none|nobody else|other|others", ({ s }) => spelled(null, s), 0),
  rule('clause', 'only|just $spellings:s exist|valid|allowed|possible|known|used|there|permitted|accepted as|for|in|among|under|are? $cols:c', ({ c, s }) => spelled(c, s), 0),
  rule('clause', 'only|just $spellings:s are|is|being? exist|valid|allowed|possible|known|used|permitted|accepted (as|for|in|among $cols:c)?', ({ c, s }) => spelled(c ?? null, s), 0.05),
  rule('clause', '$cols:c is|are|should|must|can|may|shall to|only? be? only? written|spelt|spelled|called|named|typed|entered only|either|as|just? $spellings:s', ({ c, s }) => spelled(c, s), -0.1),
  rule('clause', "so that|it|they? it|they|there|it's is|are|'s|reads|says|be? only ever? $spellings:s", ({ s }) => spelled(null, s), 0),
  rule('rider', ',|-|:? whichever|whatever one|of|them|these|those? is|comes|it|looks|fits? is? closest|nearest|best|likeliest|alike|similar', () => amend('spelt nearest', (plan) => (plan.step === 'spell' ? plan : null)), 0),
  rule('slashed', '$spelling:a / $spelling:b', ({ a, b }) => (a === b ? null : [a, b]), 0),
  rule('slashed', '$spelling:a / $slashed:b', ({ a, b }) => (b.includes(a) ? null : [a, ...b]), 0),
  rule('spellings', '$slashed:s', ({ s }) => s, 0.05),
  rule('clause', '~standardise|~make the? $cols:c to|as|into|: ,|:? $spellings:s', ({ c, s }) => spelled(c, s), 0.1),
  rule('clause', '~standardise|unify|normalise|harmonise|fix it|them|this|that|these? to|as|into|: ,|:? $spellings:s', ({ s }) => spelled(null, s), 0.1),
  rule('clause', '~standardise|~make the? $cols:c ~open $spellings:s ~close', ({ c, s }) => spelled(c, s), -0.1),
  // 'Region has capitals and spaces all over the place, I just need North, South or East'
  rule('clause', "i|we|it|they|there should|must|can|may|will|just|only? just|only? need|want|be|have|has|are|is? just|only|ever? $spellings:s", ({ s }) => { const act = spelled(null, s); return act && { key: `told ${act.key}`, apply: (state: State) => (state.told.size ? act.apply(state) : null) }; }, -0.4),
  rule('clause', "it's|they're|that's only|always|either? $spellings:s", ({ s }) => { const act = spelled(null, s); return act && { key: `told ${act.key}`, apply: (state: State) => (state.told.size ? act.apply(state) : null) }; }, -0.4),
  rule('clause', 'there ~be|~should $num:k $cols:c only|altogether|really? ,|:|;|- $spellings:s', ({ k, c, s }) => (k === s.length ? spelled(c, s) : null), -0.1),
  rule('rider', '~make them|those|these|it all? the same|alike|consistent|uniform', () => amend('spelt alike', (plan) => (plan.step === 'spell' ? plan : null)), 0),
  rule('clause', 'only|just $spellings:s in $cols:c', ({ c, s }) => spelled(c, s), 0.2),
  rule('aside', 'use|take|with these|those spellings|names|forms|words', () => nothing, 0),
  rule('aside', 'a? some|few|several|others|many of? them|these? are|is spelt|spelled|written differently|wrongly|otherwise|badly', () => nothing, 0),
  rule('clause', 'fix|correct|mend|unify|clean|sort up|out? the? $cols:c names? ,|;|:|.|-|–? (there are|we have|it is|they are)? only|just $spellings:s work|works|exist|exists|are|is|being|there (here|there|for us|with us|allowed|valid|right)?', ({ c, s }) => spelled(c, s), -0.4),
  rule('clause', 'only|just $spellings:s work|works|working here|there|for|with|in us|this|the? (shop|firm|place|office|team|workshop)?', ({ s }) => spelled(null, s), -0.1),
  rule('clause', '~make the? $cols:c always|only|just|either $spellings:s', ({ c, s }) => spelled(c, s), -0.1),
  rule('clause', '$cols:c ~should only|always|ever ever? be|say|read|contain|hold|show? $spellings:s', ({ c, s }) => spelled(c, s), -0.7),
  rule('rider', 'please? clean|tidy|sort|straighten up|out? the|these|those|their? different|various|other? spelling|spellings|names|writing|versions', () => amend('spelt so', (plan) => (plan.step === 'spell' ? plan : null)), -0.3),
  rule('rider', ',? as|like|just|exactly as|like? (it is|they are|it stands|they stand|written|spelt|spelled|we have them|given)? in|on the? $theTable', () => amend('spelt as there', (plan) => (plan.step === 'spell' ? plan : null)), -0.1),
  rule('rider', 'please? fix|correct|mend|unify|sort out? the|these|those|their? spelling|spellings|names|writing', () => amend('spelt so', (plan) => (plan.step === 'spell' ? plan : null)), 0),
  rule('aside', 'put|set those|these|them|it right|straight', () => nothing, 0),
  rule('rider', `${oneOf(crossed('the same|one|a single|the one|always the same|same', 'spelling|way of writing|form|style|writing', 'everywhere|throughout|for all|for each|in all rows|all over|in the whole column'))} please?`, () => amend('same spelling', (plan) => (plan.step === 'spell' || plan.step === 'standardise' ? plan : null)), -0.1),
  rule('aside', 'and nothing else|more', () => nothing, 0),
  rule('aside', 'with a capital', () => nothing, 0.1),
  rule('aside', 'and? nothing around it|them', () => nothing, 0.1),
].flat();

export const entailed: readonly Entailed[] = [
  { of: (plan) => plan.step === 'spell', words: 'correct correctly fix tidy clean up right straight put proper properly spelling spell spelt misspelt wrong wrongly badly whatever else anything' },
];
