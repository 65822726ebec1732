import { readsAsNumber } from '../../../formula/check';
import { isDate } from '../../../table/column';
import { unitName } from '../../../values/units';
import { type Context } from '../../acts';
import type { Expression } from '../../../formula/expression';
import { bornColumn, clockedColumn, dateColumns, heads, IDLE, PLANNED, rowDate, rowSpan, soldFor, startColumn, takingsColumn } from '../roles';
import { type Token } from '../../words';
import { Put } from './put';

/** What adjectives speak of: 'the five smallest', 'dearest first', 'heavier than ten kilos'. */
const ADJECTIVES: readonly (readonly [superlative: string, comparative: string, names: string, down: boolean])[] = [
  ['biggest largest greatest', 'bigger larger', 'size area amount volume qty quantity', true], ['smallest', 'smaller', 'size area amount volume qty quantity', false],
  ['heaviest', 'heavier', 'weight kg mass', true], ['lightest', 'lighter', 'weight kg mass', false],
  ['tallest highest', 'taller', 'height', true], ['longest', 'longer', 'length duration nights hours minutes days min mins', true], ['shortest', 'shorter', 'length duration nights hours minutes days min mins', false],
  ['dearest priciest costliest', 'dearer pricier costlier', 'price cost value rent fee rate fare tariff freight charge', true], ['cheapest', 'cheaper', 'price cost value rent fee rate fare tariff freight charge', false],
  ['oldest', 'older', 'age', true], ['youngest', 'younger', 'age', false], ['best', 'better', 'score rating marks mark grade points rank', true], ['worst', 'worse', 'score rating marks mark grade points', false], ['driest', 'drier', 'moisture humidity', false], ['dampest', 'damper', 'moisture humidity', true], ['riskiest', 'riskier', 'risk', true], ['richest', 'richer', 'income salary', true],
  ['nearest closest', 'nearer closer', 'distance', false], ['farthest furthest', 'farther further', 'distance', true], ['deepest', 'deeper', 'depth', true], ['widest broadest', 'wider broader', 'width metres', true], ['strongest', 'stronger', 'strength power', true], ['warmest hottest', 'warmer hotter', 'temp temperature', true], ['coldest coolest', 'colder cooler', 'temp temperature', false], ['wettest', 'wetter', 'rain rainfall moisture humidity', true], ['loudest', 'louder', 'noise volume', true],
  ['fastest', 'faster', 'speed', true], ['slowest', 'slower', 'speed', false], ['quickest', 'quicker', 'time duration minutes seconds', false], ['busiest', 'busier', 'visits visitors passengers', true],
];

/** The same, with the words of each apart. */
const COMPARED = ADJECTIVES.map(([superlatives, comparatives, names, down]) => ({ superlatives: superlatives.split(' '), comparatives: comparatives.split(' '), names, down }));

/** The like of longer words: 'most expensive', 'less profitable than'. */
const LONG_ADJECTIVES: Readonly<Record<string, string>> = { expensive: 'price cost rent fee rate fare tariff freight charge', costly: 'price cost fee fare tariff freight charge', profitable: 'profit margin', valuable: 'value', productive: 'output yield', powerful: 'power kw', crowded: 'visitors passengers people' };

/** What a row comes to, beside a price of a piece or of a part of it; null where the price is that of the row. */
function wholeBeside(price: string, x: Context): string | null {
  const whole = /\b(?:rate|per|unit|each|pp|parts?|materials?|labour|postage|shipping)\b/i.test(price) ? takingsColumn(x) : null;
  return whole === price ? null : whole;
}

/** Of dates the first of these are the earliest. */
const AGES: readonly (readonly [string, boolean])[] = [['oldest', false], ['newest', true], ['youngest', true], ['earliest', false], ['latest', true]];

/** What a superlative asks for where no column says it, and what is the most of it. */
export interface Feat {
  readonly as: Expression;
  readonly down: boolean;
}

/** Superlatives of how long something took, from when a row begins to when it ends; true for the most time. */
const LASTING: ReadonlyMap<string, boolean> = new Map([['longest', true], ['shortest', false], ['briefest', false], ['quickest', false], ['fastest', false], ['slowest', true]]);

/** A superlative or comparative that speaks of one column of numbers, by its name; of ages, also of the one date on which all began. */
export function adjectives(tokens: readonly Token[], x: Context, put: Put): void {
  const { head } = x;
  const fitting = (names: string): readonly string[] => {
    const numbers = head.columns.filter((c) => readsAsNumber(head, c.name) && !isDate(c.type)).map((c) => [c.name, c.name.toLowerCase().split(/[\s_()]+/)] as const);
    for (const wanted of names.split(' ')) {
      const found = numbers.filter(([name, words]) => words.includes(wanted) && words[words.indexOf(wanted) - 1] !== 'per' && !(/^mins?$/.test(wanted) && IDLE.test(name)));
      // 'The heaviest' is by ‹Kg› where ‹Sold kg› stands beside it.
      const exact = found.filter(([, words]) => words.length === 1);
      // What was planned is not how long it was.
      const real = found.length > 1 ? found.filter(([name]) => !PLANNED.test(name)) : found;
      if (found.length > 0) return (exact.length === 1 ? exact : real.length === 1 ? real : found).map(([name]) => name);
    }
    // The biggest groups are those of the most people.
    const people = /\bsize\b/.test(names) ? heads(x) : null;
    return people === null ? [] : [people];
  };
  const only = (names: string): string | null => { const found = fitting(names); return found.length === 1 ? found[0]! : null; };
  tokens.forEach((t, i) => {
    for (const { superlatives, comparatives, names, down } of COMPARED) {
      const most = superlatives.includes(t.lower), more = comparatives.includes(t.lower);
      const column = most || more ? only(names) : null;
      // 'The cheapest job' is the one that came to the least, and not the one with the cheapest parts.
      const whole = column !== null && /\bprice\b/.test(names) && (tokens[i + 1]?.kind !== 'word' || x.vocabulary.rowNouns.has(tokens[i + 1]!.stem)) ? wholeBeside(column, x) : null;
      if (column !== null && whole !== null) for (const c of [whole, column]) put(most ? 'adj' : 'comparative', i, i + 1, { column: c, down }, 0.35);
      else if (column !== null) put(most ? 'adj' : 'comparative', i, i + 1, { column, down }, 0);
      else if ((most || more) && /\bprice\b/.test(names) && fitting(names).length === 0) { const sold = soldFor(x); if (sold !== null) put(most ? 'adj' : 'comparative', i, i + 1, { column: sold, down }, 0.05); }
      // Of two weights either may be meant: that is asked.
      // Where nothing tells the speed, the fastest took the least time.
      else if ((most || more) && names === 'speed' && fitting(names).length === 0) { const took = only('time duration minutes seconds'); if (took !== null) put(most ? 'adj' : 'comparative', i, i + 1, { column: took, down: !down }, 0.05); }
      else if (most || more) fitting(names).slice(0, 4).forEach((c) => put(most ? 'adj' : 'comparative', i, i + 1, { column: c, down }, 0.35));
    }
    const most = LASTING.get(t.lower), lasted = most === undefined || fitting('length duration nights hours minutes days time seconds speed').length > 0 ? null : clockedColumn(x) ?? rowSpan(undefined, x);
    if (most !== undefined && lasted) put('feat', i, i + 1, { as: lasted, down: most } satisfies Feat, 0.1);
    const names = LONG_ADJECTIVES[tokens[i + 1]?.lower ?? ''];
    // 'The most expensive' by what one costs or by what it came to: that is asked.
    const apiece = names !== undefined && /\bprice\b/.test(names) ? only(names) : null, whole = apiece === null ? null : wholeBeside(apiece, x);
    if (apiece !== null && whole !== null && /^(?:most|least|more|less)$/.test(t.lower)) {
      // 'The most expensive repair' is not the one with the dearest parts.
      for (const name of /\b(?:parts?|materials?|labour|postage|shipping)\b/i.test(apiece) ? [whole] : [apiece, whole]) put(/^(?:most|least)$/.test(t.lower) ? 'adj' : 'comparative', i, i + 2, { column: name, down: /^mo/.test(t.lower) }, 0.35);
      return;
    }
    const column = names !== undefined && /^(?:most|least|more|less)$/.test(t.lower) ? only(names) ?? (/\bprice\b/.test(names) && fitting(names).length === 0 ? soldFor(x) : null) : null;
    if (column !== null) {
      const cat = /^(?:most|least)$/.test(t.lower) ? 'adj' : 'comparative', value = { column, down: /^mo/.test(t.lower) };
      put(cat, i, i + 2, value, 0);
      // 'Most expensive per kilo' of ‹Price per kg›
      const unit = /^(?:per|a|the)$/.test(tokens[i + 2]?.lower ?? '') ? unitName(tokens[i + 3]?.lower ?? '') : null;
      if (unit !== null && column.toLowerCase().split(/[\s_()/]+/).some((w) => unitName(w) === unit)) put(cat, i, i + 4, value, -0.1);
    }
    // 'The best-selling films'
    const apart = /^(?:best|top|worst)$/.test(t.lower) && tokens[i + 1]?.lower === 'selling';
    const sold = apart || /^(?:best|top|worst)-?selling$/.test(t.lower) ? only('sold sales') : null;
    if (sold !== null) put('adj', i, i + (apart ? 2 : 1), { column: sold, down: !t.lower.startsWith('worst') }, -0.1);
    // 'The longest drives' are those of the most kilometres.
    const way = /^(?:longest|shortest)$/.test(t.lower) && /^(?:drives?|trips?|journeys?|rides?|ways?|routes?|walks?|tours?|distances?|hauls?)$/.test(tokens[i + 1]?.lower ?? '') ? only('km miles distance kilometres') : null;
    if (way !== null) put('adj', i, i + 1, { column: way, down: t.lower === 'longest' }, -0.2);
    // 'The best rated'
    const scored = /^(?:best|highest|top|worst|lowest|least|most)$/.test(t.lower) && /^(?:rated|scored|marked|graded|reviewed)$/.test(tokens[i + 1]?.lower ?? '') ? only('score rating marks mark grade points') : null;
    if (scored !== null) put('adj', i, i + 2, { column: scored, down: !/^(?:worst|lowest|least)$/.test(t.lower) }, -0.1);
    if (t.lower === 'question' && tokens[i + 1]?.stem === 'mark') put('mark', i, i + 2, '?', 0);
    if (t.lower === 'exclamation' && tokens[i + 1]?.stem === 'mark') put('mark', i, i + 2, '!', 0);
    const recent = t.lower === 'most' && tokens[i + 1]?.lower === 'recent';
    const age = recent ? AGES[1] : AGES.find(([w]) => w === t.lower);
    // The youngest are those born last, whatever other dates there are.
    const born = age && /^(?:old|young)est$/.test(t.lower) && only('age') === null ? bornColumn(x) : null;
    if (age && born) { put('adj', i, i + 1, { column: born, down: age[1] }, 0); return; }
    const several = age && rowDate(x) === null ? dateColumns(x) : [];
    if (age && several.length > 1 && several.length <= 4) several.forEach((c) => put('adj', i, i + (recent ? 2 : 1), { column: c, down: age[1] }, 0.35));
    const began = age && (t.lower === 'oldest' || t.lower === 'youngest') && only('age') === null ? startColumn(x) ?? rowDate(x) : age ? rowDate(x) : null;
    if (age && began !== null) put('adj', i, i + (recent ? 2 : 1), { column: began, down: age[1] }, 0.1);
  });
}
