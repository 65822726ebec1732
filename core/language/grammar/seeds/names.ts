import { type Context } from '../../acts';
import type { ColumnMention, Vocabulary } from '../../mentions';
import { typingDistance } from '../../../match/typing';
import { stem, type Token } from '../../words';
import { Put } from './put';

const TIMES: Readonly<Record<string, string>> = { week: 'w', quarter: 'q', year: 'y', month: 'm', term: 't', half: 'h', day: 'd' };

/** 'Downloads in week one' of ‹Downloads W1›, 'first-quarter sales' of ‹Q1 sales›. */
export function numberedTimes(tokens: readonly Token[], { head }: Context, put: Put): void {
  const wordsOf = (name: string): string[] => name.toLowerCase().split(/[\s_-]+/);
  tokens.forEach((t, i) => {
    const whole = /^(first|second|third|fourth)-(week|quarter|year|month|term|half|day)$/.exec(t.lower);
    const before = ['first', 'second', 'third', 'fourth'].indexOf(tokens[i - 1]?.lower ?? '') + 1;
    const letter = TIMES[whole ? whole[2]! : t.stem], n = whole ? ['first', 'second', 'third', 'fourth'].indexOf(whole[1]!) + 1 : before || tokens[i + 1]?.value;
    if (letter === undefined || !n || !Number.isInteger(n)) return;
    const [from, to] = whole ? [i, i + 1] : before ? [i - 1, i + 1] : [i, i + 2];
    const own = head.columns.filter((c) => wordsOf(c.name).includes(`${letter}${n}`));
    for (const { name } of own) {
      const rest = wordsOf(name).filter((w) => w !== `${letter}${n}`).map(stem);
      if (own.length === 1) put('col', from, to, name, 0.05);
      for (let at = from - 1; at >= Math.max(0, from - 4); at--) if (rest.includes(tokens[at]!.stem) && tokens.slice(at + 1, from).every((w) => /^(?:in|of|for|from|during|the|its|their)$/.test(w.lower))) put('col', at, to, name, 0);
      if (rest.includes(tokens[to]?.stem ?? '')) put('col', from, to + 1, name, 0);
    }
  });
}

/** Verbs that begin another thing to do: 'rename it to Status and put it first'. */
const VERBS = new Set('put make move drop add remove sort keep call rename round set leave delete show give take then split replace fill turn change convert place bring throw trim'.split(' '));

/** Words that begin what is asked for, and no name. */
/** What rows are called. */
type RowWords = Pick<Vocabulary, 'rowNouns' | 'tableStems'>;

/** Where a name ends before the rows that it is for; its own end where it says none. */
function tailFor(tokens: readonly Token[], from: number, to: number, { rowNouns, tableStems }: RowWords): number {
  const last = tokens[to - 1]!, before = tokens[to - 2]?.lower ?? '';
  const at = to - 3;
  return at > from && /^(?:each|every)$/.test(before) && /^(?:for|on|to|per)$/.test(tokens[at]!.lower) && (rowNouns.has(last.stem) || tableStems.has(last.stem)) ? at : to;
}

/** 'Match to the submissions:' is called ‹Match›: the rows it is for are no part of the name. */
const isFor = (tokens: readonly Token[], from: number, to: number, { rowNouns, tableStems }: RowWords): boolean =>
  to > from + 2 && (rowNouns.has(tokens[to - 1]!.stem) || tableStems.has(tokens[to - 1]!.stem)) && [to - 2, to - 3].some((at) => at > from && /^(?:to|for|on|in)$/.test(tokens[at]!.lower) && (at === to - 2 || /^(?:the|all|our)$/.test(tokens[to - 2]!.lower)));

/** 'Stock times cost = stock value': what is calculated is no name. */
const CALCULATES = /^(?:times|minus|divided|multiplied|[*×÷+])$/;
const NOT_LED = /^(?:shorten|abbreviate|simplify|reformat|rewrite|rearrange|write|swap|flip|strip|trim|extract|pull|fish|break|cut|join|combine|merge|glue|standardise|standardize|unify|normalise|normalize|fix|correct|mask|hide|extend|lowercase|uppercase|capitalise|capitalize|take|grab|what|which|who|how|check|verify|ensure|test|compare|calculate|compute|work|let|see|find|tell|is|are|does|do|did|has|have|number|label|mark|grade|classify|tag|flag|list|count|add|split|sort|make|put|turn|convert|remove|delete|drop|keep|show|give|take|get|rank|fill|replace|round|words|tidy|clean|change|rename|move|in|for|from|with|of|each|every|all|this|that|it|there|here|i|we|they|where|if|when)$/;

/** Spans that could be the name of a new column: words with capitals are likelier than others. */
export function newNames(tokens: readonly Token[], request: string, columns: readonly ColumnMention[], vocabulary: RowWords, put: Put): void {
  const renames = tokens.some((t) => /^(?:rename|renamed|retitle|retitled)$/.test(t.lower));
  const exact = new Set(columns.filter((c) => c.cost < 0.1).map((c) => `${c.from}-${c.to}`));
  // 'Earnings so far = ...', 'calculate the yield per hive: ...': what stands before the mark is all of the name.
  const mark = tokens.findIndex((t) => t.lower === '=' || t.lower === ':');
  const percent = (t: Token): boolean => t.lower === '%' && mark > 0 && (tokens[mark]!.lower === '=' || tokens[mark - 1] === t);
  let joint = 0;
  while (/^(?:and|then|firstly|also|finally|,)$/.test(tokens[joint]?.lower ?? '') && mark > joint + 1) joint++;
  const verb = joint + (/^(?:calculate|compute|determine|derive|add)$/.test(tokens[joint]?.lower ?? '') ? 1 : 0);
  const start = verb + (/^(?:the|a|an)$/.test(tokens[verb]?.lower ?? '') ? 1 : 0);
  if (mark > start + 1 && mark <= start + 6 && (verb > joint || tokens[mark]!.lower === '=') && tokens.slice(start, mark).every((t) => (t.kind === 'word' && !['column', 'columns', 'field', 'fields', 'new', 'called', 'named'].some((w) => t.lower === w || (w.length > 5 && typingDistance(t.lower, w, 1) <= 1))) || t.kind === 'number' || percent(t)) && !NOT_LED.test(tokens[start]!.lower) && !tokens.slice(start, mark).some((t) => CALCULATES.test(t.lower))) put('name', start, mark, request.slice(tokens[start]!.from, tokens[mark - 1]!.to).trim(), 0.05);
  // 'Cost per kilo of body weight: ...': what stands before a colon is the name of what comes after it.
  if (verb === joint && mark > start + 5 && mark <= start + 8 && tokens[mark]!.lower === ':' && tokens.slice(start, mark).every((t) => t.kind === 'word' && !VERBS.has(t.lower) && !/^(?:please|pls|columns?|fields?|new|things?|go)$/.test(t.lower)) && !NOT_LED.test(tokens[start]!.lower)) put('name', start, mark, request.slice(tokens[start]!.from, tokens[mark - 1]!.to).trim(), 0.3);
  // 'Calculate earned per hour as charged minus cost': so is what stands before 'as'.
  const as = tokens.findIndex((t) => t.lower === 'as');
  if (/^(?:calculate|compute|determine|derive|define)$/.test(tokens[0]?.lower ?? '') && as > start + 1 && as <= start + 6 && tokens.slice(start, as).every((t) => t.kind === 'word') && !/^(?:column|field|new|it|this|that)$/.test(tokens[start]!.lower)) put('name', start, as, request.slice(tokens[start]!.from, tokens[as - 1]!.to).trim(), 0.05);
  for (let from = 0; from < tokens.length; from++) {
    const first = tokens[from]!;
    if (first.kind === 'quoted' || first.kind === 'column') {
      put('name', from, from + 1, first.lower, 0);
      put('properName', from, from + 1, first.lower, 0);
      continue;
    }
    // 'Put Paid in full: ...': the name begins with the next capital.
    if (from === 0 && VERBS.has(first.lower) && (tokens[1]?.capital || (first.lower === 'add' && tokens[1]?.kind === 'word'))) continue;
    if (first.kind !== 'word' || (!first.capital && /^(?:into|to|in|as|from|of|for|per|before|after|since|until|with|and|or|by|is|are|called|named|at|on|the|a|an|which|that|it|put|call|name|give|make|add|set|keep|drop|leave|get|write|show|only|just|no|not|please|another|one|own|its|their|his|her|my|our|separate|single|each|every|other|both|what|whatever|where|when|if|then|new|this|that|these|those|two|three|four)$/.test(first.lower)) || (first.capital && from > 0 && /^[.!?]$/.test(tokens[from - 1]!.lower) && /^(?:make|put|call|give|add|set|keep|drop|leave|get|write|show|i|it|its|they|there|these|those|this|that|we|you|he|she|please|the|a|an|and|so|if|when|where|could|would|can|some|all|on|in)$/.test(first.lower)) || (first.lower === 'i' && from > 0 && /^(?:want|need|would|have|like)$/.test(tokens[from + 1]?.lower ?? ''))) continue;
    // A name is no word that only opens what is said, nor a mark by which something is cut.
    if (/^(?:sorry|oh|okay|ok|yes|nope|thanks|hello|hi)$/.test(first.lower) || (!first.capital && /^(?:comma|commas|slash|slashes|semicolon|semicolons|hyphen|hyphens)$/.test(first.lower))) continue;
    if (/^(?:i|we|you|they|he|she|them|these|those|i'd|we'd|i'll|we'll|i've|we've|i'm|please|could|would)$/.test(first.lower)) continue;
    if (tokens[from - 1]?.lower === 'how' && /^(?:long|much|many|far|old|often|big|high|late)$/.test(first.lower)) continue;
    if (/^(?:front|back|place|brackets|capitals|between|total|general|common|order|use)$/.test(first.lower) && tokens[from - 1]?.lower === 'in') continue;
    if (/^(?:some|any|most|few|several|others|all|none|many)$/.test(first.lower)) continue;
    // 'And total', 'first add Fee': what only joins or orders.
    if (!first.capital && /^(?:then|finally|also|firstly)$/.test(first.lower)) continue;
    // 'Rename Kind to Type and sort by it': what is asked next is no name.
    if (!first.capital && VERBS.has(first.lower) && /^(?:and|then|,)$/.test(tokens[from - 1]?.lower ?? '') && /^(?:by|the|all|every|each|only|it)$/.test(tokens[from + 1]?.lower ?? '')) continue;
    if (from === 0 && /^(?:first|now|next|then|also)$/.test(first.lower) && VERBS.has(tokens[1]?.lower ?? '')) continue;
    // 'In English' is no name.
    if (/^(?:english|french|german|words|full)$/.test(first.lower) && tokens[from - 1]?.lower === 'in') continue;
    // A mistyped 'column' or 'called' before a name is not part of it.
    if (!first.capital && ['column', 'columns', 'called', 'named'].some((w) => first.lower !== w && typingDistance(first.lower, w, 1) <= 1)) continue;
    let cost = 0.1;
    for (let to = from + 1; to <= Math.min(tokens.length, from + 5); to++) {
      const t = tokens[to - 1]!;
      if (t.kind !== 'word' && t.kind !== 'number') break;
      // A capital at the start of the request says nothing.
      const capital = t.capital && t.from > 0;
      if (/^(?:the|a|an|is|are|which|that|column|field|new|to|from|in|it|and|with|for|called|named)$/.test(t.lower) && !capital) cost += 0.8;
      // A name does not hold the joints of a sentence, and does not end in a preposition, unless all ends there: 'to Finished on'.
      if (!capital && /^(?:out|off)$/.test(t.lower) && /^(?:of|from)$/.test(tokens[to]?.lower ?? '')) break;
      if (!capital && /^(?:blank|empty|nothing|new|what|which|how|who|why|if|where|otherwise|than|by|divided|times|minus|plus|should|must|be|was|were|has|have|had|i|we|you|they|when|so|but|not|never|stays|stay|remains|remain|shall|containing|holding|grouped|then|like)$/.test(t.lower)) break;
      if (to > from + 1 && !capital && /^(?:joining|combining|containing|holding|showing|giving|saying|counting|adding|using|weighted|rounded|divided|multiplied|calculated|computed|made|built|taking|telling|based|depending|going)$/.test(t.lower)) break;
      if (to > from + 1 && !capital && (t.lower === 'under' || (t.lower.length > 5 && ['column', 'columns'].some((w) => t.lower !== w && typingDistance(t.lower, w, 1) <= 1)))) break;
      if (to > from + 1 && !capital && /^(?:just|simply|only)$/.test(t.lower)) break;
      // 'A column called Fee that holds ...'
      if (to > from + 1 && !capital && /^(?:that|which)$/.test(t.lower) && /^(?:holds?|contains?|shows?|says?|gives?|has|have|is|are|counts?|tells?|lists?|states?|adds?|takes?)$/.test(tokens[to]?.lower ?? '')) break;
      if (/n['’]t$/.test(t.lower) || (to > from + 1 && !capital && /^(?:called|named)$/.test(t.lower))) break;
      if (/^(?:please|pls|thanks|thank|kindly|into)$/.test(t.lower) && !capital) break;
      if (to === from + 1 && !capital && /^(?:percent|percentage|number|numbers|figure|figures)$/.test(t.lower) && /^(?:with|of|and|between|to|from|without|in|)$/.test(tokens[to]?.lower ?? '')) break;
      if (to > from + 1 && !capital && t.lower === 'in' && /^(?:percent|percentage|%)$/.test(tokens[to]?.lower ?? '') && tokens[to + 1]?.lower === 'of') break;
      if (t.lower === 'as' && /^(?:a|an|the|numbers?|text|dates?)$/.test(tokens[to]?.lower ?? '')) break;
      if (/^(?:and|then)$/.test(t.lower) && VERBS.has(tokens[to]?.lower ?? '')) break;
      if (/^(?:each|every|another)$/.test(t.lower) && to > from) cost += 0.6;
      if (t.lower === 'per' && !capital) cost += 0.5;
      cost += capital ? 0.03 : t.kind === 'number' ? 0.25 : 0.45;
      const ends = (to === tokens.length || (/^(?:and|,|;)$/.test(tokens[to]!.lower) && tokens[from - 1]?.lower === 'to') || (/^[,.;]$/.test(tokens[to]!.lower) && /^(?:column|called|named)$/.test(tokens[from - 1]?.lower ?? ''))) && to > from + 1 && (first.capital ? first.from > 0 : /(?:ed|en|nt|ne|due)$/.test(tokens[to - 2]!.lower)) && /^(?:on|by|at|in|from|for|to|with)$/.test(t.lower);
      if (/^(?:of|from|in|on|to|with|for|and|or|the|a|an|is|are|which|that|as|it|per)$/.test(t.lower) && to > from + 1 && !ends && !(t.text === 'A' && (tokens[to]?.kind !== 'word' || /^(?:and|or|to)$/.test(tokens[to]!.lower)))) continue;
      if (ends) cost -= 0.55;
      if (to === from + 1 && !capital && (/^(?:them|they|it|us|rows?|lines?|everything|date only|something|off|out|up|down|over|away)$/.test(t.lower) || (/^(?:letters|digits|date|time)$/.test(t.lower) && /^(?:in|into|only)$/.test(tokens[to]?.lower ?? '')))) continue;
      if (to === from + 1 && !capital && /^(?:word|words|number|numbers|text|figure|figures|percent|percentage|date|dates|name|result)$/.test(t.lower)) continue;
      // What stands before an equals sign or a colon is all of the name; a name is not torn out of several words with capitals.
      const led = (from === 0 || /^[.,;(]$/.test(tokens[from - 1]!.lower)) && (/^[=:]$/.test(tokens[to]?.lower ?? '') || (tokens[to]?.lower === 'is' && first.capital)) && !NOT_LED.test(first.lower) && !isFor(tokens, from, to, vocabulary) && !tokens.slice(from, to).some((w) => CALCULATES.test(w.lower));
      if (/^(?:first|second|third|last)$/.test(first.lower) && !first.capital && /^(?:part|word|piece|one|bit|half)s?$/.test(tokens[from + 1]?.lower ?? '')) cost += 0.5;
      const halved = to === from + 1 && capital && /^names?$/.test(tokens[to]?.lower ?? '') ? (/^(?:first|last|given|family|full|middle|second)$/.test(first.lower) ? 0.8 : 0.4) : 0;
      // A name of several words hardly stops before the end of what is said.
      if (to > from + 1 && first.capital && first.from > 0 && (to === tokens.length || /^[.;,)]$/.test(tokens[to]!.lower))) cost -= 0.3;
      const torn = (tokens[from - 1]?.kind === 'word' && tokens[from - 1]!.capital && first.capital && first.from > 0 && from > 1 ? 0.5 : 0) + (tokens[to]?.kind === 'word' && tokens[to]!.capital && capital ? 0.3 : 0);
      const proper = first.capital && first.from > 0;
      // 'A column Against village': a name that goes on with a column's is not cut before it.
      const goesOn = proper && !led && tokens[to]?.kind === 'word' && !tokens[to]!.capital && columns.some((c) => c.from === to && c.cost < 0.1);
      // 'Rename Leader to Officer in charge': nothing follows a new name but the next.
      const cutShort = renames && proper && /^(?:to|called|named|as)$/.test(tokens[from - 1]?.lower ?? '') && /^(?:in|on|of|for|at|with|by)$/.test(tokens[to]?.lower ?? '') && tokens[to + 1]?.kind === 'word';
      const stopped = goesOn ? 0.6 : cutShort ? 1.3 : 0;
      // 'Ratio amount due': no name ends inside the full name of a column.
      // Nor does one begin inside it: 'Picked Up Collected'.
      const cut = columns.some((c) => c.cost < 0.02 && ((c.from > from && c.from < to && c.to > to) || (c.from < from && c.to > from && c.to < to))) ? 1.2 : 0;
      const price = (led ? Math.min(cost, 0.05) : cost + torn + stopped + halved) + cut + (exact.has(`${from}-${to}`) ? 0.5 : 0) + (isFor(tokens, from, to, vocabulary) ? 0.8 : 0);
      // 'Level for each part:' is called ‹Level›.
      const end = led ? tailFor(tokens, from, to, vocabulary) : to;
      const name = request.slice(first.from, tokens[end - 1]!.to).replace(/\s+/g, ' ');
      if ((led || (first.capital && first.from > 0)) && !/^\p{Lu}\d+$/u.test(first.text)) put('properName', from, to, name, price);
      put('name', from, to, name, price);
      // 'No.': a short form ends in a point, where the sentence goes on.
      const point = tokens[to];
      if (/^(?:no|nr|nos|dept|approx|est|max|min|avg|qty|tel|ref|desc|acct|amt)$/.test(t.lower) && point?.lower === '.' && point.from === t.to && tokens[to + 1] && !tokens[to + 1]!.capital) put('name', from, to + 1, request.slice(first.from, point.to).replace(/\s+/g, ' '), Math.max(0, price - 0.2));
    }
  }
}
