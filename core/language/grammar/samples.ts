import type { Context } from '../acts';

/** Some of a column's values, to try things on. */
export const sampleOf = (name: string, { head }: { head: Context['head'] }): readonly string[] => {
  const glance = head.glances?.get(name);
  return glance?.values?.map(([v]) => v) ?? glance?.sample ?? [];
};
