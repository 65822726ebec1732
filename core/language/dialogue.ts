import { CLASSES } from './lexicon/classes';
import { tokens } from './words';

const UNDO = new Set(CLASSES.undo!.split('|').map((p) => p.replace(/[^a-z ]/g, '')));
const OPENINGS = new Set(['oh', 'no', 'please', 'ok', 'sorry', 'wait', 'hm', 'hmm', 'pls', 'actually', 'oops', 'whoops', 'ah', 'argh', 'nope', 'ok', 'well', 'so', 'and', 'just', 'that', 'was', 'wrong', 'not', 'a', 'mistake', 'an', 'error', 'my', 'bad']);

/** Is the request nothing but 'undo that' in one of its wordings? An order that was just made is turned round by 'reverse it'. */
export function isUndo(request: string, last?: string): boolean {
  if (last === 'sort' && /\breverse\b/i.test(request)) return false;
  const words = tokens(request).filter((t) => t.kind === 'word').map((t) => t.lower);
  const at = words.findIndex((w) => !OPENINGS.has(w));
  const rest = at < 0 ? [] : words.slice(at).filter((w, i, list) => !(i === list.length - 1 && (w === 'please' || w === 'pls')));
  return UNDO.has(rest.join(' '));
}
