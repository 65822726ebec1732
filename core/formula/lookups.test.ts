import fc from 'fast-check';
import { beside } from '../testing/beside';

const LOTS = 'Lot,Member,Site,Kg\nL-1,Ada Fern,Teal,10\nL-2,Tobias Brook,Heath,7\nL-3,Nobody,Quarry,3\nL-4,,Teal,2\n';
const MEMBERS = 'Name,Village,Shares,Joined\nAda Fern,Upper Teal,3,2001-04-01\nTobias Brook,Lower Teal,1,1999-12-31\ntobias brook,Upper Teal,1,1999-12-31\n';
const ALIASES = 'Alias,Site\nTeal,Upper Teal\nheath,Heath Edge\n';

test('a value of another table stands beside each row; what is not there, or said twice, is blank and comes first', async () => {
  const { cells, kinds, session } = await beside(LOTS, { members: MEMBERS }, "bring in each member's village from members");
  expect(session.entries.map((e) => e.sentence)).toEqual(['Add ‹Village› as the ‹Village› in the table "members" where ‹Name› is ‹Member›.']);
  expect(await cells('Village')).toEqual(['Upper Teal', null, null, null]);
  expect(kinds).toEqual({ several: 1, unmatched: 1, blank: 1, done: 1 });
});

test.each([
  ['add the shares of each member from members, 0 for those who are not there', 'Shares', [3, 1, 0, 0]],
  ['Add ‹J› as the ‹Joined› in the table "members" where ‹Name› is ‹Member›.', 'J', ['2001-04-01', '1999-12-31', null, null]],
  ['Add ‹N› as the number of ‹Name› in the table "members" where ‹Name› is ‹Member›.', 'N', [1, 2, null, null]],
  ['Add ‹S› as ‹Kg› times (the sum of all ‹Shares› in the table "members" where ‹Name› is ‹Member›).', 'S', [30, 14, null, null]],
])('%s', async (request, name, cells) => expect(await (await beside(LOTS, { members: MEMBERS }, request)).cells(name)).toEqual(cells));

test('names are written as a table of aliases says; what is not in it stays', async () => {
  const { cells, session } = await beside(LOTS, { aliases: ALIASES }, 'write the site as the aliases table says: alias to site');
  expect(session.entries).toHaveLength(1);
  expect(await cells('Site')).toEqual(['Upper Teal', 'Heath Edge', 'Quarry', 'Upper Teal']);
});

test('rows are told by whether another table has them', async () => {
  const others = { members: MEMBERS };
  expect(await (await beside(LOTS, others, 'set aside the lots whose member is not in members')).cells('Lot')).toEqual(['L-1', 'L-2', 'L-4']);
  expect((await beside(LOTS, others, 'which members are not in the members table?')).session.answered?.rows).toEqual([['Nobody']]);
  const check = await beside(LOTS, others, 'every member must be in the members table');
  expect(check.session.entries.map((e) => e.sentence)).toEqual(['Check that ‹Member› stands under ‹Name› in the table "members".']);
  expect(check.kinds).toEqual({ fails: 1, untold: 1, holds: 2 });
});

test.each([
  ['Add ‹V› as the ‹Village› in the table "people" where ‹Name› is ‹Member›.', 'There is no table “people” beside this one. There is “members”.'],
  ['Add ‹V› as the ‹Town› in the table "members" where ‹Name› is ‹Member›.', 'There is no column “Town” in the table “members”.'],
])('%s is refused', async (request, message) => {
  const { answer } = await beside(LOTS, { members: MEMBERS }, request);
  expect(answer).toMatchObject({ outcome: 'cannot', message });
});

test('what a lookup finds is what a loop over the other table finds', async () => {
  const key = fc.constantFrom('a', 'A ', 'b', 'c', '');
  await fc.assert(
    fc.asyncProperty(fc.array(key, { minLength: 1, maxLength: 8 }), fc.array(fc.tuple(key, fc.integer({ min: 0, max: 3 })), { minLength: 1, maxLength: 8 }), async (keys, rows) => {
      const fold = (t: string): string => t.trim().toLowerCase();
      const { cells } = await beside(`K,X\n${keys.map((k) => `${k},1`).join('\n')}\n`, { other: `Key,N\n${rows.map((r) => r.join(',')).join('\n')}\n` }, 'Add ‹V› as the ‹N› in the table "other" where ‹Key› is ‹K›.', 'Add ‹T› as the sum of all ‹N› in the table "other" where ‹Key› is ‹K›.');
      const there = keys.map((k) => (fold(k) === '' ? [] : rows.filter(([o]) => fold(o) === fold(k)).map(([, n]) => n)));
      expect(await cells('V')).toEqual(there.map((n) => (new Set(n).size === 1 ? n[0]! : null)));
      expect(await cells('T')).toEqual(there.map((n) => (n.length ? n.reduce((a, b) => a + b, 0) : null)));
    }),
    { numRuns: 60 },
  );
});
