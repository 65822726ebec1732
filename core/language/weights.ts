/**
 * The prices by which readings are compared, in one place; lower is likelier. `npm run fit` fits them to the cases, the
 * rounds and sentences written by the grammar itself, with noise. What single rules cost stands with the rules.
 */
export const WEIGHTS = {
  /** Two readings whose prices differ by less are both offered. */
  close: 0.12,
  /** The same for two that differ only in a column. */
  closeColumn: 0.25,
  /** Each clause, so that one that explains all is better than two; a rider or aside. */
  /** A clause that nothing joins to the one before it. */
  unjoined: 0.8,
  clause: 0.4,
  rider: 0.05,
  /** A word left over that names once more a column in use. */
  saidAgain: 0.9,
  /** A sentence taken for mere description. */
  background: 0.8,
  /** The same of some of the rows. */
  backgroundOfSome: 0.15,
  /** A remark that holds what stands in the cells. */
  swallowed: 0.6,
  /** A word of no account in a rule, where just that stands in the cells. */
  passedValue: 1.1,
  /** How much dearer a reading that goes on with the last question may be than one that begins anew. */
  goingOn: 0.8,
  /** Words and marks passed over inside a rule: a filler, one that stands as a name might, a light word, a comma, a full stop, another mark. */
  filler: 0.03,
  fillerCapital: 0.3,
  light: 0.25,
  comma: 0.1,
  stop: 0.7,
  mark: 0.2,
  /** The same between clauses. */
  fillerOutside: 0.05,
  lightOutside: 0.4,
  colonOutside: 1,
  /** An 'as' that ties nothing to anything. */
  asOutside: 0.9,
  /** A word of a rule mistyped: at once, and for each mistake. */
  mistyped: 0.35,
  mistake: 0.3,
  /** A word of a rule that begins the full name of a column. */
  torn: 0.6,
  /** One that begins inside it. */
  tornInside: 1.2,
  /** What each further word of a phrase is worth. */
  phraseWord: 0.05,
  /** Names of columns: another form of a word, its beginning, a similar word, a mistyping and each of its mistakes, a short form. */
  form: 0.06,
  beginning: 0.3,
  similar: 0.5,
  nameMistyped: 0.35,
  nameMistake: 0.15,
  shortForm: 0.6,
  /** A word of the name that was not said, and one that only says what sort of thing it is. */
  missing: 0.3,
  missingNoun: 0.15,
  /** A word of the unit that a name ends in. */
  missingUnit: 0.1,
  /** A word of the name without which it is something else. */
  missingHead: 0.55,
  /** A frame, whose words may stand in any order; a word in it that is surely a column or a value, and is passed over. */
  frame: 0.5,
  ownWord: 0.6,
  /** The same for a word that is just what cells hold. */
  ownValue: 1.5,
  /** A small word inside a name. */
  link: 0.04,
};

export type WeightName = keyof typeof WEIGHTS;
