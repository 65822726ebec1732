import * as workspaces from './workspaces';
import * as rows from './rows';
import * as proofs from './proofs';
import * as readings from './readings';
import * as review from './review';
import { ownDatabase } from './testing/database';
import { exact } from './testing/kit';
import * as server from './testing/kit';

ownDatabase('kulfi_beside');

const LOTS = 'Lot,Flower,Kg\nL-1,Clover,10\nL-2,Heather,4\nL-3,Moss,1\n';
const PRICES = 'Flower,Price\nClover,9.5\nHeather,11\n';

test('a sentence looks into another table of the workspace, as it is when it runs', async () => {
  const lots = await server.bring(LOTS, 'lots');
  const prices = await server.bringInto(lots.workspaceId, PRICES);
  const { answer } = await readings.readInWorkspace(lots.workspaceId, lots.tableId, 'add the price of each flower from more lots');
  expect(answer.outcome === 'done' && answer.reading.sentences).toEqual(['Add ‹Price› as the ‹Price› in the table "more lots" where ‹Flower› is ‹Flower›.']);
  const plans = answer.outcome === 'done' ? answer.reading.plans : [];
  const { tables, version } = await workspaces.viewWorkspace(lots.workspaceId);
  const [proof] = await proofs.prove(tables[0]!.stateId, plans, 'all');
  expect(proof!.kinds.map((k) => [k.key, k.rows])).toEqual([['unmatched', 1], ['done', 2]]);
  await workspaces.keepRequest({ workspaceId: lots.workspaceId, tableId: lots.tableId, version, request: 'price', plans, corrects: false, holds: [] });
  expect(await server.column(lots, 'Price')).toEqual([9.5, 11, null]);
  // What is changed there counts for what is said next.
  await server.keep(prices, 'Set ‹Price› to ‹Price› times 2.');
  await server.keep(lots, 'Add ‹Value› as ‹Kg› times (the ‹Price› in the table "more lots" where ‹Flower› is ‹Flower›).');
  expect(await server.column(lots, 'Value')).toEqual([190, 88, null]);
  expect(await server.column(lots, 'Price')).toEqual([9.5, 11, null]);
  const { brief } = await workspaces.viewWorkspace(lots.workspaceId);
  expect((await rows.workedFor(lots.workspaceId, brief.at(-1)!.key, 0)).join(' ')).toContain('190');
});

test('a check against another table is looked at again when that one changes', async () => {
  const lots = await server.bring(LOTS, 'lots');
  const prices = await server.bringInto(lots.workspaceId, PRICES);
  await server.keep(lots, 'Check that ‹Flower› stands under ‹Flower› in the table "more lots".');
  const failing = async (): Promise<number> => { const { entries, states } = await workspaces.currentStates(lots.workspaceId); return [...(await review.checksNow(entries, states)).values()][0]!.kinds.find((k) => k.key === 'fails')?.rows ?? 0; };
  expect(await failing()).toBe(1);
  await server.keep(prices, 'Set aside rows where ‹Flower› is "Heather".');
  expect(await failing()).toBe(2);
});

test('without the other table the sentence cannot run, and says so', async () => {
  const lots = await server.bring(LOTS, 'lots');
  await expect(server.keep(lots, 'Add ‹Price› as the ‹Price› in the table "prices" where ‹Flower› is ‹Flower›.')).rejects.toThrow('no table “prices”');
  await expect(proofs.prove((await workspaces.viewWorkspace(lots.workspaceId)).tables[0]!.stateId, [exact('Keep rows where ‹Flower› stands under ‹Flower› in the table "prices".')], 'all')).rejects.toThrow('no table “prices”');
});
