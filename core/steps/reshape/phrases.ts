import { nothing, plans, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { sampleOf } from '../../language/grammar/samples';
import { reshaper } from '../../values/reshape';

/** A shape fits columns when most of what they hold can be written so. */
function act(columns: readonly string[], like: string, x: Context): Act | null {
  const write = reshaper(like);
  const fits = (name: string): boolean => {
    const all = sampleOf(name, x).filter((v) => v.trim() !== '');
    return all.length > 0 && all.filter((v) => write(v) !== null).length >= all.length * 0.5;
  };
  return columns.every(fits) ? plans({ step: 'reshape', columns, like }) : null;
}

export const phrases = [
  rule('shapeCue', '~oneWay? ,|:? like|as|namely|e.g|eg', () => true, 0),
  rule('shapeCue', '~oneWay? ,|:? in|to|into the? same|form|format|shape|pattern|style|layout form|format|shape|pattern|style|layout? of|like|as|:?', () => true, 0),
  rule('shapeCue', '~oneWay? ,|:? such as', () => true, 0),
  rule('clause', '$cols:c ~should all|always? ~be|look|read|have|come? all? written|shown|spelled? $shapeCue $shown:s', ({ c, s }, x: Context) => act(c, s, x), 0),
  rule('clause', '$cols:c all|always|:|, ~be? written|shown|spelled? $shapeCue $shown:s', ({ c, s }, x: Context) => act(c, s, x), 0.05),
  rule('clause', '~make|write|put|bring|format|show all? the? $cols:c all? look|read? $shapeCue $shown:s', ({ c, s }, x: Context) => act(c, s, x), 0),
  rule('clause', 'all|every the? $cols:c $shapeCue $shown:s', ({ c, s }, x: Context) => act(c, s, x), 0),
  rule('clause', '~standardise $cols:c $shapeCue|to|as $shown:s', ({ c, s }, x: Context) => act(c, s, x), -0.1),
  rule('clause', '$cols:c all? in|to the? same|one form|format|shape|pattern|style ,|:? (please|like)? $remark? like|as $shown:s', ({ c, s }, x: Context) => act(c, s, x), 0),
  // 'All plates like KR 14 TTS: capitals with spaces'
  rule('howItLooks', ',|:|;|-|– all|in|with? capitals|capital|big|upper|uppercase letters|case? ,|and|with? with? single|a|one? spaces|space between|inbetween? them|the? letters|groups|parts?', () => true, 0),
  rule('clause', 'all|every? the? $cols:c all? $shapeCue $shown:s $howItLooks', ({ c, s }, x: Context) => act(c, s, x), -0.2),
  rule('aside', 'so|that|which is|means? a? number|figure|digit|letter and|then|plus a? capital|small? letter|letters|number|figure|digits', () => nothing, 0),
  rule('aside', 'capitals|capital|letters|small and|with letters|capitals|single|no spaces|space', () => nothing, 0.1),
].flat();
