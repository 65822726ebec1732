import { amend, nothing, onColumns, withPlan, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { columnOf } from '../../table/table';

/** Columns of texts only: numbers and dates have no spellings. */
const act = (columns: readonly string[], x: Context): Act | null =>
  columns.every((c) => columnOf(x.head, c).type === 'text')
    ? { key: `standardise ${JSON.stringify(columns)}`, apply: (state) => columns.reduce((s, column) => withPlan(s, { step: 'standardise', column }, columns), state) }
    : null;
const them: Act = onColumns('standardise', null, (on) => ({ step: 'standardise', column: on[0]! }));

const taking = (from: string, to: string): Act => amend(`take ${from} for ${to}`, (plan) => (plan.step === 'standardise' ? { ...plan, taking: [...(plan.taking ?? []).filter((d) => d.from !== from), { from, to }] } : null));
const leaving = (texts: readonly string[]): Act => amend(`leave ${texts.join()}`, (plan) => (plan.step === 'standardise' ? { ...plan, leaving: [...new Set([...(plan.leaving ?? []), ...texts])] } : null));

export const phrases = [
  rule('clause', '~standardise $cols:c', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', 'the|one same|one|uniform|consistent|single spelling|spellings for|of|in|across|throughout the|all? $cols:c throughout?', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', 'same|one|uniform|consistent spelling|spellings for|of|in|across|throughout the|all? $cols:c throughout?', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '~standardise the? names|values|spelling|spellings|entries in|of|for $cols:c', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '~standardise the? $cols:c names|values|spelling|spellings|entries|texts', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '~mergeVerb the? ~spellings in|of|for|from|within|among the? same? $cols:c', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '~mergeVerb the? $cols:c ~spellings', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '~mergeVerb the? ~spellings $cols:c', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '~mergeVerb $cols:c that|which ~be|look|looks|are|sound|read ~spellings|alike|similar', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '~make $cols:c consistent|uniform|consistently|uniformly', ({ c }, x: Context) => act(c, x), 0.05),
  rule('clause', '~make the? spelling|spellings|names|writing of|in $cols:c consistent|uniform', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '~make the? ~spellings of|in|for? $cols:c ~into? ~oneSpelling', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '~make the? ~spellings $cols:c ~into? ~oneSpelling', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '~mergeVerb the? ~spellings of|in|for|from|within|among the? same? $cols:c ~into|under|to ~oneSpelling', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '$cols:c ~should? ~be? written|spelled|spelt the? same|one|consistent|consistently|uniform way? everywhere|throughout|always|only?', ({ c }, x: Context) => act(c, x), 0.05),
  rule('clause', '$cols:c names|values|entries? ~be written|spelled|spelt|typed|entered? differently|inconsistently|variously|wrongly|badly|messily|inconsistent|messy .|,|;|:|-? so|please? ~make|~mergeVerb|~standardise them|it|that|those all|the? consistent|uniform|alike|same|right?', ({ c }, x: Context) => act(c, x), -0.05),
  rule('clause', '$cols:c ~be written|spelled|spelt|typed|entered differently|inconsistently|variously|wrongly|badly|messily .|,|;|:? ~make|~mergeVerb|~standardise them|it|that|those', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', 'the? same $col:c ~be|~should? ~be written|spelled|spelt|typed|entered differently|inconsistently|variously|several|many|different ways? .|,|;|:? ~make|~mergeVerb|~standardise them|it|that|those', ({ c }, x: Context) => act([c], x), 0),
  rule('clause', 'the? same $col:c ~be|appears|occurs|stands written|spelled|spelt|typed|entered? ~messily .|,|;|:? ~make|~mergeVerb|~standardise them|it|that|those ~into? ~oneSpelling?', ({ c }, x: Context) => act([c], x), 0),
  rule('clause', '$cols:c has|have|had|with|come|comes|came|appear|appears|are|is in? ~spellings .|,|;|:|-? so|please? ~mergeVerb|~standardise|~make $cleanIt', ({ c }, x: Context) => act(c, x), 0),
  rule('cleanIt', 'that|them|those|it|this|these up|out|right|consistent|uniform|alike? together?', () => true, 0),
  rule('cleanIt', 'up|out that|them|those|it|this|these', () => true, 0),
  rule('clause', 'just|only? one|a single|common|uniform? spelling|name|version|form|way|writing of? writing|spelling? per|for|of each|every|the? $col:c', ({ c }, x: Context) => act([c], x), 0.05),
  rule('clause', '~make|~mergeVerb|bring|use|get the? same? $cols:c to|into|under|in? ~oneSpelling', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', 'use|take|have|want|need (just|only)? one|the same|a single common? spelling|name|writing for|of|per each|every|the? $cols:c', ({ c }, x: Context) => act(c, x), 0),
  rule('clause', '$cols:c in|into|to|under ~oneSpelling each|only|everywhere|throughout?', ({ c }, x: Context) => act(c, x), 0.1),
  rule('clause', '~standardise them|it|those|that', () => them, 0.1),
  rule('clause', '~make the? two|three|different|various|several|both? spellings|ways|forms|versions of? each|every|the? one|value|name? ~into? ~oneSpelling', () => them, 0.1),
  rule('clause', '~mergeVerb the? ~spellings', () => them, 0.3),
  rule('rider', '~make|use|take|keep|write|into|to|under ~into? ~oneSpelling each|everywhere|throughout|always|every? time|where?', () => amend('standardise one', (plan) => (plan.step === 'standardise' ? plan : null)), 0),
  rule('rider', 'take|taking|use|write $value:v for $value:w', ({ v, w }) => taking(v.text, w.text), 0.1),
  rule('rider', 'take|taking $text:t for $text:u', ({ t, u }) => taking(t, u), 0),
  rule('rider', '$value:v ~be the? same? same|as|means|mean as|the? $value:w', ({ v, w }) => taking(v.text, w.text), 0.1),
  rule('kept', '$value:v', ({ v }) => [v.text], 0),
  rule('kept', '$text:t', ({ t }) => [t], 0),
  rule('kept', '$kept:a ~list $kept:b', ({ a, b }) => [...a, ...b], 0),
  rule('rider', 'but|and? leave|leaving|keep|keeping|not|except|without $kept:k alone|out|separate|apart|as|untouched it|they|is|are|it? is|are|as|they? is|are?', ({ k }) => leaving(k), 0.05),
  rule('rider', '$value for|as instance|example', ({}) => amend('for instance', (plan) => (plan.step === 'standardise' ? plan : null)), 0.05),
  rule('rider', 'e.g|like|such|for as|instance|example? $value', ({}) => amend('for instance', (plan) => (plan.step === 'standardise' ? plan : null)), 0.05),
  rule('aside', 'some|many|few|several|they|these|names|values of? them|these? ~be misspelt|misspelled|mistyped', () => nothing, 0.1),
].flat();
