import fc from 'fast-check';
import { learnFrom } from './shapes';
import { runText } from './programs';

const NAMES: readonly (readonly [string, number])[] = [['Fern, Ada', 20], ['Brook, Tobias', 15], ['Ines Vale', 6], ['Marsh', 2], ['Bell, Ann Mary', 4]];

test('without an example every shape is open, the commonest first', () => {
  const { program, shapes } = learnFrom('Name', [], NAMES);
  expect(program).toBeNull();
  expect(shapes.map((s) => [s.rows, s.sure])).toEqual([[35, 0], [6, 0], [4, 0], [2, 0]]);
});

test('the shape that the examples say least about is asked about first; one more example there settles it', () => {
  const first = learnFrom('Name', [{ input: 'Fern, Ada', output: 'A. Fern' }], NAMES);
  expect(first.shapes[0]!.input).toBe('Ines Vale');
  expect(first.shapes[0]!.sure).toBeLessThan(0.3);
  expect(first.shapes.find((s) => s.input === 'Fern, Ada')).toMatchObject({ told: true, output: 'A. Fern', sure: 1 });
  const second = learnFrom('Name', [{ input: 'Fern, Ada', output: 'A. Fern' }, { input: 'Ines Vale', output: 'I. Vale' }], NAMES);
  expect(second.shapes.find((s) => s.input === 'Ines Vale')).toMatchObject({ told: true, output: 'I. Vale' });
  expect(runText(second.program!.expression, 'Brook, Tobias')).toBe('T. Brook');
  expect(second.shapes[0]!.input).toBe('Marsh');
});

test('one example that has nothing of its text is trusted nowhere else', () => {
  const { shapes } = learnFrom('Site', [{ input: '14 - Top Meadow', output: 'Garden (13)' }], [['14 - Top Meadow', 9], ['8 - Garden', 4], ['Riverside', 2]]);
  expect(shapes.filter((s) => !s.told).every((s) => s.sure < 0.3)).toBe(true);
});

test('what every program makes of a text in the same way is sure', () => {
  const { shapes } = learnFrom('Mail', [{ input: 'kim@hive.example', output: 'hive.example' }], [['kim@hive.example', 3], ['bo@comb.example', 4]]);
  expect(shapes.every((s) => s.sure > 0.9)).toBe(true);
});

test('every example is given as it was said, and rows are counted once', () => {
  const word = fc.stringMatching(/^[A-Z][a-z]{1,6}$/);
  fc.assert(
    fc.property(fc.uniqueArray(fc.tuple(word, word), { minLength: 1, maxLength: 5, selector: ([a, b]) => `${a} ${b}` }), fc.constantFrom(', ', ' ', ' / '), (pairs, mark) => {
      const values = pairs.map(([a, b], i) => [`${a}${mark}${b}`, i + 1] as const);
      const examples = values.slice(0, 2).map(([input], i) => ({ input, output: `${pairs[i]![1]}-${pairs[i]![0]}` }));
      const { program, shapes } = learnFrom('Name', examples, values);
      if (program) for (const e of examples) expect(runText(program.expression, e.input)).toBe(e.output);
      expect(shapes.reduce((n, s) => n + s.rows, 0)).toBe(values.reduce((n, [, k]) => n + k, 0));
    }),
    { numRuns: 60 },
  );
});
