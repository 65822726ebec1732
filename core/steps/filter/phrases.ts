import { amend, plans, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { keyOf } from '../../language/chart';
import { all, any, not, type Condition } from '../../formula/expression';
import type { FilterPlan } from './step';

const filter = (mode: FilterPlan['mode'], where: Condition) => plans({ step: 'filter', mode, where });

/** Does a condition let blanks of its columns through? For sentences that only say so. */
const agrees = (key: string, stays: boolean) =>
  amend(key, (plan) => (plan.step === 'filter' && (plan.mode === 'aside') === stays ? plan : null));

export const phrases = [
  rule('clause', '~drop $rset:c', ({ c }) => filter('aside', c), 0),
  rule('clause', '~drop every|any|all? $rows? ~rel ~be? $cond:c', ({ c }) => filter('aside', c), 0.02),
  rule('clause', '$rset:c ~unwanted', ({ c }) => filter('aside', c), 0.05),
  rule('clause', '~unwanted $rset:c', ({ c }) => filter('aside', c), 0.1),
  rule('clause', '$rows ~rel ~be? $cond:c ~unwanted', ({ c }) => filter('aside', c), 0),
  rule('clause', '$rset:c out instead?', ({ c }) => filter('aside', c), 0.2),
  rule('clause', '~make $rset:c out', ({ c }) => filter('aside', c), 0.1),
  rule('clause', '~keep $rset:c', ({ c }) => filter('keep', c), 0),
  rule('clause', '~keep every|any|all? $rows? ~rel ~be? $cond:c', ({ c }) => filter('keep', c), 0.02),
  rule('clause', '~keepOnly $rset:c', ({ c }) => filter('keep', c), 0),
  rule('clause', '$rset:c only|stay|stays', ({ c }) => filter('keep', c), 0.1),
  rule('clause', 'only? those|these|the? ones? stay where|with|which $cond:c', ({ c }) => filter('keep', c), 0.1),
  rule('clause', 'which $cond:c ?|.|,? only those|these stay', ({ c }) => filter('keep', c), 0),
  rule('rider', '~if $cond:c let it|them|those? stay', ({ c }) => agrees(`stay ${keyOf(c)}`, c.kind === 'empty'), 0),
  rule('rider', 'and|also|or anything|everything|also $cond:c too|also|as well?', ({ c }, _x: Context) =>
    amend(`also ${keyOf(c)}`, (plan) => (plan.step === 'filter' ? { ...plan, where: plan.mode === 'aside' ? any([plan.where, c]) : all([plan.where, c]) } : null)), 0.1),
  rule('rider', 'except|unless|but not ~if? $cond:c', ({ c }) => amend(`except ${keyOf(c)}`, (plan) => (plan.step === 'filter' ? { ...plan, where: all([plan.where, not(c)]) } : null)), 0.2),
].flat();
