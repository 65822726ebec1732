import { beside } from '../testing/beside';
import { told } from '../testing/told';

/* Trips of boats, with the boats beside them: what is made and spoken of again, other spellings, what is read off, and what another table limits. */

const TRIPS = `Trip,Day,Route,Boat,Scheduled,Departed,Arrived,Cars,Passengers,Skipper,Meter Start,Meter End,Rate/night,Pier,Status,Price,Log
T1,2026-05-02,Harth - Skell,Petrel,07:30,07:34,08:16,31,112,"Rowe, Ina",100,130,88,North Quay,done,20,calm
T2,2026-05-02,Skell - Harth,Petrel,09:00,09:00,09:41,18,64,"Rowe, Ina",130,150,88,northquay,done,,late bus; waited
T3,2026-05-03,Harth - Orrin,Gannet,08:15,08:47,10:02,12,110,D. Marl,40,35,76,South Quay,done,30,"engine alarm, delayed 32 min"
T4,2026-05-03,Orrin - Harth,Tern,16:00,,,0,0,,,,60,South Quay,cancelled,,gale warning
`;
const BOATS = `Name,Car capacity,Passenger limit,Built,Price,Open deck
Petrel,34,150,1998-04-01,25,yes
Gannet,10,100,2006-09-15,28,no
Skua,18,80,2012-03-01,22,no
`;

const trips = async (request: string): Promise<readonly (string | null)[] | string> => {
  const { text, cells } = await told(TRIPS, ...request.split(' >> '));
  return text === '' ? (await cells('Trip')).map((v) => v as string) : text;
};
const made = async (name: string, request: string): Promise<readonly unknown[] | string> => {
  const { text, cells } = await told(TRIPS, ...request.split(' >> '));
  return text === '' ? (await cells(name)).map((v) => (v === '' ? null : v)) : text;
};

describe('which rows are meant', () => {
  test.each([
    ['only trips to Skell', ['T1']],
    ['trips from Harth', ['T1', 'T3']],
    ['only North Quay', ['T1', 'T2']],
    ['only North Quay, however it is spelt', ['T1', 'T2']],
    ['cancellations only', ['T4']],
    ['departures more than ten minutes late', ['T3']],
    ['where the log mentions gale or alarm', ['T3', 'T4']],
    ['trips that departed at or after 8:30', ['T2', 'T3']],
  ])('%s', async (request, rows) => expect(await trips(request)).toEqual(rows));

  test('people who did something are rows, and no column goes for them', async () => {
    const { session } = await told(TRIPS, 'remove those who paid');
    expect(session.table.columns.some((c) => c.name === 'Price')).toBe(true);
  });
});

describe('what is calculated', () => {
  test.each([
    ['Late', 'add Late: departed minus scheduled', [4, 0, 32, null]],
    ['Late', 'add Late, departed minus scheduled >> only those over 10', [32]],
    ['Run', 'meter used, call it Run', [30, 20, -5, null]],
    ['Run', 'Run: meter end minus meter start, blank if negative', [30, 20, null, null]],
    ['Run', 'Run: meter end minus meter start >> negative ones should be 0', [30, 20, 0, null]],
    ['Total', 'Fee: 5 if there are more than 20 cars, otherwise 2, and Total = fee + cars', [36, 20, 14, 2]],
    ['Delay in min', 'take the delay in minutes out of the log', [null, null, 32, null]],
    ['Trip no', 'add Trip no: number of the trip within its boat', [1, 2, 1, 1]],
    ['Points', 'Points: Petrel 1, Gannet 2, Tern 3', [1, 1, 2, 3]],
  ])('%s of: %s', async (name, request, values) => expect(await made(name, request)).toEqual(values));

  test.each([
    ['Pier', 'north quay should be written North Quay', ['North Quay', 'North Quay', 'South Quay', 'South Quay']],
    ['Log', 'keep what is before the first comma or semicolon in log', ['calm', 'late bus', 'engine alarm', 'gale warning']],
    ['Skipper', '"Rowe, Ina" should read "Ina Rowe" in skipper; those without a comma stay as they are', ['Ina Rowe', 'Ina Rowe', 'D. Marl', null]],
  ])('%s: %s', async (name, request, values) => expect(await made(name, request)).toEqual(values));
});

test('a rate by the night is no number of nights', async () => {
  const { text } = await told(TRIPS, 'total nights per boat');
  expect(text).not.toBe('');
});

describe('beside another table', () => {
  const rows = async (request: string): Promise<readonly unknown[]> => (await beside(TRIPS, { boats: BOATS }, request)).chosen('Trip');
  test.each([
    ['trips with more cars than the boat can take', ['T3']],
    ['trips over the passenger limit', ['T3']],
    ['trips of boats built before 2000', ['T1', 'T2']],
    ['trips by boats not on the boats list', ['T4']],
    ['trips of boats with an open deck', ['T1', 'T2']],
  ])('%s', async (request, kept) => expect(await rows(request)).toEqual(kept));

  test('blanks are filled with what it says, and what is there stays', async () => {
    const { cells } = await beside(TRIPS, { boats: BOATS }, 'fill in missing prices from the boats table');
    expect(await cells('Price')).toEqual([20, 25, 30, null]);
  });

  test('how old a boat was on the day', async () => {
    const { session, cells } = await beside(TRIPS, { boats: BOATS }, 'how old was the boat on the day of the trip, in full years');
    expect(await cells(session.head.columns.at(-1)!.name)).toEqual([28, 28, 19, null]);
  });

  test('boats without a trip', async () => {
    const { chosen } = await beside(BOATS, { trips: TRIPS }, 'boats without any trip');
    expect(await chosen('Name')).toEqual(['Skua']);
  });
});

describe('is asked about, not done', () => {
  test.each([
    'Status should be done, moved or off, and empty means off, or not',
    'how many minutes over scheduled in total?',
    'loads heavier than ten tonnes of cars',
  ])('%s', async (request) => expect((await told(TRIPS, request)).outcome).not.toBe('done'));
});
