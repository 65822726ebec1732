import { plans } from '../../language/acts';
import { rule } from '../../language/chart';

export const phrases = [
  rule('renaming', '$col:c ~to $name:n', ({ c, n }) => (n === c ? null : [{ from: c, to: n }]), 0),
  rule('renaming', '$col:c - > $name:n', ({ c, n }) => [{ from: c, to: n }], 0),
  rule('renaming', '$col:c = $name:n', ({ c, n }) => [{ from: c, to: n }], 0),
  rule('renaming', '$col:c ^$text:n', ({ c, n }) => [{ from: c, to: n }], 0.1),
  rule('renaming', '$renaming:a ~list $renaming:b', ({ a, b }) => [...a, ...b], 0),
  rule('clause', '~rename column|columns? $renaming:r', ({ r }) => plans({ step: 'rename', names: r }), 0),
  rule('pair', '$col:c $name:n', ({ c, n }) => (n === c ? null : [{ from: c, to: n }]), 0),
  rule('clause', '~rename $pair:a ,|;? and|,|; $pair:b', ({ a, b }) => plans({ step: 'rename', names: [...a, ...b] }), 0.2),
  rule('clause', '~rename $pair:a , $pair:b ,? and $pair:c', ({ a, b, c }) => plans({ step: 'rename', names: [...a, ...b, ...c] }), 0.2),
  rule('clause', '~rename $col:c $name:n', ({ c, n }) => plans({ step: 'rename', names: [{ from: c, to: n }] }), 0.3),
  rule('clause', '$col:c ~should be? called|named|renamed|titled|headed to? $name:n', ({ c, n }) => plans({ step: 'rename', names: [{ from: c, to: n }] }), 0),
  rule('becoming', '$col:c column? becomes|become $name:n', ({ c, n }) => (n === c ? null : [{ from: c, to: n }]), 0.1),
  rule('becoming', '$becoming:a and|,|; $becoming:b', ({ a, b }) => [...a, ...b], 0),
  rule('clause', '$becoming:a and|,|; $becoming:b', ({ a, b }) => (uniqueNames([...a, ...b]) ? plans({ step: 'rename', names: [...a, ...b] }) : null), -0.2),
  rule('clause', '$col:c ~should become $name:n', ({ c, n }) => plans({ step: 'rename', names: [{ from: c, to: n }] }), 0.2),
].flat();

export interface Renaming { readonly from: string; readonly to: string }

/** Each column once, and no two with one new name. */
export const uniqueNames = (list: readonly Renaming[]): boolean => new Set(list.map((r) => r.from)).size === list.length && new Set(list.map((r) => r.to.toLowerCase())).size === list.length;
