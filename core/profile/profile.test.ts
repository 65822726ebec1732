import { adviceFor } from '../language/advice';
import { headWithGlances } from '../steps/run';
import { csvTable } from '../testing/tables';
import { looksSensitive, profileColumn, shapeOf } from './profile';

const MEMBERS = `Id,Member,Mail,Phone,Born,Site,Kg,Share,Paid,Note,Old,Active
${Array.from({ length: 40 }, (_, i) =>
  [
    `M-${100 + i}`, ['Ada Fern', 'Tobias van der Berg', 'Odile Marsh', 'Dr Ines Vale'][i % 4], `p${i}@mail.example`, `+44 20 7946 0${100 + i}`, `19${50 + i}-03-0${(i % 9) + 1}`,
    ['Upper Teal', 'Heath', i === 6 ? 'heath' : 'Mill'][i % 3], i === 5 ? 900 : 20 + (i % 10), `${i % 7}%`, `€${i + 1}.50`, i % 2 ? 'came late in the day with two crates' : '', i === 3 ? 'x' : '', i % 2 ? 'yes' : 'no',
  ].join(','),
).join('\n')}
`;

test('shapes show capitals, small letters and figures; long runs are cut', () => {
  expect(['Mill 12', 'L-0042/b', '03/04/2025', 'Bartholomew', '  a  b '].map(shapeOf)).toEqual(['Aaaa 00', 'A-0000/a', '00/00/0000', 'Aaaaa', 'a a']);
});

describe('a profile tells what is in a column', () => {
  const profiled = async (name: string) => profileColumn(await csvTable(MEMBERS), name);

  test.each([
    ['Id', 'identifier'], ['Member', 'person’s name'], ['Mail', 'e-mail'], ['Phone', 'telephone number'], ['Born', 'date'], ['Site', 'place'],
    ['Kg', 'weight'], ['Share', 'percentage'], ['Paid', 'money'], ['Note', 'free text'], ['Active', 'yes or no'],
  ])('%s seems to be %s', async (name, meaning) => expect((await profiled(name)).meaning).toBe(meaning));

  test('figures: blanks, different values, quartiles, what lies far out, the commonest', async () => {
    const kg = await profiled('Kg');
    expect(kg).toMatchObject({ rows: 40, blanks: 0, distinct: 11 });
    expect(kg.spread).toMatchObject({ lowest: '20', median: '24.5', highest: '900', outliers: 1 });
    expect(kg.spread!.bars.reduce((n, b) => n + b.count, 0)).toBe(40);
    expect(await profiled('Old')).toMatchObject({ blanks: 39, distinct: 1, longest: 1 });
    const site = await profiled('Site');
    expect(site.lookAlikes).toBe(0);
    expect(site.common[0]).toEqual(['Upper Teal', 14]);
    expect(site.shapes.map(([s]) => s)).toEqual(['Aaaaa Aaaa', 'Aaaaa', 'Aaaa']);
  });

  test('only the rows that are in the table count', async () => {
    const table = { ...(await csvTable(MEMBERS)), rows: Uint32Array.from([0, 1, 5]) };
    expect(await profileColumn(table, 'Kg')).toMatchObject({ rows: 3, distinct: 3, spread: { highest: '900' } });
  });

  test('what would mend a column is a sentence that fits the table; persons are pointed out', async () => {
    const table = await csvTable(MEMBERS);
    const head = await headWithGlances(table);
    const advice = adviceFor(await Promise.all(table.columns.map((c) => profileColumn(table, c.name))), head);
    expect(advice.get('Old')).toEqual({ standing: 'nearly empty', advice: [{ words: 'filled in 1 of 40 rows only', sentence: 'Drop ‹Old›.' }] });
    expect(advice.get('Kg')).toMatchObject({ standing: 'needs work', advice: [{ sentence: 'Add ‹Kg outlier› as if ‹Kg› lies more than 1.5 quartile ranges outside then "outlier", otherwise blank.' }] });
    expect(advice.get('Mail')!.advice.at(-1)!.sentence).toBe('Mask ‹Mail› with tokens.');
    expect(advice.get('Active')!.standing).toBe('in order');
  });
});

test.each([
  ['Client', ['Ada Fern', 'Tobias Brook', 'Ines Vale'], true],
  ['Contact', ['ada@hive.example', '0117 496 0123', '', 'ines@comb.example'], true],
  ['Born', ['1980-04-12'], true],
  ['Born', ['', ''], false],
  ['Lot', ['L-201', 'L-202'], false],
  ['Site', ['Upper Teal', 'Heath Edge'], false],
])('%s with %j is about persons: %s', (name, texts, persons) => expect(looksSensitive(name, 'text', texts)).toBe(persons));
