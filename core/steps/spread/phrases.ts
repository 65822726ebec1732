import { columnOf } from '../../table/table';
import { amend, nothing, plans, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { persons } from '../../language/grammar/kinds';
import { sampleOf } from '../../language/grammar/samples';

const MARKS = [';', '|', ' / ', '/', ',', ' & ', '+'];

/** The mark that stands in most of a column's lists, or null where it holds none. */
function likelyMark(name: string, x: Context): string | null {
  if (columnOf(x.head, name).type !== 'text') return null;
  const all = sampleOf(name, x).filter((v) => v.trim() !== '');
  // 'Brenn, T. / Ashe, M.': a comma that stands in every name cuts no list.
  const marks = persons(name, x) || all.every((v) => v.includes(',')) ? MARKS.filter((m) => m !== ',') : MARKS;
  const counted = marks.map((mark) => ({ mark, n: all.filter((v) => v.includes(mark)).length })).sort((a, b) => b.n - a.n);
  return counted[0]!.n > 0 ? counted[0]!.mark : null;
}

const spread = (column: string, at: string | null, x: Context): Act | null => (at !== null && columnOf(x.head, column).type === 'text' ? plans({ step: 'spread', column, at: at.trim() || at }) : null);

/** Says once more what the step does anyway. */
const told: Act = amend('spread as told', (plan) => (plan.step === 'spread' ? plan : null));

export const phrases = [
  rule('ownLine', 'one|a|an|its|their own? separate|own|single|new|extra|different? row|rows|line|lines|record', () => true, 0),
  rule('ownRow', '$ownLine for|per|to|with each|every|single|one? of? the|its|their?', () => true, 0),
  rule('ownRow', 'a? row|line|record for|per each|every|one? of? the|its|their?', () => true, 0.02),
  rule('ownRow', 'separate|single|different|own|new|several rows|lines|records for|of|per each|every? of? the|its|their?', () => true, 0.02),
  rule('clause', '~make? one|1|a|an|its|their separate|own|single|new? row|line|record per|for|to each|every|single? $col:c please|instead|only?', ({ c }, x: Context) => { const all = sampleOf(c, x).filter((v) => v.trim() !== ''), at = likelyMark(c, x); return at !== null && all.filter((v) => v.includes(at)).length >= all.length * 0.3 ? spread(c, at, x) : null; }, -0.5),
  rule('aside', 'so|meaning|i.e|ie|thus|and|then? (that)? an? $rows|$noun|$guess with two|three|four|2|3|4|several $col|$word becomes|become|gives|turns|makes|is (into)? two|three|four|2|3|4|several $rows|$word', () => nothing, 0.1),
  rule('rowsToo', ',? $ownLine each', () => true, 0),
  rule('rowsToo', ',? $ownLine for|per each|every|one', () => true, 0),
  rule('clause', '~make|give|put|write|show|have ~each $col:c on|in|into|to? $ownLine', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0),
  rule('clause', '~each $col:c gets|get|has|have|on|in|into $ownLine', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0),
  rule('clause', 'one|1|a|single $col:c per|for|on|in each|every|a? row|line|record', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0),
  rule('clause', 'one|1|a row|line|record per|for each|every|a|single? $col:c', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0.1),
  rule('clause', 'one|1|a row|line|record per|for each|every|a|single? $col:c ^$word|$guess', ({ c }, x: Context) => { const at = likelyMark(c, x), all = sampleOf(c, x).filter((v) => v.trim() !== ''); return at !== null && all.filter((v) => v.includes(at)).length >= all.length * 0.4 ? spread(c, at, x) : null; }, 0.1),
  rule('clause', '~make|list|put|show|write|give|want|have the|all? $col:c one|each per|on|to a|one|each|its|their? own? row|line', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0),
  // 'Trips with several destinations should become several rows', 'unfold destination', 'repeat the row for each of them'
  rule('clause', '$rows|$noun|$guess? with|having|that|which has|have? several|multiple|many|more|two than? one? $col:c ~should|must|to? become|be|turn|split|give|get up|out? into|in|to? several|separate|more|many|two|their than? one? own? rows|lines|records', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), -0.2),
  rule('clause', 'unfold|unnest|flatten|expand|unroll|explode the? $col:c ,|:|;? (into|to)? (one per|for each? row|line|$ownRow|separate rows|lines)?', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0),
  rule('clause', '~wherever|if|when there ~be several|multiple|many|more|two than? one? $col:c ,? repeat|copy|duplicate the? row|rows|line|$noun for ~each of? them|these|one?', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), -0.4),
  rule('clause', 'one|1|a row|line|record per|for each|every|a|single? $word|$guess in|of|under|from the? $col:c', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0),
  rule('rider', 'so|then|i.e|meaning that? an? $word|$guess|$noun|$rows|$col to|with|of|having $num|two|three|four|several $word|$col|$guess is|are|comes|appears|appear|stands|becomes|gets there|in|up? $num|two|three|four|several times|rows|lines', () => told, 0),
  rule('clause', '~split the? $col:c apart|up? $atmark:m ,|;|:|-|–|.? and|so|into|to|with? into|to? $ownRow|$ownLine (~each|the)? $col|$word|$guess?', ({ c, m }, x: Context) => spread(c, m.text, x), -0.7),
  // The mark, said behind it
  rule('rider', "they're|they|these|it|it's|those|which|that? is|are|were|come|have? been? separated|divided|split|delimited|listed|cut? $atmark:m", ({ m }) => amend(`spread at ${m.text}`, (plan) => (plan.step === 'spread' ? { ...plan, at: m.text.trim() || m.text } : null)), 0),
  // What comes of it, said as an example
  rule('rider', 'so|then an? $word|$guess|$noun|$rows|$col with $num $col is|are|comes|appears|stands there|in|up? $num times', () => told, 0),
  rule('rider', 'a|an $word|$guess|$noun|$rows with $num $col gets|get|is|are|would|will be? listed|shown|repeated|written|there $num times', () => told, 0),
  rule('rider', '~each $rows|$noun|$guess|$col|$word (is|gets|comes|appears|stands|shown|listed|repeated there|in|up?)? once|listed|repeated|shown|again|there for|per|with ~each of? its|their|the? $col|$word', () => told, 0),
  rule('rider', 'each time|row with|has|have|having only|just one of? them?', () => told, 0),
  rule('rider', 'and? they|rows|these|it|everything? stay|stays|remain|remains|keep|keeps in? the order $remark', () => told, 0),
  rule('rider', 'keep|keeping|leave|leaving|retain|in|with the|their|its? same|present|current|original|given? order (as it is|they are)?', () => told, 0),
  rule('clause', '~make|~add|have? $ownRow $col:c of|in|on|for a|an|the|each|every|any? $rows|$noun|$guess|$col|$word', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0.05),
  rule('rider', "and? they|rows|these|it|everything? stay|stays|remain|remains in the|their order (they're|they|that|it are|is? in? now)?", () => told, 0),
  rule('pieceOwn', 'piece|part|entry|value|one|item|name|tag|member|person of|in|from the?', () => true, 0),
  rule('rowsToo', 'into|onto|to|in|over|across|down their|its? separate|own|different|several|single|new|more? rows|lines|records', () => true, 0),
  rule('rowsToo', 'so|such that|there? ~be|is|are|get|gets|becomes|become? one|a row|line per|for each|every? $word|$guess?', () => true, 0.05),
  rule('clause', '~make|~add|~split|have? $ownRow ^$col:c', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0),
  rule('clause', '~make|~add|~split|have? $ownRow $pieceOwn $col:c', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0),
  rule('clause', '~make|~add|~split|have? $ownRow $pieceOwn? $col:c ,? cut|split|separated|divided? $atmark:m', ({ c, m }, x: Context) => spread(c, m.text, x), -0.1),
  rule('clause', '~split|put|break|spread|expand|unfold|unpack|explode|multiply|unnest|flatten|list $col:c $rowsToo', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), -0.1),
  rule('clause', '~split|put|break|spread|expand|unfold|unpack $col:c $atmark:m ,? $rowsToo', ({ c, m }, x: Context) => spread(c, m.text, x), -0.1),
  rule('clause', '~split|put|break|spread|expand|unfold|unpack $col:c $rowsToo $atmark:m', ({ c, m }, x: Context) => spread(c, m.text, x), -0.1),
  rule('clause', '$rows|$noun|$guess with|of|that|which have|has? several|many|more|two|multiple than? one? $col:c ~should|~be be? repeated|listed|copied|duplicated|multiplied|shown ,? once|one|a? time|row|line? per|for each|every|its|their? $col:d', ({ c, d }, x: Context) => (d === undefined || d === c ? spread(c, likelyMark(c, x), x) : null), -0.3),
  // 'Goods can be several with semicolons: one row for each'
  rule('manyIn', 'can|may|might? ~have|be|hold|holds|contain|contains|list|lists|name|names several|many|multiple|various|different|two|three|some things|entries|values|items|parts|ones|names|of? them? (with|and|by|at|in|between $word|$mark|$col $word|$mark?)?', () => true, 0),
  rule('clause', '$col:c $manyIn ,|;|:|.|-|–|and|so ~make|~add|want|need? $ownLine for|per|of|to each|every (one|of them|these)? $col|$word?', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), -0.5),
  rule('clause', 'there are|is|can|may be? several|many|multiple|various|different $col:c in|per|to each|one|a|every|some|the? cell|cells|row|rows|line? ,|;|:|.|-|–|and|so ~make|~add|want|need? $ownLine for|per|of|to each|every (one|of them|these)? $col|$word?', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), -0.5),
  rule('clause', '~make|give ~each $col:c $ownRow', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0.05),
  rule('clause', '~each $col:c ~should? be|go|stand|have|get|has|gets|on|in|on? on|in? its|a|their own|separate? row|line', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0),
  rule('clause', '~each $col:c ~should? ~make|on|in|get|gets|have|has $ownRow', ({ c }, x: Context) => spread(c, likelyMark(c, x), x), 0.05),
].flat();
