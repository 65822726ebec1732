import { beside } from '../testing/beside';
import { told } from '../testing/told';

/* What comes out of whole requests, in the cells: dates and limits in cases, what a row is about, values held against each other. */

const PUPILS = `No,Pupil,Born,Team,Contact,Size,Cost,Budget,Seen,Remark,Score
P1,"  vale, INES ",2012-04-02,Reds,"ines@vale.example / 0711 44",M (140),80,100,Y,"nut allergy, glasses",5
P2,"brook, tobias",2014-11-19,Blues,0711 99,L (152),95,100,yes,,2
P3,"Fern, Ada",2013-06-30,Reds,,S,130,120,n,"allergic to dogs, tall",4
P4,"Marsh, Odile",2015-01-08,Blues,odile@marsh.example,M (141),60,,?,"new, no glasses yet",
P4,"Marsh, Odile",2015-01-08,Blues,odile@marsh.example,M (141),60,,?,"new, no glasses yet",
`;

const filled = (list: readonly unknown[]): readonly unknown[] => list.map((v) => (v === '' ? null : v));

describe('cells', () => {
  test.each<[string, string, readonly unknown[]]>([
    ['Group: born before 2013 is old, 2013 and 2014 middle, after that young', 'Group', ['old', 'middle', 'middle', 'young', 'young']],
    ['Term: spring for January to April, summer for May to August, otherwise autumn, by born', 'Term', ['spring', 'autumn', 'summer', 'spring', 'spring']],
    ['Flag: red if over budget, amber from 90% of the budget, green below', 'Flag', ['green', 'amber', 'red', null, null]],
    ['score as words: 1 and 2 poor, 3 fair, 4 good, 5 excellent', 'Score label', ['excellent', 'poor', 'good', null, null]],
    ['make a column Badge that looks like "Ines V." from the pupil', 'Badge', ['Ines V.', 'Tobias B.', 'Ada F.', 'Odile M.', 'Odile M.']],
    ['What is in brackets in size should be a number in a column of its own named Height', 'Height', [140, 152, null, 141, 141]],
    ['remove the size in brackets from Size', 'Size', ['M', 'L', 'S', 'M', 'M']],
    ['number of entries this team has made', 'Rows per Team', [2, 3, 2, 3, 3]],
    ['seen: just yes or no. a question mark means we do not know, so empty', 'Seen', [true, true, false, null, null]],
    ['the names have odd spaces and random capitals, please tidy them so that each word starts with a capital', 'Pupil', ['Vale, Ines', 'Brook, Tobias', 'Fern, Ada', 'Marsh, Odile', 'Marsh, Odile']],
    ['how much of the budget is used in %, no decimals', 'Cost per Budget %', [80, 95, 108, null, null]],
    ['Add Left, budget minus 10 >> no, minus 60 >> in percent of the budget', 'Left', [40, 40, 50, null, null]],
    ['Due = a quarter of the cost >> make it half', 'Due', [40, 47.5, 65, 30, 30]],
    ['how many words does each remark have', 'Words in Remark', [3, null, 4, 4, 4]],
  ])('%s', async (request, column, values) => {
    const { cells, text } = await told(PUPILS, ...request.split(' >> '));
    expect([text, filled(await cells(column))]).toEqual(['', values]);
  });
});

describe('rows', () => {
  test.each<[string, readonly string[]]>([
    ['those over budget', ['P3']],
    ['pupils born in 2014 or later', ['P2', 'P4', 'P4']],
    ['throw out everyone who was not seen', ['P1', 'P2', 'P4', 'P4']],
    ['only those with a score of 4 or better, and the ones without a score too', ['P1', 'P3', 'P4', 'P4']],
    ['pupils where somebody remarked', ['P1', 'P3', 'P4', 'P4']],
    ['Odile Marsh is in there twice, keep just the first', ['P1', 'P2', 'P3', 'P4']],
    ['sort by born >> the newest first', ['P4', 'P4', 'P2', 'P3', 'P1']],
    ['youngest first', ['P4', 'P4', 'P2', 'P3', 'P1']],
    ['only the reds >> by cost >> the most first', ['P3', 'P1']],
  ])('%s', async (request, pupils) => {
    const { cells, text } = await told(PUPILS, ...request.split(' >> '));
    expect([text, await cells('No')]).toEqual(['', pupils]);
  });
});

describe('is asked about, and nothing is done', () => {
  test.each([
    'join pupil and team as "Ivo Tarn (Reds)" in a column Label',
    'turn the cost into dates',
    'price per kg',
    'what is the sum of the contact numbers',
    'keep score over 3 and without a score',
  ])('%s', async (request) => expect((await told(PUPILS, request)).text).not.toBe(''));
});

const BUNCHES = 'Order,Bunch,Stems,Price\nA,wild meadow,20,40\nB,Tulip box,30,35\nC,Rose classic,12,39\n';
const RANGE = 'Name,Stems,Cost,From\nWild Meadow,20,18,Ode\nTulip Box,30,11,Lind\nRose Classic,12,14,Lind\n';

test('tables are tied by what things are called, not by a measure that both have', async () => {
  const { session } = await beside(BUNCHES, { range: RANGE }, 'add the cost');
  expect(session.entries.map((e) => e.sentence)).toEqual(['Add ‹Cost› as the ‹Cost› in the table "range" where ‹Name› is ‹Bunch›.']);
});

test('a key of the same name whose values are written otherwise there leaves no other tie', async () => {
  const { answer } = await beside('Visit,Place,Host\n1,Barn (Skell),Tarn\n2,Mill (Orby),Vale\n', { places: 'Place,Heated,Host\nBarn,no,Vale\nMill,yes,Tarn\nBoat,no,Tarn\n' }, 'add heated from places');
  expect(answer.outcome).not.toBe('done');
});

test('two values of a row are held against each other, and blanks are neither', async () => {
  const { cells, text } = await told('Slip,Gross,Tare,Net\nA,100,40,60\nB,100,40,55\nC,,40,60\n', 'check net against gross minus tare, ok or wrong');
  expect([text, filled(await cells('Net label'))]).toEqual(['', ['ok', 'wrong', null]]);
});
