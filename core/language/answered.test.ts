import fc from 'fast-check';
import { beside } from '../testing/beside';

/* Rows that another table decides about: an answer, unless something is said to become of them; and names that are spelled otherwise there. */

const BOXES = 'Box,Keeper,Rent,Note\nB-1,Ada Fern,12,\nB-2,Ben Oko,15,key lost\nB-3,Cara Vale,18,\nB-4,Ben Oko,9,\n';
const PAYMENTS = 'Payment,For box,Amount\nP-1,B-1,12\nP-2,B-2,14\nP-3,B-9,5\n';
const said = (request: string) => beside(BOXES, { payments: PAYMENTS }, request);

const UNPAID = ['boxes that have no payment', 'which boxes have no payment?', 'show me the boxes without a payment', 'boxes that are not in payments', 'boxes missing from payments?', 'list the boxes that have no entry under for box in payments'];

test.each(UNPAID)('an answer, and the table stays as it is: %s', async (request) => {
  const { session } = await said(request);
  expect([session.entries.length, session.answered?.rows]).toEqual([0, [['B-3'], ['B-4']]]);
});

test.each(['keep the boxes that have no payment', 'only boxes that are not in payments', 'leave just the boxes without a payment', 'drop the boxes that have a payment'])('rows go where that is said: %s', async (request) => {
  const { session, cells } = await said(request);
  expect([session.answered, await cells('Box')]).toEqual([null, ['B-3', 'B-4']]);
});

test('with both values where both are asked for', async () => {
  for (const request of ['boxes whose rent differs from the amount in payments, with both figures', 'boxes where the rent is not the amount in payments, show both', 'where does the rent differ from the amount in payments? give me those with both numbers']) {
    expect((await said(request)).session.answered?.rows).toEqual([['B-2', 15, 14]]);
  }
});

const FIRST = ['Ada', 'Ben', 'Cara', 'Dan', 'Elsa', 'Finn', 'Greta', 'Hugo'], LAST = ['Fern', 'Okonjo', 'Valeska', 'Ostermann', 'Pellworm', 'Quarry', 'Rimbault', 'Stellan'];
const people = fc.shuffledSubarray(FIRST.map((_, i) => i), { minLength: 4 }).chain((own) => fc.shuffledSubarray(own, { minLength: 3 }).map((known) => ({ own, known })));
const boxesOf = (own: readonly number[]): string => `Box,Keeper\n${own.map((i, k) => `B-${k},${FIRST[i]} ${LAST[i]}`).join('\n')}\n`;
const townOf = (i: number): string => `Town ${i}`;

test('names in another order need no asking, whoever they are: each finds its own', async () => {
  await fc.assert(fc.asyncProperty(people, async ({ own, known }) => {
    const list = `Name,Town\n${known.map((i) => `"${LAST[i]}, ${FIRST[i]!.toUpperCase()}",${townOf(i)}`).join('\n')}\n`;
    const { answer, cells } = await beside(boxesOf(own), { people: list }, 'add the town from people');
    expect(answer.outcome).toBe('done');
    expect(await cells('Town')).toEqual(own.map((i) => (known.includes(i) ? townOf(i) : null)));
  }), { numRuns: 12 });
});

test('a letter that differs is asked about', async () => {
  await fc.assert(fc.asyncProperty(people, fc.nat(2), async ({ own, known }, at) => {
    const list = `Name,Town\n${known.map((i, k) => `"${k === at ? LAST[i]!.replace(/.$/, 'x') : LAST[i]}, ${FIRST[i]}",${townOf(i)}`).join('\n')}\n`;
    expect((await beside(boxesOf(own), { people: list }, 'add the town from people')).answer.outcome).toBe('question');
  }), { numRuns: 12 });
});

test('values that are held against each other say what comes of each, by the columns that are named', async () => {
  const check = async (request: string) => (await said(request)).cells('Check');
  const expected = ['ok', 'ok', 'missing', 'missing'];
  expect(await check('Check on the boxes, comparing the rent with the amount in payments (for box = box): ok if within 1 euro, off if further apart, missing if nothing was paid')).toEqual(expected);
  expect(await check('put in Check whether the amount in payments equals the rent: ok up to 1 euro difference, off above that, missing if there is no payment')).toEqual(expected);
});
