import { told } from '../../testing/told';

const TALKS = `Talk,Hall,Travel,Speaker
L1,Roof,24.50,Dr. Mona Hale
L2,Room 2,n/a,prof. Adam Pell
L3,Roof,12,"Tarn, Oskar"
`;

test.each<[string, string, readonly unknown[]]>([
  ['where travel says n/a put 0', 'Travel', ['24.50', '0', '12']],
  ['where the travel says n/a we paid nothing, so please put 0 there', 'Travel', ['24.50', '0', '12']],
  ['if the hall is Roof write Outside', 'Hall', ['Outside', 'Room 2', 'Outside']],
  ['take Dr. and Prof. off the front of the speakers\' names', 'Speaker', ['Mona Hale', 'Adam Pell', 'Tarn, Oskar']],
])('%s', async (request, column, cells) => {
  const { cells: now, text } = await told(TALKS, request);
  expect([text, await now(column)]).toEqual(['', cells]);
});

test('what stands in no cell is not put elsewhere: a missing hall is filled', async () => {
  expect((await told(TALKS.replace('L3,Roof', 'L3,'), 'if the hall is missing put Unknown')).sentences).toEqual(['Fill blanks in ‹Hall› with "Unknown".']);
});
