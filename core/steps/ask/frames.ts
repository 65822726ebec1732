import type { Act, Context } from '../../language/acts';
import { namesRows } from '../../language/mentions';
import { keyOf } from '../../language/chart';
import { frame, means, type Frame, type Way } from '../../language/frames';
import { quantity } from '../../language/grammar/roles';
import { listedOf, type OtherColumn } from '../../language/grammar/others';
import { all, column, columnsOf, not, op, rowsCounted, type Condition, type Expression } from '../../formula/expression';
import { rounded } from '../calculate/adding';
import { isPercent } from '../calculate/formulas';
import { asked, counts, firstUnique, grouped, over, shareOf, usualFn, type Fn, type Question } from './question';


const FN: Way[] = [means('average|mean|avg|on average|averages|per screening on average', 'mean'), means('total|sum|sums|totals|altogether|in total|overall|summed|all told|sum up|add up|added up|how much|in all|together', 'sum'), means('median', 'median'), means('highest|largest|maximum', 'highest'), means('lowest|smallest|minimum', 'lowest')];
const ORDER: Way[] = [means('~descending', true), means('~ascending', false), means('biggest sum first|highest first|largest first|most first|best first|largest on top|best on top|sort from high to low|in descending order|from high to low|biggest first|highest on top|descending|sorted from high to low', true), means('lowest first|smallest first|ascending|from low to high|sort from low to high', false)];
const ONE: Way[] = ['~justOne', 'only one|just one|just the one|only the one|one name is enough|one name|one name only|just the name|the name only|one is enough|only the name|name only'];
const PLACES: Way[] = ['~round|with|to|at? to? $places', 'to $num places|decimals|decimal'];
const PERCENT: Way[] = ['in percent|as a percentage|in %|as a figure from 0 to 100|percent|as percent|per cent|percentage'];
const REMARKS: Way[] = ["ignoring blanks|ignore blanks|blanks don't count|those without a severity don't count|leave out complaints without one|blanks left out|without the empty ones|not counting the empty ones|ignoring empty ones|empty ones don't count|skip blanks", '~blankWord $rows|$col|$guess? ~be|do|does not|left|out? out|count?', "those|ones|$rows ~without an? $col don't|do|are? not? count|counted", "bracketed amounts are negative|brackets mean minus|an amount in brackets is negative|amounts in brackets are negative|an amount in brackets is a refund|brackets are negative|the one in brackets is negative|amounts in brackets count as negative", '~brackets ~be? ~negative', 'capitals make no difference|ignoring case|ignore case|whatever capitals|no matter how it is written|upper or lower case', 'counting each only once|counting each one once|each only once|each one once|counted once|each counted once'];
const LEAD = 'what whose how much is are was were did do does have has had the we they you i it there of for in on with from by to each every per name tell show give me us know want would like need please total sum all that these this those one and a an at over whole what\'s out find work calculate list get table row rows altogether take taken in get got come came make made bring brought sell sold use used them their so far up counting different kind';

const WHERE: Way[] = [...['leaving|leave out|aside the? $rset:r', 'excluding|except|ignoring the? $rset:r', '$rset:r ~be? left|taken|kept out|aside', '$rset:r ~be? excluded|ignored'].map((said) => means(said, ({ r }: { r: Condition }) => not(r))), 'only|just|for|where|with|of|in|among|from|that|which|by|to|at|counting|went only|just|the? $rset', '$rset only', means('$cond', undefined, 0.15)];
const RIDERS = { order: ORDER, one: ONE, places: PLACES, percent: PERCENT, remarks: REMARKS, where: WHERE };
const MANY = ['remarks', 'one', 'percent'];

interface Said { readonly order?: boolean; readonly one?: unknown; readonly places?: number; readonly percent?: unknown; readonly where?: Condition; readonly most?: number }

/** A question with what was said beside it; an order and 'only one' need groups. */
function ask(figures: readonly (Expression | null)[], by: readonly (Expression | null)[], { order, one, places, percent, where, most }: Said): Act | null {
  const known = figures.filter((f): f is Expression => f !== null), groups = by.filter((b): b is Expression => b !== null);
  if (known.length < figures.length || groups.length < by.length || (figures.length === 0)) return null;
  if (percent && !known.every((f) => isPercent(f))) return null;
  if ((order !== undefined || one) && groups.length === 0) return null;
  if (new Set(groups.map((g) => keyOf(g))).size < groups.length) return null;
  const cut = places === undefined ? known : known.map((f) => (counts(f) ? f : rounded(f, places, 'nearest')));
  const down = order ?? (one || most !== undefined ? true : undefined);
  const q: Question = { figures: cut, by: groups, ...(where ? { where } : {}), ...(down === undefined ? {} : { order: { figure: 0, down } }), ...(one ? { most: 1 } : most === undefined ? {} : { most }) };
  return asked(q);
}

const numeric = (n: string, x: Context): boolean => quantity(n, x) !== null && !namesRows(n, x.vocabulary);
const BY: Way[] = ['by|per|for|in|of|at|from each|every|the? (kind|type|sort of)? $qbys', 'for each|every $qbys', 'each|every $qbys', 'did|does|has|have|do each|every $qbys'];
const PER: Way[] = ['by|per $qbys', 'for|in|of|at each|every $qbys', 'for|of|in each|every kind|type|sort of $qbys', 'did|does|has each|every $qbys'];

/** What of this table is not in another: the column that ties the two, listed, or what tells the rows. */
function besideOthers(table: string, own: string | undefined, there: string | undefined, by: string | undefined, x: Context): Act | null {
  const listed = listedOf(x, own, table, there);
  return listed?.kind === 'listed' ? asked({ figures: [], by: [by === undefined ? listed.of : column(by)], where: not(listed) }) : null;
}
const ABSENT: Way[] = ["do not|don't|does not|doesn't|is not|isn't|are not|aren't|isnt|arent|dont|doesnt|not|no|never|missing|absent|without|nowhere|have no|has no|had no|nothing|not one|not any"];

export const frames: readonly Frame[] = [
  frame('what is not in another table', {
    need: { what: ['which|what|list|find|show|who|give|any|did the|all|me|of? $col:c', 'which|what|list|find|show|who|give|any|did the|all|me|of? $rows|$noun'], absent: ABSENT, table: ['in|from|to|of|for|on $theTable', '$theTable', means('in|from|under|as|among the? $tcol:k in|of|from $theTable:t', ({ k, t }: { k: OtherColumn; t: string }) => (k.table === t ? { table: t, there: k.column } : null)), means('under|as|among an|a|the? $tcol:k in $theTable:t', ({ k, t }: { k: OtherColumn; t: string }) => (k.table === t ? { table: t, there: k.column } : null))] },
    may: { one: ONE, of: ['for|of|with|by|from|to a|an|the|any|some $col'], people: ['for|of|with|by|from|to people|persons|someone|somebody|anyone|anybody'] },
    many: ['absent'],
    about: `${LEAD} show shows up appear exist exists stand stands in on list listed table sheet whose that there at all had has have made have our we wrote record recorded single any`,
    cost: 0.5,
  }, ({ what, of, people, table }, x) => {
    const { table: name, there } = typeof table === 'string' ? { table, there: undefined } : (table as { table: string; there: string });
    const own = x.head.columns.find((c) => c.name === what)?.name;
    // 'Which readings are for a household that is not in …' lists the readings, not the households.
    if (people !== undefined) return own === undefined ? besideOthers(name, undefined, there, firstUnique(x), x) : null;
    return of === undefined ? besideOthers(name, own, there, undefined, x) : besideOthers(name, of, there, own ?? firstUnique(x), x);
  }),


  frame('question by groups', {
    need: { figures: ['$qfigs'], by: BY },
    may: RIDERS,
    many: [...MANY, 'by'],
    about: LEAD,
    cost: 0.75,
  }, ({ figures, by, ...said }, x) => ((by as Expression[][]).flat().some((b) => b.kind === 'column' && namesRows(b.name, x.vocabulary)) ? null : ask(figures, (by as Expression[][]).flat(), said))),

  // 'amount by city, summed', 'takings by venue': without a word for the figure it is the sum
  frame('figure by groups', {
    need: { cols: '$col', by: PER },
    may: { ...RIDERS, fn: FN },
    many: [...MANY, 'cols', 'by', 'fn'],
    about: LEAD,
    cost: 0.85,
  }, ({ cols, by, fn, ...said }, x) => {
    const names = [...new Set(cols as string[])], fns = [...new Set((fn ?? [names.every((n) => usualFn(n) === 'mean') ? 'mean' : 'sum']) as Fn[])];
    const one = fns.length > 1 ? fns.filter((f) => f !== 'sum') : fns;
    return one.length === 1 && names.every((n) => numeric(n, x)) ? ask(names.map((n) => over(one[0]!, quantity(n, x)!)), (by as Expression[][]).flat(), said) : null;
  }),

  frame('rows by groups', {
    need: { rows: ['$noun', 'how many|=count|number of|rows'], by: PER },
    may: { ...RIDERS, what: ['$guess'], count: ['~countWord', 'how many|number of|count|count the'] },
    many: [...MANY, 'rows', 'by', 'count'],
    about: LEAD,
    cost: 0.95,
  }, ({ by, order, one, places, where }) => ask([rowsCounted()], (by as Expression[][]).flat(), { order, one, places, where } as Said)),

  // 'the venue with the highest mean takings', 'top 3 films by tickets sold', 'who charged the most'
  frame('leading group', {
    need: { cols: '$col', way: [means('~highest|most|top|best|biggest|largest', true), means('~lowest|least|fewest|worst|smallest', false), means('the most|most often', true)] },
    may: { ...RIDERS, fn: FN, count: ['$num'], rows: ['$rows', '$noun', '$guess'], which: ['which|who|what|name the|whose', 'first'], group: 'which|what|whose of? the? $col' },
    many: [...MANY, 'cols', 'fn', 'way', 'rows', 'which'],
    about: `${LEAD} which who charge charged charges took take sold seller first`,
    cost: 0.9,
  }, ({ cols: several, way, fn, count, which: whichWord, group, order, one, places, where }, x) => {
    const which = whichWord ?? group;
    const cols = [...several, ...(group === undefined ? [] : [group])];
    const said: Said = { order, one, places, where };
    const names = [...new Set(cols as string[])];
    const measured = names.filter((n) => n !== group && numeric(n, x)), groups = names.filter((n) => !measured.includes(n));
    const fns = [...new Set((fn ?? []) as Fn[])].filter((f) => f !== 'highest' && f !== 'lowest');
    const ways = [...new Set(way as boolean[])];
    // 'Which class': that is the group, be it a number.
    if (whichWord && group === undefined && measured.includes(names[0]!)) return null;
    if (measured.length !== 1 || groups.length !== 1 || ways.length !== 1 || (!which && count === undefined && !said.one && fns.length === 0)) return null;
    if (count !== undefined && (!Number.isInteger(count) || count < 1)) return null;
    const figure = over(fns.find((f) => f !== 'sum') ?? usualFn(measured[0]!), quantity(measured[0]!, x)!);
    return ask([figure], [grouped(groups[0]!, x) ?? column(groups[0]!)], { ...said, order: said.order ?? ways[0]!, ...(said.one ? {} : { most: count ?? 1 }) });
  }),

  frame('share of the rows', {
    need: { share: ['percentage|percent|share|what share|how many percent|what percentage|proportion|per cent|fraction'], where: ['$rset', '$cond'] },
    may: { places: PLACES, percent: PERCENT, remarks: REMARKS, rows: ['$rows', '$noun', '$guess'] },
    many: [...MANY, 'share', 'rows'],
    about: `${LEAD} as got get were rows all have been were`,
    cost: 0.7,
  }, ({ where, places }) => ask([shareOf(where)], [], { ...(places === undefined ? {} : { places }) })),

  frame('different values counted', {
    need: { distinct: ['~distinctWord', 'distinct|different|unique|counting each only once|counting each one once|each only once|each one once|counted once'], col: '$col', count: ['~countWord', 'how many|number of|count'] },
    may: { where: WHERE, by: BY },
    many: ['distinct', 'count'],
    about: `${LEAD} there look looked at visits complained complain so far counting each one once values`,
    cost: 0.6,
  }, ({ col, where, by }) => ask([over('distinct', column(col))], by ?? [], { ...(where ? { where } : {}) })),

  frame('rows counted', {
    need: { count: ['how many|number of|=count|=count the|for how many|what number of'], where: [...WHERE, 'went|go|goes|came|come|sold|delivered to|from|by|at|in|for $cond'] },
    may: { rows: ['$rows', '$noun', '$guess'], again: '~open $cond ~close' },
    many: ['count', 'rows', 'where'],
    about: LEAD,
    cost: 0.75,
  }, ({ where, again }) => { const limit = all(where as Condition[]); return !again || sameAbout(again, limit) ? ask([rowsCounted()], [], { where: again ?? limit }) : null; }),

  // 'total of closing minus opening for household H09'
  frame('figure of a calculation', {
    need: { fn: FN, e: ['$ex2', '~open $ex2 ~close'] },
    may: { ...RIDERS, by: BY },
    many: [...MANY, 'fn', 'by'],
    about: `${LEAD} use used usage overall consume months`,
    cost: 0.8,
  }, ({ fn, e, by, ...said }) => {
    const fns = [...new Set(fn as Fn[])];
    return e.kind === 'op' && columnsOf(e).length > 0 && fns.length === 1 && (said.where || by) ? ask([over(fns[0]!, e)], ((by ?? []) as Expression[][]).flat(), said) : null;
  }),

  // 'total amount due divided by total kg'
  frame('quotient of totals', {
    need: { totals: ['~figureTotal|all|whole|entire the? $col', '~totalWord $col'], over: ['divided by|/|over|divide by|divide|through|per'] },
    may: { places: PLACES, remarks: REMARKS, name: ['average price per kilo|average price per kg|average price per tonne', '~average $word ~per $word|$unit|$col', '~average $col ~per $word|$unit|$col', 'price per kilo|on the whole|over everything|overall', '$metricName ~inTotal?'], minus: means('~figureTotal? $word|$col ~open $ex2:e ~close', ({ e }: { e: Expression }) => e) },
    many: [...MANY, 'totals', 'over', 'name'],
    about: `${LEAD} divided divide by over everything meaning whole pay paid per kilo overall average price ( ) :`,
    cost: 0.6,
  }, ({ totals, places, minus }, x) => {
    const names = totals as string[];
    const below = names.length === 2 ? (quantity(names[1]!, x)) : names.length === 1 && minus ? minus : null;
    const above = names.length >= 1 ? quantity(names[0]!, x) : null;
    return above && below && keyOf(above) !== keyOf(below) ? ask([op('/', over('sum', above), over('sum', below as Expression))], [], { ...(places === undefined ? {} : { places }) }) : null;
  }),
];

const sameAbout = (a: Condition, b: Condition): boolean => columnsOf(all([a])).length === 1 && columnsOf(a).length === columnsOf(b).length;
