import { told } from '../../testing/told';

const LOTS = 'Lot,Delivered,Kg\nL-1,2025-05-03,3\nL-2,2025-08-03,4\n';
const PAID = 'Lot,Delivered,Paid\nL-1,2025-05-03,2025-06-01\nL-2,2025-08-03,2025-10-09\n';

test('the start of the financial year is said once and counts for what is said later', async () => {
  const said = await told(LOTS, 'our financial year starts in July', 'add the financial year of delivered');
  expect(said.sentences).toEqual(['Add ‹Financial year of Delivered› as the financial year from July of ‹Delivered›.']);
  expect(await said.cells('Financial year of Delivered')).toEqual(['2024/25', '2025/26']);
  const inPassing = await told(PAID, 'add the financial year of Delivered (starts in October)', 'add the financial year of Paid');
  expect(inPassing.sentences.join()).toContain('from October');
  expect((await told(LOTS, 'add the financial year of Delivered')).sentences.join()).toContain('from April');
});
