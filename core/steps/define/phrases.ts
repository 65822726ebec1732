import { plans } from '../../language/acts';
import { rule } from '../../language/chart';
import type { Expression } from '../../formula/expression';
import { add } from '../calculate/adding';

const define = (name: string, as: Expression) => (as.kind === 'column' || as.kind === 'number' || as.kind === 'text' ? null : plans({ step: 'define', name, as }));

/** A column of its own for a calculation that was named. */
const withName = ({ name, as }: Term) => add(as, name[0]!.toUpperCase() + name.slice(1));

interface Term { readonly name: string; readonly as: Expression }

export const phrases = [
  rule('clause', 'let $name:n mean|be|stand for? $formula:e', ({ n, e }) => define(n, e), -0.1),
  rule('clause', '$name:n means $formula:e', ({ n, e }) => define(n, e), -0.15),
  rule('clause', '$name:n shall|should|will|is to? mean $formula:e', ({ n, e }) => define(n, e), -0.15),
  rule('clause', '$name:n stands for $formula:e', ({ n, e }) => define(n, e), 0.1),
  rule('clause', 'define $name:n as|to|: be|mean? $formula:e', ({ n, e }) => define(n, e), -0.1),
  rule('clause', 'by $name:n i|we mean|understand $formula:e', ({ n, e }) => define(n, e), 0),
  // A calculation that was named is used by its name.
  rule('ex1', '$term:t', ({ t }) => (t as Term).as, 0),
  rule('clause', '~add $term:t', ({ t }) => withName(t), -0.2),
  rule('clause', '~add ~column for|with|of the? $term:t', ({ t }) => withName(t), -0.2),
  rule('clause', '$term:t', ({ t }) => withName(t), 0.2),
].flat();
