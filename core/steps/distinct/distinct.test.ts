import fc from 'fast-check';
import { stayingFor } from '../run';
import { told } from '../../testing/told';

const VISITS = 'Member,Mail,Visited,Kg\nAda Fern,ada@hive.example,2025-03-01,12\nAda Fern,ada@hive.example,2025-05-01,\nBen Comb,ben@hive.example,2025-02-01,7\nAda Fearn,ada@hive.example,2025-04-01,3\n';

test.each([
  ['remove duplicate members', ['2025-03-01', '2025-02-01', '2025-04-01']],
  ['dedupe on Member keep the fullest', ['2025-03-01', '2025-02-01', '2025-04-01']],
  ['remove duplicates by mail, keep the most recent one', ['2025-05-01', '2025-02-01']],
  ['remove duplicates by mail, keep the oldest', ['2025-03-01', '2025-02-01']],
  ['set aside near duplicates by member and mail, keep the newest', ['2025-05-01', '2025-02-01']],
])('%s', async (request, visited) => expect(await (await told(VISITS, request)).cells('Visited')).toEqual(visited));

test('what is alike but not the same comes first, and every row set aside says which one stays', async () => {
  const { session, kinds } = await told(VISITS, 'set aside near duplicates by member and mail, keep the newest');
  expect(kinds).toEqual({ near: 1, repeat: 1, kept: 1, single: 1 });
  const stays = session.entries.at(-1)!.report.stays!;
  expect([0, 1, 2, 3].map((p) => stayingFor(stays, p))).toEqual([1, null, null, 1]);
});

test('each row that is set aside is linked to the row of its group that stays', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(fc.tuple(fc.constantFrom('A', 'B', 'C'), fc.integer({ min: 1, max: 9 })), { minLength: 1, maxLength: 12 }), fc.constantFrom('first row', 'last row', 'row with the highest ‹N›'), async (rows, keep) => {
      const { session } = await told(`K,N\n${rows.map((r) => r.join(',')).join('\n')}\n`, `Keep the ${keep} of each ‹K›.`);
      const stays = session.entries.at(-1)!.report.stays!;
      const left = session.table.rows!;
      rows.forEach(([k], p) => {
        const stay = stayingFor(stays, p);
        expect(stay === null).toBe(left.includes(p));
        if (stay !== null) expect([left.includes(stay), rows[stay]![0]]).toEqual([true, k]);
      });
    }),
    { numRuns: 40 },
  );
});
