import { plans, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { uniqueName } from '../../values/names';

export const phrases = [
  rule('clause', '~copy column? $col:c column? ~into $name:n', ({ c, n }) => plans({ step: 'copy', column: c, to: n }), 0),
  rule('clause', '~copy column? $col:c column? ,|and? ~named $name:n', ({ c, n }) => plans({ step: 'copy', column: c, to: n }), 0),
  rule('clause', '~copy column? $col:c column?', ({ c }, { head }: Context) => plans({ step: 'copy', column: c, to: uniqueName(`${c} copy`, head.columns.map((o) => o.name)) }), 0.2),
].flat();
