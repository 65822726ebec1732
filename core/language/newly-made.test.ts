import { told } from '../testing/told';

/* Requests that make what they go on with: superlatives of what no column says, texts shown by an example, spans from the row's own day. */

const STAYS = `Stay,Guest,Room,Arrives,Leaves,Rate,Kids,Paid on
S1,"Vale, Nora",A1,2026-05-01,2026-05-04,80,2,2026-05-20
S2,Tom Brook,B2,2026-05-02,2026-05-10,60,0,
S3,"Vale, Nora",A1,2026-06-01,2026-06-02,80,1,2026-06-05
S4,"Fern, Ada",B2,2026-06-10,2026-06-15,75,,2026-06-25
`;

describe('rows', () => {
  test.each<[string, readonly string[]]>([
    ['the two longest stays', ['S2', 'S4']],
    ['the longest stay of each room', ['S1', 'S2']],
    ['keep one stay per room, the shortest', ['S3', 'S4']],
    ['longest stays first', ['S2', 'S4', 'S1', 'S3']],
    ['the two most expensive stays (nights times rate)', ['S2', 'S4']],
    ['unpaid stays', ['S2']],
    ['stays paid more than two weeks after the arrival', ['S1', 'S4']],
    ['only room A1 >> and B2', ['S1', 'S2', 'S3', 'S4']],
    ['remove the stays without a guest >> no, those without a paid on', ['S1', 'S3', 'S4']],
    ['newest first, by arrives', ['S4', 'S3', 'S2', 'S1']],
  ])('%s', async (request, stays) => {
    const { cells, text } = await told(STAYS, ...request.split(' >> '));
    expect([text, await cells('Stay')]).toEqual(['', stays]);
  });
});

describe('cells', () => {
  test.each<[string, string, readonly unknown[]]>([
    ['a label like "S1: Vale, Nora, 2 kids"', 'Label', ['S1: Vale, Nora, 2 kids', 'S2: Tom Brook, 0 kids', 'S3: Vale, Nora, 1 kids', null]],
    ['turn "Vale, Nora" into "Nora Vale" in the guest column', 'Guest', ['Nora Vale', 'Tom Brook', 'Nora Vale', 'Ada Fern']],
    ['raise the rate of room A1 by 10%', 'Rate', [88, 60, 88, 75]],
    ['Status: open if there is no paid on, family if there are kids, otherwise plain', 'Status', ['family', 'open', 'family', 'plain']],
    ['is the family with kids? yes if there are kids', 'Kids label', ['yes', 'no', 'yes', 'no']],
    ['rate compared with the average of its room, in percent, no decimals', 'Rate per average Rate per Room %', [100, 89, 100, 111]],
    ['split the room code into letter and number', 'Number', ['1', '2', '1', '2']],
  ])('%s', async (request, column, values) => {
    const { cells, text } = await told(STAYS, ...request.split(' >> '));
    expect([text, await cells(column)]).toEqual(['', values]);
  });
});

test('a number in an example that no column holds makes no text of it', async () => {
  expect((await told(STAYS, 'a label like "S1: 97 kids"')).outcome).not.toBe('done');
});

test.each<[string, readonly (readonly unknown[])[]]>([
  ['how many stays have kids, in percent', [[50]]],
])('%s', async (request, rows) => {
  const { session } = await told(STAYS, request);
  expect(session.answered?.rows).toEqual(rows);
});
