import { amend, onColumns, type Act } from '../../language/acts';
import { rule } from '../../language/chart';
import { unitSort } from '../../values/units';
import type { ConvertPlan, Meaning } from './step';

type Options = Partial<Omit<ConvertPlan, 'step' | 'columns' | 'to'>>;
const act = (columns: readonly string[] | null, to: ConvertPlan['to'], options: Options = {}): Act => onColumns(`convert ${to} ${JSON.stringify(options)}`, columns, (on) => ({ step: 'convert', columns: on, to, ...options }));

/** Adds to a conversion what was said after it. */
const rider = (key: string, change: (plan: ConvertPlan) => ConvertPlan | null): Act => amend(key, (plan) => (plan.step === 'convert' ? change(plan) : null));
const numeric = (plan: ConvertPlan): boolean => plan.to === 'decimal' || plan.to === 'whole';
const meaning = (texts: readonly string[], as: string): Act =>
  rider(`meaning ${texts.join()} ${as}`, (plan) => ({ ...plan, meanings: [...(plan.meanings ?? []), ...texts.map((text): Meaning => ({ text, as }))] }));

export const phrases = [
  rule('clause', '~make $cols:c ~into? ~number', ({ c }) => act(c, 'decimal'), 0),
  rule('clause', '~make $cols:c all? ~into? ~wholeNumber', ({ c }) => act(c, 'whole'), 0),
  rule('clause', '~make them|it|both? ~into? ~wholeNumber', () => act(null, 'whole'), 0.2),
  rule('clause', '$cols:c ~should ~be? ~into? ~number', ({ c }) => act(c, 'decimal'), 0),
  rule('clause', '$cols:c ~into? ~number', ({ c }) => act(c, 'decimal'), 0.1),
  rule('clause', '~make them|it|both|all? ~into? ~number', () => act(null, 'decimal'), 0.25),
  rule('clause', '~drop ~currency from|in|off $cols:c', ({ c }) => act(c, 'decimal'), 0.1),
  rule('clause', '~make $cols:c ~into? ~date', ({ c }) => act(c, 'date'), 0),
  rule('clause', '$cols:c ~should ~be? ~into? ~date', ({ c }) => act(c, 'date'), 0),
  rule('clause', '$cols:c ~into ~date', ({ c }) => act(c, 'date'), 0.1),
  rule('clause', '~make every? ~date? in $cols:c ~into? ~date', ({ c }) => act(c, 'date'), 0.1),
  rule('clause', '~make them|it|that? ~into? ~date', () => act(null, 'date'), 0.25),
  rule('clause', '$cols:c ~be text in $dayOrder .|;|,? ~make? ~into? ~date?', ({ c, dayOrder }) => act(c, 'date', { order: dayOrder }), 0),
  rule('dayOrder', '~dayFirst', () => 'day first', 0),
  rule('dayOrder', '~monthFirst', () => 'month first', 0),
  rule('dayOrder', 'day / month / year', () => 'day first', 0),
  rule('dayOrder', 'month / day / year', () => 'month first', 0),
  rule('rider', '$dayOrder:o', ({ o }) => rider(`order ${o}`, (plan) => (plan.to === 'date' || plan.to === 'datetime' ? { ...plan, order: o } : null)), 0),
  rule('rider', '~if it|there|they|its? ~be? only? ~slashed the? $dayOrder:o', ({ o }) => rider(`order ${o}`, (plan) => (plan.to === 'date' || plan.to === 'datetime' ? { ...plan, order: o } : null)), 0),
  rule('clause', '~make $cols:c ~into? yes or|and no', ({ c }) => act(c, 'yesno'), 0.1),

  // Units: 'put all weights in grams', 'as one bare number in kW'
  rule('clause', '~make all? $cols:c ~into? $unit:u', ({ c, u }) => act(c, 'decimal', { unit: u }), 0.05),
  rule('clause', '~make $cols:c ~into? ~number in $unit:u', ({ c, u }) => act(c, 'decimal', { unit: u }), 0),
  rule('rider', 'everything|all|them|it? in $unit:u', ({ u }) => rider(`unit ${u}`, (plan) => (numeric(plan) && !plan.unit ? { ...plan, unit: u } : null)), 0.1),
  rule('rider', '~number', () => rider('number', (plan) => (numeric(plan) ? plan : null)), 0.1),

  // Riders on numbers
  rule('rider', 'no|without|dropping|minus|remove the|any? ~currency', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'no|without|dropping the|any? ~currency ~or|and ~currency', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'no|without|dropping the|any? ~currency and|or no|the? ~thousands', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'no|without|dropping the|any? ~thousands', () => rider('bare', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', 'an? amount|number|figure|one|ones|value ~brackets ~be ~negative', () => rider('negative', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', '~brackets mean|means|is|are|stand|stands for? ~negative', () => rider('negative', (plan) => (numeric(plan) ? plan : null)), 0),
  rule('rider', '$sought:t is|are|should|shall|must|counts|count|means|mean|stays|becomes|become as|be|for|simply|just? ~blankWord', ({ t }) => meaning(t, ''), 0),
  rule('rider', '~blankWord ~if it|they? ~say $sought:t', ({ t }) => meaning(t, ''), 0),
  rule('rider', '~blankWord ~if ~be? $sought:t', ({ t }) => meaning(t, ''), 0.05),
  rule('rider', '$sought:t counts|count|means|mean|is|are|becomes|become as|for|be? $num:n', ({ t, n }) => meaning(t, String(n)), 0),
  rule('rider', '$plainWord:t counts|count|means|mean as|for? $num:n', ({ t, n }) => meaning([t], String(n)), 0.1),
  rule('plainWord', '$word:w', ({ w }) => w, 0),
  rule('rider', 'a? few|some|others|several|those are|is? given? in $unit:u ,? $divide', ({ u }) => rider(`from ${u}`, (plan) => (plan.unit && unitSort(u) === unitSort(plan.unit) ? plan : null)), 0),
  rule('divide', 'divide|multiply those|these|them by $num', () => true, 0),
  rule('clause', 'blank out? anything|everything|whatever|all in $cols:c that|which ~be not ~number', ({ c }) => act(c, 'decimal', { blankRest: true }), 0),
].flat();
