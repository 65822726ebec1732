import { told } from '../../testing/told';

const LOTS = `Lot,Buyer,Sort,Kg,Price,Sold on
L1,Ada Corr,heather,4,40,2026-05-02
L2,Sol Brandt,lime,10,80,2026-05-04
L3,Ada Corr,heather,8,,2026-05-05
L4,Hugo Fane,clover,20,200,2026-05-09
`;

test.each<[string, string, readonly unknown[]]>([
  ['10% off for heather, otherwise the full price: new column To pay', 'To pay', [36, 80, null, 200]],
  ['a 5% discount on the price for lots over 9 kg, in a new column Offer', 'Offer', [40, 76, null, 190]],
  ['10% surcharge for buyers with more than one lot, in a new column Due', 'Due', [44, 80, null, 200]],
  ['20% extra on the price at weekends, otherwise just the price: new column Weekend', 'Weekend', [48, 80, null, 240]],
  ['VAT of 20% on the price in a column Gross', 'Gross', [48, 96, null, 240]],
])('%s', async (request, column, values) => {
  const { cells, text } = await told(LOTS, request);
  expect([text, await cells(column)]).toEqual(['', values]);
});

test.each(['add a 5% discount for heather', 'discount of 5% for lots over 9 kg', '20% off kg for heather'])('the discount itself, or what it leaves, or no amount of money: %s', async (request) => {
  const { text } = await told(LOTS, request);
  expect(text).not.toBe('');
});
