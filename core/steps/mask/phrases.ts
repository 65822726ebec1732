import { amend, onColumns, type Act, type State } from '../../language/acts';
import { keyOf, rule } from '../../language/chart';
import type { Mask } from '../../values/mask';

const TOKEN: Mask = { kind: 'token' };
const act = (columns: readonly string[] | null, by: Mask): Act => onColumns(`mask ${keyOf(by)}`, columns, (on) => ({ step: 'mask', columns: on, by }));
const rider = (by: Mask): Act => amend(`mask by ${keyOf(by)}`, (plan) => (plan.step === 'mask' ? { ...plan, by } : null));
const leave = (side: 'first' | 'last', count: number): Mask | null => (Number.isInteger(count) && count >= 0 && count <= 1000 ? { kind: 'leave', side, count } : null);

export const phrases = [
  rule('maskWay', 'by|with|as|using|through|to|into a? keyed? tokens|token|codes|code|pseudonyms|pseudonym|hashes|hash', () => TOKEN, 0),
  rule('maskWay', 'by|with|as|using|to|into an? random|keyed|secret|anonymous|unique tokens|token|codes|code|pseudonyms|ids|id|identifier|identifiers', () => TOKEN, 0),
  rule('maskWay', 'by|with|as|using|to|into an? ~inventedWord names|name|people|persons', () => ({ kind: 'name' }), 0),
  rule('maskWay', 'by|with|as|using|to|into an? ~inventedWord ones|one|texts|values|data|numbers|ids|emails|codes|addresses|entries ($sameForm)?', () => ({ kind: 'form' }), 0),
  rule('maskWay', 'keeping|preserving|retaining|in|of|with the? same? form|format|shape|pattern|structure', () => ({ kind: 'form' }), 0),
  rule('maskWay', 'by|,? rounding|coarsening|truncating|reducing|shortening|cutting it|them|dates|amounts|those? down? to the? first? day? of? its|their|a|the? $maskPeriod:p', ({ p }) => ({ kind: 'period', period: p }), 0),
  rule('maskWay', 'by|to|as|with|keeping|leaving|showing only|just? its|their|the? $maskPeriod:p only|alone?', ({ p }) => ({ kind: 'period', period: p }), 0.05),
  rule('maskWay', 'by|,? rounding|rounded|coarsened it|them|amounts|dates|those? up|off|down? to the? nearest|full|next|multiples|whole? of? $num:n', ({ n }) => (n > 0 ? { kind: 'rounded', to: n } : null), 0),
  rule('maskPeriod', 'month|months', () => 'month', 0),
  rule('maskPeriod', 'quarter|quarters', () => 'quarter', 0),
  rule('maskPeriod', 'year|years', () => 'year', 0),
  rule('sameForm', 'of|in|with the? same form|format|shape|length|sort|kind', () => true, 0),
  rule('maskWay', 'but|except|save? ~leaveOpen the? $lastFirst:s $num:n $charWord', ({ s, n }) => leave(s, n), 0),
  rule('maskWay', 'but|except|save|besides|apart for|from? the? $lastFirst:s $num:n $charWord?', ({ s, n }) => leave(s, n), 0),
  rule('maskWay', 'but|except|save? ~leaveOpen only|just? the? $lastFirst:s $num:n', ({ s, n }) => leave(s, n), 0.05),
  rule('maskWay', 'but|except|save|besides? ~leaveOpen? only|just? the? $lastFirst:s character|letter|digit|initial', ({ s }) => leave(s, 1), 0),
  rule('lastFirst', 'last|final|trailing', () => 'last', 0),
  rule('lastFirst', 'first|leading|initial', () => 'first', 0),
  rule('charWord', 'digits|digit|characters|character|letters|letter|figures|numbers|signs|chars', () => true, 0),

  rule('clause', '~maskVerb $cols:c', ({ c }) => act(c, TOKEN), 0),
  rule('clause', '~maskVerb $cols:c $maskWay:w', ({ c, w }) => act(c, w), -0.1),
  rule('clause', '~maskVerb $cols:c , $maskWay:w', ({ c, w }) => act(c, w), -0.1),
  rule('clause', '~replace $cols:c $maskWay:w', ({ c, w }) => (w.kind === 'leave' ? null : act(c, w)), 0),
  rule('clause', '~maskVerb|blank|hide|cover|star|cross|black|strike|remove out? everything|all|anything in|of|from? $cols:c? but|except|save for? the? $lastFirst:s $num:n $charWord? of|in|from $cols:d', ({ s, n, c, d }) => { const m = leave(s, n); return m && act(d ?? c, m); }, 0),
  rule('clause', '~maskVerb|blank|hide|cover|star|cross|black all|everything|anything out? but|except|save for? the? $lastFirst:s $num:n $charWord? of|in|from the? $cols:c', ({ s, n, c }) => { const m = leave(s, n); return m && act(c, m); }, 0),
  rule('clause', 'hide|cover|star|cross|black out? $cols:c but|except|save|, ~leaveOpen? for? the? $lastFirst:s $num:n $charWord?', ({ s, n, c }) => { const m = leave(s, n); return m && act(c, m); }, 0),
  rule('clause', '~maskVerb them|it|those|these', () => act(null, TOKEN), 0.1),
  rule('clause', 'show|leave|keep only|just|nothing? but? the? $lastFirst:s $num:n $charWord of|in|from|visible|readable|open the? of|in|from? $cols:c visible|readable|open|unmasked|uncovered', ({ s, n, c }) => { const m = leave(s, n); return m && act(c, m); }, 0),
  rule('clause', '~maskVerb $cols:c $maskWay:w and $cols:d $maskWay:v', ({ c, w, d, v }) => ({ key: `mask two ${keyOf([c, w, d, v])}`, apply: (state: State) => { const first = act(c, w).apply(state); return first && act(d, v).apply(first); } }), -0.15),
  rule('rider', '$maskWay:w', ({ w }) => rider(w), 0.05),
  rule('rider', '~leaveOpen the? $lastFirst:s $num:n $charWord? visible|readable|open|uncovered|unmasked?', ({ s, n }) => { const m = leave(s, n); return m && rider(m); }, -0.05),
  rule('rider', 'consistently|uniformly', () => amend('mask same', (plan) => (plan.step === 'mask' ? plan : null)), 0.05),
  rule('rider', 'so|such? that the? same $word always|still? gets|get|has|have|keeps|keep|receives always|still? the? same $word', () => amend('mask same', (plan) => (plan.step === 'mask' ? plan : null)), 0.05),
  rule('rider', 'so|such? that they|it|values|names|ones still? match|matches|fit', () => amend('mask same', (plan) => (plan.step === 'mask' ? plan : null)), 0.05),
].flat();
