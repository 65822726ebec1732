import { told } from '../testing/told';

/* What a request says as a whole, and what is asked about rather than done. */

const DESKS = `Desk,Room,Day,From,To,Guest,Jobs,Weight,Depth m,Paid,Fee,Stars,Booked,Slot,Remark,Urgent
D-1,A,2026-04-01,10:00,14:00,Rosa,"print; scan",800 g,12,2026-04-01,20,5,2026-03-01,Mon 10-14,two chairs scratched,y
D-2,A,2026-04-01,15:00,22:30,Finn,scan,2 kg,31,,30,,2026-03-29,Mon 15-22,lovely room,n
D-3,B,2026-04-03,09:30,12:00,Rosa,,1 kg,8,2026-04-20,15,2,2026-03-30,Wed 9-12,a scratch on the desk,n
D-4,B,2026-05-09,18:00,20:00,Olga,"print; bind; scan",500 g,35,,25,4,2026-05-01,Sat 18-20,,y
`;

describe('which rows are meant', () => {
  test.each([
    ['keep remarks that mention a scratch', ['D-1', 'D-3']],
    ['keep desks that were not paid the same day', ['D-2', 'D-3', 'D-4']],
    ['keep desks booked less than a week ahead', ['D-2', 'D-3']],
    ['desks with at least two pieces of jobs', ['D-1', 'D-4']],
    ['only urgent', ['D-1', 'D-4']],
    ['weekend desks', ['D-4']],
    ['desks on Monday', ['D-1', 'D-2']],
    ['the last two desks', ['D-3', 'D-4']],
    ['drop the two without stars', ['D-1', 'D-3', 'D-4']],
    ['keep desks where there is another desk in the same room on the same day', ['D-1', 'D-2']],
  ])('%s', async (request, desks) => {
    const { cells, text } = await told(DESKS, request);
    expect([text, await cells('Desk')]).toEqual(['', desks]);
  });
});

describe('what is calculated', () => {
  test.each([
    ['add Third: a third of the fee, rounded up to the next full euro', 'Third', [7, 10, 5, 9]],
    ['fee per hour in a new column Rate, 2 decimals', 'Rate', [5, 4, 6, 12.5]],
    ['rank the desks by booked, the oldest being number one, column Place', 'Place', [1, 2, 3, 4]],
    ['was it the first desk of that day? yes/no', 'First', ['yes', 'no', 'yes', 'yes']],
    ['number of days until it was paid as Wait', 'Wait', [0, null, 17, null]],
    ['put fee into groups: under 20, 20 to 25, over 25. column Size', 'Size', ['20 to 25', 'over 25', 'under 20', '20 to 25']],
    ['new column Mood: happy for 4 and 5 stars, unhappy below, unknown if nobody rated', 'Mood', ['happy', 'unknown', 'unhappy', 'happy']],
    ['number of jobs', 'Number of Jobs', [2, 1, 0, 3]],
    ['10% off for desks of four hours and more: new column Less', 'Less', [18, 27, 15, 25]],
    ['fee plus 20% as Gross >> actually make it times 2', 'Gross', [48, 72, 36, 60]],
    ['add days from booked to day as Ahead >> no, to paid please', 'Ahead', [31, null, 21, null]],
  ])('%s', async (request, column, values) => {
    const { cells, text } = await told(DESKS, ...request.split(' >> '));
    expect([text, (await cells(column)).map((v) => (v === '' ? null : v))]).toEqual(['', values]);
  });
});

test('a unit that is said is the one that is measured in', async () => {
  const { sentences } = await told(DESKS, 'kilos per fee');
  expect(sentences.join()).toMatch(/measured in "kg"/);
});

test('what is said of two values is said of their groups, and a figure behind a question of groups is of those', async () => {
  expect((await told(DESKS, 'how many desks per room, with the total fee')).sentences).toEqual(['Answer ‹Rows› as the number of rows; and ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Room›.']);
});

describe('is asked about, not done', () => {
  test.each([
    ['keep everything below 30 m', /Below in the water/],
    ['turn desk into whole numbers and room into one of "x"', /./],
    ['status of the paid', /./],
  ])('%s', async (request, question) => {
    const { outcome, text } = await told(DESKS, request);
    expect(outcome).not.toBe('done');
    expect(text).toMatch(question);
  });

  test.each(['those without jobs', 'take out the ones without a remark'])('%s drops no column', async (request) => {
    const { session } = await told(DESKS, request);
    expect(session.table.columns.map((c) => c.name)).toEqual(['Desk', 'Room', 'Day', 'From', 'To', 'Guest', 'Jobs', 'Weight', 'Depth m', 'Paid', 'Fee', 'Stars', 'Booked', 'Slot', 'Remark', 'Urgent']);
  });

  test('codes and telephone numbers are not made numbers that lose their zeros', async () => {
    const { outcome, text } = await told('Name,Tel\nRosa,01632 960 001\nFinn,01632 960 002\n', 'tel as numbers');
    expect([outcome, text]).toEqual(['question', expect.stringMatching(/Zeros in front/)]);
  });
});
