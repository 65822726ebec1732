import { beside } from '../../testing/beside';

const FILMS = 'Entry,Shot in,Mail,Jury note,Comment no\nF1,Lisbon,ada@gmail.com,"Warm, very moving.",1\nF2,cambridge,bim@northpier.example,"Flat jokes, we lost interest.",2\nF3,Upper Teal,,Seen twice on a screen.,3\nF4,Oslo,no address,Lovely but far too long.,4\nF5,Vienna,eli@web.de,,5\n';
const said = (request: string, others: Readonly<Record<string, string>> = {}) => beside(FILMS, others, request);
const sentence = async (request: string, others = {}): Promise<string | undefined> => (await said(request, others)).session.entries.at(-1)?.sentence;

test.each(['add the country each film was shot in', 'which country is each place in? New column please', 'Country: worked out from shot in', 'look up the country for every town in shot in'])('%s', async (request) => {
  expect(await sentence(request)).toBe('Add ‹Country› as the country of the place in ‹Shot in›.');
});

test('a town with namesakes wants a look, and one that is not known is left blank', async () => {
  const { cells, kinds } = await said('add the country each film was shot in');
  expect(await cells('Country')).toEqual(['Portugal', 'United Kingdom', null, 'Norway', 'Austria']);
  expect(kinds).toEqual({ done: 3, likely: 1, nameless: 1 });
});

test('where another table has the countries, they are looked up there, or it is asked', async () => {
  expect(await sentence('add the country of each town from towns', { towns: 'Town,Country\nLisbon,PT\nOslo,NO\nVienna,AT\nCambridge,UK\nUpper Teal,Teal\n' })).toBe('Add ‹Country› as the ‹Country› in the table "towns" where ‹Town› is ‹Shot in›.');
});

test.each(['did the jury like it? put good or bad next to each film, going by the jury note', 'classify the jury notes as good or bad', 'New column Tone from the jury note: good or bad'])('%s', async (request) => {
  const { session, cells } = await said(request);
  expect(await cells(session.table.columns.at(-1)!.name)).toEqual(['good', 'bad', null, 'good', null]);
});

test('what words tell both ways, or do not tell, comes first', async () => {
  expect((await said('label the jury note positive, negative or neutral')).kinds).toEqual({ felt: 2, torn: 1, wordless: 1, meant: 1 });
});

test('rows are chosen by how they sound', async () => {
  expect(await sentence('only films where the jury note is positive')).toBe('Keep rows where (the feeling in ‹Jury note›) is more than 0.');
  expect(await sentence('drop the films whose jury note sounds disappointed')).toBe('Set aside rows where (the feeling in ‹Jury note›) is less than 0.');
});

test('mail addresses of free services are told from those of organisations, and where there is none nothing is said', async () => {
  const { cells } = await said('is the mail at a free mail service or at a company of their own? Say free or company and call the column Sort, blank without an address');
  expect(await cells('Sort')).toEqual(['free', 'company', null, null, 'free']);
});
