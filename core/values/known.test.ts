import { countryOfPlace } from './places';
import { readFeeling } from './feeling';
import { finder } from './find';

describe('the country of a place', () => {
  test.each([
    ['Lisbon', 'Portugal'], [' NAIROBI ', 'Kenya'], ['köln', 'Germany'], ['Munchen', 'Germany'], ['St. Gallen', 'Switzerland'], ['Saint-Étienne', 'France'], ['The Hague', 'Netherlands'], ['Galway', 'Ireland'],
    ['Portland, US', 'United States'], ['Dublin (studio 2)', 'Ireland'], ['Upper Teal, Portugal', 'Portugal'], ['Scotland', 'United Kingdom'],
  ])('%s is in %s', (text, country) => expect(countryOfPlace(text)?.country).toBe(country));

  test('a town with large namesakes elsewhere is said not to be sure; what is not known has none', () => {
    expect(countryOfPlace('Cambridge')).toEqual({ country: 'United Kingdom', sure: false });
    expect(countryOfPlace('Oslo')?.sure).toBe(true);
    expect([countryOfPlace('Upper Teal'), countryOfPlace(''), countryOfPlace('n/a')]).toEqual([null, null, null]);
  });
});

describe('how a text feels', () => {
  test.each([
    ['Warm, beautifully paced and very moving.', 1], ['Not bad', 1], ['Could not have been nicer', 1], ['No complaints at all', 1], ['Would use them again any time', 1], ['Exactly what we asked for', 1],
    ['I am not happy with the colour', -1], ['Never again, he broke my gate', -1], ['Waited nine days and nobody apologised, awful.', -1], ['far too long', -1], ['The paint is peeling already', -1],
    ['Delivered on Tuesday', 0], ['', 0],
  ])('%s', (text, sign) => expect(Math.sign(readFeeling(text).score)).toBe(sign));

  test('the words that tell are named, what is denied as denied', () => {
    expect(readFeeling('Lovely people, but the soup was not good')).toMatchObject({ pleased: ['lovely'], displeased: ['not good'] });
  });
});

test('free mail services are told from domains of organisations', () => {
  const free = finder({ kind: 'sort', sort: 'free mail' });
  expect(['Bim@Outlook.com', 'a.b@yahoo.co.uk', 'x@gmx.net', 'y@web.de'].every((a) => free(a).length === 1)).toBe(true);
  expect(['ada@quietfield-films.example', 'a@gmail.example', 'x@mail.hive.example', 'no address', ''].some((a) => free(a).length > 0)).toBe(false);
});
