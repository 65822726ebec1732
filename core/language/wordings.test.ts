import { told } from '../testing/told';

const RIDES = 'Ride,Rider,Start,End,From,To,Km,Fare,Voucher,Note\n1,"Olsen, Hanna",2026-05-02 08:00,2026-05-02 08:30,Docks,Old Town,4.2,3.45,SPRING,smooth; late\n2,"Maar, Piet",2026-05-04 09:00,2026-05-04 09:20,Old Town,Docks,2,2,,\n3,"Olsen, Hanna",2026-05-06 17:30,2026-05-06 18:30,Docks,Hill Park,9.6,0,,brake squeaks\n';
const read = async (request: string) => (await told(RIDES, request)).sentences.join(' ');

describe('what is said is read so', () => {
  test.each([
    ['rides from the docks', 'Keep rows where ‹From› is "Docks".'],
    ['rides to the docks', 'Keep rows where ‹To› is "Docks".'],
    ['rides per weekday', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Start› as the weekday of ‹Start›.'],
    ['average fare, leave zeros out', 'Answer ‹Average Fare› as the mean of ‹Fare› over the rows; only where ‹Fare› differs from 0.'],
    ['which riders came only once?', 'List each ‹Rider›; only where (the number of rows for each ‹Rider›) equals 1.'],
    ['keep the last ride of each rider', 'Keep the last row of each ‹Rider›.'],
    ['running total of km per rider', 'Add ‹Running total of Km› as the running total of ‹Km› for each ‹Rider›.'],
    ['fare per km in pence, whole numbers', 'Add ‹Fare per Km› as (‹Fare› divided by ‹Km›) times 100 rounded to 0 decimals.'],
    ['remove everything after the semicolon in note', 'Set ‹Note› to (the text before the first ";" in ‹Note›), or ‹Note› where it is blank.'],
    ['rename Start to Set off on and End to Arrived', 'Rename ‹Start› to ‹Set off on› and ‹End› to ‹Arrived›.'],
    ['let Note be the first column', 'Move ‹Note› to the front.'],
    ['what part of the rides used a voucher', 'Answer ‹Share %› as ((the sum of (if ‹Voucher› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
    ['rides that mention brake', 'Keep rows where ‹Note› mentions the word "brake".'],
    ['split Note at the semicolon into One and Two, trim both', 'Split ‹Note› at ";" into ‹One› and ‹Two›. In ‹One› and ‹Two›, trim outer spaces and reduce runs of spaces to one.'],
    ['get rid of spaces around the semicolon in note', 'Replace " ; ", " ;" or "; " in ‹Note› with ";".'],
  ])('%s', async (request, sentences) => expect(await read(request)).toBe(sentences));

  test('weekdays are those of the day of a row', async () => {
    const DAYS = 'Slot,Day,People\na,2026-05-01,3\nb,2026-05-04,5\nc,2026-05-06,2\n';
    expect((await told(DAYS, 'only Monday to Wednesday')).sentences).toEqual(['Keep rows where (the weekday of ‹Day›) is "Monday", "Tuesday" or "Wednesday".']);
    expect((await told(DAYS, 'how many people on Fridays')).sentences).toEqual(['Answer ‹Total People› as the sum of ‹People› over the rows; only where (the weekday of ‹Day›) is "Friday".']);
  });

  test('a percentage that is never below zero is one all the same', async () => {
    expect(await read('loss in percent: (fare - km) / fare, at least 0')).toContain('times 100');
  });
});

describe('what is asked for next is joined to what was asked before, or asked about', () => {
  test('a number and what follows it', async () => expect((await told('Lot,Kg,Bins\n1,,2\n2,5,1\n', 'fill the missing kg with 150 kg per bin')).outcome).toBe('question'));
  test('rows of rows need no joint', async () => expect((await told(RIDES, 'only rides from the docks that cost more than 1')).outcome).toBe('done'));
});
