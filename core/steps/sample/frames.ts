import { plans } from '../../language/acts';
import { frame, means, type Frame } from '../../language/frames';

export const frames: readonly Frame[] = [
  frame('share at random', {
    need: { chance: ['~random', 'random|at random|randomly|by chance|a random|random sample'], share: ['$pct', means('half|one half|halve', 50), means('a third|one third', 100 / 3), means('a quarter|one quarter', 25), means('a fifth', 20), means('a tenth', 10)] },
    may: { by: ['stratified|proportional by|to $col', 'same|proportion|proportions|share|shares of? each|every? $col', means('$values:v', ({ v }: { v: { column: string }[] }) => v[0]!.column), means('$cond:c', ({ c }: { c: { kind: string; of?: { kind: string; name: string } } }) => (c.kind === 'among' && c.of?.kind === 'column' ? c.of.name : null), 0.2)], keep: ['~keep', '~draw'], same: 'in the same proportion|same proportion|same proportions|the share of each stays the same|stays the same|keeps the proportion|keeping the proportion|as they are now|stratified|the same shares' },
    many: ['keep', 'chance', 'same'],
    about: 'of the rows all take keep with in same proportion proportions as they are now so that share shares each stays stay sample that keeps keeping and a percent at',
    cost: 0.5,
  }, ({ share, by, same }) => (same && !by ? null : plans({ step: 'sample', share, seed: 1, ...(by ? { by: [by] } : {}) }))),
];
