import { told } from '../../testing/told';

const GUESTS = `No,Guest,Nights,Price
1,"LIND, nora",3,60
2,Rolf Ode,1,25
3,"Corr, Ada",5,90
4,Rolf Ode,2,45
`;

test.each<[string, readonly string[]]>([
  ['guest names come in two orders, I want first name then surname, with capitals', ['Nora Lind', 'Rolf Ode', 'Ada Corr', 'Rolf Ode']],
  ['guests with a comma are written surname first, turn them round', ['nora LIND', 'Rolf Ode', 'Ada Corr', 'Rolf Ode']],
])('%s', async (request, names) => {
  const { cells, text } = await told(GUESTS, request);
  expect([text, await cells('Guest')]).toEqual(['', names]);
});

test.each<[string, readonly number[]]>([
  ['the two dearest guests', [1, 3]],
  ['delete the two cheapest rows', [1, 3]],
  ['keep only guests with more than one row', [2, 4]],
  ['remove the row with the highest price', [1, 2, 4]],
])('%s', async (request, rows) => {
  const { cells, text } = await told(GUESTS, request);
  expect([text, await cells('No')]).toEqual(['', rows]);
});
