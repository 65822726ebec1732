import { headWithGlances } from '../steps/run';
import { csvTable } from '../testing/tables';
import { readNorms, type Norm } from './norms';

const LOTS = 'Lot,Flower,Moisture %,HMF mg/kg,Grade,Kg\nL-1,Linden,16.2,4,A,10\nL-2,Heather,17.5,12,B,12\nL-3,Linden,19,40,rejected,5\n';

/** The bands of a text, shortly: measure, from, to, ends, class, rate. */
const short = ({ measure, from, to, ends, klass, rate }: Norm): unknown[] => [measure, from, to, ends, klass, rate];
const read = async (text: string): Promise<ReturnType<typeof readNorms>> => readNorms(text, await headWithGlances(await csvTable(LOTS)));
const bands = async (text: string): Promise<unknown[][]> => (await read(text)).norms.map(short);

test('a class and what it takes', async () => {
  expect(await bands('Grade A: moisture up to 17.5 %, HMF below 15 mg/kg.\nGrade B: moisture over 17.5 up to 20 %, HMF 15 to 40 mg/kg')).toEqual([
    ['Moisture %', null, 17.5, 'to', 'A', null],
    ['HMF mg/kg', null, 15, 'neither', 'A', null],
    ['Moisture %', 17.5, 20, 'to', 'B', null],
    ['HMF mg/kg', 15, 40, 'both', 'B', null],
  ]);
});

test.each([
  'Moisture: up to 17.5 % grade A, over 17.5 to 20 % grade B, over 20 % rejected',
  'Moisture\nA up to 17.5 %\nB over 17.5 to 20 %\nrejected above 20 %',
  'grade A is moisture up to 17.5 %; grade B over 17.5 up to 20 %; anything above that is rejected',
  '- moisture at most 17.5: A\n- moisture over 17.5 up to 20: B\n- the rest: rejected',
])('%s', async (text) => {
  const { norms, unread, called } = await read(text);
  expect(norms.map(short)).toEqual([['Moisture %', null, 17.5, 'to', 'A', null], ['Moisture %', 17.5, 20, 'to', 'B', null], ['Moisture %', 20, null, 'neither', 'rejected', null]]);
  expect([unread, called]).toEqual([[], 'Grade']);
});

test.each([
  ['Kg: under 5 pays 1.50, 5 to under 12 pays 1.40, 12 or more pays 1.25'],
  ['Kg\nunder 5 kg: €1.50\n5 to under 12 kg: €1.40\n12 kg and over: €1.25'],
  ['Kg\nunder 5 | 1.50\n5 to under 12 | 1.40\n12+ | 1.25'],
])('rates: %s', async (text) => expect((await bands(text)).map((b) => [b[0], b[1], b[2], b[3], b[5]])).toEqual([['Kg', null, 5, 'neither', 1.5], ['Kg', 5, 12, 'from', 1.4], ['Kg', 12, null, 'from', 1.25]]));

test.each([
  ['Lots of 12 kg and more earn a bonus of 5 %, lots of 5 kg to under 12 kg a bonus of 2 %.', [['Kg', 12, null, 'from', 'within', 5], ['Kg', 5, 12, 'from', 'within', 2]]],
  ['Kg\n1. Up to 5 kg: 3.20 EUR\n2. More than 5 kg, up to 10 kg: 5.10 EUR', [['Kg', null, 5, 'to', 'within', 3.2], ['Kg', 5, 10, 'to', 'within', 5.1]]],
  ['moisture must not exceed 20 %', [['Moisture %', null, 20, 'to', 'within', null]]],
  ['From\tTo\tGrade\n0\t17.5\tA\n17.5\t20\tB', [['', 0, 17.5, 'from', 'A', null], ['', 17.5, 20, 'both', 'B', null]]],
  ['Grade 1: 14-16 % moisture', [['Moisture %', 14, 16, 'both', '1', null]]],
  ['Moisture content (%)\n  14.0 – 17.0   A\n  > 17.0   C', [['Moisture %', 14, 17, 'both', 'A', null], ['Moisture %', 17, null, 'neither', 'C', null]]],
])('%s', async (text, expected) => expect(await bands(text)).toEqual(expected));

test('a norm without a class, classes in a table, and lines that are no norm', async () => {
  expect(await bands('Moisture between 14 and 20 %.')).toEqual([['Moisture %', 14, 20, 'both', 'within', null]]);
  expect(await bands('Kg\n0 - 5 | small | 1.5\n5 - 20 | large | 1.4')).toEqual([['Kg', 0, 5, 'from', 'small', 1.5], ['Kg', 5, 20, 'both', 'large', 1.4]]);
  const { norms, unread } = await read('Norms of the co-operative\nMoisture up to 20 % is fine\nAsk the office where in doubt');
  expect([norms.map(short), unread]).toEqual([[['Moisture %', null, 20, 'to', 'fine', null]], ['Norms of the co-operative', 'Ask the office where in doubt']]);
});
