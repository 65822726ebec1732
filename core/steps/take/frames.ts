import { namesRows } from '../../language/mentions';
import { plans, withPlan, type Act, type Context } from '../../language/acts';
import { frame, means, type Frame } from '../../language/frames';
import { readsAsNumber } from '../../formula/check';
import { isDate } from '../../table/column';
import { columnOf } from '../../table/table';
import { OTHERS_GONE } from '../../language/lexicon/ways';
import type { TakePlan } from './step';

const TOP = [means('biggest first|best first|highest first|largest first|heaviest first|biggest on top|highest on top|largest on top|best on top|largest at the top|highest at the top|biggest at the top|in descending order|sorted from high to low|from high to low|most first|descending|dearest first|longest first', true), means('lowest first|smallest first|cheapest first|lowest on top|ascending|from low to high|shortest first', false)];
const sized = (c: string, x: Context, dates: boolean): boolean => !namesRows(c, x.vocabulary) && ((readsAsNumber(x.head, c) && !isDate(columnOf(x.head, c).type)) || (dates && isDate(columnOf(x.head, c).type)));

function most(count: number, column: string, down: boolean, by: string | undefined, sortDown: boolean | undefined, x: Context, dates = false): Act | null {
  if (!sized(column, x, dates) || !Number.isInteger(count) || count < 1 || by === column) return null;
  const plan: TakePlan = { step: 'take', count, choice: { kind: down ? 'highest' : 'lowest', column }, ...(by ? { by: [by] } : {}) };
  if (sortDown === undefined) return plans(plan);
  return { key: `take sorted ${JSON.stringify(plan)} ${sortDown}`, apply: (state) => withPlan(withPlan(state, plan), { step: 'sort', by: [{ column, down: sortDown }] }) };
}

const ABOUT = 'keep only just the with by of for from in which what have had has row rows each every one that those these all want need show leave me pick choose take select please and then sort at on top it they drop draw give brought took list is are as i would like like';

export const frames: readonly Frame[] = [
  frame('largest rows', {
    need: { way: [means('~highest|top|most', true), means('~lowest|bottom|least', false)], col: '$col' },
    may: { count: '$num', others: OTHERS_GONE, order: TOP, keep: ['~keep', '~keepOnly'], by: means('~each|in|of each? $col', undefined, 0.1), rows: ['$rows', '$guess'] },
    many: ['keep', 'others', 'rows'],
    about: ABOUT,
    cost: 0.75,
  }, ({ count, way, col, order, by, keep, others }, x) => (count === undefined && !(by && (keep || others)) ? null : most(count ?? 1, col, way, by, order, x))),

  frame('largest rows by what they are', {
    need: { adj: '$adj' },
    may: { count: '$num', others: OTHERS_GONE, order: TOP, keep: ['~keep', '~keepOnly', 'i want|we want|i need|we need|i would like'], by: means('~each|in|of each? $col', undefined, 0.1), again: '~open $col ~close', rows: ['$rows', '$guess'] },
    many: ['keep', 'others', 'rows'],
    about: ABOUT,
    cost: 0.9,
  }, ({ count, adj, order, by, keep, others }, x) => (by || ((keep || others) && count !== undefined) || others ? most(count ?? 1, adj.column, adj.down, by, order, x, true) : null)),

  // 'sort by takings from high to low and keep the first five'
  frame('first rows', {
    need: { count: ['first|top $num', 'the first $num'], keep: ['~keep', '~keepOnly', 'only|just|keep'] },
    may: { rows: ['$rows', '$guess'], others: OTHERS_GONE },
    many: ['keep', 'others', 'rows'],
    about: `${ABOUT} now of them`,
    cost: 0.7,
  }, ({ count }) => (Number.isInteger(count) && count > 0 ? plans({ step: 'take', count, choice: { kind: 'top' } }) : null)),

  frame('random rows', {
    need: { chance: ['~random', 'random|at random|randomly|by chance|randomly chosen|drawn at random|chosen at random|picked at random|random sample'], count: ['$num', 'n = $num', 'exactly $num'] },
    may: { by: '~each|from|of|per each|every? kind|type|sort|of? of? $col', others: OTHERS_GONE, keep: ['~keep', '~draw', 'choose|draw|pick|sample'], exact: 'exactly|precisely|no more and no less|not one more|n =', rows: ['$rows', '$guess'] },
    many: ['keep', 'others', 'chance', 'exact', 'rows'],
    about: `${ABOUT} a spot check for lab random sample of i need them others other can go n =`,
    cost: 0.5,
  }, ({ count, by }) => (Number.isInteger(count) && count > 0 ? plans({ step: 'take', count, choice: { kind: 'random', seed: 1 }, ...(by ? { by: [by] } : {}) }) : null)),
];
