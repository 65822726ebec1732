import { headWithGlances } from '../steps/run';
import type { CheckedHead } from '../formula/check';
import { readExact } from '../steps/registry';
import { csvTable } from '../testing/tables';
import { complete } from './completion';
import { EXAMPLE_TABLE } from './examples';
import { learn, recall } from './lessons';
import { vocabularyOf } from './mentions';
import { proposals } from './proposals';
import { NO_MEMORY, readRequest } from './read';

/* Completion, proposals and learnt wordings: what helps a person to the sentence they need. */

let head: CheckedHead;
beforeAll(async () => {
  head = await headWithGlances(await csvTable(EXAMPLE_TABLE, 'deliveries'));
});
const shown = (request: string): string[] => complete(request, head).map((c) => c.shown);

describe('completion', () => {
  test('an empty line offers ways to begin', () => expect(shown('')).toContain('split'));
  test('a half-typed column is completed, marked so that it is certain', () => {
    const [first] = complete('split bee', head);
    expect(first).toEqual({ from: 6, text: '‹Beekeeper› ', shown: 'Beekeeper', sort: 'column' });
  });
  test('after a column of texts and "is", its values come first', () => {
    expect(complete('drop the rows where status is ', head)[0]).toMatchObject({ shown: 'accepted', sort: 'value', text: '"accepted" ' });
  });
  test('what is divided by is a column of numbers', () => {
    const columns = complete('add a column called Yield: kg divided by ', head).filter((c) => c.sort === 'column').map((c) => c.shown);
    expect(columns).toContain('Hives');
    expect(columns).not.toContain('Beekeeper');
  });
  test('every completion can be taken: it goes on from where it says', () => {
    for (const request of ['drop ', 'keep lots where kg is ', 'sort by k', 'rename hon', 'total kg per ']) {
      for (const c of complete(request, head)) expect(request.slice(0, c.from) + c.text).toMatch(/\S $/);
    }
  });
});

describe('proposals', () => {
  test('each is an exact sentence with the rows it would touch', () => {
    const all = proposals(head);
    expect(all.length).toBeGreaterThan(2);
    for (const p of all) {
      expect(readExact(p.sentence)).not.toBeNull();
      expect(p.rows).toBeGreaterThan(0);
      expect(p.why).not.toBe('');
    }
  });
  test('mixed dates, amounts as text and stray spaces are seen', () => {
    const said = proposals(head).map((p) => p.sentence);
    expect(said).toContain('Turn ‹Delivered› into dates.');
    expect(said).toContain('Turn ‹Price› into numbers.');
    expect(said).toContain('In ‹Beekeeper›, trim outer spaces and reduce runs of spaces to one.');
  });
  test('a tidy table needs nothing', async () => {
    const tidy = await headWithGlances(await csvTable('Lot,Kg\nL-1,2\nL-2,3\n', 't'));
    expect(proposals(tidy)).toEqual([]);
  });
});

test('a measure that the table cannot give says which part is missing', () => {
  const answer = readRequest('add the churn rate', head);
  expect(answer.outcome === 'cannot' && answer.message).toMatch(/churn is lost \/ customers, and no column stands for the lost/);
});

describe('learnt wordings', () => {
  const plan = readExact('Set aside rows where ‹Kg› is less than 30.')!;
  test('a wording means what it was taught, for other columns and numbers too', () => {
    const lesson = learn('ditch the feathers in kg below 30', [plan], head)!;
    expect(lesson.means).toEqual(['Set aside rows where {0} is less than {1}.']);
    const answer = readRequest('please ditch the feathers in amount due below 200', head, { ...NO_MEMORY, lessons: [lesson] });
    expect(answer.outcome === 'done' && [answer.reading.sentences, answer.reading.learnt]).toEqual([['Set aside rows where ‹Amount due› is less than 200.'], 'ditch the feathers in kg below 30']);
  });
  test('another wording is not taken for it, and what no longer fits the table is passed over', () => {
    const lesson = learn('ditch the feathers in kg below 30', [plan], head)!;
    const vocabulary = vocabularyOf(head);
    expect(recall(lesson, 'ditch the rocks in kg below 30', head, vocabulary)).toBeNull();
    expect(recall(lesson, 'ditch the feathers in beekeeper below 30', head, vocabulary)).toBeNull();
  });
  test('a wording of nothing but columns and numbers is not learnt', () => expect(learn('kg 30', [plan], head)).toBeNull());
});
