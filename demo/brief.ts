/** The brief that comes with the demo: kept sentences, the rows on hold, and the request that is open in proof. */
export const DEMO_ROWS = 1_200;
export const DEMO_SEED = 11;
export const DEMO_NAME = 'Upper Teal honey, summer lots';

export const DEMO_BRIEF: readonly string[] = [
  'trim the beekeeper names and make them title case',
  'split hive site at the dash into Hive and Site',
  'turn price into plain numbers, without the euro sign or EUR',
  'make the delivered dates real dates, the day comes first',
  'drop the cancelled ones',
  'add a column Net kg: gross kg minus crate kg',
  'add a column Value, net kg times price, 2 decimals',
];

export const DEMO_DRAFT = 'add the share of the total value in percent, 2 decimals';

/** Kinds held in the demo: for the sentence at this place, with a note. */
export const DEMO_HOLDS: readonly { readonly sentence: number; readonly kind: string; readonly note: string }[] = [
  { sentence: 1, kind: 'more', note: 'Ask the plant what “shade” stands for.' },
  { sentence: 2, kind: 'misfit', note: 'Price still to be agreed with the buyer.' },
];
