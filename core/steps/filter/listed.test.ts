import { told } from '../../testing/told';

const LOTS = `Lot,Wood,Grade,Sold,Moisture,Boards,Room,Note
T1,oak,A,2026-01-09,11 %,40,40,kiln dried
T2,Oak,B,,14 %,55,60,sold out soon
T3,ash,A,2026-01-15,12 %,80,90,
T4,larch,C,2026-05-05,18 %,60,60,damage by fog
T5,larch,B,2026-06-20,wet,45,50,fog
`;

/* Which rows are meant, said as briefly as notes are, or with a reason beside. */
test.each<[string, readonly string[]]>([
  ['oak or ash, grade A or B, still unsold', ['T2']],
  ['kiln dried lots under 12 % moisture', ['T1']],
  ['lots with more than 70 boards or a full rack (boards = room)', ['T1', 'T3', 'T4']],
  ['sold before February 2026 or without a date', ['T1', 'T2', 'T3']],
  ['keep those from May 5 on', ['T4', 'T5']],
  ['sold May 5 and later', ['T4', 'T5']],
  ['keep the foggy ones', ['T4', 'T5']],
  ['grade B ones worth over 50 boards', []],
])('%s', async (request, lots) => {
  const { cells, text } = await told(LOTS, request);
  if (lots.length > 0) expect([text, await cells('Lot')]).toEqual(['', lots]);
  else expect(text).not.toBe('');
});

test('what is sold out is not put out, and a day without its year is asked for where the years differ', async () => {
  expect((await told(LOTS, 'the sold out ones')).sentences.join(' ')).not.toMatch(/Set aside|Drop/);
  expect((await told(LOTS.replace('2026-01-09', '2025-01-09'), 'keep those from May 5 on')).sentences).toEqual([]);
});
