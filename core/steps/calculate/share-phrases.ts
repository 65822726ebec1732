import { rule, type Rule } from '../../language/chart';
import type { Context } from '../../language/acts';
import { type Expression, op } from '../../formula/expression';
import { quantity, groupable, percent, takingsColumn, total } from '../../language/grammar/roles';

/** A value over the total of its group. */
function shareIn(name: string, by: string, x: Context): Expression | null {
  const e = quantity(name, x);
  return e && groupable(by, x) ? op('/', e, total('sum', e, [by])) : null;
}

/** One column over another. */
function overColumn(a: string, b: string, x: Context): Expression | null {
  const [m, n] = [quantity(a, x), quantity(b, x)];
  return m && n && a !== b ? op('/', m, n) : null;
}

/** What a row comes to over what all come to, or all of its group. */
function ofTakings(by: string | undefined, x: Context): Expression | null {
  const name = takingsColumn(x), e = name === null ? null : quantity(name, x);
  return e && (by === undefined || (groupable(by, x) && quantity(by, x) === null)) ? op('/', e, total('sum', e, by === undefined ? [] : [by])) : null;
}

/** Parts of a whole. */
export const sharePhrases: readonly Rule[] = [
  // Shares
  rule('shareOf', '~share of? ~each? the? $rows|$guess|$noun in|of|at the? ~totalWord $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && op('/', e, total('sum', e)); }, 0),
  rule('ex2', '~share of? the|each|every|its? ^$col:g in|of all|total|the|whole ~totalWord? $col:c', ({ g, c }, x: Context) => { const e = quantity(c, x); return e && g !== c && groupable(g, x) && quantity(g, x) === null ? percent(op('/', total('sum', e, [g]), total('sum', e))) : null; }, -0.3),
  rule('shareOf', '~each $rows|$noun|$guess ~share of|in the? ~totalWord? $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && op('/', e, total('sum', e)); }, 0.05),
  rule('shareOf', '~each $col:g ~share of|in the? ~totalWord? $col:c', ({ g, c }, x: Context) => { const e = quantity(c, x); return e && !groupable(g, x) ? op('/', e, total('sum', e)) : null; }, 0.05),
  rule('shareOf', '~share of|in the? ~totalWord? $col:c ~each $rows|$noun|$guess', ({ c }, x: Context) => { const e = quantity(c, x); return e && op('/', e, total('sum', e)); }, 0.05),
  rule('shareOf', '$col:a as a|the? ~share of its|the|their? own? $col:by ~totalWord', ({ a, by }, x: Context) => shareIn(a, by, x), -0.1),
  // 'Parts share of the invoice', 'percentage of parts in the invoice', 'how much of the invoice is parts, in percent'
  rule('shareOf', '^$col:a ~share of|in the? ^$col:b', ({ a, b }, x: Context) => overColumn(a, b, x), 0.1),
  rule('shareOf', '~share of the? ^$col:a in|within the? ^$col:b', ({ a, b }, x: Context) => overColumn(a, b, x), 0.1),
  rule('ex1', 'how much|many of the? ^$col:b ~be|goes|went (to|into|for|on)? the? ^$col:a ,? in|as percent|%|percentage|percents', ({ a, b }, x: Context) => { const e = overColumn(a, b, x); return e && percent(e); }, -0.2),
  // 'What share of the berths was filled by cars'
  rule('ex1', 'what|which? ~share of the? ^$col:b ~be|has|have been? filled|used|taken|covered|occupied|sold|booked|eaten|paid|met|lost|spent up? by|with|through|to|on|as the? ^$col:a ,? (in|as percent|%|percentage|percents)?', ({ a, b }, x: Context) => { const e = overColumn(a, b, x); return e && percent(e); }, -0.2),
  // 'Each claim as a percentage of everything claimed', 'share of each claim in the total'
  rule('shareOf', '~each $rows|$noun|$guess as|in a|the? ~share of|in the? $everything', (_s, x: Context) => ofTakings(undefined, x), 0),
  rule('shareOf', '~share of ~each $rows|$noun|$guess of|in the? $everything', (_s, x: Context) => ofTakings(undefined, x), 0),
  rule('shareOf', "~each $rows|$noun|$guess as|in a|the? ~share of|in its|the|their $col:g ~totalWord|total|sum|amount|amounts", ({ g }, x: Context) => ofTakings(g, x), 0),
  rule('shareOf', '~share within|inside the|its|their same|own? $col:g (total|sum)?', ({ g }, x: Context) => ofTakings(g, x), 0.4),
  rule('shareOf', '$col:a as|in a|the? ~share of|in the? overall|whole|entire|total|complete $col:b', ({ a, b }, x: Context) => { const e = quantity(a, x); return e && a === b ? op('/', e, total('sum', e)) : null; }, -0.4),
  rule('everything', 'total|whole|everything|all|sum that|which? (was|is|has been|were)? claimed|charged|paid|sold|spent|earned|billed?', () => true, 0),
  rule('shareOf', '$col:a as a|the? ~share of all|total|every the? $col:b', ({ a, b }, x: Context) => { const e = quantity(a, x); return e && a === b ? op('/', e, total('sum', e)) : null; }, -0.2),
  rule('shareOf', '~each? $rows|$noun ~share in|of the? ~totalWord $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && op('/', e, total('sum', e)); }, 0),
  rule('shareOf', '$col:a as a|the? ~share of that|the|its|their|his|her|each? $col:by the? $col:b', ({ a, b, by }, x: Context) => (a === b ? shareIn(a, by, x) : null), -0.2),
  rule('shareOf', '~share of? ~each? the? $rows|$guess|$noun in|of the|its|their|his|her $col:by $col:c', ({ c, by }, x: Context) => shareIn(c, by, x), -0.1),
  // 'The share of each carrier's pallets that a shipment makes up'
  rule('makesUp', 'that|which? ~each|a|an|the $rows|$noun|$guess makes|make|has|contributes|brings|made|brought up|in|out?', () => true, 0),
  rule('makesUp', '~each $rows|$noun|$guess', () => true, 0),
  rule('shareOf', '~share of the|its|their|his|her|each|every? $col:by ~totalWord|total? $col:c $makesUp', ({ c, by }, x: Context) => shareIn(c, by, x), -0.2),
  rule('shareOf', '~share of? ~totalWord $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && op('/', e, total('sum', e)); }, 0),
  rule('shareOf', '~share of? ~totalWord $col:c ~each $col:by', ({ c, by }, x: Context) => shareIn(c, by, x), 0),
  rule('shareOf', '~share of? its|the|their? own? $col:by ~totalWord $col:c', ({ c, by }, x: Context) => shareIn(c, by, x), 0),
  rule('shareOf', '~share of? ~totalWord $col:c of|in|within its|the|their? own|same? $col:by', ({ c, by }, x: Context) => shareIn(c, by, x), 0.02),
  // 'Share of the cost within its kind': within a group only rows have a share
  rule('shareOf', '~share of|in the? ^$col:c within|inside|among the|its|their|each|every? own|same? ^$col:by (group)?', ({ c, by }, x: Context) => (quantity(by, x) === null ? shareIn(c, by, x) : null), -1.1),
  rule('shareOf', '~share of|in the? ^$col:c of|in its|their own|same? ^$col:by (group)?', ({ c, by }, x: Context) => (quantity(by, x) === null ? shareIn(c, by, x) : null), -0.5),
  rule('percentShare', 'what? percentage|percent|perecnt|% $shareTail:e', ({ e }) => e, 0),
  rule('shareOf', "~share of? ~totalWord $col:c (that|which)? (was|is|were)? $word by|of|in|within|at|for its|the|their? own|same? $col:by", ({ c, by }, x: Context) => shareIn(c, by, x), -0.1),
  rule('shareTail', 'of ~totalWord $col:c', ({ c }, x: Context) => { const e = quantity(c, x); return e && op('/', e, total('sum', e)); }, 0),
  rule('shareTail', 'of ~totalWord $col:c of its|the|their? own|same? $col:by', ({ c, by }, x: Context) => shareIn(c, by, x), 0),
  rule('shareTail', 'of its|the|their? own? $col:by ~totalWord $col:c', ({ c, by }, x: Context) => shareIn(c, by, x), 0),
  rule('ex1', 'what share $shareTail:e did|does|do|was|is|makes|make? ~each? $rows? bring|make|makes|take|earn|earned|contribute|contributed|have|has? in|up?', ({ e }) => e, 0),
  rule('ex1', '$percentShare:e did|does|do|was|is|makes|make? ~each? $rows? bring|make|makes|take|earn|earned|contribute|contributed? in|up?', ({ e }) => percent(e), 0),
  rule('ex1', '$shareOf:e', ({ e }) => e, 0.02),
  rule('ex1', '$rows $shareOf:e', ({ e }) => e, 0),
  rule('ex1', '~each $rows $shareOf:e', ({ e }) => e, 0),
].flat();
