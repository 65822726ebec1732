import fc from 'fast-check';
import { plan as anyPlan } from '../testing/arbitraries';
import { STEPS, readExact, readExacts, sayPlan, validPlan } from './registry';

test('reading what was said gives the same plan, for every kind of plan', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      expect(readExact(sayPlan(plan))).toEqual(plan);
    }),
    { numRuns: 3_000 },
  );
});

test('sentences said one behind the other are the same plans in their order', () => {
  fc.assert(fc.property(fc.array(anyPlan, { minLength: 1, maxLength: 3 }), (plans) => expect(readExacts(plans.map(sayPlan).join(' '))).toEqual(plans)), { numRuns: 150 });
});

test('every plan passes its own schema, as it would coming over the wire', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      expect(validPlan(JSON.parse(JSON.stringify(plan)))).toEqual(plan);
    }),
    { numRuns: 500 },
  );
});

test.each(STEPS.map((s) => [s.step, s.example] as const))('the example of %s is an exact sentence', (step, example) => {
  const plan = readExact(`${example}.`);
  expect(plan?.step).toBe(step);
  expect(sayPlan(plan!)).toBe(`${example}.`);
});

test('a plan from outside that is no plan is refused with a reason', () => {
  expect(() => validPlan({ step: 'format disk' })).toThrow('not a plan');
  expect(() => validPlan({ step: 'drop', columns: [] })).toThrow('not valid');
  expect(() => validPlan({ step: 'calculate', name: 'x', as: { kind: 'shell', of: 1 }, replace: false })).toThrow('not valid');
  expect(() => validPlan(null)).toThrow('not a plan');
});

test('one row is said as one; briefs that say “1 rows” are read all the same', () => {
  const plan = readExact('Keep 1 row with the highest ‹Kg› for each ‹Site›.');
  expect(plan).not.toBeNull();
  expect(readExact('Keep 1 rows with the highest ‹Kg› for each ‹Site›.')).toEqual(plan);
  expect(sayPlan(plan!)).toBe('Keep 1 row with the highest ‹Kg› for each ‹Site›.');
});
