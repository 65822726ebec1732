import fc from 'fast-check';
import type { Bounds, Condition, Expression } from '../formula/expression';
import { ADDRESS_PARTS } from '../values/address';
import { CLEANINGS } from '../values/clean';
import { SORTS } from '../values/find';
import { PERSON_PARTS } from '../values/person';
import { ENDS } from '../values/range';
import { ACCENT_NAMES } from '../table/look';
import { DATE_LOOKS } from '../steps/show/step';
import type { Plan } from '../steps/registry';

/* Random plans for property tests: every kind of step, expression and condition. */

export const columnName = fc.oneof(fc.constantFrom('Kg', 'Charged', 'Hive site', 'Price per kg', 'A › B', 'und', '"x"', '(odd)'), fc.string({ minLength: 1, maxLength: 12, unit: 'grapheme' }).filter((s) => s.trim() !== ''));
const columnNames = fc.uniqueArray(columnName, { minLength: 1, maxLength: 4 });
const text = fc.string({ maxLength: 10, unit: 'grapheme' });
const filledText = fc.string({ minLength: 1, maxLength: 10, unit: 'grapheme' });
const texts = fc.array(filledText, { minLength: 1, maxLength: 3 });
const number = fc.oneof(fc.integer({ min: -1_000_000, max: 1_000_000 }), fc.double({ min: -1e6, max: 1e6, noNaN: true })).map((n) => (Object.is(n, -0) ? 0 : n));
const by = fc.uniqueArray(columnName, { maxLength: 2 });

const findable = fc.oneof(fc.record({ kind: fc.constant('sort' as const), sort: fc.constantFrom(...SORTS) }), fc.record({ kind: fc.constant('shape' as const), shape: filledText }), fc.record({ kind: fc.constant('words' as const), words: texts }));

const bounds: fc.Arbitrary<Bounds> = fc.oneof(
  fc.record({ kind: fc.constant('columns' as const), from: columnName, to: columnName, ends: fc.constantFrom(...ENDS) }),
  fc.record({ kind: fc.constant('told' as const), from: columnName, to: columnName, ends: columnName }),
  fc.record({ kind: fc.constant('steps' as const), from: columnName }),
  fc.record({ kind: fc.constant('text' as const), column: columnName }),
);

export const { expression, condition } = fc.letrec<{ expression: Expression; condition: Condition }>((tie) => {
  const inner = tie('expression');
  const operands = fc.array(inner, { minLength: 1, maxLength: 3 });
  const leaf = fc.oneof(
    fc.record({ kind: fc.constant('column' as const), name: columnName }),
    fc.record({ kind: fc.constant('number' as const), value: number }),
    fc.record({ kind: fc.constant('text' as const), value: text }),
    fc.record({ kind: fc.constant('date' as const), value: fc.constantFrom('2025-03-01', '2024-02-29') }),
    fc.constant<Expression>({ kind: 'blank' }),
  );
  return {
    expression: fc.oneof(
      { depthSize: 'small', withCrossShrink: true },
      leaf,
      fc.record({ kind: fc.constant('op' as const), op: fc.constantFrom('+' as const, '-' as const, '*' as const, '/' as const, '^' as const), left: inner, right: inner }),
      fc.record({ kind: fc.constant('round' as const), of: inner, places: fc.integer({ min: 0, max: 9 }), mode: fc.constantFrom('nearest' as const, 'up' as const, 'down' as const) }),
      fc.record({ kind: fc.constant('choose' as const), cases: fc.array(fc.record({ when: tie('condition'), then: inner }), { minLength: 1, maxLength: 2 }), otherwise: inner }),
      fc.record({ kind: fc.constant('span' as const), unit: fc.constantFrom('days' as const, 'weeks' as const, 'months' as const, 'years' as const, 'hours' as const, 'minutes' as const, 'working days' as const), from: inner, to: inner }),
      fc.record({ kind: fc.constant('span' as const), unit: fc.constant('working days' as const), from: inner, to: inner, holidays: fc.record({ table: filledText, under: columnName }) }),
      fc.record({ kind: fc.constant('shifted' as const), by: inner, unit: fc.constantFrom('days' as const, 'weeks' as const, 'months' as const, 'years' as const, 'hours' as const, 'minutes' as const, 'working days' as const), side: fc.constantFrom('after' as const, 'before' as const), of: inner }),
      fc.record({ kind: fc.constant('part' as const), part: fc.constantFrom('year' as const, 'quarter' as const, 'month' as const, 'day' as const, 'weekday' as const, 'month name' as const, 'week' as const, 'date' as const, 'time' as const, 'month in its year' as const), of: inner }),
      fc.record({ kind: fc.constant('fiscal' as const), start: fc.integer({ min: 1, max: 12 }), of: inner }),
      fc.record({ kind: fc.constant('maths' as const), fn: fc.constantFrom('absolute value' as const, 'square root' as const, 'natural logarithm' as const, 'decimal logarithm' as const), of: inner }),
      fc.record({ kind: fc.constant('size' as const), what: fc.constantFrom('characters' as const, 'words' as const), of: inner }),
      fc.record({ kind: fc.constant('pieces' as const), mark: filledText, of: inner }),
      fc.record({ kind: fc.constant('padded' as const), length: fc.integer({ min: 1, max: 100 }), fill: fc.constantFrom('0', ' ', '"'), of: inner }),
      fc.record({ kind: fc.constant('person' as const), part: fc.constantFrom(...PERSON_PARTS.map(([p]) => p)), of: inner }),
      fc.record({ kind: fc.constant('address' as const), part: fc.constantFrom(...ADDRESS_PARTS.map(([p]) => p)), of: inner }),
      fc.record({ kind: fc.constant('figure' as const), style: fc.constantFrom('comma' as const, 'point' as const, 'space' as const, 'plain' as const), places: fc.integer({ min: 0, max: 9 }), of: inner }),
      fc.record({ kind: fc.constant('lookup' as const), fn: fc.constantFrom('only' as const, 'sum' as const, 'count' as const, 'highest' as const), value: columnName, table: filledText, under: columnName, of: inner, loosely: fc.constant(true as const) }, { requiredKeys: ['kind', 'fn', 'value', 'table', 'under', 'of'] }),
      fc.record({ kind: fc.constant('band' as const), value: columnName, table: filledText, bounds, of: inner, keys: fc.array(fc.record({ under: columnName, of: inner }), { maxLength: 2 }) }),
      fc.record({ kind: fc.constantFrom('country' as const, 'feeling' as const), of: inner }),
      fc.record({ kind: fc.constant('zoned' as const), from: fc.constantFrom('UTC', 'Europe/Berlin', '+02:00'), to: fc.constantFrom('UTC', 'America/New_York'), of: inner }),
      fc.record({ kind: fc.constant('cleaned' as const), way: fc.constantFrom(...CLEANINGS.map(([w]) => w)), of: inner }),
      fc.record({ kind: fc.constant('total' as const), fn: fc.constantFrom('sum' as const, 'mean' as const, 'count' as const), of: inner, by: fc.constant([]), whole: fc.constant(true as const) }),
      fc.record({ kind: fc.constant('total' as const), fn: fc.constantFrom('sum' as const, 'mean' as const, 'lowest' as const, 'highest' as const, 'count' as const, 'distinct' as const, 'median' as const, 'spread' as const, 'lower quartile' as const, 'upper quartile' as const, 'first' as const, 'last' as const), of: inner, by }),
      fc.record({ kind: fc.constant('moving' as const), fn: fc.constantFrom('sum' as const, 'mean' as const, 'lowest' as const, 'highest' as const), rows: fc.integer({ min: 2, max: 30 }), of: inner, by }),
      fc.record({ kind: fc.constant('ago' as const), months: fc.integer({ min: 1, max: 24 }), date: columnName, of: inner, by }),
      fc.record({ kind: fc.constant('over' as const), fn: fc.constantFrom('running' as const, 'previous' as const, 'rank' as const, 'rank up' as const, 'number' as const, 'percentile' as const), of: inner, by }),
      fc.record({ kind: fc.constant('over' as const), fn: fc.constantFrom('running' as const, 'previous' as const, 'number' as const), of: inner, by, along: fc.record({ column: columnName, down: fc.boolean() }) }),
      fc.record({ kind: fc.constant('across' as const), fn: fc.constantFrom('sum' as const, 'mean' as const, 'lowest' as const, 'highest' as const), of: operands }),
      fc.record({ kind: fc.constant('orElse' as const), of: inner, otherwise: inner }),
      fc.record({ kind: fc.constant('join' as const), of: fc.array(inner, { minLength: 2, maxLength: 3 }), separator: text }),
      fc.record({ kind: fc.constant('cased' as const), letters: fc.constantFrom('upper' as const, 'lower' as const, 'title' as const, 'sentence' as const, 'name' as const), of: inner }),
      fc.record({ kind: fc.constant('written' as const), of: fc.array(inner, { minLength: 2, maxLength: 3 }) }),
      fc.record({ kind: fc.constant('slot' as const), n: fc.constantFrom(-2, -1, 1, 3), mark: filledText, of: inner }),
      fc.record({ kind: fc.constant('letters' as const), side: fc.constantFrom('first' as const, 'last' as const), count: fc.integer({ min: 1, max: 9 }), of: inner }),
      fc.record({ kind: fc.constant('initials' as const), of: inner }),
      fc.record({ kind: fc.constant('inside' as const), open: filledText, close: filledText, of: inner }),
      fc.record({ kind: fc.constant('found' as const), what: findable, which: fc.constantFrom('first' as const, 'last' as const, 'all' as const, 'count' as const), of: inner }),
      fc.record({ kind: fc.constant('measure' as const), unit: fc.constantFrom('kg', 'min'), of: inner }),
      fc.record({ kind: fc.constant('moment' as const), day: inner, time: inner }),
      fc.record({ kind: fc.constant('clock' as const), of: inner }),
      fc.record({ kind: fc.constant('lapse' as const), unit: fc.constantFrom('hours' as const, 'minutes' as const), from: inner, to: inner }),
      fc.record({ kind: fc.constant('piece' as const), side: fc.constantFrom('before' as const, 'after' as const), mark: filledText, or: fc.array(filledText, { minLength: 1, maxLength: 3 }), which: fc.constantFrom('first' as const, 'last' as const), of: inner }, { requiredKeys: ['kind', 'side', 'mark', 'which', 'of'] }),
    ),
    condition: fc.oneof(
      { depthSize: 'small', withCrossShrink: true },
      fc.record({ kind: fc.constant('compare' as const), op: fc.constantFrom('<' as const, '<=' as const, '>' as const, '>=' as const, '=' as const, '<>' as const), left: inner, right: inner }),
      fc.record({ kind: fc.constant('among' as const), of: inner, texts }),
      fc.record({ kind: fc.constant('text' as const), test: fc.constantFrom('contains' as const, 'mentions' as const, 'starts' as const, 'ends' as const), of: inner, texts }),
      fc.record({ kind: fc.constant('empty' as const), of: inner }),
      fc.record({ kind: fc.constant('listed' as const), table: filledText, under: columnName, of: inner, loosely: fc.constant(true as const) }, { requiredKeys: ['kind', 'table', 'under', 'of'] }),
      fc.record({ kind: fc.constant('holds' as const), what: findable, of: inner }),
      fc.record({ kind: fc.constant('outlying' as const), of: inner, times: fc.constantFrom(1.5, 3), measure: fc.constantFrom('quartile ranges' as const, 'standard deviations' as const), by }),
      fc.record({ kind: fc.constant('all' as const), of: fc.array(tie('condition'), { minLength: 2, maxLength: 3 }) }),
      fc.record({ kind: fc.constant('any' as const), of: fc.array(tie('condition'), { minLength: 2, maxLength: 3 }) }),
      fc.record({ kind: fc.constant('not' as const), of: tie('condition') }),
    ),
  };
});

const step = <S extends Plan['step']>(name: S) => fc.constant(name);
const names = fc.uniqueArray(columnName, { minLength: 2, maxLength: 4 });

/** Plans of every kind of step. */
export const plan: fc.Arbitrary<Plan> = fc.oneof(
  fc.record({ step: step('split'), column: columnName, at: fc.oneof(fc.record({ kind: fc.constant('mark' as const), text: filledText }), fc.constant({ kind: 'change' as const }), fc.record({ kind: fc.constant('places' as const), after: fc.array(fc.integer({ min: 1, max: 99 }), { minLength: 1, maxLength: 3 }) })), which: fc.constantFrom('every' as const, 'first' as const, 'last' as const), into: names }),
  fc.record({ step: step('calculate'), name: columnName, as: expression, where: condition, replace: fc.boolean() }, { requiredKeys: ['step', 'name', 'as', 'replace'] }),
  fc.record({ step: step('filter'), mode: fc.constantFrom('keep' as const, 'aside' as const), where: condition }),
  fc.record({
    step: step('replace'),
    columns: columnNames,
    find: fc.oneof(
      fc.record({ kind: fc.constant('texts' as const), place: fc.constantFrom('anywhere' as const, 'start' as const, 'end' as const, 'whole' as const), texts }),
      fc.record({ kind: fc.constant('between' as const), open: filledText, close: filledText }),
      fc.record({ kind: fc.constant('sort' as const), sort: fc.constantFrom('digits' as const, 'letters' as const, 'punctuation' as const, 'other than digits' as const) }),
    ),
    with: text,
  }),
  fc.record({ step: step('tidy'), columns: columnNames, ways: fc.uniqueArray(fc.constantFrom('trim' as const, 'squeeze' as const, 'upper' as const, 'lower' as const, 'title' as const, 'sentence' as const, 'name' as const, 'tags' as const, 'legal' as const), { minLength: 1 }) }),
  fc.record({ step: step('fill'), columns: columnNames, with: fc.oneof(fc.record({ kind: fc.constant('value' as const), text: filledText }), fc.record({ kind: fc.constantFrom('above' as const, 'below' as const) }), fc.record({ kind: fc.constant('column' as const), name: columnName }), fc.record({ kind: fc.constant('figure' as const), fn: fc.constantFrom('mean' as const, 'median' as const, 'commonest' as const, 'first' as const), by })) }),
  fc.record(
    {
      step: step('convert'),
      columns: columnNames,
      to: fc.constantFrom('decimal' as const, 'whole' as const, 'date' as const, 'datetime' as const, 'yesno' as const, 'text' as const, 'phone' as const),
      country: fc.constantFrom('GB', 'DE'),
      unit: fc.constantFrom('kg', 'g', 'c'),
      order: fc.constantFrom('day first' as const, 'month first' as const),
      meanings: fc.array(fc.record({ text: filledText, as: text }), { minLength: 1, maxLength: 3 }),
      blankRest: fc.constant(true as const),
    },
    { requiredKeys: ['step', 'columns', 'to'] },
  ),
  fc.record({ step: step('reshape'), columns: columnNames, like: filledText.map((t) => `${t}7`) }),
  fc.record({ step: step('spell'), columns: columnNames, spellings: fc.array(filledText, { minLength: 2, maxLength: 3 }) }),
  fc.record({ step: step('standardise'), column: columnName, taking: fc.array(fc.record({ from: filledText, to: filledText }), { minLength: 1, maxLength: 3 }), leaving: texts }, { requiredKeys: ['step', 'column'] }),
  fc.record({ step: step('mask'), columns: columnNames, by: fc.oneof(fc.record({ kind: fc.constantFrom('token' as const, 'form' as const, 'name' as const) }), fc.record({ kind: fc.constant('leave' as const), side: fc.constantFrom('first' as const, 'last' as const), count: fc.integer({ min: 0, max: 9 }) }), fc.record({ kind: fc.constant('period' as const), period: fc.constantFrom('month' as const, 'quarter' as const, 'year' as const) }), fc.record({ kind: fc.constant('rounded' as const), to: fc.constantFrom(0.5, 10, 1000) })) }),
  fc.record({ step: step('survey'), show: fc.constantFrom('list' as const, 'count' as const), test: fc.oneof(fc.record({ kind: fc.constant('filled' as const), op: fc.constantFrom('less than' as const, 'at most' as const, 'more than' as const, 'at least' as const), percent: fc.integer({ min: 0, max: 100 }) }), fc.record({ kind: fc.constantFrom('one value' as const, 'any' as const) })) }),
  fc.record({ step: step('check'), where: condition, guards: fc.constant(true as const) }, { requiredKeys: ['step', 'where'] }),
  fc.record({ step: step('relate'), column: columnName, with: columnNames }, { requiredKeys: ['step', 'column'] }),
  fc.record({ step: step('forecast'), column: columnName, by: columnName, every: fc.constantFrom('day' as const, 'week' as const, 'month' as const, 'quarter' as const, 'year' as const), ahead: fc.integer({ min: 1, max: 60 }) }),
  fc.record({ step: step('define'), name: columnName, as: expression }),
  fc.record({ step: step('correct'), column: columnName, by: columnName, cells: fc.array(fc.record({ at: filledText, was: text, now: text }), { minLength: 1, maxLength: 3 }) }),
  fc.record({ step: step('correct'), column: columnName, cells: fc.array(fc.record({ at: fc.integer({ min: 1, max: 1_000_000 }).map(String), was: text, now: text }), { minLength: 1, maxLength: 3 }) }),
  fc.record({ step: step('rename'), names: fc.uniqueArray(fc.record({ from: columnName, to: columnName }), { minLength: 1, maxLength: 3, selector: (n) => n.from }) }),
  fc.record({ step: step('drop'), columns: columnNames }),
  fc.record({ step: step('hide'), columns: columnNames, back: fc.boolean() }),
  fc.record({ step: step('mark'), columns: columnNames, mark: fc.option(fc.record({ accent: fc.constantFrom(...ACCENT_NAMES), where: condition })) }),
  fc.record({ step: step('show'), columns: columnNames, look: fc.option(fc.oneof(fc.record({ date: fc.constantFrom(...DATE_LOOKS.map(([key]) => key)) }), fc.record({ decimals: fc.integer({ min: 0, max: 15 }), thousands: fc.constant(true as const), percent: fc.constant(true as const), brackets: fc.constant(true as const), sign: fc.record({ text: fc.constantFrom('€', 'EUR', 'kg "x"', '%'), side: fc.constantFrom('front' as const, 'behind' as const) }) }, { requiredKeys: [] }).filter((l) => Object.keys(l).length > 0))) }),
  fc.record({ step: step('move'), columns: columnNames, place: fc.oneof(fc.record({ to: fc.constantFrom('first' as const, 'last' as const) }), fc.record({ beside: columnName, side: fc.constantFrom('before' as const, 'after' as const) })) }),
  fc.record({ step: step('copy'), column: columnName, to: columnName }),
  fc.record({ step: step('spread'), column: columnName, at: filledText }),
  fc.record({ step: step('stack'), columns: fc.uniqueArray(columnName, { minLength: 2, maxLength: 4 }), names: columnName, values: columnName }),
  fc.record({ step: step('pick'), columns: columnNames }),
  fc.record({ step: step('sort'), by: fc.array(fc.record({ column: columnName, down: fc.boolean(), order: fc.uniqueArray(filledText, { minLength: 2, maxLength: 3 }) }, { requiredKeys: ['column', 'down'] }), { minLength: 1, maxLength: 3 }) }),
  fc.record(
    {
      step: step('take'),
      count: fc.integer({ min: 1, max: 1000 }),
      choice: fc.oneof(fc.record({ kind: fc.constantFrom('top' as const, 'bottom' as const) }), fc.record({ kind: fc.constant('random' as const), seed: fc.integer({ min: 0, max: 4_294_967_295 }) }), fc.record({ kind: fc.constantFrom('highest' as const, 'lowest' as const), column: columnName })),
      by: columnNames,
    },
    { requiredKeys: ['step', 'count', 'choice'] },
  ),
  fc.tuple(fc.array(expression, { maxLength: 2 }), fc.array(expression, { maxLength: 2 })).filter(([f, b]) => f.length + b.length > 0).chain(([figures, by]) =>
    fc.record(
      {
        step: step('ask'),
        figures: fc.constant(figures.map((as, i) => ({ name: `F${i}`, as }))),
        by: fc.constant(by.map((as, i) => ({ name: as.kind === 'column' ? as.name : `B${i}`, as }))),
        where: condition,
        across: fc.constant({ name: 'Across', as: { kind: 'column' as const, name: 'Across' } }),
        inAll: fc.constant(true as const),
        order: fc.record({ name: columnName, down: fc.boolean() }),
        most: fc.integer({ min: 1, max: 100 }),
      },
      { requiredKeys: ['step', 'figures', 'by'] },
    ),
  ),
  fc.record({ step: step('sample'), share: fc.integer({ min: 1, max: 100 }), seed: fc.integer({ min: 0, max: 4_294_967_295 }), by: columnNames }, { requiredKeys: ['step', 'share', 'seed'] }),
  fc.record({ step: step('distinct'), keep: fc.oneof(fc.constantFrom('first' as const, 'last' as const, 'fullest' as const), fc.record({ kind: fc.constantFrom('highest' as const, 'lowest' as const), column: columnName })), by: columnNames, alike: fc.constant(true as const) }, { requiredKeys: ['step', 'keep', 'by'] }),
) as fc.Arbitrary<Plan>;
