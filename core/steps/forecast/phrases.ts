import { readsAsDate } from '../../formula/check';
import { plans, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { onlyDate } from '../../language/grammar/roles';
import { PERIODS, type Period } from './step';

/** The dates that periods are counted by: the only ones, or those of a column that is called after the period. */
const datesFor = (every: Period, x: Context): string | null => onlyDate(x) ?? x.head.columns.find((c) => readsAsDate(x.head, c.name) && c.name.toLowerCase().split(/\W+/).includes(every))?.name ?? null;

const act = (column: string, every: Period, ahead: number, x: Context, by = datesFor(every, x)): Act | null => (by === null || by === column || ahead < 1 || ahead > 60 || !Number.isInteger(ahead) ? null : plans({ step: 'forecast', column, by, every, ahead }));

export const phrases = [
  rule('forecasting', 'forecast|predict|project|extrapolate|estimate', () => true, 0),
  rule('forecasting', 'give|show|make me|us? a forecast|prediction|projection for|of', () => true, 0),
  rule('forecasting', 'a|the forecast|prediction|projection for|of', () => true, 0.05),
  ...PERIODS.flatMap((every) => [
    rule('clause', `$forecasting the? $col:c for|over? the? next|coming|following $num:n ${every}|${every}s`, ({ c, n }, x: Context) => act(c, every, n, x), 0),
    rule('clause', `$forecasting the? next|coming|following $num:n ${every}|${every}s of|for? the? $col:c`, ({ c, n }, x: Context) => act(c, every, n, x), 0),
    rule('clause', `$forecasting the? $col:c for|of? the? next|coming|following ${every}`, ({ c }, x: Context) => act(c, every, 1, x), 0),
    rule('clause', `$forecasting next|coming|following ${every} 's? $col:c`, ({ c }, x: Context) => act(c, every, 1, x), 0),
    rule('clause', `$forecasting the? $col:c by|per|each|every ${every} of|in? $col:d ,? for? the? next|coming? $num:n ahead|${every}s|${every}?`, ({ c, d, n }, x: Context) => act(c, every, n, x, d), 0),
  ]).flat(),
].flat();
