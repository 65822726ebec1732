import { told } from '../../../testing/told';

const JOBS = `Job,Came in,Fetched,Kg
J1,2026-06-01 08:10,2026-06-01 17:30,4
J2,2026-06-06 09:40,2026-06-09 12:15,7
J3,2026-06-09 13:05,2026-06-14 18:20,2
J4,2026-07-02 16:50,2026-07-08 09:00,9
`;

test.each<[string, readonly string[]]>([
  ['jobs that came in before nine in the morning', ['J1']],
  ['keep the jobs that came in in the first week of June', ['J1', 'J2']],
  ['jobs that came in in the second week of june', ['J3']],
  ['drop the jobs that came in before july', ['J4']],
  ['only what was fetched in the morning', ['J4']],
  ['rows 2 to 3 only', ['J2', 'J3']],
  ['delete the first two rows', ['J3', 'J4']],
  ['remove the job with the lowest kg', ['J1', 'J2', 'J4']],
])('%s', async (request, jobs) => {
  const { cells, text } = await told(JOBS, request);
  expect([text, await cells('Job')]).toEqual(['', jobs]);
});

test.each<[string, string, readonly unknown[]]>([
  ['new column Part: morning before noon, afternoon until 4, evening after that', 'Part', ['morning', 'morning', 'afternoon', 'evening']],
  ['was it a weekend? yes/no', 'Weekend', ['no', 'yes', 'no', 'no']],
])('%s', async (request, column, values) => {
  const { cells, text } = await told(JOBS, request);
  expect([text, await cells(column)]).toEqual(['', values]);
});
