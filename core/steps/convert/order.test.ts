import { told } from '../../testing/told';

const table = (...rows: string[]): string => `Lot,Sent,Paid\n${rows.map((r, i) => `L-${i},${r}`).join('\n')}\n`;

test('where a column does not show which comes first, the columns beside it do', async () => {
  const { cells } = await told(table('03/04/2025 x,12/25/2025 x', '05/06/2025,01/31/2025'), 'Turn ‹Sent› and ‹Paid› into dates.');
  expect(await cells('Sent')).toEqual(['03/04/2025 x', '2025-05-06']);
  expect(await cells('Paid')).toEqual(['12/25/2025 x', '2025-01-31']);
});

test('its own dates count more, and without any the day is first', async () => {
  const own = await told(table('23/04/2025,12/25/2025', '05/06/2025,01/31/2025', 'soon,later'), 'Turn ‹Sent› into dates.');
  expect((await own.cells('Sent')).slice(0, 2)).toEqual(['2025-04-23', '2025-06-05']);
  const none = await told(table('03/04/2025,n', '05/06/2025,m', 'x,o'), 'Turn ‹Sent› into dates.');
  expect((await none.cells('Sent')).slice(0, 2)).toEqual(['2025-04-03', '2025-06-05']);
});

test('what is said about the order counts before all', async () => {
  const { cells } = await told(table('03/04/2025,12/25/2025', '05/06/2025,01/31/2025', 'x,y'), 'Turn ‹Sent› into dates, the day before the month.');
  expect((await cells('Sent')).slice(0, 2)).toEqual(['2025-04-03', '2025-06-05']);
});
