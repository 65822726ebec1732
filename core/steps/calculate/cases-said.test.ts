import { told } from '../../testing/told';

const JOBS = `Job,Hours,Grade,Opened,Closed,Time,Stars,Rate
J1,0.4,A,2026-03-02,2026-03-05,08:30,5,40
J2,1.2,B,2026-03-03,2026-03-20,12:15,2,40
J3,3,C,2026-03-07,,15:40,3,
J4,,A,2026-03-08,2026-03-09,,,45
`;

/* What is graded, by what, and what the labels are called: before the colon, in any order. */
test.each<[string, string, readonly (string | number | null)[]]>([
  ['categorise hours as Length: <= 0.5 quick, <= 1.5 normal, otherwise long', 'Length', ['quick', 'normal', 'long', 'long']],
  ['group the hours into Length: <= 0.5 quick, <= 1.5 normal, > 1.5 long', 'Length', ['quick', 'normal', 'long', null]],
  ['Length by hours: up to 0.5 quick, up to 1.5 normal, rest long', 'Length', ['quick', 'normal', 'long', 'long']],
  ['label hours quick (up to 0.5), normal (up to 1.5) or long', 'Hours label', ['quick', 'normal', 'long', 'long']],
  ['label the stars: 2 or less poor, over 2 up to 4 fair, above that good, nothing without stars', 'Stars label', ['good', 'poor', 'fair', null]],
  ['status by days from opened to closed: over 10 late, up to 10 on time, no closed date pending', 'Status', ['on time', 'late', 'pending', 'on time']],
  ['pending if not closed, late if closed more than 10 days after opened, else on time', 'Closed label', ['on time', 'late', 'pending', 'on time']],
  ['new column State with late if closed after 2026-03-10, ok if not, and pending if it is not closed', 'State', ['ok', 'late', 'pending', 'ok']],
  ['grade A is 3 points, B 2, the rest 0', 'Grade label', [3, 2, 0, 3]],
  ['early before 9:00, otherwise normal', 'Time label', ['early', 'normal', 'normal', 'normal']],
  ['weekend or weekday by opened', 'Weekend or weekday', ['weekday', 'weekday', 'weekend', 'weekend']],
  ['closed within a week? yes/no, pending if not closed yet', 'Closed label', ['yes', 'no', 'pending', 'yes']],
  ['happy if 4 stars or more, otherwise unhappy, leave the unrated empty', 'Stars label', ['happy', 'unhappy', 'unhappy', null]],
])('%s', async (request, name, values) => {
  const { cells, text } = await told(JOBS, request);
  expect([text, text === '' ? await cells(name) : []]).toEqual(['', values]);
});
