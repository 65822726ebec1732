import { judge } from '../testing/cases';
import { bytesOf, keptCases, keptSpoken } from '../testing/kept';

const cases = new Map(keptCases().map((c) => [c.id, c]));

describe.each(['clean', 'split', 'columns', 'rows', 'metric', 'question', 'dialogue', 'refuse'])('%s in other words', (category) => {
  const own = keptSpoken().filter((s) => cases.get(s.case)!.category === category).map((s) => [s.say.join(' / '), s] as const);

  test.each(own)('%s', async (_, { case: id, say, understood }) => {
    const one = cases.get(id)!;
    const { verdict } = await judge(one, bytesOf(one), say);
    // Asked about today is no promise; carried out wrongly is a defect.
    expect(understood ? verdict : verdict === 'wrong').toBe(understood ? 'right' : false);
  });
});
