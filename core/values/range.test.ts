import fc from 'fast-check';
import { ENDS, holds, piecesIn, rangeAt, readRange } from './range';

test.each([
  ['14 to 17.5', 14, 17.5, 'both'],
  ['0–5 kg', 0, 5, 'both'],
  ['14 % - 17,5 %', 14, 17.5, 'both'],
  ['between 10 and 20', 10, 20, 'both'],
  ['over 14 up to 17.5 %', 14, 17.5, 'to'],
  ['more than 14 but not more than 17.5', 14, 17.5, 'to'],
  ['15 to under 30', 15, 30, 'from'],
  ['over 15 and below 30 mg/kg', 15, 30, 'neither'],
  ['up to and including 15', -Infinity, 15, 'to'],
  ['up to but not including 15', -Infinity, 15, 'neither'],
  ['max. 40 mg/kg', -Infinity, 40, 'to'],
  ['under 15', -Infinity, 15, 'neither'],
  ['≤ 20', -Infinity, 20, 'to'],
  ['>= 20 kg', 20, Infinity, 'from'],
  ['30+', 30, Infinity, 'from'],
  ['30 or more', 30, Infinity, 'from'],
  ['15 and under', -Infinity, 15, 'to'],
  ['1,000 - 2,500', 1000, 2500, 'both'],
  ['-5 to 5', -5, 5, 'both'],
  ['7', 7, 7, 'both'],
])('“%s”', (text, from, to, ends) => expect(readRange(text)).toEqual({ from, to, ends }));

test.each(['', 'small', '20 to 10', 'about 7', '7 lots', 'L-0042', '14 to'])('“%s” is no stretch', (text) => expect(readRange(text)).toBeNull());

test('stretches that end where the next begins, said with over and up to, hold every number once', () => {
  fc.assert(fc.property(fc.uniqueArray(fc.integer({ min: -50, max: 50 }), { minLength: 1, maxLength: 5 }), fc.integer({ min: -60, max: 60 }), (cuts, value) => {
    const sorted = [...cuts].sort((a, b) => a - b);
    const said = [`up to ${sorted[0]}`, ...sorted.slice(1).map((c, i) => `over ${sorted[i]} up to ${c}`), `over ${sorted.at(-1)}`];
    expect(said.map((s) => readRange(s)!).filter((r) => holds(r, value))).toHaveLength(1);
  }));
});

test('ends are held as they are told', () => {
  for (const ends of ENDS) expect([1, 2].map((v) => holds({ from: 1, to: 2, ends }, v))).toEqual([ends === 'both' || ends === 'from', ends === 'both' || ends === 'to']);
});

test('a stretch is found inside a sentence, with where it ends', () => {
  const pieces = piecesIn('grade A: moisture over 14 up to 17.5 % and clear');
  const at = pieces.findIndex((p) => p.text === 'over');
  const found = rangeAt(pieces, at)!;
  expect([found.range, found.unit, pieces[found.next]?.text]).toEqual([{ from: 14, to: 17.5, ends: 'to' }, '%', 'and']);
});
