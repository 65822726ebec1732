import { remembered } from './remembered';

test('each text is looked into once, also where nothing is found, until there are too many', () => {
  const asked: string[] = [];
  const find = remembered((text) => { asked.push(text); return text === 'b' ? null : text.length; }, 2);
  expect(['a', 'b', 'b', 'a', 'c', 'a'].map(find)).toEqual([1, null, null, 1, 1, 1]);
  expect(asked).toEqual(['a', 'b', 'c', 'a']);
});
