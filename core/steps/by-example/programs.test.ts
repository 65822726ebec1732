import fc from 'fast-check';
import { sayPlan, readExact } from '../registry';
import { programsFor, runText } from './programs';

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

test.each([
  ['2025-03-05', '5 Mar 2025', '2024-12-31', '31 Dec 2024'],
  ['2025-03-05', '05.03.25', '2024-12-31', '31.12.24'],
  ['14 May 2025', '2025-05-14', '3 Jun 2024', '2024-06-03'],
  ['2025-03-05', 'Q1/2025', '2024-12-31', 'Q4/2024'],
  ['1234.5', '1,234.50', '987654', '987,654.00'],
  ['€ 1,234.50', 'EUR 1234.50', '€ 9', 'EUR 9.00'],
])('formats: %s -> %s: %s -> %s', (input, output, other, wished) => expect(gives([[input, output]], other)).toBe(wished));

test('where two shapes need it, they are told apart', () => {
  const examples = [['Fern, Ada', 'Ada Fern'], ['Ines Vale', 'Ines Vale'], ['Brook, Tobias', 'Tobias Brook']] as const;
  expect([gives(examples, 'Marsh, Odile'), gives(examples, 'Jo Li')]).toEqual(['Odile Marsh', 'Jo Li']);
  const codes = [['L-12', '12'], ['lot 7 / A', '7']] as const;
  expect([gives(codes, 'L-99'), gives(codes, 'lot 8 / B')]).toEqual(['99', '8']);
});

test('an example may ask for nothing', () => expect([gives([['Ada Fern', 'AF'], ['n/a', '']], 'Bo Comb'), gives([['Ada Fern', 'AF'], ['n/a', '']], '-/-')]).toEqual(['BC', '']));

