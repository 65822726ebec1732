import { column, number, type Condition, type Expression } from '../../formula/expression';
import type { Plan } from '../registry';
import type { CalculatePlan } from './step';
import { amend, withPlan, type Act, type Context } from '../../language/acts';
import { keyOf, rule } from '../../language/chart';
import { addEach } from './adding';
import { asks, eachOnce, partRules, partsCalled, type Asked } from './named-parts';
import { readPerson, type PersonPart } from '../../values/person';
import { persons } from '../../language/grammar/kinds';
import { columnOf } from '../../table/table';
import { sampleOf } from '../../language/grammar/samples';

/* Parts of persons' names. */

const part = (p: PersonPart, of: Expression): Expression => ({ kind: 'person', part: p, of });

/** The parts as columns; middle names nobody asked for stay with the first one, so that none is lost. */
const expressionFor = (p: PersonPart, all: readonly PersonPart[], name: string): Expression =>
  p === 'first' && all.includes('last') && !all.includes('middle') ? { kind: 'join', of: [part('first', column(name)), part('middle', column(name))], separator: ' ' } : part(p, column(name));

/** Are all names just two words? Then cutting at the space says the same more simply. */
const plainPairs = (name: string, x: Context): boolean => sampleOf(name, x).every((v) => { const p = readPerson(v); return p !== null && !v.includes(',') && p.title === '' && p.suffix === '' && v.trim().split(/\s+/).length === 2; });

function addParts(name: string, asked: readonly Asked<PersonPart>[], x: Context): Act | null {
  if (!eachOnce(asked) || !persons(name, x)) return null;
  const parts = asked.map((a) => a.part);
  return addEach(asked.map((a) => ({ name: a.name, as: expressionFor(a.part, parts, name) })));
}

const PART_NAMES: readonly (readonly [PersonPart, RegExp])[] = [
  ['first', /^(?:first|given|christian|fore)[ -]?names?$|^first$|^forenames?$/i],
  ['last', /^(?:last|family|sur)[ -]?names?$|^last$|^surnames?$/i],
  ['middle', /^middle(?: names?| initials?)?$/i],
  ['title', /^(?:title|salutation|form of address)s?$/i],
  ['suffix', /^(?:name )?suffix(?:es)?$/i],
];
const USUAL_NAMES: Readonly<Record<PersonPart, string>> = { untitled: 'Name', first: 'First name', last: 'Last name', middle: 'Middle name', title: 'Title', suffix: 'Suffix' };

/** A cut into parts of a name that are called so; names typed with a capital are kept as typed. */
function splitInto(name: string, names: readonly string[], x: Context): Act | null {
  const asked = partsCalled(names, PART_NAMES, (p, said) => (/^\p{Lu}/u.test(said) ? said : USUAL_NAMES[p]));
  return asked && !plainPairs(name, x) ? addParts(name, asked, x) : null;
}

/** One part of the names in a column; of plain pairs of words, the first or the last word, and what stands before a comma is the last name. */
export function partOf(p: PersonPart, name: string, x: Context): Expression | null {
  const all = sampleOf(name, x).filter((v) => v.trim() !== '');
  const commas = all.filter((v) => v.includes(',')).length;
  // 'Lisk, Jane (jane@orrin.example)' has more in it than a name.
  if (!persons(name, x) && commas > 0) return p === 'last' && commas >= all.length * 0.6 ? { kind: 'piece', side: 'before', mark: ',', which: 'first', of: column(name) } : null;
  if (!persons(name, x) || plainPairs(name, x)) return p === 'first' || p === 'last' ? { kind: 'slot', n: p === 'first' ? 1 : -1, mark: ' ', of: column(name) } : null;
  return part(p, column(name));
}

const CALLED = /name|member|person|grower|keeper|owner|holder|claimant|contact|customer|client|employee|staff|author|guest|visitor|patient|student|pupil|teacher|operator|driver|buyer|tenant|applicant|volunteer|player|passenger|agent|doctor|reader|borrower|user|speaker|officer|host|artist|instructor|trainer|donor|caller|child|parent/i;

const MAY_BE_FIRMS = /customer|client|contact|owner|holder|buyer|agent|user|name/i;

/** Names of those who only look at what others did. */
export const OVERSEES = /\b(?:approver|approved by|reviewer|reviewed by|checker|checked by|auditor|inspector|requester|referrer|signatory)s?$/i;

/** The only column of persons' names: the only one that is called so, or the only one that holds such names. */
export function personColumn(x: Context): string | null {
  const found = x.head.columns.filter((c) => c.type === 'text' && !OVERSEES.test(c.name) && persons(c.name, x) && sampleOf(c.name, x).some((v) => /\S\s+\S/.test(v.trim())));
  const called = found.filter((c) => CALLED.test(c.name));
  // Beside teachers there may be pupils, who are called by one name.
  if (x.head.columns.filter((c) => c.type === 'text' && CALLED.test(c.name) && !OVERSEES.test(c.name) && !MAY_BE_FIRMS.test(c.name)).length > 1) return null;
  return called.length === 1 ? called[0]!.name : found.length === 1 ? found[0]!.name : null;
}

/** A column of persons that holds only one part of their names. */
function onlyPart(name: string, part: PersonPart, x: Context): Act | null {
  const as = partOf(part, name, x);
  return as && { key: `only ${part} of ${name}`, apply: (state) => withPlan(state, { step: 'calculate', name, as, replace: true }, [name]) };
}

/** Rows whose person has one word for a name. */
const oneName = (x: Context): Condition | null => { const c = personColumn(x); return c === null ? null : { kind: 'compare', op: '=', left: { kind: 'size', what: 'words', of: column(c) }, right: number(1) }; };

export const personPhrases = [
  rule('cond', '~withA? only|just|merely a|the|one|their? first|single|given names|name', (_s, x: Context) => oneName(x), 0),
  rule('cond', '~withA? no last|family|second names|name', (_s, x: Context) => (x.head.columns.some((c) => /last|family|sur/i.test(c.name)) ? null : oneName(x)), 0.1),
  rule('personPart', 'first|given|christian|fore|forename|firstname names|name', asks('first', 'First name'), 0),
  rule('personPart', 'first|forename|firstname|forenames', asks('first', 'First name'), 0.1),
  rule('personPart', 'last|family|sur|second names|name', asks('last', 'Last name'), 0),
  rule('personPart', 'surname|surnames', asks('last', 'Surname'), 0),
  rule('personPart', 'lastname|last', asks('last', 'Last name'), 0),
  rule('personPart', 'middle names|name|initial|initials', asks('middle', 'Middle name'), 0),
  rule('personPart', 'middle', asks('middle', 'Middle name'), 0.05),
  rule('personPart', 'title|titles|salutation|honorific', asks('title', 'Title'), 0),
  rule('personPart', 'name? suffix|suffixes', asks('suffix', 'Suffix'), 0),
  partRules<PersonPart>('personPart', 'personParts', addParts),
  rule('clause', '~split $col:c ~into2 its|their|the|a? $names:n columns|column?', ({ c, n }, x: Context) => splitInto(c, n, x), -0.2),
  rule('clause', '~split names|name|people|persons ~into2 its|their|the? $personParts:p', ({ p }, x: Context) => { const c = personColumn(x); return c !== null && p.length > 1 ? addParts(c, p, x) : null; }, 0.05),
  rule('clause', '$personParts:p ~into2|~into $num? ~column', ({ p }, x: Context) => { const c = personColumn(x); return c !== null && p.length > 1 ? addParts(c, p, x) : null; }, 0.1),
  rule('clause', '$personParts:p ~into2|~into|in separate|own|two|three|different|their own|separate|different? columns|column', ({ p }, x: Context) => { const c = personColumn(x); return c !== null && p.length > 1 ? addParts(c, p, x) : null; }, 0.1),
  // 'No titles in the client column', 'client names without Mr, Ms or Dr', 'cut the Mr/Ms/Dr off the front of client'
  rule('titling', 'title|titles|salutation|salutations', () => true, 0),
  rule('titling', 'form|forms of address', () => true, 0),
  rule('titling', '$titling ~open $titleWords ~close', () => true, -0.1),
  rule('titling', '$titleWords', () => true, 0),
  rule('titleWords', '$titleWord ^/ $titleWords:n', ({ n }) => 1 + n, 0),
  rule('clause', 'no|without|not|never an|any|more? $titling in|under|before|with|for the? $col:c', ({ c }, x: Context) => untitled(c, x), -0.2),
  rule('clause', '$col:c names|name? without|less|no an|any|the|their? $titling', ({ c }, x: Context) => untitled(c, x), -0.2),
  rule('clause', '~drop|take|cut|strip|get the? $titling off|from|out|away at|in|of|from? the|their|her|his? front|start|beginning? of? the? $col:c', ({ c }, x: Context) => untitled(c, x), -0.25),
  rule('clause', '~drop the|any|all? $titling before|preceding|from|off the? names|name (of|in (the)?)? the? $col:c', ({ c }, x: Context) => untitled(c, x), -0.2),
  rule('clause', '~drop the|any|all? $titling in front of the? names|name? (of|in)? the? $col:c', ({ c }, x: Context) => untitled(c, x), -0.2),
  rule('clause', '~drop the? $titling wherever|where|whenever they|it|one|these|those? ~be|stand|stands|appear|appears|occur|occurs|come|comes? in|before|under|at|among the? $col:c', ({ c }, x: Context) => untitled(c, x), -0.2),
  rule('clause', "~drop the? $col:c ^'s? $titling", ({ c }, x: Context) => untitled(c, x), -0.2),
  rule('clause', '~drop|take|cut|strip the? $titling in|at|from|off the? front|start|beginning (of|off)? (them|it|the names?)?', (_s, x: Context) => titlesOff(x), 0.2),
  rule('clause', '~drop the? $titleWords', (_s, x: Context) => titlesOff(x), 0),
  rule('clause', '~drop|take the? form|forms of address ~open? $titleWords? ~close? off|from|out|in|of|before|at of|the|their|her|his? (front|start)? of? the? $col:c', ({ c }, x: Context) => untitled(c, x), -0.2),
  rule('clause', '~drop|take the? title|titles|salutation|salutations ~open $titleWords ~close off|from|out|in|of|before of? the? $col:c', ({ c }, x: Context) => untitled(c, x), -0.2),
  rule('clause', '~drop the? $titleWords|title|titles from|in|of|off|before|at the|their|her|his? front|start? of? $col:c', ({ c }, x: Context) => untitled(c, x), -0.1),
  rule('clause', 'take|cut|pull|move|split|separate|lift|put the? title|titles|salutation|salutations|form|forms (of address)? ~open $titleWords ~close off|away|out|from|in of|before|front? of? the? $col:c names|name? ,|;|.? and? (put|write|move|set|place it|them|that|these)? ~into ~column|$ownColumn ~named? ^$name:n', ({ n, c }, x: Context) => titleOut(c, n, x), -0.6),
  rule('clause', '~split|cut|take|separate|break|pull the? title|titles|salutation|salutations ^off|away|apart from|of? the? $col:c names|name? (~into ~column ~named? ^$name:n)?', ({ n, c }, x: Context) => titleOut(c, n ?? 'Title', x), -0.2),
  rule('clause', '(the? form|forms of)? title|titles|salutation|salutations|address ~into ~column|$ownColumn ~named? ^$name:n ,|;|and? and? leave|keep|with|leaving only|just? the? name|names|rest in|under|for? the? $col:c', ({ n, c }, x: Context) => titleOut(c, n, x), -0.3),
  rule('clause', '~extract|~move|~split the? title|titles|salutation|salutations ~open? $titleWords? ~close? out? from|off|of|in|before the? $col:c names|name? :|,|;|.|-|–? title|it|that|them? ~into ~column|$ownColumn ~named? ^$properName:n? ,|;|and|.? (and? $col|name|it|they|the? without|minus it|them|the? title?)?', ({ n, c }, x: Context) => titleOut(c, n ?? 'Title', x), -0.2),
  rule('clause', '~extract|~move|~split|get the? title|titles|salutation|salutations ~open? $titleWords? ~close? out? from|off|of|in|before the? $col:c names|name? ,|;|.? and? put|write|move|set it|them|that ~into its|their|a|an own|separate|new? column|field ~named? ^$name:n ,|;|.|and? (the? $col|name|names|rest stays|stay|keeps|keep|is|are|remains|remain left? without it|them|titles|title)?', ({ c, n }, x: Context) => titleOut(c, n, x), -0.5),
  rule('clause', 'the? last|family|sur names|name|surname first? ,? then|and|followed by? an? comma ,? then|and|followed by? the? first|given names|name ,? (no|without|leave the? title|titles out?)?', (_s, x: Context) => { const c = personColumn(x); return c === null ? null : rewritten(c, ['last', 'first'], ', ', x); }, 0),
  rule('rider', 'without|no|leaving|leave|not the|any? title|titles|salutation (out|away)?', () => amend('person without title', (plan) => (plan.step === 'calculate' && JSON.stringify(plan.as).includes('"kind":"person"') && !JSON.stringify(plan.as).includes('"part":"title"') ? plan : null)), 0),
  rule('clause', '~add? two|three|2|3|4? new? columns from|out|of of? the? $col:c ,|:|-|–|;? ~named? $names:n', ({ c, n }, x: Context) => splitInto(c, n, x), -0.3),
  // 'Contact: only the last name': what stands there becomes that
  rule('clause', '$col:c :|,|-|–? ~make|keep|leave|want|need|should|show? be? only|just the? $personPart:p', ({ p, c }, x: Context) => (p.part === 'title' ? null : onlyPart(c, p.part, x)), -0.2),
  rule('clause', '$col:c : ~make|keep|leave|want|need? the? $personPart:p', ({ p, c }, x: Context) => (p.part === 'title' ? null : onlyPart(c, p.part, x)), 0),
  rule('clause', '~drop the? $personPart:p from|in|of|off|at the|their|her|his? $col:c', ({ p, c }, x: Context) => (p.part === 'title' ? untitled(c, x) : null), 0),
  rule('clause', '$col:c ,|:? ~drop|without the? $personPart:p', ({ p, c }, x: Context) => (p.part === 'title' ? untitled(c, x) : null), 0),
  rule('personParts', 'first and last|family names|name', () => [{ part: 'first', name: 'First name' }, { part: 'last', name: 'Last name' }], -0.1),
  rule('clause', '~extract|~add ~column? (with|for|of)? the? $personParts:p out? of|from|in of? $col:c', ({ c, p }, x: Context) => (plainPairs(c, x) && p.length === 1 && p[0].part === 'last' ? null : addParts(c, p, x)), 0),
  rule('clause', 'what|whats is|are? the? $personParts:p of|for each|every|the|all the? $col:c ??', ({ c, p }, x: Context) => (persons(c, x) ? addParts(c, p, x) : null), 0),
  rule('clause', 'the? $personParts:p of|from the? $col:c', ({ c, p }, x: Context) => (p.length > 1 && persons(c, x) ? addParts(c, p, x) : null), 0),
  rule('text0', '$personPart:p of|from|in the? $col:c', ({ p, c }, x: Context) => partOf(p.part, c, x), 0),
  rule('text0', '$col:c $personPart:p', ({ p, c }, x: Context) => (persons(c, x) && sampleOf(c, x).some((v) => /\S\s+\S/.test(v.trim())) ? partOf(p.part, c, x) : null), 0.1),
  rule('clause', '$col:c as|, the? first names|name|first? ,|then|before|and? the? last|family|surname names|name? (instead of|not the? last|family|surname names|name? first|before)?', ({ c }, x: Context) => ordered(c, false, x), 0.1),
  rule('clause', '~make|write|put|turn|rearrange $col:c as|to|into|,? the? first names|name? ,|then|before|and? the? last|family|surname names|name?', ({ c }, x: Context) => ordered(c, false, x), 0.1),
  // 'Teacher names come in two orders, I want first name then surname, with capitals', 'everyone in capitalised first name last name form'
  rule('nameOrder', 'first|given|forename names|name? first? ,? then|before|and|followed? by? the? last|family|surname names|name? last|second|after? $nameCapitals?', ({ nameCapitals }) => ({ capitals: nameCapitals === true }), 0),
  rule('nameOrder', '$nameCapitals first|given|forename names|name? ,? then|before|and|followed? by? the? last|family|surname names|name?', () => ({ capitals: true }), 0),
  rule('nameOrder', 'first name|names first ,? $nameCapitals', () => ({ capitals: true }), 0),
  rule('nameCapitals', ',|and? with|in|properly|proper|normal|usual|correctly? properly|proper|normal|usual? capitals|capitalised|capitalized|capital letters|initials?', () => true, 0),
  rule('clause', '$col:c names? ,|:|;|.|-|–? $inOrder:o', ({ c, o }, x: Context) => ordered(c, o.capitals, x), -0.3),
  rule('clause', '~make|write|put|bring|turn the|all? $col:c names? $inOrder:o', ({ c, o }, x: Context) => ordered(c, o.capitals, x), -0.3),
  rule('clause', 'all|the? $col:c names? ~be|come|comes|stand|are $messOfNames ,|:|;|.|-|–? $inOrder:o', ({ c, o }, x: Context) => ordered(c, o.capitals, x), -0.3),
  rule('clause', 'all|the? names of the? $col:c come|comes|are|is $messOfNames ,|:|;|.|-|–? $inOrder:o', ({ c, o }, x: Context) => ordered(c, o.capitals, x), -0.3),
  rule('clause', '~make|write|put|bring|turn? everyone|everybody|them|names|all names? $inOrder:o', ({ o }, x: Context) => { const c = personColumn(x); return c === null ? null : ordered(c, o.capitals, x); }, 0),
  rule('clause', '$col:c ~withA|with|having an? commas|comma ~be|come|stand written|typed|given|entered? the? last|family|surname name? first ,|;|.|:? so|please? ~make|write|turn|put|swap|flip them|these|those round|around|about', ({ c }, x: Context) => ordered(c, false, x), -0.3),
  rule('inOrder', 'i|we want|need|would? like? all|every|each? of? them|it|these|those? as|in|to? $nameOrder:o form|order|style|format?', ({ o }) => o, 0),
  rule('inOrder', '~make|write|turn|put|bring them|it|these|those|all into|to|as|in? $nameOrder:o form|order|style|format?', ({ o }) => o, 0),
  rule('inOrder', '(the same way|form|style|order)? ,|:|-|–? as|in|into|to? $nameOrder:o form|order|style|format?', ({ o }) => o, 0.05),
  rule('inOrder', 'in|into|to the same way|form|style|order please? ,|:|-|–? as|in|into|to? $nameOrder:o', ({ o }) => o, 0),
  rule('inOrder', 'the other|right|normal way round ,|:|-|–? $nameOrder:o', ({ o }) => o, 0),
  rule('messOfNames', 'in|with two|2|different|mixed|several|both|all|various orders|order|ways|forms|sorts? (of (ways|forms))?', () => true, 0),
  rule('messOfNames', 'all over the place', () => true, 0),
  rule('messOfNames', 'sometimes|partly $word? $word? $word? $word?', () => true, 0.2),
  // 'Turn the employee names round: first name first', 'the normal way round'
  ...['~make|write|put|turn|swap|reverse the? $col:c names? round|around|about|over', '~make|write|put|turn|swap|reverse the? $col:c names', 'turn|swap|reverse the? $col:c', '~make|write|put|turn the? $col:c names? in|into|to? the? normal|natural|usual|right|other way order|round|around?', '$col:c names? the? normal|natural|usual|right|other way round|around', 'reverse|swap|flip the? $col:c names? around|round?'].flatMap((words) => [
    rule('clause', words, ({ c }, x: Context) => ordered(c, false, x), 1.3),
    rule('clause', `${words} ,|:|;|-|–|.? so|and? that? the? first|given|forename name? ,|and|before|then|in then|front? of? the? last|family|surname name?`, ({ c }, x: Context) => ordered(c, false, x), -0.4),
    rule('clause', `${words} ,|:|;|-|–|.? so|and? that? the? first|given|forename name? first|comes|stands|is|goes first|front|in? front? (,|and|then then? the? last|family|surname name? last|behind|after|second|follows?)?`, ({ c }, x: Context) => ordered(c, false, x), -0.1),
  ]).flat(),
  // 'Full name in a new column, first name first'
  ...['~add? the|a|their? full|whole|complete name|names (of the? $col:c)? ~into|~add? ~column ~named? $name:n? ,|:|;|-|–|.?', '~add ~column ~named? $name:n (for|of|with|from the? $col:c)? ,|:|;|-|–|.? with|having?'].map((said) => rule('clause', `${said} the? first|given|forename name? first|in front? (and|,|then the? last|family|surname name? last|behind|after|second?)?`, ({ c, n }, x: Context) => wholeName((c as string | undefined) ?? personColumn(x), (n as string | undefined) ?? 'Full name', x), -0.6)).flat(),
  rule('clause', 'put|bring|move|set|write the? first|given|forename name in|to? front|first|before in|of|for? the? $col:c', ({ c }, x: Context) => ordered(c, false, x), 0),
  rule('rider', 'and|, ~drop the? comma|commas', () => amend('person comma dropped', (plan) => (isRewritten(plan) && plan.as.kind === 'join' && !plan.as.separator.includes(',') ? plan : null)), 0),
  rule('rider', 'no|without a|the|any? commas|comma', () => amend('person without comma', (plan) => (isRewritten(plan) && plan.as.kind === 'join' && !plan.as.separator.includes(',') ? plan : null)), 0),
  rule('clause', '~add? just|only? the? $personPart:p of|from the? $col:c alone|only|itself|on|by its? own|itself? (~into|as|in a|its|the? new|own|separate? ~column)? ~named? $name:n?', ({ p, c, n }, x: Context) => { const e = persons(c, x) ? partOf(p.part, c, x) : null; return e && addEach([{ name: (n as string | undefined) ?? p.name, as: e }]); }, -0.3),
  rule('clause', 'just|only? the? $personPart:p only|alone? ~into ~column ~named? $name:n?', ({ p, n }, x: Context) => { const c = personColumn(x); const e = c === null ? null : partOf(p.part, c, x); return e && addEach([{ name: (n as string | undefined) ?? p.name, as: e }]); }, 0),
  rule('ownColumn', '~into|in|to|as a|an|its|their|another? own|separate|new|extra|different|second? columns|column|one of? its|their? own?', () => true, 0),
  rule('clause', 'put|have|get|pull|move|take? the? $personPart:p $ownColumn and|,|; and? the? $personPart:q $ownColumn? too|also|as? well? $ownColumn?', ({ p, q }, x: Context) => { const c = personColumn(x); return c !== null ? addParts(c, [p, q], x) : null; }, 0),
  rule('clause', 'put|have|get|pull|move|take? the? $personParts:p $ownColumn each?', ({ p }, x: Context) => { const c = personColumn(x); return c !== null ? addParts(c, p, x) : null; }, 0),
  rule('rider', '~into|~add ~column ~named? $name:n', ({ n }) => amend(`person named ${n}`, (plan) => (isRewritten(plan) && plan.replace ? { ...plan, name: n, replace: false } : null)), -0.1),
  rule('rider', 'so|like|as|e.g|for? that|example? :|,? $example:e', ({ e }) => amend(`person example ${keyOf(e)}`, (plan) => (isRewritten(plan) && shows(plan.as, e.input) === e.output ? plan : null)), -0.1),
].flat();

const isRewritten = (plan: Plan): plan is CalculatePlan => plan.step === 'calculate' && plan.as.kind === 'join' && plan.as.of.every((e) => e.kind === 'person');

/** What a rewriting makes of one name. */
const shows = (as: Expression, input: string): string | null => {
  const person = readPerson(input);
  return person && as.kind === 'join' ? as.of.flatMap((e) => (e.kind === 'person' && e.part !== 'untitled' && person[e.part] !== '' ? [person[e.part]] : [])).join(as.separator) : null;
};

/** Names without their titles. */
function untitled(name: string, x: Context): Act | null {
  const people = sampleOf(name, x).map(readPerson);
  if (!persons(name, x) || !people.some((p) => p !== null && p.title !== '')) return null;
  return { key: `person untitled ${name}`, apply: (state) => withPlan(state, { step: 'calculate', name, as: part('untitled', column(name)), replace: true }, [name]) };
}

/** Titles off the only column of names that has some; what is spoken of goes before it. */
const titlesOff = (x: Context): Act | null => {
  const titled = x.head.columns.map((c) => c.name).filter((n) => columnOf(x.head, n).type === 'text' && hasTitles(n, x));
  if (titled.length === 0) return null;
  return { key: 'person titles off', apply: (state) => { const own = state.topic.filter((n) => titled.includes(n)); const name = own.length === 1 ? own[0]! : titled.length === 1 ? titled[0]! : null; return name === null ? null : untitled(name, x)?.apply(state) ?? null; } };
};

const hasTitles = (name: string, x: Context): boolean => persons(name, x) && sampleOf(name, x).some((v) => (readPerson(v)?.title ?? '') !== '');

/** Titles in a column of their own, and the names without them. */
function titleOut(name: string, called: string, x: Context): Act | null {
  const rest = hasTitles(name, x) ? untitled(name, x) : null;
  return rest && { key: `person title out ${name} ${called}`, apply: (state) => rest.apply(withPlan(state, { step: 'calculate', name: called, as: part('title', column(name)), replace: false }, [called])) };
}

/** Names with the first one first; with capitals where that is asked for. */
const ordered = (name: string, capitals: boolean, x: Context): Act | null => rewritten(name, ['first', 'middle', 'last'], ' ', x, capitals);

/** Whole names in a column of their own, the first one first. */
function wholeName(name: string | null, called: string, x: Context): Act | null {
  if (name === null || !persons(name, x)) return null;
  return addEach([{ name: called, as: { kind: 'join', of: (['first', 'middle', 'last'] as const).map((p) => part(p, column(name))), separator: ' ' } }]);
}

/** Names written again in one order. */
function rewritten(name: string, parts: readonly PersonPart[], separator: string, x: Context, capitals = false): Act | null {
  if (!persons(name, x) || !sampleOf(name, x).some((v) => v.includes(','))) return null;
  const joined: Expression = { kind: 'join', of: parts.map((p) => part(p, column(name))), separator };
  const as: Expression = capitals ? { kind: 'cased', letters: 'title', of: joined } : joined;
  return { key: `person order ${keyOf(as)} ${name}`, apply: (state) => withPlan(state, { step: 'calculate', name, as, replace: true }, [name]) };
}
