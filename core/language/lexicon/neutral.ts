/** Words that people put around what they ask, and that say nothing of what should be done, inside a frame that is understood. */
export const NEUTRAL: readonly string[] = (
  'please like want wants wanted need needs needed would could should make makes making do does doing get gets getting give gives show shows see look looks looking let have has having put puts take takes go goes come comes try ' +
  'really always everywhere throughout anyway though however already again already somewhat rather bit little good nice neat clean right proper real plain simple simply ' +
  'i we me us you they he she people somebody someone everybody everyone mine ours yours theirs own ' +
  'thing things stuff way ways place places spot part column columns row rows cell cells field fields table list sheet line lines entry entries value values ' +
  'there where when while whenever wherever which what who whose how that this these those it them its itself'
).split(' ');
