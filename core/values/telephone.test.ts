import { countryOfCode, isCountry, readTelephone, saysCountry } from './telephone';

test.each([
  ['020 7946 0018', 'GB', '+44 20 7946 0018'],
  ['0044 20 7946 0018', undefined, '+44 20 7946 0018'],
  ['+49 (0)30 123456', 'GB', '+49 30 123456'],
  ['020 7946 0018', undefined, null],
  ['n/a', 'GB', null],
  ['12', 'GB', null],
])('%s of %s is %s', (text, country, read) => expect(readTelephone(text, country)).toBe(read));

test('a number written in the international form is read as itself', () => {
  for (const text of ['+44 20 7946 0018', '+49 30 123456', '+1 213 373 4253']) expect(readTelephone(text)).toBe(text);
});

test('countries by their calling codes', () => {
  expect([countryOfCode('+44'), countryOfCode('1'), countryOfCode('0049'), countryOfCode('999')]).toEqual(['GB', 'US', 'DE', null]);
  expect([isCountry('GB'), isCountry('XX')]).toEqual([true, false]);
  expect([saysCountry('+44 20'), saysCountry('0044 20'), saysCountry('020 7946')]).toEqual([true, true, false]);
});
