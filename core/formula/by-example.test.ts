import fc from 'fast-check';
import { sayPlan, readExact } from '../steps/registry';
import { programsFor, runText } from './by-example';

const best = (examples: readonly (readonly [string, string])[], sample: readonly string[] = []) => programsFor('Name', examples.map(([input, output]) => ({ input, output })), sample)[0];
const gives = (examples: readonly (readonly [string, string])[], input: string): string | null => {
  const program = best(examples, [...examples.map(([i]) => i), input]);
  return program ? runText(program.expression, input) : null;
};

test.each([
  ['Fern, Ada', 'A. Fern', 'Brook, Tobias', 'T. Brook'],
  ['Road / 54 cm / red', 'red Road, 54 cm', 'City/50 cm/blue', 'blue City, 50 cm'],
  ['NE-1042-A', '1042/NE', 'SW-2210-C', '2210/SW'],
  ['ada fern', 'AF', 'bim okoro', 'BO'],
  ['Brake pads (2 pcs)', '2 pcs', 'Inner tube (1 pc)', '1 pc'],
  ['kim@hive.example', 'hive.example', 'bo@comb.example', 'comb.example'],
])('%s -> %s: %s -> %s', (input, output, other, wished) => expect(gives([[input, output]], other)).toBe(wished));

test('a second example settles what the first leaves open', () => {
  // The first word, or everything before the last: only two words say nothing about it.
  expect(gives([['Ada Fern', 'Fern'], ['Ann Mary Bell', 'Bell']], 'Jo Li Ray')).toBe('Ray');
});

test('a row without the shape is blank, not half made', () => {
  const program = best([['Fern, Ada', 'A. Fern']])!;
  expect(runText(program.expression, 'Meadow')).toBe('');
});

test('no program contradicts an example, and each can be said exactly', () => {
  const word = fc.stringMatching(/^[A-Z][a-z]{2,6}$/);
  fc.assert(
    fc.property(word, word, fc.constantFrom(',', ' ', '/', '-'), (a, b, mark) => {
      const input = `${a}${mark}${b}`, output = `${b} ${a[0]}.`;
      for (const program of programsFor('Name', [{ input, output }], []).slice(0, 5)) {
        expect(runText(program.expression, input)).toBe(output);
        const plan = { step: 'calculate' as const, name: 'New', as: program.expression, replace: false };
        expect(readExact(sayPlan(plan))).toEqual(plan);
      }
    }),
    { numRuns: 60 },
  );
});
