import type { CheckedHead } from '../formula/check';
import { keptForHead } from './kept';

const head = (): CheckedHead => ({ name: 'boxes', columns: [] });

test('what is kept is made once for each head and key, also where it is nothing', () => {
  const kept = keptForHead<number | null>();
  const [one, other] = [head(), head()];
  const made: string[] = [];
  const ask = (h: CheckedHead, key: string, value: number | null): number | null => kept(h, key, () => { made.push(key); return value; });
  expect([ask(one, 'a', 1), ask(one, 'a', 2), ask(one, 'b', null), ask(one, 'b', 3), ask(other, 'a', 4), ask(one, 'a', 5)]).toEqual([1, 1, null, null, 4, 1]);
  expect(made).toEqual(['a', 'b', 'a']);
});

test('a head with more keys than are kept begins anew', () => {
  const kept = keptForHead<number>(2), own = head();
  let made = 0;
  for (const key of ['a', 'b', 'c', 'a', 'd', 'a']) kept(own, key, () => ++made);
  expect(made).toBe(5);
});
