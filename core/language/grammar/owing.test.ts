import { told } from '../../testing/told';

const DUES = `Member,Fee,Paid,Joined
Ada Corr,40,40,2025-02-01
Sol Brandt,60,20,2025-03-01
Hugo Fane,60,,2025-03-09
Lea Holt,80,80,2025-04-02
`;

test.each<[string, readonly string[]]>([
  ['who still owes us something?', ['Sol Brandt', 'Hugo Fane']],
  ['does anyone owe us more than 50', ['Hugo Fane']],
])('%s', async (request, members) => {
  const { cells, text } = await told(DUES, request);
  expect([text, await cells('Member')]).toEqual(['', members]);
});
