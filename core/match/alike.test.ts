import fc from 'fast-check';
import { meantBy, UNDECIDED, UNLIKE } from './alike';

const THEIRS = ['The Paper Lantern Thief', 'A Ladder for Otto', 'Glass Harvest', 'The Last Postbox', 'The Borrowed Piano', 'Hollow, Bram', 'Fern, Ada', 'Vale, Ines', 'Tessel Foods Ltd', 'Marlow & Pike', 'LT-0042'];
const meant = (text: string, theirs = THEIRS): string | undefined => theirs[meantBy([text], theirs).found[0]!];

test.each([
  ['Paper Lantern Thief, The', 'The Paper Lantern Thief'],
  ['ladder for otto', 'A Ladder for Otto'],
  ['Glass Harvest (short)', 'Glass Harvest'],
  ['Last Post Box', 'The Last Postbox'],
  ['The Borowed Piano', 'The Borrowed Piano'],
  ['Bram Holow', 'Hollow, Bram'],
  ['A. Fern', 'Fern, Ada'],
  ['Prof. Dr. Ada Fern', 'Fern, Ada'],
  ['Fern A', 'Fern, Ada'],
  ['tessel foods limited', 'Tessel Foods Ltd'],
  ['Marlow and Pike', 'Marlow & Pike'],
  ['LT 0042', 'LT-0042'],
])('%s is meant to be %s', (text, name) => expect(meant(text)).toBe(name));

test.each(['Pigeon Parliament', 'LT-0043', 'LT-0024', 'Ada', 'Otto', '', '?'])('“%s” is none of them', (text) => expect(meant(text)).toBeUndefined());

test('of several that are alike the nearest is meant; where two are equally near, none', () => {
  expect(meant('Tobias Brook', ['Tobias Brooke', 'Tobias Brook'])).toBe('Tobias Brook');
  expect(meant('Tobias Brooks', ['Tobias Brooke', 'Tobias Brookside'])).toBe('Tobias Brooke');
  expect([...meantBy(['Anna Vale', 'A. Vale'], ['Anne Vale', 'Anni Vale']).found]).toEqual([UNDECIDED, UNDECIDED]);
});

test('what only the brackets tell apart is not taken for one', () => {
  expect(meant('Glass Harvest (short)', ['Glass Harvest (long)'])).toBeUndefined();
  expect(meant('Glass Harvest', ['Glass Harvest (long)', 'Glass Harvest (short)'])).toBeUndefined();
});

test('what stands in both lists is found, whatever else there is; the order of the lists does not matter', () => {
  const name = fc.array(fc.stringMatching(/^[a-z]{3,8}$/), { minLength: 1, maxLength: 3 }).map((w) => w.join(' '));
  fc.assert(fc.property(fc.uniqueArray(name, { minLength: 1, maxLength: 12 }), fc.uniqueArray(name, { maxLength: 6 }), (theirs, own) => {
    const all = [...own, ...theirs], { found } = meantBy(all, theirs);
    theirs.forEach((t, i) => expect(theirs[found[own.length + i]!]).toBe(t));
    const back = [...theirs].reverse(), again = meantBy(all, back).found;
    all.forEach((_, i) => expect(again[i]! < 0 ? again[i] : back[again[i]!]).toBe(found[i]! < 0 ? found[i] : theirs[found[i]!]));
  }), { numRuns: 200 });
  expect([...meantBy(['x'], []).found]).toEqual([UNLIKE]);
});
