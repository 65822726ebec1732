import { headWithGlances } from '../steps/run';
import { checkFormula } from '../formula/check';
import { csvTable } from '../testing/tables';
import { METRICS, ROLES } from './glossary';
import { METRIC_NAMES, missingRoles, rolesOf, tie } from './metrics';

const byName = (name: string) => METRIC_NAMES.find(([words]) => words.join(' ') === name)![1];

test('there are at least eighty, and each is worked out from roles that are known', () => {
  expect(METRICS.length).toBeGreaterThanOrEqual(80);
  for (const metric of METRICS) {
    expect(metric.meaning).not.toBe('');
    expect(rolesOf(metric).filter((r) => !(r in ROLES))).toEqual([]);
    expect(rolesOf(metric).length).toBeGreaterThan(0);
  }
});

test('roles are tied to columns by their names; what is tied can be calculated', async () => {
  const head = await headWithGlances(await csvTable('Show,Seats,Sold,Takings,Hire cost\na,100,80,400,150\nb,50,50,300,90\n'));
  const [occupancy] = tie(byName('occupancy'), head);
  expect([...occupancy!.roles]).toEqual([['sold', 'Sold'], ['capacity', 'Seats']]);
  const [profit] = tie(byName('profit'), head);
  expect([...profit!.roles]).toEqual([['revenue', 'Takings'], ['cost', 'Hire cost']]);
  expect(checkFormula(profit!.expression, head)).toEqual([]);
});

test('a metric whose role no column plays says which', async () => {
  const head = await headWithGlances(await csvTable('Show,Seats\na,100\n'));
  expect(tie(byName('occupancy'), head)).toEqual([]);
  expect(missingRoles(byName('occupancy'), head)).toEqual(['sold']);
});
