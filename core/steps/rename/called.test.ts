import { told } from '../../testing/told';

const TALKS = 'Talk,Hall,Recording,Came\nL1,Roof,yes,12\nL2,Room 2,no,40\n';
const namesAfter = async (...requests: string[]): Promise<string[]> => (await told(TALKS, ...requests)).session.table.columns.map((c) => c.name);

test.each<[string, readonly string[]]>([
  ['put Recording right after Talk and call it Recorded', ['Talk', 'Recorded', 'Hall', 'Came']],
  ['Recording into yes/no is fine, but call the column Recorded', ['Talk', 'Hall', 'Recorded', 'Came']],
  ['rename Came to Visitors and Hall to Room', ['Talk', 'Room', 'Recording', 'Visitors']],
  ['Came should be called Visitors', ['Talk', 'Hall', 'Recording', 'Visitors']],
])('%s', async (request, names) => expect(await namesAfter(request)).toEqual(names));

test('a name is not given twice, and nothing is called so that was not spoken of', async () => {
  expect(await namesAfter('rename Came to Hall')).toEqual(['Talk', 'Hall', 'Recording', 'Came']);
  expect(await namesAfter('call it Recorded')).toEqual(['Talk', 'Hall', 'Recording', 'Came']);
});
