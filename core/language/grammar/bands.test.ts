import { beside } from '../../testing/beside';

const LOTS = 'Lot,Flower,Moisture,Grade,Kg,Delivered\nL-1,Linden,16.2,A,4,2025-03-01\nL-2,Heather,17.5,A,12,2025-04-15\nL-3,Linden,19,A,5,2025-06-30\nL-4,Heather,21,C,40,2025-07-01\nL-5,Linden,,B,,\n';
const others = {
  norms: 'Measure,From,To,Ends,Grade\nMoisture,,17.5,to,A\nMoisture,17.5,20,to,B\nMoisture,20,,neither,C\n',
  rates: 'Weight band,Rate\n0–5 kg,1.5\n5–10 kg,1.4\n10+,1.25\n',
  prices: 'Flower,Valid from,Valid to,Price\nLinden,2025-01-01,2025-03-31,5.5\nLinden,2025-04-01,2025-12-31,6\nHeather,2025-01-01,2025-06-30,7\nHeather,2025-07-01,,7.5\n',
};
const said = async (request: string): Promise<string[]> => (await beside(LOTS, others, request)).session.entries.map((e) => e.sentence);

const RATE = 'Add ‹Rate› as the ‹Rate› in the table "rates" where ‹Kg› lies within ‹Weight band›.';
const PRICE = 'Add ‹Price› as the ‹Price› in the table "prices" where ‹Delivered› lies from ‹Valid from› to ‹Valid to› and ‹Flower› is ‹Flower›.';
const NORM = 'the ‹Grade› in the table "norms" where ‹Moisture› lies from ‹From› to ‹To›, its ends as in ‹Ends› and ‹Measure› is "Moisture"';
const COMPARED = [`Add ‹Expected Grade› as ${NORM}.`, 'Add ‹Grade agrees› as if ‹Expected Grade› is blank then blank, if ‹Grade› equals ‹Expected Grade› then "yes", otherwise "no".'];

test.each([
  ['look up the rate in the rates table by kg', [RATE]],
  ['add the rate from rates depending on the kg', [RATE]],
  ['which rate does the rates table give for the kg', [RATE]],
  ['add the price from prices', [PRICE]],
  ['bring in the price from prices valid on the delivered date', [PRICE]],
  ["get each lot's price from prices by flower and delivered", [PRICE]],
  ['add the grade from norms by moisture, call it Norm', [`Add ‹Norm› as ${NORM}.`]],
  ['compare the grade with the norms by moisture', COMPARED],
  ['check the grade against the norms', COMPARED],
  ['every grade must be as norms says', [`Check that ‹Grade› equals (${NORM}).`]],
  ['grade must follow norms', [`Check that ‹Grade› equals (${NORM}).`]],
  ['only lots whose grade disagrees with the norms', [`Keep rows where not (‹Grade› equals (${NORM})).`]],
])('%s', async (request, sentences) => expect(await said(request)).toEqual(sentences));

test('a column that cannot lie in the bands is not taken', async () => {
  expect(await said('add the rate from rates depending on the lot')).toEqual([]);
});
