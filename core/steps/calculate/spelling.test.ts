import { beside } from '../../testing/beside';

const SHOWINGS = 'Showing,Film,Seats\nS1,"Lantern Thief, The",40\nS2,Last Post Box,20\nS3,Pigeon Parliament,5\nS4,The Borowed Piano,9\nS5,Owl Streat,9\nS6,,1\n';
const ENTRIES = 'Entry,Title,Director\nE1,The Lantern Thief,Ada Fern\nE2,The Last Postbox,Yusuf Amari\nE3,The Borrowed Piano,Eli Vale\nE4,Owl Street,Odile Marsh\nE5,Owl Streit,Bram Reed\n';
const MEMBERS = 'Member,Name\nM1,"Fern, Ada"\nM2,"Brook, Tobias"\nM3,"Marsh, Odile"\nM4,"Hollow, Bram"\n';
const VISITS = 'Visit,Keeper,Hives\nV1,Ada Fern,3\nV2,Tobias Brooke,2\nV3,Tobias Brook,4\nV4,Odille Marsh,1\nV5,Tobias Brook,1\n';

test('names are found in another spelling where that is said; what is found so, not at all, or could be two, comes first', async () => {
  const { cells, kinds, session } = await beside(SHOWINGS, { entries: ENTRIES }, 'add the director of each film from the entries. The titles are not quite the same there, so match them loosely');
  expect(session.entries.map((e) => e.sentence)).toEqual(['Add ‹Director› as the ‹Director› in the table "entries" where ‹Title› is spelled like ‹Film›.']);
  expect(await cells('Director')).toEqual(['Ada Fern', 'Yusuf Amari', null, 'Eli Vale', null, null]);
  expect(kinds).toEqual({ spelled: 3, unmatched: 1, several: 1, blank: 1 });
});

test('where it is not said, it is asked', async () => {
  const { answer } = await beside(SHOWINGS, { entries: ENTRIES }, 'add the director of each film from the entries');
  expect(answer.outcome === 'question' && answer.choices.map((c) => c.sentences.join(' '))).toEqual(['Add ‹Director› as the ‹Director› in the table "entries" where ‹Title› is spelled like ‹Film›.']);
});

test.each([
  ['how often was each member visited? names may be misspelt', 'Number of visits', [1, 3, 1, 0]],
  ['Add ‹All› as the sum of all ‹Hives› in the table "visits" where ‹Keeper› is spelled like ‹Name›.', 'All', [3, 7, 1, null]],
  ['New column Seen: yes if the name turns up in visits, otherwise no. the surname comes first here', 'Seen', ['yes', 'yes', 'yes', 'no']],
])('%s', async (request, name, cells) => expect(await (await beside(MEMBERS, { visits: VISITS }, request)).cells(name)).toEqual(cells));

test('what no spelling of stands in the other table is listed, by another column where that is asked for', async () => {
  const { session } = await beside(MEMBERS, { visits: VISITS }, 'which members were never visited? one or two letters can be wrong. their member numbers please');
  expect(session.answered?.rows).toEqual([["M4"]]);
});

test('that spellings differ is no order where nothing is looked for', async () => {
  expect((await beside(MEMBERS, { visits: VISITS }, 'drop the name, the spelling differs')).session.entries).toHaveLength(0);
});
