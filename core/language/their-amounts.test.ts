import { beside } from '../testing/beside';

/* What a table of payments tells of each row: how much, and when. Amounts are written otherwise there. */

const JOBS = 'Job,Keeper,Begun,Invoiced\nJ-1,Ada Fern,2026-03-02,"£4,350.00"\nJ-2,Ben Oko,2026-03-03,£900\nJ-3,Cara Vale,05/03/2026,£120.50\nJ-4,Dan Orr,2026-03-09,\n';
const PAYMENTS = 'Payment,From,Received,Sum,For job\nPY1,A. Fern,2026-03-20,£4350,J-1\nPY2,B. Oko,21/03/2026,£850.00,J-2\nPY3,C. Vale,2026-03-05,£120.5,J-3\nPY4,nobody,2026-04-01,£10.00,J-9\n';
const asked = (request: string) => beside(JOBS, { payments: PAYMENTS }, request);

test.each<[string, string, readonly unknown[]]>([
  ['put the date of payment beside every job', 'Received', ['2026-03-20', '21/03/2026', '2026-03-05', null]],
  ['amount received per job from payments, 0 if none', 'Sum', ['£4350', '£850.00', '£120.5', '0']],
  ['difference between what was invoiced and what was paid', 'Invoiced minus Sum', [0, 50, 0, null]],
  ["Check: ok if the payment is within a pound of the invoice, short when it is less, open when there's no payment", 'Check', ['ok', 'short', 'ok', 'open']],
  ['compare invoice and payment per job: equal if within 1 pound, short if less was paid, none if nothing came', 'Job label', ['equal', 'short', 'equal', 'none']],
  ['where the job has no invoice write what was paid', 'Invoiced', ['£4,350.00', '£900', '£120.50', null]],
])('%s', async (request, name, expected) => expect((await (await asked(request)).cells(name)).map((c) => (c === 0 && expected.includes('0') ? '0' : c))).toEqual(expected));

test.each<[string, readonly string[]]>([
  ['jobs where less was paid than invoiced', ['J-2']],
  ['where does the payment not equal the invoice?', ['J-2']],
  ['jobs where the payment is less than the invoice', ['J-2']],
  ['Keep rows where (the ‹Received› in the table "payments" where ‹For job› is ‹Job›) is more than ‹Begun›.', ['J-1', 'J-2']],
  ['Keep rows where (the ‹Received› in the table "payments" where ‹For job› is ‹Job›) equals ‹Begun›.', ['J-3']],
])('%s', async (request, jobs) => expect(await (await asked(request)).chosen('Job')).toEqual(jobs));

test('both figures are shown where they differ, and equal ones that are written otherwise do not', async () =>
  expect((await asked("show jobs where the sum paid isn't the invoiced amount, both figures please")).session.answered?.rows).toEqual([['J-2', '£900', '£850.00']]));

test.each<[string, readonly string[]]>([
  ["which of these payments don't match a job?", ['PY4']],
  ['payments that belong to no job', ['PY4']],
])('%s', async (request, payments) => expect(await (await beside(PAYMENTS, { jobs: JOBS }, request)).chosen('Payment')).toEqual(payments));

test('the other of two labels stands where the condition does not hold', async () =>
  expect(await (await beside(PAYMENTS, { jobs: JOBS }, 'mark payments as known or unknown in a column State: known when the job exists')).cells('State')).toEqual(['known', 'known', 'known', 'unknown']));
