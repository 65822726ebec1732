import { columnsOf, column, number, type Comparison, type Condition } from '../../formula/expression';
import { isNumberColumn } from '../../formula/check';
import { plans, withPlan, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { SIZES } from '../../language/grammar/conditions/make';
import type { Accent } from '../../table/look';

/** What a condition compares or looks at first: the cells of that column are marked. */
const marked = (where: Condition, accent: Accent, of?: readonly string[]): Act | null => {
  const columns = of ?? columnsOf(where).slice(0, 1);
  return columns.length ? plans({ step: 'mark', columns, mark: { accent, where } }) : null;
};

/** The same column marked once more: 'below 7 in the held one'. */
const more = (op: Comparison, n: number, accent: Accent, x: Context): Act => ({
  key: `mark more ${op} ${n} ${accent}`,
  apply(state) {
    const last = state.plans.at(-1);
    const [name] = last?.step === 'mark' && last.mark ? last.columns : [];
    return name !== undefined && isNumberColumn(x.head, name) ? withPlan(state, { step: 'mark', columns: [name], mark: { accent, where: { kind: 'compare', op, left: column(name), right: number(n) } } }, [name]) : null;
  },
});

/** The accents, and the colours they have. */
const ACCENTS: Readonly<Record<Accent, string>> = { kept: 'kept|green', held: 'held|red|orange|amber|brown', pending: 'pending|blue' };

export const phrases = [
  ...(Object.entries(ACCENTS) as [Accent, string][]).flatMap(([accent, words]) => [
    rule('accent', `in|with|as? the? ${words} accent|colour|color|one|tint|background`, () => accent, -0.1),
    rule('accent', `in|with? ${words}`, () => accent, 0),
  ]).flat(),
  rule('markVerb', 'mark|highlight|colour|color|tint|shade|paint|show', () => true, 0),
  rule('clause', '$markVerb the|all|any|every? cells|values|figures|numbers|rows|everything? $rset:c $accent:a', ({ c, a }) => marked(c, a), -0.3),
  rule('clause', '$markVerb the|all|any|every? cells|values|figures|numbers|everything? of|in|with|where? $cond:c $accent:a', ({ c, a }) => marked(c, a), -0.3),
  rule('clause', '$markVerb the? $cols:s cells|values|column? $accent:a ~wherever|if the? $cond:c', ({ s, a, c }) => marked(c, a, s), -0.3),
  rule('clause', '$markVerb the? $cols:s $accent:a ~wherever|if it|they|that? ~be? $within:w', ({ s, a, w }, x: Context) => (s.length === 1 && isNumberColumn(x.head, s[0]!) ? marked({ kind: 'compare', op: w.op, left: column(s[0]!), right: number(w.n) }, a) : null), -0.3),
  ...SIZES.flatMap(([words, op]) => [
    rule('within', `${words} $num:n`, ({ n }) => ({ op, n }), 0),
    rule('clause', `and? those|ones|anything|everything|values|cells? ${words} $num:n $accent:a`, ({ n, a }, x: Context) => more(op, n, a, x), 0),
  ]).flat(),
  rule('clause', 'take|remove|clear|drop|delete the|all? marks|mark|marking|colours|colour|colors|color|highlighting off|from|in|of the? $cols:c', ({ c }, x: Context) => (c.every((n: string) => x.head.columns.some((k) => k.name === n && k.marks)) ? plans({ step: 'mark', columns: c, mark: null }) : null), -0.2),
].flat();
