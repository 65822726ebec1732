import { told } from '../../testing/told';

const SHOWS = `Show,Status,Seats,Sold,Comps,Hire
S1,held,80,74,6,2 h
S2,cancelled,40,0,0,1 h
S3,held,0,12,0,1 h
S4,held,60,30,10,3 h
S5,held,60,10,0,1 h
`;

/* Cases about several things: what is said of 'it' is said of what was spoken of last, where the first does not fit. */
test.each<[string, string, readonly unknown[]]>([
  ['House: off if cancelled, open air if there are no seats, full when sold and comps together come to all the seats, busy from 60% of the seats and quiet below that', 'House', ['full', 'off', 'open air', 'busy', 'quiet']],
  ['New column House. Cancelled shows are off, the ones without any seats are open air, the rest are full when sold plus comps equals the seats, busy from 60% of the seats and quiet below that.', 'House', ['full', 'off', 'open air', 'busy', 'quiet']],
  ['Load: empty when nothing was sold, low up to 20, full from 70 and normal in between', 'Load', ['full', 'empty', 'low', 'normal', 'low']],
  ['seats class by seats - small below 50, large above', 'Seats class', ['large', 'small', 'small', 'large', 'large']],
])('%s', async (request, column, cells) => {
  const { cells: now, text } = await told(SHOWS, request);
  expect([text, await now(column)]).toEqual(['', cells]);
});

test('how full it was, and what each seat that was taken cost', async () => {
  expect((await told(SHOWS.replace(',Comps', ',Given'), 'how full was each show in percent, no decimals')).sentences).toEqual(['Add ‹Sold per Seats %› as (‹Sold› divided by ‹Seats›) times 100 rounded to 0 decimals.']);
});

test('one column of labels is asked for, and not two', async () => {
  const { session } = await told(SHOWS, 'House: dead if cancelled, wide from 60 seats');
  expect(session.entries.length).toBeLessThanOrEqual(1);
});
