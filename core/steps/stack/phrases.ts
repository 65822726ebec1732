import { plans, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { uniqueName } from '../../values/names';

/** The columns below each other; names that were not given are said plainly. */
function stack(columns: readonly string[], { head }: Context, names?: string, values?: string): Act | null {
  const left = head.columns.map((c) => c.name).filter((n) => !columns.includes(n));
  const first = names ?? uniqueName('Column', left);
  return columns.length < 2 ? null : plans({ step: 'stack', columns, names: first, values: values ?? uniqueName('Value', [...left, first]) });
}

export const phrases = [
  rule('below', 'below|under|underneath|beneath each other', () => true, 0),
  rule('below', 'below|under|underneath|beneath one another', () => true, 0),
  rule('below', 'on top of each other', () => true, 0),
  rule('below', 'into|to|as rows|lines|records', () => true, 0.05),
  rule('below', 'into|to|in one|a single|single|two? long? column|columns', () => true, 0.2),
  rule('stackNames', ',|;|:? with|the? their|the|column? names|name|heading|headings|title|titles into|in|under|as $name:a and|, the? values|value|figures|figure|numbers|number|amounts|amount into|in|under|as $name:b', ({ a, b }) => [a, b], 0),
  rule('stackNames', ',|;|: ~into ~column ~named? $name:a and $name:b', ({ a, b }) => [a, b], 0.1),
  rule('stackNames', ',|;|: $name:a and $name:b', ({ a, b }) => [a, b], 0.2),
  rule('clause', 'stack|pile the? columns? $cols:c up? on|top|of|each|other|below|under? $below?', ({ c }, x: Context) => stack(c, x), 0.1),
  rule('clause', 'stack|pile the? columns? $cols:c up? $below? $stackNames:n', ({ c, n }, x: Context) => stack(c, x, n[0], n[1]), 0),
  rule('clause', 'put|write|bring|turn|set|make|have the? columns? $cols:c $below', ({ c }, x: Context) => stack(c, x), 0.1),
  rule('clause', 'put|write|bring|turn|set|make|have the? columns? $cols:c $below $stackNames:n', ({ c, n }, x: Context) => stack(c, x, n[0], n[1]), 0),
  rule('clause', '~make|~add|have? $ownRow $cols:c', ({ c }, x: Context) => stack(c, x), 0.1),
  rule('clause', '~make|~add|have? $ownRow $cols:c $stackNames:n', ({ c, n }, x: Context) => stack(c, x, n[0], n[1]), 0),
].flat();
