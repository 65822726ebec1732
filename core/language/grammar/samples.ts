import type { Glance } from '../../profile/glance';
import type { Context } from '../acts';

/** Some of a column's values, to try things on. */
export const sampleOf = (name: string, { head }: { head: Context['head'] }): readonly string[] => {
  const glance = head.glances?.get(name);
  return glance?.values?.map(([v]) => v) ?? glance?.sample ?? [];
};

/** Does nearly every row hold another value? What stands twice here and there tells the rows all the same. */
export const nearlyUnique = (glance: Glance | undefined): boolean => !!glance?.values && glance.values.length > 0.7 * glance.rows;
