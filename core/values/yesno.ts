const YES = /^(?:yes|y|true|1|on|ja|oui|yep|yeah|x|✓)$/i;
const NO = /^(?:no|n|false|0|off|nein|non|nope|none)$/i;

/** True or false for the usual ways of writing yes and no; null for anything else. */
export function readYesNo(text: string): boolean | null {
  const cell = text.trim();
  return YES.test(cell) ? true : NO.test(cell) ? false : null;
}

const NEITHER = /^(?:n\/?a|n\.a\.|unknown|-+|–|\?+|tbc|tbd|pending)?$/i;

/** Do texts say yes or no, one of them at least; what says neither ('n/a', a dash, a blank) may stand among them. */
export function sayYesNo(texts: readonly string[]): boolean {
  const saying = texts.map((t) => t.trim()).filter((t) => !NEITHER.test(t));
  return saying.length > 0 && saying.every((t) => readYesNo(t) !== null);
}
