import fc from 'fast-check';
import { Grammar, anyOrder, keyOf, oneOf, rule, type Item } from './chart';
import { tokens } from './words';

/** What a grammar makes of all the words of a request, the cheapest first. */
function whole(grammar: Grammar, request: string, seeds: readonly Item[] = []): unknown[] {
  const words = tokens(request);
  const chart = grammar.parse(words, seeds, {}, new Set());
  return chart.at(0, 'goal').filter((i) => i.to === words.length).sort((a, b) => a.cost - b.cost).map((i) => i.value);
}

describe('optional pieces', () => {
  const grammar = new Grammar(rule('goal', 'zip the? old? tin please?', () => 'zipped', 0));

  test.each(['zip tin', 'zip the tin', 'zip old tin', 'zip the old tin', 'zip the old tin please', 'zip tin please'])('may be said or not: %s', (request) => expect(whole(grammar, request)).toEqual(['zipped']));
  test.each(['zip', 'tin', 'zip the old', 'zip blue tin'])('what must be said must be, in its place: %s', (request) => expect(whole(grammar, request)).toEqual([]));

  test('a rule may begin with one', () => {
    const begins = new Grammar(rule('goal', 'big? brass? bell', () => 'rung', 0));
    for (const request of ['bell', 'big bell', 'brass bell', 'big brass bell']) expect(whole(begins, request)).toEqual(['rung']);
    expect(whole(begins, 'brass big bell')).toEqual([]);
  });

  test('one with a slot leaves it unfilled', () => {
    const said = new Grammar([rule('size', 'large', () => 'L', 0), rule('goal', 'zip $size:s? tin', ({ s }) => ({ size: s ?? null }), 0)].flat());
    expect(whole(said, 'zip large tin')).toEqual([{ size: 'L' }]);
    expect(whole(said, 'zip tin')).toEqual([{ size: null }]);
  });

  test('a group is left out as a whole', () => {
    const group = new Grammar(rule('goal', 'zip (with glue)? tin', () => 'zipped', 0));
    for (const request of ['zip tin', 'zip with glue tin']) expect(whole(group, request)).toEqual(['zipped']);
    expect(whole(group, 'zip glue tin')).toEqual([]);
  });
});

describe('one of several at a place', () => {
  const grammar = new Grammar([rule('size', 'large', () => 'L', 0), rule('colour', 'red', () => 'R', 0), rule('goal', '(the big)? $size:s|$colour:c|tin lid', ({ s, c }) => s ?? c ?? 'plain', 0)].flat());

  test.each([['large lid', 'L'], ['red lid', 'R'], ['tin lid', 'plain'], ['the big red lid', 'R']])('%s', (request, value) => expect(whole(grammar, request)).toEqual([value]));
  test.each(['lid', 'the red lid', 'large red lid'])('and no more than that: %s', (request) => expect(whole(grammar, request)).toEqual([]));

  test('a pattern is one rule, however much of it may be left out', () => expect(rule('goal', '(a b)? c? $size|$colour (d e?)? f? lid', () => 1, 0)).toHaveLength(1));
  test('a rule of which all may be left out is none', () => expect(() => new Grammar(rule('goal', 'the? (big tin)?', () => 1, 0))).toThrow(/may say nothing/));
  test('what is filled in one reading of a rule is not left over in the next', () => {
    const twice = new Grammar([rule('size', 'large', () => 'L', 0), rule('goal', 'zip ($size:s glue)? $size:t? lid', ({ s, t }) => `${s ?? '-'}${t ?? '-'}`, 0)].flat());
    expect(whole(twice, 'zip large glue lid')).toEqual(['L-']);
    expect(whole(twice, 'zip large lid')).toEqual(['-L']);
    expect(whole(twice, 'zip lid')).toEqual(['--']);
  });
});

test('phrases of several words are one piece', () => {
  const grammar = new Grammar(rule('goal', oneOf('quite plainly|in plain sight'), () => 'seen', 0));
  for (const request of ['quite plainly', 'in plain sight']) expect(whole(grammar, request)).toEqual(['seen']);
  expect(whole(grammar, 'quite sight')).toEqual([]);
});

test('the cheaper of two rules over the same words comes first, and a rule may refuse what it was given', () => {
  const grammar = new Grammar([rule('goal', 'zip', () => 'dear', 1), rule('goal', 'zip', () => 'cheap', 0.2), rule('goal', 'zip', () => null, 0)].flat());
  expect(whole(grammar, 'zip')).toEqual(['cheap', 'dear']);
});

test('what is said in any order is read in any order, each part once', () => {
  const grammar = new Grammar(anyOrder('goal', { what: [['tin', () => 'tin']], where: [['shed', () => 'shed']] }, ({ what, where }) => (what && where ? `${what} in ${where}` : null), 0));
  expect(whole(grammar, 'tin shed')).toEqual(['tin in shed']);
  expect(whole(grammar, 'shed tin')).toEqual(['tin in shed']);
  expect(whole(grammar, 'tin tin')).toEqual([]);
});

test('a key tells values apart by what is in them', () => {
  expect(keyOf({ a: [1, 'x'], b: null })).toBe(keyOf({ a: [1, 'x'], b: null }));
  expect(keyOf({ a: 1 })).not.toBe(keyOf({ a: '1' }));
  expect(keyOf(['a', 'b'])).not.toBe(keyOf(['b', 'a']));
});

describe('only rules whose words are said are tried', () => {
  const words = ['zip', 'tin', 'lid', 'red', 'big', 'old', 'glue', 'with'];
  const piece = fc.oneof(fc.constantFrom(...words), fc.tuple(fc.constantFrom(...words), fc.constantFrom(...words)).map((pair) => pair.join('|')), fc.constantFrom(...words).map((w) => `${w}?`), fc.constant('$part'));
  const pattern = fc.array(piece, { minLength: 1, maxLength: 4 }).filter((p) => p.some((w) => !w.endsWith('?'))).map((p) => p.join(' '));

  test('and nothing is missed by that', () => {
    fc.assert(fc.property(fc.array(pattern, { minLength: 1, maxLength: 8 }), fc.array(fc.constantFrom(...words), { minLength: 1, maxLength: 6 }), (patterns, said) => {
      const grammar = new Grammar([...patterns.flatMap((p, i) => rule('goal', p, () => i, 0)), ...rule('part', 'red lid', () => 'part', 0), ...rule('part', 'big? tin', () => 'part', 0)]);
      const request = tokens(said.join(' '));
      const goals = (awaited?: () => void) => request.map((_, at) => grammar.parse(request, [], {}, new Set(), awaited).at(at, 'goal').map((i) => `${i.from}-${i.to} ${String(i.value)} ${i.cost.toFixed(3)}`).sort());
      // Who completes a request wants all rules tried.
      expect(goals()).toEqual(goals(() => undefined));
    }), { numRuns: 150 });
  });
});

test('keys tell values apart, and lists by their members', () => {
  expect(keyOf([1])).not.toBe(keyOf(['1']));
  expect(keyOf([{ a: 1 }, { a: 2 }])).toBe(keyOf([{ a: 1 }, { a: 2 }]));
  fc.assert(fc.property(fc.array(fc.jsonValue(), { maxLength: 4 }), fc.array(fc.jsonValue(), { maxLength: 4 }), (a, b) => (keyOf(a) === keyOf(b)) === (JSON.stringify(a) === JSON.stringify(b)) || JSON.stringify([a, b]).includes('"key"')));
});
