import { withPlan, type Act, type Context } from '../../language/acts';
import { frame, means, type Frame } from '../../language/frames';
import { readsAsDate } from '../../formula/check';
import { isDate } from '../../table/column';
import { BLANKS_STAY, DECIMAL_COMMAS, NEGATIVE_BRACKETS, THOUSANDS_MARKS } from '../../language/lexicon/ways';
import { folded } from '../../values/fold';
import { readYesNo } from '../../values/yesno';
import { countryOfCode } from '../../values/telephone';
import { unitSort } from '../../values/units';
import { typed } from './phrases';
import type { ConvertPlan, Meaning } from './step';

type Options = Partial<Omit<ConvertPlan, 'step' | 'columns' | 'to'>>;

/** A conversion, rounded where decimals were said, blanks filled where it was said what they are. */
const act = (columns: readonly string[] | null, to: ConvertPlan['to'], options: Options, then: { readonly places?: number | undefined; readonly blanksAs?: number | undefined } = {}): Act => ({
  key: `convert ${JSON.stringify([columns, to, options, then])}`,
  apply(state) {
    const made = typed(columns, to, options).apply(state);
    if (!made) return null;
    const on = made.topic;
    const filled = then.blanksAs === undefined ? made : withPlan(made, { step: 'fill', columns: on, with: { kind: 'value', text: String(then.blanksAs) } }, on);
    return then.places === undefined ? filled : on.reduce((s, name) => withPlan(s, { step: 'calculate', name, as: { kind: 'round', of: { kind: 'column', name }, places: then.places!, mode: 'nearest' }, replace: true }, on), filled);
  },
});

const CHANGE = 'make turn turned turning convert converted change changed transform bring parse read reading treat store stored save saved reformat format formatted rewrite rewritten write written should must ought be become set clean cleaned tidy normalise normalize standardise unify get keep into to as';
const MESSY = 'hold holds notation notations both somewhere possible form forms text texts string strings type types typed format formats style styles kind kinds sort sorts mixture mixed mix different differently various several many two three four messy mess all same one uniform uniformly look like such at moment currently now every everyone everybody everywhere digit digits or and inconsistent inconsistently recorded entered noted given in came come comes think winter over by';

/** What a text stands for when it is read: 'n/a means blank', 'waived is 0'. */
const reads = [
  means('$nothings:t ~standsFor ~blankWord|nothing', ({ t }: { t: string[] }) => t.map((text): Meaning => ({ text, as: '' }))),
  means('$nothings:t ~standsFor $num:n', ({ t, n }: { t: string[]; n: number }) => t.map((text): Meaning => ({ text, as: String(n) }))),
  means("$nothings:t ~standsFor we|i|they|nobody|it|that|nothing did|didn't|do|don't|does|doesn't|have|haven't|had|has|hasn't|was|wasn't|were|is|isn't|are? not|never|nothing? $word $word? , so|then|hence? ~leave|put? that|it|them|the? cell? ~blankWord|nothing there?", ({ t }: { t: string[] }) => t.map((text): Meaning => ({ text, as: '' }))),
  means('$nothings:t ~standsFor an? nought|nil', ({ t }: { t: string[] }) => t.map((text): Meaning => ({ text, as: '0' })), 0.1),
  means('$plainWord:t ~standsFor $num:n', ({ t, n }: { t: string; n: number }): Meaning[] => [{ text: t, as: String(n) }], 0.2),
  means('~wherever|~if it|they|there? ~say|stands|is? $nothings:t ,? ~leave? it|them|that? ~blankWord', ({ t }: { t: string[] }) => t.map((text): Meaning => ({ text, as: '' }))),
  means("~wherever|~if it|they|there? ~say|stands|is? $nothings:t ,? ~leave|put|write|make|use|that|that's|thats|take? is|are|as|it? $num:n", ({ t, n }: { t: string[]; n: number }) => t.map((text): Meaning => ({ text, as: String(n) }))),
  means("~wherever|~if it|they|there? ~say|stands|is? $plainWord:t ,? ~leave|put|write|make|use|that|that's|thats|take? is|are|as|it? $num:n", ({ t, n }: { t: string; n: number }): Meaning[] => [{ text: t, as: String(n) }], 0.1),
  means('$nothings:t (in|under|for $col)? ~standsFor $word $word? $word? $word? ,? so|then|hence empty|blank|clear it|that|them|those out?', ({ t }: { t: string[] }) => t.map((text): Meaning => ({ text, as: '' }))),
  means('$nothings:t ~standsFor that? nothing|nobody|none|no|it|they|there|we|the|$word ~be|~have|~did|$word? $word? $word? ,? so|then|hence|thus|that is it|that|is|count|make|put|a|as? $num:n', ({ t, n }: { t: string[]; n: number }) => t.map((text): Meaning => ({ text, as: String(n) }))),
  means('~leave|~make $nothings:t ~blankWord', ({ t }: { t: string[] }) => t.map((text): Meaning => ({ text, as: '' }))),
  means('~blankWord|nothing ~wherever|~if it|there|they? ~say|stands|is? $nothings:t', ({ t }: { t: string[] }) => t.map((text): Meaning => ({ text, as: '' }))),
  means('read|reading|treat|treating|count|counting|take|taking $nothings:t as $num:n', ({ t, n }: { t: string[]; n: number }) => t.map((text): Meaning => ({ text, as: String(n) }))),
  means('read|reading|treat|treating|count|counting|take|taking $plainWord:t as $num:n', ({ t, n }: { t: string; n: number }): Meaning[] => [{ text: t, as: String(n) }], 0.1),
];
/** Was something taken for a text in a cell that says how: 'rounded to one'? */
const misread = (said: readonly Meaning[][] | undefined): boolean => (said ?? []).flat().some((m) => NOT_SAID.test(m.text));
const meaningsOf = (said: readonly Meaning[][] | undefined): { meanings?: Meaning[] } => {
  const list = (said ?? []).flat().filter((m, i, all) => all.findIndex((o) => folded(o.text) === folded(m.text)) === i);
  return list.length ? { meanings: list } : {};
};
/** Words that say how, and stand in no cell. */
const NOT_SAID = /^(?:mind|note|remember|beware|careful|please|rounded|round|up|down|set|equal|between|numbers?|figures?|only|just|decimals?|places?|it|this|that|they|them|there|and|or|with)$/i;

const DAY_FIRST = 'the day first|with the day first|day first|day is first|day comes first|day before month|dd/mm/yyyy|dd/mm/yy|d/m/y|dd/mm|day/month/year|day, month, year|day month year|day - month - year|days before months|european way|british way|british order|european order';
const order = ['$dayOrder', means(DAY_FIRST, 'day first'), means('mm/dd/yyyy|month/day/year|month first|month before day|american way|us order', 'month first')];
const NO_REST = [
  means("anything|everything|whatever|any|cells|those|ones else|thing? that|which? ~be? not|isn't|isnt|aren't|doesn't|cannot|can't be? look|read|an? like? an? real|proper|valid|plain? ~number|~date ,|should|must|is|be|gets|becomes|set|to|left? be|to|as? left|kept|made|set? to|as? ~blankWord", true),
  means("~if|~wherever an? $col|it|that|they|one? ~be not|no|isn't|aren't an? real|proper|valid? ~number|~date ,? ~make|leave|set|put|clear|keep it|that|them|the|cell|cells? ~blankWord", true),
  means("~if|~wherever an? $col|it|that|they|one? ~be|isn't|aren't not|no? an? real|proper|valid? ~number|~date ,? clear|empty|blank|wipe|delete|remove out? it|that|them|the? cell|cells|value? out?", true),
  means("~blankWord|leave|blank|clear|empty out? all? everything|anything|those|the|whatever|all|ones? else|that|which|$col? ~be? not|isn't|aren't an? real|proper|valid? ~number|~date", true),
  means('invalid ones|dates|entries|values? ~be|become|becomes|left|stay|get? ~blankWord', true),
  means('clear|blank|empty|delete|remove out? everything|all|anything|the else|others|rest', true, 0.1),
];

const yesNoColumn = (name: string, x: Context): boolean => {
  const values = (x.head.glances?.get(name)?.values ?? []).filter(([v]) => v.trim() !== '');
  return values.length > 0 && values.filter(([v]) => readYesNo(v) !== null).length >= values.length * 0.8;
};

/** Where every date begins with its year, an order of day and month can only be how the dates shall look. */
function yearsFirst(cols: readonly string[] | null, { head }: Context): boolean {
  const names = cols ?? head.columns.filter((c) => readsAsDate(head, c.name)).map((c) => c.name);
  return names.every((name) => isDate(head.columns.find((c) => c.name === name)?.type ?? 'text') || (head.glances?.get(name)?.values ?? [['', 0] as const]).every(([text]) => text.trim() === '' || /^\d{4}-\d\d-\d\d/.test(text.trim())));
}

/** Does a column hold telephone numbers for the most part? */
function telephones(name: string, { head }: Context): boolean {
  const glance = head.glances?.get(name);
  const all = (glance?.values?.map(([t]) => t) ?? glance?.sample ?? []).filter((t) => t.trim() !== '');
  return all.length > 0 && all.filter((t) => /^[+\d(][\d\s()./-]{5,}\d$/.test(t.trim())).length >= all.length / 2;
}

const CURRENCY = '~currency|~thousands';

/** What commas, points and brackets mean in amounts. */
const MARKS = {
  comma: [DECIMAL_COMMAS, 'the comma before the cents|comma before the cents|decimal comma|decimal commas|with a comma|commas in there are decimal commas|comma counts as point|some have a decimal comma'],
  thousands: [THOUSANDS_MARKS, 'thousands commas|thousand separators|thousands separators|no thousands separators|drop the commas|no commas|without commas|some commas|commas'],
  negative: [NEGATIVE_BRACKETS, 'where|so|that? ~open $num ~close ~be|means|stands|becomes for? minus|-|negative ^$num', '~brackets ~be? ~negative', 'brackets mean negative|bracketed ones are negative|an amount in brackets is negative|amounts in brackets are negative|brackets mean minus|in brackets means negative|bracketed amounts are negative|brackets is negative|in brackets is a minus|bracketed is negative|brackets are negative|brackets stand for a minus'],
};

export const frames: readonly Frame[] = [
  frame('to dates', {
    need: { dates: [means('date with time|dates with times|date with the time|date with its time|dates with their time|dates with their times|real dates with their time|date-time|date with a time|timestamp|timestamps|date-times', 'timed'), 'real date|real dates|proper date|proper dates|true date|true dates|a date|=dates|date format|iso|iso format|iso date|iso dates|yyyy-mm-dd|year-month-day|year, month, day|date type|calendar dates|uniform date|uniform dates|valid date|valid dates|one date format|the same date format', means('date', 'bare'), '~isoWord', 'like|as $date'] },
    may: { cols: '$cols', order, rest: NO_REST, shown: ['$date style|like|type|kind|format? ones|dates|entries|style?'], where: ['~slashed', 'are slashes|slashes are used|only slashes|just numbers'], blanks: BLANKS_STAY },
    about: `${CHANGE} ${MESSY} number numbers year month day slash slashes / - ; where only just its it's with used use all ones those at there dates date`,
    cost: 0.6,
  }, ({ cols, dates, order: o, rest }, x) => dates === 'bare' && yearsFirst(cols ?? null, x) ? null : act(cols ?? null, dates === 'timed' ? 'datetime' : 'date', { ...(o ? { order: o } : {}), ...(rest ? { blankRest: true } : {}) })),

  frame('to telephone numbers', {
    need: { cols: '$cols', form: 'international|internationally|international form|international format|international numbers|international notation|international style|e164|e.164|e164 format|one format|one form|one style|one way|the same format|the same way|the same form|same format|standard format|a standard format|standard form|uniform format|uniformly|consistent format|consistently|with country code|with the country code|with their country code|country codes|the country code in front|with the country code in front|phone numbers|telephone numbers|proper phone numbers|real phone numbers' },
    may: { country: ['~open? of|in|from|for|are|is|as|all|to the? $country numbers|ones? ~close?', '$country numbers|ones|number', means('the? country|calling|dialling? code|prefix? + $num:n', ({ n }: { n: number }) => countryOfCode(String(n))), means('with|of|by a? + $num:n', ({ n }: { n: number }) => countryOfCode(String(n)))], rest: [BLANKS_STAY], also: 'phone numbers|telephone numbers|numbers|phone|phones' },
    many: ['also', 'form'],
    about: `${CHANGE} ${MESSY} if where they no missing default assume assuming otherwise country code codes number numbers phone telephone them be are these with without that local national`,
  }, ({ cols, country }, x) => (cols.every((n: string) => telephones(n, x)) ? act(cols, 'phone', country ? { country } : {}) : null)),

  frame('to numbers', {
    need: { number: ['as|into|to|be|become|is|are|=|a|plain|just|only|bare|proper|real|clean|true|one|simple ~number', 'nothing|none but|except|other ~number|figures|digits', 'only figures|only digits|just figures|just digits', 'numeric|numerical|=numbers|decimal numbers|plain numbers|bare numbers|only be the number|only the number|figures only|the figure only|just a number|numbers instead of text|number only|numbers only|number column|a number', means('be|as|to|into|in ~wholeNumber', 'whole'), means('whole numbers|integers|an integer|integer', 'whole')] },
    may: {
      cols: '$cols', unit: ['in|into|to|as $unit', means('$unit $unit', null, 9)], reads, places: ['$places'], blanks: BLANKS_STAY, rest: NO_REST, kind: 'number|numbers|figure|figures|the number|figures only',
      signs: [CURRENCY, '€|£|%|euro|euros|pound|pounds|eur|gbp|usd|percent|per cent|euro sign|pound sign|pound signs|percent sign|per cent sign|currency|currencies|currency code|currency codes|unit|units'],
      ...MARKS,
      example: [means('$pct ~becomes|becomes|is|=|gives $num', true), means('$num , ^$num ~be|means ^$num', true), means('~open $num . $num ~close ~be|means - ^$num', true), means('$num , ^$num', true, 0.3)],
      empties: ['an? ~blankWord cells|ones|one|values|nothing? ~be|means|mean|counts|count|stands|becomes|become? as|for? $num', means('nothing|blank|empty there|here|entered|given? means|mean|is no $col|$word , so|that? is|it|counts|as? $num:n', ({ n }: { n: number }) => n), '~wherever|~if nothing was|is|were filled|entered|given|there in? ,? put|write|make|use? $num'],
    },
    many: ['reads', 'signs', 'kind'],
    about: `${CHANGE} ${MESSY} sign signs symbol symbols off drop dropping remove removing strip stripping take taking takes away it says say said wrote some people front behind end bare like where only separate counts count rid cut instead so that only just it's its readings reading measure measured meant proper decimal decimals currency in there places them few mind odd uses use using`,
  }, ({ cols, number: kind, unit, reads: r, places, rest, empties }) => misread(r) ? null : act(cols ?? null, kind === 'whole' && places === undefined ? 'whole' : 'decimal', { ...(unit ? { unit } : {}), ...meaningsOf(r), ...(rest ? { blankRest: true } : {}) }, { places, blanksAs: empties })),

  // 'Take km off the distances'
  frame('off with a unit', {
    need: { cols: '$cols', unit: ['the? $unit'], drop: ['~drop', 'take off|taken off|off|away|get rid of|without|behind'] },
    may: { reads, blanks: BLANKS_STAY, number: ['~number', 'numeric|number|numbers|plain number'] },
    many: ['reads', 'unit', 'drop'],
    about: `${CHANGE} unit from behind them the for so that it is text letters sign signs take`,
    bars: 'over under above below more less than per where which when',
    cost: 0.9,
  }, ({ cols, unit, reads: r }, x) => ((unit as (string | true)[]).every((u) => typeof u === 'string' && cols.every((c: string) => { const own = x.head.glances?.get(c)?.unit ?? ''; return own !== '' && unitSort(own) === unitSort(u); })) ? act(cols, 'decimal', meaningsOf(r)) : null)),

  // 'strip the currency off the prices', '£ and commas away from cost'
  frame('off with signs', {
    need: { cols: '$cols', signs: [CURRENCY, '€|£|%|euro sign|euro signs|pound sign|pound signs|percent sign|percent signs|currency'], drop: ['~drop', 'take off|taken off|off|away|get rid of|without'] },
    may: { ...MARKS, reads, blanks: BLANKS_STAY, number: ['~number', 'numeric|number|numbers|plain number'] },
    many: ['reads', 'signs'],
    about: `${CHANGE} sign signs symbol symbols from front them the for so that it is text`,
    cost: 0.8,
  }, ({ cols, reads: r }) => act(cols, 'decimal', meaningsOf(r))),

  frame('to unit', {
    need: { cols: '$cols', unit: ['to|in|into|all|be|as degrees|degree|number|numbers|bare|one|plain|figures|whole? of|in? $unit', '~open? in $unit ~close?', 'all $unit'] },
    may: {
      number: ['~number', 'numeric|number|numbers|figures only|the figure|only the figure|only figures|numbers only|plain numbers|bare number|figure'], from: ['$unit', 'fahrenheit ones|the fahrenheit readings', means('some|several|many|most|few|others|partly|sometimes|half of? them|these|those|the? $cols? ~be? in? degrees|degree? $unit:u', ({ u }: { u: string }) => u, -0.4)], reads, places: ['$places'], blanks: BLANKS_STAY,
      bare: ['no unit|without the unit|without unit|without units|drop the units|drop the unit|no letter behind it|no letters|no unit behind it|no units|without the letter|strip the units|leave off the unit'],
      example: ['~open? e.g|eg|like|so? $num $unit ~be|= $num $unit $num? $unit? ~close?', '~open? e.g|eg|like|so? $num ^: ^$num ~be|=|means $num $unit and? $num $unit ~close?', '$num ^: ^$num ~be|means|is in? $unit and|: $unit', '~open? $num $unit ~be|= $num ~close?', '$num $unit $num $unit and $num ^: ^$num ~be|are|mean $unit and $unit'],
      divide: ['$unit|$word values|ones|readings? ~be|to|should? to? be? divided|multiplied by $num', 'divide|multiply those|them|these? by a? $num'],
      empties: ['an? ~blankWord cells|ones|one? ~be|means|counts as? $num'],
    },
    many: ['reads', 'from', 'example'],
    about: `${CHANGE} ${MESSY} some few are is others rest where so that in the throughout express measured ones partly mixed sometimes both bring brought all them fahrenheit degrees off drop behind letter letters only just it says it's leave empty`,
  }, ({ cols, unit, reads: r, places, from, empties }) => (!misread(r) && (from ?? []).every((u: unknown) => typeof u !== 'string' || unitSort(u) === unitSort(unit)) ? act(cols, 'decimal', { unit, ...meaningsOf(r) }, { places, blanksAs: empties }) : null)),

  frame('to yes and no', {
    many: ['yesno'],
    need: { cols: '$cols', yesno: 'yes or no|yes and no|yes / no|yes/no|just yes or no|only yes or no|yes , no|either yes or no' },
    may: { rest: [BLANKS_STAY], only: 'only|just|nothing else|and nothing else|clean' },
    about: `${CHANGE} ${MESSY} field column and but however it was filled says say said only nothing else consistently everywhere contain hold touch do not leave alone blanks blank empty so that please`,
  }, ({ cols }, x) => (cols.every((n: string) => yesNoColumn(n, x)) ? act(cols, 'yesno', {}) : null)),

  // 'Y and yes are yes, everything else is no'
  frame('yes and no by their spellings', {
    need: { cols: '$cols', yes: 'yes|=Y|y|true', no: 'no|=N|n|false' },
    may: { rest: [BLANKS_STAY], blanksNo: [means('blank is no|empty is no|blanks are no|empty means no|nothing means no|everything else is no|anything else is no|all else is no|the rest is no|everything else no', true)], allWays: '$allWays' },
    many: ['yes', 'no', 'allWays'],
    about: `${CHANGE} like so on forth the similar are is means mean counts count say saying says all ways way of for other others blank blanks empty cells ones stay stays left alone leave column everything anything else rest /`,
    cost: 0.1,
  }, ({ cols, yes, no }, x) => (cols.length === 1 && (yes as unknown[]).length + (no as unknown[]).length >= 3 && cols.every((n: string) => yesNoColumn(n, x)) ? act(cols, 'yesno', {}) : null)),

  frame('nothing but numbers', {
    need: { cols: '$cols', rest: ['some|a|few|several|of|the? few? of? (the? $cols)? ~be words|word|texts|text|letters instead|rather of|than? numbers|figures|a? number?', ...NO_REST, 'not numeric|not numbers|no numbers|non-numeric|non numeric|not a number', 'keep the numbers|keep only numbers|keep only the numbers|only keep the numbers'] },
    may: { clear: 'blank|blank out|clear|empty|clear out|make blank|make it blank|delete|clear everything else' },
    many: ['rest', 'clear'],
    about: `${CHANGE} that which are is the every any values else everything anything`,
    rows: false,
    bars: 'value at of',
    cost: 0.7,
  }, ({ cols, rest, clear }, x) => ((clear || rest.length > 0) && cols.every((n: string) => !readsAsDate(x.head, n)) ? act(cols, 'decimal', { blankRest: true }) : null)),
];
