/* Apart from the step, so that the page need not bring all that a rule may be made of. */

/** The keys of the kinds of a check: rows that break the rule, and rows of which it cannot be told. */
export const FAILS = 'fails';
export const UNTOLD = 'untold';
