import { randomFrom } from '../values/random';
import { allowed, candidatePairs } from './pairs';
import { alikeRows, type ComparedColumn } from './rows';
import { spellingGroups, type Ground } from './spellings';
import { typingDistance } from './typing';

const groups = (counts: Record<string, number>): Record<string, Record<string, Ground>> =>
  Object.fromEntries(spellingGroups(Object.entries(counts).map(([text, count]) => ({ text, count }))).map((g) => [g.to, Object.fromEntries(g.variants.map((v) => [v.text, v.ground]))]));

test('capitals, spaces, marks and accents are no difference; the commonest or best formed spelling is proposed', () => {
  expect(groups({ 'Upper Teal': 5, 'upper teal': 1, ' Upper  Teal': 2, 'UPPER-TEAL': 1, Heath: 3 })).toEqual({ 'Upper Teal': { ' Upper  Teal': 'marks', 'upper teal': 'marks', 'UPPER-TEAL': 'marks' } });
  expect(groups({ 'MARLOW AND PIKE': 2, 'Marlow & Pike': 2, 'marlow & pike': 1 })).toEqual({ 'Marlow & Pike': { 'MARLOW AND PIKE': 'marks', 'marlow & pike': 'marks' } });
});

test('words in another order, and legal forms, are grounds of their own', () => {
  expect(groups({ 'Fern, Ada': 1, 'Ada Fern': 4 })).toEqual({ 'Ada Fern': { 'Fern, Ada': 'order' } });
  expect(groups({ 'Tessel Foods Ltd': 3, 'Tessel Foods Limited': 1, 'TESSEL FOODS': 1 })).toEqual({ 'Tessel Foods Ltd': { 'Tessel Foods Limited': 'legal', 'TESSEL FOODS': 'legal' } });
});

test('a rare spelling a few letters away is taken for the common one; where it is not clear, it is only pointed out', () => {
  expect(groups({ Vardyke: 6, Vardike: 1, Vradyke: 1, Ossmere: 4 })).toEqual({ Vardyke: { Vardike: 'letters', Vradyke: 'letters' } });
  expect(groups({ Hill: 6, Mill: 5 })).toEqual({ Hill: { Mill: 'unsure' } });
  expect(groups({ 'Mill Field': 9, 'Hill Field': 3 })).toEqual({ 'Mill Field': { 'Hill Field': 'unsure' } });
});

test('other figures, and words that are not like each other, are other things', () => {
  expect(groups({ 'Site 1': 5, 'Site 2': 1, 'Site 12': 1 })).toEqual({});
  expect(groups({ 'North Field': 9, 'South Field': 1, 'Upper Teal': 9, 'Lower Teal': 1 })).toEqual({});
  expect(groups({ '': 9, ' ': 1 })).toEqual({});
});

test('candidate pairs hold at least 98% of what comparing each with each finds', () => {
  const random = randomFrom(7);
  const letter = (): string => 'etaoinshrdlu'[Math.floor(random() * 12)]!;
  const word = (n: number): string => Array.from({ length: n }, letter).join('');
  const slip = (text: string): string => {
    const at = Math.floor(random() * (text.length - 1));
    return [text.slice(0, at) + text.slice(at + 1), text.slice(0, at) + letter() + text.slice(at), text.slice(0, at) + letter() + text.slice(at + 1), text.slice(0, at) + text[at + 1]! + text[at]! + text.slice(at + 2)][Math.floor(random() * 4)]!;
  };
  const texts = Array.from({ length: 300 }, () => word(4 + Math.floor(random() * 16)));
  for (let i = 0; i < 300; i++) texts.push(slip(i % 2 ? slip(texts[i]!) : texts[i]!));
  const close = (a: string, b: string): boolean => a !== b && typingDistance(a, b, allowed(Math.min(a.length, b.length))) !== Infinity;
  const all = new Set<string>(), found = new Set<string>();
  texts.forEach((a, i) => texts.forEach((b, j) => { if (i < j && close(a, b)) all.add(`${i} ${j}`); }));
  candidatePairs(texts, (a, b) => { if (close(texts[a]!, texts[b]!)) found.add(a < b ? `${a} ${b}` : `${b} ${a}`); });
  expect(all.size).toBeGreaterThan(200);
  expect([...all].filter((pair) => found.has(pair)).length).toBeGreaterThanOrEqual(all.size * 0.98);
});

describe('rows that are alike', () => {
  const column = (values: readonly string[]): ComparedColumn => {
    const texts = [...new Set(values)];
    return { texts, codes: Int32Array.from(values, (v) => texts.indexOf(v)) };
  };
  const grouped = (rows: readonly (readonly string[])[]): number[] => [...alikeRows(rows[0]!.map((_, c) => column(rows.map((r) => r[c]!))), rows.length).groupOf];

  test('small differences in writing are passed over, blanks do not hurt, other figures do', () => {
    expect(
      grouped([
        ['Ada Fern', 'ada@fern.example', '020 7946 0018'],
        ['Fern, Ada', 'ada@fern.example', '+020 7946 0018'],
        ['Ada Ferm', 'ada@fern.example', ''],
        ['Odile Marsh', 'odile@marsh.example', '020 7946 0555'],
        ['Ines Vale', 'ines@vale.example', '020 7946 0018'],
      ]),
    ).toEqual([0, 0, 0, 3, 4]);
    expect(grouped([['', ''], ['', ''], ['Ada', '']])).toEqual([0, 1, 2]);
  });

  test('blocking finds at least 98% of the rows that comparing each with each finds', () => {
    const random = randomFrom(11);
    const pick = (list: readonly string[]): string => list[Math.floor(random() * list.length)]!;
    const [first, last, places] = [['Ada', 'Tobias', 'Odile', 'Casimir', 'Ines', 'Bram', 'Petra'], ['Fernwood', 'Brookman', 'Marshfield', 'Thornhill', 'Valeborn', 'Hollowell'], ['Upper Teal', 'Lower Teal', 'Heath', 'Mill Field']];
    const slip = (text: string): string => { const at = 1 + Math.floor(random() * 4); return text.slice(0, at) + text.slice(at + 1); };
    const base = Array.from({ length: 150 }, (_, i) => [`${pick(first)} ${pick(last)}`, `member${i * 37}@mail${i}.example`, pick(places)]);
    const rows = [...base, ...base.slice(0, 60).map(([a, b, c], i) => (i % 2 ? [slip(a!), b!, c!] : [a!, slip(b!), c!]))];
    const codes = grouped(rows);
    const together = base.slice(0, 60).filter((_, i) => codes[i] === codes[150 + i]).length;
    expect(together).toBeGreaterThanOrEqual(59);
    expect(new Set(codes.slice(0, 150)).size).toBeGreaterThanOrEqual(149);
  });
});

test('what only sounds like another spelling is pointed out; short words and other figures are not', () => {
  expect(groups({ 'Kathryn Ossmere': 5, 'Catherin Osmeer': 1, Heath: 3 })).toEqual({ 'Kathryn Ossmere': { 'Catherin Osmeer': 'sound' } });
  expect(groups({ Filipson: 4, Phillipsen: 1 })).toEqual({ Filipson: { Phillipsen: 'sound' } });
  expect(groups({ Reed: 4, Wright: 2, Rita: 1 })).toEqual({});
  expect(groups({ 'Kathryn 2': 4, 'Catherine 3': 1 })).toEqual({});
});
