const YES = /^(?:yes|y|true|1|on|ja|oui|yep|yeah|x|✓)$/i;
const NO = /^(?:no|n|false|0|off|nein|non|nope|none)$/i;

/** True or false for the usual ways of writing yes and no; null for anything else. */
export function readYesNo(text: string): boolean | null {
  const cell = text.trim();
  return YES.test(cell) ? true : NO.test(cell) ? false : null;
}
