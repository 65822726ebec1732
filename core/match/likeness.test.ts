import { nearestSpelling } from './likeness';

const SUPPLIERS = ['Vardyke', 'Ossmere', 'Trellin & Sons'];
test.each([
  ['Var Dyke', 'Vardyke'], ['VARDYKE', 'Vardyke'], ['Vardyk', 'Vardyke'], ['ossmere ', 'Ossmere'], ['Osmere', 'Ossmere'], ['Trellin and Sons', 'Trellin & Sons'], ['Trelin & Sons', 'Trellin & Sons'],
])('%s is meant to be %s', (text, spelling) => expect(nearestSpelling(text, SUPPLIERS)).toBe(spelling));
test.each(['Petrel', '', ' - ', 'Var'])('%j is like none of them', (text) => expect(nearestSpelling(text, SUPPLIERS)).toBeNull());
test('what is as near to one as to another is left', () => expect(nearestSpelling('Noreh', ['Noren', 'Norel'])).toBeNull());
test('yes and no are known in their usual forms', () => expect(['Y', 'n', 'TRUE', 'nope', '1'].map((t) => nearestSpelling(t, ['yes', 'no']))).toEqual(['yes', 'no', 'yes', 'no', 'yes']));
test.each([['VARDYKE ltd', 'Vardyke'], ['Trellin', 'Trellin & Sons']])('a legal form does not count, and %s may be the beginning of just one', (text, spelling) => expect(nearestSpelling(text, SUPPLIERS)).toBe(spelling));
test('the beginning of two is neither', () => expect(nearestSpelling('North', ['North Quay', 'North Gate'])).toBeNull());
