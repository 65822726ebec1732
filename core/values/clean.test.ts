import fc from 'fast-check';
import { CLEANINGS, cleaned } from './clean';
import { changeCase } from './letters';
import { readPerson, type Person } from './person';
import { fiscalYear, isoWeek } from './date';

describe('cleaning of texts', () => {
  test.each([
    ['accents', 'Crème brûlée, Łódź, Straße', 'Creme brulee, Lodz, Strasse'],
    ['tags', '<p>Two <b>boxes</b> &amp; a&nbsp;lid</p><p>late</p>', 'Two boxes & a lid late'],
    ['tags', 'a < b and b > c', 'a < b and b > c'],
    ['tags', 'R&D &unknown; &#8364;5', 'R&D &unknown; €5'],
    ['lines', 'one \r\n two\n\nthree', 'one two three'],
    ['mended', 'CafÃ© â€“ 5Â€', 'Café – 5Â€'],
    ['mended', 'Café', 'Café'],
    ['mended', 'Ã…ngstrÃ¶m and â‚¬ 12', 'Ångström and € 12'],
    ['legal', 'Tessel Foods Ltd.', 'Tessel Foods'],
    ['legal', 'Orrin & Söhne GmbH & Co. KG', 'Orrin & Söhne'],
    ['legal', 'Brisk Larder, Inc.', 'Brisk Larder'],
    ['legal', 'Vardyke B.V.', 'Vardyke'],
    ['legal', 'Salt and Sea', 'Salt and Sea'],
    ['legal', 'Ltd', 'Ltd'],
    ['legal', 'Company of Bees', 'Company of Bees'],
  ] as const)('%s: %s', (way, text, want) => expect(cleaned(text, way)).toBe(want));

  test('done twice is the same as once', () => {
    const piece = fc.constantFrom('Café', 'Ã©', '<b>', '</p>', '&amp;', 'Ltd', ' ', '\n', 'B.V.', '& Co.', 'x', 'ß', '<', 'Â');
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 8 }).map((p) => p.join('')), fc.constantFrom(...CLEANINGS.map(([way]) => way).filter((way) => way !== 'mended')), (text, way) => {
        // Entities may spell tags, which are text from then on: only the tags of the text itself are taken off.
        fc.pre(way !== 'tags' || !text.includes('&'));
        expect(cleaned(cleaned(text, way), way)).toBe(cleaned(text, way));
      }),
    );
  });

  test('any text read in the wrong encoding is mended', () => {
    const misread = (text: string): string => Array.from(new TextEncoder().encode(text), (b) => new TextDecoder('windows-1252').decode(Uint8Array.of(b))).join('');
    fc.assert(fc.property(fc.array(fc.constantFrom('é', 'ß', '€', '–', 'Å', '”', 'a', ' ', 'ž'), { minLength: 1, maxLength: 12 }), (letters) => {
      const text = letters.join('');
      expect(cleaned(misread(text), 'mended')).toBe(text);
    }));
  });
});

test.each([
  ['MCALLISTER, ADA', 'McAllister, Ada'],
  ['tobias VAN DER berg', 'Tobias van der Berg'],
  ["o'neil-MARSH", "O'Neil-Marsh"],
  ['mac', 'Mac'],
])('names are spelt as names: %s', (text, want) => expect(changeCase(text, 'name')).toBe(want));

test.each([
  ['Pоst Offiсe', 'Post Office'],
  ['“Teal” – it’s…', '"Teal" - it\'s...'],
  ['Ｌ-２０１', 'L-201'],
  ['Москва', 'Москва'],
  ['a\u00a0b\u200b', 'a b'],
])('%j in plain characters is %j', (text, plain) => {
  expect(cleaned(text, 'alike')).toBe(plain);
  expect(cleaned(plain, 'alike')).toBe(plain);
});

const person = (p: Partial<Person>): Person => ({ title: '', first: '', middle: '', last: '', suffix: '', ...p });
test.each<[string, Person | null]>([
  ['Ada Fern', person({ first: 'Ada', last: 'Fern' })],
  ['Fern, Ada', person({ first: 'Ada', last: 'Fern' })],
  ['Dr. Odile Anne Marsh, Jr.', person({ title: 'Dr.', first: 'Odile', middle: 'Anne', last: 'Marsh', suffix: 'Jr.' })],
  ['van der Berg Tobias', person({ first: 'Tobias', last: 'van der Berg' })],
  ['Tobias van der Berg', person({ first: 'Tobias', last: 'van der Berg' })],
  ['Berg, Tobias van der', person({ first: 'Tobias', last: 'van der Berg' })],
  ['Prof. Dr. Ines Vale PhD', person({ title: 'Prof. Dr.', first: 'Ines', last: 'Vale', suffix: 'PhD' })],
  ['Ines', person({ first: 'Ines' })],
  ['12 Mill Lane', null],
  ['Hill, Vale, Ridge', null],
  ['', null],
])('the parts of a name: %s', (text, want) => expect(readPerson(text)).toEqual(want));

test('weeks by ISO 8601, and financial years', () => {
  const day = (iso: string): Date => new Date(`${iso}T00:00:00Z`);
  expect(['2025-01-01', '2024-12-30', '2021-01-03', '2020-12-31', '2025-06-15'].map((d) => isoWeek(day(d)))).toEqual([1, 1, 53, 53, 24]);
  expect(['2025-03-31', '2025-04-01', '1999-12-31'].map((d) => fiscalYear(day(d), 4))).toEqual(['2024/25', '2025/26', '1999/00']);
  expect(fiscalYear(day('2025-03-31'), 1)).toBe('2025');
});
