import { finder, initialsOf, insideOf, slotOf, type FindSort } from './find';

test.each<[FindSort, string, string[]]>([
  ['email', 'ada.fern@hive.example / 555-0101', ['ada.fern@hive.example']],
  ['phone', 'ada.fern@hive.example / 555-0101', ['555-0101']],
  ['phone', 'call (0555) 010 203, not 12', ['(0555) 010 203']],
  ['phone', 'paid on 2025-03-04', []],
  ['domain', 'kim@comb.example or https://www.wax.example/shop', ['comb.example', 'wax.example']],
  ['amount', 'charged €45.10 twice, and 18,50 EUR more', ['€45.10', '18,50 EUR']],
  ['percent', 'about 12.5 % of it', ['12.5']],
  ['number', 'lot 12, -3 and 4.5 of L7', ['12', '-3', '4.5']],
  ['hashtag', 'sold #out at #Millfield', ['#out', '#Millfield']],
  ['phone', 'ring +44 20 7946 0018, not +12 345', ['+44 20 7946 0018']],
  ['weight', 'sent 12 kg and 3 lb 4 oz, 5 km away', ['12 kg', '3 lb 4 oz']],
  ['place', 'from Paris to the Czech Republic; a nice way', ['Paris', 'Czech Republic']],
  ['person', 'On Monday Ms. Odile Marsh met Tobias van der Berg in Upper Teal', ['Ms. Odile Marsh', 'Tobias van der Berg']],
  ['person', 'Please call New York in March', []],
  ['date', 'from 3 May 2025 to 2025-06-01', ['3 May 2025', '2025-06-01']],
])('%s in %j', (sort, text, found) => expect(finder({ kind: 'sort', sort })(text)).toEqual(found));

test('a code of a shape is found as a whole, never inside a longer one', () => {
  const find = finder({ kind: 'shape', shape: 'L-###' });
  expect(find('lots L-201 and L-2022, l-305')).toEqual(['L-201', 'l-305']);
  expect(finder({ kind: 'shape', shape: '#####' })('ref 40213, 123456')).toEqual(['40213']);
});

test('one of some words, with its full stop', () => {
  expect(finder({ kind: 'words', words: ['Mr', 'Mrs', 'Dr'] })('Mrs. Noor Amberly')).toEqual(['Mrs.']);
  expect(finder({ kind: 'words', words: ['Mr'] })('Mrkos')).toEqual([]);
});

test('pieces, initials and what stands between marks', () => {
  expect([slotOf('a / b / c', '/', 2), slotOf('a / b / c', '/', -1), slotOf('a', '/', 2), slotOf(' Ada  Fern ', ' ', 2)]).toEqual(['b', 'c', '', 'Fern']);
  expect([initialsOf('noor van dell'), initialsOf('12 ?')]).toEqual(['NVD', '']);
  expect([insideOf('Tube (1 pc)', '(', ')'), insideOf('Tube (1 pc', '(', ')')]).toEqual(['1 pc', '']);
});
