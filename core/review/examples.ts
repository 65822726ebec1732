import { shapeOf } from '../profile/profile';
import type { CellValue } from '../values/cell';

/** What a change looks like: the shapes of the cells before and after. */
const looks = (before: readonly CellValue[], after: readonly CellValue[]): string => [...before, ...after].map((v) => (v === null ? '' : typeof v === 'string' ? shapeOf(v) : typeof v === 'number' ? `${v < 0 ? '-' : ''}${v === 0 ? '0' : Number.isInteger(v) ? '9' : '9.9'}` : String(v))).join('\u0000');

/**
 * Which of some changes to show so that they are as different from each other as can be: one of each look first, the rarest looks
 * before the common ones, then a second of each. Places into `changes`, in their order; at most `count`. O(n log n).
 */
export function mostDifferent(changes: readonly { readonly before: readonly CellValue[]; readonly after: readonly CellValue[] }[], count: number): number[] {
  const byLook = new Map<string, number[]>();
  changes.forEach((c, i) => {
    const key = looks(c.before, c.after);
    (byLook.get(key) ?? byLook.set(key, []).get(key)!).push(i);
  });
  const groups = [...byLook.values()].sort((a, b) => a.length - b.length);
  const chosen: number[] = [];
  for (let turn = 0; chosen.length < Math.min(count, changes.length); turn++) {
    for (const group of groups) if (turn < group.length && chosen.length < count) chosen.push(group[turn]!);
  }
  return chosen.sort((a, b) => a - b);
}
