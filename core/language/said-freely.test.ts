import { beside } from '../testing/beside';

/* What one table of lots is told in many words, and what comes of it: the sentences, and the cells where they tell more. */

const LOTS = `Lot,Keeper,E-mail,Picked up,Brought in,Honey,Code,Kg,Paid,Weighings,Attended,Jar,Remark
L-1,"Dr. Fern, Ada",ada@hive.example,2026-03-02 08:00,2026-03-02 09:30,heather,HE-101,12.5,0,4,4,45 s,Booster given
L-2,"Brook, Tobias",,2026-03-03 10:00,,linden,CL-205,8,20,4,1,0:30,
L-3,"Ms Marsh, Odile",odile@hive.example,2026-03-04 11:15,2026-03-04 12:00,heather,HE-310,-3,35,4,3,1 min,Moved because of fog
L-4,"Vale, Ines",ines@hive.example,2026-03-05 07:30,2026-03-05 08:10,clover,CL-007,40,0,4,,20 s,
`;
const said = async (...requests: string[]) => {
  const { session, cells } = await beside(LOTS, {}, ...requests);
  return { sentences: session.entries.map((e) => e.sentence), cells, answered: session.answered };
};

test.each([
  ['empty paid where it is 0', 'Set ‹Paid› to blank, only where ‹Paid› equals 0.'],
  ['a 0 in paid should be blank', 'Set ‹Paid› to blank, only where ‹Paid› equals 0.'],
  ['drop the negative kg', 'Set aside rows where ‹Kg› is less than 0.'],
  ['HE and CL codes only', 'Keep rows where ‹Code› starts with "HE" or "CL".'],
  ['only where the jar is 45 seconds or more', 'Keep rows where (‹Jar› measured in "s") is at least 45.'],
  ['lots without an e-mail or a remark', 'Keep rows where ‹E-mail› is blank or else ‹Remark› is blank.'],
  ["get rid of what's linden and anything with fewer than 2 weighings attended", 'Set aside rows where ‹Honey› is "linden" or else ‹Attended› is less than 2.'],
  ['the remark goes to the very front', 'Move ‹Remark› to the front.'],
  ["the e-mail isn't needed, neither is the remark", 'Drop ‹E-mail› and ‹Remark›.'],
  ['Strip the letters from the code so that only the digits are left', 'Remove all everything but digits from ‹Code›.'],
  ['code: flower before the dash into Flower, what follows into Number', 'Split ‹Code› at the first "-" into ‹Flower› and ‹Number›.'],
  ['for every honey keep the most recent lot', 'Keep 1 row with the highest ‹Picked up› for each ‹Honey›.'],
  ['only the lots of February and March 2026', 'Keep rows where [‹Picked up› is at least the date "2026-02-01" and ‹Picked up› is at most the date "2026-02-28"] or else [‹Picked up› is at least the date "2026-03-01" and ‹Picked up› is at most the date "2026-03-31"].'],
  ['lots picked up between 3 March and 4 March, both included', 'Keep rows where ‹Picked up› is at least the date "2026-03-03" and ‹Picked up› is at most the date "2026-03-04".'],
  ['rename Jar to Running time and Keeper to Person in charge', 'Rename ‹Jar› to ‹Running time› and ‹Keeper› to ‹Person in charge›.'],
  ['each honey only once, the last lot of it in the list stays', 'Keep the last row of each ‹Honey›.'],
  ['where there is no remark write n/a', 'Fill blanks in ‹Remark› with "n/a".'],
])('%s', async (request, sentence) => expect((await said(request)).sentences).toEqual([sentence]));

test.each<[string, string, unknown[]]>([
  ['year, month and day of the pick-up in three columns', 'Picked up day', [2, 3, 4, 5]],
  ['minutes from pick-up to brought in', 'Minutes from Picked up to Brought in', [90, null, 45, 40]],
  ['does the remark say a booster was given? yes or no in a column Booster', 'Booster', ['yes', 'no', 'no', 'no']],
  ['Size: long if the jar is 45 seconds or more, otherwise short', 'Size', ['long', 'short', 'long', 'short']],
  ['from the picked up I want the date and the hour in two columns', 'Picked up hour', [8, 10, 11, 7]],
  ['Busy: yes if more than 3 weighings were needed, otherwise no', 'Busy', ['yes', 'yes', 'yes', 'yes']],
  ['Heavy: yes if more than 10 kg were used, otherwise no', 'Heavy', ['yes', 'no', 'no', 'yes']],
  ['Payment: part if something was paid, otherwise none', 'Payment', ['none', 'part', 'part', 'none']],
  ['mark returns: yes if the kg is negative', 'Returns', ['no', 'no', 'yes', 'no']],
  ['the surname of the keeper alone in a new column', 'Surname', ['Fern', 'Brook', 'Marsh', 'Vale']],
  ['add a column Who, first name first', 'Who', ['Ada Fern', 'Tobias Brook', 'Odile Marsh', 'Ines Vale']],
  ['short name for each keeper, e.g. "Ms Marsh, Odile" should become "O. Marsh"', 'Keeper rewritten', ['A. Fern', 'T. Brook', 'O. Marsh', 'I. Vale']],
  ['how much more or less was paid than in the row before?', 'Paid minus row above Paid', [null, 20, 15, -35]],
])('%s: %s', async (request, name, cells) => {
  const made = await said(request);
  expect(await made.cells(name)).toEqual(cells);
});

test('what was calculated is rounded where whole numbers are asked for, and not cut to none', async () => {
  const { cells } = await said('Add attended divided by weighings and call it Share', 'as a percentage', 'whole numbers please');
  expect(await cells('Share')).toEqual([100, 25, 75, null]);
});

test('another column is not looked through for a value it does not hold', async () => {
  expect((await said('only heather', 'and with a remark')).sentences).toEqual(['Keep rows where ‹Honey› is "heather".', 'Keep rows where ‹Remark› is filled.']);
});

test('a bound in percent is asked about where the column is no share', async () => {
  expect((await said('Rate: good from 80 percent attendance, fair from 50 percent, poor below that')).sentences).toEqual([]);
});

test('a firm is meant in every legal form; a column is found by its name with a hyphen in another table, too', async () => {
  const spots = 'Spot,Client\nS1,Harbour Motors Ltd\nS2,HARBOUR MOTORS\nS3,Pine Street\n', clients = 'Name,E-mail\nHarbour Motors Ltd,a@b.example\nPine Street,p@b.example\n';
  expect(await (await beside(spots, {}, 'only harbour motors')).cells('Spot')).toEqual(['S1', 'S2']);
  expect((await beside(spots, { clients }, 'add the e-mail from clients')).session.entries.map((e) => e.sentence)).toEqual(['Add ‹E-mail› as the ‹E-mail› in the table "clients" where ‹Name› is ‹Client›.']);
});

test('rows of another table are counted where their number is calculated with, and both values are shown where they are compared', async () => {
  const courses = 'Code,Seats,Fee\nE1,3,10\nE2,1,20\n', enrolments = 'No,Course code,Fee\n1,E1,10\n2,E2,25\n3,E2,20\n';
  expect(await (await beside(courses, { enrolments }, 'Free: seats minus enrolments')).cells('Free')).toEqual([2, -1]);
  expect((await beside(courses, { enrolments }, 'keep courses with more enrolments than seats')).session.entries.at(-1)?.report.rowsOut).toBe(1);
  // Nothing is said to become of them: they are an answer.
  const asked = await beside(courses, { enrolments }, 'courses with more enrolments than seats');
  expect([asked.session.entries, asked.session.answered?.rows]).toEqual([[], [['E2']]]);
  const compared = await beside(enrolments, { courses }, 'Compare the fee here with the fee in courses and show the ones that differ, both fees side by side');
  expect(compared.session.answered?.rows).toEqual([[2, 25, 20]]);
  const kept = await beside(enrolments, { courses }, 'Compare the fee here with the fee in courses and keep the ones that differ, both fees side by side');
  expect([await kept.cells('Fee'), await kept.cells('Fee in courses')]).toEqual([[25], [20]]);
});
