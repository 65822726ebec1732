import { told } from '../../testing/told';

const COURSES = `Course,Teacher,Places,Booked,Fee
C1,Ada Corr,12,12,96
C2,Sol Brandt,10,7,84
C3,Ada Corr,8,,140
C4,Hugo Fane,9,4,110
`;

test.each<[string, string, readonly unknown[]]>([
  ['how many places are still free in each course? call it Free', 'Free', [0, 3, null, 5]],
  ['how full is each course in percent, no decimals', 'Booked per Places %', [100, 70, null, 44]],
  ['was the course full? yes or no', 'Booked label', ['yes', 'no', 'no', 'no']],
  ['is the course more than 60% full? yes or no', 'Booked label', ['yes', 'yes', 'no', 'no']],
])('%s', async (request, column, values) => {
  const { cells, text } = await told(COURSES, request);
  expect([text, await cells(column)]).toEqual(['', values]);
});

test.each<[string, readonly string[]]>([
  ['courses that are full', ['C1']],
  ['which courses still have free places? only those', ['C2', 'C4']],
  ['courses where more than half of the places were taken', ['C1', 'C2']],
])('%s', async (request, courses) => {
  const { cells, text } = await told(COURSES, request);
  expect([text, await cells('Course')]).toEqual(['', courses]);
});
