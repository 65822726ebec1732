import { CLASSES } from './lexicon/classes';
import type { Plan } from '../steps/registry';
import { tokens } from './words';

const UNDO = new Set(CLASSES.undo!.split('|').map((p) => p.replace(/[^a-z ]/g, '')));
const OPENINGS = new Set(['oh', 'no', 'please', 'ok', 'sorry', 'wait', 'hm', 'hmm', 'pls', 'actually', 'oops', 'whoops', 'ah', 'argh', 'nope', 'ok', 'well', 'so', 'and', 'just', 'that', 'was', 'wrong', 'not', 'a', 'mistake', 'an', 'error', 'my', 'bad']);

/** Words around the columns that are kept after all. */
const AROUND: ReadonlySet<string> = new Set(['the', 'column', 'columns', 'in', 'and', 'though', 'after', 'all', 'instead', 'rather', 'there', 'both']);

/** Are these words an order to keep all the columns that were dropped last? */
const sparesAll = (words: readonly string[], last: Plan | undefined): boolean =>
  last?.step === 'drop' && /^(?:keep|leave|restore|spare|retain)$/.test(words[0] ?? '') && words.slice(1).filter((w) => !AROUND.has(w)).join(' ') === tokens(last.columns.join(' ')).filter((t) => t.kind === 'word').map((t) => t.lower).join(' ');

/** Rows that were set aside, and are to stay. */
const SPARED = /^(?:keep|leave|restore|spare|retain) (?:them|those|these)(?: all| ones| rows)? (?:after all|in|there|instead)(?: after all| though)?$/;

/** Is the request nothing but 'undo that' in one of its wordings? An order that was just made is turned round by 'reverse it'; columns that were dropped stay where they are all kept. */
export function isUndo(request: string, last?: Plan): boolean {
  if (last?.step === 'sort' && /\breverse\b/i.test(request)) return false;
  const words = tokens(request).filter((t) => t.kind === 'word').map((t) => t.lower);
  const at = words.findIndex((w) => !OPENINGS.has(w));
  const rest = at < 0 ? [] : words.slice(at).filter((w, i, list) => !(i === list.length - 1 && (w === 'please' || w === 'pls')));
  return UNDO.has(rest.join(' ')) || sparesAll(rest, last) || (last?.step === 'filter' && last.mode === 'aside' && SPARED.test(rest.join(' ')));
}
