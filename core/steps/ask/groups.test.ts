import { told } from '../../testing/told';

const SHOWINGS = `Showing,Film,Hall,Tickets sold,Takings
S1,Moth,Old,10,90
S2,Marrow,Old,30,200
S3,Moth,New,25,240
S4,Otto,New,12,100
S5,Marrow,New,4,30
S6,Otto,Old,9,80
`;

/* Films of showings are groups of them; the showings themselves are rows. */
test.each<[string, readonly (readonly (string | number)[])[]]>([
  ['the two best-selling films', [['Moth', 35], ['Marrow', 34]]],
  ['top two films by takings', [['Moth', 330], ['Marrow', 230]]],
  ['the best-selling film', [['Moth', 35]]],
  ['how many tickets were sold in each hall?', [['Old', 49], ['New', 41]]],
  ['rank the films by number of showings', [['Moth', 2], ['Marrow', 2], ['Otto', 2]]],
])('%s', async (request, rows) => {
  const { session, text } = await told(SHOWINGS, request);
  expect([text, session.answered?.rows.map((r) => r.slice(0, 2))]).toEqual(['', rows]);
});

test('what tells the rows apart has no highest', async () => {
  const numbered = SHOWINGS.replace(/^S(\d)/gm, '10$1');
  expect((await told(numbered, 'best showing per hall')).outcome).toBe('question');
});

test('to count what tells the rows apart is to count the rows: there is nothing to ask', async () => {
  const { text, session } = await told(SHOWINGS, 'count how many showings the same hall had altogether and show that number on each of their rows');
  expect([text, session.entries.length]).toEqual(['', 1]);
});

test('rows asked for beside a figure are counted, and not passed over', async () => {
  const { sentences } = await told(SHOWINGS, 'total sold and showings per hall');
  expect(sentences).toEqual(['Answer ‹Total Tickets sold› as the sum of ‹Tickets sold› over the rows; and ‹Rows› as the number of rows; for each ‹Hall›.']);
});
